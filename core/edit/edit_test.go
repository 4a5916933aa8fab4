package edit

import (
	"bufio"
	"encoding/json"
	"flag"
	"fmt"
	"maps"
	"math/rand/v2"
	"os"
	"slices"
	"strings"
	"testing"

	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/geom"
)

const start = `{"number": "GV-1", "name": "A", "values": {"w": "12 mm"},
 "components": {"base": {"part": "p1", "grounded": true}, "block": {"part": "p2"}, "pin": {"part": "p3"}, "drive": {"assembly": "a4"}, "cover": {"part": "p2"}},
 "mates": [{"id": "m1", "type": "coincident", "a": "base/f1", "b": "block/f2"},
  {"id": "j", "type": "revolute", "a": "block/f3", "b": "pin/f1", "at": {"angle": "10 deg"}, "limits": {"angle": ["0 deg", "95 deg"]}, "note": "by hand"},
  {"id": "d", "type": "distance", "a": "base/f1", "b": "drive/Rack/f2", "value": "w + 1 in", "sense": "same"},
  {"id": "s", "type": "cylindrical", "a": "base/f4", "b": "cover/f1", "at": {"angle": 3, "slide": "2 * w"}, "limits": {"angle": [null, 20], "slide": ["-w", null]}},
  {"id": "r", "type": "rack", "a": "j", "b": "s", "lead": "3 * w"}],
 "planned": [{"joint": "j"}, {"component": "pin", "motion": "turn", "about": "block/f3"}, {"joint": "s", "of": "slide"}],
 "measures": {"g": {"type": "distance", "a": "base/f1", "b": "pin/f1"}, "c": {"type": "coordinate", "joint": "j", "of": "angle"}, "m": {"type": "mass"}},
 "drives": {"d": {"joint": "j", "of": "angle", "from": 0, "to": 10, "steps": 2}, "e": {"joint": "s", "of": "slide", "from": 0, "to": 3, "steps": 2}}}`

func read(t *testing.T) *assembly.Assembly {
	t.Helper()
	a, err := format.ReadAssembly([]byte(start))
	if err != nil {
		t.Fatal(err)
	}
	return a
}

func text(t *testing.T, a *assembly.Assembly) string {
	t.Helper()
	b, err := json.Marshal(format.AssemblyObject(a))
	if err != nil {
		t.Fatal(err)
	}
	return string(b)
}

// kept sends an edit through the form it is stored in.
func kept(t *testing.T, e Edit) Edit {
	t.Helper()
	b, err := Encode(e)
	if err != nil {
		t.Fatal(err)
	}
	back, err := Decode(b)
	if err != nil {
		t.Fatalf("%s: %v", b, err)
	}
	again, _ := Encode(back)
	if string(again) != string(b) {
		t.Fatalf("written, read and written again:\n%s\n%s", b, again)
	}
	return back
}

// flat lists all members of an assembly by their place in the file; relations go by their ids, not by their places in the list.
func flat(t *testing.T, a *assembly.Assembly) map[string]string {
	t.Helper()
	var tree any
	if err := json.Unmarshal([]byte(text(t, a)), &tree); err != nil {
		t.Fatal(err)
	}
	out := map[string]string{}
	var walk func(path string, v any)
	walk = func(path string, v any) {
		switch x := v.(type) {
		case map[string]any:
			for k, y := range x {
				walk(path+"."+k, y)
			}
		case []any:
			for i, y := range x {
				name := fmt.Sprint(i)
				if m, ok := y.(map[string]any); ok && m["id"] != nil {
					name = fmt.Sprint(m["id"])
				}
				walk(path+"."+name, y)
			}
		default:
			out[path] = fmt.Sprint(v)
		}
	}
	walk("", tree)
	return out
}

// differences lists the members in which two assemblies differ.
func differences(a, b map[string]string) []string {
	var out []string
	for k := range a {
		if v, ok := b[k]; !ok || v != a[k] {
			out = append(out, k)
		}
	}
	for k := range b {
		if _, ok := a[k]; !ok {
			out = append(out, k)
		}
	}
	slices.Sort(out)
	return slices.Compact(out)
}

