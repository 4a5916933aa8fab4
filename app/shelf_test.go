package app_test

import (
	"context"
	"database/sql"
	"fmt"
	"strings"
	"testing"
	"time"

	"setfast/app"
	"setfast/app/commands"
	"setfast/core/edit"
	"setfast/internal/bed"
	"setfast/kernel"
	"setfast/store"
)

// partNamed makes a copy of a sample part, so that it can be taken away without harm to the rest.
func partNamed(t *testing.T, project int64, name string) store.Part {
	t.Helper()
	all, err := a.Store.Parts(context.Background(), project)
	if err != nil {
		t.Fatal(err)
	}
	p := all[0]
	p.Name, p.SourceID, p.DerivedVersion = name, fmt.Sprintf("%064x", time.Now().UnixNano()), -1
	p, fresh, err := a.Store.AddPart(context.Background(), p)
	if err != nil || !fresh {
		t.Fatal(fresh, err)
	}
	p.DerivedVersion = kernel.Version
	if err := a.Store.SetDerived(context.Background(), p); err != nil {
		t.Fatal(err)
	}
	return p
}

// TestTakenOffAndBack: a part that was placed once can be taken off the Shelf, and the step that removed it still be taken back.
func TestTakenOffAndBack(t *testing.T) {
	id, project := newAssembly(t, "Taken off")
	p := partNamed(t, project, "Latch")
	act(t, id, commands.Place{Items: []string{p.Key()}})
	act(t, id, commands.Remove{Component: "Latch"})
	if err := a.Store.TakeOff(context.Background(), p.Key()); err != nil {
		t.Fatal(err)
	}
	if _, err := tryAct(id, commands.Place{Items: []string{p.Key()}}); err == nil || !strings.Contains(err.Error(), "no longer on the Shelf") {
		t.Errorf("a part that is off was placed: %v", err)
	}
	if j := back(t, id, a.Undo); j.Asm.Component("Latch") == nil || len(j.Gaps) > 0 || j.Verdict() != "set" {
		t.Errorf("taken back: %v, %s", j.Gaps, j.Verdict())
	}
	back(t, id, a.Redo)
}

// TestMissing opens an assembly whose part is gone from the store: it says so, passes in no case, and can be mended.
func TestMissing(t *testing.T) {
	id, project := newAssembly(t, "Missing")
	p, q := partNamed(t, project, "Hook"), partNamed(t, project, "Eye")
	act(t, id, commands.Place{Items: []string{p.Key(), q.Key(), q.Key()}})
	act(t, id, commands.Relate{Type: "fastened", On: "Hook/origin", Put: "Eye/origin"})
	act(t, id, commands.Relate{Type: "fastened", On: "Hook/origin", Put: "Eye 2/origin"})
	inner, _ := newAssembly(t, "With a missing part inside")
	act(t, inner, commands.Place{Items: []string{app.AssemblyKey(id)}})
	if v := judgeID(t, inner).Verdict(); v != "set" {
		t.Fatalf("whole it is %s", v)
	}
	if err := a.Store.Forget(context.Background(), q.ID); err != nil {
		t.Fatal(err)
	}
	j := judgeID(t, id)
	if j.Verdict() != app.Incomplete || len(j.Gaps) != 2 || !strings.Contains(j.Gaps[0].String(), "Eye: its part is not there any more") {
		t.Errorf("%s, %v", j.Verdict(), j.Gaps)
	}
	if v := judgeID(t, inner); v.Verdict() != app.Incomplete || len(v.Gaps) != 2 {
		t.Errorf("above it: %s, %v", v.Verdict(), v.Gaps)
	}
	if _, err := a.Export(context.Background(), id); err != nil {
		t.Errorf("exported: %v", err)
	}
	act(t, id, commands.Title{To: "Still missing"}) // other work goes on
	act(t, id, commands.Remove{Component: "Eye 2"})
	if j := act(t, id, commands.Remove{Component: "Eye"}); len(j.Gaps) != 0 || j.Verdict() != "set" || len(j.Asm.Mates) != 0 {
		t.Errorf("mended: %v, %s", j.Gaps, j.Verdict())
	}
	// a relation to a feature that is not there any more is told too, and such a relation cannot be made
	if _, err := a.Post(context.Background(), id, "test", "relate", edit.Relate{Relation: []byte(`{"id":"x","type":"coincident","a":"Hook/f999","b":"@/xy"}`)}); err == nil || !strings.Contains(err.Error(), "f999") {
		t.Errorf("a relation to nothing: %v", err)
	}
}

