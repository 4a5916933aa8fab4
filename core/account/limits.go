package account

import (
	"math"

	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/solve"
)

// outside tells which end of its limits a coordinate is beyond, and that end. Angles are read at the turn nearest the limits.
func beyond(v float64, angular bool, r relation.Range) (end float64, out bool) {
	if angular {
		v = nearestTurn(v, r)
	}
	const eps = 1e-6
	if r.Lo != nil && v < *r.Lo-eps {
		return *r.Lo, true
	}
	if r.Hi != nil && v > *r.Hi+eps {
		return *r.Hi, true
	}
	return 0, false
}

// nearestTurn shifts an angle in degrees by whole turns to where it is least outside the limits.
func nearestTurn(v float64, r relation.Range) float64 {
	off := func(x float64) float64 {
		d := 0.0
		if r.Lo != nil {
			d = math.Max(d, *r.Lo-x)
		}
		if r.Hi != nil {
			d = math.Max(d, x-*r.Hi)
		}
		return d
	}
	best := v
	c := v
	switch {
	case r.Lo != nil && r.Hi != nil:
		c = v + 360*math.Round(((*r.Lo+*r.Hi)/2-v)/360)
	case r.Lo != nil:
		c = v + 360*math.Round((*r.Lo-v)/360)
	case r.Hi != nil:
		c = v + 360*math.Round((*r.Hi-v)/360)
	}
	for k := -1.0; k <= 1; k++ {
		if off(c+360*k) < off(best)-1e-9 {
			best = c + 360*k
		}
	}
	return best
}

// read gives a joint coordinate in file units (mm, degrees).
func (m *model) read(r *solve.Relation, of string, poses []geom.Pose) float64 {
	v, row := m.sys.ReadCoordinate(r, of, poses)
	if row.Angular {
		return deg(v)
	}
	return v
}

// held is a copy of a joint with one coordinate kept at a value in file units.
func held(r *solve.Relation, of string, v float64) *solve.Relation { return r.With(r.Held(of, v)) }

// toLimits brings joint coordinates that stand outside their limits to the nearest end. Where that cannot be, the
// joint is at odds. Limits ask and remove nothing.
func (m *model) toLimits(st *settled) {
	saved := m.sys.Rels
	m = m.on(m.sys.Fork())
	done := map[int]bool{}
	for round := 0; round < len(st.rels)+1 && !m.stopped(); round++ {
		changed := false
		for _, i := range st.rels {
			if done[i] {
				continue
			}
			for _, c := range saved[i].Of.Coordinates {
				r, ok := m.mate[i].Limits(c.Name)
				if !ok {
					continue
				}
				end, out := beyond(m.read(saved[i], c.Name, st.poses), c.Angular, r)
				if !out {
					continue
				}
				at := m.sys.Rels[i]
				var p []geom.Pose
				if !at.Holds(c.Name) { // what is held at a value does not give way to a limit
					with := m.on(m.sys.Swapped(i, held(at, c.Name, end)))
					if p = with.consistent(st.rels, st.poses); p != nil {
						m = with
					}
				}
				if p != nil {
					st.poses = p
				} else {
					done[i] = true
					st.odds = append(st.odds, m.pastLimit(i, c, r, end, *st))
				}
				changed = true
			}
		}
		if !changed {
			return
		}
	}
}

// pastLimit tells of a joint that cannot come within its limits.
func (m *model) pastLimit(i int, c relation.Coordinate, r relation.Range, end float64, st settled) Odds {
	id := m.mate[i].ID
	rel := m.sys.Rels[i]
	v := m.read(rel, c.Name, st.poses)
	o := Odds{Mates: []string{id}, Misses: []OddsMiss{{ID: id, MM: math.Abs(v - end)}}, Remedies: []Remedy{}}
	if c.Angular {
		o.Misses[0] = OddsMiss{ID: id, Deg: math.Abs(nearestTurn(v, r) - end)}
	}
	if rel.Holds(c.Name) {
		// let go, does it come within?
		if m.on(m.sys.Swapped(i, held(rel, c.Name, end))).consistent(st.rels, st.poses) != nil {
			o.Remedies = append(o.Remedies, Remedy{Kind: "free", Mate: id, Coordinate: c.Name})
		}
	}
	if m.consistent(without(st.rels, i), st.poses) != nil {
		o.Remedies = append(o.Remedies, Remedy{Kind: "suppress", Mate: id})
	}
	return o
}
