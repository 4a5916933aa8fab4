package account_test

import (
	"fmt"
	"math"
	"testing"

	"setfast/core/report"
)

// shafts are an input along z and an output tilted by beta about y towards x, both turning in the ground through the origin.
func shafts(beta float64, in, out []string) *doc {
	d := &doc{}
	dir := [3]float64{math.Sin(beta), 0, math.Cos(beta)}
	d.part("g", frame("in", o3, uz, uy), frame("out", o3, dir, uy), plane("up", o3, uy))
	d.part("in", append(in, frame("f", o3, uz, uy))...).part("out", append(out, frame("f", o3, uz, uy))...)
	d.use("g", "!g").use("in", "in").use("out", "out", at(o3, spin(uy, beta*180/math.Pi)...))
	d.mate("i", "revolute", "g/in", "in/f")
	d.plan(`{"joint": "i"}`)
	return d
}

// driven turns the input once round and gives the run.
func driven(t *testing.T, d *doc, record string) (*report.Result, *report.DriveRun) {
	t.Helper()
	d.drives = append(d.drives, fmt.Sprintf(`"d": {"joint": "i", "of": "angle", "from": 0, "to": 360, "steps": 36, "record": [%s]}`, record))
	r := d.check(t)
	return r, ended(t, r, "d")
}

// sameTurn wants the output to turn as the input at every step.
func sameTurn(t *testing.T, what string, run *report.DriveRun) {
	t.Helper()
	first := value(run.Values["o"][0])
	for i, a := range run.At {
		if off := math.Remainder(value(run.Values["o"][i])-first-a, 360); math.Abs(off) > 1e-6 {
			t.Errorf("%s, input at %g°: the output is off by %.9f°", what, a, off)
		}
	}
}

const outTurn = `"o": {"type": "coordinate", "joint": "o", "of": "angle"}`

// TestRzeppa drives the ball joint of A. H. Rzeppa (US patent 2,010,899, 1935; from memory): three balls, each in a groove of either
// race; the middles of the grooves' circles are set off from the joint's to either side along the shafts, which leads the balls into
// the plane halfway between the shafts, so that both turn alike at any angle. By count it cannot move; it does.
func TestRzeppa(t *testing.T) {
	const offset, radius = 6.0, 40.0
	race := func(side float64) (f []string) {
		for k := range 3 {
			a := float64(k) * 2 * math.Pi / 3
			f = append(f, plane(fmt.Sprint("m", k), o3, [3]float64{-math.Sin(a), math.Cos(a), 0})) // the groove's own plane
		}
		return append(f, point("c", [3]float64{0, 0, side * offset}))
	}
	for _, deg := range []float64{0, 15, 35} {
		beta := deg * math.Pi / 180
		d := shafts(beta, race(-1), race(1))
		d.mate("o", "revolute", "g/out", "out/f")
		d.part("ball", `"b": {"type": "sphere", "center": [0,0,0], "radius": 5}`)
		for k := range 3 {
			a := float64(k) * 2 * math.Pi / 3
			d.use(fmt.Sprint("b", k), "ball", at([3]float64{38 * math.Cos(a), 38 * math.Sin(a), -10 * math.Sin(beta) * math.Cos(a)}))
			for _, side := range []string{"in", "out"} {
				d.mate(fmt.Sprint(side, "m", k), "coincident", fmt.Sprint(side, "/m", k), fmt.Sprint("b", k, "/b"))
				d.mate(fmt.Sprint(side, "c", k), "distance", side+"/c", fmt.Sprint("b", k, "/b"), fmt.Sprint(`"value": `, radius))
			}
		}
		d.measures = append(d.measures, outTurn, `"ball": {"type": "position", "of": "b0/b"}`)
		r, run := driven(t, d, `"o", "ball"`)
		if r.Left != 10 || r.Planned != 1 || r.Idle != 9 || r.Verdict != "moves as planned" {
			t.Errorf("at %g°: left %d, planned %d, idle %d, %s", deg, r.Left, r.Planned, r.Idle, r.Verdict)
		}
		sameTurn(t, fmt.Sprintf("Rzeppa at %g°", deg), run)
		for i, a := range run.At { // the plane halfway: square to the sum of the directions
			p := run.Values["ball"][i].([3]float64)
			if off := p[0]*math.Sin(beta) + p[2]*(math.Cos(beta)+1); math.Abs(off) > 1e-6 {
				t.Errorf("at %g°, input at %g°: a ball is off the plane halfway by %g mm", deg, a, off)
			}
		}
	}
}

