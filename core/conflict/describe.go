package conflict

import (
	"math"

	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/report"
	"setfast/core/tol"
)

// describe tells a conflicting set: each member's miss at the best compromise, and what would settle it.
func (s *search) describe(c irreducible, active []int, poses []geom.Pose) report.Odds {
	set := c.set
	p, sol := s.compromise(set, poses)
	var o report.Odds
	for k, i := range set {
		id := s.Sys.Rels[i].ID
		o.Mates = append(o.Mates, id)
		o.Misses = append(o.Misses, report.OddsMiss{ID: id, MM: sol.Miss[k].MM, Deg: sol.Miss[k].Deg})
	}
	for _, other := range c.others {
		var ids []string
		for _, i := range other {
			ids = append(ids, s.Sys.Rels[i].ID)
		}
		o.Also = append(o.Also, ids)
	}
	o.Remedies = s.remedies(c, active, poses, mayBeTurned(p, sol))
	return o
}

// remedies tries single changes, each on the whole assembly, and keeps those that bring the set to rest with the rest.
// An alignment is worth turning only where the set is far from holding. They come in the order a designer would weigh them: a value, a held coordinate, an alignment, a ground, and last a relation given up.
func (s *search) remedies(c irreducible, active []int, poses []geom.Pose, far bool) []report.Remedy {
	set := c.set
	if s.solved < 0 {
		return s.known(c)
	}
	var values, frees, turns, grounds, drops []report.Remedy
	settles := func(s *search, rels []int) []geom.Pose {
		p := s.consistent(rels, poses)
		if s.solved -= len(rels); p == nil { // several starts were tried
			s.solved -= 9 * len(rels)
		}
		return p
	}
	try := func(i int, l relation.Law) bool {
		return settles(s.on(s.Sys.Swapped(i, s.Sys.Rels[i].With(l))), active) != nil
	}
	for _, i := range set {
		if s.Stopped() {
			break
		}
		r := s.Sys.Rels[i]
		id := s.Sys.Rels[i].ID
		rest, valued := without(active, i), s.Mates[i].Has(r.Of.Main)
		if !valued && len(s.looped(rest)) == 0 { // each can be seated in turn
			drops = append(drops, report.Remedy{Kind: report.Suppress, Mate: id})
		} else if s.solved < 0 {
			continue
		} else if at := settles(s, rest); at != nil {
			drops = append(drops, report.Remedy{Kind: report.Suppress, Mate: id})
			if valued {
				if v, ok := s.Sys.ReadValue(r, at); ok {
					v = math.Round(v*tol.PerRemedy) / tol.PerRemedy
					if s.readable(i, v) && try(i, r.Law.With(v)) {
						values = append(values, report.Remedy{Kind: report.SetValue, Mate: id, Value: &v})
					}
				}
			}
		}
		for _, h := range r.Hold {
			if s.solved >= 0 && try(i, r.Released(h.Of)) {
				frees = append(frees, report.Remedy{Kind: report.Free, Mate: id, Coordinate: h.Of})
			}
		}
		if far && s.solved >= 0 && r.HasSense() && try(i, r.Turned()) {
			turns = append(turns, report.Remedy{Kind: report.TurnOver, Mate: id})
		}
	}
	seen := map[int]bool{}
	for _, i := range set {
		for _, b := range [2]int{s.Sys.Rels[i].A.Body, s.Sys.Rels[i].B.Body} {
			if b < 0 || seen[b] || s.Stopped() || !s.Sys.Bodies[b].Fixed {
				continue
			}
			seen[b] = true
			if with := s.on(s.Sys.Ungrounded(b)); with.grounded() > 0 && settles(with, active) != nil {
				grounds = append(grounds, report.Remedy{Kind: report.Unground, Component: s.Comps[b].Name})
			}
		}
	}
	if len(drops) == 0 {
		drops = s.known(c)
	}
	out := []report.Remedy{}
	for _, l := range [][]report.Remedy{values, frees, turns, grounds, drops} {
		out = append(out, l...)
	}
	return out
}

// known is the remedy that need not be tried: what was left out may be left out.
func (s *search) known(c irreducible) []report.Remedy {
	if _, left := s.asked[c.drop]; !left {
		return []report.Remedy{}
	}
	return []report.Remedy{{Kind: report.Suppress, Mate: s.Sys.Rels[c.drop].ID}}
}

// readable tells whether a relation may be said with another value of its main field.
func (s *search) readable(i int, v float64) bool {
	r, m := s.Sys.Rels[i], s.Mates[i]
	said := relation.Said{A: r.A.F, B: r.B.F, Params: m.WithNum(r.Of.Main, v)}
	if r.HasAbout {
		said.About = &r.About.F
	}
	_, wrong := r.Of.Check(said.Params, r.HasAbout)
	_, err := r.Of.Law(&said)
	return wrong == nil && err == nil
}

func (s *search) grounded() int {
	n := 0
	for i := range s.Sys.Bodies {
		if s.Sys.Bodies[i].Fixed {
			n++
		}
	}
	return n
}
