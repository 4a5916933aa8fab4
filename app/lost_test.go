package app_test

import (
	"archive/zip"
	"bytes"
	"context"
	"errors"
	"fmt"
	"io"
	"os"
	"path/filepath"
	"slices"
	"strings"
	"sync"
	"testing"
	"time"

	"setfast/app"
	"setfast/app/commands"
	"setfast/core/edit"
	"setfast/kernel"
	"setfast/store"
)

// newAssembly starts an assembly in the sample project.
func newAssembly(t *testing.T, name string) (id, project int64) {
	t.Helper()
	ps, err := a.Store.Projects(context.Background())
	if err != nil {
		t.Fatal(err)
	}
	project = ps[len(ps)-1].ID
	id, err = a.Store.CreateAssembly(context.Background(), store.Assembly{ProjectID: project, Name: name})
	if err != nil {
		t.Fatal(err)
	}
	return id, project
}

// act carries an act out on an assembly as it stands.
func act(t *testing.T, id int64, what commands.Command) *app.Posted {
	t.Helper()
	p, err := tryAct(id, what)
	if err != nil {
		t.Fatalf("%+v: %v", what, err)
	}
	return p
}

func tryAct(id int64, what commands.Command) (*app.Posted, error) {
	for {
		st, err := a.Store.State(context.Background(), id)
		if err != nil {
			return nil, err
		}
		p, err := a.Do(context.Background(), id, "test", commands.Meant{Base: st.Seq, Command: what})
		if !errors.Is(err, store.ErrMoved) {
			return p, err
		}
	}
}

func back(t *testing.T, id int64, kind func(context.Context, int64, int64, string, string) (*app.Posted, error)) *app.Posted {
	t.Helper()
	st, err := a.Store.State(context.Background(), id)
	if err != nil {
		t.Fatal(err)
	}
	p, err := kind(context.Background(), id, st.Seq, "test", "")
	if err != nil {
		t.Fatal(err)
	}
	return p
}

// partNamed makes a copy of a sample part, so that it can be taken away without harm to the rest.
func partNamed(t *testing.T, project int64, name string) store.Part {
	t.Helper()
	all, err := a.Store.Parts(context.Background(), project)
	if err != nil {
		t.Fatal(err)
	}
	p := all[0]
	p.Name, p.SourceID, p.DerivedVersion = name, fmt.Sprintf("%064x", time.Now().UnixNano()), -1
	p, fresh, err := a.Store.AddPart(context.Background(), p)
	if err != nil || !fresh {
		t.Fatal(fresh, err)
	}
	p.DerivedVersion = kernel.Version
	if err := a.Store.SetDerived(context.Background(), p); err != nil {
		t.Fatal(err)
	}
	return p
}

// TestManyAtOnce lets far more people edit one assembly at once than there are connections, while the server is asked how it is:
// it answers throughout, and every edit that was acknowledged is there.
func TestManyAtOnce(t *testing.T) {
	id, _ := newAssembly(t, "Many at once")
	ctx, cancel := context.WithTimeout(context.Background(), time.Minute)
	defer cancel()
	var wg sync.WaitGroup
	const people, each = 40, 3
	errs := make(chan error, people*each)
	for i := range people {
		wg.Go(func() {
			for k := range each {
				_, err := tryAct(id, commands.Title{To: fmt.Sprintf("by %d, %d", i, k)})
				errs <- err
			}
		})
	}
	done := make(chan struct{})
	go func() { wg.Wait(); close(done) }()
	for asking := true; asking; {
		select {
		case <-done:
			asking = false
		case <-ctx.Done():
			t.Fatal("it came to a standstill")
		case <-time.After(10 * time.Millisecond):
			soon, end := context.WithTimeout(ctx, 5*time.Second)
			if err := a.Store.Ping(soon); err != nil {
				t.Errorf("while %d people edit: %v", people, err)
			}
			end()
		}
	}
	close(errs)
	for err := range errs {
		if err != nil {
			t.Error(err)
		}
	}
	st, err := a.Store.State(context.Background(), id)
	if err != nil || st.Seq != people*each {
		t.Errorf("%d lines for %d acts, %v", st.Seq, people*each, err)
	}
}

