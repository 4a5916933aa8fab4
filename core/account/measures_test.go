package account_test

import (
	"fmt"
	"math"
	"reflect"
	"strings"
	"testing"
)

// measured writes measures of two parts that stand still, and reads them.
func measured(t *testing.T, list map[string]string) map[string]any {
	t.Helper()
	d := &doc{}
	d.raw("a", `{"mass_kg": 2, "features": {"top": {"type": "plane", "origin": [0,0,10], "normal": [0,0,1]}, "edge": {"type": "axis", "origin": [0,0,10], "direction": [1,0,0]}, "tip": {"type": "point", "at": [3,4,0]}, "f": {"type": "frame", "origin": [1,2,3], "z": [1,0,0], "x": [0,1,0]}, "ball": {"type": "sphere", "center": [0,0,50], "radius": 4}}, "mass": {"volume_mm3": 10, "centroid": [1,0,0]}}`)
	d.raw("b", `{"density_kg_m3": 1000, "features": {"under": {"type": "plane", "origin": [0,0,0], "normal": [0,0,-1]}, "edge": {"type": "axis", "origin": [5,0,0], "direction": [0,1,0]}, "tip": {"type": "point", "at": [0,0,0]}}, "mass": {"volume_mm3": 1000000, "centroid": [0,0,6]}}`)
	d.raw("unknown", `{"features": {"tip": {"type": "point", "at": [0,0,0]}}}`)
	d.use("a", "!a").use("b", "!b", at([3]float64{6, 8, 25}))
	for n, m := range list {
		d.measures = append(d.measures, fmt.Sprintf("%q: %s", n, m))
	}
	return d.check(t).Measures
}

// TestMeasures reads each kind of measure at places where school geometry gives the answer.
func TestMeasures(t *testing.T) {
	got := measured(t, map[string]string{
		"plane to point":   `{"type": "distance", "a": "a/top", "b": "b/tip"}`,
		"point to plane":   `{"type": "distance", "a": "b/tip", "b": "a/top"}`,
		"below the plane":  `{"type": "distance", "a": "a/top", "b": "a/tip"}`,
		"plane to plane":   `{"type": "distance", "a": "a/top", "b": "b/under"}`,
		"point to point":   `{"type": "distance", "a": "a/tip", "b": "b/tip"}`,
		"point to axis":    `{"type": "distance", "a": "a/tip", "b": "a/edge"}`,
		"skew axes":        `{"type": "distance", "a": "a/edge", "b": "b/edge"}`,
		"ball to point":    `{"type": "distance", "a": "a/ball", "b": "a/tip"}`,
		"square axes":      `{"type": "angle", "a": "a/edge", "b": "b/edge"}`,
		"opposed planes":   `{"type": "angle", "a": "a/top", "b": "b/under"}`,
		"position":         `{"type": "position", "of": "b/tip"}`,
		"position in f":    `{"type": "position", "of": "b/tip", "in": "a/f"}`,
		"own origin":       `{"type": "position", "of": "b/origin", "in": "@/origin"}`,
		"mass":             `{"type": "mass"}`,
		"centre":           `{"type": "centre_of_mass"}`,
		"centre in f":      `{"type": "centre_of_mass", "in": "a/f"}`,
		"to the assembly":  `{"type": "distance", "a": "@/xy", "b": "b/tip"}`,
		"along the own x":  `{"type": "angle", "a": "@/x", "b": "a/edge"}`,
		"point to a frame": `{"type": "distance", "a": "a/f", "b": "a/tip"}`,
	})
	// two kilograms at (1,0,0), one (a cubic decimetre of water) at (6,8,31)
	centre := [3]float64{(2*1 + 6) / 3.0, 8 / 3.0, 31 / 3.0}
	inF := func(p [3]float64) [3]float64 { return [3]float64{p[1] - 2, p[2] - 3, p[0] - 1} } // f: x is y, y is z, z is x
	want := map[string]any{
		"plane to point": 15.0, "point to plane": 15.0, "below the plane": -10.0, "plane to plane": 15.0, "point to point": math.Sqrt(9 + 16 + 625),
		"point to axis": math.Sqrt(16 + 100), "skew axes": 15.0, "ball to point": math.Sqrt(9 + 16 + 2500), "square axes": 90.0, "opposed planes": 180.0,
		"position": [3]float64{6, 8, 25}, "position in f": inF([3]float64{6, 8, 25}), "own origin": [3]float64{6, 8, 25}, "mass": 3.0,
		"centre": centre, "centre in f": inF(centre), "to the assembly": 25.0, "along the own x": 0.0, "point to a frame": math.Sqrt(4 + 4 + 9),
	}
	for n, w := range want {
		switch w := w.(type) {
		case float64:
			if g, ok := got[n].(float64); !ok || math.Abs(g-w) > 1e-9 {
				t.Errorf("%s is %v, want %g", n, got[n], w)
			}
		case [3]float64:
			g, ok := got[n].([3]float64)
			for i := range w {
				if !ok || math.Abs(g[i]-w[i]) > 1e-9 {
					t.Errorf("%s is %v, want %v", n, got[n], w)
					break
				}
			}
		}
	}
}

