package seat

import (
	"math"

	"setfast/core/geom"
	"setfast/core/tol"
)

// Box is an extent in space.
type Box struct{ Low, High geom.Vec }

// Around is the extent of a box after it is placed.
func (b Box) Around(p geom.Pose) Box {
	low, high := p.Box(b.Low, b.High)
	return Box{low, high}
}

// Join is the extent of both.
func (b Box) Join(o Box) Box {
	return Box{
		geom.V(math.Min(b.Low.X, o.Low.X), math.Min(b.Low.Y, o.Low.Y), math.Min(b.Low.Z, o.Low.Z)),
		geom.V(math.Max(b.High.X, o.High.X), math.Max(b.High.Y, o.High.Y), math.Max(b.High.Z, o.High.Z)),
	}
}

// Size is the length of the box's diagonal.
func (b Box) Size() float64 { return b.High.Sub(b.Low).Norm() }

// Spread lays arrivals out in rows beside what is there, so that none lands on another: along x, a new row after a while.
func Spread(there []Box, arrivals []Box) []geom.Pose {
	all := Box{}
	if len(there) > 0 {
		all = there[0]
		for _, b := range there[1:] {
			all = all.Join(b)
		}
	}
	widest, area := 0.0, 0.0
	for _, b := range arrivals {
		widest = math.Max(widest, b.Size())
	}
	gap := math.Max(widest*tol.SpreadGap, tol.SpreadLeast)
	for _, b := range arrivals {
		area += (b.High.X - b.Low.X + gap) * (b.High.Y - b.Low.Y + gap)
	}
	rowLength := max(all.High.X-all.Low.X, 4*widest, math.Sqrt(area)) // about square, where there are many
	x, y, deep := all.Low.X, all.Low.Y-gap, 0.0
	if len(there) == 0 {
		x, y = 0, 0
	}
	start := x
	out := make([]geom.Pose, len(arrivals))
	for i, b := range arrivals {
		w, d := b.High.X-b.Low.X, b.High.Y-b.Low.Y
		if x > start && x+w-start > rowLength {
			x = start
			y -= deep + gap
			deep = 0
		}
		// the box's far side at y, its low x at x, standing at the height of what is there
		out[i] = geom.Pose{O: geom.V(x-b.Low.X, y-b.High.Y, all.Low.Z-b.Low.Z), Q: geom.Identity}
		x += w + gap
		deep = math.Max(deep, d)
	}
	return out
}