// TestSharedReads lets many look at one assembly of more than a few parts at the same time, in every way there is: what they share
// is never changed. The race detector tells; without it the old index would end the program now and then.
func TestSharedReads(t *testing.T) {
	id, project := newAssembly(t, "Shared")
	parts, err := a.Store.Parts(context.Background(), project)
	if err != nil {
		t.Fatal(err)
	}
	act(t, id, commands.Place{Items: slices.Repeat([]string{parts[0].Key(), parts[1].Key()}, 12)})
	names := judgeID(t, id).Asm.Components
	var wg sync.WaitGroup
	for i := range 12 {
		wg.Go(func() {
			ctx := context.Background()
			j, err := a.Judge(ctx, id)
			if err != nil {
				t.Error(err)
				return
			}
			for _, c := range names {
				if j.Asm.Component(c.Name) == nil || j.Asm.Component("nobody") != nil {
					t.Errorf("%s is not found", c.Name)
				}
			}
			switch i % 4 {
			case 0:
				_, err = a.Offers(ctx, id, names[i+1].Name+"/x", names[0].Name+"/x", "")
			case 1:
				_, err = a.Export(ctx, id)
			case 2:
				j.Swing(0)
			case 3:
				_, err = tryAct(id, commands.Title{To: fmt.Sprint("seen by ", i)})
			}
			if err != nil {
				t.Error(err)
			}
		})
	}
	wg.Wait()
}

func judgeID(t *testing.T, id int64) *app.Judged {
	t.Helper()
	j, err := a.Judge(context.Background(), id)
	if err != nil {
		t.Fatal(err)
	}
	return j
}

// TestActsTouchWhatTheyName: setting a limit or a value leaves every other expression as it is written, and a new name of the
// assembly its number.
func TestActsTouchWhatTheyName(t *testing.T) {
	id, project := newAssembly(t, "Touch")
	parts, err := a.Store.Parts(context.Background(), project)
	if err != nil {
		t.Fatal(err)
	}
	act(t, id, commands.Place{Items: []string{parts[0].Key(), parts[1].Key()}})
	names := judgeID(t, id).Asm.Components
	p := act(t, id, commands.Relate{Type: "cylindrical", On: names[0].Name + "/x", Put: names[1].Name + "/x"})
	joint := p.Asm.Mates[0].ID
	set := func(w commands.Limit) {
		w.Relation, w.Of = joint, "angle"
		act(t, id, w)
	}
	num := func(x float64) *float64 { return &x }
	text := func() string {
		m := judgeID(t, id).Asm.Mate(joint)
		l, _ := m.Limits("angle")
		return fmt.Sprintf("%q %q %v %v", m.Text("limits.angle.0"), m.Text("limits.angle.1"), l.Lo != nil, l.Hi != nil)
	}
	set(commands.Limit{End: "lo", Text: "-10 deg - 5 deg"})
	set(commands.Limit{End: "hi", Text: "0.5 rad"})
	if s := text(); s != `"-10 deg - 5 deg" "0.5 rad" true true` {
		t.Errorf("both limits as expressions: %s", s)
	}
	set(commands.Limit{End: "hi", To: num(40)})
	if s := text(); s != `"-10 deg - 5 deg" "" true true` {
		t.Errorf("the upper limit a number: %s", s)
	}
	set(commands.Limit{Lo: num(-15), Hi: num(50)}) // as pages send that know no ends: the lower one as it was shown
	if s := text(); s != `"-10 deg - 5 deg" "" true true` {
		t.Errorf("both at once, one as it was: %s", s)
	}
	set(commands.Limit{End: "hi"})
	if s := text(); s != `"-10 deg - 5 deg" "" true false` {
		t.Errorf("the upper limit taken away: %s", s)
	}
	d := act(t, id, commands.Relate{Type: "distance", On: names[0].Name + "/xy", Put: names[1].Name + "/xy", Value: num(3)})
	dist := d.Asm.Mates[1].ID
	act(t, id, commands.Set{Relation: dist, Text: "1 in + 3 mm"})
	set(commands.Limit{End: "lo"})
	act(t, id, commands.Turn{Relation: dist})
	act(t, id, commands.Suppress{Relation: dist, On: true})
	if m := judgeID(t, id).Asm.Mate(dist); m.Text("value") != "1 in + 3 mm" || !m.Suppressed {
		t.Errorf("after other acts the value is written %q", m.Text("value"))
	}
	number := "GV-7"
	act(t, id, commands.Title{Number: &number})
	if j := act(t, id, commands.Title{To: "Touched"}); j.Asm.Number != "GV-7" || j.Asm.Name != "Touched" {
		t.Errorf("renamed it is %q, %q", j.Asm.Number, j.Asm.Name)
	}
}

