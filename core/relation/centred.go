package relation

import "setfast/core/part"

// centred: a middle plane on a middle plane, or an axis or a point in it. Pairs of faces come as their middle plane.
var _ = register(Type{
	Name:   "centred",
	Takes:  "a pair of faces with a pair of faces, an axis or a point",
	Fields: []Field{fieldSense},
	Pairs:  true,
	Stem:   "centred",
	Say:    Saying{"Put", "centred in", "centred in"},
	Leaves: [2]int{2, 1},
	Also:   []string{"center", "centered", "centre", "width", "midplane", "symmetric in a slot", "tab in a slot", "midway"},
	Doc:    Doc{"`a`: pair of parallel faces `[\"c/f\", \"c/g\"]` of one component; `b`: such a pair 3, an axis 2, a point 1", "", ""},
	state: func(s *Said, l *Law) bool {
		switch b := s.B; {
		case !isPlane(s.A):
			return false
		case isPlane(b):
			l.rows = func(l *Law, o *Rows, a, b, _ *View) {
				o.align(a, b, l.Sense)
				o.along(a, b, a.Z, 0)
			}
		case b.IsAxis():
			l.rows = func(_ *Law, o *Rows, a, b, _ *View) { axisInPlane(o, a, b) }
		case b.IsPoint():
			l.rows = func(_ *Law, o *Rows, a, b, _ *View) { o.along(a, b, a.Z, 0) }
		default:
			return false
		}
		return true
	},
	turns: always,
	offer: func(put, on part.Feature) (string, int) {
		switch {
		case both(put, on, isPlane):
			return "centred in a slot", 35
		case either(put, on, isPlane, part.Feature.IsAxis):
			return "axis midway between faces", 44
		case either(put, on, isPlane, part.Feature.IsPoint):
			return "point midway between faces", 44
		}
		return "", 0
	},
})
