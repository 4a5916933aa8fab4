package relate

import (
	"math"

	"setfast/core/geom"
)

// spot is a point in a plane.
type spot [2]float64

// common clips the triangles of two faces against each other in their plane, and gives the area they share and the points it lies between.
// Triangles are clipped by those of the other face (Sutherland and Hodgman, Communications of the ACM 17, 1974).
func common(a, b []spot) (area float64, lo, hi spot) {
	lo, hi = spot{math.Inf(1), math.Inf(1)}, spot{math.Inf(-1), math.Inf(-1)}
	al, ah := extent(a)
	bl, bh := extent(b)
	cl, ch := spot{math.Max(al[0], bl[0]), math.Max(al[1], bl[1])}, spot{math.Min(ah[0], bh[0]), math.Min(ah[1], bh[1])}
	if cl[0] >= ch[0] || cl[1] >= ch[1] {
		return 0, lo, hi
	}
	a, b = within(a, cl, ch), within(b, cl, ch)
	var buf, next [16]spot
	for i := 0; i+2 < len(a); i += 3 {
		ta := a[i : i+3]
		tl, th := extent(ta)
		for j := 0; j+2 < len(b); j += 3 {
			tb := b[j : j+3]
			if ul, uh := extent(tb); ul[0] >= th[0] || tl[0] >= uh[0] || ul[1] >= th[1] || tl[1] >= uh[1] {
				continue
			}
			poly := clip(append(buf[:0], ta...), tb, next[:0])
			for k := range poly {
				p, q := poly[k], poly[(k+1)%len(poly)]
				area += (p[0]*q[1] - p[1]*q[0]) / 2
				for c := range 2 {
					lo[c], hi[c] = math.Min(lo[c], p[c]), math.Max(hi[c], p[c])
				}
			}
		}
	}
	return area, lo, hi
}

func extent(list []spot) (lo, hi spot) {
	lo, hi = spot{math.Inf(1), math.Inf(1)}, spot{math.Inf(-1), math.Inf(-1)}
	for _, p := range list {
		for c := range 2 {
			lo[c], hi[c] = math.Min(lo[c], p[c]), math.Max(hi[c], p[c])
		}
	}
	return lo, hi
}

// within keeps the triangles that reach into a box, turned to the left.
func within(list []spot, lo, hi spot) []spot {
	out := make([]spot, 0, len(list))
	for i := 0; i+2 < len(list); i += 3 {
		t := list[i : i+3]
		tl, th := extent(t)
		if tl[0] >= hi[0] || lo[0] >= th[0] || tl[1] >= hi[1] || lo[1] >= th[1] {
			continue
		}
		if turn(t[0], t[1], t[2]) < 0 {
			out = append(out, t[0], t[2], t[1])
		} else {
			out = append(out, t...)
		}
	}
	return out
}

// turn is twice the area of a triangle, positive where it turns to the left.
func turn(a, b, c spot) float64 {
	return (b[0]-a[0])*(c[1]-a[1]) - (b[1]-a[1])*(c[0]-a[0])
}

// clip cuts a convex polygon by the sides of a triangle that turns to the left.
func clip(poly, by, next []spot) []spot {
	for k := range 3 {
		p, q := by[k], by[(k+1)%3]
		next = next[:0]
		for i := range poly {
			u, v := poly[i], poly[(i+1)%len(poly)]
			du, dv := turn(p, q, u), turn(p, q, v)
			if du >= 0 {
				next = append(next, u)
			}
			if du > 0 && dv < 0 || du < 0 && dv > 0 {
				t := du / (du - dv)
				next = append(next, spot{u[0] + t*(v[0]-u[0]), u[1] + t*(v[1]-u[1])})
			}
		}
		poly, next = next, poly
		if len(poly) < 3 {
			return nil
		}
	}
	return poly
}

// flatten gives triangles in a plane's own frame.
func flatten(tri []geom.Vec, at geom.Pose, in geom.Frame) []spot {
	out := make([]spot, len(tri))
	for i, v := range tri {
		d := at.Point(v).Sub(in.O)
		out[i] = spot{d.Dot(in.X), d.Dot(in.Y)}
	}
	return out
}

// holds tells whether a point lies in any of the triangles, or within a hair of one.
func holds(tri []spot, p spot, hair float64) bool {
	for i := 0; i+2 < len(tri); i += 3 {
		a, b, c := tri[i], tri[i+1], tri[i+2]
		if turn(a, b, c) < 0 {
			b, c = c, b
		}
		in := true
		for _, e := range [3][2]spot{{a, b}, {b, c}, {c, a}} {
			in = in && turn(e[0], e[1], p) >= -hair*math.Hypot(e[1][0]-e[0][0], e[1][1]-e[0][1])
		}
		if in {
			return true
		}
	}
	return false
}
