package redundancy

import (
	"math"
	"sort"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/report"
	"setfast/core/solve"
	"setfast/core/tol"
)

// Repeats finds the groups of relations that repeat each other: those tied together by combinations of their equations that cancel.
// Each block is looked at by itself, and once.
type Repeats struct {
	sys     *solve.System
	e       *Elimination
	allowed solve.Miss // the tolerance of the assembly
	sets    dense.Sets
	tied    []bool
	found   map[int][]group // per block, by its place
	seen    []int           // per body: the block in which it was last counted, and one more
}

type group struct {
	report.DoubledGroup
	first  int // relation
	cancel [][]Term
}

// New prepares to look at a system's relations where it was solved.
func New(sys *solve.System, poses []geom.Pose, allowed solve.Miss) *Repeats {
	return &Repeats{sys: sys, e: NewElimination(sys, poses), allowed: allowed, found: map[int][]group{}, seen: make([]int, len(sys.Bodies))}
}

// Ahead looks at the blocks of which it is sure beforehand that some of it repeats.
func (g *Repeats) Ahead(blocks []solve.Block) {
	for i, b := range blocks {
		if g.sys.Stopped() {
			return
		}
		if g.certain(i, b) {
			g.found[i] = g.block(b.Rels)
		}
	}
}

// certain tells that the relations of the i-th block ask more than they can remove, however its bodies move.
func (g *Repeats) certain(i int, b solve.Block) bool {
	asks, free := 0, 0
	var buf [4]int
	for _, r := range b.Rels {
		asks += g.sys.Rels[r].Asks()
		for _, x := range g.sys.FreeBodies(g.sys.Rels[r], &buf) {
			if x != b.Root && g.seen[x] != i+1 {
				g.seen[x] = i + 1
				free++
			}
		}
	}
	return asks > 6*free
}

// Groups tells the groups of the blocks whose relations removed less than they ask, in the order of their first relations.
func (g *Repeats) Groups(blocks []solve.Block) []report.DoubledGroup {
	var all []group
	for i, b := range blocks {
		if b.Excess == 0 || g.sys.Stopped() {
			continue
		}
		found, known := g.found[i]
		if !known {
			found = g.block(b.Rels)
		}
		if len(found) == 1 {
			found[0].Excess = b.Excess
		}
		all = append(all, found...)
	}
	sort.SliceStable(all, func(i, j int) bool { return all[i].first < all[j].first })
	var out []report.DoubledGroup
	for _, k := range all {
		out = append(out, k.DoubledGroup)
	}
	return out
}

// block tells one block's groups. Where the work grows too large it is one group, which tolerates what none could fail to.
func (g *Repeats) block(rels []int) []group {
	cancel := g.e.Cancelling(rels)
	if g.e.Exhausted() || len(cancel) == 0 {
		k := group{first: rels[0]}
		k.Tolerates = g.surely()
		for _, i := range rels {
			k.Mates = append(k.Mates, g.sys.Rels[i].ID)
		}
		return []group{k}
	}
	return g.gather(rels, cancel)
}

// gather joins relations that share a cancelling combination.
func (g *Repeats) gather(block []int, cancel [][]Term) []group {
	if g.sets == nil {
		g.sets, g.tied = dense.NewSets(len(g.sys.Rels)), make([]bool, len(g.sys.Rels))
	}
	for _, i := range block {
		g.sets[i], g.tied[i] = i, false
	}
	for _, c := range cancel {
		first := -1
		for _, w := range c {
			if math.Abs(w.X) < tol.TakesPart {
				continue
			}
			r := g.e.Equations[w.Row].Relation
			g.tied[r] = true
			if first < 0 {
				first = r
			}
			g.sets.Join(first, r)
		}
	}
	at := map[int]int{}
	var out []group
	for _, i := range block {
		if !g.tied[i] {
			continue
		}
		k := g.sets.Find(i)
		if _, ok := at[k]; !ok {
			at[k] = len(out)
			out = append(out, group{first: i})
		}
		out[at[k]].Mates = append(out[at[k]].Mates, g.sys.Rels[i].ID)
	}
	for _, c := range cancel {
		for _, w := range c {
			if math.Abs(w.X) >= tol.TakesPart {
				k := &out[at[g.sets.Find(g.e.Equations[w.Row].Relation)]]
				k.Excess++
				k.cancel = append(k.cancel, c)
				break
			}
		}
	}
	for k := range out {
		out[k].Tolerates = g.tolerates(out[k].cancel)
		out[k].cancel = nil // thousands would be looked through whenever memory is collected
	}
	return out
}
