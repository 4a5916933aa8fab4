// Package part says what a part is to an assembly: its named features, its mass and its shape's symmetries.
package part

import (
	"math"

	"setfast/core/geom"
	"setfast/core/tol"
)

// Kind is what a feature is.
type Kind string

// The kinds of feature a relation can stand on.
const (
	Plane    Kind = "plane"
	Cylinder Kind = "cylinder"
	Circle   Kind = "circle"
	Point    Kind = "point"
	Axis     Kind = "axis"
	Cone     Kind = "cone"
	Sphere   Kind = "sphere"
	Frame    Kind = "frame"
)

// Kinds lists every kind in the order of the file's documentation.
var Kinds = []Kind{Plane, Cylinder, Circle, Point, Axis, Cone, Sphere, Frame}

// Feature is a piece of a part's geometry in the part's own frame.
// Z is a plane's outward normal, an axis's direction or a frame's z; a point has none.
type Feature struct {
	Kind      Kind
	O, Z, X   geom.Vec
	Radius    float64 // cylinder, circle, sphere: mm
	HalfAngle float64 // cone: degrees
	Side      string  // cylinder: "hole" or "shaft"
}

// HasDirection tells whether the feature points somewhere.
func (f Feature) HasDirection() bool { return f.Kind != Point && f.Kind != Sphere }

// HasAxis tells whether the feature can stand where an axis is asked for.
func (f Feature) HasAxis() bool {
	switch f.Kind {
	case Axis, Cylinder, Circle, Cone, Frame:
		return true
	}
	return false
}

// IsAxis tells whether the feature is a line first of all (not a frame or a circle, which are also points).
func (f Feature) IsAxis() bool { return f.Kind == Axis || f.Kind == Cylinder || f.Kind == Cone }

// IsPoint tells whether the feature stands for a point.
func (f Feature) IsPoint() bool {
	switch f.Kind {
	case Point, Sphere, Circle, Frame:
		return true
	}
	return false
}

// HasFrame tells whether a joint can stand on the feature.
func (f Feature) HasFrame() bool { return f.HasAxis() }

// AsFrame is the feature as a frame: z along the axis, x the part's own x made square to it
// (or the part's y where z is within 26° of x).
func (f Feature) AsFrame() geom.Frame {
	if f.Kind == Frame {
		return geom.FrameOf(f.O, f.Z, f.X)
	}
	if f.Z == (geom.Vec{}) {
		return geom.FrameOf(f.O, geom.V(0, 0, 1), geom.V(1, 0, 0))
	}
	lean := geom.V(1, 0, 0)
	if math.Abs(f.Z.X) > tol.LeansTo {
		lean = geom.V(0, 1, 0)
	}
	return geom.FrameOf(f.O, f.Z, lean)
}

// At moves the feature by a pose, as when a part's feature is seen from its subassembly.
func (f Feature) At(p geom.Pose) Feature {
	f.O, f.Z, f.X = p.Point(f.O), p.Dir(f.Z), p.Dir(f.X)
	return f
}

var ex, ey, ez = geom.V(1, 0, 0), geom.V(0, 1, 0), geom.V(0, 0, 1)

// BuiltIn are the features that every part and assembly has.
var BuiltIn = map[string]Feature{
	"origin": {Kind: Frame, Z: ez, X: ex},
	"xy":     {Kind: Plane, Z: ez, X: ex},
	"yz":     {Kind: Plane, Z: ex, X: ey},
	"zx":     {Kind: Plane, Z: ey, X: ez},
	"x":      {Kind: Axis, Z: ex, X: ey},
	"y":      {Kind: Axis, Z: ey, X: ez},
	"z":      {Kind: Axis, Z: ez, X: ex},
}
