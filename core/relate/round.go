package relate

import (
	"fmt"
	"math"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// What counts as a shank in a hole, as radii; common practice, no source.
const (
	pressedMost = 1.02 // shank over hole: pressed in
	tappedMost  = 1.35 // shank over hole: a thread's outside in its tapping drill
	looseLeast  = 0.5  // shank over hole: less sits in it only by a common axis
	behindLeast = 0.4  // of two holes one behind the other, the lesser over the greater
)

// bores tells whether two round faces share their axis, and in what way. It says false where the axes are not the same.
func (p *pairing) bores(f, g *surface) bool {
	off := onAxis(f.world, g.world.O)
	if off > tol.NearlyMeets && off > g.Radius+f.Radius || math.Abs(f.world.Z.Dot(g.world.Z)) < 1-tol.LooksAt {
		return false
	}
	from, to := g.along(f.world)
	length := math.Min(to, f.To) - math.Max(from, f.From)
	lo, hi := math.Max(from, f.From), math.Min(to, f.To)
	if lo > hi {
		lo, hi = hi, lo
	}
	apart := 0.0
	for _, t := range [2]float64{lo, hi} { // at both ends of what they share
		apart = math.Max(apart, onAxis(g.world, f.world.O.AddScaled(t, f.world.Z)))
	}
	if apart > tol.NearlyMeets {
		return false
	}
	c := contact{fa: f, fb: g, kind: "concentric", apart: apart, size: length}
	dia := func(r float64) string { return "Ø" + part.Number(three(2*r)) }
	if f.Side != g.Side {
		in, hole := f, g
		if f.Side == "hole" {
			in, hole = g, f
		}
		ratio := in.Radius / hole.Radius
		switch {
		case ratio > tappedMost:
			return true
		case length <= tol.NearlyMeets: // a shank that ends where the hole begins
			c.class, c.why = distant, "one axis, end to end"
		case ratio < looseLeast:
			c.class, c.why = distant, fmt.Sprintf("shank %s far inside hole %s", dia(in.Radius), dia(hole.Radius))
		default:
			c.class, c.why = shank, fmt.Sprintf("shank %s in hole %s over %s mm", dia(in.Radius), dia(hole.Radius), part.Number(three(length)))
			c.size = ratio
			if ratio > pressedMost {
				c.interference = in.Radius - hole.Radius
			}
		}
		p.add(c)
		return true
	}
	ratio := math.Min(f.Radius, g.Radius) / math.Max(f.Radius, g.Radius)
	if ratio < behindLeast || length < -tol.NearlyMeets {
		return true
	}
	c.class, c.why, c.size = distant, "one axis, end to end", ratio
	if f.Side == "hole" {
		c.class, c.why = holes, fmt.Sprintf("hole %s behind hole %s", dia(g.Radius), dia(f.Radius))
	}
	p.add(c)
	return true
}

// along is where a round face begins and ends along another's axis.
func (f *surface) along(axis part.Feature) (from, to float64) {
	mid := f.world.O.Sub(axis.O).Dot(axis.Z)
	s := f.world.Z.Dot(axis.Z)
	from, to = mid+s*f.From, mid+s*f.To
	if from > to {
		from, to = to, from
	}
	return from, to
}

// frames tells whether two frames that were made to be put on one another are: with z on z, that is a hinge.
func (p *pairing) frames(f, g *surface) {
	apart := f.world.O.Sub(g.world.O).Norm()
	z, x := f.world.Z.Dot(g.world.Z), f.world.X.Dot(g.world.X)
	if z < 1-tol.LooksAt {
		return
	}
	c := contact{fa: f, fb: g, class: seat, kind: "revolute", apart: apart, size: 1, why: "a frame on a frame: taken as a hinge"}
	c.doubt = x > 1-tol.LooksAt
	p.add(c)
}

// cones tells whether a cone sits in a cone: one axis, one angle, one tip.
func (p *pairing) cones(f, g *surface) {
	if math.Abs(f.HalfAngle-g.HalfAngle) > tol.ConesAlike || f.world.Z.Dot(g.world.Z) < 0 {
		return
	}
	reach := math.Max(f.To, g.To)
	apart := f.world.O.Sub(g.world.O).Norm() + bySlope(f.world.Z, g.world.Z, reach)
	if from, to := math.Max(f.From, g.From), math.Min(f.To, g.To); from >= to {
		return
	}
	p.add(contact{fa: f, fb: g, class: seat, kind: "concentric", apart: apart, size: 0, why: "a cone in its countersink"})
}

// balls tells whether two balls, or a ball and its socket, have one centre.
func (p *pairing) balls(f, g *surface) {
	if f.Radius < behindLeast*g.Radius || g.Radius < behindLeast*f.Radius {
		return
	}
	p.add(contact{fa: f, fb: g, class: ball, kind: "coincident", apart: f.world.O.Sub(g.world.O).Norm(), size: 1, why: "a ball in its socket"})
}

// ballInBore tells whether a ball runs in a bore.
func (p *pairing) ballInBore(bore, b *surface) {
	if bore.Side != "hole" || b.Radius > pressedMost*bore.Radius || b.Radius < bore.Radius/pressedMost {
		return
	}
	if along := b.world.O.Sub(bore.world.O).Dot(bore.world.Z); along < bore.From || along > bore.To {
		return
	}
	p.add(contact{fa: bore, fb: b, class: ball, kind: "coincident", apart: onAxis(bore.world, b.world.O), why: "a ball in a bore"})
}

// rolling tells whether a shank or a ball touches a flat face from outside.
func (p *pairing) rolling(flat, r *surface) {
	n := flat.world.Z
	off := r.world.O.Sub(flat.world.O).Dot(n) - r.Radius
	touch := []geom.Vec{r.world.O}
	if r.Kind == part.Cylinder {
		if r.Side != "shaft" || len(r.Triangles) == 0 {
			return
		}
		off = math.Inf(-1)
		touch = nil
		const places = 4
		for k := range places + 1 {
			q := r.world.O.AddScaled(r.From+(r.To-r.From)*float64(k)/places, r.world.Z)
			if d := q.Sub(flat.world.O).Dot(n) - r.Radius; math.Abs(d) > math.Abs(off) || math.IsInf(off, -1) {
				off = d
			}
			touch = append(touch, q)
		}
	}
	if math.Abs(off) > tol.NearlyMeets {
		return
	}
	fr := flat.world.AsFrame()
	tri := flatten(flat.Triangles, flat.at, fr)
	for _, q := range touch {
		q = q.AddScaled(-r.Radius, n)
		d := q.Sub(fr.O)
		if holds(tri, spot{d.Dot(fr.X), d.Dot(fr.Y)}, tol.NearlyMeets) && meet(q, q, r.low, r.high, 2*tol.NearlyMeets) {
			p.add(contact{fa: flat, fb: r, class: rolls, kind: "tangent", apart: math.Abs(off), size: r.Radius, why: "a round face on a flat one"})
			return
		}
	}
}

// rollers tells whether two shanks touch side by side.
func (p *pairing) rollers(f, g *surface) {
	if f.Side != "shaft" || g.Side != "shaft" || math.Abs(f.world.Z.Dot(g.world.Z)) < 1-tol.LooksAt {
		return
	}
	d := g.world.O.Sub(f.world.O).Reject(f.world.Z)
	apart := math.Abs(d.Norm() - f.Radius - g.Radius)
	from, to := g.along(f.world)
	from, to = math.Max(from, f.From), math.Min(to, f.To)
	if apart > tol.NearlyMeets || from >= to {
		return
	}
	q := f.world.O.AddScaled((from+to)/2, f.world.Z).AddScaled(f.Radius, d.Unit())
	if meet(q, q, f.low, f.high, tol.NearlyMeets) && meet(q, q, g.low, g.high, tol.NearlyMeets) {
		p.add(contact{fa: f, fb: g, class: rolls, kind: "tangent", apart: apart, size: f.Radius, why: "a shank beside a shank"})
	}
}
