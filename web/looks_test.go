package web_test

import (
	"fmt"
	"math"
	"strings"
	"testing"

	"setfast/web/drive"
)

func (w *walker) command(name string) {
	w.T.Helper()
	w.run(fmt.Sprintf("setfast.commands[%q].run()", name))
}

func (w *walker) number(script string) float64 {
	w.T.Helper()
	x, err := drive.Eval[float64](w.Page, script)
	w.ok(err)
	return x
}

func (w *walker) says(css, want string) {
	w.T.Helper()
	w.until(fmt.Sprintf(`document.querySelector(%q)?.textContent.includes(%q)`, css, want))
}

// at opens one of the sample's assemblies.
func (w *walker) at(name string) {
	w.T.Helper()
	w.ok(w.Go(fmt.Sprint(address, "/a/", sampleAssembly(w.T, name))))
	w.until(`document.body.dataset.seq && setfast.stage.comps.size > 0`)
}

// TestLooks hides, singles out, sees through and draws aside; what does not show as it is is always said, and one click brings all back.
func TestLooks(t *testing.T) {
	w := browser(t, false)
	w.at("Bearing stand")
	w.run(`document.querySelector(".line[data-component='Screw M6x20'] .rowopen").focus()`)
	w.command("hide")
	w.says("#hiddenpill", "1 hidden · show all")
	w.run(`document.querySelector(".line[data-component='Wall plate'] .rowopen").focus()`)
	w.command("see-through")
	w.says("#hiddenpill", "1 hidden · 1 see-through")
	w.run(`document.querySelector(".line[data-component='Screw M6x20 2'] .rowopen").focus()`)
	was := w.number(`setfast.stage.comps.get("Screw M6x20 2").matrix.elements[14]`)
	w.command("aside")
	w.says("#hiddenpill", "1 held aside")
	if d := w.number(`setfast.stage.comps.get("Screw M6x20 2").matrix.elements[14]`) - was; d < 10 {
		t.Errorf("a screw held aside is %g mm above its seat", d)
	}
	if n := w.text(`String(setfast.state().seq)`); w.text(`document.body.dataset.seq`) != n {
		t.Error("looking changed the assembly")
	}
	w.command("only")
	w.says("#hiddenpill", "6 hidden")
	w.click("#hiddenpill")
	w.until(`document.querySelector("#hiddenpill").hidden`)
	if d := w.number(`setfast.stage.comps.get("Screw M6x20 2").matrix.elements[14]`) - was; math.Abs(d) > 1e-9 {
		t.Errorf("put back it stands %g mm off", d)
	}
	// all apart: each screw farther out than the block it holds down, and both blocks off the plate
	w.command("aside-all")
	lift := func(name string) float64 { return w.number(fmt.Sprintf(`setfast.stage.comps.get(%q).aside.z`, name)) }
	if a, b := lift("Bearing block"), lift("Screw M6x20"); a <= 0 || b <= a {
		t.Errorf("apart: the block by %g, its screw by %g mm", a, b)
	}
	w.command("home")
	w.until(`document.querySelector("#hiddenpill").hidden`)
}

