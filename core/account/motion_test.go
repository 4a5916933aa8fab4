package account_test

import (
	"context"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"testing"

	"setfast/core/account"
	"setfast/core/format"
	"setfast/core/report"
)

// fourBar is a planar four-bar with crank a, coupler b, rocker c and ground d, the crank at an angle in degrees.
func fourBar(a, b, c, d, crank float64) *doc {
	x := &doc{}
	z := func(name string, px float64) string { return frame(name, [3]float64{px, 0, 0}, uz, ux) }
	x.part("ground", z("A", 0), z("D", d)).part("crank", z("A", 0), z("B", a)).part("coupler", z("B", 0), z("C", b)).part("rocker", z("C", c), z("D", 0))
	th := crank * math.Pi / 180
	// the open assembly: circles of b about B and c about D meet above the ground link
	bx, by := a*math.Cos(th), a*math.Sin(th)
	dx, dy := d-bx, -by
	l := math.Hypot(dx, dy)
	ang := math.Atan2(dy, dx) + math.Acos((b*b+l*l-c*c)/(2*b*l))
	cx, cy := bx+b*math.Cos(ang), by+b*math.Sin(ang)
	deg := 180 / math.Pi
	x.use("ground", "!ground").use("crank", "crank", at(o3, spin(uz, crank)...)).
		use("coupler", "coupler", at([3]float64{bx, by, 0}, spin(uz, ang*deg)...)).
		use("rocker", "rocker", at([3]float64{d, 0, 0}, spin(uz, math.Atan2(cy, cx-d)*deg)...))
	x.mate("A", "revolute", "ground/A", "crank/A").mate("B", "revolute", "crank/B", "coupler/B").mate("C", "revolute", "coupler/C", "rocker/C").mate("D", "revolute", "ground/D", "rocker/D")
	x.plan(`{"joint": "A"}`)
	x.measures = append(x.measures, `"rocker": {"type": "coordinate", "joint": "D", "of": "angle"}`)
	return x
}

// TestFreudenstein drives a four-bar over a full turn. Every step must satisfy Freudenstein's equation
// k1·cos ψ − k2·cos φ + k3 = cos(φ−ψ), k1 = d/a, k2 = d/c, k3 = (a² − b² + c² + d²)/(2ac)
// (F. Freudenstein, Approximate synthesis of four-bar linkages, Trans. ASME 77, 1955), and stay on its branch.
func TestFreudenstein(t *testing.T) {
	a, b, c, d := 40.0, 90.0, 70.0, 100.0
	x := fourBar(a, b, c, d, 45)
	x.drives = append(x.drives, `"turn": {"joint": "A", "of": "angle", "from": 45, "to": 405, "steps": 72, "record": ["rocker"]}`)
	r := x.check(t)
	want(t, "four-bar", r, 18, 20, 17, 1, "moves as planned")
	run := r.Drives["turn"]
	if run.StoppedAt != nil || len(run.At) != 73 {
		t.Fatalf("the drive stopped at %v: %v", run.StoppedAt, run.Reason)
	}
	k1, k2, k3 := d/a, d/c, (a*a-b*b+c*c+d*d)/(2*a*c)
	last := run.Values["rocker"][0].(float64)
	for i, v := range run.At {
		phi, psi := v*math.Pi/180, run.Values["rocker"][i].(float64)*math.Pi/180
		if e := k1*math.Cos(psi) - k2*math.Cos(phi) + k3 - math.Cos(phi-psi); math.Abs(e) > 1e-9 {
			t.Errorf("crank %g°: the equation is off by %g", v, e)
		}
		now := run.Values["rocker"][i].(float64)
		if math.Abs(now-last) > 12 {
			t.Errorf("crank %g°: the rocker jumped from %g° to %g°", v, last, now)
		}
		last = now
	}
	if math.Abs(last-run.Values["rocker"][0].(float64)) > 1e-9 {
		t.Errorf("after a full turn the rocker stands at %g°, not where it began", last)
	}
}

