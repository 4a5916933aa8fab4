package relation

import (
	"math"

	"setfast/core/tol"
)

// Range is a pair of limits in the unit of files, each of which may be open.
type Range struct{ Lo, Hi *float64 }

// Beyond tells which end of its limits a coordinate is past, in the unit of files, and whether it is.
func (r Range) Beyond(v float64) (end float64, out bool) {
	if r.Lo != nil && v < *r.Lo-tol.AtLimit {
		return *r.Lo, true
	}
	if r.Hi != nil && v > *r.Hi+tol.AtLimit {
		return *r.Hi, true
	}
	return 0, false
}

// NearestTurn shifts an angle in degrees by whole turns to where it is least outside the limits.
func (r Range) NearestTurn(v float64) float64 {
	off := func(x float64) float64 {
		d := 0.0
		if r.Lo != nil {
			d = math.Max(d, *r.Lo-x)
		}
		if r.Hi != nil {
			d = math.Max(d, x-*r.Hi)
		}
		return d
	}
	best := v
	c := v
	switch {
	case r.Lo != nil && r.Hi != nil:
		c = v + 360*math.Round(((*r.Lo+*r.Hi)/2-v)/360)
	case r.Lo != nil:
		c = v + 360*math.Round((*r.Lo-v)/360)
	case r.Hi != nil:
		c = v + 360*math.Round((*r.Hi-v)/360)
	}
	for k := -1.0; k <= 1; k++ {
		if off(c+360*k) < off(best)-tol.TurnTie {
			best = c + 360*k
		}
	}
	return best
}