// TestSection cuts the crank drive through its shaft: the caps are at the plane, and their area is that of the parts there. A shaft of 16 mm cut
// along its axis shows length times diameter. What is cut away is not picked.
func TestSection(t *testing.T) {
	w := browser(t, false)
	w.at("Crank drive")
	axis := `setfast.refs("Crank shaft").find((r) => r.kind === "cylinder").ref`
	w.run(`setfast.pick(` + axis + `)`)
	w.command("section")
	w.until(`!document.querySelector("#sectionbar").hidden && setfast.stage.section.group.children.length > 0`)
	w.says("#section-words", "Crank shaft")
	area := `(() => {
		const p = setfast.stage.section.plane;
		let off = 0, a = 0;
		for (const o of setfast.stage.section.group.children) {
			const x = o.geometry.getAttribute("position");
			const v = [];
			for (let i = 0; i < x.count; i++) v.push(p.normal.clone().set(x.getX(i), x.getY(i), x.getZ(i)));
			for (const q of v) off = Math.max(off, Math.abs(p.distanceToPoint(q)));
			if (o.isMesh) for (let i = 0; i < v.length; i += 3) a += v[i + 1].clone().sub(v[i]).cross(v[i + 2].clone().sub(v[i])).length() / 2;
		}
		return [a, off];
	})()`
	got, err := drive.Eval[[]float64](w.Page, area)
	w.ok(err)
	if got[1] > 0.05 || got[0] < 1000 {
		t.Errorf("the caps have %g mm² and lie up to %g mm off the plane", got[0], got[1])
	}
	w.run(`(() => { const others = setfast.state().components.map((c) => c.name).filter((n) => n !== "Crank shaft"); setfast.stage.setHidden(new Set(others)); })()`)
	w.until(`setfast.stage.section.group.children.length === 2`)
	got, err = drive.Eval[[]float64](w.Page, area)
	w.ok(err)
	long := w.number(`(() => { const b = setfast.stage.extentOf("Crank shaft"); return Math.max(b.x, b.y, b.z); })()`)
	if want := 16 * long; math.Abs(got[0]-want) > 0.12*want { // its ends are turned down
		t.Errorf("the shaft's section has %g mm², a cylinder of its size %g", got[0], want)
	}
	w.click("#section-flip")
	w.run(`(() => { const i = document.querySelector("#section-mm"); i.value = "-3"; i.dispatchEvent(new Event("change")); })()`)
	w.until(`document.querySelector("#section-at").value < -2.9`)
	w.until(fmt.Sprintf("((a) => a > 1 && a < %g)(%s[0])", got[0]-100, area)) // off the axis a shaft is narrower
	// dragged by what it cuts, it goes along; the view does not turn
	spot := `(() => { const s = setfast.stage.section; const g = s.group.children.find((o) => o.isMesh).geometry; g.computeBoundingSphere(); for (let i = 0; i < g.attributes.position.count; i += 3) { const c = [0, 1, 2].map((k) => new g.boundingSphere.center.constructor().fromBufferAttribute(g.attributes.position, i + k)).reduce((a, b) => a.add(b)).multiplyScalar(1 / 3); const p = setfast.stage.view.project(c); const r = document.querySelector("#view").getBoundingClientRect(); if (s.shows(p.x, p.y) && document.elementFromPoint(r.left + p.x, r.top + p.y)?.closest("#view")) return [r.left + p.x, r.top + p.y]; } return []; })()`
	place, err := drive.Eval[[]float64](w.Page, spot)
	w.ok(err)
	if len(place) != 2 {
		t.Fatal("no cap shows")
	}
	eye := w.text(`setfast.stage.view.camera.position.toArray().join()`)
	was := w.number(`+document.querySelector("#section-at").value`)
	w.ok(w.Drag([2]float64{place[0], place[1]}, [2]float64{place[0] - 12, place[1] + 9}, [2]float64{place[0] - 30, place[1] + 22}))
	if now := w.number(`+document.querySelector("#section-at").value`); math.Abs(now-was) < 0.5 || w.text(`setfast.stage.view.camera.position.toArray().join()`) != eye {
		t.Errorf("dragged, the section goes from %g to %g", was, now)
	}
	w.click("#section-off")
	w.until(`document.querySelector("#sectionbar").hidden && setfast.stage.section.plane === null`)
}

// TestViews looks from the front in parallel, keeps a view and the home position, and comes back to both.
func TestViews(t *testing.T) {
	w := browser(t, false)
	w.at("Bearing stand")
	choose := func(words string) {
		t.Helper()
		w.command("views")
		w.until(`document.querySelector("#commands").open`)
		w.run(fmt.Sprintf(`[...document.querySelectorAll("#command-list li")].find((l) => l.textContent.includes(%q)).click()`, words))
		w.until(`!document.querySelector("#commands").open`)
	}
	choose("Front")
	w.until(`setfast.stage.view.camera.fov < 1`)
	if y := w.number(`(() => { const v = setfast.stage.view; const d = v.camera.position.clone().sub(v.controls.target).normalize(); return d.y; })()`); y > -0.9999 {
		t.Errorf("from the front the eye is at y = %g", y)
	}
	// in parallel two places in line with the eye are drawn at one place
	if d := w.number(`(() => { const v = setfast.stage.view; const t = v.controls.target; const a = v.project(t.clone()), b = v.project(t.clone().setY(t.y + 60)); return a.distanceTo(b); })()`); d > 0.5 {
		t.Errorf("in parallel a line of sight is drawn %g pixels long", d)
	}
	choose("Keep this view")
	w.until(`document.querySelector("#asking").open`)
	w.run(`(() => { document.querySelector("#asking-text").value = "home"; document.querySelector("#asking").close("go"); })()`)
	w.says("#said", "is kept")
	choose("Corner")
	w.command("home")
	w.until(`setfast.stage.view.camera.position.clone().sub(setfast.stage.view.controls.target).normalize().y < -0.9999`)
	choose("Forget the view home")
}

