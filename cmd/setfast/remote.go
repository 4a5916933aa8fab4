package main

import (
	"bytes"
	"context"
	"encoding/json"
	"errors"
	"flag"
	"fmt"
	"io"
	"net/http"
	"net/url"
	"os"
	"os/signal"
	"path/filepath"
	"strconv"
	"strings"
	"syscall"
	"time"
)

// remote is a Setfast server that is spoken to over its API, in somebody's name by a token: of a file, or SETFAST_TOKEN. A token never stands among the arguments,
// where others could read it.
type remote struct {
	base, tokenFile, token string
	client                 *http.Client
}

func (r *remote) flags(fs *flag.FlagSet) {
	fs.StringVar(&r.base, "server", "", "the `address` of the server, such as https://setfast.example")
	fs.StringVar(&r.tokenFile, "token-file", "", "the `file` that holds a token of yours (page You); else SETFAST_TOKEN holds it")
}

// ready sees that there are an address and, for servers on which people sign in, a token.
func (r *remote) ready() error {
	u, err := url.Parse(r.base)
	if err != nil || u.Host == "" || u.Scheme != "http" && u.Scheme != "https" {
		return errors.New("--server takes an address such as https://setfast.example")
	}
	r.base = strings.TrimSuffix(r.base, "/")
	r.token = os.Getenv("SETFAST_TOKEN")
	if r.tokenFile != "" {
		data, err := os.ReadFile(r.tokenFile)
		if err != nil {
			return fmt.Errorf("%s: %w", r.tokenFile, plain(err))
		}
		r.token = strings.TrimSpace(string(data))
	}
	host := u.Hostname()
	if r.token != "" && u.Scheme == "http" && host != "localhost" && !strings.HasPrefix(host, "127.") && host != "::1" {
		return errors.New("a token must not travel for all to read: use https")
	}
	r.client = &http.Client{Timeout: 10 * time.Minute, CheckRedirect: func(*http.Request, []*http.Request) error { return http.ErrUseLastResponse }}
	return nil
}

// ask sends a request and reads the answer; a server that is busy is asked again.
func (r *remote) ask(ctx context.Context, method, path, kind string, body io.ReadSeeker, out any) error {
	for try := 1; ; try++ {
		var in io.Reader
		if body != nil {
			if _, err := body.Seek(0, io.SeekStart); err != nil {
				return err
			}
			in = io.NopCloser(body)
		}
		req, err := http.NewRequestWithContext(ctx, method, r.base+"/api/v1"+path, in)
		if err != nil {
			return err
		}
		if f, ok := body.(interface{ Stat() (os.FileInfo, error) }); ok {
			if st, err := f.Stat(); err == nil {
				req.ContentLength = st.Size()
			}
		}
		req.Header.Set("Accept", "application/json")
		if kind != "" {
			req.Header.Set("Content-Type", kind)
		}
		if r.token != "" {
			req.Header.Set("Authorization", "Bearer "+r.token)
		}
		res, err := r.client.Do(req)
		if err != nil {
			return fmt.Errorf("%s does not answer: %w", r.base, errors.Unwrap(err))
		}
		data, err := io.ReadAll(res.Body)
		res.Body.Close()
		if err != nil {
			return err
		}
		if res.StatusCode == http.StatusServiceUnavailable && try < 5 {
			select {
			case <-ctx.Done():
				return context.Cause(ctx)
			case <-time.After(time.Duration(try) * time.Second):
			}
			continue
		}
		if res.StatusCode >= 300 {
			var fault struct{ Error string }
			if json.Unmarshal(data, &fault) != nil || fault.Error == "" {
				fault.Error = res.Status
			}
			return fmt.Errorf("%s says: %s", r.base, fault.Error)
		}
		if raw, ok := out.(*[]byte); ok {
			*raw = data
			return nil
		}
		return json.Unmarshal(data, out)
	}
}

// What the client reads of answers; the server describes all of it at /api/v1/openapi.json.
type (
	remoteProject struct {
		ID   int64
		Name string
	}
	remoteAssembly struct {
		ID, Seq       int64
		Name, Verdict string
	}
	remoteBatch struct {
		Batch string
		Files []struct{ Name, State, Message string }
	}
)

// project finds a project by its name or number, or starts it.
func (r *remote) project(ctx context.Context, name string, start bool) (remoteProject, error) {
	var all []remoteProject
	if err := r.ask(ctx, "GET", "/projects", "", nil, &all); err != nil {
		return remoteProject{}, err
	}
	for _, p := range all {
		if p.Name == name || strconv.FormatInt(p.ID, 10) == name {
			return p, nil
		}
	}
	if !start {
		return remoteProject{}, fmt.Errorf("there is no project %q that you are in", name)
	}
	data, err := json.Marshal(map[string]string{"name": name})
	if err != nil {
		return remoteProject{}, err
	}
	var p remoteProject
	return p, r.ask(ctx, "POST", "/projects", "application/json", bytes.NewReader(data), &p)
}

