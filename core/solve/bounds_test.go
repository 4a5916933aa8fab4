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