func js(s string) json.RawMessage { return json.RawMessage(s) }

// randomEdits makes an edit of each kind that fits an assembly, with what it may touch: prefixes of members.
func randomEdits(a *assembly.Assembly, r *rand.Rand) map[string]struct {
	e   Edit
	may []string
} {
	type tried = struct {
		e   Edit
		may []string
	}
	out := map[string]tried{}
	pose := geom.Pose{O: geom.V(r.NormFloat64()*100, r.NormFloat64(), 1e-7), Q: geom.Quat{W: r.NormFloat64(), X: r.NormFloat64(), Z: 1}.Read()}
	at := r.IntN(len(a.Components) + 1)
	fresh := fmt.Sprint("new ", r.Uint32())
	out["place"] = tried{Place{Component{Name: fresh, Part: "p9", Suppressed: r.IntN(2) == 0, Pose: pose}, &at}, []string{".components." + fresh}}
	yes := r.IntN(2) == 0
	if n := len(a.Components); n > 0 {
		c := a.Components[r.IntN(n)].Name
		of := ".components." + c + "."
		out["ground"] = tried{Ground{c, yes}, []string{of + "grounded"}}
		out["suppress"] = tried{Suppress{c, yes}, []string{of + "suppressed"}}
		if a.Components[0].Part != "" {
			out["use"] = tried{Use{a.Components[0].Name, fresh}, []string{".components." + a.Components[0].Name + ".part"}}
		}
		out["move"] = tried{Move{map[string]geom.Pose{c: pose}}, []string{of + "pose"}}
		hang := []string{of, ".planned", ".measures", ".drives", ".groups", ".copies", ".stacks", ".explode", ".explosions"}
		for _, m := range a.Mates {
			if slices.ContainsFunc(m.Refs(), func(f assembly.Ref) bool { return f.Head() == c }) || m.IsCoupling() {
				hang = append(hang, ".mates."+m.ID+".")
			}
		}
		out["remove"] = tried{Remove{c}, hang}
		out["rename"] = tried{Rename{c, fresh}, append(hang, ".components."+fresh+".")}
	}
	for _, c := range a.Components {
		if c.Assembly != "" {
			out["flex"] = tried{Flex{c.Name, yes}, []string{".components." + c.Name + ".flexible"}}
		}
	}
	out["relate"] = tried{Relate{js(fmt.Sprintf(`{"id": %q, "type": "distance", "a": "x/f1", "b": "y/f2", "value": "%d mm"}`, fresh, r.IntN(90))), nil}, []string{".mates." + fresh + "."}}
	for _, m := range a.Mates {
		of := ".mates." + m.ID + "."
		out["unrelate "+m.ID] = tried{Unrelate{m.ID}, []string{of, ".mates.r.", ".planned", ".measures", ".drives"}}
		out["suppress "+m.ID] = tried{Set{m.ID, "suppressed", js("true")}, []string{of + "suppressed"}}
		if m.Has("value") {
			out["value "+m.ID] = tried{Set{m.ID, "value", js(`"2 * w"`)}, []string{of + "value"}}
			out["sense "+m.ID] = tried{Set{m.ID, "sense", js(`"opposed"`)}, []string{of + "sense"}}
		}
		for _, c := range m.Limited() {
			out["limits "+m.ID+" "+c] = tried{Set{m.ID, "limits." + c, js(fmt.Sprintf(`[%g, "900 + 9"]`, -r.Float64()))}, []string{of + "limits." + c}}
			out["one way "+m.ID+" "+c] = tried{Set{m.ID, "one_way." + c, js(`"down"`)}, []string{of + "one_way." + c}}
			out["no limits "+m.ID+" "+c] = tried{Set{m.ID, "limits." + c, nil}, []string{of + "limits." + c}}
		}
		for _, h := range m.Held() {
			c := h.Of
			out["at "+m.ID+" "+c] = tried{Set{m.ID, "at." + c, js("7")}, []string{of + "at." + c}}
			out["free "+m.ID+" "+c] = tried{Set{m.ID, "at." + c, nil}, []string{of + "at." + c}}
		}
	}
	first := 0
	out["plan"] = tried{Plan{js(`{"component": "pin", "motion": "slide", "along": "@/x"}`), &first}, []string{".planned"}}
	if n := len(a.Planned); n > 0 {
		out["unplan"] = tried{Unplan{r.IntN(n)}, []string{".planned"}}
	}
	out["measure"] = tried{Measure{fresh, js(`{"type": "mass"}`), &first}, []string{".measures." + fresh}}
	if n := len(a.Measures); n > 0 {
		m := a.Measures[r.IntN(n)].Name
		out["unmeasure"] = tried{Unmeasure{m}, []string{".measures." + m + "."}}
	}
	out["drive"] = tried{Drive{fresh, js(`{"joint": "j", "of": "angle", "from": 0, "to": 1, "steps": 4, "with": [{"joint": "k", "of": "slide", "to": 2}], "then": [{"joint": "j", "of": "angle", "to": 0, "steps": 2}]}`), nil}, []string{".drives." + fresh}}
	if n := len(a.Drives); n > 0 {
		d := a.Drives[r.IntN(n)].Name
		out["undrive"] = tried{Undrive{d}, []string{".drives." + d + "."}}
	}
	out["title"] = tried{Title{Name: &fresh}, []string{".name"}}
	out["number"] = tried{Title{Number: &fresh}, []string{".number"}}
	out["values"] = tried{Values{js(fmt.Sprintf(`{"w": "%d mm", "n": "3"}`, 1+r.IntN(50)))}, []string{".values"}}
	if n := len(a.Components); n > 1 {
		out["order"] = tried{Order{a.Components[r.IntN(n)].Name, r.IntN(n)}, []string{".components"}}
	}
	if n := len(a.Mates); n > 0 {
		id := a.Mates[r.IntN(n)].ID
		out["reid"] = tried{Reid{id, fresh}, []string{".mates.", ".planned", ".measures", ".drives"}}
	}
	if n := len(a.Components); n > 0 {
		to := js(fmt.Sprintf(`{"bolts": [%q], "rest": []}`, a.Components[r.IntN(n)].Name))
		out["groups"] = tried{Sheet{"groups", to}, []string{".groups"}}
		c := a.Components[r.IntN(n)].Name
		row := fmt.Sprintf(`{"row": {"of": [%q], "linear": {"along": "%s/x", "count": %d, "pitch": "2 * w"}}, "here": {"of": [%q], "places": {"from": "x/f1", "to": ["%s/f2", "y/f3"]}}}`, c, c, 2+r.IntN(5), c, c)
		out["copies"] = tried{Sheet{"copies", js(row)}, []string{".copies"}}
		out["explode"] = tried{Sheet{"explode", js(fmt.Sprintf(`[{"parts": [%q], "along": [0, 0, 1], "by": 60}]`, c))}, []string{".explode"}}
		out["explosions"] = tried{Sheet{"explosions", js(fmt.Sprintf(`{"lid off": [{"parts": [%q], "along": [1, 0, 0]}]}`, c))}, []string{".explosions"}}
		out["stacks"] = tried{Sheet{"stacks", js(fmt.Sprintf(`{"feet": {"holes": ["%s/f1", "y/f2"], "through": [%q], "screw": "ISO 4762 M6", "nut": "ISO 7040 M6"}}`, c, c))}, []string{".stacks"}}
	}
	out["dismissed"] = tried{Sheet{"dismissed", js(`[{"finding": "doubled a, b", "why": "as drawn"}]`)}, []string{".dismissed"}}
	out["settings"] = tried{NewSettings(assembly.Settings{ToleranceMM: 0.01, ToleranceDeg: 0.02, FastenersHeld: yes}), []string{".settings"}}
	out["no settings"] = tried{Settings{}, []string{".settings"}}
	return out
}

