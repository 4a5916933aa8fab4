package solve

import (
	"fmt"
	"runtime"
	"slices"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
)

// TestBunches seats what hangs on single bodies by itself, on one processor or several, and comes to the poses of one after another: a row
// of bodies with two on each, one on the other.
func TestBunches(t *testing.T) {
	s := &System{}
	add := func(x float64) int {
		s.Bodies = append(s.Bodies, Body{Start: geom.Pose{O: geom.V(x, x/7, 1), Q: geom.Exp(geom.V(0.1, x/9000, 0.2))}, Fixed: len(s.Bodies) == 0})
		return len(s.Bodies) - 1
	}
	put := func(b, on int, at float64) {
		f := func(o geom.Vec) part.Feature {
			return part.Feature{Kind: part.Circle, O: o, Z: geom.V(0, 0, 1), X: geom.V(1, 0, 0), Radius: 3}
		}
		r, err := s.New(Spec{ID: fmt.Sprint(b, on), Type: "rim", A: Feat{Body: on, F: f(geom.V(at, 5, 2))}, B: Feat{Body: b, F: f(geom.V(0, 0, -1))}})
		if err != nil {
			t.Fatal(err)
		}
		s.Rels = append(s.Rels, r)
	}
	row := add(0)
	for k := range 120 {
		next := add(float64(10 * k))
		put(next, row, 9)
		one := add(float64(10*k) + 3)
		put(one, next, 4)
		put(add(float64(10*k)+4), one, 2)
		row = next
	}
	s.Measure()
	trunk, bunches := s.bunched(s.All())
	if len(bunches) < 90 || len(trunk) < 90 || len(trunk) > 130 {
		t.Fatalf("%d relations in the trunk, %d bunches", len(trunk), len(bunches))
	}
	want := s.NewPoses()
	all := newSeated(s, want)
	all.begin(s.All(), -1)
	if !all.inTurn() {
		t.Fatal("it cannot be seated")
	}
	for _, processors := range []int{1, 4} {
		got := s.NewPoses()
		was := runtime.GOMAXPROCS(processors)
		ok := s.seatInTurn(got, s.All())
		runtime.GOMAXPROCS(was)
		if !ok || !slices.Equal(got, want) {
			t.Errorf("on %d processors the poses are others", processors)
		}
	}
	if miss := s.settle(want, s.All(), Options{MM: 1e-6, Deg: 1e-6}); !miss.Holds {
		t.Error("they do not hold")
	}
}
