package account_test

import (
	"fmt"
	"math"
	"testing"
)

func value(v any) float64 { x, _ := v.(float64); return x }

// TestWillis turns the carrier of a planetary train with its ring held: the sun turns against the carrier by zr/zs of the
// carrier's turn (R. Willis, Principles of Mechanism, 1841: (ωs − ωc)/(ωr − ωc) = −zr/zs), over more than a full turn.
func TestWillis(t *testing.T) {
	zs, zp, zr := 18.0, 18.0, 54.0
	d := &doc{}
	d.part("ground", frame("f", o3, uz, ux)).part("wheel", frame("f", o3, uz, ux)).part("carrier", frame("f", o3, uz, ux), frame("p", [3]float64{36, 0, 0}, uz, ux))
	d.use("ground", "!ground").use("carrier", "carrier").use("sun", "wheel").use("planet", "wheel", at([3]float64{36, 0, 0})).use("ring", "wheel")
	d.mate("c", "revolute", "ground/f", "carrier/f").mate("s", "revolute", "carrier/f", "sun/f").mate("p", "revolute", "carrier/p", "planet/f").mate("r", "revolute", "carrier/f", "ring/f")
	d.mates = append(d.mates, fmt.Sprintf(`{"id": "sp", "type": "gear", "a": "s", "b": "p", "ratio": %g}`, -zs/zp), fmt.Sprintf(`{"id": "pr", "type": "gear", "a": "p", "b": "r", "ratio": %g}`, zp/zr))
	d.mate("hold", "angle", "ground/x", "ring/x", `"value": 0, "about": "ground/z"`)
	d.plan(`{"joint": "c"}`)
	d.measures = append(d.measures, `"sun": {"type": "coordinate", "joint": "s", "of": "angle"}`, `"carrier": {"type": "coordinate", "joint": "c", "of": "angle"}`)
	d.drives = append(d.drives, `"turn": {"joint": "c", "of": "angle", "from": 0, "to": 500, "steps": 20, "record": ["sun", "carrier"]}`)
	r := d.check(t)
	want(t, "planetary train", r, 24, 23, 23, 1, "moves as planned")
	run := ended(t, r, "turn")
	for i, c := range run.At {
		if got := value(run.Values["sun"][i]); math.Abs(got-zr/zs*c) > 1e-6 {
			t.Errorf("carrier %g°: the sun stands at %g° against it, want %g°", c, got, zr/zs*c)
		}
	}
}

// TestScrewAndRack: a screw of lead L advances L·n for n turns; a rack moves π·m·z for a turn of its pinion (ISO 54 module m).
func TestScrewAndRack(t *testing.T) {
	d := &doc{}
	d.part("g", frame("a", o3, uz, ux), frame("s", o3, ux, uy)).part("b", frame("f", o3, uz, ux))
	d.use("g", "!g").use("pinion", "b").use("rack", "b", at(o3, 0.5, 0.5, 0.5, 0.5)).use("nut", "b")
	lead := math.Pi * 2 * 18 // module 2, 18 teeth
	d.mate("turn", "revolute", "g/a", "pinion/f").mate("slide", "prismatic", "g/s", "rack/f").mate("screw", "helical", "g/a", "nut/f", `"lead": 4`)
	d.mates = append(d.mates, fmt.Sprintf(`{"id": "mesh", "type": "rack", "a": "turn", "b": "slide", "lead": %.17g}`, lead), `{"id": "drive", "type": "gear", "a": "turn", "b": "screw", "ratio": -3}`)
	d.plan(`{"joint": "turn"}`)
	d.measures = append(d.measures, `"x": {"type": "coordinate", "joint": "slide", "of": "slide"}`, `"n": {"type": "position", "of": "nut/origin"}`)
	d.drives = append(d.drives, `"d": {"joint": "turn", "of": "angle", "from": 0, "to": 900, "steps": 10, "record": ["x", "n"]}`)
	r := d.check(t)
	want(t, "rack and screw", r, 18, 17, 17, 1, "moves as planned")
	run := ended(t, r, "d")
	for i, a := range run.At {
		if x := value(run.Values["x"][i]); math.Abs(x-lead*a/360) > 1e-6 {
			t.Errorf("pinion %g°: rack at %g, want %g", a, x, lead*a/360)
		}
		if n := run.Values["n"][i].([3]float64); math.Abs(n[2]+3*4*a/360) > 1e-6 {
			t.Errorf("pinion %g°: nut at %v, want %g", a, n, -3*4*a/360)
		}
	}
}

