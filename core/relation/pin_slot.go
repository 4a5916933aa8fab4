package relation

// pin_slot: b's axis stays along a's z and runs along a's x, as a pin in a slot does.
var _ = joint(Type{
	Name:        "pin_slot",
	Coordinates: []Coordinate{angleAboutZ, slideX},
	Stem:        "pin in slot",
	Say:         Saying{"Let", "run as a pin in", "runs as a pin in"},
	Leaves:      [2]int{1, 1},
	Also:        []string{"slot"},
	Doc:         Doc{"frames", "`angle` about a's z, `slide` along a's x", "4"},
	offer:       onFrames("runs in it as in a slot", 100),
}, func(_ *Law, o *Rows, a, b, _ *View) {
	o.align(a, b, 1)
	o.along(a, b, a.Y, 0)
	o.along(a, b, a.Z, 0)
})
