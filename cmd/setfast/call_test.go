package main

import (
	"encoding/json"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"testing"

	"setfast/core/report"
)

func doWith(in string, args ...string) (code int, out, errs string) {
	var o, e strings.Builder
	code = run(args, strings.NewReader(in), &o, &e)
	return code, o.String(), e.String()
}

// TestMistakes: what is called wrongly is answered with what was meant, on the error stream, with code 2.
func TestMistakes(t *testing.T) {
	bar := examples + "four-bar.setfast.json"
	there := filepath.Join(t.TempDir(), "there.json")
	if err := os.WriteFile(there, []byte("mine"), 0o600); err != nil {
		t.Fatal(err)
	}
	for _, c := range []struct {
		args []string
		says string
	}{
		{[]string{"chek"}, `no command "chek"; did you mean "check"? ./setfast help`},
		{[]string{"srve"}, `did you mean "serve"?`},
		{[]string{"conquer"}, "./setfast help lists them"},
		{[]string{"check", "--jsn", bar}, "check has no flag --jsn; did you mean --json? ./setfast check --help"},
		{[]string{"check", bar, "--xyzzy"}, "check has no flag --xyzzy;"},
		{[]string{"check"}, "check wants a file"},
		{[]string{"check", "--solved"}, "--solved wants a file behind it"},
		{[]string{"check", "--solved", bar}, "so that no file to check is left"},
		{[]string{"check", "--solved", there, bar}, "is there already; --force overwrites it"},
		{[]string{"check", "--solved", "x", bar, bar}, "--solved is for one file, not 2"},
		{[]string{"check", "--json=often", bar}, `--json takes no value, so not "often"`},
		{[]string{"serve", "--port", "many"}, `--port takes a port, not "many"`},
		{[]string{"serve", "now"}, `serve takes no "now"`},
		{[]string{"version", "2"}, `version takes no "2"`},
		{[]string{"inspect"}, "inspect wants a file"},
		{[]string{"backup", "a", "b"}, "backup takes one file, not a and b"},
		{[]string{"import", "nowhere.step"}, "nowhere.step: no such file"},
	} {
		code, out, errs := do(c.args...)
		if code != 2 || out != "" || !strings.Contains(errs, c.says) || strings.Count(errs, "\n") != 1 {
			t.Errorf("%v: exit %d, out %q, says %q; want %q", c.args, code, out, errs, c.says)
		}
	}
	if b, _ := os.ReadFile(there); string(b) != "mine" {
		t.Error("a file was overwritten")
	}
	if code, _, errs := do("check", "--force", "--solved", there, bar); code != 0 {
		t.Errorf("with --force: exit %d, %s", code, errs)
	}
}

// TestHelp: every command tells what it does and takes, and that is no fault.
func TestHelp(t *testing.T) {
	for _, c := range commands() {
		for _, flag := range []string{"--help", "-h"} {
			code, out, errs := do(c.name, flag)
			if code != 0 || errs != "" || !strings.HasPrefix(out, "./setfast "+c.name) || !strings.Contains(out, c.does) {
				t.Errorf("%s %s: exit %d, %q, %q", c.name, flag, code, out, errs)
			}
		}
		if !strings.Contains(usage, "./setfast "+c.name) {
			t.Errorf("./setfast help says nothing of %s", c.name)
		}
	}
	for _, ask := range [][]string{nil, {"help"}, {"--help"}, {"-h"}} {
		if code, out, _ := do(ask...); code != 0 || out != usage {
			t.Errorf("%v: exit %d, %q", ask, code, out)
		}
	}
	if code, out, _ := do("version"); code != 0 || !strings.HasPrefix(out, "Setfast 0.") {
		t.Errorf("version: exit %d, %q", code, out)
	}
}

