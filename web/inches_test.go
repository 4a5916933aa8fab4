package web_test

import (
	"context"
	"fmt"
	"strings"
	"testing"
)

// TestInches shows a project in inches and types in them: a hole of 6.6 mm is Ø0.2598, half an inch typed is 12.7 mm kept, and what was
// typed stays as it was written.
func TestInches(t *testing.T) {
	w, id, _ := sample(t, false)
	ctx := context.Background()
	w.ok(theApp.Store.SetUnit(ctx, id, "in"))
	defer func() { w.ok(theApp.Store.SetUnit(ctx, id, "mm")) }()
	w.ok(w.Go(fmt.Sprintf("%s/p/%d", address, id)))
	if s := w.text(`document.querySelector(".part .facts").textContent.replace(/\s+/g, " ")`); !strings.Contains(s, "7.087 × 4.331 × 0.394 in · 11.92 in³") {
		t.Errorf("the wall plate is %q", s)
	}
	hinge := sampleAssembly(t, "Vent hinge")
	w.ok(w.Go(fmt.Sprintf("%s/a/%d", address, hinge)))
	w.until(`document.body.dataset.seq`)
	if s := w.text(`setfast.refs("Clevis pin 8x44").filter((r) => r.kind === "cylinder").map((r) => r.label).join("|")`); !strings.Contains(s, "Ø0.315 shank") {
		t.Errorf("the pin's features are %q", s)
	}
	if s := w.text(`document.querySelector("#lines").textContent`); strings.Contains(s, "Ø8") {
		t.Errorf("a line still says millimetres: %q", s)
	}
	w.run(`setfast.pick(setfast.refs("Vent knuckle").find((r) => r.kind === "plane").ref)`)
	w.run(`setfast.pick(setfast.refs("Hinge bracket, left").find((r) => r.kind === "plane").ref)`)
	w.until(`[...document.querySelectorAll(".offer")].some((o) => o.dataset.type === "distance")`)
	w.run(`[...document.querySelectorAll(".offer")].find((o) => o.dataset.type === "distance").click()`)
	if s := w.text(`document.querySelector("#unit").textContent`); s != "in" {
		t.Errorf("a distance is asked for in %q", s)
	}
	w.run(`(() => { const i = document.querySelector("#value"); i.value = "0.5"; i.dispatchEvent(new Event("input", {bubbles: true})); })()`)
	w.changed(`setTimeout(() => document.querySelector("#post").click(), 600)`)
	value := func() (mm float64, written string) {
		j, err := theApp.Judge(ctx, hinge)
		w.ok(err)
		m := j.Asm.Mates[len(j.Asm.Mates)-1]
		mm, _ = m.Num("value")
		return mm, m.Text("value")
	}
	if mm, _ := value(); mm != 12.7 {
		t.Errorf("half an inch is kept as %g mm", mm)
	}
	w.run(`document.querySelector(".line[data-component='Vent knuckle'] .rowopen").click()`)
	w.until(`document.querySelector("[data-field=value][data-length]")`)
	if s := w.text(`[...document.querySelectorAll("[data-field=value][data-length]")].at(-1).value`); s != "0.5 in" {
		t.Errorf("its line says %q", s)
	}
	w.changed(`(() => { const i = [...document.querySelectorAll("[data-field=value][data-length]")].at(-1); i.value = "0.75"; i.dispatchEvent(new Event("change", {bubbles: true})); })()`)
	if mm, written := value(); mm < 19.0499999 || mm > 19.0500001 || written != "0.75 in" {
		t.Errorf("typed 0.75, kept are %g mm, written %q", mm, written)
	}
	for range 2 {
		w.undo()
	}
	// a run of a slide: half an inch is asked for, gone and told
	w.ok(w.Go(fmt.Sprintf("%s/a/%d", address, sampleAssembly(t, "Vent drive"))))
	w.until(`document.body.dataset.seq`)
	w.command("run")
	w.run(`(() => { const s = document.querySelector("#runlegs select"); s.value = [...s.options].find((o) => /slide/.test(o.textContent)).value; s.dispatchEvent(new Event("input", {bubbles: true})); s.dispatchEvent(new Event("change", {bubbles: true})); })()`)
	w.until(`document.querySelector("#runlegs .legunit").textContent === "in"`)
	w.run(`(() => { for (const [n, v] of [["from", "0"], ["to", "0.5"], ["in", "4"]]) document.querySelector("#runlegs [name=" + n + "]").value = v; })()`)
	w.run(`document.querySelector("#runpost").click()`)
	w.until(`document.querySelector("#run-hi")?.textContent === "0.5 in"`)
	if s := w.text(`document.querySelector("#runmet").textContent`); strings.Contains(s, " mm") {
		t.Errorf("a run in inches says %q", s)
	}
}
