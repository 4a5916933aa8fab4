package mobility

import (
	"setfast/core/dense"
	"setfast/core/tol"
)

// constrained finds which of the relative motions the rows resist. It returns, by columns of length c, what these motions
// are in the columns at hand: the span that falls away.
func (n *Basis) constrained(rows, u, rel []float64, r, c, k int) (out []float64, rank int) {
	w := &n.work
	m := len(rows) / r
	x := w.floats(4, m*k) // rows on the basis of relative motions
	onBasis(x, rows, u, m, r, k)
	basis, sure := w.independent(x, m, k)
	if !sure {
		y := dense.New(m, k)
		onBasis(y.A, rows, u, m, r, k)
		basis = bySVD(y, basis[:0], k)
	}
	rank = len(basis) / k
	// relᵀ·u·basis
	out = w.floats(7, c*rank)
	var t [24]float64
	for j := 0; j < rank; j++ {
		b := basis[j*k : j*k+k]
		dir := b
		if u != nil {
			dir = t[:r]
			clear(dir)
			for q, x := range b {
				for i := range dir {
					dir[i] += x * u[q*r+i]
				}
			}
		}
		o := out[j*c : j*c+c]
		for i, x := range dir {
			if x != 0 {
				for z, y := range rel[i*c : i*c+c] {
					o[z] += x * y
				}
			}
		}
	}
	return out, rank
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

// independent picks rows by what they add, the most first, and gives an orthonormal basis of their span (Gram and Schmidt, with
// pivots). It is not sure where a row adds little: that is for singular values to decide.
func (w *workspace) independent(x []float64, m, k int) (basis []float64, sure bool) {
	basis = w.floats(5, min(m, k)*k)[:0] // orthonormal, each of length k
	done := w.floats(6, m)               // 1: used up
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
			return basis, true
		}
		if best < tol.Doubt {
			return basis, false
		}
		done[at] = 1
		v := x[at*k : at*k+k]
		for pass := 0; pass < 2; pass++ {
			for o := 0; o < len(basis); o += k {
				d := dense.Dot(v, basis[o:o+k])
				for z := range v {
					v[z] -= d * basis[o+z]
				}
			}
			l := dense.Norm(v)
			for z := range v {
				v[z] /= l
			}
		}
		basis = append(basis, v...)
		for i := 0; i < m; i++ {
			if done[i] == 0 {
				y := x[i*k : i*k+k]
				d := dense.Dot(y, v)
				for z := range y {
					y[z] -= d * v[z]
				}
			}
		}
	}
	return basis, true
}

// bySVD spans what the rows of y resist by singular vectors.
func bySVD(y dense.Mat, basis []float64, k int) []float64 {
	_, s, v := dense.SVD(y)
	for rank := 0; rank < len(s) && rank < k && s[rank] > tol.Resists; rank++ {
		basis = append(basis, v.Col(rank)...)
	}
	return basis
}
