package solve

import (
	"sync/atomic"

	"setfast/core/geom"
	"setfast/core/par"
	"setfast/core/relation"
)

// Follower solves bodies again and again, as some of their relations change a little at a time: what it needs for that is prepared once.
type Follower struct {
	s   *System
	g   group
	k   []int // the relations that change, in the group
	p   *pattern
	buf []geom.Pose // of a try that came to nothing
}

// Follow prepares to change some relations, among those in force: with all bodies that hang together with any of them.
func (s *System) Follow(some, rels []int) *Follower {
	f := &Follower{s: s, k: make([]int, len(some))}
	for _, g := range s.groupsOf(some, rels) {
		f.g.bodies, f.g.rels, f.g.index = append(f.g.bodies, g.bodies...), append(f.g.rels, g.rels...), append(f.g.index, g.index...)
	}
	for k, i := range f.g.index {
		for n, x := range some {
			if i == x {
				f.k[n] = k
			}
		}
	}
	if len(f.g.bodies) > 1 {
		f.p = newPattern(len(f.g.bodies), s.worker().neighbours(s, f.g.bodies, f.g.rels))
	}
	return f
}

// To solves the bodies with other relations in the place of those that change, in their order, from the given poses, which stay as they
// are. It gives nil where the relations would not hold.
func (f *Follower) To(from []geom.Pose, changed []*Relation, o Options) []geom.Pose {
	for n, r := range changed {
		f.g.rels[f.k[n]] = r
	}
	out := append(f.buf[:0], from...)
	f.s.newtonOn(f.p, f.g.bodies, f.g.rels, out, effort{iterations: 80, spread: true, chords: true})
	if !f.holds(out, o) {
		f.buf = out
		return nil
	}
	f.buf = nil
	return out
}

// holds tells whether all relations hold, looked at by all processors where there are many.
func (f *Follower) holds(poses []geom.Pose, o Options) bool {
	var broken atomic.Bool
	par.Runs(len(f.g.rels), manyRelations/2, func(_, from, to int) {
		var rs Rows
		for _, r := range f.g.rels[from:to] {
			if broken.Load() || !relation.MissOf(f.s.Eval(r, poses, &rs)).Within(o.MM, o.Deg) {
				broken.Store(true)
				return
			}
		}
	})
	return !broken.Load()
}

// Bodies are those that hang together.
func (f *Follower) Bodies() []int { return f.g.bodies }
