package app_test

import (
	"bytes"
	"context"
	"math"
	"os"
	"strings"
	"testing"

	"setfast/app"
	"setfast/app/commands"
	"setfast/store"
)

// TestReread brings a file in whose unit is wrong and reads one of its parts in another: its size follows, where it is used and on the
// Shelf, and it can be taken back.
func TestReread(t *testing.T) {
	ctx := context.Background()
	project, err := a.Store.CreateProject(ctx, "Reread")
	if err != nil {
		t.Fatal(err)
	}
	as1, err := os.ReadFile("../kernel/testdata/as1-oc-214.stp")
	if err != nil {
		t.Fatal(err)
	}
	text := strings.ReplaceAll(string(as1), "SI_UNIT(.MILLI.,.METRE.)", "SI_UNIT(.CENTI.,.METRE.)")
	_, files, err := a.Stage(ctx, project, app.Files(app.Incoming{Name: "as1.stp", From: bytes.NewReader([]byte(text))}))
	if err != nil {
		t.Fatal(err)
	}
	if f, err := a.ReadStaged(ctx, project, files[0].ID); err != nil || f.State != "done" {
		t.Fatal(f, err)
	}
	parts, err := a.Store.Parts(ctx, project)
	if err != nil {
		t.Fatal(err)
	}
	at := -1
	for i, p := range parts {
		if p.Name == "rod" {
			at = i
		}
	}
	long := func() (mm float64, unit string) {
		p, err := a.Store.Part(ctx, parts[at].ID)
		if err != nil {
			t.Fatal(err)
		}
		d, _, err := a.Derived(ctx, p.DerivedSHA256)
		if err != nil {
			t.Fatal(err)
		}
		for i := range d.Low {
			mm = math.Max(mm, d.High[i]-d.Low[i])
		}
		return mm, d.Unit
	}
	id, err := a.Store.CreateAssembly(ctx, store.Assembly{ProjectID: project, Name: "Rods"})
	if err != nil {
		t.Fatal(err)
	}
	act(t, id, commands.Place{Items: []string{parts[at].Key()}})
	volume := func() float64 {
		p := judgeID(t, id).Doc.Parts[parts[at].Key()]
		return p.Volume.MM3
	}
	if mm, unit := long(); math.Abs(mm-2000) > 1e-6 || unit != "cm" {
		t.Errorf("as filed it is %g mm long, in %q", mm, unit)
	}
	filed := volume()
	if err := a.Reread(ctx, parts[at].ID, "mm"); err != nil {
		t.Fatal(err)
	}
	if mm, unit := long(); math.Abs(mm-200) > 1e-6 || unit != "cm" {
		t.Errorf("read in mm it is %g mm long, in %q", mm, unit)
	}
	if v := volume(); math.Abs(v-filed/1000) > 1e-6*v {
		t.Errorf("in the assembly its volume is %g, want %g", v, filed/1000)
	}
	if err := a.Reread(ctx, parts[at].ID, "cubit"); err == nil || !strings.Contains(err.Error(), "known are mm, in") {
		t.Errorf("an unknown unit: %v", err)
	}
	if err := a.Reread(ctx, parts[at].ID, ""); err != nil {
		t.Fatal(err)
	}
	if mm, _ := long(); math.Abs(mm-2000) > 1e-6 {
		t.Errorf("as filed again it is %g mm long", mm)
	}
}
