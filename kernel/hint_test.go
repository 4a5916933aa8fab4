package kernel

import (
	"strings"
	"testing"
)

// TestThread: of a stud with a modelled thread of pitch 1.25 the crests are told as a thread, and its plain end is not; the rim of its chamfer
// is told from both.
func TestThread(t *testing.T) {
	im := make1(t, runner(t), "cyl 0 0 0 0 0 1 4 20\ncone 0 0 20 0 0 1 4 3 1\nfuse\nthread 0 0 -2 0 0 1 4 1.25 14\ncut", "stud.step")
	d := Derive(im.Parts[0])
	threads, plain, chamfers := 0, 0, 0
	for _, f := range d.Features {
		switch {
		case f.Face >= 0 && f.Kind == "cylinder" && f.Hint == "thread of pitch 1.25":
			threads++
		case f.Face >= 0 && f.Kind == "cylinder":
			plain++
		case f.Kind == "circle" && strings.Contains(f.Hint, "chamfer"):
			chamfers++
		}
	}
	if threads == 0 || chamfers != 1 {
		t.Errorf("%d crests of threads, %d plain round faces, %d rims of chamfers", threads, plain, chamfers)
	}
}
