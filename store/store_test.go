package store_test

import (
	"bytes"
	"context"
	"crypto/rand"
	"encoding/json"
	"errors"
	"fmt"
	"os"
	"path/filepath"
	"strings"
	"sync"
	"testing"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/store"
	"setfast/store/private"
)

var server *private.Server

func TestMain(m *testing.M) {
	dir, err := os.MkdirTemp("", "setfast-store-")
	if err == nil {
		server, err = private.Start(context.Background(), dir)
	}
	if err != nil {
		fmt.Fprintln(os.Stderr, err)
		os.Exit(1)
	}
	code := m.Run()
	server.Stop()
	os.RemoveAll(dir)
	os.Exit(code)
}

var databases struct {
	sync.Mutex
	n int
}

func open(t *testing.T) (*store.Store, string) {
	t.Helper()
	databases.Lock()
	databases.n++
	dsn := store.DSN("unix", server.Socket, "root", "", fmt.Sprintf("test%d", databases.n))
	databases.Unlock()
	s, err := store.Open(context.Background(), dsn)
	if err != nil {
		t.Fatal(err)
	}
	t.Cleanup(func() { s.Close() })
	return s, dsn
}

func must[T any](t *testing.T) func(T, error) T {
	return func(v T, err error) T {
		t.Helper()
		if err != nil {
			t.Fatal(err)
		}
		return v
	}
}

func TestBlobs(t *testing.T) {
	s, _ := open(t)
	ctx := context.Background()
	for _, n := range []int{0, 1, 4 << 20, 4<<20 + 1, 9<<20 + 17} {
		data := make([]byte, n)
		_, _ = rand.Read(data)
		id := must[string](t)(s.PutBlob(ctx, data))
		if again := must[string](t)(s.PutBlob(ctx, data)); again != id {
			t.Error("the same bytes were kept under two names")
		}
		if got := must[[]byte](t)(s.Blob(ctx, id)); !bytes.Equal(got, data) {
			t.Errorf("%d bytes came back as %d", n, len(got))
		}
	}
	if _, err := s.Blob(ctx, strings.Repeat("f", 64)); !errors.Is(err, store.ErrNotFound) {
		t.Errorf("a blob nobody kept: %v", err)
	}
}

func TestParts(t *testing.T) {
	s, _ := open(t)
	ctx := context.Background()
	project := must[int64](t)(s.CreateProject(ctx, "Ridge vent Ø — ½"))
	p := store.Part{ProjectID: project, Name: "Wall plate", Number: "GV-101", SourceName: "a.step", SourceSHA256: strings.Repeat("a", 64), DerivedSHA256: strings.Repeat("b", 64), PreviewSHA256: strings.Repeat("c", 64), DerivedVersion: 1}
	one, fresh, err := s.AddPart(ctx, p)
	if err != nil || !fresh {
		t.Fatal(fresh, err)
	}
	p.Name = "Other name, same product"
	two, fresh, err := s.AddPart(ctx, p)
	if err != nil || fresh || two.ID != one.ID || two.Name != "Wall plate" {
		t.Errorf("a product was added twice: %+v %v", two, err)
	}
	one.Material, one.Density, one.Fastener = "steel", 7850, true
	if err := s.UpdatePart(ctx, one); err != nil {
		t.Fatal(err)
	}
	if got := must[store.Part](t)(s.Part(ctx, one.ID)); got.Material != "steel" || got.Density != 7850 || !got.Fastener {
		t.Errorf("%+v", got)
	}
	asm := must[int64](t)(s.CreateAssembly(ctx, project, "Stand", ""))
	key := fmt.Sprint("p", one.ID)
	post(t, s, asm, place("plate", key))
	used := must[[]string](t)(s.DeletePart(ctx, one.ID, key))
	if len(used) != 1 || used[0] != "Stand" {
		t.Errorf("a part in use was deleted, used by %v", used)
	}
	post(t, s, asm, edit.Edit{Op: "remove", Name: "plate"})
	if used := must[[]string](t)(s.DeletePart(ctx, one.ID, key)); len(used) != 0 {
		t.Errorf("used by %v", used)
	}
	if _, err := s.Part(ctx, one.ID); !errors.Is(err, store.ErrNotFound) {
		t.Errorf("still there: %v", err)
	}
}

func place(name, part string) edit.Edit {
	return edit.Edit{Op: "place", Component: &edit.Component{Name: name, Part: part, Pose: edit.Pose{Quaternion: [4]float64{1, 0, 0, 0}}}}
}

func post(t *testing.T, s *store.Store, asm int64, e edit.Edit) int64 {
	t.Helper()
	_, seq, err := s.Post(context.Background(), asm, -1, "tester", e.Op, e, nil)
	if err != nil {
		t.Fatal(err)
	}
	return seq
}

func text(t *testing.T, a *assembly.Assembly) string {
	t.Helper()
	return string(must[[]byte](t)(json.Marshal(format.AssemblyObject(a))))
}

