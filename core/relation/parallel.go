package relation

import "setfast/core/part"

// parallel: two directions along one another.
var _ = register(Type{
	Name:   "parallel",
	Takes:  "two features with a direction",
	Fields: []Field{fieldSense},
	Stem:   "parallel",
	Say:    Saying{"Put", "parallel to", "parallel to"},
	Leaves: [2]int{3, 1},
	Also:   []string{"align"},
	Doc:    Doc{"two directions", "", "2"},
	state: func(s *Said, l *Law) bool {
		l.rows = func(l *Law, o *Rows, a, b, _ *View) { o.align(a, b, l.Sense) }
		return s.A.HasDirection() && s.B.HasDirection()
	},
	turns: always,
	offer: func(put, on part.Feature) (string, int) {
		switch {
		case both(put, on, isPlane):
			return "parallel", 45
		case either(put, on, isPlane, part.Feature.IsAxis), either(put, on, isPlane, isKind(part.Circle)), either(put, on, isPlane, isKind(part.Frame)):
			return "axis square to the face", 45
		case directed(put, on):
			return "parallel", 90
		}
		return "", 0
	},
})
