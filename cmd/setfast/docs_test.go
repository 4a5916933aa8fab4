package main

import (
	"bytes"
	"encoding/json"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"strings"
	"testing"
)

// TestDocumentation does what docs/scripts.md says: files are written as they stand there, commands run, and what they print compared.
func TestDocumentation(t *testing.T) {
	text, err := os.ReadFile("../../docs/scripts.md")
	if err != nil {
		t.Fatal(err)
	}
	examples, err := filepath.Abs("../../docs")
	if err != nil {
		t.Fatal(err)
	}
	t.Chdir(t.TempDir())
	if err := os.Symlink(examples, "docs"); err != nil {
		t.Fatal(err)
	}
	commands := 0
	for rest := string(text); ; {
		_, after, ok := strings.Cut(rest, "\n```")
		if !ok {
			break
		}
		head, body, _ := strings.Cut(after, "\n")
		body, rest, _ = strings.Cut(body, "\n```")
		if file, is := strings.CutPrefix(head, "json "); is {
			writeExample(t, file, body)
		}
		if head == "console" {
			commands += console(t, body)
		}
	}
	if commands < 7 {
		t.Errorf("only %d commands are shown", commands)
	}
}

// writeExample writes a file of the documentation; one that is made from another gets its lines behind the relations.
func writeExample(t *testing.T, file, body string) {
	t.Helper()
	file, from, made := strings.Cut(file, " < ")
	if made {
		whole, err := os.ReadFile(from)
		if err != nil {
			t.Fatal(err)
		}
		body = strings.Replace(string(whole), "   \"measures\"", body+"\n   \"measures\"", 1)
	}
	if err := os.WriteFile(file, []byte(body), 0o600); err != nil {
		t.Fatal(err)
	}
}

// console runs the commands of a block and compares what each prints, and its exit code.
func console(t *testing.T, block string) (commands int) {
	t.Helper()
	for _, c := range strings.Split("\n"+block, "\n$ ./setfast ")[1:] {
		commands++
		line, want, _ := strings.Cut(c, "\n")
		line, in, _ := strings.Cut(line, " < ")
		var input []byte
		if in != "" {
			var err error
			if input, err = os.ReadFile(in); err != nil {
				t.Fatal(err)
			}
		}
		var out bytes.Buffer
		code := run(strings.Fields(line), bytes.NewReader(input), &out, &out)
		got := strings.TrimRight(out.String(), "\n") + "\n= " + string(rune('0'+code))
		if !alike(strings.Split(want, "\n"), strings.Split(got, "\n")) {
			t.Errorf("./setfast %s prints\n%s\nand not\n%s", line, got, want)
		}
	}
	return commands
}

// alike compares lines; … stands for any number of them.
func alike(want, got []string) bool {
	for len(want) > 0 {
		if want[0] == "…" {
			for k := range len(got) + 1 {
				if alike(want[1:], got[k:]) {
					return true
				}
			}
			return false
		}
		if len(got) == 0 || want[0] != got[0] {
			return false
		}
		want, got = want[1:], got[1:]
	}
	return len(got) == 0
}

// TestWholeReport: the report shown in docs/assembly-file.md is what the command prints, but for rounding.
func TestWholeReport(t *testing.T) {
	text, err := os.ReadFile("../../docs/assembly-file.md")
	if err != nil {
		t.Fatal(err)
	}
	_, after, _ := strings.Cut(string(text), "## A whole report")
	_, after, _ = strings.Cut(after, "```json\n")
	block, _, _ := strings.Cut(after, "\n```")
	_, out, errs := do("check", "--json", "../../docs/examples/hinge.setfast.json")
	var shown, got any
	if err := json.Unmarshal([]byte(block), &shown); err != nil {
		t.Fatal(err)
	}
	if err := json.Unmarshal([]byte(out), &got); err != nil {
		t.Fatal(err, errs)
	}
	if place := differs(shown, got); place != "" {
		t.Errorf("they differ at %s", place)
	}
}

// differs tells where two values do, or nothing; numbers may by rounding.
func differs(a, b any) string {
	switch x := a.(type) {
	case map[string]any:
		y, ok := b.(map[string]any)
		if !ok || len(x) != len(y) {
			return "(members)"
		}
		for k := range x {
			if p := differs(x[k], y[k]); p != "" {
				return k + "." + p
			}
		}
	case []any:
		y, ok := b.([]any)
		if !ok || len(x) != len(y) {
			return "(items)"
		}
		for i := range x {
			if p := differs(x[i], y[i]); p != "" {
				return fmt.Sprint(i, ".", p)
			}
		}
	case float64:
		if y, ok := b.(float64); !ok || math.Abs(x-y) > 1e-5 {
			return fmt.Sprint(a, " and ", b)
		}
	default:
		if a != b {
			return fmt.Sprint(a, " and ", b)
		}
	}
	return ""
}