// TestUnknownMass: as soon as one part's mass is unknown, so is the whole's.
func TestUnknownMass(t *testing.T) {
	d := &doc{}
	d.raw("known", `{"mass_kg": 2, "mass": {"volume_mm3": 10, "centroid": [0,0,0]}}`).raw("unknown", `{"density_kg_m3": 7850}`)
	d.use("a", "!known").use("b", "!unknown")
	d.measures = append(d.measures, `"kg": {"type": "mass"}`, `"cg": {"type": "centre_of_mass"}`)
	r := d.check(t)
	if r.Measures["kg"] != nil || r.Measures["cg"] != nil {
		t.Errorf("measures %v, want null", r.Measures)
	}
	d.comps[1] = strings.Replace(d.comps[1], `"grounded": true`, `"suppressed": true`, 1)
	if r = d.check(t); r.Measures["kg"] != 2.0 {
		t.Errorf("with the unknown one suppressed: %v", r.Measures["kg"])
	}
}

// slider is a block on a guide, driven along it.
func slider(limits, drive string) *doc {
	d := &doc{}
	d.part("p", frame("f", o3, uz, ux)).use("a", "!p").use("b", "p", at([3]float64{0, 0, 4}))
	more := []string{}
	if limits != "" {
		more = append(more, limits)
	}
	d.mate("s", "prismatic", "a/f", "b/f", more...).plan(`{"joint": "s"}`)
	d.measures = append(d.measures, `"z": {"type": "coordinate", "joint": "s", "of": "slide"}`, `"kg": {"type": "mass"}`)
	d.drives = append(d.drives, `"d": {"joint": "s", "of": "slide", `+drive+`, "record": ["z", "kg"]}`)
	return d
}

// TestDrives: where a drive begins and ends, which way, and what it leaves alone.
func TestDrives(t *testing.T) {
	for _, c := range []struct {
		limits, drive string
		at            []float64
		stopped       float64 // NaN: it does not stop
	}{
		{"", `"from": 0, "to": 10, "steps": 2`, []float64{0, 5, 10}, math.NaN()},
		{"", `"from": 10, "to": -5, "steps": 3`, []float64{10, 5, 0, -5}, math.NaN()},
		{"", `"from": 7, "to": 9, "steps": 1`, []float64{7, 9}, math.NaN()},
		{`"limits": {"slide": [-2, 8]}`, `"from": 0, "to": 10, "steps": 5`, []float64{0, 2, 4, 6, 8}, 8},
		{`"limits": {"slide": [-2, 8]}`, `"from": 0, "to": -10, "steps": 5`, []float64{0, -2}, -2},
		{`"limits": {"slide": [null, 8]}`, `"from": -50, "to": -100, "steps": 1`, []float64{-50, -100}, math.NaN()},
		{`"limits": {"slide": [3, null]}`, `"from": 0, "to": 10, "steps": 5`, []float64{}, 3},
		{`"at": {"slide": 4}`, `"from": 0, "to": 10, "steps": 1`, []float64{0, 10}, math.NaN()},
	} {
		d := slider(c.limits, c.drive)
		if strings.Contains(c.limits, "at") {
			d.planned = nil
		}
		r := d.check(t)
		run := r.Drives["d"]
		if !reflect.DeepEqual(run.At, c.at) {
			t.Errorf("%s %s: steps at %v, want %v", c.limits, c.drive, run.At, c.at)
		}
		if math.IsNaN(c.stopped) != (run.StoppedAt == nil) || run.StoppedAt != nil && math.Abs(*run.StoppedAt-c.stopped) > 0.01 {
			t.Errorf("%s %s: stopped at %v, want %g", c.limits, c.drive, run.StoppedAt, c.stopped)
		}
		if (run.StoppedAt == nil) != (run.Reason == nil) {
			t.Errorf("%s %s: a stop and its reason go together: %v", c.limits, c.drive, run)
		}
		for i, z := range run.Values["z"] {
			if math.Abs(value(z)-run.At[i]) > 1e-9 || run.Values["kg"][i] != nil {
				t.Errorf("%s %s: at %g the slide is %v, the mass %v", c.limits, c.drive, run.At[i], z, run.Values["kg"][i])
			}
		}
		if z := r.Measures["z"].(float64); math.Abs(z-4) > 1e-9 {
			t.Errorf("%s %s: the drive moved the assembly to %g", c.limits, c.drive, z)
		}
	}
	out := slider("", `"from": 0, "to": 10, "steps": 2`)
	out.mates[0] = strings.Replace(out.mates[0], `"id": "s"`, `"id": "s", "suppressed": true`, 1)
	out.planned = nil
	if run := out.check(t).Drives["d"]; run.Reason == nil || len(run.At) != 0 || !strings.Contains(*run.Reason, "not in force") {
		t.Errorf("a drive of a suppressed joint: %+v", run)
	}
}

// TestSeveralTurns: limits of more than a turn let a drive go round and round, and the coordinate runs on.
func TestSeveralTurns(t *testing.T) {
	d := &doc{}
	d.part("p", frame("f", o3, uz, ux)).use("a", "!p").use("b", "p")
	d.mate("j", "revolute", "a/f", "b/f", `"limits": {"angle": [-90, 800]}`).plan(`{"joint": "j"}`)
	d.measures = append(d.measures, `"a": {"type": "coordinate", "joint": "j", "of": "angle"}`)
	d.drives = append(d.drives, `"d": {"joint": "j", "of": "angle", "from": 0, "to": 1000, "steps": 20, "record": ["a"]}`)
	run := d.check(t).Drives["d"]
	if run.StoppedAt == nil || math.Abs(*run.StoppedAt-800) > 0.01 || len(run.At) != 17 {
		t.Fatalf("stopped at %v after %d steps", run.StoppedAt, len(run.At))
	}
	for i, a := range run.At {
		if got := value(run.Values["a"][i]); math.Abs(got-a) > 1e-9 {
			t.Errorf("at %g° the coordinate reads %g°", a, got)
		}
	}
}
