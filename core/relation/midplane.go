package relation

import (
	"math"

	"setfast/core/part"
	"setfast/core/tol"
)

// MidPlane is the plane half way between two faces of a part: between parallel ones the middle, else the plane that
// halves their angle.
func MidPlane(f, g part.Feature) (part.Feature, bool) {
	n := f.Z.Sub(g.Z)
	same := -1.0
	if f.Z.Dot(g.Z) > 0 {
		n, same = f.Z.Add(g.Z), 1
	}
	n = n.Unit()
	m := f.O.Add(g.O).Scale(0.5)
	// equally far from both: n·(o−f) = ∓ n·(o−g), with o = m + t n
	d := f.Z.Dot(m.Sub(f.O)) + same*g.Z.Dot(m.Sub(g.O))
	k := f.Z.Dot(n) + same*g.Z.Dot(n)
	if math.Abs(k) < tol.NoAngle {
		return part.Feature{}, false
	}
	return part.Feature{Kind: part.Plane, O: m.AddScaled(-d/k, n), Z: n}, f.Kind == part.Plane && g.Kind == part.Plane
}
