package relation

import (
	"setfast/core/part"
	"setfast/core/tol"
)

// MidPlane is the plane half way between two parallel faces of a part, with the normal of the first; false where they are no such faces.
func MidPlane(f, g part.Feature) (part.Feature, bool) {
	if f.Kind != part.Plane || g.Kind != part.Plane || f.Z.Cross(g.Z).Norm() > tol.ParallelFaces {
		return part.Feature{}, false
	}
	n := f.Z.Sub(g.Z)
	if f.Z.Dot(g.Z) > 0 {
		n = f.Z.Add(g.Z)
	}
	return part.Feature{Kind: part.Plane, O: f.O.Add(g.O).Scale(0.5), Z: n.Unit()}, true
}
