package app_test

import (
	"bytes"
	"context"
	"encoding/json"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"setfast/store"
	"strings"
	"testing"

	"setfast/app"
	"setfast/app/commands"
	"setfast/core/drill"
	"setfast/core/mirror"
	"setfast/core/part"
)

// undone takes everything back that a test does to an assembly.
func undone(t *testing.T, name string) {
	t.Helper()
	from := judge(t, name).Seq
	text, err := a.Export(context.Background(), by[name])
	if err != nil {
		t.Fatal(err)
	}
	t.Cleanup(func() {
		for range 20 {
			now, err := a.Export(context.Background(), by[name])
			if err != nil || string(now) == string(text) {
				return
			}
			if _, err := a.Undo(context.Background(), by[name], judge(t, name).Seq, "test", ""); err != nil {
				t.Fatal(err)
			}
		}
		t.Errorf("%s is not what it was at %d", name, from)
	})
}

// face finds a feature of a component by kind and where it is, in the assembly.
func face(t *testing.T, j *app.Judged, component string, is func(f part.Feature) bool) string {
	t.Helper()
	c := j.Asm.Component(component)
	p := j.Doc.Parts[c.Part]
	at := j.Result.At(component).Pose
	for _, n := range p.Order {
		if is(p.Features[n].At(at)) {
			return component + "/" + n
		}
	}
	t.Fatalf("%s has no such feature", component)
	return ""
}

// TestMirrorOnBench mirrors a hinge bracket, which has a left and a right hand or is its own image: the copies stand on the other side, an opposite hand is a
// part of the Shelf that is linked to its source, and the same one the second time.
func TestMirrorOnBench(t *testing.T) {
	ctx := context.Background()
	const name = "Bearing stand"
	undone(t, name)
	j := judge(t, name)
	var moved string
	for _, c := range j.Asm.Components {
		if !c.Grounded && !c.Made() && c.Part != "" {
			moved = c.Name
			break
		}
	}
	m := app.Mirroring{Components: []string{moved}, Plane: []string{"@/yz"}, Base: j.Seq}
	tried, err := a.TryMirror(ctx, by[name], m)
	if err != nil || len(tried.Copied) != 1 {
		t.Fatalf("%v, %+v", err, tried)
	}
	p, err := a.Mirror(ctx, by[name], "test", m)
	if err != nil {
		t.Fatal(err)
	}
	copied := p.Judged.Asm.Component(tried.Copied[0].To)
	if copied == nil {
		t.Fatalf("%s is not there", tried.Copied[0].To)
	}
	was, is := j.Result.At(moved).Pose.O, p.Judged.Result.At(copied.Name).Pose.O
	if tried.Copied[0].Hand == mirror.Same && math.Abs(was.Y-is.Y) > 1 {
		t.Errorf("mirrored at yz from %v to %v", was, is)
	}
	if _, err := a.TryMirror(ctx, by[name], app.Mirroring{Components: []string{moved}, Plane: []string{moved + "/nothing"}}); err == nil {
		t.Error("a plane that is not there was taken")
	}
}

// TestMirroredJoint mirrors a block with its screws midway between the plate's ends, to where the plate has holes for it: all of it comes along, and all is set.
func TestMirroredJoint(t *testing.T) {
	ctx := context.Background()
	const name = "Bolted stand"
	undone(t, name)
	j := do2(t, name, commands.Remove{Component: "Bearing block 2"})
	end := func(x float64) string {
		return face(t, j, "Wall plate", func(f part.Feature) bool {
			return f.Kind == part.Plane && math.Abs(f.Z.X) > 0.99 && math.Abs(f.O.X-x) < 1
		})
	}
	m := app.Mirroring{Components: []string{"Bearing block"}, Plane: []string{end(0), end(180)}, Base: j.Seq}
	p, err := a.Mirror(ctx, by[name], "test", m)
	if err != nil {
		t.Fatal(err)
	}
	if got := p.Judged.Joints(); len(got) != 2 || got[1].Name != "left foot-m" || got[1].Grip != got[0].Grip || len(got[1].Findings) > 0 {
		t.Errorf("%+v", got)
	}
	if r := p.Judged.Result; r.Verdict != "set" || r.Left != r.Idle {
		t.Errorf("%s, %d left, %d idle", r.Verdict, r.Left, r.Idle)
	}
}