// TestTripod drives the joint of three balls on arms in three straight guides. The output keeps its direction and is free to shift.
// With the balls at p_k = c + R·v_k and the guides' normals n_k, the sum of n_k·(p_k) is −(3/2)R(1 + cos β)·sin(in − out), so both
// turn alike; the middle c then runs three times round, on a circle of R(1 − cos β)/2 seen along the input (both derived here; the orbit
// is textbook knowledge of drive shafts, e.g. Universal Joint and Driveshaft Design Manual, SAE AE-7, 1979, from memory).
func TestTripod(t *testing.T) {
	const arm = 30.0
	var guides, balls []string
	for k := range 3 {
		a := float64(k) * 2 * math.Pi / 3
		guides = append(guides, plane(fmt.Sprint("g", k), o3, [3]float64{-math.Sin(a), math.Cos(a), 0}))
		balls = append(balls, point(fmt.Sprint("b", k), [3]float64{arm * math.Cos(a), arm * math.Sin(a), 0}))
	}
	for _, deg := range []float64{10, 25} {
		beta := deg * math.Pi / 180
		d := shafts(beta, guides, append(balls, point("c", o3)))
		// the output turns in a table that shifts across the input without turning
		d.part("table", frame("f", o3, uz, uy), plane("up", o3, uy), frame("out", o3, [3]float64{math.Sin(beta), 0, math.Cos(beta)}, uy)).use("table", "table")
		d.mate("table", "planar", "g/in", "table/f").mate("upright", "parallel", "g/up", "table/up")
		d.mate("o", "revolute", "table/out", "out/f")
		for k := range 3 {
			d.mate(fmt.Sprint("b", k), "coincident", fmt.Sprint("in/g", k), fmt.Sprint("out/b", k))
		}
		d.measures = append(d.measures, outTurn, `"c": {"type": "position", "of": "out/c"}`)
		r, run := driven(t, d, `"o", "c"`)
		if r.Left != 1 || r.Verdict != "moves as planned" {
			t.Errorf("at %g°: left %d, %s", deg, r.Left, r.Verdict)
		}
		sameTurn(t, fmt.Sprintf("tripod at %g°", deg), run)
		want := arm * (1 - math.Cos(beta)) / 2
		for i, a := range run.At {
			c := run.Values["c"][i].([3]float64)
			if got := math.Hypot(c[0], c[1]); math.Abs(got-want) > 1e-6 {
				t.Errorf("at %g°, input at %g°: the middle is %.9f mm off the input's axis, want %.9f", deg, a, got, want)
			}
		}
		c0, c1 := run.Values["c"][0].([3]float64), run.Values["c"][3].([3]float64) // 30° of the input
		if turned := math.Remainder(math.Atan2(c1[1], c1[0])-math.Atan2(c0[1], c0[0]), 2*math.Pi) * 180 / math.Pi; math.Abs(math.Abs(turned)-90) > 1e-5 {
			t.Errorf("at %g°: while the input turned by 30° the middle turned by %.6f°, want 90°", deg, turned)
		}
	}
}

// TestTwoCardans couples shafts by two universal joints: with the yokes in line and the bend shared equally, the second joint undoes
// the first's unevenness (textbooks of machine elements).
func TestTwoCardans(t *testing.T) {
	beta := 20 * math.Pi / 180 // of each joint
	middle := [3]float64{math.Sin(beta), 0, math.Cos(beta)}
	const l = 80.0
	end := [3]float64{l * middle[0], 0, l * middle[2]}
	dir := [3]float64{math.Sin(2 * beta), 0, math.Cos(2 * beta)}
	d := &doc{}
	d.part("g", frame("in", o3, uz, uy), frame("out", end, dir, uy)).part("shaft", frame("f", o3, uz, uy)).
		part("mid", frame("a", o3, uz, uy), frame("b", [3]float64{0, 0, l}, uz, uy))
	d.use("g", "!g").use("in", "shaft").use("mid", "mid", at(o3, spin(uy, 20)...)).use("out", "shaft", at(end, spin(uy, 40)...))
	d.mate("i", "revolute", "g/in", "in/f").mate("o", "revolute", "g/out", "out/f").mate("u", "universal", "in/f", "mid/a").mate("v", "universal", "out/f", "mid/b")
	d.plan(`{"joint": "i"}`)
	d.measures = append(d.measures, outTurn)
	r, run := driven(t, d, `"o"`)
	if r.Left != 1 || r.Verdict != "moves as planned" {
		t.Errorf("left %d, %s", r.Left, r.Verdict)
	}
	sameTurn(t, "two universal joints", run)
}
