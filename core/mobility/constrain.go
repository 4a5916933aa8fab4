package mobility

import (
	"math"

	"setfast/core/dense"
	"setfast/core/tol"
)

// constrained finds which of the relative motions the rows resist. It returns, by columns of length c, what these motions
// are in the columns at hand: the span that falls away. They are taken as the rows themselves have them, with the little that lies
// outside the motions that count: else a relation would be off by that, and those that close loops later by ever more.
func (n *Basis) constrained(rows, u, rel []float64, r, c, k int) (out []float64, rank int) {
	w := &n.work
	m := len(rows) / r
	x := w.floats(4, m*k) // rows on the basis of relative motions
	onBasis(x, rows, u, m, r, k)
	of, rest, sure := w.independent(x, m, k)
	if !sure {
		y := dense.New(m, k)
		onBasis(y.A, rows, u, m, r, k)
		of, rest = bySVD(y, of[:0])
	}
	rank = len(of) / m
	out = w.floats(7, c*rank)
	for j := 0; j < rank; j++ {
		inColumns(out[j*c:j*c+c], of[j*m:j*m+m], rows, rel, r)
	}
	for ; len(rest) > 0; rest = rest[m:] {
		left := w.floats(2, c)
		inColumns(left, rest[:m], rows, rel, r)
		n.noise = math.Max(n.noise, dense.Norm(left)/math.Max(1, dense.Norm(rest[:m])))
	}
	return out, rank
}

// inColumns adds to o what a combination of rows, as functions of relative motions, is in the columns.
func inColumns(o, of, rows, rel []float64, r int) {
	var t [24]float64
	dir := t[:r]
	for q, x := range of {
		if x != 0 {
			for i, y := range rows[q*r : q*r+r] {
				dir[i] += x * y
			}
		}
	}
	for i, x := range dir {
		if x != 0 {
			dense.Add(o, x, rel[i*len(o):i*len(o)+len(o)])
		}
	}
}

// onBasis writes m rows of length r on a basis of k motions; none stands for the unit motions.
func onBasis(x, rows, u []float64, m, r, k int) {
	if u == nil {
		copy(x, rows)
		return
	}
	for i := 0; i < m; i++ {
		for j := 0; j < k; j++ {
			x[i*k+j] = dense.Dot(rows[i*r:i*r+r], u[j*r:j*r+r])
		}
	}
}

// independent picks rows by what they add, the most first, and gives the combinations of rows that make an orthonormal basis of their
// span (Gram and Schmidt, with pivots), each as long as there are rows, and those of which nothing is left. It is not sure where a row
// adds little: that is for singular values to decide.
func (w *workspace) independent(x []float64, m, k int) (of, rest []float64, sure bool) {
	basis := w.floats(5, min(m, k)*k)[:0] // orthonormal, each of length k
	of = w.floats(8, min(m, k)*m)[:0]     // what each is made of
	by := w.floats(9, m*m)                // what each row, as far as it is left, is made of
	for i := range m {
		by[i*m+i] = 1
	}
	done := w.floats(6, m) // 1: used up
	for range m {
		best, at := -1.0, -1
		for i := 0; i < m; i++ {
			if done[i] == 0 {
				if s := dense.Norm(x[i*k : i*k+k]); s > best*(1+tol.PivotTie) {
					best, at = s, i
				}
			}
		}
		if best < tol.NoRow || len(basis) == k*k {
			break
		}
		if best < tol.Doubt {
			return of, nil, false
		}
		done[at] = 1
		v, made := x[at*k:at*k+k], by[at*m:at*m+m]
		for pass := 0; pass < 2; pass++ {
			for o := 0; o < len(basis)/k; o++ {
				less(v, basis[o*k:o*k+k], made, of[o*m:o*m+m])
			}
			l := dense.Norm(v)
			for z := range v {
				v[z] /= l
			}
			for z := range made {
				made[z] /= l
			}
		}
		basis, of = append(basis, v...), append(of, made...)
		for i := 0; i < m; i++ {
			if done[i] == 0 {
				less(x[i*k:i*k+k], v, by[i*m:i*m+m], made)
			}
		}
	}
	for i := range m {
		if done[i] == 0 {
			rest = append(rest, by[i*m:i*m+m]...)
		}
	}
	return of, rest, true
}

// less takes out of a row what it has in common with one of length one, and notes it in what the row is made of.
func less(x, v, by, made []float64) {
	d := dense.Dot(x, v)
	dense.Add(x, -d, v)
	dense.Add(by, -d, made)
}

// bySVD gives the combinations of the rows of y that make an orthonormal basis of what they resist, by singular vectors, and those of
// which nothing is left.
func bySVD(y dense.Mat, of []float64) (_, rest []float64) {
	u, s, _ := dense.SVD(y)
	for k := range s {
		if k >= y.C || s[k] <= tol.Resists {
			rest = append(rest, u.Col(k)...)
			continue
		}
		for _, x := range u.Col(k) {
			of = append(of, x/s[k])
		}
	}
	return of, rest
}
