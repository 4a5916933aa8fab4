package solve

import (
	"math"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/par"
	"setfast/core/relation"
	"setfast/core/tol"
)

// Options steer a solve.
type Options struct {
	MM, Deg float64 // what counts as holding
	Retry   bool    // try other starts before giving up
	Tries   int     // how many, where not the usual few
	Far     bool    // bodies may have far to go: not for following a motion, which must not jump
	Limits  bool    // coordinates must come to lie within their limits too
	// Impatient gives up where the residual hardly falls any more; it is for sets that are likely to conflict.
	Impatient bool
	// Steps bounds the steps of a solve, which is given up after them, or at one that does not lead on, without other starts; 0: the
	// usual.
	Steps int
}

// Solution is a set of poses and what they leave unsatisfied.
type Solution struct {
	Poses []geom.Pose
	Holds bool
	Miss  []Miss // per relation
}

// Solve seats the bodies from their start poses: one after another where that suffices, loops together. In a close net a body seated on
// a few may be far from where the rest wants it, and all are tried together from where they start.
func (s *System) Solve(o Options) Solution {
	poses, all := s.NewPoses(), s.All()
	closes := s.seatInTurn(poses, all)
	sol := s.settle(poses, all, o)
	if !sol.Holds && !closes && !s.Stopped() {
		o.Far, o.Retry, o.Impatient = false, false, true
		if together := s.settle(s.NewPoses(), all, o); together.Holds {
			return together
		}
	}
	return sol
}

// SolveFrom brings a subset of the relations to rest from the given poses, which are left as they were.
func (s *System) SolveFrom(from []geom.Pose, rels []int, o Options) Solution {
	return s.settle(append([]geom.Pose(nil), from...), rels, o)
}

// Rest brings relations to rest by moving the given bodies alone, in place, and tells whether they hold then. enough, in mm, is where it
// may end before.
func (s *System) Rest(bodies []int, rels []*Relation, poses []geom.Pose, o Options, enough float64) bool {
	s.newton(bodies, rels, poses, effort{iterations: 80, rest: enough, chords: true})
	return s.hold(rels, poses, o)
}

// settle solves each group of connected bodies together, where it is not at rest already.
func (s *System) settle(poses []geom.Pose, rels []int, o Options) Solution {
	s.minding = o.Limits
	defer func() { s.minding = false }()
	sol := Solution{Poses: poses, Holds: true, Miss: make([]Miss, len(s.Rels))}
	off := make([]bool, len(rels)) // by more than rounding
	par.Runs(len(rels), manyRelations, func(_, from, to int) {
		var rs Rows
		for k := from; k < to; k++ {
			rows := s.Eval(s.Rels[rels[k]], poses, &rs)
			for q := range rows {
				off[k] = off[k] || !(math.Abs(rows[q].R) <= tol.Restless)
			}
			sol.Miss[rels[k]] = relation.MissOf(rows)
		}
	})
	var restless []int
	for k, i := range rels {
		if off[k] {
			restless = append(restless, i)
		}
	}
	if len(restless) == 0 {
		return sol
	}
	rs := &s.worker().rs
	for _, g := range s.groupsOf(restless, rels) {
		if s.Stopped() {
			sol.Holds = false
			return sol
		}
		ok := s.settleGroup(g, poses, o)
		sol.Holds = sol.Holds && ok
		for _, i := range g.index {
			sol.Miss[i] = relation.MissOf(s.Eval(s.Rels[i], poses, rs))
			if !sol.Miss[i].Within(o.MM, o.Deg) {
				sol.Holds = false
			}
		}
	}
	return sol
}

// groupsOf are the groups that hold any of the given relations.
func (s *System) groupsOf(some, rels []int) []group {
	in := make(map[int]bool, len(some))
	for _, i := range some {
		in[i] = true
	}
	var out []group
	for _, g := range s.groups(rels) {
		for _, i := range g.index {
			if in[i] {
				out = append(out, g)
				break
			}
		}
	}
	return out
}

