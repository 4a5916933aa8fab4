package list

import (
	"context"
	"encoding/json"
	"fmt"
	"slices"
	"strings"
	"testing"

	"setfast/core/format"
	"setfast/core/laid"
)

// stand uses a hinge twice, each of a bracket and two screws, on a plate; one screw is suppressed.
func stand(brief string) string {
	return `{"setfast": 2, "root": "stand", "parts": {"plate": {"number": "GV-101", "name": "Plate", "mass_kg": 2, "material": "steel"}, "bracket": {"number": "GV-102", "mass_kg": 0.5}, "screw": {"number": "GV-201", "mass_kg": 0.01}},
	"assemblies": {"stand": {"components": {"plate": {"part": "plate", "grounded": true}, "left": {"assembly": "hinge"}, "right": {"assembly": "hinge"}, "spare": {"part": "screw"}, "gone": {"part": "screw", "suppressed": true}}` + brief + `},
	"hinge": {"number": "GV-110", "components": {"bracket": {"part": "bracket", "grounded": true}, "a": {"part": "screw"}, "b": {"part": "screw"}}}}}`
}

func listed(t *testing.T, text string, levels bool) string {
	t.Helper()
	doc, err := format.Read([]byte(text))
	if err != nil {
		t.Fatal(err)
	}
	x, err := laid.Out(context.Background(), doc, nil)
	if err != nil {
		t.Fatal(err)
	}
	raw, err := json.Marshal(Of(x.Document, levels))
	if err != nil {
		t.Fatal(err)
	}
	return string(raw)
}

// TestOf counts by hand: two hinges have two brackets and four screws, one more lies beside; 2 + 2 · 0.5 + 5 · 0.01 kg are 3.05.
func TestOf(t *testing.T) {
	flat := listed(t, stand(""), false)
	for _, want := range []string{`"item":1,"part":"plate","number":"GV-101","name":"Plate","quantity":1,"material":"steel","mass_kg":2`, `"item":2,"part":"bracket","number":"GV-102","name":"","quantity":2`,
		`"item":3,"part":"screw","number":"GV-201","name":"","quantity":5`, `"mass_kg":3.05`, `"brief":{"missing":[],"too_many":[],"out_of_order":[]}`} {
		if !strings.Contains(flat, want) {
			t.Errorf("flat: %s is not in %s", want, flat)
		}
	}
	deep := listed(t, stand(""), true)
	if want := `{"item":2,"assembly":"hinge","number":"GV-110","name":"","quantity":2,"mass_kg":0.52,"items":[{"item":1,"part":"bracket"`; !strings.Contains(deep, want) {
		t.Errorf("by levels: %s is not in %s", want, deep)
	}
	if unknown := listed(t, strings.Replace(stand(""), `, "mass_kg": 0.5`, "", 1), false); !strings.Contains(unknown, `"mass_kg":null}`) || !strings.Contains(unknown, `],"mass_kg":null,"brief"`) {
		t.Errorf("without a mass: %s", unknown)
	}
}

// TestCuts adds up what is cut from stock, by hand: two brackets 80 mm long off an angle, and five screws whose length nobody can tell.
func TestCuts(t *testing.T) {
	text := strings.Replace(stand(""), `"mass_kg": 0.5`, `"mass_kg": 0.5, "stock": "angle 30 × 3", "features": {"e": {"type": "axis", "origin": [0,0,0], "direction": [0,1,0]}, "a": {"type": "point", "at": [0,5,0]}, "b": {"type": "point", "at": [0,85,9]}}`, 1)
	text = strings.Replace(text, `"mass_kg": 0.01`, `"mass_kg": 0.01, "stock": "rod"`, 1)
	for _, levels := range []bool{false, true} {
		got := listed(t, text, levels)
		for _, want := range []string{`"cuts":[{"stock":"angle 30 × 3","pieces":2,"length_mm":160},{"stock":"rod","pieces":5,"length_mm":null}]`, `"stock":"angle 30 × 3","length_mm":80,"mass_kg":0.5`} {
			if !strings.Contains(got, want) {
				t.Errorf("%s is not in %s", want, got)
			}
		}
	}
}

