package account_test

import (
	"context"
	"fmt"
	"math"
	"slices"
	"strings"
	"testing"

	"setfast/core/account"
	"setfast/core/format"
	"setfast/core/report"
)

// gate is a wall in which a gate hangs by a hinge, each an assembly of its own; uses says how they are used.
func gate(hinge, gateUse, more string) string {
	return `{"setfast": 1, "root": "wall", "parts": {
 "leaf": {"mass_kg": 2, "features": {"pin": {"type": "frame", "origin": [0,0,0], "z": [0,0,1], "x": [1,0,0]}, "far": {"type": "point", "at": [40,0,0]}, "flat": {"type": "plane", "origin": [0,0,0], "normal": [0,1,0]}}, "mass": {"volume_mm3": 1000, "centroid": [20,0,0]}},
 "post": {"mass_kg": 10, "features": {"pin": {"type": "frame", "origin": [0,0,0], "z": [0,0,1], "x": [1,0,0]}}, "mass": {"volume_mm3": 9000, "centroid": [0,0,500]}}},
 "assemblies": {
 "hinge": {"components": {"fixed": {"part": "leaf", "grounded": true}, "moving": {"part": "leaf", "pose": {"origin": [0,0,0], "quaternion": [0.9659258262890683,0,0,0.25881904510252074]}}},
  "mates": [{"id": "turn", "type": "revolute", "a": "fixed/pin", "b": "moving/pin", "limits": {"angle": [0, 95]}}], "planned": [{"joint": "turn"}]},
 "gate": {"components": {"post": {"part": "post", "grounded": true}, "upper": {"assembly": "hinge", ` + hinge + `"pose": {"origin": [0,0,900]}}, "lower": {"assembly": "hinge", ` + hinge + `"pose": {"origin": [0,0,100]}}},
  "mates": [{"id": "u", "type": "fastened", "a": "post/pin", "b": "upper/fixed/pin", "offset": [0,0,900]}, {"id": "l", "type": "fastened", "a": "post/pin", "b": "lower/fixed/pin", "offset": [0,0,100]}]},
 "wall": {"components": {"north": {"assembly": "gate", ` + gateUse + `"grounded": true, "pose": {"origin": [1000,0,0], "quaternion": [0.7071067811865476,0,0,0.7071067811865476]}}, "south": {"assembly": "gate", "grounded": true}}` + more + `}}}`
}

// TestFlexibleInFlexible lays two levels open: both hinges of the gate turn in the wall, and their plans and limits come along.
func TestFlexibleInFlexible(t *testing.T) {
	text := gate(`"flexible": true, `, `"flexible": true, `, `,
  "measures": {"a": {"type": "coordinate", "joint": "north/upper/turn", "of": "angle"}, "tip": {"type": "position", "of": "north/upper/moving/far"}},
  "drives": {"open": {"joint": "north/upper/turn", "of": "angle", "from": 30, "to": 120, "steps": 9, "record": ["a", "tip"]}}`)
	rep := check(t, text)
	r := rep.Assemblies["wall"]
	// two leaves and two hinge bases are free there; each base is fastened, each leaf turns
	want(t, "wall", r, 24, 22, 22, 2, "moves as planned")
	if r.Planned != 2 {
		t.Errorf("planned %d", r.Planned)
	}
	names := []string{}
	for _, l := range r.Lines {
		names = append(names, l.Component)
	}
	if want := []string{"north/post", "north/upper/fixed", "north/upper/moving", "north/lower/fixed", "north/lower/moving", "south"}; !slices.Equal(names, want) {
		t.Errorf("lines %v, want %v", names, want)
	}
	// the gate stands turned by a quarter: the tip of the upper leaf, at 30° there, points 120° here
	tip := r.Measures["tip"].([3]float64)
	if x, y := 1000+40*math.Cos(120*math.Pi/180), 40*math.Sin(120*math.Pi/180); math.Abs(tip[0]-x) > 1e-9 || math.Abs(tip[1]-y) > 1e-9 || math.Abs(tip[2]-900) > 1e-9 {
		t.Errorf("the tip is at %v, want (%g, %g, 900)", tip, x, y)
	}
	run := r.Drives["open"]
	if run.StoppedAt == nil || math.Abs(*run.StoppedAt-95) > 0.01 || !strings.Contains(*run.Reason, "limit") {
		t.Errorf("the hinge's own limit does not stop it: %v", run)
	}
	// judged on its own, each assembly below is accounted once, however often it is used
	if len(rep.Assemblies) != 3 || rep.Assemblies["hinge"].Opening != 6 {
		t.Errorf("%d assemblies reported", len(rep.Assemblies))
	}
}