// TestTakenOffAndBack: a part that was placed once can be taken off the Shelf, and the step that removed it still be taken back.
func TestTakenOffAndBack(t *testing.T) {
	id, project := newAssembly(t, "Taken off")
	p := partNamed(t, project, "Latch")
	act(t, id, commands.Place{Items: []string{p.Key()}})
	act(t, id, commands.Remove{Component: "Latch"})
	if err := a.Store.TakeOff(context.Background(), p.Key()); err != nil {
		t.Fatal(err)
	}
	if _, err := tryAct(id, commands.Place{Items: []string{p.Key()}}); err == nil || !strings.Contains(err.Error(), "no longer on the Shelf") {
		t.Errorf("a part that is off was placed: %v", err)
	}
	if j := back(t, id, a.Undo); j.Asm.Component("Latch") == nil || len(j.Gaps) > 0 || j.Verdict() != "set" {
		t.Errorf("taken back: %v, %s", j.Gaps, j.Verdict())
	}
	back(t, id, a.Redo)
}

// TestMissing opens an assembly whose part is gone from the store: it says so, passes in no case, and can be mended.
func TestMissing(t *testing.T) {
	id, project := newAssembly(t, "Missing")
	p, q := partNamed(t, project, "Hook"), partNamed(t, project, "Eye")
	act(t, id, commands.Place{Items: []string{p.Key(), q.Key(), q.Key()}})
	act(t, id, commands.Relate{Type: "fastened", On: "Hook/origin", Put: "Eye/origin"})
	act(t, id, commands.Relate{Type: "fastened", On: "Hook/origin", Put: "Eye 2/origin"})
	inner, _ := newAssembly(t, "With a missing part inside")
	act(t, inner, commands.Place{Items: []string{app.AssemblyKey(id)}})
	if v := judgeID(t, inner).Verdict(); v != "set" {
		t.Fatalf("whole it is %s", v)
	}
	if err := a.Store.Forget(context.Background(), q.ID); err != nil {
		t.Fatal(err)
	}
	j := judgeID(t, id)
	if j.Verdict() != app.Incomplete || len(j.Gaps) != 2 || !strings.Contains(j.Gaps[0].String(), "Eye: its part is not there any more") {
		t.Errorf("%s, %v", j.Verdict(), j.Gaps)
	}
	if v := judgeID(t, inner); v.Verdict() != app.Incomplete || len(v.Gaps) != 2 {
		t.Errorf("above it: %s, %v", v.Verdict(), v.Gaps)
	}
	if _, err := a.Export(context.Background(), id); err != nil {
		t.Errorf("exported: %v", err)
	}
	act(t, id, commands.Title{To: "Still missing"}) // other work goes on
	act(t, id, commands.Remove{Component: "Eye 2"})
	if j := act(t, id, commands.Remove{Component: "Eye"}); len(j.Gaps) != 0 || j.Verdict() != "set" || len(j.Asm.Mates) != 0 {
		t.Errorf("mended: %v, %s", j.Gaps, j.Verdict())
	}
	// a relation to a feature that is not there any more is told too, and such a relation cannot be made
	if _, err := a.Post(context.Background(), id, "test", "relate", edit.Relate{Relation: []byte(`{"id":"x","type":"coincident","a":"Hook/f999","b":"@/xy"}`)}); err == nil || !strings.Contains(err.Error(), "f999") {
		t.Errorf("a relation to nothing: %v", err)
	}
}

