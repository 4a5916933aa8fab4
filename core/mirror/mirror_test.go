package mirror

import (
	"context"
	"math"
	"strings"
	"testing"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/geom"
)

const parts = `"wall": {"number": "GV-101", "features": {
   "front": {"type": "plane", "origin": [0,0,0], "normal": [0,1,0]}, "left hole": {"type": "cylinder", "origin": [-50,0,20], "direction": [0,1,0], "radius": 4, "side": "hole"},
   "right hole": {"type": "cylinder", "origin": [50,0,20], "direction": [0,1,0], "radius": 4, "side": "hole"}, "top": {"type": "plane", "origin": [0,0,80], "normal": [0,0,1]},
   "left end": {"type": "plane", "origin": [-90,0,0], "normal": [-1,0,0]}, "right end": {"type": "plane", "origin": [94,0,0], "normal": [1,0,0]}}},
  "bracket": {"number": "GV-301", "name": "Hinge bracket", "features": {
   "back": {"type": "plane", "origin": [0,0,0], "normal": [0,-1,0]}, "hole": {"type": "cylinder", "origin": [0,5,0], "direction": [0,1,0], "radius": 4, "side": "hole"},
   "top": {"type": "plane", "origin": [0,0,15], "normal": [0,0,1]}, "eye": {"type": "cylinder", "origin": [12,30,6], "direction": [1,0,0], "radius": 5, "side": "hole"},
   "cheek": {"type": "plane", "origin": [20,30,6], "normal": [1,0,0]}, "mark": {"type": "point", "at": [3,4,9]}}},
  "pin": {"kind": "fastener", "features": {
   "shank": {"type": "cylinder", "origin": [0,0,10], "direction": [0,0,1], "radius": 5, "side": "shaft"}, "head": {"type": "plane", "origin": [0,0,0], "normal": [0,0,-1]},
   "tip": {"type": "plane", "origin": [0,0,20], "normal": [0,0,1]}, "rim": {"type": "circle", "center": [0,0,0], "normal": [0,0,1], "radius": 5}}},
  "arm": {"features": {"bore": {"type": "frame", "origin": [0,0,0], "z": [0,0,1], "x": [1,0,0]}, "end": {"type": "point", "at": [40,0,0]}, "nut": {"type": "frame", "origin": [10,0,0], "z": [1,0,0], "x": [0,1,0]}}}`

func read(t *testing.T, mates string) *assembly.Document {
	t.Helper()
	doc, err := format.Read([]byte(`{"setfast": 1, "root": "main", "parts": {` + parts + `}, "assemblies": {"main": {"values": {"open": "40 deg"}, "components": {
		"wall": {"part": "wall", "grounded": true}, "bracket": {"part": "bracket", "pose": {"origin": [-49,1,21]}}, "pin": {"part": "pin", "pose": {"origin": [-30,30,26], "quaternion": [0.7071067811865476, 0, 0.7071067811865476, 0]}},
		"arm": {"part": "arm", "pose": {"origin": [-40, 30, 26], "quaternion": [0.7071067811865476, 0, 0.7071067811865476, 0]}}},
		"mates": [` + mates + `], "planned": [{"joint": "swing"}]}}}`))
	if err != nil {
		t.Fatal(err)
	}
	return doc
}

const seated = `{"id": "flat", "type": "coincident", "a": "wall/front", "b": "bracket/back"}, {"id": "hole", "type": "concentric", "a": "wall/left hole", "b": "bracket/hole"},
	{"id": "level", "type": "parallel", "a": "wall/top", "b": "bracket/top", "sense": "same"}, {"id": "eye", "type": "concentric", "a": "bracket/eye", "b": "pin/shank"},
	{"id": "in", "type": "distance", "a": "bracket/cheek", "b": "pin/head", "value": 2}, {"id": "spin", "type": "hold_spin", "a": "bracket/eye", "b": "pin/shank"}, `

