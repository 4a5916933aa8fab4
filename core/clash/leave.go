package clash

import (
	"math"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// Leaving tells what stands in the way of a shape that leaves straight along a direction, for good: where its surface looks ahead and, farther along, another's
// looks back, both over the same spot of a plane square to the direction, they meet sooner or later. What touches, and what slides along the way, covers no
// such spot. It is the scratch of one goroutine.
type Leaving struct {
	stack [][2]int32
	poly  [2][]flatPoint
}

// Ring is a zone about an axis along the way, in the frame of what leaves, in which nothing stands in its way: the depth of a thread, or of a press fit.
type Ring struct {
	O, Z      geom.Vec
	Low, High float64 // radii
}

// flatPoint is a point seen along the way, and how far ahead it lies.
type flatPoint struct{ u, v, w float64 }

// view is two shapes seen along a direction.
type view struct {
	t          *relative
	u, v, d    geom.Vec // in the frame of the first …
	bu, bv, bd geom.Vec // … and of the second
	au, av, ad geom.Vec // by their absolute values
	cu, cv, cd geom.Vec
	mm, narrow float64
	anyWay     bool // a surface without an inside looks both ways
	rings      []ringSeen
}

type ringSeen struct{ u, v, low, high float64 }

// Rings are the zones in which b, seen from a at a pose, is not in the way of a fastener a that leaves along the axis they share: a nut has a thread, a ring
// that sits in a groove is spread. bHolds is true where b is a fastener too: what a ring or a nut holds does not slip out of it.
func Rings(a, b *Solid, to geom.Pose, bHolds bool, mm float64) (out []Ring) {
	for i := range a.Faces {
		x := &a.Faces[i]
		if x.Kind != part.Cylinder {
			continue
		}
		for j := range b.Faces {
			y := &b.Faces[j]
			if y.Kind != part.Cylinder || x.Side == y.Side || x.Side != "hole" && bHolds {
				continue
			}
			over := x.Radius - y.Radius
			if x.Side == "hole" {
				over = -over
			}
			low, high := min(x.Radius, y.Radius), max(x.Radius, y.Radius)
			if over <= 0 || over > threadDepth(2*high)+mm || !OneInOther(&x.Feature, &y.Feature, to, mm) {
				continue
			}
			out = append(out, Ring{O: x.O, Z: x.Z, Low: low, High: high})
		}
	}
	return out
}

// OneInOther tells whether two round features, the second seen from the first at a pose, run along each other, one within the other.
func OneInOther(x, y *part.Feature, to geom.Pose, mm float64) bool {
	return x.Z.Cross(to.Dir(y.Z)).Norm() < tol.FitDirection && to.Point(y.O).Sub(x.O).Reject(x.Z).Norm() <= math.Abs(x.Radius-y.Radius)+mm
}

// Blocks tells whether b, which stands at a pose in the frame of a, stands in the way of a leaving along dir, a unit vector in a's frame. What is farther
// behind than mm was passed already, and what covers less width than mm and the chords of bent faces does not count.
func (l *Leaving) Blocks(a, b *Solid, to geom.Pose, dir geom.Vec, mm float64, rings []Ring) bool {
	if a.Mesh.Empty() || b.Mesh.Empty() {
		return false
	}
	t := relativeOf(geom.Home, to)
	x := newView(&t, dir, mm, mm+2*(a.Off+b.Off))
	x.anyWay = !a.Closed || !b.Closed
	for _, r := range rings {
		if r.Z.Cross(dir).Norm() < tol.FitDirection {
			x.rings = append(x.rings, ringSeen{r.O.Dot(x.u), r.O.Dot(x.v), r.Low - x.narrow, r.High + x.narrow})
		}
	}
	l.stack = append(l.stack[:0], [2]int32{0, 0})
	for len(l.stack) > 0 {
		top := l.stack[len(l.stack)-1]
		l.stack = l.stack[:len(l.stack)-1]
		n, m := &a.Mesh.nodes[top[0]], &b.Mesh.nodes[top[1]]
		if !x.over(n, m) {
			continue
		}
		switch {
		case n.left == 0 && m.left == 0:
			if l.leaves(a.Mesh, b.Mesh, n, m, x) {
				return true
			}
		case m.left == 0 || n.left != 0 && larger(n, m):
			l.stack = append(l.stack, [2]int32{n.left, top[1]}, [2]int32{n.left + 1, top[1]})
		default:
			l.stack = append(l.stack, [2]int32{top[0], m.left}, [2]int32{top[0], m.left + 1})
		}
	}
	return false
}

func newView(t *relative, d geom.Vec, mm, narrow float64) *view {
	abs := func(v geom.Vec) geom.Vec { return geom.V(math.Abs(v.X), math.Abs(v.Y), math.Abs(v.Z)) }
	back := func(v geom.Vec) geom.Vec { return geom.V(v.Dot(t.r[0]), v.Dot(t.r[1]), v.Dot(t.r[2])) }
	x := &view{t: t, d: d, mm: mm, narrow: narrow}
	x.u = d.Perp()
	x.v = d.Cross(x.u)
	x.bu, x.bv, x.bd = back(x.u), back(x.v), back(d)
	x.au, x.av, x.ad = abs(x.u), abs(x.v), abs(d)
	x.cu, x.cv, x.cd = abs(x.bu), abs(x.bv), abs(x.bd)
	return x
}

// over tells whether a box of the second may lie over one of the first, ahead of it.
func (x *view) over(n, m *node) bool {
	c := x.t.point(m.mid).Sub(n.mid)
	return math.Abs(c.Dot(x.u)) < n.half.Dot(x.au)+m.half.Dot(x.cu)-x.narrow &&
		math.Abs(c.Dot(x.v)) < n.half.Dot(x.av)+m.half.Dot(x.cv)-x.narrow &&
		c.Dot(x.d) > -n.half.Dot(x.ad)-m.half.Dot(x.cd)-x.mm
}

// leaves goes over the triangles of two leaves.
func (l *Leaving) leaves(a, b *Mesh, n, m *node, x *view) bool {
	for i := n.from; i < n.to; i++ {
		p := &a.planes[i]
		ahead := p.n.Dot(x.d)
		if ahead < tol.FitDirection*p.long && !(x.anyWay && ahead < -tol.FitDirection*p.long) {
			continue
		}
		var tri [3]flatPoint
		for k, c := range a.corners3(i) {
			tri[k] = flatPoint{c.Dot(x.u), c.Dot(x.v), c.Dot(x.d)}
		}
		for j := m.from; j < m.to; j++ {
			q := &b.planes[j]
			if back := q.n.Dot(x.bd); back > -tol.FitDirection*q.long && !(x.anyWay && back > tol.FitDirection*q.long) {
				continue
			}
			var other [3]flatPoint
			for k, c := range b.corners3(j) {
				c = x.t.point(c)
				other[k] = flatPoint{c.Dot(x.u), c.Dot(x.v), c.Dot(x.d)}
			}
			if l.covers(&tri, &other, x) {
				return true
			}
		}
	}
	return false
}

// covers tells whether the second triangle lies over the first, and not behind it, on a spot that is wide enough and in no ring.
func (l *Leaving) covers(a, b *[3]flatPoint, x *view) bool {
	poly := append(l.poly[0][:0], a[:]...)
	spare := l.poly[1][:0]
	turned := (b[1].u-b[0].u)*(b[2].v-b[0].v)-(b[1].v-b[0].v)*(b[2].u-b[0].u) < 0
	for k := range b {
		p, q := b[k], b[(k+1)%3]
		if turned {
			p, q = q, p
		}
		spare = clip(poly, spare[:0], func(c flatPoint) float64 { return (q.u-p.u)*(c.v-p.v) - (q.v-p.v)*(c.u-p.u) })
		if poly, spare = spare, poly; len(poly) < 3 {
			break
		}
	}
	if len(poly) >= 3 {
		height := plane2(b)
		spare = clip(poly, spare[:0], func(c flatPoint) float64 { return height(c) - c.w + x.mm })
		poly, spare = spare, poly
	}
	l.poly = [2][]flatPoint{poly, spare}
	return len(poly) >= 3 && wide(poly, x.narrow) && !x.inRing(poly)
}

// clip keeps the part of a polygon where f is not less than nothing; f is linear.
func clip(poly, out []flatPoint, f func(flatPoint) float64) []flatPoint {
	for i, p := range poly {
		q := poly[(i+1)%len(poly)]
		a, b := f(p), f(q)
		if a >= 0 {
			out = append(out, p)
		}
		if a >= 0 != (b >= 0) {
			s := a / (a - b)
			out = append(out, flatPoint{p.u + s*(q.u-p.u), p.v + s*(q.v-p.v), p.w + s*(q.w-p.w)})
		}
	}
	return out
}

// plane2 is how far ahead the plane of a triangle lies at a spot.
func plane2(t *[3]flatPoint) func(flatPoint) float64 {
	u1, v1, w1 := t[1].u-t[0].u, t[1].v-t[0].v, t[1].w-t[0].w
	u2, v2, w2 := t[2].u-t[0].u, t[2].v-t[0].v, t[2].w-t[0].w
	area := u1*v2 - v1*u2
	gu, gv := (w1*v2-w2*v1)/area, (u1*w2-u2*w1)/area
	return func(p flatPoint) float64 { return t[0].w + gu*(p.u-t[0].u) + gv*(p.v-t[0].v) }
}

// wide tells whether a convex polygon is wider than a length in all directions.
func wide(poly []flatPoint, mm float64) bool {
	some := false
	for i, p := range poly {
		q := poly[(i+1)%len(poly)]
		du, dv := q.u-p.u, q.v-p.v
		long := math.Hypot(du, dv)
		if long <= 0 {
			continue
		}
		low, high := 0.0, 0.0
		for _, c := range poly {
			h := (du*(c.v-p.v) - dv*(c.u-p.u)) / long
			low, high = min(low, h), max(high, h)
		}
		if some = true; high-low <= mm {
			return false
		}
	}
	return some
}

// inRing tells whether a polygon, with its middle, lies in a ring.
func (x *view) inRing(poly []flatPoint) bool {
	for _, r := range x.rings {
		var u, v float64
		inside := true
		in := func(u, v float64) bool { d := math.Hypot(u-r.u, v-r.v); return d >= r.low && d <= r.high }
		for _, p := range poly {
			u, v = u+p.u/float64(len(poly)), v+p.v/float64(len(poly))
			inside = inside && in(p.u, p.v)
		}
		if inside && in(u, v) {
			return true
		}
	}
	return false
}

// Beside tells whether two flat faces that lie on one another may share an area: their boxes overlap in the first's plane.
func (s *Solid) Beside(face int, other *Solid, with int, to geom.Pose) bool {
	f := &s.Faces[face]
	u := f.Z.Perp()
	span := func(s *Solid, face int, place func(geom.Vec) geom.Vec, d geom.Vec) (low, high float64) {
		low, high = math.Inf(1), math.Inf(-1)
		s.corners(int32(face), func(p geom.Vec) {
			h := place(p).Dot(d)
			low, high = min(low, h), max(high, h)
		})
		return low, high
	}
	for _, d := range [2]geom.Vec{u, f.Z.Cross(u)} {
		l1, h1 := span(s, face, func(p geom.Vec) geom.Vec { return p }, d)
		l2, h2 := span(other, with, to.Point, d)
		if h1 <= l2 || h2 <= l1 {
			return false
		}
	}
	return true
}
