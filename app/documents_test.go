package app_test

import (
	"archive/zip"
	"bytes"
	"context"
	"encoding/json"
	"io"
	"os"
	"slices"
	"strings"
	"testing"

	"setfast/app"
	"setfast/app/commands"
	"setfast/store"
)

// saved is a bundle as bytes.
func saved(t *testing.T, s *app.Saved, err error) []byte {
	t.Helper()
	var b bytes.Buffer
	if err == nil {
		err = s.Write(context.Background(), a.Store, &b)
	}
	if err != nil {
		t.Fatal(err)
	}
	return b.Bytes()
}

// newProject makes an empty project.
func newProject(t *testing.T) int64 {
	t.Helper()
	id, err := a.Store.CreateProject(context.Background(), t.Name())
	if err != nil {
		t.Fatal(err)
	}
	return id
}

// bring hands files in and reads them; it gives what was said of each.
func bring(t *testing.T, project int64, files ...app.Incoming) map[string]store.ImportFile {
	t.Helper()
	ctx := context.Background()
	_, list, err := a.Stage(ctx, project, app.Files(files...))
	if err != nil {
		t.Fatal(err)
	}
	out := map[string]store.ImportFile{}
	for _, f := range list {
		if f.State == "waiting" {
			if f, err = a.ReadStaged(ctx, project, f.ID); err != nil {
				t.Fatal(err)
			}
		}
		out[f.Name] = f
	}
	return out
}

// TestProjectThereAndBack: a project saved and brought in elsewhere has the same parts, assemblies, accounts and measures, and saves to the
// very same document; brought in twice nothing is added.
func TestProjectThereAndBack(t *testing.T) {
	if testing.Short() {
		t.Skip("reads many files")
	}
	ctx := context.Background()
	s, err := a.SaveProject(ctx, sampleProject)
	zipped := saved(t, s, err)
	there := newProject(t)
	said := bring(t, there, app.Incoming{Name: "vent.zip", From: bytes.NewReader(zipped)})
	if f := said["Ridge vent.setfast.json"]; f.State != "done" {
		t.Fatalf("the document was %s: %s", f.State, f.Message)
	}
	list, err := a.Store.Assemblies(ctx, there)
	if err != nil {
		t.Fatal(err)
	}
	before, err := a.Store.Assemblies(ctx, sampleProject)
	if before = slices.DeleteFunc(before, func(x store.Assembly) bool { return x.Off }); err != nil || len(list) != len(before) {
		t.Fatalf("%d assemblies, want %d: %v", len(list), len(before), err)
	}
	for _, x := range list {
		j, err := a.Judge(ctx, x.ID)
		if err != nil {
			t.Fatal(err)
		}
		i := slices.IndexFunc(before, func(w store.Assembly) bool { return w.Name == x.Name })
		if i < 0 {
			t.Fatalf("%s came out of nowhere", x.Name)
		}
		want, err := a.Judge(ctx, before[i].ID)
		if err != nil {
			t.Fatal(err)
		}
		if g, w := j.Result, want.Result; g.Verdict != w.Verdict || g.Left != w.Left || g.Idle != w.Idle || g.Doubled != w.Doubled || len(g.Odds) != len(w.Odds) {
			t.Errorf("%s: %s, left %d; was %s, left %d", x.Name, g.Verdict, g.Left, w.Verdict, w.Left)
		}
	}
	parts, err := a.Store.Parts(ctx, there)
	if err != nil {
		t.Fatal(err)
	}
	was, err := a.Store.Parts(ctx, sampleProject)
	if err != nil || len(parts) != len(was) {
		t.Fatalf("%d parts, want %d: %v", len(parts), len(was), err)
	}
	for _, p := range parts {
		i := slices.IndexFunc(was, func(w store.Part) bool { return w.Name == p.Name })
		if i < 0 || was[i].Number != p.Number || was[i].Density != p.Density || was[i].Fastener != p.Fastener || was[i].SourceSHA256 != p.SourceSHA256 {
			t.Errorf("%s came as %+v", p.Name, p)
		}
	}
	again, err := a.SaveProject(ctx, there)
	if err != nil || !bytes.Equal(again.Document, s.Document) {
		t.Errorf("saved again, the document differs (%v):\n%s", err, firstDifference(string(s.Document), string(again.Document)))
	}
	bring(t, there, app.Incoming{Name: "vent.zip", From: bytes.NewReader(zipped)})
	list2, _ := a.Store.Assemblies(ctx, there)
	parts2, _ := a.Store.Parts(ctx, there)
	if len(list2) != len(list) || len(parts2) != len(parts) {
		t.Errorf("brought in twice there are %d assemblies and %d parts", len(list2), len(parts2))
	}
}

