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

// plates are two plates with a face and a row of holes; the upper one's hole number off is shifted by shift mm.
func plates(holes, off int, shift float64) *doc {
	d := &doc{}
	lower := []string{plane("face", [3]float64{0, 0, 8}, uz)}
	upper := []string{plane("face", o3, [3]float64{0, 0, -1})}
	for i := 0; i < holes; i++ {
		p := [3]float64{20 * float64(i%6), 20 * float64(i/6), 0}
		lower = append(lower, hole(fmt.Sprint("h", i), p, uz, 3.3))
		if i == off {
			p[0] += shift
		}
		upper = append(upper, hole(fmt.Sprint("h", i), p, uz, 3.3))
	}
	d.part("lower", lower...).part("upper", upper...).use("lower", "!lower").use("upper", "upper", at([3]float64{3, 2, 30}))
	d.mate("face", "coincident", "lower/face", "upper/face")
	for i := 0; i < holes; i++ {
		d.mate(fmt.Sprint("hole-", i), "concentric", fmt.Sprint("lower/h", i), fmt.Sprint("upper/h", i))
	}
	return d
}

func TestDoubledPattern(t *testing.T) {
	r := plates(2, -1, 0).check(t)
	want(t, "two holes and a face", r, 6, 11, 6, 0, "set")
	if len(r.Groups) != 1 || r.Groups[0].Excess != 5 || len(r.Groups[0].Mates) != 3 {
		t.Errorf("groups %+v", r.Groups)
	}
	// what the group says it tolerates is tried: a little less holds, a little more is at odds
	tol := *r.Groups[0].Tolerates.MM
	if v := plates(2, 1, tol*0.98).check(t).Verdict; v != "set" {
		t.Errorf("a mismatch of %g mm, which is tolerated, is %s", tol*0.98, v)
	}
	if v := plates(2, 1, tol*1.05).check(t).Verdict; v != "at odds" {
		t.Errorf("a mismatch of %g mm, beyond what is tolerated, is %s", tol*1.05, v)
	}
}

// TestOnePitchAmongThirty hides one hole 0.3 mm off among thirty good relations: the smallest set is that hole with one other.
func TestOnePitchAmongThirty(t *testing.T) {
	r := plates(30, 17, 0.3).check(t)
	if r.Verdict != report.AtOdds || len(r.Odds) != 1 {
		t.Fatalf("%s: %+v", r.Verdict, r.Odds)
	}
	o := r.Odds[0]
	if len(o.Mates) != 2 || !slices.Contains(o.Mates, "hole-17") {
		t.Errorf("told as %v", o.Mates)
	}
	sum, other := 0.0, 0
	for _, m := range o.Misses {
		sum += m.MM
		if m.ID != "hole-17" {
			fmt.Sscanf(m.ID, "hole-%d", &other)
		}
	}
	// two axes held parallel share the mismatch of their pitch between them: hole 17 was moved along x
	dx, dy := 20*float64(17%6-other%6), 20*float64(17/6-other/6)
	if pitch := math.Abs(math.Hypot(dx+0.3, dy) - math.Hypot(dx, dy)); math.Abs(sum-pitch) > 1e-4 {
		t.Errorf("misses add up to %g mm, the pitch to hole %d differs by %g", sum, other, pitch)
	}
	for _, also := range o.Also {
		if len(also) != 2 || !slices.Contains(also, "hole-17") {
			t.Errorf("also told as %v", also)
		}
	}
	if !slices.ContainsFunc(o.Remedies, func(y report.Remedy) bool { return y.Kind == "suppress" && y.Mate == "hole-17" }) {
		t.Errorf("remedies %+v", o.Remedies)
	}
	if r.Left != 0 || r.Mates["hole-17"].InForce {
		t.Errorf("left %d; the bad hole is in force: %v", r.Left, r.Mates["hole-17"].InForce)
	}
}

