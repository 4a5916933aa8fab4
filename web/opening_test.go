package web_test

import (
	"context"
	"fmt"
	"os"
	"path/filepath"
	"testing"

	"setfast/app"
	"setfast/app/commands"
	"setfast/store"
)

// slats makes an assembly of so many slats that nothing relates yet, the first of which is grounded.
func slats(t *testing.T, n int) (project, asm int64) {
	t.Helper()
	ctx := context.Background()
	must := func(err error) {
		t.Helper()
		if err != nil {
			t.Fatal(err)
		}
	}
	dir := t.TempDir()
	file := filepath.Join(dir, "slat.step")
	must(theApp.Kernel.Make(ctx, dir, fmt.Sprintf("box 0 0 0 60 40 6\nproduct Slat\nstep %s\n", file)))
	f, err := os.Open(file)
	must(err)
	defer f.Close()
	project, err = theApp.Store.CreateProject(ctx, "Slats")
	must(err)
	_, files, err := theApp.Stage(ctx, project, app.Files(app.Incoming{Name: "slat.step", From: f}))
	must(err)
	_, err = theApp.ReadStaged(ctx, project, files[0].ID)
	must(err)
	parts, err := theApp.Store.Parts(ctx, project)
	must(err)
	asm, err = theApp.Store.CreateAssembly(ctx, store.Assembly{ProjectID: project, Name: "Many slats"})
	must(err)
	var c commands.Place
	for range n {
		c.Items = append(c.Items, parts[0].Key())
	}
	_, err = theApp.Do(ctx, asm, "test", commands.Meant{Command: c})
	must(err)
	return project, asm
}

// TestOpening opens an assembly of many parts: its lines come in order though they are made in slices, parts that nobody relates are few
// findings, and what draws is asked for by the Bench alone, which opens as well where the browser cannot make it ready in a worker.
func TestOpening(t *testing.T) {
	w := browser(t, false)
	project, asm := slats(t, 130)
	asked := `performance.getEntriesByType("resource").filter((r) => r.name.endsWith("/bench.js")).length`
	w.ok(w.Go(fmt.Sprint(address, "/p/", project)))
	if n := w.number(asked); n != 0 {
		t.Errorf("the page of a project asks for what draws")
	}
	bench := fmt.Sprint(address, "/a/", asm)
	for _, first := range []string{"", `delete window.OffscreenCanvas;`} {
		w.ok(w.First(first))
		w.ok(w.Go(bench))
		if n := w.number(asked); n != 1 {
			t.Errorf("the Bench asks for what draws %g times", n)
		}
		if s := w.text(`[...document.querySelectorAll("#lines > .line .no")].map((e) => e.textContent).join()`); s != numbers(130) {
			t.Errorf("the lines are %s", s)
		}
		w.until(`setfast.stage.view.pictures > 0`)
	}
	if s := w.text(`[...document.querySelectorAll(".f-loose .say")].map((e) => e.textContent).slice(-2).join("; ")`); s != "Slat 9 is not related yet: six freedoms; 121 more parts are not related yet: six freedoms each" {
		t.Errorf("the last findings are %s", s)
	}
	if n := w.number(`Object.values(setfast.state().lines).filter((l) => l.includes("\n")).length`); n != 0 {
		t.Errorf("%g lines are sent with the indents of their template", n)
	}
	for _, c := range w.Complaints() {
		t.Errorf("it complains: %s", c)
	}
}

// numbers are those from 1 to n, joined by commas.
func numbers(n int) string {
	s := "1"
	for i := 2; i <= n; i++ {
		s += fmt.Sprint(",", i)
	}
	return s
}
