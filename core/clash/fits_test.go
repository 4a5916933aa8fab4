package clash

import (
	"math"
	"testing"

	"setfast/core/assembly"
)

// TestThreadDepth: the depth of an external thread is 0.61343 of its pitch (ISO 68-1): 0.613 of M6, 0.920 of M10, 1.534 of M20, as handbooks list it.
func TestThreadDepth(t *testing.T) {
	for d, want := range map[float64]float64{3: 0.307, 6: 0.613, 10: 0.920, 20: 1.534} {
		if got := threadDepth(d); math.Abs(got-want) > 6e-4 {
			t.Errorf("M%g: %g, want %g", d, got, want)
		}
	}
}

// TestMeant: what is declared in an assembly counts for each of its uses; a fit of features is one of those features alone.
func TestMeant(t *testing.T) {
	fit := assembly.Fit{A: assembly.Ref{Path: []string{"pin"}, Feature: "shank"}, B: assembly.Ref{Path: []string{"block"}}, Kind: "press"}
	doc := &assembly.Document{Root: "main", Assemblies: map[string]*assembly.Assembly{
		"sub":  {Fits: []assembly.Fit{fit}},
		"main": {Components: []*assembly.Component{{Name: "one", Assembly: "sub"}, {Name: "two", Assembly: "sub"}, {Name: "pin", Part: "pin"}}, Fits: []assembly.Fit{{A: assembly.Ref{Path: []string{"one"}}, B: assembly.Ref{Path: []string{"pin"}}, Kind: "ignore"}}},
	}}
	got := Meant(doc, doc.Assemblies["main"])
	if len(got) != 3 || got[0].A != "one" || got[1].A != "one/pin/shank" || got[2].B != "two/block" {
		t.Fatalf("%+v", got)
	}
	o := Options{MM: 1e-3, Fits: got}
	bar := pipe(3, 0, 20, 24)
	pin, block := &Item{Name: "two/pin", Solid: bar}, &Item{Name: "two/block", Solid: bar}
	for face, want := range map[int32]bool{0: true, 1: false} { // its shank, its foot
		if fit := o.meant(pin, block, &found{depth: 0.1, faces: [2]int32{face, 0}}); (fit != nil) != want {
			t.Errorf("at face %d: %+v", face, fit)
		}
	}
	if !Declared(got, "pin", "one/block") || Declared(got, "pin", "two/block") || !Declared(got, "two/block", "two/pin") {
		t.Error("what is declared is told wrong")
	}
}
