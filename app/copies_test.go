package app_test

import (
	"context"
	"encoding/json"
	"strings"
	"testing"

	"setfast/app"
	"setfast/app/commands"
	"setfast/core/format"
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

// TestCopiedJoint copies a block with its joint: under another name the joint goes along, and taken away it is no longer copied; a block that goes takes both.
func TestCopiedJoint(t *testing.T) {
	const stand = "Bolted stand"
	of := func() string {
		t.Helper()
		c := judge(t, stand).Asm.Copies
		if len(c) != 1 {
			return ""
		}
		return strings.Join(c[0].Of, ", ")
	}
	do(t, stand, commands.Repeat{As: "row", Copies: json.RawMessage(`{"of": ["Bearing block", "left foot"], "linear": {"along": [0, 0, 1], "count": 2, "pitch": 90}}`)})
	joints := len(judge(t, stand).Joints())
	stack, err := json.Marshal(format.StackObject(judge(t, stand).Asm.Stack("left foot")))
	if err != nil {
		t.Fatal(err)
	}
	do(t, stand, commands.Fasten{As: "near foot", Was: "left foot", Stack: stack})
	if got := of(); got != "Bearing block, near foot" || len(judge(t, stand).Joints()) != joints {
		t.Errorf("under another name: %q", got)
	}
	do2(t, stand, commands.Unfasten{As: "near foot"})
	if got := of(); got != "Bearing block" || len(judge(t, stand).Joints()) != joints-2 {
		t.Errorf("taken away: %q", got)
	}
	if _, err := a.Undo(context.Background(), by[stand], judge(t, stand).Seq, "test", ""); err != nil {
		t.Fatal(err)
	}
	do(t, stand, commands.Remove{Component: "Bearing block"})
	if got := of(); got != "" || judge(t, stand).Asm.Stack("near foot") != nil {
		t.Errorf("without the block: %q", got)
	}
	if _, err := a.Redo(context.Background(), by[stand], judge(t, stand).Seq, "test", ""); err == nil {
		t.Error("what was taken back is done again after something else")
	}
}

// TestHeldTogether: a subassembly is not formed of what a joint goes through, nor one dissolved that has joints: they would be lost.
func TestHeldTogether(t *testing.T) {
	ctx := context.Background()
	const stand, drive = "Bolted stand", "Crank drive"
	_, err := a.Form(ctx, by[stand], "test", app.Forming{Components: []string{"Bearing block", "Bearing block 2"}, Name: "blocks", Base: judge(t, stand).Seq})
	if err == nil || !strings.Contains(err.Error(), "the fastening left foot would be lost") {
		t.Errorf("formed of blocks that are fastened: %v", err)
	}
	do(t, drive, commands.Place{Items: []string{app.AssemblyKey(by[stand])}})
	_, err = a.Do(ctx, by[drive], "test", commands.Meant{Base: judge(t, drive).Seq, Command: commands.Dissolve{Component: stand}})
	if err == nil || !strings.Contains(err.Error(), "which would be lost") {
		t.Errorf("dissolved with its joints: %v", err)
	}
}
