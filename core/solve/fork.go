package solve

import (
	"slices"

	"setfast/core/geom"
)

// Fork is a system of its own on the same bodies and relations: what is tried on it (another relation in the place of one, a
// body let go, a motion followed over full turns) leaves the first as it is. The two share scratch memory and so a goroutine.
func (s *System) Fork() *System {
	s.worker()
	f := s.Apart()
	f.work = s.work
	return f
}

// Apart is a fork with scratch memory of its own, for another goroutine. It may be called from several at once.
func (s *System) Apart() *System {
	f := *s
	f.Rels, f.slab, f.work = slices.Clone(s.Rels), nil, nil
	return &f
}

// Swapped is a fork with another relation in the place of the i-th.
func (s *System) Swapped(i int, r *Relation) *System {
	f := s.Fork()
	f.Rels[i] = r
	return f
}

// Starting is a fork that starts at other poses.
func (s *System) Starting(poses []geom.Pose) *System {
	f := s.Fork()
	f.Bodies, f.dials = slices.Clone(s.Bodies), slices.Clone(s.dials)
	for b := range f.Bodies {
		f.Bodies[b].Start = poses[b]
	}
	for k := range f.dials {
		f.dials[k].start = s.shown(poses, k)
	}
	return f
}

// Ungrounded is a fork in which a body is free.
func (s *System) Ungrounded(b int) *System {
	f := s.Fork()
	f.Bodies = slices.Clone(s.Bodies)
	f.Bodies[b].Fixed = false
	return f
}
