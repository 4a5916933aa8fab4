package relate

import (
	"context"
	"fmt"
	"math"
	"strings"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
)

// toothed is a gear 10 thick with a bore: tips two modules wider than the pitch diameter, roots two and a half narrower (ISO 53).
func toothed(teeth int, module float64) []part.Surface {
	out := []part.Surface{round("bore", part.Cylinder, geom.V(0, 0, 0), 5, -5, 5, "hole")}
	at := func(r, turn, z float64) geom.Vec {
		s, c := math.Sincos(2 * math.Pi * turn / float64(teeth))
		return geom.V(r*c, r*s, z)
	}
	pitch := module * float64(teeth) / 2
	face := func(k int, name string, r, from, to float64) {
		s := part.Surface{Name: fmt.Sprint(name, k), Feature: part.Feature{Kind: part.Plane, O: at(r, (from+to)/2, 0), Z: at(1, (from+to)/2, 0)}}
		a, b, c, d := at(r, from, -5), at(r, to, -5), at(r, to, 5), at(r, from, 5)
		s.Triangles = []geom.Vec{a, b, c, a, c, d}
		s.Spread(s.Triangles)
		out = append(out, s)
	}
	for k := range teeth {
		face(k, "tip", pitch+module, float64(k)-0.1, float64(k)+0.1)
		face(k, "root", pitch-1.25*module, float64(k)+0.35, float64(k)+0.65)
	}
	return out
}

// TestGearsInMesh hints at two gears of one module at their centre distance, m(z1+z2)/2 (ISO 21771), and at no others.
func TestGearsInMesh(t *testing.T) {
	for _, c := range []struct {
		a, b     []part.Surface
		distance float64
		want     string
	}{
		{toothed(18, 2), toothed(54, 2), 72, "18 and 54 teeth of module 2 at 72 mm"},
		{toothed(18, 2), toothed(54, 2), 75, ""},
		{toothed(18, 2), toothed(54, 2.5), 85.5, ""},
		{toothed(18, 2), block(geom.V(-20, -20, -5), geom.V(20, 20, 5), round("hole", part.Cylinder, geom.V(0, 0, 0), 5, -5, 5, "hole")), 40, ""},
	} {
		d, shapes := two(c.a, c.b, shift(c.distance, 0, 0))
		f, err := Assembly(context.Background(), d, "main", shapes, Options{})
		if err != nil {
			t.Fatal(err)
		}
		said := ""
		for _, h := range f.Hints {
			if h.Kind == "gears" {
				said = h.Says
			}
		}
		if c.want == "" && said != "" || !strings.HasPrefix(said, c.want) {
			t.Errorf("at %g mm: %q, want %q", c.distance, said, c.want)
		}
	}
}

// TestFasteners tells screws, nuts and washers from other turned parts by their proportions (common practice, no source).
func TestFasteners(t *testing.T) {
	v := geom.V
	turned := func(list ...[3]float64) (out []part.Surface) { // radius, from, to; a hole has a negative radius
		for i, x := range list {
			side := "shaft"
			if x[0] < 0 {
				side = "hole"
			}
			out = append(out, round(fmt.Sprint("c", i), part.Cylinder, v(0, 0, 0), math.Abs(x[0]), x[1], x[2], side))
		}
		return out
	}
	hexagonal := func(hole float64, across, high float64) []part.Surface {
		out := turned([3]float64{-hole, 0, high})
		for k := range 6 {
			s, c := math.Sincos(math.Pi / 3 * float64(k))
			n, side := v(c, s, 0), v(-s, c, 0)
			o := n.Scale(across / 2)
			h := across / 2 / math.Sqrt(3)
			a, b := o.AddScaled(-h, side), o.AddScaled(h, side)
			f := part.Surface{Name: fmt.Sprint("flat", k), Feature: part.Feature{Kind: part.Plane, O: o, Z: n},
				Triangles: []geom.Vec{a, b, b.Add(v(0, 0, high)), a, b.Add(v(0, 0, high)), a.Add(v(0, 0, high))}}
			f.Spread(f.Triangles)
			out = append(out, f)
		}
		return out
	}
	for _, c := range []struct {
		name string
		list []part.Surface
		want bool
	}{
		{"M6 × 20 with a head", turned([3]float64{3, -20, 0}, [3]float64{5, 0, 6}), true},
		{"M6 nut", hexagonal(2.5, 10, 5), true},
		{"M6 washer", turned([3]float64{-3.2, 0, 1.6}, [3]float64{6, 0, 1.6}), true},
		{"bush", turned([3]float64{-8, 0, 20}, [3]float64{10, 0, 20}), false},
		{"shaft with a collar", turned([3]float64{8, 0, 190}, [3]float64{13, 24, 30}), false},
		{"flywheel on its shaft", turned([3]float64{5, 0, 60}, [3]float64{40, 60, 75}), false},
		{"hexagonal bar with a bore", hexagonal(5, 24, 120), false},
		{"block", block(v(0, 0, 0), v(5, 5, 5)), false},
	} {
		if got := Fastener(&part.Part{Name: c.name}, c.list); got != c.want {
			t.Errorf("%s: %v, want %v", c.name, got, c.want)
		}
	}
}
