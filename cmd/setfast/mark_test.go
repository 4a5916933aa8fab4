package main

import (
	"archive/zip"
	"encoding/json"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"setfast/core/mark"
)

// TestMarkBundle marks a bundle of two files of shapes that are placed, and documents beside one another: relations are recovered, parts found by their names,
// the whole asked for what the key measures; a screw left out is missing, a document without relations stays loose.
func TestMarkBundle(t *testing.T) {
	whole := stand(t, nil)
	dir := filepath.Dir(whole)
	key := filepath.Join(dir, "key.setfast.json")
	if code, _, errs := do("relate", whole, "--out", key); code != 0 {
		t.Fatal(errs)
	}
	change := func(file string, pairs ...string) []byte {
		data, err := os.ReadFile(file)
		if err != nil {
			t.Fatal(err)
		}
		text := strings.NewReplacer(pairs...).Replace(string(data))
		return []byte(text)
	}
	// numbers for the key, and a measure of the whole
	numbered := change(key, `"name": "GV-101 Wall plate"`, `"number": "GV-101", "density_kg_m3": 7850, "name": "Wall plate"`, `"name": "GV-102 Bearing block"`, `"number": "GV-102", "density_kg_m3": 7200, "name": "Bearing block"`,
		`"name": "GV-201 Screw M6x20"`, `"number": "GV-201", "density_kg_m3": 7850, "name": "Screw M6x20"`, `"mates":`, `"measures": {"middle": {"type": "centre_of_mass"}}, "mates":`)
	if err := os.WriteFile(key, numbered, 0o600); err != nil {
		t.Fatal(err)
	}
	without := change(whole, `"screw 4": {"part": "screw", "pose": {"origin": [140, 85, 20], "quaternion": [1, 0, 0, 0]}}, `, "")
	short := filepath.Join(dir, "short.setfast.json")
	if err := os.WriteFile(short, without, 0o600); err != nil {
		t.Fatal(err)
	}
	bundle := filepath.Join(t.TempDir(), "class.zip")
	f, err := os.Create(bundle)
	if err != nil {
		t.Fatal(err)
	}
	z := zip.NewWriter(f)
	for name, from := range map[string]string{"ada.step": whole, "bo.step": short} {
		to := filepath.Join(t.TempDir(), name)
		if code, _, errs := do("export", from, "--step", to); code != 0 {
			t.Fatal(errs)
		}
		data, err := os.ReadFile(to)
		if err != nil {
			t.Fatal(err)
		}
		w, err := z.Create(name)
		if err == nil {
			_, err = w.Write(data)
		}
		if err != nil {
			t.Fatal(err)
		}
	}
	if err := z.Close(); err != nil {
		t.Fatal(err)
	}
	f.Close()
	code, out, errs := do("mark", key, bundle, whole, "--json")
	var got struct{ Rows []mark.Row }
	if err := json.Unmarshal([]byte(out), &got); err != nil || code != 1 || len(got.Rows) != 3 {
		t.Fatalf("exit %d: %v %s %s", code, err, out, errs)
	}
	for i, want := range []struct {
		passes, placed bool
		verdict        string
		missing        int
	}{{true, true, "set", 0}, {false, true, "set", 1}, {false, false, "loose", 3}} {
		r := got.Rows[i]
		if r.Passes != want.passes || r.Placed != want.placed || string(r.Verdict) != want.verdict || len(r.Missing) != want.missing {
			t.Errorf("%s: %+v", r.File, r)
		}
		if r.Placed && r.Measures["middle"].Got == nil {
			t.Errorf("%s was not asked where its middle is", r.File)
		}
	}
	if !strings.HasSuffix(got.Rows[0].File, "class.zip/ada.step") {
		t.Errorf("it is called %s", got.Rows[0].File)
	}
	if code, _, errs := do("mark", key, key+".zip"); code != 2 || errs == "" {
		t.Errorf("a bundle that is not there: %d %s", code, errs)
	}
}

// TestMarkThreads hands in a screw in its nut as shapes: where they overlap is a thread, which is no clash; pushed aside by 0.5 mm it is one.
func TestMarkThreads(t *testing.T) {
	dir := t.TempDir()
	for name, what := range map[string]string{"screw.step": "ISO 4762 M6x20", "nut.step": "ISO 4032 M6"} {
		if code, _, errs := do("fastener", what, "--step", filepath.Join(dir, name)); code != 0 {
			t.Fatal(errs)
		}
	}
	for aside, clashes := range map[string]int{"0": 0, "0.5": 1} {
		file, step := filepath.Join(dir, aside+".setfast.json"), filepath.Join(dir, aside+".step")
		text := `{"setfast": 1, "root": "pair", "parts": {"screw": {"number": "S", "name": "screw", "source": {"step": "screw.step"}}, "nut": {"number": "N", "name": "nut", "source": {"step": "nut.step"}}},
			"assemblies": {"pair": {"components": {"screw": {"part": "screw", "grounded": true}, "nut": {"part": "nut", "pose": {"origin": [` + aside + `, 0, -15]}}}}}}`
		if err := os.WriteFile(file, []byte(text), 0o600); err != nil {
			t.Fatal(err)
		}
		if code, _, errs := do("export", file, "--step", step); code != 0 {
			t.Fatal(errs)
		}
		_, out, errs := do("mark", file, step, "--json")
		var got struct{ Rows []mark.Row }
		if err := json.Unmarshal([]byte(out), &got); err != nil || len(got.Rows) != 1 || got.Rows[0].Clashes != clashes {
			t.Errorf("aside by %s mm: %v %s %s", aside, err, out, errs)
		}
	}
}
