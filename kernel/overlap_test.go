package kernel

import (
	"context"
	"math"
	"path/filepath"
	"testing"

	"setfast/core/geom"
)

// TestOverlaps holds what two exact shapes have in common against closed forms: the lens of two spheres, π(4r + d)(2r − d)²/12 (Weisstein,
// Sphere–Sphere Intersection, MathWorld), a box in a box, and a bar that goes through a plate; and distances that are plain.
func TestOverlaps(t *testing.T) {
	r := runner(t)
	dir := t.TempDir()
	ball, box, bar := filepath.Join(dir, "ball.step"), filepath.Join(dir, "box.step"), filepath.Join(dir, "bar.step")
	recipe := "sphere 0 0 0 10\nproduct Ball\nstep " + ball + "\nbox 0 0 0 40 40 10\nproduct Box\nstep " + box + "\ncyl 0 0 0 0 0 1 3 60\nproduct Bar\nstep " + bar + "\n"
	if err := r.Make(context.Background(), dir, recipe); err != nil {
		t.Fatal(err)
	}
	shapes := []Exact{{File: ball}, {File: box}, {File: bar}}
	at := func(x, y, z float64) geom.Pose { return geom.Pose{O: geom.V(x, y, z), Q: geom.Identity} }
	jobs := []Two{{0, 0, at(15, 0, 0), 0.1}, {0, 0, at(25, 0, 0), 0.1}, {0, 0, at(20, 0, 0), 0.1}, {1, 1, at(30, 0, 0), 0.1}, {1, 2, at(20, 20, -25), 0.1}, {1, 1, at(0, 0, 10), 0.1}}
	want := []Overlap{{Volume: math.Pi * (4*10 + 15) * 25 / 12}, {Distance: 5}, {}, {Volume: 10 * 40 * 10}, {Volume: math.Pi * 9 * 10}, {}}
	got, fine, err := r.Overlaps(context.Background(), shapes, jobs)
	if err != nil {
		t.Fatal(err)
	}
	for i, w := range want {
		g := got[i]
		if g.Failed != "" || math.Abs(g.Distance-w.Distance) > 1e-6 || math.Abs(g.Volume-w.Volume) > 1e-4*w.Volume+1e-9 || (g.Common != nil) != (w.Volume > 0) {
			t.Errorf("pair %d: %+v, want %+v", i, g, w)
		}
	}
	if len(fine) != 3 || len(fine[1].FaceEnds) != 6 {
		t.Errorf("%d shapes came back", len(fine))
	}
}
