package dense

import (
	"math"
	"math/rand/v2"
	"testing"

	"gonum.org/v1/gonum/mat"
)

// TestSVDAgainstGonum compares singular values and least squares with gonum's LAPACK routines.
func TestSVDAgainstGonum(t *testing.T) {
	r := rand.New(rand.NewPCG(3, 4))
	for k := 0; k < 100; k++ {
		rows, cols := 1+r.IntN(8), 1+r.IntN(12)
		m := New(rows, cols)
		for i := range m.A {
			m.A[i] = r.NormFloat64()
		}
		if rows > 2 && k%3 == 0 { // a repeated row
			copy(m.Row(rows-1), m.Row(0))
		}
		u, s, v := SVD(m)
		var ref mat.SVD
		if !ref.Factorize(mat.NewDense(rows, cols, append([]float64(nil), m.A...)), mat.SVDThin) {
			t.Fatal("gonum did not converge")
		}
		for i, want := range ref.Values(nil) {
			if math.Abs(s[i]-want) > 1e-12*(1+want) {
				t.Errorf("singular value %d is %g, gonum says %g", i, s[i], want)
			}
		}
		for i := 0; i < rows; i++ {
			for j := 0; j < cols; j++ {
				x := 0.0
				for q := range s {
					x += u.At(i, q) * s[q] * v.At(j, q)
				}
				if math.Abs(x-m.At(i, j)) > 1e-12 {
					t.Fatalf("the product differs at %d, %d", i, j)
				}
			}
		}
		b := make([]float64, rows)
		for i := range b {
			b[i] = r.NormFloat64()
		}
		x := LeastSquares(m, b, 1e-10)
		var want mat.VecDense
		var full mat.SVD
		full.Factorize(mat.NewDense(rows, cols, append([]float64(nil), m.A...)), mat.SVDFull)
		full.SolveVecTo(&want, mat.NewVecDense(rows, b), full.Rank(1e-10))
		for i := range x {
			if math.Abs(x[i]-want.AtVec(i)) > 1e-9 {
				t.Errorf("least squares: %v, gonum %v", x, want.RawVector().Data)
				break
			}
		}
	}
}

// TestComplement: what completes the rows of a matrix is taken to nothing by it.
func TestComplement(t *testing.T) {
	r := rand.New(rand.NewPCG(5, 6))
	for k := 0; k < 50; k++ {
		n := 2 + r.IntN(9)
		m := New(1+r.IntN(n), n)
		for i := range m.A {
			m.A[i] = r.NormFloat64()
		}
		q := Complement(Orthonormal(m.T(), 1e-10))
		if q.C != n-min(m.R, n) {
			t.Fatalf("kernel of %d×%d has %d columns", m.R, n, q.C)
		}
		p := m.Mul(q)
		for _, x := range p.A {
			if math.Abs(x) > 1e-12 {
				t.Fatalf("the kernel is not taken to nothing: %g", x)
			}
		}
		g := q.T().Mul(q)
		for i := 0; i < g.R; i++ {
			for j := 0; j < g.C; j++ {
				want := 0.0
				if i == j {
					want = 1
				}
				if math.Abs(g.At(i, j)-want) > 1e-12 {
					t.Fatal("the kernel's columns are not orthonormal")
				}
			}
		}
	}
}
