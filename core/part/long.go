package part

import (
	"math"

	"setfast/core/geom"
	"setfast/core/tol"
)

// Long is how long a piece of stock the part is cut from: its greatest extent along one of its straight edges or the axis of one of its rounds, corner to
// corner, so the long side of a mitred bar. It is told of corners and rims; a part that has none has no length.
func (p *Part) Long() (mm float64, ok bool) {
	var ways []geom.Vec
	var ends []Feature
	for _, name := range p.Order {
		f := p.Features[name]
		if f.Kind == Point || f.Kind == Circle {
			ends = append(ends, f)
		}
		if f.IsAxis() && !alongAny(ways, f.Z) {
			ways = append(ways, f.Z.Unit())
		}
	}
	for _, d := range ways {
		low, high := math.Inf(1), math.Inf(-1)
		for i := range ends {
			at, out := ends[i].O.Dot(d), 0.0
			if ends[i].Kind == Circle {
				out = ends[i].Radius * ends[i].Z.Cross(d).Norm()
			}
			low, high = min(low, at-out), max(high, at+out)
		}
		mm = max(mm, high-low)
	}
	return mm, mm > tol.SameRadius
}

func alongAny(ways []geom.Vec, d geom.Vec) bool {
	for _, w := range ways {
		if w.Cross(d).Norm() < tol.FrameParallel {
			return true
		}
	}
	return false
}
