package main

import (
	"context"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"setfast/core/assembly"
	"setfast/core/sweep"
)

// latches writes so many latches whose cams are geared to the first, alike or each at a ratio of its own.
func latches(tb testing.TB, n int, alike bool) string {
	tb.Helper()
	dir := tb.TempDir()
	parts := shapesOf(tb, dir, map[string]string{
		"plate":    "box 0 0 0 140 60 8\ncyl 30 30 8 0 0 1 6 20\nfuse\nbox 90 15 8 30 30 22\nfuse\ncyl 89 30 18 1 0 0 5.05 32\ncut",
		"cam":      "cyl 6 0 0 0 0 1 18 14\ncyl 0 0 -1 0 0 1 6.05 16\ncut",
		"follower": "cyl 0 0 0 1 0 0 5 70\ncyl 0 0 0 1 0 0 9 4\nfuse",
	})
	frame := func(name, at, z, x string) string {
		return fmt.Sprintf(`%q: {"type": "frame", "origin": [%s], "z": [%s], "x": [%s]}`, name, at, z, x)
	}
	features := map[string]string{"plate": frame("t", "30, 30, 12", "0, 0, 1", "1, 0, 0") + ", " + frame("s", "0, 30, 18", "1, 0, 0", "0, 1, 0"),
		"cam": frame("t", "0, 0, 0", "0, 0, 1", "1, 0, 0"), "follower": frame("s", "0, 0, 0", "1, 0, 0", "0, 1, 0")}
	var all, comps, mates, profile []string
	for name, p := range parts {
		all = append(all, strings.TrimSuffix(p, "}")+fmt.Sprintf(`, "features": {%s}}`, features[name]))
	}
	for k := 0; k < 360; k += 3 { // a flat on a disc that turns about a point 6 mm beside its middle
		profile = append(profile, fmt.Sprintf("[%d, %.9f]", k, 48.02+6*math.Cos(float64(k)*math.Pi/180)))
	}
	for i := range n {
		y := 80 * float64(i)
		comps = append(comps, fmt.Sprintf(`"p%d": {"part": "plate", "grounded": true, "pose": {"origin": [0, %g, 0]}}, "c%d": {"part": "cam", "pose": {"origin": [30, %g, 12]}},
			"f%d": {"part": "follower", "pose": {"origin": [54, %g, 18]}}`, i, y, i, y+30, i, y+30))
		mates = append(mates, fmt.Sprintf(`{"id": "t%d", "type": "revolute", "a": "p%d/t", "b": "c%d/t"}, {"id": "g%d", "type": "prismatic", "a": "p%d/s", "b": "f%d/s"},
			{"id": "k%d", "type": "cam", "a": "t%d", "b": "g%d", "profile": [%s]}`, i, i, i, i, i, i, i, i, i, strings.Join(profile, ", ")))
		if i > 0 {
			ratio := 1.0
			if !alike {
				ratio += 0.013 * float64(i)
			}
			mates = append(mates, fmt.Sprintf(`{"id": "r%d", "type": "gear", "a": "t0", "b": "t%d", "ratio": %g}`, i, i, ratio))
		}
	}
	text := fmt.Sprintf(`{"setfast": 2, "root": "m", "parts": {%s}, "assemblies": {"m": {"components": {%s}, "mates": [%s], "planned": [{"joint": "t0"}],
		"drives": {"round": {"joint": "t0", "of": "angle", "from": 0, "to": 360, "steps": 360, "clash": true}}}}}`,
		strings.Join(all, ", "), strings.Join(comps, ", "), strings.Join(mates, ", "))
	file := filepath.Join(dir, "latches.setfast.json")
	if err := os.WriteFile(file, []byte(text), 0o600); err != nil {
		tb.Fatal(err)
	}
	return file
}

// BenchmarkRun takes a mechanism of 99 parts through a full turn in 360 steps and looks at what is met: 33 latches that turn alike, and each at a
// ratio of its own.
func BenchmarkRun(b *testing.B) {
	for _, alike := range []bool{true, false} {
		b.Run(fmt.Sprintf("alike=%t", alike), func(b *testing.B) {
			m, err := readMoving(context.Background(), latches(b, 33, alike), nil, true)
			if err != nil {
				b.Fatal(err)
			}
			var d *assembly.Drive
			for i := range m.doc.Assemblies["m"].Drives {
				d = &m.doc.Assemblies["m"].Drives[i]
			}
			for b.Loop() {
				done, err := sweep.Drive(context.Background(), m.a.Study(context.Background()), m.parts, *d, m.o)
				if err != nil || done.Reason != nil {
					b.Fatal(err, *done.Reason)
				}
				b.ReportMetric(float64(len(done.Clash)), "clashes")
			}
		})
	}
}
