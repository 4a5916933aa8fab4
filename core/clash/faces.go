package clash

import (
	"math"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// known is what two faces are to one another, decided by their exact surfaces.
type known int8

const (
	doubt   known = iota // only the exact shapes can tell
	flat                 // two planes: their triangles are exact
	cleared              // they do not go through one another; how far apart they are is said
	through              // they go through one another, but for the tolerance of the chords that they are drawn by
)

// seen is a face where it stands in the frame of the first solid of a pair.
type seen struct {
	s    *Solid
	at   int32
	f    part.Feature
	to   *relative // nil for the first solid
	from float64
	end  float64
}

// corners goes over the face's corners where they stand.
func (x *seen) corners(each func(p geom.Vec)) {
	x.s.corners(x.at, func(p geom.Vec) {
		if x.to != nil {
			p = x.to.point(p)
		}
		each(p)
	})
}

// heights are the least and greatest of the face's corners over a plane.
func (x *seen) heights(o, n geom.Vec) (low, high float64) {
	low, high = math.Inf(1), math.Inf(-1)
	x.corners(func(p geom.Vec) {
		h := p.Sub(o).Dot(n)
		low, high = min(low, h), max(high, h)
	})
	return low, high
}

// radii are the least and greatest distance of the face's corners from an axis.
func (x *seen) radii(o, z geom.Vec) (low, high float64) {
	low, high = math.Inf(1), math.Inf(-1)
	x.corners(func(p geom.Vec) {
		r := p.Sub(o).Reject(z).Norm()
		low, high = min(low, r), max(high, r)
	})
	return low, high
}

// between tells what two faces are to one another, and how far apart they are where that is known. mm is what counts as
// touching.
func between(a, b *seen, mm float64) (known, float64) {
	switch {
	case a.s.drawn(a.at) && b.s.drawn(b.at):
		return flat, 0
	case a.f.Kind == part.Cylinder && b.f.Kind == part.Cylinder:
		return rounds(a, b, mm)
	case a.f.Kind == part.Plane:
		return besides(a, b, mm)
	case b.f.Kind == part.Plane:
		return besides(b, a, mm)
	case a.f.Kind == part.Cylinder && b.f.Kind == part.Cone:
		return about(a, b, mm)
	case a.f.Kind == part.Cone && b.f.Kind == part.Cylinder:
		return about(b, a, mm)
	case a.f.Kind == part.Cone && b.f.Kind == part.Cone:
		return cones(a, b, mm)
	}
	return doubt, 0
}

// along tells whether two directions run along each other.
func along(a, b geom.Vec) bool { return a.Cross(b).Norm() < tol.FitDirection }

// rounds are two cylinders: a shank in a hole, two shanks beside one another, or one behind another.
func rounds(a, b *seen, mm float64) (known, float64) {
	if !along(a.f.Z, b.f.Z) {
		return doubt, 0
	}
	off := b.f.O.Sub(a.f.O).Reject(a.f.Z).Norm()
	hole, shank := a, b
	if a.f.Side != "hole" {
		hole, shank = b, a
	}
	shift := shank.f.O.Sub(hole.f.O).Dot(hole.f.Z)
	low, high := shift+shank.from, shift+shank.end
	if hole.f.Z.Dot(shank.f.Z) < 0 {
		low, high = shift-shank.end, shift-shank.from
	}
	beyond := max(low-hole.end, hole.from-high) // less than nothing where they are side by side
	var gap float64
	switch {
	case hole.f.Side == "hole" && shank.f.Side == "shaft":
		gap = hole.f.Radius - shank.f.Radius - off
	case a.f.Side == "shaft" && b.f.Side == "shaft" && off > math.Abs(a.f.Radius-b.f.Radius):
		gap = off - a.f.Radius - b.f.Radius
	case off < mm: // two holes, or two shanks, of one axis
		return cleared, max(0, max(beyond, math.Abs(a.f.Radius-b.f.Radius)))
	default:
		return doubt, 0
	}
	switch {
	case beyond >= -mm:
		return cleared, math.Hypot(max(0, beyond), max(0, gap))
	case gap >= -mm:
		return cleared, max(0, gap)
	case hole.f.Side == "hole" && hole.s.Faces[hole.at].whole && shank.s.Faces[shank.at].whole:
		return through, 0
	}
	return doubt, 0
}

// besides are a plane and something round about an axis square to it or along it.
func besides(p, x *seen, mm float64) (known, float64) {
	round := x.f.Kind == part.Cylinder
	if !round && x.f.Kind != part.Cone {
		return doubt, 0
	}
	switch n := p.f.Z; {
	case along(n, x.f.Z):
		var low, high float64
		if round { // its ends are exact
			a, b := x.f.O.AddScaled(x.from, x.f.Z).Sub(p.f.O).Dot(n), x.f.O.AddScaled(x.end, x.f.Z).Sub(p.f.O).Dot(n)
			low, high = min(a, b), max(a, b)
		} else {
			low, high = x.heights(p.f.O, n)
		}
		off := max(0, max(low, -high)) // along the axis
		if !round {
			if low >= -mm || high <= mm {
				return cleared, off
			}
			return doubt, 0
		}
		least, most := p.ring(x)
		gap := least - x.f.Radius
		if x.f.Side == "hole" {
			gap = x.f.Radius - most
		}
		if low >= -mm || high <= mm || gap >= -mm {
			return cleared, math.Hypot(off, max(0, gap))
		}
		// a face is of one piece: what has points inside and outside a whole round meets it
		if bent := p.s.Off + mm; x.s.Faces[x.at].whole && least < x.f.Radius-bent && most > x.f.Radius+bent {
			return through, 0
		}
	case round && math.Abs(n.Dot(x.f.Z)) < tol.FitDirection:
		over := x.f.O.Sub(p.f.O).Dot(n) - x.f.Radius
		if low, _ := x.heights(p.f.O, n); x.f.Side == "shaft" && low > over+x.s.Off+tol.FitPlace {
			over = low // only a part of the round, which does not have the point nearest to the plane
		}
		if x.f.Side == "shaft" && over >= -mm {
			return cleared, max(0, over)
		}
		if _, most := p.radii(x.f.O, x.f.Z); x.f.Side == "hole" && most <= x.f.Radius+mm {
			return cleared, max(0, x.f.Radius-most)
		}
	}
	return doubt, 0
}

// ring tells how near a flat face comes to an axis square to it, and how far its corners are from there. Where it is nearest by no more than
// the chord of a round border about that axis, the corners count.
func (x *seen) ring(axis *seen) (least, most float64) {
	corner, most := x.radii(axis.f.O, axis.f.Z)
	m, s := x.s.Mesh, x.s
	least = math.Inf(1)
	for _, i := range s.byFace[s.starts[x.at]:s.starts[x.at+1]] {
		t := m.corners3(i)
		if x.to != nil {
			t = [3]geom.Vec{x.to.point(t[0]), x.to.point(t[1]), x.to.point(t[2])}
		}
		height := t[0].Sub(axis.f.O).Dot(axis.f.Z)
		c := axis.f.O.AddScaled(height, axis.f.Z) // where the axis meets the face
		least = min(least, nearestOn(c, &t).Sub(c).Norm())
	}
	if least > corner-s.Off-tol.FitPlace {
		least = corner
	}
	return least, most
}

// about are a cylinder and a cone of one axis: a chamfer in a hole or on a shank.
func about(c, k *seen, mm float64) (known, float64) {
	if !along(c.f.Z, k.f.Z) || k.f.O.Sub(c.f.O).Reject(c.f.Z).Norm() > mm {
		return doubt, 0
	}
	least, most := k.radii(c.f.O, c.f.Z)
	if c.f.Side == "shaft" && least >= c.f.Radius-mm {
		return cleared, max(0, least-c.f.Radius)
	}
	if c.f.Side == "hole" && most <= c.f.Radius+mm {
		return cleared, max(0, c.f.Radius-most)
	}
	low, high := k.heights(c.f.O, c.f.Z)
	if low >= c.end-mm || high <= c.from+mm {
		return cleared, max(0, max(low-c.end, c.from-high))
	}
	return doubt, 0
}

// cones of one axis and one angle lie beside each other everywhere.
func cones(a, b *seen, mm float64) (known, float64) {
	if !along(a.f.Z, b.f.Z) || math.Abs(a.f.HalfAngle-b.f.HalfAngle) > tol.ConesAlike || b.f.O.Sub(a.f.O).Reject(a.f.Z).Norm() > mm {
		return doubt, 0
	}
	// a cone's origin is its tip or where it has its radius: its corners tell how far it stands along the axis
	gap := func(x *seen) (radius, height float64) {
		found := false
		x.corners(func(p geom.Vec) {
			if !found {
				d := p.Sub(a.f.O)
				radius, height, found = d.Reject(a.f.Z).Norm(), d.Dot(a.f.Z), true
			}
		})
		return radius, height
	}
	ra, ha := gap(a)
	rb, hb := gap(b)
	slope := math.Tan(a.f.HalfAngle * math.Pi / 180)
	for _, grows := range [2]float64{1, -1} {
		// radius at a's height, if b widens that way
		if d := rb + grows*slope*(ha-hb) - ra; math.Abs(d)*math.Cos(a.f.HalfAngle*math.Pi/180) <= mm {
			return cleared, 0
		}
	}
	return doubt, 0
}
