package conflict

import (
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/report"
	"setfast/core/solve"
)

// toLimits brings joint coordinates that stand outside their limits to the nearest end. Where that cannot be, the
// joint is at odds. Limits ask and remove nothing.
func (s *search) toLimits(st *Settled) {
	s.SettleTurns(st.Rels, st.Poses)
	saved := s.Sys.Rels
	free := s
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
				end, out := r.Beyond(s.Read(saved[i], c.Name, st.Poses))
				if !out {
					continue
				}
				at := s.Sys.Rels[i]
				p := s.otherTurn(at, c, r, st)
				if p == nil && !at.Holds(c.Name) { // what is held at a value does not give way to a limit
					with := s.on(s.Sys.Swapped(i, at.With(at.Held(c.Name, end))))
					if p = with.consistent(st.Rels, st.Poses); p != nil {
						s = with
					}
				}
				if p == nil { // what was brought to its limits before need not stay there
					if p = free.elsewhere(i, st); p != nil {
						s = free.on(free.Sys.Fork())
					}
				}
				if p != nil {
					st.Poses = p
				} else {
					done[i] = true
					st.Odds = append(st.Odds, s.pastLimit(i, c, end, st))
				}
				changed = true
			}
		}
		if !changed {
			return
		}
	}
}

// otherTurn looks whether a coordinate past its limits is within them with other whole turns, which a coupling may not allow.
func (s *search) otherTurn(r *solve.Relation, c relation.Coordinate, lim relation.Range, st *Settled) []geom.Pose {
	v := s.Read(r, c.Name, st.Poses)
	turns := math.Round((lim.NearestTurn(v) - v) / 360)
	q := slices.Clone(st.Poses)
	if !c.Angular || turns == 0 || r.Holds(c.Name) || !s.Sys.Turn(r, c.Name, turns, q) {
		return nil
	}
	if p := s.consistent(st.Rels, q); p != nil {
		if _, out := lim.Beyond(s.Read(r, c.Name, p)); !out {
			return p
		}
	}
	return nil
}

// elsewhere looks for another way to assemble what a joint hangs with, within the limits of all joints there.
func (s *search) elsewhere(i int, st *Settled) []geom.Pose {
	block := s.blockOf(i, st.Rels)
	o := s.Options(len(block) <= 400)
	if len(block) <= mostTried {
		o.Tries = manyStarts
	}
	o.Limits = true
	p := s.Sys.Fit(block, st.Poses, nil, o)
	if p == nil {
		return nil
	}
	return s.Sys.Fit(st.Rels, p, nil, o)
}

// pastLimit tells of a joint that cannot come within its limits.
func (s *search) pastLimit(i int, c relation.Coordinate, end float64, st *Settled) report.Odds {
	id := s.Sys.Rels[i].ID
	rel := s.Sys.Rels[i]
	v := s.Read(rel, c.Name, st.Poses)
	o := report.Odds{Mates: []string{id}, Misses: []report.OddsMiss{{ID: id, MM: math.Abs(v - end)}}, Remedies: []report.Remedy{}}
	if c.Angular {
		o.Misses[0] = report.OddsMiss{ID: id, Deg: math.Abs(v - end)}
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
