package part

import (
	"fmt"

	"setfast/core/geom"
	"setfast/core/tol"
)

// Helper makes a feature that a part has not got by itself from one or two that it has: a point, an axis, a plane or a frame. What can be
// made of what follows from elementary geometry:
//
//	point   the middle of one feature; where two axes cross or come nearest, half way; where an axis goes through a plane; a ball's
//	        pole along an axis, or facing a plane
//	axis    square to a plane through its middle; through two points; where two planes cut; half way between two parallel axes
//	plane   half way between two parallel planes; through an axis and along another or a point; through a point, square to an axis
//	frame   at the middle of a feature, z along it; x along the second
func Helper(kind Kind, a Feature, b *Feature) (Feature, error) {
	switch kind {
	case Point:
		return helperPoint(a, b)
	case Axis:
		return helperAxis(a, b)
	case Plane:
		return helperPlane(a, b)
	case Frame:
		return helperFrame(a, b)
	}
	return Feature{}, fmt.Errorf("a helper is a point, an axis, a plane or a frame, not a %s", kind)
}

func no(kind Kind, a Feature, b *Feature) error {
	if b == nil {
		return fmt.Errorf("no %s can be made of %s alone", kind, a.Describe())
	}
	return fmt.Errorf("no %s can be made of %s and %s as they lie", kind, a.Describe(), b.Describe())
}

func line(f Feature) bool { return f.IsAxis() || f.Kind == Circle }

func helperPoint(a Feature, b *Feature) (Feature, error) {
	point := func(at geom.Vec) (Feature, error) { return Feature{Kind: Point, O: at}, nil }
	switch {
	case b == nil:
		return point(a.O)
	case a.Kind == Sphere && b.Kind == Plane: // the pole that faces the plane
		return point(a.O.AddScaled(-a.Radius, b.Z))
	case a.Kind == Sphere && line(*b): // the pole in the axis's direction
		return point(a.O.AddScaled(a.Radius, b.Z))
	case line(a) && line(*b):
		p, q, ok := nearest(a, *b)
		if !ok {
			return Feature{}, no(Point, a, b)
		}
		return point(p.Add(q).Scale(0.5))
	case a.Kind == Plane && line(*b), line(a) && b.Kind == Plane:
		plane, axis := a, *b
		if b.Kind == Plane {
			plane, axis = *b, a
		}
		slope := plane.Z.Dot(axis.Z)
		if slope < tol.ParallelFaces && slope > -tol.ParallelFaces {
			return Feature{}, no(Point, a, b)
		}
		return point(axis.O.AddScaled(plane.O.Sub(axis.O).Dot(plane.Z)/slope, axis.Z))
	}
	return point(a.O.Add(b.O).Scale(0.5))
}

// nearest finds where two lines come nearest, on each; parallel ones do nowhere.
func nearest(a, b Feature) (p, q geom.Vec, ok bool) {
	n := a.Z.Cross(b.Z)
	nn := n.Dot(n)
	if nn < tol.ParallelFaces*tol.ParallelFaces {
		return p, q, false
	}
	w := b.O.Sub(a.O)
	return a.O.AddScaled(w.Cross(b.Z).Dot(n)/nn, a.Z), b.O.AddScaled(w.Cross(a.Z).Dot(n)/nn, b.Z), true
}

func helperAxis(a Feature, b *Feature) (Feature, error) {
	axis := func(at, along geom.Vec) (Feature, error) {
		if along.Norm() < tol.ParallelFaces {
			return Feature{}, no(Axis, a, b)
		}
		return Feature{Kind: Axis, O: at, Z: along.Unit()}, nil
	}
	switch {
	case b == nil && a.HasDirection():
		return axis(a.O, a.Z)
	case b == nil:
		return Feature{}, no(Axis, a, b)
	case a.Kind == Plane && b.Kind == Plane:
		along := a.Z.Cross(b.Z)
		cc := along.Dot(along)
		if cc < tol.ParallelFaces*tol.ParallelFaces {
			return Feature{}, no(Axis, a, b)
		}
		// the point of both planes: (d₁ n₂ − d₂ n₁) × (n₁ × n₂), scaled
		at := b.Z.Scale(a.O.Dot(a.Z)).Sub(a.Z.Scale(b.O.Dot(b.Z))).Cross(along).Scale(1 / cc)
		return axis(at, along)
	case line(a) && line(*b) && a.Z.Cross(b.Z).Norm() < tol.ParallelFaces:
		foot := b.O.AddScaled(a.O.Sub(b.O).Dot(b.Z), b.Z)
		return axis(a.O.Add(foot).Scale(0.5), a.Z)
	case a.IsPoint() && b.IsPoint():
		return axis(a.O, b.O.Sub(a.O))
	case a.IsPoint() && b.HasDirection():
		return axis(a.O, b.Z)
	case b.IsPoint() && a.HasDirection():
		return axis(b.O, a.Z)
	}
	return Feature{}, no(Axis, a, b)
}

func helperPlane(a Feature, b *Feature) (Feature, error) {
	plane := func(at, normal geom.Vec) (Feature, error) {
		if normal.Norm() < tol.ParallelFaces {
			return Feature{}, no(Plane, a, b)
		}
		return Feature{Kind: Plane, O: at, Z: normal.Unit()}, nil
	}
	switch {
	case b == nil && a.HasDirection():
		return plane(a.O, a.Z)
	case b == nil:
		return Feature{}, no(Plane, a, b)
	case a.Kind == Plane && b.Kind == Plane:
		if a.Z.Cross(b.Z).Norm() > tol.ParallelFaces {
			return Feature{}, no(Plane, a, b)
		}
		return plane(a.O.AddScaled(b.O.Sub(a.O).Dot(a.Z)/2, a.Z), a.Z)
	case line(a) && line(*b):
		if a.Z.Cross(b.Z).Norm() < tol.ParallelFaces { // the plane of two parallel axes
			return plane(a.O, a.Z.Cross(b.O.Sub(a.O)))
		}
		return plane(a.O, a.Z.Cross(b.Z))
	case line(a) && b.IsPoint():
		return plane(a.O, a.Z.Cross(b.O.Sub(a.O)))
	case line(*b) && a.IsPoint():
		return plane(b.O, b.Z.Cross(a.O.Sub(b.O)))
	case a.Kind == Plane && b.IsPoint():
		return plane(b.O, a.Z)
	case b.Kind == Plane && a.IsPoint():
		return plane(a.O, b.Z)
	}
	return Feature{}, no(Plane, a, b)
}

func helperFrame(a Feature, b *Feature) (Feature, error) {
	f := Feature{Kind: Frame, O: a.O, Z: a.Z}
	if !a.HasDirection() {
		f.Z = geom.V(0, 0, 1)
	}
	own := f.AsFrame()
	if b == nil {
		own = Feature{Kind: Axis, O: f.O, Z: f.Z}.AsFrame()
		f.X = own.X
		return f, nil
	}
	x := b.O.Sub(a.O)
	if b.HasDirection() {
		x = b.Z
	}
	if x = x.Reject(f.Z); x.Norm() < tol.ParallelFaces {
		return Feature{}, no(Frame, a, b)
	}
	f.X = x.Unit()
	return f, nil
}
