package relation

import (
	"fmt"
	"os"
	"regexp"
	"strconv"
	"strings"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
)

// TestDocumented: the table of types in the documentation is what the types say of themselves.
func TestDocumented(t *testing.T) {
	data, err := os.ReadFile("../../docs/assembly-file.md")
	if err != nil {
		t.Fatal(err)
	}
	text := string(data)
	for _, k := range Types() {
		if k.Doc.Between == "" {
			t.Errorf("%s does not say what it is between", k.Name)
		}
		if k.Family == Coupling {
			if !strings.Contains(text, "`"+k.Name+"`") {
				t.Errorf("the documentation does not name %s", k.Name)
			}
			continue
		}
		row := fmt.Sprintf("| `%s` | %s | %s | %s |", k.Name, k.Doc.Between, k.Doc.Value, k.Doc.Asks)
		row = strings.ReplaceAll(row, "|  |", "| |")
		row = strings.ReplaceAll(row, "|  |", "| |")
		if !strings.Contains(text, row) {
			t.Errorf("the documentation has no row\n%s", row)
		}
	}
}

// samples are features by what documentation calls them.
var samples = map[string]part.Feature{
	"plane":    {Kind: part.Plane, Z: geom.V(0, 0, 1)},
	"cylinder": {Kind: part.Cylinder, Z: geom.V(0, 0, 1), Radius: 5, Side: "shaft"},
	"axis":     {Kind: part.Axis, Z: geom.V(0, 0, 1)},
	"point":    {Kind: part.Point},
	"sphere":   {Kind: part.Sphere, Radius: 4},
	"circle":   {Kind: part.Circle, Z: geom.V(0, 0, 1), Radius: 5},
	"frame":    {Kind: part.Frame, Z: geom.V(0, 0, 1), X: geom.V(1, 0, 0)},
}

// asked counts the equations of a type between two features, the second lying askew beside the first.
func asked(k *Type, a, b part.Feature, value float64) (int, error) {
	said := &Said{A: a, B: b}
	for _, f := range k.Fields {
		switch f.Name {
		case "value":
			said.Params = said.WithNum("value", value)
		case "lead":
			said.Params = said.WithNum("lead", 2)
		}
	}
	if k.NeedsAbout {
		about := part.Feature{Kind: part.Plane, Z: geom.V(1, 0, 0)}
		said.About = &about
	}
	l, err := k.Law(said)
	if err != nil {
		return 0, err
	}
	at := geom.Pose{O: geom.V(7, 3, 20), Q: geom.Exp(geom.V(0.2, 0.3, 0.1))}
	va, vb := View{Body: 0, InvSize: 1, Frame: a.AsFrame()}, View{Body: 1, InvSize: 1, Frame: b.AsFrame().At(at)}
	vc := View{Body: -1, Frame: samples["plane"].AsFrame()}
	l.Begin(said, &va, &vb, &vc)
	var o Rows
	l.State(&o, &va, &vb, &vc)
	return len(o.List), nil
}

var pairOf = regexp.MustCompile(`(\w+)–(\w+)`)

// TestAsks: what the documentation says a relation asks is the number of its equations, between the features it names; and each
// way round, where both are relations.
func TestAsks(t *testing.T) {
	tried := 0
	try := func(k *Type, a, b string, value float64, want int) {
		t.Helper()
		got, err := asked(k, samples[a], samples[b], value)
		if err != nil || got != want {
			t.Errorf("%s between %s and %s asks %d, the documentation says %d (%v)", k.Name, a, b, got, want, err)
		}
		if back, err := asked(k, samples[b], samples[a], value); err == nil && back != want {
			t.Errorf("%s between %s and %s asks %d, the other way round %d", k.Name, b, a, back, want)
		}
		tried++
	}
	for _, k := range Types() {
		if k.Family == Coupling {
			continue
		}
		if n, err := strconv.Atoi(k.Doc.Asks); err == nil {
			for _, f := range map[string][]string{"frames": {"frame"}, "two frames": {"frame"}, "two circles": {"circle"}, "two directions": {"plane", "axis"},
				"two features with an axis": {"axis", "cylinder"}, "two points or two planes, with `about` a plane": {"point"}}[k.Doc.Between] {
				try(k, f, f, 10, n)
			}
			continue
		}
		// lists like "plane–plane 3, plane–point 1": the number counts for all pairs since the one before
		var waiting [][2]string
		for _, bit := range regexp.MustCompile(`[,;]`).Split(regexp.MustCompile(`\([^)]*\)`).ReplaceAllString(k.Doc.Between, ""), -1) {
			m := pairOf.FindStringSubmatch(bit)
			if m == nil {
				continue
			}
			waiting = append(waiting, [2]string{m[1], m[2]})
			fields := strings.Fields(bit)
			if n, err := strconv.Atoi(fields[len(fields)-1]); err == nil {
				for _, w := range waiting {
					try(k, w[0], w[1], 10, n)
				}
				waiting = nil
			}
		}
	}
	for _, c := range []struct {
		a, b string
		n    int
	}{{"point", "point", 3}, {"axis", "point", 2}} { // a distance of nothing
		try(table["distance"], c.a, c.b, 0, c.n)
	}
	if tried < 30 {
		t.Errorf("only %d pairs were tried", tried)
	}
}