func TestOddsKinds(t *testing.T) {
	faces := func() *doc {
		d := &doc{}
		d.part("p", plane("top", [3]float64{0, 0, 10}, uz), plane("bottom", o3, [3]float64{0, 0, -1}), plane("side", o3, ux))
		return d.use("a", "!p")
	}
	t.Run("two grounded parts held apart", func(t *testing.T) {
		r := faces().use("b", "!p", at([3]float64{0, 0, 12})).mate("m", "coincident", "a/top", "b/bottom").check(t)
		if r.Verdict != "at odds" || !reflect.DeepEqual(r.Odds[0].Mates, []string{"m"}) || math.Abs(r.Odds[0].Misses[0].MM-2) > 1e-9 {
			t.Errorf("%s %+v", r.Verdict, r.Odds)
		}
		if !slices.ContainsFunc(r.Odds[0].Remedies, func(y report.Remedy) bool { return y.Kind == "unground" && y.Component == "b" }) {
			t.Errorf("remedies %+v", r.Odds[0].Remedies)
		}
	})
	t.Run("an angle asked twice", func(t *testing.T) {
		r := faces().use("b", "p").mate("m", "angle", "a/side", "b/side", `"value": 30`).mate("n", "angle", "a/side", "b/side", `"value": 35`).check(t)
		if r.Verdict != "at odds" || len(r.Odds[0].Mates) != 2 {
			t.Fatalf("%s %+v", r.Verdict, r.Odds)
		}
		var set []string
		for _, y := range r.Odds[0].Remedies {
			if y.Kind == "set" {
				set = append(set, fmt.Sprint(y.Mate, math.Round(*y.Value*1e4)/1e4))
			}
		}
		if !reflect.DeepEqual(set, []string{"m35", "n30"}) {
			t.Errorf("values that would fit: %v", set)
		}
	})
	t.Run("a wrong sense", func(t *testing.T) {
		r := faces().use("b", "p", at([3]float64{0, 0, 10})).mate("m", "coincident", "a/top", "b/bottom", `"sense": "opposed"`).
			mate("n", "parallel", "a/side", "b/side", `"sense": "same"`).mate("o", "parallel", "a/top", "b/top", `"sense": "opposed"`).check(t)
		if r.Verdict != "at odds" || !reflect.DeepEqual(r.Odds[0].Mates, []string{"m", "o"}) {
			t.Fatalf("%s %+v", r.Verdict, r.Odds)
		}
		if !slices.ContainsFunc(r.Odds[0].Remedies, func(y report.Remedy) bool { return y.Kind == "turn" && y.Mate == "o" }) {
			t.Errorf("remedies %+v", r.Odds[0].Remedies)
		}
	})
	t.Run("a triangle that cannot close", func(t *testing.T) {
		d := &doc{}
		d.part("dot", point("p", o3)).use("a", "!dot").use("b", "dot", at([3]float64{30, 1, 0})).use("c", "dot", at([3]float64{20, 20, 2}))
		d.mate("ab", "distance", "a/p", "b/p", `"value": 30`).mate("bc", "distance", "b/p", "c/p", `"value": 20`).mate("ca", "distance", "c/p", "a/p", `"value": 60`)
		r := d.check(t)
		if r.Verdict != "at odds" || len(r.Odds[0].Mates) != 3 {
			t.Fatalf("%s %+v", r.Verdict, r.Odds)
		}
		for _, m := range r.Odds[0].Misses { // 10 mm too long, shared by three in least squares
			if math.Abs(m.MM-10.0/3) > 1e-3 {
				t.Errorf("%s misses by %g mm, want 3.333", m.ID, m.MM)
			}
		}
	})
	t.Run("two conflicts far apart", func(t *testing.T) {
		d := plates(3, 2, 0.5)
		d.use("other", "upper", at([3]float64{0, 300, 8}))
		d.mate("x1", "distance", "lower/face", "other/face", `"value": 10`).mate("x2", "distance", "lower/face", "other/face", `"value": 11`)
		r := d.check(t)
		if len(r.Odds) != 2 {
			t.Fatalf("told %d conflicts: %+v", len(r.Odds), r.Odds)
		}
		for _, o := range r.Odds {
			if len(o.Remedies) == 0 {
				t.Errorf("no remedy for %v", o.Mates)
			}
		}
	})
}

// TestInexactIsNoConflict moves features by 1e-5 mm, as imported geometry is.
func TestInexactIsNoConflict(t *testing.T) {
	r := plates(12, 5, 1e-5).check(t)
	want(t, "inexact by 1e-5 mm", r, 6, 3+12*4, 6, 0, "set")
}

