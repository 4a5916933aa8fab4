package web_test

import (
	"fmt"
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
	seq := w.text(`document.body.dataset.seq`)
	w.run(`(() => { document.querySelector("#post").click(); type("put", "face"); })()`)
	w.until(fmt.Sprintf(`document.body.dataset.seq !== %q && !document.body.hasAttribute("aria-busy")`, seq))
	if s := w.text(`["put", "on"].map((s) => document.querySelector("[data-slot=" + s + "] input").value).join("|")`); s != "face|" {
		t.Errorf("after posting, the slots hold %q", s)
	}
	w.run(`document.querySelector("[data-act=undo]").click()`)
}
