package solve

import (
	"math"
	"slices"

	"setfast/core/geom"
)

// ReadValue gives what a relation's value would have to be to hold where the bodies stand: mm or degrees.
func (s *System) ReadValue(r *Relation, poses []geom.Pose) (float64, bool) {
	var a, b view
	s.look(&a, &r.A, poses)
	s.look(&b, &r.B, poses)
	switch r.Type {
	case "distance":
		rows := s.Eval(r, poses, &s.worker().rs)
		if r.Value == 0 && len(rows) > 1 && !rows[0].Angular { // points that shall meet
			return MissOf(rows).MM, true
		}
		return rows[len(rows)-1].R + r.Value, true
	case "angle":
		if r.HasAbout {
			var c view
			s.look(&c, &r.About, poses)
			var row Row
			return row.turnAbout(&c, c.Z, &a, a.Z, &b, b.Z) * 180 / math.Pi, true
		}
		return math.Atan2(a.Z.Cross(b.Z).Norm(), a.Z.Dot(b.Z)) * 180 / math.Pi, true
	case "rim":
		return b.O.Sub(a.O).Dot(a.Z), true
	}
	return 0, false
}

// WithValue is a copy of the relation that asks for another value (mm or degrees).
func (r *Relation) WithValue(v float64) *Relation {
	c := *r
	switch r.Type {
	case "rim":
		c.Gap = v
	case "angle":
		c.Value = v * math.Pi / 180
	default:
		c.Value = v
	}
	return &c
}

// Turned is a copy of the relation with its alignment the other way round.
func (r *Relation) Turned() *Relation {
	c := *r
	c.Sense = -r.Sense
	if IsJoint(r.Type) || r.Type == "fastened" {
		c.flipB = c.Sense < 0
	}
	return &c
}

// HasSense tells whether turning the alignment round changes what the relation asks.
func (r *Relation) HasSense() bool {
	switch r.Type {
	case "concentric", "rim", "parallel", "fastened", "centred":
		return true
	case "coincident", "distance", "symmetric":
		return r.A.F.Kind == "plane" && r.B.F.Kind == "plane"
	}
	return IsJoint(r.Type) && r.Type != "spherical"
}

// Released is a copy of a joint that no longer holds a coordinate.
func (r *Relation) Released(of string) *Relation {
	c := *r
	c.Hold = slices.DeleteFunc(slices.Clone(r.Hold), func(h Hold) bool { return h.Of == of })
	return &c
}

// Holds tells whether a joint's coordinate is held at a value.
func (r *Relation) Holds(of string) bool {
	return slices.ContainsFunc(r.Hold, func(h Hold) bool { return h.Of == of })
}
