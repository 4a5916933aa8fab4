package kernel

import (
	"bytes"
	"context"
	"math"
	"testing"
	"time"

	"setfast/core/geom"
	"setfast/core/standard"
)

// TestCatalogue makes one fastener of each standard and reads it back: its volume is that of the closed form, and the faces that are named lie
// where the table has them.
func TestCatalogue(t *testing.T) {
	r := runner(t)
	ctx := context.Background()
	names := []string{"ISO 4762 M6x20", "ISO 4014 M10x60", "ISO 4017 M8x25", "ISO 10642 M5x16", "ISO 7380-1 M6x12", "ISO 4026 M6x8", "ISO 4032 M6", "ISO 4035 M6",
		"ISO 7040 M6", "DIN 985 M8", "ISO 7089 M6", "ISO 7090 M10", "ISO 2338 6x30", "ISO 8734 5x20", "DIN 471 20", "DIN 472 20", "ASME B18.3 1/4-20x1", "ASME B18.2.2 1/4"}
	all := map[string]*standard.Fastener{}
	var list []*standard.Fastener
	for _, name := range names {
		f, err := standard.Read(name)
		if err != nil {
			t.Fatal(err)
		}
		all[f.Designation()] = f
		list = append(list, f)
	}
	_, im, err := r.Fasteners(ctx, t.TempDir(), list)
	if err != nil {
		t.Fatal(err)
	}
	for _, made := range im.Parts {
		name := made.Name
		f := all[name]
		if f == nil || made.Solids != 1 {
			t.Errorf("%s: %+v", name, made)
			continue
		}
		if v, want := made.Volume, f.Volume(); math.Abs(v-want) > 1e-6*want {
			t.Errorf("%s: volume %g, want %g", name, v, want)
		}
		p := Derive(made).Part()
		for n, at := range f.Places() {
			if at.Kind == "axis" {
				continue
			}
			got, ok := p.Features[n]
			if !ok {
				t.Errorf("%s: no face is named %q", name, n)
				continue
			}
			off := got.O.Sub(geom.FromArray(at.O))
			if at.Kind == "plane" {
				off = got.Z.Scale(off.Dot(got.Z))
			} else {
				off = off.Reject(got.Z)
			}
			if string(got.Kind) != at.Kind || off.Norm() > 1e-6 || at.Kind == "plane" && got.Z.Dot(geom.FromArray(at.Z)) < 1-1e-9 || at.Radius > 0 && math.Abs(got.Radius-at.Radius) > 1e-6 {
				t.Errorf("%s: %s is %+v, want %+v", name, n, got, at)
			}
		}
	}
	f := all["ISO 7089 M6"]
	one, err := r.Catalogue(ctx, f)
	time.Sleep(time.Second) // files tell the second in which they were written
	if two, again := r.Catalogue(ctx, f); err != nil || again != nil || !bytes.Equal(one, two) {
		t.Errorf("made again it is another file: %v, %v", err, again)
	}
}
