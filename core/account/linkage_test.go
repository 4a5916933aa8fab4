package account_test

import (
	"fmt"
	"math"
	"setfast/core/report"
	"testing"
)

// circles gives the meeting point of two circles in the plane, on the given side of the line between their middles.
func circles(ax, ay, ra, bx, by, rb, side float64) (x, y float64) {
	dx, dy := bx-ax, by-ay
	d := math.Hypot(dx, dy)
	u := (ra*ra - rb*rb + d*d) / (2 * d)
	h := math.Sqrt(math.Max(0, ra*ra-u*u)) * side
	return ax + (u*dx-h*dy)/d, ay + (u*dy+h*dx)/d
}

// TestPeaucellier drives the exact straight-line inversor (C.-N. Peaucellier 1864; two long bars, a rhombus, a crank through
// the pole): its tracing point runs on a straight line square to the frame at (L² − s²)/(2·crank) from the pole.
func TestPeaucellier(t *testing.T) {
	long, side, crank := 70.0, 40.0, 30.0
	d := &doc{}
	bar := func(name string, l float64) {
		d.part(name, frame("a", o3, uz, ux), frame("b", [3]float64{l, 0, 0}, uz, ux))
	}
	bar("long", long)
	bar("side", side)
	bar("crank", crank)
	d.part("ground", frame("O", o3, uz, ux), frame("Q", [3]float64{crank, 0, 0}, uz, ux))
	d.use("g", "!ground")
	th := 60 * math.Pi / 180
	cx, cy := crank+crank*math.Cos(th), crank*math.Sin(th) // C on the crank's circle through the pole
	ax, ay := circles(0, 0, long, cx, cy, side, 1)
	bx, by := circles(0, 0, long, cx, cy, side, -1)
	px, py := ax+bx-cx, ay+by-cy
	put := func(name, part string, x, y, tx, ty float64) {
		d.use(name, part, at([3]float64{x, y, 0}, spin(uz, math.Atan2(ty-y, tx-x)*180/math.Pi)...))
	}
	put("crank", "crank", crank, 0, cx, cy)
	put("oa", "long", 0, 0, ax, ay)
	put("ob", "long", 0, 0, bx, by)
	put("ca", "side", cx, cy, ax, ay)
	put("cb", "side", cx, cy, bx, by)
	put("pa", "side", px, py, ax, ay)
	put("pb", "side", px, py, bx, by)
	for i, m := range [][2]string{{"g/Q", "crank/a"}, {"g/O", "oa/a"}, {"g/O", "ob/a"}, {"crank/b", "ca/a"}, {"crank/b", "cb/a"}, {"oa/b", "ca/b"}, {"ob/b", "cb/b"}, {"oa/b", "pa/b"}, {"ob/b", "pb/b"}, {"pa/a", "pb/a"}} {
		d.mate(fmt.Sprint("j", i), "revolute", m[0], m[1])
	}
	d.plan(`{"joint": "j0"}`)
	d.measures = append(d.measures, `"p": {"type": "position", "of": "pa/a"}`)
	d.drives = append(d.drives, `"up": {"joint": "j0", "of": "angle", "from": 60, "to": 95, "steps": 14, "record": ["p"]}`, `"down": {"joint": "j0", "of": "angle", "from": 60, "to": -95, "steps": 31, "record": ["p"]}`)
	r := d.check(t)
	want(t, "inversor", r, 42, 50, 41, 1, "moves as planned")
	line := (long*long - side*side) / (2 * crank)
	for name := range r.Drives {
		run := ended(t, r, name)
		for i, a := range run.At {
			p := run.Values["p"][i].([3]float64)
			wantY := line * math.Tan(a*math.Pi/360) // the pole sees crank and line at half the crank's angle
			if math.Abs(p[0]-line) > 1e-8 || math.Abs(p[1]-wantY) > 1e-7 {
				t.Errorf("%s at %g°: the point is at (%.9f, %.9f), the line is x = %.9f, there y = %.9f", name, a, p[0], p[1], line, wantY)
			}
		}
	}
}

