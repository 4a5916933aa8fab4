package part

import (
	"fmt"
	"math"

	"setfast/core/standard"
	"setfast/core/tol"
)

// Series tells of a screw's shank in a hole which series of clearance holes that is, or warns of one tighter than the fine series; empty
// where the shank is of no size in the table, or the hole no clearance hole at all.
func Series(shank, hole float64) string {
	for _, h := range standard.Holes() {
		if math.Abs(h.D-shank) > tol.SameRadius {
			continue
		}
		name, source := h.Series(hole), "ISO 273"
		if h.Inch {
			source = "ASME B18.2.8"
		}
		switch {
		case name != "":
			return name + " series of " + source
		case hole > shank && hole < h.Fine:
			return fmt.Sprintf("tighter than the %s series of %s (%s)", h.Word(0), source, Number(h.Fine))
		case hole > h.Coarse:
			return fmt.Sprintf("wider than the %s series of %s (%s)", h.Word(2), source, Number(h.Coarse))
		}
	}
	return ""
}

// FitOf says how two round features go together; of a screw in a hole with the series of the hole. Two rims tell their difference.
func FitOf(on, put Feature, screw bool) string {
	if on.Kind == Circle && put.Kind == Circle {
		gap := 2 * (on.Radius - put.Radius)
		if math.Abs(gap) < tol.SizeForSize {
			return fmt.Sprintf("both rims Ø%s", Number(2*on.Radius))
		}
		return fmt.Sprintf("Ø%s rim on Ø%s rim", Number(2*put.Radius), Number(2*on.Radius))
	}
	said := Fit(on, put)
	if said == "" || !screw {
		return said
	}
	hole, shank := on, put
	if hole.Side != "hole" {
		hole, shank = put, on
	}
	if s := Series(2*shank.Radius, 2*hole.Radius); s != "" && hole.Side == "hole" {
		said += ", " + s
	}
	return said
}
