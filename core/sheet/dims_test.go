package sheet

import (
	"context"
	"math"
	"slices"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/view"
)

// TestDims letters a block of 40 × 20 × 10 with a round rim of Ø10 in its top: distances square to faces seen from their edge, diameters along the axis and
// from the side, the angle of faces that lean by 30°; what shows nothing in its view is refused.
func TestDims(t *testing.T) {
	flat := func(o, z geom.Vec) *part.Feature { return &part.Feature{Kind: part.Plane, O: o, Z: z.Unit()} }
	left, right := flat(geom.V(0, 3, 4), geom.V(-1, 0, 0)), flat(geom.V(40, 17, 9), geom.V(1, 0, 0))
	hole := &part.Feature{Kind: part.Cylinder, O: geom.V(20, 10, 10), Z: geom.V(0, 0, 1), Radius: 5, Side: "hole"}
	lean := flat(geom.V(20, 10, 10), geom.V(-math.Sin(math.Pi/6), 0, math.Cos(math.Pi/6)))
	for _, c := range []struct {
		says, view string
		a, b       *part.Feature
		text, bad  string
	}{
		{"between faces", "front", left, right, "40", ""},
		{"face to axis seen from its side", "front", left, hole, "20", ""},
		{"face to axis seen along it", "top", hole, right, "20", ""},
		{"along the axis", "top", hole, nil, "Ø10", ""},
		{"from its side", "front", hole, nil, "Ø10", ""},
		{"faces that lean", "front", flat(geom.V(20, 0, 0), geom.V(0, 0, -1)), lean, "30°", ""},
		{"a face seen from before", "top", flat(geom.V(20, 10, 10), geom.V(0, 0, 1)), left, "", "a face shows its distance only where it is seen from its edge"},
		{"a face has no diameter", "front", left, nil, "", "a dimension of one feature is the diameter of what is round"},
	} {
		w := Looks[c.view]
		d := Dim{View: c.view, A: *c.a, B: c.b}
		if bad := dimmed(&w, &d); bad != c.bad {
			t.Errorf("%s: %q", c.says, bad)
		}
		if c.bad != "" {
			continue
		}
		in := Input{NoList: true, Dims: []Dim{d}, Views: []Want{{Name: c.view, View: w, Items: []view.Item{{Shape: block(40, 20, 10), Pose: geom.Home}}, Row: []int{-1}, Trail: []bool{false}}}}
		s, err := Make(context.Background(), in)
		if err != nil {
			t.Fatal(err)
		}
		var texts []string
		for _, m := range s.Drawing.Marks {
			if m.Of == "dim 1" && m.Text != "" {
				texts = append(texts, m.Text)
			}
		}
		if !slices.Equal(texts, []string{c.text}) {
			t.Errorf("%s: lettered %q, want %q", c.says, texts, c.text)
		}
	}
}

// TestSpots points at the same block on the sheet: its rim along the axis, its faces from their edges, each once. A face that lies 0.0004 mm off its lines is
// what is drawn, one that lies 0.004 mm off is not.
func TestSpots(t *testing.T) {
	flat := func(ref string, o, z geom.Vec) Marked {
		return Marked{ref, "face", part.Feature{Kind: part.Plane, O: o, Z: z}}
	}
	marks := []Marked{
		flat("b/left", geom.V(-0.0004, 0, 0), geom.V(-1, 0, 0)), flat("b/off", geom.V(40.004, 0, 0), geom.V(1, 0, 0)), flat("b/right", geom.V(40, 5, 5), geom.V(1, 0, 0)),
		flat("b/top", geom.V(0, 0, 10), geom.V(0, 0, 1)),
		{"b/rim", "Ø10 rim", part.Feature{Kind: part.Circle, O: geom.V(20, 10, 10), Z: geom.V(0, 0, 1), Radius: 5}},
	}
	in := Input{NoList: true, Scale: "1:1"}
	for _, name := range []string{"front", "top", "iso"} {
		in.Views = append(in.Views, Want{Name: name, View: Looks[name], Items: []view.Item{{Shape: block(40, 20, 10), Pose: geom.Home}}, Row: []int{-1}, Trail: []bool{false}, Marks: [][]Marked{marks}})
	}
	s, err := Make(context.Background(), in)
	if err != nil {
		t.Fatal(err)
	}
	found := map[string][]string{}
	for _, x := range s.Spots {
		found[x.View] = append(found[x.View], x.Ref)
		switch x.Ref {
		case "b/rim":
			if !x.Round || x.R != 5 || len(x.Lines) > 0 {
				t.Errorf("the rim is %+v", x)
			}
		case "b/left", "b/right":
			for _, l := range x.Lines {
				if math.Abs(l[0][0]-l[1][0]) > 1e-9 {
					t.Errorf("%s in %s is not upright: %v", x.Ref, x.View, l)
				}
			}
		}
	}
	for name, want := range map[string][]string{"front": {"b/left", "b/right", "b/top"}, "top": {"b/left", "b/right", "b/rim"}, "iso": nil} {
		if slices.Sort(found[name]); !slices.Equal(found[name], want) {
			t.Errorf("%s offers %v, want %v", name, found[name], want)
		}
	}
}
