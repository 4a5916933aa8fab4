package dense

import (
	"math"
	"math/rand/v2"
	"slices"
	"testing"

	"gonum.org/v1/gonum/mat"
)

func random(r *rand.Rand, rows, cols, rank int) Mat {
	a, b := New(rows, rank), New(rank, cols)
	for i := range a.A {
		a.A[i] = r.NormFloat64()
	}
	for i := range b.A {
		b.A[i] = r.NormFloat64()
	}
	return a.Mul(b)
}

func gonumValues(m Mat) []float64 {
	var svd mat.SVD
	svd.Factorize(mat.NewDense(m.R, m.C, append([]float64(nil), m.A...)), mat.SVDNone)
	return svd.Values(nil)
}

// TestLowerPivoted: the triangular form keeps the singular values, its pivots do not grow, and they show the rank.
func TestLowerPivoted(t *testing.T) {
	r := rand.New(rand.NewPCG(1, 2))
	for trial := 0; trial < 60; trial++ {
		rows, cols := 1+r.IntN(7), 1+r.IntN(9)
		rank := 1 + r.IntN(min(rows, cols))
		m := random(r, rows, cols, rank)
		l := Mat{rows, cols, append([]float64(nil), m.A...)}
		perm, d := make([]int, rows), make([]float64, rows)
		LowerPivoted(l.A, rows, cols, perm, d)
		want, got := gonumValues(m), gonumValues(l)
		for i := range want {
			if math.Abs(want[i]-got[i]) > 1e-10*(1+want[0]) {
				t.Fatalf("singular values %v became %v", want, got)
			}
		}
		for i := 0; i < rows; i++ {
			for j := i + 1; j < cols; j++ {
				if math.Abs(l.At(i, j)) > 1e-10*(1+want[0]) {
					t.Fatalf("row %d has %g beyond the diagonal", i, l.At(i, j))
				}
			}
			if i > 0 && d[i] > d[i-1]*(1+1e-9) {
				t.Errorf("pivots grow: %v", d)
			}
			if (d[i] > 1e-9*d[0]) != (i < rank) {
				t.Errorf("rank %d, pivots %v", rank, d)
			}
		}
	}
}

// TestReflectors takes the columns' span to the first unit vectors: afterwards nothing of them is left below.
func TestReflectors(t *testing.T) {
	r := rand.New(rand.NewPCG(4, 5))
	for trial := 0; trial < 40; trial++ {
		n := 2 + r.IntN(10)
		c := 1 + r.IntN(n)
		cols := make([]float64, n*c)
		for i := range cols {
			cols[i] = r.NormFloat64()
		}
		v := slices.Clone(cols)
		Reflectors(v, n, c)
		for j := 0; j < c; j++ {
			x := slices.Clone(cols[j*n : j*n+n])
			before := Norm(x)
			for k := 0; k < c; k++ {
				Reflect(x, v[k*n:k*n+n], k)
			}
			if math.Abs(Norm(x)-before) > 1e-12*before {
				t.Errorf("a reflection changed a length from %g to %g", before, Norm(x))
			}
			if below := Norm(x[c:]); below > 1e-12*before {
				t.Errorf("%g of a column is left below", below)
			}
		}
	}
}

// TestLeftSingular compares with gonum, for blocks with values many powers of ten apart and for deficient ones.
func TestLeftSingular(t *testing.T) {
	r := rand.New(rand.NewPCG(6, 7))
	for trial := 0; trial < 60; trial++ {
		n := 2 + r.IntN(6)
		m := random(r, n, n, 1+r.IntN(n))
		for i := 0; i < n; i++ { // graded rows
			for j := 0; j < n; j++ {
				m.A[i*n+j] *= math.Pow(10, -float64(i)*float64(trial%3))
			}
		}
		u, s := make([]float64, n*n), make([]float64, n)
		a := slices.Clone(m.A)
		LeftSingular(a, n, n, u, s)
		want := gonumValues(m)
		sorted := slices.Clone(s)
		slices.SortFunc(sorted, func(a, b float64) int { return int(math.Copysign(1, b-a)) })
		for i := range want {
			if math.Abs(sorted[i]-want[i]) > 1e-9*want[0] {
				t.Fatalf("values %v, gonum has %v", sorted, want)
			}
		}
		// uᵀm has rows of just these lengths, square to one another
		for i := 0; i < n; i++ {
			for j := 0; j <= i; j++ {
				dot := 0.0
				for k := 0; k < n; k++ {
					x, y := 0.0, 0.0
					for q := 0; q < n; q++ {
						x += u[q*n+i] * m.A[q*n+k]
						y += u[q*n+j] * m.A[q*n+k]
					}
					dot += x * y
				}
				want := 0.0
				if i == j {
					want = s[i] * s[i]
				}
				if math.Abs(dot-want) > 1e-9*sorted[0]*sorted[0] {
					t.Fatalf("rows %d and %d of uᵀm: %g, want %g", i, j, dot, want)
				}
			}
		}
	}
}

// TestSolvePositive compares with gonum, and gives nothing to unknowns that nothing is said about.
func TestSolvePositive(t *testing.T) {
	r := rand.New(rand.NewPCG(8, 9))
	for trial := 0; trial < 40; trial++ {
		n := 1 + r.IntN(12)
		b := random(r, n+3, n, n)
		a := b.T().Mul(b)
		y := make([]float64, n)
		for i := range y {
			y[i] = r.NormFloat64()
		}
		var chol mat.Cholesky
		chol.Factorize(mat.NewSymDense(n, slices.Clone(a.A)))
		var want mat.VecDense
		if err := chol.SolveVecTo(&want, mat.NewVecDense(n, slices.Clone(y))); err != nil {
			t.Fatal(err)
		}
		got := SolvePositive(a, y)
		for i := range got {
			if math.Abs(got[i]-want.AtVec(i)) > 1e-6*(1+math.Abs(want.AtVec(i))) {
				t.Fatalf("unknown %d is %g, gonum has %g", i, got[i], want.AtVec(i))
			}
		}
	}
	flat := New(3, 3)
	flat.Set(0, 0, 4)
	flat.Set(2, 2, 9)
	if x := SolvePositive(flat, []float64{8, 5, 27}); x[0] != 2 || x[1] != 0 || x[2] != 3 {
		t.Errorf("unknowns %v, want 2, nothing, 3", x)
	}
}

// TestWithout: what is left is m times an orthonormal completion of the columns that fall away.
func TestWithout(t *testing.T) {
	r := rand.New(rand.NewPCG(10, 11))
	for trial := 0; trial < 30; trial++ {
		n, rows := 2+r.IntN(9), 1+r.IntN(6)
		k := 1 + r.IntN(n-1)
		v := Orthonormal(random(r, n, k, k), 1e-12)
		m := random(r, rows, n, min(rows, n))
		got, want := Without(m, v, k), m.Mul(Complement(v))
		// the bases may differ by a turn: the same products with themselves
		a, b := got.Mul(got.T()), want.Mul(want.T())
		for i := range a.A {
			if math.Abs(a.A[i]-b.A[i]) > 1e-10*(1+math.Abs(b.A[i])) {
				t.Fatalf("%d of %d columns fell away: %g, want %g", k, n, a.A[i], b.A[i])
			}
		}
	}
}
