package mobility

import (
	"math"

	"setfast/core/dense"
	"setfast/core/tol"
)

// spanned finds the relative motions that count: an orthonormal basis u of them (by columns), and how many there are.
// Nil u stands for all of them.
func (n *Basis) spanned(rel []float64, r, c int, own float64) (u []float64, k int) {
	w := &n.work
	l := w.floats(2, r*c)
	copy(l, rel)
	dense.LowerPivoted(l, r, c, w.perm[:], w.diag[:])
	for k < r && w.diag[k] > tol.Clear*own && w.diag[k] > tol.Clear*w.diag[0] && w.diag[k] > tol.ClearLeast {
		k++
	}
	if k == r {
		return nil, r
	}
	if w.diag[k] > tol.PivotRounding*own {
		return n.spannedBySVD(rel, l, r, c)
	}
	u = w.floats(3, r*k)
	for j := 0; j < k; j++ { // L's first columns span them; back to the rows' own order
		x := u[j*r : j*r+r]
		for i := j; i < r; i++ {
			x[w.perm[i]] = l[i*c+j]
		}
	}
	orthonormal(u, r, k)
	return u, k
}

// orthonormal makes k columns of length r orthonormal that are well apart.
func orthonormal(u []float64, r, k int) {
	for j := 0; j < k; j++ {
		x := u[j*r : j*r+r]
		for pass := 0; pass < 2; pass++ {
			for i := 0; i < j; i++ {
				y := u[i*r : i*r+r]
				dense.Add(x, -dense.Dot(x, y), y)
			}
		}
		l := dense.Norm(x)
		for z := range x {
			x[z] /= l
		}
	}
}

// spannedBySVD decides by singular values: a relative motion counts if it is more than tol.Together of the bodies' own motion
// in it. l is the lower form of rel, which has the same singular values in fewer columns.
func (n *Basis) spannedBySVD(rel, l []float64, r, c int) (u []float64, k int) {
	w := &n.work
	m := min(r, c)
	low := w.floats(4, r*m)
	for i := 0; i < r; i++ {
		copy(low[w.perm[i]*m:w.perm[i]*m+m], l[i*c:i*c+m])
	}
	uu := w.floats(5, r*r)
	dense.LeftSingular(low, r, m, uu, w.diag[:])
	u = w.floats(3, r*r)
	z := w.floats(6, c)
	for range r {
		best := -1
		for i := 0; i < r; i++ {
			if w.diag[i] > tol.Faint && (best < 0 || w.diag[i] > w.diag[best]) {
				best = i
			}
		}
		if best < 0 {
			break
		}
		s := w.diag[best]
		w.diag[best] = 0
		x := u[k*r : k*r+r]
		for i := range x {
			x[i] = uu[i*r+best]
		}
		// the columns' combination that this relative motion comes of
		clear(z)
		for i, y := range x {
			y /= s
			for j, q := range rel[i*c : i*c+c] {
				z[j] += y * q
			}
		}
		if s <= tol.Together*n.ownMotion(z) {
			break
		}
		k++
	}
	return u[:r*k], k
}

// ownMotion is how much the bodies at hand move themselves in a combination of the columns at hand.
func (n *Basis) ownMotion(z []float64) float64 {
	w := &n.work
	most := 0.0
	for _, b := range w.acting {
		var x [6]float64
		at := 0
		for j := range n.of[b] {
			e := &n.of[b][j]
			for w.cols[at] != e.Col {
				at++
			}
			for i := range x {
				x[i] += z[at] * e.V[i]
			}
		}
		most = math.Max(most, dense.Norm(x[:]))
	}
	return most
}