// TestCam follows a profile: piecewise linear to the letter, and as a periodic spline through sampled points of a harmonic
// lift, which a cubic spline reproduces to O(h⁴).
func TestCam(t *testing.T) {
	lift := func(a float64) float64 { return 5 * (1 - math.Cos(a*math.Pi/180)) }
	var pts string
	for a := 0; a < 360; a += 10 {
		pts += fmt.Sprintf(",[%d,%.12g]", a, lift(float64(a)))
	}
	for _, c := range []struct {
		profile, more string
		want          func(a float64) float64
		tol           float64
	}{
		{`[[0,0],[90,8],[180,0]]`, "", func(a float64) float64 {
			a = math.Mod(a, 360)
			return math.Max(0, math.Min(a*8/90, (180-a)*8/90))
		}, 1e-9},
		{"[" + pts[1:] + "]", `, "spline": true`, lift, 1e-4},
	} {
		d := &doc{}
		d.part("g", frame("a", o3, uz, ux), frame("s", [3]float64{40, 0, 0}, ux, uy)).part("b", frame("f", o3, uz, ux))
		d.use("g", "!g").use("cam", "b").use("follower", "b", at([3]float64{40, 0, 0}, 0.5, 0.5, 0.5, 0.5))
		d.mate("turn", "revolute", "g/a", "cam/f").mate("slide", "prismatic", "g/s", "follower/f")
		d.mates = append(d.mates, fmt.Sprintf(`{"id": "cam", "type": "cam", "a": "turn", "b": "slide", "profile": %s%s}`, c.profile, c.more))
		d.measures = append(d.measures, `"x": {"type": "coordinate", "joint": "slide", "of": "slide"}`)
		d.drives = append(d.drives, `"d": {"joint": "turn", "of": "angle", "from": 0, "to": 540, "steps": 36, "record": ["x"]}`)
		run := ended(t, d.check(t), "d")
		for i, a := range run.At {
			if x := value(run.Values["x"][i]); math.Abs(x-c.want(a)) > c.tol {
				t.Errorf("cam %g°: lift %g, want %g", a, x, c.want(a))
			}
		}
	}
}

// TestCardan drives a universal joint between shafts at an angle: tan(out) = tan(in)·cos β, or its inverse by the position
// of the yokes (textbooks of machine elements).
func TestCardan(t *testing.T) {
	beta := 30 * math.Pi / 180
	dir := [3]float64{math.Sin(beta), 0, math.Cos(beta)}
	d := &doc{}
	d.part("g", frame("in", o3, uz, ux), frame("out", o3, dir, uy)).part("shaft", frame("f", o3, uz, ux))
	d.use("g", "!g").use("in", "shaft").use("out", "shaft", at(o3, spin(uy, 30)...))
	d.mate("i", "revolute", "g/in", "in/f").mate("o", "revolute", "g/out", "out/f").mate("u", "universal", "in/f", "out/f")
	d.plan(`{"joint": "i"}`)
	d.measures = append(d.measures, `"o": {"type": "coordinate", "joint": "o", "of": "angle"}`)
	d.drives = append(d.drives, `"d": {"joint": "i", "of": "angle", "from": 0, "to": 360, "steps": 24, "record": ["o"]}`)
	r := d.check(t)
	if r.Left != 1 || r.Verdict != "moves as planned" {
		t.Fatalf("left %d, %s", r.Left, r.Verdict)
	}
	run := ended(t, r, "d")
	first := value(run.Values["o"][0])
	for i, a := range run.At {
		in, out := a*math.Pi/180, (value(run.Values["o"][i])-first)*math.Pi/180
		one := math.Sin(out)*math.Cos(in) - math.Sin(in)*math.Cos(out)*math.Cos(beta)
		other := math.Sin(out)*math.Cos(in)*math.Cos(beta) - math.Sin(in)*math.Cos(out)
		if math.Min(math.Abs(one), math.Abs(other)) > 1e-9 {
			t.Errorf("in %g°: out %g° satisfies neither form (%g, %g)", a, out*180/math.Pi, one, other)
		}
	}
}
