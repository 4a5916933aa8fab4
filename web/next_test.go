package web_test

import (
	"context"
	"strings"
	"testing"

	"setfast/app/commands"
	"setfast/core/geom"
)

// TestNextAndSeatings takes three screws of the stand out of their holes and seats them by what is proposed: one as its twin, then all that is
// left at once. A bearing block is turned end for end by its other seating. All is taken back.
func TestNextAndSeatings(t *testing.T) {
	w := browser(t, false)
	ctx := context.Background()
	id := sampleAssembly(t, "Bearing stand")
	lines := 0
	for _, screw := range []string{"Screw M6x20 2", "Screw M6x20 3", "Screw M6x20 4"} {
		j, err := theApp.Judge(ctx, id)
		if err != nil {
			t.Fatal(err)
		}
		for _, m := range j.Asm.Mates {
			if m.B.Head() == screw {
				if _, err := theApp.Do(ctx, id, "test", commands.Meant{Base: j.Seq, Command: commands.Unrelate{Relation: m.ID}}); err != nil {
					t.Fatal(err)
				}
				lines++
			}
		}
	}
	if j, err := theApp.Judge(ctx, id); err == nil { // and away from them
		poses := j.Asm.Component("Screw M6x20 2").Pose
		poses.O.Z += 60
		if _, err = theApp.Do(ctx, id, "test", commands.Meant{Base: j.Seq, Command: commands.Adopt{Relations: nil, Poses: map[string]geom.Pose{"Screw M6x20 2": poses}}}); err != nil {
			t.Fatal(err)
		}
		lines++
	}
	w.at("Bearing stand")
	row := func(name string) string { return `.line[data-component='` + name + `'] .rowopen` }
	w.run(key(row("Screw M6x20 2"), "n", true))
	w.until(`document.querySelector("#choosing-cards .impliedcard b")?.textContent.startsWith("as Screw M6x20")`)
	w.until(`document.activeElement?.dataset.card === "0"`)
	if s := w.text(`String(setfast.stage.comps.get("Screw M6x20 2").position.z)`); s == "" {
		t.Error("the stage does not show it")
	}
	w.changed(`document.activeElement.dispatchEvent(new KeyboardEvent("keydown", {key: "Enter", bubbles: true, cancelable: true}))`)
	lines++
	w.run(key(row("Screw M6x20 3"), "n", true))
	w.until(`[...document.querySelectorAll("#choosing-cards b")].some((b) => b.textContent.startsWith("all 2 places like this one"))`)
	w.changed(`[...document.querySelectorAll("#choosing-cards .impliedcard")].find((c) => c.textContent.includes("all 2 places")).querySelector("button").click()`)
	lines++
	a := asmOf(t, "Bearing stand")
	if a.Component("Screw M6x20 5") == nil {
		t.Errorf("no further screw was placed: %s", w.order())
	}
	j, err := theApp.Judge(ctx, id)
	if err != nil || j.Result.Components["Screw M6x20 3"].Left != 1 || j.Result.Components["Screw M6x20 5"].Left != 1 || j.Result.Components["Screw M6x20 2"].Left != 1 {
		t.Errorf("not all screws are seated (%v)", err)
	}
	was := j.Asm.Component("Bearing block").Pose
	w.until(`document.querySelector("#choosing").hidden`) // nothing fits what is left
	w.run(key(row("Bearing block"), "s", true))
	w.until(`document.querySelectorAll("#choosing-cards .impliedcard").length === 2`)
	if s := w.text(`document.querySelectorAll("#choosing-cards .impliedcard b")[1].textContent`); s != "turned by 180° about z" {
		t.Errorf("the other seating is %q", s)
	}
	if n := w.number(`document.querySelectorAll("#choosing-cards .notice").length`); n != 0 {
		t.Errorf("%g seatings pass through something, want none", n)
	}
	if n := w.number(`[...document.querySelectorAll(".seatingpicture")].filter((i) => i.src.length > 400).length`); n != 2 {
		t.Errorf("%g pictures, want 2", n)
	}
	w.changed(`document.querySelectorAll("#choosing-cards button")[1].click()`)
	lines++
	j, err = theApp.Judge(ctx, id)
	if err != nil {
		t.Fatal(err)
	}
	if now := j.Result.Components["Bearing block"].Pose; now.Q.Mul(was.Q.Conj()).Log().Norm() < 3 || strings.Contains(string(j.Result.Verdict), "odds") {
		t.Errorf("the block was not turned: %v, %s", now, j.Result.Verdict)
	}
	for range lines {
		w.undo()
	}
	if s := w.text(`setfast.state().verdict`); s != "set" {
		t.Errorf("taken back, the stand is %s", s)
	}
}

// TestSettle asks from a finding what would take the freedom: the knuckle that slides on its pin is offered to be held, and Escape leaves all
// as it was.
func TestSettle(t *testing.T) {
	w := browser(t, false)
	w.at("Vent hinge")
	seq := w.text(`document.body.dataset.seq`)
	w.click(".f-loose [data-act=settle]")
	w.until(`document.querySelectorAll("#choosing-cards .impliedcard").length > 0`)
	w.says("#choosing-h", "What would seat Vent knuckle")
	w.says("#choosing-cards", "held")
	w.run(key("#choosing-cards .impliedcard", "Escape", false))
	w.until(`document.querySelector("#choosing").hidden`)
	if s := w.text(`document.body.dataset.seq`); s != seq {
		t.Errorf("looking changed the assembly: line %s, was %s", s, seq)
	}
}