// firstDifference shows the first line that differs.
func firstDifference(x, y string) string {
	p, q := strings.Split(x, "\n"), strings.Split(y, "\n")
	for i := range min(len(p), len(q)) {
		if p[i] != q[i] {
			return p[i] + "\n" + q[i]
		}
	}
	return "one is longer"
}

// TestDocumentsIn brings assembly files in: features alone, with a file on the Shelf by its SHA-256, without it, and damaged.
func TestDocumentsIn(t *testing.T) {
	ctx := context.Background()
	project := newProject(t)
	bar, err := os.ReadFile("../core/account/testdata/four-bar.setfast.json")
	if err != nil {
		t.Fatal(err)
	}
	in := func(name, text string) store.ImportFile {
		return bring(t, project, app.Incoming{Name: name, From: strings.NewReader(text)})[name]
	}
	if f := in("four-bar.setfast.json", string(bar)); f.State != "done" || !strings.Contains(f.Message, "1 assembly made") {
		t.Fatalf("the four-bar was %s: %s", f.State, f.Message)
	}
	list, _ := a.Store.Assemblies(ctx, project)
	j, err := a.Judge(ctx, list[0].ID)
	if err != nil || string(j.Result.Verdict) != "moves as planned" || len(j.Asm.Drives) == 0 {
		t.Errorf("the four-bar is %v with %d drives: %v", j.Result.Verdict, len(j.Asm.Drives), err)
	}
	if done, failed, err := a.Refresh(ctx); err != nil || failed > 0 {
		t.Errorf("derived again: %d, %d failed: %v", done, failed, err)
	}
	withPlate := `{"setfast": 1, "root": "m", "parts": {"plate": {"source": {"step": "parts/plate.step"}, "features": {"tip": {"type": "point", "at": [1, 2, 3]}}}},
		"assemblies": {"m": {"components": {"p": {"part": "plate", "grounded": true}, "q": {"part": "plate"}}, "mates": [{"id": "on", "type": "coincident", "a": "p/f1", "b": "q/f1"}]}}}`
	if f := in("plate.setfast.json", withPlate); f.State != "failed" || !strings.Contains(f.Message, "plate.step did not come with it") {
		t.Errorf("without its source it was %s: %s", f.State, f.Message)
	}
	plate, err := os.ReadFile("../docs/examples/plate.step")
	if err != nil {
		t.Fatal(err)
	}
	said := bring(t, project, app.Incoming{Name: "plate.setfast.json", From: strings.NewReader(withPlate)}, app.Incoming{Name: "plate.step", From: bytes.NewReader(plate)})
	if f := said["plate.setfast.json"]; f.State != "done" || said["plate.step"].State != "with" {
		t.Errorf("with its source it was %s: %s; the source %s", f.State, f.Message, said["plate.step"].State)
	}
	for name, text := range map[string]string{"torn.setfast.json": `{"setfast": 1,`, "other.setfast.json": `no object`, "odd.setfast.json": `{"setfast": 1, "root": "m", "parts": {}, "assemblies": {}}`} {
		if f := in(name, text); f.State != "failed" || f.Message == "" {
			t.Errorf("%s was %s: %q", name, f.State, f.Message)
		}
	}
	if f := in("lone.stl", "solid\n"); f.State != "left over" {
		t.Errorf("triangles alone were %s", f.State)
	}
	// one assembly with all it uses, as a bundle
	s, err := a.Save(ctx, by["Crank drive"])
	data := saved(t, s, err)
	z, err := zip.NewReader(bytes.NewReader(data), int64(len(data)))
	if err != nil || len(z.File) != 7 { // the document, and six of the ten parts
		t.Fatalf("%d files in the bundle: %v", len(z.File), err)
	}
	r, err := z.File[0].Open()
	if err != nil {
		t.Fatal(err)
	}
	if text, _ := io.ReadAll(r); !bytes.Equal(text, s.Document) || z.File[0].Name != "Crank drive.setfast.json" {
		t.Errorf("the first file is %s", z.File[0].Name)
	}
}