// TestSeveral: several files and standard input, for people and for scripts; the worst of them is the code.
func TestSeveral(t *testing.T) {
	bar, odds := examples+"four-bar.setfast.json", examples+"two-holes-at-odds.setfast.json"
	text, err := os.ReadFile(bar)
	if err != nil {
		t.Fatal(err)
	}
	code, out, errs := doWith(string(text), "check", "-")
	if code != 0 || !strings.Contains(out, "moves as planned") {
		t.Errorf("from standard input: exit %d, %q %q", code, out, errs)
	}
	code, out, _ = do("check", bar, odds)
	if code != 1 || !strings.Contains(out, "== "+bar+"\n") || !strings.Contains(out, "== "+odds+"\n") {
		t.Errorf("two files: exit %d, %q", code, out)
	}
	code, out, errs = do("check", "--json", bar, "nowhere.json", odds)
	var list []struct {
		File, Error string
		Report      *report.Report
	}
	if err := json.Unmarshal([]byte(out), &list); err != nil || code != 2 || len(list) != 3 || list[0].Report.Verdict != "moves as planned" ||
		list[1].Error == "" || list[2].Report.Verdict != "at odds" || !strings.Contains(errs, "nowhere.json") {
		t.Errorf("three files as JSON: exit %d, %v, %q", code, err, errs)
	}
	// a name may look like a flag
	dir := t.TempDir()
	t.Chdir(dir)
	if err := os.WriteFile("--json", text, 0o600); err != nil {
		t.Fatal(err)
	}
	if code, out, errs := do("check", "--", "--json"); code != 0 || !strings.Contains(out, "moves as planned") {
		t.Errorf("behind --: exit %d, %q %q", code, out, errs)
	}
}

// TestText: the account for people holds measures and drives, and says where one stopped.
func TestText(t *testing.T) {
	_, out, _ := do("check", examples+"four-bar.setfast.json")
	for _, want := range []string{"measured: rocker_angle is 83.2°", "drive turn: angle of A from 45 to 405° in 36 steps: reached", "rocker_angle between 81.8594° and 152.2809°"} {
		if !strings.Contains(out, want) {
			t.Errorf("%q is not in %q", want, out)
		}
	}
	stopped := `{"setfast": 1, "root": "m", "parts": {"slide": {"features": {"f": {"type": "frame", "origin": [0,0,0], "z": [0,0,1], "x": [1,0,0]}}}}, "assemblies": {"m": {
	 "components": {"rail": {"part": "slide", "grounded": true}, "car": {"part": "slide"}},
	 "mates": [{"id": "way", "type": "prismatic", "a": "rail/f", "b": "car/f", "limits": {"slide": [0, 12.5]}}], "planned": [{"joint": "way"}, {"component": "rail", "motion": "turn", "about": "rail/z"}],
	 "measures": {"where": {"type": "position", "of": "car/f"}, "kg": {"type": "mass"}}, "drives": {"out": {"joint": "way", "of": "slide", "from": 0, "to": 40, "steps": 4}}}}}`
	_, out, errs := doWith(stopped, "check", "-")
	for _, want := range []string{"measured: where is (0, 0, 0) mm", "measured: kg is not known", "drive out: slide of way from 0 to 40 mm in 4 steps: stopped at 12.5 mm, ", "blocked: the turn of rail is planned"} {
		if !strings.Contains(out, want) || strings.Contains(out, "map[") {
			t.Errorf("%q is not in %q %q", want, out, errs)
		}
	}
}

// TestNotes: what is allowed and most likely a slip is explained.
func TestNotes(t *testing.T) {
	loose := `{"setfast": 1, "root": "m", "parts": {"p": {}}, "assemblies": {"m": {"components": {"a": {"part": "p"}, "b": {"part": "p"%s}}, "mates": [{"id": "k", "type": "coincident", "a": "%s", "b": "b/xy"}]}}}`
	for _, c := range []struct {
		grounded, a string
		says        []string
	}{
		{"", "b/zx", []string{"note: nothing is grounded, so six of the freedoms left are those of the whole", "note: k stands within one component, b, so it removes nothing"}},
		{`, "grounded": true`, "b/xy", []string{"note: k stands within one component"}},
		{"", "a/xy", []string{"note: nothing is grounded"}},
		{"", "@/xy", nil},
		{`, "grounded": true`, "a/xy", nil},
	} {
		_, out, errs := doWith(fmt.Sprintf(loose, c.grounded, c.a), "check", "-")
		for _, want := range c.says {
			if !strings.Contains(out, want) {
				t.Errorf("%v: %q is not in %q %q", c, want, out, errs)
			}
		}
		if n := strings.Count(out, "note:"); n != len(c.says) {
			t.Errorf("%v: %d notes: %s", c, n, out)
		}
	}
}

