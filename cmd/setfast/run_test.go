package main

import (
	"encoding/json"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"setfast/core/sweep"
	"setfast/core/teeth"
)

// lever writes a lever of half width 3 that turns about z, from 5 to 60 mm out, and a post of radius 2 that stands 40 mm out at 90°, also a thin one
// at 200° that a coarse step would jump over; and a pin that slides in a guide 20 mm long between a stop and a limit.
func lever(t *testing.T, drives string) string {
	t.Helper()
	dir := t.TempDir()
	parts := shapesOf(t, dir, map[string]string{
		"lever": "box 5 -3 0 55 6 8", "post": "cyl 0 0 -5 0 0 1 2 20", "wire": "cyl 0 0 -5 0 0 1 0.2 20", "hub": "cyl 0 0 -30 0 0 1 4 10",
		"guide": "box 100 -10 -10 20 20 20\ncyl 99 0 0 1 0 0 4 22\ncut", "pin": "cyl 0 0 0 1 0 0 3.9 30", "stop": "box 150 -10 -10 5 20 20",
	})
	var all []string
	for _, p := range parts {
		all = append(all, p)
	}
	doc := fmt.Sprintf(`{"setfast": 2, "root": "m", "parts": {%s}, "assemblies": {"m": {"components": {
		"hub": {"part": "hub", "grounded": true}, "lever": {"part": "lever"},
		"post": {"part": "post", "grounded": true, "pose": {"origin": [0, 40, 0]}}, "wire": {"part": "wire", "grounded": true, "pose": {"origin": [%g, %g, 0]}},
		"guide": {"part": "guide", "grounded": true}, "stop": {"part": "stop", "grounded": true}, "pin": {"part": "pin", "pose": {"origin": [101, 0, 0]}}},
		"mates": [{"id": "turn", "type": "revolute", "a": "hub/z", "b": "lever/z"}, {"id": "go", "type": "prismatic", "a": "@/x", "b": "pin/x", "limits": {"slide": [80, null]}}],
		"planned": [{"joint": "turn"}, {"joint": "go"}],
		"measures": {"out": {"type": "position", "of": "lever/y"}, "turned": {"type": "coordinate", "joint": "turn", "of": "angle"}},
		"drives": {%s}}}}`, strings.Join(all, ", "), 50*math.Cos(200*math.Pi/180), 50*math.Sin(200*math.Pi/180), drives)
	p := filepath.Join(dir, "lever.setfast.json")
	if err := os.WriteFile(p, []byte(doc), 0o600); err != nil {
		t.Fatal(err)
	}
	return p
}

// TestRun turns a lever past two posts. Where it meets and leaves them is known: its side is as far from the post's middle as the two are wide, so
// that sin(φ − θ) = (w + r)/D. It is found to 0.01°, also the thin one, with a step of 90° as with one of 1°.
func TestRun(t *testing.T) {
	post, wire := math.Asin(5.0/40)*180/math.Pi, math.Asin(3.2/50)*180/math.Pi
	for _, steps := range []int{4, 360} {
		file := lever(t, fmt.Sprintf(`"round": {"joint": "turn", "of": "angle", "from": 0, "to": 360, "steps": %d, "clash": true, "record": ["turned"]}, "first": {"joint": "turn", "of": "angle", "from": 0, "to": 360, "steps": %d, "until_contact": true}`, steps, steps))
		code, out, errs := do("run", "--json", file, "round")
		var d sweep.Done
		if err := json.Unmarshal([]byte(out), &d); err != nil || code != 1 || errs != "" {
			t.Fatalf("exit %d: %v %s", code, err, errs)
		}
		if len(d.Clash) != 2 || d.StoppedAt != nil || len(d.At) != steps+1 || d.Ranges["turned"].MaxAt != 360 {
			t.Fatalf("%d steps: %s", steps, out)
		}
		for i, want := range []struct{ from, to, deep float64 }{{90 - post, 90 + post, 2}, {200 - wire, 200 + wire, 0.2}} {
			m := d.Clash[i]
			if math.Abs(m.From-want.from) > 0.01 || math.Abs(m.To-want.to) > 0.01 || m.Depth == nil || math.Abs(*m.Depth-want.deep) > math.Max(0.01, 0.01*want.deep) {
				t.Errorf("%d steps: %+v (%v deep), want from %.3f to %.3f, %g deep", steps, m, m.Depth, want.from, want.to, want.deep)
			}
		}
		code, out, _ = do("run", "--json", file, "first")
		if err := json.Unmarshal([]byte(out), &d); err != nil || code != 1 || d.StoppedAt == nil || math.Abs(*d.StoppedAt-90+post) > 0.01 {
			t.Errorf("%d steps, until contact: exit %d, %s", steps, code, out)
		}
	}
	if code, _, errs := do("run", lever(t, `"round": {"joint": "turn", "of": "angle", "from": 0, "to": 1, "steps": 1}`), "roun"); code != 2 || !strings.Contains(errs, "round") {
		t.Errorf("a drive that is not there: exit %d, %s", code, errs)
	}
}