// TestKeys: only what is on the Shelf of the same project can be placed, under the one way its key is written.
func TestKeys(t *testing.T) {
	id, project := newAssembly(t, "Keys")
	ctx := context.Background()
	parts, err := a.Store.Parts(ctx, project)
	if err != nil {
		t.Fatal(err)
	}
	other, err := a.Store.CreateProject(ctx, "Another project")
	if err != nil {
		t.Fatal(err)
	}
	theirs, err := a.Store.CreateAssembly(ctx, store.Assembly{ProjectID: other, Name: "Theirs"})
	if err != nil {
		t.Fatal(err)
	}
	for _, key := range []string{"p0" + parts[0].Key()[1:], "p+1", "p 1", "P1", "p-1", "p1.0", "p", "", "p99999999999999999999", app.AssemblyKey(theirs)} {
		if _, err := tryAct(id, commands.Place{Items: []string{key}}); err == nil {
			t.Errorf("%q was placed", key)
		}
	}
	if _, err := tryAct(theirs, commands.Place{Items: []string{parts[0].Key()}}); err == nil {
		t.Error("a part of another project was placed")
	}
}

// TestDoublingAssemblies: fourteen levels that each use the one below twice, 16,384 parts in all, are placed, opened and weighed
// at once; were each use looked at, the higher ones would never end. A cycle of two is refused, whoever comes first.
func TestDoublingAssemblies(t *testing.T) {
	below, project := newAssembly(t, "Level 0")
	parts, err := a.Store.Parts(context.Background(), project)
	if err != nil {
		t.Fatal(err)
	}
	act(t, below, commands.Place{Items: []string{parts[0].Key()}})
	levels := 14
	first := below
	for i := range levels {
		id, _ := newAssembly(t, fmt.Sprint("Level ", i+1))
		act(t, id, commands.Place{Items: []string{app.AssemblyKey(below), app.AssemblyKey(below)}})
		below = id
	}
	ctx, cancel := context.WithTimeout(context.Background(), 20*time.Second)
	defer cancel()
	start := time.Now()
	j, err := a.Judge(ctx, below)
	if err != nil || len(j.Doc.Assemblies) != levels+1 {
		t.Fatalf("%v", err)
	}
	top, _ := newAssembly(t, "Above all levels")
	act(t, top, commands.Place{Items: []string{app.AssemblyKey(below), app.AssemblyKey(below)}})
	t.Logf("opened and placed twice in %v", time.Since(start))
	if _, err := tryAct(first, commands.Place{Items: []string{app.AssemblyKey(below)}}); err == nil || !strings.Contains(err.Error(), "inside itself") {
		t.Errorf("the highest in the lowest: %v", err)
	}
}

// TestZipBomb hands in a bundle that unpacks to a gigabyte of nothing, one of spaces behind a good beginning, and good files beside:
// the bad ones are refused, nothing of them is kept.
func TestZipBomb(t *testing.T) {
	ctx := context.Background()
	project, err := a.Store.CreateProject(ctx, "Bundles")
	if err != nil {
		t.Fatal(err)
	}
	var bundle bytes.Buffer
	z := zip.NewWriter(&bundle)
	put := func(name, head string, fill byte, size int) {
		w, err := z.Create(name)
		if err != nil {
			t.Fatal(err)
		}
		_, _ = io.WriteString(w, head)
		piece := bytes.Repeat([]byte{fill}, 1<<20)
		for range size {
			_, _ = w.Write(piece)
		}
	}
	large := 300
	if testing.Short() {
		large = 30
	}
	put("nothing.step", "", 0, large)
	put("spaces.step", "ISO-10303-21;\n", ' ', large)
	put("small.step", "ISO-10303-21;\nHEADER;\n", ' ', 1)
	if err := z.Close(); err != nil {
		t.Fatal(err)
	}
	_, list, err := a.Stage(ctx, project, app.Files(app.Incoming{Name: "all.zip", From: &bundle}))
	if err != nil {
		t.Fatal(err)
	}
	got := map[string]string{}
	for _, f := range list {
		got[f.Name] = f.State + ": " + f.Message
	}
	if !strings.Contains(got["nothing.step"], "does not begin like") || !strings.Contains(got["spaces.step"], "more than can be taken") || !strings.HasPrefix(got["small.step"], "waiting") {
		t.Errorf("%v", got)
	}
	if n, err := a.Store.Stored(ctx, project); err != nil || n > 2<<20 {
		t.Errorf("%d bytes are kept, %v", n, err)
	}
}

