package main

import (
	"context"
	"encoding/json"
	"fmt"
	"maps"
	"math"
	"os"
	"path/filepath"
	"slices"
	"strings"
	"testing"

	"setfast/core/clash"
	"setfast/kernel"
)

// TestClashScenes: three tetrahedra, of which one turns into another; what is wrong is said with its line.
func TestClashScenes(t *testing.T) {
	dir := t.TempDir()
	write := func(text string) string {
		p := filepath.Join(dir, "scene.txt")
		if err := os.WriteFile(p, []byte(text), 0o600); err != nil {
			t.Fatal(err)
		}
		return p
	}
	solid := "mesh 4 4\n0 0 0\n1 0 0\n0 1 0\n0 0 1\n0 1 2\n0 3 1\n0 2 3\n1 3 2\n"
	uses := "use 0 0 0 0 1 0 0 0\nuse 0 0.2 0.2 0.2 2 0 0 0\nuse 0 3 0 0 1 0 0 0\n"
	code, out, errs := do("clash", "--mesh", "--json", "--timing", write(solid+uses+"sweep 0 0 0 0 0 1 0 90 2 2\n"))
	var a crossed
	if err := json.Unmarshal([]byte(out), &a); err != nil || code != 1 || errs != "" {
		t.Fatalf("exit %d: %v %s", code, err, errs)
	}
	if fmt.Sprint(a.Pairs, a.Sweep) != "[[0 1]] [1 1 1]" || len(a.Timing) != 3 {
		t.Errorf("%+v", a)
	}
	if code, out, _ := do("clash", "--mesh", write(solid+"use 0 0 0 0 1 0 0 0\nuse 0 5 0 0 1 0 0 0\n")); code != 0 || !strings.Contains(out, "0 of 2 uses") {
		t.Errorf("far apart: exit %d, %s", code, out)
	}
	for text, says := range map[string]string{
		"mesh 1 1\n0 0 0\n0 0 7\n": "line 3: there is no point 7", "mesh 2": "line 1: 2 numbers", "mesh 4 4\n0 0 0\n": "ends in the middle",
		"use 0 0 0 0 1 0 0 0\n": "no mesh 0 yet", solid + "use 0 0 0 0 0 0 0 0\n": "must not be zero", solid + "sweep 0 0 0 0 0 0 0 9 9\n": "wants a direction",
		"mesh 1e300 1\n": "cannot be taken", "cube\n": "not known here", solid + uses + "sweep 0 0 0 0 0 1 0 9 9 44\n": "no use", "mesh NaN 1\n": "no number",
	} {
		if code, out, errs := do("clash", "--mesh", write(text)); code != 2 || out != "" || !strings.Contains(errs, says) {
			t.Errorf("%q: exit %d, %q%q, want %q", text, code, out, errs, says)
		}
	}
	if code, out, errs := do("clash", examples+"four-bar.setfast.json"); code != 0 || !strings.Contains(out, "without a shape") {
		t.Errorf("a document of features alone: exit %d, %s", code, errs)
	}
}

// shapesOf makes a STEP file of recipes, by name, and says what parts they are.
func shapesOf(t testing.TB, dir string, recipes map[string]string) (parts map[string]string) {
	t.Helper()
	k, err := kernel.Find()
	if err != nil {
		t.Fatal(err)
	}
	parts = map[string]string{}
	all := ""
	for i, name := range slices.Sorted(maps.Keys(recipes)) {
		all += recipes[name] + "\nproduct " + name + "\n"
		parts[name] = fmt.Sprintf(`%q: {"source": {"step": "all.step", "product": %d}}`, name, i+1)
	}
	if err := k.Make(context.Background(), dir, all+"step "+filepath.Join(dir, "all.step")+"\n"); err != nil {
		t.Fatal(err)
	}
	return parts
}

