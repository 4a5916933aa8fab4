package dense

import (
	"math"

	"setfast/core/tol"
)

// LowerPivoted reduces the r×n matrix a (by rows) to lower trapezoidal form in place, by reflections of its columns, taking the
// row with the most left first. perm tells which row came where, d how much each brought that those before it had not.
func LowerPivoted(a []float64, r, n int, perm []int, d []float64) {
	LowerReflected(a, r, n, perm, d, nil)
}

// LowerReflected does the same and keeps the reflections where v is given, r times n numbers: unit vectors, one after another, as Reflect
// takes them; zero where a row brings nothing.
func LowerReflected(a []float64, r, n int, perm []int, d, v []float64) {
	for i := 0; i < r; i++ {
		perm[i] = i
		d[i] = 0
	}
	for k := 0; k < r; k++ {
		best, at := -1.0, k
		for i := k; i < r; i++ {
			s := 0.0
			if k < n {
				s = Dot(a[i*n+k:i*n+n], a[i*n+k:i*n+n])
			}
			if s > best*(1+tol.RowTie) {
				best, at = s, i
			}
		}
		if at != k {
			perm[k], perm[at] = perm[at], perm[k]
			for j := 0; j < n; j++ {
				a[k*n+j], a[at*n+j] = a[at*n+j], a[k*n+j]
			}
		}
		if best <= 0 {
			continue
		}
		row := a[k*n+k : k*n+n]
		al := math.Sqrt(best)
		d[k] = al
		if row[0] > 0 {
			al = -al
		}
		// v = row − al e, kept in the row itself while the others are reflected
		row[0] -= al
		vv := Dot(row, row)
		if v != nil && vv > 0 {
			l := math.Sqrt(vv)
			for j, x := range row {
				v[k*n+k+j] = x / l
			}
		}
		if vv > 0 {
			for i := k + 1; i < r; i++ {
				o := a[i*n+k : i*n+n]
				s := 2 * Dot(row, o) / vv
				if s != 0 {
					Add(o, -s, row)
				}
			}
		}
		row[0] = al
		for j := 1; j < len(row); j++ {
			row[j] = 0
		}
	}
}

// Reflectors turns the c columns of the n×c matrix a (by columns, each of n) into Householder vectors of unit length, in place,
// whose product takes the columns' span to the first c unit vectors.
func Reflectors(a []float64, n, c int) {
	for k := 0; k < c; k++ {
		v := a[k*n : k*n+n]
		for i := 0; i < k; i++ {
			v[i] = 0
		}
		al := Norm(v[k:])
		if v[k] > 0 {
			al = -al
		}
		v[k] -= al
		l := Norm(v[k:])
		if l == 0 {
			continue
		}
		for i := k; i < n; i++ {
			v[i] /= l
		}
		for j := k + 1; j < c; j++ {
			Reflect(a[j*n:j*n+n], v, k)
		}
	}
}

// Reflect reflects x in the unit vector v, whose first k numbers are zero.
func Reflect(x, v []float64, k int) {
	x, v = x[k:], v[k:]
	s := 2 * Dot(v, x)
	if s != 0 {
		Add(x, -s, v)
	}
}

// SolvePositive solves a·x = b for a symmetric positive matrix by Cholesky's method; a is overwritten. A pivot lost to
// rounding counts as none, and so does its unknown.
func SolvePositive(a Mat, b []float64) []float64 {
	n := a.C
	x := append([]float64(nil), b...)
	for j := 0; j < n; j++ {
		rj := a.Row(j)
		full := rj[j]
		s := full - Dot(rj[:j], rj[:j])
		if !(s > tol.NoPositive*full) {
			s = math.Inf(1)
		}
		rj[j] = math.Sqrt(s)
		for i := j + 1; i < n; i++ {
			ri := a.Row(i)
			ri[j] = (ri[j] - Dot(ri[:j], rj[:j])) / rj[j]
		}
	}
	for i := 0; i < n; i++ {
		r := a.Row(i)
		x[i] = (x[i] - Dot(r[:i], x[:i])) / r[i]
	}
	for i := n - 1; i >= 0; i-- {
		x[i] /= a.At(i, i)
		r := a.Row(i)
		for k := 0; k < i; k++ {
			x[k] -= r[k] * x[i]
		}
	}
	return x
}

// Without gives m's columns recombined so that the first k columns of v, which are orthonormal and as long as m is wide, fall
// away: m times what completes them to a basis.
func Without(m, v Mat, k int) Mat {
	h := make([]float64, k*m.C)
	for j := 0; j < k; j++ {
		for i := 0; i < m.C; i++ {
			h[j*m.C+i] = v.At(i, j)
		}
	}
	Reflectors(h, m.C, k)
	o := New(m.R, m.C-k)
	row := make([]float64, m.C)
	for i := 0; i < m.R; i++ {
		copy(row, m.Row(i))
		for j := 0; j < k; j++ {
			Reflect(row, h[j*m.C:(j+1)*m.C], j)
		}
		copy(o.Row(i), row[k:])
	}
	return o
}
