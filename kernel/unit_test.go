package kernel

import (
	"context"
	"math"
	"os"
	"path/filepath"
	"strings"
	"testing"
)

// TestUnits reads one file as it is and with another unit declared: lengths follow the unit, and it is told. The file is the public
// interoperability assembly AS1 (CAx Implementor Forum), which is in mm.
func TestUnits(t *testing.T) {
	text, err := os.ReadFile("testdata/as1-oc-214.stp")
	if err != nil {
		t.Fatal(err)
	}
	r := runner(t)
	read := func(text string) *Import {
		file := filepath.Join(t.TempDir(), "as1.stp")
		if err := os.WriteFile(file, []byte(text), 0o600); err != nil {
			t.Fatal(err)
		}
		im, err := r.Read(context.Background(), file, nil)
		if err != nil {
			t.Fatal(err)
		}
		return im
	}
	mm := read(string(text))
	cm := read(strings.ReplaceAll(string(text), "SI_UNIT(.MILLI.,.METRE.)", "SI_UNIT(.CENTI.,.METRE.)"))
	if mm.Unit != "mm" || cm.Unit != "cm" {
		t.Errorf("the files say %q and %q", mm.Unit, cm.Unit)
	}
	a, b := mm.Inspect(), cm.Inspect()
	for i := range 3 {
		if a.Size[i] < 10 || math.Abs(b.Size[i]-10*a.Size[i]) > 1e-3*a.Size[i] {
			t.Errorf("overall %v, and in cm %v", a.Size, b.Size)
			break
		}
	}
	for i, p := range cm.Parts {
		back, err := cm.In(p, "mm")
		if err != nil {
			t.Fatal(err)
		}
		want := mm.Parts[i]
		if math.Abs(back.Volume-want.Volume) > 1e-6*want.Volume || math.Abs(back.Inertia[0][0]-want.Inertia[0][0]) > 1e-6*math.Abs(want.Inertia[0][0]) ||
			back.High.Sub(want.High).Norm() > 1e-6*want.High.Norm() || len(back.Mesh.Positions) == 0 {
			t.Errorf("%s read in mm again: volume %g, want %g; to %v, want %v", p.Name, back.Volume, want.Volume, back.High, want.High)
		}
		f, g := back.Bores(), want.Bores()
		for k := range g {
			if math.Abs(f[k].Radius-g[k].Radius) > 1e-9 {
				t.Errorf("%s: radius %g, want %g", p.Name, f[k].Radius, g[k].Radius)
			}
		}
	}
	if iges := make1(t, r, "box 0 0 0 40 30 20", "box.iges"); iges.Unit != "mm" {
		t.Errorf("an IGES file says %q", iges.Unit)
	}
	if _, err := cm.In(cm.Parts[0], "cubit"); err == nil || !strings.Contains(err.Error(), "known are mm, in") {
		t.Errorf("an unknown unit: %v", err)
	}
	colours := 0
	for _, p := range a.Parts {
		if len(p.Color) == 3 {
			colours++
		}
	}
	if colours == 0 {
		t.Error("the file's colours are lost")
	}
}

// TestDoubt asks about sizes that few parts have.
func TestDoubt(t *testing.T) {
	for _, c := range []struct {
		long  float64
		unit  string
		doubt bool
	}{{4572, "in", true}, {180, "mm", false}, {0.4, "m", true}, {3999, "mm", false}, {0, "", false}} {
		if got := Doubt([3]float64{}, [3]float64{c.long, c.long / 9, 0}, c.unit); (got != "") != c.doubt {
			t.Errorf("%g mm: %q", c.long, got)
		}
	}
}