// TestClashFile places exact shapes in pairs and holds what is told against closed forms: the lens of two spheres (Weisstein, Sphere–Sphere
// Intersection, MathWorld), the cap that a plane cuts off a ball, πh²(3r − h)/3, a ball in a cone that it touches along a circle, bars and boxes. Depths
// are right to 0.01 mm or 1 %, volumes to 1 %, clearances to 0.01 mm; what only touches is no clash.
func TestClashFile(t *testing.T) {
	dir := t.TempDir()
	parts := shapesOf(t, dir, map[string]string{
		"ball": "sphere 0 0 0 10", "box": "box 0 0 0 40 40 10", "bar": "cyl 0 0 0 0 0 1 3 60", "small": "box 0 0 0 4 4 4",
		"cup": "cyl 0 0 0 0 0 1 20 20\ncone 0 0 0 0 0 1 0 20 20\ncut", "ring": "cyl 0 0 0 0 0 1 9 8\ncyl 0 0 -1 0 0 1 3 10\ncut", "pin": "cyl 0 0 0 0 0 1 3 8", "fat": "cyl 0 0 0 0 0 1 3.02 8",
		"tap": "box -10 -10 0 20 20 12\ncyl 0 0 -1 0 0 1 2.5 14\ncut", "drop": "sphere 0 0 0 5",
	})
	stl := "solid s\n"
	for _, f := range [][3][3]float64{{{0, 0, 0}, {0, 10, 0}, {10, 0, 0}}, {{0, 0, 0}, {10, 0, 0}, {0, 0, 10}}, {{0, 0, 0}, {0, 0, 10}, {0, 10, 0}}, {{10, 0, 0}, {0, 10, 0}, {0, 0, 10}}} {
		stl += "facet normal 0 0 0\nouter loop\n"
		for _, v := range f {
			stl += fmt.Sprintln("vertex", v[0], v[1], v[2])
		}
		stl += "endloop\nendfacet\n"
	}
	if err := os.WriteFile(filepath.Join(dir, "tetra.stl"), []byte(stl+"endsolid\n"), 0o600); err != nil {
		t.Fatal(err)
	}
	parts["tetra"] = `"tetra": {"source": {"stl": "tetra.stl"}}`
	lens := func(r, d float64) float64 { return math.Pi * (4*r + d) * (2*r - d) * (2*r - d) / 12 }
	cases := []struct {
		a, b, at, fits string
		kind           clash.Kind
		mm, mm3        float64 // depth or clearance; volume
	}{
		{"ball", "ball", "15, 0, 0", "", clash.Clash, 5, lens(10, 15)},
		{"ball", "ball", "19.9, 0, 0", "", clash.Clash, 0.1, lens(10, 19.9)},
		{"ball", "ball", "20, 0, 0", "", clash.Touch, 0, 0},
		{"ball", "ball", "20.05, 0, 0", "", clash.Near, 0.05, 0},
		{"ball", "ball", "30, 0, 0", "", "", 0, 0},
		{"box", "ball", "20, 20, 18", "", clash.Clash, 2, math.Pi * 4 * (30 - 2) / 3},
		{"box", "ball", "20, 20, 20", "", clash.Touch, 0, 0},
		{"box", "ball", "20, 20, 20.07", "", clash.Near, 0.07, 0},
		{"box", "bar", "20, 20, -25", "", clash.Clash, 3, math.Pi * 9 * 10},
		{"box", "box", "40, 0, 0", "", clash.Touch, 0, 0},
		{"box", "box", "39.9, 0, 0", "", clash.Clash, 0.1, 0.1 * 400},
		{"box", "small", "10, 10, 3", "", clash.Clash, 2, 64},
		{"cup", "drop", "0, 0, 7.0710678119", "", clash.Touch, 0, 0},
		{"cup", "drop", "0, 0, 7.2", "", clash.Near, (7.2 - 7.0710678119) * math.Sqrt2 / 2, 0},
		{"cup", "drop", "0, 0, 6.9", "", clash.Clash, 5 - 6.9*math.Sqrt2/2, -1},
		{"ring", "pin", "0, 0, 0", "", clash.Touch, 0, 0},
		{"ring", "pin", "0, 0, 3", "", clash.Touch, 0, 0},
		{"ring", "fat", "0, 0, 0", "", clash.Clash, 0.02, math.Pi * (3.02*3.02 - 9) * 8},
		{"ring", "fat", "0, 0, 0", "press", clash.Fits, 0.02, math.Pi * (3.02*3.02 - 9) * 8},
		{"tap", "pin", "0, 0, 2", "thread", clash.Fits, 0.5, math.Pi * (9 - 6.25) * 8},
		{"tap", "pin", "0, 0, 2", "", clash.Clash, 0.5, math.Pi * (9 - 6.25) * 8},
		{"tetra", "tetra", "5, 0, 0", "", clash.Clash, -1, 125.0 / 6},
		{"tetra", "tetra", "10, 0, 0", "", clash.Touch, 0, 0},
	}
	var comps, fits []string
	for i, c := range cases { // all in one document, far from each other
		var x, y, z float64
		if _, err := fmt.Sscanf(c.at, "%g, %g, %g", &x, &y, &z); err != nil {
			t.Fatal(err)
		}
		put := func(name, part string, x, y, z float64) {
			comps = append(comps, fmt.Sprintf(`%q: {"part": %q, "grounded": true, "pose": {"origin": [%.12g, %.12g, %.12g]}}`, name, part, x, y, z))
		}
		put(fmt.Sprint("a", i), c.a, 1000*float64(i), 0, 0)
		put(fmt.Sprint("b", i), c.b, 1000*float64(i)+x, y, z)
		if c.fits != "" {
			fits = append(fits, fmt.Sprintf(`{"a": "a%d", "b": "b%d", "kind": %q}`, i, i, c.fits))
		}
	}
	doc := fmt.Sprintf(`{"setfast": 2, "root": "m", "parts": {%s, "label": {"features": {"p": {"type": "point", "at": [0, 0, 0]}}}}, "assemblies": {"m": {"components": {"label": {"part": "label", "grounded": true}, %s}, "fits": [%s]}}}`,
		strings.Join(slices.Collect(maps.Values(parts)), ", "), strings.Join(comps, ", "), strings.Join(fits, ", "))
	p := filepath.Join(dir, "doc.setfast.json")
	if err := os.WriteFile(p, []byte(doc), 0o600); err != nil {
		t.Fatal(err)
	}
	code, out, errs := do("clash", "--json", "--clearance", "0.2", p)
	var f clash.Found
	if err := json.Unmarshal([]byte(out), &f); err != nil || code != 1 {
		t.Fatalf("exit %d: %v %s", code, err, errs)
	}
	if n := 2 * len(cases); f.LookedAt != n*(n-1)/2 || fmt.Sprint(f.NoShape) != "[label]" || len(f.Undecided) > 0 {
		t.Errorf("%d looked at, %v without a shape, undecided %+v", f.LookedAt, f.NoShape, f.Undecided)
	}
	for i, c := range cases {
		t.Run(fmt.Sprint(c.a, " ", c.b, " ", c.at, c.fits), func(t *testing.T) {
			var got clash.Pair
			for _, p := range f.Pairs {
				if p.A == fmt.Sprint("a", i) && p.B == fmt.Sprint("b", i) {
					got = p
				}
			}
			if got.Kind != c.kind {
				t.Fatalf("%+v, want %s", got, c.kind)
			}
			near := func(what string, x *float64, want, off float64) {
				if want >= 0 && (x == nil || math.Abs(*x-want) > off) {
					t.Errorf("%s is not %g: %+v", what, want, got)
				}
			}
			switch c.kind {
			case clash.Near:
				near("the clearance", got.Clearance, c.mm, 0.01)
			case clash.Clash, clash.Fits:
				near("the depth", got.Depth, c.mm, math.Max(0.01, 0.01*c.mm))
				near("the volume", got.Volume, c.mm3, 0.01*c.mm3)
			}
		})
	}
}