// TestIdle tells a screw's spin from a motion, under both policies.
func TestIdle(t *testing.T) {
	d := &doc{}
	d.part("plate", `"rim": {"type": "circle", "center": [0,0,0], "normal": [0,0,1], "radius": 3.3}`)
	d.raw("screw", `{"kind": "fastener", "features": {"rim": {"type": "circle", "center": [0,0,0], "normal": [0,0,1], "radius": 3}, "hex": {"type": "plane", "origin": [2.5,0,4], "normal": [1,0,0]}}}`)
	d.raw("washer", `{"features": {"bore": {"type": "cylinder", "origin": [0,0,0], "direction": [0,0,1], "radius": 3.2}, "face": {"type": "plane", "origin": [0,0,0], "normal": [0,0,-1]}}}`)
	d.use("plate", "!plate").use("screw", "screw").use("washer", "washer")
	d.mate("r", "rim", "plate/rim", "screw/rim").mate("w1", "concentric", "plate/rim", "washer/bore").mate("w2", "coincident", "@/xy", "washer/face")
	r := d.check(t)
	want(t, "spins allowed", r, 12, 12, 10, 2, "set")
	if r.Idle != 2 {
		t.Errorf("idle %d, want the screw's and the washer's", r.Idle)
	}
	d.settings = `{"fastener_spin": "held"}`
	r = d.check(t)
	if r.Idle != 1 || r.Loose != 1 || r.Verdict != "loose" {
		t.Errorf("spins held: idle %d loose %d %s", r.Idle, r.Loose, r.Verdict)
	}
}

// TestIdleBalls: a part that is one sphere spins idly every way; one that is two, or a sphere on a round face's axis, about the line
// through both: a link between ball joints turns about itself, as every textbook of mechanisms notes.
func TestIdleBalls(t *testing.T) {
	ball := func(name string, x, y, z float64) string {
		return fmt.Sprintf(`%q: {"type": "sphere", "center": [%g,%g,%g], "radius": 5}`, name, x, y, z)
	}
	for _, c := range []struct {
		what, features string
		left, idle     int
	}{
		{"a ball in a cup", ball("a", 0, 0, 0), 3, 3},
		{"a rod of two balls", ball("a", 0, 0, 0) + "," + ball("b", 30, 40, 0), 3, 1},
		{"a ball with a flat", ball("a", 0, 0, 0) + "," + plane("f", [3]float64{0, 0, 3}, uz), 3, 1},
		{"three balls in a triangle", ball("a", 0, 0, 0) + "," + ball("b", 30, 0, 0) + "," + ball("c", 0, 30, 0), 3, 0},
		{"a ball and a frame", ball("a", 0, 0, 0) + "," + frame("f", o3, uz, ux), 3, 0},
	} {
		d := &doc{}
		d.part("cup", point("p", o3)).raw("ball", `{"features": {`+c.features+`}}`).use("cup", "!cup").use("ball", "ball", at([3]float64{1, 0, 0}))
		if r := d.mate("in", "coincident", "cup/p", "ball/a").check(t); r.Left != c.left || r.Idle != c.idle || r.Loose != c.left-c.idle || len(r.Motions) != c.left {
			t.Errorf("%s: left %d, idle %d, loose %d, %d motions; want %d, %d", c.what, r.Left, r.Idle, r.Loose, len(r.Motions), c.left, c.idle)
		}
	}
}

// TestSubassembly uses an assembly twice as one rigid body, and rolls its verdict up.
func TestSubassembly(t *testing.T) {
	text := func(extra string) string {
		d := &doc{}
		d.part("p", plane("top", [3]float64{0, 0, 10}, uz), plane("bottom", o3, [3]float64{0, 0, -1}), plane("side", o3, ux), plane("back", o3, uy))
		d.use("a", "!p").use("b", "p", at([3]float64{1, 2, 30}))
		d.mate("on", "coincident", "a/top", "b/bottom").mate("s", "coincident", "a/side", "b/side", `"sense": "same"`)
		if extra == "" {
			d.mate("k", "coincident", "a/back", "b/back", `"sense": "same"`)
		}
		sub := strings.Replace(d.String(), `"root": "main"`, `"root": "top"`, 1)
		return strings.Replace(sub, `"assemblies": {"main"`, `"assemblies": {"top": {"components": {"one": {"assembly": "main", "grounded": true}, "two": {"assembly": "main", "pose": {"origin": [0,0,50]}}},
			"mates": [{"id": "m", "type": "coincident", "a": "one/b/top", "b": "two/a/bottom"}, {"id": "n", "type": "coincident", "a": "one/a/side", "b": "two/b/side", "sense": "same"}, {"id": "o", "type": "coincident", "a": "one/back2", "b": "two/back2", "sense": "same"}],
			"measures": {"h": {"type": "position", "of": "two/b/origin"}}}, "main"`, 1)
	}
	whole := strings.ReplaceAll(text(""), "back2", "zx")
	rep := check(t, whole)
	r := rep.Assemblies["top"]
	want(t, "two rigid uses", r, 6, 9, 6, 0, "set")
	if h := r.Measures["h"].([3]float64); math.Abs(h[2]-30) > 1e-9 || math.Abs(h[0]) > 1e-9 {
		t.Errorf("the part in the second use stands at %v", h)
	}
	rep = check(t, strings.ReplaceAll(text("loose"), "back2", "zx"))
	if rep.Assemblies["top"].Verdict != "set" || rep.Verdict != "loose" {
		t.Errorf("own verdict %s, rolled up %s", rep.Assemblies["top"].Verdict, rep.Verdict)
	}
}

