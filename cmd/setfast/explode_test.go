package main

import (
	"bytes"
	"context"
	"encoding/json"
	"fmt"
	"os"
	"path/filepath"
	"slices"
	"strings"
	"testing"

	"setfast/core/account"
	"setfast/core/clash"
	"setfast/core/explode"
	"setfast/core/geom"
)

// apartCases are assemblies whose way apart is known by how they are made (common practice, no source): what is undercut leaves along the undercut, a ring is
// spread over its shaft, what is closed in is caught.
var apartCases = []struct {
	name, base string
	shapes     map[string]string // the base first in build order, the rest by name
	fasteners  string
	said       string
	steps      []string // parts and direction
	stuck      string
}{
	{"a plate screwed on", "base", map[string]string{"base": "box 0 0 0 60 40 10\ncyl 30 20 -1 0 0 1 2.5 12\ncut", "plate": "box 0 0 10 60 40 6\ncyl 30 20 9 0 0 1 3.3 8\ncut",
		"screw": "cyl 30 20 0 0 0 1 3 16\ncyl 30 20 16 0 0 1 5 6\nfuse"}, "screw", "", []string{"screw [0 0 1]", "plate [0 0 1]"}, ""},
	{"a dovetail", "base", map[string]string{"base": "box 0 0 0 60 40 20\nprism 0 0 30 40 4 10 20 50 20 55 10 5 10\ncut", "slide": "prism 0 0 30 40 4 10 20 50 20 55 10 5 10"}, "", "", nil, ""},
	{"a slide in a slot that is undercut", "base", map[string]string{"base": "box 0 0 0 60 40 20\nbox 20 -1 8 20 42 6\ncut\nbox 25 -1 13 10 42 8\ncut", "slide": "box 20 0 8 20 40 6\nbox 25 0 14 10 40 6\nfuse"}, "", "",
		[]string{"slide [0 -1 0]"}, ""},
	{"an insert that only leaves with its holder", "base", map[string]string{"base": "box 0 0 0 80 60 40\nbox 20 10 10 40 40 31\ncut", "holder": "box 20 10 10 40 40 30\nbox 30 9 20 20 42 6\ncut\nbox 35 9 25 10 42 16\ncut",
		"insert": "box 30 10 20 20 40 6\nbox 35 10 26 10 40 6\nfuse"}, "", "", []string{"holder+insert [0 0 1]", "insert [0 1 0]"}, ""},
	{"a ball in a case", "base", map[string]string{"base": "box 0 0 0 40 40 40\nsphere 20 20 20 12\ncut", "ball": "sphere 20 20 20 8"}, "", "", nil, "ball on base"},
	{"a ring in its groove", "pin", map[string]string{"pin": "cyl 0 0 0 0 0 1 5 40\ncyl 0 0 30 0 0 1 5 1.1\ncyl 0 0 29 0 0 1 4.8 3\ncut\ncut", "ring": "cyl 0 0 30 0 0 1 7 1\ncyl 0 0 29 0 0 1 4.7 3\ncut"}, "ring", "",
		[]string{"ring [0 0 1]"}, ""},
	{"steps as they are said", "base", map[string]string{"base": "box 0 0 0 60 40 10", "plate": "box 0 0 10 60 40 6", "second": "box 0 0 16 60 40 6"}, "",
		`[{"parts": ["plate"], "along": [0, 0, 1], "by": 50}]`, []string{"plate [0 0 1]", "second [0 0 1]"}, "plate on second"},
}

// TestExplode takes them apart.
func TestExplode(t *testing.T) {
	for _, c := range apartCases {
		dir := t.TempDir()
		parts := shapesOf(t, dir, c.shapes)
		var all, comps []string
		names := slices.DeleteFunc(slices.Sorted(func(yield func(string) bool) {
			for n := range c.shapes {
				if !yield(n) {
					return
				}
			}
		}), func(n string) bool { return n == c.base })
		for _, n := range append([]string{c.base}, names...) {
			p := parts[n]
			if strings.Contains(c.fasteners, n) {
				p = strings.TrimSuffix(p, "}") + `, "kind": "fastener"}`
			}
			all = append(all, p)
			comps = append(comps, fmt.Sprintf(`%q: {"part": %q, "grounded": %t}`, n, n, n == c.base))
		}
		more := ""
		if c.said != "" {
			more = `, "explode": ` + c.said
		}
		file := filepath.Join(dir, "m.setfast.json")
		text := fmt.Sprintf(`{"setfast": 2, "root": "m", "parts": {%s}, "assemblies": {"m": {"components": {%s}%s}}}`, strings.Join(all, ", "), strings.Join(comps, ", "), more)
		if err := os.WriteFile(file, []byte(text), 0o600); err != nil {
			t.Fatal(err)
		}
		var out, errs bytes.Buffer
		code := run([]string{"explode", file, "--json"}, nil, &out, &errs)
		var x explode.Exploded
		if err := json.Unmarshal(out.Bytes(), &x); err != nil {
			t.Fatalf("%s: %v %s", c.name, err, errs.String())
		}
		var got []string
		for _, s := range x.Steps {
			got = append(got, fmt.Sprint(strings.Join(s.Parts, "+"), " ", s.Along))
		}
		stuck := ""
		for _, s := range x.Stuck {
			stuck += s.Part + " on " + strings.Join(s.CaughtOn, "+")
		}
		if c.name == "a dovetail" { // turned by no quarter: either end will do
			if len(got) != 1 || stuck != "" || x.Steps[0].Along[0] != 0 {
				t.Errorf("%s: %v %s", c.name, got, stuck)
			}
			continue
		}
		if !slices.Equal(got, c.steps) || stuck != c.stuck || (code == 0) != (stuck == "") {
			t.Errorf("%s: %v, caught %q, exit %d; %s", c.name, got, stuck, code, errs.String())
		}
	}
}

