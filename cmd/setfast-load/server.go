package main

import (
	"bytes"
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"net"
	"net/http"
	"net/url"
	"os"
	"os/exec"
	"path/filepath"
	"strconv"
	"strings"
	"sync"
	"syscall"
	"time"
)

// server is a Setfast of our own, with the sample project, on a folder and a port of its own.
type server struct {
	bin, dir, base string
	port           int
	args           []string // what it is started as
	client         *http.Client

	mu     sync.Mutex
	cmd    *exec.Cmd
	ended  chan struct{}
	starts int
}

func newServer(bin string, args ...string) (*server, error) {
	dir, err := os.MkdirTemp("", "setfast-load-")
	if err != nil {
		return nil, err
	}
	l, err := net.Listen("tcp", "127.0.0.1:0")
	if err != nil {
		return nil, err
	}
	port := l.Addr().(*net.TCPAddr).Port
	l.Close()
	if len(args) == 0 {
		args = []string{"demo", "--data", filepath.Join(dir, "data")}
	}
	t := &http.Transport{MaxIdleConnsPerHost: 400}
	return &server{bin: bin, dir: dir, port: port, args: args, base: fmt.Sprintf("http://127.0.0.1:%d", port), client: &http.Client{Transport: t, Timeout: 40 * time.Second}}, nil
}

// start runs the program and waits until it answers.
func (s *server) start(ctx context.Context) error {
	log, err := os.OpenFile(filepath.Join(s.dir, "log"), os.O_CREATE|os.O_APPEND|os.O_WRONLY, 0o600)
	if err != nil {
		return err
	}
	defer log.Close()
	cmd := exec.Command(s.bin, append(s.args, "--port", strconv.Itoa(s.port))...)
	cmd.Stdout, cmd.Stderr = log, log
	cmd.SysProcAttr = &syscall.SysProcAttr{Setpgid: true}
	if err := cmd.Start(); err != nil {
		return err
	}
	ended := make(chan struct{})
	go func() { _ = cmd.Wait(); close(ended) }()
	s.mu.Lock()
	s.cmd, s.ended = cmd, ended
	s.starts++
	s.mu.Unlock()
	for deadline := time.Now().Add(90 * time.Second); time.Now().Before(deadline); {
		select {
		case <-ended:
			return errors.New("the program ended; see " + log.Name())
		case <-ctx.Done():
			return ctx.Err()
		case <-time.After(20 * time.Millisecond):
		}
		if r, err := s.client.Get(s.base + "/healthz"); err == nil {
			r.Body.Close()
			if r.StatusCode == 200 {
				return nil
			}
		}
	}
	return errors.New("the program does not answer; see " + log.Name())
}

func (s *server) stop() {
	s.mu.Lock()
	cmd, ended := s.cmd, s.ended
	s.mu.Unlock()
	if cmd != nil {
		_ = cmd.Process.Signal(syscall.SIGTERM)
		select {
		case <-ended:
		case <-time.After(20 * time.Second):
			_ = cmd.Process.Kill()
		}
	}
	_ = os.RemoveAll(s.dir)
}

// database is the process of the private database.
func (s *server) database() (int, error) {
	b, err := os.ReadFile(filepath.Join(s.dir, "data", "db", "mariadb.pid"))
	if err != nil {
		return 0, err
	}
	return strconv.Atoi(strings.TrimSpace(string(b)))
}

// answer is what comes back; what does not come back at all is an error.
type answer struct {
	code int
	body []byte
}

