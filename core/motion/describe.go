package motion

import (
	"math"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/report"
	"setfast/core/tol"
)

// describe says what a motion of the group is, of the first body that moves, and what rides along.
func (s *Study) describe(g *Group, z []float64, class report.Class) report.Motion {
	mo := report.Motion{Class: class, Rides: []string{}}
	riding := s.riding(g, z)
	for _, i := range riding {
		mo.Rides = append(mo.Rides, s.Comps[g.bodies[i]].Name)
	}
	if len(riding) == 0 {
		return mo
	}
	first := g.bodies[riding[0]]
	t := s.twistOf(g, first, z)
	size := s.Sys.Bodies[first].Size
	own := s.own(first, t)
	amount := dense.Norm(own)
	if t.w.Norm()*size < tol.PureSlide*amount {
		mo.Kind = report.Slide
		mo.Direction = clean(orient(t.v.Unit())).Array()
		return mo // a slide has no place: its point is the origin
	}
	w2 := t.w.Dot(t.w)
	d := orient(t.w.Unit())
	pitch := t.v.Dot(t.w) / w2 * 2 * math.Pi // mm per turn
	p := t.w.Cross(t.v).Scale(1 / w2)
	mo.Kind = report.Turn
	if math.Abs(pitch) > tol.PureTurn*(1+size) {
		mo.Kind = report.Screw
		mo.Pitch = round(pitch)
	}
	mo.Point = clean(p).Array()
	mo.Direction = clean(d).Array()
	return mo
}

// orient turns a direction so that its first number that counts is positive.
func orient(d geom.Vec) geom.Vec {
	for _, x := range d.Array() {
		if math.Abs(x) > tol.Shown {
			if x < 0 {
				return d.Neg()
			}
			break
		}
	}
	return d
}

// clean takes rounding noise off numbers that are shown.
func clean(v geom.Vec) geom.Vec { return geom.V(round(v.X), round(v.Y), round(v.Z)) }

func round(x float64) float64 {
	r := math.Round(x*tol.PerShown) / tol.PerShown
	if r == 0 {
		return 0
	}
	return r
}
