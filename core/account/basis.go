package account

import (
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/solve"
)

// Thresholds of rank. All are judged on the motion of related bodies relative to each other, never on the whole.
const (
	tightTol = 1e-5 // a relation stops a relative motion if it resists more than this part of it
	stillTol = 5e-6 // two bodies stay together in a motion if they part by less than this of their own motion in it
	deadTol  = 1e-9 // a motion this small in a unit motion of the whole is none
)

// entry is the motion of a body in one column of the basis, in the body's own measure.
type entry struct {
	col int32
	v   [6]float64
}

// nullspace is what can still move: a basis of the bodies' small motions that the relations so far allow, in the bodies' own
// measure (mm at the middle of the body, mm at its reach for turns). It is sparse: a body lists only the columns in which it
// moves. A body that can answer for a relation by itself rides along in the columns of the others; where a loop closes, the
// columns are reflected among each other.
//
// A body whose relations are all posted is put aside: what later relations do to the columns is written down, and applied
// to it once, at the end (finish). So the work of a relation depends on the bodies still open, not on all before it.
type nullspace struct {
	sys   *solve.System
	poses []geom.Pose
	of    [][]entry // per body, by column ascending
	free  []bool    // per body: it has been opened
	on    [][]int32 // per column: the bodies still open that move in it
	lone  []int32   // per column: the one body that moves in it and ever did; or shared, or replaced
	alive int       // columns in force
	todo  []int32   // per body: relations not posted yet
	count bool      // only the number of freedoms matters: bodies put aside are forgotten
	log   []step
	work  workspace
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
}

// newNullspace begins an account of the given relations.
func newNullspace(sys *solve.System, poses []geom.Pose, rels []int) *nullspace {
	nb := len(sys.Bodies)
	n := &nullspace{sys: sys, poses: poses, of: make([][]entry, nb), free: make([]bool, nb), todo: make([]int32, nb)}
	n.work.mark = make([]int32, nb)
	var buf [4]int
	for _, i := range rels {
		for _, b := range sys.FreeBodies(sys.Rels[i], &buf) {
			n.todo[b]++
		}
	}
	return n
}

// again begins anew, with the same memory, an account of other relations and the bodies opened before forgotten.
func (n *nullspace) again(poses []geom.Pose, bodies []int, rels []*solve.Relation) {
	n.poses, n.alive = poses, 0
	n.on, n.lone, n.log = n.on[:0], n.lone[:0], n.log[:0]
	w := &n.work
	w.entries.empty()
	w.ints.empty()
	w.kept.empty()
	for _, b := range bodies {
		n.of[b], n.todo[b] = nil, 0
	}
	var buf [4]int
	for _, r := range rels {
		for _, b := range n.sys.FreeBodies(r, &buf) {
			n.todo[b]++
		}
	}
}

// open gives a free body its six freedoms.
func (n *nullspace) open(b int) {
	n.free[b] = true
	n.of[b] = n.work.entries.room(6)
	at := n.work.ints.room(6)
	for k := 0; k < 6; k++ {
		e := entry{col: int32(len(n.on))}
		e.v[k] = 1
		n.of[b] = append(n.of[b], e)
		at = append(at, int32(b))
		n.on = append(n.on, at[k:k+1:k+1])
		n.lone = append(n.lone, int32(b))
	}
	n.alive += 6
}

// left is the number of freedoms.
func (n *nullspace) left() int { return n.alive }

// restricted is the freedom of one body: the rank of the basis on it, and how much of that is turning.
func (n *nullspace) restricted(b int) (left, turns int) {
	es := n.of[b]
	if len(es) == 0 {
		return 0, 0
	}
	w := &n.work
	c := len(es)
	a := w.floats(0, 6*c)
	total := 0.0
	for j := range es {
		for i, x := range es[j].v {
			a[i*c+j] = x
			total += x * x
		}
	}
	total = math.Sqrt(total)
	turn := w.floats(1, 3*c)
	copy(turn, a[3*c:])
	rank := func(a []float64, r int, floor float64) int {
		keep := dense.Mat{R: r, C: c, A: w.floats(2, r*c)}
		copy(keep.A, a)
		dense.LowerPivoted(a, r, c, w.perm[:], w.diag[:])
		big := math.Max(w.diag[0], floor)
		k := 0
		for k < r && w.diag[k] > 1e-3*big && w.diag[k] > 1e-3 {
			k++
		}
		if k == r || w.diag[k] < 1e-12*big {
			return k
		}
		_, s, _ := dense.SVD(keep)
		k = 0
		for k < len(s) && s[k] > deadTol && s[k] > stillTol*math.Max(s[0], floor) {
			k++
		}
		return k
	}
	left = rank(a, 6, 0)
	return left, min(left, rank(turn, 3, total))
}

// workspace is memory that is used again for each relation.
type workspace struct {
	f       [8][]float64
	perm    [24]int
	diag    [24]float64
	cols    []int32
	own     []int
	seen    bool    // the relation last posted was evaluated
	acting  []int   // bodies of the relation at hand
	hit     []int32 // bodies that move in the columns at hand
	mark    []int32 // per body: the round in which it was last hit
	tick    int32
	rows    solve.Rows
	six     [][6]float64
	entries slab[entry]
	ints    slab[int32]
	kept    slab[float64]
}

// sixes gives a scratch list of motions, zeroed.
func (w *workspace) sixes(n int) [][6]float64 {
	if cap(w.six) < n {
		w.six = make([][6]float64, 2*n)
	}
	clear(w.six[:n])
	return w.six[:n]
}

// floats gives the k-th scratch list, zeroed.
func (w *workspace) floats(k, n int) []float64 {
	if cap(w.f[k]) < n {
		w.f[k] = make([]float64, n, 2*n)
	}
	s := w.f[k][:n]
	clear(s)
	return s
}

// slab is memory handed out in pieces that stay.
type slab[T any] struct{ s []T }

// room gives an empty list that n can be put into.
func (b *slab[T]) room(n int) []T {
	if len(b.s)+n > cap(b.s) {
		b.s = make([]T, 0, max(4096, n))
	}
	k := len(b.s)
	b.s = b.s[:k+n]
	return b.s[k : k : k+n]
}

// empty takes all pieces back.
func (b *slab[T]) empty() { b.s = b.s[:0] }

// touched lists the columns in which any of the bodies moves, ascending.
func (n *nullspace) touched(bodies []int) []int32 {
	out := n.work.cols[:0]
	for _, b := range bodies {
		for i := range n.of[b] {
			out = append(out, n.of[b][i].col)
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
func (n *nullspace) putAside(bodies []int) {
	for _, b := range bodies {
		if n.todo[b]--; n.todo[b] > 0 {
			continue
		}
		for i := range n.of[b] {
			l := n.on[n.of[b][i].col]
			for k, x := range l {
				if int(x) == b {
					l[k] = l[len(l)-1]
					n.on[n.of[b][i].col] = l[:len(l)-1]
					break
				}
			}
		}
	}
}
