package part

import (
	"math"

	"setfast/core/tol"
)

// SamePlace tells whether two features are alike and lie on one surface, axis or point; turned, that they look opposite ways. How far round faces
// reach, and what a frame's x is, makes no difference.
func SamePlace(f, g Feature) (same, turned bool) {
	if f.Kind != g.Kind || f.Side != g.Side || math.Abs(f.Radius-g.Radius) > tol.HandMM || math.Abs(f.HalfAngle-g.HalfAngle) > tol.ConesAlike {
		return false, false
	}
	along := f.Z.Dot(g.Z)
	if f.HasDirection() && math.Abs(along) <= 1-tol.HandTurn {
		return false, false
	}
	off := g.O.Sub(f.O)
	switch f.Kind {
	case Plane:
		same = math.Abs(off.Dot(g.Z)) < tol.HandMM
	case Cylinder, Axis:
		same = off.Reject(g.Z).Norm() < tol.HandMM
	default:
		same = off.Norm() < tol.HandMM
	}
	return same, same && along < 0 && f.HasDirection()
}
