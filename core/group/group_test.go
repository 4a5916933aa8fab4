package group

import (
	"context"
	"strings"
	"testing"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/report"
)

// stand is a plate with a block on it, a pin turning in the block, geared to a wheel beside it; written with a named value.
const stand = `{"setfast": 1, "root": "main", "parts": {
 "plate": {"features": {"top": {"type": "plane", "origin": [0,0,8], "normal": [0,0,1]}, "h1": {"type": "cylinder", "origin": [20,30,0], "direction": [0,0,1], "radius": 3, "side": "hole"}, "h2": {"type": "cylinder", "origin": [60,30,0], "direction": [0,0,1], "radius": 3, "side": "hole"}, "h3": {"type": "cylinder", "origin": [90,30,0], "direction": [0,0,1], "radius": 3, "side": "hole"}}},
 "block": {"features": {"bottom": {"type": "plane", "origin": [0,0,0], "normal": [0,0,-1]}, "top": {"type": "plane", "origin": [0,0,20], "normal": [0,0,1]}, "h1": {"type": "cylinder", "origin": [0,0,0], "direction": [0,0,1], "radius": 3, "side": "hole"}, "h2": {"type": "cylinder", "origin": [40,0,0], "direction": [0,0,1], "radius": 3, "side": "hole"}, "bore": {"type": "circle", "center": [20,0,20], "normal": [0,0,1], "radius": 5}}},
 "pin": {"features": {"rim": {"type": "circle", "center": [0,0,0], "normal": [0,0,1], "radius": 5}, "flat": {"type": "plane", "origin": [4,0,0], "normal": [1,0,0]}}}},
 "assemblies": {"main": {"values": {"lift": "3 mm"}, "components": {
  "plate": {"part": "plate", "grounded": true}, "block": {"part": "block", "pose": {"origin": [19, 31, 9], "quaternion": [1,0,0,0]}}, "pin": {"part": "pin", "pose": {"origin": [40, 30, 29], "quaternion": [1,0,0,0]}}, "wheel": {"part": "pin", "pose": {"origin": [90, 30, 9], "quaternion": [1,0,0,0]}}},
  "mates": [{"id": "f", "type": "coincident", "a": "plate/top", "b": "block/bottom"}, {"id": "a1", "type": "concentric", "a": "plate/h1", "b": "block/h1"}, {"id": "a2", "type": "concentric", "a": "plate/h2", "b": "block/h2"},
   {"id": "turn", "type": "cylindrical", "a": "block/bore", "b": "pin/rim", "at": {"slide": "2 * lift"}, "limits": {"angle": [-90, 90]}}, {"id": "spin", "type": "revolute", "a": "plate/h3", "b": "wheel/rim"}],
  "planned": [{"joint": "turn", "of": "angle"}, {"joint": "spin"}], "measures": {"gap": {"type": "distance", "a": "plate/top", "b": "block/top"}}}}}`

func read(t *testing.T, text string) *assembly.Document {
	t.Helper()
	d, err := format.Read([]byte(text))
	if err != nil {
		t.Fatal(err)
	}
	return d
}

func check(t *testing.T, d *assembly.Document) *report.Report {
	t.Helper()
	r, err := account.Check(context.Background(), d, nil)
	if err != nil {
		t.Fatal(err)
	}
	return r
}

func apply(t *testing.T, a *assembly.Assembly, edits []edit.Edit) *assembly.Assembly {
	t.Helper()
	b, back, err := edit.Apply(a, edit.Batch{Edits: edits})
	if err != nil {
		t.Fatal(err)
	}
	if was, _, err := edit.Apply(b, back); err != nil || text(t, was) != text(t, a) {
		t.Fatalf("taken back it is another: %v\n%s\n%s", err, text(t, was), text(t, a))
	}
	return b
}

func text(t *testing.T, a *assembly.Assembly) string {
	t.Helper()
	b, err := format.AssemblyObject(a).MarshalJSON()
	if err != nil {
		t.Fatal(err)
	}
	return string(b)
}

// with is the document with its root, and another assembly, as given.
func with(d *assembly.Document, root, sub *assembly.Assembly) *assembly.Document {
	out := *d
	out.Assemblies, out.Order = map[string]*assembly.Assembly{"main": root}, []string{"main"}
	if sub != nil {
		out.Assemblies["sub"], out.Order = sub, append(out.Order, "sub")
	}
	return &out
}

