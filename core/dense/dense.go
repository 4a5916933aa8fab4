// Package dense holds the few small dense factorisations the account needs. They are written out here, not taken from
// a library, because they also run in the browser, where plain loops are several times faster.
package dense

import (
	"math"

	"gonum.org/v1/gonum/floats"

	"setfast/core/tol"
)

// Mat is a dense matrix by rows.
type Mat struct {
	R, C int
	A    []float64
}

// New is a zero matrix of r rows and c columns.
func New(r, c int) Mat { return Mat{r, c, make([]float64, r*c)} }

func (m Mat) At(i, j int) float64     { return m.A[i*m.C+j] }
func (m Mat) Set(i, j int, v float64) { m.A[i*m.C+j] = v }
func (m Mat) Row(i int) []float64     { return m.A[i*m.C : (i+1)*m.C] }

// Col copies a column.
func (m Mat) Col(j int) []float64 {
	v := make([]float64, m.R)
	for i := range v {
		v[i] = m.A[i*m.C+j]
	}
	return v
}

// Mul is the product m·n.
func (m Mat) Mul(n Mat) Mat {
	o := New(m.R, n.C)
	for i := 0; i < m.R; i++ {
		for k := 0; k < m.C; k++ {
			if x := m.A[i*m.C+k]; x != 0 {
				row, out := n.A[k*n.C:(k+1)*n.C], o.A[i*o.C:(i+1)*o.C]
				for j := range row {
					out[j] += x * row[j]
				}
			}
		}
	}
	return o
}

// Vec is the product m·x.
func (m Mat) Vec(x []float64) []float64 {
	o := make([]float64, m.R)
	for i := range o {
		o[i] = Dot(m.Row(i), x)
	}
	return o
}

// T is the transpose.
func (m Mat) T() Mat {
	o := New(m.C, m.R)
	for i := 0; i < m.R; i++ {
		for j := 0; j < m.C; j++ {
			o.A[j*o.C+i] = m.A[i*m.C+j]
		}
	}
	return o
}

// Columns builds a matrix of column vectors of length r.
func Columns(r int, cols [][]float64) Mat {
	m := New(r, len(cols))
	for j, c := range cols {
		for i := range c {
			m.A[i*m.C+j] = c[i]
		}
	}
	return m
}

// Dot is the inner product.
func Dot(a, b []float64) float64 {
	b = b[:len(a)]
	if wide && len(a) >= manyNumbers {
		return floats.Dot(a, b)
	}
	// in four sums at once: one alone waits for each addition before the next
	var s, t, u, v float64
	i := 0
	for ; i+4 <= len(a); i += 4 {
		s += a[i] * b[i]
		t += a[i+1] * b[i+1]
		u += a[i+2] * b[i+2]
		v += a[i+3] * b[i+3]
	}
	for ; i < len(a); i++ {
		s += a[i] * b[i]
	}
	return s + t + (u + v)
}

// Add adds k times b to a.
func Add(a []float64, k float64, b []float64) {
	a = a[:len(b)]
	if wide && len(a) >= manyNumbers {
		floats.AddScaled(a, k, b)
		return
	}
	for i, x := range b {
		a[i] += k * x
	}
}

// manyNumbers are worth handing to gonum, which does two at once where the processor can (wide).
const manyNumbers = 20

// Dot6 is the inner product of two motions.
func Dot6(a, b *[6]float64) float64 {
	return a[0]*b[0] + a[1]*b[1] + a[2]*b[2] + a[3]*b[3] + a[4]*b[4] + a[5]*b[5]
}

// Norm6 is the length of a motion.
func Norm6(a *[6]float64) float64 { return math.Sqrt(Dot6(a, a)) }

// Norm is the Euclidean length.
func Norm(a []float64) float64 { return math.Sqrt(Dot(a, a)) }

// SVD factors m = U·diag(s)·Vᵀ by one-sided Jacobi rotations of the rows of m, which keeps small values exact.
// It is meant for few rows. s is descending; U is square in the number of rows; V has as many columns as m has rows
// (those of vanishing s are zero).
func SVD(m Mat) (u Mat, s []float64, v Mat) {
	r, c := m.R, m.C
	w := append([]float64(nil), m.A...)
	u = Identity(r)
	rotateRows(w, u.A, r, c, tol.SquareAngle)
	s = make([]float64, r)
	idx := make([]int, r)
	for i := range s {
		s[i] = Norm(w[i*c : i*c+c])
		idx[i] = i
	}
	for i := 1; i < r; i++ { // few values: insertion keeps the order of equals
		for j := i; j > 0 && s[idx[j]] > s[idx[j-1]]; j-- {
			idx[j], idx[j-1] = idx[j-1], idx[j]
		}
	}
	v = New(m.C, r)
	u2 := New(r, r)
	s2 := make([]float64, r)
	for j, k := range idx {
		s2[j] = s[k]
		for i := 0; i < r; i++ {
			u2.Set(i, j, u.At(i, k))
		}
		if s[k] > 0 {
			for i := 0; i < m.C; i++ {
				v.Set(i, j, w[k*c+i]/s[k])
			}
		}
	}
	return u2, s2, v
}