// TestEveryEdit applies every kind of edit to assemblies that random edits made, stored and read again as the log does. Taken back
// it gives the same to the letter; what it does not name stays as it was; and the assembly it was applied to is not changed.
func TestEveryEdit(t *testing.T) {
	r := rand.New(rand.NewPCG(7, 11))
	kinds := map[string]bool{}
	rounds := 5
	if testing.Short() {
		rounds = 1
	}
	for range rounds {
		a := read(t)
		for range 12 {
			all := randomEdits(a, r)
			for name, x := range all {
				before, members := text(t, a), flat(t, a)
				b, inv, err := Apply(a, kept(t, x.e))
				if err != nil {
					t.Fatalf("%s: %v", name, err)
				}
				if text(t, a) != before {
					t.Fatalf("%s changed what it was applied to", name)
				}
				kinds[x.e.Op()] = true
				for _, d := range differences(members, flat(t, b)) {
					if !slices.ContainsFunc(x.may, func(p string) bool { return strings.HasPrefix(d, p) }) {
						t.Fatalf("%s touches %s", name, d)
					}
				}
				back, again, err := Apply(b, kept(t, inv))
				if err != nil {
					t.Fatalf("%s: taking back: %v", name, err)
				}
				if now := text(t, back); now != before {
					t.Fatalf("%s taken back gives\n%s\nnot\n%s", name, now, before)
				}
				// and taking back the taking back does it again
				if c, _, err := Apply(back, kept(t, again)); err != nil || text(t, c) != text(t, b) {
					t.Fatalf("%s done again: %v", name, err)
				}
			}
			names := slices.Sorted(maps.Keys(all))
			next, _, err := Apply(a, all[names[r.IntN(len(names))]].e)
			if err != nil {
				t.Fatal(err)
			}
			a = next
		}
	}
	for op := range kinds1() {
		if !kinds[op] {
			t.Errorf("no edit %q was tried", op)
		}
	}
}

