package redundancy

import (
	"reflect"
	"testing"

	"setfast/core/bench"
	"setfast/core/mobility"
	"setfast/core/model"
	"setfast/core/solve"
)

// TestSafeBound: a block too large to be told apart is told whole, with a bound that is never too generous.
func TestSafeBound(t *testing.T) {
	m, err := model.New(bench.NewRandom(5, 3, 8, 40).Doc.Open(), "main", nil)
	if err != nil {
		t.Fatal(err)
	}
	poses := m.Sys.Solve(m.Options(true)).Poses
	removed := mobility.Posted(m.Sys, poses, m.Rels, m.Sys.Blocks(m.Rels, nil)).Removed
	tried := 0
	allowed := solve.Miss{MM: m.Set.ToleranceMM, Deg: m.Set.ToleranceDeg}
	for _, b := range m.Sys.Blocks(m.Rels, removed) {
		if b.Excess == 0 {
			continue
		}
		tried++
		one := []solve.Block{b}
		exact := New(m.Sys, poses, allowed).Groups(one)
		ahead := New(m.Sys, poses, allowed)
		ahead.Ahead(one)
		if len(ahead.found) == 0 != !New(m.Sys, poses, allowed).certain(0, b) || !reflect.DeepEqual(ahead.Groups(one), exact) {
			t.Error("looked at ahead it is told otherwise")
		}
		cut := New(m.Sys, poses, allowed)
		cut.e.Most = 0
		whole := cut.Groups(one)
		if len(whole) != 1 || whole[0].Excess != b.Excess || len(whole[0].Mates) != len(b.Rels) {
			t.Errorf("told whole as %+v", whole)
		}
		for _, g := range exact {
			if g.Tolerates.MM != nil && *whole[0].Tolerates.MM > *g.Tolerates.MM {
				t.Errorf("the bound %g is above the exact %g", *whole[0].Tolerates.MM, *g.Tolerates.MM)
			}
		}
	}
	if tried == 0 {
		t.Error("nothing is doubled here")
	}
}
