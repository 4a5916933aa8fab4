package app_test

import (
	"archive/zip"
	"bytes"
	"context"
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
	"setfast/kernel"
	"setfast/store"
)

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
				_, err = a.Offers(ctx, id, names[i+1].Name+"/x", names[0].Name+"/x", "", false)
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

// handIn hands files in, reads them, and gives what is said of each.
func handIn(t *testing.T, project int64, files ...string) map[string]string {
	t.Helper()
	ctx := context.Background()
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

// stocked counts what a project has, as the list of projects tells it.
func stocked(t *testing.T, project int64) (parts, assemblies int) {
	t.Helper()
	ps, err := a.Store.Projects(context.Background())
	if err != nil {
		t.Fatal(err)
	}
	i := slices.IndexFunc(ps, func(p store.Project) bool { return p.ID == project })
	if i < 0 {
		t.Fatalf("project %d is not listed", project)
	}
	return ps[i].Parts, ps[i].Assemblies
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
	hand := func(files ...string) map[string]string { t.Helper(); return handIn(t, project, files...) }
	count := func() (parts, assemblies int) { t.Helper(); return stocked(t, project) }
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
