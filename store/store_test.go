package store_test

import (
	"bytes"
	"context"
	"crypto/rand"
	"database/sql"
	"encoding/json"
	"errors"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"setfast/core/geom"
	"strconv"
	"strings"
	"sync"
	"testing"
	"time"

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
	p := store.Part{ProjectID: project, Name: "Wall plate", Number: "GV-101", SourceName: "a.step", SourceSHA256: strings.Repeat("a", 64), SourceID: strings.Repeat("a", 64), DerivedSHA256: strings.Repeat("b", 64), PreviewSHA256: strings.Repeat("c", 64), DerivedVersion: 1}
	one, fresh, err := s.AddPart(ctx, p)
	if err != nil || !fresh {
		t.Fatal(fresh, err)
	}
	p.Name = "Other name, same product"
	two, fresh, err := s.AddPart(ctx, p)
	if err != nil || fresh || two.ID != one.ID || two.Name != "Wall plate" {
		t.Errorf("a product was added twice: %+v %v", two, err)
	}
	p.SourceID = strings.Repeat("d", 64)
	if two, fresh, err = s.AddPart(ctx, p); err != nil || fresh || two.ID != one.ID {
		t.Errorf("the very same shape from another file was added twice: %+v %v", two, err)
	}
	one.Material, one.Density, one.Fastener = "steel", 7850, true
	if err := s.UpdatePart(ctx, one); err != nil {
		t.Fatal(err)
	}
	if got := must[store.Part](t)(s.Part(ctx, one.ID)); got.Material != "steel" || got.Density != 7850 || !got.Fastener {
		t.Errorf("%+v", got)
	}
	if err := s.UpdatePart(ctx, store.Part{ID: 999}); !errors.Is(err, store.ErrNotFound) {
		t.Errorf("a part that is not there: %v", err)
	}
}

// TestShelf takes things off the Shelf: not while they are placed; and for good only if no log refers to them.
func TestShelf(t *testing.T) {
	s, _ := open(t)
	ctx := context.Background()
	project := must[int64](t)(s.CreateProject(ctx, "P"))
	var parts []store.Part
	for i := range 2 {
		sha := strings.Repeat(fmt.Sprint(i), 64)
		p, _, err := s.AddPart(ctx, store.Part{ProjectID: project, Name: "Wall plate", SourceSHA256: sha, SourceID: sha, DerivedSHA256: sha, PreviewSHA256: sha})
		if err != nil {
			t.Fatal(err)
		}
		parts = append(parts, p)
	}
	asm := create(t, s, project, "Stand")
	post(t, s, asm, place("plate", parts[0].Key()))
	var used *store.ErrInUse
	if err := s.TakeOff(ctx, parts[0].Key()); !errors.As(err, &used) || used.By[0].Name != "Stand" {
		t.Errorf("a part in use was taken off: %v", err)
	}
	post(t, s, asm, edit.Remove{Name: "plate"})
	for _, p := range parts {
		if err := s.TakeOff(ctx, p.Key()); err != nil {
			t.Fatal(err)
		}
	}
	if err := s.ThrowAway(ctx, parts[0].Key()); !errors.Is(err, store.ErrRemembered) {
		t.Errorf("a part that a log refers to was thrown away: %v", err)
	}
	if err := s.ThrowAway(ctx, parts[1].Key()); err != nil {
		t.Error(err)
	}
	if err := s.PutBack(ctx, parts[0].Key()); err != nil {
		t.Error(err)
	}
	if err := s.ThrowAway(ctx, parts[0].Key()); !errors.Is(err, store.ErrNotFound) {
		t.Errorf("a part on the Shelf was thrown away: %v", err)
	}
	if _, err := s.Part(ctx, parts[1].ID); !errors.Is(err, store.ErrNotFound) {
		t.Errorf("still there: %v", err)
	}
	for _, key := range []string{"", "p", "x1", "p1x", "p-", "a999"} {
		if err := s.TakeOff(ctx, key); !errors.Is(err, store.ErrNotFound) {
			t.Errorf("%q: %v", key, err)
		}
	}
}

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

