package mobility

import (
	"math"

	"setfast/core/dense"
	"setfast/core/relation"
	"setfast/core/solve"
	"setfast/core/tol"
)

// Post takes a relation into account and returns how many freedoms it removes.
func (n *Basis) Post(r *solve.Relation) int {
	var buf [4]int
	bodies := n.Sys.FreeBodies(r, &buf)
	if !n.only {
		n.posted = append(n.posted, r)
	}
	n.noise = 0
	removed := n.post(r, bodies)
	n.putAside(bodies)
	if n.noise > tol.Noisy && !n.only {
		removed += n.renew()
	}
	return removed
}

// post eliminates what a relation between bodies resists.
func (n *Basis) post(r *solve.Relation, bodies []int) int {
	var actBuf [4]int
	act := actBuf[:0]
	for _, b := range bodies { // what was not opened stands
		if n.open[b] {
			act = append(act, b)
		}
	}
	n.work.seen = false
	n.work.acting = act
	cols := n.touched(act)
	if len(cols) == 0 {
		return 0
	}
	rel, rows, q, own := n.relative(r, act, len(bodies) == len(act), cols)
	if q == 0 || len(rows) == 0 {
		return 0
	}
	c := len(cols)
	u, k := n.spanned(rel, 6*q, c, own) // 6q × k, by columns
	if k == 0 {
		return 0
	}
	out, rank := n.constrained(rows, u, rel, 6*q, c, k)
	n.noise /= math.Max(1, own)
	if rank == 0 {
		return 0
	}
	switch {
	case n.byOneBody(act, cols, out, rank):
	case len(cols) > mostReflected && n.moving(cols) <= mostOpen && n.slide(cols, out, rank):
	default:
		n.reflect(cols, out, rank)
	}
	return rank
}

// Miss is how far the relation last posted is from holding, where posting it took a look.
func (n *Basis) Miss() (solve.Miss, bool) {
	if !n.work.seen {
		return solve.Miss{}, false
	}
	return relation.MissOf(n.work.rows.List), true
}

// byOneBody eliminates the relation by one of its bodies alone, where columns that move nothing else suffice for it: in all other
// columns the body's motion is substituted by that of what it is related to, and no other body is touched.
func (n *Basis) byOneBody(act []int, cols []int32, out []float64, rank int) bool {
	w := &n.work
	c := len(cols)
	most := 0.0
	for j := 0; j < rank; j++ {
		most = math.Max(most, dense.Norm(out[j*c:j*c+c]))
	}
	for x := len(act) - 1; x >= 0; x-- {
		b := act[x]
		w.own = w.own[:0] // places in cols of the columns that move it alone
		for i, col := range cols {
			if int(n.owner[col]) == b {
				w.own = append(w.own, i)
			}
		}
		k := len(w.own)
		if k < rank {
			continue
		}
		f := w.floats(0, rank*k) // what falls away, in these columns
		for j := 0; j < rank; j++ {
			for q, i := range w.own {
				f[j*k+q] = out[j*c+i]
			}
		}
		l := w.floats(1, rank*k)
		copy(l, f)
		dense.LowerPivoted(l, rank, k, w.perm[:], w.diag[:])
		if !(w.diag[rank-1] > tol.WellPosed*w.diag[0] && w.diag[rank-1] > tol.Clear*math.Min(most, 1)) {
			continue
		}
		if n.substitute(b, cols, f, out, rank, w.diag[rank-1]) {
			return true
		}
	}
	return false
}
