package account_test

import (
	"fmt"
	"math"
	"testing"

	"setfast/core/report"
)

// geared has a crank A, a wheel B and a slide S on the ground, each measured; fields go into the joints, more relations after them.
func geared(a, b, s string, more ...string) *doc {
	d := &doc{}
	for _, says := range []*string{&a, &b, &s} {
		if *says == "" {
			*says = `"suppressed": false`
		}
	}
	d.part("g", frame("a", o3, uz, ux), frame("b", [3]float64{50, 0, 0}, uz, ux), frame("s", [3]float64{0, 0, 20}, uz, ux), plane("floor", o3, uz), axis("x", o3, ux))
	d.part("w", frame("f", o3, uz, ux), plane("face", o3, uz), axis("x", o3, ux))
	d.use("g", "!g").use("crank", "w").use("wheel", "w", at([3]float64{50, 0, 0})).use("slide", "w", at([3]float64{0, 0, 20}))
	d.mate("A", "revolute", "g/a", "crank/f", a).mate("B", "revolute", "g/b", "wheel/f", b).mate("S", "prismatic", "g/s", "slide/f", s)
	d.mates = append(d.mates, more...)
	for _, j := range []string{"A", "B"} {
		d.measures = append(d.measures, fmt.Sprintf(`%q: {"type": "coordinate", "joint": %q, "of": "angle"}`, j, j))
	}
	d.measures = append(d.measures, `"S": {"type": "coordinate", "joint": "S", "of": "slide"}`)
	return d
}

func axis(name string, o, z [3]float64) string {
	return fmt.Sprintf(`%q: {"type": "axis", "origin": %s, "direction": %s}`, name, vec(o), vec(z))
}

// TestTurnsCount: whole turns of coupled, held and limited angles are told apart, and of the numbers of turns with which all holds the
// fewest are taken. The laws are those of gear pairs (ω₂ = i·ω₁), racks and screws (s = lead · turns).
func TestTurnsCount(t *testing.T) {
	tie := func(typ, a, b, says string) string {
		return fmt.Sprintf(`{"id": "tie", "type": %q, "a": %q, "b": %q, %s}`, typ, a, b, says)
	}
	spin := func(b string, deg float64) string {
		return fmt.Sprintf(`{"id": "%s-at", "type": "hold_spin", "a": "g/%s", "b": "%s/f", "value": %g}`, b, map[string]string{"crank": "a", "wheel": "b"}[b], b, deg)
	}
	high := func(h float64) string {
		return fmt.Sprintf(`{"id": "high", "type": "distance", "a": "g/floor", "b": "slide/face", "value": %g}`, h)
	}
	for _, c := range []struct {
		what    string
		doc     *doc
		a, b, s float64 // NaN: any
	}{
		{"a rack held past two turns", geared(`"at": {"angle": 800}`, "", "", tie("rack", "A", "S", `"lead": 90, "phase": 0`)), 800, 0, 200},
		{"counted from the start", geared(`"at": {"angle": 800}`, "", "", tie("rack", "A", "S", `"lead": 90`)), 800, 0, 200},
		{"backwards", geared(`"at": {"angle": -800}`, "", "", tie("rack", "A", "S", `"lead": 90`)), -800, 0, -200},
		{"a slide of twenty leads", geared("", "", `"at": {"slide": 100}`, tie("screw", "A", "S", `"lead": 5`)), 7200, 0, 100},
		{"a slide held by a relation", geared("", "", "", tie("screw", "A", "S", `"lead": 5`), high(103)), 5976, 0, 83},
		{"a gear of one to two, with one wheel half round", geared("", "", "", tie("gear", "A", "B", `"ratio": 0.5`), spin("crank", 0), spin("wheel", 180)), 360, 180, 0},
		{"20 teeth on 37: one tooth on", geared("", "", "", tie("gear", "A", "B", fmt.Sprintf(`"ratio": %.17g`, -20.0/37)), spin("crank", 0), spin("wheel", 360.0/37)), math.NaN(), math.NaN(), 0},
		{"limits of a later turn", geared(`"limits": {"angle": [700, 800]}`, "", "", tie("rack", "A", "S", `"lead": 90, "phase": 0`)), 720, 0, 180},
		{"limits that a coupling meets a turn later", geared(`"limits": {"angle": [300, 400]}`, "", "", tie("gear", "A", "B", `"ratio": 1, "phase": 0`), spin("crank", 10), spin("wheel", 10)), 370, math.NaN(), 0},
		{"limits over more than a turn", geared(`"limits": {"angle": [0, 1000]}, "at": {"angle": 900}`, "", "", tie("gear", "A", "B", `"ratio": -2`)), 900, -1800, 0},
	} {
		r := c.doc.check(t)
		if r.Verdict == report.AtOdds {
			t.Errorf("%s: at odds: %+v", c.what, r.Odds)
			continue
		}
		for name, want := range map[string]float64{"A": c.a, "B": c.b, "S": c.s} {
			if got, _ := r.Measures[name].(float64); !math.IsNaN(want) && math.Abs(got-want) > 1e-6 {
				t.Errorf("%s: %s is %.9g, want %g", c.what, name, got, want)
			}
		}
	}
}

// TestTurnsAtOdds: where no number of turns helps, it is a conflict.
func TestTurnsAtOdds(t *testing.T) {
	for what, d := range map[string]*doc{
		"a wheel a quarter off": geared("", "", "", `{"id": "tie", "type": "gear", "a": "A", "b": "B", "ratio": 1}`,
			`{"id": "a", "type": "hold_spin", "a": "g/a", "b": "crank/f", "value": 0}`, `{"id": "b", "type": "hold_spin", "a": "g/b", "b": "wheel/f", "value": 90}`),
		"held at two values":             geared(`"at": {"angle": 400}`, "", `"at": {"slide": 10}`, `{"id": "tie", "type": "rack", "a": "A", "b": "S", "lead": 90}`),
		"a turn too many for its limits": geared(`"at": {"angle": 400}, "limits": {"angle": [0, 90]}`, "", ""),
	} {
		if r := d.check(t); r.Verdict != report.AtOdds {
			t.Errorf("%s: %s, %v", what, r.Verdict, r.Measures)
		}
	}
}

// TestFollowersLeaveDips: a follower that stands in a dip of its cam, or on a hump, finds the place where the lift is the one asked for.
func TestFollowersLeaveDips(t *testing.T) {
	for _, c := range []struct{ start, lift float64 }{{0, 5}, {90, 3}, {180, 7.5}, {270, 1}, {0, 8}, {180, 0}} {
		d := geared("", "", "", `{"id": "cam", "type": "cam", "a": "A", "b": "S", "phase": 0, "spline": true, "profile": [[0, 0], [90, 2], [180, 8], [270, 4]]}`,
			fmt.Sprintf(`{"id": "high", "type": "distance", "a": "g/floor", "b": "slide/face", "value": %g}`, 20+c.lift))
		d.comps[1] = fmt.Sprintf(`"crank": {"part": "w", "pose": %s}`, at(o3, spin(uz, c.start)...))
		if r := d.check(t); r.Verdict == report.AtOdds {
			t.Errorf("from %g a lift of %g is at odds", c.start, c.lift)
		} else if s := r.Measures["S"].(float64); math.Abs(s-c.lift) > 1e-6 {
			t.Errorf("from %g the lift is %g, want %g", c.start, s, c.lift)
		}
	}
}
