package solve

import (
	"math"
	"math/rand/v2"
	"testing"

	"gonum.org/v1/gonum/mat"
)

// both is a matrix of ours and the same as gonum has it.
type both struct {
	p     *pattern
	m     matrix
	dense *mat.SymDense
}

// randomPairs joins n nodes by a tree and some more pairs, some of them twice or with themselves.
func randomPairs(r *rand.Rand, n int) (pairs [][2]int32) {
	for i := 1; i < n; i++ {
		pairs = append(pairs, [2]int32{int32(i), int32(r.IntN(i))})
		if r.IntN(3) == 0 {
			pairs = append(pairs, [2]int32{int32(r.IntN(i)), int32(i)}, [2]int32{int32(i), int32(i)})
		}
	}
	return pairs
}

// randomBoth fills both with squares of random equations on nodes and on pairs of them.
func randomBoth(r *rand.Rand, n int) *both {
	pairs := randomPairs(r, n)
	x := &both{dense: mat.NewSymDense(6*n, nil)}
	if n > 1 {
		x.p = newPattern(n, pairs)
	}
	x.m.reset(n, x.p)
	x.m.clear()
	vec := func() (v [6]float64) {
		for i := range v {
			v[i] = r.NormFloat64()
		}
		return v
	}
	for i := 0; i < n; i++ {
		for k := 0; k < 7; k++ {
			u := vec()
			x.m.square(i, &u)
			x.add(i, &u, i, &u)
		}
	}
	for _, q := range pairs {
		if q[0] == q[1] {
			continue
		}
		for k := 0; k < 2; k++ {
			u, v := vec(), vec()
			x.m.square(int(q[0]), &u)
			x.m.square(int(q[1]), &v)
			x.add(int(q[0]), &u, int(q[0]), &u)
			x.add(int(q[1]), &v, int(q[1]), &v)
			at, flip := x.p.slot(q[0], q[1])
			if flip {
				outer6(&x.m.off[at], &v, &u)
			} else {
				outer6(&x.m.off[at], &u, &v)
			}
			x.add(int(q[0]), &u, int(q[1]), &v)
		}
	}
	return x
}

// add adds a product to gonum's.
func (x *both) add(i int, u *[6]float64, j int, v *[6]float64) {
	for a := 0; a < 6; a++ {
		for b := 0; b < 6; b++ {
			if i == j && b > a {
				continue
			}
			x.dense.SetSym(6*i+a, 6*j+b, x.dense.At(6*i+a, 6*j+b)+u[a]*v[b])
		}
	}
}

// TestMatrixAgainstGonum factors random sparse block matrices and solves with them, against gonum's dense Cholesky.
func TestMatrixAgainstGonum(t *testing.T) {
	r := rand.New(rand.NewPCG(3, 3))
	for n := 1; n <= 24; n++ {
		x := randomBoth(r, n)
		b := make([]float64, 6*n)
		for i := range b {
			b[i] = r.NormFloat64()
		}
		var chol mat.Cholesky
		if !chol.Factorize(x.dense) {
			t.Fatal("gonum finds it not positive")
		}
		var want mat.VecDense
		if err := chol.SolveVecTo(&want, mat.NewVecDense(6*n, append([]float64(nil), b...))); err != nil {
			t.Fatal(err)
		}
		if !x.m.factor() {
			t.Fatalf("%d nodes: not positive", n)
		}
		x.m.solve(b, make([]float64, 6*n))
		for i := range b {
			if math.Abs(b[i]-want.AtVec(i)) > 1e-8*(1+math.Abs(want.AtVec(i))) {
				t.Fatalf("%d nodes: unknown %d is %g, want %g", n, i, b[i], want.AtVec(i))
			}
		}
	}
}

// TestFactorRefuses a matrix that is not positive.
func TestFactorRefuses(t *testing.T) {
	var m matrix
	m.reset(2, newPattern(2, [][2]int32{{0, 1}}))
	m.clear()
	if m.factor() {
		t.Error("a zero matrix was factored")
	}
}

// TestPatternOrder: on a star the leaves go first, so that nothing fills in; on a ring one diagonal after another does.
func TestPatternOrder(t *testing.T) {
	star := newPattern(6, [][2]int32{{0, 1}, {0, 2}, {0, 3}, {0, 4}, {5, 0}})
	if len(star.rows) != 5 || star.pos[0] < 4 {
		t.Errorf("a star of 5 has %d blocks, its middle is number %d", len(star.rows), star.pos[0])
	}
	ring := newPattern(8, [][2]int32{{0, 1}, {1, 2}, {2, 3}, {3, 4}, {4, 5}, {5, 6}, {6, 7}, {7, 0}})
	if len(ring.rows) != 8+5 {
		t.Errorf("a ring of 8 has %d blocks, want 13", len(ring.rows))
	}
}
