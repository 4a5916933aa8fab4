package app_test

import (
	"context"
	"strings"
	"testing"

	"setfast/app"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/demo"
)

// TestPractice makes the exercises that come with the program and does each: what was left out is put back, what is asked is answered. Before that none is
// done, and each has its hints one at a time.
func TestPractice(t *testing.T) {
	ctx := context.Background()
	project, err := demo.Practice(ctx, a)
	if err != nil {
		t.Fatal(err)
	}
	t.Cleanup(func() { _ = a.Store.DeleteProject(ctx, project) })
	list, err := a.Exercises(ctx, project)
	if err != nil || len(list) != 12 {
		t.Fatalf("%d exercises, %v", len(list), err)
	}
	answers := map[string]string{"left": "3", "loose": "2", "doubled": "8", "verdict": "At odds", "part": "crank ARM", "screw": "m6"} // as the account of the sample has it
	try := func(id int64, answer string) (x app.Exercise) {
		t.Helper()
		if err := a.TryExercise(ctx, id, answer); err != nil {
			t.Fatal(err)
		}
		all, err := a.Exercises(ctx, project)
		if err != nil {
			t.Fatal(err)
		}
		for _, k := range all {
			if k.Assembly == id {
				x = k
			}
		}
		return x
	}
	for _, x := range list {
		if got := try(x.Assembly, "nothing of the kind"); got.Done || got.Tries != 1 || got.Said == "" {
			t.Errorf("%s is done before anything was: %+v", x.Name, got)
		}
		if err := a.Hint(ctx, x.Assembly); err != nil || len(x.Hints) == 0 {
			t.Errorf("%s: %v, %d hints", x.Name, err, len(x.Hints))
		}
		if x.Ask == "" {
			fill(t, x)
		}
		if got := try(x.Assembly, answers[x.Ask]); !got.Done || got.Shown != 1 || len(got.Given()) != 1 {
			t.Errorf("%s is not done: %+v", x.Name, got)
		}
	}
	if _, err := a.MakeExercise(ctx, list[0].Key, "None", []string{"no such relation"}, app.Exercise{Task: "Nothing"}); err == nil || !strings.Contains(err.Error(), "no such relation") {
		t.Errorf("left out what is not there: %v", err)
	}
}

// fill puts back what was left out of an exercise.
func fill(t *testing.T, x app.Exercise) {
	t.Helper()
	ctx := context.Background()
	is, err := a.Store.State(ctx, x.Assembly)
	if err != nil {
		t.Fatal(err)
	}
	key, err := a.Store.State(ctx, x.Key)
	if err != nil {
		t.Fatal(err)
	}
	var edits []edit.Edit
	for _, m := range key.Asm.Mates {
		if is.Asm.Mate(m.ID) == nil {
			edits = append(edits, edit.NewRelate(m))
		}
	}
	if len(is.Asm.Stacks) < len(key.Asm.Stacks) {
		edits = append(edits, edit.NewSheet(&assembly.Assembly{Stacks: key.Asm.Stacks}, "stacks"))
	}
	if _, err := a.Post(ctx, x.Assembly, "test", "put back", edit.Batch{Edits: edits}); err != nil {
		t.Fatalf("%s: %v", x.Name, err)
	}
}
