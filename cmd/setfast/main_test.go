package main

import (
	"encoding/json"
	"math"
	"net"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"testing"

	"setfast/core/report"
	"setfast/internal/bed"
)

func TestMain(m *testing.M) {
	if os.Getenv("TEST_BE_SETFAST") != "" {
		main()
	}
	dir, err := os.MkdirTemp("", "setfast-cmd-")
	if err != nil {
		panic(err)
	}
	bin, err := bed.Kernel(dir)
	if err != nil {
		panic(err)
	}
	os.Setenv("SETFAST_KERNEL", bin)
	code := m.Run()
	os.RemoveAll(dir)
	os.Exit(code)
}

const examples = "../../core/account/testdata/"

func do(args ...string) (code int, out, errs string) { return doWith("", args...) }

// TestCheckCodes: 0 passes, 1 does not, 2 unreadable or wrong, with one line that says what and where.
func TestCheckCodes(t *testing.T) {
	dir := t.TempDir()
	write := func(name, text string) string {
		p := filepath.Join(dir, name)
		if err := os.WriteFile(p, []byte(text), 0o600); err != nil {
			t.Fatal(err)
		}
		return p
	}
	for _, c := range []struct {
		args []string
		code int
		says string
	}{
		{[]string{"check", examples + "four-bar.setfast.json"}, 0, "moves as planned"},
		{[]string{"check", "--json", examples + "two-holes-at-odds.setfast.json"}, 1, `"verdict": "at odds"`},
		{[]string{"check", examples + "two-holes-doubled.setfast.json", "--timing"}, 0, "solve"},
		{[]string{"check", filepath.Join(dir, "nothing.json")}, 2, "no such file"},
		{[]string{"check", dir}, 2, "is a folder"},
		{[]string{"check", write("cut.json", `{"setfast": 1,`)}, 2, "ends in the middle"},
		{[]string{"check", write("typo.json", `{"setfast": 1, "root": "m", "assemblys": {}}`)}, 2, "did you mean"},
		{[]string{"inspect", write("a.step", "nothing like it")}, 2, "does not begin like a STEP file"},
		{[]string{"inspect", filepath.Join(dir, "b.step")}, 2, "no such file"},
		{[]string{"inspect", "../../kernel/testdata/as1-oc-214.stp"}, 0, "5 parts in 18 instances"},
		{[]string{"inspect", "../../kernel/testdata/s1/s1_pe_214.stp"}, 0, "8 parts in 11 instances"},
		{[]string{"conquer"}, 2, "no command"},
		{[]string{"help"}, 0, "./setfast demo"},
	} {
		code, out, errs := do(c.args...)
		if code != c.code || !strings.Contains(out+errs, c.says) {
			t.Errorf("%v: exit %d, want %d with %q:\n%s%s", c.args, code, c.code, c.says, out, errs)
		}
		if code == 2 && (out != "" || strings.Contains(errs, "goroutine")) {
			t.Errorf("%v: a fault belongs on the error stream, without a trace: %q", c.args, out)
		}
	}
}

// TestReport reads the JSON as a script would, and checks the solved document again: nothing may move any more.
func TestReport(t *testing.T) {
	solved := filepath.Join(t.TempDir(), "solved.setfast.json")
	_, out, _ := do("check", "--json", "--timing", "--solved", solved, examples+"four-bar.setfast.json")
	var rep report.Report
	d := json.NewDecoder(strings.NewReader(out))
	d.DisallowUnknownFields()
	if err := d.Decode(&rep); err != nil {
		t.Fatal(err)
	}
	r := rep.Assemblies["main"]
	if rep.Version != 1 || rep.Root != "main" || rep.Timing == nil || r.Planned != 1 || r.Lines[3].Mates[0].Removed+r.Lines[3].Mates[1].Removed != 7 {
		t.Errorf("%+v", r)
	}
	if run := r.Drives["turn"]; run == nil || len(run.At) != 37 || run.StoppedAt != nil {
		t.Errorf("drive %+v", run)
	}
	code, again, errs := do("check", "--json", solved)
	var rep2 report.Report
	if err := json.Unmarshal([]byte(again), &rep2); err != nil || code != 0 {
		t.Fatal(code, err, errs)
	}
	for n, c := range r.Components {
		again := rep2.Assemblies["main"].Components[n].Pose
		if c.Pose.O.Sub(again.O).Norm() > 1e-9 || again.Q.Mul(c.Pose.Q.Conj()).Log().Norm() > 1e-12 {
			t.Errorf("%s moved in the solved document: %v, then %v", n, c.Pose, again)
		}
	}
	_, one, _ := do("check", "--json", examples+"two-holes-at-odds.setfast.json")
	_, two, _ := do("check", "--json", examples+"two-holes-at-odds.setfast.json")
	if one != two {
		t.Error("the same file gives two reports")
	}
}

