package store_test

import (
	"context"
	"database/sql"
	"encoding/json"
	"errors"
	"fmt"
	"os"
	"strconv"
	"sync"
	"testing"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/geom"
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

func nextDSN() string {
	databases.Lock()
	defer databases.Unlock()
	databases.n++
	return store.DSN("unix", server.Socket, "root", "", fmt.Sprintf("test%d", databases.n))
}

func open(t *testing.T) (*store.Store, string) {
	t.Helper()
	dsn := nextDSN()
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

func place(name, part string) edit.Edit {
	return edit.Place{Component: edit.Component{Name: name, Part: part, Pose: geom.Home}}
}

func sub(name string, asm int64) edit.Edit {
	return edit.Place{Component: edit.Component{Name: name, Assembly: fmt.Sprint("a", asm), Pose: geom.Home}}
}

func create(t *testing.T, s *store.Store, project int64, name string) int64 {
	t.Helper()
	return must[int64](t)(s.CreateAssembly(context.Background(), store.Assembly{ProjectID: project, Name: name}))
}

// try adds an edit to the state numbered base, or the latest.
func try(s *store.Store, asm, base int64, token string, e edit.Edit) error {
	for {
		st, err := s.State(context.Background(), asm)
		if err != nil {
			return err
		}
		after, inv, err := edit.Apply(st.Asm, e)
		if err != nil {
			return err
		}
		if base >= 0 {
			st.Seq = base
		}
		_, err = s.Append(context.Background(), store.Line{Before: st, Kind: "do", Who: "tester", Said: e.Op(), Token: token, Edit: e, Inverse: inv, After: after})
		if base >= 0 || !errors.Is(err, store.ErrMoved) {
			return err
		}
	}
}

func post(t *testing.T, s *store.Store, asm int64, e edit.Edit) {
	t.Helper()
	if err := try(s, asm, -1, "", e); err != nil {
		t.Fatal(err)
	}
}

// back takes a line back, or does it again.
func back(t *testing.T, s *store.Store, asm int64, undo bool) {
	t.Helper()
	ctx := context.Background()
	st := must[store.State](t)(s.State(ctx, asm))
	e, said, err := s.Back(ctx, st, undo)
	if err != nil {
		t.Fatal(err)
	}
	after, inv, err := edit.Apply(st.Asm, e)
	if err != nil {
		t.Fatal(err)
	}
	kind := "redo"
	if undo {
		kind = "undo"
	}
	if _, err := s.Append(ctx, store.Line{Before: st, Kind: kind, Who: "tester", Said: said, Edit: e, Inverse: inv, After: after}); err != nil {
		t.Fatal(err)
	}
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
	asm := create(t, s, project, "A")
	reopen := func() {
		s.Close()
		s = must[*store.Store](t)(store.Open(ctx, dsn))
		t.Cleanup(func() { s.Close() })
	}
	now := func() string {
		return text(t, must[store.State](t)(s.State(ctx, asm)).Asm)
	}
	states := []string{now()}
	for i := 0; i < 140; i++ {
		e := place(fmt.Sprint("c", i), "p1")
		if i%5 == 4 {
			e = edit.Remove{Name: fmt.Sprint("c", i-1)}
		}
		post(t, s, asm, e)
		states = append(states, now())
	}
	reopen()
	for i := 139; i >= 0; i-- {
		back(t, s, asm, true)
		if now() != states[i] {
			t.Fatalf("after taking back line %d the state differs", i+1)
		}
	}
	st := must[store.State](t)(s.State(ctx, asm))
	if _, _, err := s.Back(ctx, st, true); !errors.Is(err, store.ErrNothing) {
		t.Errorf("taking back nothing: %v", err)
	}
	reopen()
	for i := 1; i <= 140; i++ {
		back(t, s, asm, false)
		if now() != states[i] {
			t.Fatalf("after doing line %d again the state differs", i)
		}
	}
	// back and forth in between
	for i, undo := range []bool{true, true, false, true, true, false, false, false} {
		back(t, s, asm, undo)
		if i%3 == 2 {
			reopen()
		}
	}
	if now() != states[140] {
		t.Error("after going back and forth the state differs")
	}
	// a new line after taking back leaves nothing to do again
	back(t, s, asm, true)
	post(t, s, asm, place("other", "p1"))
	st = must[store.State](t)(s.State(ctx, asm))
	if _, _, err := s.Back(ctx, st, false); !errors.Is(err, store.ErrNothing) {
		t.Errorf("doing again after a new line: %v", err)
	}
	log := must[[]store.Entry](t)(s.Log(ctx, asm, 1<<40, 10000))
	if len(log) != 140*3+8+2 || log[0].Said != "place" || log[0].Kind != "do" {
		t.Errorf("the log has %d lines: rows must never vanish", len(log))
	}
	if st.Undo.Said != "place" || st.Undo.Seq != st.Seq {
		t.Errorf("to be taken back: %+v", st.Undo)
	}
}

// TestLongLog: what a step costs does not depend on how many were made before. Statements are counted, not seconds.
func TestLongLog(t *testing.T) {
	s, dsn := open(t)
	ctx := context.Background()
	project := must[int64](t)(s.CreateProject(ctx, "P"))
	asm := create(t, s, project, "A")
	post(t, s, asm, place("c", "p1"))
	steps := 1100
	if testing.Short() {
		steps = 150
	}
	if n, err := strconv.Atoi(os.Getenv("SETFAST_LONG_LOG")); err == nil { // as long as wanted
		steps = n
	}
	for i := range steps {
		post(t, s, asm, edit.Ground{Name: "c", On: i%2 == 0})
	}
	fresh := must[*store.Store](t)(store.Open(ctx, dsn))
	defer fresh.Close()
	db := must[*sql.DB](t)(sql.Open("mysql", dsn))
	defer db.Close()
	read := func() (n int) {
		var name string
		if err := db.QueryRow("SHOW GLOBAL STATUS LIKE 'Rows_read'").Scan(&name, &n); err != nil {
			t.Fatal(err)
		}
		return n
	}
	was := read()
	st := must[store.State](t)(fresh.State(ctx, asm))
	back(t, fresh, asm, true)
	back(t, fresh, asm, false)
	rows := read() - was
	t.Logf("a log of %d: %d rows read", st.Seq, rows)
	if rows > 400 {
		t.Errorf("opening, taking back and doing again read %d rows of a log of %d", rows, st.Seq)
	}
	var snapshots int
	if err := db.QueryRow("SELECT COUNT(*) FROM snapshots WHERE assembly_id=?", asm).Scan(&snapshots); err != nil || snapshots > 8+steps/1000 {
		t.Errorf("%d snapshots, %v", snapshots, err)
	}
}