// TestMirror mirrors a bracket with its pin and an arm across the middle of a wall: the bracket has no plane of its own and gets an opposite hand, the pin turns over;
// relations go to the other hole, a joint's angle counts the other way with its limits, and what has no counterpart is left out with the reason. Solved, all copies stand where the mirror has them.
func TestMirror(t *testing.T) {
	const swing = `{"id": "swing", "type": "revolute", "a": "pin/shank", "b": "arm/bore", "limits": {"angle": [-20, 60]}}, {"id": "open", "type": "angle", "a": "arm/bore", "b": "wall/top", "value": 90, "suppressed": true},
		{"id": "side", "type": "distance", "a": "wall/left end", "b": "arm/end", "value": -60, "suppressed": true}`
	doc := read(t, seated+swing)
	a, err := account.TakeAtRest(context.Background(), doc, "main")
	if err != nil {
		t.Fatal(err)
	}
	plane, err := PlaneOf(doc, a, []assembly.Ref{{Feature: "yz"}})
	if err != nil {
		t.Fatal(err)
	}
	r, err := Mirror(context.Background(), doc, plane, nil, nil, nil)
	if err != nil {
		t.Fatal(err)
	}
	hands := ""
	for _, c := range r.Copied {
		hands += c.To + " " + c.Part + " " + c.Hand + "; "
	}
	if hands != "bracket-m bracket-m opposite; pin-m pin same; arm-m arm same; " {
		t.Errorf("hands: %s", hands)
	}
	if r.Relations != 8 || len(r.LeftOut) != 1 || r.LeftOut[0].Mate != "side" || !strings.Contains(r.LeftOut[0].Why, "left end") {
		t.Errorf("%d came, left out %+v", r.Relations, r.LeftOut)
	}
	if p := r.Document.Parts["bracket-m"]; p == nil || p.Number != "GV-301-M" || p.Features["cheek"].O != geom.V(-20, 30, 6) {
		t.Errorf("the opposite hand: %+v", p)
	}
	main := r.Document.Assemblies["main"]
	if m := main.Mate("hole-m"); m == nil || m.A.String() != "wall/right hole" || m.B.String() != "bracket-m/hole" {
		t.Errorf("%+v", m)
	}
	after := solved(t, r.Document, "set moves as planned")
	before := solved(t, doc, "moves as planned")
	for _, c := range r.Copied {
		if off := after.Root.Components[c.To].Pose.O.Sub(c.Pose.O).Norm(); off > 1e-6 {
			t.Errorf("%s moved by %g from where the mirror has it", c.To, off)
		}
	}
	world := func(acc *account.Account, name string, p geom.Vec) geom.Vec {
		return acc.Root.Components[name].Pose.Point(p)
	}
	mark, image := world(before, "bracket", geom.V(3, 4, 9)), world(after, "bracket-m", geom.V(-3, 4, 9))
	if image.Sub(plane.point(mark)).Norm() > 1e-6 {
		t.Errorf("a mark at %v came to %v", mark, image)
	}
	// an arm that swings as far as it may stands, mirrored, as far as its copy may
	was, now := doc.Assemblies["main"].Mate("swing"), main.Mate("swing-m")
	la, _ := was.Limits("angle")
	lb, ok := now.Limits("angle")
	if !ok || math.Abs((*lb.Hi-*lb.Lo)-(*la.Hi-*la.Lo)) > 1e-6 {
		t.Errorf("limits %v became %v", la, lb)
	}
	q, q2 := before.Coordinates()["swing"]["angle"], after.Coordinates()["swing-m"]["angle"]
	if math.Abs((*la.Hi-q)-(q2-*lb.Lo)) > 1e-4 && math.Abs((*la.Hi-q)-(*lb.Hi-q2)) > 1e-4 {
		t.Errorf("from %g within %v, from %g within %v", q, *la.Hi, q2, *lb.Lo)
	}
	if got := len(main.Planned); got != 2 || main.Planned[1].Joint != "swing-m" {
		t.Errorf("planned: %+v", main.Planned)
	}
}

func solved(t *testing.T, d *assembly.Document, verdicts string) *account.Account {
	t.Helper()
	a, err := account.Take(context.Background(), d, d.Root, nil)
	if err != nil {
		t.Fatal(err)
	}
	if !strings.Contains(verdicts, string(a.Root.Verdict)) {
		t.Errorf("%s: %+v", a.Root.Verdict, a.Root.Odds)
	}
	return a
}

// TestMirrorTwice mirrors a bracket and its mirror image again: it comes back to where it was, and so does an arm at a held angle.
func TestMirrorTwice(t *testing.T) {
	doc := read(t, seated+`{"id": "swing", "type": "revolute", "a": "pin/shank", "b": "arm/bore", "at": {"angle": "open"}}`)
	doc.Assemblies["main"].Planned = nil
	once, err := Mirror(context.Background(), doc, Plane{N: geom.V(1, 0, 0)}, nil, nil, nil)
	if err != nil {
		t.Fatal(err)
	}
	twice, err := Mirror(context.Background(), once.Document, Plane{N: geom.V(1, 0, 0)}, []string{"bracket-m", "pin-m", "arm-m"}, nil, nil)
	if err != nil {
		t.Fatal(err)
	}
	if len(once.LeftOut)+len(twice.LeftOut) > 0 {
		t.Errorf("left out: %+v, %+v", once.LeftOut, twice.LeftOut)
	}
	before, after := solved(t, doc, "set"), solved(t, twice.Document, "set")
	for from, to := range map[string]string{"bracket": "bracket-m-m", "pin": "pin-m-m", "arm": "arm-m-m"} {
		p, q := before.Root.Components[from].Pose, after.Root.Components[to].Pose
		mark := geom.V(0, 0, 10)
		if d := p.Point(mark).Sub(q.Point(mark)).Norm(); from != "arm" && d > 1e-6 {
			t.Errorf("%s came back %g beside where it was", from, d)
		}
	}
	arm := func(a *account.Account, n string) geom.Vec { return a.Root.Components[n].Pose.Point(geom.V(40, 0, 0)) }
	if d := arm(before, "arm").Sub(arm(after, "arm-m-m")).Norm(); d > 1e-6 {
		t.Errorf("the arm's end came back %g beside where it was", d)
	}
	if _, err := PlaneOf(doc, before, []assembly.Ref{{Path: []string{"wall"}, Feature: "left hole"}}); err == nil {
		t.Error("a hole was taken for a plane")
	}
	mid, err := PlaneOf(doc, before, []assembly.Ref{{Path: []string{"wall"}, Feature: "left end"}, {Path: []string{"wall"}, Feature: "right end"}})
	if err != nil || math.Abs(mid.O.X-2) > 1e-9 {
		t.Errorf("midway between the ends: %v, %v", mid, err)
	}
}
