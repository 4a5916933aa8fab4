package explode

import (
	"context"
	"fmt"
	"slices"
	"strings"
	"testing"

	"setfast/core/clash"
	"setfast/core/geom"
	"setfast/core/part"
)

// boxes is a solid of boxes, each told by its low and high corner, with its flat faces.
func boxes(list ...[6]float64) *clash.Solid {
	var points []geom.Vec
	var tris [][3]int32
	var ends []uint32
	var faces []clash.Face
	for _, b := range list {
		from := int32(len(points))
		for i := range 8 {
			p := geom.V(b[0], b[1], b[2])
			if i&1 != 0 {
				p.X = b[3]
			}
			if i&2 != 0 {
				p.Y = b[4]
			}
			if i&4 != 0 {
				p.Z = b[5]
			}
			points = append(points, p)
		}
		for k, q := range [6][4]int32{{0, 2, 3, 1}, {4, 5, 7, 6}, {0, 1, 5, 4}, {2, 6, 7, 3}, {0, 4, 6, 2}, {1, 3, 7, 5}} {
			tris = append(tris, [3]int32{from + q[0], from + q[1], from + q[2]}, [3]int32{from + q[0], from + q[2], from + q[3]})
			ends = append(ends, uint32(len(tris)))
			n := []geom.Vec{{Z: -1}, {Z: 1}, {Y: -1}, {Y: 1}, {X: -1}, {X: 1}}[k]
			faces = append(faces, clash.Face{Name: fmt.Sprint("f", len(faces)+1), Feature: part.Feature{Kind: part.Plane, O: points[from+q[0]], Z: n}})
		}
	}
	s := clash.NewSolid(points, tris, ends, faces)
	s.Key, s.Closed = fmt.Sprint(list), true
	for _, b := range list {
		s.Volume += (b[3] - b[0]) * (b[4] - b[1]) * (b[5] - b[2])
	}
	return s
}

func unitOfBoxes(name, alike string, list ...[6]float64) Unit {
	u := Unit{Name: name, Alike: alike}
	if len(list) > 0 {
		u.Items = []clash.Item{{Name: name, Solid: boxes(list...), Pose: geom.Home}}
	}
	return u
}

func fastener(u Unit) Unit {
	u.Fastener = true
	return u
}

// told is what came of it: steps, then what is caught, then what stays.
func told(x *Exploded) string {
	var out []string
	for _, s := range x.Steps {
		out = append(out, fmt.Sprint(strings.Join(s.Parts, "+"), s.Along))
	}
	for _, s := range x.Stuck {
		out = append(out, s.Part+" on "+strings.Join(s.CaughtOn, "+"))
	}
	return strings.Join(append(out, x.Base), ", ")
}

