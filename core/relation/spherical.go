package relation

import "setfast/core/geom"

// spherical: frames share their origin; b turns any way.
var _ = joint(Type{
	Name:  "spherical",
	Ball:  true,
	Stem:  "ball",
	Doc:   Doc{"frames", "none", "3"},
	offer: onFrames("turns any way about its middle", 102),
}, func(_ *Law, o *Rows, a, b, _ *View) {
	pointOnPoint(o, a, b, geom.Vec{})
})
