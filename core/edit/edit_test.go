package edit

import (
	"encoding/json"
	"testing"

	"setfast/core/assembly"
	"setfast/core/format"
)

const start = `{"name": "A", "components": {"base": {"part": "p1", "grounded": true}, "block": {"part": "p2"}, "pin": {"part": "p3"}},
 "mates": [{"id": "m1", "type": "coincident", "a": "base/f1", "b": "block/f2"}, {"id": "j", "type": "revolute", "a": "block/f3", "b": "pin/f1"}],
 "planned": [{"joint": "j"}, {"component": "pin", "motion": "turn", "about": "block/f3"}],
 "measures": {"g": {"type": "distance", "a": "base/f1", "b": "pin/f1"}, "c": {"type": "coordinate", "joint": "j", "of": "angle"}},
 "drives": {"d": {"joint": "j", "of": "angle", "from": 0, "to": 10, "steps": 2}}}`

func read(t *testing.T) *assembly.Assembly {
	t.Helper()
	a, err := format.ReadAssembly([]byte(start))
	if err != nil {
		t.Fatal(err)
	}
	return a
}

func text(t *testing.T, a *assembly.Assembly) string {
	t.Helper()
	b, err := json.Marshal(format.AssemblyObject(a))
	if err != nil {
		t.Fatal(err)
	}
	return string(b)
}

// TestInverses applies every kind of edit, and takes it back to the last letter, through JSON as the store keeps it.
func TestInverses(t *testing.T) {
	yes, one := true, 1
	for _, e := range []Edit{
		{Op: "place", Component: &Component{Name: "new", Part: "p4", Pose: Pose{[3]float64{1, 2, 3}, [4]float64{1, 0, 0, 0}}}, At: &one},
		{Op: "remove", Name: "block"}, {Op: "remove", Name: "pin"}, {Op: "remove", Name: "base"},
		{Op: "ground", Name: "block", On: &yes}, {Op: "suppress", Name: "pin", On: &yes},
		{Op: "move", Poses: map[string]Pose{"pin": {[3]float64{4, 5, 6}, [4]float64{0, 1, 0, 0}}}},
		{Op: "rename", Name: "block", To: "stand"},
		{Op: "relate", Mate: json.RawMessage(`{"id": "n", "type": "parallel", "a": "base/f1", "b": "pin/f1", "sense": "same"}`)},
		{Op: "unrelate", Name: "j"}, {Op: "unrelate", Name: "m1"},
		{Op: "change", Mate: json.RawMessage(`{"id": "m1", "type": "distance", "a": "base/f1", "b": "block/f2", "value": 4}`)},
		{Op: "plan", Planned: json.RawMessage(`{"component": "block", "motion": "slide", "along": "@/x"}`)}, {Op: "unplan", At: &one},
		{Op: "settings", Settings: &assembly.Settings{ToleranceMM: 0.01, ToleranceDeg: 0.01, FastenersHeld: true}}, {Op: "title", Name: "GV-1", To: "B"},
		{Op: "batch", Edits: []Edit{{Op: "remove", Name: "pin"}, {Op: "rename", Name: "block", To: "pin"}}},
	} {
		a := read(t)
		before := text(t, a)
		inv, err := e.Apply(a)
		if err != nil {
			t.Errorf("%s: %v", e.Op, err)
			continue
		}
		if text(t, a) == before {
			t.Errorf("%s changed nothing", e.Op)
		}
		kept, err := json.Marshal(inv)
		if err != nil {
			t.Fatal(err)
		}
		var back Edit
		if err := json.Unmarshal(kept, &back); err != nil {
			t.Fatal(err)
		}
		if _, err := back.Apply(a); err != nil {
			t.Errorf("%s: taking back: %v", e.Op, err)
		}
		if now := text(t, a); now != before {
			t.Errorf("%s taken back gives\n%s\nnot\n%s", e.Op, now, before)
		}
	}
}

func TestRefused(t *testing.T) {
	for _, e := range []Edit{
		{Op: "place"}, {Op: "place", Component: &Component{Name: "pin", Part: "p", Pose: Pose{Quaternion: [4]float64{1, 0, 0, 0}}}},
		{Op: "place", Component: &Component{Name: "a/b", Part: "p", Pose: Pose{Quaternion: [4]float64{1, 0, 0, 0}}}},
		{Op: "place", Component: &Component{Name: "x", Part: "p"}}, // no quaternion: no pose
		{Op: "remove", Name: "nobody"}, {Op: "ground", Name: "pin"}, {Op: "rename", Name: "pin", To: "base"}, {Op: "rename", Name: "pin", To: ""},
		{Op: "relate", Mate: json.RawMessage(`{"id": "j", "type": "parallel", "a": "base/x", "b": "pin/x"}`)}, {Op: "relate", Mate: json.RawMessage(`{`)},
		{Op: "unrelate", Name: "zz"}, {Op: "unplan"}, {Op: "dance"},
	} {
		if _, err := e.Apply(read(t)); err == nil {
			t.Errorf("%+v was taken", e)
		}
	}
}