// TestKeys: only what is on the Shelf of the same project can be placed, under the one way its key is written.
func TestKeys(t *testing.T) {
	id, project := newAssembly(t, "Keys")
	ctx := context.Background()
	parts, err := a.Store.Parts(ctx, project)
	if err != nil {
		t.Fatal(err)
	}
	other, err := a.Store.CreateProject(ctx, "Another project")
	if err != nil {
		t.Fatal(err)
	}
	theirs, err := a.Store.CreateAssembly(ctx, store.Assembly{ProjectID: other, Name: "Theirs"})
	if err != nil {
		t.Fatal(err)
	}
	for _, key := range []string{"p0" + parts[0].Key()[1:], "p+1", "p 1", "P1", "p-1", "p1.0", "p", "", "p99999999999999999999", app.AssemblyKey(theirs)} {
		if _, err := tryAct(id, commands.Place{Items: []string{key}}); err == nil {
			t.Errorf("%q was placed", key)
		}
	}
	if _, err := tryAct(theirs, commands.Place{Items: []string{parts[0].Key()}}); err == nil {
		t.Error("a part of another project was placed")
	}
}

// TestDoublingAssemblies: fourteen levels that each use the one below twice, 16,384 parts in all, are placed, opened and weighed
// at once; were each use looked at, the higher ones would never end. A cycle of two is refused, whoever comes first.
func TestDoublingAssemblies(t *testing.T) {
	below, project := newAssembly(t, "Level 0")
	parts, err := a.Store.Parts(context.Background(), project)
	if err != nil {
		t.Fatal(err)
	}
	act(t, below, commands.Place{Items: []string{parts[0].Key()}})
	levels := 14
	first := below
	for i := range levels {
		id, _ := newAssembly(t, fmt.Sprint("Level ", i+1))
		act(t, id, commands.Place{Items: []string{app.AssemblyKey(below), app.AssemblyKey(below)}})
		below = id
	}
	ctx, cancel := context.WithTimeout(context.Background(), 20*time.Second)
	defer cancel()
	start := time.Now()
	j, err := a.Judge(ctx, below)
	if err != nil || len(j.Doc.Assemblies) != levels+1 {
		t.Fatalf("%v", err)
	}
	top, _ := newAssembly(t, "Above all levels")
	act(t, top, commands.Place{Items: []string{app.AssemblyKey(below), app.AssemblyKey(below)}})
	t.Logf("opened and placed twice in %v", time.Since(start))
	if _, err := tryAct(first, commands.Place{Items: []string{app.AssemblyKey(below)}}); err == nil || !strings.Contains(err.Error(), "inside itself") {
		t.Errorf("the highest in the lowest: %v", err)
	}
}

// TestPlaceAsksOnce: placing beside many parts asks the database for them together, not one by one.
func TestPlaceAsksOnce(t *testing.T) {
	db, err := sql.Open("mysql", bed.Database)
	if err != nil {
		t.Fatal(err)
	}
	defer db.Close()
	selects := func() (n int) {
		var name string
		if err := db.QueryRow("SHOW GLOBAL STATUS LIKE 'Com_select'").Scan(&name, &n); err != nil {
			t.Fatal(err)
		}
		return n
	}
	id, project := newAssembly(t, "Many parts")
	var all commands.Place
	for i := range 40 {
		all.Items = append(all.Items, partNamed(t, project, fmt.Sprint("Slat ", i)).Key())
	}
	before := selects()
	act(t, id, all)
	first := selects() - before
	before = selects()
	act(t, id, commands.Place{Items: all.Items[:1]})
	second := selects() - before
	if first >= 40 || second >= 40 {
		t.Errorf("placing 40 parts took %d questions, placing one beside them %d", first, second)
	}
	t.Logf("%d and %d questions", first, second)
}
