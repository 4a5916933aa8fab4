package explode

import (
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/tol"
)

// room is the part of an assembly's size that is left between what left.
const room = 0.03

// lay finds how far each step goes, from what left last to what left first: until its boxes are clear of all that stand already, and beyond those in its
// own direction.
func (a *apart) lay() { a.layFrom(0) }

// layFrom does so for the steps from one on; all others stand.
func (a *apart) layFrom(from int) {
	moving := map[*unit]bool{}
	for _, s := range a.out.Steps[from:] {
		for _, name := range s.Parts {
			moving[a.byName[name]] = true
		}
	}
	low, high := a.base.low, a.base.high
	var placed []*unit
	for _, u := range a.all() {
		low, high = low.Least(u.low), high.Most(u.high)
		if !moving[u] {
			placed = append(placed, u)
		}
	}
	size := high.Sub(low).Norm()
	for k := len(a.out.Steps) - 1; k >= from; k-- {
		s := &a.out.Steps[k]
		d := geom.FromArray(s.Along)
		var group []*unit
		for _, name := range s.Parts {
			group = append(group, a.byName[name])
		}
		if s.By <= 0 {
			s.By = clear(group, placed, d, room*size, nice(size/twoHundred))
		}
		for _, u := range group {
			u.shift = u.shift.AddScaled(s.By, d)
		}
		placed = append(placed, group...)
	}
}

// twoHundred is into how many steps the size of an assembly is divided, about, for round numbers.
const twoHundred = 200

// all are the units of the whole assembly, also while a group comes apart.
func (a *apart) all() []*unit {
	var out []*unit
	for _, u := range a.byName {
		out = append(out, u)
	}
	slices.SortFunc(out, func(p, q *unit) int { return p.at - q.at })
	return out
}

// nice is the power of ten at or below a length, twice or five times it.
func nice(x float64) float64 {
	p := math.Pow(10, math.Floor(math.Log10(x)))
	for _, k := range []float64{5, 2} {
		if k*p <= x {
			return k * p
		}
	}
	return p
}

// clear is the least whole number of steps along a direction that takes a group clear of all that stands, with a gap about it.
func clear(group, placed []*unit, d geom.Vec, gap, step float64) float64 {
	type span struct{ from, to float64 }
	var taken []span
	least := 0.0
	for _, u := range group {
		for _, v := range placed {
			from, to := passing(u, v, d, gap)
			if d.Dot(Sight) > 0 { // away from who looks: it must come out from behind, too
				f, t := behind(u, v, d, gap)
				if f < t && (from >= to || to <= 0 || t > to) {
					from, to = f, t
				}
			}
			if from >= to || to <= 0 {
				continue
			}
			taken = append(taken, span{from, to})
			if v.shift.Norm() == 0 || same(v.shift.Unit(), d) { // a trail crosses nothing in its own direction
				least = max(least, to)
			}
		}
	}
	slices.SortFunc(taken, func(p, q span) int {
		switch {
		case p.from < q.from:
			return -1
		case p.from > q.from:
			return 1
		}
		return 0
	})
	at := math.Ceil(least/step) * step
	for again := true; again; {
		again = false
		for _, s := range taken {
			if at > s.from && at < s.to {
				at, again = max(at+step, math.Ceil(s.to/step)*step), true
			}
		}
	}
	return max(at, step)
}

// Sight is the direction in which exploded views are seen: from the right, the front and above, alike.
var Sight = geom.V(-1, 1, -1).Unit()

// behind is where along a direction a unit is seen behind another, within a gap: boxes seen in a direction are hexagons with sides along the axes.
func behind(u, v *unit, d geom.Vec, gap float64) (from, to float64) {
	from, to = math.Inf(-1), math.Inf(1)
	for _, axis := range [3]geom.Vec{geom.V(1, 0, 0), geom.V(0, 1, 0), geom.V(0, 0, 1)} {
		n := axis.Cross(Sight).Unit() // square to a side, and to the sight
		lu, hu := -reach(u.low.Add(u.shift), u.high.Add(u.shift), n.Neg()), reach(u.low.Add(u.shift), u.high.Add(u.shift), n)
		lv, hv := -reach(v.low.Add(v.shift), v.high.Add(v.shift), n.Neg()), reach(v.low.Add(v.shift), v.high.Add(v.shift), n)
		near, far, dn := lv-gap-hu, hv+gap-lu, d.Dot(n)
		if math.Abs(dn) < tol.FitDirection {
			if near >= 0 || far <= 0 {
				return 0, 0
			}
			continue
		}
		p, q := near/dn, far/dn
		from, to = max(from, min(p, q)), min(to, max(p, q))
	}
	return from, to
}

// passing is where along a direction the box of a unit overlaps that of another where it stands now, within a gap.
func passing(u, v *unit, d geom.Vec, gap float64) (from, to float64) {
	from, to = math.Inf(-1), math.Inf(1)
	lu, hu, lv, hv := u.low.Add(u.shift).Array(), u.high.Add(u.shift).Array(), v.low.Add(v.shift).Array(), v.high.Add(v.shift).Array()
	for k, dk := range d.Array() {
		near, far := lv[k]-gap-hu[k], hv[k]+gap-lu[k] // the shift along this axis at which they meet, and at which they part
		if dk == 0 {
			if near >= 0 || far <= 0 {
				return 0, 0
			}
			continue
		}
		p, q := near/dk, far/dk
		from, to = max(from, min(p, q)), min(to, max(p, q))
	}
	return from, to
}
