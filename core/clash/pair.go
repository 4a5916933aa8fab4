package clash

import (
	"math"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// met is what looking at two solids told: what their exact surfaces decide, and whether only the exact shapes can.
type met struct {
	distance float64 // the least that is known, none where they touch
	at       geom.Vec
	faces    [2]int32 // that are nearest …
	tris     [2]int32 // … and triangles of them
	crosses  bool     // surfaces go through one another, or one lies in the other
	doubtful bool     // some surfaces are so near that their triangles cannot decide
	sure     bool     // it crosses by its exact surfaces, or by more than triangles are off
}

// pairing is the scratch of looking at pairs; it belongs to one goroutine.
type pairing struct {
	search searching
	faces  map[int64]*facing
	room   []facing // for them, used again by the next pair
	last   int64
	latest *facing
	best   float64   // the least distance so far
	enough float64   // what is nearer than this is as good as touching
	hint   *[2]int32 // triangles that were nearest when the pair was looked at last
	kept   *Kept     // surfaces that stay where they are: what lies on one side of them is not looked at
	surely bool      // what crosses surely is looked for, where other surfaces are in doubt too
	fine   bool      // triangles are so fine that they decide: what they cross by more than they may be off goes through
}

// facing is what two faces are to one another.
type facing struct {
	what     known
	distance float64
	at       geom.Vec
	tris     [2]int32 // where that is
	tri      float64  // how far apart triangles of two faces that are cleared are
	settled  bool     // nothing more can be learnt of it
	level    bool     // two planes that run along each other
	alike    bool     // and look the same way: where they share an area, both solids lie behind it
	near     bool
	rough    bool    // a border may be bent: what is told of the distance away from both faces' planes is off by chords
	apart    float64 // of two planes that run along each other
}

// look looks at two solids, the second standing at a pose in the frame of the first: surfaces nearer than clearance are measured, what is
// within mm touches.
func (p *pairing) look(a, b *Solid, to geom.Pose, mm, clearance float64) met {
	out := met{distance: math.Inf(1), faces: [2]int32{-1, -1}}
	if a.Mesh.Empty() || b.Mesh.Empty() {
		return out
	}
	t := relativeOf(geom.Home, to)
	limit := max(mm, clearance)
	p.best = min(limit, p.hinted(a, b, &t, mm))
	if p.faces == nil {
		p.faces = map[int64]*facing{}
	}
	clear(p.faces)
	p.room, p.latest = p.room[:0], nil
	if p.kept == nil {
		p.shanks(a, b, &t, mm)
	}
	s := &p.search
	s.begin(b.Mesh)
	s.stack = append(s.stack[:0], [2]int32{0, 0})
	for len(s.stack) > 0 && p.best >= p.enough && !(p.surely && out.sure) {
		top := s.stack[len(s.stack)-1]
		s.stack = s.stack[:len(s.stack)-1]
		n, m := &a.Mesh.nodes[top[0]], &b.Mesh.nodes[top[1]]
		if n.face >= 0 && m.face >= 0 {
			if f := p.faces[int64(n.face)<<32|int64(m.face)]; f != nil && f.settled {
				continue
			}
		}
		margin := max(mm, p.best) + a.Off + b.Off // what is farther apart than what was found does not matter
		if t.apart(n, m, margin) || t.beside(a.Mesh, b.Mesh, n, m, margin) {
			continue
		}
		switch {
		case n.left == 0 && m.left == 0:
			for j := m.from; j < m.to; j++ {
				k := b.Mesh.triangles[j]
				v := [3]geom.Vec{s.at(b.Mesh, k[0], &t), s.at(b.Mesh, k[1], &t), s.at(b.Mesh, k[2], &t)}
				for i := n.from; i < n.to; i++ {
					p.triangles(&out, a, b, i, j, &v, &t, mm)
				}
			}
		case m.left == 0 || n.left != 0 && larger(n, m):
			s.stack = append(s.stack, [2]int32{n.left, top[1]}, [2]int32{n.left + 1, top[1]})
		default:
			s.stack = append(s.stack, [2]int32{top[0], m.left}, [2]int32{top[0], m.left + 1})
		}
	}
	for key, f := range p.faces {
		if f.what == flat && f.rough && !p.fine && f.distance > mm && f.distance <= limit+a.Off+b.Off && !(f.level && f.distance-f.apart < tol.FitPlace) {
			out.doubtful = true
		}
		if f.what == cleared && f.near { // the surfaces may be nearer to one another where the faces have ended
			f.distance = max(f.distance, f.tri-a.bent(int32(key>>32))-b.bent(int32(key&0xffffffff)))
		}
		if f.distance < out.distance && (f.near || f.what == flat) {
			out.distance, out.at, out.faces, out.tris = f.distance, f.at, [2]int32{int32(key >> 32), int32(key & 0xffffffff)}, f.tris
		}
	}
	if !out.crosses && !out.doubtful && p.kept == nil {
		out.crosses = p.contains(a, b, &t, mm)
		out.sure = out.crosses
	}
	return out
}

// hinted bounds the distance of two solids by that of the triangles that were nearest before.
func (p *pairing) hinted(a, b *Solid, t *relative, mm float64) float64 {
	if p.hint == nil || int(p.hint[0]) >= len(a.of) || int(p.hint[1]) >= len(b.of) {
		return math.Inf(1)
	}
	u, v := a.Mesh.corners3(p.hint[0]), b.Mesh.corners3(p.hint[1])
	for i := range v {
		v[i] = t.point(v[i])
	}
	d, _ := triangleDistance(&u, &v)
	return d + a.Off + b.Off + mm
}

// shanks settles whole shanks that stand in whole holes, which need no triangles.
func (p *pairing) shanks(a, b *Solid, t *relative, mm float64) {
	for i := range a.Faces {
		x := &a.Faces[i]
		if !x.whole {
			continue
		}
		for j := range b.Faces {
			y := &b.Faces[j]
			if !y.whole || x.Side == y.Side || x.Z.Cross(t.point(y.Z).Sub(t.o)).Norm() > tol.FitDirection || t.point(y.O).Sub(x.O).Reject(x.Z).Norm() > math.Abs(x.Radius-y.Radius)+mm {
				continue
			}
			f := p.facing(a, b, int32(i), int32(j), t, mm)
			if f.what != cleared {
				continue
			}
			f.settled, f.near = true, true
			f.at = x.O.AddScaled((x.From+x.To)/2, x.Z)
			p.best = min(p.best, f.distance)
			p.faces[int64(i)<<32|int64(j)] = f
		}
	}
}

// triangles looks at one triangle of each.
func (p *pairing) triangles(out *met, a, b *Solid, i, j int32, v *[3]geom.Vec, t *relative, mm float64) {
	fa, fb := a.of[i], b.of[j]
	key := int64(fa)<<32 | int64(fb)
	f := p.latest
	if f == nil || p.last != key {
		f = p.faces[key]
	}
	if f != nil && f.what == cleared && f.distance >= p.best {
		f.settled = true // nothing that was found is farther
	}
	if f != nil && f.settled {
		p.last, p.latest = key, f
		return
	}
	u := a.Mesh.corners3(i)
	within := max(mm, p.best) + a.bent(fa) + b.bent(fb)
	if beyond(&u, v, within) || parted(&a.Mesh.planes[i], &b.Mesh.planes[j], &u, v, t, within) {
		return
	}
	if f == nil {
		f = p.facing(a, b, fa, fb, t, mm)
		p.faces[key] = f
		if f.what == cleared && f.distance >= p.best {
			f.settled = true
		}
		if f.what == through {
			f.settled, out.crosses, out.sure = true, true, true
		}
		if f.settled {
			return
		}
	}
	p.last, p.latest = key, f
	if f.what != flat {
		if d, at := triangleDistance(&u, v); d <= within {
			if f.what != doubt { // exact, if the faces are side by side; else they are as far apart as their triangles
				if !f.near || d < f.tri {
					f.near, f.at, f.tris, f.tri = true, at, [2]int32{i, j}, d
				}
				f.settled = d <= f.distance+a.bent(fa)+b.bent(fb)
				p.best = min(p.best, max(f.distance, f.tri))
				return
			}
			f.near, f.at, f.tris = true, at, [2]int32{i, j}
			if !p.fine {
				f.settled, out.doubtful, f.distance = true, true, d
				return
			}
			f.distance = min(f.distance, d)
			p.best = min(p.best, d)
			if trianglesCross(&u, v, mm+a.bent(fa)+b.bent(fb)) {
				f.settled, f.distance, out.crosses = true, 0, true
			}
		}
		return
	}
	if !f.level && !p.passes(out) && trianglesCross(&u, v, mm) {
		out.sure = out.sure || p.surely && (!f.rough || trianglesCross(&u, v, mm+a.Off+b.Off))
		out.crosses, f.distance, f.at = true, 0, middle(&u).Add(middle(v)).Scale(0.5)
		out.faces, out.at = [2]int32{fa, fb}, f.at
	}
	if f.distance > 0 {
		if d, at := triangleDistance(&u, v); d < f.distance {
			f.distance, f.at, f.tris = d, at, [2]int32{i, j}
			if d <= mm {
				f.distance = 0
			}
			p.best = min(p.best, f.distance)
		}
	}
	shared := mm
	if p.fine {
		shared += a.Off + b.Off // chords of round borders
	}
	if f.alike && !(out.doubtful && !p.surely) && f.distance == 0 && shareArea(&u, v, shared) {
		out.doubtful = true
		out.sure = out.sure || p.surely && shareArea(&u, v, shared+a.Off+b.Off)
	}
	f.settled = f.distance == 0 && (f.level && !f.alike || p.passes(out) || out.doubtful && !p.surely)
}

// passes tells whether it is known that two solids go through one another.
func (p *pairing) passes(out *met) bool { return out.crosses && (out.sure || !p.surely) }

// shareArea tells whether two triangles of one plane overlap there by more than a length: no edge of either parts them.
func shareArea(u, v *[3]geom.Vec, mm float64) bool {
	n := u[1].Sub(u[0]).Cross(u[2].Sub(u[0]))
	for _, t := range [2]*[3]geom.Vec{u, v} {
		for i := range 3 {
			out := t[(i+1)%3].Sub(t[i]).Cross(n)
			long := out.Norm()
			if long == 0 {
				return false
			}
			span := func(s *[3]geom.Vec) (low, high float64) {
				low, high = math.Inf(1), math.Inf(-1)
				for _, p := range s {
					h := p.Dot(out) / long
					low, high = min(low, h), max(high, h)
				}
				return low, high
			}
			ul, uh := span(u)
			vl, vh := span(v)
			if min(uh, vh)-max(ul, vl) <= mm {
				return false
			}
		}
	}
	return true
}

func middle(t *[3]geom.Vec) geom.Vec { return t[0].Add(t[1]).Add(t[2]).Scale(1.0 / 3) }

// beyond tells whether the boxes of two triangles are farther apart than a length.
func beyond(u, v *[3]geom.Vec, mm float64) bool {
	ul, uh := u[0].Least(u[1]).Least(u[2]), u[0].Most(u[1]).Most(u[2])
	vl, vh := v[0].Least(v[1]).Least(v[2]), v[0].Most(v[1]).Most(v[2])
	return ul.X-vh.X > mm || vl.X-uh.X > mm || ul.Y-vh.Y > mm || vl.Y-uh.Y > mm || ul.Z-vh.Z > mm || vl.Z-uh.Z > mm
}

// parted tells whether the plane of either triangle parts them by more than a length.
func parted(p, q *plane, u, v *[3]geom.Vec, t *relative, mm float64) bool {
	n := t.r[0].Scale(q.n.X).AddScaled(q.n.Y, t.r[1]).AddScaled(q.n.Z, t.r[2])
	return farther(p.n, p.c, mm*p.long, v) || farther(n, q.c+n.Dot(t.o), mm*q.long, u)
}

// farther tells whether a triangle lies on one side of a plane, farther than a distance.
func farther(n geom.Vec, c, mm float64, t *[3]geom.Vec) bool {
	x, y, z := n.Dot(t[0])-c, n.Dot(t[1])-c, n.Dot(t[2])-c
	return min(x, y, z) > mm || max(x, y, z) < -mm
}

// roomFor is how many pairs of faces are made room for at once.
const roomFor = 256

// facing decides what two faces are to one another.
func (p *pairing) facing(a, b *Solid, fa, fb int32, t *relative, mm float64) *facing {
	x, y := a.seen(fa, nil), b.seen(fb, t)
	if len(p.room) == cap(p.room) {
		p.room = make([]facing, 0, roomFor) // those that are in use stay where they are
	}
	p.room = append(p.room, facing{distance: math.Inf(1)})
	f := &p.room[len(p.room)-1]
	if p.kept != nil && p.kept.aside(&x, &y, mm) {
		f.what, f.settled = cleared, true
		return f
	}
	f.what, f.distance = between(&x, &y, mm)
	if f.what == through && !p.surely {
		f.what = doubt // how deep only the exact shapes tell
	}
	if f.what == doubt {
		f.distance = math.Inf(1)
	}
	if f.what == flat {
		planes := x.f.Kind == part.Plane && y.f.Kind == part.Plane
		f.distance, f.level = math.Inf(1), planes && along(x.f.Z, y.f.Z)
		f.alike = f.level && x.f.Z.Dot(y.f.Z) > 0
		f.rough = a.Faces[fa].curved && a.Off > 0 || b.Faces[fb].curved && b.Off > 0
		f.apart = math.Abs(y.f.O.Sub(x.f.O).Dot(x.f.Z))
	}
	return f
}

// tries is how many points are tried for one that does not lie on the other's surface.
const tries = 12

// contains tells whether one of two solids that do not go through one another lies in the other.
func (p *pairing) contains(a, b *Solid, t *relative, mm float64) bool {
	for _, c := range [2]struct {
		in, of *Solid
		point  func(geom.Vec) geom.Vec
	}{{b, a, t.point}, {a, b, t.back}} {
		if !c.of.Closed {
			continue
		}
		n := &c.of.Mesh.nodes[0]
		step := max(1, len(c.in.Mesh.points)/tries)
		for k := 0; k < len(c.in.Mesh.points); k += step {
			q := c.point(c.in.Mesh.points[k])
			if n.outside(q) > 0 {
				break // it reaches out of the other's box
			}
			if d, _ := c.of.Mesh.Nearest(q); d > mm+c.of.Off {
				if c.of.Mesh.Inside(q) {
					return true
				}
				break
			}
		}
	}
	return false
}

// back is a point of the first mesh in the frame of the second.
func (t *relative) back(v geom.Vec) geom.Vec {
	d := v.Sub(t.o)
	return geom.V(d.Dot(t.r[0]), d.Dot(t.r[1]), d.Dot(t.r[2]))
}
