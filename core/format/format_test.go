package format

import (
	"bytes"
	"context"
	"fmt"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"setfast/core/account"
	"setfast/core/assembly"
)

const small = `{"setfast": 1, "root": "main",
 "parts": {"p": {"features": {"top": {"type": "plane", "origin": [0,0,1], "normal": [0,0,2]}, "f": {"type": "frame", "origin": [0,0,0], "z": [0,0,1], "x": [1,0,0]}}}},
 "assemblies": {"main": {"components": {"a": {"part": "p", "grounded": true}, "b": {"part": "p"}},
  "mates": [{"id": "m", "type": "revolute", "a": "a/f", "b": "b/f"}], "planned": [{"joint": "m"}]}}}`

// TestFaults gives wrong documents one slip each; the message must name the place and the matter.
func TestFaults(t *testing.T) {
	if _, err := Read([]byte(small)); err != nil {
		t.Fatal(err)
	}
	for _, c := range []struct{ from, to, path, says string }{
		{`"grounded"`, `"ground"`, "assemblies.main.components.a.ground", "unknown member"},
		{`"part": "p"}`, `"part": "q"}`, "assemblies.main.components.b.part", `no part "q"`},
		{`"b": {"part"`, `"a": {"part"`, "assemblies.main.components.a", "twice"},
		{`"setfast": 1`, `"setfast": 3`, "setfast", "versions 1 and 2"},
		{`"root": "main"`, `"root": "other"`, "root", `no assembly "other"`},
		{`"normal": [0,0,2]`, `"normal": [0,0,0]`, "parts.p.features.top.normal", "must not be zero"},
		{`"normal": [0,0,2]`, `"normal": [0,0]`, "parts.p.features.top.normal", "expected 3 numbers"},
		{`"type": "plane"`, `"type": "plain"`, "parts.p.features.top.type", "unknown feature type"},
		{`"x": [1,0,0]`, `"x": [0,0,3]`, "parts.p.features.f", "parallel"},
		{`"type": "revolute"`, `"type": "hinge"`, "assemblies.main.mates[0].type", "unknown relation type"},
		{`"type": "revolute", "a": "a/f", "b": "b/f"`, `"type": "gear", "a": "m", "b": "m", "ratio": 2`, "assemblies.main.mates[0].a", "no joint"},
		{`"b": "b/f"}]`, `"b": "b/f"}, {"id": "g", "type": "rack", "a": "m", "b": "m", "lead": 0}]`, "assemblies.main.mates[1].lead", "zero"},
		{`"b": "b/f"}]`, `"b": "b/f"}, {"id": "g", "type": "rack", "a": "m", "b": "m", "lead": 5}]`, "assemblies.main.mates[1].b", "no coordinate"},
		{`"type": "revolute", "a": "a/f"`, `"type": "helical", "a": "a/f"`, "assemblies.main.mates[0]", "lead"},
		{`"type": "revolute", "a": "a/f"`, `"type": "centred", "a": ["a/top", "b/top"]`, "assemblies.main.mates[0].a", "two parallel faces of one component"},
		{`"type": "revolute", "a": "a/f"`, `"type": "rim", "a": "a/f"`, "assemblies.main.mates[0]", "two circles"},
		{`"a": "a/f"`, `"a": "c/f"`, "assemblies.main.mates[0].a", `no component "c"`},
		{`"a": "a/f"`, `"a": "a/g"`, "assemblies.main.mates[0].a", `no feature "g"`},
		{`"a": "a/f"`, `"a": "af"`, "assemblies.main.mates[0].a", "component/feature"},
		{`"a": "a/f"`, `"a": "A/f"`, "assemblies.main.mates[0].a", `did you mean "a"`},
		{`"id": "m", `, ``, "assemblies.main.mates[0]", `"id" is missing`},
		{`"b": "b/f"}]`, `"b": "b/f"}, {"id": "m", "type": "parallel", "a": "a/top", "b": "b/top"}]`, "assemblies.main.mates[1].id", "given twice"},
		{`"b": "b/f"}]`, `"b": "b/f", "limits": {"angle": [5, 1]}}]`, "assemblies.main.mates[0].limits.angle", "above"},
		{`"b": "b/f"}]`, `"b": "b/f", "limits": {"slide": [0, 1]}}]`, "assemblies.main.mates[0].limits.slide", "no coordinate"},
		{`"b": "b/f"}]`, `"b": "b/f", "value": 3}]`, "assemblies.main.mates[0].value", "unknown member"},
		{`{"joint": "m"}`, `{"joint": "n"}`, "assemblies.main.planned[0]", `no joint "n"`},
		{`{"joint": "m"}`, `{"component": "b", "motion": "turn", "about": "a/q"}`, "assemblies.main.planned[0]", "no feature"},
		{`{"part": "p"}`, `{"part": "p", "flexible": true}`, "assemblies.main.components.b.flexible", "only a use of an assembly"},
		{`{"part": "p"}`, `{"part": "p", "pose": {"quaternion": [0,0,0,0]}}`, "assemblies.main.components.b.pose.quaternion", "zero"},
		{`{"part": "p"}`, `{"assembly": "main"}`, "assemblies", "contains itself"},
		{`"components"`, `"values": {"w": "2 * v"}, "components"`, "assemblies.main.values.w", `no value "v"`},
		{`"components"`, `"values": {"w": "2*v", "v": "w"}, "components"`, "assemblies.main.values.w", "by itself"},
		{`"components"`, `"values": {"mm": "2"}, "components"`, "assemblies.main.values.mm", "is a unit"},
		{`"b": "b/f"}]`, `"b": "b/f", "at": {"angle": "3 mm"}}]`, "assemblies.main.mates[0].at.angle", "an angle"},
		{`"setfast": 1,`, `"setfast": 1`, "line 1, column 14", "a comma is missing"},
		{`[{"joint": "m"}]}}}`, ``, "", "ends in the middle"},
		{`{"setfast"`, `{"setfast": 1} {"x"`, "line", "follows the end"},
		{`[0,0,1]`, `[0,0,1e999]`, "parts.p.features.top.origin[2]", "too large"},
	} {
		text := strings.Replace(small, c.from, c.to, 1)
		if text == small {
			t.Fatalf("%q is not in the sample", c.from)
		}
		_, err := Read([]byte(text))
		if err == nil {
			t.Errorf("%s → %s was taken", c.from, c.to)
			continue
		}
		if !strings.Contains(err.Error(), c.says) || !strings.HasPrefix(err.Error(), c.path) {
			t.Errorf("%s → %s: %q, want %q at %q", c.from, c.to, err, c.says, c.path)
		}
	}
}