// TestQuota: a project's share, the size of one upload and the room on the disk are looked at before anything is kept.
func TestQuota(t *testing.T) {
	ctx := context.Background()
	project, err := a.Store.CreateProject(ctx, "Share")
	if err != nil {
		t.Fatal(err)
	}
	usual, dir := a.Limits, a.Dir
	t.Cleanup(func() { a.Limits, a.Dir = usual, dir })
	hand := func() error {
		_, _, err := a.Stage(ctx, project, app.Files(app.Incoming{Name: "a.step", From: strings.NewReader("ISO-10303-21;" + strings.Repeat(" ", 5000))}))
		return err
	}
	a.Limits.Upload = 3000
	if err := hand(); err == nil || !strings.Contains(err.Error(), "together") {
		t.Errorf("more than may come at once: %v", err)
	}
	a.Limits = usual
	a.Limits.Project = 4000
	if err := hand(); err == nil || !strings.Contains(err.Error(), "no project may keep more") {
		t.Errorf("more than a project's share: %v", err)
	}
	a.Limits = usual
	a.Dir, a.Limits.Spare = t.TempDir(), 1<<60
	if err := hand(); err == nil || !strings.Contains(err.Error(), "nearly full") || !strings.Contains(a.LowOnRoom(), "nearly full") {
		t.Errorf("on a full disk: %v, %q", err, a.LowOnRoom())
	}
	a.Limits, a.Dir = usual, dir
	if err := hand(); err != nil {
		t.Error(err)
	}
}

// TestReferringFiles hands in an assembly whose files refer to one another two levels deep, some of its parts alone before: it
// becomes one tree with its eight parts once each, and handed in again nothing more.
func TestReferringFiles(t *testing.T) {
	if testing.Short() {
		t.Skip("reads many files")
	}
	ctx := context.Background()
	project, err := a.Store.CreateProject(ctx, "S1")
	if err != nil {
		t.Fatal(err)
	}
	files, err := filepath.Glob("../kernel/testdata/s1/*.stp")
	if err != nil || len(files) != 13 {
		t.Fatal(files, err)
	}
	hand := func(files ...string) map[string]string {
		t.Helper()
		var in []app.Incoming
		for _, f := range files {
			data, err := os.ReadFile(f)
			if err != nil {
				t.Fatal(err)
			}
			in = append(in, app.Incoming{Name: filepath.Base(f), From: bytes.NewReader(data)})
		}
		_, list, err := a.Stage(ctx, project, app.Files(in...))
		if err != nil {
			t.Fatal(err)
		}
		said := map[string]string{}
		for _, f := range list {
			got, err := a.ReadStaged(ctx, project, f.ID)
			if err != nil {
				t.Fatal(err)
			}
			said[f.Name] = got.State + ": " + got.Message
		}
		return said
	}
	count := func() (parts, assemblies int) {
		p, err := a.Store.Project(ctx, project)
		if err == nil {
			var ps []store.Project
			ps, err = a.Store.Projects(ctx)
			for _, x := range ps {
				if x.ID == p.ID {
					p = x
				}
			}
		}
		if err != nil {
			t.Fatal(err)
		}
		return p.Parts, p.Assemblies
	}
	hand("../kernel/testdata/s1/foot_back_prt.stp", "../kernel/testdata/s1/tail_turbine_prt.stp")
	if p, n := count(); p != 2 || n != 0 {
		t.Errorf("two parts alone: %d parts, %d assemblies", p, n)
	}
	said := hand(files...)
	if p, n := count(); p != 8 || n != 5 {
		t.Errorf("the whole: %d parts, %d assemblies; %v", p, n, said)
	}
	if s := said["foot_asm.stp"]; s != "done: read with s1_pe_214.stp" {
		t.Errorf("a file that another refers to: %s", s)
	}
	if s := said["s1_pe_214.stp"]; !strings.Contains(s, "6 parts added") || !strings.Contains(s, "2 parts were here already") {
		t.Errorf("the whole says %s", s)
	}
	hand(files...)
	if p, n := count(); p != 8 || n != 5 {
		t.Errorf("handed in again: %d parts, %d assemblies", p, n)
	}
	// derived again by newer code: with the files referred to
	rows, err := a.Store.Parts(ctx, project)
	if err != nil {
		t.Fatal(err)
	}
	for _, r := range rows {
		r.DerivedVersion = 0
		if err := a.Store.SetDerived(ctx, r); err != nil {
			t.Fatal(err)
		}
	}
	if done, failed, err := a.Refresh(ctx); err != nil || done != 8 || failed != 0 {
		t.Errorf("derived again: %d, failed %d, %v", done, failed, err)
	}
	// an assembly without the files it refers to says which are missing
	if s := hand("../kernel/testdata/s1/head_asm.stp")["head_asm.stp"]; !strings.HasPrefix(s, "failed: it holds no shapes of its own; it refers to") {
		t.Errorf("alone: %s", s)
	}
}

