package account_test

import (
	"fmt"
	"math"
	"reflect"
	"slices"
	"strings"
	"testing"

	"setfast/core/report"
)

// TestMixedSizes seats a screw of 0.5 mm on the far end of a beam of 50 m: nothing small is lost beside what is large.
func TestMixedSizes(t *testing.T) {
	d := &doc{}
	far := 50000.0
	d.part("beam", plane("a", o3, uz), plane("end", [3]float64{far, 0, 0}, ux), hole("h", [3]float64{far, 12, 7}, ux, 0.3), hole("root", o3, uz, 200)).
		part("wall", plane("f", o3, uz), hole("h", o3, uz, 200), plane("s", o3, uy)).
		raw("screw", `{"kind": "fastener", "features": {"head": {"type": "circle", "center": [0,0,0], "normal": [0,0,1], "radius": 0.5}, "shank": {"type": "cylinder", "origin": [0,0,0], "direction": [0,0,-1], "radius": 0.25, "side": "shaft"}, "under": {"type": "plane", "origin": [0,0,0], "normal": [0,0,-1]}}}`)
	d.use("wall", "!wall").use("beam", "beam", at([3]float64{30, -20, 10}, spin(uz, 3)...)).use("screw", "screw", at([3]float64{far, 0, 0}, spin(uy, 80)...))
	d.mate("face", "coincident", "wall/f", "beam/a", `"sense": "same"`).mate("hole", "concentric", "wall/h", "beam/root").mate("turn", "parallel", "wall/s", "beam/zx")
	d.mate("in", "concentric", "beam/h", "screw/shank").mate("on", "coincident", "beam/end", "screw/under")
	r := d.check(t)
	// face and hole share two directions, and the side repeats one of them; seat and shank share two
	want(t, "beam and screw", r, 12, 16, 11, 1, "set")
	if r.Idle != 1 || r.Residual.MM > 1e-6 || r.Residual.Deg > 1e-6 {
		t.Errorf("idle %d, residual %v", r.Idle, r.Residual)
	}
	p := r.Components["screw"].Pose.O.Array()
	if math.Abs(p[0]-far) > 1e-6 || math.Abs(p[1]-12) > 1e-6 || math.Abs(p[2]-7) > 1e-6 {
		t.Errorf("the screw sits at %v", p)
	}
}

// TestRepeated asks the same thing many times: it is doubled, and nothing else.
func TestRepeated(t *testing.T) {
	d := &doc{}
	d.part("p", plane("top", [3]float64{0, 0, 10}, uz), plane("bottom", o3, [3]float64{0, 0, -1}))
	d.use("a", "!p").use("b", "p", at([3]float64{3, 4, 25}, spin(ux, 10)...))
	for i := 0; i < 25; i++ {
		d.mate(fmt.Sprint("m", i), "coincident", "a/top", "b/bottom")
	}
	r := d.check(t)
	want(t, "one face 25 times", r, 6, 75, 3, 3, "loose")
	if len(r.Groups) != 1 || r.Groups[0].Excess != 72 || len(r.Groups[0].Mates) != 25 {
		t.Errorf("groups %+v", r.Groups)
	}
	if r.Lines[1].Mates[0].Removed != 3 || r.Lines[1].Mates[24].Removed != 0 {
		t.Errorf("what was posted first removes: %+v", r.Lines[1])
	}
}

