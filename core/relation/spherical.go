package relation

import "setfast/core/geom"

// spherical: frames share their origin; b turns any way.
var _ = joint(Type{
	Name:   "spherical",
	Ball:   true,
	Stem:   "ball",
	Say:    Saying{"Let", "turn any way about", "turns any way about"},
	Leaves: [2]int{0, 3},
	Also:   []string{"ball", "socket"},
	Doc:    Doc{"frames", "none", "3"},
	offer:  onFrames("turns any way", 102),
}, func(_ *Law, o *Rows, a, b, _ *View) {
	pointOnPoint(o, a, b, geom.Vec{})
})
