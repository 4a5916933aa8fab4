package kernel

import "math"

// seam tells whether an edge that bounds these faces is none of the shape: where a round face closes, or between two that lie on one
// round surface. It is asked once surfaces have been recognised, since many files have them as freeform ones.
func (p *Part) seam(on []int, size float64) bool {
	if len(on) != 2 || on[0] < 0 || on[1] < 0 || on[0] >= len(p.Faces) || on[1] >= len(p.Faces) {
		return false
	}
	f, g := &p.Faces[on[0]], &p.Faces[on[1]]
	switch f.Kind {
	case "cylinder", "cone", "sphere", "torus":
	default:
		return false
	}
	if on[0] == on[1] {
		return true
	}
	tol := math.Max(size*1e-6, 1e-9)
	if f.Kind != g.Kind || math.Abs(f.Radius-g.Radius) > tol || math.Abs(f.Minor-g.Minor) > tol || math.Abs(f.HalfAngle-g.HalfAngle) > 1e-6 {
		return false
	}
	apart := g.Origin.Sub(f.Origin)
	if f.Kind == "cylinder" {
		apart = apart.Reject(f.Axis)
	}
	return apart.Norm() < tol && (f.Kind == "sphere" || math.Abs(f.Axis.Dot(g.Axis)) > 1-1e-9)
}
