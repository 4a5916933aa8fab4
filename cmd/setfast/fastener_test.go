package main

import (
	"bytes"
	"encoding/json"
	"os"
	"path/filepath"
	"testing"
)

// TestFastener asks for what the tables tell, good and bad: what it answers is told by its shape, and by the code it ends with.
func TestFastener(t *testing.T) {
	step := filepath.Join(t.TempDir(), "screw.step")
	for _, c := range []struct {
		args []string
		code int
		want string // of the answer, by path
		is   any
	}{
		{[]string{"ISO 4762 M6x20"}, 0, "k", 6.0},
		{[]string{"ISO", "4762", "M6x20", "--step", step}, 0, "dk", 10.0},
		{[]string{"--list"}, 0, "standards", nil},
		{[]string{"--hole", "9"}, 0, "hole", 9.0},
		{[]string{"--hole", "0.1"}, 1, "hole", 0.1},
		{[]string{"--thread", "M6", "--grip", "14.2", "--screw", "ISO 4762", "--nut", "DIN 985"}, 0, "through_nut_mm", 4.8},
		{[]string{"--thread", "M6", "--grip", "16", "--nut", "DIN 985", "--washers", "2"}, 0, "length", 25.0}, // grips are with washers
		{[]string{"--thread", "M6", "--grip", "10", "--blind", "12"}, 0, "engagement_mm", 6.0},
		{[]string{"--thread", "M6", "--grip", "10", "--blind", "5"}, 1, "engagement_mm", 2.0},
		{[]string{"ISO 4762 M6x21"}, 1, "stock", false},
		{[]string{"--thread", "M6", "--grip", "2", "--nut", "DIN 985", "--washers", "2"}, 2, "", nil},
		{[]string{"--thread", "M6", "--grip", "2", "--nut", "ISO 7089"}, 2, "", nil},
		{[]string{"--thread", "M6"}, 2, "", nil},
		{[]string{"--hole", "-1"}, 2, "", nil},
		{[]string{}, 2, "", nil},
		{[]string{"DIN 985 M6x20"}, 2, "", nil},
		{[]string{"ISO 4762 M6", "--step", step}, 2, "", nil}, // of which length?
	} {
		var out, errs bytes.Buffer
		code := run(append([]string{"fastener", "--json"}, c.args...), nil, &out, &errs)
		if code != c.code || (code == 2) != (errs.Len() > 0) {
			t.Errorf("%v: %d, want %d: %s %s", c.args, code, c.code, &out, &errs)
			continue
		}
		if c.want == "" {
			continue
		}
		var got map[string]any
		if err := json.Unmarshal(out.Bytes(), &got); err != nil {
			t.Errorf("%v: %v: %s", c.args, err, &out)
			continue
		}
		x := got[c.want]
		if d, ok := got["dimensions"].(map[string]any); ok && d[c.want] != nil {
			x = d[c.want]
		}
		if c.is != nil && x != c.is {
			t.Errorf("%v: %s is %v, want %v", c.args, c.want, x, c.is)
		}
	}
	if data, err := os.ReadFile(step); err != nil || !bytes.Contains(data, []byte("ADVANCED_FACE('seat'")) {
		t.Errorf("the shape does not name its seat: %v", err)
	}
}
