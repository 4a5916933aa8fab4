package solve

import "setfast/core/geom"

// Follower solves one group of bodies again and again, as one of its relations changes a little at a time: what it needs for that is
// prepared once.
type Follower struct {
	s   *System
	g   group
	k   int // the relation that changes, in the group
	p   *pattern
	buf []geom.Pose // of a try that came to nothing
}

// Follow prepares to change a relation, among those in force.
func (s *System) Follow(rel int, rels []int) *Follower {
	f := &Follower{s: s}
	for _, g := range s.groups(rels) {
		for k, i := range g.index {
			if i == rel {
				f.g, f.k = g, k
			}
		}
	}
	if len(f.g.bodies) > 1 {
		f.p = newPattern(len(f.g.bodies), s.worker().neighbours(s, f.g.bodies, f.g.rels))
	}
	return f
}

// To solves the group with another relation in the place of the one that changes, from the given poses, which stay as they are. It gives
// nil where the relations would not hold.
func (f *Follower) To(from []geom.Pose, r *Relation, o Options) []geom.Pose {
	f.g.rels[f.k] = r
	out := append(f.buf[:0], from...)
	f.s.newtonOn(f.p, f.g.bodies, f.g.rels, out, effort{iterations: 80})
	if !f.s.hold(f.g.rels, out, o) {
		f.buf = out
		return nil
	}
	f.buf = nil
	return out
}

// Bodies are those of the group.
func (f *Follower) Bodies() []int { return f.g.bodies }