// TestSource judges parts by what is found in their STEP file.
func TestSource(t *testing.T) {
	dir := t.TempDir()
	step := filepath.Join(dir, "pin.step")
	cmd := exec.Command(os.Getenv("SETFAST_KERNEL"), "make")
	cmd.Stdin = strings.NewReader("cyl 0 0 0 0 0 1 4 30\nproduct Pin\nstep " + step + "\n")
	if out, err := cmd.CombinedOutput(); err != nil {
		t.Fatal(err, string(out))
	}
	text := `{"setfast": 1, "root": "m", "parts": {"pin": {"density_kg_m3": 7850, "source": {"step": "pin.step"}}},
	 "assemblies": {"m": {"components": {"pin": {"part": "pin"}}, "mates": [{"id": "a", "type": "concentric", "a": "@/z", "b": "pin/f1"}, {"id": "b", "type": "coincident", "a": "@/xy", "b": "pin/v1"}],
	 "measures": {"m": {"type": "mass"}, "cg": {"type": "centre_of_mass", "in": "@/origin"}}}}}`
	file := filepath.Join(dir, "a.setfast.json")
	if err := os.WriteFile(file, []byte(text), 0o600); err != nil {
		t.Fatal(err)
	}
	code, out, errs := do("check", "--json", file)
	var rep report.Report
	if err := json.Unmarshal([]byte(out), &rep); err != nil {
		t.Fatal(code, err, errs)
	}
	r := rep.Assemblies["m"]
	if kg, _ := r.Measures["m"].(float64); kg < 0.01183 || kg > 0.01185 { // π·4²·30 mm³ of steel
		t.Errorf("mass %v kg", r.Measures["m"])
	}
	if r.Idle != 1 || r.Verdict != "set" {
		t.Errorf("a plain pin's spin: idle %d, %s", r.Idle, r.Verdict)
	}
	if err := os.Remove(step); err != nil {
		t.Fatal(err)
	}
	if code, _, errs := do("check", file); code != 2 || !strings.Contains(errs, "parts.pin.source") {
		t.Errorf("a missing source: exit %d, %s", code, errs)
	}
}

// TestStartFaults: a port in use and a folder that cannot be written give one sentence and leave nothing running.
func TestStartFaults(t *testing.T) {
	l, err := net.Listen("tcp", "127.0.0.1:0")
	if err != nil {
		t.Fatal(err)
	}
	defer l.Close()
	_, port, _ := net.SplitHostPort(l.Addr().String())
	code, _, errs := do("demo", "--port", port, "--data", t.TempDir())
	if code != 2 || !strings.Contains(errs, "is in use") || strings.Count(errs, "\n") != 1 {
		t.Errorf("exit %d: %q", code, errs)
	}
	code, _, errs = do("serve", "--port", "0", "--data", "/proc/nowhere")
	if code != 2 || !strings.Contains(errs, "cannot be made") || strings.Count(errs, "\n") != 1 {
		t.Errorf("exit %d: %q", code, errs)
	}
}

// TestTriangles takes volume and centroid from a file of triangles, and refuses one that is not closed, naming the part.
func TestTriangles(t *testing.T) {
	dir := t.TempDir()
	corner := func(facets ...string) string {
		return "solid corner\n" + strings.Join(facets, "") + "endsolid corner\n"
	}
	facet := func(v ...string) string {
		return "facet normal 0 0 0\nouter loop\nvertex " + strings.Join(v, "\nvertex ") + "\nendloop\nendfacet\n"
	}
	o, x, y, z := "0 0 0", "30 0 0", "0 30 0", "0 0 30"
	faces := []string{facet(o, y, x), facet(o, x, z), facet(o, z, y), facet(x, y, z)}
	text := `{"setfast": 1, "root": "m", "parts": {"corner": {"density_kg_m3": 1000, "source": {"stl": "corner.stl"}}},
	 "assemblies": {"m": {"components": {"c": {"part": "corner", "grounded": true}}, "measures": {"kg": {"type": "mass"}, "cg": {"type": "centre_of_mass", "in": "@/origin"}}}}}`
	doc := filepath.Join(dir, "doc.setfast.json")
	for name, data := range map[string]string{"corner.stl": corner(faces...), "doc.setfast.json": text} {
		if err := os.WriteFile(filepath.Join(dir, name), []byte(data), 0o600); err != nil {
			t.Fatal(err)
		}
	}
	code, out, errs := do("check", "--json", doc)
	var rep report.Report
	if err := json.Unmarshal([]byte(out), &rep); err != nil || code != 0 {
		t.Fatal(code, err, errs)
	}
	// a corner cut off a cube: a sixth of it, its centroid a quarter of the way along each edge
	if kg := rep.Assemblies["m"].Measures["kg"].(float64); math.Abs(kg-4500e-6) > 1e-12 {
		t.Errorf("the corner weighs %g kg, want 0.0045", kg)
	}
	for i, v := range rep.Assemblies["m"].Measures["cg"].([]any) {
		if math.Abs(v.(float64)-7.5) > 1e-9 {
			t.Errorf("its centre along axis %d is %v, want 7.5", i, v)
		}
	}
	if err := os.WriteFile(filepath.Join(dir, "corner.stl"), []byte(corner(append(faces[:3], faces[0])...)), 0o600); err != nil {
		t.Fatal(err)
	}
	if code, _, errs = do("check", doc); code != 2 || !strings.Contains(errs, "parts.corner.source") || !strings.Contains(errs, "do not close") {
		t.Errorf("exit %d: %s", code, errs)
	}
}
