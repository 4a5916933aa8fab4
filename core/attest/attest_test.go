package attest

import (
	"context"
	"errors"
	"testing"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/fasten"
	"setfast/core/format"
	"setfast/core/report"
	"setfast/core/sweep"
)

// hinge turns from 0 to 95 degrees, on a plate of its own; more is put into the assembly.
func hinge(t *testing.T, more string) Given {
	t.Helper()
	text := `{"setfast": 2, "root": "vent", "parts": {"leaf": {"number": "GV-301", "name": "Leaf", "mass_kg": 0.5, "features": {"eye": {"type": "frame", "origin": [0, 0, 0], "z": [0, 0, 1], "x": [1, 0, 0]}}}},
		"assemblies": {"vent": {"number": "GV-300", "name": "Vent", "components": {"frame": {"assembly": "frame", "grounded": true}, "leaf": {"part": "leaf"}}, "mates": [
			{"id": "pin", "type": "revolute", "a": "frame/fixed/eye", "b": "leaf/eye", "limits": {"angle": [0, 95]}}]` + more + `},
			"frame": {"name": "Frame", "components": {"fixed": {"part": "leaf", "grounded": true}}, "dismissed": [{"finding": "doubled a, b", "why": "as drawn"}]}}}`
	doc, err := format.Read([]byte(text))
	if err != nil {
		t.Fatal(err)
	}
	rep, err := account.Check(context.Background(), doc, nil)
	if err != nil {
		t.Fatal(err)
	}
	return Given{Doc: doc, Report: rep, Written: []byte(text), Files: map[string]string{"leaf.step": "11"}, Source: func(string) (string, string) { return "leaf.step", "11" }}
}

// TestOf gathers what a reviewer asks for, level by level, and tells what can be signed.
func TestOf(t *testing.T) {
	const planned = `, "planned": [{"joint": "pin"}], "drives": {"open": {"joint": "pin", "of": "angle", "from": 0, "to": 90, "steps": 3}}`
	g := hinge(t, planned)
	p := Of(g)
	if !p.Passes() || p.Verdict != report.Moves || len(p.Levels) != 2 || p.Levels[0].Assembly != "vent" || p.Levels[0].Left != 1 || p.Levels[1].Verdict != report.Set {
		t.Errorf("%+v", p)
	}
	if len(p.Motions) != 1 || p.Motions[0].Of != "angle" || *p.Motions[0].Hi != 95 || len(p.Dismissed) != 1 || p.Dismissed[0].Assembly != "Frame" || len(p.Parts) != 1 || p.Parts[0].Quantity != 2 || *p.Mass != 1 {
		t.Errorf("%+v", p)
	}
	loose := Of(hinge(t, ""))
	if loose.Passes() || len(loose.Findings) != 1 || loose.Findings[0].Motion == nil || loose.Digest == p.Digest {
		t.Errorf("a hinge that nobody planned: %+v", loose)
	}
	for name, change := range map[string]func(g *Given){
		"a clash": func(g *Given) {
			g.Clash = &clash.Found{Verdict: "clash", Pairs: []clash.Pair{{A: "a", B: "b", Kind: clash.Clash}}}
		},
		"what is undecided":      func(g *Given) { g.Clash = &clash.Found{Verdict: "undecided"} },
		"a joint with a finding": func(g *Given) { g.Joints = []fasten.Joint{{Name: "feet", Findings: []string{"too short"}}} },
		"a motion that stops": func(g *Given) {
			at := 40.0
			g.Runs = []Run{{Done: &sweep.Done{DriveRun: report.DriveRun{StoppedAt: &at}}}}
		},
		"a motion that meets":     func(g *Given) { g.Runs = []Run{{Done: &sweep.Done{Clash: []sweep.Met{{A: "a", B: "b"}}}}} },
		"a motion that cannot be": func(g *Given) { g.Runs = []Run{{Failed: "no such joint"}} },
	} {
		g := hinge(t, planned)
		change(&g)
		if Of(g).Passes() {
			t.Errorf("%s passes", name)
		}
	}
	g.Clash, g.Runs = &clash.Found{Verdict: "clear"}, []Run{{Done: &sweep.Done{Clash: []sweep.Met{{A: "a", B: "b", Fit: true}}}}}
	if !Of(g).Passes() {
		t.Error("an overlap that is meant does not pass")
	}
}

// TestDigest changes with what is said and with any file, and with nothing else.
func TestDigest(t *testing.T) {
	is := Digest([]byte(`{"a": 1}`), map[string]string{"x.step": "11", "y.step": "22"})
	for name, c := range map[string]struct {
		text  string
		files map[string]string
		same  bool
	}{
		"laid out otherwise":  {"{\n \"a\":1 }", map[string]string{"x.step": "11", "y.step": "22"}, true},
		"files called others": {`{"a": 1}`, map[string]string{"p": "22", "q": "11"}, true},
		"another value":       {`{"a": 2}`, map[string]string{"x.step": "11", "y.step": "22"}, false},
		"another file":        {`{"a": 1}`, map[string]string{"x.step": "11", "y.step": "23"}, false},
		"a file less":         {`{"a": 1}`, map[string]string{"x.step": "11"}, false},
	} {
		if got := Digest([]byte(c.text), c.files) == is; got != c.same {
			t.Errorf("%s: the same %t", name, got)
		}
	}
}

// TestMoving takes what is planned and what was kept along; what fails is told, what is called off stops all.
func TestMoving(t *testing.T) {
	g := hinge(t, `, "planned": [{"joint": "pin"}], "drives": {"open": {"joint": "pin", "of": "angle", "from": 0, "to": 90, "steps": 3}, "shut": {"joint": "pin", "of": "angle", "from": 90, "to": 0, "steps": 3}}`)
	root := g.Doc.Assemblies["vent"]
	bad := errors.New("no way")
	travel := func(joint, of string) (*sweep.Travelled, error) { return &sweep.Travelled{Joint: joint, Of: of}, nil }
	run := func(d assembly.Drive) (*sweep.Done, error) {
		if d.Name == "shut" {
			return nil, bad
		}
		return &sweep.Done{}, nil
	}
	if err := g.Moving(context.Background(), root, 9, travel, run); err != nil || len(g.Travels) != 1 || len(g.Runs) != 2 || g.Runs[1].Failed != "no way" || g.Runs[0].Meets() || !g.Runs[1].Meets() {
		t.Errorf("%v %+v", err, g.Runs)
	}
	if p := Of(g); p.Motions[0].Travel == nil || p.Motions[0].Travel.Joint != "pin" || len(p.Runs) != 2 {
		t.Errorf("%+v", p)
	}
	ctx, cancel := context.WithCancel(context.Background())
	cancel()
	if err := g.Moving(ctx, root, 9, travel, run); err == nil {
		t.Error("it went on after it was called off")
	}
}