// TestMoving moves a loose part by typed sums and by a ring, says where it came to, springs back what relations hold, and goes home.
func TestMoving(t *testing.T) {
	w := browser(t, false)
	w.at("Vent hinge")
	w.run(`document.querySelector(".line[data-component='Vent knuckle'] .rowopen").focus()`)
	w.command("keep-home")
	w.says("#said", "home position")
	at := func(k int) float64 {
		return w.number(fmt.Sprintf(`setfast.state().components.find((c) => c.name === "Vent knuckle").pose.origin[%d]`, k))
	}
	x, z := at(0), at(2)
	w.command("move")
	w.until(`!document.querySelector("#moving").hidden && document.querySelector("#moved").textContent === "Vent knuckle"`)
	w.run(`document.querySelector("[data-by='0']").value = "2 * 3.5"`)
	w.changed(`document.querySelector("#moving").requestSubmit()`)
	w.says("#said", "Parked: Vent knuckle")
	if d := at(0) - x; math.Abs(d-7) > 1e-6 {
		t.Errorf("moved by %g along x, want 7", d)
	}
	w.run(`document.querySelector("[data-by='2']").value = "30"`)
	w.changed(`document.querySelector("#moving").requestSubmit()`)
	w.says("#said", "Sprung back")
	if d := at(2) - z; math.Abs(d) > 1e-6 {
		t.Errorf("off its pin by %g", d)
	}
	w.changed(`document.querySelector("#move-x").click()`) // a quarter turn about its pin's direction
	q := w.number(`2 * Math.acos(Math.abs(setfast.state().components.find((c) => c.name === "Vent knuckle").pose.quaternion[0])) * 180 / Math.PI`)
	if math.Abs(q-90) > 1e-6 {
		t.Errorf("turned by %g°", q)
	}
	w.command("move")
	w.changed(`setfast.commands["go-home"].run()`)
	if d := at(0) - x; math.Abs(d) > 1e-6 {
		t.Errorf("at home it stands %g off", d)
	}
	if s := w.text(`setfast.state().undo`); !strings.Contains(s, "home") {
		t.Errorf("the last line is %q", s)
	}
	for range 4 {
		w.undo()
	}
}

// TestClashes: the sample's crank passes through the plate: it is found beside the account, shown in a section, and takes the verdict; meant with a
// reason it is a fit, and taken back a clash again. How far a joint goes is asked on its line.
func TestClashes(t *testing.T) {
	w := browser(t, false)
	w.at("Crank drive")
	w.until(`document.querySelector("#clashes .finding")?.textContent.includes("Wall plate and Crank arm")`)
	w.says("#clashes", "5 mm deep, 1200 mm³")
	w.says("#balance .verdict", "clashes")
	w.click("#balance .verdict") // leads to them
	w.click("#clashes [data-clash=show]")
	w.until(`!document.querySelector("#sectionbar").hidden && setfast.stage.section.plane`)
	w.says("#section-words", "overlap")
	w.click("#clashes [data-clash=fit]")
	w.until(`document.querySelector("#commands").open`)
	w.run(`[...document.querySelectorAll("#command-list li")].find((l) => l.textContent.includes("no matter")).click()`)
	w.until(`document.querySelector("#asking").open`)
	w.keys("a cut-out comes later\r")
	w.until(`document.querySelector("#clashes .f-quiet")?.textContent.includes("meant: ignore")`)
	w.says("#balance .verdict", "moves as planned")
	w.says("#findings .verdict", "moves as planned")
	w.undo()
	w.until(`document.querySelector("#clashes .f-at-odds") && document.querySelector("#balance .verdict").textContent === "clashes"`)
	w.at("Vent latch")
	w.until(`document.querySelector("#clashes .small")?.textContent.startsWith("Nothing passes through anything")`)
	w.run(`setfast.commands && document.querySelector(".line[data-component='Latch cam'] .rowopen").click()`)
	w.run(`document.querySelector("[data-mate='turn 1'] [data-act=travel]").click()`)
	w.until(`document.querySelector("#said").textContent.includes("nothing to limit")`)
}

