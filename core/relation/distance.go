package relation

import (
	"fmt"

	"setfast/core/part"
)

// distance: so far apart; from a plane signed along its normal, else the shortest way.
var _ = register(Type{
	Name:   "distance",
	Takes:  "planes, points and axes (plane with plane or point, point with point or axis, axis with axis)",
	Fields: []Field{fieldSense, {Name: "value", Kind: Length, Need: true, Said: "at"}},
	Main:   "value",
	Stem:   "distance",
	Say:    Saying{"Put", "off", "off"},
	Leaves: [2]int{2, 1},
	Also:   []string{"offset", "gap", "spacing"},
	Doc: Doc{"plane–plane (signed along a's normal) 3; plane–point (signed from the plane) 1; point–point, point–axis, axis–axis 1",
		"`value`; at 0 point–point asks 3 and point–axis 2", ""},
	state: apartBy,
	turns: planes,
	read: func(l *Law, rows []Row, _, _, _ *View) float64 {
		if l.Value == 0 && len(rows) > 1 && !rows[0].Angular { // points that shall meet
			return MissOf(rows).MM
		}
		return rows[len(rows)-1].R + l.Value
	},
	set: setValue,
	offer: func(put, on part.Feature) (string, int) {
		switch {
		case both(put, on, isPlane):
			return "faces apart", 40
		case either(put, on, isPlane, isKind(part.Sphere)):
			return "centre off the face", 40
		case either(put, on, isPlane, part.Feature.IsPoint):
			return "point off the face", 40
		case either(put, on, part.Feature.IsAxis, isKind(part.Point)), either(put, on, part.Feature.IsAxis, isKind(part.Sphere)):
			return "point off the axis", 40
		case both(put, on, part.Feature.IsPoint) && put.Kind != part.Circle:
			return "points apart", 40
		case both(put, on, part.Feature.IsAxis):
			return "axes apart", 80
		}
		return "", 0
	},
})

func apartBy(s *Said, l *Law) bool {
	v, given := s.Num("value")
	if !given {
		return false
	}
	l.Value = v
	a, b := s.A, s.B
	zero := v == 0
	signed := false
	switch {
	case a.Kind == part.Plane && b.Kind == part.Plane:
		l.rows, signed = faceOnFace, true
	case a.Kind == part.Plane && b.IsPoint():
		l.rows, signed = func(l *Law, o *Rows, a, b, _ *View) { o.along(a, b, a.Z, l.Value) }, true
	case b.Kind == part.Plane && a.IsPoint():
		l.rows, signed = func(l *Law, o *Rows, a, b, _ *View) { o.along(b, a, b.Z, l.Value) }, true
	case a.IsAxis() && b.IsAxis():
		l.rows = func(l *Law, o *Rows, a, b, _ *View) { o.axesApart(a, b, l.Value, l.Side) }
	case zero && a.IsAxis() && b.IsPoint(), zero && b.IsAxis() && a.IsPoint(), zero && a.IsPoint() && b.IsPoint():
		return meet(s, l)
	case a.IsAxis() && b.IsPoint():
		l.rows = func(l *Law, o *Rows, a, b, _ *View) { o.fromAxis(a, b, l.Value) }
	case b.IsAxis() && a.IsPoint():
		l.rows = func(l *Law, o *Rows, a, b, _ *View) { o.fromAxis(b, a, l.Value) }
	case a.IsPoint() && b.IsPoint():
		l.rows = func(l *Law, o *Rows, a, b, _ *View) { o.between(a, b, l.Value) }
	default:
		return false
	}
	if !signed && v < 0 {
		s.refused = fmt.Errorf("a distance between %s and %s has no sign: its value is 0 or more, not %g", a.Kind, b.Kind, v)
	}
	return true
}