// TestDeadPoint drives a crank that cannot go round. Where it must stop follows from the triangle of its links: coupler and
// rocker stretched in line.
func TestDeadPoint(t *testing.T) {
	a, b, c, d := 80.0, 60.0, 50.0, 100.0 // the shortest and longest are more than the other two: nothing goes round (Grashof)
	x := fourBar(a, b, c, d, 60)
	x.drives = append(x.drives, `"up": {"joint": "A", "of": "angle", "from": 60, "to": 180, "steps": 12, "record": ["rocker"]}`)
	run := x.check(t).Drives["up"]
	limit := math.Acos((a*a+d*d-(b+c)*(b+c))/(2*a*d)) * 180 / math.Pi
	if run.StoppedAt == nil || math.Abs(*run.StoppedAt-limit) > 0.01 || run.Reason == nil {
		t.Fatalf("stopped at %v, the triangle closes until %g°", run.StoppedAt, limit)
	}
	if n := len(run.At); n == 0 || run.At[n-1] > limit {
		t.Errorf("steps beyond the dead point: %v", run.At)
	}
}

// TestLimits stops a drive at a joint's own limit, and brings a coordinate that starts outside to the nearest end.
func TestLimits(t *testing.T) {
	x := fourBar(40, 90, 70, 100, 45)
	x.mates[0] = `{"id": "A", "type": "revolute", "a": "ground/A", "b": "crank/A", "limits": {"angle": [null, 90]}}`
	x.drives = append(x.drives, `"up": {"joint": "A", "of": "angle", "from": 45, "to": 200, "steps": 10}`)
	run := x.check(t).Drives["up"]
	if run.StoppedAt == nil || math.Abs(*run.StoppedAt-90) > 0.01 {
		t.Errorf("stopped at %v, not at the limit of 90°", run.StoppedAt)
	}
	x.mates[0] = `{"id": "A", "type": "revolute", "a": "ground/A", "b": "crank/A", "limits": {"angle": [60, 90]}}`
	x.drives = nil
	x.measures = append(x.measures, `"crank": {"type": "coordinate", "joint": "A", "of": "angle"}`)
	if v := x.check(t).Measures["crank"].(float64); math.Abs(v-60) > 1e-6 {
		t.Errorf("the crank stands at %g°, the nearest end is 60°", v)
	}
}

// TestSliderCrank measures the slide of a slider-crank against x = r·cos θ + √(l² − r²·sin² θ), the closed form of every
// textbook of machine dynamics.
func TestSliderCrank(t *testing.T) {
	rr, l := 30.0, 80.0
	for _, th := range []float64{20, 75, 140, -60} {
		x := &doc{}
		x.part("ground", frame("A", o3, uz, ux), frame("guide", o3, ux, uy)).part("crank", frame("A", o3, uz, ux), frame("B", [3]float64{rr, 0, 0}, uz, ux)).
			part("rod", frame("B", o3, uz, ux), frame("C", [3]float64{l, 0, 0}, uz, ux)).part("slider", frame("C", o3, uz, ux), frame("s", o3, ux, uy))
		x.use("g", "!ground").use("crank", "crank", at(o3, spin(uz, th)...)).use("rod", "rod", at([3]float64{rr, 0, 0})).use("slider", "slider", at([3]float64{rr + l, 0, 0}))
		x.mate("A", "revolute", "g/A", "crank/A", fmt.Sprintf(`"at": {"angle": %g}`, th)).mate("B", "revolute", "crank/B", "rod/B").mate("C", "revolute", "rod/C", "slider/C").mate("S", "prismatic", "g/guide", "slider/s")
		x.measures = append(x.measures, `"x": {"type": "coordinate", "joint": "S", "of": "slide"}`)
		r := x.check(t)
		s := math.Sin(th * math.Pi / 180)
		wantX := rr*math.Cos(th*math.Pi/180) + math.Sqrt(l*l-rr*rr*s*s)
		if got := r.Measures["x"].(float64); math.Abs(got-wantX) > 1e-9 {
			t.Errorf("crank %g°: slide %.12g, want %.12g", th, got, wantX)
		}
		want(t, "slider-crank held", r, 18, 21, 18, 0, "set")
	}
}

