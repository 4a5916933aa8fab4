package web_test

import (
	"context"
	"fmt"
	"testing"

	"setfast/core/assembly"
)

func (w *walker) answer(text string) {
	w.T.Helper()
	w.until(`document.querySelector("#asking").open`)
	w.run(fmt.Sprintf(`(() => { document.querySelector("#asking-text").value = %q; document.querySelector("#asking").close("go"); })()`, text))
}

// chosen chooses lines together, by the space bar's own way.
func (w *walker) chosen(names ...string) {
	w.T.Helper()
	for _, n := range names {
		w.run(fmt.Sprintf(`document.querySelector(".line[data-component='%s'] .rowopen").dispatchEvent(new KeyboardEvent("keydown", {key: " ", bubbles: true}))`, n))
	}
	w.says("#chosenbar", fmt.Sprint(len(names), " chosen"))
}

func asmOf(t *testing.T, name string) *assembly.Assembly {
	t.Helper()
	j, err := theApp.Judge(context.Background(), sampleAssembly(t, name))
	if err != nil {
		t.Fatal(err)
	}
	return j.Asm
}

// TestForm makes a subassembly of a block and its screws, dissolves it again, and finds the balance as it was both times.
func TestForm(t *testing.T) {
	w := browser(t, false)
	w.at("Bearing stand")
	balance := func() string { return w.text(`document.querySelector("#balance .verdict").textContent`) }
	was, names := balance(), w.text(`setfast.state().components.map((c) => c.name).join("|")`)
	removed := w.text(`document.querySelector("#balance").textContent`)
	w.chosen("Bearing block", "Screw M6x20", "Screw M6x20 2")
	w.command("form")
	seq := w.text(`document.body.dataset.seq`)
	w.answer("Block with screws")
	w.until(fmt.Sprintf(`document.body.dataset.seq !== %q && !document.body.hasAttribute("aria-busy")`, seq))
	if a := asmOf(t, "Bearing stand"); len(a.Components) != 5 || a.Component("Block with screws") == nil || balance() != was {
		t.Errorf("formed: %d components, %s", len(a.Components), balance())
	}
	w.run(`document.querySelector(".line[data-component='Block with screws'] .rowopen").focus()`)
	w.changed(`setfast.commands.dissolve.run()`)
	if s := w.text(`document.querySelector("#balance").textContent`); s != removed {
		t.Errorf("dissolved the balance is %q, was %q", s, removed)
	}
	w.undo()
	w.undo()
	_, as := sampleProject(t) // what was formed stays on the Shelf; other tests count what is there
	for _, a := range as {
		if a.Name == "Block with screws" {
			w.ok(theApp.Store.TakeOff(context.Background(), a.Key()))
		}
	}
	if s := w.text(`setfast.state().components.map((c) => c.name).join("|")`); s != names {
		t.Errorf("taken back there are %q, were %q", s, names)
	}
}

// TestAgain repeats the screw seated last: its copy stands beside it, the sentence holds its feature and the relation, and asks what it goes on.
func TestAgain(t *testing.T) {
	w := browser(t, false)
	w.at("Bearing stand")
	w.run(`document.querySelector("#view").focus()`)
	seq := w.text(`document.body.dataset.seq`)
	w.command("again")
	w.until(fmt.Sprintf(`document.body.dataset.seq !== %q && document.querySelector("[data-slot=put] input").value.includes("Screw M6x20 5")`, seq))
	w.says("#hint", "1 of 1, as rim")
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Wall plate", "circle", 0, 0, 0)))
	w.until(`document.querySelector(".offer[aria-checked=true]")?.dataset.type === "rim"`)
	w.run(`document.querySelector("#post").click()`)
	w.until(`setfast.state().components.some((c) => c.name === "Screw M6x20 6")`) // and once more, until Escape
	w.until(`document.querySelector("[data-slot=put] input").value.includes("Screw M6x20 6") && !document.body.hasAttribute("aria-busy")`)
	w.run(`document.querySelector("#view").focus()`)
	w.keys("\x1b")
	w.until(`document.querySelector("[data-slot=put] input").value === "" && !document.body.hasAttribute("aria-busy") &&
		!setfast.state().components.some((c) => c.name === "Screw M6x20 6")`) // the one that nothing was said of goes
	for range 2 {
		w.undo()
	}
}

