package web_test

import (
	"bufio"
	"bytes"
	"compress/gzip"
	"context"
	"errors"
	"fmt"
	"io"
	"mime/multipart"
	"net"
	"net/http"
	"strings"
	"sync"
	"testing"
	"time"

	"setfast/app/commands"
	"setfast/store"
	"setfast/web"
)

// TestHosts: the server answers to its own names alone, and takes changes from its own pages alone.
func TestHosts(t *testing.T) {
	asm, err := theApp.Store.CreateAssembly(context.Background(), store.Assembly{ProjectID: firstProject(t), Name: "Hosts"})
	if err != nil {
		t.Fatal(err)
	}
	host := strings.TrimPrefix(address, "http://")
	for _, c := range []struct {
		host, origin, site string
		code               int
	}{
		{"", "", "", 200}, {"localhost", "", "", 200}, {"LOCALHOST:1234", "", "", 200}, {"127.0.0.1", "", "", 200}, {"127.8.9.1:80", "", "", 200}, {"[::1]:8420", "", "", 200},
		{"localhost.", "", "", 200}, {"setfast.example", "", "", 200}, {"setfast.example:8443", "https://setfast.example:8443", "", 200},
		{"evil.example", "", "", 421}, {"localhost.evil.example", "", "", 421}, {"127.0.0.1.evil.example", "", "", 421}, {"192.0.2.7", "", "", 421}, {"setfast.example.evil", "", "", 421},
		{"evil.example", "http://evil.example", "same-origin", 421}, {"0x7f000001", "", "", 421}, {"2130706433", "", "", 421}, {"::1", "", "", 200},
		{"", "http://evil.example", "", 403}, {"", "null", "", 403}, {"", "http://localhost:1", "", 403}, {"", "", "cross-site", 403}, {"", "", "same-site", 403},
		{"", "http://" + host, "", 200}, {"", "https://setfast.example:8443", "", 200}, {"", "https://setfast.example", "", 403},
	} {
		st, err := theApp.Store.State(context.Background(), asm)
		if err != nil {
			t.Fatal(err)
		}
		req, _ := http.NewRequest("POST", fmt.Sprintf("%s/a/%d/do", address, asm), strings.NewReader(fmt.Sprintf(`{"do": "title", "to": "Hosts", "base": %d}`, st.Seq)))
		req.Header.Set("Accept", "application/json")
		if c.host != "" {
			req.Host = c.host
		}
		if c.origin != "" {
			req.Header.Set("Origin", c.origin)
		}
		if c.site != "" {
			req.Header.Set("Sec-Fetch-Site", c.site)
		}
		res, err := http.DefaultClient.Do(req)
		if err != nil {
			t.Fatal(err)
		}
		body, _ := io.ReadAll(res.Body)
		res.Body.Close()
		if res.StatusCode != c.code {
			t.Errorf("host %q, origin %q, site %q: %d %s; want %d", c.host, c.origin, c.site, res.StatusCode, body, c.code)
		}
	}
	// a request of the first version of the protocol may have no name at all
	conn, err := net.Dial("tcp", host)
	if err != nil {
		t.Fatal(err)
	}
	defer conn.Close()
	fmt.Fprintf(conn, "GET / HTTP/1.0\r\n\r\n")
	if line, _ := bufio.NewReader(conn).ReadString('\n'); !strings.Contains(line, "421") {
		t.Errorf("without a name: %q", line)
	}
	for _, bad := range []string{"http://setfast.example", "a/b", ""} {
		if _, err := web.New(theApp, web.Options{Solo: true, Hosts: []string{bad}}); err == nil {
			t.Errorf("%q was taken for a host", bad)
		}
	}
}

func firstProject(t *testing.T) int64 {
	t.Helper()
	id, err := theApp.Store.CreateProject(context.Background(), "Guard")
	if err != nil {
		t.Fatal(err)
	}
	return id
}