// TestFormAndDissolve: block and pin become a subassembly. Used so that it moves in itself, the whole has the freedoms it had, each part
// where it was; dissolved again, the account is what it was to the last figure.
func TestFormAndDissolve(t *testing.T) {
	d := read(t, stand)
	before := check(t, d).Assemblies["main"]
	if before.Verdict != report.Moves || before.Left != 2 {
		t.Fatalf("the stand is %s with %d left", before.Verdict, before.Left)
	}
	a := d.Assemblies["main"]
	s, err := Form(a, []string{"pin", "block"}, "sub", "bearing")
	if err != nil {
		t.Fatal(err)
	}
	formed := apply(t, a, append(s.Edits, edit.Flex{Name: "bearing", On: true}))
	if len(s.Sub.Components) != 2 || !s.Sub.Components[0].Grounded || len(s.Sub.Mates) != 1 || len(s.Sub.Planned) != 1 || formed.Components[1].Name != "bearing" {
		t.Fatalf("%s", text(t, s.Sub))
	}
	r := check(t, with(d, formed, s.Sub))
	now := r.Assemblies["main"]
	if now.Left != before.Left || now.Verdict != before.Verdict || *measured(now, "gap") != *measured(before, "gap") || r.Assemblies["sub"].Verdict != report.Moves {
		t.Errorf("formed it is %s with %d left, gap %v; was %s, %d, %v", now.Verdict, now.Left, *measured(now, "gap"), before.Verdict, before.Left, *measured(before, "gap"))
	}
	edits, err := Dissolve(formed, s.Sub, "bearing")
	if err != nil {
		t.Fatal(err)
	}
	again := apply(t, formed, edits)
	after := check(t, with(d, again, nil)).Assemblies["main"]
	if after.Left != before.Left || after.Removed != before.Removed || after.Doubled != before.Doubled || after.Verdict != before.Verdict || len(again.Planned) != len(a.Planned) {
		t.Errorf("dissolved it is %s, %d left, %d doubled; was %s, %d, %d", after.Verdict, after.Left, after.Doubled, before.Verdict, before.Left, before.Doubled)
	}
	for name, p := range before.Components {
		if q := after.Components[name]; p.Pose.O.Sub(q.Pose.O).Norm() > 1e-6 {
			t.Errorf("%s went from %v to %v", name, p.Pose.O, q.Pose.O)
		}
	}
	if again.Components[1].Name != "block" || again.Components[2].Name != "pin" {
		t.Errorf("the build order is %s, %s", again.Components[1].Name, again.Components[2].Name)
	}
}

// TestDissolveCouplings: a pair of geared pins formed and dissolved keeps its gear, by which one freedom is left of two.
func TestDissolveCouplings(t *testing.T) {
	d := read(t, stand)
	a := apply(t, d.Assemblies["main"], []edit.Edit{edit.Relate{Relation: []byte(`{"id": "g", "type": "gear", "a": "turn", "b": "spin", "ratio": "-18 / 54"}`)}})
	before := check(t, with(d, a, nil)).Assemblies["main"]
	s, err := Form(a, []string{"plate", "block", "pin", "wheel"}, "sub", "all")
	if err != nil {
		t.Fatal(err)
	}
	formed := apply(t, a, s.Edits)
	edits, err := Dissolve(formed, s.Sub, "all")
	if err != nil {
		t.Fatal(err)
	}
	again := apply(t, formed, edits)
	after := check(t, with(d, again, nil)).Assemblies["main"]
	if m := again.Mate("g"); m == nil || m.JointA != "turn" || after.Left != before.Left || before.Left != 1 {
		t.Errorf("dissolved it has %d left, was %d; %s", after.Left, before.Left, text(t, again))
	}
}

func measured(r *report.Result, name string) *float64 {
	x, _ := r.Measures[name].(float64)
	return &x
}

// TestWhatCannotBe is refused with the reason, before anything is changed.
func TestWhatCannotBe(t *testing.T) {
	d := read(t, stand)
	a := d.Assemblies["main"]
	geared := apply(t, a, []edit.Edit{edit.Relate{Relation: []byte(`{"id": "g", "type": "gear", "a": "turn", "b": "spin", "ratio": -1}`)}})
	for _, c := range []struct {
		a     *assembly.Assembly
		names []string
		says  string
	}{
		{a, []string{"pin"}, "two parts"}, {a, []string{"pin", "nobody"}, "no component"}, {geared, []string{"pin", "block"}, "couples a joint"},
	} {
		if _, err := Form(c.a, c.names, "sub", "group"); err == nil || !strings.Contains(err.Error(), c.says) {
			t.Errorf("%v: %v, want %q", c.names, err, c.says)
		}
	}
	if _, err := Form(a, []string{"pin", "block"}, "sub", "wheel"); err == nil {
		t.Error("a name was given twice")
	}
	// a coupling between joints that stay outside comes along
	s, err := Form(geared, []string{"plate", "block"}, "sub", "base")
	if err != nil {
		t.Fatal(err)
	}
	if b := apply(t, geared, s.Edits); b.Mate("g") == nil || !b.Components[0].Grounded {
		t.Errorf("the gear is lost, or the base no longer stands: %s", text(t, b))
	}
}

// TestCopy repeats a block with its pin: the relation between them comes along, those to the plate are listed.
func TestCopy(t *testing.T) {
	d := read(t, stand)
	a := d.Assemblies["main"]
	c, err := Copy(a, []string{"block", "pin"}, geom.V(0, 100, 0), func(want string) string { return want + " 2" })
	if err != nil {
		t.Fatal(err)
	}
	b := apply(t, a, c.Edits)
	r := check(t, with(d, b, nil)).Assemblies["main"]
	if len(c.Open) != 3 || c.Open[0].Put != "block 2/bottom" || c.Open[0].On != "plate/top" || len(b.Planned) != 3 {
		t.Errorf("left open: %+v", c.Open)
	}
	if r.Components["block 2"].Left != 6 || r.Left != 2+6+1 {
		t.Errorf("the copy has %d freedoms, the whole %d", r.Components["block 2"].Left, r.Left)
	}
}
