package account

import (
	"context"
	"fmt"
	"testing"

	"gonum.org/v1/gonum/mat"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
)

// sparsely has all groups of freedoms told on the sparse basis while f runs.
func sparsely(f func()) {
	was := mostDense
	mostDense = 0
	defer func() { mostDense = was }()
	f()
}

// TestLargeGroupsAgree tells the same freedoms on the dense basis and on the sparse one: the counts are the same, joints
// planned or not.
func TestLargeGroupsAgree(t *testing.T) {
	kinds := map[string]int{}
	for seed := uint64(1); seed <= 300; seed++ {
		x := newRandom(seed, 3+int(seed%9), 2+int(seed%12), 40)
		for i, mt := range x.asm.Mates {
			if mt.Type == "revolute" || mt.Type == "cylindrical" || mt.Type == "prismatic" {
				if i%2 == 0 {
					x.asm.Planned = append(x.asm.Planned, assembly.Planned{Joint: mt.ID})
				}
			}
		}
		for i, name := range x.doc.PartOrder {
			if p := x.doc.Parts[name]; i%3 == 0 && len(p.Order) > 0 {
				p.Fastener = true
			}
		}
		count := func() (out [5]int) {
			rep, err := Check(context.Background(), x.doc, nil)
			if err != nil {
				t.Fatal(err)
			}
			r := rep.Assemblies["main"]
			invariants(t, r)
			for _, mo := range r.Motions {
				kinds[mo.Class]++
			}
			return [5]int{r.Left, r.Planned, r.Idle, r.Loose, r.Shaky}
		}
		dense := count()
		var sparse [5]int
		sparsely(func() { sparse = count() })
		if dense != sparse {
			t.Errorf("seed %d: left, planned, idle, loose, shaky are %v, sparsely %v", seed, dense, sparse)
		}
	}
	for _, k := range []string{"planned", "idle", "loose"} {
		if kinds[k] < 50 {
			t.Errorf("too few motions to tell from: %v", kinds)
		}
	}
}

// TestStaggeredMotionsSpan compares by gonum's singular values: what is told of a large group spans all of its freedoms.
func TestStaggeredMotionsSpan(t *testing.T) {
	sparsely(func() {
		for seed := uint64(1); seed <= 60; seed++ {
			m := modelOf(t, newRandom(seed, 4+int(seed%9), 3+int(seed%12), 40))
			st := m.settle()
			n, _ := m.post(st, &Result{Components: map[string]Placed{}})
			for _, g := range n.modeGroups(nil, func(int) bool { return false }) {
				all := g.gaits()
				line := func(a gait) []float64 {
					x := make([]float64, 6*len(g.bodies))
					for _, s := range a {
						copy(x[6*s.i:], s.v[:])
					}
					return x
				}
				var rows, both []float64
				told := 0
				for _, a := range all {
					both = append(both, line(a)...)
				}
				stagger(all, len(g.bodies), m.stopped, func(i int, first []gait) {
					for _, a := range first {
						told++
						rows = append(rows, line(a)...)
					}
				})
				both = append(both, rows...)
				if told != g.d || rank(t, rows, told) != g.d || rank(t, both, told+g.d) != g.d {
					t.Errorf("seed %d: %d freedoms, %d told", seed, g.d, told)
				}
			}
		}
	})
}

func rank(t *testing.T, rows []float64, r int) int {
	var svd mat.SVD
	if !svd.Factorize(mat.NewDense(r, len(rows)/r, rows), mat.SVDNone) {
		t.Fatal("gonum gave up")
	}
	v := svd.Values(nil)
	k := 0
	for k < len(v) && v[k] > 1e-6*v[0] {
		k++
	}
	return k
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
	rep, err := Check(context.Background(), stack(plates), nil)
	if err != nil {
		t.Fatal(err)
	}
	r := rep.Assemblies["main"]
	invariants(t, r)
	if r.Left != 3*(plates-1) || r.Loose != r.Left || r.Verdict != Loose {
		t.Errorf("left %d, loose %d, %s", r.Left, r.Loose, r.Verdict)
	}
	kinds := map[string]int{}
	for k, mo := range r.Motions {
		kinds[mo.Kind]++
		if mo.Kind == "turn" && (mo.Direction[2] < 0.999999) || mo.Kind == "slide" && mo.Direction[2] > 1e-6 {
			t.Errorf("motion %d: %v", k, mo)
		}
	}
	if kinds["slide"] != 2*kinds["turn"] || kinds["screw"] > 0 {
		t.Errorf("kinds %v", kinds)
	}
	if poses := r.Swing(len(r.Motions) - 1); len(poses) < 15 {
		t.Errorf("the last motion swings through %d poses", len(poses))
	}
}
