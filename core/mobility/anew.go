package mobility

import (
	"sync/atomic"

	"setfast/core/par"
)

// anew is the basis of a block that is made anew, and finished, while its relations are posted line by line.
type anew struct {
	off  atomic.Bool // nobody wants it any more
	wait func() *Basis
}

// beginAnew begins to make it.
func (w *poster) beginAnew(k *hung) *anew {
	a := &anew{}
	sys := w.Sys.Apart()
	stop := sys.Stop
	sys.Stop = func() bool { return a.off.Load() || stop != nil && stop() }
	n := New(sys, w.Poses, nil)
	n.points = w.points
	for _, b := range k.bodies {
		n.open[b] = true
	}
	n.opened = k.bodies
	for _, i := range k.rels {
		n.posted = append(n.posted, sys.Rels[i])
	}
	a.wait = par.Meanwhile(func() *Basis {
		if m := n.dissected(); m != nil && m.settle() {
			return m
		}
		return nil
	})
	return a
}

// take gives it, where it is wanted and could be made.
func (a *anew) take(wanted bool) *Basis {
	if a == nil {
		return nil
	}
	a.off.Store(!wanted)
	return a.wait()
}