// TestApartByExactShapes takes three assemblies apart as they are told to come apart, and holds every part's way out against exact shapes in ten places: it
// overlaps nothing that is still there but what it overlapped where it stood. What left stands apart by its boxes, but for what could only leave together. The first is the public test assembly AS1
// (CAx Implementor Forum).
func TestApartByExactShapes(t *testing.T) {
	bolted := filepath.Join(t.TempDir(), "bolted.setfast.json")
	parts := shapesOf(t, filepath.Dir(bolted), map[string]string{"block": "box 0 0 0 40 40 20\ncyl 20 20 -1 0 0 1 3.3 22\ncut", "plate": "box 0 0 0 100 60 10\ncyl 30 30 -1 0 0 1 3.3 12\ncut"})
	if err := os.WriteFile(bolted, fmt.Appendf(nil, `{"setfast": 2, "root": "m", "parts": {%s, %s}, "assemblies": {"m": {"components": {"plate": {"part": "plate", "grounded": true}, "block": {"part": "block", "pose": {"origin": [10, 10, 10]}}},
		"mates": [{"id": "on", "type": "fastened", "a": "plate/origin", "b": "block/origin", "offset": [10, 10, 10]}],
		"stacks": {"foot": {"holes": ["block/f7"], "through": ["plate"], "screw": "ISO 4762 M6", "under_head": ["ISO 7089 M6"], "under_nut": ["ISO 7089 M6"], "nut": "ISO 4032 M6", "length": "auto"}}}}}`,
		parts["block"], parts["plate"]), 0o600); err != nil {
		t.Fatal(err)
	}
	for file, steps := range map[string]int{"../../kernel/testdata/as1-oc-214.stp": 6, bolted: 5, latches(t, 2, true): 0} {
		b, err := readBodies(file, nil, false)
		if err != nil {
			t.Fatal(err)
		}
		defer b.close()
		ctx := context.Background()
		x, err := b.apart(ctx, "")
		if err != nil || steps > 0 && (len(x.Steps) != steps || len(x.Stuck) > 0) {
			t.Fatalf("%s: %v %+v", file, err, x)
		}
		rep, err := account.Check(ctx, b.doc, nil)
		if err != nil {
			t.Fatal(err)
		}
		items, err := b.items(rep)
		if err != nil {
			t.Fatal(err)
		}
		o := b.options(0)
		clashes := func(list []clash.Item) map[string]bool {
			f, err := clash.Rest(ctx, list, o)
			if err != nil {
				t.Fatal(err)
			}
			out := map[string]bool{}
			for _, p := range append(f.Pairs, f.Undecided...) {
				if p.Kind == clash.Clash || p.Kind == clash.Open {
					out[p.A+" and "+p.B] = true
				}
			}
			return out
		}
		before := clashes(items)
		of := func(name string, parts []string) bool {
			return slices.ContainsFunc(parts, func(p string) bool { return name == p || strings.HasPrefix(name, p+"/") })
		}
		gone := map[string]geom.Vec{}
		for _, s := range x.Steps {
			const places = 10
			for k := 1; k <= places; k++ {
				shift := geom.FromArray(s.Along).Scale(s.By * float64(k) / places)
				var now []clash.Item
				for _, i := range items {
					v, left := gone[i.Name]
					switch {
					case of(i.Name, s.Parts):
						i.Pose.O = i.Pose.O.Add(v).Add(shift)
					case left:
						continue
					}
					now = append(now, i)
				}
				for pair := range clashes(now) {
					if a, b, _ := strings.Cut(pair, " and "); !before[pair] && !clash.Declared(o.Fits, a, b) {
						t.Fatalf("%s: %v along %v: %s overlap after %g mm", file, s.Parts, s.Along, pair, s.By*float64(k)/places)
					}
				}
			}
			for _, i := range items {
				if of(i.Name, s.Parts) {
					gone[i.Name] = gone[i.Name].Add(geom.FromArray(s.Along).Scale(s.By))
				}
			}
		}
		for i, p := range items {
			for _, q := range items[:i] {
				pl, ph := p.Pose.Box(p.Solid.Box())
				ql, qh := q.Pose.Box(q.Solid.Box())
				pl, ph, ql, qh = pl.Add(gone[p.Name]), ph.Add(gone[p.Name]), ql.Add(gone[q.Name]), qh.Add(gone[q.Name])
				_, one := gone[p.Name]
				_, two := gone[q.Name]
				if one && two && gone[p.Name] != gone[q.Name] && pl.X < qh.X && ql.X < ph.X && pl.Y < qh.Y && ql.Y < ph.Y && pl.Z < qh.Z && ql.Z < ph.Z {
					t.Errorf("%s: %s and %s overlap where they are shown", file, p.Name, q.Name)
				}
			}
		}
	}
}