// TestOppositeHands mirrors a bracket that has a left and a right hand, twice, and a subassembly: the bracket gets one new part, linked to it, the subassembly one
// of its own that stands as the other does, seen in the mirror.
func TestOppositeHands(t *testing.T) {
	ctx := context.Background()
	const hinge, drive = "Vent hinge", "Crank drive"
	undone(t, hinge)
	undone(t, drive)
	handOver(t, "ear", "box 0 0 0 60 40 6\nbox 0 0 0 6 40 44\nfuse\ncyl -1 28 30 1 0 0 4.1 8\ncut\ncyl 40 20 -1 0 0 1 3.3 8\ncut\nproduct Ear\n")
	do2(t, hinge, commands.Place{Items: []string{item(t, "Ear")}})
	parts := map[string]bool{}
	for range 2 {
		p, err := a.Mirror(ctx, by[hinge], "test", app.Mirroring{Components: []string{"Ear"}, Plane: []string{"@/yz"}, Base: judge(t, hinge).Seq})
		if err != nil {
			t.Fatal(err)
		}
		all := p.Judged.Asm.Components
		made := p.Judged.Parts[all[len(all)-1].Part]
		parts[made.Key()] = true
		if l := app.LinkOf(made); l == nil || l.How != app.Mirrored || made.Name != "Ear, opposite hand" {
			t.Errorf("%+v", made)
		}
	}
	if len(parts) != 1 {
		t.Errorf("one opposite hand became %v", parts)
	}
	j := judge(t, drive)
	p, err := a.Mirror(ctx, by[drive], "test", app.Mirroring{Components: []string{"Bearing stand"}, Plane: []string{"@/yz"}, Base: j.Seq})
	if err != nil {
		t.Fatal(err)
	}
	all := p.Judged.Asm.Components
	sub := all[len(all)-1]
	id, isPart, err := app.KeyID(sub.Assembly)
	if err != nil || isPart || sub.Assembly == j.Asm.Component("Bearing stand").Assembly {
		t.Fatalf("%+v, %v", sub, err)
	}
	one, err := a.Judge(ctx, id)
	if err != nil || one.Result.Verdict != "set" || len(one.Asm.Components) != len(judge(t, "Bearing stand").Asm.Components) {
		t.Errorf("%v, %+v", err, one)
	}
}

