package relate

import (
	"fmt"
	"math"
	"slices"

	"setfast/core/assembly"
	"setfast/core/part"
	"setfast/core/tol"
)

// holding proposes what would keep components where they are along and about the axes they share with others, where nothing they touch
// does: the distance of two faces square to the axis, and the turn about it. The spin of a fastener is left alone.
func (s *scene) holding() (out []Relation) {
	type pair struct{ a, b int }
	seen := map[pair]bool{}
	add := func(m *assembly.Mate, why string) {
		m.ID = fmt.Sprint("\x00held ", len(out))
		out = append(out, Relation{Type: m.Type, A: m.A.String(), B: m.B.String(), Why: why, Mate: m})
	}
	for _, c := range append(slices.Clone(s.found), s.said...) {
		c := &c
		if c.class != shank && c.class != seat && c.class != holes || seen[pair{c.a, c.b}] || !c.fa.world.HasAxis() || !c.fb.world.HasAxis() {
			continue
		}
		seen[pair{c.a, c.b}] = true
		if f, g, gap, ok := s.square(c); ok {
			m := &assembly.Mate{Type: "distance", A: refTo(f), B: refTo(g)}
			m.Params = m.Params.WithNum("value", three(gap))
			add(m, fmt.Sprintf("held at %s mm, where it is: nothing it touches stops it along the axis", part.Number(three(gap))))
		}
		if !s.bodies[c.a].fastener && !s.bodies[c.b].fastener {
			add(&assembly.Mate{Type: "hold_spin", A: refTo(c.fa), B: refTo(c.fb)}, "held as it is turned: nothing it touches stops it about the axis")
		}
	}
	return out
}

// square finds the faces of the two bodies that are square to their common axis and nearest to each other.
func (s *scene) square(c *contact) (f, g *surface, gap float64, ok bool) {
	z := c.fa.world.Z
	flat := func(b int) (list []*surface) {
		for i := range s.bodies[b].surfaces {
			if x := &s.bodies[b].surfaces[i]; x.Kind == part.Plane && math.Abs(x.world.Z.Dot(z)) > 1-tol.LooksAt {
				list = append(list, x)
			}
		}
		return list
	}
	for _, x := range flat(c.a) {
		for _, y := range flat(c.b) {
			if d := y.world.O.Sub(x.world.O).Dot(x.world.Z); !ok || math.Abs(d) < math.Abs(gap) {
				f, g, gap, ok = x, y, d, true
			}
		}
	}
	return f, g, gap, ok
}