// TestOf takes boxes apart whose ways follow from how they lie.
func TestOf(t *testing.T) {
	base := unitOfBoxes("base", "base", [6]float64{0, 0, 0, 100, 100, 10})
	for _, c := range []struct {
		name  string
		units []Unit
		o     Options
		want  string
	}{
		{"the reverse of the build order", []Unit{base, unitOfBoxes("a", "a", [6]float64{0, 0, 10, 100, 100, 20}), unitOfBoxes("b", "b", [6]float64{0, 0, 20, 100, 100, 30})}, Options{}, "b[0 0 1], a[0 0 1], base"},
		{"fasteners first", []Unit{base, fastener(unitOfBoxes("pin", "pin", [6]float64{5, 5, 10, 9, 9, 30})), unitOfBoxes("b", "b", [6]float64{50, 50, 10, 60, 60, 20})}, Options{}, "pin[0 0 1], b[0 0 1], base"},
		{"what is alike together", []Unit{base, unitOfBoxes("a", "foot", [6]float64{0, 0, 10, 10, 10, 20}), unitOfBoxes("b", "foot", [6]float64{50, 0, 10, 60, 10, 20}), unitOfBoxes("c", "other", [6]float64{80, 0, 10, 90, 10, 20})}, Options{},
			"c[0 0 1], a+b[0 0 1], base"},
		{"alike ones on two sides leave by themselves", []Unit{base, unitOfBoxes("a", "foot", [6]float64{0, 0, 10, 10, 10, 20}), unitOfBoxes("b", "foot", [6]float64{0, 0, -10, 10, 10, 0})}, Options{}, "b[0 0 -1], a[0 0 1], base"},
		{"a drawer in its case", []Unit{unitOfBoxes("case", "case", [6]float64{0, 0, 0, 50, 50, 5}, [6]float64{0, 0, 25, 50, 50, 30}, [6]float64{0, 0, 5, 5, 50, 25}, [6]float64{45, 0, 5, 50, 50, 25}, [6]float64{5, 45, 5, 45, 50, 25}),
			unitOfBoxes("drawer", "drawer", [6]float64{5, 0, 5, 45, 45, 25})}, Options{}, "drawer[0 -1 0], case"},
		{"closed in", []Unit{unitOfBoxes("case", "case", [6]float64{0, 0, 0, 50, 50, 5}, [6]float64{0, 0, 25, 50, 50, 30}, [6]float64{0, 0, 5, 5, 50, 25}, [6]float64{45, 0, 5, 50, 50, 25}, [6]float64{5, 45, 5, 45, 50, 25}, [6]float64{5, 0, 5, 45, 5, 25}),
			unitOfBoxes("stone", "stone", [6]float64{15, 15, 5, 25, 25, 15})}, Options{}, "stone on case, case"},
		{"hooks leave together, then by themselves", []Unit{unitOfBoxes("well", "well", [6]float64{0, 0, 0, 60, 40, 5}, [6]float64{-5, 0, 0, 0, 40, 60}, [6]float64{60, 0, 0, 65, 40, 60}, [6]float64{0, -5, 0, 60, 0, 60}, [6]float64{0, 40, 0, 60, 45, 60}),
			unitOfBoxes("a", "a", [6]float64{0, 0, 5, 20, 40, 10}, [6]float64{20, 0, 5, 40, 40, 10}, [6]float64{30, 0, 10, 40, 40, 20}),
			unitOfBoxes("b", "b", [6]float64{20, 0, 20, 60, 40, 25}, [6]float64{20, 0, 11, 29, 40, 20}, [6]float64{15, 0, 11, 20, 40, 16})}, Options{}, "b[0 0 1], a[0 0 1], well"},
		{"a subassembly as one", []Unit{base, {Name: "frame", Alike: "frame", Items: []clash.Item{{Name: "frame/lid", Solid: boxes([6]float64{0, 0, 12, 100, 100, 20}), Pose: geom.Home}, {Name: "frame/foot", Solid: boxes([6]float64{0, 0, -10, 100, 100, 0}), Pose: geom.Home}},
			Sub: []Unit{unitOfBoxes("frame/lid", "lid", [6]float64{0, 0, 12, 100, 100, 20}), unitOfBoxes("frame/foot", "foot", [6]float64{0, 0, -10, 100, 100, 0})}}, unitOfBoxes("side", "side", [6]float64{100, 0, -10, 110, 100, 20}), unitOfBoxes("wall", "wall", [6]float64{-10, 0, -10, 0, 100, 20}),
			unitOfBoxes("front", "front", [6]float64{-10, -10, -10, 110, 0, 20}), unitOfBoxes("back", "back", [6]float64{-10, 100, -10, 110, 110, 20})}, Options{Base: "base"}, "back[0 1 0], front[0 -1 0], wall[-1 0 0], side[1 0 0], frame[-1 0 0], base"},
		{"a subassembly that is opened, since it is caught", []Unit{base, {Name: "clamp", Alike: "clamp", Items: []clash.Item{{Name: "clamp/top", Solid: boxes([6]float64{-5, -5, 10, 105, 105, 15}), Pose: geom.Home},
			{Name: "clamp/rim", Solid: boxes([6]float64{-5, -5, 0, 0, 105, 10}, [6]float64{100, -5, 0, 105, 105, 10}, [6]float64{0, -5, 0, 100, 0, 10}, [6]float64{0, 100, 0, 100, 105, 10}), Pose: geom.Home}, {Name: "clamp/foot", Solid: boxes([6]float64{-5, -5, -5, 105, 105, 0}), Pose: geom.Home}},
			Sub: []Unit{unitOfBoxes("clamp/top", "top", [6]float64{-5, -5, 10, 105, 105, 15}), unitOfBoxes("clamp/rim", "rim", [6]float64{-5, -5, 0, 0, 105, 10}, [6]float64{100, -5, 0, 105, 105, 10}, [6]float64{0, -5, 0, 100, 0, 10}, [6]float64{0, 100, 0, 100, 105, 10}),
				unitOfBoxes("clamp/foot", "foot", [6]float64{-5, -5, -5, 105, 105, 0})}}}, Options{Base: "base"}, "clamp/foot[0 0 -1], clamp/rim[0 0 -1], clamp/top[0 0 1], base"},
		{"as it is said", []Unit{base, unitOfBoxes("a", "a", [6]float64{0, 0, 10, 100, 100, 20})}, Options{Said: []Step{{Parts: []string{"a"}, Along: [3]float64{0, 2, 0}, By: 40}, {Parts: []string{"gone"}, Along: [3]float64{1, 0, 0}}}}, "a[0 1 0], base"},
		{"said to leave together, and to come apart where they stand", []Unit{base, unitOfBoxes("a", "a", [6]float64{0, 0, 10, 100, 100, 20}), unitOfBoxes("b", "b", [6]float64{0, 0, 20, 100, 100, 30})},
			Options{Said: []Step{{Parts: []string{"a", "b"}, Along: [3]float64{0, 0, 1}, By: 60}, {Parts: []string{"b"}, Along: [3]float64{0, 0, 1}, By: 30}}}, "a+b[0 0 1], b[0 0 1], base"},
		{"said to come apart through one another", []Unit{base, unitOfBoxes("a", "a", [6]float64{0, 0, 10, 100, 100, 20}), unitOfBoxes("b", "b", [6]float64{0, 0, 20, 100, 100, 30})},
			Options{Said: []Step{{Parts: []string{"a", "b"}, Along: [3]float64{0, 0, 1}, By: 60}, {Parts: []string{"b"}, Along: [3]float64{0, 0, -1}, By: 30}}}, "a+b[0 0 1], b[0 0 -1], b on a, base"},
		{"what is said and nothing else", []Unit{base, unitOfBoxes("a", "a", [6]float64{0, 0, 10, 100, 100, 20}), unitOfBoxes("b", "b", [6]float64{0, 0, 20, 100, 100, 30})},
			Options{Only: true, Said: []Step{{Parts: []string{"b"}, Along: [3]float64{0, 0, 1}}}}, "b[0 0 1], base"},
		{"a part of a subassembly, as it is said", []Unit{base, {Name: "cap", Items: []clash.Item{{Name: "cap/top", Solid: boxes([6]float64{0, 0, 20, 100, 100, 30}), Pose: geom.Home}, {Name: "cap/ring", Solid: boxes([6]float64{0, 0, 10, 100, 100, 20}), Pose: geom.Home}},
			Sub: []Unit{unitOfBoxes("cap/top", "top", [6]float64{0, 0, 20, 100, 100, 30}), unitOfBoxes("cap/ring", "ring", [6]float64{0, 0, 10, 100, 100, 20})}}},
			Options{Only: true, Base: "base", Said: []Step{{Parts: []string{"cap/top"}, Along: [3]float64{0, 0, 1}, By: 50}}}, "cap/top[0 0 1], base"},
		{"without shapes", []Unit{unitOfBoxes("label", "label")}, Options{}, ""},
		{"another base", []Unit{base, unitOfBoxes("a", "a", [6]float64{0, 0, 10, 100, 100, 20})}, Options{Base: "a"}, "base[0 0 -1], a"},
		{"none is named: the largest stays", []Unit{unitOfBoxes("a", "a", [6]float64{0, 0, 10, 10, 10, 20}), base}, Options{}, "a[0 0 1], base"},
	} {
		c.o.MM = 0.001
		x, err := Of(context.Background(), c.units, c.o)
		if err != nil || told(x) != c.want {
			t.Errorf("%s: %v %s, not %s", c.name, err, told(x), c.want)
			continue
		}
		roomy(t, c.name, c.units, x)
	}
	if x, err := Of(context.Background(), []Unit{base}, Options{Said: []Step{{Parts: []string{"base"}, Along: [3]float64{0, 0, 1}}}}); err != nil || told(x) != "base on , base" {
		t.Errorf("the base was moved: %v %v", err, x)
	}
	gone, cancel := context.WithCancel(context.Background())
	cancel()
	if _, err := Of(gone, []Unit{base, unitOfBoxes("a", "a", [6]float64{0, 0, 10, 1, 1, 20})}, Options{}); err == nil {
		t.Error("it went on after it was called off")
	}
}

// roomy sees that what left stands apart by its boxes.
func roomy(t *testing.T, name string, units []Unit, x *Exploded) {
	t.Helper()
	shift := func(part string) (v geom.Vec) {
		for _, s := range x.Steps {
			if slices.Contains(s.Parts, part) {
				v = v.AddScaled(s.By, geom.FromArray(s.Along))
			}
		}
		return v
	}
	for i, u := range units {
		for _, v := range units[:i] {
			if len(u.Items) != 1 || len(v.Items) != 1 || shift(u.Name).Norm() == 0 {
				continue
			}
			ul, uh := u.Items[0].Solid.Box()
			vl, vh := v.Items[0].Solid.Box()
			a, b := shift(u.Name), shift(v.Name)
			if meets(ul.Add(a), uh.Add(a), vl.Add(b), vh.Add(b)) {
				t.Errorf("%s: %s stands in %s", name, u.Name, v.Name)
			}
		}
	}
}
