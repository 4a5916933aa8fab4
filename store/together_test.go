package store_test

import (
	"context"
	"database/sql"
	"errors"
	"fmt"
	"path/filepath"
	"strings"
	"sync"
	"testing"
	"time"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/store"
)

// TestCycles lets two assemblies place each other at once, many times over: one of the two is refused each time.
func TestCycles(t *testing.T) {
	s, _ := open(t)
	ctx := context.Background()
	project := must[int64](t)(s.CreateProject(ctx, "P"))
	for range 12 {
		a, b := create(t, s, project, "A"), create(t, s, project, "B")
		var wg sync.WaitGroup
		var errs [2]error
		for i, x := range [2][2]int64{{a, b}, {b, a}} {
			wg.Go(func() { errs[i] = try(s, x[0], -1, "", sub("other", x[1])) })
		}
		wg.Wait()
		var te *store.TreeError
		if (errs[0] == nil) == (errs[1] == nil) || !errors.As(errors.Join(errs[:]...), &te) {
			t.Fatalf("%v, %v", errs[0], errs[1])
		}
	}
	// and not by way of undo either
	a, b := create(t, s, project, "A"), create(t, s, project, "B")
	post(t, s, a, sub("other", b))
	back(t, s, a, true)
	post(t, s, b, sub("other", a))
	st := must[store.State](t)(s.State(ctx, a))
	e, said, err := s.Back(ctx, st, false)
	if err != nil {
		t.Fatal(err)
	}
	after, inv, err := edit.Apply(st.Asm, e)
	if err != nil {
		t.Fatal(err)
	}
	var te *store.TreeError
	if _, err := s.Append(ctx, store.Line{Before: st, Kind: "redo", Said: said, Edit: e, Inverse: inv, After: after}); !errors.As(err, &te) {
		t.Errorf("a cycle came back by doing again: %v", err)
	}
	// a chain may be long, but not without end
	last := create(t, s, project, "deepest")
	for i := 0; ; i++ {
		next := create(t, s, project, "next")
		if err := try(s, next, -1, "", sub("inner", last)); err != nil {
			if !errors.As(err, &te) || i != assembly.MaxDepth {
				t.Errorf("after %d: %v", i, err)
			}
			return
		}
		last = next
	}
}

// TestRaces lets many edits arrive at once: all are kept in one order, one made on an old state is refused, and one sent twice is
// done once.
func TestRaces(t *testing.T) {
	s, _ := open(t)
	ctx := context.Background()
	project := must[int64](t)(s.CreateProject(ctx, "P"))
	asm := create(t, s, project, "A")
	var wg sync.WaitGroup
	errs := make(chan error, 60)
	for i := range 20 {
		wg.Go(func() { errs <- try(s, asm, -1, "", place(fmt.Sprint("c", i), "p1")) })
	}
	wg.Wait()
	close(errs)
	for err := range errs {
		if err != nil {
			t.Error(err)
		}
	}
	st := must[store.State](t)(s.State(ctx, asm))
	if st.Seq != 20 || len(st.Asm.Components) != 20 {
		t.Fatalf("seq %d, %d components", st.Seq, len(st.Asm.Components))
	}
	if err := try(s, asm, 19, "", place("late", "p1")); !errors.Is(err, store.ErrMoved) {
		t.Errorf("an edit on an old state: %v", err)
	}
	once := place("once", "p1")
	after, inv, err := edit.Apply(st.Asm, once)
	if err != nil {
		t.Fatal(err)
	}
	for range 3 {
		if _, err := s.Append(ctx, store.Line{Before: st, Kind: "do", Token: "one-act", Edit: once, Inverse: inv, After: after}); err != nil {
			t.Errorf("an act sent again: %v", err)
		}
	}
	if st = must[store.State](t)(s.State(ctx, asm)); st.Seq != 21 {
		t.Errorf("an act sent three times became %d lines", st.Seq-20)
	}
	if seq, err := s.Done(ctx, asm, "one-act"); err != nil || seq != 21 {
		t.Errorf("the act became line %d, %v", seq, err)
	}
}

// TestOpenTogether opens a new database from many programs at once: its tables are made once, and all can go on.
func TestOpenTogether(t *testing.T) {
	dsn := nextDSN()
	var wg sync.WaitGroup
	for range 6 {
		wg.Go(func() {
			s, err := store.Open(context.Background(), dsn)
			if err != nil {
				t.Error(err)
				return
			}
			defer s.Close()
			if _, err := s.Projects(context.Background()); err != nil {
				t.Error(err)
			}
		})
	}
	wg.Wait()
}

