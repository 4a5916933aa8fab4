package clash

import (
	"math"

	"setfast/core/geom"
)

// relative is one mesh seen from another: a rotation, by its columns, with its absolute values, and a shift.
type relative struct {
	r   [3]geom.Vec // images of x, y and z
	abs [3]geom.Vec
	o   geom.Vec
}

func relativeOf(a, b geom.Pose) relative {
	d := a.Inverse().Mul(b)
	x, y, z := d.Q.Axes()
	abs := func(v geom.Vec) geom.Vec { return geom.V(math.Abs(v.X), math.Abs(v.Y), math.Abs(v.Z)) }
	return relative{[3]geom.Vec{x, y, z}, [3]geom.Vec{abs(x), abs(y), abs(z)}, d.O}
}

func (t *relative) point(v geom.Vec) geom.Vec {
	return geom.Vec{
		X: t.o.X + t.r[0].X*v.X + t.r[1].X*v.Y + t.r[2].X*v.Z,
		Y: t.o.Y + t.r[0].Y*v.X + t.r[1].Y*v.Y + t.r[2].Y*v.Z,
		Z: t.o.Z + t.r[0].Z*v.X + t.r[1].Z*v.Y + t.r[2].Z*v.Z,
	}
}

// apart tells whether two boxes are, by more than a margin, by the face normals of both.
func (t *relative) apart(a, b *node, margin float64) bool {
	d := t.point(b.mid).Sub(a.mid)
	h := b.half
	wide := geom.V(a.half.X+margin, a.half.Y+margin, a.half.Z+margin)
	if math.Abs(d.X) > wide.X+t.abs[0].X*h.X+t.abs[1].X*h.Y+t.abs[2].X*h.Z ||
		math.Abs(d.Y) > wide.Y+t.abs[0].Y*h.X+t.abs[1].Y*h.Y+t.abs[2].Y*h.Z ||
		math.Abs(d.Z) > wide.Z+t.abs[0].Z*h.X+t.abs[1].Z*h.Y+t.abs[2].Z*h.Z {
		return true
	}
	for k, extent := range [3]float64{h.X, h.Y, h.Z} {
		if math.Abs(d.Dot(t.r[k])) > extent+wide.Dot(t.abs[k]) {
			return true
		}
	}
	return false
}

// searching is the scratch of one search; it belongs to one goroutine.
type searching struct {
	stack [][2]int32
	moved []geom.Vec // points of the second mesh in the frame of the first …
	stamp []int32    // … those of this search
	now   int32
}

// begin makes room for the points of the second mesh.
func (s *searching) begin(b *Mesh) {
	if len(s.stamp) < len(b.points) {
		s.moved, s.stamp = make([]geom.Vec, len(b.points)), make([]int32, len(b.points))
		s.now = 0
	}
	s.now++
}

// at is a point of the second mesh in the frame of the first, worked out once.
func (s *searching) at(b *Mesh, k int32, t *relative) geom.Vec {
	if s.stamp[k] != s.now {
		s.moved[k], s.stamp[k] = t.point(b.points[k]), s.now
	}
	return s.moved[k]
}

// Cross tells whether two meshes cross, each at its pose, by more than a depth in mm.
func Cross(a *Mesh, at geom.Pose, b *Mesh, bt geom.Pose, depth float64) bool {
	var s searching
	return s.cross(a, b, relativeOf(at, bt), depth)
}

func (s *searching) cross(a, b *Mesh, t relative, depth float64) bool {
	if a.Empty() || b.Empty() {
		return false
	}
	s.begin(b)
	s.stack = append(s.stack[:0], [2]int32{0, 0})
	for len(s.stack) > 0 {
		top := s.stack[len(s.stack)-1]
		s.stack = s.stack[:len(s.stack)-1]
		n, m := &a.nodes[top[0]], &b.nodes[top[1]]
		if t.apart(n, m, 0) || t.beside(a, b, n, m, 0) {
			continue
		}
		switch {
		case n.left == 0 && m.left == 0:
			if s.leaves(a, b, n, m, &t, depth) {
				return true
			}
		case m.left == 0 || n.left != 0 && larger(n, m):
			s.stack = append(s.stack, [2]int32{n.left, top[1]}, [2]int32{n.left + 1, top[1]})
		default:
			s.stack = append(s.stack, [2]int32{top[0], m.left}, [2]int32{top[0], m.left + 1})
		}
	}
	return false
}

func larger(n, m *node) bool { return n.half.Dot(n.half) > m.half.Dot(m.half) }