// TestRigidOfFlexible uses a gate with turning hinges as one rigid body: it brings no freedom along, and features are still reached.
func TestRigidOfFlexible(t *testing.T) {
	r := check(t, gate(`"flexible": true, `, ``, `, "measures": {"tip": {"type": "position", "of": "north/lower/moving/far"}, "kg": {"type": "mass"}, "cg": {"type": "centre_of_mass", "in": "@/origin"}}`)).Assemblies["wall"]
	want(t, "wall of rigid gates", r, 0, 0, 0, 0, "set")
	if tip := r.Measures["tip"].([3]float64); math.Abs(tip[0]-(1000-20)) > 1e-9 || math.Abs(tip[1]-40*math.Sqrt(3)/2) > 1e-9 || math.Abs(tip[2]-100) > 1e-9 {
		t.Errorf("the tip is at %v", tip)
	}
	if kg := r.Measures["kg"].(float64); math.Abs(kg-2*(10+4*2)) > 1e-12 {
		t.Errorf("two gates of a post and four leaves weigh %g kg", kg)
	}
}

// TestMassOfFlexible: the same parts weigh the same and balance at the same place whether the gate moves in itself or not.
func TestMassOfFlexible(t *testing.T) {
	ms := `, "measures": {"kg": {"type": "mass"}, "cg": {"type": "centre_of_mass", "in": "@/origin"}}`
	rigid := check(t, gate(``, ``, ms)).Assemblies["wall"].Measures
	flexible := check(t, gate(`"flexible": true, `, `"flexible": true, `, ms)).Assemblies["wall"].Measures
	if rigid["kg"] != flexible["kg"] {
		t.Errorf("%v kg rigid, %v kg flexible", rigid["kg"], flexible["kg"])
	}
	a, b := rigid["cg"].([3]float64), flexible["cg"].([3]float64)
	for i := range a {
		if math.Abs(a[i]-b[i]) > 1e-9 {
			t.Errorf("centre of mass %v rigid, %v flexible", a, b)
			break
		}
	}
}

// TestCoupledAcrossUses ties a joint inside one flexible use to one inside another: both leaves turn together.
func TestCoupledAcrossUses(t *testing.T) {
	text := gate(`"flexible": true, `, `"flexible": true, `, `,
  "mates": [{"id": "link", "type": "gear", "a": "north/upper/turn", "b": "north/lower/turn", "ratio": 1}],
  "measures": {"b": {"type": "coordinate", "joint": "north/lower/turn", "of": "angle"}},
  "drives": {"open": {"joint": "north/upper/turn", "of": "angle", "from": 30, "to": 80, "steps": 5, "record": ["b"]}}`)
	r := check(t, text).Assemblies["wall"]
	want(t, "coupled hinges", r, 24, 23, 23, 1, "moves as planned")
	for i, a := range r.Drives["open"].At {
		if b := value(r.Drives["open"].Values["b"][i]); math.Abs(b-a) > 1e-9 {
			t.Errorf("upper at %g°, lower at %g°", a, b)
		}
	}
}

// TestVerdictsRollUp: what fails below fails the whole, the worst first, and names nothing of its own account.
func TestVerdictsRollUp(t *testing.T) {
	unplanned := strings.Replace(gate(``, ``, ``), `, "planned": [{"joint": "turn"}]`, ``, 1)
	rep := check(t, unplanned)
	if rep.Assemblies["wall"].Verdict != "set" || rep.Assemblies["hinge"].Verdict != "loose" || rep.Verdict != "loose" {
		t.Errorf("wall %s, hinge %s, together %s", rep.Assemblies["wall"].Verdict, rep.Assemblies["hinge"].Verdict, rep.Verdict)
	}
	odd := strings.Replace(unplanned, `"offset": [0,0,900]}`, `"offset": [0,0,900]}, {"id": "x", "type": "distance", "a": "post/pin", "b": "upper/fixed/pin", "value": 12}`, 1)
	if rep = check(t, odd); rep.Verdict != report.AtOdds || rep.Assemblies["wall"].Verdict != "set" {
		t.Errorf("at odds below: %s, the wall itself %s", rep.Verdict, rep.Assemblies["wall"].Verdict)
	}
}

// TestSuppressedUse: relations and plans that name what is suppressed are out of force; measures of it are unknown.
func TestSuppressedUse(t *testing.T) {
	text := gate(`"flexible": true, `, `"flexible": true, `, `,
  "mates": [{"id": "shut", "type": "parallel", "a": "north/upper/moving/flat", "b": "south/zx"}],
  "measures": {"tip": {"type": "position", "of": "north/upper/moving/far"}, "a": {"type": "coordinate", "joint": "north/upper/turn", "of": "angle"}}`)
	text = strings.Replace(text, `"north": {`, `"north": {"suppressed": true, `, 1)
	r := check(t, text).Assemblies["wall"]
	want(t, "wall without its north gate", r, 0, 0, 0, 0, "set")
	if r.Measures["tip"] != nil || r.Measures["a"] != nil {
		t.Errorf("measures of what is not there: %v", r.Measures)
	}
}