// rotateRows makes the r rows of w square to one another by rotations, to the square of
// an angle of square, and turns the columns of u along.
func rotateRows(w, u []float64, r, c int, square float64) {
	floor := 0.0 // what is left of rows that depend on others is rounding, and would be rotated for ever
	for i := 0; i < r; i++ {
		floor = math.Max(floor, Dot(w[i*c:i*c+c], w[i*c:i*c+c]))
	}
	floor *= tol.NoRowSquared
	for sweep := 0; sweep < 40; sweep++ {
		turned := false
		for p := 0; p < r; p++ {
			for q := p + 1; q < r; q++ {
				wp, wq := w[p*c:p*c+c], w[q*c:q*c+c]
				var a, b, d float64
				for i, x := range wp {
					y := wq[i]
					a += x * x
					b += y * y
					d += x * y
				}
				if d*d <= square*a*b || a <= floor || b <= floor {
					continue
				}
				turned = true
				z := (b - a) / (2 * d)
				t := 1 / (math.Abs(z) + math.Sqrt(1+z*z))
				if z < 0 {
					t = -t
				}
				cs := 1 / math.Sqrt(1+t*t)
				sn := cs * t
				for k, x := range wp {
					y := wq[k]
					wp[k], wq[k] = cs*x-sn*y, sn*x+cs*y
				}
				for k := 0; k < r; k++ {
					x, y := u[k*r+p], u[k*r+q]
					u[k*r+p], u[k*r+q] = cs*x-sn*y, sn*x+cs*y
				}
			}
		}
		if !turned {
			return
		}
	}
}

// LeftSingular finds the singular values of the r×c matrix a (by rows, overwritten) and the vectors on the left, by columns of
// u, which is r×r; unsorted, to about 1e-11. It allocates nothing.
func LeftSingular(a []float64, r, c int, u, s []float64) {
	clear(u[:r*r])
	for i := 0; i < r; i++ {
		u[i*r+i] = 1
	}
	rotateRows(a, u, r, c, tol.SquareAngleFast)
	for i := 0; i < r; i++ {
		s[i] = Norm(a[i*c : i*c+c])
	}
}

// Complement completes the orthonormal columns of q to a basis of the whole space and returns the completing columns.
func Complement(q Mat) Mat {
	n, r := q.R, q.C
	// Householder reflections that take q's columns to the first r unit vectors
	a := Mat{n, r, append([]float64(nil), q.A...)}
	vs := make([][]float64, r)
	for k := 0; k < r; k++ {
		v := make([]float64, n)
		for i := k; i < n; i++ {
			v[i] = a.At(i, k)
		}
		al := Norm(v)
		if v[k] > 0 {
			al = -al
		}
		v[k] -= al
		nv := Norm(v)
		if nv > 0 {
			for i := range v {
				v[i] /= nv
			}
		}
		vs[k] = v
		for j := k; j < r; j++ {
			d := 0.0
			for i := k; i < n; i++ {
				d += v[i] * a.At(i, j)
			}
			for i := k; i < n; i++ {
				a.A[i*r+j] -= 2 * d * v[i]
			}
		}
	}
	out := New(n, n-r)
	e := make([]float64, n)
	for j := 0; j < n-r; j++ {
		for i := range e {
			e[i] = 0
		}
		e[r+j] = 1
		for k := r - 1; k >= 0; k-- {
			Reflect(e, vs[k], k)
		}
		for i := range e {
			out.A[i*out.C+j] = e[i]
		}
	}
	return out
}

// Orthonormal spans the columns of m by orthonormal ones, dropping those that add less than tol of their own length.
func Orthonormal(m Mat, tol float64) Mat {
	var cols [][]float64
	for j := 0; j < m.C; j++ {
		v := m.Col(j)
		n0 := Norm(v)
		if n0 == 0 {
			continue
		}
		for pass := 0; pass < 2; pass++ {
			for _, c := range cols {
				Add(v, -Dot(c, v), c)
			}
		}
		if n := Norm(v); n > tol*n0 {
			for i := range v {
				v[i] /= n
			}
			cols = append(cols, v)
		}
	}
	return Columns(m.R, cols)
}

// LeftCols copies the first k columns.
func LeftCols(m Mat, k int) Mat {
	o := New(m.R, k)
	for i := 0; i < m.R; i++ {
		copy(o.Row(i), m.Row(i)[:k])
	}
	return o
}

// Identity is the unit matrix.
func Identity(n int) Mat {
	m := New(n, n)
	for i := 0; i < n; i++ {
		m.Set(i, i, 1)
	}
	return m
}

// LeastSquares finds the x of least length that comes nearest to m·x = b, ignoring values below tol of the largest.
func LeastSquares(m Mat, b []float64, tol float64) []float64 {
	// through the thin side, where the rotations are few
	if m.R <= m.C {
		u, s, v := SVD(m)
		x := make([]float64, m.C)
		for k := range s {
			if s[k] <= tol*s[0] || s[k] == 0 {
				break
			}
			c := 0.0
			for i := 0; i < m.R; i++ {
				c += u.At(i, k) * b[i]
			}
			for j := range x {
				x[j] += v.At(j, k) * c / s[k]
			}
		}
		return x
	}
	u, s, v := SVD(m.T()) // mᵀ = u s vᵀ, so m = v s uᵀ
	x := make([]float64, m.C)
	for k := range s {
		if s[k] <= tol*s[0] || s[k] == 0 {
			break
		}
		c := 0.0
		for i := 0; i < m.R; i++ {
			c += v.At(i, k) * b[i]
		}
		for j := range x {
			x[j] += u.At(j, k) * c / s[k]
		}
	}
	return x
}
