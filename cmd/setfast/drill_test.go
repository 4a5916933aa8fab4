package main

import (
	"bytes"
	"context"
	"encoding/json"
	"math"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"setfast/kernel"
)

// TestDrill drills a plate under a block's hole in every kind, and makes a spacer of the plate's face. Volumes are told by closed forms: cylinders, the cone of
// a 90° countersink as wide as ISO 10642's head (M6: 13.44 mm), a counterbore by DIN 974-1 (M6: 11 mm wide, 6.4 deep), from memory.
func TestDrill(t *testing.T) {
	dir := t.TempDir()
	k, err := kernel.Find()
	if err != nil {
		t.Fatal(err)
	}
	if err := k.Make(context.Background(), dir, "box 0 0 0 100 60 10\nproduct plate\nstep plate.step\nbox 0 0 0 40 40 8\ncyl 20 20 -1 0 0 1 3.3 10\ncut\nproduct block\nstep block.step\n"); err != nil {
		t.Fatal(err)
	}
	file := filepath.Join(dir, "stand.setfast.json")
	doc := `{"setfast": 1, "root": "main", "parts": {"plate": {"source": {"step": "plate.step"}}, "block": {"source": {"step": "block.step"}, "features": {"hole": {"type": "axis", "origin": [20, 20, 0], "direction": [0, 0, 1]}}}},
		"assemblies": {"main": {"components": {"plate": {"part": "plate", "grounded": true}, "block": {"part": "block", "pose": {"origin": [30, 10, 10]}}}, "mates": [
		{"id": "on", "type": "fastened", "a": "plate/origin", "b": "block/origin", "offset": [30, 10, 10]}]}}}`
	if err := os.WriteFile(file, []byte(doc), 0o600); err != nil {
		t.Fatal(err)
	}
	volume := func(part string) float64 {
		im, err := readBeside(context.Background(), k, filepath.Join(dir, part))
		if err != nil {
			t.Fatal(err)
		}
		return im.Parts[0].Volume
	}
	try := func(args ...string) (int, map[string]any, string) {
		var out, errs bytes.Buffer
		code := run(append(append([]string{}, args...), "--json"), nil, &out, &errs)
		got := map[string]any{}
		_ = json.Unmarshal(out.Bytes(), &got)
		return code, got, errs.String()
	}
	cylinder := func(d, h float64) float64 { return math.Pi / 4 * d * d * h }
	const head, through = 13.44, 6.6
	cone := math.Pi / 3 * (head/2 - through/2) * (head*head + head*through + through*through) / 4 // that of the frustum, its height half the difference
	for _, c := range []struct {
		args []string
		took float64
		says string
	}{
		{[]string{"--kind", "clearance", "--thread", "M6"}, cylinder(6.6, 10), ""},
		{[]string{"--kind", "clearance", "--thread", "M6", "--series", "coarse"}, cylinder(7, 10), ""},
		{[]string{"--kind", "tapped", "--thread", "M6", "--depth", "7"}, cylinder(5, 7), ""},
		{[]string{"--kind", "counterbored", "--thread", "M6"}, cylinder(6.6, 10) + cylinder(11, 6.4) - cylinder(6.6, 6.4), ""},
		{[]string{"--kind", "counterbored", "--thread", "M6", "--near"}, cylinder(6.6, 10) + cylinder(11, 6.4) - cylinder(6.6, 6.4), ""},
		{[]string{"--kind", "countersunk", "--thread", "M6"}, cylinder(6.6, 10) + cone - cylinder(6.6, (head-through)/2), ""},
		{[]string{"--kind", "counterbored", "--thread", "M12"}, 0, "goes through a wall of 10 mm"},
		{[]string{"--kind", "tapped", "--thread", "M6", "--depth", "12"}, 0, "is through"},
		{[]string{"--kind", "own"}, 0, "no diameter of its own"},
	} {
		out := filepath.Join(dir, "out.setfast.json")
		code, got, errs := try(append([]string{"drill", file, "--into", "plate", "--after", "block/hole", "--out", out, "--force"}, c.args...)...)
		if c.says != "" {
			if code != 2 || !strings.Contains(errs, c.says) {
				t.Errorf("%v: %d, %q", c.args, code, errs)
			}
			continue
		}
		if code != 0 || got["carried"] != 0.0 {
			t.Errorf("%v: %d, %v, %s", c.args, code, got["carried"], errs)
			continue
		}
		if is := 100*60*10 - volume("plate-drilled.step"); math.Abs(is-c.took) > 1e-3 {
			t.Errorf("%v took %g mm³, not %g", c.args, is, c.took)
		}
		if code, _, errs := try("check", out); code != 0 {
			t.Errorf("%v: what is written: %d, %s", c.args, code, errs)
		}
	}
	top := ""
	im, err := readBeside(context.Background(), k, filepath.Join(dir, "block.step"))
	if err != nil {
		t.Fatal(err)
	}
	for _, f := range kernel.Derive(im.Parts[0]).Features {
		if f.Kind == "plane" && f.Z != nil && f.Z[2] > 0.9 && f.Face >= 0 {
			top = "block/" + f.Name
		}
	}
	out := filepath.Join(dir, "spaced.setfast.json")
	code, got, errs := try("outline", file, "--face", top, "--thick", "2.5", "--name", "spacer", "--out", out)
	if want := (40*40 - cylinder(6.6, 1)) * 2.5; code != 0 || math.Abs(got["volume_mm3"].(float64)-want) > 1e-3 {
		t.Errorf("the spacer: %d, %v, %s; want %g mm³", code, got["volume_mm3"], errs, want)
	}
	if code, got, _ := try("clash", out); code != 0 || got["verdict"] != "clear" {
		t.Errorf("the spacer where it is made: %d, %v", code, got)
	}
}
