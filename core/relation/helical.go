package relation

import "math"

// helical slides along a's z by its lead for each turn. Its angle is read off the slide, so it counts turns by itself.
var _ = register(Type{
	Name:   "helical",
	Family: Joint,
	Takes:  takesFrames,
	Fields: []Field{fieldLead, fieldSense},
	Main:   "lead",
	Coordinates: []Coordinate{{Name: "angle", Angular: true, Counts: true, read: func(l *Law, row *Row, a, b *View) float64 {
		perTurn := 2 * math.Pi / l.Lead
		v := row.height(a, b, a.Z)
		row.scale(perTurn)
		return v * perTurn
	}}},
	Stem:   "screw",
	Say:    Saying{"Let", "screw along", "screws along"},
	Leaves: [2]int{0, 1},
	Also:   []string{"lead_screw", "thread", "screw_joint"},
	Doc:    Doc{"frames", "`lead` mm per turn, not 0; `angle`, read off the slide, so it counts turns", "5"},
	state: func(s *Said, l *Law) bool {
		l.Lead, _ = s.Num("lead")
		l.rows = func(l *Law, o *Rows, a, b, _ *View) {
			o.align(a, b, 1)
			pointOnAxis(o, a, b)
			row := o.add(false)
			k := -l.Lead / (2 * math.Pi)
			angle := row.turnAbout(a, a.Z, a, a.X, b, b.X)
			row.scale(k)
			slide := row.height(a, b, a.Z)
			row.R = math.Remainder(slide+k*angle, l.Lead)
		}
		return l.Lead != 0 && frames(s)
	},
	loosened: func(l *Law) { l.rows = coaxial },
	turns:    always,
	offer:    onFrames("screws along it", 104),
	start:    1, // mm per turn, the coarse pitch of M6 (ISO 261, from memory); what it really is nobody can read off
})