// TestSensesFromAnyStart: a stated alignment holds from every start, however far round it is; nearest takes the side it is on.
func TestSensesFromAnyStart(t *testing.T) {
	axis := [3]float64{0.3, -0.5, 0.8}
	for _, typ := range []string{"coincident", "concentric", "parallel", "rim", "revolute", "fastened", "distance"} {
		for _, sense := range []string{"same", "opposed"} {
			for _, turn := range []float64{0, 35, 89, 91, 150, 170, 179.9, 180} {
				d := &doc{}
				d.part("p", plane("face", o3, uz), hole("h", o3, uz, 5), frame("f", o3, uz, ux), `"rim": {"type": "circle", "center": [0,0,0], "normal": [0,0,1], "radius": 5}`)
				d.use("a", "!p").use("b", "p", at([3]float64{40, -30, 90}, spin(axis, turn)...))
				f := map[string]string{"coincident": "face", "distance": "face", "concentric": "h", "parallel": "face", "rim": "rim", "revolute": "f", "fastened": "f"}[typ]
				more := []string{fmt.Sprintf(`"sense": %q`, sense)}
				if typ == "distance" {
					more = append(more, `"value": 7`)
				}
				d.mate("m", typ, "a/"+f, "b/"+f, more...)
				d.measures = append(d.measures, `"a": {"type": "angle", "a": "a/z", "b": "b/z"}`)
				r := d.check(t)
				want := 0.0
				if sense == "opposed" {
					want = 180
				}
				if a := r.Measures["a"].(float64); len(r.Odds) > 0 || math.Abs(a-want) > 1e-6 {
					t.Errorf("%s %s from %g°: the axes stand at %g°, %s", typ, sense, turn, a, r.Verdict)
				}
			}
		}
	}
	for _, c := range [][2]float64{{20, 0}, {88, 0}, {92, 180}, {160, 180}} {
		d := &doc{}
		d.part("p", hole("h", o3, uz, 5))
		d.use("a", "!p").use("b", "p", at([3]float64{4, 3, 9}, spin(ux, c[0])...)).mate("m", "concentric", "a/h", "b/h")
		d.measures = append(d.measures, `"a": {"type": "angle", "a": "a/z", "b": "b/z"}`)
		if a := d.check(t).Measures["a"].(float64); math.Abs(a-c[1]) > 1e-6 {
			t.Errorf("nearest from %g° went to %g°, not %g°", c[0], a, c[1])
		}
	}
}

// TestTieOfSenses: square to each other at the start, planes come to oppose and axes to agree.
func TestTieOfSenses(t *testing.T) {
	for _, c := range []struct {
		typ, f string
		want   float64
	}{{"coincident", "face", 180}, {"concentric", "h", 0}, {"parallel", "h", 0}, {"parallel", "face", 180}} {
		d := &doc{}
		d.part("p", plane("face", o3, uz), hole("h", o3, uz, 5))
		d.use("a", "!p").use("b", "p", at([3]float64{4, 3, 9}, spin(ux, 90)...)).mate("m", c.typ, "a/"+c.f, "b/"+c.f)
		d.measures = append(d.measures, `"a": {"type": "angle", "a": "a/z", "b": "b/z"}`)
		if a := d.check(t).Measures["a"].(float64); math.Abs(a-c.want) > 1e-6 {
			t.Errorf("%s of %s: the axes came to stand at %g°, want %g°", c.typ, c.f, a, c.want)
		}
	}
}

// TestLongChainKeepsTheInnocentOut: forty blocks in a row, face on face, and near the end one distance asked twice, with
// different values: the two are told, and none of the chain that leads there.
func TestLongChainKeepsTheInnocentOut(t *testing.T) {
	d := &doc{}
	d.part("block", plane("l", o3, [3]float64{-1, 0, 0}), plane("r", [3]float64{20, 0, 0}, ux), plane("s", o3, uy), plane("b", o3, uz))
	d.use("k0", "!block")
	for i := 1; i < 40; i++ {
		a, b := fmt.Sprint("k", i-1), fmt.Sprint("k", i)
		d.use(b, "block", at([3]float64{20*float64(i) + 2, 1, -1}, spin([3]float64{1, 1, 1}, 4)...))
		d.mate("x"+b, "coincident", a+"/r", b+"/l").mate("y"+b, "coincident", a+"/s", b+"/s", `"sense": "same"`).mate("z"+b, "coincident", a+"/b", b+"/b", `"sense": "same"`)
	}
	d.use("last", "block", at([3]float64{801, 0, 0}))
	d.mate("seat", "coincident", "k39/s", "last/s", `"sense": "same"`).mate("floor", "coincident", "k39/b", "last/b", `"sense": "same"`)
	d.mate("gap 5", "distance", "k39/r", "last/l", `"value": 5`).mate("gap 6", "distance", "k39/r", "last/l", `"value": 6`)
	r := d.check(t)
	if r.Verdict != "at odds" || len(r.Odds) != 1 || !reflect.DeepEqual(r.Odds[0].Mates, []string{"gap 5", "gap 6"}) {
		t.Fatalf("%s: %+v", r.Verdict, r.Odds)
	}
	for _, m := range r.Odds[0].Misses {
		if math.Abs(m.MM-0.5) > 1e-6 {
			t.Errorf("%s misses by %g mm; 1 mm is shared by two", m.ID, m.MM)
		}
	}
	values := map[string]float64{}
	for _, y := range r.Odds[0].Remedies {
		if y.Kind == "set" {
			values[y.Mate] = *y.Value
		}
	}
	if !reflect.DeepEqual(values, map[string]float64{"gap 5": 6, "gap 6": 5}) {
		t.Errorf("values that would settle it: %v", values)
	}
	if r.Left != 0 {
		t.Errorf("without one of them %d are left, want none", r.Left)
	}
}

