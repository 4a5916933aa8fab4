package solve

import (
	"math"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
)

// coupled makes two joints from the ground and couples them.
func coupled(t *testing.T, typ string, sp Spec) (*System, *Relation) {
	t.Helper()
	s := &System{Bodies: []Body{
		{Start: geom.Pose{O: geom.V(1, 2, 3), Q: geom.Exp(geom.V(0, 0, 0.4))}},
		{Start: geom.Pose{O: geom.V(40, 2, 3), Q: geom.Exp(geom.V(0, 0, -0.7))}},
	}}
	frame := func(o geom.Vec) part.Feature {
		return part.Feature{Kind: part.Frame, O: o, Z: geom.V(0, 0, 1), X: geom.V(1, 0, 0)}
	}
	second := "revolute"
	if typ != "gear" {
		second = "cylindrical"
	}
	a, err := s.New(Spec{ID: "a", Type: "revolute", A: Feat{Body: -1, F: frame(geom.V(1, 2, 3))}, B: Feat{Body: 0, F: frame(geom.Vec{})}})
	if err != nil {
		t.Fatal(err)
	}
	b, err := s.New(Spec{ID: "b", Type: second, A: Feat{Body: -1, F: frame(geom.V(40, 2, 0))}, B: Feat{Body: 1, F: frame(geom.Vec{})}})
	if err != nil {
		t.Fatal(err)
	}
	sp.ID, sp.Type, sp.JA, sp.JB = "c", typ, a, b
	c, err := s.NewCoupling(sp)
	if err != nil {
		t.Fatal(err)
	}
	s.Rels = []*Relation{a, b, c}
	s.Measure()
	return s, c
}

// TestCouplingDerivatives checks the derivative of every coupling against central differences.
func TestCouplingDerivatives(t *testing.T) {
	for typ, says := range map[string]relation.Params{
		"gear": {{Field: "ratio", Num: -1.5}}, "rack": {{Field: "lead", Num: 30}}, "screw": {{Field: "lead", Num: 4}, {Field: "phase", Num: 2}},
		"cam": {{Field: "profile", Points: [][2]float64{{0, 0}, {100, 8}, {240, 3}}}, {Field: "spline"}},
	} {
		s, c := coupled(t, typ, Spec{Params: says})
		compareDerivatives(t, s, c, typ)
	}
}

// TestFullTurns: a coupling counts turns past half a turn and past several, both ways.
func TestFullTurns(t *testing.T) {
	ratio := -2.0
	s, c := coupled(t, "gear", Spec{Params: relation.Params{}.WithNum("ratio", ratio)})
	for _, dir := range []float64{1, -1} {
		poses := s.NewPoses()
		for k := 1; k <= 100; k++ {
			a := dir * float64(k) * 9 * math.Pi / 180
			poses[0].Q = geom.Exp(geom.V(0, 0, 0.4+a))
			poses[1].Q = geom.Exp(geom.V(0, 0, -0.7+ratio*a))
			if m := s.Miss(c, poses); m.Deg > 1e-9 {
				t.Fatalf("after %g turns the mesh is off by %g°", dir*float64(k)*9/360, m.Deg)
			}
			s.follow([]int{0, 1}, poses)
		}
	}
}

// TestCouplingRefuses what cannot be coupled, with a reason.
func TestCouplingRefuses(t *testing.T) {
	s, _ := coupled(t, "gear", Spec{Params: relation.Params{}.WithNum("ratio", 2)})
	for _, sp := range []Spec{
		{Type: "gear", JA: s.Rels[0], JB: s.Rels[1]}, {Type: "gear", Params: relation.Params{}.WithNum("ratio", 0), JA: s.Rels[0], JB: s.Rels[1]},
		{Type: "rack", Params: relation.Params{}.WithNum("lead", 0), JA: s.Rels[0], JB: s.Rels[1]}, {Type: "rack", JA: s.Rels[0], JB: s.Rels[0]},
		{Type: "cam", JA: s.Rels[0], JB: s.Rels[1]}, {Type: "belt", JA: s.Rels[0], JB: s.Rels[1]},
	} {
		if _, err := s.NewCoupling(sp); err == nil || err.Error() == "" {
			t.Errorf("%s was taken: %+v", sp.Type, sp)
		}
	}
}
