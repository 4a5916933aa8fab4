package gearing

import (
	"context"
	"fmt"
	"math"
	"testing"

	"setfast/core/account"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/teeth"
)

// TestPhase turns a pinion of 15 teeth with a wheel of 24 beside it and with a ring of 40 about it, by the ratio and phase that are told: no edge of
// one outline crosses one of the other, anywhere in two pitches; half a pitch off, they do. Either wheel may be the first, axes may look the same
// way or opposite ones, and the wheels start turned anyhow. Distances are m(z₂ ± z₁)/2 (ISO 21771).
func TestPhase(t *testing.T) {
	pinion, wheel := teeth.Outline(15, 2, 0.4), teeth.Outline(24, 2, 0.1)
	var ring [][2]float64
	for _, p := range teeth.Outline(40, 2, 0.1) { // mirrored at the pitch circle: teeth that look inward, nearly by the rack
		r := math.Hypot(p[0], p[1])
		ring = append(ring, [2]float64{p[0] * (80 - r) / r, p[1] * (80 - r) / r})
	}
	for _, c := range []struct {
		other    [][2]float64
		far      float64
		ratio    string
		outside  float64 // radius about the ring
		first    bool    // the other is the first
		opposite bool
	}{{wheel, 39, "-15 / 24", 0, false, false}, {wheel, 39, "15 / 24", 0, false, true}, {wheel, 39, "-24 / 15", 0, true, false}, {ring, 25, "15 / 40", 50, false, false}, {ring, 25, "40 / 15", 50, true, false}} {
		z := 1
		if c.opposite {
			z = -1
		}
		doc, err := format.Read(fmt.Appendf(nil, `{"setfast": 1, "root": "m", "parts": {"base": {"features": {"p": {"type": "frame", "origin": [0, 0, 0], "z": [0, 0, 1], "x": [1, 0, 0]}, "o": {"type": "frame", "origin": [%g, 0, 0], "z": [0, 0, %d], "x": [1, 0, 0]}}},
			"pinion": {"features": {"c": {"type": "frame", "origin": [0, 0, 0], "z": [0, 0, 1], "x": [1, 0, 0]}}}, "other": {"features": {"c": {"type": "frame", "origin": [0, 0, 0], "z": [0, 0, %d], "x": [1, 0, 0]}}}},
			"assemblies": {"m": {"components": {"base": {"part": "base", "grounded": true}, "pinion": {"part": "pinion", "pose": {"origin": [0, 0, 0], "quaternion": [0.99, 0, 0, 0.141]}}, "other": {"part": "other", "pose": {"origin": [%g, 0, 0], "quaternion": [0.98, 0, 0, -0.199]}}},
			"mates": [{"id": "p", "type": "revolute", "a": "base/p", "b": "pinion/c"}, {"id": "o", "type": "revolute", "a": "base/o", "b": "other/c"}]}}}`, c.far, z, z, c.far))
		if err != nil {
			t.Fatal(err)
		}
		a, err := account.TakeAtRest(context.Background(), doc, "m")
		if err != nil {
			t.Fatal(err)
		}
		surfaces := func(key string) []part.Surface {
			list := map[string][][2]float64{"pinion": pinion, "other": c.other}[key]
			var points []geom.Vec
			for _, p := range list {
				points = append(points, geom.V(p[0], p[1], 0))
			}
			if key == "other" && c.outside > 0 {
				points = append(points, geom.V(c.outside, 0, 0))
			}
			return []part.Surface{{Triangles: points}}
		}
		ja, jb := "p", "o"
		if c.first {
			ja, jb = jb, ja
		}
		m, err := Of(context.Background(), doc, a, ja, jb, surfaces)
		if err != nil {
			t.Fatal(err)
		}
		if m.Ratio != c.ratio || m.Module != 2 || math.Abs(m.Wanted-c.far) > 1e-9 || math.Abs(m.Distance-c.far) > 1e-6 || !m.Fits() || m.Inside != (c.outside > 0) {
			t.Errorf("%+v, want ratio %s at %g", m, c.ratio, c.far)
		}
		var na, nb float64
		fmt.Sscanf(c.ratio, "%g / %g", &na, &nb)
		crosses := func(off float64) bool {
			for k := range 16 {
				x := a.Coordinates()[ja]["angle"] + float64(k)*3
				y := na/nb*x + m.Phase + off*360/math.Abs(nb)
				if c.first {
					x, y = y, x
				}
				if crossed(turned(pinion, x, 0), turned(c.other, y*float64(z), c.far)) {
					return true
				}
			}
			return false
		}
		if crosses(0) || !crosses(0.5) {
			t.Errorf("%s at %g: in mesh they cross: %t, half a pitch off: %t", c.ratio, c.far, crosses(0), crosses(0.5))
		}
	}
}

func turned(outline [][2]float64, deg, x float64) (out [][2]float64) {
	s, c := math.Sincos(deg * math.Pi / 180)
	for _, p := range outline {
		out = append(out, [2]float64{x + c*p[0] - s*p[1], s*p[0] + c*p[1]})
	}
	return out
}

// crossed tells whether any edges of two outlines cross.
func crossed(a, b [][2]float64) bool {
	side := func(p, q, r [2]float64) float64 { return (q[0]-p[0])*(r[1]-p[1]) - (q[1]-p[1])*(r[0]-p[0]) }
	for i := range a {
		p, q := a[i], a[(i+1)%len(a)]
		for j := range b {
			r, s := b[j], b[(j+1)%len(b)]
			if side(p, q, r)*side(p, q, s) < 0 && side(r, s, p)*side(r, s, q) < 0 {
				return true
			}
		}
	}
	return false
}
