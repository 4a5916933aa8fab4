package mobility

import (
	"setfast/core/dense"
	"setfast/core/tol"
)

// reflect takes the span of the columns out (each of len(cols), one after another) from the basis.
func (n *Basis) reflect(cols []int32, out []float64, rank int) {
	w := &n.work
	c := len(cols)
	n.moving(cols)
	first := int32(len(n.on))
	st := step{first: first, gone: rank}
	if !n.only {
		st.old = append(w.ints.room(c), cols...)
	}
	if rank < c {
		dense.Reflectors(out, c, rank)
		if !n.only {
			st.v = append(w.kept.room(len(out)), out...)
		}
		room := w.ints.room((c - rank) * len(w.hit))[:(c-rank)*len(w.hit)]
		for j := 0; j < c-rank; j++ {
			n.on = append(n.on, room[j*len(w.hit):j*len(w.hit):(j+1)*len(w.hit)])
			n.owner = append(n.owner, shared)
		}
	}
	if !n.only {
		n.log = append(n.log, st)
	}
	for _, b := range w.hit {
		n.reflectBody(b, cols, out, rank, first)
	}
	for _, col := range cols {
		n.on[col], n.owner[col] = nil, replaced
	}
	n.columns -= rank
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
			es = append(w.entries.room(need+need/4), es...)
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