// TestMadeOfOthers raises a spacer of the plate's outline, drills it after a hole of the block that lies on the plate, and follows when the block moves. Closed
// forms: the plate's volume goes with its thickness, a hole takes π r² h.
func TestMadeOfOthers(t *testing.T) {
	ctx := context.Background()
	const name = "Bolted stand"
	undone(t, name)
	j := judge(t, name)
	plate := j.Asm.Base().Name
	side := face(t, j, plate, func(f part.Feature) bool { return f.Kind == part.Plane && f.Z.X > 0.99 })
	p, err := a.Outline(ctx, by[name], "test", app.Outlining{Face: side, Thick: 4, Name: "Shim", Base: j.Seq})
	if err != nil {
		t.Fatal(err)
	}
	volume := func(j *app.Judged, c string) float64 { return j.Doc.Parts[j.Asm.Component(c).Part].Volume.MM3 }
	first := volume(p.Judged, "Shim")
	if p.Judged.Result.At("Shim").Left != 0 || first <= 0 {
		t.Errorf("the shim has %d left and %g mm³", p.Judged.Result.At("Shim").Left, first)
	}
	p, err = a.Outline(ctx, by[name], "test", app.Outlining{Face: side, Thick: 8, Name: "Thick shim", Base: p.Seq})
	if err != nil {
		t.Fatal(err)
	}
	if got := volume(p.Judged, "Thick shim"); math.Abs(got-2*first) > 1e-6*got {
		t.Errorf("twice as thick is %g, not %g", got, 2*first)
	}
	// a cover over the plate: drilled after the first of the plate's holes that lies under it
	do2(t, name, commands.Place{Items: []string{item(t, "Cover")}})
	do2(t, name, commands.Ground{Component: "Cover", On: true, Origin: true})
	do2(t, name, commands.Ground{Component: "Cover"})
	shift := func(x, y, z string) *app.Judged {
		return do2(t, name, commands.Shift{Components: []string{"Cover"}, By: []json.RawMessage{[]byte(x), []byte(y), []byte(z)}})
	}
	j = shift("17", "9", "12")
	whole := volume(j, "Cover")
	said := drill.Said{Kind: "clearance", Thread: "M6"}
	for _, n := range j.Doc.Parts[j.Asm.Base().Part].Order {
		if f, _ := j.Doc.Parts[j.Asm.Base().Part].Feature(n); f.Kind == part.Cylinder && f.Side == "hole" {
			said.From = []string{plate + "/" + n}
			if _, err = a.TryDrill(ctx, by[name], app.Drilling{Said: said, Into: "Cover"}); err == nil {
				break
			}
		}
	}
	if err != nil {
		t.Fatal(err)
	}
	holes, err := a.TryDrill(ctx, by[name], app.Drilling{Said: said, Into: "Cover"})
	if err != nil || len(holes) != 1 || holes[0].Diameter != 6.6 {
		t.Fatalf("%v, %+v", err, holes)
	}
	for what, d := range map[string]app.Drilling{
		"itself":                      {Said: drill.Said{From: []string{"Cover/f1"}, Kind: "own"}, Into: "Cover"},
		"meets nothing of Thick shim": {Said: drill.Said{From: said.From, Kind: "clearance"}, Into: "Thick shim"},
		"no kind of hole":             {Said: drill.Said{From: said.From, Kind: "round"}, Into: "Shim"},
		"no thread that is":           {Said: drill.Said{From: said.From, Kind: "tapped", Thread: "M7"}, Into: "Cover"},
		"is through: the wall":        {Said: drill.Said{From: said.From, Kind: "tapped", Thread: "M6", Depth: 500}, Into: "Cover"},
		"placed here itself":          {Said: drill.Said{From: said.From, Kind: "own"}, Into: "left foot/screw-1"},
		"after which holes":           {Said: drill.Said{Kind: "own"}, Into: "Cover"},
		"are about one axis":          {Said: drill.Said{From: []string{said.From[0], said.From[0]}, Kind: "own"}, Into: "Cover"},
		"series of clearance":         {Said: drill.Said{From: said.From, Kind: "clearance", Thread: "M6", Series: "wide"}, Into: "Cover"},
		"a head wants a hole":         {Said: drill.Said{From: said.From, Kind: "countersunk", Thread: "M2", Depth: 0.1}, Into: "Cover"},
		"has no diameter of it":       {Said: drill.Said{From: []string{plate + "/z"}, Kind: "own"}, Into: "Cover"},
	} {
		if _, err := a.TryDrill(ctx, by[name], d); err == nil || !strings.Contains(err.Error(), what) {
			t.Errorf("%q: %v", what, err)
		}
	}
	if p, err = a.Drill(ctx, by[name], "test", app.Drilling{Said: said, Into: "Cover", Base: j.Seq}); err != nil {
		t.Fatal(err)
	}
	took := math.Pi * 3.3 * 3.3 * holes[0].Depth
	if got := whole - volume(p.Judged, "Cover"); math.Abs(got-took) > 1e-3 {
		t.Errorf("drilling took %g mm³, not %g", got, took)
	}
	key := p.Judged.Asm.Component("Cover").Part
	stale, linked, err := a.Dated(ctx, by[name])
	if err != nil || len(stale) != 0 || len(linked) != 3 {
		t.Errorf("%v, %+v, %+v", err, stale, linked)
	}
	j = shift("2", "0", "0")
	stale, _, err = a.Dated(ctx, by[name])
	if err != nil || len(stale) != 1 || stale[0].How != app.Drilled {
		t.Fatalf("%v, %+v", err, stale)
	}
	if p, err = a.Follow(ctx, by[name], "test", app.Follow{Component: "Cover", Base: j.Seq}); err != nil {
		t.Fatal(err)
	}
	if got := whole - volume(p.Judged, "Cover"); p.Judged.Asm.Component("Cover").Part == key || math.Abs(got-took) > 1e-3 {
		t.Errorf("followed to %s, which lacks %g mm³", p.Judged.Asm.Component("Cover").Part, got)
	}
	if err := a.Break(ctx, by[name], "Shim"); err != nil {
		t.Error(err)
	}
	if _, linked, _ := a.Dated(ctx, by[name]); len(linked) != 2 {
		t.Errorf("a broken link leaves %+v", linked)
	}
}

