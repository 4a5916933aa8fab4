package conflict

import (
	"math"

	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/report"
)

// toLimits brings joint coordinates that stand outside their limits to the nearest end. Where that cannot be, the
// joint is at odds. Limits ask and remove nothing.
func (s *search) toLimits(st *Settled) {
	saved := s.Sys.Rels
	s = s.on(s.Sys.Fork())
	done := map[int]bool{}
	for round := 0; round < len(st.Rels)+1 && !s.Stopped(); round++ {
		changed := false
		for _, i := range st.Rels {
			if done[i] {
				continue
			}
			for _, c := range saved[i].Of.Coordinates {
				r, ok := s.Mates[i].Limits(c.Name)
				if !ok {
					continue
				}
				end, out := r.Beyond(s.Read(saved[i], c.Name, st.Poses), c.Angular)
				if !out {
					continue
				}
				at := s.Sys.Rels[i]
				var p []geom.Pose
				if !at.Holds(c.Name) { // what is held at a value does not give way to a limit
					with := s.on(s.Sys.Swapped(i, at.With(at.Held(c.Name, end))))
					if p = with.consistent(st.Rels, st.Poses); p != nil {
						s = with
					}
				}
				if p != nil {
					st.Poses = p
				} else {
					done[i] = true
					st.Odds = append(st.Odds, s.pastLimit(i, c, r, end, st))
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
func (s *search) pastLimit(i int, c relation.Coordinate, r relation.Range, end float64, st *Settled) report.Odds {
	id := s.Sys.Rels[i].ID
	rel := s.Sys.Rels[i]
	v := s.Read(rel, c.Name, st.Poses)
	o := report.Odds{Mates: []string{id}, Misses: []report.OddsMiss{{ID: id, MM: math.Abs(v - end)}}, Remedies: []report.Remedy{}}
	if c.Angular {
		o.Misses[0] = report.OddsMiss{ID: id, Deg: math.Abs(r.NearestTurn(v) - end)}
	}
	if rel.Holds(c.Name) {
		// let go, does it come within?
		if s.on(s.Sys.Swapped(i, rel.With(rel.Held(c.Name, end)))).consistent(st.Rels, st.Poses) != nil {
			o.Remedies = append(o.Remedies, report.Remedy{Kind: report.Free, Mate: id, Coordinate: c.Name})
		}
	}
	if s.consistent(without(st.Rels, i), st.Poses) != nil {
		o.Remedies = append(o.Remedies, report.Remedy{Kind: report.Suppress, Mate: id})
	}
	return o
}
