package clash

import (
	"math"

	"setfast/core/geom"
)

// slab is the space between two planes that a node's triangles lie in. A facet of a round wall stands aslant in its box; between planes along
// its own normal it is thin, and so are some facets side by side. Boxes that look into one another are told apart by it.
type slab struct {
	n         geom.Vec
	low, high float64
}

// thin is how thick a slab is at the most, in parts of the box: else it is not worth the test.
const thin = 0.6

// lay makes the slabs of all nodes.
func (m *Mesh) lay() {
	for i := range m.nodes {
		x := &m.nodes[i]
		var sum geom.Vec
		for k := x.from; k < x.to; k++ {
			sum = sum.Add(m.planes[k].n)
		}
		long := sum.Norm()
		if long == 0 {
			continue
		}
		s := slab{n: sum.Scale(1 / long), low: math.Inf(1), high: math.Inf(-1)}
		box := x.half.Dot(geom.V(math.Abs(s.n.X), math.Abs(s.n.Y), math.Abs(s.n.Z)))
		for k := x.from; k < x.to && s.high-s.low <= 2*thin*box; k++ {
			for _, v := range m.triangles[k] {
				h := m.points[v].Dot(s.n)
				s.low, s.high = min(s.low, h), max(s.high, h)
			}
		}
		if s.high-s.low <= 2*thin*box {
			m.slabs = append(m.slabs, s)
			x.slab = int32(len(m.slabs))
		}
	}
}

// beside tells whether a node of one mesh lies beyond the slab of a node of the other, by more than a margin.
func (t *relative) beside(a, b *Mesh, n, m *node, margin float64) bool {
	if n.slab > 0 {
		s := &a.slabs[n.slab-1]
		c := s.n.Dot(t.point(m.mid))
		r := m.half.X*math.Abs(s.n.Dot(t.r[0])) + m.half.Y*math.Abs(s.n.Dot(t.r[1])) + m.half.Z*math.Abs(s.n.Dot(t.r[2])) + margin
		if c-r > s.high || c+r < s.low {
			return true
		}
	}
	if m.slab > 0 {
		s := &b.slabs[m.slab-1]
		d := t.r[0].Scale(s.n.X).AddScaled(s.n.Y, t.r[1]).AddScaled(s.n.Z, t.r[2])
		c := d.Dot(n.mid.Sub(t.o))
		r := n.half.X*math.Abs(d.X) + n.half.Y*math.Abs(d.Y) + n.half.Z*math.Abs(d.Z) + margin
		if c-r > s.high || c+r < s.low {
			return true
		}
	}
	return false
}
