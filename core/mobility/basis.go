// Package mobility counts what relations leave free: a basis of the null space of their derivatives, kept while they are posted one
// after another. Ranks are judged at each relation on the motion of its bodies relative to each other, so that neither the size of the
// assembly nor what was posted before decides. A relation is eliminated by columns that move one of its bodies alone, or by
// Householder's reflections (1958) where a loop closes (Golub and Van Loan, Matrix Computations, chapter 5). docs/method.md works
// an example.
//
// Cost: linear in bodies for trees, the square of the columns it meets for a loop; n² for an open chain of n hinges. It is the first
// order: at singular poses it counts motions that lead nowhere, which package motion finds out.
package mobility

import (
	"slices"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/solve"
)

// Entry is the motion of a body in one column of the basis, in the body's own measure.
type Entry struct {
	Col int32
	V   [6]float64
}

// Basis is a basis of the null space of the relations posted so far: of the bodies' small motions that they allow, in the bodies'
// own measure (mm at the middle of the body, mm at its reach for turns). It is sparse: a body lists only the columns in which it
// moves. A body that can answer for a relation by itself is eliminated in terms of the columns of the others; where a loop
// closes, the columns are reflected among each other.
//
// A body whose relations are all posted is put aside: what later relations do to the columns is written down, and applied
// to it once, at the end (finish). So the work of a relation depends on the bodies still open, not on all before it.
type Basis struct {
	Sys     *solve.System
	Poses   []geom.Pose
	of      [][]Entry // per body, by column ascending
	open    []bool    // per body: it has been opened
	opened  []int     // these bodies
	on      [][]int32 // per column: the bodies still open that move in it
	owner   []int32   // per column: the one body that moves in it and ever did; or shared, or replaced
	columns int       // those in force
	points  []bool    // per body: its relations are about its middle alone, and its turns are no matter of theirs
	spins   int       // turns of such bodies
	done    bool      // finished
	todo    []int32   // per body: relations not posted yet
	reach   float64   // mm, of all bodies, once asked for
	grown   []float64 // per column, of those that slides have made
	posted  []*solve.Relation
	mixed   float64 // about how many numbers the log mixes with one another
	noise   float64 // mm in a unit motion of the whole: what is left, at most, of equations that repeat others
	renewed int     // bodies of bases that were made anew on the way
	only    bool    // only the number of freedoms matters: bodies put aside are forgotten
	log     []step
	work    workspace
}

const (
	shared   = -1
	replaced = -2
)

// step is a change of basis: old columns are reflected, the first of the outcome fall away, the others are new columns.
type step struct {
	old   []int32
	first int32     // the first of the new columns, which follow one another
	gone  int       // how many fell away
	v     []float64 // reflectors, one after another, each as long as old; none where all fell away
	by    [][]share // or, of each old one, its parts in the new ones
}

// New begins an account of the given relations.
func New(sys *solve.System, poses []geom.Pose, rels []int) *Basis {
	nb := len(sys.Bodies)
	n := &Basis{Sys: sys, Poses: poses, of: make([][]Entry, nb), open: make([]bool, nb), todo: make([]int32, nb)}
	n.work.mark = make([]int32, nb)
	var buf [4]int
	for _, i := range rels {
		for _, b := range sys.FreeBodies(sys.Rels[i], &buf) {
			n.todo[b]++
		}
	}
	n.points = make([]bool, nb)
	for b := range nb {
		n.points[b] = n.todo[b] > 0
	}
	for _, i := range rels {
		n.oriented(sys.Rels[i])
	}
	return n
}

// oriented notes the bodies of which a relation is about more than their middle.
func (n *Basis) oriented(r *solve.Relation) {
	var buf [4]int
	if r.IsCoupling() || r.HasAbout {
		for _, b := range r.Members(&buf) {
			if b >= 0 {
				n.points[b] = false
			}
		}
		return
	}
	for _, f := range [2]*solve.Feat{&r.A, &r.B} {
		if f.Body >= 0 && (f.F.Kind != part.Point && f.F.Kind != part.Sphere || f.Frame.O != n.Sys.Bodies[f.Body].Centre) {
			n.points[f.Body] = false
		}
	}
}

// Open gives a free body its six freedoms. The turns of one that is but a point to its relations are told at the end.
func (n *Basis) Open(b int) {
	n.open[b] = true
	n.opened = append(n.opened, b)
	n.of[b] = n.work.entries.Room(6)
	at := n.work.ints.Room(6)
	free := 6
	if n.points[b] {
		free = 3
	}
	for k := range free {
		e := Entry{Col: int32(len(n.on))}
		e.V[k] = 1
		n.of[b] = append(n.of[b], e)
		at = append(at, int32(b))
		n.on = append(n.on, at[k:k+1:k+1])
		n.owner = append(n.owner, int32(b))
	}
	n.columns += free
	n.spins += 6 - free
}

// Left is the number of freedoms.
func (n *Basis) Left() int { return n.columns + n.spins }

// Of is the motion of a body in the columns in which it moves, once the basis is finished.
func (n *Basis) Of(b int) []Entry { return n.of[b] }

// On lists the bodies that move in a column, once the basis is finished.
func (n *Basis) On(column int) []int32 { return n.on[column] }

// Moves tells whether a body has any freedom left.
func (n *Basis) Moves(b int) bool { return len(n.of[b]) > 0 }

// touched lists the columns in which any of the bodies moves, ascending.
func (n *Basis) touched(bodies []int) []int32 {
	out := n.work.cols[:0]
	for _, b := range bodies {
		for i := range n.of[b] {
			out = append(out, n.of[b][i].Col)
		}
	}
	if len(bodies) > 1 {
		slices.Sort(out)
		out = slices.Compact(out)
	}
	n.work.cols = out
	return out
}

// putAside takes bodies whose relations are all posted out of the columns' lists.
func (n *Basis) putAside(bodies []int) {
	for _, b := range bodies {
		if n.todo[b]--; n.todo[b] > 0 {
			continue
		}
		for i := range n.of[b] {
			l := n.on[n.of[b][i].Col]
			for k, x := range l {
				if int(x) == b {
					l[k] = l[len(l)-1]
					n.on[n.of[b][i].Col] = l[:len(l)-1]
					break
				}
			}
		}
	}
}