// assembly finds an assembly: by its number, or as project/name.
func (r *remote) assembly(ctx context.Context, called string) (a remoteAssembly, err error) {
	if id, err := strconv.ParseInt(called, 10, 64); err == nil {
		return a, r.ask(ctx, "GET", fmt.Sprint("/assemblies/", id), "", nil, &a)
	}
	in, name, ok := strings.Cut(called, "/")
	if !ok {
		return a, fmt.Errorf("an assembly is called by its number, or as project/name, not %q", called)
	}
	p, err := r.project(ctx, in, false)
	if err != nil {
		return a, err
	}
	var all []remoteAssembly
	if err := r.ask(ctx, "GET", fmt.Sprintf("/projects/%d/assemblies", p.ID), "", nil, &all); err != nil {
		return a, err
	}
	for _, x := range all {
		if x.Name == name {
			return x, nil
		}
	}
	return a, fmt.Errorf("there is no assembly %q in %s", name, p.Name)
}

// runPush hands files to a server and waits until they are read.
func runPush(c *call) int {
	var r remote
	r.flags(c.FlagSet)
	into := c.String("project", "", "the `name` of the project, started where there is none")
	files, code, ok := c.files(1, 1000)
	if !ok {
		return code
	}
	if *into == "" {
		return c.bad("push wants --project, the name of the project")
	}
	if err := r.ready(); err != nil {
		return c.fail("%v", err)
	}
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	p, err := r.project(ctx, *into, true)
	if err != nil {
		return c.fail("%v", err)
	}
	for _, f := range files {
		bad, err := r.push(ctx, p.ID, f, c.out)
		if err != nil {
			return c.fail("%s: %v", f, err)
		}
		if bad {
			code = 1
		}
	}
	return code
}

// push hands one file in; bad where it was not taken.
func (r *remote) push(ctx context.Context, project int64, file string, out io.Writer) (bad bool, err error) {
	f, err := os.Open(file)
	if err != nil {
		return false, plain(err)
	}
	defer f.Close()
	var b remoteBatch
	at := fmt.Sprintf("/projects/%d/files", project)
	if err := r.ask(ctx, "POST", at+"?name="+url.QueryEscape(filepath.Base(file)), "application/octet-stream", f, &b); err != nil {
		return false, err
	}
	for {
		open := false
		for _, x := range b.Files {
			open = open || x.State == "waiting" || x.State == "with" || x.State == "reading"
		}
		if !open {
			break
		}
		select {
		case <-ctx.Done():
			return false, context.Cause(ctx)
		case <-time.After(200 * time.Millisecond):
		}
		if err := r.ask(ctx, "GET", at+"/"+b.Batch, "", nil, &b); err != nil {
			return false, err
		}
	}
	for _, x := range b.Files {
		fmt.Fprintf(out, "%s: %s%s\n", x.Name, x.State, map[bool]string{true: ", " + x.Message}[x.Message != ""])
		bad = bad || x.State != "done"
	}
	return bad, nil
}

// runPull fetches an assembly from a server.
func runPull(c *call) int {
	var r remote
	r.flags(c.FlagSet)
	to := c.String("out", "", "the `file`: a document, or with .zip a bundle with the files of its parts; called as the assembly where none is named")
	force := c.Bool("force", false, "overwrite the file")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	if err := r.ready(); err != nil {
		return c.fail("%v", err)
	}
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	a, err := r.assembly(ctx, files[0])
	if err != nil {
		return c.fail("%v", err)
	}
	file := *to
	if file == "" {
		file = strings.NewReplacer("/", "-", "\\", "-", ":", "-").Replace(a.Name) + ".zip"
	}
	if err := free(file, *force); err != nil {
		return c.fail("%v", err)
	}
	what := "document"
	if strings.HasSuffix(strings.ToLower(file), ".zip") {
		what = "bundle"
	}
	var data []byte
	if err := r.ask(ctx, "GET", fmt.Sprintf("/assemblies/%d/%s", a.ID, what), "", nil, &data); err != nil {
		return c.fail("%v", err)
	}
	if err := os.WriteFile(file, data, 0o666); err != nil {
		return c.fail("%s could not be written: %v", file, plain(err))
	}
	fmt.Fprintf(c.out, "%s: %s as of line %d\n", file, a.Name, a.Seq)
	return 0
}

// checkAt judges assemblies at a server, as check judges files.
func (r *remote) checkAt(c *call, called []string, asJSON bool) (code int) {
	if err := r.ready(); err != nil {
		return c.fail("%v", err)
	}
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	for _, name := range called {
		a, err := r.assembly(ctx, name)
		var raw []byte
		if err == nil {
			err = r.ask(ctx, "GET", fmt.Sprintf("/assemblies/%d/report", a.ID), "", nil, &raw)
		}
		var rep struct {
			Root, Verdict string
			Assemblies    map[string]struct{ Opening, Asked, Removed, Left, Planned, Idle, Loose, Doubled int }
		}
		if err == nil {
			err = json.Unmarshal(raw, &rep)
		}
		if err != nil {
			code = max(code, c.fail("%s: %v", name, err))
			continue
		}
		if rep.Verdict != "set" && rep.Verdict != "moves as planned" {
			code = max(code, 1)
		}
		if asJSON {
			fmt.Fprintf(c.out, "%s\n", raw)
			continue
		}
		x := rep.Assemblies[rep.Root]
		fmt.Fprintf(c.out, "%s: %s\n  opening %d · asked %d · removed %d · left %d · planned %d · idle %d · loose %d · doubled %d\n", a.Name, rep.Verdict,
			x.Opening, x.Asked, x.Removed, x.Left, x.Planned, x.Idle, x.Loose, x.Doubled)
	}
	return code
}
