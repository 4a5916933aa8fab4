package edit

import (
	"fmt"
	"maps"
	"math/rand/v2"
	"setfast/core/geom"
	"slices"
	"testing"
)

// TestIndependentEdits: two edits of which neither disturbs the other lead to the same assembly in either order, up to the order
// of lists that both add to.
func TestIndependentEdits(t *testing.T) {
	r := rand.New(rand.NewPCG(3, 5))
	apart := 0
	rounds := 3
	if testing.Short() {
		rounds = 1
	}
	for range rounds {
		a := read(t)
		all := randomEdits(a, r)
		names := slices.Sorted(maps.Keys(all))
		for _, m := range names {
			for _, n := range names {
				x, y := all[m].e, all[n].e
				if m == n || Touched(x).Disturbs(Touched(y)) || Touched(y).Disturbs(Touched(x)) {
					continue
				}
				apart++
				one, _, err := Apply(a, x)
				if err == nil {
					one, _, err = Apply(one, y)
				}
				if err != nil {
					t.Fatalf("%s, then %s: %v", m, n, err)
				}
				two, _, err := Apply(a, y)
				if err == nil {
					two, _, err = Apply(two, x)
				}
				if err != nil {
					t.Fatalf("%s, then %s: %v", n, m, err)
				}
				if d := differences(flat(t, one), flat(t, two)); len(d) > 0 {
					t.Errorf("%s and %s depend on their order: %v", m, n, d)
				}
			}
		}
	}
	if apart < 30*rounds {
		t.Errorf("only %d pairs were independent", apart)
	}
	for _, c := range []struct {
		first, second Edit
		disturbs      bool
	}{
		{Title{Name: new(string)}, Title{Number: new(string)}, false},
		{Title{Name: new(string)}, Title{Name: new(string)}, true},
		{Set{"m1", "suppressed", js("true")}, Set{"j", "suppressed", js("true")}, false},
		{Set{"j", "sense", nil}, Set{"j", "value", nil}, true},
		{Rename{"pin", "bolt"}, Relate{js(`{"id": "x", "type": "parallel", "a": "pin/f1", "b": "base/f1"}`), nil}, true},
		{Remove{"cover"}, Ground{"pin", true}, true},
		{Move{map[string]geom.Pose{"pin": {}}}, Ground{"pin", true}, true},
		{Move{map[string]geom.Pose{"pin": {}}}, Set{"m1", "value", nil}, false},
		{Set{"j", "value", nil}, Relate{js(`{"id": "g", "type": "gear", "a": "j", "b": "s", "ratio": 2}`), nil}, true},
	} {
		if got := Touched(c.first).Disturbs(Touched(c.second)); got != c.disturbs {
			t.Errorf("%s disturbs %s: %v", fmt.Sprint(c.first), fmt.Sprint(c.second), got)
		}
	}
}
