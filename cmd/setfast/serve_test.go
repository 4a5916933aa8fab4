package main

import (
	"bytes"
	"context"
	"fmt"
	"io"
	"net/http"
	"os"
	"os/exec"
	"path/filepath"
	"regexp"
	"strconv"
	"strings"
	"sync"
	"syscall"
	"testing"
	"time"

	"setfast/store"
	"setfast/store/private"
)

// program is a Setfast that serves in a process of its own.
type program struct {
	*exec.Cmd
	address string
	mu      sync.Mutex
	out     bytes.Buffer
	ended   chan struct{}
}

func (p *program) Write(b []byte) (int, error) {
	p.mu.Lock()
	defer p.mu.Unlock()
	return p.out.Write(b)
}

func (p *program) said() string {
	p.mu.Lock()
	defer p.mu.Unlock()
	return p.out.String()
}

var ready = regexp.MustCompile(`ready after .*: (http://\S+)/`)

// serve starts a program and waits until it says where it is, or has ended.
func serve(t *testing.T, args ...string) *program {
	t.Helper()
	p := &program{Cmd: exec.Command(os.Args[0], append([]string{"serve", "--solo", "--port", "0"}, args...)...), ended: make(chan struct{})}
	p.Env = append(os.Environ(), "TEST_BE_SETFAST=1")
	p.Stdout, p.Stderr = p, p
	if err := p.Start(); err != nil {
		t.Fatal(err)
	}
	go func() { _ = p.Wait(); close(p.ended) }()
	t.Cleanup(func() {
		_ = p.Process.Signal(syscall.SIGTERM)
		select {
		case <-p.ended:
		case <-time.After(30 * time.Second):
			_ = p.Process.Kill()
		}
	})
	for deadline := time.Now().Add(time.Minute); time.Now().Before(deadline); time.Sleep(10 * time.Millisecond) {
		if m := ready.FindStringSubmatch(p.said()); m != nil {
			p.address = m[1]
			return p
		}
		select {
		case <-p.ended:
			return p
		default:
		}
	}
	t.Fatal("it neither starts nor ends: ", p.said())
	return nil
}

func (p *program) well() bool {
	res, err := http.Get(p.address + "/healthz")
	if err != nil {
		return false
	}
	defer res.Body.Close()
	_, _ = io.Copy(io.Discard, res.Body)
	return res.StatusCode == 200
}

func soon(t *testing.T, what string, ok func() bool) {
	t.Helper()
	for deadline := time.Now().Add(30 * time.Second); !ok(); time.Sleep(20 * time.Millisecond) {
		if time.Now().After(deadline) {
			t.Fatal("it never came to be that ", what)
		}
	}
}

func databasePID(t *testing.T, dir string) int {
	t.Helper()
	b, err := os.ReadFile(filepath.Join(dir, "db", "mariadb.pid"))
	if err != nil {
		t.Fatal(err)
	}
	n, err := strconv.Atoi(strings.TrimSpace(string(b)))
	if err != nil {
		t.Fatal(err)
	}
	return n
}

// longFolder is one whose name no socket could have.
func longFolder(t *testing.T) string {
	t.Helper()
	dir := filepath.Join(t.TempDir(), strings.Repeat("long-", 25))
	if err := os.MkdirAll(dir, 0o700); err != nil {
		t.Fatal(err)
	}
	return dir
}

