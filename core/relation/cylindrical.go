package relation

// cylindrical: b turns about a's z and slides along it.
var _ = joint(Type{
	Name:        "cylindrical",
	Coordinates: []Coordinate{angleAboutZ, slideZ},
	Fits:        true,
	Stem:        "turn and slide",
	Say:         Saying{"Let", "turn and slide on", "turns and slides on"},
	Leaves:      [2]int{1, 1},
	Also:        []string{"sleeve"},
	Doc:         Doc{"frames", "`angle`, `slide`", "4"},
	offer:       onFrames("turns, slides on it", 71),
}, coaxial)

// coaxial asks 4: one axis, pointing one way.
func coaxial(_ *Law, o *Rows, a, b, _ *View) {
	o.align(a, b, 1)
	pointOnAxis(o, a, b)
}
