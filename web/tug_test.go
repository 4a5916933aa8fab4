package web_test

import (
	"encoding/json"
	"fmt"
	"math"
	"slices"
	"testing"

	"setfast/core/bench"
	"setfast/core/format"
	"setfast/web/drive"
)

// place reads where a component stands, in the state or as drawn.
func (w *walker) pose(name string) (o [3]float64) {
	w.T.Helper()
	p, err := drive.Eval[[]float64](w.Page, fmt.Sprintf("setfast.state().components.find((c) => c.name === %q).pose.origin", name))
	w.ok(err)
	copy(o[:], p)
	return o
}

// TestTug pulls the crank's arm about with the mouse: it turns about its shaft, at the radius it has, and stays; the base
// does not move; all can be taken back.
func TestTug(t *testing.T) {
	w, _, as := sample(t, false)
	w.ok(w.Go(fmt.Sprint(address, "/a/", as[1].ID)))
	w.click(".stagehead [data-act=tug]")
	w.until("setfast.tug.live && setfast.tug.seq === setfast.state().seq")
	seq := w.text("document.body.dataset.seq")
	was := w.pose("Crank handle")
	shaft := w.pose("Crank shaft")

	at, err := drive.Eval[[]float64](w.Page, `(() => { const k = setfast.refs("Crank handle").filter((r) => r.kind === "cylinder"); return setfast.where(k[0].ref); })()`)
	w.ok(err)
	w.ok(w.MoveTo(at[0], at[1]))
	if says := w.text(`document.querySelector("#under").textContent`); says != "Crank handle · pull" {
		t.Errorf("under the cursor: %q", says)
	}
	w.ok(w.Drag([2]float64{at[0], at[1]}, [2]float64{at[0] + 30, at[1] - 20}, [2]float64{at[0] + 60, at[1] - 60}, [2]float64{at[0] + 80, at[1] - 120}))
	w.until(fmt.Sprintf("document.body.dataset.seq !== %q", seq))
	now := w.pose("Crank handle")
	radius := func(p [3]float64) float64 { return math.Hypot(p[1]-shaft[1], p[2]-shaft[2]) }
	moved := math.Hypot(now[1]-was[1], now[2]-was[2])
	if moved < 10 || math.Abs(radius(now)-radius(was)) > 1e-6 || math.Abs(now[0]-was[0]) > 1e-6 {
		t.Errorf("the handle went from %v to %v, %g mm, about %v", was, now, moved, shaft)
	}
	if v := w.text(`document.querySelector("#balance .verdict").textContent`); v != "moves as planned" {
		t.Errorf("verdict %q", v)
	}
	// the base stays, and says so
	seq = w.text("document.body.dataset.seq")
	w.until("setfast.tug.seq === setfast.state().seq")
	at, err = drive.Eval[[]float64](w.Page, `(() => { const k = setfast.refs("Bearing stand").filter((r) => r.kind === "plane" && Math.abs(r.dir[2]) > 0.9).sort((a, b) => b.at[2] - a.at[2]); return setfast.where(k[0].ref); })()`)
	w.ok(err)
	w.ok(w.Drag([2]float64{at[0], at[1]}, [2]float64{at[0] + 40, at[1] + 10}))
	w.until(`!document.querySelector("#said").hidden && document.querySelector("#said").textContent.includes("cannot move")`)
	if s := w.text("document.body.dataset.seq"); s != seq {
		t.Errorf("pulling the base changed something: %s, was %s", s, seq)
	}
	// Escape ends it, and the line can be taken back
	w.keys("\x1b")
	w.until(`document.querySelector(".stagehead [data-act=tug]").getAttribute("aria-pressed") === "false"`)
	w.click(`[data-act=undo]`)
	w.until(fmt.Sprintf("document.body.dataset.seq !== %q", seq))
	if back := w.pose("Crank handle"); math.Hypot(back[1]-was[1], back[2]-was[2]) > 1e-6 {
		t.Errorf("taken back to %v, was %v", back, was)
	}
	if c := w.Complaints(); len(c) > 0 {
		t.Errorf("the page complains: %v", c)
	}
}