// TestOldDatabase opens a database as version 1 left it, with the log kept for that: states, piles and uses are there.
func TestOldDatabase(t *testing.T) {
	dsn := nextDSN()
	name := dsn[strings.LastIndex(dsn, "/")+1:]
	run := func(script string) {
		cmd := exec.Command("mariadb", "--no-defaults", "--socket="+server.Socket, "-uroot")
		cmd.Stdin = strings.NewReader(script)
		if out, err := cmd.CombinedOutput(); err != nil {
			t.Fatalf("%v: %s", err, out)
		}
	}
	first, err := os.ReadFile("migrations/00001_begin.sql")
	if err != nil {
		t.Fatal(err)
	}
	var script strings.Builder
	up, _, _ := strings.Cut(string(first), "-- +goose Down")
	fmt.Fprintf(&script, "CREATE DATABASE %s CHARACTER SET utf8mb4; USE %s;\n%s\n", name, name, up)
	script.WriteString("CREATE TABLE goose_db_version (id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY, version_id BIGINT NOT NULL, is_applied BOOLEAN NOT NULL, tstamp TIMESTAMP NULL DEFAULT NOW());\n")
	script.WriteString("INSERT INTO goose_db_version (version_id, is_applied) VALUES (0,1),(1,1);\nINSERT INTO projects VALUES (1,'P',NOW());\n")
	quote := func(s string) string {
		return "'" + strings.ReplaceAll(strings.ReplaceAll(s, `\`, `\\`), "'", "''") + "'"
	}
	data, err := os.ReadFile("../core/edit/testdata/log-1.jsonl")
	if err != nil {
		t.Fatal(err)
	}
	lines := strings.Split(strings.TrimSpace(string(data)), "\n")
	fmt.Fprintf(&script, "INSERT INTO assemblies VALUES (7,1,'Crank drive','GV-120',%d,'',NOW());\n", len(lines)+3)
	fmt.Fprintf(&script, "INSERT INTO snapshots VALUES (7,0,%s);\n", quote(`{"number":"GV-120","name":"Crank drive","components":{},"mates":[]}`))
	type line struct{ Edit, Inverse, State json.RawMessage }
	var states []string
	add := func(seq int, kind string, target int, e, inv json.RawMessage) {
		fmt.Fprintf(&script, "INSERT INTO edits VALUES (7,%d,'%s',%d,NOW(),'designer','line %d',%s,%s);\n", seq, kind, target, seq, quote(string(e)), quote(string(inv)))
	}
	var last, before line
	for i, text := range lines {
		var l line
		if err := json.Unmarshal([]byte(text), &l); err != nil {
			t.Fatal(err)
		}
		add(i+1, "do", 0, l.Edit, l.Inverse)
		states = append(states, string(l.State))
		before, last = last, l
	}
	n := len(lines)
	add(n+1, "undo", n, last.Inverse, last.Edit)
	add(n+2, "undo", n-1, before.Inverse, before.Edit)
	add(n+3, "redo", n-1, before.Edit, before.Inverse)
	fmt.Fprintf(&script, "INSERT INTO blobs VALUES (%s,0,'abc'),(%s,1,'de');\n", quote(strings.Repeat("e", 64)), quote(strings.Repeat("e", 64)))
	run(script.String())
	s := must[*store.Store](t)(store.Open(context.Background(), dsn))
	defer s.Close()
	ctx := context.Background()
	st := must[store.State](t)(s.State(ctx, 7))
	if text(t, st.Asm) != states[n-2] || st.Seq != int64(n+3) {
		t.Errorf("seq %d, state\n%s\nwant\n%s", st.Seq, text(t, st.Asm), states[n-2])
	}
	if st.Undo.Seq != int64(n-1) || st.Redo.Seq != int64(n) {
		t.Errorf("to be taken back %+v, done again %+v", st.Undo, st.Redo)
	}
	back(t, s, 7, false)
	for i := n - 1; i > 0; i-- {
		back(t, s, 7, true)
		if st = must[store.State](t)(s.State(ctx, 7)); text(t, st.Asm) != states[i-1] {
			t.Fatalf("after taking back line %d the state differs", i+1)
		}
	}
	if by := must[[]store.Assembly](t)(s.UsedBy(ctx, "a7")); len(by) != 1 {
		t.Errorf("used by %v", by)
	}
	if size := must[int64](t)(s.BlobSize(ctx, strings.Repeat("e", 64))); size != 5 {
		t.Errorf("an old blob has %d bytes", size)
	}
	// of a newer program's tables nothing is touched
	run("INSERT INTO " + name + ".goose_db_version (version_id, is_applied) VALUES (99,1)")
	if _, err := store.Open(ctx, dsn); err == nil || !strings.Contains(err.Error(), "newer Setfast") {
		t.Errorf("tables of a newer program: %v", err)
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

// TestCollect: what nothing refers to goes, after a while; what is referred to, or was touched just now, stays.
func TestCollect(t *testing.T) {
	s, dsn := open(t)
	ctx := context.Background()
	project := must[int64](t)(s.CreateProject(ctx, "P"))
	put := func(text string) string { return must[string](t)(s.PutBlob(ctx, []byte(text))) }
	source, derived, preview, waiting, lost := put("source"), put("derived"), put("preview"), put("waiting"), put("lost")
	if _, _, err := s.AddPart(ctx, store.Part{ProjectID: project, SourceSHA256: source, SourceID: source, DerivedSHA256: derived, PreviewSHA256: preview}); err != nil {
		t.Fatal(err)
	}
	for _, f := range []store.ImportFile{{SHA256: waiting, State: "waiting"}, {SHA256: lost, State: "failed"}} {
		f.ProjectID, f.Batch = project, strings.Repeat("0", 32)
		must[int64](t)(s.AddImport(ctx, f))
	}
	if n, _, err := s.Collect(ctx, time.Hour); err != nil || n != 0 {
		t.Errorf("%d collected at once, %v", n, err)
	}
	n, bytes, err := s.Collect(ctx, -time.Second)
	if err != nil || n != 1 || bytes != 4 {
		t.Errorf("%d values, %d bytes collected, %v", n, bytes, err)
	}
	if _, err := s.Blob(ctx, lost); !errors.Is(err, store.ErrNotFound) {
		t.Errorf("still there: %v", err)
	}
	for _, id := range []string{source, derived, preview, waiting} {
		if _, err := s.Blob(ctx, id); err != nil {
			t.Error(err)
		}
	}
	if size := must[int64](t)(s.Stored(ctx, project)); size != 27 {
		t.Errorf("the project takes %d bytes", size)
	}
	// the rest of a transfer that broke off
	db := must[*sql.DB](t)(sql.Open("mysql", dsn))
	defer db.Close()
	if _, err := db.Exec("INSERT INTO blobs VALUES (?,0,'half')", strings.Repeat("d", 64)); err != nil {
		t.Fatal(err)
	}
	if err := s.CollectBroken(ctx); err != nil {
		t.Fatal(err)
	}
	var left int
	if err := db.QueryRow("SELECT COUNT(*) FROM blobs").Scan(&left); err != nil || left != 4 {
		t.Errorf("%d pieces left, %v", left, err)
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

// TestClaim: one program at a time has a database.
func TestClaim(t *testing.T) {
	s, dsn := open(t)
	other := must[*store.Store](t)(store.Open(context.Background(), dsn))
	defer other.Close()
	_, release, err := s.Claim(context.Background())
	if err != nil {
		t.Fatal(err)
	}
	if _, _, err := other.Claim(context.Background()); err == nil || !strings.Contains(err.Error(), "another Setfast serves") {
		t.Errorf("a second claim: %v", err)
	}
	release()
	_, release, err = other.Claim(context.Background())
	if err != nil {
		t.Fatal(err)
	}
	release()
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
