package main

import (
	"bytes"
	"strings"
	"testing"
)

// TestVariants solves a crank at two named angles: its tip is at r cos φ (elementary). A variant that cannot be solved says so, and the code is 1.
func TestVariants(t *testing.T) {
	doc := `{"setfast": 2, "root": "m", "parts": {"base": {"features": {"o": {"type": "frame", "origin": [0,0,0], "z": [0,0,1], "x": [1,0,0]}}}, "crank": {"features": {"a": {"type": "frame", "origin": [0,0,0], "z": [0,0,1], "x": [1,0,0]}, "tip": {"type": "frame", "origin": [20,0,0], "z": [0,0,1], "x": [1,0,0]}}}},
	"assemblies": {"m": {"values": {"at": "0 deg"}, "components": {"base": {"part": "base", "grounded": true}, "crank": {"part": "crank"}},
	"mates": [{"id": "turn", "type": "revolute", "a": "base/o", "b": "crank/a", "at": {"angle": "at"}}], "measures": {"tip": {"type": "position", "of": "crank/tip", "in": "base/o"}}, "variants": {VARIANTS}}}}`
	for _, c := range []struct {
		variants string
		code     int
		says     []string
	}{
		{`"low": {"at": "30 deg"}, "up": {"at": "90 deg"}`, 0, []string{"low", "up", "set", "17.3205, 10, 0", "0, 20, 0"}},
		{`"wrong": {"at": "3 mm"}`, 1, []string{"does not give an angle"}},
		{``, 2, []string{"no variants"}},
	} {
		var out, errs bytes.Buffer
		code := run([]string{"variants", "-"}, strings.NewReader(strings.Replace(doc, "VARIANTS", c.variants, 1)), &out, &errs)
		if code != c.code {
			t.Errorf("%s: exits %d, want %d: %s", c.variants, code, c.code, errs.String())
		}
		for _, s := range c.says {
			if !strings.Contains(out.String()+errs.String(), s) {
				t.Errorf("%s: %q is not in %s%s", c.variants, s, out.String(), errs.String())
			}
		}
	}
}
