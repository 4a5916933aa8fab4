// Package solve states relations as equations between rigid bodies and finds poses that satisfy them, near where parts were put.
// Bodies are seated one after another in build order, then groups that hang together are solved by Gauss–Newton steps with a little
// damping (Levenberg 1944, Marquardt 1963), on sparse normal equations of 6×6 blocks in the order of least degree. docs/method.md says
// more.
//
// Cost: linear in relations for trees and small loops, cubic in the width of a large one. The nearest way to assemble is found, not
// all; from other starts it is tried again, always the same ones, so that the same document gives the same poses.
package solve

import (
	"math"

	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/tol"
)

// Body is a rigid body of the system.
type Body struct {
	Name   string
	Start  geom.Pose // as given
	Centre geom.Vec  // in the body: about the middle of the features in use, so that turns and slides stay apart
	Size   float64   // mm, reach of those features from the centre
	Fixed  bool
}

// System is a set of bodies and the relations in force between them.
type System struct {
	Bodies []Body
	Rels   []*Relation
	// Stop, where given, is asked between steps whether to give up. Once it says so, every solve ends at once with the poses
	// reached by then and does not hold; who asked for it knows why and throws the outcome away.
	Stop    func() bool
	work    *worker
	minding bool       // limits count as equations where a coordinate is beyond them
	dials   []dial     // of angles that are counted over whole turns
	dialsOf [][]int    // per body, once asked for
	slab    []Relation // where the next relations go
}

// Stopped tells whether all work on the system is to end.
func (s *System) Stopped() bool { return s.Stop != nil && s.Stop() }

// fresh gives memory for a relation.
func (s *System) fresh() *Relation {
	if len(s.slab) == 0 {
		s.slab = make([]Relation, 64)
	}
	r := &s.slab[0]
	s.slab = s.slab[1:]
	return r
}

// NewPoses gives the start poses, with what the dials show there.
func (s *System) NewPoses() []geom.Pose {
	p := make([]geom.Pose, len(s.Bodies)+len(s.dials))
	for i := range s.Bodies {
		p[i] = s.Bodies[i].Start
	}
	for k := range s.dials {
		s.show(p, k, s.dials[k].start)
	}
	return p
}

// Measure sets centres and sizes of the bodies from the features that relations use.
func (s *System) Measure() {
	type box struct {
		lo, hi geom.Vec
		r      float64
		any    bool
	}
	bs := make([]box, len(s.Bodies))
	touch := func(f *Feat) {
		if f.Body < 0 {
			return
		}
		b := &bs[f.Body]
		p := f.Frame.O
		if !b.any {
			b.lo, b.hi, b.any = p, p, true
		}
		b.lo = geom.V(math.Min(b.lo.X, p.X), math.Min(b.lo.Y, p.Y), math.Min(b.lo.Z, p.Z))
		b.hi = geom.V(math.Max(b.hi.X, p.X), math.Max(b.hi.Y, p.Y), math.Max(b.hi.Z, p.Z))
		b.r = math.Max(b.r, f.F.Radius)
	}
	for _, r := range s.Rels {
		touch(&r.A)
		touch(&r.B)
		if r.HasAbout {
			touch(&r.About)
		}
	}
	for i := range s.Bodies {
		b := bs[i]
		if !b.any {
			s.Bodies[i].Size = 1
			continue
		}
		s.Bodies[i].Centre = b.lo.Add(b.hi).Scale(0.5)
		size := math.Max(b.hi.Sub(b.lo).Norm()/2, b.r)
		if size < tol.PointSize {
			size = tol.PointReach // a single point says nothing of the size
		}
		s.Bodies[i].Size = size
	}
}

// look sets v to a feature where its body stands now.
func (s *System) look(v *relation.View, f *Feat, poses []geom.Pose) {
	v.Direct()
	v.Body = -1
	if f.Body < 0 {
		v.Frame = f.Frame
		return
	}
	b := &s.Bodies[f.Body]
	p := &poses[f.Body]
	f.Frame.Put(&v.Frame, p, &b.Centre, &v.Centre)
	if b.Fixed {
		return
	}
	v.Body = f.Body
	v.InvSize = 1 / b.Size
}

// stand makes the view one that does not move, unless its body is the one in question.
func stand(v *relation.View, only int) {
	if only >= 0 && v.Body != only {
		v.Body = -1
	}
}

// lookStart is a feature where its body starts.
func (s *System) lookStart(f *Feat) relation.View {
	if f.Body < 0 {
		return relation.View{Body: -1, Frame: f.Frame}
	}
	return relation.View{Body: f.Body, Frame: f.Frame.At(s.Bodies[f.Body].Start)}
}

// Rows is memory for the equations of a relation. It is used again, so that evaluation allocates nothing.
type Rows struct {
	relation.Rows
	only    int           // the one body whose motion counts, or −1
	a, b, c relation.View // the features at hand
}

// Eval states the equations of one relation at the given poses, each residual in mm.
func (s *System) Eval(r *Relation, poses []geom.Pose, out *Rows) []relation.Row {
	out.only = -1
	return s.evalFor(r, poses, out)
}

// EvalAlone states them as functions of one body alone, where that is quicker.
func (s *System) EvalAlone(r *Relation, body int, poses []geom.Pose, out *Rows) []relation.Row {
	out.only = body
	return s.evalFor(r, poses, out)
}

// evalFor states the equations as functions of one body alone, where out says so.
func (s *System) evalFor(r *Relation, poses []geom.Pose, out *Rows) []relation.Row {
	out.Reset()
	if r.couple != nil {
		s.coupled(r, poses, out)
		return out.List
	}
	// the views are kept with the rows, lest each evaluation allocate them
	a, b, c := &out.a, &out.b, &out.c
	s.look(a, &r.A, poses)
	s.look(b, &r.B, poses)
	if r.HasAbout {
		s.look(c, &r.About, poses)
		stand(c, out.only)
	}
	stand(a, out.only)
	stand(b, out.only)
	r.State(&out.Rows, a, b, c)
	if r.turns != nil {
		s.unroll(r, poses, out.List)
	}
	if s.minding {
		for _, l := range r.limits {
			s.bounded(r, l, poses, out)
		}
	}
	return out.List
}

// Miss is how far a relation is from holding.
type Miss = relation.Miss

// Miss evaluates how far a relation is from holding at the given poses.
func (s *System) Miss(r *Relation, poses []geom.Pose) Miss {
	return relation.MissOf(s.Eval(r, poses, &s.worker().rs))
}

// Move shifts a body by a small motion in the row's own measure.
func (s *System) Move(p geom.Pose, body int, d []float64) geom.Pose {
	b := &s.Bodies[body]
	k := 1 / b.Size
	return p.Turned(p.Point(b.Centre), geom.V(d[0], d[1], d[2]), geom.V(d[3]*k, d[4]*k, d[5]*k))
}