// TestRunning runs the sample's crank once round: what is met stands as bands and rows, a row leads to where it is, Escape puts all back, and
// nothing was changed. What is no range is refused.
func TestRunning(t *testing.T) {
	w := browser(t, false)
	w.at("Crank drive")
	seq := w.text(`document.body.dataset.seq`)
	w.command("run")
	w.until(`!document.querySelector("#running").hidden && document.querySelector("#runlegs select").value.includes("turn 1")`)
	w.run(`document.querySelector("#runlegs [name=in]").value = "36"`)
	w.click("#runpost")
	w.until(`document.querySelectorAll("#runbands .band").length === 2`)
	w.says("#runhint", "Parts pass through one another 2 times")
	w.says("#runmet", "Wall plate and Crank arm, 0 to 74.231°, 5 mm deep")
	before := w.text(`JSON.stringify(setfast.stage.comps.get("Crank arm").quaternion.toArray())`)
	w.run(`(() => { const i = document.querySelector("#run-at"); i.value = "9"; i.dispatchEvent(new Event("input")); })()`)
	w.says("#run-now", "90°")
	if s := w.text(`JSON.stringify(setfast.stage.comps.get("Crank arm").quaternion.toArray())`); s == before {
		t.Error("the arm does not turn")
	}
	w.keys("n") // to the next place where something is met
	w.until(`document.querySelector("#run-now").textContent !== "90°"`)
	w.run(`document.querySelector("#runlegs [name=to]").value = "0"`)
	w.click("#runpost")
	w.says("#runhint", "nowhere")
	w.run(`document.querySelector("#runlegs [name=from]").dispatchEvent(new KeyboardEvent("keydown", {key: "Escape", bubbles: true}))`)
	w.until(`document.querySelector("#running").hidden`)
	if s := w.text(`document.body.dataset.seq`); s != seq {
		t.Errorf("running changed the assembly: line %s, was %s", s, seq)
	}
}

// TestMending mends the clash that the sample's crank was left with, as the tour tells: parked upright where a run shows it free, the travel found and
// taken as limits, and nothing passes through anything.
func TestMending(t *testing.T) {
	w := browser(t, false)
	w.at("Crank drive")
	w.until(`document.querySelector("#clashes .f-at-odds")`)
	w.command("run")
	w.until(`document.querySelector("#runlegs select")?.value.includes("turn 1")`)
	w.run(`document.querySelector("#runlegs [name=in]").value = "36"`)
	w.click("#runpost")
	w.until(`document.querySelectorAll("#runbands .band").length === 2`)
	w.run(`(() => { const i = document.querySelector("#run-at"); i.value = "18"; i.dispatchEvent(new Event("input")); })()`)
	w.says("#run-now", "180°")
	w.click("#run-park")
	w.until(`document.querySelector("#clashes .small")?.textContent.startsWith("Nothing passes through anything")`)
	w.run(`document.querySelector(".line[data-component='Crank shaft'] .rowopen").click()`)
	w.run(`document.querySelector("[data-mate='turn 1'] [data-act=travel]").click()`)
	w.until(`document.querySelector("#commands").open`)
	w.run(`[...document.querySelectorAll("#command-list li")].find((l) => l.textContent.includes("Limit it so")).click()`)
	w.until(`setfast.state().joints.find((j) => j.id === "turn 1").of[0].bounds`)
	if s := w.text(`setfast.state().joints.find((j) => j.id === "turn 1").of[0].bounds.lo.toFixed(1)`); s != "74.2" {
		t.Errorf("limited from %s, want 74.2", s)
	}
	w.says("#balance .verdict", "moves as planned")
	for range 2 {
		w.undo()
	}
}

// TestTeeth takes the coupling of pinion and rack from their teeth, and says so.
func TestTeeth(t *testing.T) {
	w := browser(t, false)
	w.at("Vent drive")
	w.command("couple")
	w.run(`(() => { const s = document.querySelector("#couple-type"); s.value = "rack"; s.dispatchEvent(new Event("input", {bubbles: true})); })()`)
	w.click("#from-teeth")
	w.until(`document.querySelector("#couplehint").textContent.includes("18 teeth of module 2 on a rack: 18 mm apart, as they should be, in mesh now")`)
	if s := w.text(`document.querySelector("#lead").value + document.querySelector("#way").value`); s != "113.0973grows" {
		t.Errorf("lead %s", s)
	}
	w.run(`(() => { const s = document.querySelector("#couple-b"); s.value = "slide 2"; s.dispatchEvent(new Event("input", {bubbles: true})); })()`)
	w.click("#from-teeth")
	w.until(`document.querySelector("#couplehint").textContent.includes("No part that moves with slide 2 has teeth")`)
}