// TestRingThatCannotClose: twelve links pinned in a ring on a base, one too long for the others to reach: all of the ring is needed
// to say so, and nothing besides.
func TestRingThatCannotClose(t *testing.T) {
	d := &doc{}
	z := func(n string, x float64) string { return frame(n, [3]float64{x, 0, 0}, uz, ux) }
	d.part("base", z("a", 0), z("b", 100), plane("p", o3, uz)).part("link", z("a", 0), z("b", 20)).part("lid", plane("p", o3, [3]float64{0, 0, -1}), plane("q", o3, ux))
	d.use("base", "!base")
	prev := "base/a"
	for i := 0; i < 4; i++ {
		d.use(fmt.Sprint("l", i), "link", at([3]float64{20 * float64(i), 0, 0}))
		d.mate(fmt.Sprint("j", i), "revolute", prev, fmt.Sprintf("l%d/a", i))
		prev = fmt.Sprintf("l%d/b", i)
	}
	d.mate("close", "revolute", prev, "base/b") // four links of 20 cannot span 100
	d.use("lid", "lid", at([3]float64{0, 0, 4})).mate("lid", "coincident", "base/p", "lid/p")
	r := d.check(t)
	if r.Verdict != "at odds" || len(r.Odds) != 1 {
		t.Fatalf("%s: %+v", r.Verdict, r.Odds)
	}
	got := slices.Clone(r.Odds[0].Mates)
	slices.Sort(got)
	if !reflect.DeepEqual(got, []string{"close", "j0", "j1", "j2", "j3"}) {
		t.Errorf("told as %v", got)
	}
	sum := 0.0
	for _, m := range r.Odds[0].Misses {
		sum += m.MM
	}
	if math.Abs(sum-20) > 1e-3 { // stretched in line, the gap of 20 mm is shared by the five pins
		t.Errorf("the misses add up to %g mm, want 20", sum)
	}
}

// TestHeldPastLimit: a coordinate that is held beyond its joint's limit is at odds; letting it go settles it.
func TestHeldPastLimit(t *testing.T) {
	d := &doc{}
	d.part("p", frame("f", o3, uz, ux)).use("a", "!p").use("b", "p")
	d.mate("j", "revolute", "a/f", "b/f", `"at": {"angle": 120}`, `"limits": {"angle": [0, 95]}`)
	r := d.check(t)
	if r.Verdict != "at odds" || len(r.Odds) != 1 || math.Abs(r.Odds[0].Misses[0].Deg-25) > 1e-9 {
		t.Fatalf("%s %+v", r.Verdict, r.Odds)
	}
	if y := r.Odds[0].Remedies; len(y) == 0 || y[0].Kind != "free" || y[0].Mate != "j" || y[0].Coordinate != "angle" {
		t.Errorf("remedies %+v", y)
	}
	d.mates[0] = strings.Replace(d.mates[0], `"at": {"angle": 120}, `, "", 1)
	d.comps[1] = `"b": {"part": "p", "pose": ` + at(o3, spin(uz, 120)...) + `}`
	d.measures = append(d.measures, `"q": {"type": "coordinate", "joint": "j", "of": "angle"}`)
	if q := d.check(t).Measures["q"].(float64); math.Abs(q-95) > 1e-9 {
		t.Errorf("let go it stands at %g°, want the nearest limit", q)
	}
}

