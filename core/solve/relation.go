package solve

import (
	"fmt"
	"slices"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
)

// Feat is a feature on a body (-1: on the assembly itself).
type Feat struct {
	Body  int
	F     part.Feature
	Frame geom.Frame // in the body
}

// Spec is a relation as it is said, with the bodies that carry its features.
type Spec struct {
	ID, Type string
	A, B     Feat
	About    *Feat
	relation.Params
	JA, JB *Relation // of a coupling
}

// Relation is a relation between bodies, ready to be evaluated. A system shares it with its parts and forks; whoever wants it
// changed puts a changed copy in its place.
type Relation struct {
	relation.Law
	ID          string
	A, B, About Feat
	HasAbout    bool
	couple      *coupling
	turns       []turning // of a joint: the dials of its angles
	limits      []limit
	states      int // equations, without those of coordinates that are held
}

// Asks is how many conditions the relation asks.
func (r *Relation) Asks() int { return r.states + len(r.Hold) }

// IsCoupling tells whether the relation is between joints rather than features.
func (r *Relation) IsCoupling() bool { return r.couple != nil }

// HasSense tells whether turning the alignment round changes what the relation asks.
func (r *Relation) HasSense() bool { return r.Of.Turns(r.A.F.Kind, r.B.F.Kind) }

// SenseWord is the way round it holds by; nothing where turning it round changes nothing.
func (r *Relation) SenseWord() string {
	switch {
	case !r.HasSense():
		return ""
	case r.Sense < 0:
		return "opposed"
	}
	return "same"
}

// With is a copy of the relation with another law.
func (r *Relation) With(l relation.Law) *Relation {
	c := *r
	c.Law = l
	return &c
}

// New makes a relation ready for solving; the start poses of its bodies decide what was left open.
func (s *System) New(sp Spec) (*Relation, error) {
	t := relation.Named(sp.Type)
	if t == nil || t.Family == relation.Coupling {
		return nil, fmt.Errorf("unknown relation type %q", sp.Type)
	}
	said := relation.Said{A: sp.A.F, B: sp.B.F, Params: sp.Params}
	if sp.About != nil {
		said.About = &sp.About.F
	}
	r := s.fresh()
	r.ID, r.A, r.B = sp.ID, sp.A, sp.B
	r.A.Frame, r.B.Frame = said.Frame(t), sp.B.F.AsFrame()
	if sp.About != nil {
		r.About, r.HasAbout = *sp.About, true
		r.About.Frame = sp.About.F.AsFrame()
	}
	var err error
	if r.Law, err = t.Law(&said); err != nil {
		return nil, err
	}
	a, b := s.lookStart(&r.A), s.lookStart(&r.B)
	var c relation.View
	if r.HasAbout {
		c = s.lookStart(&r.About)
	}
	r.Begin(&said, &a, &b, &c)
	rs := &s.worker().rs
	rs.Reset()
	r.State(&rs.Rows, &a, &b, &c)
	r.states = len(rs.List) - len(r.Hold)
	return r, nil
}

// ReadCoordinate gives a joint coordinate at the given poses (mm or radians) and how it changes with the bodies' motion. An angle with
// a dial is the one nearest to what that shows.
func (s *System) ReadCoordinate(r *Relation, of string, poses []geom.Pose) (float64, relation.Row) {
	var a, b relation.View
	s.look(&a, &r.A, poses)
	s.look(&b, &r.B, poses)
	v, row := r.Reading(of, &a, &b)
	if k := r.dialOf(of); k >= 0 {
		v = nearTurn(v, s.shown(poses, k))
		row.R = v
	}
	return v, row
}

// ReadValue gives what a relation's main field would have to be to hold where the bodies stand: mm or degrees.
func (s *System) ReadValue(r *Relation, poses []geom.Pose) (float64, bool) {
	if !r.Reads() {
		return 0, false
	}
	var a, b relation.View
	s.look(&a, &r.A, poses)
	s.look(&b, &r.B, poses)
	var c *relation.View
	if r.HasAbout {
		c = new(relation.View)
		s.look(c, &r.About, poses)
	}
	return r.Read(s.Eval(r, poses, &s.worker().rs), &a, &b, c), true
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

// ByBody lists, for each free body, the relations it is in, among those given.
func (s *System) ByBody(rels []int) map[int][]int {
	of := map[int][]int{}
	var buf [4]int
	for _, i := range rels {
		for _, b := range s.FreeBodies(s.Rels[i], &buf) {
			of[b] = append(of[b], i)
		}
	}
	return of
}

// Last is the latest body that the relation is between, in build order, or -1 for none: the line it is posted with.
func (r *Relation) Last() int {
	l := -1
	var buf [4]int
	for _, b := range r.Members(&buf) {
		l = max(l, b)
	}
	return l
}

// Touches tells whether a relation is between a body and others.
func (s *System) Touches(r *Relation, b int) bool {
	var buf [4]int
	return slices.Contains(r.Members(&buf), b)
}

// ByLine sorts relations by the line they are posted on; those among the assembly's own features come first.
func (s *System) ByLine(rels []int) [][]int {
	from := make([]int, len(s.Bodies)+2)
	for _, i := range rels {
		from[s.Rels[i].Last()+2]++
	}
	for l := 1; l < len(from); l++ {
		from[l] += from[l-1]
	}
	all := make([]int, len(rels))
	at := append([]int(nil), from...)
	for _, i := range rels {
		l := s.Rels[i].Last() + 1
		all[at[l]] = i
		at[l]++
	}
	out := make([][]int, len(s.Bodies)+1)
	for l := range out {
		out[l] = all[from[l]:from[l+1]]
	}
	return out
}
