package kernel

import (
	"context"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"testing"

	"setfast/core/geom"
	"setfast/core/view"
)

// TestDrawnAsByLibrary holds what a view shows against Open CASCADE's own removal of hidden lines (HLRBRep_Algo, on the exact surfaces): how long all edges and
// outlines are that are seen, of shapes with holes, shanks, cones and a ball, from directions of no particular kind. Smooth edges are left out on both sides.
// Ours are lines of triangles: a hundredth may differ.
func TestDrawnAsByLibrary(t *testing.T) {
	r := runner(t)
	ctx := context.Background()
	for name, recipe := range map[string]string{
		"a block with a bore":   "box 0 0 0 30 80 12\nbox 0 20 0 30 40 46\nfuse\ncyl -1 40 28 1 0 0 8 32\ncut\ncyl 15 10 -1 0 0 1 3.3 14\ncut",
		"a stepped shaft":       "cyl 0 0 0 1 0 0 8 100\ncyl 30 0 0 1 0 0 13 12\nfuse",
		"a screw":               "cyl 0 0 0 0 0 1 3 20\ncyl 0 0 20 0 0 1 5 6\nfuse",
		"a cone on a plate":     "box -20 -20 -5 40 40 5\ncone 0 0 0 0 0 1 12 4 25\nfuse",
		"a bracket with window": "box 0 0 0 60 40 6\nbox 0 0 0 6 40 50\nfuse\nbox -1 10 15 8 20 20\ncut",
	} {
		dir := t.TempDir()
		looks := []view.View{{Look: geom.V(-1, 1, -1), Up: geom.V(0, 0, 1)}, {Look: geom.V(0.3, 0.8, -0.5), Up: geom.V(0, 0, 1)}, {Look: geom.V(-0.7, -0.2, 0.6), Up: geom.V(0, 0, 1)}}
		text := recipe
		for i, v := range looks {
			z := v.Look.Neg().Unit()
			x := v.Up.Cross(z).Unit()
			up, look := z.Cross(x), v.Look.Unit()
			text += fmt.Sprintf("\nseen %.12g %.12g %.12g %.12g %.12g %.12g %s", look.X, look.Y, look.Z, up.X, up.Y, up.Z, filepath.Join(dir, fmt.Sprint(i)))
		}
		if err := r.Make(ctx, dir, text+"\nproduct part\nstep part.step\n"); err != nil {
			t.Fatalf("%s: %v", name, err)
		}
		im, err := r.Read(ctx, filepath.Join(dir, "part.step"), nil)
		if err != nil {
			t.Fatal(err)
		}
		shape := Derive(im.Parts[0]).Drawn()
		for i, v := range looks {
			data, err := os.ReadFile(filepath.Join(dir, fmt.Sprint(i)))
			if err != nil {
				t.Fatal(err)
			}
			var want, hidden float64
			if _, err := fmt.Sscan(string(data), &want, &hidden); err != nil {
				t.Fatal(err)
			}
			s, err := view.Of(ctx, []view.Item{{Shape: shape, Pose: geom.Home}}, v, view.Options{Hidden: true})
			if err != nil {
				t.Fatal(err)
			}
			got, dark := 0.0, 0.0
			for _, l := range s.Lines {
				long := math.Hypot(l.A[0]-l.B[0], l.A[1]-l.B[1])
				if l.Arc != nil {
					long = l.Arc.R * (l.Arc.To - l.Arc.From) * math.Pi / 180
				}
				if l.Hidden {
					dark += long
				} else {
					got += long
				}
			}
			if math.Abs(got-want) > want/100 || i > 0 && math.Abs(dark-hidden) > max(want, hidden)/50 { // seen from its corner, hidden lines lie behind others, and are drawn once
				t.Errorf("%s along %v: %.2f mm are seen and %.2f hidden, the library has %.2f and %.2f", name, v.Look, got, dark, want, hidden)
			}
		}
	}
}
