package redundancy

import (
	"math"
	"testing"

	"setfast/core/relation"
	"setfast/core/solve"
)

// TestBoundsOfCombinations sets equations and their parts in combinations to either side of what they hang on.
func TestBoundsOfCombinations(t *testing.T) {
	sys := &solve.System{Bodies: make([]solve.Body, 1), Rels: []*solve.Relation{{ID: "a"}, {ID: "b"}}}
	for e, want := range map[float64]float64{4e-13: 4e-13 / 1e-12, 4e-12: 1} {
		x := NewElimination(sys, nil)
		x.take(0, &relation.Row{R: e, N: 1, G: [4][6]float64{{e}}})
		if got := x.Equations[0].Miss; math.Abs(got-want) > 1e-9 {
			t.Errorf("NoLength: an equation that changes by %g per mm, off by as much, misses %g, want %g", e, got, want)
		}
	}
	for e, want := range map[float64]float64{4e-13: 4e-13, 4e-12: 0} {
		x := NewElimination(sys, nil)
		g := [6]float64{e}
		x.clear(&g, &keptRow{lead: [6]float64{1}})
		if g[0] != want {
			t.Errorf("NoPart: of %g in common %g is left, want %g", e, g[0], want)
		}
	}
	for e, want := range map[float64]int{4e-11: 1, 4e-10: 2} {
		x := NewElimination(sys, nil)
		x.in, x.coef = []int{0, 1}, []float64{1, e}
		if got := len(x.combination()); got != want {
			t.Errorf("NoTerm: %d terms of 1 and %g, want %d", got, e, want)
		}
	}
	for e, want := range map[float64]bool{4e-11: false, 4e-10: true} {
		x := NewElimination(sys, nil)
		x.count = true
		for _, g := range [][6]float64{{1}, {1, e}} {
			x.take(0, &relation.Row{N: 1, G: [4][6]float64{g}})
		}
		if x.doubt != want {
			t.Errorf("SurelyNothing: where %g is left of an equation it is in doubt: %v", e, x.doubt)
		}
	}
	grouping := func() *Repeats {
		return &Repeats{sys: sys, allowed: solve.Miss{MM: 1, Deg: 1}, e: &Elimination{Equations: []Equation{{Relation: 0, Length: 1}, {Relation: 1, Length: 1}}}}
	}
	for e, want := range map[float64]int{4e-7: 1, 4e-6: 2} {
		if got := len(grouping().gather([]int{0, 1}, [][]Term{{{0, 1}, {1, e}}})[0].Mates); got != want {
			t.Errorf("TakesPart: a relation with %g in it: %d in the group, want %d", e, got, want)
		}
	}
	// two combinations of two equations: alike they are one, in which each equation shares a change with the other
	for e, want := range map[float64]float64{4e-10: 2, 4e-9: 1} {
		if got := *grouping().tolerates([][]Term{{{0, 1}, {1, 1}}, {{0, 1}, {1, 1 + e}}}).MM; math.Abs(got-want) > 1e-3 {
			t.Errorf("Independent: combinations that differ by %g tolerate %g mm, want %g", e, got, want)
		}
	}
}