// kinds1 are the kinds of edit that are still made: all but those of old logs, and batches, which are no kind of their own.
func kinds1() map[string]bool {
	m := map[string]bool{}
	for op := range kinds {
		m[op] = op != "lists" && op != "change"
	}
	maps.DeleteFunc(m, func(_ string, on bool) bool { return !on })
	return m
}

// TestMinimalInverse: taking one relation back stores that relation, not the whole list.
func TestMinimalInverse(t *testing.T) {
	var a *assembly.Assembly = read(t)
	for i := range 400 {
		var err error
		if a, _, err = Apply(a, Relate{js(fmt.Sprintf(`{"id": "x%d", "type": "parallel", "a": "base/f1", "b": "pin/f1"}`, i)), nil}); err != nil {
			t.Fatal(err)
		}
	}
	_, inv, err := Apply(a, Unrelate{"x200"})
	if err != nil {
		t.Fatal(err)
	}
	if b, _ := Encode(inv); len(b) > 300 {
		t.Errorf("the inverse of deleting one of 405 relations takes %d bytes", len(b))
	}
}

func TestRefused(t *testing.T) {
	for _, e := range []Edit{
		Place{}, Place{Component{Name: "pin", Part: "p", Pose: geom.Home}, nil},
		Place{Component{Name: "a/b", Part: "p", Pose: geom.Home}, nil},
		Place{Component{Name: "x", Pose: geom.Home}, nil},
		Place{Component{Name: "x", Part: "p"}, nil}, // no quaternion: no pose
		Place{Component{Name: "x", Part: "p", Pose: geom.Pose{O: geom.V(1e300, 0, 0), Q: geom.Identity}}, nil},
		Remove{"nobody"}, Rename{"pin", "base"}, Rename{"pin", ""}, Flex{"pin", true}, Use{"nobody", "p1"}, Use{"pin", ""},
		Relate{js(`{"id": "j", "type": "parallel", "a": "base/x", "b": "pin/x"}`), nil}, Relate{js(`{`), nil},
		Unrelate{"zz"}, Unplan{9}, Set{"m1", "id", js(`"m2"`)}, Set{"m1", "value", js("4")}, Set{"d", "value.x", js("4")}, Set{"d", "value", nil}, Set{"zz", "value", js("4")},
		Batch{[]Edit{Remove{"pin"}, Remove{"pin"}}},
	} {
		a := read(t)
		before := text(t, a)
		if _, _, err := Apply(a, e); err == nil {
			t.Errorf("%+v was taken", e)
		}
		if text(t, a) != before {
			t.Errorf("%+v was refused and left something behind", e)
		}
	}
	for _, s := range []string{``, `{`, `[]`, `{"v":2,"op":"dance"}`, `{"v":3,"op":"remove","name":"pin"}`, `{"v":2,"op":"remove","name":"pin","to":"x"}`,
		`{"op":"ground","name":"pin"}`, `{"op":"dance"}`, `{"op":"place"}`, `{"v":2,"op":"batch","edits":[{"op":"batch","edits":[1]}]}`,
		strings.Repeat(`{"v":2,"op":"batch","edits":[`, 30) + strings.Repeat(`]}`, 30)} {
		if e, err := Decode([]byte(s)); err == nil {
			t.Errorf("%s was read as %+v", s, e)
		}
	}
}

