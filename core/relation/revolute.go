package relation

import "setfast/core/geom"

// revolute: frames share their origin and z; b turns about it.
var _ = joint(Type{
	Name:        "revolute",
	Coordinates: []Coordinate{angleAboutZ},
	Fits:        true,
	Stem:        "turn",
	Say:         Saying{"Let", "turn about", "turns about"},
	Leaves:      [2]int{0, 1},
	Also:        []string{"hinge", "pin", "pivot", "bearing", "rotation"},
	Doc:         Doc{"frames", "`angle`", "5"},
	offer:       onFrames("turns about it", 70),
}, func(_ *Law, o *Rows, a, b, _ *View) {
	o.align(a, b, 1)
	pointOnPoint(o, a, b, geom.Vec{})
})
