package main

import (
	"bytes"
	"context"
	"encoding/json"
	"os"
	"path/filepath"
	"testing"

	"setfast/kernel"
)

// TestMirror mirrors a left bracket with its screw across the middle of a plate, by exact shapes: the bracket gets an opposite hand whose shape is made
// beside the document, the screw is the same turned over. The document that is written is set, nothing passes through anything in it, and the new
// bracket is a left one seen in a mirror: mirrored itself it is the left one's volume on the other side.
func TestMirror(t *testing.T) {
	dir := t.TempDir()
	k, err := kernel.Find()
	if err != nil {
		t.Fatal(err)
	}
	recipe := "box 0 0 0 200 60 10\ncyl 40 30 -1 0 0 1 3.3 12\ncut\ncyl 160 30 -1 0 0 1 3.3 12\ncut\nproduct plate\nstep plate.step\n" +
		"box 0 0 0 60 40 6\nbox 0 0 0 6 40 44\nfuse\ncyl -1 28 30 1 0 0 4.1 8\ncut\ncyl 40 20 -1 0 0 1 3.3 8\ncut\nproduct bracket\nstep bracket.step\n" +
		"cyl 0 0 0 0 0 1 5 6\ncyl 0 0 0 0 0 -1 3 20\nfuse\nproduct screw\nstep screw.step\n"
	if err := k.Make(context.Background(), dir, recipe); err != nil {
		t.Fatal(err)
	}
	name := func(part, kind string, at, normal [3]float64, radius float64) string {
		t.Helper()
		im, err := readBeside(context.Background(), k, filepath.Join(dir, part+".step"))
		if err != nil {
			t.Fatal(err)
		}
		for _, f := range kernel.Derive(im.Parts[0]).Features {
			d, up := 0.0, 1.0
			for i := range at {
				d += (f.O[i] - at[i]) * (f.O[i] - at[i])
			}
			if kind == "plane" && f.Z != nil {
				d, up = 0, 0
				for i := range at {
					d, up = d+(f.O[i]-at[i])*f.Z[i], up+f.Z[i]*normal[i]
				}
				d *= d
			}
			if up > 0.9 && string(f.Kind) == kind && d < 1e-9 && (radius == 0 || f.Radius == radius) && f.Same == "" {
				return part + "/" + f.Name
			}
		}
		t.Fatalf("%s has no %s at %v", part, kind, at)
		return ""
	}
	doc := `{"setfast": 1, "root": "main", "parts": {"plate": {"source": {"step": "plate.step"}}, "bracket": {"number": "GV-301", "source": {"step": "bracket.step"}}, "screw": {"kind": "fastener", "source": {"step": "screw.step"}}},
		"assemblies": {"main": {"components": {"plate": {"part": "plate", "grounded": true}, "bracket": {"part": "bracket", "pose": {"origin": [1, 11, 12]}}, "screw": {"part": "screw", "pose": {"origin": [40, 30, 20]}}}, "mates": [
		{"id": "foot", "type": "rim", "a": "` + name("plate", "circle", [3]float64{40, 30, 10}, [3]float64{}, 0) + `", "b": "` + name("bracket", "circle", [3]float64{40, 20, 0}, [3]float64{}, 0) + `", "sense": "same"},
		{"id": "square", "type": "parallel", "a": "` + name("plate", "plane", [3]float64{100, 60, 5}, [3]float64{0, 1, 0}, 0) + `", "b": "` + name("bracket", "plane", [3]float64{30, 40, 3}, [3]float64{0, 1, 0}, 0) + `", "sense": "same"},
		{"id": "seat", "type": "rim", "a": "` + name("bracket", "circle", [3]float64{40, 20, 6}, [3]float64{}, 0) + `", "b": "` + name("screw", "circle", [3]float64{0, 0, 0}, [3]float64{}, 3) + `"}]}}}`
	file, out := filepath.Join(dir, "left.setfast.json"), filepath.Join(dir, "both.setfast.json")
	if err := os.WriteFile(file, []byte(doc), 0o600); err != nil {
		t.Fatal(err)
	}
	ends := name("plate", "plane", [3]float64{0, 30, 5}, [3]float64{-1, 0, 0}, 0) + "," + name("plate", "plane", [3]float64{200, 30, 5}, [3]float64{1, 0, 0}, 0)
	var told, errs bytes.Buffer
	if code := run([]string{"mirror", file, "--plane", ends, "--out", out, "--json"}, nil, &told, &errs); code != 0 {
		t.Fatalf("%d: %s %s", code, &told, &errs)
	}
	var got struct {
		Copied    []struct{ To, Part, Hand string }
		Relations int
		LeftOut   []any `json:"left_out"`
		Report    struct{ Verdict string }
	}
	if err := json.Unmarshal(told.Bytes(), &got); err != nil || len(got.Copied) != 2 || got.Copied[0].Hand != "opposite" || got.Copied[1].Hand != "same" || got.Relations != 3 || len(got.LeftOut) > 0 || got.Report.Verdict != "set" {
		t.Errorf("%v: %s", err, &told)
	}
	for args, want := range map[string]int{"check": 0, "clash": 0} {
		told.Reset()
		if code := run([]string{args, out}, nil, &told, &errs); code != want {
			t.Errorf("%s: %d: %s %s", args, code, &told, &errs)
		}
	}
	far := filepath.Join(dir, "far")
	if err := os.Mkdir(far, 0o700); err != nil {
		t.Fatal(err)
	}
	for _, args := range [][]string{{"check", out, "--solved", filepath.Join(far, "rest.setfast.json")}, {"check", filepath.Join(far, "rest.setfast.json")}} { // sources are found from another folder
		if code := run(args, nil, &told, &errs); code != 0 {
			t.Errorf("%v: %d: %s", args[0], code, &errs)
		}
	}
	for part, want := range map[string]int{"bracket-m": 1, "bracket": 1, "screw": 0, "plate": 0} {
		if code := run([]string{"hand", filepath.Join(dir, part+".step")}, nil, &told, &errs); code != want {
			t.Errorf("hand %s: %d: %s %s", part, code, &told, &errs)
		}
	}
	for _, args := range [][]string{{"mirror", file}, {"mirror", file, "--plane", "plate"}, {"mirror", file, "--plane", "plate/f99"}, {"mirror", file, "--plane", "@/x"}, {"mirror", file, "--plane", "@/yz", "--of", "nobody"}, {"mirror", file, "--plane", ends, "--out", out}} {
		if code := run(args, nil, &told, &errs); code != 2 {
			t.Errorf("%v: %d", args[2:], code)
		}
	}
	if code := run([]string{"mirror", file, "--plane", "@/yz"}, nil, &told, &errs); code != 1 { // there is no hole on the other side
		t.Errorf("across the plate's end: %d: %s", code, &told)
	}
}