// TestCheckClash: a box in a box is set fast and clashes; loose parts that clash are told as clashes, what is at odds stays at odds.
func TestCheckClash(t *testing.T) {
	dir := t.TempDir()
	parts := shapesOf(t, dir, map[string]string{"box": "box 0 0 0 40 40 10"})
	for _, c := range []struct {
		x       float64
		second  string
		mates   string
		verdict string
		code    int
	}{
		{39, `, "grounded": true`, "", "clashes", 1}, {40, `, "grounded": true`, "", "set", 0}, {39, "", "", "clashes", 1}, {40, "", "", "loose", 1},
		{39, `, "grounded": true`, `{"id": "m", "type": "distance", "a": "a/xy", "b": "b/xy", "value": 3}`, "at odds", 1},
	} {
		doc := fmt.Sprintf(`{"setfast": 2, "root": "m", "parts": {%s}, "assemblies": {"m": {"components": {"a": {"part": "box", "grounded": true}, "b": {"part": "box", "pose": {"origin": [%g, 0, 0]}%s}}, "mates": [%s]}}}`, parts["box"], c.x, c.second, c.mates)
		p := filepath.Join(dir, "doc.setfast.json")
		if err := os.WriteFile(p, []byte(doc), 0o600); err != nil {
			t.Fatal(err)
		}
		code, out, errs := do("check", "--clash", "--json", p)
		var r struct {
			Verdict string
			Clash   clash.Found
		}
		if err := json.Unmarshal([]byte(out), &r); err != nil || code != c.code || r.Verdict != c.verdict || len(r.Clash.Pairs) != 1 {
			t.Errorf("%+v: exit %d, %s, %v %s", c, code, out, err, errs)
		}
		if code, out, _ := do("check", p); strings.Contains(out, "clash") || code == 0 != (c.second != "" && c.mates == "") {
			t.Errorf("without being asked: exit %d, %s", code, out)
		}
	}
}

