package mobility

import (
	"slices"

	"setfast/core/dense"
	"setfast/core/solve"
	"setfast/core/tol"
)

// Where loops close over loops, as in a net, a basis made line by line mixes all columns with all bodies. Its size is right, its columns
// are of no use: each moves everything. It is made again by nested dissection (George, Nested dissection of a regular finite element mesh,
// SIAM Journal on Numerical Analysis 10, 1973): the bodies are halved, each half is halved again, down to a few; relations within a piece are
// posted first, those between two halves once both are done. After each piece its columns are recombined so that as few as possible move the
// bodies that relations to the outside are about; the others move nothing beyond the piece, and no later relation touches them.

// One by one, relations that close loop after loop are also a case for it: what rounding leaves of an equation that repeats others is
// multiplied at each loop, as in shooting at the far end of a seam, until it passes for a motion. In pieces it is multiplied only as often
// as pieces are halved.

const (
	mostMixed   = 3e6           // numbers that the steps of a basis mix; with more it is made anew before it is finished
	manyMixed   = mostMixed / 6 // with more, it is begun to be made anew meanwhile
	mostRenewed = 2500          // bodies of bases that are made anew on the way
	leafBodies  = 6             // a piece this small is not halved
)

// renew makes the basis anew where rounding has grown; it gives how many freedoms that takes, less than none where it gives some back.
func (n *Basis) renew() (removed int) {
	if n.renewed > mostRenewed {
		return 0
	}
	n.renewed += len(n.opened)
	m := n.dissected()
	if m == nil {
		n.renewed = mostRenewed + 1 // it cannot be told apart from what imported geometry is off by
		return 0
	}
	removed = n.Left() - m.Left()
	m.renewed = n.renewed
	*n = *m
	return removed
}

// dissected makes the basis anew, piece by piece, of what has been opened and posted; nil where equations are found that neither repeat
// others nor stand out.
func (n *Basis) dissected() *Basis {
	m := New(n.Sys, n.Poses, nil)
	copy(m.points, n.points)
	copy(m.todo, n.todo)
	m.posted = n.posted
	d := &dissection{Basis: m, of: make([][]*solve.Relation, len(n.open)), posted: map[*solve.Relation]bool{}, in: make([]int, len(n.open))}
	var buf [4]int
	for _, r := range n.posted {
		for _, b := range n.Sys.FreeBodies(r, &buf) {
			d.of[b] = append(d.of[b], r)
			m.todo[b]++
		}
	}
	d.stands = func(b int) bool { return !n.open[b] }
	d.piece(slices.Sorted(slices.Values(n.opened)))
	if n.Sys.Stopped() || d.unsure {
		return nil
	}
	return m
}

// dissection is a basis in the making.
type dissection struct {
	*Basis
	of     [][]*solve.Relation // per body
	posted map[*solve.Relation]bool
	in     []int // per body: the round in which it was last reached, or minus that once it is in order
	round  int
	stands func(b int) bool
	unsure bool // equations that neither stand out nor repeat others were found
}

// piece opens bodies and posts the relations among them and those opened already.
func (d *dissection) piece(bodies []int) {
	if d.unsure || d.Sys.Stopped() {
		return
	}
	if len(bodies) <= leafBodies {
		for _, b := range bodies {
			d.Open(b)
		}
	} else {
		ordered := d.outward(bodies)
		half := len(ordered) / 2
		d.piece(ordered[:half:half])
		d.piece(ordered[half:])
	}
	d.round++
	for _, b := range bodies {
		d.in[b] = d.round
	}
	var rels []*solve.Relation
	for _, b := range bodies {
		for _, r := range d.of[b] {
			if !d.posted[r] && d.within(r) {
				d.posted[r] = true
				rels = append(rels, r)
			}
		}
	}
	d.postAll(rels)
	d.withdraw(bodies)
}

