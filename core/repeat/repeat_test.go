package repeat

import (
	"context"
	"fmt"
	"math"
	"strings"
	"testing"

	"setfast/core/account"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/report"
)

// hub has a bore in the middle, six holes on a circle of 30 mm (the sixth is missing), and an edge; screw and block are put on it.
func hub(values, mates, copies, planned string) string {
	holes := ""
	for i := range 5 {
		a := float64(i) * math.Pi / 3
		holes += fmt.Sprintf(`, "h%d": {"type": "circle", "center": [%.12f, %.12f, 10], "normal": [0, 0, 1], "radius": 3.3}`, i+1, 30*math.Cos(a), 30*math.Sin(a))
	}
	return `{"setfast": 2, "root": "main", "parts": {
	"hub": {"features": {"bore": {"type": "cylinder", "origin": [0,0,5], "direction": [0,0,1], "radius": 10, "side": "hole"}, "top": {"type": "plane", "origin": [0,0,10], "normal": [0,0,1]},
		"edge": {"type": "plane", "origin": [50,0,5], "normal": [1,0,0]}` + holes + `}},
	"screw": {"features": {"seat": {"type": "circle", "center": [0,0,0], "normal": [0,0,1], "radius": 3.3}, "axis": {"type": "axis", "origin": [0,0,0], "direction": [0,0,1]}}},
	"block": {"features": {"under": {"type": "plane", "origin": [0,0,0], "normal": [0,0,-1]}, "side": {"type": "plane", "origin": [5,0,0], "normal": [1,0,0]},
		"back": {"type": "plane", "origin": [0,5,0], "normal": [0,1,0]}, "hole": {"type": "cylinder", "origin": [0,0,5], "direction": [0,0,1], "radius": 3, "side": "hole"}}}},
	"assemblies": {"main": {"values": {` + values + `}, "components": {"hub": {"part": "hub", "grounded": true}, "screw": {"part": "screw"}, "block": {"part": "block"}},
	"mates": [` + mates + `], "planned": [` + planned + `], "copies": {` + copies + `}}}}`
}

const (
	seated = `{"id": "m1", "type": "rim", "a": "hub/h1", "b": "screw/seat"}, {"id": "m2", "type": "hold_spin", "a": "hub/h1", "b": "screw/axis"}`
	placed = `{"id": "b1", "type": "coincident", "a": "hub/top", "b": "block/under"}, {"id": "b2", "type": "distance", "a": "hub/edge", "b": "block/side", "value": "-(p)"},
		{"id": "b3", "type": "coincident", "a": "@/zx", "b": "block/back"}`
)

func laid(t *testing.T, text string) (*Expanded, *report.Result) {
	t.Helper()
	doc, err := format.Read([]byte(text))
	if err != nil {
		t.Fatal(err)
	}
	x, err := Expand(context.Background(), doc)
	if err != nil {
		t.Fatal(err)
	}
	if x.Failed != nil {
		return x, nil
	}
	a, err := account.Take(context.Background(), x.Document, doc.Root, nil)
	if err != nil {
		t.Fatal(err)
	}
	return x, a.Root
}