// TestSettledDocument writes the solved poses of every level back, and finds nothing left to move.
func TestSettledDocument(t *testing.T) {
	d, err := format.Read([]byte(gate(`"flexible": true, `, `"flexible": true, `, ``)))
	if err != nil {
		t.Fatal(err)
	}
	rep, err := account.Check(context.Background(), d, nil)
	if err != nil {
		t.Fatal(err)
	}
	d = account.Settled(d, rep)
	data, err := format.Write(d)
	if err != nil {
		t.Fatal(err)
	}
	again := check(t, string(data))
	for n, c := range rep.Assemblies["wall"].Components {
		b := again.Assemblies["wall"].Components[n].Pose
		if c.Pose.O.Sub(b.O).Norm() > 1e-9 {
			t.Errorf("%s stood at %v, now at %v", n, c.Pose.O, b.O)
		}
	}
}

// TestManyUses: an assembly used fifty times is judged once, and relations reach into each use.
func TestManyUses(t *testing.T) {
	var uses, mates []string
	for i := 0; i < 50; i++ {
		g := ""
		if i == 0 {
			g = `, "grounded": true`
		} else {
			mates = append(mates, fmt.Sprintf(`{"id": "m%d", "type": "fastened", "a": "u%d/post/pin", "b": "u%d/post/pin", "offset": [300, 0, 0], "turn": 7}`, i, i-1, i))
		}
		uses = append(uses, fmt.Sprintf(`"u%d": {"assembly": "gate"%s}`, i, g))
	}
	text := gate(``, ``, `,"mates": [`+strings.Join(mates, ",")+`]`)
	a, b := strings.Index(text, `"north"`), strings.Index(text, `}},"mates": [`)
	text = text[:a] + strings.Join(uses, ",") + text[b+1:]
	r := check(t, text).Assemblies["wall"]
	want(t, "fifty gates", r, 49*6, 49*6, 49*6, 0, "set")
}

// TestOwnFrameOfNested: "@" in an assembly used flexibly is what is grounded there, at any depth; a use named alone is its frame.
func TestOwnFrameOfNested(t *testing.T) {
	r := check(t, gate(`"flexible": true, `, `"flexible": true, `, `,
  "mates": [{"id": "level", "type": "distance", "a": "@/xy", "b": "north/upper/origin", "value": 900}], "measures": {"up": {"type": "position", "of": "north/upper/z"}, "own": {"type": "position", "of": "north/x"}}`)).Assemblies["wall"]
	want(t, "wall", r, 24, 23, 22, 2, "moves as planned")
	if up := r.Measures["up"].([3]float64); math.Abs(up[2]-900) > 1e-9 {
		t.Errorf("the upper hinge is at %v", up)
	}
	text := strings.Replace(gate(`"flexible": true, `, `"flexible": true, `, ""), `"mates": [{"id": "turn",`, `"mates": [{"id": "low", "type": "distance", "a": "@/xy", "b": "moving/pin", "value": 0}, {"id": "turn",`, 1)
	want(t, "a relation with @ in each hinge", check(t, text).Assemblies["wall"], 24, 24, 22, 2, "moves as planned")
}

// TestHereAndThere uses one assembly flexibly and, rigidly, inside another; references go through both, and through uses left out.
func TestHereAndThere(t *testing.T) {
	r := check(t, gate(`"flexible": true, `, `"flexible": true, `, `,
  "measures": {"tip": {"type": "position", "of": "south/upper/moving/far"}, "base": {"type": "position", "of": "south/lower/fixed/far"}}`)).Assemblies["wall"]
	tip, base := r.Measures["tip"].([3]float64), r.Measures["base"].([3]float64)
	if math.Abs(tip[0]-20*math.Sqrt(3)) > 1e-9 || math.Abs(tip[1]-20) > 1e-9 || math.Abs(base[0]-40) > 1e-9 || math.Abs(base[2]-100) > 1e-9 {
		t.Errorf("the rigid gate's leaves end at %v and %v", tip, base)
	}
	text := strings.Replace(gate(`"flexible": true, `, `"flexible": true, `, ""), `"upper": {"assembly": "hinge"`, `"upper": {"suppressed": true, "assembly": "hinge"`, 1)
	want(t, "without the upper hinges", check(t, text).Assemblies["wall"], 12, 11, 11, 1, "moves as planned")
	text = strings.Replace(text, `"lower": {"assembly": "hinge"`, `"lower": {"suppressed": true, "assembly": "hinge"`, 1)
	want(t, "without hinges", check(t, text).Assemblies["wall"], 0, 0, 0, 0, "set")
}