func (s *server) do(ctx context.Context, method, path string, body any) (answer, error) {
	var in io.Reader
	kind := "application/json"
	switch b := body.(type) {
	case nil:
	case url.Values:
		in, kind = strings.NewReader(b.Encode()), "application/x-www-form-urlencoded"
	default:
		data, err := json.Marshal(b)
		if err != nil {
			return answer{}, err
		}
		in = bytes.NewReader(data)
	}
	req, err := http.NewRequestWithContext(ctx, method, s.base+path, in)
	if err != nil {
		return answer{}, err
	}
	req.Header.Set("Accept", "application/json")
	req.Header.Set("Content-Type", kind)
	r, err := s.client.Do(req)
	if err != nil {
		return answer{}, err
	}
	defer r.Body.Close()
	data, err := io.ReadAll(r.Body)
	if err != nil {
		return answer{}, err
	}
	if r.Request.URL.Path != req.URL.Path || strings.HasPrefix(r.Request.URL.Path, "/a/") && kind != "application/json" { // led on to what was made
		return answer{r.StatusCode, []byte(r.Request.URL.Path)}, nil
	}
	return answer{r.StatusCode, data}, nil
}

// state is what is asked of a Bench.
type state struct {
	Seq        int64
	Later      bool
	Order      []string
	Components map[string]struct{ Part, Assembly string }
	Mates      map[string][]string // by the names of the relations; of an answer to an act those that changed
}

func (s *server) state(ctx context.Context, asm int64) (st state, err error) {
	a, err := s.do(ctx, "GET", fmt.Sprintf("/a/%d/state", asm), nil)
	if err == nil && a.code != 200 {
		err = fmt.Errorf("%d %s", a.code, a.body)
	}
	if err == nil {
		err = json.Unmarshal(a.body, &st)
	}
	return st, err
}

// copyOf makes an assembly with the parts and relations of another.
func (s *server) copyOf(ctx context.Context, project, of int64, name string) (int64, error) {
	from, err := s.state(ctx, of)
	if err != nil {
		return 0, err
	}
	a, err := s.do(ctx, "POST", fmt.Sprintf("/p/%d/assemblies", project), url.Values{"name": {name}})
	if err != nil {
		return 0, err
	}
	var id int64
	if _, err := fmt.Sscanf(string(a.body), "/a/%d", &id); err != nil {
		return 0, fmt.Errorf("no assembly was made: %d %s", a.code, a.body)
	}
	var items []string
	for _, name := range from.Order {
		c := from.Components[name]
		items = append(items, c.Part+c.Assembly)
	}
	acts := []map[string]any{{"do": "place", "items": items}}
	relations, err := s.relations(ctx, of)
	if err != nil {
		return 0, err
	}
	for _, m := range relations {
		acts = append(acts, map[string]any{"do": "relate", "type": m.Type, "on": m.B, "put": m.A})
	}
	for i, act := range acts {
		act["base"] = i
		if a, err = s.do(ctx, "POST", fmt.Sprintf("/a/%d/do", id), act); err != nil || a.code != 200 {
			return 0, fmt.Errorf("%v: %d %s %w", act, a.code, a.body, err)
		}
	}
	return id, nil
}

type said struct{ Type, A, B string }

// relations reads those of an assembly from its document.
func (s *server) relations(ctx context.Context, asm int64) ([]said, error) {
	a, err := s.do(ctx, "GET", fmt.Sprintf("/a/%d/export", asm), nil)
	if err != nil || a.code != 200 {
		return nil, fmt.Errorf("the document: %d %w", a.code, err)
	}
	var doc struct {
		Root       string
		Assemblies map[string]struct{ Mates []said }
	}
	err = json.Unmarshal(a.body, &doc)
	return doc.Assemblies[doc.Root].Mates, err
}

// lines reads the whole log of an assembly: what each line says.
func (s *server) lines(ctx context.Context, asm int64) (map[int64]string, error) {
	out := map[int64]string{}
	before := int64(1 << 60)
	for {
		a, err := s.do(ctx, "GET", fmt.Sprintf("/a/%d/log?before=%d", asm, before), nil)
		if err != nil || a.code != 200 {
			return nil, fmt.Errorf("the log: %d %w", a.code, err)
		}
		var list []struct {
			Seq  int64
			Said string
		}
		if err := json.Unmarshal(a.body, &list); err != nil {
			return nil, err
		}
		if len(list) == 0 {
			return out, nil
		}
		for _, l := range list {
			out[l.Seq] = l.Said
			before = l.Seq
		}
	}
}
