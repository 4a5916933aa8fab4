package part

import (
	"fmt"
	"math"
	"strconv"

	"setfast/core/tol"
)

// Number writes a length or an angle as a designer would: no more digits than it has, at most four behind the point.
func Number(x float64) string {
	return strconv.FormatFloat(math.Round(x*1e4)/1e4+0, 'f', -1, 64)
}

// Describe names a feature for people: what it is and its size.
func (f Feature) Describe() string {
	switch f.Kind {
	case Plane:
		return "face"
	case Cylinder:
		if f.Side == "hole" {
			return "Ø" + Number(2*f.Radius) + " hole"
		}
		return "Ø" + Number(2*f.Radius) + " shank"
	case Circle:
		return "Ø" + Number(2*f.Radius) + " rim"
	case Point:
		return "corner"
	case Axis:
		return "straight edge"
	case Cone:
		return Number(2*f.HalfAngle) + "° cone"
	case Sphere:
		return "Ø" + Number(2*f.Radius) + " ball"
	}
	return "frame"
}

// Fit says how two round features of one axis go together, where their sizes matter.
func Fit(a, b Feature) string {
	if a.Kind != Cylinder || b.Kind != Cylinder {
		return ""
	}
	hole, shaft := a, b
	if a.Side != "hole" {
		hole, shaft = b, a
	}
	if hole.Side != "hole" || shaft.Side == "hole" {
		if math.Abs(a.Radius-b.Radius) < tol.SameRadius {
			return fmt.Sprintf("both Ø%s", Number(2*a.Radius))
		}
		return fmt.Sprintf("Ø%s beside Ø%s", Number(2*b.Radius), Number(2*a.Radius))
	}
	gap := 2 * (hole.Radius - shaft.Radius)
	what := fmt.Sprintf("Ø%s shank in Ø%s hole", Number(2*shaft.Radius), Number(2*hole.Radius))
	switch {
	case math.Abs(gap) < tol.SizeForSize:
		return what + ", size for size"
	case gap > 0:
		return what + ", " + Number(gap) + " clear"
	}
	return what + ", " + Number(-gap) + " too tight to go in"
}
