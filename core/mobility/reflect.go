package mobility

import (
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/tol"
)

// reflect takes the span of the columns out (each of len(cols), one after another) from the basis.
func (n *Basis) reflect(cols []int32, out []float64, rank int) {
	c := len(cols)
	if rank < c {
		dense.Reflectors(out, c, rank)
	}
	n.moving(cols)
	first := n.turned(cols, out, rank)
	for _, b := range n.work.hit {
		n.reflectBody(b, cols, out, rank, first)
	}
	n.leave(cols, rank)
}

// turned notes a step in which columns are reflected, and the first of them fall away; it gives the first of the new ones.
func (n *Basis) turned(cols []int32, v []float64, gone int) (first int32) {
	w := &n.work
	c := len(cols)
	first = int32(len(n.on))
	if len(n.grown) > 0 {
		most := 1.0
		for _, col := range cols {
			most = math.Max(most, n.growth(col))
		}
		n.grow(first, slices.Repeat([]float64{most}, c-gone))
	}
	if !n.only {
		st := step{old: append(w.ints.Room(c), cols...), first: first, gone: gone}
		if gone < c {
			st.v = append(w.kept.Room(len(v)), v...)
		}
		n.log = append(n.log, st)
		n.mixed += float64(c) * float64(len(st.v))
	}
	if gone < c {
		room := w.ints.Room((c - gone) * len(w.hit))[:(c-gone)*len(w.hit)]
		for j := 0; j < c-gone; j++ {
			n.on = append(n.on, room[j*len(w.hit):j*len(w.hit):(j+1)*len(w.hit)])
			n.owner = append(n.owner, shared)
		}
	}
	return first
}

// leave forgets columns that have been replaced, so many of which are gone for good.
func (n *Basis) leave(cols []int32, gone int) {
	for _, col := range cols {
		n.on[col], n.owner[col] = nil, replaced
	}
	n.columns -= gone
}

// reflectBody brings one body's motions into the new columns, the first of which is given.
func (n *Basis) reflectBody(b int32, cols []int32, out []float64, rank int, first int32) {
	w := &n.work
	c := len(cols)
	x := w.sixes(c)
	es := n.of[b]
	at, keep := 0, 0
	for j := range es {
		e := &es[j]
		for at < c && cols[at] < e.Col {
			at++
		}
		if at < c && cols[at] == e.Col {
			x[at] = e.V
			continue
		}
		if keep != j {
			es[keep] = *e
		}
		keep++
	}
	es = es[:keep]
	if rank < c {
		for k := 0; k < rank; k++ {
			reflect6(x[k:], out[k*c+k:k*c+c])
		}
		if need := keep + c - rank; need > cap(es) {
			es = append(w.entries.Room(need+need/4), es...)
		}
		for j := rank; j < c; j++ {
			if v := &x[j]; v[0]*v[0]+v[1]*v[1]+v[2]*v[2]+v[3]*v[3]+v[4]*v[4]+v[5]*v[5] > tol.NoEntry*tol.NoEntry {
				col := first + int32(j-rank)
				es = append(es, Entry{col, *v})
				n.on[col] = append(n.on[col], b)
			}
		}
	}
	n.of[b] = es
}

// reflect6 reflects a body's motions in the unit vector v.
func reflect6(x [][6]float64, v []float64) {
	x = x[:len(v)]
	var a, b, c, d, e, f float64
	for i, y := range v {
		q := &x[i]
		a += y * q[0]
		b += y * q[1]
		c += y * q[2]
		d += y * q[3]
		e += y * q[4]
		f += y * q[5]
	}
	a, b, c, d, e, f = 2*a, 2*b, 2*c, 2*d, 2*e, 2*f
	for i, y := range v {
		q := &x[i]
		q[0] -= a * y
		q[1] -= b * y
		q[2] -= c * y
		q[3] -= d * y
		q[4] -= e * y
		q[5] -= f * y
	}
}
