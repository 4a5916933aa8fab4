package laid

import (
	"context"
	"strings"
	"testing"

	"setfast/core/account"
	"setfast/core/format"
)

// TestOut copies a block with the stack that fastens it: each copy has screws of its own through the holes that lie there, and all of it is set. A row that goes
// where there are no holes says so.
func TestOut(t *testing.T) {
	hole := func(name string, x string) string {
		return `"` + name + `": {"type": "cylinder", "origin": [` + x + `, 0, 5], "direction": [0, 0, 1], "radius": 3.3, "side": "hole"}, "` + name + `t": {"type": "circle", "center": [` + x + `, 0, 10], "normal": [0, 0, 1], "radius": 3.3},
			"` + name + `b": {"type": "circle", "center": [` + x + `, 0, 0], "normal": [0, 0, 1], "radius": 3.3}`
	}
	flats := `"top": {"type": "plane", "origin": [0, 0, 10], "normal": [0, 0, 1]}, "under": {"type": "plane", "origin": [0, 0, 0], "normal": [0, 0, -1]}, "side": {"type": "plane", "origin": [0, 20, 5], "normal": [0, 1, 0]}, `
	text := func(count string) string {
		return `{"setfast": 2, "root": "main", "parts": {"plate": {"features": {` + flats + hole("h1", "0") + `, ` + hole("h2", "50") + `, ` + hole("h3", "100") + `}}, "block": {"features": {` + flats + hole("h", "0") + `}}},
		"assemblies": {"main": {"components": {"plate": {"part": "plate", "grounded": true}, "block": {"part": "block", "pose": {"origin": [1, 2, 12]}}},
		"mates": [{"id": "foot", "type": "rim", "a": "plate/h1t", "b": "block/hb"}, {"id": "square", "type": "parallel", "a": "plate/side", "b": "block/side", "sense": "same"}],
		"stacks": {"down": {"holes": ["block/h"], "screw": "ISO 4762 M6", "nut": "ISO 7040 M6"}},
		"copies": {"row": {"of": ["block", "down"], "linear": {"along": [1, 0, 0], "count": ` + count + `, "pitch": 50}}}}}}`
	}
	read := func(count string) *Laid {
		doc, err := format.Read([]byte(text(count)))
		if err != nil {
			t.Fatal(err)
		}
		x, err := Out(context.Background(), doc, nil)
		if err != nil {
			t.Fatal(err)
		}
		return x
	}
	x := read("3")
	a, err := account.Take(context.Background(), x.Document, "main", nil)
	if err != nil || x.Failed != nil {
		t.Fatal(err, x.Failed)
	}
	if len(x.Joints) != 3 || x.Finds() || a.Root.Verdict != "set" || a.Root.Left != a.Root.Idle {
		t.Errorf("%+v, %s, %d left", x.Joints, a.Root.Verdict, a.Root.Left)
	}
	if c := x.Assemblies["main"].Component("row/3/down/screw-1"); c == nil || a.Root.At(c.Name).Pose.O.X < 99.99 {
		t.Errorf("the third screw: %+v", c)
	}
	if out, err := format.Write(x.Document); err != nil || strings.Contains(string(out), "row/") {
		t.Errorf("what is laid out is written: %v", err)
	}
	if x := read("4"); len(x.Sets[0].LeftOut) != 1 || !x.Finds() {
		t.Errorf("beyond the plate: %+v, %+v", x.Sets, x.Joints)
	}
}
