package account_test

import (
	"fmt"
	"math"
	"strings"
	"testing"

	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/core/tol"
)

// twoAxes is a body held by two cylindrical joints through one point, whose axes are off parallel by e radians.
func twoAxes(e float64) *doc {
	d := &doc{}
	two := []string{frame("a", o3, uz, ux), frame("b", o3, [3]float64{math.Sin(e), 0, math.Cos(e)}, uy)}
	d.part("base", append(two, point("far", [3]float64{0, 0, 40}))...).part("body", append(two, point("far", [3]float64{0, 0, 40}))...)
	return d.use("base", "!base").use("body", "body").mate("a", "cylindrical", "base/a", "body/a").mate("b", "cylindrical", "base/b", "body/b")
}

// meeting measures between two lines that cross 10/e mm away, and lie 10 mm apart where that is too far to count.
func meeting(e float64) *doc {
	d := &doc{}
	line := func(name string, o, z [3]float64) string {
		return fmt.Sprintf(`%q: {"type": "axis", "origin": %s, "direction": %s}`, name, vec(o), vec(z))
	}
	d.part("base", line("a", o3, ux), line("b", [3]float64{0, 10, 0}, [3]float64{1, e, 0})).use("base", "!base")
	d.measures = append(d.measures, `"gap": {"type": "distance", "a": "base/a", "b": "base/b"}`)
	return d
}

// apart asks for a distance and, again, for one that differs by e.
func apart(e float64) *doc {
	d := &doc{}
	d.part("base", plane("f", o3, uz)).part("body", plane("f", o3, [3]float64{0, 0, -1}))
	d.use("base", "!base").use("body", "body", at([3]float64{0, 0, 5}))
	return d.mate("one", "distance", "base/f", "body/f", `"value": 5`).mate("two", "distance", "base/f", "body/f", fmt.Sprintf(`"value": %.12g`, 5+e))
}

// narrow is the same with a tolerance of a nanometre.
func narrow(e float64) *doc {
	d := apart(e)
	d.settings = `{"tolerance_mm": 1e-6, "tolerance_deg": 1e-6}`
	return d
}

// bounded is what a report says of a document to either side of a bound.
type bounded struct {
	what           string
	bound          float64
	of             func(*doc) any
	with           func(float64) *doc
	inside, beyond any
}

// hold looks at half the bound, and at some times the bound.
func (c bounded) hold(t *testing.T, times float64) {
	t.Helper()
	if got := c.of(c.with(c.bound * 0.5)); got != c.inside {
		t.Errorf("%s; at half of it %v, want %v", c.what, got, c.inside)
	}
	if got := c.of(c.with(c.bound * times)); got != c.beyond {
		t.Errorf("%s; at %g times it %v, want %v", c.what, times, got, c.beyond)
	}
}

// TestBounds sets what a designer can meet just to either side of each bound. The numbers are those of the contract, written out.
func TestBounds(t *testing.T) {
	left := func(d *doc) any { return d.check(t).Left }
	verdict := func(d *doc) any { return d.check(t).Verdict != report.AtOdds }
	gap := func(d *doc) any { g, _ := d.check(t).Measures["gap"].(float64); return math.Round(g) }
	for _, c := range []bounded{
		{"Resists: axes less off parallel than it leave the turn and the slide", 1e-5, left, twoAxes, 2, 0},
		{"ParallelAxes: lines less off parallel than it lie apart, others cross", 1e-6, gap, meeting, 10.0, 0.0},
		// two equal rows share the miss: each is off by half
		{"MissCancels: what features off by 1e-5 explain is no conflict, however narrow the tolerance", 2e-5, verdict, narrow, true, false},
		{"HoldsMM: what repeats to within it holds", 2 * 0.001, verdict, apart, true, false},
	} {
		c.hold(t, 3)
	}
}

