package solve

import (
	"math"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
)

// TestStepsEnd shows when a solve is given up: which gains count, for how many steps, and under which effort.
func TestStepsEnd(t *testing.T) {
	// after is the number of steps, each losing the same part of the sum, after which it is over; 0: it goes on
	after := func(gain float64, e effort) int {
		var p progress
		f := 1.0
		for n := 1; n <= 20; n++ {
			if p.over(f, f*(1-gain), e) {
				return n
			}
			f *= 1 - gain
		}
		return 0
	}
	for _, c := range []struct {
		what string
		gain float64
		e    effort
		want int
	}{
		{"NoGain, StillFor: no gain three times", 4e-10, effort{}, 3},
		{"NoGain: a small one goes on", 4e-9, effort{}, 0},
		{"NoGainFar: with far to go that is none", 4e-5, effort{far: true}, 3},
		{"NoGainFar: a larger one is", 4e-4, effort{far: true}, 0},
		{"Leading: a brief solve ends at a step that does not lead on", 0.15, effort{brief: true}, 1},
		{"Leading: and goes on after one that does", 0.25, effort{brief: true}, 0},
		{"Halved: an impatient solve ends where four steps do not halve", 0.15, effort{impatient: true}, 5},
		{"Halved: and goes on where they do", 0.17, effort{impatient: true}, 0},
	} {
		if got := after(c.gain, c.e); got != c.want {
			t.Errorf("%s: over after %d, want %d", c.what, got, c.want)
		}
	}
	for gain, want := range map[float64]bool{0.04: true, 0.06: false} {
		if got := hopeless(1, []float64{2 * gain}, []float64{-1}); got != want {
			t.Errorf("Foretold: a step that gains %g is hopeless: %v", gain, got)
		}
	}
	if leadsFar(1, 0.11) || !leadsFar(1, 0.09) {
		t.Error("LedFar: a step that leaves a tenth of the sum leads far")
	}
	if !isRounding(4e-11, 1000) || isRounding(4e-10, 1000) {
		t.Error("NoStep: beside a metre, 4e-11 mm is rounding and 4e-10 is not")
	}
}

// TestDamping: it begins at a billionth, falls tenfold to a floor, and rises at once to where it counts.
func TestDamping(t *testing.T) {
	var got []damping
	for d := damping(1e-9); len(got) < 4; {
		d = d.taken()
		got = append(got, d)
	}
	got = append(got, damping(1e-9).refused(), damping(1e-6).refused(), damping(1e-11).unfactored(), damping(1e-6).unfactored())
	for i, want := range []damping{1e-10, 1e-11, 1e-11, 1e-11, 1e-6, 2e-5, 1e-9, 3e-5} {
		if math.Abs(float64(got[i]/want)-1) > 1e-9 {
			t.Errorf("damping %d is %g, want %g", i, got[i], want)
		}
	}
	// the least keeps the normal equations of a body on which one equation acts positive: 1e-20 would not
	for d, want := range map[float64]bool{1e-11: true, 1e-20: false} {
		m := matrix{diag: make([][36]float64, 1)}
		m.square(0, &[6]float64{0.3, -0.7, 0.1, 11, 13, -17})
		w := worker{m: m}
		w.damp(d, d)
		if got := w.m.factor(); got != want {
			t.Errorf("damped by %g it is positive: %v", d, got)
		}
	}
}

// TestLongestTurn: a step that turns a body by two radians is shortened to half a one, others are left alone.
func TestLongestTurn(t *testing.T) {
	s := &System{Bodies: []Body{{Size: 10}}}
	for turn, want := range map[float64]float64{2: 0.5, 0.45: 0.45, 0.6: 0.5} {
		w := worker{s: s, bodies: []int{0}, d: []float64{7, 0, 0, 0, 0, turn * 10}}
		if w.limit(); math.Abs(w.d[5]/10-want) > 1e-12 {
			t.Errorf("a turn of %g becomes %g, want %g", turn, w.d[5]/10, want)
		}
	}
}

// TestRestless: what is off by no more than rounding is left where it is, to the last digit; what is off by more is brought to rest.
func TestRestless(t *testing.T) {
	for e, moved := range map[float64]bool{5e-11: false, 5e-10: true} {
		s := &System{Bodies: []Body{{Start: geom.Pose{O: geom.V(20+e, 0, 0), Q: geom.Identity}}}}
		pt := Feat{Body: -1, F: part.Feature{Kind: part.Point}}
		own := pt
		own.Body = 0
		r, err := s.New(Spec{ID: "d", Type: "distance", A: pt, B: own, Params: relation.Params{}.WithNum("value", 20)})
		if err != nil {
			t.Fatal(err)
		}
		s.Rels = []*Relation{r}
		s.Measure()
		sol := s.SolveFrom(s.NewPoses(), []int{0}, Options{MM: 0.001, Deg: 0.001})
		if got := sol.Poses[0].O.X != s.Bodies[0].Start.O.X; got != moved || !sol.Holds {
			t.Errorf("off by %g mm: moved %v, to %.13g", e, got, sol.Poses[0].O.X)
		}
	}
}