// TestUndoAcrossRestarts posts many edits, over snapshots, takes all back and does all again, opening the database anew
// in between; every state must come back to the letter.
func TestUndoAcrossRestarts(t *testing.T) {
	s, dsn := open(t)
	ctx := context.Background()
	project := must[int64](t)(s.CreateProject(ctx, "P"))
	asm := must[int64](t)(s.CreateAssembly(ctx, project, "A", "GV-1"))
	reopen := func() {
		s.Close()
		s = must[*store.Store](t)(store.Open(ctx, dsn))
		t.Cleanup(func() { s.Close() })
	}
	now := func() string {
		a, _, err := s.State(ctx, asm)
		if err != nil {
			t.Fatal(err)
		}
		return text(t, a)
	}
	states := []string{now()}
	for i := 0; i < 40; i++ {
		e := place(fmt.Sprint("c", i), "p1")
		if i%5 == 4 {
			e = edit.Edit{Op: "remove", Name: fmt.Sprint("c", i-1)}
		}
		post(t, s, asm, e)
		states = append(states, now())
	}
	reopen()
	for i := 39; i >= 0; i-- {
		if _, _, _, err := s.Undo(ctx, asm, -1, "tester"); err != nil {
			t.Fatal(err)
		}
		if now() != states[i] {
			t.Fatalf("after taking back line %d the state differs", i+1)
		}
	}
	if _, _, _, err := s.Undo(ctx, asm, -1, "tester"); !errors.Is(err, store.ErrNothing) {
		t.Errorf("taking back nothing: %v", err)
	}
	reopen()
	for i := 1; i <= 40; i++ {
		if _, _, _, err := s.Redo(ctx, asm, -1, "tester"); err != nil {
			t.Fatal(err)
		}
		if now() != states[i] {
			t.Fatalf("after doing line %d again the state differs", i)
		}
	}
	// a new line after taking back leaves nothing to do again
	if _, _, _, err := s.Undo(ctx, asm, -1, "tester"); err != nil {
		t.Fatal(err)
	}
	post(t, s, asm, place("other", "p1"))
	if _, _, _, err := s.Redo(ctx, asm, -1, "tester"); !errors.Is(err, store.ErrNothing) {
		t.Errorf("doing again after a new line: %v", err)
	}
	log := must[[]store.Entry](t)(s.Log(ctx, asm))
	if len(log) != 40+40+40+1+1 {
		t.Errorf("the log has %d lines: rows must never vanish", len(log))
	}
}

// TestRaces lets many edits arrive at once: all are kept in one order, and one made on an old state is refused.
func TestRaces(t *testing.T) {
	s, _ := open(t)
	ctx := context.Background()
	project := must[int64](t)(s.CreateProject(ctx, "P"))
	asm := must[int64](t)(s.CreateAssembly(ctx, project, "A", ""))
	var wg sync.WaitGroup
	errs := make(chan error, 20)
	for i := 0; i < 20; i++ {
		wg.Go(func() {
			_, _, err := s.Post(ctx, asm, -1, "tester", "place", place(fmt.Sprint("c", i), "p1"), nil)
			errs <- err
		})
	}
	wg.Wait()
	close(errs)
	for err := range errs {
		if err != nil {
			t.Error(err)
		}
	}
	a, seq, err := s.State(ctx, asm)
	if err != nil || seq != 20 || len(a.Components) != 20 {
		t.Fatalf("seq %d, %d components, %v", seq, len(a.Components), err)
	}
	if _, _, err := s.Post(ctx, asm, 19, "tester", "place", place("late", "p1"), nil); !errors.Is(err, store.ErrMoved) {
		t.Errorf("an edit on an old state: %v", err)
	}
	bad := errors.New("no")
	if _, _, err := s.Post(ctx, asm, 20, "tester", "place", place("never", "p1"), func(*assembly.Assembly) (*edit.Edit, error) { return nil, bad }); !errors.Is(err, bad) {
		t.Errorf("%v", err)
	}
	if a, seq, _ := s.State(ctx, asm); seq != 20 || a.Component("never") != nil {
		t.Error("a refused edit left something behind")
	}
}

// TestPrivateFaults starts the private server where it cannot work; each gives one clear sentence.
func TestPrivateFaults(t *testing.T) {
	ctx := context.Background()
	dir := t.TempDir()
	broken := filepath.Join(dir, "broken")
	if err := os.MkdirAll(filepath.Join(broken, "data", "mysql"), 0o700); err != nil {
		t.Fatal(err)
	}
	if _, err := private.Start(ctx, broken); err == nil || !strings.Contains(err.Error(), "did not start") {
		t.Errorf("broken data: %v", err)
	}
	file := filepath.Join(dir, "file")
	if err := os.WriteFile(file, nil, 0o600); err != nil {
		t.Fatal(err)
	}
	if _, err := private.Start(ctx, filepath.Join(file, "db")); err == nil || !strings.Contains(err.Error(), "cannot be made") {
		t.Errorf("a file in the way: %v", err)
	}
	if _, err := private.Start(ctx, filepath.Dir(server.Socket)); err == nil || !strings.Contains(err.Error(), "another Setfast") {
		t.Errorf("a second server on the same data: %v", err)
	}
	if _, err := store.Open(ctx, store.DSN("unix", filepath.Join(dir, "nobody.sock"), "root", "", "x")); err == nil || !strings.Contains(err.Error(), "does not answer") {
		t.Errorf("no server: %v", err)
	}
}
