package web_test

import (
	"archive/zip"
	"bytes"
	"context"
	"fmt"
	"os"
	"path/filepath"
	"strings"
	"testing"
	"time"

	"setfast/app"
)

// TestWalk goes the way of docs/tutorial.md, as a newcomer does: from nothing to a verdict, with a wrong pick taken back, a relation at odds removed,
// everything undone and done again, and a reload. It is one story, told in one function to be read from top to bottom.
func TestWalk(t *testing.T) {
	if testing.Short() {
		t.Skip("drives a browser")
	}
	dir := t.TempDir()
	for name, text := range map[string]string{"notes.txt": "not a part", "torn.step": "ISO-10303-21;\nHEADER;"} {
		if err := os.WriteFile(filepath.Join(dir, name), []byte(text), 0o600); err != nil {
			t.Fatal(err)
		}
	}
	w := browser(t, false)
	w.ok(w.Go(address + "/"))
	w.click("#name")
	w.keys("Vent bracket\r")
	w.until(`document.body.dataset.place === "shelf" && document.body.dataset.ready === "yes"`)
	const examples = "../docs/examples/"
	w.ok(w.SetFiles("#files", absolute(t, examples+"plate.step"), absolute(t, examples+"block.step"), filepath.Join(dir, "notes.txt"), filepath.Join(dir, "torn.step")))
	w.until(`document.querySelectorAll(".part").length === 2 && document.querySelector(".phead b")?.textContent.startsWith("2 files read")`)
	if s := w.text(`document.querySelector("#progress").textContent`); !strings.Contains(s, "1 could not be read") || !strings.Contains(s, "1 left over") {
		t.Errorf("the import says %q", s)
	}
	w.run(`(() => { const i = document.querySelectorAll(".part")[1].querySelector("[name=number]"); i.value = "GV-7"; i.dispatchEvent(new Event("change", {bubbles: true})); })()`)
	w.until(`document.querySelectorAll(".part")[1].querySelector(".saved").textContent === "Number saved"`)

	w.click("#aname")
	w.keys("Bracket\r")
	w.until(`document.body.dataset.place === "bench" && document.body.dataset.ready === "yes"`)
	if s := w.text(`document.querySelector("#balance").textContent`); !strings.Contains(s, "nothing placed") {
		t.Errorf("an empty Bench shows %q", s)
	}
	w.keys("p") // placing has a key
	w.until(`document.querySelector("#placing").open`)
	w.click(`[data-more^="q-p"]`)
	w.run(`document.querySelectorAll("#placing [data-more]")[1].click()`)
	w.click("#placego")
	w.seq(1)
	if s := w.text(`JSON.stringify(setfast.state().components.map((c) => [c.name, c.grounded, c.left]))`); s != `[["Plate",true,0],["Block",false,6]]` {
		t.Errorf("placed: %s", s)
	}

	// a wrong pick is taken back by itself
	w.point(w.nearest("Block", "plane", 30, 15, 20), "face · Block")
	w.until(`document.querySelector("[data-slot=put] input").value.includes("Block")`)
	w.keys("\b")
	w.until(`document.querySelector("[data-slot=put] input").value === ""`)

	// rim to rim by pointing: the near rims of the two first holes
	blockRim, plateRim := w.nearest("Block", "circle", 10, 15, 20), w.nearest("Plate", "circle", 20, 30, 8)
	w.point(blockRim, "Ø6.6 rim · Block")
	w.point(plateRim, "Ø6.6 rim · Plate")
	w.until(`document.querySelector(".offer[aria-checked=true]")?.textContent.includes("rim to rim")`)
	if s := w.text(`document.querySelector("#hint").textContent`); !strings.Contains(s, "leaves one turn") || !strings.Contains(s, "moves Block") {
		t.Errorf("the sentence says %q", s)
	}
	// the axis will do: the second of the offers by its key, then Enter
	w.run(`document.querySelector("#view").focus()`)
	w.keys("2")
	w.until(`document.querySelector(".offer[aria-checked=true]").textContent.includes("axis on axis")`)
	w.keys("\r")
	w.seq(2)
	w.until(`setfast.state().components[1].left === 2`)

	// the rest by typing: face on face, for which the underside need not be seen
	typed := func(slot, words string) {
		w.T.Helper()
		w.click(fmt.Sprintf("[data-slot=%s] input", slot))
		w.keys(words)
		w.until(`!document.querySelector("#choices").hidden`)
		w.keys("\r")
	}
	ref := func(component string, x, y, z float64) string {
		f := w.nearest(component, "plane", x, y, z)
		return "face " + component + " (" + f[strings.LastIndex(f, "/")+1:] + ")"
	}
	typed("put", ref("Block", 30, 15, 0))
	typed("on", ref("Plate", 40, 30, 8))
	w.until(`document.querySelector(".offer[aria-checked=true]")?.textContent.includes("faces together")`)
	w.click("#post")
	w.seq(3)
	if s := w.text(`document.querySelector("#balance").textContent`); !strings.Contains(s, "Loose 1") || !strings.Contains(s, "loose") {
		t.Errorf("one turn left, the balance says %q", s)
	}

	// a relation that cannot hold is told before it is posted, and can be posted, explained and removed
	typed("put", ref("Block", 30, 15, 20))
	typed("on", ref("Plate", 40, 30, 8))
	w.until(`[...document.querySelectorAll(".offer")].some((o) => o.textContent.includes("cannot hold"))`)
	w.run(`[...document.querySelectorAll(".offer")].find((o) => o.textContent.includes("cannot hold")).click()`)
	w.click("#post")
	w.seq(4)
	w.until(`document.querySelector(".findings .f-at-odds .tag")?.textContent === "at odds"`)
	if n := w.text(`String(document.querySelectorAll(".remedies button").length)`); n == "0" {
		t.Error("no remedy is offered")
	}
	w.click(".line[data-component='Block'] .rowopen")
	w.run(`[...document.querySelectorAll(".mate.odd [data-act=unrelate]")][0].click()`)
	w.seq(5)
	w.until(`!document.querySelector(".findings .f-at-odds")`)

	// the last freedom: a second hole
	typed("put", "axis Block "+last(w.nearest("Block", "cylinder", 50, 15, 10)))
	typed("on", "axis Plate "+last(w.nearest("Plate", "cylinder", 60, 30, 4)))
	w.until(`document.querySelector(".offer[aria-checked=true]")?.textContent.includes("2 → 0") || document.querySelector(".offer[aria-checked=true]")?.textContent.includes("1 → 0")`)
	w.click("#post")
	w.seq(6)
	w.until(`document.querySelector("#balance .verdict").textContent === "set"`)
	w.until(`document.querySelector(".f-doubled .tag")`)

	// everything back, everything again, and a reload
	w.run(`document.querySelector("#view").focus()`)
	for i := 7; i <= 12; i++ {
		w.run(`document.querySelector("[data-act=undo]").click()`)
		w.seq(i)
	}
	w.until(`setfast.state().components.length === 0 && document.querySelector("[data-act=undo]").disabled`)
	for i := 13; i <= 18; i++ {
		w.run(`document.querySelector("[data-act=redo]").click()`)
		w.seq(i)
	}
	w.ok(w.Go(w.text("location.href")))
	w.until(`document.querySelector("#balance .verdict").textContent === "set"`)
	if c := w.Complaints(); len(c) > 0 {
		t.Errorf("the page complains: %v", c)
	}
}

