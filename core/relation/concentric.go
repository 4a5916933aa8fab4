package relation

import "setfast/core/part"

// concentric: one axis on another.
var _ = register(Type{
	Name:   "concentric",
	Takes:  "two features with an axis",
	Fields: []Field{fieldSense},
	Fits:   true,
	Stem:   "axis",
	Say:    Saying{"Put", "on the axis of", "on the axis of"},
	Leaves: [2]int{1, 1},
	Also:   []string{"coaxial", "collinear", "align", "shaft in hole"},
	Doc:    Doc{"two features with an axis", "", "4"},
	state: func(s *Said, l *Law) bool {
		l.rows = func(l *Law, o *Rows, a, b, _ *View) {
			o.align(a, b, l.Sense)
			pointOnAxis(o, a, b)
		}
		return s.A.HasAxis() && s.B.HasAxis()
	},
	turns: always,
	offer: func(put, on part.Feature) (string, int) {
		if both(put, on, part.Feature.HasAxis) && !both(put, on, isKind(part.Frame)) {
			return "axis on axis", 20
		}
		return "", 0
	},
})
