package kernel

import (
	"context"
	"fmt"
	"math"
	"path/filepath"
	"testing"

	"setfast/core/geom"
)

// TestHand tells the hands of shapes that are known: what has a plane of symmetry, or turns over into its mirror image, is its own; a bracket with holes
// of two sizes, a helical thread and a skew prism are not. The motion that proves it carries the mirrored corners onto corners.
func TestHand(t *testing.T) {
	r := runner(t)
	for _, c := range []struct {
		name, recipe string
		same         bool
	}{
		{"box", "box 1 2 3 40 30 20", true},
		{"cube", "box 0 0 0 10 10 10", true},
		{"ball", "sphere 1 2 3 5", true},
		{"pin", "cyl 1 2 3 0 1 0 5 30", true},
		{"stepped pin across", "cyl 1 2 3 0 1 0 5 30\ncyl 1 5 3 0 1 0 7 4\nfuse", true},
		{"angle", "box 0 0 0 60 40 6\nbox 0 0 0 6 40 44\nfuse", true},
		{"left bracket", "box 0 0 0 60 40 6\nbox 0 0 0 6 40 44\nfuse\ncyl -1 20 30 1 0 0 4.1 8\ncut\ncyl 40 10 -1 0 0 1 4.5 8\ncut", false},
		{"bracket with holes in its middle", "box 0 0 0 60 40 6\nbox 0 0 0 6 40 44\nfuse\ncyl -1 20 30 1 0 0 4.1 8\ncut\ncyl 40 20 -1 0 0 1 4.5 8\ncut", true},
		{"cube with one hole in a corner of a face", "box 0 0 0 20 20 20\ncyl 5 5 -1 0 0 1 2 30\ncut", true},
		{"cube with holes that go round", "box 0 0 0 20 20 20\ncyl 5 8 -1 0 0 1 2 5\ncut\ncyl -1 5 8 1 0 0 2 5\ncut\ncyl 8 -1 5 0 1 0 2 5\ncut", false},
		{"S of three boxes", "box 0 0 0 10 30 5\nbox 0 25 0 30 5 5\nfuse\nbox -20 0 0 30 5 5\nfuse", true}, // flat: its own image across its plane
		{"S raised at its ends", "box 0 0 0 10 30 5\nbox 0 25 0 30 5 15\nfuse\nbox -20 0 0 30 5 15\nfuse", false},
		{"S raised and lowered", "box 0 0 0 10 30 5\nbox 0 25 0 30 5 15\nfuse\nbox -20 0 -10 30 5 15\nfuse", true}, // through its middle
		{"hexagon", "prism 0 0 0 10 6 10 0 5 8.66 -5 8.66 -10 0 -5 -8.66 5 -8.66", true},
		{"threaded bolt", "cyl 0 0 0 0 0 1 5 20\nthread 0 0 4 0 0 1 5 2 12\ncut", false},
	} {
		d := Derive(make1(t, r, c.recipe, "hand.step").Parts[0])
		if d.TellHand(); (d.Handed == "own") != c.same {
			t.Errorf("%s: told as %q", c.name, d.Handed)
		}
		s := d.Hand()
		image, same := s.Hand()
		if same != c.same {
			t.Errorf("%s: same %v", c.name, same)
			continue
		}
		if !same {
			continue
		}
		n := image.Plane
		for _, m := range s.Marks {
			q := image.Turn.Point(m.At.Sub(n.Scale(2 * m.At.Dot(n))))
			nearest := math.Inf(1)
			for _, o := range s.Marks {
				if o.Kind == m.Kind {
					nearest = math.Min(nearest, o.At.Sub(q).Norm())
				}
			}
			if nearest > 1e-6 {
				t.Errorf("%s: a mark is carried %g beside another: %+v", c.name, nearest, image)
				break
			}
		}
		if math.Abs(n.Norm()-1) > 1e-9 || c.name == "box" && image.Turn.Q.Log() != (geom.Vec{}) && image.Turn.Q.Log().Norm() > 1e-6 {
			t.Errorf("%s: %+v", c.name, image)
		}
	}
}

// BenchmarkHand looks at a part of 500 faces: a prism of 498 sides whose outline is its own mirror image, with a blind hole in its middle line or beside it.
func BenchmarkHand(b *testing.B) {
	for _, off := range []float64{0, 20} {
		recipe := "prism 0 0 0 10 498"
		for k := range 498 {
			a := 2 * math.Pi * (float64(k) + 0.5) / 498
			r := 100 + 5*math.Cos(3*a)
			recipe += fmt.Sprintf(" %.9f %.9f", r*math.Cos(a), r*math.Sin(a))
		}
		dir := b.TempDir()
		r := runner(b)
		if err := r.Make(context.Background(), dir, recipe+fmt.Sprintf("\ncyl 50 %g 5 0 0 1 3 10\ncut", off)+"\nproduct p\nstep p.step\n"); err != nil {
			b.Fatal(err)
		}
		im, err := r.Read(context.Background(), filepath.Join(dir, "p.step"), nil)
		if err != nil {
			b.Fatal(err)
		}
		d := Derive(im.Parts[0])
		b.Run(fmt.Sprint("same=", off == 0), func(b *testing.B) {
			for b.Loop() {
				if _, same := d.Hand().Hand(); same != (off == 0) {
					b.Fatal(same)
				}
			}
		})
	}
}
