package app_test

import (
	"context"
	"encoding/json"
	"strings"
	"testing"

	"setfast/app/commands"
)

// TestCopies repeats a block of the bolted stand with its stack, sees that nothing is said of a copy, takes one out of its set and renames the original.
func TestCopies(t *testing.T) {
	ctx := context.Background()
	const stand = "Bolted stand"
	was := judge(t, stand)
	base := was.Asm.Base().Name
	moved := ""
	for _, c := range was.Asm.Components {
		if c.Name != base && !c.Made() {
			moved = c.Name
			break
		}
	}
	say := json.RawMessage(`{"of": ["` + moved + `"], "linear": {"along": [0, 0, 1], "count": 3, "pitch": "90 mm"}}`)
	tried, err := a.TryCopies(ctx, by[stand], commands.Repeat{As: "row", Copies: say})
	if err != nil || tried.Copies != 2 || len(tried.Ghosts) != 2 || tried.Ghosts[0].Of != moved {
		t.Fatalf("%v, %+v", err, tried)
	}
	do(t, stand, commands.Repeat{As: "row", Copies: say})
	j := judge(t, stand)
	if got := j.Asm.Component("row/3/" + moved); got == nil || len(j.Sets()) != 1 || j.Result.Left != was.Result.Left {
		t.Errorf("%v, %+v, %d left; %d before", got, j.Sets(), j.Result.Left, was.Result.Left)
	}
	refused := func(what string, c commands.Command, want string) {
		t.Helper()
		if _, err := a.Do(ctx, by[stand], "test", commands.Meant{Base: judge(t, stand).Seq, Command: c}); err == nil || !strings.Contains(err.Error(), want) {
			t.Errorf("%s: %v; want %q", what, err, want)
		}
	}
	refused("a copy taken away", commands.Remove{Component: "row/2/" + moved}, "placed by the copies row")
	refused("a copy of a copy", commands.Repeat{As: "more", Copies: json.RawMessage(`{"of": ["row/2/` + moved + `"], "linear": {"along": [1, 0, 0], "count": 2, "pitch": 5}}`)}, "repeat its original")
	refused("a copy that is not there", commands.Independent{Of: "row", Copy: 9}, "no copy 9")
	do(t, stand, commands.Independent{Of: "row", Copy: 2})
	now := judge(t, stand)
	own := now.Asm.Component(moved + "-2")
	if own == nil || own.Made() || now.Asm.Component("row/2/"+moved) != nil || now.Result.Left != j.Result.Left {
		t.Errorf("taken out: %v, %d left", own, now.Result.Left)
	}
	do(t, stand, commands.Rename{Component: moved, To: "mover"})
	if judge(t, stand).Asm.Component("row/3/mover") == nil {
		t.Error("the copies did not follow a new name")
	}
	do(t, stand, commands.Unrepeat{As: "row"})
}
