package main

import (
	"bytes"
	"context"
	"encoding/json"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"setfast/kernel"
)

// TestUpdate brings a plate in again, drawn in another order so that its faces have other numbers: a hole stays, one moved by 0.4, one is gone, the top
// is 2 mm higher. What is told is what was changed; the document that is written reads again, with the broken relation suppressed.
func TestUpdate(t *testing.T) {
	dir := t.TempDir()
	k, err := kernel.Find()
	if err != nil {
		t.Fatal(err)
	}
	hole := func(x, r float64) string { return fmt.Sprintf("cyl %g 30 -5 0 0 1 %g 40\ncut\n", x, r) }
	recipe := "box 0 0 0 100 60 10\n" + hole(20, 3.3) + hole(80, 3.3) + hole(50, 5) + "product plate\nstep old.step\n" +
		"cyl 90 50 0 0 0 1 6 18\nbox 0 0 0 100 60 12\nfuse\n" + hole(80.4, 3.3) + hole(20, 3.3) + "product plate\nstep new.step\n" +
		"cyl 0 0 0 0 0 1 3.3 30\nproduct pin\nstep pin.step\n"
	if err := k.Make(context.Background(), dir, recipe); err != nil {
		t.Fatal(err)
	}
	features := func(file string) []kernel.DerivedFeature {
		im, err := readBeside(context.Background(), k, filepath.Join(dir, file))
		if err != nil {
			t.Fatal(err)
		}
		return kernel.Derive(im.Parts[0]).Features
	}
	name := func(file, kind string, x, z, r float64) string {
		t.Helper()
		for _, f := range features(file) {
			if string(f.Kind) == kind && math.Abs(f.Radius-r) < 1e-6 && (kind == "plane" && f.Z != nil && math.Abs(f.Z[2]-1) < 1e-9 && math.Abs(f.O[2]-z) < 1e-6 || kind != "plane" && math.Abs(f.O[0]-x) < 1e-6) && f.Same == "" {
				return f.Name
			}
		}
		t.Fatalf("%s has no %s at %g", file, kind, x)
		return ""
	}
	pin, end := name("pin.step", "cylinder", 0, 0, 3.3), name("pin.step", "plane", 0, 30, 0)
	stays, moves, goes, top := name("old.step", "cylinder", 20, 0, 3.3), name("old.step", "cylinder", 80, 0, 3.3), name("old.step", "cylinder", 50, 0, 5), name("old.step", "plane", 0, 10, 0)
	mate := func(id, kind, a, b string) string {
		return fmt.Sprintf(`{"id": %q, "type": %q, "a": "plate/%s", "b": %q}`, id, kind, a, b)
	}
	doc := `{"setfast": 1, "root": "main", "parts": {"plate": {"number": "GV-101", "source": {"step": "old.step"}, "features": {"mine": {"type": "point", "at": [1, 2, 3]}}}, "pin": {"source": {"step": "pin.step"}}}, "assemblies": {"main": {"components": {
		"plate": {"part": "plate", "grounded": true}, "one": {"part": "pin"}, "two": {"part": "pin"}, "three": {"part": "pin"}}, "mates": [` + strings.Join([]string{
		mate("stays", "concentric", stays, "one/"+pin), mate("moves", "concentric", moves, "two/"+pin), mate("goes", "concentric", goes, "three/"+pin),
		mate("high", "coincident", top, "one/"+end), mate("own", "coincident", "mine", "two/"+end)}, ", ") + `]}}}`
	file, out := filepath.Join(dir, "doc.setfast.json"), filepath.Join(dir, "next.setfast.json")
	if err := os.WriteFile(file, []byte(doc), 0o600); err != nil {
		t.Fatal(err)
	}
	var told, errs bytes.Buffer
	if code := run([]string{"update", file, "--part", "plate", filepath.Join(dir, "new.step"), "--out", out, "--json"}, nil, &told, &errs); code != 1 {
		t.Fatalf("%d: %s %s", code, &told, &errs)
	}
	var got struct {
		Carried int
		Renamed []struct{ Mate, From, To string }
		Moved   []struct {
			Mate, Feature string
			MM, Deg       float64
		}
		Broken []struct {
			Mate, Feature, Why string
			Proposal           *string
		}
	}
	if err := json.Unmarshal(told.Bytes(), &got); err != nil {
		t.Fatal(err)
	}
	if got.Carried != 3 || len(got.Broken) != 1 || got.Broken[0].Mate != "goes" || got.Broken[0].Feature != goes || got.Broken[0].Why != "no such hole" || got.Broken[0].Proposal == nil {
		t.Errorf("%s", &told)
	}
	moved := map[string]float64{}
	for _, m := range got.Moved {
		moved[m.Mate] = m.MM
	}
	if len(moved) != 2 || math.Abs(moved["moves"]-0.4) > 1e-6 || math.Abs(moved["high"]-2) > 1e-6 {
		t.Errorf("moved: %v", moved)
	}
	now := map[string]string{"stays": name("new.step", "cylinder", 20, 0, 3.3), "moves": name("new.step", "cylinder", 80.4, 0, 3.3), "high": name("new.step", "plane", 0, 12, 0)}
	for _, r := range got.Renamed {
		if now[r.Mate] != r.To {
			t.Errorf("%s went from %s to %s, want %s", r.Mate, r.From, r.To, now[r.Mate])
		}
	}
	written, err := readDocument(out, nil)
	if err != nil {
		t.Fatal(err)
	}
	main := written.Assemblies["main"]
	for id, feature := range now {
		if m := main.Mate(id); m.A.Feature != feature || m.Suppressed {
			t.Errorf("%s stands on %s, want %s", id, m.A.Feature, feature)
		}
	}
	if m := main.Mate("goes"); !m.Suppressed || m.A.Feature != goes+"-was" {
		t.Errorf("the broken one: %+v", m)
	}
	if m := main.Mate("own"); m.A.Feature != "mine" || written.Parts["plate"].Number != "GV-101" || written.Parts["plate"].Source.Path != "new.step" {
		t.Errorf("what is one's own: %+v, %+v", m, written.Parts["plate"].Source)
	}
	if code := run([]string{"update", file, "--part", "plate", filepath.Join(dir, "old.step")}, nil, &told, &errs); code != 0 { // nothing changed
		t.Errorf("the same file again: %d: %s", code, &told)
	}
	for _, args := range [][]string{{"update", file}, {"update", file, out}, {"update", file, "--part", "nobody", filepath.Join(dir, "new.step")}, {"update", file, "--part", "plate", file}, {"update", file, "--part", "plate", filepath.Join(dir, "new.step"), "--out", out}} {
		if code := run(args, nil, &told, &errs); code != 2 {
			t.Errorf("%v: %d", args[1:], code)
		}
	}
}