// TestFlexible uses a hinge twice, once flexibly: its planned turn lives on in the parent, its relations are counted there,
// and a relation of the parent reaches its moving leaf.
func TestFlexible(t *testing.T) {
	text := func(more string) string {
		d := &doc{}
		d.part("leaf", frame("pin", o3, uz, ux), plane("edge", [3]float64{40, 0, 0}, ux), plane("flat", o3, uy))
		d.use("fixed", "!leaf").use("moving", "leaf", at(o3, spin(uz, 30)...))
		d.mate("turn", "revolute", "fixed/pin", "moving/pin").plan(`{"joint": "turn"}`)
		sub := strings.Replace(d.String(), `"root": "main"`, `"root": "door"`, 1)
		return strings.Replace(sub, `"assemblies": {"main"`, `"assemblies": {"door": {"components": {"wall": {"part": "leaf", "grounded": true},
			"hinge": {"assembly": "main", "flexible": true, "pose": {"origin": [5, 6, 7]}}, "stiff": {"assembly": "main", "grounded": true, "pose": {"origin": [0, 300, 0]}}},
			"mates": [{"id": "fix", "type": "fastened", "a": "wall/pin", "b": "hinge/fixed/pin"}`+more+`],
			"measures": {"a": {"type": "coordinate", "joint": "hinge/turn", "of": "angle"}, "p": {"type": "position", "of": "hinge/moving/edge"}}}, "main"`, 1)
	}
	r := check(t, text("")).Assemblies["door"]
	want(t, "flexible hinge", r, 12, 11, 11, 1, "moves as planned")
	if a := r.Measures["a"].(float64); math.Abs(a-30) > 1e-9 {
		t.Errorf("the hinge stands at %g°, it was left at 30°", a)
	}
	if p := r.Measures["p"].([3]float64); math.Abs(p[0]-40*math.Cos(math.Pi/6)) > 1e-9 || math.Abs(p[2]) > 1e-9 {
		t.Errorf("the leaf's edge stands at %v", p)
	}
	if _, ok := r.Components["hinge/moving"]; !ok || r.Motions[0].Rides[0] != "hinge/moving" {
		t.Errorf("components %v, motions %v", r.Components, r.Motions)
	}
	r = check(t, text(`, {"id": "shut", "type": "parallel", "a": "wall/flat", "b": "hinge/moving/flat", "sense": "same"}`)).Assemblies["door"]
	if r.Left != 0 || r.Verdict != "blocked" {
		t.Errorf("held shut: left %d, %s", r.Left, r.Verdict)
	}
}

// TestMetamorphic moves the whole design, renames it and checks that the account stays the same.
func TestMetamorphic(t *testing.T) {
	base := fourBar(40, 90, 70, 100, 45)
	r0 := base.check(t)
	move := [3]float64{3000, -70, 12}
	q := spin([3]float64{1, -2, 0.5}, 77)
	moved := fourBar(40, 90, 70, 100, 45)
	moved.comps[0] = `"ground": {"part": "ground", "grounded": true, "pose": ` + at(move, q...) + `}`
	r1 := moved.check(t) // the others must find their way to it
	for _, r := range []*report.Result{r1} {
		if r.Removed != r0.Removed || r.Left != r0.Left || r.Doubled != r0.Doubled || r.Verdict != r0.Verdict || r.Residual.MM > 1e-7 {
			t.Errorf("after moving: %+v", *r)
		}
	}
	a, b := base.check(t), base.check(t)
	if !reflect.DeepEqual(a.Lines, b.Lines) || !reflect.DeepEqual(a.Components, b.Components) || !reflect.DeepEqual(a.Motions, b.Motions) {
		t.Error("the same document gives different reports")
	}
}
