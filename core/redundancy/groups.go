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

// Groups finds the groups of relations that repeat each other: those tied together by combinations of their equations that cancel.
// Each block is looked at by itself, if any of its relations removed less than it asked. allowed is the tolerance of the assembly.
// The groups come in the order of their first relations.
func Groups(sys *solve.System, poses []geom.Pose, blocks []solve.Block, allowed solve.Miss) []report.DoubledGroup {
	g := &grouping{sys: sys, allowed: allowed}
	for _, b := range blocks {
		if b.Excess == 0 || sys.Stopped() {
			continue
		}
		if g.e == nil {
			g.e = NewElimination(sys, poses)
		}
		g.block(b)
	}
	sort.SliceStable(g.out, func(i, j int) bool { return g.out[i].first < g.out[j].first })
	var out []report.DoubledGroup
	for _, k := range g.out {
		out = append(out, k.DoubledGroup)
	}
	return out
}

// grouping gathers groups block by block.
type grouping struct {
	sys     *solve.System
	e       *Elimination
	allowed solve.Miss
	sets    dense.Sets
	tied    []bool
	out     []group
}

type group struct {
	report.DoubledGroup
	first  int // relation
	cancel [][]Term
}

// block tells one block's groups. Where the work grows too large it is one group, which tolerates what none could fail to.
func (g *grouping) block(b solve.Block) {
	cancel := g.e.Cancelling(b.Rels)
	if g.e.Exhausted() || len(cancel) == 0 {
		k := group{first: b.Rels[0]}
		k.Excess, k.Tolerates = b.Excess, g.surely()
		for _, i := range b.Rels {
			k.Mates = append(k.Mates, g.sys.Rels[i].ID)
		}
		g.out = append(g.out, k)
		return
	}
	found := g.gather(b.Rels, cancel)
	if len(found) == 1 {
		found[0].Excess = b.Excess
	}
	g.out = append(g.out, found...)
}

// gather joins relations that share a cancelling combination.
func (g *grouping) gather(block []int, cancel [][]Term) []group {
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
	}
	return out
}
