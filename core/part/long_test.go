package part

import (
	"math"
	"testing"

	"setfast/core/geom"
)

// TestLong measures bars along themselves: square ends, a mitre of 45° (the long side, common practice, no source), a round one between its rims, a tube bored
// across; what has neither corners nor rims has no length.
func TestLong(t *testing.T) {
	bar := func(long, mitre float64, turned geom.Quat) *Part {
		p := &Part{Features: map[string]Feature{}}
		put := func(name string, f Feature) {
			p.Features[name] = f.At(geom.Pose{Q: turned, O: geom.V(3, -4, 5)})
			p.Order = append(p.Order, name)
		}
		for i, c := range [][2]float64{{0, 0}, {20, 0}, {20, 30}, {0, 30}} {
			cut := mitre * c[0]
			put(string(rune('a'+i)), Feature{Kind: Point, O: geom.V(c[0], c[1], 0)})
			put(string(rune('k'+i)), Feature{Kind: Point, O: geom.V(c[0], c[1], long-cut)})
		}
		for i, d := range []geom.Vec{{X: 1}, {Y: 1}, {Z: 1}, geom.V(1, 0, -mitre).Unit()} {
			put(string(rune('u'+i)), Feature{Kind: Axis, Z: d})
		}
		return p
	}
	round := &Part{Features: map[string]Feature{"axis": {Kind: Cylinder, Z: geom.V(0, 0, 1), Radius: 6}, "foot": {Kind: Circle, Z: geom.V(0, 0, -1), Radius: 6}, "head": {Kind: Circle, O: geom.V(0, 0, 240), Z: geom.V(0, 0, 1), Radius: 6},
		"bore": {Kind: Cylinder, O: geom.V(0, 0, 50), Z: geom.V(1, 0, 0), Radius: 2}, "rim": {Kind: Circle, O: geom.V(6, 0, 50), Z: geom.V(1, 0, 0), Radius: 2}}, Order: []string{"axis", "foot", "head", "bore", "rim"}}
	for name, c := range map[string]struct {
		p    *Part
		want float64
	}{
		"square ends": {bar(500, 0, geom.Home.Q), 500}, "turned": {bar(500, 0, geom.Exp(geom.V(0.1, 0.2, 0.3))), 500}, "mitred": {bar(500, 1, geom.Home.Q), 500},
		"round": {round, 240}, "a ball": {&Part{Features: map[string]Feature{"b": {Kind: Sphere, Radius: 5}}, Order: []string{"b"}}, 0},
	} {
		got, ok := c.p.Long()
		if math.Abs(got-c.want) > 1e-9 || ok != (c.want > 0) {
			t.Errorf("%s: %g, %v, want %g", name, got, ok, c.want)
		}
	}
}