// TestTricklingBody: a request whose body does not come is ended, and holds nobody up; an upload has time as long as it comes.
func TestTricklingBody(t *testing.T) {
	t.Parallel() // it waits more than it works
	if testing.Short() {
		t.Skip("waits for a time-out")
	}
	project := firstProject(t)
	conn, err := net.Dial("tcp", strings.TrimPrefix(address, "http://"))
	if err != nil {
		t.Fatal(err)
	}
	defer conn.Close()
	fmt.Fprintf(conn, "POST /p/%d/name HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/x-www-form-urlencoded\r\nContent-Length: 1000\r\n\r\nname=Ve", project)
	start := time.Now()
	_ = conn.SetReadDeadline(start.Add(40 * time.Second))
	_, err = io.ReadAll(conn)
	var ne net.Error
	if errors.As(err, &ne) && ne.Timeout() {
		t.Errorf("after %v the server still waits for the rest of a form", time.Since(start))
	}
	if p, err := theApp.Store.Project(context.Background(), project); err != nil || p.Name != "Guard" {
		t.Errorf("half a name was taken: %q, %v", p.Name, err)
	}
}

// TestUpload hands files in through the server: one too many, one that breaks off, and a good one.
func TestUpload(t *testing.T) {
	project := firstProject(t)
	usual := theApp.Limits
	theApp.Limits.Upload = 1 << 20
	defer func() { theApp.Limits = usual }()
	send := func(size, cut int) (int, string) {
		var b bytes.Buffer
		m := multipart.NewWriter(&b)
		w, _ := m.CreateFormFile("files", "a\xffb.step")
		_, _ = io.WriteString(w, "ISO-10303-21;\n"+strings.Repeat(" ", size))
		m.Close()
		body := b.Bytes()
		if cut > 0 {
			body = body[:len(body)-cut]
		}
		req, _ := http.NewRequest("POST", fmt.Sprintf("%s/p/%d/imports", address, project), bytes.NewReader(body))
		req.Header.Set("Content-Type", m.FormDataContentType())
		req.Header.Set("Accept", "application/json")
		res, err := http.DefaultClient.Do(req)
		if err != nil {
			return 0, err.Error()
		}
		defer res.Body.Close()
		text, _ := io.ReadAll(res.Body)
		return res.StatusCode, string(text)
	}
	if code, text := send(3<<20, 0); code != 422 && code != 0 || code == 422 && !strings.Contains(text, "1 MB together") {
		t.Errorf("too much: %d %s", code, text)
	}
	if code, text := send(5000, 100); code != 422 || !strings.Contains(text, "broke off") {
		t.Errorf("cut: %d %s", code, text)
	}
	if list, err := theApp.Store.Importing(context.Background(), project); err != nil || len(list) != 0 {
		t.Errorf("of what was refused %d files are kept, %v", len(list), err)
	}
	if code, text := send(5000, 0); code != 200 || !strings.Contains(text, `"name":"a_`) {
		t.Errorf("good: %d %s", code, text)
	}
}

