package web_test

import (
	"fmt"
	"strings"
	"testing"
)

// inPlace types into the field that a name became, and waits for the state after it.
func (w *walker) inPlace(text, key string) {
	w.T.Helper()
	w.until(`document.activeElement?.className === "inplace"`)
	w.run(naming(text, key))
}

// naming is a script that types a name where the keys are, and ends by a key.
func naming(text, key string) string {
	return fmt.Sprintf(`(() => { const i = document.activeElement; i.value = %q; i.dispatchEvent(new KeyboardEvent("keydown", {key: %q, bubbles: true, cancelable: true})); })()`, text, key)
}

// key is a script that goes to an element and presses a key there.
func key(css, key string, alt bool) string {
	return fmt.Sprintf(`(() => { const e = document.querySelector(%q); e.focus(); e.dispatchEvent(new KeyboardEvent("keydown", {key: %q, altKey: %v, bubbles: true, cancelable: true})); })()`, css, key, alt)
}

// order is the build order as the account has it.
func (w *walker) order() string {
	return w.text(`setfast.state().components.map((c) => c.name).join("|")`)
}

// TestNamesInPlace renames parts and relations where they stand, by F2 and by a double click; Escape leaves them.
func TestNamesInPlace(t *testing.T) {
	w := browser(t, false)
	w.at("Bearing stand")
	row := `.line[data-component='Screw M6x20'] .rowopen`
	seq := w.text(`document.body.dataset.seq`)
	w.run(key(row, "F2", false))
	w.inPlace("Never so", "Escape")
	if w.text(`document.body.dataset.seq`) != seq || !strings.Contains(w.order(), "Screw M6x20|") {
		t.Error("Escape renamed it")
	}
	w.run(key(row, "F2", false))
	w.changed(naming("Left screw", "Enter"))
	if !strings.Contains(w.order(), "Left screw") {
		t.Errorf("the parts are %s", w.order())
	}
	w.click(`.line[data-component='Left screw'] .rowopen`)
	was := w.text(`document.querySelector(".line[data-component='Left screw'] .mate").dataset.mate`)
	w.run(`document.querySelector(".line[data-component='Left screw'] .matename").dispatchEvent(new MouseEvent("dblclick", {bubbles: true}))`)
	w.until(`document.activeElement?.className === "inplace" && document.querySelector(".line[data-component='Left screw'] .matename").hidden`)
	w.changed(naming("left seat", "Enter"))
	if a := asmOf(t, "Bearing stand"); a.Mate("left seat") == nil || a.Mate(was) != nil {
		t.Errorf("the relation %s was not renamed", was)
	}
	// temporary is said by the note, shows, and is found by the sieve
	w.changed(`document.querySelector(".line[data-component='Left screw'] [data-act=temporary]").click()`)
	w.says(".line[data-component='Left screw'] .fortime", "temporary")
	if n := asmOf(t, "Bearing stand").Mate("left seat").Note; n != "temporary" {
		t.Errorf("its note is %q", n)
	}
	w.click(`[data-only=fortimeline]`)
	if n := w.number(`[...document.querySelectorAll("#lines > .line")].filter((l) => !l.hidden).length`); n != 1 {
		t.Errorf("%g lines are temporary, want 1", n)
	}
	w.click(`[data-only=""]`)
	w.changed(`document.querySelector(".line[data-component='Left screw'] [data-act=temporary]").click()`)
	if n := asmOf(t, "Bearing stand").Mate("left seat").Note; n != "" {
		t.Errorf("for good its note is %q", n)
	}
	for range 4 {
		w.undo()
	}
}

// TestOrderByHand moves a line by Alt and an arrow, and by dragging its number; what was chosen gives way to all others.
func TestOrderByHand(t *testing.T) {
	w := browser(t, false)
	w.at("Bearing stand")
	was := w.order()
	names := strings.Split(was, "|")
	w.changed(key(fmt.Sprintf(`.line[data-component='%s'] .rowopen`, names[2]), "ArrowUp", true))
	if got := strings.Split(w.order(), "|"); got[1] != names[2] || got[2] != names[1] {
		t.Errorf("the order is %v", got)
	}
	w.undo()
	place := func(name string) [2]float64 {
		css := fmt.Sprintf(`document.querySelector(".line[data-component='%s'] .no").getBoundingClientRect()`, name)
		return [2]float64{w.number(css + ".left + 8"), w.number(css + ".top + 8")}
	}
	seq := w.text(`document.body.dataset.seq`)
	from, to := place(names[3]), place(names[1])
	w.ok(w.Drag(from, [2]float64{from[0], from[1] - 20}, to, [2]float64{to[0], to[1] + 1}))
	w.until(fmt.Sprintf(`document.body.dataset.seq !== %q && !document.body.hasAttribute("aria-busy")`, seq))
	if got := strings.Split(w.order(), "|"); got[1] != names[3] {
		t.Errorf("dragged to the second place the order is %v", got)
	}
	if w.number(`document.querySelectorAll(".inside:not([hidden])").length`) != 0 {
		t.Error("the drag opened a line")
	}
	w.undo()
	w.chosen(names[0], names[1])
	w.command("others")
	w.says("#chosenbar", fmt.Sprint(len(names)-2, " chosen"))
}

// TestTerms tells what a word of the account means where it stands, and all on one list.
func TestTerms(t *testing.T) {
	w := browser(t, false)
	w.at("Crank drive")
	w.click(`#balance [data-term=Idle]`)
	w.until(`document.body.innerText.includes("spinning about its own axis")`)
	w.click(`.findings [data-term=doubled]`)
	w.until(`document.body.innerText.includes("ask the same twice")`)
	w.command("terms")
	w.until(`document.querySelector("#commands").open && document.querySelectorAll("#command-list li").length > 12`)
}

// TestBring: "=" brings a joint of the part in hand to a typed value; its other branch is one press away.
func TestBring(t *testing.T) {
	w := browser(t, false)
	w.at("Crank drive")
	w.run(`document.querySelector(".line[data-component='Crank arm'] .rowopen").focus()`)
	stands := func() float64 {
		return w.number(`setfast.state().joints[0].of[0].at`)
	}
	was := stands()
	seq := w.text(`document.body.dataset.seq`)
	w.command("bring")
	w.run(`document.querySelector("#commands").open && document.querySelector("#command-list li").click()`)
	w.answer(fmt.Sprint(was + 25))
	w.until(fmt.Sprintf(`document.body.dataset.seq !== %q && !document.body.hasAttribute("aria-busy")`, seq))
	if got := stands(); got < was+24.9 || got > was+25.1 {
		t.Errorf("brought from %g by 25 it stands at %g", was, got)
	}
	row := ".line[data-component='Crank shaft']"
	w.click(row + " .rowopen")
	w.changed(`document.querySelector("` + row + ` [data-act=other-side]").click()`)
	if got := stands(); got > -24.9 || got < -25.1 {
		t.Errorf("its other branch is at %g", got)
	}
	w.undo()
	w.undo()
}