// TestBrief holds the stand against briefs.
func TestBrief(t *testing.T) {
	line := func(number string, n int) string { return fmt.Sprintf(`{"number": %q, "quantity": %d}`, number, n) }
	for _, c := range []struct {
		name  string
		lines []string
		want  string
	}{
		{"met by parts", []string{line("GV-101", 1), line("GV-102", 2), line("GV-201", 5)}, `{"missing":[],"too_many":[],"out_of_order":[]}`},
		{"met by an assembly and what lies beside it", []string{line("GV-101", 1), line("GV-110", 2), line("GV-201", 5)}, `{"missing":[],"too_many":[],"out_of_order":[]}`},
		{"short and over", []string{line("GV-101", 2), line("GV-102", 1), line("GV-201", 5), line("GV-300", 1)}, `{"missing":[{"number":"GV-101","short":1},{"number":"GV-300","short":1}],"too_many":[{"number":"GV-102","over":1}],"out_of_order":[]}`},
		{"one that the brief has not", []string{line("GV-101", 1), line("GV-201", 5)}, `{"missing":[],"too_many":[{"number":"GV-102","over":2}],"out_of_order":[]}`},
		{"the plate last", []string{line("GV-102", 2), line("GV-201", 5), line("GV-101", 1)}, `{"missing":[],"too_many":[],"out_of_order":["GV-101"]}`},
	} {
		got := listed(t, stand(`, "brief": [`+strings.Join(c.lines, ", ")+`]`), false)
		if !strings.Contains(got, `"brief":`+c.want) {
			t.Errorf("%s: %s", c.name, got)
		}
	}
	got := listed(t, stand(`, "brief": [{"item": 7, "number": "GV-102", "quantity": 2}]`), false)
	if !strings.Contains(got, `"item":7,"part":"bracket"`) || !strings.Contains(got, `"item":8,"part":"plate"`) {
		t.Errorf("numbers of the brief: %s", got)
	}
	for row, want := range map[string][]int{"1 2 3": nil, "3 1 2": {3}, "2 1 4 3": {2, 4}, "5 1 2 3 4": {5}} {
		var in []int
		for f := range strings.FieldsSeq(row) {
			in = append(in, int(f[0]-'0'))
		}
		if got := Fewest(in); len(got) != len(want) || row != "2 1 4 3" && !slices.Equal(got, want) {
			t.Errorf("%s: %v", row, got)
		}
	}
}

// TestNumbers counts by patterns, and finds numbers that are there twice.
func TestNumbers(t *testing.T) {
	for _, c := range []struct {
		pattern string
		taken   []string
		next    string
		bad     bool
	}{
		{"GV-###", []string{"GV-101", "GV-099", "GV-1000", "X-500", "GV-10a", ""}, "GV-102", false},
		{"GV-###", nil, "GV-001", false}, {"#", []string{"9"}, "", false}, {"A##-B", []string{"A07-B", "A99-C"}, "A08-B", false}, {"", []string{"1"}, "", false},
		{"GV", nil, "", true}, {"G#V#", nil, "", true}, {"##########", nil, "", true},
	} {
		if err := CheckPattern(c.pattern); (err != nil) != c.bad {
			t.Errorf("%q: %v", c.pattern, err)
		}
		if got := Next(c.pattern, c.taken); !c.bad && got != c.next {
			t.Errorf("%q after %v: %q, not %q", c.pattern, c.taken, got, c.next)
		}
	}
	if !Follows("GV-###", "GV-123") || Follows("GV-###", "GV-12") || !Follows("", "anything") {
		t.Error("what follows a pattern")
	}
	if got := listed(t, strings.Replace(stand(""), `"number": "GV-102"`, `"number": "GV-101"`, 1), false); !strings.Contains(got, `"doubles":["GV-101"]`) {
		t.Errorf("two parts of one number: %s", got)
	}
}
