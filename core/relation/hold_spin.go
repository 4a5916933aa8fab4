package relation

import (
	"setfast/core/part"
	"setfast/core/tol"
)

// hold_spin holds the turn of b against a about a's axis, at a value or where it starts.
var _ = register(Type{
	Name:   "hold_spin",
	Takes:  "two features with an axis",
	Fields: []Field{fieldSense, {Name: "value", Kind: Angle, Said: "at"}},
	Main:   "value",
	Stem:   "spin",
	Say:    Saying{"Put", "held from spinning on", "does not spin on"},
	Leaves: [2]int{3, 2},
	Also:   []string{"lock rotation", "keyed", "clocking", "lock spin"},
	Doc:    Doc{"two features with an axis", "`value`, else where it starts", "1"},
	state: func(s *Said, l *Law) bool {
		v, given := s.Num("value")
		l.Value = v * perDegree
		if !given {
			l.begin = func(l *Law, a, b *View) {
				var row Row
				l.Value = row.turnAbout(a, a.Z, a, a.X, b, b.X)
			}
		}
		l.rows = func(l *Law, o *Rows, a, b, _ *View) {
			row := o.add(true)
			row.R = Wrap(row.turnAbout(a, a.Z, a, a.X, b, b.X) - l.Value)
			row.scale(tol.AngleWeight)
		}
		return s.A.HasAxis() && s.B.HasAxis()
	},
	set: setAngle,
	offer: func(put, on part.Feature) (string, int) {
		if both(put, on, part.Feature.HasAxis) {
			return "spin held", 60
		}
		return "", 0
	},
})