// TestWeightOfAngles pulls a hinge two ways: to the angle 0 and with its end, R from the pin, to the height h. The pin gives way by y,
// the angle by θ: W = 50 mm, the least of y² + (Wθ)² + (h − y − Rθ)² leaves m = h/(2 + R²/W²) at the end and at the pin, and θ = R·m/W².
func TestWeightOfAngles(t *testing.T) {
	const weight = 50.0 // mm for a radian, by the contract
	for _, r := range []float64{20, 100, 2000} {
		d := &doc{}
		d.part("base", frame("pin", o3, uz, ux), plane("floor", o3, uy)).part("arm", frame("pin", o3, uz, ux), point("end", [3]float64{r, 0, 0}))
		d.use("base", "!base").use("arm", "arm")
		high := 0.1
		d.mate("pin", "revolute", "base/pin", "arm/pin", `"at": {"angle": 0}`).mate("end", "distance", "base/floor", "arm/end", fmt.Sprintf(`"value": %g`, high))
		odds := d.check(t).Odds
		if len(odds) != 1 {
			t.Fatalf("R %g: %+v", r, odds)
		}
		mm := high / (2 + r*r/(weight*weight))
		deg := map[string]float64{"pin": r * mm / (weight * weight) * 180 / math.Pi}
		for _, m := range odds[0].Misses {
			if math.Abs(m.MM-mm) > 1e-4*mm || math.Abs(m.Deg-deg[m.ID]) > 1e-4*deg[m.ID] {
				t.Errorf("R %g: %s is off by %.8g mm, %.8g°, want %.8g, %.8g", r, m.ID, m.MM, m.Deg, mm, deg[m.ID])
			}
		}
	}
}

// TestBoundsOfShapes does the same for what is decided of a part by itself, and of what is read.
func TestBoundsOfShapes(t *testing.T) {
	z := geom.V(0, 0, 1)
	round := func(off float64) bool {
		p := &part.Part{Shape: []part.Feature{{Kind: part.Cylinder, Z: z, Radius: 5}, {Kind: part.Point, O: geom.V(off, 0, 9)}}}
		return p.RoundAbout(geom.Vec{}, z)
	}
	size := func(gap float64) bool {
		hole := part.Feature{Kind: part.Cylinder, Z: z, Radius: 4 + gap/2, Side: "hole"}
		return strings.HasSuffix(part.Fit(hole, part.Feature{Kind: part.Cylinder, Z: z, Radius: 4, Side: "shaft"}), ", size for size")
	}
	parallel := func(e float64) bool {
		d := (&doc{}).part("p", frame("f", o3, uz, [3]float64{math.Sin(e), 0, math.Cos(e)})).use("p", "!p")
		_, err := format.Read([]byte(d.String()))
		return err != nil
	}
	kept := func(e float64) bool {
		q := geom.Quat{W: 1 + e}
		return q.Read() == q
	}
	near := func(x float64) bool { return geom.Pose{O: geom.V(x, 0, 0), Q: geom.Identity}.Is() }
	for _, c := range []struct {
		what  string
		bound float64
		holds func(float64) bool
	}{
		{"RoundPlace", 1e-5, round}, {"SizeForSize", 5e-5, size}, {"FrameParallel", 1e-6, parallel},
		{"UnitAlready", 1e-15, kept}, {"Farthest", 1e10, near},
	} {
		if !c.holds(c.bound*0.5) || c.holds(c.bound*2) {
			t.Errorf("%s: %v at half of it, %v at twice it; want true, false", c.what, c.holds(c.bound*0.5), c.holds(c.bound*2))
		}
	}
}

// TestSeries: where a formula gives way to its series both agree to the last digits.
func TestSeries(t *testing.T) {
	for _, a := range []float64{tol.NoRotation} {
		for _, x := range []float64{a * 0.99, a * 1.01} {
			q := geom.Exp(geom.V(0, x, 0))
			if want := math.Sin(x / 2); math.Abs(q.Y-want) > 4e-16*x {
				t.Errorf("turn by %g: %.17g, want %.17g", x, q.Y, want)
			}
			if got := q.Log().Y; math.Abs(got-x) > 4e-16*x {
				t.Errorf("the logarithm of a turn by %g is %.17g", x, got)
			}
		}
	}
}

// TestBoundOfSense: planes that start square say nothing of which way round they shall stand and are turned face to face; a start
// that leans by more than 1e-9 has said it.
func TestBoundOfSense(t *testing.T) {
	for lean, want := range map[float64]string{0: "opposed", 0.5e-9: "opposed", 3e-9: "same", -3e-9: "opposed"} {
		d := &doc{}
		d.part("base", plane("f", o3, uz)).part("body", plane("f", o3, uz))
		d.use("base", "!base").use("body", "body", at(o3, spin(ux, 90-lean*180/math.Pi)...))
		d.mate("on", "coincident", "base/f", "body/f")
		if got := d.check(t).Mates["on"].Sense; got != want {
			t.Errorf("leaning by %g the planes stand %s, want %s", lean, got, want)
		}
	}
}

