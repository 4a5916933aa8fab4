package solve

import (
	"math"

	"setfast/core/geom"
)

// Coordinate is a number a joint leaves open: b seen from a.
type Coordinate struct {
	Name    string
	Angular bool // radians inside, degrees in files
	read    func(row *Row, a, b *view) float64
}

type joint struct{ build func(*Spec, *Relation) bool }

// The coordinates joints are made of.
var (
	angleAboutZ = Coordinate{"angle", true, func(r *Row, a, b *view) float64 { return r.turnAbout(a, a.Z, a, a.X, b, b.X) }}
	slideZ      = Coordinate{"slide", false, func(r *Row, a, b *view) float64 { return r.height(a, b, a.Z) }}
	slideX      = Coordinate{"slide", false, func(r *Row, a, b *view) float64 { return r.height(a, b, a.X) }}
	planarX     = Coordinate{"x", false, func(r *Row, a, b *view) float64 { return r.height(a, b, a.X) }}
	planarY     = Coordinate{"y", false, func(r *Row, a, b *view) float64 { return r.height(a, b, a.Y) }}
	turnA       = Coordinate{"turn_a", true, func(r *Row, a, b *view) float64 { return r.turnAbout(a, a.X, a, a.Y, b, b.Y) }}
	turnB       = Coordinate{"turn_b", true, func(r *Row, a, b *view) float64 { return r.turnAbout(b, b.Y, a, a.X, b, b.X) }}
)

// height is how far b's origin stands along n, which moves with a.
func (r *Row) height(a, b *view, n geom.Vec) float64 {
	d := b.O.Sub(a.O)
	r.point(b, b.O, n)
	r.point(a, a.O, n.Neg())
	r.dir(a, n, d)
	return d.Dot(n)
}

// What each joint asks, in a's frame.
var joints = map[string]joint{
	"revolute": {makeJoint(func(_ *Relation, o *Rows, a, b, _ *view) {
		o.align(a, b, 1)
		pointOnPoint(o, a, b, geom.Vec{})
	}, angleAboutZ)},
	"prismatic": {makeJoint(func(_ *Relation, o *Rows, a, b, _ *view) {
		o.sameTurn(a, b)
		pointOnAxis(o, a, b)
	}, slideZ)},
	"cylindrical": {makeJoint(func(_ *Relation, o *Rows, a, b, _ *view) {
		o.align(a, b, 1)
		pointOnAxis(o, a, b)
	}, angleAboutZ, slideZ)},
	"pin_slot": {makeJoint(func(_ *Relation, o *Rows, a, b, _ *view) {
		o.align(a, b, 1)
		o.along(a, b, a.Y, 0)
		o.along(a, b, a.Z, 0)
	}, angleAboutZ, slideX)},
	"planar": {makeJoint(func(_ *Relation, o *Rows, a, b, _ *view) {
		o.align(a, b, 1)
		o.along(a, b, a.Z, 0)
	}, planarX, planarY, angleAboutZ)},
	"spherical": {makeJoint(func(_ *Relation, o *Rows, a, b, _ *view) {
		pointOnPoint(o, a, b, geom.Vec{})
	})},
	"universal": {makeJoint(func(_ *Relation, o *Rows, a, b, _ *view) {
		pointOnPoint(o, a, b, geom.Vec{})
		o.squareXY(a, b)
	}, turnA, turnB)},
}

func makeJoint(rows rowsFunc, cs ...Coordinate) func(*Spec, *Relation) bool {
	return func(sp *Spec, r *Relation) bool {
		r.rows, r.Coordinates = rows, cs
		return sp.A.F.HasFrame() && sp.B.F.HasFrame()
	}
}

// squareXY asks that a's x and b's y stand square, as the cross of a universal joint does.
func (rs *Rows) squareXY(a, b *view) {
	va, vb := *a, *b
	va.Frame = geom.Frame{O: a.O, X: a.Y, Y: a.Z, Z: a.X}
	vb.Frame = geom.Frame{O: b.O, X: b.Z, Y: b.X, Z: b.Y}
	rs.openAngle(&va, &vb, math.Pi/2)
}

// Coordinate finds one of a joint's coordinates by name.
func (r *Relation) Coordinate(name string) (Coordinate, bool) {
	for _, c := range r.Coordinates {
		if c.Name == name {
			return c, true
		}
	}
	return Coordinate{}, false
}

func (r *Relation) coordinate(row *Row, of string, a, b *view) (float64, bool) {
	c, _ := r.Coordinate(of)
	return c.read(row, a, b), c.Angular
}

// ReadCoordinate gives a joint coordinate at the given poses (mm or radians) and how it changes with the bodies' motion.
func (s *System) ReadCoordinate(r *Relation, of string, poses []geom.Pose) (float64, Row) {
	var a, b view
	s.look(&a, &r.A, poses)
	s.look(&b, &r.B, poses)
	if r.flipB {
		b.Frame = b.Frame.Flipped()
	}
	var row Row
	v, ang := r.coordinate(&row, of, &a, &b)
	row.R, row.Angular = v, ang
	return v, row
}