// between states a distance between a point at the origin and one of the body.
func between(t *testing.T, s *System, id string, at, own geom.Vec, v float64) *Relation {
	t.Helper()
	pt := func(body int, o geom.Vec) Feat {
		return Feat{Body: body, F: part.Feature{Kind: part.Point, O: o}}
	}
	r, err := s.New(Spec{ID: id, Type: "distance", A: pt(-1, at), B: pt(0, own), Params: relation.Params{}.WithNum("value", v)})
	if err != nil {
		t.Fatal(err)
	}
	return r
}

// TestBoundsOfPulling: how far a body turns in a step, how a step that turned too far is shortened, what must hold after it.
func TestBoundsOfPulling(t *testing.T) {
	for turn, want := range map[float64]float64{0: 0.5, 0.4: 0.5, 0.7: 0.4, 10: 0.2} {
		if got := shorter(turn); math.Abs(got-want) > 1e-6 {
			t.Errorf("PullShort, PullLong, PullAim: after a turn of %g a step is tried at %g, want %g", turn, got, want)
		}
	}
	// an arm of 100 mm about the origin, whose pivot is held by two equations that differ by e
	pull := func(e float64, to geom.Vec) (turned float64, ok bool, left, worst float64) {
		s := &System{Bodies: []Body{{Start: geom.Home}}}
		s.Rels = []*Relation{between(t, s, "a", geom.V(0, 0, 50), geom.Vec{}, 50), between(t, s, "b", geom.V(0, 0, 50), geom.Vec{}, 50+e)}
		s.Measure()
		s.Bodies[0].Size = 100
		k := s.NewPull([]int{0}, s.Rels, 0, geom.V(100, 0, 0))
		poses := s.NewPoses()
		left, _, ok = k.To(poses, to, 1)
		return poses[0].Q.Log().Norm(), ok, left, s.worst(s.Rels, poses)
	}
	if turn, ok, _, _ := pull(0, geom.V(-90, 20, 0)); !ok || turn > 0.35 {
		t.Errorf("PullTurn: a far pull turns by %g, %v; at most 0.35 is wanted", turn, ok)
	}
	if _, ok, _, worst := pull(8e-8, geom.V(100, 1, 0)); !ok || worst > 1e-7 {
		t.Errorf("PullHolds: relations that differ by 8e-8 do not follow (off by %g)", worst)
	}
	if _, ok, _, _ := pull(8e-7, geom.V(100, 1, 0)); ok {
		t.Error("PullHolds: relations that differ by 8e-7 follow")
	}
	if _, _, _, worst := pull(0, geom.V(100, 1, 0)); worst > 1e-9 {
		t.Errorf("PullRest: after a step relations are off by %g", worst)
	}
	k := (&System{Bodies: []Body{{Start: geom.Home}}}).NewPull([]int{0}, nil, 0, geom.V(1, 0, 0))
	k.pull.A.Frame.O = geom.Vec{}
	if r := k.s.Eval(k.pull, k.s.NewPoses(), &Rows{})[0].R; math.Abs(math.Abs(r)-0.02) > 1e-12 {
		t.Errorf("PullWeight: a mm of the pointer counts as %g of a relation", r)
	}
	if linearisations(0.9, 100) != 1 || linearisations(1.1, 100) != 2 {
		t.Error("PullStraight: a step of 0.9 of a hundred is straight, one of 1.1 is not")
	}
	// relations are gone over again after a step until they are off by no more than PullRest, and no longer
	after := func(to float64) float64 {
		s := &System{Bodies: []Body{{Start: geom.Home}}}
		s.Rels = []*Relation{between(t, s, "a", geom.V(0, 0, 50), geom.Vec{}, 50), between(t, s, "b", geom.V(0, 30, 50), geom.V(100, 0, 0), 100)}
		s.Measure()
		poses := s.NewPoses()
		s.newton([]int{0}, s.Rels, poses, effort{iterations: 50})
		k := s.NewPull([]int{0}, s.Rels, 0, geom.V(100, 0, 0))
		k.To(poses, poses[0].Point(geom.V(100, 0, 0)).Add(geom.V(0, to, to)), 1)
		return s.worst(s.Rels, poses)
	}
	if x, y := after(3), after(2); x > 1e-9 || y > 1e-9 || y < 1e-11 {
		t.Errorf("PullRest: after two steps relations are off by %g, which is to be under 1e-9, and by %g, which is enough", x, y)
	}
}

