package mobility

import (
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/par"
	"setfast/core/slab"
	"setfast/core/solve"
	"setfast/core/tol"
)

// Posting is what came of posting relations line by line: each on the line of the latest of its bodies.
type Posting struct {
	Basis   *Basis       // finished
	Removed []int        // per relation of the system
	Misses  []solve.Miss // of relations that were looked at on the way
	Missed  []bool       // which of them are known
	After   [][2]int     // per body: the freedom it had on its own line, and how much of that was turning
}

// Posted posts relations, given as blocks too. Blocks are posted each by itself, on all processors, as seen from the body by which they
// hang on the rest: no motion of that is resisted by them, so ranks are the same as if all were posted together. The basis is put together
// from the ground up: in a motion of its root a block goes along, but for what it is free to leave.
func Posted(sys *solve.System, poses []geom.Pose, rels []int, blocks []solve.Block) *Posting {
	nr := len(sys.Rels)
	p := &Posting{Basis: New(sys, poses, rels), Removed: make([]int, nr), Misses: make([]solve.Miss, nr), Missed: make([]bool, nr),
		After: make([][2]int, len(sys.Bodies))}
	h := hangingOf(sys, rels, blocks)
	if h.scrambled() {
		h = whole(sys, rels)
	}
	p.post(h)
	if h.deep() {
		h = whole(sys, rels)
		p.post(h)
	}
	if n := p.Basis; !sys.Stopped() {
		n.assemble(h)
		p.lines(h)
		n.spin()
		n.done = true
	}
	return p
}

// post posts the blocks.
func (p *Posting) post(h *hanging) {
	par.Shares(len(h.blocks), 16, h.sys.Stopped, func() func(int) {
		w := &poster{Basis: New(h.sys.Apart(), p.Basis.Poses, nil), p: p, h: h}
		w.points = p.Basis.points
		return func(i int) { w.block(h.blocks[i]) }
	})
}

// poster posts blocks, one after another.
type poster struct {
	*Basis
	p    *Posting
	h    *hanging
	born []int // per column
	kept slab.Of[Entry]
	anew *anew // the basis of the block at hand, once it is wanted
}

// block posts the relations of one.
func (w *poster) block(k *hung) {
	if len(k.bodies) == 1 && w.alone(k) {
		return
	}
	n := w.Basis
	n.begin(k)
	w.born = w.born[:0]
	k.after, k.of = make([][2]int, len(k.bodies)), make([][]Entry, len(k.bodies))
	if k.root >= 0 {
		k.on = make([][]Entry, len(k.bodies))
	}
	rels, wanted := k.rels, k.asked
	post := func(upto int) {
		for ; len(rels) > 0 && n.Sys.Rels[rels[0]].Last() <= upto; rels = rels[1:] {
			line := n.Sys.Rels[rels[0]].Last()
			for ; len(wanted) > 0 && wanted[0].line < line; wanted = wanted[1:] {
				w.answer(&wanted[0])
			}
			w.relation(k, rels[0])
		}
	}
	for i, b := range k.bodies {
		post(b - 1)
		n.Open(b)
		w.bear(w.h.opens[b], false)
		post(b)
		left, turns := n.Restricted(b)
		k.after[i] = [2]int{left, turns}
		if k.root >= 0 {
			k.on[i] = w.keep(n.of[b])
		}
	}
	post(len(n.Sys.Bodies))
	for i := range wanted {
		w.answer(&wanted[i])
	}
	w.finish(k)
}

// answer notes how a body moves now. It was not put aside before.
func (w *poster) answer(a *asked) {
	a.of = w.keep(w.of[a.body])
	w.putAside([]int{a.body})
}

// relation posts one.
func (w *poster) relation(k *hung, i int) {
	was := w.renewed
	w.p.Removed[i] = w.Post(w.Sys.Rels[i])
	w.p.Misses[i], w.p.Missed[i] = w.Miss()
	if w.mixed > manyMixed && w.anew == nil {
		w.anew = w.beginAnew(k)
	}
	w.bear(w.h.turn[i], w.renewed != was)
}

// bear notes when columns came to be.
func (w *poster) bear(turn int, anew bool) {
	if anew {
		w.born = w.born[:0]
	}
	for len(w.born) < len(w.on) {
		w.born = append(w.born, turn)
	}
}

// keep copies motions to where they stay.
func (w *poster) keep(es []Entry) []Entry { return append(w.kept.Room(len(es)), es...) }

// finish notes how the bodies of a block move in the columns that are left.
func (w *poster) finish(k *hung) {
	n := w.Basis
	for c, by := range n.owner {
		if by != replaced {
			k.born = append(k.born, w.born[c])
		}
	}
	if len(n.log) > 0 {
		if m := w.anew.take(n.mixed > mostMixed); m != nil {
			n = m
		} else if !n.settle() {
			return
		}
		w.anew = nil
		if len(k.born) != n.columns { // made anew
			k.born = slices.Repeat([]int{w.h.turn[k.rels[len(k.rels)-1]]}, n.columns)
		}
		for i, b := range k.bodies {
			k.of[i] = w.keep(n.of[b])
		}
		return
	}
	to := make([]int32, len(n.owner))
	left := int32(0)
	for c, by := range n.owner {
		if to[c] = left; by != replaced {
			left++
		}
	}
	for i, b := range k.bodies {
		es := w.kept.Room(len(n.of[b]))
		for j := range n.of[b] {
			if e := n.of[b][j]; dense.Norm6(&e.V) > tol.StandsStill {
				e.Col = to[e.Col]
				es = append(es, e)
			}
		}
		k.of[i] = es
	}
}