// TestExpand lays copies out in every way. Where they go is told by the closed forms of a line and a circle; each is held, by its relations where what they
// stand on is there again, by its original elsewhere, and so the account of all of them is that of one.
func TestExpand(t *testing.T) {
	turned := func(r, deg, z float64) geom.Vec {
		return geom.V(r*math.Cos(deg*math.Pi/180), r*math.Sin(deg*math.Pi/180), z)
	}
	const block = `{"id": "s", "type": "prismatic", "a": "@/x", "b": "block/origin"}`
	for _, c := range []struct {
		name, mates, copies, planned string
		at                           map[string]geom.Vec
		relations, held, loose       int // of copies; relations that did not come along, with what holds them instead and without
		verdict                      report.Verdict
		left                         int
	}{
		{"a whole turn with a hole that is missing", seated + "," + placed, `"ring": {"of": ["screw"], "circular": {"axis": "hub/bore", "count": "n"}}`, "",
			map[string]geom.Vec{"ring/2/screw": turned(30, 60, 10), "ring/5/screw": turned(30, 240, 10), "ring/6/screw": turned(30, 300, 10)}, 9, 2, 0, "set", 0},
		{"a hole left out", seated + "," + placed, `"ring": {"of": ["screw"], "circular": {"axis": "hub/bore", "count": 6}, "except": [6, 3]}`, "",
			map[string]geom.Vec{"ring/5/screw": turned(30, 240, 10)}, 6, 0, 0, "set", 0},
		{"a part of a turn, back", seated + "," + placed, `"arc": {"of": ["screw"], "circular": {"axis": "hub/bore", "count": 3, "angle": "-240 deg"}}`, "",
			map[string]geom.Vec{"arc/2/screw": turned(30, -120, 10), "arc/3/screw": turned(30, -240, 10)}, 4, 0, 0, "set", 0},
		{"from hole to hole", seated + "," + placed, `"at": {"of": ["screw"], "places": {"from": "hub/h1", "to": ["hub/h3", "hub/h4"]}}`, "",
			map[string]geom.Vec{"at/2/screw": turned(30, 120, 10), "at/3/screw": turned(30, 180, 10)}, 4, 0, 0, "set", 0},
		{"rows, distances along them", seated + "," + placed, `"row": {"of": ["block"], "linear": {"along": "hub/edge", "count": "n - 4", "pitch": "2 * p", "across": {"along": [0, 0, 1], "count": 2, "pitch": 7}}}`, "",
			map[string]geom.Vec{"row/2/block": geom.V(63, -5, 10), "row/3/block": geom.V(27, -5, 17), "row/4/block": geom.V(63, -5, 17)}, 9, 0, 0, "set", 0},
		{"what moves moves again", seated + "," + block, `"row": {"of": ["block"], "linear": {"along": [1, 0, 0], "count": 3, "pitch": 20}}`, `{"joint": "s"}`,
			map[string]geom.Vec{"row/2/block": geom.V(20, 0, 0), "row/3/block": geom.V(40, 0, 0)}, 2, 0, 0, "moves as planned", 3},
		{"held as its original moves", seated + "," + block, `"row": {"of": ["block"], "linear": {"along": [0, 0, 1], "count": 2, "pitch": 20}}`, `{"joint": "s"}`,
			map[string]geom.Vec{"row/2/block": geom.V(0, 0, 20)}, 1, 1, 0, "moves as planned", 1},
		{"turned over", `{"id": "m", "type": "fastened", "a": "hub/h1", "b": "screw/axis"},` + placed, `"tip": {"of": ["block"], "places": {"from": "hub/h1", "to": ["hub/edge"]}}`, "",
			nil, 1, 1, 0, "set", 0}, // about y, which the block has
	} {
		t.Run(c.name, func(t *testing.T) {
			x, r := laid(t, hub(`"n": "6", "p": "18 mm"`, c.mates, c.copies, c.planned))
			if x.Failed != nil {
				t.Fatal(x.Failed)
			}
			for name, at := range c.at {
				if got := r.At(name).Pose.O; !(got.Sub(at).Norm() < 1e-6) {
					t.Errorf("%s is at %v, not %v", name, got, at)
				}
			}
			held, loose := 0, 0
			for _, l := range x.Sets[0].LeftOut {
				if l.Held {
					held++
				} else {
					loose++
				}
			}
			if s := x.Sets[0]; s.Relations != c.relations || held != c.held || loose != c.loose {
				t.Errorf("%d relations, %d held, %d loose: %+v", s.Relations, held, loose, s)
			}
			if r.Verdict != c.verdict || r.Left != c.left || len(r.Odds) > 0 {
				t.Errorf("%s, %d left, %v at odds", r.Verdict, r.Left, r.Odds)
			}
			if doc, err := format.Write(x.Document); err != nil || strings.Contains(string(doc), "/2/") {
				t.Errorf("what was laid out is written: %v", err)
			}
		})
	}
}

