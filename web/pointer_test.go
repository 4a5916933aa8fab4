package web_test

import (
	"fmt"
	"testing"

	"setfast/web/drive"
)

// TestPointer moves the pointer over the parts: features are named and outlined, and no part is drawn again for it; nor is a program
// of the graphics made anew each time.
func TestPointer(t *testing.T) {
	w, _, as := sample(t, false)
	w.ok(w.Go(fmt.Sprint(address, "/a/", as[0].ID)))
	figures := func() (f struct {
		Frame, Programs int
		Under           string
	}) {
		f, err := drive.Eval[struct {
			Frame, Programs int
			Under           string
		}](w.Page, `({Frame: setfast.stage.view.pictures, Programs: setfast.stage.view.gl.info.programs?.length ?? 0, Under: document.querySelector("#under").textContent})`)
		w.ok(err)
		return f
	}
	over := func(component string) {
		at, err := drive.Eval[[]float64](w.Page, fmt.Sprintf(`setfast.where(setfast.refs(%q).find((r) => r.kind === "cylinder").ref)`, component))
		w.ok(err)
		w.ok(w.MoveTo(at[0], at[1]))
	}
	over("Bearing block")
	first := figures()
	over("Bearing block 2")
	w.ok(w.MoveTo(20, 780)) // away
	over("Bearing block")
	last := figures()
	if first.Under == "" || last.Under != first.Under {
		t.Errorf("under the pointer: %q, then %q", first.Under, last.Under)
	}
	if last.Frame != first.Frame {
		t.Errorf("the parts were drawn %d times while the pointer moved", last.Frame-first.Frame)
	}
	if first.Programs == 0 || last.Programs < first.Programs {
		t.Errorf("programs of the outline: %d, then %d", first.Programs, last.Programs)
	}
}