// TestSphericalFourBar drives a four-bar of intersecting axes. Input and output satisfy the spherical closure
// cos β = cos of the coupler arc, written out with direction vectors (e.g. J. M. McCarthy, Geometric Design of Linkages).
func TestSphericalFourBar(t *testing.T) {
	deg := math.Pi / 180
	a1, a2, a3, a4 := 25*deg, 80*deg, 70*deg, 85*deg // input, coupler, output, ground arcs
	dir := func(th float64) [3]float64 { return [3]float64{math.Sin(th), 0, math.Cos(th)} }
	d := &doc{}
	d.part("ground", frame("in", o3, uz, ux), frame("out", o3, dir(a4), uy))
	d.part("crank", frame("a", o3, uz, ux), frame("b", o3, dir(a1), uy))
	d.part("coupler", frame("a", o3, uz, ux), frame("b", o3, dir(a2), uy))
	d.part("rocker", frame("a", o3, uz, uy), frame("b", o3, dir(a3), uy))
	d.use("g", "!ground").use("crank", "crank").use("coupler", "coupler", at(o3, spin(uy, 25)...)).use("rocker", "rocker", at(o3, spin(uy, 85)...))
	d.mate("i", "revolute", "g/in", "crank/a").mate("k", "revolute", "crank/b", "coupler/a").mate("l", "revolute", "coupler/b", "rocker/b").mate("o", "revolute", "g/out", "rocker/a")
	d.plan(`{"joint": "i"}`)
	d.measures = append(d.measures, `"b": {"type": "position", "of": "g/origin", "in": "rocker/b"}`)
	d.measures = append(d.measures, `"arc": {"type": "angle", "a": "crank/b", "b": "rocker/b"}`, `"side": {"type": "angle", "a": "g/out", "b": "rocker/b"}`)
	d.drives = append(d.drives, `"turn": {"joint": "i", "of": "angle", "from": 0, "to": 360, "steps": 36, "record": ["arc", "side"]}`)
	r := d.check(t)
	want(t, "spherical four-bar", r, 18, 20, 17, 1, "moves as planned")
	run := ended(t, r, "turn")
	for i, a := range run.At {
		arc, side := run.Values["arc"][i].(float64), run.Values["side"][i].(float64)
		if math.Abs(arc-80) > 1e-9 || math.Abs(side-70) > 1e-9 {
			t.Errorf("input %g°: coupler arc %g°, output arc %g°; want 80 and 70", a, arc, side)
		}
	}
}

// TestOpenChains counts the freedom of open chains: nothing closes, so the criterion of Kutzbach and Grübler is exact, and
// each joint leaves what the table of lower pairs says.
func TestOpenChains(t *testing.T) {
	free := map[string]int{"revolute": 1, "prismatic": 1, "cylindrical": 2, "pin_slot": 2, "universal": 2, "planar": 3, "spherical": 3, "fastened": 0}
	for _, chain := range [][]string{
		{"revolute", "revolute", "revolute"}, {"prismatic", "cylindrical", "spherical"}, {"universal", "planar", "fastened", "revolute"},
		{"pin_slot", "pin_slot", "pin_slot", "pin_slot"}, {"fastened", "fastened"}, {"spherical", "spherical", "spherical", "spherical", "spherical"},
	} {
		d := &doc{}
		d.part("link", frame("in", o3, [3]float64{0.2, 0.3, 1}, ux), frame("out", [3]float64{40, 5, 3}, [3]float64{1, 0.2, -0.4}, uy))
		d.use("l0", "!link")
		left := 0
		for i, j := range chain {
			d.use(fmt.Sprint("l", i+1), "link", at([3]float64{40 * float64(i+1), 3, 1}, spin([3]float64{1, 2, 3}, 12*float64(i))...))
			d.mate(fmt.Sprint("j", i), j, fmt.Sprintf("l%d/out", i), fmt.Sprintf("l%d/in", i+1))
			left += free[j]
		}
		r := d.check(t)
		verdict := report.Verdict("loose")
		if left == 0 {
			verdict = "set"
		}
		want(t, fmt.Sprint(chain), r, 6*len(chain), 6*len(chain)-left, 6*len(chain)-left, left, verdict)
		if len(r.Groups) != 0 || r.Shaky != 0 {
			t.Errorf("%v: doubled %v, shaky %d", chain, r.Groups, r.Shaky)
		}
	}
}

// TestCoaxialHelices: two screws of different lead on one axis, nut turning in one and on the other (a differential screw):
// the freedom left is a screw whose pitch follows from both leads.
func TestDifferentialScrew(t *testing.T) {
	d := &doc{}
	d.part("g", frame("f", o3, uz, ux)).part("s", frame("f", o3, uz, ux))
	d.use("g", "!g").use("spindle", "s").use("nut", "s", at([3]float64{0, 0, 20}))
	d.mate("coarse", "helical", "g/f", "spindle/f", `"lead": 2`).mate("fine", "helical", "spindle/f", "nut/f", `"lead": -1.75`).mate("guide", "prismatic", "g/f", "nut/f")
	d.plan(`{"joint": "coarse"}`)
	d.measures = append(d.measures, `"z": {"type": "coordinate", "joint": "guide", "of": "slide"}`)
	d.drives = append(d.drives, `"turn": {"joint": "coarse", "of": "angle", "from": 0, "to": 1080, "steps": 6, "record": ["z"]}`)
	r := d.check(t)
	// helical + helical + prismatic on one axis: all slide and turn along it alone, so of 15 conditions 11 count
	want(t, "differential screw", r, 12, 15, 11, 1, "moves as planned")
	run := ended(t, r, "turn")
	z0 := value(run.Values["z"][0])
	for i, a := range run.At { // a turn moves the nut by the difference of the leads: 2 − 1.75
		if z := value(run.Values["z"][i]) - z0; math.Abs(z-(2+1.75)*a/360) > 1e-6 && math.Abs(z-(2-1.75)*a/360) > 1e-6 {
			t.Errorf("after %g° the nut went %g mm", a, z)
		}
	}
	if m := r.Motions[0]; m.Kind != "screw" || math.Abs(math.Abs(m.Pitch)-2) > 1e-9 {
		t.Errorf("the spindle's motion is told as %+v", m)
	}
}

