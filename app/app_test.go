package app_test

import (
	"context"
	"errors"
	"fmt"
	"math"
	"os"
	"slices"
	"strings"
	"sync"
	"testing"

	"setfast/app"
	"setfast/app/commands"
	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/laid"
	"setfast/core/report"
	"setfast/demo"
	"setfast/internal/bed"
	"setfast/store"
)

var (
	a  *app.App
	by = map[string]int64{} // assemblies of the sample project by name
)

func TestMain(m *testing.M) {
	os.Exit(bed.Run(func(ctx context.Context, made *app.App) int {
		a = made
		if err := load(ctx); err != nil {
			fmt.Fprintln(os.Stderr, err)
			return 1
		}
		return m.Run()
	}))
}

var sampleProject int64

// load makes the sample project and notes its assemblies.
func load(ctx context.Context) error {
	if err := demo.Load(ctx, a, nil); err != nil {
		return err
	}
	ps, err := a.Store.Projects(ctx)
	if err != nil {
		return err
	}
	sampleProject = ps[0].ID
	as, err := a.Store.Assemblies(ctx, sampleProject)
	for _, x := range as {
		by[x.Name] = x.ID
	}
	return err
}

func judge(t *testing.T, name string) *app.Judged {
	t.Helper()
	j, err := a.Judge(context.Background(), by[name])
	if err != nil {
		t.Fatal(err)
	}
	return j
}

// do carries an act out and takes it back when the test is over.
func do(t *testing.T, name string, c commands.Command) *app.Judged {
	t.Helper()
	p, err := a.Do(context.Background(), by[name], "test", commands.Meant{Base: judge(t, name).Seq, Command: c})
	if err != nil {
		t.Fatal(err)
	}
	j := p.Judged
	t.Cleanup(func() {
		if _, err := a.Undo(context.Background(), by[name], judge(t, name).Seq, "test", ""); err != nil {
			t.Error(err)
		}
	})
	return j
}

func refuses(t *testing.T, name string, c commands.Command, says string) {
	t.Helper()
	before := judge(t, name)
	_, err := a.Do(context.Background(), by[name], "test", commands.Meant{Base: before.Seq, Command: c})
	var ue *app.UserError
	if !errors.As(err, &ue) || !strings.Contains(err.Error(), says) {
		t.Errorf("%+v: %v, want %q", c, err, says)
	}
	if after := judge(t, name); after.Seq != before.Seq {
		t.Errorf("%+v was refused, and yet something was written", c)
	}
}

// TestSample: the four assemblies say what they were made to show.
func TestSample(t *testing.T) {
	for name, want := range map[string]report.Verdict{"Bearing stand": "set", "Crank drive": "moves as planned", "Vent hinge": "loose", "Covered plate": "at odds"} {
		if j := judge(t, name); j.Report.Verdict != want {
			t.Errorf("%s is %s, want %s", name, j.Report.Verdict, want)
		}
	}
}

// TestRemedies carries out each remedy that the sample's conflict offers; each by itself settles it.
func TestRemedies(t *testing.T) {
	j := judge(t, "Covered plate")
	if len(j.Result.Odds) != 1 {
		t.Fatalf("%d conflicts", len(j.Result.Odds))
	}
	for k, r := range j.Result.Odds[0].Remedies {
		t.Run(fmt.Sprint(r.Kind, " ", r.Mate), func(t *testing.T) {
			if j := do(t, "Covered plate", commands.Remedy{Finding: 0, Remedy: k}); len(j.Result.Odds) != 0 || j.Report.Verdict != "set" {
				t.Errorf("%+v leaves it %s", r, j.Report.Verdict)
			}
		})
	}
	refuses(t, "Covered plate", commands.Remedy{Finding: 0, Remedy: 99}, "settled already")
	refuses(t, "Covered plate", commands.Remedy{Finding: -1}, "settled already")
}

