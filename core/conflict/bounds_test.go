package conflict

import (
	"fmt"
	"testing"

	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/model"
	"setfast/core/solve"
)

// faces is a block of some size that lies at two heights, which differ by off, on one that stands.
func faces(t *testing.T, off float64) *search {
	t.Helper()
	doc, err := format.Read([]byte(fmt.Sprintf(`{"setfast": 1, "root": "main", "parts": {"block": {"features": {
		"face": {"type": "plane", "origin": [0, 0, 0], "normal": [0, 0, 1]}, "far": {"type": "point", "at": [100, 0, 5]}, "near": {"type": "point", "at": [-200, 0, 0]}}}},
		"assemblies": {"main": {"components": {"base": {"part": "block", "grounded": true}, "lid": {"part": "block", "pose": {"origin": [0, 0, 5]}}},
		"mates": [{"id": "a", "type": "distance", "a": "base/face", "b": "lid/face", "value": 5}, {"id": "b", "type": "distance", "a": "base/face", "b": "lid/face", "value": %.12g},
			{"id": "c", "type": "distance", "a": "base/far", "b": "lid/near", "value": 300}]}}}`, 5+off)))
	if err != nil {
		t.Fatal(err)
	}
	m, err := model.New(doc.Open(), "main", nil)
	if err != nil {
		t.Fatal(err)
	}
	return newSearch(m)
}

// TestBoundsOfConflicts sets misses to either side of what the search for sets at odds hangs on. The numbers are written out.
func TestBoundsOfConflicts(t *testing.T) {
	// raised is the pose that is off by so much, and how far it was from one that holds
	raised := func(s *search, by float64) []geom.Pose {
		p := s.Sys.NewPoses()
		p[1].O.Z += by
		return p
	}
	sharpened := func(off, by float64) bool {
		s := faces(t, off)
		p := raised(s, by)
		sol := solve.Solution{Poses: p, Holds: true, Miss: make([]solve.Miss, len(s.Sys.Rels))}
		for i, r := range s.Sys.Rels {
			sol.Miss[i] = s.Sys.Miss(r, p)
		}
		return s.sharpened(sol)[1].O.Z != p[1].O.Z
	}
	near := func(miss solve.Miss, is func(*solve.System, solve.Solution) bool) bool {
		s := faces(t, 0)
		return is(s.Sys, solve.Solution{Miss: []solve.Miss{miss, {}, {}}})
	}
	tense := func(by float64) int {
		s := faces(t, 0)
		return len(s.tense(s.Rels[:2], raised(s, by)))
	}
	size := faces(t, 0).Sys.Bodies[1].Size // the reach of its features: 100 mm
	for _, c := range []struct {
		what      string
		got, want any
	}{
		{"Inexact: a pose 1e-5 mm off is left", sharpened(0, 1e-5), false},
		{"Inexact: one 4e-5 mm off is made better", sharpened(0, 4e-5), true},
		{"Sharp: relations that differ by 8e-8 mm hold well enough for that", sharpened(8e-8, 4e-5), true},
		{"Sharp: those that differ by 8e-7 mm do not", sharpened(8e-7, 4e-5), false},
		{"Tense: off by 4e-7 mm none takes part", tense(4e-7), 0},
		{"Tense: off by 4e-6 mm both do", tense(4e-6), 2},
		{"the size", size, 100.0},
		{"AllBut: a hundredth of the size is all but fitting", near(solve.Miss{MM: 1}, allButFits), true},
		{"AllBut: three are not", near(solve.Miss{MM: 3}, allButFits), false},
		{"AllButDeg: half a degree is", near(solve.Miss{Deg: 0.5}, allButFits), true},
		{"AllButDeg: two are not", near(solve.Miss{Deg: 2}, allButFits), false},
		{"MayBeTurned: a miss of a twentieth is no matter of alignments", near(solve.Miss{MM: 5}, mayBeTurned), false},
		{"MayBeTurned: one of a fifth may be", near(solve.Miss{MM: 20}, mayBeTurned), true},
	} {
		if c.got != c.want {
			t.Errorf("%s: %v, want %v", c.what, c.got, c.want)
		}
	}
}
