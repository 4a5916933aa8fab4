package mark

import (
	"context"
	"strings"
	"testing"

	"setfast/core/account"
	"setfast/core/format"
)

const handed = `{"setfast": 1, "root": "main", "parts": {"plate": {"number": "GV-101", "features": {"top": {"type": "plane", "origin": [0,0,10], "normal": [0,0,1]}}}, "lid": {"number": "GV-102", "features": {"under": {"type": "plane", "origin": [0,0,0], "normal": [0,0,-1]}}}},
	"assemblies": {"main": {"components": {"plate": {"part": "plate", "grounded": true}, "lid": {"part": "lid"}}, "mates": [{"id": "m", "type": "fastened", "a": "plate/origin", "b": "lid/origin", "offset": [0, 0, 10]}],
	"measures": {"high": {"type": "distance", "a": "plate/origin", "b": "lid/origin"}}}}}`

func submission(t *testing.T, text string) *Submission {
	t.Helper()
	d, err := format.Read([]byte(text))
	if err != nil {
		t.Fatal(err)
	}
	r, err := account.Check(context.Background(), d, nil)
	if err != nil {
		t.Fatal(err)
	}
	return &Submission{File: "a.setfast.json", Said: d, Doc: d, Report: r}
}

// TestAgainst marks the key itself and what was spoiled in one way each.
func TestAgainst(t *testing.T) {
	whole := submission(t, handed)
	for _, c := range []struct {
		name, from, to string
		key            string // overrides
		passes         bool
		why            string
	}{
		{"itself", "", "", "", true, ""},
		{"other names", `"lid": {"part": "lid"}`, `"top": {"part": "lid"}`, "", true, ""},
		{"a height", `[0, 0, 10]}],`, `[0, 0, 10.02]}],`, "", false, "high is 10.02, not 10"},
		{"a height within the key's tolerance", `[0, 0, 10]}],`, `[0, 0, 10.02]}],`, `{"setfast_key": 1, "tolerance_mm": 0.05}`, true, ""},
		{"loose", `{"id": "m", "type": "fastened", "a": "plate/origin", "b": "lid/origin", "offset": [0, 0, 10]}`, `{"id": "m", "type": "coincident", "a": "plate/top", "b": "lid/under"}`, "", false, "3 freedoms are loose"},
		{"one too many", `"lid": {"part": "lid"}`, `"lid": {"part": "lid"}, "more": {"part": "lid", "grounded": true}`, "", false, "GV-102: 2 placed, 1 are wanted"},
		{"one missing", "", "", `{"setfast_key": 1, "quantities": {"GV-201": 4}}`, false, "GV-201: 0 of 4 placed"},
		{"another order", "", "", `{"setfast_key": 1, "order": ["GV-102", "GV-101"]}`, false, "out of order: GV-10"},
		{"another verdict", "", "", `{"setfast_key": 1, "verdict": "moves as planned"}`, false, "its verdict is set, the key's is moves as planned"},
	} {
		key := KeyOf(whole.Doc, whole.Report)
		if c.key != "" {
			s, is, err := ReadSaid([]byte(c.key))
			if err != nil || !is {
				t.Fatal(err, is)
			}
			key = s.Apply(key)
		}
		text := handed
		if c.name == "other names" {
			text = strings.ReplaceAll(text, "lid/", "top/")
		}
		text = strings.Replace(text, c.from, c.to, 1)
		s := submission(t, text)
		row := Against(key, s)
		if row.Passes != c.passes || !strings.Contains(strings.Join(row.Why, "; "), c.why) {
			t.Errorf("%s: %+v", c.name, row)
		}
		if same := Print(s.Said) == Print(whole.Said); same != (c.from == "" || c.name == "other names") {
			t.Errorf("%s: the same under other names: %v", c.name, same)
		}
	}
	for text, want := range map[string]string{`{"setfast_key": 2}`: "of version 2", `{"setfast_key": 1, "ordre": []}`: "ordre", `{"setfast_key": 1, "tolerance_mm": -1}`: "not less than nothing"} {
		if _, is, err := ReadSaid([]byte(text)); !is || err == nil || !strings.Contains(err.Error(), want) {
			t.Errorf("%s: %v", text, err)
		}
	}
}