// TestPark keeps a crank where it was pulled to, and takes nothing that is no place.
func TestPark(t *testing.T) {
	j := judge(t, "Crank drive")
	name := "Crank arm"
	var crank report.Motion
	for _, m := range j.Result.Motions {
		if m.Class == report.Planned {
			crank = m
		}
	}
	poses := map[string]geom.Pose{}
	for _, n := range crank.Rides { // all that turns with the shaft, a bit on
		p := j.Asm.Component(n).Pose
		poses[n] = p.Turned(geom.FromArray(crank.Point), geom.Vec{}, geom.FromArray(crank.Direction).Scale(0.4))
	}
	turned := poses[name]
	after := do(t, "Crank drive", commands.Move{Component: name, Poses: poses})
	if after.Report.Verdict != "moves as planned" {
		t.Errorf("parked, it is %s", after.Report.Verdict)
	}
	now := after.Asm.Component(name).Pose
	if now.Q.Mul(turned.Q.Conj()).Log().Norm() > 1e-6 || now.O.Sub(turned.O).Norm() > 1e-6 {
		t.Errorf("the arm sprang back to %v from %v", now, turned)
	}
	refuses(t, "Crank drive", commands.Move{}, "nothing was moved")
	refuses(t, "Crank drive", commands.Move{Poses: map[string]geom.Pose{"Nobody": turned}}, "no \"Nobody\"")
	refuses(t, "Crank drive", commands.Move{Poses: map[string]geom.Pose{name: {O: geom.V(math.NaN(), 0, 0), Q: geom.Identity}}}, "place in space")
	refuses(t, "Crank drive", commands.Move{Poses: map[string]geom.Pose{name: {}}}, "no pose")
}

// TestActs goes through what can be done on the Bench, and sees each taken back.
func TestActs(t *testing.T) {
	hinge := "Vent hinge"
	j := judge(t, hinge)
	mate := j.Asm.Mates[0].ID
	free := ""
	for _, c := range j.Asm.Components {
		if !c.Grounded && free == "" {
			free = c.Name
		}
	}
	t.Run("suppress", func(t *testing.T) {
		if k := do(t, hinge, commands.Suppress{Relation: mate, On: true}); k.Result.Removed >= j.Result.Removed {
			t.Errorf("removed %d, was %d", k.Result.Removed, j.Result.Removed)
		}
	})
	t.Run("suppress a part", func(t *testing.T) {
		if k := do(t, hinge, commands.Suppress{Component: free, On: true}); k.Result.Opening != j.Result.Opening-6 {
			t.Errorf("opening %d, was %d", k.Result.Opening, j.Result.Opening)
		}
	})
	t.Run("rename", func(t *testing.T) {
		k := do(t, hinge, commands.Rename{Component: free, To: "Renamed"})
		if k.Asm.Component(free) != nil || k.Asm.Component("Renamed") == nil || k.Result.Removed != j.Result.Removed {
			t.Errorf("renamed, it removes %d, was %d", k.Result.Removed, j.Result.Removed)
		}
	})
	t.Run("ground where it stands", func(t *testing.T) {
		if k := do(t, hinge, commands.Ground{Component: free, On: true}); k.Result.Opening != j.Result.Opening-6 {
			t.Errorf("opening %d", k.Result.Opening)
		}
	})
	t.Run("count spins", func(t *testing.T) {
		held := true
		do(t, hinge, commands.Settings{FastenersHeld: &held})
	})
	t.Run("delete a relation", func(t *testing.T) {
		if k := do(t, hinge, commands.Unrelate{Relation: mate}); k.Asm.Mate(mate) != nil {
			t.Error("the relation is still there")
		}
	})
	t.Run("remove a part", func(t *testing.T) {
		k := do(t, hinge, commands.Remove{Component: free})
		refs := func(m *assembly.Mate) bool { return m.A.Head() == free || m.B.Head() == free }
		if k.Asm.Component(free) != nil || slices.ContainsFunc(k.Asm.Mates, refs) {
			t.Error("the part, or a relation to it, is still there")
		}
	})
	for says, c := range map[string]commands.Command{
		"choose something":    commands.Place{},
		"must not be empty":   commands.Rename{Component: free, To: "  "},
		"no \"gone\" here":    commands.Ground{Component: "gone", On: true},
		"relation \"gone\"":   commands.Set{Relation: "gone"},
		"names neither":       commands.Place{Items: []string{"x1"}},
		"at most 500":         commands.Place{Items: make([]string, 501)},
		"no \"x\" here":       commands.Remove{Component: "x"},
		"reference":           commands.Relate{Type: "concentric", Put: "nonsense", On: "also"},
		"inside itself":       commands.Place{Items: []string{app.AssemblyKey(by[hinge])}},
		"no longer there":     commands.Place{Items: []string{"a999999"}},
		"no longer on the Sh": commands.Place{Items: []string{"p999999"}},
	} {
		refuses(t, hinge, c, says)
	}
	if k := judge(t, hinge); k.Report.Verdict != j.Report.Verdict || k.Result.Removed != j.Result.Removed {
		t.Errorf("after all was taken back: %s, removed %d; was %s, %d", k.Report.Verdict, k.Result.Removed, j.Report.Verdict, j.Result.Removed)
	}
}

