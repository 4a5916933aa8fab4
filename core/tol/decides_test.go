package tol_test

import (
	"encoding/json"
	"fmt"
	"go/ast"
	"go/parser"
	"go/token"
	"os"
	"os/exec"
	"path/filepath"
	"regexp"
	"slices"
	"strconv"
	"strings"
	"testing"
)

// bound is a constant of this package, and where its number stands.
type bound struct {
	name, file string
	value      float64
	from, to   int // in the file
}

func bounds(t *testing.T) (out []bound) {
	t.Helper()
	files, err := filepath.Glob("*.go")
	if err != nil {
		t.Fatal(err)
	}
	for _, file := range files {
		if strings.HasSuffix(file, "_test.go") {
			continue
		}
		fset := token.NewFileSet()
		f, err := parser.ParseFile(fset, file, nil, 0)
		if err != nil {
			t.Fatal(err)
		}
		ast.Inspect(f, func(n ast.Node) bool {
			v, ok := n.(*ast.ValueSpec)
			if !ok {
				return true
			}
			for i, x := range v.Values {
				if l, ok := x.(*ast.BasicLit); ok {
					if num, err := strconv.ParseFloat(l.Value, 64); err == nil {
						out = append(out, bound{v.Names[i].Name, file, num, fset.Position(l.Pos()).Offset, fset.Position(l.End()).Offset})
					}
				}
			}
			return true
		})
	}
	return out
}

var failed = regexp.MustCompile(`(?m)^--- FAIL: (\w+)`)

// TestEachDecides changes one constant after another and runs the tests of core: what fails is what it decides. It takes twenty seconds
// for each, so it is asked for: SETFAST_DECIDES=1 (or a name) go test ./core/tol -run TestEachDecides -v -timeout 2h. What it last said
// stands in docs/tolerances.md.
func TestEachDecides(t *testing.T) {
	which := os.Getenv("SETFAST_DECIDES")
	if which == "" {
		t.Skip("runs the tests of core for each constant")
	}
	for _, b := range bounds(t) {
		if which != "1" && which != b.name {
			continue
		}
		var said []string
		for _, factor := range []float64{1000, 0.001} {
			if b.value > 1e-3 { // a part of something, or a length of step
				factor = map[bool]float64{true: 4, false: 0.25}[factor > 1]
			}
			said = append(said, fmt.Sprintf("%g: %s", b.value*factor, notice(t, b, b.value*factor)))
		}
		t.Logf("| `%s` | %g | %s |", b.name, b.value, strings.Join(said, "; "))
	}
}

// notice tells which tests fail with a constant changed.
func notice(t *testing.T, b bound, value float64) string {
	t.Helper()
	dir := t.TempDir()
	here, err := filepath.Abs(b.file)
	if err != nil {
		t.Fatal(err)
	}
	text, err := os.ReadFile(b.file)
	if err != nil {
		t.Fatal(err)
	}
	changed := filepath.Join(dir, b.file)
	with := string(text[:b.from]) + strconv.FormatFloat(value, 'g', -1, 64) + string(text[b.to:])
	list, _ := json.Marshal(map[string]any{"Replace": map[string]string{here: changed}})
	overlay := filepath.Join(dir, "overlay.json")
	if os.WriteFile(changed, []byte(with), 0o644) != nil || os.WriteFile(overlay, list, 0o644) != nil {
		t.Fatal("the changed file cannot be written")
	}
	cmd := exec.Command("go", "test", "-overlay", overlay, "-short", "-count=1", "-timeout=120s", "./core/...", "./app/words")
	cmd.Dir = "../.."
	cmd.Env = slices.DeleteFunc(os.Environ(), func(e string) bool { return strings.HasPrefix(e, "SETFAST_DECIDES") })
	out, err := cmd.CombinedOutput()
	if err == nil {
		return "none"
	}
	var names []string
	for _, m := range failed.FindAllSubmatch(out, -1) {
		names = append(names, string(m[1]))
	}
	slices.Sort(names)
	names = slices.Compact(names)
	switch {
	case len(names) > 3:
		return fmt.Sprintf("%s and %d more", strings.Join(names[:3], ", "), len(names)-3)
	case len(names) == 0 && strings.Contains(string(out), "panic: test timed out"):
		return "takes too long"
	case len(names) == 0:
		return "does not build"
	}
	return strings.Join(names, ", ")
}
