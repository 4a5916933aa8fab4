package clash

import (
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/tol"
)

// onEdge, of a triangle: a line as near as this beside an edge counts as on it, and hits the triangles on both sides at one place.
const onEdge = 1e-9

// Line tells where a line through a point along a unit direction crosses the surface: distances from the point, each once, in order. It takes time linear in
// triangles.
func (m *Mesh) Line(o, z geom.Vec) []float64 {
	x := z.Perp()
	y := z.Cross(x)
	var out []float64
	for _, t := range m.triangles {
		var u, v, h [3]float64
		for i, k := range t {
			d := m.points[k].Sub(o)
			u[i], v[i], h[i] = d.Dot(x), d.Dot(y), d.Dot(z)
		}
		// areas that the line makes with the edges, seen along it
		a := u[1]*v[2] - u[2]*v[1]
		b := u[2]*v[0] - u[0]*v[2]
		c := u[0]*v[1] - u[1]*v[0]
		sum := a + b + c
		if math.Abs(sum) < onEdge || min(a/sum, b/sum, c/sum) < -onEdge { // it runs along the triangle, or passes beside it
			continue
		}
		out = append(out, (a*h[0]+b*h[1]+c*h[2])/sum)
	}
	slices.Sort(out)
	return slices.CompactFunc(out, func(p, q float64) bool { return math.Abs(p-q) < tol.BoreMeets })
}