var rewrite = flag.Bool("rewrite", false, "write the log of today's form anew from that of version 1")

// TestOldLogs replays logs as they were written: every line leads to the state kept beside it, and its inverse back. A file of
// testdata is never changed; a new form of edits adds one.
func TestOldLogs(t *testing.T) {
	type line struct {
		Edit, Inverse, State json.RawMessage
	}
	load := func(name string) (out []line) {
		f, err := os.Open(name)
		if err != nil {
			t.Fatal(err)
		}
		defer f.Close()
		for sc := bufio.NewScanner(f); sc.Scan(); {
			var l line
			if err := json.Unmarshal(sc.Bytes(), &l); err != nil {
				t.Fatal(err)
			}
			out = append(out, l)
		}
		return out
	}
	empty := `{"number":"GV-120","name":"Crank drive","components":{},"mates":[]}`
	if *rewrite {
		var out strings.Builder
		a, _ := format.ReadAssembly([]byte(empty))
		for _, l := range load("testdata/log-1.jsonl") {
			e, err := Decode(l.Edit)
			if err != nil {
				t.Fatal(err)
			}
			var inv Edit
			if a, inv, err = Apply(a, e); err != nil {
				t.Fatal(err)
			}
			eb, _ := Encode(e)
			ib, _ := Encode(inv)
			fmt.Fprintf(&out, `{"edit":%s,"inverse":%s,"state":%s}`+"\n", eb, ib, text(t, a))
		}
		if err := os.WriteFile("testdata/log-2.jsonl", []byte(out.String()), 0o644); err != nil {
			t.Fatal(err)
		}
	}
	for _, name := range []string{"testdata/log-1.jsonl", "testdata/log-2.jsonl"} {
		a, err := format.ReadAssembly([]byte(empty))
		if err != nil {
			t.Fatal(err)
		}
		lines := load(name)
		if len(lines) < 20 {
			t.Fatalf("%s has %d lines", name, len(lines))
		}
		for i, l := range lines {
			before := text(t, a)
			e, err := Decode(l.Edit)
			if err != nil {
				t.Fatalf("%s, line %d: %v", name, i+1, err)
			}
			next, _, err := Apply(a, e)
			if err != nil {
				t.Fatalf("%s, line %d: %v", name, i+1, err)
			}
			if text(t, next) != string(l.State) {
				t.Fatalf("%s, line %d leads to\n%s\nnot\n%s", name, i+1, text(t, next), l.State)
			}
			inv, err := Decode(l.Inverse)
			if err != nil {
				t.Fatalf("%s, inverse of line %d: %v", name, i+1, err)
			}
			if back, _, err := Apply(next, inv); err != nil || text(t, back) != before {
				t.Fatalf("%s, line %d taken back: %v", name, i+1, err)
			}
			a = next
		}
	}
}

// FuzzDecode: nothing that is stored brings the reader down.
func FuzzDecode(f *testing.F) {
	f.Add([]byte(`{"v":2,"op":"set","id":"j","field":"limits.angle","to":[0,1]}`))
	f.Add([]byte(`{"op":"place","component":{"name":"x"}}`))
	a, err := format.ReadAssembly([]byte(start))
	if err != nil {
		f.Fatal(err)
	}
	f.Fuzz(func(t *testing.T, data []byte) {
		if e, err := Decode(data); err == nil {
			_, _, _ = Apply(a, e)
		}
	})
}
