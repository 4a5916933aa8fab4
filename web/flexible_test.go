package web_test

import (
	"context"
	"fmt"
	"math"
	"testing"

	"setfast/app"
	"setfast/store"
	"setfast/web/drive"
)

// opener starts an assembly in the sample project and opens its Bench.
func opener(t *testing.T, name string) *walker {
	t.Helper()
	w, project, _ := sample(t, false)
	id, err := theApp.Store.CreateAssembly(context.Background(), store.Assembly{ProjectID: project, Name: name})
	w.ok(err)
	t.Cleanup(func() { _ = theApp.Store.TakeOff(context.Background(), app.AssemblyKey(id)) })
	w.ok(w.Go(fmt.Sprint(address, "/a/", id)))
	return w
}

// one raises how many of a part are to be placed.
func (w *walker) one(name string) {
	w.T.Helper()
	w.click(fmt.Sprintf("#placing li[data-words^=%q] [data-more]", name))
}

// TestPlaceInOrder: what is chosen first is the base, whatever the order of the list, and the dialog says so before.
func TestPlaceInOrder(t *testing.T) {
	w := opener(t, "Order")
	w.click("#empty [data-act=place]")
	if s := w.text(`document.querySelector("#placing-base").textContent`); s != "Choose the base first: it is grounded on the origin, the others are spread out beside it." {
		t.Errorf("before a choice: %q", s)
	}
	w.one("crank shaft")
	w.one("wall plate")
	w.one("wall plate")
	if s := w.text(`document.querySelector("#placing-base").textContent`); s != "Crank shaft was chosen first: it is the base, grounded on the origin." {
		t.Errorf("after the choice: %q", s)
	}
	if s := w.text(`document.querySelector("#placego").textContent`); s != "Place 3" {
		t.Errorf("the button says %q", s)
	}
	w.click("#placego")
	w.seq(1)
	if s := w.text(`JSON.stringify(setfast.state().components.map((c) => [c.name, c.grounded]))`); s != `[["Crank shaft",true],["Wall plate",false],["Wall plate 2",false]]` {
		t.Errorf("placed: %s", s)
	}
	// the second time nobody becomes a base
	w.keys("p")
	w.until(`document.querySelector("#placing").open`)
	if s := w.text(`document.querySelector("#placing-base").textContent`); s != "Arrivals are spread out so that none hides another." {
		t.Errorf("the second time: %q", s)
	}
	w.keys("\x1b")
	w.until(`!document.querySelector("#placing").open`)
	// a search that finds nothing says so
	w.click("[data-slot=put] input")
	w.keys("wheel of fortune")
	w.until(`document.querySelector("#hint").textContent.startsWith("Nothing here is called so")`)
	if c := w.Complaints(); len(c) > 0 {
		t.Errorf("the page complains: %v", c)
	}
}

// TestFlexibleOnTheBench lets a subassembly move in itself: its parts get lines, its planned turn is drawn and counted, and its
// crank can be pulled; made rigid again it is one body.
func TestFlexibleOnTheBench(t *testing.T) {
	w := opener(t, "Opener")
	w.click("#empty [data-act=place]")
	w.one("crank drive")
	w.click("#placego")
	w.seq(1)
	verdict := func(want string) {
		t.Helper()
		w.until(fmt.Sprintf(`document.querySelector("#balance .verdict").textContent === %q`, want))
	}
	verdict("set")
	w.click(".line[data-component='Crank drive'] .rowopen")
	w.click("[data-act=flex]")
	w.seq(2)
	verdict("moves as planned")
	if s := w.text(`[...document.querySelectorAll(".innerline")].map((l) => l.querySelector(".what span").textContent + " " + l.querySelector(".beforeafter").firstChild.textContent.trim()).join("; ")`); s != "Crank shaft 6 → 1; Crank arm 6 → 1; Crank handle 6 → 2" {
		t.Errorf("its parts: %q", s)
	}
	w.click(".stagehead [data-act=tug]")
	w.until("setfast.tug.live && setfast.tug.seq === setfast.state().seq")
	spot := `(() => { const k = setfast.refs("Crank drive").filter((r) => r.ref.includes("Crank handle/") && r.kind === "cylinder"); return setfast.where(k[0].ref); })()`
	at, err := drive.Eval[[]float64](w.Page, spot)
	w.ok(err)
	w.ok(w.MoveTo(at[0], at[1]))
	if s := w.text(`document.querySelector("#under").textContent`); s != "Crank drive › Crank handle · pull" {
		t.Errorf("under the cursor: %q", s)
	}
	w.ok(w.Pull([2]float64{at[0], at[1]}, [2]float64{at[0] + 30, at[1] - 30}, [2]float64{at[0] + 60, at[1] - 80}))
	w.until(`document.querySelector("#under").textContent.startsWith("pulling Crank drive › Crank handle")`)
	now, err := drive.Eval[[]float64](w.Page, spot)
	w.ok(err)
	if math.Hypot(now[0]-at[0], now[1]-at[1]) < 10 {
		t.Errorf("the handle was pulled and is drawn at %v, was at %v", now, at)
	}
	w.keys("\x1b") // put back
	w.until(fmt.Sprintf(`(() => { const p = %s; return Math.hypot(p[0] - %g, p[1] - %g) < 1; })()`, spot, at[0], at[1]))
	w.keys("\x1b")
	w.click("[data-act=stiff]")
	w.seq(3)
	verdict("set")
	if c := w.Complaints(); len(c) > 0 {
		t.Errorf("the page complains: %v", c)
	}
}