// TestBoundsOfStarts: how large a body is taken to be, how far it is displaced for another start, when few relations miss wholly.
func TestBoundsOfStarts(t *testing.T) {
	size := func(apart float64) float64 {
		s := &System{Bodies: []Body{{Start: geom.Home}}}
		s.Rels = []*Relation{between(t, s, "a", geom.Vec{}, geom.Vec{}, 1), between(t, s, "b", geom.Vec{}, geom.V(apart, 0, 0), 1)}
		s.Measure()
		return s.Bodies[0].Size
	}
	if got := size(1e-3); got != 10 {
		t.Errorf("PointSize, PointReach: features 1e-3 mm apart make a body of %g mm, want 10", got)
	}
	if got := size(8e-3); got != 4e-3 {
		t.Errorf("PointSize: features 8e-3 mm apart make one of %g", got)
	}
	s := &System{Bodies: []Body{{Start: geom.Home, Size: 100}}}
	poses, numbers, most := s.NewPoses(), shaking, 0.0
	for range 50 {
		s.scattered([]int{0}, poses, 1, &numbers)
		for _, x := range poses[0].O.Array() {
			most = math.Max(most, math.Abs(x))
		}
	}
	if most > 15 || most < 13 {
		t.Errorf("Scatter: a body of 100 mm is displaced by up to %g, want almost 15", most)
	}
	// of three distances two agree: the third misses by all of its millimetre
	s = &System{Bodies: []Body{{Start: geom.Pose{O: geom.V(20.3, 0, 0), Q: geom.Identity}}}}
	s.Rels = []*Relation{between(t, s, "a", geom.Vec{}, geom.Vec{}, 20), between(t, s, "b", geom.Vec{}, geom.Vec{}, 20), between(t, s, "c", geom.Vec{}, geom.Vec{}, 21)}
	s.Measure()
	at := s.Sparsest(s.All(), s.NewPoses(), func(int) float64 { return 1 })[0].O.Norm()
	if math.Abs(at-20) > 1e-5 {
		t.Errorf("Sparse, Sparser: it stands at %g, want 20 but for 1e-5", at)
	}
}

// seating prepares to seat the bodies of a system, some of which stand already.
func seating(s *System, done ...bool) *seated {
	t := newSeated(s, s.NewPoses())
	t.begin(s.All(), -1)
	copy(t.done, done)
	return t
}

// TestBoundsOfSeating: a body is in place, nearly in place, or tried together with others and turned about; each try that fails is counted.
func TestBoundsOfSeating(t *testing.T) {
	tries := func(miss float64) int { // of a body of 100 mm that two distances pull apart
		s := &System{Bodies: []Body{{Start: geom.Pose{O: geom.V(500, 0, 0), Q: geom.Identity}}}}
		s.Rels = []*Relation{between(t, s, "a", geom.Vec{}, geom.Vec{}, 500), between(t, s, "b", geom.Vec{}, geom.Vec{}, 500+2*miss)}
		s.Measure()
		s.Bodies[0].Size = 100
		k := seating(s, false)
		k.bring(0)
		return k.failed
	}
	for miss, want := range map[float64]int{4e-7: 0, 4e-6: 1, 1: 1, 4: 4} {
		if got := tries(miss); got != want {
			t.Errorf("Seated, NearlySeated: a body that misses by %g mm is tried %d times more, want %d", miss, got, want)
		}
	}
	closes := func(miss float64) bool { // two points that are one, at distances from the origin that differ
		s := &System{Bodies: []Body{{Start: geom.Pose{O: geom.V(5, 0, 0), Q: geom.Identity}}, {Start: geom.Pose{O: geom.V(5, 0, 0), Q: geom.Identity}}}}
		far := between(t, s, "b", geom.Vec{}, geom.Vec{}, 5+3*miss)
		far.B.Body = 1
		tie, err := s.New(Spec{ID: "tie", Type: "coincident", A: Feat{Body: 0, F: part.Feature{Kind: part.Point}}, B: Feat{Body: 1, F: part.Feature{Kind: part.Point}}})
		if err != nil {
			t.Fatal(err)
		}
		s.Rels = []*Relation{between(t, s, "a", geom.Vec{}, geom.Vec{}, 5), far, tie}
		s.Measure()
		return seating(s, true, false).closeLoop(1)
	}
	if !closes(4e-10) || closes(4e-9) {
		t.Error("SeatedLoop: a loop that misses by 4e-10 closes, one that misses by 4e-9 does not")
	}
	if !clearlyBetter(0.45, 1) || clearlyBetter(0.55, 1) {
		t.Error("ClearlyBetter: less than half as far off is, more is not")
	}
}
