package relation

import (
	"setfast/core/geom"
	"setfast/core/part"
)

// rim: one circle on another, or at a gap from it along a's normal.
var _ = register(Type{
	Name:   "rim",
	Takes:  "two circles",
	Fits:   true,
	Fields: []Field{fieldSense, {Name: "gap", Kind: Length, Said: "gap"}},
	Main:   "gap",
	Stem:   "rim",
	Say:    Saying{"Put", "rim to rim with", "rim to rim with"},
	Leaves: [2]int{0, 1},
	Also:   []string{"insert", "edge to edge"},
	Doc:    Doc{"two circles", "`gap` along a's normal, optional", "5"},
	state: func(s *Said, l *Law) bool {
		l.Gap, _ = s.Num("gap")
		l.rows = func(l *Law, o *Rows, a, b, _ *View) {
			o.align(a, b, l.Sense)
			pointOnPoint(o, a, b, geom.V(0, 0, l.Gap))
		}
		return s.A.Kind == part.Circle && s.B.Kind == part.Circle
	},
	turns: always,
	read:  func(_ *Law, _ []Row, a, b, _ *View) float64 { return b.O.Sub(a.O).Dot(a.Z) },
	set:   func(l *Law, v float64) { l.Gap = v },
	offer: func(put, on part.Feature) (string, int) {
		if both(put, on, isKind(part.Circle)) {
			return "rim to rim", 10
		}
		return "", 0
	},
})
