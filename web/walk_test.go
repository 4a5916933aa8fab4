package web_test

import (
	"archive/zip"
	"bytes"
	"context"
	"fmt"
	"io"
	"net"
	"net/http"
	"os"
	"path/filepath"
	"strings"
	"testing"
	"time"

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
		return m.Run()
	}))
}

// serve puts the interface on loopback.
func serve(ctx context.Context) error {
	srv, err := web.New(theApp, web.Options{Hosts: []string{"setfast.example:8443"}})
	if err != nil {
		return err
	}
	l, err := net.Listen("tcp", "127.0.0.1:0")
	if err != nil {
		return err
	}
	address = "http://" + l.Addr().String()
	go func() { _ = theApp.ReadUploads(ctx) }()
	go func() { _ = srv.Serve(ctx, l) }()
	return nil
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

// TestWalk goes the way of a newcomer: from nothing to a verdict, with a wrong pick taken back, a relation at odds removed,
// everything undone and done again, and a reload.
func TestWalk(t *testing.T) {
	if testing.Short() {
		t.Skip("drives a browser")
	}
	dir := t.TempDir()
	recipe := `box 0 0 0 80 60 8
cyl 20 30 -1 0 0 1 3.3 10
cut
cyl 60 30 -1 0 0 1 3.3 10
cut
product Plate
step ` + dir + `/plate.step
box 0 0 0 60 30 20
cyl 10 15 -1 0 0 1 3.3 22
cut
cyl 50 15 -1 0 0 1 3.3 22
cut
product Block
step ` + dir + `/block.step
`
	if err := theApp.Kernel.Make(context.Background(), dir, recipe); err != nil {
		t.Fatal(err)
	}
	for name, text := range map[string]string{"notes.txt": "not a part", "torn.step": "ISO-10303-21;\nHEADER;"} {
		if err := os.WriteFile(filepath.Join(dir, name), []byte(text), 0o600); err != nil {
			t.Fatal(err)
		}
	}
	w := browser(t, false)
	w.ok(w.Go(address + "/"))
	w.click("#name")
	w.keys("Vent bracket\r")
	w.until(`document.body.dataset.place === "shelf" && document.body.dataset.ready === "yes"`)
	w.ok(w.SetFiles("#files", filepath.Join(dir, "plate.step"), filepath.Join(dir, "block.step"), filepath.Join(dir, "notes.txt"), filepath.Join(dir, "torn.step")))
	w.until(`document.querySelectorAll(".part").length === 2 && document.querySelector(".phead b")?.textContent.startsWith("2 files read")`)
	if s := w.text(`document.querySelector("#progress").textContent`); !strings.Contains(s, "1 could not be read") || !strings.Contains(s, "1 left over") {
		t.Errorf("the import says %q", s)
	}
	w.run(`(() => { const i = document.querySelectorAll(".part")[1].querySelector("[name=number]"); i.value = "GV-7"; i.dispatchEvent(new Event("change", {bubbles: true})); })()`)
	w.until(`document.querySelectorAll(".part")[1].querySelector("[name=number]").getAttribute("value") === "GV-7"`)

	w.click("#aname")
	w.keys("Bracket\r")
	w.until(`document.body.dataset.place === "bench" && document.body.dataset.ready === "yes"`)
	if s := w.text(`document.querySelector("#balance").textContent`); !strings.Contains(s, "nothing placed") {
		t.Errorf("an empty Bench shows %q", s)
	}
	w.keys("p") // placing has a key
	w.until(`document.querySelector("#placing").open`)
	w.click(`[data-more^="q-p"]`)
	w.run(`document.querySelectorAll("#placing [data-more]")[1].click()`)
	w.click("#placego")
	w.seq(1)
	if s := w.text(`JSON.stringify(setfast.state().components.map((c) => [c.name, c.grounded, c.left]))`); s != `[["Plate",true,0],["Block",false,6]]` {
		t.Errorf("placed: %s", s)
	}

	// a wrong pick is taken back by itself
	w.point(w.nearest("Block", "plane", 30, 15, 20), "face · Block")
	w.until(`document.querySelector("[data-slot=put] input").value.includes("Block")`)
	w.keys("\b")
	w.until(`document.querySelector("[data-slot=put] input").value === ""`)

	// rim to rim by pointing: the near rims of the two first holes
	blockRim, plateRim := w.nearest("Block", "circle", 10, 15, 20), w.nearest("Plate", "circle", 20, 30, 8)
	w.point(blockRim, "Ø6.6 rim · Block")
	w.point(plateRim, "Ø6.6 rim · Plate")
	w.until(`document.querySelector(".offer[aria-checked=true]")?.textContent.includes("rim to rim")`)
	if s := w.text(`document.querySelector("#hint").textContent`); !strings.Contains(s, "leaves one turn") || !strings.Contains(s, "moves Block") {
		t.Errorf("the sentence says %q", s)
	}
	// the axis will do: the second of the offers by its key, then Enter
	w.run(`document.querySelector("#view").focus()`)
	w.keys("2")
	w.until(`document.querySelector(".offer[aria-checked=true]").textContent.includes("axis on axis")`)
	w.keys("\r")
	w.seq(2)
	w.until(`setfast.state().components[1].left === 2`)

	// the rest by typing: face on face, for which the underside need not be seen
	typed := func(slot, words string) {
		w.T.Helper()
		w.click(fmt.Sprintf("[data-slot=%s] input", slot))
		w.keys(words)
		w.until(`!document.querySelector("#choices").hidden`)
		w.keys("\r")
	}
	ref := func(component string, x, y, z float64) string {
		f := w.nearest(component, "plane", x, y, z)
		return "face " + component + " (" + f[strings.LastIndex(f, "/")+1:] + ")"
	}
	typed("put", ref("Block", 30, 15, 0))
	typed("on", ref("Plate", 40, 30, 8))
	w.until(`document.querySelector(".offer[aria-checked=true]")?.textContent.includes("faces together")`)
	w.click("#post")
	w.seq(3)
	if s := w.text(`document.querySelector("#balance").textContent`); !strings.Contains(s, "Loose 1") || !strings.Contains(s, "loose") {
		t.Errorf("one turn left, the balance says %q", s)
	}

	// a relation that cannot hold is told before it is posted, and can be posted, explained and removed
	typed("put", ref("Block", 30, 15, 20))
	typed("on", ref("Plate", 40, 30, 8))
	w.until(`[...document.querySelectorAll(".offer")].some((o) => o.textContent.includes("cannot hold"))`)
	w.run(`[...document.querySelectorAll(".offer")].find((o) => o.textContent.includes("cannot hold")).click()`)
	w.click("#post")
	w.seq(4)
	w.until(`document.querySelector(".findings .f-at-odds .tag")?.textContent === "at odds"`)
	if n := w.text(`String(document.querySelectorAll(".remedies button").length)`); n == "0" {
		t.Error("no remedy is offered")
	}
	w.click(".line[data-component='Block'] .rowopen")
	w.run(`[...document.querySelectorAll(".mate.odd [data-act=unrelate]")][0].click()`)
	w.seq(5)
	w.until(`!document.querySelector(".findings .f-at-odds")`)

	// the last freedom: a second hole
	typed("put", "axis Block "+last(w.nearest("Block", "cylinder", 50, 15, 10)))
	typed("on", "axis Plate "+last(w.nearest("Plate", "cylinder", 60, 30, 4)))
	w.until(`document.querySelector(".offer[aria-checked=true]")?.textContent.includes("2 → 0") || document.querySelector(".offer[aria-checked=true]")?.textContent.includes("1 → 0")`)
	w.click("#post")
	w.seq(6)
	w.until(`document.querySelector("#balance .verdict").textContent === "set"`)
	w.until(`document.querySelector(".f-doubled .tag")`)

	// everything back, everything again, and a reload
	w.run(`document.querySelector("#view").focus()`)
	for i := 7; i <= 12; i++ {
		w.run(`document.querySelector("[data-act=undo]").click()`)
		w.seq(i)
	}
	w.until(`setfast.state().components.length === 0 && document.querySelector("[data-act=undo]").disabled`)
	for i := 13; i <= 18; i++ {
		w.run(`document.querySelector("[data-act=redo]").click()`)
		w.seq(i)
	}
	w.ok(w.Go(w.text("location.href")))
	w.until(`document.querySelector("#balance .verdict").textContent === "set"`)
	if c := w.Complaints(); len(c) > 0 {
		t.Errorf("the page complains: %v", c)
	}
}

// TestTree brings in a zip bundle with an assembly in it, as on the Shelf, and finds the product tree and the leftovers.
func TestTree(t *testing.T) {
	ctx := context.Background()
	project, err := theApp.Store.CreateProject(ctx, "Tree")
	if err != nil {
		t.Fatal(err)
	}
	as1, err := os.ReadFile("../kernel/testdata/as1-oc-214.stp")
	if err != nil {
		t.Fatal(err)
	}
	var bundle bytes.Buffer
	z := zip.NewWriter(&bundle)
	for name, data := range map[string][]byte{"parts/as1.stp": as1, "read me.txt": []byte("hello"), "__MACOSX/._as1.stp": []byte("dust")} {
		f, err := z.Create(name)
		if err != nil {
			t.Fatal(err)
		}
		_, _ = f.Write(data)
	}
	if err := z.Close(); err != nil {
		t.Fatal(err)
	}
	batch, files, err := theApp.Stage(ctx, project, app.Files(app.Incoming{Name: "bundle.zip", From: &bundle}, app.Incoming{Name: "broken.zip", From: strings.NewReader("PK no")}))
	if err != nil || len(files) != 3 {
		t.Fatal(files, err)
	}
	states := map[string]string{}
	for deadline := time.Now().Add(time.Minute); states["as1.stp"] != "done" && time.Now().Before(deadline); time.Sleep(50 * time.Millisecond) {
		list, err := theApp.Progress(ctx, batch) // the server reads by itself
		if err != nil {
			t.Fatal(err)
		}
		for _, f := range list {
			states[f.Name] = f.State
		}
	}
	if fmt.Sprint(states) != "map[as1.stp:done broken.zip:failed read me.txt:left over]" {
		t.Errorf("%v", states)
	}
	as, err := theApp.Store.Assemblies(ctx, project)
	if err != nil || len(as) != 4 { // as1, rod assembly, l-bracket assembly, nut-bolt assembly
		t.Fatalf("%d assemblies, %v", len(as), err)
	}
	for _, a := range as {
		if a.Name != "as1" {
			continue
		}
		j, err := theApp.Judge(ctx, a.ID)
		if err != nil {
			t.Fatal(err)
		}
		if len(j.Asm.Components) != 4 || j.Result.Opening != 18 {
			t.Errorf("as1 has %d components, opening %d", len(j.Asm.Components), j.Result.Opening)
		}
	}
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

// TestDemo finds the verdicts on the screen that the sample project is made to show.
func TestDemo(t *testing.T) {
	w, id, as := sample(t, true)
	w.ok(w.Go(fmt.Sprint(address, "/p/", id)))
	got := w.text(`[...document.querySelectorAll(".asmlist li")].map((l) => l.querySelector(".strong").textContent + ": " + l.querySelector(".verdict").textContent).join("; ")`)
	if want := "Bearing stand: set; Crank drive: moves as planned; Vent hinge: loose; Covered plate: at odds"; got != want {
		t.Errorf("the sample shows %q, want %q", got, want)
	}
	// a loose motion that is meant becomes planned, by a press
	w.ok(w.Go(fmt.Sprint(address, "/a/", as[2].ID)))
	w.click(`.f-loose [data-act=plan]`)
	w.until(`setfast.state().motions.filter((m) => m.class === "planned").length === 1`)
	// its showing ends where it began
	w.click(`.f-planned [data-act=swing]`)
	w.until(`document.querySelector("#labels span")`)
	// another window takes it back: this one shows so when it is looked at again
	now, err := theApp.Judge(context.Background(), as[2].ID)
	w.ok(err)
	if _, err := theApp.Undo(context.Background(), as[2].ID, now.Seq, "another", ""); err != nil {
		t.Fatal(err)
	}
	w.run(`dispatchEvent(new Event("focus"))`)
	w.until(`setfast.state().motions.every((m) => m.class !== "planned") && document.querySelector("#said").textContent.includes("another window")`)
	w.run(`dispatchEvent(new Event("focus"))`) // and says nothing where nothing changed
	w.until(`!document.querySelector(".f-planned [data-act=swing]")`)
	if c := w.Complaints(); len(c) > 0 {
		t.Errorf("the page complains: %v", c)
	}
}

// TestFaults asks for what is not there and sends what is wrong: a sentence, never a trace, and nothing changed.
func TestFaults(t *testing.T) {
	ctx := context.Background()
	project, err := theApp.Store.CreateProject(ctx, "Faults")
	if err != nil {
		t.Fatal(err)
	}
	asm, err := theApp.Store.CreateAssembly(ctx, store.Assembly{ProjectID: project, Name: "A"})
	if err != nil {
		t.Fatal(err)
	}
	do, long, form := fmt.Sprintf("/a/%d/do", asm), strings.Repeat("ö", 181), "application/x-www-form-urlencoded"
	for _, c := range []struct {
		method, path, body, site string
		code                     int
		says                     string
	}{
		{"GET", "/p/999999", "", "", 404, "not here any more"},
		{"GET", "/a/zzz", "", "", 404, "not here any more"},
		{"GET", "/nowhere", "", "", 404, "no such page"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "dance", "base": 0}`, "same-origin", 422, "unknown act"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "place", "items": ["p424242"], "base": 0}`, "same-origin", 422, "no longer on the Shelf"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "place", "items": ["a` + fmt.Sprint(asm) + `"], "base": 0}`, "same-origin", 422, "inside itself"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "title", "to": "B", "base": 77}`, "same-origin", 409, "meanwhile"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "rename", "component": "nobody", "to": "x", "base": 0}`, "same-origin", 422, "no component"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "unrelate", "relation": "nothing", "base": 0}`, "same-origin", 422, "no relation"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{`, "same-origin", 422, "cannot be read"},
		{"POST", fmt.Sprintf("/a/%d/undo", asm), `{"base": 0}`, "same-origin", 422, "nothing to take back"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "title", "to": "C", "base": 0}`, "cross-site", 403, ""},
		{"POST", fmt.Sprintf("/p/%d/imports", project), "no files", "same-origin", 422, "no files"},
		// words: too long, not UTF-8, no numbers, nowhere to go
		{"POST", do, `{"do": "title", "to": "` + long + `", "base": 0}`, "same-origin", 422, "longer than 180 letters"},
		{"POST", do, `{"do": "title", "number": "` + long[:202] + `", "base": 0}`, "same-origin", 422, "longer than 100 letters"},
		{"POST", do, `{"do": "title", "to": "a\u0007b", "base": 0}`, "same-origin", 422, "cannot be shown"},
		{"POST", do, "{\"do\": \"title\", \"to\": \"\xff\xfe\", \"base\": 0}", "same-origin", 422, "not written in UTF-8"},
		{"POST", do, `{"do": "set", "relation": "x", "to": 1e300, "base": 0}`, "same-origin", 422, "no number that means anything"},
		{"POST", do, `{"do": "set", "relation": "x", "to": 1e999, "base": 0}`, "same-origin", 422, "cannot be read"},
		{"POST", do, `{"do": "title", "to": "B", "base": -1}`, "same-origin", 409, "meanwhile"},
		{"POST", do, `{"do": "title", "to": "B", "base": 0, "token": "` + strings.Repeat("x", 41) + `"}`, "same-origin", 422, "at most 40"},
		{"POST", do, `{"do": "title", "to": "B", "base": 0} and more`, "same-origin", 422, "something follows"},
		{"POST", do, `{"do": "place", "items": ["p01"], "base": 0}`, "same-origin", 422, "names neither"},
		{"POST", "/projects", "name=" + long + strings.Repeat("ö", 10), form, 422, "longer than 190 letters"},
		{"POST", "/projects", "name=" + long + strings.Repeat("ö", 9), form, 200, ""},
		{"GET", "/p/999999/parts", "", "", 404, "not here any more"},
		{"POST", "/projects", "name=%FF%FE", form, 422, "not written in UTF-8"},
		{"POST", "/p/999999/name", "name=Vent", form, 404, "not here any more"},
		{"POST", "/p/999999/assemblies", "name=Vent", form, 404, "not here any more"},
		{"POST", fmt.Sprintf("/p/%d/assemblies", project), "name=Vent&number=" + long[:202], form, 422, "longer than 100 letters"},
		{"DELETE", "/a/999999", "", "same-origin", 404, "not here any more"},
		{"DELETE", do, "", "same-origin", 405, "cannot be done here"},
		{"DELETE", fmt.Sprintf("/p/%d/imports/file/999999", project), "", "same-origin", 422, "over already"},
		{"GET", fmt.Sprintf("/p/%d/imports/%s", project, strings.Repeat("0", 32)), "", "", 404, "not here any more"},
		{"GET", "/preview/" + strings.Repeat("0", 64), "", "", 404, "not here any more"},
	} {
		req, _ := http.NewRequest(c.method, address+c.path, strings.NewReader(c.body))
		req.Header.Set("Accept", "application/json")
		if c.site == form {
			req.Header.Set("Content-Type", form)
			c.site = "same-origin"
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
		if res.StatusCode != c.code || !strings.Contains(strings.ToLower(string(body)), strings.ToLower(c.says)) || strings.Contains(string(body), "goroutine") {
			t.Errorf("%s %s: %d %s; want %d with %q", c.method, c.path, res.StatusCode, body, c.code, c.says)
		}
		if p := res.Header.Get("Content-Security-Policy"); c.site != "cross-site" && (!strings.Contains(p, "default-src 'none'") || strings.Contains(strings.ReplaceAll(p, "'wasm-unsafe-eval'", ""), "unsafe")) {
			t.Errorf("%s: policy %q", c.path, p)
		}
	}
	if st, err := theApp.Store.State(ctx, asm); err != nil || st.Seq != 0 || len(st.Asm.Components) != 0 {
		t.Errorf("something changed: %d %v", st.Seq, err)
	}
}
