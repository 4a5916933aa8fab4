package commands

import (
	"context"
	"strings"
	"testing"

	"setfast/core/assembly"
	"setfast/core/edit"
)

// TestBriefLines reads briefs as they are typed, pasted from a spreadsheet, or exported with a head; and writes them back.
func TestBriefLines(t *testing.T) {
	for text, want := range map[string]string{
		"GV-101":                                 "GV-101,1,\n",
		"GV-101, 2, Wall plate\nGV-102":          "GV-101,2,Wall plate\nGV-102,1,\n",
		"GV-101\t3\tPlate, large\nGV-102\t1\t\n": "GV-101,3,\"Plate, large\"\nGV-102,1,\n",
		"Pos;Description;Qty;Number\n1;Plate;2×;GV-101\n2;Block;1;GV-102\n": "GV-101,2,Plate\nGV-102,1,Block\n",
		"\ufeffnumber,quantity\nGV-7,4\n\n":                                 "GV-7,4,\n",
		"":                                                                  "",
	} {
		lines, err := BriefLines(text)
		if got := BriefText(lines); err != nil || got != want {
			t.Errorf("%q: %v %q", text, err, got)
		}
	}
	lines, err := BriefLines("item,number\n7,GV-101\n")
	if err != nil || lines[0].Item != 7 {
		t.Errorf("item numbers: %v %+v", err, lines)
	}
	for text, says := range map[string]string{"GV-1,0": "whole number", "GV-1,many": "whole number", "GV-1\nGV-1": "again", ",3": "no part number", strings.Repeat("a\n", 1): ""} {
		if _, err := BriefLines(text); says != "" && (err == nil || !strings.Contains(err.Error(), says)) {
			t.Errorf("%q: %v", text, err)
		}
	}
	var many strings.Builder
	for i := range mostBrief + 1 {
		many.WriteString(strings.Repeat("x", 1+i%90) + string(rune('a'+i%26)) + strings.Repeat("y", i/90) + "\n")
	}
	if _, err := BriefLines(many.String()); err == nil {
		t.Error("a brief of more lines than are taken")
	}
}

// TestExplodeCommand keeps steps that can be, and says what is wrong with others.
func TestExplodeCommand(t *testing.T) {
	b := &Bench{Asm: (&assembly.Assembly{Components: []*assembly.Component{{Name: "plate"}, {Name: "screw"}}}).Seal()}
	if _, said, err := (Explode{Steps: []Leave{{Parts: []string{"screw"}, Along: [3]float64{0, 0, 1}, By: 40}}}).Edit(context.Background(), b); err != nil || said != "come apart in 1 step as said" {
		t.Errorf("%v %q", err, said)
	}
	if _, said, err := (Explode{}).Edit(context.Background(), b); err != nil || said != "come apart as it is worked out" {
		t.Errorf("%v %q", err, said)
	}
	b.Asm = (&assembly.Assembly{Components: b.Asm.Components, Explosions: []assembly.Explosion{{Name: "lid off"}, {Name: "open"}}}).Seal()
	for _, c := range []struct {
		as    string
		steps []Leave
		want  string
	}{
		{"open", nil, `{"lid off":[]}`},
		{"screws out", []Leave{{Parts: []string{"screw"}, Along: [3]float64{0, 0, 1}}}, `{"lid off":[],"open":[],"screws out":[{"parts":["screw"],"along":[0,0,1]}]}`},
		{"nothing", nil, `{"lid off":[],"open":[]}`},
	} {
		e, _, err := (Explode{As: c.as, Steps: c.steps}).Edit(context.Background(), b)
		if s, ok := e.(edit.Sheet); err != nil || !ok || s.Name != "explosions" || strings.ReplaceAll(string(s.To), "null", "[]") != c.want {
			t.Errorf("%s: %v %+v", c.as, err, e)
		}
	}
	if _, _, err := (Explode{As: "a/b"}).Edit(context.Background(), b); err == nil {
		t.Error("a name with a slash was taken")
	}
	for _, s := range []Leave{{Parts: []string{"nut"}, Along: [3]float64{0, 0, 1}}, {Parts: []string{"screw"}}, {Along: [3]float64{1, 0, 0}}, {Parts: []string{"screw"}, Along: [3]float64{1, 0, 0}, By: -1}} {
		if _, _, err := (Explode{Steps: []Leave{s}}).Edit(context.Background(), b); err == nil {
			t.Errorf("%+v was taken", s)
		}
	}
}