// TestFollows changes what copies depend on: the hole of the original moved takes all along, and a value their number.
func TestFollows(t *testing.T) {
	text := hub(`"n": "3", "p": "18 mm"`, seated+","+placed, `"ring": {"of": ["screw"], "circular": {"axis": "hub/bore", "count": "n", "angle": "60 deg"}}`, "")
	x, r := laid(t, strings.Replace(text, `"a": "hub/h1", "b": "screw/seat"`, `"a": "hub/h2", "b": "screw/seat"`, 1))
	if got, want := r.At("ring/2/screw").Pose.O, 30*math.Cos(math.Pi/2); x.Sets[0].Copies != 2 || math.Abs(got.X-want) > 1e-6 {
		t.Errorf("%d copies, the first at %v", x.Sets[0].Copies, got)
	}
	x, _ = laid(t, strings.Replace(text, `"n": "3"`, `"n": "4"`, 1))
	if x.Sets[0].Copies != 3 {
		t.Errorf("%d copies for one more", x.Sets[0].Copies)
	}
}

// TestRefusedCopies are copies that cannot be.
func TestRefusedCopies(t *testing.T) {
	for copies, want := range map[string]string{
		`"ring": {"of": ["screw"], "circular": {"axis": "hub/bore", "count": 2.5}}`:                             "assemblies.main.copies.ring.circular.count: a count is a whole number",
		`"ring": {"of": ["screws"], "circular": {"axis": "hub/bore", "count": 2}}`:                              `there is no component or stack "screws"`,
		`"ring": {"of": ["screw"], "circular": {"axis": "hub/top", "count": 2}}`:                                "hub/top has no axis",
		`"ring": {"of": ["screw"], "circular": {"axis": "hub/bore", "count": 2}, "places": {"from": "hub/h1"}}`: "such as",
		`"ring": {"of": ["screw"]}`: "one of them",
		`"ring": {"of": ["screw"], "linear": {"along": [1, 0, 0], "count": 2, "pitch": 0}}`:                               "other than nothing",
		`"ring": {"of": ["screw"], "linear": {"along": [1, 0, 0], "count": 2, "pitch": 1}, "except": [1]}`:                "1 is the original",
		`"screw": {"of": ["screw"], "linear": {"along": [1, 0, 0], "count": 2, "pitch": 1}}`:                              "something else is named",
		`"ring": {"of": ["screw"], "circular": {"axis": "hub/bore", "count": 2, "angle": 400}}`:                           "up to a whole turn",
		`"ring": {"of": ["screw"], "linear": {"along": [1, 0, 0], "count": 2, "pitch": 1, "across": {"along": [0,0,0]}}}`: "direction",
	} {
		if _, err := format.Read([]byte(hub(`"p": "18 mm"`, seated+","+placed, copies, ""))); err == nil || !strings.Contains(err.Error(), want) {
			t.Errorf("%s: %v; want %q", copies, err, want)
		}
	}
	x, _ := laid(t, hub(`"p": "18 mm"`, seated+","+placed, `"at": {"of": ["screw"], "places": {"from": "hub/h1", "to": ["hub/h1"]}}`, ""))
	if x.Failed == nil || !strings.Contains(x.Failed.Error(), "on its original") {
		t.Errorf("a copy on its original: %v", x.Failed)
	}
}

// BenchmarkCopies lays 1000 screws out around a hub, each in its own place, with the account.
func BenchmarkCopies(b *testing.B) {
	doc, err := format.Read([]byte(hub(`"p": "18 mm"`, seated+","+placed, `"row": {"of": ["block"], "linear": {"along": [1, 0, 0], "count": 1000, "pitch": 11}}`, "")))
	if err != nil {
		b.Fatal(err)
	}
	for b.Loop() {
		x, err := Expand(context.Background(), doc)
		if err != nil || x.Failed != nil {
			b.Fatal(err, x.Failed)
		}
		a, err := account.Take(context.Background(), x.Document, "main", nil)
		if err != nil || a.Root.Verdict != "set" {
			b.Fatal(err, a.Root.Verdict)
		}
	}
}
