package relation

import (
	"setfast/core/geom"
	"setfast/core/part"
)

// coincident: faces level, a point or an axis in a face, a point on an axis, a point on a point.
var _ = register(Type{
	Name:   "coincident",
	Takes:  "plane with plane, point or axis; axis with point; point with point",
	Fields: []Field{fieldSense},
	Stem:   "on",
	Say:    Saying{"Put", "on", "on"},
	Leaves: [2]int{2, 1},
	Also:   []string{"flush", "level", "touch", "contact", "mate", "against", "coplanar", "face to face", "align"},
	Doc:    Doc{"plane–plane 3, plane–point 1, plane–axis 2, axis–point 2, point–point 3", "", ""},
	state:  func(s *Said, l *Law) bool { return meet(s, l) },
	turns:  planes,
	offer: func(put, on part.Feature) (string, int) {
		switch {
		case both(put, on, isKind(part.Circle)):
			return "centre on centre", 30
		case both(put, on, isPlane):
			return "faces together", 30
		case either(put, on, isPlane, part.Feature.IsAxis):
			return "axis in the face", 30
		case either(put, on, isPlane, isKind(part.Sphere)):
			return "centre in the face", 30
		case either(put, on, isPlane, part.Feature.IsPoint):
			return "point in the face", 30
		case either(put, on, part.Feature.IsAxis, isKind(part.Point)), either(put, on, part.Feature.IsAxis, isKind(part.Sphere)):
			return "point on the axis", 30
		case both(put, on, part.Feature.IsPoint) && put.Kind != part.Circle:
			return "point on point", 30
		}
		return "", 0
	},
})

// meet states that features lie in one another; a distance of nothing is the same for points.
func meet(s *Said, l *Law) bool {
	a, b := s.A, s.B
	switch {
	case a.Kind == part.Plane && b.Kind == part.Plane:
		l.rows = faceOnFace
	case a.Kind == part.Plane && b.IsAxis():
		l.rows = func(_ *Law, o *Rows, a, b, _ *View) { axisInPlane(o, a, b) }
	case b.Kind == part.Plane && a.IsAxis():
		l.rows = func(_ *Law, o *Rows, a, b, _ *View) { axisInPlane(o, b, a) }
	case a.Kind == part.Plane && b.IsPoint():
		l.rows = func(_ *Law, o *Rows, a, b, _ *View) { o.along(a, b, a.Z, 0) }
	case b.Kind == part.Plane && a.IsPoint():
		l.rows = func(_ *Law, o *Rows, a, b, _ *View) { o.along(b, a, b.Z, 0) }
	case a.IsAxis() && b.IsPoint():
		l.rows = func(_ *Law, o *Rows, a, b, _ *View) { pointOnAxis(o, a, b) }
	case b.IsAxis() && a.IsPoint():
		l.rows = func(_ *Law, o *Rows, a, b, _ *View) { pointOnAxis(o, b, a) }
	case a.IsPoint() && b.IsPoint():
		l.rows = func(_ *Law, o *Rows, a, b, _ *View) { pointOnPoint(o, a, b, geom.Vec{}) }
	default:
		return false
	}
	return true
}
