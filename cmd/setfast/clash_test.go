package main

import (
	"encoding/json"
	"fmt"
	"os"
	"path/filepath"
	"strings"
	"testing"
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
	if code, _, errs := do("clash", examples+"four-bar.setfast.json"); code != 2 || !strings.Contains(errs, "--mesh") {
		t.Errorf("a document: exit %d, %s", code, errs)
	}
}