func absolute(t *testing.T, path string) string {
	t.Helper()
	p, err := filepath.Abs(path)
	if err != nil {
		t.Fatal(err)
	}
	return p
}

// TestTree brings in a zip bundle with an assembly in it, as on the Shelf, and finds the product tree and the leftovers.
func TestTree(t *testing.T) {
	ctx := context.Background()
	project, err := theApp.Store.CreateProject(ctx, "Tree")
	if err != nil {
		t.Fatal(err)
	}
	as1, err := os.ReadFile("../kernel/testdata/as1-oc-214.stp")
	if err != nil {
		t.Fatal(err)
	}
	var bundle bytes.Buffer
	z := zip.NewWriter(&bundle)
	for name, data := range map[string][]byte{"parts/as1.stp": as1, "read me.txt": []byte("hello"), "__MACOSX/._as1.stp": []byte("dust")} {
		f, err := z.Create(name)
		if err != nil {
			t.Fatal(err)
		}
		_, _ = f.Write(data)
	}
	if err := z.Close(); err != nil {
		t.Fatal(err)
	}
	batch, files, err := theApp.Stage(ctx, project, app.Files(app.Incoming{Name: "bundle.zip", From: &bundle}, app.Incoming{Name: "broken.zip", From: strings.NewReader("PK no")}))
	if err != nil || len(files) != 3 {
		t.Fatal(files, err)
	}
	states := map[string]string{}
	for deadline := time.Now().Add(time.Minute); states["as1.stp"] != "done" && time.Now().Before(deadline); time.Sleep(50 * time.Millisecond) {
		list, err := theApp.Progress(ctx, batch) // the server reads by itself
		if err != nil {
			t.Fatal(err)
		}
		for _, f := range list {
			states[f.Name] = f.State
		}
	}
	if fmt.Sprint(states) != "map[as1.stp:done broken.zip:failed read me.txt:left over]" {
		t.Errorf("%v", states)
	}
	as, err := theApp.Store.Assemblies(ctx, project)
	if err != nil || len(as) != 4 { // as1, rod assembly, l-bracket assembly, nut-bolt assembly
		t.Fatalf("%d assemblies, %v", len(as), err)
	}
	for _, a := range as {
		if a.Name != "as1" {
			continue
		}
		j, err := theApp.Judge(ctx, a.ID)
		if err != nil {
			t.Fatal(err)
		}
		if len(j.Asm.Components) != 4 || j.Result.Opening != 18 {
			t.Errorf("as1 has %d components, opening %d", len(j.Asm.Components), j.Result.Opening)
		}
	}
}
