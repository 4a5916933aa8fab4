package web_test

import (
	"fmt"
	"testing"
)

// TestWithoutDrawing opens the Bench where nothing can be drawn in three dimensions: the account, typing and every command of looking go on
// without a complaint.
func TestWithoutDrawing(t *testing.T) {
	w := browser(t, false)
	w.ok(w.First(`HTMLCanvasElement.prototype.getContext = () => null;`))
	id := sampleAssembly(t, "Vent hinge")
	w.ok(w.Go(fmt.Sprint(address, "/a/", id)))
	w.until(`document.body.dataset.seq && !document.querySelector("#lost").hidden`)
	for _, c := range []string{"hide", "only", "see-through", "aside", "aside-all", "home", "freedoms", "tint", "move", "section", "views"} {
		w.run(`document.querySelector(".line[data-component='Vent knuckle'] .rowopen").focus()`)
		w.command(c)
		w.run(`document.querySelector("dialog[open]")?.close()`)
	}
	w.run(`setfast.commands.move.run()`)
	w.run(`setfast.commands.sentence.run()`)
	w.click("[data-slot=put] input")
	w.keys("axis knuckle")
	w.until(`document.querySelectorAll("#choices li").length > 0`)
	for _, c := range w.Complaints() {
		t.Errorf("it complains: %s", c)
	}
}