// TestRunLegs: the latch turns and turns back in a second leg; curves tell the lift under the cursor; the run is kept, taken up again, handed out
// as table, drawing and film, and forgotten; a cam that goes one way only stops the second leg; parked, the parts stand where the run stood; a run
// that takes long is stopped.
func TestRunLegs(t *testing.T) {
	w := browser(t, false)
	w.at("Vent latch")
	seq := w.text(`document.body.dataset.seq`)
	w.command("run")
	w.until(`document.querySelector("#runlegs select")?.value.includes("turn 1")`)
	set := func(row int, name, value string) {
		w.run(fmt.Sprintf(`document.querySelectorAll("#runlegs .leg")[%d].querySelector("[name=%s]").value = %q`, row, name, value))
	}
	set(0, "to", "180")
	set(0, "in", "18")
	w.click("#run-then")
	w.run(`(() => { const s = document.querySelectorAll("#runlegs select")[1]; s.selectedIndex = 0; s.dispatchEvent(new Event("input", {bubbles: true})); })()`)
	set(1, "to", "90")
	set(1, "in", "9")
	w.click("#runpost")
	w.until(`document.querySelectorAll("#runcurves svg").length === 2`)
	w.says("#runhint", "Nothing passes through anything")
	w.run(`(() => { const i = document.querySelector("#run-at"); i.value = "18"; i.dispatchEvent(new Event("input")); })()`)
	w.says("#run-now", "angle of turn 1 180°")
	w.says("#runcurves", "-26 mm") // twice the eccentricity lower than at the start
	w.run(`(() => { const i = document.querySelector("#run-at"); i.value = i.max; i.dispatchEvent(new Event("input")); })()`)
	w.says("#run-now", "angle of turn 1 90°")
	w.run(`(() => { window.handed = []; HTMLAnchorElement.prototype.click = () => {}; URL.createObjectURL = (b) => { b.text().then((s) => handed.push(s.slice(0, 40))); return "blob:"; }; })()`)
	for i, want := range []string{"step,leg,at,", "<svg ", "GIF89a"} {
		w.click([]string{"#run-csv", "#run-svg", "#run-film"}[i])
		w.until(fmt.Sprintf(`handed.length === %d`, i+1))
		if s := w.text(fmt.Sprintf(`handed[%d]`, i)); !strings.HasPrefix(s, want) {
			t.Errorf("handed out %q, want %q", s, want)
		}
	}
	w.click("#run-keep")
	w.until(`document.querySelector("#asking").open`)
	w.run(`(() => { document.querySelector("#asking-text").value = "there and back"; document.querySelector("#asking").close("go"); })()`)
	w.until(`document.querySelector("#run-kept").value === "there and back"`)
	w.run(`(() => { const s = document.querySelector("#run-way"); s.value = "up"; s.dispatchEvent(new Event("input", {bubbles: true})); })()`)
	w.until(fmt.Sprintf(`Number(document.body.dataset.seq) === %s + 2`, seq))
	w.click("#runpost")
	w.says("#runhint", "Stopped at 180°: turn 1 angle goes one way only, up")
	w.run(`(() => { const i = document.querySelector("#run-at"); i.value = "9"; i.dispatchEvent(new Event("input")); })()`)
	w.click("#run-park")
	w.until(`document.querySelector("#running").hidden`)
	if s := w.text(`String(Math.round(setfast.state().joints.find((j) => j.id === "turn 1").of[0].at))`); s != "90" {
		t.Errorf("parked at %s, want 90", s)
	}
	w.command("run")
	w.until(`[...document.querySelector("#run-kept").options].length === 2`)
	w.run(`(() => { const s = document.querySelector("#run-kept"); s.value = "there and back"; s.dispatchEvent(new Event("input", {bubbles: true})); })()`)
	w.until(`document.querySelectorAll("#runlegs .leg").length === 2`)
	w.click("#run-drop")
	w.until(`[...document.querySelector("#run-kept").options].length === 1`)
	w.run(`(() => { const s = document.querySelector("#run-way"); s.value = ""; s.dispatchEvent(new Event("input", {bubbles: true})); })()`)
	w.until(fmt.Sprintf(`Number(document.body.dataset.seq) === %s + 5`, seq))
	set(0, "to", "3600000")
	set(0, "in", "1400")
	w.click("#runpost")
	w.until(`document.querySelector("#runhint").textContent.includes("%")`)
	w.click("#runpost")
	w.says("#runhint", "Stopped.")
	for range 5 {
		w.undo()
	}
}