// TestBringOver copies an assembly and a part into another project, and tells when the assembly has been changed where it came from.
func TestBringOver(t *testing.T) {
	if testing.Short() {
		t.Skip("reads many files")
	}
	ctx := context.Background()
	from, to := newProject(t), newProject(t)
	if f := bring(t, from, app.Incoming{Name: "s1.zip", From: bytes.NewReader(zipOf(t, "../kernel/testdata/s1"))})["s1_pe_214.stp"]; f.State != "done" {
		t.Fatalf("the files were %s: %s", f.State, f.Message)
	}
	there, err := a.Store.Assemblies(ctx, from)
	if err != nil {
		t.Fatal(err)
	}
	top := there[slices.IndexFunc(there, func(x store.Assembly) bool { return x.Name == "S1_PE_TOP" })]
	said, err := a.BringOver(ctx, to, top.Key())
	if err != nil || !strings.Contains(said, "8 parts added") {
		t.Fatalf("brought over: %s, %v", said, err)
	}
	if said, err = a.BringOver(ctx, to, top.Key()); err != nil || !strings.Contains(said, "8 parts were here already") {
		t.Errorf("brought over again: %s, %v", said, err)
	}
	here, _ := a.Store.Assemblies(ctx, to)
	if len(here) != 5 || slices.ContainsFunc(here, func(x store.Assembly) bool { return x.Newer || x.OriginID == 0 }) {
		t.Fatalf("%d assemblies: %+v", len(here), here)
	}
	st, err := a.Store.State(ctx, top.ID)
	if err != nil {
		t.Fatal(err)
	}
	if _, err := a.Do(ctx, top.ID, "test", commands.Meant{Base: st.Seq, Command: commands.Title{To: "Changed"}}); err != nil {
		t.Fatal(err)
	}
	here, _ = a.Store.Assemblies(ctx, to)
	for _, x := range here {
		if x.Newer != (x.Name == "S1_PE_TOP") {
			t.Errorf("%s: newer there %v", x.Name, x.Newer)
		}
	}
	list, err := a.Store.Elsewhere(ctx, to)
	if err != nil || !slices.ContainsFunc(list, func(e store.Elsewhere) bool { return e.Name == "Wall plate" && e.Project == "Ridge vent" }) {
		t.Errorf("other projects have %d things: %v", len(list), err)
	}
	for _, e := range list {
		if e.Name == "Wall plate" && e.Key[0] == 'p' {
			if said, err := a.BringOver(ctx, to, e.Key); err != nil || said != "Wall plate added" {
				t.Errorf("a part: %s, %v", said, err)
			}
			break
		}
	}
	if _, err := a.BringOver(ctx, to, "a999999"); err == nil {
		t.Error("what is not there was brought over")
	}
}

// zipOf packs the files of a folder.
func zipOf(t *testing.T, dir string) []byte {
	t.Helper()
	var b bytes.Buffer
	z := zip.NewWriter(&b)
	if err := z.AddFS(os.DirFS(dir)); err != nil {
		t.Fatal(err)
	}
	if err := z.Close(); err != nil {
		t.Fatal(err)
	}
	return b.Bytes()
}

// TestAdoptedOnce takes over what the placed stand implies, and once more as a second window would: nothing is said twice.
func TestAdoptedOnce(t *testing.T) {
	ctx := context.Background()
	id := by["Stand as it came"]
	found, err := a.Implied(ctx, id, "")
	if err != nil || len(found.Relations) != 10 || found.Base != "Wall plate" {
		t.Fatalf("%+v, %v", found, err)
	}
	c := commands.Adopt{Stands: found.Base, Order: found.Order}
	for _, r := range found.Relations {
		c.Relations = append(c.Relations, found.Mates[r.ID])
	}
	few := c
	few.Relations = c.Relations[:4]
	do(t, "Stand as it came", few)
	j := do(t, "Stand as it came", c)
	if len(j.Asm.Mates) != 10 || string(j.Result.Verdict) != "set" {
		t.Errorf("%d relations, %s", len(j.Asm.Mates), j.Result.Verdict)
	}
	refuses(t, "Stand as it came", c, "here already")
	refuses(t, "Stand as it came", commands.Adopt{}, "choose up to")
	refuses(t, "Stand as it came", commands.Adopt{Relations: c.Relations, Stands: "Nobody"}, "here any more")
	refuses(t, "Stand as it came", commands.Adopt{Relations: []json.RawMessage{[]byte(`{"id": "x", "type": "glued"}`)}}, "glued")
	refuses(t, "Stand as it came", commands.Adopt{Relations: []json.RawMessage{[]byte(`{"id": "x", "type": "coincident", "a": "Wall plate/f3", "b": "Nobody/f1"}`)}}, "Nobody")
	for range 2 {
		if _, err := a.Undo(ctx, id, judge(t, "Stand as it came").Seq, "test", ""); err != nil {
			t.Fatal(err)
		}
	}
}
