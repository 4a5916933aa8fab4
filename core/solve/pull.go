package solve

import (
	"math"

	"setfast/core/geom"
	"setfast/core/part"
)

// Pull moves some bodies so that a point of one of them follows a target, as far as the relations between them let it.
type Pull struct {
	s      *System
	bodies []int
	rels   []*Relation
	with   []*Relation // and the pull itself
	pull   *Relation
	p      *pattern
	was    []geom.Pose
}

// pullWeight is how much a mm of the pointer counts beside a mm of a relation.
const pullWeight = 0.02

// NewPull prepares to pull at a point of a body, given in its own frame. rels are all relations of the bodies.
func (s *System) NewPull(bodies []int, rels []*Relation, body int, point geom.Vec) *Pull {
	at := part.Feature{Kind: part.Point, O: point}
	k := &Pull{s: s, bodies: bodies, rels: rels}
	k.pull = &Relation{ID: "pull", Type: "pull", Sense: 1, Side: 1, A: Feat{Body: -1}, B: Feat{Body: body, F: at, Frame: at.AsFrame()}}
	k.pull.A.Frame = geom.FrameOf(geom.Vec{}, geom.V(0, 0, 1), geom.V(1, 0, 0))
	k.pull.rows = func(r *Relation, o *Rows, a, b, _ *view) {
		for _, ax := range [3]geom.Vec{a.X, a.Y, a.Z} {
			o.along(a, b, ax, 0)
		}
		for i := range o.list {
			o.list[i].scale(pullWeight)
		}
	}
	k.with = append(append([]*Relation(nil), rels...), k.pull)
	if len(bodies) > 1 {
		k.p = newPattern(len(bodies), s.worker().neighbours(s, bodies, rels))
	}
	k.was = make([]geom.Pose, len(bodies))
	return k
}

// Replace puts another relation in the place of one, as when a coordinate has come to its limit; it returns the old one.
func (k *Pull) Replace(i int, r *Relation) *Relation {
	old := k.rels[i]
	k.rels[i], k.with[i] = r, r
	return old
}

// To brings the point as near to the target as a step of at most reach mm can, in place, and tells how far it still is.
// Where the relations would not hold there, nothing moves. whole tells that the target lay within reach.
func (k *Pull) To(poses []geom.Pose, target geom.Vec, reach float64) (left float64, whole, ok bool) {
	for i, b := range k.bodies {
		k.was[i] = poses[b]
	}
	at := poses[k.pull.B.Body].Point(k.pull.B.Frame.O)
	step := target.Sub(at)
	whole = true
	if d := step.Norm(); d > reach {
		step, whole = step.Scale(reach/d), false
	}
	k.pull.A.Frame.O = at.Add(step)
	n := 1 // a small step is all but straight
	if step.Norm() > 0.05*reach {
		n = 2
	}
	k.s.newtonOn(k.p, k.bodies, k.with, poses, effort{iterations: n})
	if worst := k.s.newtonOn(k.p, k.bodies, k.rels, poses, effort{iterations: 12, rest: 1e-9}); !(worst < 1e-7) {
		for i, b := range k.bodies {
			poses[b] = k.was[i]
		}
		return target.Sub(at).Norm(), whole, false
	}
	return target.Sub(poses[k.pull.B.Body].Point(k.pull.B.Frame.O)).Norm(), whole, true
}

// Reach is a step that keeps a body on its branch: a part of how far the bodies extend.
func (k *Pull) Reach() float64 {
	m := 0.0
	for _, b := range k.bodies {
		m = math.Max(m, k.s.Bodies[b].Size)
	}
	return 0.25 * m
}
