package app_test

import (
	"context"
	"testing"

	"setfast/app/commands"
	"setfast/store"
)

// TestFingerprint: it stays as long as nothing has changed, and changes with the log of what an assembly uses and with what is said of its parts.
func TestFingerprint(t *testing.T) {
	ctx := context.Background()
	project, err := a.Store.CreateProject(ctx, t.Name())
	if err != nil {
		t.Fatal(err)
	}
	as, err := a.Store.Assemblies(ctx, sampleProject)
	if err != nil {
		t.Fatal(err)
	}
	for _, x := range as {
		if x.Name == "Vent hinge" {
			if _, err := a.BringOver(ctx, project, x.Key()); err != nil {
				t.Fatal(err)
			}
		}
	}
	if as, err = a.Store.Assemblies(ctx, project); err != nil || len(as) == 0 {
		t.Fatal(err, as)
	}
	inner := as[0].ID
	outer, err := a.Store.CreateAssembly(ctx, store.Assembly{ProjectID: project, Name: "Outer"})
	if err != nil {
		t.Fatal(err)
	}
	act := func(id int64, c commands.Command) {
		t.Helper()
		st, err := a.Store.State(ctx, id)
		if err == nil {
			_, err = a.Do(ctx, id, "test", commands.Meant{Base: st.Seq, Command: c})
		}
		if err != nil {
			t.Fatal(err)
		}
	}
	act(outer, commands.Place{Items: []string{as[0].Key()}})
	print := func() string {
		t.Helper()
		f, err := a.Fingerprint(ctx, outer)
		if err != nil {
			t.Fatal(err)
		}
		return f
	}
	before := print()
	if print() != before {
		t.Error("it changes by itself")
	}
	act(inner, commands.Title{To: "Another hinge"})
	used := print()
	if used == before {
		t.Error("it stays when what it uses changes")
	}
	parts, err := a.Store.Parts(ctx, project)
	if err != nil {
		t.Fatal(err)
	}
	if _, err := a.Store.ChangePart(ctx, parts[0].ID, func(p *store.Part) error { p.Density = 7000; return nil }); err != nil {
		t.Fatal(err)
	}
	if print() == used {
		t.Error("it stays when a part changes")
	}
}