// TestQueue reads what was handed in without anybody waiting for it, a project with one file before another's many, and lets one
// be called off.
func TestQueue(t *testing.T) {
	if testing.Short() {
		t.Skip("reads many files")
	}
	ctx, cancel := context.WithCancel(context.Background())
	defer cancel()
	data, err := os.ReadFile("../kernel/testdata/s1/foot_back_prt.stp")
	if err != nil {
		t.Fatal(err)
	}
	var projects [2]int64
	var ids [2][]int64
	for i, n := range []int{9, 1} {
		if projects[i], err = a.Store.CreateProject(ctx, fmt.Sprint("Queue ", i)); err != nil {
			t.Fatal(err)
		}
		var in []app.Incoming
		for k := range n {
			in = append(in, app.Incoming{Name: fmt.Sprint(k, ".stp"), From: io.MultiReader(bytes.NewReader(data), strings.NewReader(fmt.Sprintf("/* %d %d */\n", i, k)))})
		}
		_, list, err := a.Stage(ctx, projects[i], app.Files(in...))
		if err != nil {
			t.Fatal(err)
		}
		for _, f := range list {
			ids[i] = append(ids[i], f.ID)
		}
	}
	if err := a.CancelImport(ctx, projects[0], ids[0][8]); err != nil {
		t.Error(err)
	}
	if err := a.CancelImport(ctx, projects[1], ids[0][7]); err == nil {
		t.Error("a file of another project was called off")
	}
	ended := make(chan error, 1)
	go func() { ended <- a.ReadUploads(ctx) }()
	state := func(p int, id int64) string {
		f, err := a.Store.ImportOf(context.Background(), projects[p], id)
		if err != nil {
			t.Fatal(err)
		}
		return f.State
	}
	unread := func() (n int) {
		for _, id := range ids[0] {
			if s := state(0, id); s == "waiting" || s == "reading" {
				n++
			}
		}
		return n
	}
	for deadline := time.Now().Add(time.Minute); state(1, ids[1][0]) != "done"; time.Sleep(5 * time.Millisecond) {
		if time.Now().After(deadline) {
			t.Fatal("the single file is not read: ", state(1, ids[1][0]))
		}
	}
	if n := unread(); n < 2 {
		t.Errorf("only %d of the other project's files were still to be read when the single one was", n)
	}
	for deadline := time.Now().Add(time.Minute); unread() > 0; time.Sleep(20 * time.Millisecond) {
		if time.Now().After(deadline) {
			t.Fatal("not all files are read")
		}
	}
	if s := state(0, ids[0][8]); s != "cancelled" {
		t.Errorf("the one that was called off is %s", s)
	}
	cancel()
	if err := <-ended; err != nil {
		t.Error(err)
	}
}