// postAll posts relations together: of all their equations those are taken first that stand out the most, which leaves those that repeat
// them clearly apart. One after another, what one leaves of the next would grow along a seam.
func (d *dissection) postAll(rels []*solve.Relation) {
	n, w := d.Basis, &d.work
	var all []int
	var buf [4]int
	for _, r := range rels {
		all = append(all, n.Sys.FreeBodies(r, &buf)...)
	}
	slices.Sort(all)
	cols := slices.Clone(n.touched(slices.Compact(all)))
	c := len(cols)
	var x []float64
	for _, r := range rels {
		act := n.Sys.FreeBodies(r, &buf)
		w.acting = act
		rel, rows, q, _ := n.relative(r, act, true, cols)
		for at := 0; at < len(rows); at += 6 * q {
			row := make([]float64, c)
			for i, y := range rows[at : at+6*q] {
				if y != 0 {
					dense.Add(row, y, rel[i*c:i*c+c])
				}
			}
			x = append(x, row...)
		}
	}
	if m := len(x); c > 0 && m > 0 {
		m /= c
		low, perm, diag := slices.Clone(x), make([]int, m), make([]float64, m)
		dense.LowerPivoted(low, m, c, perm, diag)
		rank := 0
		for rank < min(m, c) && diag[rank] > tol.Resists {
			rank++
		}
		if rank < m && rank < c && diag[rank] > tol.PivotRounding {
			d.unsure = true
		}
		out := make([]float64, 0, rank*c)
		for _, i := range perm[:rank] {
			out = append(out, x[i*c:i*c+c]...)
		}
		n.reflect(cols, out, rank)
	}
	for _, r := range rels {
		n.putAside(n.Sys.FreeBodies(r, &buf))
	}
}

// within tells whether all bodies of a relation are in the piece at hand.
func (d *dissection) within(r *solve.Relation) bool {
	var buf [4]int
	return !slices.ContainsFunc(d.Sys.FreeBodies(r, &buf), func(b int) bool { return d.in[b] != d.round && !d.stands(b) })
}

// outward orders bodies by how many relations they are away from one at an end, so that the halves hang together and little lies between.
func (d *dissection) outward(bodies []int) []int {
	out := d.reached(bodies[0], bodies)
	return d.reached(out[len(out)-1], bodies)
}

// reached lists the bodies in the order in which they are reached from one; what hangs on nothing reached follows, in its own order.
func (d *dissection) reached(from int, bodies []int) []int {
	d.round++
	for _, b := range bodies {
		d.in[b] = d.round
	}
	out := make([]int, 0, len(bodies))
	take := func(b int) {
		if d.in[b] == d.round {
			d.in[b] = -d.round
			out = append(out, b)
		}
	}
	take(from)
	next := 0
	var buf [4]int
	for k := 0; len(out) < len(bodies); k++ {
		if k == len(out) { // another part of them
			for d.in[bodies[next]] != d.round {
				next++
			}
			take(bodies[next])
		}
		for _, r := range d.of[out[k]] {
			for _, b := range d.Sys.FreeBodies(r, &buf) {
				take(b)
			}
		}
	}
	return out
}

// withdraw recombines the columns in which bodies of a piece move that have relations to come, so that as few as possible do so.
func (d *dissection) withdraw(bodies []int) {
	n := d.Basis
	var edge []int
	for _, b := range bodies {
		if n.todo[b] > 0 {
			edge = append(edge, b)
		}
	}
	cols := slices.Clone(n.touched(edge))
	c, r := len(cols), 6*len(edge)
	if r == 0 || c < 2 {
		return
	}
	m := make([]float64, r*c)
	for k, b := range edge {
		at := 0
		for j := range n.of[b] {
			e := &n.of[b][j]
			for cols[at] != e.Col {
				at++
			}
			for q, x := range e.V {
				m[(6*k+q)*c+at] = x
			}
		}
	}
	perm, diag, v := make([]int, r), make([]float64, r), make([]float64, r*c)
	dense.LowerReflected(m, r, c, perm, diag, v)
	rank := 0
	for rank < min(r, c) && diag[rank] > tol.StandsStill*diag[0] {
		rank++
	}
	if rank == c {
		return
	}
	n.moving(cols)
	first := n.turned(cols, v[:rank*c], 0)
	at := make([]int, r) // row → where it came
	for k, i := range perm {
		at[i] = k
	}
	for k, b := range edge {
		es := make([]Entry, 0, rank)
		for j := range rank {
			e := Entry{Col: first + int32(j)}
			for q := range e.V {
				e.V[q] = m[at[6*k+q]*c+j]
			}
			if e.moves() {
				es = append(es, e)
				n.on[e.Col] = append(n.on[e.Col], int32(b))
			}
		}
		n.of[b] = es
	}
	n.leave(cols, 0)
}