// TestFreeingSettles: an angle held at two joints of one loop cannot be; letting either go is among the remedies.
func TestFreeingSettles(t *testing.T) {
	x := fourBar(40, 90, 70, 100, 45)
	x.planned = nil
	x.mates[0] = `{"id": "A", "type": "revolute", "a": "ground/A", "b": "crank/A", "at": {"angle": 45}}`
	x.mates[3] = `{"id": "D", "type": "revolute", "a": "ground/D", "b": "rocker/D", "at": {"angle": 100}}`
	r := x.check(t)
	if r.Verdict != "at odds" || len(r.Odds) != 1 {
		t.Fatalf("%s %+v", r.Verdict, r.Odds)
	}
	var freed []string
	for _, y := range r.Odds[0].Remedies {
		if y.Kind == "free" {
			freed = append(freed, y.Mate+"."+y.Coordinate)
		}
	}
	slices.Sort(freed)
	if !reflect.DeepEqual(freed, []string{"A.angle", "D.angle"}) {
		t.Errorf("coordinates to let go: %v", freed)
	}
}

// TestNearSingular: a crank within a thousandth of a degree of its dead point still has its one true freedom.
func TestNearSingular(t *testing.T) {
	a, b, c, d := 40.0, 90.0, 70.0, 100.0
	// crank and coupler stretched: the rocker stands still for an instant there
	dead := math.Acos(((a+b)*(a+b)+d*d-c*c)/(2*(a+b)*d)) * 180 / math.Pi
	for _, off := range []float64{0, 1e-6, 1e-4, 1e-3, 0.1} {
		r := fourBar(a, b, c, d, dead+off).check(t)
		want(t, fmt.Sprintf("%g° from the dead point", off), r, 18, 20, 17, 1, "moves as planned")
		if r.Shaky != 0 {
			t.Errorf("%g° from the dead point: %d shaky", off, r.Shaky)
		}
	}
	// driven by the rocker, the same pose is blocked for going on, and the plan says so only at the very point
	x := fourBar(a, b, c, d, dead)
	x.planned = []string{`{"joint": "D"}`}
	if r := x.check(t); r.Verdict != report.Blocked || len(r.BlockedBy) != 1 {
		t.Errorf("the rocker at its own dead point: %s, blocked %v", r.Verdict, r.BlockedBy)
	}
}

// TestLongChainComesRound: links laid out in a row by ball joints close to a ring, though its end has far to come. The
// freedoms are those of the Kutzbach–Grübler count, 6 for each free link less 3 for each ball.
func TestLongChainComesRound(t *testing.T) {
	for _, links := range []int{12, 30, 80} {
		d := &doc{}
		d.part("link", point("a", o3), point("b", [3]float64{40, 3, 0}))
		for i := range links {
			part := "link"
			if i == 0 {
				part = "!link"
			}
			d.use(fmt.Sprint("l", i), part, at([3]float64{40 * float64(i), 3*float64(i) + 5*float64(i%3), float64(i % 2)}, spin(uy, 6*float64(i%4))...))
			if i > 0 {
				d.mate(fmt.Sprint("m", i), "coincident", fmt.Sprintf("l%d/b", i-1), fmt.Sprintf("l%d/a", i))
			}
		}
		d.mate("close", "coincident", "l0/a", fmt.Sprintf("l%d/b", links-1))
		r := d.check(t)
		left := 6*(links-1) - 3*links
		want(t, fmt.Sprint(links, " links"), r, 6*(links-1), 3*links, 3*links, left, "loose")
		if r.Residual.MM > 1e-6 {
			t.Errorf("%d links miss by %v", links, r.Residual)
		}
	}
}
