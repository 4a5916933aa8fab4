package solve

import (
	"fmt"
	"math"
	"math/rand/v2"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
)

// features of every kind, at places with nothing special about them.
func sampleFeatures(r *rand.Rand) map[part.Kind]part.Feature {
	v := func() geom.Vec { return geom.V(r.Float64()*20-10, r.Float64()*20-10, r.Float64()*20-10) }
	d := func() geom.Vec { return geom.V(r.NormFloat64(), r.NormFloat64(), r.NormFloat64()).Unit() }
	out := map[part.Kind]part.Feature{}
	for _, k := range part.Kinds {
		f := part.Feature{Kind: k, O: v(), Z: d(), Radius: 3, HalfAngle: 30}
		f.X = f.Z.Perp()
		out[k] = f
	}
	return out
}

// types are the names of all mates and joints.
func types() (names []string) {
	for _, t := range relation.Types() {
		if t.Family != relation.Coupling {
			names = append(names, t.Name)
		}
	}
	return names
}

// TestJacobians checks the derivative of every equation of every relation against central differences: nothing of the
// solver's own algebra is used on the other side.
func TestJacobians(t *testing.T) {
	r := rand.New(rand.NewPCG(1, 2))
	tried := map[string]int{}
	for _, typ := range types() {
		for _, ka := range part.Kinds {
			for _, kb := range part.Kinds {
				for _, about := range []bool{false, true} {
					if about && typ != "angle" {
						continue
					}
					fs, gs := sampleFeatures(r), sampleFeatures(r)
					s := &System{Bodies: []Body{
						{Start: geom.Pose{O: geom.V(1, 2, 3), Q: geom.Exp(geom.V(.3, -.5, .2))}},
						{Start: geom.Pose{O: geom.V(-4, 1, 0), Q: geom.Exp(geom.V(-.1, .4, .9))}},
						{Start: geom.Pose{O: geom.V(2, -3, 1), Q: geom.Exp(geom.V(.7, .1, -.4))}},
					}}
					sp := Spec{Type: typ, A: Feat{Body: 0, F: fs[ka]}, B: Feat{Body: 1, F: gs[kb]}}
					for _, field := range []string{"value", "gap", "lead"} {
						sp.Params = sp.WithNum(field, 40)
					}
					if about {
						sp.About = &Feat{Body: 2, F: fs[part.Axis]}
					}
					if typ == "symmetric" {
						sp.About = &Feat{Body: 2, F: fs[part.Plane]}
					}
					rel, err := s.New(sp)
					if err != nil {
						continue // these features do not go with this relation
					}
					for _, c := range rel.Of.Coordinates { // the coordinates' derivatives are checked by holding them
						rel.Hold = append(rel.Hold, relation.Hold{Of: c.Name, Value: 0.3})
					}
					s.Rels = []*Relation{rel}
					s.Measure()
					compareDerivatives(t, s, rel, fmt.Sprintf("%s %s %s about=%v", typ, ka, kb, about))
					tried[typ]++
				}
			}
		}
	}
	for _, typ := range types() {
		if tried[typ] == 0 {
			t.Errorf("%s was not tried on any features", typ)
		}
	}
}

func compareDerivatives(t *testing.T, s *System, rel *Relation, what string) {
	t.Helper()
	poses := s.NewPoses()
	var rs, rp, rm Rows
	rows := append([]relation.Row(nil), s.Eval(rel, poses, &rs)...)
	const h = 1e-5
	for b := range s.Bodies {
		for k := 0; k < 6; k++ {
			d := make([]float64, 6)
			d[k] = h
			plus := append([]geom.Pose(nil), poses...)
			plus[b] = s.Move(poses[b], b, d)
			d[k] = -h
			minus := append([]geom.Pose(nil), poses...)
			minus[b] = s.Move(poses[b], b, d)
			up, down := s.Eval(rel, plus, &rp), s.Eval(rel, minus, &rm)
			for i, row := range rows {
				got := 0.0
				for q := 0; q < row.N; q++ {
					if row.Body[q] == b {
						got = row.G[q][k]
					}
				}
				want := (up[i].R - down[i].R) / (2 * h)
				if math.Abs(got-want) > 1e-6*(1+math.Abs(want)) {
					t.Errorf("%s: row %d, body %d, motion %d: derivative %g, by differences %g", what, i, b, k, got, want)
				}
			}
		}
	}
}