func (s *System) settleGroup(g group, poses []geom.Pose, o Options) bool {
	var from []geom.Pose
	if o.Retry {
		from = append(from, poses...)
	}
	e := effort{iterations: 80, impatient: o.Impatient}
	if o.Steps > 0 {
		e.iterations, e.brief = o.Steps, true
	}
	s.newton(g.bodies, g.rels, poses, e)
	if s.hold(g.rels, poses, o) {
		return true
	}
	if o.Steps > 0 {
		return false
	}
	if o.Far && len(g.bodies) > 1 && !o.Impatient {
		p := append([]geom.Pose(nil), poses...)
		s.newton(g.bodies, g.rels, p, effort{iterations: 100, far: true})
		if s.hold(g.rels, p, o) {
			copy(poses, p)
			return true
		}
	}
	if !o.Retry || len(g.bodies) == 0 {
		return false
	}
	if s.otherTurns(g, from, poses, o) {
		return true
	}
	return s.otherStarts(g, poses, o)
}

func (s *System) hold(rels []*Relation, poses []geom.Pose, o Options) bool {
	rs := &s.worker().rs
	for _, r := range rels {
		if !relation.MissOf(s.Eval(r, poses, rs)).Within(o.MM, o.Deg) {
			return false
		}
	}
	return true
}

func (s *System) total(rels []*Relation, poses []geom.Pose) float64 {
	rs := &s.worker().rs
	f := 0.0
	for _, r := range rels {
		rows := s.Eval(r, poses, rs)
		for i := range rows {
			f += rows[i].R * rows[i].R
		}
	}
	return f
}

// group is a set of free bodies held together by relations.
type group struct {
	bodies []int
	rels   []*Relation
	index  []int
}

// groups splits the relations into sets that share no free body; those that touch none come last, one by one.
func (s *System) groups(rels []int) []group {
	sets := dense.NewSets(len(s.Bodies))
	bodies := make([][]int, len(rels))
	for k, i := range rels {
		bodies[k] = s.FreeBodies(s.Rels[i], new([4]int))
		for _, b := range bodies[k] {
			sets.Join(b, bodies[k][0])
		}
	}
	at := map[int]int{}
	var out, loose []group
	for k, i := range rels {
		if len(bodies[k]) == 0 {
			loose = append(loose, group{rels: []*Relation{s.Rels[i]}, index: []int{i}})
			continue
		}
		r := sets.Find(bodies[k][0])
		j, ok := at[r]
		if !ok {
			j = len(out)
			at[r] = j
			out = append(out, group{})
		}
		out[j].rels = append(out[j].rels, s.Rels[i])
		out[j].index = append(out[j].index, i)
	}
	for b := range s.Bodies {
		if j, ok := at[sets.Find(b)]; ok && !s.Bodies[b].Fixed {
			out[j].bodies = append(out[j].bodies, b)
		}
	}
	return append(out, loose...)
}

// SolveSubset solves some of the relations from the start poses.
func (s *System) SolveSubset(rels []int, o Options) Solution {
	poses := s.NewPoses()
	s.minding = o.Limits
	s.seatInTurn(poses, rels)
	return s.settle(poses, rels, o)
}

// Connected lists the relations tied to relation k through free bodies, among those given.
func (s *System) Connected(k int, rels []int) []int {
	for _, g := range s.groups(rels) {
		for _, i := range g.index {
			if i == k {
				return g.index
			}
		}
	}
	return []int{k}
}

// Cluster is a set of free bodies tied together by relations.
type Cluster struct{ Bodies, Rels []int }

// Clusters splits relations by the free bodies they share.
func (s *System) Clusters(rels []int) []Cluster {
	var out []Cluster
	for _, g := range s.groups(rels) {
		out = append(out, Cluster{g.bodies, g.index})
	}
	return out
}