// TestNoRoom: an account that could not be written is no account.
func TestNoRoom(t *testing.T) {
	full, err := os.OpenFile("/dev/full", os.O_WRONLY, 0)
	if err != nil {
		t.Skip(err)
	}
	defer full.Close()
	for _, args := range [][]string{{"check", examples + "four-bar.setfast.json"}, {"check", "--json", examples + "four-bar.setfast.json"}, {"inspect", "../../kernel/testdata/as1-oc-214.stp"}} {
		var errs strings.Builder
		if code := run(args, strings.NewReader(""), full, &errs); code != 2 || !strings.Contains(errs.String(), "no space left") {
			t.Errorf("%v: exit %d, %q", args, code, errs.String())
		}
	}
}

// TestInspectMissing: a file that refers to one that is not there is read as far as it goes, and is a finding.
func TestInspectMissing(t *testing.T) {
	dir := t.TempDir()
	names, err := filepath.Glob("../../kernel/testdata/s1/*.stp")
	if err != nil {
		t.Fatal(err)
	}
	for _, n := range names {
		data, err := os.ReadFile(n)
		if err != nil {
			t.Fatal(err)
		}
		if strings.HasSuffix(n, "tail_turbine_prt.stp") {
			continue
		}
		if err := os.WriteFile(filepath.Join(dir, filepath.Base(n)), data, 0o600); err != nil {
			t.Fatal(err)
		}
	}
	code, out, errs := do("inspect", filepath.Join(dir, "s1_pe_214.stp"))
	if code != 1 || !strings.Contains(out, "missing: tail_turbine_prt.stp") {
		t.Errorf("exit %d, %q %q", code, out, errs)
	}
	code, out, _ = do("inspect", "--json", filepath.Join(dir, "foot_back_prt.stp"), "../../kernel/testdata/as1-oc-214.stp")
	var list []inspected
	if err := json.Unmarshal([]byte(out), &list); err != nil || code != 0 || len(list) != 2 || len(list[1].Holds.Parts) != 5 {
		t.Errorf("two files: exit %d, %v", code, err)
	}
}

// TestLean: what judges files is built without the modules of the database and the interface.
func TestLean(t *testing.T) {
	out, err := exec.Command("go", "list", "-tags", "lean", "-deps", ".").Output()
	if err != nil {
		t.Fatal(err)
	}
	for _, name := range strings.Fields(string(out)) {
		if strings.Contains(name, "mysql") || strings.Contains(name, "echo") || strings.Contains(name, "goose") || strings.HasPrefix(name, "setfast/web") || strings.HasPrefix(name, "setfast/store") {
			t.Errorf("it is built with %s", name)
		}
	}
}

// TestResetAsks: data are thrown away only when that was said twice.
func TestResetAsks(t *testing.T) {
	dir := t.TempDir()
	if err := os.MkdirAll(filepath.Join(dir, "db", "data"), 0o700); err != nil {
		t.Fatal(err)
	}
	kept := filepath.Join(dir, "db", "data", "kept")
	if err := os.WriteFile(kept, nil, 0o600); err != nil {
		t.Fatal(err)
	}
	for _, command := range []string{"demo", "serve"} {
		code, _, errs := do(command, "--reset", "--port", "0", "--data", dir)
		if code != 2 || !strings.Contains(errs, "say --yes as well") {
			t.Errorf("%s: exit %d, %q", command, code, errs)
		}
		if _, err := os.Stat(kept); err != nil {
			t.Fatal("the data are gone")
		}
	}
}
