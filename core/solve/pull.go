package solve

import (
	"math"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
	"setfast/core/tol"
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

// NewPull prepares to pull at a point of a body, given in its own frame. rels are all relations of the bodies.
func (s *System) NewPull(bodies []int, rels []*Relation, body int, point geom.Vec) *Pull {
	at := part.Feature{Kind: part.Point, O: point}
	k := &Pull{s: s, bodies: bodies, rels: rels}
	k.pull = &Relation{ID: "pull", Law: relation.Pull(tol.PullWeight), A: Feat{Body: -1}, B: Feat{Body: body, F: at, Frame: at.AsFrame()}}
	k.pull.A.Frame = geom.FrameOf(geom.Vec{}, geom.V(0, 0, 1), geom.V(1, 0, 0))
	k.with = append(append([]*Relation(nil), rels...), k.pull)
	if len(bodies) > 1 {
		k.p = newPattern(len(bodies), s.worker().neighbours(s, bodies, rels))
	}
	k.was = make([]geom.Pose, len(bodies))
	return k
}

// Unturned asks that a body keep the direction it has at a pose: a relation that a pull may take along.
func Unturned(body int, at geom.Pose) *Relation {
	x, y, z := at.Q.Axes()
	r := &Relation{ID: "unturned", Law: relation.Unturned(), A: Feat{Body: -1}, B: Feat{Body: body}}
	r.A.Frame = geom.Frame{O: at.O, X: x, Y: y, Z: z}
	r.B.Frame = geom.Frame{X: geom.V(1, 0, 0), Y: geom.V(0, 1, 0), Z: geom.V(0, 0, 1)}
	return r
}

// Replace puts another relation in the place of one, as when a coordinate has come to its limit; it returns the old one.
func (k *Pull) Replace(i int, r *Relation) *Relation {
	old := k.rels[i]
	k.rels[i], k.with[i] = r, r
	return old
}

// To brings the point toward the target, in place, as far as no body turns too far, at most the given part of the
// way. It tells how far off the point still is, whether the step was a whole one, and whether the relations hold: where they
// would not, nothing moves.
func (k *Pull) To(poses []geom.Pose, target geom.Vec, part float64) (left float64, whole, ok bool) {
	for i, b := range k.bodies {
		k.was[i] = poses[b]
	}
	at := poses[k.pull.B.Body].Point(k.pull.B.Frame.O)
	step := target.Sub(at)
	for try := 0; try < 6; try++ {
		k.pull.A.Frame.O = at.AddScaled(part, step)
		n := linearisations(part*step.Norm(), k.s.Bodies[k.pull.B.Body].Size)
		k.s.newtonOn(k.p, k.bodies, k.with, poses, effort{iterations: n})
		worst := k.s.newtonOn(k.p, k.bodies, k.rels, poses, effort{iterations: 12, rest: tol.PullRest})
		turn := k.turned(poses)
		if worst < tol.PullHolds && turn <= tol.PullTurn {
			return target.Sub(poses[k.pull.B.Body].Point(k.pull.B.Frame.O)).Norm(), part == 1, true
		}
		for i, b := range k.bodies {
			poses[b] = k.was[i]
		}
		part *= shorter(turn)
	}
	return step.Norm(), false, false
}

// linearisations is how often a pull is linearised in a step of some length by a body of some size: a small step is all but straight.
func linearisations(step, size float64) int {
	if step > tol.PullStraight*size {
		return 2
	}
	return 1
}

// shorter is the part of a step that turned so far (rad) which is tried next.
func shorter(turn float64) float64 {
	return math.Max(tol.PullShort, math.Min(tol.PullLong, tol.PullAim*tol.PullTurn/turn))
}

// turned is the largest turn of a body since the step began.
func (k *Pull) turned(poses []geom.Pose) float64 {
	w := 0.0
	for i, b := range k.bodies {
		w = math.Max(w, poses[b].Q.Mul(k.was[i].Q.Conj()).Log().Norm())
	}
	return w
}
