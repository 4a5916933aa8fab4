package relate

import (
	"cmp"
	"context"
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/par"
	"setfast/core/part"
	"setfast/core/tol"
)

// class is how strongly a contact speaks for a relation: the first come first.
type class int

const (
	seat    class = iota // a rim on a rim, a cone in its countersink: settles axis and height at once
	shank                // a shank in a hole
	holes                // two holes one behind the other
	face                 // a face on a face
	slot                 // a tab between two faces
	ball                 // a ball in a seat or in a bore
	rolls                // a round face on a flat one, or on another
	distant              // a common axis without any contact on it
	level                // faces that end in one plane, of parts that touch elsewhere
)

// contact is where two bodies meet, and the relation that says so.
type contact struct {
	a, b         int // bodies
	fa, fb       *surface
	fa2, fb2     *surface // second faces of a slot
	class        class
	kind         string  // of relation
	apart        float64 // mm: how far off it is
	size         float64 // what comes first within the class: more
	why          string
	interference float64
	doubt        bool // it could be another relation
}

// pairing looks at all surfaces of two bodies.
type pairing struct {
	s    *scene
	a, b int
	out  []contact
	flat []facing // flat faces that look at one another over a gap
}

// contacts finds where bodies meet, pairs side by side on all processors.
func (s *scene) contacts(ctx context.Context) error {
	s.sweep()
	parts := make([][]contact, len(s.pairs))
	const block = 64
	par.Runs(len(s.pairs), block, func(_, from, to int) {
		for i := from; i < to; i++ {
			if i%block == 0 && ctx.Err() != nil {
				return
			}
			p := pairing{s: s, a: s.pairs[i][0], b: s.pairs[i][1]}
			p.look()
			parts[i] = p.out
		}
	})
	if ctx.Err() != nil {
		return context.Cause(ctx)
	}
	for _, list := range parts {
		s.found = append(s.found, list...)
	}
	return nil
}

// sweep finds the pairs of bodies whose boxes meet, along x. Bodies of one unit are related inside it.
func (s *scene) sweep() {
	var order []int
	for b := range s.bodies {
		if s.bodies[b].known {
			order = append(order, b)
		}
	}
	slices.SortFunc(order, func(a, b int) int { return cmp.Compare(s.bodies[a].low.X, s.bodies[b].low.X) })
	var open []int
	for _, b := range order {
		x := &s.bodies[b]
		keep := open[:0]
		for _, o := range open {
			y := &s.bodies[o]
			if y.high.X+tol.NearlyMeets < x.low.X {
				continue
			}
			keep = append(keep, o)
			if s.only >= 0 && x.unit != s.only && y.unit != s.only {
				continue
			}
			if y.unit != x.unit && meet(x.low, x.high, y.low, y.high, tol.NearlyMeets) {
				s.pairs = append(s.pairs, [2]int{min(o, b), max(o, b)})
			}
		}
		open = append(keep, b)
	}
	slices.SortFunc(s.pairs, func(p, q [2]int) int { return cmp.Or(cmp.Compare(p[0], q[0]), cmp.Compare(p[1], q[1])) })
}

// look finds the contacts of the pair.
func (p *pairing) look() {
	x, y := &p.s.bodies[p.a], &p.s.bodies[p.b]
	low, high := x.low.Most(y.low), x.high.Least(y.high)
	inside := func(b *body) []*surface {
		var out []*surface
		for i := range b.surfaces {
			if f := &b.surfaces[i]; meet(f.low, f.high, low, high, slotGap) {
				out = append(out, f)
			}
		}
		return out
	}
	ins, others := inside(x), inside(y)
	for _, f := range ins {
		for _, g := range others {
			if meet(f.low, f.high, g.low, g.high, slotGap) || f.IsAxis() && g.IsAxis() {
				p.meeting(f, g)
			}
		}
	}
	p.rims(ins, others)
	p.slots()
	if !slices.ContainsFunc(p.out, func(c contact) bool { return c.class < distant }) {
		p.out = slices.DeleteFunc(p.out, func(c contact) bool { return c.class == level })
	}
}

// meeting states the contact of two surfaces, if there is one.
func (p *pairing) meeting(f, g *surface) {
	switch {
	case f.Kind == part.Plane && g.Kind == part.Plane:
		p.faces(f, g)
	case f.Kind == part.Cylinder && g.Kind == part.Cylinder:
		if !p.bores(f, g) {
			p.rollers(f, g)
		}
	case f.Kind == part.Frame && g.Kind == part.Frame:
		p.frames(f, g)
	case f.Kind == part.Cone && g.Kind == part.Cone:
		p.cones(f, g)
	case f.Kind == part.Sphere && g.Kind == part.Sphere:
		p.balls(f, g)
	case f.Kind == part.Plane && (g.Kind == part.Cylinder || g.Kind == part.Sphere):
		p.rolling(f, g)
	case g.Kind == part.Plane && (f.Kind == part.Cylinder || f.Kind == part.Sphere):
		p.rolling(g, f)
	case f.Kind == part.Cylinder && g.Kind == part.Sphere:
		p.ballInBore(f, g)
	case g.Kind == part.Cylinder && f.Kind == part.Sphere:
		p.ballInBore(g, f)
	}
}

// add notes a contact if it holds or nearly does. The surfaces may come either way round.
func (p *pairing) add(c contact) {
	if !(c.apart <= tol.NearlyMeets) {
		return
	}
	c.a, c.b = p.a, p.b
	if c.fa.body == p.b {
		c.fa, c.fb, c.fa2, c.fb2 = c.fb, c.fa, c.fb2, c.fa2
	}
	p.out = append(p.out, c)
}

// bySlope is how far apart two directions lead over a length.
func bySlope(u, v geom.Vec, length float64) float64 { return u.Cross(v).Norm() * length }

// span is where a box begins and ends along a direction.
func span(low, high, d geom.Vec) (from, to float64) {
	mid, half := low.Add(high).Scale(0.5).Dot(d), high.Sub(low).Scale(0.5)
	r := math.Abs(half.X*d.X) + math.Abs(half.Y*d.Y) + math.Abs(half.Z*d.Z)
	return mid - r, mid + r
}
