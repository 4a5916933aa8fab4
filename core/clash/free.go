package clash

import (
	"math"

	"setfast/core/geom"
	"setfast/core/part"
)

// Kept are the faces of two solids whose surfaces stay where they are in a motion of one against the other: a bore about the axis it turns on, a
// face that slides along itself. What lies on one side of such a surface stays there, however far the motion goes on.
type Kept struct{ A, B []bool }

// Keeps finds those of a motion from one placement of the second solid to another, both in the frame of the first.
func Keeps(a, b *Solid, was, is geom.Pose) (k Kept, any bool) {
	m := is.Mul(was.Inverse())
	k = Kept{make([]bool, len(a.Faces)), make([]bool, len(b.Faces))}
	for i := range a.Faces {
		k.A[i] = stays(a.Faces[i].Feature, m)
		any = any || k.A[i]
	}
	for i := range b.Faces {
		k.B[i] = stays(b.Faces[i].Feature.At(was), m)
		any = any || k.B[i]
	}
	return k, any
}

// Still tells whether the same surfaces stay where they are in another motion.
func (k *Kept) Still(a, b *Solid, was, is geom.Pose) bool {
	m := is.Mul(was.Inverse())
	for i, keeps := range k.A {
		if keeps && !stays(a.Faces[i].Feature, m) {
			return false
		}
	}
	for i, keeps := range k.B {
		if keeps && !stays(b.Faces[i].Feature.At(was), m) {
			return false
		}
	}
	return true
}

// A surface stays where it is if it shifts by less than so many mm and turns by less than so much: some times what solving leaves.
const (
	staysMM   = 2e-5
	staysTurn = 2e-7
)

// stays tells whether the plane or cylinder that a face lies on is carried onto itself.
func stays(f part.Feature, m geom.Pose) bool {
	if f.Kind != part.Plane && f.Kind != part.Cylinder || m.Dir(f.Z).Sub(f.Z).Norm() > staysTurn {
		return false
	}
	d := m.Point(f.O).Sub(f.O)
	if f.Kind == part.Plane {
		return math.Abs(d.Dot(f.Z)) < staysMM
	}
	return d.Reject(f.Z).Norm() < staysMM
}

// Free looks at two solids without what is on one side of a surface that stays where it is: whether they could come to meet elsewhere, and how
// far they are from that, as far as a reach. enough is how near it is enough to
// know of; hint is where they were nearest when they were looked at so before, or nil.
func (e *Eye) Free(a, b *Solid, to geom.Pose, k *Kept, mm, enough, reach float64, hint *[2]int32) Sight {
	e.p.fine, e.p.kept, e.p.hint, e.p.enough = true, k, hint, enough
	m := e.p.look(a, b, to, mm, reach)
	e.p.kept, e.p.hint, e.p.enough = nil, nil, 0
	m.distance = min(m.distance, e.p.best)
	return Sight{m.crosses || m.doubtful, min(m.distance, reach), m.at, m.faces, m.tris}
}

// aside tells whether one of two faces lies on one side of the surface of the other, which stays where it is.
func (k *Kept) aside(x, y *seen, mm float64) bool {
	mm += x.s.Off + y.s.Off
	return k.A[x.at] && x.bounds(y, mm) || k.B[y.at] && y.bounds(x, mm)
}

// Aside tells whether one of two faces lies on one side of the surface of the other, which stays where it is.
func (k *Kept) Aside(a, b *Solid, faces [2]int32, to geom.Pose, mm float64) bool {
	t := relativeOf(geom.Home, to)
	x, y := a.seen(faces[0], nil), b.seen(faces[1], &t)
	return k.aside(&x, &y, mm)
}

// seen is a face where it stands in the frame of the first solid of a pair.
func (s *Solid) seen(face int32, to *relative) seen {
	f := &s.Faces[face]
	x := seen{s: s, at: face, f: f.Feature, to: to, from: f.From, end: f.To}
	if to != nil {
		x.f.O, x.f.Z = to.point(x.f.O), to.point(x.f.Z).Sub(to.o)
	}
	return x
}

// bounds tells whether a face lies on that side of another's surface where no material is, or altogether beyond it.
func (x *seen) bounds(y *seen, mm float64) bool {
	if x.f.Kind == part.Plane {
		low, high := y.heights(x.f.O, x.f.Z)
		return low >= -mm || high <= mm
	}
	if x.f.Side == "hole" {
		_, most := y.radii(x.f.O, x.f.Z)
		return most <= x.f.Radius+mm
	}
	return y.off(x.f.O, x.f.Z) >= x.f.Radius-mm
}

// off is how near a face's triangles come to an axis.
func (x *seen) off(o, z geom.Vec) float64 {
	m, s := x.s.Mesh, x.s
	least := math.Inf(1)
	for _, i := range s.byFace[s.starts[x.at]:s.starts[x.at+1]] {
		t := m.corners3(i)
		for k, p := range t {
			if x.to != nil {
				p = x.to.point(p)
			}
			t[k] = o.Add(p.Sub(o).Reject(z)) // seen along the axis
		}
		least = min(least, nearestOn(o, &t).Sub(o).Norm())
	}
	return least
}
