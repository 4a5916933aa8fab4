package teeth

import (
	"math"
	"testing"

	"setfast/core/geom"
)

// TestTeeth counts the teeth of involute wheels, turned, outward and inward, and of racks; a smooth rim, a bolt circle and a square have none. Tips
// are m(z + 2)/2 from the axis (ISO 53).
func TestTeeth(t *testing.T) {
	fr := geom.Frame{X: geom.V(1, 0, 0), Y: geom.V(0, 1, 0), Z: geom.V(0, 0, 1)}
	raised := func(outline [][2]float64, turned, scale float64) (out []geom.Vec) {
		s, c := math.Sincos(turned)
		for _, p := range outline {
			q := geom.V(scale*(c*p[0]-s*p[1]), scale*(s*p[0]+c*p[1]), 0)
			out = append(out, q, q.Add(geom.V(0, 0, 8)))
		}
		return out
	}
	for _, c := range []struct {
		teeth  int
		module float64
	}{{12, 1}, {17, 2.5}, {40, 0.5}, {90, 3}} {
		pitch := 2 * math.Pi / float64(c.teeth)
		w, ok := WheelOf(raised(Outline(c.teeth, c.module, 0.01), 0.3*pitch, 1), fr)
		off := (w.Phase - 0.3*pitch) / pitch
		if !ok || w.Teeth != c.teeth || w.Module != c.module || w.Inside || math.Abs(w.Tip-c.module*float64(c.teeth+2)/2) > 1e-9 || math.Abs(off-math.Round(off)) > 1e-6 {
			t.Errorf("%d teeth of module %g: %+v %t", c.teeth, c.module, w, ok)
		}
		// the same outline as a hole in a ring: what were tips are grounds
		var ring []geom.Vec
		for _, p := range raised(Outline(c.teeth, c.module, 0), 0, 1) {
			r := math.Hypot(p.X, p.Y)
			to := c.module*float64(c.teeth) - r // mirrored at the pitch circle
			ring = append(ring, geom.V(p.X*to/r, p.Y*to/r, p.Z))
		}
		if w, ok := WheelOf(append(ring, raised([][2]float64{{2 * c.module * float64(c.teeth), 0}}, 0, 1)...), fr); !ok || !w.Inside || w.Teeth != c.teeth || w.Module != c.module {
			t.Errorf("a ring of %d teeth of module %g: %+v %t", c.teeth, c.module, w, ok)
		}
		r, ok := RackOf(raised(RackOutline(c.teeth, c.module, 0.02, 5), 0, 1), geom.V(1, 7, 0), geom.V(1, 0, 0), geom.V(0, 1, 0))
		if !ok || r.Teeth != c.teeth || r.Module != c.module || math.Abs(r.Tip-c.module+7) > 1e-9 || math.Abs(r.Phase+1) > 1e-9 {
			t.Errorf("a rack of %d teeth of module %g: %+v %t", c.teeth, c.module, r, ok)
		}
	}
	circle := func(n int, r float64) (out [][2]float64) {
		for k := range n {
			s, c := math.Sincos(2 * math.Pi * float64(k) / float64(n))
			out = append(out, [2]float64{r * c, r * s})
		}
		return out
	}
	for name, p := range map[string][][2]float64{"a rim": append(circle(64, 20), circle(32, 4)...), "a hexagon": append(circle(6, 10), circle(32, 4)...), "a square": circle(4, 10)} {
		if w, ok := WheelOf(raised(p, 0.1, 1), fr); ok {
			t.Errorf("%s has teeth: %+v", name, w)
		}
	}
}
