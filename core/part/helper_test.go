package part

import (
	"testing"

	"setfast/core/geom"
)

// TestHelper makes helpers of features of a block of 40 × 20 × 10 with two holes: elementary geometry gives where they lie.
func TestHelper(t *testing.T) {
	plane := func(o, n geom.Vec) Feature { return Feature{Kind: Plane, O: o, Z: n} }
	hole := func(x, y float64) Feature {
		return Feature{Kind: Cylinder, O: geom.V(x, y, 0), Z: geom.V(0, 0, 1), Radius: 3, Side: "hole"}
	}
	left, right := plane(geom.V(0, 10, 5), geom.V(-1, 0, 0)), plane(geom.V(40, 10, 5), geom.V(1, 0, 0))
	front, top := plane(geom.V(20, 0, 5), geom.V(0, -1, 0)), plane(geom.V(20, 10, 10), geom.V(0, 0, 1))
	h1, h2 := hole(10, 10), hole(30, 10)
	edge := Feature{Kind: Axis, O: geom.V(0, 0, 10), Z: geom.V(1, 0, 0)}
	corner := Feature{Kind: Point, O: geom.V(0, 0, 10)}
	ball, up, ground := Feature{Kind: Sphere, O: geom.V(5, 6, 7), Radius: 4}, BuiltIn["z"], BuiltIn["xy"]
	for _, c := range []struct {
		what Kind
		a    Feature
		b    *Feature
		o, z geom.Vec
	}{
		{Point, top, nil, geom.V(20, 10, 10), geom.Vec{}},
		{Point, h1, &top, geom.V(10, 10, 10), geom.Vec{}},
		{Point, edge, &h2, geom.V(30, 5, 10), geom.Vec{}},
		{Point, ball, &up, geom.V(5, 6, 11), geom.Vec{}},
		{Point, ball, &ground, geom.V(5, 6, 3), geom.Vec{}},
		{Axis, left, &top, geom.V(0, 0, 10), geom.V(0, 1, 0)},
		{Axis, h1, &h2, geom.V(20, 10, 0), geom.V(0, 0, 1)},
		{Axis, corner, &h1, geom.V(0, 0, 10), geom.V(0, 0, 1)},
		{Plane, left, &right, geom.V(20, 10, 5), geom.V(1, 0, 0)},
		{Plane, h1, &h2, geom.V(10, 10, 0), geom.V(0, 1, 0)},
		{Plane, corner, &top, geom.V(0, 0, 10), geom.V(0, 0, 1)},
		{Frame, h1, &h2, geom.V(10, 10, 0), geom.V(0, 0, 1)},
		{Frame, top, &edge, geom.V(20, 10, 10), geom.V(0, 0, 1)},
	} {
		f, err := Helper(c.what, c.a, c.b)
		if c.what == Frame && c.b == &h2 {
			if err == nil {
				t.Error("a frame was made of two parallel axes, which tell no x")
			}
			continue
		}
		if err != nil {
			t.Errorf("%s of %s: %v", c.what, c.a.Describe(), err)
			continue
		}
		off := f.O.Sub(c.o)
		if f.Kind == Axis {
			off = off.Reject(f.Z)
		}
		if f.Kind == Plane {
			off = f.Z.Scale(off.Dot(f.Z))
		}
		if off.Norm() > 1e-9 || c.z != (geom.Vec{}) && f.Z.Cross(c.z).Norm() > 1e-9 {
			t.Errorf("%s of %s: at %v along %v, want %v along %v", c.what, c.a.Describe(), f.O, f.Z, c.o, c.z)
		}
	}
	for _, c := range [][2]Feature{{left, front}, {corner, corner}} {
		if _, err := Helper(Plane, c[0], &c[1]); err == nil && c[0].Kind == Plane {
			t.Errorf("a plane was made of %s and %s that cross", c[0].Describe(), c[1].Describe())
		}
	}
	if _, err := Helper(Axis, corner, nil); err == nil {
		t.Error("an axis was made of a corner")
	}
}
