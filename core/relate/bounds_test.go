package relate

import (
	"context"
	"math"
	"slices"
	"testing"

	"setfast/core/clash"
	"setfast/core/geom"
	"setfast/core/part"
)

// TestBoundsOfRelating sets two parts to either side of each limit of core/tol/relate.go, the numbers written out.
func TestBoundsOfRelating(t *testing.T) {
	v := geom.V
	look := func(a, b []part.Surface, at geom.Pose) (related, apart int) {
		d, shapes := two(a, b, at)
		f, err := Assembly(context.Background(), d, "main", shapes, Options{})
		if err != nil {
			t.Fatal(err)
		}
		return len(f.Relations) + len(f.Also), len(f.Apart)
	}
	plate, cube := block(v(0, 0, 0), v(60, 60, 10)), block(v(0, 0, 0), v(20, 20, 20))
	small := block(v(-1, -1, 0), v(1, 1, 2))
	tilted := func(angle float64) geom.Pose { return geom.Pose{O: v(30, 30, 10), Q: geom.Exp(v(angle, 0, 0))} }
	cone := func(half float64) []part.Surface {
		s := round("cone", part.Cone, v(0, 0, 0), 5, 2, 5, "")
		s.Radius, s.HalfAngle = 0, half
		return []part.Surface{s}
	}
	for _, c := range []struct {
		name           string
		a, b           []part.Surface
		at             geom.Pose
		related, apart int
	}{
		{"NearlyMeets", plate, cube, shift(5, 5, 10.095), 0, 1},
		{"NearlyMeets", plate, cube, shift(5, 5, 10.105), 0, 0},
		{"MeetsLeast", plate, cube, shift(5, 5, 10.000039), 1, 0},
		{"MeetsLeast", plate, cube, shift(5, 5, 10.000041), 0, 1},
		{"LooksAt", plate, small, tilted(0.0044), 0, 1},
		{"LooksAt", plate, small, tilted(0.0046), 0, 0},
		{"SharedArea", plate, cube, shift(60-0.0021, 5, 10), 1, 0},
		{"SharedArea", plate, cube, shift(60-0.0019, 5, 10), 0, 0},
		{"ConesAlike", cone(45), cone(45.009), shift(0, 0, 0), 1, 0},
		{"ConesAlike", cone(45), cone(45.011), shift(0, 0, 0), 0, 0},
	} {
		if r, a := look(c.a, c.b, c.at); r != c.related || a != c.apart {
			t.Errorf("%s: %d related and %d apart, want %d and %d", c.name, r, a, c.related, c.apart)
		}
	}
	for _, c := range []struct {
		name string
		off  []float64
		want float64
	}{
		{"MeetsMost", []float64{3e-5, 6e-5, 1.2e-4, 2.4e-4, 4.7e-4}, 4.7e-4},
		{"MeetsMost", []float64{3e-5, 6e-5, 1.2e-4, 2.6e-4, 5.1e-4}, 2e-5},
	} {
		s := &scene{}
		for _, x := range c.off {
			s.found = append(s.found, contact{apart: x})
		}
		if got := s.inexact(); c.want > 1e-4 && got != c.want || c.want < 1e-4 && got >= 5e-4 {
			t.Errorf("%s: %g, want %g", c.name, got, c.want)
		}
	}
	for lean, want := range map[float64]bool{0.9e-5: true, 1.1e-5: false} { // SquareFaces
		pin := round("pin", part.Cylinder, v(0, 0, 0), 5, -20, 20, "shaft")
		flat := part.Surface{Name: "flat", Feature: part.Feature{Kind: part.Plane, O: v(4, 0, 0), Z: v(math.Sqrt(1-lean*lean), 0, lean)}}
		if _, ok := oneAxis([]part.Surface{pin, flat}); ok != want {
			t.Errorf("SquareFaces: a face that leans by %g: %v, want %v", lean, ok, want)
		}
	}
	for lean, want := range map[float64]int{0.9e-3: 1, 1.1e-3: 2} { // NewResistance
		if got := resist(resist(nil, []wrench{{1}}), []wrench{{1, lean}}); len(got) != want {
			t.Errorf("NewResistance: %g: %d, want %d", lean, len(got), want)
		}
	}
	bent := slices.Clone(cube) // of surfaces that are not known
	for i := range bent {
		bent[i].Kind = ""
	}
	pin, bored := []part.Surface{round("pin", part.Cylinder, v(0, 0, 0), 5, -10, 10, "shaft")}, []part.Surface{round("bore", part.Cylinder, v(0, 0, 0), 5, -5, 5, "hole")}
	for _, c := range []struct {
		name string
		a, b []part.Surface
		at   geom.Pose
		want int
	}{
		{"PassesThrough", plate, bent, shift(5, 5, 10-0.09), 0}, // triangles decide
		{"PassesThrough", plate, bent, shift(5, 5, 10-0.11), 1},
		{"tolerance_mm", plate, cube, shift(5, 5, 10-0.9e-3), 0}, // flat faces decide
		{"tolerance_mm", plate, cube, shift(5, 5, 10-1.1e-3), 1},
		{"a pin in its hole", bored, pin, shift(0, 0, 0), 0},
		{"a pin's end", plate, pin, shift(30, 30, 19.99), 1}, // whole rounds decide
	} {
		d, shapes := two(c.a, c.b, c.at)
		s, err := newScene(d, "main", shapes)
		if err != nil {
			t.Fatal(err)
		}
		f := &following{s: s, c: d.Assemblies["main"].Components[1], unit: 1, solids: map[int]*clash.Solid{}}
		if got := f.passing(c.at); len(got) != c.want {
			t.Errorf("%s: %v, want %d", c.name, got, c.want)
		}
	}
}
