package relate

import (
	"math"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// used tells whether a hole, or a rim, has another use of the part in it already; with any, whether anything sits in it.
func (f *following) used(r assembly.Ref, any bool) bool {
	x, _, ok := f.at(r)
	if !ok {
		return false
	}
	for _, m := range f.s.asm.Mates {
		if m.Suppressed || m.IsCoupling() {
			continue
		}
		for _, ends := range [2][2]assembly.Ref{{m.A, m.B}, {m.B, m.A}} {
			y, _, ok := f.at(ends[0])
			c := f.s.asm.Component(ends[1].Head())
			if !ok || c == nil || ends[0].Head() != r.Head() || !y.HasAxis() || onAxis(x, y.O) > tol.FitPlace || math.Abs(y.Z.Dot(x.Z)) < 1-tol.LooksAt {
				continue
			}
			in, put, _ := f.at(ends[1])
			sits := put != nil && in.Side == "shaft" || f.s.screws[c.Part] || f.s.doc.Parts[c.Part] != nil && f.s.doc.Parts[c.Part].Fastener
			if c.Part == f.c.Part && c.Name != f.c.Name || any && sits {
				return true
			}
		}
	}
	return false
}

// filled tells whether a shank of another component stands in a hole.
func (f *following) filled(hole *surface) bool {
	for u := range f.s.units {
		if !f.on[u] {
			continue
		}
		for _, x := range f.surfaces(u, part.Cylinder) {
			if x.Side != "shaft" || onAxis(hole.world, x.world.O) > tol.FitPlace || math.Abs(x.world.Z.Dot(hole.world.Z)) < 1-tol.LooksAt {
				continue
			}
			if from, to := x.along(hole.world); math.Min(to, hole.To)-math.Max(from, hole.From) > tol.NearlyMeets {
				return true
			}
		}
	}
	return false
}

// shanks proposes a shank of the component for holes of others that it fits, and the other way round.
func (f *following) shanks() {
	for _, x := range f.surfaces(f.unit, part.Cylinder) {
		for u := range f.s.units {
			if !f.on[u] {
				continue
			}
			for _, y := range f.surfaces(u, part.Cylinder) {
				if x.Side == y.Side {
					continue
				}
				in, hole := x, y
				if x.Side == "hole" {
					in, hole = y, x
				}
				ratio := in.Radius / hole.Radius
				if ratio > 1+tol.FitPlace || ratio < snugLeast || in == x && f.filled(y) || f.used(refTo(y), true) {
					continue
				}
				n := Next{Kind: "shank", On: f.s.units[u].name, ranking: 1 + ratio - math.Min(1, y.world.O.Sub(x.world.O).Norm()/farAway),
					Says: part.FitOf(hole.Feature, in.Feature, f.s.units[f.unit].fastener) + " · " + f.s.units[u].name}
				n.At = at(y.world)
				n.Mates = append(n.Mates, f.mate("concentric", refTo(y), refTo(x), ""))
				if g, h, ok := f.seat(x, y); ok {
					n.Mates = append(n.Mates, f.mate("coincident", refTo(h), refTo(g), "opposed"))
					n.ranking += 0.5
				}
				f.out = append(f.out, n)
			}
		}
	}
}

// snugLeast is how much of a hole a shank fills at least to be proposed for it; farAway, mm, is where distance counts for nothing more.
const (
	snugLeast = 0.85
	farAway   = 1000.0
)

// seat finds the face of the component beside its shank that would rest on a face beside the hole: a head on a plate.
func (f *following) seat(x, y *surface) (g, h *surface, ok bool) {
	area := 0.0
	for _, p := range f.mouths(f.unit, x) {
		if from, to := span(p.low, p.high, across(p.world.Z)); to-from <= 2*x.Radius+tol.FitPlace { // the end of the shank itself
			continue
		}
		for _, q := range f.mouths(f.s.bodies[y.body].unit, y) {
			if from, to := span(q.low, q.high, across(q.world.Z)); to-from > area {
				g, h, ok, area = p, q, true, to-from
			}
		}
	}
	return g, h, ok
}

// across is a direction square to another.
func across(z geom.Vec) geom.Vec { return z.Perp().Unit() }

// mouths are the flat faces of a component in which a round face ends.
func (f *following) mouths(u int, of *surface) (list []*surface) {
	for _, p := range f.surfaces(u, part.Plane) {
		along := p.world.O.Sub(of.world.O).Dot(of.world.Z)
		if math.Abs(p.world.Z.Dot(of.world.Z)) > 1-tol.LooksAt && (math.Abs(along-of.From) < tol.FitPlace || math.Abs(along-of.To) < tol.FitPlace) {
			list = append(list, p)
		}
	}
	return list
}