// TestScottRussell: a bar whose end slides on x and whose middle is held by a crank half its length draws a straight line through the
// crank's pivot with its other end (J. Scott Russell; textbooks of kinematics): x = 0, y = 2·l·sin φ.
func TestScottRussell(t *testing.T) {
	const l = 40.0
	d := &doc{}
	d.part("g", frame("o", o3, uz, ux)).part("crank", frame("o", o3, uz, ux), frame("a", [3]float64{l, 0, 0}, uz, ux))
	d.part("bar", frame("b", [3]float64{-l, 0, 0}, uz, ux), frame("a", o3, uz, ux), point("c", [3]float64{l, 0, 0}))
	c, s := math.Cos(50*math.Pi/180), math.Sin(50*math.Pi/180)
	d.use("g", "!g").use("crank", "crank", at(o3, spin(uz, 50)...)).use("bar", "bar", at([3]float64{l * c, l * s, 0}, spin(uz, 130)...))
	d.mate("o", "revolute", "g/o", "crank/o").mate("a", "revolute", "crank/a", "bar/a").mate("slot", "pin_slot", "g/o", "bar/b")
	d.plan(`{"joint": "o"}`)
	d.measures = append(d.measures, `"c": {"type": "position", "of": "bar/c"}`)
	d.drives = append(d.drives, `"d": {"joint": "o", "of": "angle", "from": 20, "to": 85, "steps": 13, "record": ["c"]}`)
	r := d.check(t)
	want(t, "Scott Russell", r, 12, 14, 11, 1, "moves as planned")
	run := ended(t, r, "d")
	for i, a := range run.At {
		p := run.Values["c"][i].([3]float64)
		if y := 2 * l * math.Sin(a*math.Pi/180); math.Abs(p[0]) > 1e-7 || math.Abs(p[1]-y) > 1e-7 {
			t.Errorf("crank %g°: the end is at %v, want (0, %g)", a, p, y)
		}
	}
}

// TestPantograph: with O, a joint of the tracer and one of the pen in line on a parallelogram, the pen goes k times as far as the tracer,
// the same way (C. Scheiner, Pantographice, 1631).
func TestPantograph(t *testing.T) {
	const l, k = 60.0, 2.5
	d := &doc{}
	// two arms of k·l, hinged at P, with the joints of the short bars l along them; the pen is at the end, the tracer where the bars meet
	d.part("g", frame("o", o3, uz, ux))
	d.part("one", frame("o", o3, uz, ux), frame("j", [3]float64{l, 0, 0}, uz, ux), frame("p", [3]float64{k * l, 0, 0}, uz, ux))
	d.part("two", frame("p", o3, uz, ux), frame("j", [3]float64{l, 0, 0}, uz, ux), point("pen", [3]float64{k * l, 0, 0}))
	d.part("short", frame("a", o3, uz, ux), frame("b", [3]float64{l, 0, 0}, uz, ux), point("tracer", [3]float64{l, 0, 0}))
	d.part("shank", frame("a", o3, uz, ux), frame("b", [3]float64{(k - 1) * l, 0, 0}, uz, ux))
	u, v := 70.0, -35.0 // directions of the arms
	dir := func(deg, r float64) [3]float64 {
		return [3]float64{r * math.Cos(deg*math.Pi/180), r * math.Sin(deg*math.Pi/180), 0}
	}
	sum := func(p, q [3]float64) [3]float64 { return [3]float64{p[0] + q[0], p[1] + q[1], 0} }
	d.use("g", "!g").use("one", "one", at(o3, spin(uz, u)...)).use("two", "two", at(dir(u, k*l), spin(uz, v)...))
	d.use("short", "short", at(dir(u, l), spin(uz, v)...)).use("shank", "shank", at(sum(dir(u, l), dir(v, l)), spin(uz, u)...))
	d.mate("O", "revolute", "g/o", "one/o").mate("P", "revolute", "one/p", "two/p").mate("J", "revolute", "one/j", "short/a")
	d.mate("K", "revolute", "short/b", "shank/a").mate("L", "revolute", "two/j", "shank/b")
	d.plan(`{"joint": "O"}`).plan(`{"joint": "P"}`)
	d.measures = append(d.measures, `"tracer": {"type": "position", "of": "short/tracer"}`, `"pen": {"type": "position", "of": "two/pen"}`)
	d.drives = append(d.drives, `"d": {"joint": "P", "of": "angle", "from": -105, "to": -40, "steps": 10, "record": ["tracer", "pen"]}`,
		`"e": {"joint": "O", "of": "angle", "from": 70, "to": 160, "steps": 10, "record": ["tracer", "pen"]}`)
	r := d.check(t)
	if r.Left != 2 || r.Verdict != "moves as planned" {
		t.Fatalf("left %d, %s, %v", r.Left, r.Verdict, r.Odds)
	}
	for name, run := range r.Drives {
		if run.StoppedAt != nil || len(run.At) != 11 {
			t.Fatalf("%s stopped: %+v", name, run)
		}
		for i := range run.At {
			p, q := run.Values["tracer"][i].([3]float64), run.Values["pen"][i].([3]float64)
			if math.Hypot(q[0]-k*p[0], q[1]-k*p[1]) > 1e-7 {
				t.Errorf("%s: tracer at %v, pen at %v, want %g times as far", name, p, q, k)
			}
		}
	}
}