// TestShaky stretches two bars in line between fixed pins: the middle pin has a freedom at this very pose that goes nowhere
// (the classic infinitesimal mechanism, e.g. S. Pellegrino and C. R. Calladine 1986).
func TestShaky(t *testing.T) {
	x := &doc{}
	x.part("ground", frame("A", o3, uz, ux), frame("D", [3]float64{100, 0, 0}, uz, ux)).part("bar", frame("A", o3, uz, ux), frame("B", [3]float64{50, 0, 0}, uz, ux))
	x.use("g", "!ground").use("b1", "bar").use("b2", "bar", at([3]float64{50, 0, 0}))
	x.mate("A", "revolute", "g/A", "b1/A").mate("B", "revolute", "b1/B", "b2/A").mate("D", "revolute", "g/D", "b2/B")
	r := x.check(t)
	want(t, "stretched bars", r, 12, 15, 11, 1, "loose")
	if r.Shaky != 1 || r.Motions[0].Class != "shaky" {
		t.Errorf("shaky %d, %v", r.Shaky, r.Motions)
	}
	// planned, it is blocked
	x.plan(`{"joint": "A"}`)
	if r = x.check(t); r.Verdict != report.Blocked || len(r.BlockedBy) != 1 || r.Planned != 0 {
		t.Errorf("planned: %s, blocked %v, planned %d", r.Verdict, r.BlockedBy, r.Planned)
	}
}

// TestFlatParallelogram lies folded flat: two branches meet there and the instant freedom is 2, of which 1 can be followed.
func TestFlatParallelogram(t *testing.T) {
	r := fourBar(40, 100, 40, 100, 0)
	r.comps[3] = `"rocker": {"part": "rocker", "pose": ` + at([3]float64{100, 0, 0}) + `}`
	r.comps[2] = `"coupler": {"part": "coupler", "pose": ` + at([3]float64{40, 0, 0}) + `}`
	got := r.check(t)
	if got.Left != 2 || got.Shaky != 1 {
		t.Errorf("left %d, shaky %d; want 2 and 1", got.Left, got.Shaky)
	}
}

// TestExamples checks the sample documents of the format against the figures stated with them.
func TestExamples(t *testing.T) {
	for _, c := range []struct {
		file                            string
		opening, removed, left, doubled int
		verdict                         report.Verdict
	}{
		{"four-bar", 18, 17, 1, 3, "moves as planned"},
		{"two-holes-doubled", 6, 6, 0, 5, "set"},
		{"two-holes-at-odds", 6, 5, 1, 2, "at odds"},
	} {
		data, err := os.ReadFile(filepath.Join("testdata", c.file+".setfast.json"))
		if err != nil {
			t.Fatal(err)
		}
		doc, err := format.Read(data)
		if err != nil {
			t.Fatal(err)
		}
		rep, err := account.Check(context.Background(), doc, nil)
		if err != nil {
			t.Fatal(err)
		}
		want(t, c.file, rep.Assemblies["main"], c.opening, c.removed+c.doubled, c.removed, c.left, c.verdict)
	}
}