// TestStaleBase: an act made on an older state is refused where it would touch what changed since.
func TestStaleBase(t *testing.T) {
	seq := judge(t, "Vent hinge").Seq
	do(t, "Vent hinge", commands.Title{To: "Hinge"})
	if _, err := a.Do(context.Background(), by["Vent hinge"], "test", commands.Meant{Base: seq, Command: commands.Title{To: "Other"}}); !errors.Is(err, store.ErrMoved) {
		t.Errorf("an act on an old state: %v", err)
	}
}

// TestExports: both documents of an assembly read back with the same freedoms, the whole one with the same verdict too; the bare
// one is not the larger.
func TestExports(t *testing.T) {
	ctx := context.Background()
	for name, id := range by {
		whole, err := a.Export(ctx, id)
		if err != nil {
			t.Fatal(err)
		}
		bare, err := a.Bare(ctx, id)
		if err != nil {
			t.Fatal(err)
		}
		if len(bare) > len(whole) {
			t.Errorf("%s: the bare document has %d bytes, the whole %d", name, len(bare), len(whole))
		}
		want := judge(t, name).Result
		for what, data := range map[string][]byte{"whole": whole, "bare": bare} {
			d, err := format.Read(data)
			if err != nil {
				t.Fatalf("%s: %v", name, err)
			}
			x, err := laid.Out(ctx, d, nil)
			if err != nil || x.Failed != nil {
				t.Fatalf("%s, %s: %v, %v", name, what, err, x.Failed)
			}
			rep, err := account.Check(ctx, x.Document, nil)
			if err != nil {
				t.Fatalf("%s: %v", name, err)
			}
			got := rep.Assemblies[d.Root]
			if got.Left != want.Left || got.Removed != want.Removed || what == "whole" && (got.Verdict != want.Verdict || got.Idle != want.Idle) {
				t.Errorf("%s, %s, read back: %s, left %d, idle %d; was %s, %d, %d", name, what, got.Verdict, got.Left, got.Idle, want.Verdict, want.Left, want.Idle)
			}
		}
	}
}

// TestSwingsTogether shows one motion to many at once.
func TestSwingsTogether(t *testing.T) {
	j := judge(t, "Crank drive")
	var wg sync.WaitGroup
	want := j.Swing(0)
	for range 8 {
		wg.Add(1)
		go func() {
			defer wg.Done()
			got := j.Swing(0)
			if len(got) != len(want) || len(got) < 3 {
				t.Errorf("%d poses, want %d", len(got), len(want))
			}
		}()
	}
	wg.Wait()
}

// TestFlexibleUse places the crank drive in an assembly of its own, rigid and then moving in itself: its planned turn lives on
// there, its parts are told, and both can be taken back.
func TestFlexibleUse(t *testing.T) {
	ctx := context.Background()
	id, err := a.Store.CreateAssembly(ctx, store.Assembly{ProjectID: sampleProject, Name: "Opener"})
	if err != nil {
		t.Fatal(err)
	}
	by["Opener"] = id
	t.Cleanup(func() { delete(by, "Opener") })
	j := do(t, "Opener", commands.Place{Items: []string{app.AssemblyKey(by["Crank drive"])}})
	if j.Result.Opening != 0 || j.Report.Verdict != "set" {
		t.Errorf("rigid and grounded: opening %d, %s", j.Result.Opening, j.Report.Verdict)
	}
	drive := judge(t, "Crank drive").Result
	j = do(t, "Opener", commands.Flex{Component: "Crank drive", On: true})
	r := j.Result
	if r.Opening != drive.Opening || r.Left != drive.Left || r.Planned != drive.Planned || r.Verdict != drive.Verdict {
		t.Errorf("moving in itself: opening %d left %d planned %d, %s; by itself %d %d %d, %s", r.Opening, r.Left, r.Planned, r.Verdict, drive.Opening, drive.Left, drive.Planned, drive.Verdict)
	}
	if b := r.Body([]string{"Crank drive"}); b != "Crank drive/Bearing stand" || r.At("Crank drive").Pose.Q != geom.Identity {
		t.Errorf("it is known by %q, at %v", b, r.At("Crank drive"))
	}
	if b := r.Body([]string{"Crank drive", "Crank arm"}); b != "Crank drive/Crank arm" {
		t.Errorf("its arm is %q", b)
	}
	refuses(t, "Crank drive", commands.Flex{Component: "Crank arm", On: true}, "is a part")
	offers, err := a.Offers(ctx, id, "Crank drive/Crank arm/x", "@/x", "", true)
	if err != nil || len(offers) == 0 {
		t.Fatalf("%d offers, %v", len(offers), err)
	}
	for _, o := range offers {
		if o.Before != 1 {
			t.Errorf("an arm that turns has one freedom before, not %d: %+v", o.Before, o)
		}
	}
}
