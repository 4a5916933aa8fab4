package web_test

import (
	"context"
	"fmt"
	"net"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"setfast/app"
	"setfast/demo"
	"setfast/internal/bed"
	"setfast/store"
	"setfast/web"
	"setfast/web/drive"
)

var (
	address string
	theApp  *app.App
)

func TestMain(m *testing.M) {
	os.Exit(bed.Run(func(ctx context.Context, made *app.App) int {
		theApp = made
		if err := serve(ctx); err != nil {
			fmt.Fprintln(os.Stderr, err)
			return 1
		}
		defer drive.Stop()
		return m.Run()
	}))
}

// serve puts the interface on loopback.
func serve(ctx context.Context) error {
	srv, err := web.New(theApp, web.Options{Solo: true, Hosts: []string{"setfast.example:8443"}})
	if err != nil {
		return err
	}
	l, err := net.Listen("tcp", "127.0.0.1:0")
	if err != nil {
		return err
	}
	address = "http://" + l.Addr().String()
	go func() { _ = theApp.ReadUploads(ctx) }()
	go theApp.RunJobs(ctx)
	go func() { _ = srv.Serve(ctx, l) }()
	return nil
}

// serving puts an interface of its own on loopback, at a place or anywhere, until it is stopped.
func serving(t *testing.T, where string) (at string, stop func()) {
	t.Helper()
	srv, err := web.New(theApp, web.Options{Solo: true})
	if err != nil {
		t.Fatal(err)
	}
	l, err := net.Listen("tcp", where)
	if err != nil {
		t.Fatal(err)
	}
	ctx, cancel := context.WithCancel(context.Background())
	ended := make(chan error, 1)
	go func() { ended <- srv.Serve(ctx, l) }()
	t.Cleanup(cancel)
	return l.Addr().String(), func() { cancel(); <-ended; l.Close() }
}

// walker drives a page and stops the test at the first step that fails.
type walker struct {
	*testing.T
	*drive.Page
}

func (w *walker) ok(err error) {
	w.T.Helper()
	if err != nil {
		if dir := os.Getenv("SETFAST_SHOTS"); dir != "" {
			_ = w.Shot(filepath.Join(dir, "failed.png"))
		}
		w.Fatal(err)
	}
}
func (w *walker) click(css string)    { w.T.Helper(); w.ok(w.Click(css)) }
func (w *walker) until(script string) { w.T.Helper(); w.ok(w.Until(script)) }
func (w *walker) keys(k string)       { w.T.Helper(); w.ok(w.Page.Type(k)) }
func (w *walker) text(script string) string {
	w.T.Helper()
	s, err := drive.Eval[string](w.Page, script)
	w.ok(err)
	return s
}
func (w *walker) run(script string) {
	w.T.Helper()
	_, err := drive.Eval[struct{}](w.Page, "void ("+script+")")
	w.ok(err)
}

// seq waits for the state after the given number of lines.
func (w *walker) seq(n int) {
	w.T.Helper()
	w.until(fmt.Sprintf(`document.body.dataset.seq === "%d"`, n))
}

// changed does something and waits until its line is there.
func (w *walker) changed(do string) {
	w.T.Helper()
	seq := w.text(`document.body.dataset.seq`)
	w.run(do)
	w.until(fmt.Sprintf(`document.body.dataset.seq !== %q && !document.body.hasAttribute("aria-busy")`, seq))
}

// undo takes the last line back.
func (w *walker) undo() {
	w.T.Helper()
	w.changed(`document.querySelector("[data-act=undo]").click()`)
}

// nearest names the feature of a component of one kind nearest to a point of the part.
func (w *walker) nearest(component, kind string, x, y, z float64) string {
	w.T.Helper()
	return w.text(fmt.Sprintf(`(() => { const d = (r) => Math.hypot(r.at[0] - %g, r.at[1] - %g, r.at[2] - %g); return setfast.refs(%q).filter((r) => r.kind === %q).sort((a, b) => d(a) - d(b))[0].ref; })()`, x, y, z, component, kind))
}

// point clicks where a feature is drawn, after reading its name under the cursor.
func (w *walker) point(ref, says string) {
	w.T.Helper()
	at, err := drive.Eval[[]float64](w.Page, fmt.Sprintf("setfast.where(%q)", ref))
	w.ok(err)
	w.ok(w.MoveTo(at[0], at[1]))
	if name := w.text(`document.querySelector("#under").textContent`); !strings.Contains(name, says) {
		w.ok(w.Shot(filepath.Join(os.TempDir(), "setfast-pick.png")))
		w.Fatalf("under the cursor: %q, want %q", name, says)
	}
	w.ok(w.ClickAt(at[0], at[1]))
}

func last(ref string) string { return ref[strings.LastIndex(ref, "/")+1:] }

// sampleProject loads the sample project once; it gives its number and its assemblies.
func sampleProject(t testing.TB) (int64, []store.Assembly) {
	t.Helper()
	ctx := context.Background()
	find := func() (id int64) {
		ps, err := theApp.Store.Projects(ctx)
		if err != nil {
			t.Fatal(err)
		}
		for _, p := range ps {
			if p.Name == demo.Name {
				id = p.ID
			}
		}
		return id
	}
	id := find()
	if id == 0 {
		if err := demo.Load(ctx, theApp, nil); err != nil {
			t.Fatal(err)
		}
		id = find()
	}
	as, err := theApp.Store.Assemblies(ctx, id)
	if err != nil {
		t.Fatal(err)
	}
	return id, as
}

// sampleAssembly is an assembly of the sample project.
func sampleAssembly(t testing.TB, name string) int64 {
	t.Helper()
	_, as := sampleProject(t)
	for _, a := range as {
		if a.Name == name {
			return a.ID
		}
	}
	t.Fatalf("no assembly %q", name)
	return 0
}

// browser opens a page; a short run has none.
func browser(t *testing.T, dark bool) *walker {
	t.Helper()
	if testing.Short() {
		t.Skip("drives a browser")
	}
	page, err := drive.Open(1280, 800, dark)
	if err != nil {
		t.Fatal(err)
	}
	t.Cleanup(page.Close)
	return &walker{t, page}
}

// sample opens a browser beside the sample project.
func sample(t *testing.T, dark bool) (*walker, int64, []store.Assembly) {
	t.Helper()
	w := browser(t, dark)
	id, as := sampleProject(t)
	return w, id, as
}