// TestGeneva: a pin at the radius a enters a slot of a wheel with n slots square to its crank, at the centre distance a/sin(π/n); by its angle α from the line of
// centres it turns the wheel by φ with tan φ = a·sin α / (c − a·cos α), and leaves at α = 90° − 180°/n, with φ = 180°/n (Norton, Design of Machinery, intermittent
// motion; a closed formula). The slot's ends are limits: the crank stops where the pin would leave.
func TestGeneva(t *testing.T) {
	const a = 30.0
	for _, n := range []float64{4, 5, 6, 8} {
		c := a / math.Sin(math.Pi/n)
		mouth, leaves := c*math.Cos(math.Pi/n), 90-180/n
		d := &doc{}
		d.part("g", frame("o", o3, uz, ux), frame("w", [3]float64{c, 0, 0}, uz, ux)).part("crank", frame("o", o3, uz, ux), frame("pin", [3]float64{a, 0, 0}, uz, ux))
		d.part("wheel", frame("slot", o3, uz, ux), point("tip", [3]float64{mouth, 0, 0}))
		d.use("g", "!g").use("crank", "crank", at(o3, spin(uz, 5)...)).use("wheel", "wheel", at([3]float64{c, 0, 0}, spin(uz, 176)...))
		d.mate("crank", "revolute", "g/o", "crank/o").mate("wheel", "revolute", "g/w", "wheel/slot")
		d.mate("slot", "pin_slot", "wheel/slot", "crank/pin", fmt.Sprintf(`"limits": {"slide": [%.15g, %.15g]}`, c-a-1, mouth))
		d.plan(`{"joint": "crank"}`)
		d.measures = append(d.measures, `"tip": {"type": "position", "of": "wheel/tip"}`)
		d.drives = append(d.drives, `"on": {"joint": "crank", "of": "angle", "from": 0, "to": 80, "steps": 80, "record": ["tip"]}`,
			`"back": {"joint": "crank", "of": "angle", "from": 0, "to": -80, "steps": 80, "record": ["tip"]}`)
		r := d.check(t)
		want(t, fmt.Sprintf("%g slots", n), r, 12, 14, 11, 1, "moves as planned")
		for name, sign := range map[string]float64{"on": 1, "back": -1} {
			run := r.Drives[name]
			if run.StoppedAt == nil || math.Abs(*run.StoppedAt-sign*leaves) > 1e-6 {
				t.Errorf("%g slots, %s: stopped at %v, want %g", n, name, run.StoppedAt, sign*leaves)
			}
			for i, deg := range run.At {
				s, k := math.Sincos(deg * math.Pi / 180)
				phi := math.Pi - math.Atan2(a*s, c-a*k)
				p := run.Values["tip"][i].([3]float64)
				if math.Hypot(p[0]-c-mouth*math.Cos(phi), p[1]-mouth*math.Sin(phi)) > 1e-7 {
					t.Errorf("%g slots, crank %g°: the slot points to %v, want %g°", n, deg, p, phi*180/math.Pi)
				}
			}
			if len(run.At) < int(leaves) {
				t.Errorf("%g slots, %s: %d steps", n, name, len(run.At))
			}
		}
	}
}
