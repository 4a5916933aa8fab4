package relation

import "setfast/core/part"

// perpendicular: two directions square to one another.
var _ = register(Type{
	Name:   "perpendicular",
	Takes:  "two features with a direction",
	Fields: []Field{fieldSense},
	Stem:   "square",
	Say:    Saying{"Put", "square to", "square to"},
	Leaves: [2]int{3, 2},
	Also:   []string{"square", "normal", "right angle"},
	Doc:    Doc{"two directions", "", "1"},
	state: func(s *Said, l *Law) bool {
		l.rows = func(_ *Law, o *Rows, a, b, _ *View) { o.openAngle(a, b, halfTurn/2) }
		return s.A.HasDirection() && s.B.HasDirection()
	},
	offer: func(put, on part.Feature) (string, int) {
		switch {
		case both(put, on, isPlane):
			return "square", 47
		case either(put, on, isPlane, part.Feature.IsAxis):
			return "axis along the face", 42
		case directed(put, on):
			return "square", 91
		}
		return "", 0
	},
})
