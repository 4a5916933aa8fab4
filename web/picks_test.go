package web_test

import (
	"fmt"
	"strings"
	"testing"

	"setfast/web/drive"
)

// TestIntoAHole points into the middle of holes, where nothing of the part is: the hole's rim answers, or under a filter its axis; E goes to its
// other end. What is listed by typing is told apart by words.
func TestIntoAHole(t *testing.T) {
	w := browser(t, false)
	w.at("Bearing stand")
	// the middle of the upper end of each hole of the wall plate that is not covered, as it is drawn
	spots, err := drive.Eval[[][]float64](w.Page, `(() => {
		const k = setfast.stage.comps.get("Wall plate"), u = k.uses[0], r = document.querySelector("#view").getBoundingClientRect();
		return u.shape.holes.map((f) => f.ends.map((e) => u.toWorld(f.at.clone().fromArray(e))).sort((a, b) => b.z - a.z)[0])
			.map((p) => setfast.stage.view.project(p)).map((p) => [p.x + r.left, p.y + r.top]);
	})()`)
	w.ok(err)
	rims, axes := 0, 0
	for _, at := range spots {
		w.ok(w.MoveTo(at[0], at[1]))
		under := w.text(`document.querySelector("#under").hidden ? "" : document.querySelector("#under").textContent`)
		if strings.Contains(under, "rim · Wall plate") && strings.Contains(under, "top end") {
			rims++
		}
		w.run(`document.querySelector("[data-filter=axis]").click()`)
		w.ok(w.MoveTo(at[0]+1, at[1]))
		if s := w.text(`document.querySelector("#under").textContent`); strings.Contains(s, "hole · Wall plate") {
			axes++
		}
		w.run(`document.querySelector("[data-filter=all]").click()`)
	}
	if rims == 0 || axes < rims {
		t.Errorf("of %d holes %d answer by their rim, %d by their axis", len(spots), rims, axes)
	}
	w.click("[data-slot=put] input")
	w.keys("face wall plate")
	w.until(`document.querySelectorAll("#choices li").length >= 6`)
	texts := w.text(`[...document.querySelectorAll("#choices li")].map((l) => l.textContent.replace(/ \(f\d+\)/, "")).join("|")`)
	seen := map[string]bool{}
	for _, s := range strings.Split(texts, "|") {
		if seen[s] && strings.Contains(s, "·") && !strings.Contains(s, "assembly") {
			t.Errorf("two faces are called %q", s)
		}
		seen[s] = true
	}
	if !strings.Contains(texts, "face · Wall plate · top, ") {
		t.Errorf("faces are called %q", texts)
	}
	w.run(`setfast.commands.clear.run()`)
	// a screw in its hole tells the series of the hole before it is posted
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Screw M6x20", "cylinder", 0, 0, -5)))
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Wall plate", "cylinder", 0, 0, 0)))
	w.until(`document.querySelectorAll(".offer").length > 3`)
	w.run(`[...document.querySelectorAll(".offer")].find((o) => o.dataset.type === "concentric").click()`)
	w.says("#hint", "ISO 273")
}

// TestPlacesWithoutAName picks the centre of a face: it becomes a point that is kept with the part, and the sentence goes on with it. Shift with
// the second pick posts what is offered first.
func TestPlacesWithoutAName(t *testing.T) {
	w := browser(t, false)
	w.at("Vent hinge")
	face := w.nearest("Vent knuckle", "plane", 100, 12, 20)
	w.run(fmt.Sprintf(`(() => { window.at = setfast.where(%q); })()`, face))
	at, err := drive.Eval[[]float64](w.Page, `window.at`)
	w.ok(err)
	w.ok(w.MoveTo(at[0], at[1]))
	w.says("#under", "face · Vent knuckle")
	w.keys("e")
	w.says("#under", "centre of face")
	w.ok(w.ClickAt(at[0], at[1]))
	w.until(`document.querySelector("[data-slot=put] input").value.startsWith("helper point")`)
	if s := w.text(`setfast.refs("Vent knuckle").filter((r) => r.label === "helper point").map((r) => r.ref).join()`); s != "Vent knuckle/point 1" {
		t.Errorf("made: %q", s)
	}
	w.run(`setfast.commands.clear.run()`)
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Vent knuckle", "cylinder", 0, 0, 0)))
	seq := w.text(`document.body.dataset.seq`)
	w.run(fmt.Sprintf(`setfast.sentence.pick(setfast.stage.find(%q), true)`, w.nearest("Hinge bracket, left", "cylinder", 0, 20, 25)))
	w.until(fmt.Sprintf(`document.body.dataset.seq !== %q && !document.body.hasAttribute("aria-busy")`, seq))
	if m := latest(asmOf(t, "Vent hinge")); m.Type != "concentric" {
		t.Errorf("posted: %s", m.Type)
	}
	w.undo()
	w.run(`fetch(location.pathname + "/helper", {method: "POST", headers: {"Content-Type": "application/json"}, body: JSON.stringify({of: "Vent knuckle/point 1", kind: "point", off: true})})`)
}

// TestOneForm: the forms under the stage take turns, and what is picked goes where the one that shows wants it.
func TestOneForm(t *testing.T) {
	w := browser(t, false)
	w.at("Vent hinge")
	forms := func(want string) {
		t.Helper()
		w.until(fmt.Sprintf(`[...document.querySelectorAll("#sentence form")].filter((f) => !f.hidden).map((f) => f.id).join() === %q`, want))
	}
	w.run(`document.querySelector(".line[data-component='Vent knuckle'] .rowopen").focus()`)
	for _, c := range [][2]string{{"helper", "helping"}, {"couple", "coupling"}, {"helper", "helping"}, {"move", "moving"}, {"move", "saying"}} {
		w.run(`document.querySelector(".line[data-component='Vent knuckle'] .rowopen").focus()`)
		w.command(c[0])
		forms(c[1])
	}
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Vent knuckle", "cylinder", 0, 0, 0)))
	w.until(`document.querySelector("[data-slot=put] input").value.includes("hole")`)
	w.command("helper")
	w.click(".line[data-component='Vent knuckle'] .rowopen")
	w.run(`document.querySelector(".line[data-component='Vent knuckle'] [data-act=repick]").click()`)
	forms("saying")
	w.says("[data-word=put]", "in place of")
	w.command("clear")
}
