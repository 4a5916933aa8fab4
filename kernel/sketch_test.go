package kernel

import (
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
)

// TestSketch draws a part of which only features are known: each has a line by its number, all lie in the box, and what is derived reads back
// as the same features. One picture of it is made, which once went on for ever.
func TestSketch(t *testing.T) {
	up, right := geom.V(0, 0, 1), geom.V(1, 0, 0)
	p := &part.Part{Name: "Bar", Mass: 0.2, Features: map[string]part.Feature{
		"A": {Kind: part.Frame, O: geom.V(-20, 0, 0), Z: up, X: right}, "B": {Kind: part.Frame, O: geom.V(20, 0, 0), Z: up, X: right},
		"bore": {Kind: part.Cylinder, O: geom.V(-20, 0, 0), Z: up, Radius: 3, Side: "hole"}, "top": {Kind: part.Plane, O: geom.V(0, 0, 4), Z: up},
		"rim": {Kind: part.Circle, O: geom.V(-20, 0, 4), Z: up, Radius: 3}, "ball": {Kind: part.Sphere, O: geom.V(0, 0, 9), Radius: 2},
		"edge": {Kind: part.Axis, O: geom.V(0, 5, 0), Z: right}, "tip": {Kind: part.Point, O: geom.V(25, 0, 0)}, "seat": {Kind: part.Cone, O: geom.V(5, 0, 0), Z: up, HalfAngle: 45},
	}, Order: []string{"A", "B", "bore", "top", "rim", "ball", "edge", "tip", "seat"}}
	s := Sketch(p)
	d := Derive(s)
	data, err := d.Encode()
	if err != nil {
		t.Fatal(err)
	}
	back, err := DecodeDerived(data)
	if err != nil {
		t.Fatal(err)
	}
	if err := back.DecodeMesh(data); err != nil {
		t.Fatal(err)
	}
	q := back.Part()
	for i, n := range p.Order {
		if f := p.Features[n]; q.Features[n] != f || back.Features[i].Edge != i || len(back.mesh.edge(i)) < 2 {
			t.Errorf("%s came back as %+v with %d points, was %+v", n, q.Features[n], len(back.mesh.edge(i)), f)
		}
	}
	if q.Mass != 0.2 || q.Shape != nil || back.Surfaces() != nil || len(q.Order) != len(p.Order) {
		t.Errorf("mass %g, shape %v, %d features", q.Mass, q.Shape, len(q.Order))
	}
	if low, high, ok := back.Extent(); !ok || low.X > -23 || high.X < 25 {
		t.Errorf("it reaches from %v to %v", low, high)
	}
	for _, p := range []*Part{s, Sketch(&part.Part{Name: "Nothing"})} {
		if _, err := Preview(p, [3]uint8{100, 100, 100}, 48); err != nil {
			t.Error(err)
		}
	}
	if err := back.DecodeMesh(data[:len(data)-8]); err == nil {
		t.Error("data that is cut short was read")
	}
}
