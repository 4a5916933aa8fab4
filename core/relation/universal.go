package relation

import "setfast/core/geom"

// universal: a cross between two forks, which turns about a's x and about b's y.
var _ = joint(Type{
	Name: "universal",
	Coordinates: []Coordinate{
		{Name: "turn_a", Angular: true, read: func(_ *Law, r *Row, a, b *View) float64 { return r.turnAbout(a, a.X, a, a.Y, b, b.Y) }},
		{Name: "turn_b", Angular: true, read: func(_ *Law, r *Row, a, b *View) float64 { return r.turnAbout(b, b.Y, a, a.X, b, b.X) }},
	},
	Stem:   "cross",
	Say:    Saying{"Let", "turn as a cross on", "turns as a cross on"},
	Leaves: [2]int{0, 2},
	Also:   []string{"cardan", "hooke"},
	Doc:    Doc{"frames", "`turn_a` about a's x, then `turn_b` about b's y", "4"},
	offer:  onFrames("turns as a cross", 103),
}, func(_ *Law, o *Rows, a, b, _ *View) {
	pointOnPoint(o, a, b, geom.Vec{})
	o.squareXY(a, b)
})