// TestList sifts, groups, folds and orders lines, renames a relation, keeps a note, and accepts a finding with a reason.
func TestList(t *testing.T) {
	w := browser(t, false)
	w.at("Bearing stand")
	visible := func() string {
		return w.text(`[...document.querySelectorAll("#lines .line")].filter((l) => !l.hidden && l.offsetParent).map((l) => l.dataset.component).join("|")`)
	}
	w.run(`(() => { const i = document.querySelector("#linefind"); i.value = "m6x20 4"; i.dispatchEvent(new Event("input")); })()`)
	if s := visible(); s != "Screw M6x20 4" {
		t.Errorf("found %q", s)
	}
	w.run(`(() => { const i = document.querySelector("#linefind"); i.value = ""; i.dispatchEvent(new Event("input")); })()`)
	w.click("[data-only=doubled]")
	if s := visible(); s != "Bearing block|Bearing block 2" {
		t.Errorf("doubled are %q", s)
	}
	w.click("[data-only='']")
	w.chosen("Screw M6x20", "Screw M6x20 3")
	w.command("group")
	seq := w.text(`document.body.dataset.seq`)
	w.answer("screws")
	w.until(fmt.Sprintf(`document.body.dataset.seq !== %q && document.querySelector(".grouphead")`, seq))
	if s := w.text(`[...document.querySelectorAll("#lines > li")].map((l) => l.dataset.component ?? "#").join("|")`); s != "Wall plate|Bearing block|Bearing block 2|#|Screw M6x20|Screw M6x20 3|Screw M6x20 2|Screw M6x20 4" {
		t.Errorf("grouped the list is %q", s)
	}
	w.click(".grouptoggle")
	w.until(`!document.querySelector(".line[data-component='Screw M6x20 3']")`)
	w.click(".grouptoggle")
	w.click(".line[data-component='Bearing block 2'] .rowopen")
	w.changed(`document.querySelector(".line[data-component='Bearing block 2'] [data-act=earlier]").click()`)
	if a := asmOf(t, "Bearing stand"); a.Components[1].Name != "Bearing block 2" {
		t.Errorf("line 2 is %s", a.Components[1].Name)
	}
	seq = w.text(`document.body.dataset.seq`)
	w.run(`document.querySelector(".f-doubled [data-act=dismiss]").click()`)
	w.answer("pitches are drilled together")
	w.until(fmt.Sprintf(`document.body.dataset.seq !== %q`, seq))
	w.says(".findings", "pitches are drilled together")
	if n := w.text(`String(document.querySelectorAll(".f-doubled").length)`); n != "1" {
		t.Errorf("%s doubled findings are told", n)
	}
	for range 3 {
		w.undo()
	}
}

// TestMeasureAndVary keeps a distance, copies it with all digits, and solves variants of a named value side by side.
func TestMeasureAndVary(t *testing.T) {
	w := browser(t, false)
	w.at("Vent hinge")
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Vent knuckle", "plane", 0, 0, 20)))
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Hinge bracket, left", "plane", 6, 20, 25)))
	w.until(`document.querySelectorAll(".offer").length > 4`)
	w.offer("faces apart")
	w.changed(`document.querySelector("#post").click()`)
	w.run(`setfast.commands.settings.run()`)
	w.run(`(() => { const [n, v] = document.querySelectorAll("#values input"); n.value = "gap"; v.value = "4 mm"; })()`)
	w.changed(`document.querySelector("#settings-go").click()`)
	a := asmOf(t, "Vent hinge")
	id := a.Mates[len(a.Mates)-1].ID
	w.run(`document.querySelector(".line[data-component='Vent knuckle'] .rowopen").click()`)
	w.changed(fmt.Sprintf(`(() => { const i = document.querySelector('.mate[data-mate=%q] [data-field=value]'); i.value = "gap"; i.dispatchEvent(new Event("change", {bubbles: true})); })()`, id))

	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Hinge bracket, left", "plane", 6, 20, 25)))
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Vent knuckle", "plane", 0, 0, 20)))
	w.until(`document.querySelectorAll(".offer").length > 4`)
	w.command("measure")
	w.until(`document.querySelector("#commands").open && document.querySelector("#command-list").textContent.includes("Distance4 mm")`)
	w.run(`document.querySelector("#command-list li").click()`)
	seq := w.text(`document.body.dataset.seq`)
	w.answer("side gap")
	w.until(fmt.Sprintf(`document.body.dataset.seq !== %q && document.querySelector("[data-measure='side gap']")`, seq))
	if s := w.text(`document.querySelector("[data-measure='side gap'] [data-full]").dataset.full`); s != "4" && len(s) < 10 {
		t.Errorf("all digits are %q", s)
	}
	w.command("variants")
	w.until(`document.querySelector("#variants").open`)
	w.run(`document.querySelector("input[data-column='1'][data-value=gap]").value = "2.5 mm"`)
	w.click("#variant-solve")
	w.until(`document.querySelector("#variant-table").textContent.includes("side gap42.5")`)
	seq = w.text(`document.body.dataset.seq`)
	w.click("#variant-keep")
	w.until(fmt.Sprintf(`document.body.dataset.seq !== %q`, seq))
	if v := asmOf(t, "Vent hinge").Variants; len(v) != 2 || v[1].Values[0].Text != "2.5 mm" {
		t.Errorf("kept: %+v", v)
	}
	for range 5 {
		w.undo()
	}
}

// TestShake shakes what is loose and goes to it by key; the first visit has five steps and comes once.
func TestShake(t *testing.T) {
	w := browser(t, false)
	w.at("Vent hinge")
	w.run(`document.querySelector("#view").focus()`)
	w.keys("k")
	w.says("#said", "1 part is loose")
	w.keys("n")
	w.until(`document.activeElement.closest(".line")?.dataset.component === "Vent knuckle" && document.querySelector(".line.lit")`)
	w.command("first")
	for k := 1; k <= 5; k++ {
		w.says("#first-n", fmt.Sprint(k, " of 5"))
		w.click("#first-next")
	}
	w.until(`document.querySelector("#firstcard").hidden && !document.querySelector(".firstlit")`)
	w.ok(w.Go(w.text("location.href")))
	w.until(`document.querySelector("#firstpill").hidden`)
}
