package web_test

import (
	"fmt"
	"strings"
	"testing"
)

// TestQuickTyping types a slot's words at once after the other's, and the next sentence while the last is being posted: the list that
// the hands are in stays open, and nothing typed is lost.
func TestQuickTyping(t *testing.T) {
	w := browser(t, false)
	id := sampleAssembly(t, "Crank drive")
	w.ok(w.Go(fmt.Sprint(address, "/a/", id)))
	w.click("[data-slot=put] input") // so that the window has the focus, without which nothing is left
	w.run(`(() => {
		window.type = (slot, words) => {
			const i = document.querySelector("[data-slot=" + slot + "] input");
			i.focus();
			i.value = words;
			i.dispatchEvent(new Event("input", {bubbles: true}));
			return i;
		};
		const enter = (i) => i.dispatchEvent(new KeyboardEvent("keydown", {key: "Enter", bubbles: true, cancelable: true}));
		const [a, b] = setfast.state().components.map((c) => c.name);
		enter(type("put", "axis " + a));
		type("on", "axis " + b);
		setTimeout(() => { document.body.dataset.waited = "yes"; }, 300);
	})()`)
	w.until(`document.body.dataset.waited === "yes"`)
	if s := w.text(`String(document.querySelector("#choices").hidden)`); s != "false" {
		t.Error("the list of the second slot was closed by the first slot's leaving")
	}
	w.keys("\r")
	w.until(`document.querySelector(".offer[aria-checked=true]")`)
	w.changed(`(() => { document.querySelector("#post").click(); type("put", "face"); })()`)
	if s := w.text(`["put", "on"].map((s) => document.querySelector("[data-slot=" + s + "] input").value).join("|")`); s != "face|" {
		t.Errorf("after posting, the slots hold %q", s)
	}
	w.undo()
}

// TestByKeys makes a relation and removes a part without a pointer: what fits has the keys once both slots are typed.
func TestByKeys(t *testing.T) {
	w := browser(t, false)
	id := sampleAssembly(t, "Crank drive")
	w.ok(w.Go(fmt.Sprint(address, "/a/", id)))
	w.until(`document.body.dataset.seq`)
	w.run(`document.querySelector("#view").focus()`)
	w.keys("s")
	w.until(`document.activeElement.closest("[data-slot=put]")`)
	w.run(`document.activeElement.select()`) // the driver's letter comes although the key was taken
	names := w.text(`setfast.state().components.map((c) => c.name).join("|")`)
	first, second, _ := strings.Cut(names, "|")
	second, _, _ = strings.Cut(second, "|")
	for _, words := range []string{"axis " + first, "axis " + second} {
		w.keys(words)
		w.until(`!document.querySelector("#choices").hidden`)
		w.keys("\r")
	}
	w.until(`document.activeElement.matches(".offer[aria-checked=true]")`)
	if w.text(`String(document.querySelectorAll(".offer").length > 1)`) != "true" {
		t.Fatal("only one relation fits")
	}
	w.keys("2")
	w.until(`document.activeElement === document.querySelectorAll(".offer")[1] && document.activeElement.getAttribute("aria-checked") === "true"`)
	turned := -1 // the first that has an alignment to turn round
	for k := range 9 {
		w.keys(fmt.Sprint(k + 1))
		w.until(fmt.Sprintf(`document.activeElement === document.querySelectorAll(".offer")[%d]`, k))
		if w.text(`String(document.querySelector(".slotbutton").hidden)`) == "false" {
			turned = k
			break
		}
	}
	if turned < 0 {
		t.Fatal("none of what fits has an alignment")
	}
	said := w.text(`document.querySelector(".slotbutton").textContent`)
	w.keys("r")
	w.until(fmt.Sprintf(`document.querySelector(".slotbutton").textContent !== %q`, said))
	seq := w.text(`document.body.dataset.seq`)
	w.keys("\r")
	w.until(fmt.Sprintf(`document.body.dataset.seq !== %q && !document.body.hasAttribute("aria-busy")`, seq))
	w.run(`[...document.querySelectorAll(".line .rowopen")].at(-1).focus()`)
	last := w.text(`document.activeElement.closest(".line").dataset.component`)
	w.keys("\u007f") // Delete
	w.until(fmt.Sprintf(`!setfast.state().components.some((c) => c.name === %q)`, last))
	for range 2 {
		w.undo()
	}
	if got := w.text(`setfast.state().components.map((c) => c.name).join("|")`); got != names {
		t.Errorf("after taking back there are %q, were %q", got, names)
	}
}