// TestCancelReading calls off a file while it is read: its child ends, and the next file is read.
func TestCancelReading(t *testing.T) {
	dir := t.TempDir()
	note := filepath.Join(dir, "note")
	child := filepath.Join(dir, "child")
	if err := os.WriteFile(child, []byte("#!/bin/sh\necho $$ > "+note+"\nexec sleep 300\n"), 0o700); err != nil {
		t.Fatal(err)
	}
	ctx, cancel := context.WithCancel(context.Background())
	defer cancel()
	left, err := a.Store.Unread(ctx) // what other tests handed in is not read here
	if err != nil {
		t.Fatal(err)
	}
	for _, f := range left {
		if err := a.CancelImport(ctx, f.ProjectID, f.ID); err != nil {
			t.Error(err)
		}
	}
	slow := app.New(a.Store, kernel.NewRunner(child))
	project, err := a.Store.CreateProject(ctx, "Called off")
	if err != nil {
		t.Fatal(err)
	}
	_, list, err := slow.Stage(ctx, project, app.Files(app.Incoming{Name: "a.step", From: strings.NewReader("ISO-10303-21;\nDATA;\nENDSEC;\n")}))
	if err != nil {
		t.Fatal(err)
	}
	ended := make(chan error, 1)
	go func() { ended <- slow.ReadUploads(ctx) }()
	wait := func(what string, ok func() bool) {
		t.Helper()
		for deadline := time.Now().Add(20 * time.Second); !ok(); time.Sleep(10 * time.Millisecond) {
			if time.Now().After(deadline) {
				t.Fatal("it never came to be that ", what)
			}
		}
	}
	pid := ""
	wait("it is read", func() bool {
		b, _ := os.ReadFile(note)
		pid = strings.TrimSpace(string(b))
		return pid != ""
	})
	if p, err := slow.Progress(ctx, list[0].Batch); err != nil || p[0].State != "reading" {
		t.Errorf("%+v, %v", p, err)
	}
	if err := slow.CancelImport(ctx, project, list[0].ID); err != nil {
		t.Fatal(err)
	}
	wait("the child has ended", func() bool { _, err := os.Stat("/proc/" + pid); return err != nil })
	if f, err := a.Store.ImportOf(ctx, project, list[0].ID); err != nil || f.State != "cancelled" {
		t.Errorf("%s, %v", f.State, err)
	}
	cancel()
	if err := <-ended; err != nil {
		t.Error(err)
	}
}

// TestTooHard: an act whose account takes longer than it may is refused with a sentence, and nothing is changed.
func TestTooHard(t *testing.T) {
	id, _ := newAssembly(t, "Hard")
	judgeID(t, id)
	usual := a.Limits
	a.Limits.Check = 1
	defer func() { a.Limits = usual }()
	if _, err := tryAct(id, commands.Title{To: "Never"}); err == nil || !strings.Contains(err.Error(), "takes too long") && !errors.Is(err, store.ErrBusy) {
		t.Errorf("%v", err)
	}
	if st, err := a.Store.State(context.Background(), id); err != nil || st.Seq != 0 {
		t.Errorf("line %d, %v", st.Seq, err)
	}
}

// TestSecondWindow: an act meant for an older state is carried out where nothing that changed touches it, and told what did where
// something does.
func TestSecondWindow(t *testing.T) {
	id, project := newAssembly(t, "Two windows")
	parts, err := a.Store.Parts(context.Background(), project)
	if err != nil {
		t.Fatal(err)
	}
	p := act(t, id, commands.Place{Items: slices.Repeat([]string{parts[0].Key()}, 3)})
	names, base := p.Asm.Components, p.Seq
	act(t, id, commands.Rename{Component: names[1].Name, To: "Renamed elsewhere"})
	late := func(w commands.Command) error {
		_, err := a.Do(context.Background(), id, "test", commands.Meant{Base: base, Command: w})
		return err
	}
	if err := late(commands.Suppress{Component: names[2].Name, On: true}); err != nil {
		t.Errorf("another part: %v", err)
	}
	if err := late(commands.Title{To: "Both"}); err != nil {
		t.Errorf("the title: %v", err)
	}
	for _, w := range []commands.Command{commands.Rename{Component: names[1].Name, To: "Renamed here"}, commands.Title{To: "Again"}, commands.Suppress{Component: names[1].Name, On: true},
		commands.Relate{Type: "fastened", On: names[0].Name + "/origin", Put: names[1].Name + "/origin"}, commands.Unplan{}, commands.Remove{Component: names[2].Name}} {
		var me *app.MovedError
		if err := late(w); !errors.Is(err, store.ErrMoved) || errors.As(err, &me) && !strings.Contains(err.Error(), "name the assembly Both") {
			t.Errorf("%+v: %v", w, err)
		}
	}
}
