package motion_test

import (
	"context"
	"fmt"
	"testing"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/bench"
	"setfast/core/geom"
	"setfast/core/motion"
	"setfast/core/part"
	"setfast/core/report"
)

// TestLargeGroupsAgree tells the same freedoms on the dense basis and on the sparse one: the counts are the same, joints
// planned or not.
func TestLargeGroupsAgree(t *testing.T) {
	kinds := map[report.Class]int{}
	for seed := uint64(1); seed <= 300; seed++ {
		x := bench.NewRandom(seed, 3+int(seed%9), 2+int(seed%12), 40)
		for i, mt := range x.Asm.Mates {
			if mt.Type == "revolute" || mt.Type == "cylindrical" || mt.Type == "prismatic" {
				if i%2 == 0 {
					x.Asm.Planned = append(x.Asm.Planned, assembly.Planned{Joint: mt.ID})
				}
			}
		}
		for i, name := range x.Doc.PartOrder {
			if p := x.Doc.Parts[name]; i%3 == 0 && len(p.Order) > 0 {
				p.Fastener = true
			}
		}
		count := func() (out [5]int) {
			rep, err := account.Check(context.Background(), x.Doc, nil)
			if err != nil {
				t.Fatal(err)
			}
			r := rep.Assemblies["main"]
			for _, mo := range r.Motions {
				kinds[mo.Class]++
			}
			return [5]int{r.Left, r.Planned, r.Idle, r.Loose, r.Shaky}
		}
		dense := count()
		var sparse [5]int
		motion.Sparsely(func() { sparse = count() })
		if dense != sparse {
			t.Errorf("seed %d: left, planned, idle, loose, shaky are %v, sparsely %v", seed, dense, sparse)
		}
	}
	for _, k := range []report.Class{report.Planned, report.Idle, report.Stray} {
		if kinds[k] < 50 {
			t.Errorf("too few motions to tell from: %v", kinds)
		}
	}
}

// stack is a pile of plates that lie on one another by faces alone: each slides and turns on the one below.
func stack(plates int) *assembly.Document {
	asm := &assembly.Assembly{}
	doc := &assembly.Document{Root: "main", Settings: assembly.DefaultSettings, Parts: map[string]*part.Part{"plate": {Features: map[string]part.Feature{
		"top":    {Kind: part.Plane, O: geom.V(0, 0, 5), Z: geom.V(0, 0, 1), X: geom.V(1, 0, 0)},
		"bottom": {Kind: part.Plane, Z: geom.V(0, 0, -1), X: geom.V(1, 0, 0)},
	}, Order: []string{"top", "bottom"}}}, PartOrder: []string{"plate"}, Assemblies: map[string]*assembly.Assembly{"main": asm}, Order: []string{"main"}}
	for i := range plates {
		asm.Components = append(asm.Components, &assembly.Component{Name: fmt.Sprint("p", i), Part: "plate", Grounded: i == 0, Pose: geom.Pose{O: geom.V(float64(i%7), float64(i%5), float64(5*i)), Q: geom.Exp(geom.Vec{})}})
		if i > 0 {
			asm.Mates = append(asm.Mates, &assembly.Mate{ID: fmt.Sprint("m", i), Type: "coincident", A: assembly.Ref{Path: []string{fmt.Sprint("p", i-1)}, Feature: "top"}, B: assembly.Ref{Path: []string{fmt.Sprint("p", i)}, Feature: "bottom"}})
		}
	}
	return doc
}

// TestStack: a plate on a plate keeps two slides and a turn (planar pair), however many lie below.
func TestStack(t *testing.T) {
	const plates = 300
	a, err := account.Take(context.Background(), stack(plates), "main", nil)
	if err != nil {
		t.Fatal(err)
	}
	r := a.Root
	if r.Left != 3*(plates-1) || r.Loose != r.Left || r.Verdict != report.Loose {
		t.Errorf("left %d, loose %d, %s", r.Left, r.Loose, r.Verdict)
	}
	kinds := map[report.Kind]int{}
	for k, mo := range r.Motions {
		kinds[mo.Kind]++
		if mo.Kind == "turn" && (mo.Direction[2] < 0.999999) || mo.Kind == "slide" && mo.Direction[2] > 1e-6 {
			t.Errorf("motion %d: %v", k, mo)
		}
	}
	if kinds["slide"] != 2*kinds["turn"] || kinds["screw"] > 0 {
		t.Errorf("kinds %v", kinds)
	}
	if poses := a.Swing(len(r.Motions) - 1); len(poses) < 15 {
		t.Errorf("the last motion swings through %d poses", len(poses))
	}
}
