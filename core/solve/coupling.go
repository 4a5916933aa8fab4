package solve

import (
	"fmt"
	"math"

	"setfast/core/geom"
	"setfast/core/relation"
)

// coupling ties a coordinate of one joint to one of another: b = law(a).
type coupling struct {
	a, b     *Relation
	ofA, ofB string
	angular  bool // b is an angle
	law      func(a float64) (b, slope float64)
	a0, b0   float64 // counted from here, where no phase makes it absolute
	at       int     // its place among the system's counts
}

// count is how far the joints of a coupling have turned: the last readings, and the angles run on from them over full turns.
type count struct{ rawA, rawB, sumA, sumB float64 }

// NewCoupling ties two joints. Angles are radians inside.
func (s *System) NewCoupling(sp Spec) (*Relation, error) {
	t := relation.Named(sp.Type)
	if t == nil || t.Family != relation.Coupling {
		return nil, fmt.Errorf("unknown coupling %q", sp.Type)
	}
	k := &coupling{a: sp.JA, b: sp.JB, ofA: t.Ties[0], ofB: t.Ties[1], at: len(s.counts)}
	for i, j := range [2]*Relation{sp.JA, sp.JB} {
		c, ok := j.Of.Coordinate(t.Ties[i])
		if !ok {
			return nil, fmt.Errorf("%s needs a joint with %q, and %s is %s", sp.Type, t.Ties[i], j.ID, j.Of.Name)
		}
		k.angular = c.Angular
	}
	tie, err := t.Tie(&relation.Said{Params: sp.Params})
	if err != nil {
		return nil, err
	}
	k.law = tie.Law
	poses := s.NewPoses()
	n := count{rawA: s.raw(k.a, k.ofA, poses), rawB: s.raw(k.b, k.ofB, poses)}
	n.sumA, n.sumB = n.rawA, n.rawB
	if tie.Relative {
		k.a0, k.b0 = n.rawA, n.rawB
	}
	if tie.Whole { // the turn of b that is nearest
		v, _ := k.law(n.sumA)
		n.sumB += 2 * math.Pi * math.Round((v-n.sumB)/(2*math.Pi))
	}
	s.counts = append(s.counts, n)
	return &Relation{Law: relation.Law{Of: t, Sense: 1, Side: 1}, ID: sp.ID, A: sp.JA.B, B: sp.JB.B, couple: k, states: 1}, nil
}

func (s *System) raw(j *Relation, of string, poses []geom.Pose) float64 {
	v, _ := s.ReadCoordinate(j, of, poses)
	return v
}

// runOn continues a reading from the last one; angles go on over full turns.
func runOn(j *Relation, of string, v, raw, sum float64) float64 {
	if c, _ := j.Of.Coordinate(of); c.Angular && !c.Counts {
		return sum + relation.Wrap(v-raw)
	}
	return sum + v - raw
}

// coupled states the one equation of a coupling.
func (s *System) coupled(r *Relation, poses []geom.Pose, out *Rows) {
	k, n := r.couple, &s.counts[r.couple.at]
	va, rowA := s.ReadCoordinate(k.a, k.ofA, poses)
	vb, rowB := s.ReadCoordinate(k.b, k.ofB, poses)
	a, b := runOn(k.a, k.ofA, va, n.rawA, n.sumA)-k.a0, runOn(k.b, k.ofB, vb, n.rawB, n.sumB)-k.b0
	want, slope := k.law(a)
	out.Couple(&rowA, &rowB, b-want, slope, k.angular)
}

// Track notes how far coupled joints have turned, so that full turns are counted from here on.
func (s *System) Track(poses []geom.Pose) {
	for _, r := range s.Rels {
		if k := r.couple; k != nil {
			n := &s.counts[k.at]
			va, vb := s.raw(k.a, k.ofA, poses), s.raw(k.b, k.ofB, poses)
			n.sumA, n.sumB = runOn(k.a, k.ofA, va, n.rawA, n.sumA), runOn(k.b, k.ofB, vb, n.rawB, n.sumB)
			n.rawA, n.rawB = va, vb
		}
	}
}
