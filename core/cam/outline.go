package cam

import (
	"math"

	"setfast/core/geom"
)

// finer is how many pieces stand for one chord of a bent edge.
const finer = 12

// Outline are the pieces of the edges of a flat face in the plane through o square to z, x first. Edges are given by points that lie on them:
// between the points of a bent one, arcs are laid that leave each point along the circle through it and its neighbours.
func Outline(edges [][]geom.Vec, o, x, z geom.Vec) []Segment {
	y := z.Cross(x)
	var out []Segment
	for _, e := range edges {
		p := make([]Point, len(e))
		for i, q := range e {
			p[i] = Point{q.Sub(o).Dot(x), q.Sub(o).Dot(y)}
		}
		p = bent(p)
		for i := 1; i < len(p); i++ {
			out = append(out, Segment{p[i-1], p[i]})
		}
	}
	return out
}

// bent puts points between those of a bent edge.
func bent(p []Point) []Point {
	n := len(p)
	if n < 3 {
		return p
	}
	closed := apart(p[0], p[n-1]) < sameCorner
	out := []Point{p[0]}
	for i := 1; i < n; i++ {
		a, b := p[i-1], p[i]
		u, v := tangent(p, i-1, closed), tangent(p, i, closed)
		long := apart(a, b)
		if half := math.Acos(math.Max(-1, math.Min(1, u[0]*v[0]+u[1]*v[1]))) / 2; half > sameAngle {
			long *= half / math.Sin(half) // of the arc
		}
		for k := 1; k <= finer; k++ {
			t := float64(k) / finer
			h := [4]float64{(1 + 2*t) * (1 - t) * (1 - t), t * (1 - t) * (1 - t) * long, t * t * (3 - 2*t), t * t * (t - 1) * long} // Hermite's
			out = append(out, Point{h[0]*a[0] + h[1]*u[0] + h[2]*b[0] + h[3]*v[0], h[0]*a[1] + h[1]*u[1] + h[2]*b[1] + h[3]*v[1]})
		}
	}
	return out
}

// sameCorner, mm: corners this near are one.
const sameCorner = 1e-5

func apart(a, b Point) float64 { return math.Hypot(b[0]-a[0], b[1]-a[1]) }

// tangent is the direction in which an edge passes its i-th point: that of the circle through the point and its neighbours.
func tangent(p []Point, i int, closed bool) Point {
	n := len(p)
	a, m, b := i-1, i, i+1
	if i == 0 || i == n-1 {
		switch {
		case closed:
			a, m, b = n-2, 0, 1
		case i == 0:
			a, m, b = 0, 1, 2
		default:
			a, m, b = n-3, n-2, n-1
		}
	}
	u, v := Point{p[m][0] - p[a][0], p[m][1] - p[a][1]}, Point{p[b][0] - p[m][0], p[b][1] - p[m][1]}
	first, second := math.Atan2(u[1], u[0]), math.Atan2(v[1], v[0])
	turn := math.Remainder(second-first, 2*math.Pi) // half of what the arc turns from a to b
	lu, lv := math.Hypot(u[0], u[1]), math.Hypot(v[0], v[1])
	// an arc turns in proportion to its length; its chord looks along its middle
	at := first + turn*lu/(lu+lv)
	if !closed && i == 0 {
		at = first - turn*lu/(lu+lv)
	} else if !closed && i == n-1 {
		at = second + turn*lv/(lu+lv)
	}
	s, c := math.Sincos(at)
	return Point{c, s}
}
