package mobility

import (
	"math"
	"slices"

	"setfast/core/solve"
)

// hung is a block of relations that hangs on one body, its root: what it removes, and how its bodies move as seen from the root, is no
// matter of all other blocks.
type hung struct {
	rels   []int
	bodies []int     // ascending; not the root
	root   int       // less than none where it hangs on the ground
	last   int       // the latest line of its relations
	path   int       // and of those of all blocks between it and the ground
	moves  int       // columns in which its bodies may move
	born   []int     // per column: the turn at which it came to be
	of     [][]Entry // per body: its motion as seen from the root
	on     [][]Entry // per body: the same on the body's own line
	after  [][2]int  // per body: the rank of that, and that of its turns
	asked  []asked
}

// asked is how a body moved on a line, as seen from the root of its block.
type asked struct {
	body, line int
	of         []Entry
}

// hanging is an assembly as blocks.
type hanging struct {
	sys    *solve.System
	list   []hung
	blocks []*hung // the same, roots before what hangs on them
	home   []int   // per body: the block of the list in which it is not the root; less than none for what stands
	turn   []int   // per relation: its place in the order in which all are posted and bodies opened
	opens  []int   // per body: the same
	turns  int
	late   int // answers that are wanted
}

const (
	mostLate    = 4  // answers, for each body, that may be wanted of what lies on its way to the ground as it was before all of that was posted
	mostCarried = 32 // motions of its root in which each body may go along, on the average
)

// scrambled tells whether bodies come in an order in which much of what carries them is closed later.
func (h *hanging) scrambled() bool { return h.late > mostLate*len(h.home) }

// deep tells whether so many freedoms hang on one another that it is better to have them hold one another still, as one block.
func (h *hanging) deep() bool {
	sum := 0
	for _, k := range h.blocks {
		if k.moves = len(k.born); k.root >= 0 {
			along := h.of(k.root).moves
			k.moves += along
			sum += along * len(k.bodies)
		}
	}
	return sum > mostCarried*len(h.home)
}

// whole is an assembly as one block.
func whole(sys *solve.System, rels []int) *hanging {
	return hangingOf(sys, rels, []solve.Block{{Rels: rels, Root: len(sys.Bodies)}})
}

// hangingOf takes an assembly apart into blocks.
func hangingOf(sys *solve.System, rels []int, blocks []solve.Block) *hanging {
	nb := len(sys.Bodies)
	h := &hanging{sys: sys, home: sys.Homes(blocks), turn: make([]int, len(sys.Rels)), opens: make([]int, nb), list: make([]hung, len(blocks), len(blocks)+nb/8)}
	room := make([]int, len(rels)+nb)
	in := make([]int, len(sys.Rels)) // per relation: its block
	for i := range blocks {
		k, n := &h.list[i], len(blocks[i].Rels)
		k.last = -1
		if k.root = blocks[i].Root; k.root == nb {
			k.root = -1
		}
		k.rels, room = room[:0:n], room[n:]
		for _, r := range blocks[i].Rels {
			in[r] = i
		}
	}
	for _, i := range h.order(rels) {
		k := &h.list[in[i]]
		k.rels = append(k.rels, i)
		k.last = sys.Rels[i].Last()
	}
	many := make([]int, len(blocks), cap(h.list)) // bodies
	for b := range sys.Bodies {
		if sys.Bodies[b].Fixed {
			continue
		}
		if h.home[b] < 0 { // nothing carries it
			h.home[b] = len(h.list)
			h.list, many = append(h.list, hung{root: -1, last: -1}), append(many, 0)
		}
		many[h.home[b]]++
	}
	for b, k := range h.home {
		if k < 0 {
			continue
		}
		if h.list[k].bodies == nil {
			h.list[k].bodies, room = room[:0:many[k]], room[many[k]:]
		}
		h.list[k].bodies = append(h.list[k].bodies, b)
	}
	for i := len(h.list) - 1; i >= 0; i-- { // bodies that nothing carries, then blocks, which are given roots last
		h.blocks = append(h.blocks, &h.list[i])
	}
	h.ask()
	return h
}

// order is that in which relations are posted: by line, as given on each. It notes when bodies are opened between them.
func (h *hanging) order(rels []int) []int {
	out := make([]int, 0, len(rels))
	for l, list := range h.sys.ByLine(rels) {
		if l > 0 {
			h.opens[l-1] = h.turns
			h.turns++
		}
		for _, i := range list {
			h.turn[i] = h.turns
			h.turns++
		}
		out = append(out, list...)
	}
	return out
}

// of is the block of a body.
func (h *hanging) of(b int) *hung { return &h.list[h.home[b]] }

// ask notes what must be known, on the line of a body, of what carries it, where not all of that is posted by then.
func (h *hanging) ask() {
	for _, k := range h.blocks {
		if k.path = k.last; k.root >= 0 {
			k.path = max(k.path, h.of(k.root).path)
		}
	}
	for b := range h.home {
		if h.home[b] < 0 {
			continue
		}
		for x := h.of(b).root; x >= 0 && x <= b && h.of(x).path > b; x = h.of(x).root {
			k := h.of(x)
			k.asked = append(k.asked, asked{body: x, line: b})
			h.late++
		}
	}
}

// carried is a motion of a body as one of another that goes along with it.
func (n *Basis) carried(e *Entry, root, b int) (out Entry) {
	from, to := &n.Sys.Bodies[root], &n.Sys.Bodies[b]
	arm := n.Poses[b].Point(to.Centre).Sub(n.Poses[root].Point(from.Centre))
	k := 1 / from.Size
	wx, wy, wz := e.V[3]*k, e.V[4]*k, e.V[5]*k
	out.Col = e.Col
	out.V = [6]float64{e.V[0] + wy*arm.Z - wz*arm.Y, e.V[1] + wz*arm.X - wx*arm.Z, e.V[2] + wx*arm.Y - wy*arm.X, 0, 0, 0}
	if !n.points[b] {
		out.V[3], out.V[4], out.V[5] = wx*to.Size, wy*to.Size, wz*to.Size
	}
	return out
}

// large is the largest number of a motion.
func (e *Entry) large() (most float64) {
	for _, z := range e.V {
		most = math.Max(most, math.Abs(z))
	}
	return most
}

// was is how a body moved once the relations up to a line were posted.
func (h *hanging) was(n *Basis, b, line int) []Entry {
	k := h.of(b)
	if line >= k.path {
		return n.of[b]
	}
	i, _ := slices.BinarySearchFunc(k.asked, line, func(a asked, l int) int { return a.line - l })
	return h.seenWith(n, k.asked[i].of, b, line)
}

// seenWith adds to motions of a body, as seen from its root on a line, how the root moved.
func (h *hanging) seenWith(n *Basis, own []Entry, b, line int) []Entry {
	root := h.of(b).root
	if root < 0 || root > line { // what is not opened yet holds nothing
		return own
	}
	of := h.was(n, root, line)
	if len(of) == 0 {
		return own
	}
	out := slices.Clone(own)
	for i := range of {
		out = append(out, n.carried(&of[i], root, b))
	}
	return out
}
