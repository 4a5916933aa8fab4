package solve

import (
	"slices"

	"setfast/core/geom"
)

// Part is a system of some of the relations of a whole and the bodies they are between. What is tried again and again on few relations
// is tried there.
type Part struct {
	*System
	Bodies []int // which bodies of the whole its bodies are, ascending
	dials  []int // and which dials
	whole  *System
}

// Part makes a part of some of the relations and the bodies they are between, and others besides, in the same order.
func (s *System) Part(rels []int, besides ...int) *Part {
	var buf [4]int
	bodies := slices.Clone(besides)
	for _, i := range rels {
		for _, b := range s.Rels[i].Members(&buf) {
			if b >= 0 {
				bodies = append(bodies, b)
			}
		}
	}
	slices.Sort(bodies)
	bodies = slices.Compact(bodies)
	p := &Part{System: &System{Stop: s.Stop}, Bodies: bodies, whole: s}
	at := make(map[int]int, len(bodies))
	for k, b := range bodies {
		at[b] = k
		p.System.Bodies = append(p.System.Bodies, s.Bodies[b])
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
			k.a, k.b = copied(k.a), copied(k.b)
			c.couple = &k
		}
		c.turns = nil
		for _, t := range r.turns {
			d := s.dials[t.dial]
			d.joint = &c
			c.turns = append(c.turns, turning{t.of, len(p.System.dials)})
			p.System.dials, p.dials = append(p.System.dials, d), append(p.dials, t.dial)
		}
		return &c
	}
	for _, i := range rels {
		p.Rels = append(p.Rels, copied(s.Rels[i]))
	}
	return p
}

// Take gives the poses of the part, out of those of the whole.
func (p *Part) Take(whole []geom.Pose) []geom.Pose {
	n := len(p.Bodies)
	out := make([]geom.Pose, n+len(p.dials))
	for k, b := range p.Bodies {
		out[k] = whole[b]
	}
	for k, d := range p.dials {
		out[n+k] = whole[len(p.whole.Bodies)+d]
	}
	return out
}

// Give is a copy of the poses of the whole with those of the part.
func (p *Part) Give(whole, part []geom.Pose) []geom.Pose {
	out := slices.Clone(whole)
	n := len(p.Bodies)
	for k, b := range p.Bodies {
		out[b] = part[k]
	}
	for k, d := range p.dials {
		out[len(p.whole.Bodies)+d] = part[n+k]
	}
	return out
}

// All lists the relations of a system.
func (s *System) All() []int {
	all := make([]int, len(s.Rels))
	for i := range all {
		all[i] = i
	}
	return all
}

// Fit solves some relations by themselves, warm from the given poses and, unless that comes close, from the start. It gives the
// poses of all bodies where they hold, or nil.
func (s *System) Fit(rels []int, warm []geom.Pose, close func(*System, Solution) bool, o Options) []geom.Pose {
	p := s.Part(rels)
	first := o
	first.Retry = o.Retry && close == nil
	sol := p.SolveFrom(p.Take(warm), p.All(), first)
	if !sol.Holds && (close == nil || !close(p.System, sol)) {
		sol = p.SolveSubset(p.All(), o)
	}
	if !sol.Holds {
		return nil
	}
	return p.Give(warm, sol.Poses)
}