// TestClearance measures the clearance of a ball and a box, apart, touching and in one another, and of groups of parts.
func TestClearance(t *testing.T) {
	dir := t.TempDir()
	parts := shapesOf(t, dir, map[string]string{"box": "box 0 0 0 40 40 10", "ball": "sphere 0 0 0 10"})
	for z, want := range map[float64]float64{25: 5, 20: 0, 19: -1, 90: 70} {
		doc := fmt.Sprintf(`{"setfast": 2, "root": "m", "parts": {%s, %s}, "assemblies": {"sub": {"components": {"one": {"part": "ball", "grounded": true}, "two": {"part": "ball", "grounded": true, "pose": {"origin": [0, 0, 50]}}}},
			"m": {"components": {"a": {"part": "box", "grounded": true}, "b": {"assembly": "sub", "grounded": true, "pose": {"origin": [20, 20, %g]}}}, "measures": {"gap": {"type": "clearance", "a": "a", "b": "b"}, "far": {"type": "clearance", "a": "a", "b": "b/two"}}}}}`, parts["box"], parts["ball"], z)
		p := filepath.Join(dir, "doc.setfast.json")
		if err := os.WriteFile(p, []byte(doc), 0o600); err != nil {
			t.Fatal(err)
		}
		_, out, errs := do("check", "--json", p)
		var r struct {
			Assemblies map[string]struct{ Measures map[string]float64 }
		}
		if err := json.Unmarshal([]byte(out), &r); err != nil {
			t.Fatalf("%v %s", err, errs)
		}
		if m := r.Assemblies["m"].Measures; math.Abs(m["gap"]-want) > 0.01 || math.Abs(m["far"]-z-30) > 0.01 {
			t.Errorf("at %g: %v, want %g and %g", z, m, want, z+30)
		}
	}
}
