package solve

import (
	"fmt"

	"setfast/core/geom"
	"setfast/core/relation"
)

// coupling ties a coordinate of one joint to one of another: b = law(a).
type coupling struct {
	a, b     *Relation
	ofA, ofB string
	angular  bool // b is an angle
	law      func(a float64) (b, slope float64)
	rate     float64 // of a linear law, else 0
	a0, b0   float64 // counted from here, where no phase makes it absolute
}

// NewCoupling ties two joints. Angles are radians inside.
func (s *System) NewCoupling(sp Spec) (*Relation, error) {
	t := relation.Named(sp.Type)
	if t == nil || t.Family != relation.Coupling {
		return nil, fmt.Errorf("unknown coupling %q", sp.Type)
	}
	k := &coupling{a: sp.JA, b: sp.JB, ofA: t.Ties[0], ofB: t.Ties[1]}
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
	k.law, k.rate = tie.Law, tie.Rate
	s.CountTurns(k.a, k.ofA, relation.Range{})
	s.CountTurns(k.b, k.ofB, relation.Range{})
	if tie.Relative {
		k.a0, k.b0 = s.atStart(k.a, k.ofA), s.atStart(k.b, k.ofB)
	}
	return &Relation{Law: relation.Law{Of: t, Sense: 1, Side: 1}, ID: sp.ID, A: sp.JA.B, B: sp.JB.B, couple: k, states: 1}, nil
}

// atStart is a coordinate as couplings count it from.
func (s *System) atStart(j *Relation, of string) float64 {
	if k := j.dialOf(of); k >= 0 {
		return s.dials[k].zero
	}
	v, _ := s.ReadCoordinate(j, of, s.NewPoses())
	return v
}

// coupled states the one equation of a coupling.
func (s *System) coupled(r *Relation, poses []geom.Pose, out *Rows) {
	k := r.couple
	a, rowA := s.ReadCoordinate(k.a, k.ofA, poses)
	b, rowB := s.ReadCoordinate(k.b, k.ofB, poses)
	want, slope := k.law(a - k.a0)
	out.Couple(&rowA, &rowB, b-k.b0-want, slope, k.angular)
}
