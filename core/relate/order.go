package relate

import (
	"cmp"
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// wrench is a force and a moment that a contact resists, the moment by the size of the scene.
type wrench [6]float64

// wrenches are what a contact resists as a relation, about a point and over a length.
func (c *contact) wrenches(about geom.Vec, size float64) []wrench {
	f := c.fa.world
	if f.Kind == part.Sphere || c.fb.world.Kind == part.Plane {
		f = c.fb.world
	}
	arm := f.O.Sub(about).Scale(1 / size)
	force := func(d geom.Vec) wrench {
		m := arm.Cross(d)
		return wrench{d.X, d.Y, d.Z, m.X, m.Y, m.Z}
	}
	couple := func(d geom.Vec) wrench { return wrench{3: d.X, 4: d.Y, 5: d.Z} }
	if f.Z == (geom.Vec{}) { // a ball in a ball
		return []wrench{force(geom.V(1, 0, 0)), force(geom.V(0, 1, 0)), force(geom.V(0, 0, 1))}
	}
	fr := f.AsFrame()
	switch {
	case c.kind == "rim", c.kind == "revolute":
		return []wrench{force(fr.X), force(fr.Y), force(fr.Z), couple(fr.X), couple(fr.Y)}
	case c.kind == "concentric":
		return []wrench{force(fr.X), force(fr.Y), couple(fr.X), couple(fr.Y)}
	case c.class == ball:
		return []wrench{force(fr.X), force(fr.Y)}
	case c.class == rolls:
		return []wrench{force(fr.Z)}
	}
	return []wrench{force(fr.Z), couple(fr.X), couple(fr.Y)}
}

// resist adds wrenches to an orthonormal basis of those resisted, as far as they are new.
func resist(basis []wrench, add []wrench) []wrench {
	for _, w := range add {
		for range 2 {
			for _, b := range basis {
				d := 0.0
				for k := range w {
					d += w[k] * b[k]
				}
				for k := range w {
					w[k] -= d * b[k]
				}
			}
		}
		n := 0.0
		for k := range w {
			n += w[k] * w[k]
		}
		if n = math.Sqrt(n); n > tol.NewResistance {
			for k := range w {
				w[k] /= n
			}
			basis = append(basis, w)
		}
	}
	return basis
}

// order takes the components in an order in which each sits on what is before it: the base, then whatever is held best by what stands,
// fasteners once nothing else is left that they do not hold.
func (s *scene) order(o Options) []int {
	about := make([][]int, len(s.units)) // contacts per unit
	for i := range s.found {
		c := &s.found[i]
		for _, b := range [2]int{c.a, c.b} {
			u := s.bodies[b].unit
			about[u] = append(about[u], i)
		}
	}
	n := len(s.units)
	placed, held := make([]bool, n), make([][]wrench, n)
	out := make([]int, 0, n)
	place := func(u int) {
		placed[u] = true
		out = append(out, u)
		for _, i := range about[u] {
			c := &s.found[i]
			v := s.bodies[c.a].unit
			if v == u {
				v = s.bodies[c.b].unit
			}
			if !placed[v] && c.class < distant && len(held[v]) < 6 {
				mid, size := s.middle(v)
				held[v] = resist(held[v], c.wrenches(mid, size))
			}
		}
	}
	if n > 0 {
		place(s.base(o, about))
	}
	for len(out) < n {
		best := -1
		rank := func(u int) int {
			r := 2 * len(held[u])
			if r > 0 && !s.units[u].fastener {
				r += 100 // whatever is no fastener comes before them
			}
			return r
		}
		for u := range s.units {
			if !placed[u] && (best < 0 || rank(u) > rank(best)) {
				best = u
			}
		}
		if rank(best) == 0 { // nothing that stands holds any of the rest: another base among them
			best = s.largest(func(u int) bool { return !placed[u] }, about)
			s.islands = append(s.islands, island{best, s.nearest(best, func(u int) bool { return placed[u] })})
		}
		place(best)
	}
	return out
}

// base is what stands: as asked for, as grounded, or of the large components the one that most others touch, the lowest of equals.
func (s *scene) base(o Options, about [][]int) int {
	for u := range s.units {
		if s.units[u].name == o.Base {
			return u
		}
	}
	if !o.Anew {
		for u := range s.units {
			if s.units[u].grounded {
				return u
			}
		}
	}
	return s.largest(func(int) bool { return true }, about)
}

// largePart is how large a base is at least, of the largest component; common practice, no source.
const largePart = 0.5

// largest chooses a base among some components.
func (s *scene) largest(among func(u int) bool, about [][]int) int {
	volume := make([]float64, len(s.units))
	most := 0.0
	for u := range s.units {
		if !among(u) {
			continue
		}
		for _, b := range s.units[u].bodies {
			volume[u] += s.bodies[b].room
		}
		most = math.Max(most, volume[u])
	}
	touching := func(u int) int {
		others := map[int]bool{}
		for _, i := range about[u] {
			if c := &s.found[i]; c.class < distant {
				others[s.bodies[c.a].unit], others[s.bodies[c.b].unit] = true, true
			}
		}
		return len(others)
	}
	best := -1
	better := func(u, v int) bool {
		if a, b := s.units[u].fastener, s.units[v].fastener; a != b {
			return b
		}
		if a, b := volume[u] >= largePart*most, volume[v] >= largePart*most; a != b {
			return a
		}
		lu, _, _ := s.box(u)
		lv, _, _ := s.box(v)
		return cmp.Or(cmp.Compare(touching(u), touching(v)), cmp.Compare(volume[u], volume[v]), cmp.Compare(lv.Z, lu.Z)) > 0
	}
	for u := range s.units {
		if among(u) && (best < 0 || better(u, best)) {
			best = u
		}
	}
	return best
}

// box is that of a component.
func (s *scene) box(u int) (low, high geom.Vec, ok bool) {
	for _, b := range s.units[u].bodies {
		if x := &s.bodies[b]; x.known {
			if !ok {
				low, high, ok = x.low, x.high, true
			}
			low, high = low.Least(x.low), high.Most(x.high)
		}
	}
	return low, high, ok
}

// middle is that of a component, with its size.
func (s *scene) middle(u int) (geom.Vec, float64) {
	low, high, ok := s.box(u)
	if !ok {
		return geom.Vec{}, 1
	}
	return low.Add(high).Scale(0.5), math.Max(1, high.Sub(low).Norm()/2)
}

// sorted puts contacts in the order in which they are posted: by class, then by what speaks for them, then by how they were found.
func sorted(list []*contact) {
	slices.SortStableFunc(list, func(x, y *contact) int {
		return cmp.Or(cmp.Compare(x.class, y.class), -cmp.Compare(math.Round(x.size*100), math.Round(y.size*100)))
	})
}
