// Package solve states relations as equations between rigid bodies and finds poses that satisfy them.
package solve

import (
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/part"
)

// Body is a rigid body of the system.
type Body struct {
	Name   string
	Start  geom.Pose // as given
	Centre geom.Vec  // in the body: about the middle of the features in use, so that turns and slides stay apart
	Size   float64   // mm, reach of those features from the centre
	Fixed  bool
}

// Feat is a feature on a body (-1: on the assembly itself).
type Feat struct {
	Body  int
	F     part.Feature
	Frame geom.Frame // in the body
}

// Relation is a relation ready to be evaluated.
type Relation struct {
	ID, Type    string
	A, B, About Feat
	HasAbout    bool
	Sense       float64 // +1 same, -1 opposed
	SenseGiven  bool    // stated, not read off the start pose
	Value, Gap  float64
	Side        float64 // the side an unsigned distance started on
	Hold        []Hold  // joint coordinates kept at a value
	rows        func(*Relation, *Rows, *view, *view, *view)
	Coordinates []Coordinate
	flipB       bool
	lead        float64          // helical: mm per turn
	begin       func(a, b *view) // settles what the start pose decides
	couple      *coupling
	asks        int // equations, known once it has been evaluated
}

// Asks is how many conditions the relation asks; it is known once the system has been solved.
func (r *Relation) Asks() int { return r.asks }

// Hold keeps a coordinate of a joint at a value (mm or radians).
type Hold struct {
	Of    string
	Value float64
}

// System is a set of bodies and the relations in force between them.
type System struct {
	Bodies []Body
	Rels   []*Relation
	// Stop, where given, is asked between steps whether to give up. Once it says so, every solve ends at once with the poses
	// reached by then and does not hold; who asked for it knows why and throws the outcome away.
	Stop func() bool
	work *worker
	slab []Relation // where the next relations go
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

// NewPoses gives the start poses.
func (s *System) NewPoses() []geom.Pose {
	p := make([]geom.Pose, len(s.Bodies))
	for i := range s.Bodies {
		p[i] = s.Bodies[i].Start
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
		if size < 1e-3 {
			size = 10 // a single point says nothing of the size
		}
		s.Bodies[i].Size = size
	}
}

// look sets v to a feature where its body stands now.
func (s *System) look(v *view, f *Feat, poses []geom.Pose) {
	v.across = nil
	v.body = -1
	if f.Body < 0 {
		v.Frame = f.Frame
		return
	}
	b := &s.Bodies[f.Body]
	p := &poses[f.Body]
	v.Frame = f.Frame.At(*p)
	if b.Fixed {
		return
	}
	v.body = f.Body
	v.c = p.Point(b.Centre)
	v.invSize = 1 / b.Size
}

// stand makes the view one that does not move, unless its body is the one in question.
func (v *view) stand(only int) {
	if only >= 0 && v.body != only {
		v.body = -1
	}
}

// lookStart is a feature where its body starts.
func (s *System) lookStart(f *Feat) view {
	if f.Body < 0 {
		return view{body: -1, Frame: f.Frame}
	}
	return view{body: f.Body, Frame: f.Frame.At(s.Bodies[f.Body].Start)}
}

// Eval states the equations of one relation at the given poses, each residual in mm.
func (s *System) Eval(r *Relation, poses []geom.Pose, out *Rows) []Row {
	out.only = -1
	return s.evalFor(r, poses, out)
}

// evalFor states the equations as functions of one body alone, where out says so.
func (s *System) evalFor(r *Relation, poses []geom.Pose, out *Rows) []Row {
	out.list = out.list[:0]
	if r.couple != nil {
		s.coupled(r, poses, out)
		r.asks = len(out.list)
		return out.list
	}
	// the views are kept with the rows, lest each evaluation allocate them
	a, b, c := &out.a, &out.b, &out.c
	s.look(a, &r.A, poses)
	s.look(b, &r.B, poses)
	if r.HasAbout {
		s.look(c, &r.About, poses)
		c.stand(out.only)
	}
	a.stand(out.only)
	b.stand(out.only)
	if r.flipB {
		b.Frame = b.Frame.Flipped()
	}
	r.rows(r, out, a, b, c)
	for _, h := range r.Hold {
		row := out.add(false)
		v, ang := r.coordinate(row, h.Of, a, b)
		d := v - h.Value
		if ang {
			d = Wrap(d)
		}
		row.R, row.Angular = d, ang
		if ang {
			row.scale(AngleWeight)
		}
	}
	r.asks = len(out.list)
	return out.list
}

// Miss is how far a relation is from holding.
type Miss struct{ MM, Deg float64 }

// Worst is the larger of the misses of each kind.
func (m Miss) Worst(o Miss) Miss { return Miss{math.Max(m.MM, o.MM), math.Max(m.Deg, o.Deg)} }

// Within tells whether a miss stays inside tolerances in mm and degrees.
func (m Miss) Within(mm, deg float64) bool { return m.MM <= mm && m.Deg <= deg }

// MissOf sums a relation's residuals into a length and an angle.
func MissOf(rows []Row) Miss {
	var mm, rad float64
	for i := range rows {
		if rows[i].Angular {
			x := rows[i].R / AngleWeight
			rad += x * x
		} else {
			mm += rows[i].R * rows[i].R
		}
	}
	return Miss{math.Sqrt(mm), math.Sqrt(rad) * 180 / math.Pi}
}

// Miss evaluates how far a relation is from holding at the given poses.
func (s *System) Miss(r *Relation, poses []geom.Pose) Miss {
	return MissOf(s.Eval(r, poses, &s.worker().rs))
}

// Move shifts a body by a small motion in the row's own measure.
func (s *System) Move(p geom.Pose, body int, d []float64) geom.Pose {
	b := &s.Bodies[body]
	k := 1 / b.Size
	return p.Turned(p.Point(b.Centre), geom.V(d[0], d[1], d[2]), geom.V(d[3]*k, d[4]*k, d[5]*k))
}

// FreeBodies lists the free bodies a relation touches, each once, in the memory given.
func (s *System) FreeBodies(r *Relation, buf *[4]int) []int {
	out := buf[:0]
	for _, b := range r.Members(buf) {
		if b < 0 || s.Bodies[b].Fixed || slices.Contains(out, b) {
			continue
		}
		out = append(out, b)
	}
	return out
}

// Members lists the bodies a relation is between, -1 for the assembly itself, in the memory given.
func (r *Relation) Members(buf *[4]int) []int {
	if k := r.couple; k != nil {
		return append(buf[:0], k.a.A.Body, k.a.B.Body, k.b.A.Body, k.b.B.Body)
	}
	if r.HasAbout {
		return append(buf[:0], r.A.Body, r.B.Body, r.About.Body)
	}
	return append(buf[:0], r.A.Body, r.B.Body)
}

// IsCoupling tells whether the relation is between joints rather than features.
func (r *Relation) IsCoupling() bool { return r.couple != nil }
