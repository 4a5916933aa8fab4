package main

import (
	"context"
	"encoding/json"
	"fmt"
	"os"
	"path/filepath"
	"slices"
	"strings"
	"testing"

	"setfast/core/relate"
	"setfast/demo"
	"setfast/kernel"
)

// relating runs relate and reads its answer.
func relating(t *testing.T, want int, args ...string) related {
	t.Helper()
	code, out, errs := do(append([]string{"relate", "--json"}, args...)...)
	var a related
	if err := json.Unmarshal([]byte(out), &a); err != nil || code != want {
		t.Fatalf("%v: exit %d, want %d: %v\n%s", args, code, want, err, errs)
	}
	return a
}

// TestRelateAS1 accounts for a public interoperability assembly (AS1 of the CAx Implementor Forum) from its bare shapes. What is right
// follows from its drawing: in each nut-bolt pair the nut slides on its bolt, two nuts on the rod; each pair turns in its hole of a
// bracket; the brackets are fixed by two bolts each; the rod turns between them.
func TestRelateAS1(t *testing.T) {
	const as1 = "../../kernel/testdata/as1-oc-214.stp"
	out := filepath.Join(t.TempDir(), "as1.setfast.json")
	a := relating(t, 1, as1, "--out", out)
	for name, want := range map[string]string{
		"rod-assembly":       "12 8 4 2 2",
		"nut-bolt-assembly":  "6 4 2 1 1",
		"l-bracket-assembly": "18 15 3 0 3",
		"as1":                "18 17 1 0 1",
	} {
		r := a.Report.Assemblies[name]
		if r == nil {
			t.Fatalf("no account of %s", name)
		}
		if got := fmt.Sprint(r.Opening, r.Removed, r.Left, r.Idle, r.Loose); got != want || r.Residual.MM > 1e-6 || len(r.Odds) > 0 {
			t.Errorf("%s: opening, removed, left, idle and loose are %s, want %s", name, got, want)
		}
	}
	if a.Base != "plate_1" || a.Relations != 17 || len(a.Alone) != 0 || a.Also < 20 {
		t.Errorf("base %s, %d relations, %d also, alone %v", a.Base, a.Relations, a.Also, a.Alone)
	}
	// what was written is checked like any document, with the shapes out of the one file
	_, said, errs := do("check", "--json", out)
	if !strings.Contains(said, `"left": 3`) || errs != "" {
		t.Errorf("the document written does not check: %s", errs)
	}
	// held where nothing stops it, all is set
	if h := relating(t, 0, as1, "--hold"); string(h.Report.Verdict) != "set" {
		t.Errorf("held, the verdict is %s", h.Report.Verdict)
	}
	if code, _, errs := do("relate", as1, "--out", out); code != 2 || !strings.Contains(errs, "--force") {
		t.Errorf("a file that is there was overwritten: %d, %s", code, errs)
	}
	if code, _, errs := do("relate", as1, "--base", "plinth"); code != 2 || !strings.Contains(errs, "plinth") {
		t.Errorf("a base that is not there: %d, %s", code, errs)
	}
}

// stand writes the bearing stand of the sample project, placed only, with some of its parts moved off.
func stand(t *testing.T, off map[string][3]float64) string {
	t.Helper()
	dir := t.TempDir()
	k, err := kernel.Find()
	if err != nil {
		t.Fatal(err)
	}
	if _, err := demo.Files(context.Background(), k, dir); err != nil {
		t.Fatal(err)
	}
	parts := map[string]any{}
	for key, file := range map[string]string{"plate": "GV-101 Wall plate", "block": "GV-102 Bearing block", "screw": "GV-201 Screw M6x20"} {
		parts[key] = map[string]any{"name": file, "source": map[string]string{"step": file + ".step"}}
	}
	var list []string
	put := func(name, part string, x, y, z float64) {
		o := off[name]
		list = append(list, fmt.Sprintf(`%q: {"part": %q, "pose": {"origin": [%g, %g, %g], "quaternion": [1, 0, 0, 0]}}`, name, part, x+o[0], y+o[1], z+o[2]))
	}
	put("plate", "plate", 0, 0, 0)
	for i, x := range []float64{25, 125} {
		put(fmt.Sprint("block ", i+1), "block", x, 15, 10)
		for j, y := range []float64{25, 85} {
			put(fmt.Sprintf("screw %d", 2*i+j+1), "screw", x+15, y, 20)
		}
	}
	named, err := json.Marshal(parts)
	if err != nil {
		t.Fatal(err)
	}
	slices.Reverse(list) // in no sensible order
	file := filepath.Join(dir, "stand.setfast.json")
	text := fmt.Sprintf(`{"setfast": 1, "root": "stand", "parts": %s, "assemblies": {"stand": {"components": {%s}}}}`, named, strings.Join(list, ", "))
	if err := os.WriteFile(file, []byte(text), 0o600); err != nil {
		t.Fatal(err)
	}
	return file
}

// TestRelateStand accounts for the bearing stand of the sample project from its shapes: 6 × 6 freedoms, of which the spins of four screws
// are left and idle. Off by 1e-5 mm it is the same; off by 0.01 mm that is told.
func TestRelateStand(t *testing.T) {
	for how, off := range map[string]map[string][3]float64{
		"as it is":    nil,
		"off by 1e-5": {"block 1": {1e-5, -1e-5, 1e-5}, "screw 3": {-1e-5, 1e-5, -1e-5}, "screw 4": {1e-5, 1e-5, 1e-5}},
	} {
		a := relating(t, 0, stand(t, off))
		r := a.Report.Assemblies["stand"]
		if got := fmt.Sprintf("%d %d %d %d %s", r.Opening, r.Removed, r.Left, r.Idle, r.Verdict); got != "36 32 4 4 set" || a.Base != "plate" {
			t.Errorf("%s: %s on %s, want 36 32 4 4 set on the plate", how, got, a.Base)
		}
		f := a.Assemblies["stand"]
		if f.Order[0] != "plate" || !strings.HasPrefix(f.Order[1], "block") || !strings.HasPrefix(f.Order[3], "screw") {
			t.Errorf("%s: the build order is %v", how, f.Order)
		}
		if len(f.Fasteners) != 1 || f.Fasteners[0] != "screw" {
			t.Errorf("%s: taken for fasteners: %v", how, f.Fasteners)
		}
		if last := f.Groups[len(f.Groups)-1]; last.Kind != "pattern" || len(last.Components) != 4 || last.Removes != 20 {
			t.Errorf("%s: the screws are %+v, want a pattern of four", how, last)
		}
	}
	f := relating(t, 1, stand(t, map[string][3]float64{"block 2": {0, 0, 0.01}})).Assemblies["stand"]
	if !slices.ContainsFunc(f.Apart, func(x relate.Apart) bool { return x.MM == 0.01 && strings.Contains(x.A+" "+x.B, "block 2") }) {
		t.Errorf("a block 0.01 mm above the plate is not told: %+v", f.Apart)
	}
}