// TestHeldIsNoRate: a coordinate held by a value or by a loop has no rate, so it plans nothing: what is left beside it is loose. Motions
// are as many as freedoms, none is empty, and no part moves against a joint that rests in it.
func TestHeldIsNoRate(t *testing.T) {
	lean, aside := [3]float64{0.2, 0.3, 1}, [3]float64{1, 0.1, 0}
	d := &doc{}
	d.part("g", frame("f", o3, uz, ux)).part("a", frame("f", o3, uz, ux), frame("s", [3]float64{30, 0, 0}, lean, aside)).part("b", frame("f", o3, uz, ux))
	d.use("g", "!g").use("a", "a").use("b", "b", at([3]float64{45, 1, -3}))
	d.mate("base", "revolute", "g/f", "a/f").mate("j", "planar", "a/s", "b/f", `"at": {"x": 15}`)
	r := d.plan(`{"joint": "j"}`).check(t)
	if r.Left != 3 || r.Planned != 2 || r.Loose != 1 || r.Verdict != report.Loose || len(r.Motions) != 3 {
		t.Errorf("left %d, planned %d, loose %d, %s, %d motions; want 3, 2, 1, loose, 3", r.Left, r.Planned, r.Loose, r.Verdict, len(r.Motions))
	}
	for _, m := range r.Motions {
		if len(m.Rides) == 0 || m.Kind == "" {
			t.Errorf("nothing moves in %+v", m)
		}
	}
	// a hinge that two others, askew, keep from turning: planned, it is blocked
	d = &doc{}
	d.part("g", frame("a", o3, uz, ux), frame("b", [3]float64{50, 0, 0}, lean, aside)).part("p", frame("a", o3, uz, ux), frame("b", [3]float64{50, 0, 0}, lean, aside))
	d.use("g", "!g").use("p", "p").mate("a", "revolute", "g/a", "p/a").mate("b", "revolute", "g/b", "p/b").plan(`{"joint": "a"}`)
	if r := d.check(t); r.Verdict != report.Blocked || r.Planned != 0 {
		t.Errorf("%s, planned %d; want blocked, 0", r.Verdict, r.Planned)
	}
}

// TestShakyCarried: a toggle stretched out in its frame (l₁ + l₂ = d, the textbook's momentary freedom) stays momentary when the frame
// slides or swings, however many freedoms carry it along; two toggles are two.
func TestShakyCarried(t *testing.T) {
	for _, c := range []struct {
		base        string
		left, shaky int
		toggles     int
	}{{"fastened", 1, 1, 1}, {"prismatic", 2, 1, 1}, {"revolute", 2, 1, 1}, {"cylindrical", 3, 1, 1}, {"planar", 4, 1, 1}, {"spherical", 4, 1, 1}, {"planar", 5, 2, 2}} {
		d := &doc{}
		d.part("g", frame("f", o3, [3]float64{0.3, 0.2, 1}, ux))
		d.part("b", frame("f", [3]float64{7, 3, 2}, [3]float64{0.3, 0.2, 1}, ux), frame("A", o3, uz, ux), frame("D", [3]float64{100, 0, 0}, uz, ux))
		d.part("l1", frame("A", o3, uz, ux), frame("B", [3]float64{45, 0, 0}, uz, ux)).part("l2", frame("A", o3, uz, ux), frame("B", [3]float64{55, 0, 0}, uz, ux))
		d.use("g", "!g").use("b", "b", at([3]float64{-7, -3, -2}))
		d.mate("base", c.base, "g/f", "b/f")
		for k := range c.toggles {
			p, q := fmt.Sprint("p", k), fmt.Sprint("q", k)
			d.use(p, "l1").use(q, "l2", at([3]float64{45, 0, 0}))
			d.mate("A"+p, "revolute", "b/A", p+"/A").mate("B"+p, "revolute", p+"/B", q+"/A").mate("D"+p, "revolute", q+"/B", "b/D")
		}
		r := d.check(t)
		told := 0
		for _, m := range r.Motions {
			if m.Class == report.Momentary {
				told++
			}
		}
		if r.Left != c.left || r.Shaky != c.shaky || told != c.shaky {
			t.Errorf("%d toggles on a %s frame: left %d, shaky %d, %d told; want %d, %d", c.toggles, c.base, r.Left, r.Shaky, told, c.left, c.shaky)
		}
	}
}