// TestTwoStarts: of two programs on one folder one runs, whichever way the other was started, and the data of the one that runs are
// never thrown away. Backups are written beside it all the while.
func TestTwoStarts(t *testing.T) {
	dir := longFolder(t)
	one := serve(t, "--data", dir)
	if !one.well() {
		t.Fatal(one.said())
	}
	for _, args := range [][]string{{}, {"--reset", "--yes"}} {
		two := serve(t, append([]string{"--data", dir}, args...)...)
		<-two.ended
		if code := two.ProcessState.ExitCode(); code != 2 || !strings.Contains(two.said(), "another Setfast uses the data") || strings.Count(two.said(), "\n") != 1 {
			t.Errorf("a second start %v: exit %d, %s", args, code, two.said())
		}
	}
	res, err := http.PostForm(one.address+"/projects", map[string][]string{"name": {"Kept"}})
	if err != nil {
		t.Fatal(err)
	}
	res.Body.Close()
	file := filepath.Join(t.TempDir(), "backup.gz")
	if code, out, errs := do("backup", file, "--data", dir); code != 0 {
		t.Errorf("backup beside: exit %d, %s%s", code, out, errs)
	}
	if code, _, errs := do("restore", file, "--data", dir, "--replace"); code != 2 || !strings.Contains(errs, "another Setfast uses the data") {
		t.Errorf("restore beside: exit %d, %s", code, errs)
	}
	// parts are handed to the one that runs; what is no part, and what cannot be read, is a finding
	part, note := "../../kernel/testdata/as1-oc-214.stp", filepath.Join(t.TempDir(), "notes.txt")
	if err := os.WriteFile(note, []byte("not a part"), 0o600); err != nil {
		t.Fatal(err)
	}
	for _, c := range []struct {
		files []string
		code  int
		says  string
	}{{[]string{part}, 0, "done"}, {[]string{part, note}, 1, "left over"}} {
		if code, out, errs := do(append([]string{"import", "--data", dir, "--project", "Kept"}, c.files...)...); code != c.code || !strings.Contains(out, c.says) {
			t.Errorf("import beside: exit %d, %s%s", code, out, errs)
		}
	}
	if !one.well() {
		t.Error("the first does not answer any more: ", one.said())
	}
	// two at the same moment on a new folder
	dir = t.TempDir()
	var both [2]*program
	var wg sync.WaitGroup
	for i := range both {
		wg.Go(func() { both[i] = serve(t, "--data", dir) })
	}
	wg.Wait()
	if (both[0].address == "") == (both[1].address == "") {
		t.Errorf("two starts at once:\n%s\n%s", both[0].said(), both[1].said())
	}
	// what was backed up is there in another folder; data that are there stay, unless that is wanted
	other := t.TempDir()
	for i, c := range []struct {
		args []string
		code int
		says string
	}{
		{[]string{"restore", file, "--data", other}, 0, "as they were"},
		{[]string{"restore", file, "--data", other}, 2, "--replace"},
		{[]string{"restore", file, "--data", other, "--replace"}, 0, "as they were"},
		{[]string{"restore", filepath.Join(other, "none"), "--data", other}, 2, "no such file"},
		{[]string{"restore", os.Args[0], "--data", other, "--replace"}, 2, "is no backup"},
		{[]string{"backup", "/nowhere/x.gz", "--data", other}, 2, "cannot be written"},
		{[]string{"backup", filepath.Join(other, "x.gz"), "--data", filepath.Join(other, "empty")}, 2, "no data"},
		{[]string{"backup"}, 2, "wants a file"},
	} {
		if code, out, errs := do(c.args...); code != c.code || !strings.Contains(out+errs, c.says) {
			t.Errorf("%d, %v: exit %d, want %d with %q: %s%s", i, c.args, code, c.code, c.says, out, errs)
		}
	}
	// a backup that was cut short is not brought back
	data, err := os.ReadFile(file)
	if err != nil {
		t.Fatal(err)
	}
	cut := filepath.Join(other, "cut.gz")
	if err := os.WriteFile(cut, data[:len(data)*2/3], 0o600); err != nil {
		t.Fatal(err)
	}
	if code, _, errs := do("restore", cut, "--data", other, "--replace"); code != 2 || !strings.Contains(errs, "damaged") {
		t.Errorf("a cut backup: exit %d, %s", code, errs)
	}
	if names := projects(t, other); names != "Kept" {
		t.Errorf("after all that the projects are %q", names)
	}
}

// projects reads the names of the projects in a folder.
func projects(t *testing.T, dir string) string {
	t.Helper()
	db, err := private.Start(context.Background(), filepath.Join(dir, "db"))
	if err != nil {
		t.Fatal(err)
	}
	defer db.Stop()
	s, err := store.Open(context.Background(), store.DSN("unix", db.Socket, "root", "", "setfast"))
	if err != nil {
		t.Fatal(err)
	}
	defer s.Close()
	ps, err := s.Projects(context.Background())
	if err != nil {
		t.Fatal(err)
	}
	var names []string
	for _, p := range ps {
		names = append(names, p.Name)
	}
	return strings.Join(names, ", ")
}

// TestDatabaseDies kills the database under a program: it is there again, and the program has answered all the while. One that
// cannot be started again ends the program, and not as if all were well.
func TestDatabaseDies(t *testing.T) {
	dir := t.TempDir()
	p := serve(t, "--data", dir)
	for range 2 {
		pid := databasePID(t, dir)
		if err := syscall.Kill(pid, syscall.SIGKILL); err != nil {
			t.Fatal(err)
		}
		soon(t, "another database runs", func() bool {
			b, err := os.ReadFile(filepath.Join(dir, "db", "mariadb.pid"))
			return err == nil && strings.TrimSpace(string(b)) != fmt.Sprint(pid) && p.well()
		})
	}
	// kill the program too: the next start waits for what it left behind
	_ = p.Process.Kill()
	<-p.ended
	p = serve(t, "--data", dir)
	if !p.well() {
		t.Fatal("after a kill: ", p.said())
	}
	if err := os.RemoveAll(filepath.Join(dir, "db", "data", "mysql")); err != nil {
		t.Fatal(err)
	}
	if err := syscall.Kill(databasePID(t, dir), syscall.SIGKILL); err != nil {
		t.Fatal(err)
	}
	select {
	case <-p.ended:
	case <-time.After(time.Minute):
		t.Fatal("it goes on without a database: ", p.said())
	}
	if code := p.ProcessState.ExitCode(); code != 3 || !strings.Contains(p.said(), "would not stay up") {
		t.Errorf("exit %d, %s", code, p.said())
	}
}

