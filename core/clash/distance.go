package clash

import (
	"math"

	"setfast/core/geom"
)

// triangleDistance is the least distance of two triangles, and where on the first it is; none where they cross (Ericson, Real-Time Collision
// Detection, 2005, sections 5.1.5, 5.1.8 and 5.1.9).
func triangleDistance(u, v *[3]geom.Vec) (float64, geom.Vec) {
	best, at := math.Inf(1), u[0]
	take := func(p, q geom.Vec) {
		if d := p.Sub(q); d.Dot(d) < best {
			best, at = d.Dot(d), p
		}
	}
	for i := range 3 {
		take(u[i], nearestOn(u[i], v))
		take(nearestOn(v[i], u), v[i])
		for j := range 3 {
			take(nearestSegments(u[i], u[(i+1)%3], v[j], v[(j+1)%3]))
		}
	}
	if best > 0 && trianglesCross(u, v, 0) {
		return 0, at
	}
	return math.Sqrt(best), at
}

// nearestOn is the point of a triangle that is nearest to another.
func nearestOn(p geom.Vec, t *[3]geom.Vec) geom.Vec {
	ab, ac, ap := t[1].Sub(t[0]), t[2].Sub(t[0]), p.Sub(t[0])
	d1, d2 := ab.Dot(ap), ac.Dot(ap)
	if d1 <= 0 && d2 <= 0 {
		return t[0]
	}
	bp := p.Sub(t[1])
	d3, d4 := ab.Dot(bp), ac.Dot(bp)
	if d3 >= 0 && d4 <= d3 {
		return t[1]
	}
	if vc := d1*d4 - d3*d2; vc <= 0 && d1 >= 0 && d3 <= 0 {
		return t[0].AddScaled(d1/(d1-d3), ab)
	}
	cp := p.Sub(t[2])
	d5, d6 := ab.Dot(cp), ac.Dot(cp)
	if d6 >= 0 && d5 <= d6 {
		return t[2]
	}
	if vb := d5*d2 - d1*d6; vb <= 0 && d2 >= 0 && d6 <= 0 {
		return t[0].AddScaled(d2/(d2-d6), ac)
	}
	if va := d3*d6 - d5*d4; va <= 0 && d4 >= d3 && d5 >= d6 {
		return t[1].AddScaled((d4-d3)/((d4-d3)+(d5-d6)), t[2].Sub(t[1]))
	}
	va, vb, vc := d3*d6-d5*d4, d5*d2-d1*d6, d1*d4-d3*d2
	sum := va + vb + vc
	if sum == 0 {
		return t[0] // a triangle without an area
	}
	return t[0].AddScaled(vb/sum, ab).AddScaled(vc/sum, ac)
}

// nearestSegments are the points of two segments that are nearest to each other.
func nearestSegments(p1, q1, p2, q2 geom.Vec) (geom.Vec, geom.Vec) {
	d1, d2, r := q1.Sub(p1), q2.Sub(p2), p1.Sub(p2)
	a, e, f := d1.Dot(d1), d2.Dot(d2), d2.Dot(r)
	clamp := func(x float64) float64 { return max(0, min(1, x)) }
	var s, t float64
	switch {
	case a == 0 && e == 0:
	case a == 0:
		t = clamp(f / e)
	default:
		c := d1.Dot(r)
		if e == 0 {
			s = clamp(-c / a)
			break
		}
		b := d1.Dot(d2)
		if den := a*e - b*b; den > 0 {
			s = clamp((b*f - c*e) / den)
		}
		t = (b*s + f) / e
		if t < 0 {
			t, s = 0, clamp(-c/a)
		} else if t > 1 {
			t, s = 1, clamp((b-c)/a)
		}
	}
	return p1.AddScaled(s, d1), p2.AddScaled(t, d2)
}

// corners3 are the corners of a triangle.
func (m *Mesh) corners3(i int32) [3]geom.Vec {
	t := m.triangles[i]
	return [3]geom.Vec{m.points[t[0]], m.points[t[1]], m.points[t[2]]}
}

