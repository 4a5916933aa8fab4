package relation

// prismatic: b slides along a's z without turning.
var _ = joint(Type{
	Name:        "prismatic",
	Coordinates: []Coordinate{slideZ},
	Stem:        "slide",
	Say:         Saying{"Let", "slide along", "slides along"},
	Leaves:      [2]int{1, 0},
	Also:        []string{"slider", "slide", "linear", "rail", "guide"},
	Doc:         Doc{"frames", "`slide` along a's z", "5"},
	offer:       onFrames("slides along it", 72),
}, func(_ *Law, o *Rows, a, b, _ *View) {
	o.sameTurn(a, b)
	pointOnAxis(o, a, b)
})
