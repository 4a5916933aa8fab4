package mobility

import (
	"math"

	"setfast/core/dense"
	"setfast/core/tol"
)

// Apart is the same basis with memory of its own to work in, for another goroutine that only reads it.
func (n *Basis) Apart() *Basis {
	k := *n
	k.work = workspace{}
	return &k
}

// Restricted is the freedom of one body: the rank of the basis on it, and how much of that is turning.
func (n *Basis) Restricted(b int) (left, turns int) {
	if n.done {
		return n.work.freedom(n.of[b])
	}
	return n.freedom(b, n.of[b])
}

// freedom is that of one body in some motions, with the turns that are told at the end.
func (n *Basis) freedom(b int, es []Entry) (left, turns int) {
	left, turns = n.work.freedom(es)
	if n.points[b] {
		left, turns = left+3, turns+3
	}
	return left, turns
}

// freedom is the rank of motions of a body, and that of their turns.
func (w *workspace) freedom(es []Entry) (left, turns int) {
	if len(es) == 0 {
		return 0, 0
	}
	c := len(es)
	a := w.floats(0, 6*c)
	total := 0.0
	for j := range es {
		for i, x := range es[j].V {
			a[i*c+j] = x
			total += x * x
		}
	}
	total = math.Sqrt(total)
	turn := w.floats(1, 3*c)
	copy(turn, a[3*c:])
	left = w.rank(a, 6, c, 0)
	return left, min(left, w.rank(turn, 3, c, total))
}

// rank is that of an r×c matrix by rows, which is overwritten: by pivots where these are beyond doubt, else by singular values.
// What is small beside floor is none.
func (w *workspace) rank(a []float64, r, c int, floor float64) int {
	dense.LowerPivoted(a, r, c, w.perm[:], w.diag[:])
	big := math.Max(w.diag[0], floor)
	k := 0
	for k < r && w.diag[k] > tol.Clear*big && w.diag[k] > tol.Clear {
		k++
	}
	if k == r || w.diag[k] < tol.NoPivot*big {
		return k
	}
	low := dense.Mat{R: r, C: min(r, c), A: w.floats(2, r*min(r, c))} // of the same singular values
	for i := range r {
		copy(low.Row(i), a[i*c:i*c+low.C])
	}
	_, s, _ := dense.SVD(low)
	k = 0
	for k < len(s) && s[k] > tol.Dead && s[k] > tol.Together*math.Max(s[0], floor) {
		k++
	}
	return k
}