// TestTravel: the lever goes from one post to the other, the pin from its limit to the stop; with a guide length asked for, the pin leaves its guide
// where so much of it is in no more.
func TestTravel(t *testing.T) {
	file := lever(t, `"out": {"joint": "go", "of": "slide", "from": 101, "to": 119.5, "steps": 37}`)
	post, wire := math.Asin(5.0/40)*180/math.Pi, math.Asin(3.2/50)*180/math.Pi
	for _, c := range []struct {
		joint    string
		from, to float64
	}{{"turn", 200 + wire - 360, 90 - post}, {"go", 80, 120}} {
		code, out, errs := do("travel", "--json", file, c.joint)
		var w sweep.Travelled
		if err := json.Unmarshal([]byte(out), &w); err != nil || code != 0 || w.From == nil || w.To == nil {
			t.Fatalf("%s: exit %d: %s %s", c.joint, code, out, errs)
		}
		if math.Abs(*w.From-c.from) > 0.01 || math.Abs(*w.To-c.to) > 0.01 {
			t.Errorf("%s from %g to %g, want %g to %g", c.joint, *w.From, *w.To, c.from, c.to)
		}
		if c.joint == "go" && (w.By[0].Limit != "slide" || w.By[1].A+w.By[1].B != "stoppin") {
			t.Errorf("stopped by %+v", w.By)
		}
	}
	code, out, _ := do("run", "--json", "--guide", "10", file, "out")
	var d sweep.Done
	if err := json.Unmarshal([]byte(out), &d); err != nil || code != 1 || len(d.Leaves) != 1 || d.Leaves[0].Part != "pin" || math.Abs(d.Leaves[0].From-110) > 0.5 || math.Abs(d.Leaves[0].MM-0.5) > 1e-6 {
		t.Errorf("exit %d: %+v, %s", code, d.Leaves, out)
	}
	if code, out, _ := do("run", "--guide", "0", file, "out"); code != 0 || strings.Contains(out, "leaves") {
		t.Errorf("it stays in its guide: exit %d, %s", code, out)
	}
	if code, _, errs := do("travel", file, "nothing"); code != 2 || !strings.Contains(errs, "no joint") {
		t.Errorf("a joint that is not there: exit %d, %s", code, errs)
	}
}

// TestLeastClearance: a lever of half width 3 turns towards a post of radius 2, 40 mm out at 90°, and stops at 60°, where the post's middle is 40·sin 30°
// off its middle line: 15 mm are left, however many steps it took; turned on past the post to where both are left of it, the least is at the end
// that is nearer. Pins that stand still in their guides do not count.
func TestLeastClearance(t *testing.T) {
	cases := []struct {
		from, to float64
		steps    int
		mm, at   float64
	}{{0, 60, 1, 15, 60}, {0, 60, 7, 15, 60}, {60, -10, 50, 15, 60}, {100.3, 170, 3, 40*math.Sin(10.3*math.Pi/180) - 5, 100.3}}
	var drives []string
	for i, c := range cases {
		drives = append(drives, fmt.Sprintf(`"d%d": {"joint": "turn", "of": "angle", "from": %g, "to": %g, "steps": %d}`, i, c.from, c.to, c.steps))
	}
	file := lever(t, strings.Join(drives, ", "))
	for i, c := range cases {
		_, out, errs := do("run", "--json", file, fmt.Sprint("d", i))
		var d sweep.Done
		if err := json.Unmarshal([]byte(out), &d); err != nil || d.Least == nil {
			t.Fatalf("%v %s", out, errs)
		}
		if l := d.Least; l.A+l.B != "leverpost" && l.A+l.B != "postlever" || math.Abs(l.MM-c.mm) > 0.01 || math.Abs(l.At-c.at) > 0.02 {
			t.Errorf("from %g to %g in %d steps: %+v, want %g mm at %g", c.from, c.to, c.steps, *l, c.mm, c.at)
		}
	}
}