// do2 carries an act out; the test takes it back itself.
func do2(t *testing.T, name string, c commands.Command) *app.Judged {
	t.Helper()
	p, err := a.Do(context.Background(), by[name], "test", commands.Meant{Base: judge(t, name).Seq, Command: c})
	if err != nil {
		t.Fatal(err)
	}
	return p.Judged
}

// item is the key of a part by its name.
func item(t *testing.T, name string) string {
	t.Helper()
	rows, err := a.Store.Parts(context.Background(), sampleProject)
	if err != nil {
		t.Fatal(err)
	}
	for _, r := range rows {
		if r.Name == name && !r.Off {
			return r.Key()
		}
	}
	t.Fatalf("there is no part %s", name)
	return ""
}

// TestNewerFile hands in a newer file of a part that is placed: it is told as older, compared, and taken. A hole that moved takes its relation along, one that is
// gone leaves it broken, with the nearest one proposed; kept on purpose it is told quietly.
func TestNewerFile(t *testing.T) {
	ctx := context.Background()
	send := func(holes string) {
		t.Helper()
		handOver(t, "riser", "box 0 0 0 80 40 8\n"+holes+"product Riser\n")
	}
	hole := func(x, y, r float64) string { return fmt.Sprintf("cyl %g %g -1 0 0 1 %g 10\ncut\n", x, y, r) }
	send(hole(15, 20, 3.3) + hole(60, 20, 2))
	id, err := a.Store.CreateAssembly(ctx, store.Assembly{ProjectID: sampleProject, Name: "Risen"})
	if err != nil {
		t.Fatal(err)
	}
	by["Risen"] = id
	old := item(t, "Riser")
	do2(t, "Risen", commands.Place{Items: []string{item(t, "Wall plate"), old}})
	j := do2(t, "Risen", commands.Ground{Component: "Wall plate", On: true, Origin: true})
	on := func(component string, r float64) string {
		return face(t, j, component, func(f part.Feature) bool {
			return f.Kind == part.Cylinder && f.Side == "hole" && math.Abs(f.Radius-r) < 1e-6
		})
	}
	do2(t, "Risen", commands.Relate{Type: "concentric", Put: on("Riser", 3.3), On: on("Wall plate", 3.3)})
	j = do2(t, "Risen", commands.Relate{Type: "parallel", Put: on("Riser", 2), On: on("Wall plate", 3.3)})
	if stale, _, err := a.Dated(ctx, id); err != nil || len(stale) != 0 {
		t.Fatalf("%v, %+v", err, stale)
	}
	send(hole(16, 20, 3.3) + hole(60, 20, 5))
	stale, _, err := a.Dated(ctx, id)
	if err != nil || len(stale) != 1 || stale[0].How != app.Revision || stale[0].From != old || !strings.Contains(stale[0].Says, "riser.step") {
		t.Fatalf("%v, %+v", err, stale)
	}
	r := app.Revising{From: old, To: stale[0].To, Base: j.Seq}
	c, err := a.Compare(ctx, id, r)
	if err != nil || c.Carried != 1 || len(c.Moved) != 1 || math.Abs(c.Moved[0].MM-1) > 1e-6 || len(c.Broken) != 1 || c.Broken[0].Proposal == nil || len(c.Gone) == 0 || len(c.Fresh) == 0 {
		t.Fatalf("%v, %+v", err, c)
	}
	if less := c.Old.Volume - c.New.Volume; math.Abs(less-math.Pi*(25-4)*8) > 1e-3 {
		t.Errorf("the newer one lacks %g mm³ more", less)
	}
	do2(t, "Risen", commands.Dismiss{Finding: stale[0].Finding, Why: "the jig is made for it"})
	if stale, _, err = a.Dated(ctx, id); err != nil || len(stale) != 1 || stale[0].Kept != "the jig is made for it" {
		t.Errorf("%v, %+v", err, stale)
	}
	r.Base = judge(t, "Risen").Seq
	p, err := a.Revise(ctx, id, "test", r)
	if err != nil {
		t.Fatal(err)
	}
	if m := p.Judged.Asm.Mates[1]; p.Judged.Asm.Component("Riser").Part != r.To || !m.Suppressed || !strings.Contains(m.A.Feature+m.B.Feature, "-was") {
		t.Errorf("taken: %+v", m)
	}
	if _, err := a.Undo(ctx, id, p.Seq, "test", ""); err != nil {
		t.Fatal(err)
	}
	r.Base, r.Mend = judge(t, "Risen").Seq, []string{c.Broken[0].Mate}
	if p, err = a.Revise(ctx, id, "test", r); err != nil {
		t.Fatal(err)
	}
	if m := p.Judged.Asm.Mates[1]; m.Suppressed || len(p.Judged.Result.Odds) > 0 || strings.Contains(m.A.Feature+m.B.Feature, "-was") {
		t.Errorf("mended: %+v", m)
	}
	// another assembly that has the old one changes with it
	other, err := a.Store.CreateAssembly(ctx, store.Assembly{ProjectID: sampleProject, Name: "Risen too"})
	if err != nil {
		t.Fatal(err)
	}
	by["Risen too"] = other
	do2(t, "Risen too", commands.Place{Items: []string{old}})
	if _, err := a.Undo(ctx, id, p.Seq, "test", ""); err != nil {
		t.Fatal(err)
	}
	if c, err = a.Compare(ctx, id, r); err != nil || len(c.Also) != 1 || c.Also[0].ID != other {
		t.Fatalf("%v, %+v", err, c)
	}
	r.Base, r.Also = judge(t, "Risen").Seq, []int64{other}
	if p, err = a.Revise(ctx, id, "test", r); err != nil || p.Follows != "Risen too changes too" || judge(t, "Risen too").Asm.Component("Riser").Part != r.To {
		t.Errorf("%v, %+v", err, p)
	}
	if err := a.Store.TakeOff(ctx, app.AssemblyKey(other)); err != nil {
		t.Error(err)
	}
	if err := a.Store.TakeOff(ctx, app.AssemblyKey(id)); err != nil {
		t.Error(err)
	}
	delete(by, "Risen")
	delete(by, "Risen too")
}

// handOver hands a part in that the kernel makes.
func handOver(t *testing.T, file, recipe string) {
	t.Helper()
	ctx, dir := context.Background(), t.TempDir()
	if err := a.Kernel.Make(ctx, dir, recipe+"step made.step\n"); err != nil {
		t.Fatal(err)
	}
	data, err := os.ReadFile(filepath.Join(dir, "made.step"))
	if err != nil {
		t.Fatal(err)
	}
	_, list, err := a.Stage(ctx, sampleProject, app.Files(app.Incoming{Name: file + ".step", From: bytes.NewReader(data)}))
	if err != nil {
		t.Fatal(err)
	}
	if f, err := a.ReadStaged(ctx, sampleProject, list[0].ID); err != nil || f.State != "done" {
		t.Fatalf("%v, %+v", err, f)
	}
}
