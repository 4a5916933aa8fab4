package relate

import (
	"math"

	"setfast/core/part"
	"setfast/core/tol"
)

// turning proposes a hole of the component for a shank that stands in another hole: it turns about the shank, up against what the shank
// comes out of. A fastener, a nut on its bolt, is seated there rim on rim; of other parts it is a turning joint, so that its turn can be
// limited.
func (f *following) turning() {
	kind, says := "revolute", "turns about "
	if f.s.units[f.unit].fastener {
		kind, says = "rim", "seated on "
	}
	for _, x := range f.surfaces(f.unit, part.Cylinder) {
		if x.Side != "hole" {
			continue
		}
		ends := f.rims(f.unit, x)
		for u := range f.s.units {
			if !f.on[u] || len(ends) == 0 {
				continue
			}
			for _, y := range f.surfaces(u, part.Cylinder) {
				if ratio := y.Radius / x.Radius; y.Side == "shaft" && ratio < 1+tol.FitPlace && ratio > snugLeast && !f.used(refTo(y), false) {
					f.against(x, y, ends, kind, says)
				}
			}
		}
	}
}

// against proposes each rim that a shank comes out of, for each end of the hole.
func (f *following) against(x, y *surface, ends []end, kind, says string) {
	for u := range f.s.units {
		if !f.on[u] || u == f.s.bodies[y.body].unit {
			continue
		}
		for _, hole := range f.surfaces(u, part.Cylinder) {
			if hole.Side != "hole" || onAxis(hole.world, y.world.O) > tol.FitPlace || math.Abs(hole.world.Z.Dot(y.world.Z)) < 1-tol.LooksAt {
				continue
			}
			for _, out := range f.rims(u, hole) {
				if along := out.rim.world.O.Sub(y.world.O).Dot(y.world.Z); along < y.From-tol.FitPlace || along > y.To+tol.FitPlace {
					continue // the shank does not reach it
				}
				for _, in := range ends {
					sense := "opposed"
					if out.away*in.away < 0 {
						sense = "same"
					}
					n := Next{Kind: "turn", On: f.s.units[u].name, ranking: 2.5 + y.Radius/x.Radius, At: at(out.rim.world),
						Says: says + f.s.units[f.s.bodies[y.body].unit].name + ", against " + f.s.units[u].name + " · " + part.Fit(x.Feature, y.Feature)}
					n.Mates = append(n.Mates, f.mate(kind, refTo(out.rim), refTo(in.rim), sense))
					f.out = append(f.out, n)
				}
			}
		}
	}
}

// end is a rim in which a hole ends in a flat face.
type end struct {
	rim  *surface
	away float64 // 1 where the rim's normal looks away from the part, else -1
}

// rims are the ends of a hole that have both a rim and a face about it.
func (f *following) rims(u int, hole *surface) (list []end) {
	for _, face := range f.mouths(u, hole) {
		for _, r := range f.surfaces(u, part.Circle) {
			inFace := math.Abs(r.world.O.Sub(face.world.O).Dot(face.world.Z)) < tol.FitPlace
			if !inFace || onAxis(hole.world, r.world.O) > tol.FitPlace || math.Abs(r.Radius-hole.Radius) > tol.SameRadius {
				continue
			}
			list = append(list, end{r, math.Copysign(1, r.world.Z.Dot(face.world.Z))})
			break
		}
	}
	return list
}