// TestManyPeople lets people edit, look at, tug at and leave one Bench all at once, through the server; a few go away in the midst.
// Afterwards the log holds each acknowledged act once.
func TestManyPeople(t *testing.T) {
	ctx := context.Background()
	stand := sampleAssembly(t, "Bearing stand")
	j, err := theApp.Judge(ctx, stand)
	if err != nil {
		t.Fatal(err)
	}
	acked := make(chan string, 200)
	var wg sync.WaitGroup
	for i := range 20 {
		wg.Go(func() {
			base := j.Seq
			for k := range 3 {
				says := fmt.Sprintf("%d of %d", k, i)
				for range 200 {
					code, seq, err := post(fmt.Sprintf("/a/%d/do", stand), map[string]any{"do": "title", "to": says, "base": base, "token": fmt.Sprintf("t-%d-%d", i, k)})
					if err != nil || code != 200 && code != 409 && code != 503 {
						t.Errorf("%d, %v", code, err)
						return
					}
					if code == 200 {
						acked <- "name the assembly " + says
						base = seq
						break
					}
					st, err := theApp.Store.State(ctx, stand)
					if err != nil {
						t.Error(err)
						return
					}
					base = st.Seq
				}
				away, cancel := context.WithTimeout(ctx, time.Duration(i)*time.Millisecond)
				for _, path := range []string{"state", "bare", "swing/0", "log"} {
					req, _ := http.NewRequestWithContext(away, "GET", fmt.Sprintf("%s/a/%d/%s", address, stand, path), nil)
					if res, err := http.DefaultClient.Do(req); err == nil {
						_, _ = io.Copy(io.Discard, res.Body)
						res.Body.Close()
					}
				}
				cancel()
			}
		})
	}
	wg.Wait()
	close(acked)
	lines, err := theApp.Store.Log(ctx, stand, 1<<40, 1000)
	if err != nil {
		t.Fatal(err)
	}
	said := map[string]int{}
	for _, l := range lines {
		said[l.Said]++
	}
	n := 0
	for a := range acked {
		if n++; said[a] != 1 {
			t.Errorf("%q stands %d times in the log", a, said[a])
		}
	}
	if n != 60 {
		t.Errorf("%d of 60 acts were done", n)
	}
	// and all is taken back again, for the tests that follow
	for {
		st, err := theApp.Store.State(ctx, stand)
		if err != nil {
			t.Fatal(err)
		}
		if st.Undo.Seq <= j.Seq {
			break
		}
		if _, err := theApp.Undo(ctx, stand, st.Seq, "test", ""); err != nil {
			t.Fatal(err)
		}
	}
}

// TestStatePacked: a state comes packed to who takes that, and is the same.
func TestStatePacked(t *testing.T) {
	path := fmt.Sprintf("%s/a/%d/state", address, sampleAssembly(t, "Crank drive"))
	get := func(packed bool) []byte {
		req, _ := http.NewRequest("GET", path, nil)
		req.Header.Set("Accept-Encoding", map[bool]string{true: "gzip", false: "identity"}[packed])
		res, err := http.DefaultTransport.RoundTrip(req)
		if err != nil {
			t.Fatal(err)
		}
		defer res.Body.Close()
		var r io.Reader = res.Body
		if packed {
			if r, err = gzip.NewReader(res.Body); err != nil {
				t.Fatal(err)
			}
		}
		b, err := io.ReadAll(r)
		if err != nil {
			t.Fatal(err)
		}
		return b
	}
	if a, b := get(false), get(true); !bytes.Equal(a, b) || len(a) < 1000 {
		t.Errorf("%d bytes plain, %d packed", len(a), len(b))
	}
}

// TestAnsweredOnceCommitted: an act whose new state cannot be shown at once is there all the same, and is not told as an error.
func TestAnsweredOnceCommitted(t *testing.T) {
	ctx := context.Background()
	asm, err := theApp.Store.CreateAssembly(ctx, store.Assembly{ProjectID: firstProject(t), Name: "Slow"})
	if err != nil {
		t.Fatal(err)
	}
	if _, err := theApp.Do(ctx, asm, "test", commands.Meant{Command: commands.Title{To: "One"}}); err != nil {
		t.Fatal(err)
	}
	usual := theApp.Limits
	theApp.Limits.Open = 1 // no account is ever ready in time
	defer func() { theApp.Limits = usual }()
	p, err := theApp.Undo(ctx, asm, 1, "test", "")
	if err != nil || p.Seq != 2 || p.Judged != nil {
		t.Fatalf("%+v, %v", p, err)
	}
	code, seq, err := post(fmt.Sprintf("/a/%d/redo", asm), map[string]any{"base": 2})
	if err != nil || code != 200 || seq != 3 {
		t.Errorf("done again: %d, line %d, %v", code, seq, err)
	}
}
