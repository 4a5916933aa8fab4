package app_test

import (
	"context"
	"slices"
	"testing"
	"time"

	"setfast/app"
	"setfast/app/commands"
)

// TestMomentBelow opens an assembly as it stood before a subassembly of it was changed: the subassembly is as it was then; now it is as it is.
func TestMomentBelow(t *testing.T) {
	ctx := context.Background()
	below, _ := newAssembly(t, "Inner of then")
	above, _ := newAssembly(t, "Outer of then")
	part := judge(t, "Vent hinge").Asm.Components[0].Part
	place := func(id int64, item string) { act(t, id, commands.Place{Items: []string{item}}) }
	place(below, part)
	place(above, app.AssemblyKey(below))
	time.Sleep(5 * time.Millisecond) // lines are told apart by the millisecond
	place(below, part)
	place(above, part)
	count := func(j *app.Judged) int { return len(j.Doc.Assemblies[app.AssemblyKey(below)].Components) }
	then, err := a.Moment(ctx, above, 1)
	if err != nil {
		t.Fatal(err)
	}
	now, err := a.Moment(ctx, above, 2)
	if err != nil {
		t.Fatal(err)
	}
	if count(then) != 1 || count(now) != 2 {
		t.Errorf("then %d parts in it, now %d", count(then), count(now))
	}
	if b, err := a.Between(ctx, above, 1, 2, 100, 100); err != nil || !slices.Equal(b.Result.Components.Added, []string{now.Asm.Components[1].Name}) {
		t.Errorf("%v: between them %+v", err, b)
	}
}
