package kernel

import "math"

// seam tells whether an edge that bounds these faces is none of the shape: where a round face closes, or between two that lie on one
// round surface. It is asked once surfaces have been recognised, since many files have them as freeform ones.
func (p *Part) seam(on []int) bool {
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
	if f.Kind != g.Kind {
		return false
	}
	if f.Kind == "cylinder" {
		return p.oneCylinder(f, g)
	}
	tol := p.exactly()
	return math.Abs(f.Radius-g.Radius) < tol && math.Abs(f.Minor-g.Minor) < tol && math.Abs(f.HalfAngle-g.HalfAngle) < 1e-6 &&
		g.Origin.Sub(f.Origin).Norm() < tol && (f.Kind == "sphere" || alongside(f.Axis, g.Axis))
}
