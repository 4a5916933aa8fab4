package view

import (
	"math"
	"slices"

	"setfast/core/geom"
)

// piece is where a triangle meets the plane that cuts, the material to its left.
type piece struct{ a, b [2]float64 }

// clipTriangle keeps what lies behind a height, and adds where the triangle meets it.
func clipTriangle(p [3]geom.Vec, z float64, section []piece) ([][3]geom.Vec, []piece) {
	var poly, on []geom.Vec
	for k := range p {
		a, b := p[k], p[(k+1)%3]
		if a.Z <= z {
			poly = append(poly, a)
		}
		if a.Z <= z != (b.Z <= z) {
			c := a.Add(b.Sub(a).Scale((z - a.Z) / (b.Z - a.Z)))
			poly, on = append(poly, c), append(on, c)
		}
	}
	var out [][3]geom.Vec
	for k := 2; k < len(poly); k++ {
		out = append(out, [3]geom.Vec{poly[0], poly[k-1], poly[k]})
	}
	if len(on) == 2 && math.Hypot(on[0].X-on[1].X, on[0].Y-on[1].Y) > 0 {
		n := p[1].Sub(p[0]).Cross(p[2].Sub(p[0])) // out of the material
		a, b := on[0], on[1]
		if (b.X-a.X)*n.Y-(b.Y-a.Y)*n.X > 0 {
			a, b = b, a
		}
		section = append(section, piece{[2]float64{a.X, a.Y}, [2]float64{b.X, b.Y}})
	}
	return out, section
}

// clipStroke keeps of a line what lies behind a height.
func clipStroke(a, b geom.Vec, z float64) (geom.Vec, geom.Vec, bool) {
	switch {
	case a.Z > z && b.Z > z:
		return a, b, false
	case a.Z > z:
		a = b.Add(a.Sub(b).Scale((z - b.Z) / (a.Z - b.Z)))
	case b.Z > z:
		b = a.Add(b.Sub(a).Scale((z - a.Z) / (b.Z - a.Z)))
	}
	return a, b, a != b
}

// loopsOf strings pieces together, end to beginning; places are one within a thousandth of a mm.
func loopsOf(pieces []piece) (loops [][][2]float64) {
	const fine = 1000
	type key [2]int64
	at := func(p [2]float64) key { return key{int64(math.Round(p[0] * fine)), int64(math.Round(p[1] * fine))} }
	from := map[key][]int{}
	for i, p := range pieces {
		from[at(p.a)] = append(from[at(p.a)], i)
	}
	used := make([]bool, len(pieces))
	next := func(p [2]float64) int {
		k := at(p)
		for dx := int64(-1); dx <= 1; dx++ {
			for dy := int64(-1); dy <= 1; dy++ {
				for _, i := range from[key{k[0] + dx, k[1] + dy}] {
					if !used[i] {
						return i
					}
				}
			}
		}
		return -1
	}
	for i := range pieces {
		if used[i] {
			continue
		}
		var loop [][2]float64
		for k := i; k >= 0; k = next(pieces[k].b) {
			used[k] = true
			loop = append(loop, pieces[k].a)
		}
		if len(loop) > 2 {
			loops = append(loops, loop)
		}
	}
	return loops
}

// covers is where an area that a plane cuts lies before a line; everything that is left lies behind the plane.
func (a *Area) covers(l *stroke) (out []span1) {
	at := []float64{0, 1}
	for _, loop := range a.Loops {
		for k := range loop {
			p, q := loop[k], loop[(k+1)%len(loop)]
			dx, dy, ex, ey := l.b.X-l.a.X, l.b.Y-l.a.Y, q[0]-p[0], q[1]-p[1]
			den := dx*ey - dy*ex
			if den == 0 {
				continue
			}
			t := ((p[0]-l.a.X)*ey - (p[1]-l.a.Y)*ex) / den
			u := ((p[0]-l.a.X)*dy - (p[1]-l.a.Y)*dx) / den
			if t > 0 && t < 1 && u >= 0 && u < 1 {
				at = append(at, t)
			}
		}
	}
	slices.Sort(at)
	for k := 1; k < len(at); k++ {
		m := (at[k-1] + at[k]) / 2
		if at[k] > at[k-1] && a.Holds(l.a.X+m*(l.b.X-l.a.X), l.a.Y+m*(l.b.Y-l.a.Y)) {
			out = append(out, span1{at[k-1], at[k]})
		}
	}
	return out
}

// Holds tells whether a place lies in the area.
func (a *Area) Holds(x, y float64) bool {
	in := false
	for _, loop := range a.Loops {
		for k := range loop {
			p, q := loop[k], loop[(k+1)%len(loop)]
			if p[1] > y != (q[1] > y) && x < p[0]+(y-p[1])/(q[1]-p[1])*(q[0]-p[0]) {
				in = !in
			}
		}
	}
	return in
}