// TestHeldLock: while another holds an assembly's row nobody waits for ever, and asking whether all is well does not wait at all.
func TestHeldLock(t *testing.T) {
	if testing.Short() {
		t.Skip("waits for a lock")
	}
	s, dsn := open(t)
	ctx := context.Background()
	project := must[int64](t)(s.CreateProject(ctx, "P"))
	asm := create(t, s, project, "A")
	db := must[*sql.DB](t)(sql.Open("mysql", dsn))
	defer db.Close()
	tx := must[*sql.Tx](t)(db.Begin())
	var held int64
	if err := tx.QueryRow("SELECT id FROM assemblies WHERE id=? FOR UPDATE", asm).Scan(&held); err != nil {
		t.Fatal(err)
	}
	const writers = 12 // fewer than there are connections: the application lets one at a time write to an assembly
	errs := make(chan error, writers)
	for i := range writers {
		go func() { errs <- try(s, asm, -1, "", place(fmt.Sprint("c", i), "p1")) }()
	}
	soon, cancel := context.WithTimeout(ctx, 2*time.Second)
	defer cancel()
	if err := s.Ping(soon); err != nil {
		t.Errorf("is all well? %v", err)
	}
	if st, err := s.State(soon, asm); err != nil || st.Seq != 0 {
		t.Errorf("a look at it: %v", err)
	}
	for range writers {
		select {
		case err := <-errs:
			if !errors.Is(err, store.ErrBusy) {
				t.Errorf("while the row is held: %v", err)
			}
		case <-time.After(30 * time.Second):
			t.Fatal("somebody waits without end")
		}
	}
	_ = tx.Rollback()
	post(t, s, asm, place("after", "p1"))
}

// TestServe: any number of programs serve a database, but none while a backup is restored, and none is restored while one does.
func TestServe(t *testing.T) {
	s, dsn := open(t)
	ctx := context.Background()
	other := must[*store.Store](t)(store.Open(ctx, dsn))
	defer other.Close()
	file := filepath.Join(t.TempDir(), "b.gz")
	if _, err := store.Backup(ctx, dsn, file); err != nil {
		t.Fatal(err)
	}
	one := must[func()](t)(s.Serve(ctx))
	two := must[func()](t)(other.Serve(ctx))
	one()
	if err := store.Restore(ctx, dsn, file, true); err == nil || !strings.Contains(err.Error(), "a Setfast serves the database") {
		t.Errorf("restored while one serves: %v", err)
	}
	two()
	if err := store.Restore(ctx, dsn, file, true); err != nil {
		t.Error(err)
	}
	db := must[*sql.DB](t)(sql.Open("mysql", dsn))
	defer db.Close()
	if _, err := db.Exec("INSERT INTO leases VALUES ('restore', 'somebody', TIMESTAMPADD(SECOND, 30, UTC_TIMESTAMP(3)))"); err != nil {
		t.Fatal(err)
	}
	if _, err := s.Serve(ctx); err == nil || !strings.Contains(err.Error(), "is being restored") {
		t.Errorf("served while a backup is restored: %v", err)
	}
	if _, err := db.Exec("UPDATE leases SET until=TIMESTAMPADD(SECOND, -1, UTC_TIMESTAMP(3))"); err != nil { // it died
		t.Fatal(err)
	}
	must[func()](t)(s.Serve(ctx))()
}

// TestTakenOver: a file of whose reader nothing is heard waits again, and is given up when that happens too often; one that is being read does not.
func TestTakenOver(t *testing.T) {
	s, dsn := open(t)
	ctx := context.Background()
	project := must[int64](t)(s.CreateProject(ctx, "P"))
	id := must[int64](t)(s.AddImport(ctx, store.ImportFile{ProjectID: project, Batch: strings.Repeat("b", 32), Name: "GV-101.step", SHA256: strings.Repeat("0", 64), State: "waiting"}))
	db := must[*sql.DB](t)(sql.Open("mysql", dsn))
	defer db.Close()
	state := func() string {
		t.Helper()
		return must[store.ImportFile](t)(s.ImportOf(ctx, project, id)).State
	}
	for try := 1; try <= 3; try++ {
		if ok := must[bool](t)(s.ClaimImport(ctx, id)); !ok {
			t.Fatal("it cannot be claimed")
		}
		if ok := must[bool](t)(s.ClaimImport(ctx, id)); ok {
			t.Error("two have claimed it")
		}
		if err := s.Requeue(ctx, 3, false); err != nil || state() != "reading" {
			t.Errorf("%v: while it is read it is %s", err, state())
		}
		if on := must[bool](t)(s.StillReading(ctx, id, try)); !on {
			t.Error("its reader is told that it was called off")
		}
		if on := must[bool](t)(s.StillReading(ctx, id, try-1)); on {
			t.Error("a reader of before is not told")
		}
		if _, err := db.Exec("UPDATE imports SET seen=TIMESTAMPADD(MINUTE, -1, UTC_TIMESTAMP(3))"); err != nil {
			t.Fatal(err)
		}
		want := "waiting"
		if try == 3 {
			want = "failed"
		}
		if err := s.Requeue(ctx, 3, false); err != nil || state() != want {
			t.Errorf("%v: after its reader fell silent it is %s", err, state())
		}
	}
}