// leaves tests the triangles of two leaves.
func (s *searching) leaves(a, b *Mesh, n, m *node, t *relative, depth float64) bool {
	for j := m.from; j < m.to; j++ {
		k := b.triangles[j]
		v := [3]geom.Vec{s.at(b, k[0], t), s.at(b, k[1], t), s.at(b, k[2], t)}
		for i := n.from; i < n.to; i++ {
			p := &a.planes[i]
			d := [3]float64{p.n.Dot(v[0]) - p.c, p.n.Dot(v[1]) - p.c, p.n.Dot(v[2]) - p.c}
			if !straddles(&d, p.n, depth) {
				continue
			}
			u := a.triangles[i]
			if crossing(&[3]geom.Vec{a.points[u[0]], a.points[u[1]], a.points[u[2]]}, &v, p.n, &d, depth) {
				return true
			}
		}
	}
	return false
}

// trianglesCross tells whether two triangles cross: each has corners more than a depth to either side of the other's plane, and on the
// line that the planes share both lie over the same stretch.
func trianglesCross(u, v *[3]geom.Vec, depth float64) bool {
	n := u[1].Sub(u[0]).Cross(u[2].Sub(u[0]))
	c := n.Dot(u[0])
	dv := [3]float64{n.Dot(v[0]) - c, n.Dot(v[1]) - c, n.Dot(v[2]) - c}
	return straddles(&dv, n, depth) && crossing(u, v, n, &dv, depth)
}

// straddles tells whether a triangle has corners on both sides of a plane, by more than a depth: d times the length of n.
func straddles(d *[3]float64, n geom.Vec, depth float64) bool {
	if d[0] >= 0 && d[1] >= 0 && d[2] >= 0 || d[0] <= 0 && d[1] <= 0 && d[2] <= 0 {
		return false
	}
	if depth > 0 {
		limit := depth * n.Norm()
		return max(d[0], d[1], d[2]) > limit && min(d[0], d[1], d[2]) < -limit
	}
	return true
}

// crossing goes on where the second triangle straddles the plane of the first, of normal n.
func crossing(u, v *[3]geom.Vec, n geom.Vec, dv *[3]float64, depth float64) bool {
	m := v[1].Sub(v[0]).Cross(v[2].Sub(v[0]))
	c := m.Dot(v[0])
	du := [3]float64{m.Dot(u[0]) - c, m.Dot(u[1]) - c, m.Dot(u[2]) - c}
	if !straddles(&du, m, depth) {
		return false
	}
	line := n.Cross(m)
	// along the line by the coordinate in which it is steepest
	x, y, z := abs(line.X), abs(line.Y), abs(line.Z)
	var p, q [3]float64
	steepest := x
	switch {
	case x >= y && x >= z:
		p, q = [3]float64{u[0].X, u[1].X, u[2].X}, [3]float64{v[0].X, v[1].X, v[2].X}
	case y >= z:
		p, q, steepest = [3]float64{u[0].Y, u[1].Y, u[2].Y}, [3]float64{v[0].Y, v[1].Y, v[2].Y}, y
	default:
		p, q, steepest = [3]float64{u[0].Z, u[1].Z, u[2].Z}, [3]float64{v[0].Z, v[1].Z, v[2].Z}, z
	}
	if steepest == 0 {
		return false // in one plane
	}
	lo, hi := stretch(&p, &du)
	from, to := stretch(&q, dv)
	shared := min(hi, to) - max(lo, from)
	if depth > 0 {
		return shared*line.Norm() > depth*steepest
	}
	return shared > 0
}

func abs(x float64) float64 {
	if x < 0 {
		return -x
	}
	return x
}

// stretch is where a triangle that straddles a plane meets it, along one coordinate: between the edges of the corner that is alone on its
// side, or that lies in the plane.
func stretch(p, d *[3]float64) (lo, hi float64) {
	one := 0
	switch {
	case d[0]*d[1] > 0:
		one = 2
	case d[0]*d[2] > 0:
		one = 1
	case d[1]*d[2] <= 0 && d[0] == 0: // the plane goes through the first corner and between the others
		one = 1
	}
	i, j := (one+1)%3, (one+2)%3
	lo = p[one] + (p[i]-p[one])*d[one]/(d[one]-d[i])
	hi = p[one] + (p[j]-p[one])*d[one]/(d[one]-d[j])
	if lo > hi {
		return hi, lo
	}
	return lo, hi
}
