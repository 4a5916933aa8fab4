package mobility

import (
	"setfast/core/geom"
	"setfast/core/solve"
)

// Counter counts the freedoms that relations leave to some bodies, all others standing, at poses that are tried. It keeps its memory.
type Counter struct{ b *Basis }

// NewCounter prepares to count.
func NewCounter(sys *solve.System) *Counter {
	b := New(sys, nil, nil)
	b.only = true
	return &Counter{b}
}

// Left counts them at poses; relations are posted in the order given.
func (k *Counter) Left(poses []geom.Pose, bodies []int, rels []*solve.Relation) int {
	n := k.b
	n.again(poses, bodies, rels)
	for _, b := range bodies {
		n.Open(b)
	}
	for _, r := range rels {
		n.Post(r)
	}
	n.shut()
	return n.Left()
}

// again begins anew, with the same memory, an account of other relations and the bodies opened before forgotten.
func (n *Basis) again(poses []geom.Pose, bodies []int, rels []*solve.Relation) {
	n.Poses, n.reach = poses, 0
	n.empty()
	for _, b := range bodies {
		n.of[b], n.todo[b] = nil, 0
	}
	var buf [4]int
	for _, r := range rels {
		for _, b := range n.Sys.FreeBodies(r, &buf) {
			n.todo[b]++
		}
	}
}

// shut closes the bodies that were opened.
func (n *Basis) shut() {
	for _, b := range n.opened {
		n.open[b], n.of[b] = false, nil
	}
	n.opened = n.opened[:0]
}

// empty forgets all columns.
func (n *Basis) empty() {
	n.columns, n.spins, n.mixed, n.grown = 0, 0, 0, n.grown[:0]
	n.on, n.owner, n.log = n.on[:0], n.owner[:0], n.log[:0]
	w := &n.work
	w.entries.Empty()
	w.ints.Empty()
	w.kept.Empty()
}
