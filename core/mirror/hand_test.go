package mirror

import (
	"math"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
)

// corners are those of a block about the origin, one of them moved.
func corners(x, y, z float64, off geom.Vec) *Shape {
	s := &Shape{}
	for _, sx := range []float64{-1, 1} {
		for _, sy := range []float64{-1, 1} {
			for _, sz := range []float64{-1, 1} {
				s.Marks = append(s.Marks, Mark{At: geom.V(sx*x, sy*y, sz*z), Kind: part.Point})
			}
		}
	}
	s.Marks[0].At = s.Marks[0].At.Add(off)
	s.Inertia = [3][3]float64{{y*y + z*z}, {0, x*x + z*z}, {0, 0, x*x + y*y}} // of eight equal points
	return s
}

// TestBoundsOfHands sets shapes to either side of each limit of core/tol/mirror.go, the numbers written out.
func TestBoundsOfHands(t *testing.T) {
	// a corner that is off its place by less than a thousandth is where it should be
	for off, want := range map[float64]bool{0.9e-3: true, 1.1e-3: false} { // HandMM
		s := corners(10, 7, 4, geom.V(off, 0, 0))
		s.Marks = append(s.Marks, Mark{At: geom.V(1, 2, 3), Kind: part.Circle, Radius: 1}, Mark{At: geom.V(-1, 2, 3), Kind: part.Circle, Radius: 1}) // x alone is left
		if _, same := s.Hand(); same != want {
			t.Errorf("HandMM: %g off: %v", off, same)
		}
	}
	for lean, want := range map[float64]bool{4.4e-5: true, 4.6e-5: false} { // HandTurn: one less the cosine is half the square
		f := part.Feature{Kind: part.Plane, O: geom.V(0, 0, 4), Z: geom.V(math.Sin(lean), 0, math.Cos(lean))}
		g := part.Feature{Kind: part.Plane, O: geom.V(0, 0, 4), Z: geom.V(0, 0, 1)}
		if m := reflection(geom.V(1, 0, 0), geom.Vec{}); alike(&f, &g, &m) != want {
			t.Errorf("HandTurn: leaning by %g: %v", lean, !want)
		}
	}
	// two moments that are all but equal do not tell the axes: corners do
	for differ, tell := range map[float64]bool{0.0009: false, 0.0011: true} { // SameMoment
		s := corners(10, 10, 4, geom.Vec{})
		s.Inertia = [3][3]float64{{200 * (1 - differ)}, {0, 200, 0}, {0, 0, 100}}
		if n := len(s.candidates()); (n == 4) != tell {
			t.Errorf("SameMoment: %g: %d candidates", differ, n)
		}
	}
}
