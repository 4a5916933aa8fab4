package format

import (
	"math"
	"strings"
	"testing"

	"setfast/core/assembly"
)

func TestExpressions(t *testing.T) {
	e := func() *env {
		return &env{named: []assembly.NamedValue{{Name: "pitch", Text: "12.5 mm"}, {Name: "n", Text: "3"}, {Name: "span", Text: "(n - 1) * pitch"}, {Name: "Länge_2", Text: "1 in"}}}
	}
	for _, c := range []struct {
		text string
		want dimension
		v    float64
	}{
		{"2*pitch + 3 mm", aLength, 28}, {"1 in", aLength, 25.4}, {"span/2", aLength, 12.5}, {"-(2 + 3)*1cm", aLength, -50}, {"0.5 m - 20", aLength, 480},
		{"pi", anAngle, math.NaN()}, {"3.141592653589793 rad", anAngle, 180}, {"360deg/n", anAngle, 120}, {"span / pitch", aNumber, 2}, {"Länge_2*2", aLength, 50.8},
		{"1e2", aNumber, 100}, {"12", aLength, 12}, {"pitch*pitch", aLength, math.NaN()}, {"pitch + 3 deg", aLength, math.NaN()}, {"pitch", anAngle, math.NaN()},
		{"1/(n-3)", aNumber, math.NaN()}, {"2 furlong", aLength, math.NaN()}, {"(1", aNumber, math.NaN()}, {"1 2", aNumber, math.NaN()}, {"", aNumber, math.NaN()},
		{"*", aNumber, math.NaN()}, {strings.Repeat("(", 300) + "1" + strings.Repeat(")", 300), aNumber, math.NaN()}, {strings.Repeat("-", 400) + "1", aNumber, math.NaN()},
	} {
		v, err := e().evaluate(c.text, c.want)
		if math.IsNaN(c.v) {
			if err == nil {
				t.Errorf("%q gave %g, and should be refused", c.text, v)
			}
			continue
		}
		if err != nil || math.Abs(v-c.v) > 1e-12*math.Abs(c.v) {
			t.Errorf("%q gives %g, %v; want %g", c.text, v, err, c.v)
		}
	}
}

// TestKeptAsWritten reads expressions, uses what they give, and writes them as they were.
func TestKeptAsWritten(t *testing.T) {
	text := strings.Replace(small, `"components"`, `"values": {"w": "1.5 in", "q": 90}, "components"`, 1)
	text = strings.Replace(text, `"b": "b/f"}]`, `"b": "b/f", "limits": {"angle": [null, "q/2"]}}, {"id": "d", "type": "distance", "a": "a/top", "b": "b/top", "value": "2*w - 1 mm"}]`, 1)
	d, err := Read([]byte(text))
	if err != nil {
		t.Fatal(err)
	}
	m := d.Assemblies["main"].Mates
	l, _ := m[0].Limits("angle")
	if v, _ := m[1].Num("value"); math.Abs(v-75.2) > 1e-12 || *l.Hi != 45 {
		t.Errorf("value %g, limit %g", v, *l.Hi)
	}
	out, err := Write(d)
	if err != nil || !strings.Contains(string(out), `"2*w - 1 mm"`) || !strings.Contains(string(out), `"q/2"`) || !strings.Contains(string(out), `"w": "1.5 in"`) {
		t.Errorf("%v\n%s", err, out)
	}
}
