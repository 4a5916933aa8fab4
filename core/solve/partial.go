package solve

import (
	"slices"

	"setfast/core/geom"
)

// Part is a system of some of the relations and the bodies they are between, and others besides, in the same order. It gives
// which bodies they are in the whole. What is tried again and again on few relations is tried there.
func (s *System) Part(rels []int, besides ...int) (p *System, bodies []int) {
	var buf [4]int
	bodies = append(bodies, besides...)
	for _, i := range rels {
		for _, b := range s.Rels[i].Members(&buf) {
			if b >= 0 {
				bodies = append(bodies, b)
			}
		}
	}
	slices.Sort(bodies)
	bodies = slices.Compact(bodies)
	p = &System{Stop: s.Stop}
	at := make(map[int]int, len(bodies))
	for k, b := range bodies {
		at[b] = k
		p.Bodies = append(p.Bodies, s.Bodies[b])
	}
	there := func(f *Feat) {
		if f.Body >= 0 {
			f.Body = at[f.Body]
		}
	}
	copies := map[*Relation]*Relation{}
	var copied func(r *Relation) *Relation
	copied = func(r *Relation) *Relation {
		if c := copies[r]; c != nil {
			return c
		}
		c := *r
		copies[r] = &c
		there(&c.A)
		there(&c.B)
		if c.HasAbout {
			there(&c.About)
		}
		if r.couple != nil {
			k := *r.couple
			k.a, k.b, k.at = copied(k.a), copied(k.b), len(p.counts)
			p.counts = append(p.counts, s.counts[r.couple.at])
			c.couple = &k
		}
		return &c
	}
	for _, i := range rels {
		p.Rels = append(p.Rels, copied(s.Rels[i]))
	}
	return p, bodies
}

// Fit solves some relations by themselves, warm from the given poses and, unless that comes close, from the start. It gives the
// poses of all bodies where they hold, or nil.
func (s *System) Fit(rels []int, warm []geom.Pose, close func(*System, Solution) bool, o Options) []geom.Pose {
	p, bodies := s.Part(rels)
	all := make([]int, len(rels))
	for i := range all {
		all[i] = i
	}
	from := make([]geom.Pose, len(bodies))
	for k, b := range bodies {
		from[k] = warm[b]
	}
	first := o
	first.Retry = o.Retry && close == nil
	sol := p.SolveFrom(from, all, first)
	if !sol.Holds && (close == nil || !close(p, sol)) {
		sol = p.SolveSubset(all, o)
	}
	if !sol.Holds {
		return nil
	}
	out := slices.Clone(warm)
	for k, b := range bodies {
		out[b] = sol.Poses[k]
	}
	return out
}
