package kernel

import (
	"context"
	"testing"

	"setfast/core/part"
)

// TestSeams: where a round face closes, and between the halves of one, there is no edge to the hand; the halves of a hole and of its rim
// are one. AS1's plate has six holes, each split in two by its file; a hole that is made in one piece has a seam of its own.
func TestSeams(t *testing.T) {
	r := runner(t)
	im, err := r.Read(context.Background(), "testdata/as1-oc-214.stp", nil)
	if err != nil {
		t.Fatal(err)
	}
	for _, p := range im.Parts {
		if p.Name != "plate" {
			continue
		}
		d := Derive(p)
		holes, rims, seams, corners, twins := 0, 0, 0, 0, 0
		for _, f := range d.Features {
			switch {
			case f.Seam && f.Vertex >= 0: // where seams end is no corner
				corners++
			case f.Seam:
				seams++
			case f.Same != "":
				twins++
			case f.Kind == part.Cylinder:
				holes++
			case f.Kind == part.Circle:
				rims++
			}
			if f.Seam && f.Kind == part.Circle {
				t.Errorf("%s is a rim, and yet a seam", f.Name)
			}
		}
		if holes != d.Holes || rims != d.Holes || seams != 2*d.Holes || corners != 2*d.Holes || twins != 2*d.Holes { // its file has the upper rims as freeform curves
			t.Errorf("%d holes: %d to the hand, %d rims, %d seams, %d corners at their ends, %d other names", d.Holes, holes, rims, seams, corners, twins)
		}
	}
	one := make1(t, r, "box 0 0 0 40 40 10\ncyl 20 20 -1 0 0 1 5 12\ncut", "plate.step")
	lines, seams := 0, 0
	for _, e := range one.Parts[0].Edges {
		if e.Kind == "line" {
			lines++
		}
		if e.Seam {
			seams++
		}
	}
	if lines != 13 || seams != 1 {
		t.Errorf("a plate with one hole has %d straight edges, %d of them a seam; want 13 and 1", lines, seams)
	}
}