// TestRemedyRounded: the value of a remedy is told to a millionth.
func TestRemedyRounded(t *testing.T) {
	d := apart(1.0 / 3)
	found := false
	for _, o := range d.check(t).Odds {
		for _, y := range o.Remedies {
			if y.Value != nil {
				found = true
				if v := *y.Value; v != 5 && v != 5.333333 {
					t.Errorf("set to %.12g, want 5 or 5.333333", v)
				}
			}
		}
	}
	if !found {
		t.Error("no other value would settle it")
	}
}

// turning is a screw of lead l (mm a turn) whose features reach 40 mm from their middle.
func turning(l float64) *doc {
	d := &doc{}
	for _, name := range []string{"base", "nut"} {
		d.part(name, frame("f", o3, uz, ux), frame("g", [3]float64{0, 0, 80}, uz, ux))
	}
	d.use("base", "!base").use("nut", "nut")
	return d.mate("far", "parallel", "base/g", "nut/g").mate("screw", "helical", "base/f", "nut/f", fmt.Sprintf(`"lead": %.17g`, l))
}

// TestBoundsOfMotions: a screw of hardly any pitch is told as a turn, one of hardly any turn as a slide; what goes along with a
// motion by less than a millionth of the farthest is not named.
func TestBoundsOfMotions(t *testing.T) {
	motion := func(d *doc) report.Motion { // a turn comes before a slide
		m := d.check(t).Motions
		if len(m) == 0 {
			t.Fatal("no motion")
		}
		return m[0]
	}
	geared := func(ratio float64) *doc {
		d := &doc{}
		d.part("p", frame("f", o3, uz, ux)).use("base", "!p").use("a", "p").use("b", "p")
		d.mate("a", "revolute", "base/f", "a/f").mate("b", "revolute", "base/f", "b/f")
		d.mates = append(d.mates, fmt.Sprintf(`{"id": "mesh", "type": "gear", "a": "a", "b": "b", "ratio": %g}`, ratio))
		return d
	}
	kind := func(d *doc) any { return motion(d).Kind }
	rides := func(d *doc) any { return len(motion(d).Rides) }
	for _, c := range []bounded{
		{"PureTurn: 1e-4 of a mm and of the size", 1e-4 * 41, kind, turning, report.Turn, report.Screw},
		{"PureSlide: 1e-5 of the motion", 1e-5, kind, func(x float64) *doc { return turning(2 * math.Pi * 40 / x) }, report.Slide, report.Screw},
		{"MovesAlong", 1e-6, rides, geared, 1, 2},
	} {
		c.hold(t, 2)
	}
}

// TestFollowed: between two straight rods of length L a pin moves aside by h at the cost of h²/2L of each: 5e-6 mm for a step of a
// hundredth of 10 mm and rods of a metre. That is far more than a followed motion may miss, so the freedom is momentary.
func TestFollowed(t *testing.T) {
	const l = 1000
	d := &doc{}
	d.part("base", point("left", [3]float64{-l, 0, 0}), point("right", [3]float64{l, 0, 0}), plane("xy", o3, uz), plane("xz", o3, uy))
	d.part("pin", point("c", o3), plane("face", o3, uz), plane("side", o3, uy), point("end", [3]float64{10, 0, 0}))
	d.use("base", "!base").use("pin", "pin")
	d.mate("flat", "coincident", "base/xy", "pin/face", `"sense": "same"`).mate("square", "parallel", "base/xz", "pin/side", `"sense": "same"`)
	d.mate("a", "distance", "base/left", "pin/c", fmt.Sprintf(`"value": %d`, l)).mate("b", "distance", "base/right", "pin/c", fmt.Sprintf(`"value": %d`, l))
	if r := d.check(t); r.Left != 1 || r.Shaky != 1 {
		t.Errorf("left %d, shaky %d, want 1 and 1", r.Left, r.Shaky)
	}
}
