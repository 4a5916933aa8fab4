package solve

import (
	"math"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
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
	num := func(x float64) *float64 { return &x }
	for typ, sp := range map[string]Spec{
		"gear": {Ratio: num(-1.5)}, "rack": {Lead: num(30)}, "screw": {Lead: num(4), Phase: num(2)},
		"cam": {Profile: [][2]float64{{0, 0}, {100, 8}, {240, 3}}, Spline: true},
	} {
		s, c := coupled(t, typ, sp)
		compareDerivatives(t, s, c, typ)
	}
}

// TestFullTurns: a coupling counts turns past half a turn and past several, both ways.
func TestFullTurns(t *testing.T) {
	ratio := -2.0
	s, c := coupled(t, "gear", Spec{Ratio: &ratio})
	poses := s.NewPoses()
	start := [2]geom.Pose{poses[0], poses[1]}
	for _, dir := range []float64{1, -1} {
		poses[0], poses[1] = start[0], start[1]
		restore := s.Marks()
		for k := 1; k <= 100; k++ {
			a := dir * float64(k) * 9 * math.Pi / 180
			poses[0].Q = geom.Exp(geom.V(0, 0, 0.4+a))
			poses[1].Q = geom.Exp(geom.V(0, 0, -0.7+ratio*a))
			if m := s.Miss(c, poses); m.Deg > 1e-9 {
				t.Fatalf("after %g turns the mesh is off by %g°", dir*float64(k)*9/360, m.Deg)
			}
			s.Track(poses)
		}
		restore()
	}
}

// TestLift: a periodic spline meets its points, joins itself smoothly at the turn, and a straight profile is straight.
func TestLift(t *testing.T) {
	points := [][2]float64{{10, 1}, {80, 9}, {170, 4}, {300, 2}}
	spline, err := NewLift(points, true)
	if err != nil {
		t.Fatal(err)
	}
	for _, p := range points {
		for _, turn := range []float64{-720, 0, 360} {
			if v, _ := spline.At(p[0] + turn); math.Abs(v-p[1]) > 1e-12 {
				t.Errorf("at %g° the lift is %g, want %g", p[0]+turn, v, p[1])
			}
		}
		_, left := spline.At(p[0] - 1e-7)
		_, right := spline.At(p[0] + 1e-7)
		if math.Abs(left-right) > 1e-6 {
			t.Errorf("at %g° the slope jumps from %g to %g", p[0], left, right)
		}
	}
	for a := -400.0; a < 800; a += 7.3 {
		v1, d := spline.At(a)
		v2, _ := spline.At(a + 1e-6)
		if math.Abs((v2-v1)/1e-6-d) > 1e-5 {
			t.Errorf("at %g° the slope is %g, by differences %g", a, d, (v2-v1)/1e-6)
		}
	}
	straight, _ := NewLift([][2]float64{{0, 0}, {180, 6}}, false)
	for a, want := range map[float64]float64{0: 0, 45: 1.5, 90: 3, 180: 6, 270: 3, 359.999: 6 * 0.001 / 180, 450: 3} {
		if v, _ := straight.At(a); math.Abs(v-want) > 1e-9 {
			t.Errorf("at %g° the straight lift is %g, want %g", a, v, want)
		}
	}
	for _, bad := range [][][2]float64{nil, {{0, 1}}, {{0, 1}, {0, 2}}, {{10, 1}, {5, 2}}, {{0, 1}, {360, 2}}} {
		if _, err := NewLift(bad, true); err == nil {
			t.Errorf("the profile %v was taken", bad)
		}
	}
}

// TestCouplingRefuses what cannot be coupled, with a reason.
func TestCouplingRefuses(t *testing.T) {
	s, _ := coupled(t, "gear", Spec{Ratio: func() *float64 { x := 2.0; return &x }()})
	zero := 0.0
	for _, sp := range []Spec{
		{Type: "gear", JA: s.Rels[0], JB: s.Rels[1]}, {Type: "gear", Ratio: &zero, JA: s.Rels[0], JB: s.Rels[1]},
		{Type: "rack", Lead: &zero, JA: s.Rels[0], JB: s.Rels[1]}, {Type: "rack", JA: s.Rels[0], JB: s.Rels[0]},
		{Type: "cam", JA: s.Rels[0], JB: s.Rels[1]}, {Type: "belt", JA: s.Rels[0], JB: s.Rels[1]},
	} {
		if _, err := s.NewCoupling(sp); err == nil || err.Error() == "" {
			t.Errorf("%s was taken: %+v", sp.Type, sp)
		}
	}
}