// outside is how far a point is from a box, squared.
func (n *node) outside(p geom.Vec) float64 {
	d := p.Sub(n.mid)
	x, y, z := max(0, math.Abs(d.X)-n.half.X), max(0, math.Abs(d.Y)-n.half.Y), max(0, math.Abs(d.Z)-n.half.Z)
	return x*x + y*y + z*z
}

// Nearest is the distance from a point to a mesh's triangles and the nearest of them, by its number as it was given.
func (m *Mesh) Nearest(p geom.Vec) (distance float64, triangle int32) {
	if m.Empty() {
		return math.Inf(1), -1
	}
	best, at := math.Inf(1), int32(-1)
	stack := []int32{0}
	for len(stack) > 0 {
		n := &m.nodes[stack[len(stack)-1]]
		stack = stack[:len(stack)-1]
		if n.outside(p) >= best {
			continue
		}
		if n.left == 0 {
			for i := n.from; i < n.to; i++ {
				t := m.corners3(i)
				d := nearestOn(p, &t).Sub(p)
				if q := d.Dot(d); q < best {
					best, at = q, m.was[i]
				}
			}
			continue
		}
		if m.nodes[n.left].outside(p) < m.nodes[n.left+1].outside(p) {
			stack = append(stack, n.left+1, n.left)
		} else {
			stack = append(stack, n.left, n.left+1)
		}
	}
	return math.Sqrt(best), at
}

// slanted is a direction that edges of parts do not run along.
var slanted = geom.V(4235371, 5717463, 7026111).Unit()

// Inside tells whether a point lies in what a closed mesh encloses: a ray from it meets the surface an odd number of times.
func (m *Mesh) Inside(p geom.Vec) bool {
	return len(m.meets(p, slanted, nil))%2 == 1
}

// meets gives where a ray meets the triangles, along it and in no order.
func (m *Mesh) meets(p, dir geom.Vec, out []float64) []float64 {
	if m.Empty() {
		return out
	}
	inv := geom.V(1/dir.X, 1/dir.Y, 1/dir.Z)
	stack := []int32{0}
	for len(stack) > 0 {
		n := &m.nodes[stack[len(stack)-1]]
		stack = stack[:len(stack)-1]
		if !n.onRay(p, inv) {
			continue
		}
		if n.left != 0 {
			stack = append(stack, n.left, n.left+1)
			continue
		}
		for i := n.from; i < n.to; i++ {
			t := m.corners3(i)
			if at, ok := alongRay(p, dir, &t); ok {
				out = append(out, at)
			}
		}
	}
	return out
}

func (n *node) onRay(p, inv geom.Vec) bool {
	lo, hi := 0.0, math.Inf(1)
	d := n.mid.Sub(p)
	for _, x := range [3][3]float64{{d.X, n.half.X, inv.X}, {d.Y, n.half.Y, inv.Y}, {d.Z, n.half.Z, inv.Z}} {
		if math.IsInf(x[2], 0) {
			if math.Abs(x[0]) > x[1] {
				return false
			}
			continue
		}
		a, b := (x[0]-x[1])*x[2], (x[0]+x[1])*x[2]
		lo, hi = max(lo, min(a, b)), min(hi, max(a, b))
	}
	return lo <= hi
}

// alongRay tells where a ray meets a triangle (Möller and Trumbore, Fast, minimum storage ray/triangle intersection, 1997).
func alongRay(p, d geom.Vec, t *[3]geom.Vec) (float64, bool) {
	e, f := t[1].Sub(t[0]), t[2].Sub(t[0])
	h := d.Cross(f)
	a := e.Dot(h)
	if a == 0 {
		return 0, false
	}
	s := p.Sub(t[0])
	u := s.Dot(h) / a
	if u < 0 || u > 1 {
		return 0, false
	}
	k := s.Cross(e)
	v := d.Dot(k) / a
	if v < 0 || u+v > 1 {
		return 0, false
	}
	at := f.Dot(k) / a
	return at, at >= 0
}
