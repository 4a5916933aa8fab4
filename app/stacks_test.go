package app_test

import (
	"context"
	"encoding/json"
	"strings"
	"testing"

	"setfast/app/commands"
	"setfast/core/format"
)

// TestStacksAside: what stacks place is theirs. Accounting for an assembly leaves it alone, and so do proposals for a screw for the holes
// that are left.
func TestStacksAside(t *testing.T) {
	ctx := context.Background()
	id := by["Bolted stand"]
	found, err := a.Implied(ctx, id, "")
	if err != nil {
		t.Fatal(err)
	}
	for mate, says := range found.Says {
		if strings.Contains(string(found.Mates[mate]), "foot/") {
			t.Errorf("%s is on a stack: %s", mate, says)
		}
	}
	item := ""
	for key, row := range judge(t, "Bearing stand").Parts {
		if row.Name == "Screw M6x20" {
			item = key
		}
	}
	do(t, "Bolted stand", commands.Unfasten{As: "right foot"})
	do(t, "Bolted stand", commands.Place{Items: []string{item}})
	ways, err := a.Following(ctx, id, "Screw M6x20")
	if err != nil || len(ways) == 0 {
		t.Fatalf("%v, %d ways", err, len(ways))
	}
	for _, w := range ways {
		for _, m := range w.Mates {
			if strings.Contains(string(m), "foot/") {
				t.Errorf("%s: %s", w.Says, m)
			}
		}
	}
}

// TestLengthFollows: thinner, a joint takes shorter screws, and the log says so: 10 + 10 of the plates, 6.3 of an ISO 7040 nut and a pitch are 27.3 (by hand).
func TestLengthFollows(t *testing.T) {
	s := judge(t, "Bolted stand").Asm.Stack("left foot")
	k := *s
	k.UnderHead, k.UnderNut = nil, nil
	raw, err := json.Marshal(format.StackObject(&k))
	if err != nil {
		t.Fatal(err)
	}
	j := do(t, "Bolted stand", commands.Fasten{As: "left foot", Stack: raw})
	if want := "left foot takes ISO 4762 M6x30"; !strings.HasSuffix(j.Undo.Said, want) {
		t.Errorf("the log says %q, not %q", j.Undo.Said, want)
	}
}
