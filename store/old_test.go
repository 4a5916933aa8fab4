package store_test

import (
	"context"
	"encoding/json"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"testing"

	"setfast/store"
	"setfast/store/private"
)

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
