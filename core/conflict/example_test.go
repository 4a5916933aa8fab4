package conflict_test

import (
	"fmt"
	"math"
	"slices"
	"testing"

	"setfast/core/conflict"
	"setfast/core/format"
	"setfast/core/model"
)

// plates is the example of docs/method.md: a plate on another by its face and two holes, whose pitch differs by off.
func plates(off float64) string {
	part := func(pitch, z float64) string {
		hole := func(x float64) string {
			return fmt.Sprintf(`{"type": "cylinder", "origin": [%g, 0, 0], "direction": [0, 0, 1], "radius": 3.3, "side": "hole"}`, x)
		}
		return fmt.Sprintf(`{"features": {"face": {"type": "plane", "origin": [0, 0, 0], "normal": [0, 0, %g]}, "h1": %s, "h2": %s}}`, z, hole(0), hole(pitch))
	}
	return fmt.Sprintf(`{"setfast": 1, "root": "main", "parts": {"lower": %s, "upper": %s}, "assemblies": {"main": {
		"components": {"lower": {"part": "lower", "grounded": true}, "upper": {"part": "upper", "pose": {"origin": [2, 1, 5]}}},
		"mates": [{"id": "face", "type": "coincident", "a": "lower/face", "b": "upper/face"}, {"id": "hole 1", "type": "concentric", "a": "lower/h1", "b": "upper/h1"},
			{"id": "hole 2", "type": "concentric", "a": "lower/h2", "b": "upper/h2"}]}}}`, part(100, 1), part(100+off, -1))
}

func settle(t *testing.T, text string) conflict.Settled {
	t.Helper()
	doc, err := format.Read([]byte(text))
	if err != nil {
		t.Fatal(err)
	}
	m, err := model.New(doc.Open(), "main", nil)
	if err != nil {
		t.Fatal(err)
	}
	return conflict.Settle(m)
}

// TestPitch follows the example: the two holes, and not the face, are at odds, each by half the difference.
func TestPitch(t *testing.T) {
	if st := settle(t, plates(0)); len(st.Odds) != 0 || len(st.LeftOut) != 0 || len(st.Rels) != 3 {
		t.Errorf("plates that fit: %+v", st)
	}
	st := settle(t, plates(0.3))
	if len(st.Odds) != 1 || !slices.Equal(st.Odds[0].Mates, []string{"hole 1", "hole 2"}) {
		t.Fatalf("at odds: %+v", st.Odds)
	}
	for _, m := range st.Odds[0].Misses {
		if math.Abs(m.MM-0.15) > 1e-6 {
			t.Errorf("%s is off by %g, want half of 0.3", m.ID, m.MM)
		}
	}
	// the face is never left out, and one hole is
	if len(st.LeftOut) != 1 || st.LeftOut[0] {
		t.Errorf("left out: %v", st.LeftOut)
	}
	for _, r := range st.Odds[0].Remedies {
		if r.Mate == "face" {
			t.Errorf("the face is no part of it: %+v", r)
		}
	}
}
