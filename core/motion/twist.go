package motion

import (
	"setfast/core/geom"
)

// twist is a small rigid motion: slide of the point at the root origin, and turn (radians).
type twist struct{ v, w geom.Vec }

// twistOf reads a body's motion in z.
func (s *Study) twistOf(g *Group, b int, z []float64) twist {
	i, ok := g.place(b)
	if !ok {
		return twist{}
	}
	x := g.rate(i, z)
	bd := &s.Sys.Bodies[b]
	c := s.Poses[b].Point(bd.Centre)
	w := geom.V(x[3], x[4], x[5]).Scale(1 / bd.Size)
	return twist{geom.V(x[0], x[1], x[2]).Sub(w.Cross(c)), w}
}

// own gives the six numbers of a twist in a body's own measure.
func (s *Study) own(b int, t twist) []float64 {
	bd := &s.Sys.Bodies[b]
	v := t.v.Add(t.w.Cross(s.Poses[b].Point(bd.Centre)))
	return []float64{v.X, v.Y, v.Z, t.w.X * bd.Size, t.w.Y * bd.Size, t.w.Z * bd.Size}
}

// squareAt is the square of a twist at a place, its turn measured at a distance.
func (t twist) squareAt(p geom.Vec, size float64) float64 {
	v, w := t.v.Add(t.w.Cross(p)), t.w.Scale(size)
	return v.Dot(v) + w.Dot(w)
}

func turnAt(p, d geom.Vec) twist    { return twist{p.Cross(d), d} }
func slideOn(d geom.Vec) twist      { return twist{v: d} }
func (t twist) minus(o twist) twist { return twist{t.v.Sub(o.v), t.w.Sub(o.w)} }