// TestYourDatabase serves from a MariaDB that was started apart, which two programs may do at once.
func TestYourDatabase(t *testing.T) {
	db, err := private.Start(context.Background(), filepath.Join(t.TempDir(), "db"))
	if err != nil {
		t.Fatal(err)
	}
	defer db.Stop()
	dsn := fmt.Sprintf("root@unix(%s)/workshop", db.Socket)
	p := serve(t, "--database", dsn)
	if !p.well() {
		t.Fatal(p.said())
	}
	q := serve(t, "--database", dsn)
	if !q.well() {
		t.Errorf("a second program: %s", q.said())
	}
	file := filepath.Join(t.TempDir(), "b.gz")
	if code, _, errs := do("backup", file, "--database", dsn); code != 0 {
		t.Error(errs)
	}
	if code, _, errs := do("restore", file, "--replace", "--database", dsn); code != 2 || !strings.Contains(errs, `a Setfast serves the database "workshop"`) {
		t.Errorf("restored under two that serve: %d, %s", code, errs)
	}
	for args, says := range map[string]string{"nonsense": "the database address", "root@unix(/nowhere.sock)/x": "does not answer", "root@unix(" + db.Socket + ")/": "names no database"} {
		q := serve(t, "--database", args)
		<-q.ended
		if q.ProcessState.ExitCode() != 2 || !strings.Contains(q.said(), says) {
			t.Errorf("%s: %s", args, q.said())
		}
	}
	if code, _, errs := do("restore", file, "--database", strings.Replace(dsn, "/workshop", "/another", 1)); code != 0 {
		t.Error(errs)
	}
}

// TestFullDisk serves from a disk that fills up: it says so while edits are still saved, and when the disk is full nothing is lost
// and the program goes on once there is room.
func TestFullDisk(t *testing.T) {
	dir := t.TempDir()
	if err := syscall.Mount("tmpfs", dir, "tmpfs", 0, "size=420m"); err != nil {
		t.Skip("a small disk cannot be made here: ", err)
	}
	t.Cleanup(func() { _ = syscall.Unmount(dir, syscall.MNT_DETACH) })
	p := serve(t, "--data", dir)
	post := func(path, form string) (int, string) {
		req, _ := http.NewRequest("POST", p.address+path, strings.NewReader(form))
		req.Header.Set("Content-Type", "application/x-www-form-urlencoded")
		req.Header.Set("Accept", "application/json")
		c := &http.Client{CheckRedirect: func(*http.Request, []*http.Request) error { return http.ErrUseLastResponse }}
		res, err := c.Do(req)
		if err != nil {
			return 0, err.Error()
		}
		defer res.Body.Close()
		b, _ := io.ReadAll(res.Body)
		return res.StatusCode, string(b)
	}
	page := func() string {
		res, err := http.Get(p.address + "/")
		if err != nil {
			return err.Error()
		}
		defer res.Body.Close()
		b, _ := io.ReadAll(res.Body)
		return string(b)
	}
	if s := page(); !strings.Contains(s, "The disk is nearly full") {
		t.Error("a disk with little room is not told")
	}
	made := 0
	fill := filepath.Join(dir, "fill")
	for full := false; !full; {
		f, err := os.OpenFile(fill, os.O_CREATE|os.O_APPEND|os.O_WRONLY, 0o600)
		if err != nil {
			t.Fatal(err)
		}
		_, err = f.Write(make([]byte, 8<<20))
		full = err != nil
		f.Close()
		if code, _ := post("/projects", fmt.Sprintf("name=Project+%d", made)); code == 303 {
			made++
		}
	}
	refused := 0
	for range 400 { // the tables take a little yet
		switch code, text := post("/projects", fmt.Sprintf("name=Project+%d+%s", made, strings.Repeat("x", 150))); code {
		case 303:
			made++
		case 507, 503:
			refused++
		default:
			t.Errorf("on a full disk: %d %s", code, text)
		}
	}
	if err := os.Remove(fill); err != nil {
		t.Fatal(err)
	}
	soon(t, "there is room again", func() bool {
		code, _ := post("/projects", "name=After")
		return code == 303
	})
	if n := strings.Count(page(), `href="/p/`); n != made+1 {
		t.Errorf("%d projects were made, %d are there", made+1, n)
	}
	t.Logf("%d made, %d refused", made, refused)
}
