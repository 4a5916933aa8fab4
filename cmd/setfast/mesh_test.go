package main

import (
	"encoding/json"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"setfast/core/gearing"
	"setfast/core/sweep"
	"setfast/core/teeth"
)

// prism is a recipe of an outline raised by a height.
func prism(outline [][2]float64, z, high float64) string {
	var s strings.Builder
	fmt.Fprintf(&s, "prism 0 0 %g %g %d", z, high, len(outline))
	for _, p := range outline {
		fmt.Fprintf(&s, " %.6f %.6f", p[0], p[1])
	}
	return s.String()
}

// TestMesh reads teeth of involute wheels and of a rack (ISO 53, module 2): counts, modules and distances by m(z₁ ± z₂)/2 and m·z/2, the ratio and the
// phase. Coupled so, they turn through one another's gaps for some pitches without touching: the law of gearing says so of involutes; half a pitch
// off, teeth go through teeth, by no more than they are deep.
func TestMesh(t *testing.T) {
	for _, c := range []struct {
		b, kind, field, ratio string
		shape, at, frame      string
		count                 int
		wanted, pitch         float64
	}{
		{"w", "gear", "ratio", "-18 / 21", prism(teeth.Outline(21, 2, 0.12), 0, 10), `[39, 0, 0], "quaternion": [0.9995854, 0, 0, 0.0287929]`,
			`"origin": [39, 0, 0], "z": [0, 0, 1], "x": [1, 0, 0]`, 21, 39, 360.0 / 21},
		{"s", "rack", "lead", "113.097336", prism(teeth.RackOutline(8, 2, 0.12, 8), 0, 10), `[-21.7, -18, 0]`,
			`"origin": [-20, -18, 0], "z": [1, 0, 0], "x": [0, 0, 1]`, 0, 18, 2 * math.Pi},
	} {
		dir := t.TempDir()
		file := filepath.Join(dir, "gears.setfast.json")
		var all []string
		features := map[string]string{
			"base":   fmt.Sprintf(`"a": {"type": "frame", "origin": [0, 0, 0], "z": [0, 0, 1], "x": [1, 0, 0]}, "b": {"type": "frame", %s}`, c.frame),
			"pinion": `"c": {"type": "frame", "origin": [0, 0, 0], "z": [0, 0, 1], "x": [1, 0, 0]}`,
			"other":  `"c": {"type": "frame", "origin": [0, 0, 0]` + c.frame[strings.Index(c.frame, `, "z"`):] + `}`,
		}
		for name, p := range shapesOf(t, dir, map[string]string{"base": "box -80 -80 -30 200 160 20", "pinion": prism(teeth.Outline(18, 2, 0.12), 0, 10), "other": c.shape}) {
			all = append(all, strings.TrimSuffix(p, "}")+fmt.Sprintf(`, "features": {%s}}`, features[name]))
		}
		write := func(coupling string) {
			joint := map[string]string{"gear": "revolute", "rack": "prismatic"}[c.kind]
			text := fmt.Sprintf(`{"setfast": 2, "root": "m", "parts": {%s}, "assemblies": {"m": {"components": {"base": {"part": "base", "grounded": true},
				"pinion": {"part": "pinion", "pose": {"origin": [0, 0, 0], "quaternion": [0.9953962, 0, 0, 0.0958458]}}, "other": {"part": "other", "pose": {"origin": %s}}},
				"mates": [{"id": "p", "type": "revolute", "a": "base/a", "b": "pinion/c"}, {"id": %q, "type": %q, "a": "base/b", "b": "other/c"}%s],
				"drives": {"round": {"joint": "p", "of": "angle", "from": 11, "to": 71, "steps": 30}}}}}`, strings.Join(all, ", "), c.at, c.b, joint, coupling)
			if err := os.WriteFile(file, []byte(text), 0o600); err != nil {
				t.Fatal(err)
			}
		}
		write("")
		code, out, errs := do("mesh", "--json", "--a", "p", "--b", c.b, file)
		var m gearing.Mesh
		if err := json.Unmarshal([]byte(out), &m); err != nil || code != 0 || errs != "" {
			t.Fatalf("exit %d: %v %s", code, err, errs)
		}
		if m.TeethA != 18 || m.TeethB != c.count || m.Module != 2 || m.ModuleB != 2 || math.Abs(m.Distance-c.wanted) > 1e-3 || math.Abs(m.Wanted-c.wanted) > 1e-9 || m.Ratio != c.ratio || math.Abs(m.Depth-4) > 1e-3 {
			t.Errorf("%s: %+v", c.kind, m)
		}
		for _, off := range []float64{0, 0.5}[:1+min(1, c.count)] { // of the wheels also half a pitch off
			write(fmt.Sprintf(`, {"id": "k", "type": %q, "a": "p", "b": %q, %q: %q, "phase": %.9f}`, c.kind, c.b, c.field, m.Ratio, m.Phase+off*c.pitch))
			_, out, errs := do("run", "--json", file, "round")
			var d sweep.Done
			if err := json.Unmarshal([]byte(out), &d); err != nil || d.Reason != nil {
				t.Fatalf("%v %s %s", err, errs, out)
			}
			if met := len(d.Clash) > 0; met != (off > 0) || met && (*d.Clash[0].Depth < 0.3 || *d.Clash[0].Depth > m.Deepest) {
				t.Errorf("%s, %g of a pitch off: %s", c.kind, off, out)
			}
		}
		if code, _, errs := do("mesh", "--a", "p", "--b", "nothing", file); code != 2 || !strings.Contains(errs, "no joint") {
			t.Errorf("a joint that is not there: exit %d, %s", code, errs)
		}
	}
}