// TestLegs goes leg by leg: two coordinates at once, then one while the other stays, then back, which a joint that goes one way only does not allow.
func TestLegs(t *testing.T) {
	file := lever(t, `"legs": {"joint": "turn", "of": "angle", "from": 0, "to": 80, "steps": 8, "with": [{"joint": "go", "of": "slide", "to": 111}],
		"then": [{"joint": "go", "of": "slide", "to": 121, "steps": 4}, {"joint": "turn", "of": "angle", "to": 0, "steps": 4}], "record": ["turned", "out"]}`)
	dir := filepath.Dir(file)
	table, picture := filepath.Join(dir, "run.csv"), filepath.Join(dir, "run.svg")
	code, out, errs := do("run", "--json", "--csv", table, "--svg", picture, file, "legs")
	var d sweep.Done
	if err := json.Unmarshal([]byte(out), &d); err != nil || code != 1 || errs != "" || len(d.At) != 19 || d.Reason != nil {
		t.Fatalf("exit %d: %v %s %s", code, err, errs, out)
	}
	for k, want := range map[int]float64{0: 0, 4: 40, 8: 80, 9: 80, 13: 80, 18: 0} {
		if got := d.Values["turned"][k].(float64); math.Abs(got-want) > 1e-9 {
			t.Errorf("step %d: turned by %g, want %g", k, got, want)
		}
	}
	if d.Leg[8] != 0 || d.Leg[9] != 1 || d.Leg[18] != 2 || d.At[9] != 111 || math.Abs(d.At[4]-40) > 0 {
		t.Errorf("legs %v at %v", d.Leg, d.At)
	}
	if len(d.Clash) != 2 || d.Clash[0].Leg != 1 || d.Clash[1].Leg != 2 || math.Abs(d.Clash[0].From-120) > 0.01 || *d.Clash[0].Depth < 0.99 {
		t.Errorf("the pin goes 1 mm into the stop in the second leg and stays there: %+v", d.Clash)
	}
	rows, _ := os.ReadFile(table)
	if lines := strings.Split(strings.TrimSpace(string(rows)), "\n"); len(lines) != 20 || !strings.HasPrefix(lines[0], "step,leg,at,turned [°]") || !strings.Contains(lines[14], "pin × stop") && !strings.Contains(lines[14], "stop × pin") {
		t.Errorf("table:\n%s", rows)
	}
	if svg, _ := os.ReadFile(picture); !strings.HasPrefix(string(svg), "<svg") || !strings.Contains(string(svg), "turned") {
		t.Errorf("picture: %.200s", svg)
	}
	said, err := os.ReadFile(file)
	if err != nil {
		t.Fatal(err)
	}
	one := strings.Replace(string(said), `{"id": "turn",`, `{"id": "turn", "one_way": {"angle": "up"},`, 1)
	if err := os.WriteFile(file, []byte(one), 0o600); err != nil {
		t.Fatal(err)
	}
	code, out, errs = do("run", "--json", file, "legs")
	d = sweep.Done{}
	if err := json.Unmarshal([]byte(out), &d); err != nil || code != 1 || d.StoppedIn == nil || *d.StoppedIn != 2 || math.Abs(*d.StoppedAt-80) > 0.01 || !strings.Contains(*d.Reason, "one way only, up") {
		t.Errorf("back against the one way: exit %d, %s %s", code, out, errs)
	}
	if code, out, _ := do("travel", file, "turn"); code != 0 || !strings.Contains(out, "one way only") {
		t.Errorf("travel of what goes one way: exit %d, %s", code, out)
	}
}

// TestPawl turns a wheel by two of its teeth a step past a pawl that stands in a gap with 0.05 mm to spare: wherever the run looks it stands as it
// stood, and yet a tooth has gone through the pawl in between.
func TestPawl(t *testing.T) {
	dir := t.TempDir()
	var all []string
	for _, p := range shapesOf(t, dir, map[string]string{"wheel": prism(teeth.Outline(12, 5, 0), 0, 10), "pawl": "box 26 -2.95 0 20 5.9 10\nturn 0 0 0 0 0 1 15"}) {
		all = append(all, p)
	}
	file := filepath.Join(dir, "pawl.setfast.json")
	text := fmt.Sprintf(`{"setfast": 2, "root": "m", "parts": {%s}, "assemblies": {"m": {"components": {"pawl": {"part": "pawl", "grounded": true}, "wheel": {"part": "wheel"}},
		"mates": [{"id": "turn", "type": "revolute", "a": "@/z", "b": "wheel/z"}], "drives": {"round": {"joint": "turn", "of": "angle", "from": 0, "to": 360, "steps": 6}}}}}`, strings.Join(all, ", "))
	if err := os.WriteFile(file, []byte(text), 0o600); err != nil {
		t.Fatal(err)
	}
	code, out, errs := do("run", "--json", file, "round")
	var d sweep.Done
	if err := json.Unmarshal([]byte(out), &d); err != nil || code != 1 || len(d.Clash) == 0 || *d.Clash[0].Depth < 1 {
		t.Errorf("exit %d: %v %s %s", code, err, errs, out)
	}
}