// TestFarStarts puts a block on a plate by a face and two edges from starts turned by anything up to half a turn.
func TestFarStarts(t *testing.T) {
	r := rand.New(rand.NewPCG(7, 9))
	plane := func(o, n geom.Vec) part.Feature { return part.Feature{Kind: part.Plane, O: o, Z: n} }
	for i := 0; i < 200; i++ {
		axis := geom.V(r.NormFloat64(), r.NormFloat64(), r.NormFloat64()).Unit()
		turn := axis.Scale(r.Float64() * math.Pi)
		if i == 0 {
			turn = geom.V(math.Pi, 0, 0)
		}
		s := &System{Bodies: []Body{{Fixed: true, Start: geom.Home}, {Start: geom.Pose{O: geom.V(100*r.Float64(), -300, 500*r.Float64()), Q: geom.Exp(turn)}}}}
		for _, f := range [][2]part.Feature{
			{plane(geom.V(0, 0, 10), geom.V(0, 0, 1)), plane(geom.V(0, 0, 0), geom.V(0, 0, -1))},
			{plane(geom.V(50, 0, 0), geom.V(1, 0, 0)), plane(geom.V(20, 0, 0), geom.V(-1, 0, 0))},
			{plane(geom.V(0, 30, 0), geom.V(0, 1, 0)), plane(geom.V(0, 8, 0), geom.V(0, -1, 0))},
		} {
			rel, err := s.New(Spec{Type: "coincident", Params: relation.Params{}.WithWord("sense", "opposed"), A: Feat{Body: 0, F: f[0]}, B: Feat{Body: 1, F: f[1]}})
			if err != nil {
				t.Fatal(err)
			}
			s.Rels = append(s.Rels, rel)
		}
		s.Measure()
		sol := s.Solve(Options{MM: 1e-6, Deg: 1e-6, Retry: true})
		want := geom.V(30, 22, 10) // by hand: where the three faces meet
		if !sol.Holds || sol.Poses[1].O.Sub(want).Norm() > 1e-6 || math.Abs(sol.Poses[1].Q.W) < 1-1e-9 {
			t.Fatalf("start %d turned by %v: solved to %v, want %v unturned", i, turn, sol.Poses[1], want)
		}
	}
}

// TestLeastMotion checks that freedoms nothing asks about stay where they were: a pin put on an axis neither slides nor spins.
func TestLeastMotion(t *testing.T) {
	s := &System{Bodies: []Body{{Start: geom.Pose{O: geom.V(5, -3, 17), Q: geom.Exp(geom.V(0, 0, 0.7))}}}}
	cyl := part.Feature{Kind: part.Cylinder, Z: geom.V(0, 0, 1), Radius: 3}
	rel, err := s.New(Spec{Type: "concentric", A: Feat{Body: -1, F: cyl}, B: Feat{Body: 0, F: cyl}})
	if err != nil {
		t.Fatal(err)
	}
	s.Rels = []*Relation{rel}
	s.Measure()
	sol := s.Solve(Options{MM: 1e-9, Deg: 1e-9})
	if p := sol.Poses[0]; math.Abs(p.O.Z-17) > 1e-9 || p.O.Sub(geom.V(0, 0, 17)).Norm() > 1e-9 || p.Q.Mul(geom.Exp(geom.V(0, 0, -0.7))).Log().Norm() > 1e-9 {
		t.Errorf("the pin went to %v", p)
	}
}
