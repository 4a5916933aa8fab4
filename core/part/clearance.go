package part

import (
	"fmt"
	"math"

	"setfast/core/tol"
)

// clearances are the clearance holes for bolts and screws by thread diameter: fine, medium and coarse series, mm (ISO 273:1979, table 1;
// values from memory).
var clearances = []struct{ d, fine, medium, coarse float64 }{
	{1.6, 1.7, 1.8, 2}, {2, 2.2, 2.4, 2.6}, {2.5, 2.7, 2.9, 3.1}, {3, 3.2, 3.4, 3.6}, {4, 4.3, 4.5, 4.8}, {5, 5.3, 5.5, 5.8},
	{6, 6.4, 6.6, 7}, {8, 8.4, 9, 10}, {10, 10.5, 11, 12}, {12, 13, 13.5, 14.5}, {14, 15, 15.5, 16.5}, {16, 17, 17.5, 18.5},
	{18, 19, 20, 21}, {20, 21, 22, 24}, {22, 23, 24, 26}, {24, 25, 26, 28},
}

// Series tells of a screw's shank in a hole which series of clearance holes that is, or warns of one tighter than the fine series; empty
// where the shank is of no size in the table, or the hole no clearance hole at all.
func Series(shank, hole float64) string {
	for _, c := range clearances {
		if math.Abs(c.d-shank) > tol.SameRadius {
			continue
		}
		for _, s := range []struct {
			d    float64
			name string
		}{{c.fine, "fine"}, {c.medium, "medium"}, {c.coarse, "coarse"}} {
			if math.Abs(s.d-hole) < tol.SameRadius {
				return s.name + " series of ISO 273"
			}
		}
		switch {
		case hole > shank && hole < c.fine:
			return fmt.Sprintf("tighter than the fine series of ISO 273 (%s)", Number(c.fine))
		case hole > c.coarse:
			return fmt.Sprintf("wider than the coarse series of ISO 273 (%s)", Number(c.coarse))
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
