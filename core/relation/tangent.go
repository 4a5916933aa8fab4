package relation

import (
	"math"

	"setfast/core/part"
)

// tangent: planes, axes and centres at the distance that lets the surfaces just touch, outside or inside.
var _ = register(Type{
	Name:   "tangent",
	Takes:  "plane with cylinder or sphere, and cylinders and spheres among themselves",
	Fields: []Field{fieldSide, fieldSense},
	Stem:   "rest",
	Say:    Saying{"Put", "against", "rests against"},
	Leaves: [2]int{2, 2},
	Also:   []string{"resting", "touching"},
	Doc: Doc{"plane–cylinder 2; plane–sphere, cylinder–sphere, sphere–sphere, cylinder–cylinder 1",
		"`side`: `outside`, `inside`, `nearest` (default; with a hole `inside`)", ""},
	state: func(s *Said, l *Law) bool {
		switch a, b := s.A, s.B; {
		case isPlane(a) && isRound(b), isPlane(b) && isRound(a):
			return touchPlane(s, l)
		case isRound(a) && isRound(b):
			return touchRound(s, l)
		}
		return false
	},
	offer: func(put, on part.Feature) (string, int) {
		if either(put, on, isPlane, isRound) {
			return "rests against it", 10
		}
		if both(put, on, isRound) {
			return "round on round", 64
		}
		return "", 0
	},
})

func isRound(f part.Feature) bool { return f.Kind == part.Cylinder || f.Kind == part.Sphere }

// touchPlane: the axis or centre lies a radius off the plane, on the side asked for or else where it starts.
func touchPlane(s *Said, l *Law) bool {
	turned := isPlane(s.B)
	round := s.B
	if turned {
		round = s.A
	}
	l.Value = round.Radius
	side := s.Word("side")
	if side == "inside" {
		l.Value = -round.Radius
	}
	order := func(a, b *View) (plane, round *View) {
		if turned {
			return b, a
		}
		return a, b
	}
	if side == "" || side == "nearest" {
		l.begin = func(l *Law, a, b *View) {
			if p, c := order(a, b); c.O.Sub(p.O).Dot(p.Z) < 0 {
				l.Value = -round.Radius
			}
		}
	}
	axis := round.Kind == part.Cylinder
	l.rows = func(l *Law, o *Rows, a, b, _ *View) {
		p, c := order(a, b)
		if axis {
			o.openAngle(p, c, halfTurn/2)
		}
		o.along(p, c, p.Z, l.Value)
	}
	return true
}

// touchRound: two axes or centres lie the sum of the radii apart, or inside one another the difference.
func touchRound(s *Said, l *Law) bool {
	a, b := s.A, s.B
	out, in := a.Radius+b.Radius, math.Abs(a.Radius-b.Radius)
	var gap func(a, b *View) float64
	switch {
	case a.Kind == part.Sphere && b.Kind == part.Sphere:
		gap = func(a, b *View) float64 { return b.O.Sub(a.O).Norm() }
		l.rows = func(l *Law, o *Rows, a, b, _ *View) { o.between(a, b, l.Value) }
	case a.Kind == part.Cylinder && b.Kind == part.Sphere:
		gap = func(a, b *View) float64 { return b.O.Sub(a.O).Reject(a.Z).Norm() }
		l.rows = func(l *Law, o *Rows, a, b, _ *View) { o.fromAxis(a, b, l.Value) }
	case a.Kind == part.Sphere:
		gap = func(a, b *View) float64 { return a.O.Sub(b.O).Reject(b.Z).Norm() }
		l.rows = func(l *Law, o *Rows, a, b, _ *View) { o.fromAxis(b, a, l.Value) }
	default:
		gap = func(a, b *View) float64 { g, _, _ := axisGap(a, b); return math.Abs(g) }
		l.rows = func(l *Law, o *Rows, a, b, _ *View) { o.axesApart(a, b, l.Value, l.Side) }
	}
	l.Value = out
	switch side := s.Word("side"); {
	case side == "inside":
		l.Value = in
	case side == "outside":
	case a.Side == "hole" || b.Side == "hole":
		l.Value = in
	default:
		l.begin = func(l *Law, a, b *View) {
			if g := gap(a, b); math.Abs(g-in) < math.Abs(g-out) {
				l.Value = in
			}
		}
	}
	return true
}