// TestTugByKeys does the same without a mouse: N takes hold of what can move, arrows pull, Enter parks and Escape puts back.
func TestTugByKeys(t *testing.T) {
	w, _, as := sample(t, true)
	w.ok(w.Go(fmt.Sprint(address, "/a/", as[1].ID)))
	seq := w.text("document.body.dataset.seq")
	was := w.pose("Crank arm")
	w.keys("t")
	w.until("setfast.tug.live && setfast.tug.seq === setfast.state().seq")
	held := func(want string) {
		t.Helper()
		w.until(fmt.Sprintf(`document.querySelector("#under").textContent.startsWith(%q)`, want))
	}
	w.keys("n")
	held("Crank shaft is held") // the base cannot move and is passed over
	w.keys("n")
	held("Crank arm is held")
	up, _ := drive.Eval[string](w.Page, `"ArrowUp"`)
	for range 12 {
		w.run(fmt.Sprintf(`document.querySelector("#view").dispatchEvent(new KeyboardEvent("keydown", { key: %q, bubbles: true }))`, up))
	}
	held("pulling Crank arm")
	w.until("!setfast.tug.busy")
	w.keys("\x1b")
	w.until("!setfast.tug.held")
	if s := w.text("document.body.dataset.seq"); s != seq {
		t.Errorf("put back, and yet a line was written: %s, was %s", s, seq)
	}
	w.until("setfast.tug.seq === setfast.state().seq")
	w.keys("n")
	held("Crank handle is held")
	for range 12 {
		w.run(fmt.Sprintf(`document.querySelector("#view").dispatchEvent(new KeyboardEvent("keydown", { key: %q, bubbles: true }))`, up))
	}
	held("pulling Crank handle")
	w.until("!setfast.tug.busy")
	w.keys("\r")
	w.until(fmt.Sprintf("document.body.dataset.seq !== %q", seq))
	if now := w.pose("Crank arm"); now == was {
		t.Error("the handle was pulled up, and the arm stayed where it was")
	}
	w.click(`[data-act=undo]`)
	w.until(fmt.Sprintf(`Number(document.body.dataset.seq) > Number(%q) + 1`, seq))
	if c := w.Complaints(); len(c) > 0 {
		t.Errorf("the page complains: %v", c)
	}
}

// BenchmarkTugInBrowser pulls one part of a mechanism of 100 bodies in the browser's worker.
func BenchmarkTugInBrowser(b *testing.B) {
	page, err := drive.Open(1280, 800, false)
	if err != nil {
		b.Fatal(err)
	}
	defer page.Close()
	data, err := format.Write(bench.Scissor(50))
	if err != nil {
		b.Fatal(err)
	}
	text, _ := json.Marshal(string(data))
	if err := page.Go(address + "/"); err != nil {
		b.Fatal(err)
	}
	script := fmt.Sprintf(`(async () => {
		const { Live } = await import("/static/dist/core.js");
		const l = new Live(), poses = await l.open(%s), i = l.names.indexOf("q40"), o = poses.slice(7 * i, 7 * i + 3), times = [];
		await l.grab("q40", [0, 0, 0]);
		for (let n = 1; n <= 60; n++) times.push((await l.pull([o[0] - 3 + 3 * Math.cos(n / 30), o[1] + 3 * Math.sin(n / 30), o[2]])).ms);
		window.__times = times;
	})().catch((e) => { window.__times = String(e); })`, text)
	if _, err := drive.Eval[struct{}](page, "void "+script); err != nil {
		b.Fatal(err)
	}
	if err := page.Until("window.__times"); err != nil {
		b.Fatal(err)
	}
	times, err := drive.Eval[[]float64](page, "window.__times")
	if err != nil {
		b.Fatal(err)
	}
	slices.Sort(times)
	for b.Loop() {
	}
	b.ReportMetric(times[len(times)/2], "ms/step")
	b.ReportMetric(100, "bodies")
}
