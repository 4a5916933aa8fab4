package mobility_test

import (
	"math"
	"testing"

	"setfast/core/format"
	"setfast/core/mobility"
	"setfast/core/model"
)

// sliderCrank is the example of docs/method.md: a crank of 30 upright, a rod of 80, and the rod's end on the line y = 0.
const sliderCrank = `{"setfast": 1, "root": "main", "parts": {
	"base": {"features": {"O": {"type": "frame", "origin": [0, 0, 0], "z": [0, 0, 1], "x": [1, 0, 0]}, "line": {"type": "plane", "origin": [0, 0, 0], "normal": [0, 1, 0]}}},
	"crank": {"features": {"O": {"type": "frame", "origin": [0, 0, 0], "z": [0, 0, 1], "x": [1, 0, 0]}, "B": {"type": "frame", "origin": [0, 30, 0], "z": [0, 0, 1], "x": [1, 0, 0]}}},
	"rod": {"features": {"B": {"type": "frame", "origin": [0, 0, 0], "z": [0, 0, 1], "x": [1, 0, 0]}, "C": {"type": "point", "at": [74.16198487095663, -30, 0]}}}},
	"assemblies": {"main": {"components": {"base": {"part": "base", "grounded": true}, "crank": {"part": "crank"}, "rod": {"part": "rod", "pose": {"origin": [0, 30, 0]}}},
	"mates": [{"id": "O", "type": "revolute", "a": "base/O", "b": "crank/O"}, {"id": "B", "type": "revolute", "a": "crank/B", "b": "rod/B"}, {"id": "C", "type": "coincident", "a": "base/line", "b": "rod/C"}]}}}`

// TestSliderCrank follows the example line by line. At 90° the rod slides without turning: its speed is ω·r·cos θ/(l·cos φ), a closed
// form of every textbook of machine dynamics.
func TestSliderCrank(t *testing.T) {
	doc, err := format.Read([]byte(sliderCrank))
	if err != nil {
		t.Fatal(err)
	}
	m, err := model.New(doc.Open(), "main", nil)
	if err != nil {
		t.Fatal(err)
	}
	const crank, rod = 1, 2
	n := mobility.New(m.Sys, m.Sys.NewPoses(), m.Rels)
	n.Open(crank)
	if got := n.Post(m.Sys.Rels[0]); got != 5 || n.Left() != 1 {
		t.Errorf("the hinge of the crank removes %d and leaves %d, want 5 and 1", got, n.Left())
	}
	n.Open(rod)
	if got := n.Post(m.Sys.Rels[1]); got != 5 || n.Left() != 2 {
		t.Errorf("the hinge of the rod removes %d and leaves %d, want 5 and 2", got, n.Left())
	}
	if len(n.Of(rod)) != 2 || len(n.Of(crank)) != 1 {
		t.Errorf("the rod moves in %d columns and the crank in %d; the rod is to follow and to have one of its own", len(n.Of(rod)), len(n.Of(crank)))
	}
	if got := n.Post(m.Sys.Rels[2]); got != 1 || n.Left() != 1 {
		t.Errorf("the line removes %d and leaves %d, want 1 and 1", got, n.Left())
	}
	n.Finish()
	turn := func(b int) (slide, turn float64) {
		v := n.Of(b)[0].V
		return math.Hypot(v[0], v[1]), v[5] / m.Sys.Bodies[b].Size
	}
	_, omega := turn(crank)
	slide, rest := turn(rod)
	if math.Abs(rest) > 1e-12*math.Abs(omega) || math.Abs(slide-30*math.Abs(omega)) > 1e-9*slide {
		t.Errorf("the crank turns by %g, the rod by %g and slides by %g; want no turn, and 30 times the crank's", omega, rest, slide)
	}
}