// TestRoundTrip writes what was read and reads it again to the same text.
func TestRoundTrip(t *testing.T) {
	for _, text := range append(samples(t), small) {
		d, err := Read([]byte(text))
		if err != nil {
			t.Fatal(err)
		}
		one, err := Write(d)
		if err != nil {
			t.Fatal(err)
		}
		again, err := Read(one)
		if err != nil {
			t.Fatalf("%v\n%s", err, one)
		}
		two, err := Write(again)
		if err != nil || string(one) != string(two) {
			t.Errorf("written twice, the document differs: %v", err)
		}
	}
}

func samples(t testing.TB) []string {
	files, err := filepath.Glob("../account/testdata/*.setfast.json")
	if err != nil || len(files) == 0 {
		t.Fatal("no sample documents", err)
	}
	var out []string
	for _, f := range files {
		data, err := os.ReadFile(f)
		if err != nil {
			t.Fatal(err)
		}
		out = append(out, string(data))
	}
	return out
}

// FuzzRead feeds the reader anything; what it takes must be judged without a panic.
func FuzzRead(f *testing.F) {
	for _, s := range append(samples(f), small) {
		f.Add([]byte(s))
	}
	f.Fuzz(func(t *testing.T, data []byte) {
		d, err := Read(data)
		if err != nil {
			return
		}
		for _, a := range d.Assemblies {
			if len(a.Components) > 20 || len(a.Mates) > 20 {
				return
			}
			a.Drives = nil
		}
		_, _ = account.Check(context.Background(), d, nil)
	})
}

// TestVersion2 reads what the second version adds, writes it back, and refuses it in a document of the first, or where it names nothing.
func TestVersion2(t *testing.T) {
	more := `"values": {"open": "30 deg"}, "groups": {"bolts": ["a"]}, "variants": {"wide": {"open": "60 deg"}}, "views": {"front": {"look": [0,-1,0]}}, "dismissed": [{"finding": "doubled m", "why": "as drawn"}], `
	doc := func(version int, more string) string {
		return fmt.Sprintf(`{"setfast": %d, "root": "main", "parts": {"p": {}}, "assemblies": {"main": {%s"components": {"a": {"part": "p"}}, "mates": []}}}`, version, more)
	}
	d, err := Read([]byte(doc(2, more)))
	if err != nil {
		t.Fatal(err)
	}
	out, err := Write(d)
	if err != nil {
		t.Fatal(err)
	}
	again, err := Read(out)
	if err != nil {
		t.Fatal(err)
	}
	if a, b := d.Assemblies["main"], again.Assemblies["main"]; fmt.Sprint(a.Groups, a.Variants, a.Views, a.Dismissed) != fmt.Sprint(b.Groups, b.Variants, b.Views, b.Dismissed) || len(b.Groups) != 1 || b.Views[0].Up.Z != 1 {
		t.Errorf("read %+v, written and read again %+v", a, b)
	}
	for _, c := range [][2]string{{doc(1, more), "unknown member"}, {doc(2, strings.Replace(more, `["a"]`, `["b"]`, 1)), "no component"}, {doc(2, strings.Replace(more, `{"open": "60 deg"}`, `{"shut": "1"}`, 1)), "no value"}} {
		if _, err := Read([]byte(c[0])); err == nil || !strings.Contains(err.Error(), c[1]) {
			t.Errorf("%v, want %q", err, c[1])
		}
	}
	for _, alone := range []string{`"groups": {"bolts": ["a"]}`, `"brief": [{"number": "GV-1", "quantity": 1}]`, `"explode": [{"parts": ["a"], "along": [0, 0, 1]}]`, `"explosions": {"lid off": [{"parts": ["a"], "along": [0, 0, 1], "by": 20}]}`} {
		out, err := Write(mustRead(t, doc(2, alone+", ")))
		if err != nil {
			t.Fatal(err)
		}
		if again, err := Write(mustRead(t, string(out))); err != nil || !bytes.Equal(out, again) {
			t.Errorf("%s: %v %s", alone, err, again)
		}
	}
	if out, _ := Write(mustRead(t, doc(1, ""))); !strings.Contains(string(out), `"setfast": 1`) {
		t.Error("what needs nothing of version 2 is not written as version 1")
	}
}

func mustRead(t *testing.T, text string) *assembly.Document {
	t.Helper()
	d, err := Read([]byte(text))
	if err != nil {
		t.Fatal(err)
	}
	return d
}