// begin begins anew, at the same poses, with nothing opened and the relations of a block to be posted.
func (n *Basis) begin(k *hung) {
	n.shut()
	n.empty()
	n.posted, n.noise, n.renewed = n.posted[:0], 0, 0
	var buf [4]int
	for _, add := range [2]bool{false, true} {
		for _, i := range k.rels {
			for _, b := range n.Sys.FreeBodies(n.Sys.Rels[i], &buf) {
				if add {
					n.todo[b]++
				} else {
					n.todo[b] = 0
				}
			}
		}
	}
	for _, a := range k.asked {
		n.todo[a.body]++
	}
}

// assemble puts the basis of all together from those of the blocks. Columns are numbered in the order in which they came to be.
func (n *Basis) assemble(h *hanging) {
	first := make([]int, h.turns+1)
	for _, k := range h.blocks {
		for _, t := range k.born {
			first[t+1]++
		}
		n.columns += len(k.born)
	}
	for t := range h.turns {
		first[t+1] += first[t]
	}
	for b := range h.home {
		if h.home[b] >= 0 {
			n.open[b] = true
			n.opened = append(n.opened, b)
			if n.points[b] {
				n.spins += 3
			}
		}
	}
	var ids []int32
	for _, k := range h.blocks {
		ids = ids[:0]
		for _, t := range k.born {
			ids = append(ids, int32(first[t]))
			first[t]++
		}
		for i := range k.of {
			for j := range k.of[i] {
				k.of[i][j].Col = ids[k.of[i][j].Col]
			}
		}
		if k.root >= 0 && len(n.of[k.root]) > 0 {
			n.hang(k, ids)
		}
		for i, b := range k.bodies {
			n.of[b] = k.of[i]
		}
	}
	n.list()
}

// mostLeft is how many numbers the free motions of a block may have for what it goes along with to be made as small as they can.
const mostLeft = 600

// hang has the bodies of a block go along with its root, all of whose columns are known.
func (n *Basis) hang(k *hung, ids []int32) {
	m := 6 * len(k.bodies)
	var free []float64 // by columns, orthonormal
	if d := len(ids); m*d <= mostLeft {
		free = n.work.floats(0, m*d)
		for i := range k.of {
			for _, e := range k.of[i] {
				c := slices.Index(ids, e.Col)
				copy(free[c*m+6*i:c*m+6*i+6], e.V[:])
			}
		}
		orthonormal(free, m, d)
	}
	out := make([][]Entry, len(k.bodies))
	for i := range out {
		out[i] = append(make([]Entry, 0, len(k.of[i])+len(n.of[k.root])), k.of[i]...)
	}
	x, large := n.work.floats(1, m), n.work.floats(2, len(k.bodies))
	for j := range n.of[k.root] {
		root := &n.of[k.root][j]
		for i, b := range k.bodies {
			e := n.carried(root, k.root, b)
			copy(x[6*i:6*i+6], e.V[:])
			large[i] = e.large()
		}
		for pass := 0; pass < 2; pass++ {
			for f := free; len(f) > 0; f = f[m:] {
				dense.Add(x, -dense.Dot(x, f[:m]), f[:m])
			}
		}
		for i := range k.bodies {
			e := Entry{root.Col, [6]float64(x[6*i : 6*i+6])}
			if e.beyond(math.Max(tol.StandsStill, tol.Cancelled*large[i])) {
				out[i] = append(out[i], e)
			}
		}
	}
	for i := range out {
		if !slices.IsSortedFunc(out[i], byColumn) {
			slices.SortFunc(out[i], byColumn)
		}
	}
	k.of = out
}

func byColumn(a, b Entry) int { return int(a.Col - b.Col) }

// lines tells the freedom of each body on its own line.
func (p *Posting) lines(h *hanging) {
	const atOnce = 128
	par.Runs(len(h.blocks), atOnce, func(_, from, to int) {
		n := p.Basis.Apart()
		for _, k := range h.blocks[from:to] {
			for i, b := range k.bodies {
				if p.After[b] = k.after[i]; k.root >= 0 && k.after[i][0] < 6 {
					p.After[b] = h.onLine(n, k, i)
				}
			}
		}
	})
}

// onLine is the freedom of the i-th body of a block on its own line.
func (h *hanging) onLine(n *Basis, k *hung, i int) [2]int {
	b := k.bodies[i]
	es := h.seenWith(n, k.on[i], b, b)
	if len(es) == len(k.on[i]) {
		return k.after[i]
	}
	left, turns := n.freedom(b, es)
	return [2]int{left, turns}
}
