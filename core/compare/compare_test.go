package compare

import (
	"context"
	"encoding/json"
	"fmt"
	"strings"
	"testing"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/report"
)

// stand is a plate with a lid at a height and a pin beside it.
const stand = `{"setfast": 1, "root": "main", "parts": {"plate": {"mass_kg": 2, "features": {"top": {"type": "plane", "origin": [0,0,10], "normal": [0,0,1]}}}, "lid": {"features": {"under": {"type": "plane", "origin": [0,0,0], "normal": [0,0,-1]}}}, "pin": {}},
	"assemblies": {"main": {"components": {"plate": {"part": "plate", "grounded": true}, "lid": {"part": "lid", "pose": {"origin": [0, 0, 60]}}, "pin": {"part": "pin", "pose": {"origin": [5, 0, 0]}}},
	"mates": [{"id": "m3", "type": "distance", "a": "plate/top", "b": "lid/under", "value": 50}, {"id": "m7", "type": "fastened", "a": "plate/origin", "b": "pin/origin", "offset": [5, 0, 0]}], "measures": {"high": {"type": "distance", "a": "plate/origin", "b": "lid/origin"}}}}}`

func read(t *testing.T, text string) (*assembly.Document, *report.Report) {
	t.Helper()
	d, err := format.Read([]byte(text))
	if err != nil {
		t.Fatal(err)
	}
	r, err := account.Check(context.Background(), d, nil)
	if err != nil {
		t.Fatal(err)
	}
	return d, r
}

func of(t *testing.T, a, b string) (*Result, string) {
	t.Helper()
	da, ra := read(t, a)
	db, rb := read(t, b)
	r := Of(da, db, ra, rb)
	raw, err := json.Marshal(r)
	if err != nil {
		t.Fatal(err)
	}
	return r, string(raw)
}

// TestOf changes a stand in one way after another; what is told is that and what follows from it.
func TestOf(t *testing.T) {
	for _, c := range []struct {
		name, from, to string
		says           []string
	}{
		{"nothing", "", "", []string{`"same":true`}},
		{"a value", `"value": 50`, `"value": 50.4`, []string{`"moved":[{"name":"lid","mm":0.4,"deg":0}]`, `"changed":[{"id":"m3","fields":{"value":[50,50.4]}}]`, `"measures":{"high":[60,60.4]}`, `"account":{}`}},
		{"a start that comes to the same", `[0, 0, 60]`, `[0, 0, 40]`, []string{`"same":true`}},
		{"a part", `"mass_kg": 2`, `"mass_kg": 3`, []string{`"parts":{"added":[],"removed":[],"changed":["plate"]}`}},
		{"a relation gone", `, {"id": "m7", "type": "fastened", "a": "plate/origin", "b": "pin/origin", "offset": [5, 0, 0]}`, ``, []string{`"removed":["m7"]`, `"left":[3,9]`, `"removed":[9,3]`}},
		{"a component gone", `, "pin": {"part": "pin", "pose": {"origin": [5, 0, 0]}}},
	"mates": [{"id": "m3", "type": "distance", "a": "plate/top", "b": "lid/under", "value": 50}, {"id": "m7", "type": "fastened", "a": "plate/origin", "b": "pin/origin", "offset": [5, 0, 0]}]`,
			`}, "mates": [{"id": "m3", "type": "distance", "a": "plate/top", "b": "lid/under", "value": 50}]`, []string{`"components":{"added":[],"removed":["pin"],"moved":[]}`, `"mates":{"added":[],"removed":["m7"],"changed":[]}`}},
		{"a name", `pin": {"part"`, `bolt": {"part"`, []string{`"renamed":[["pin","bolt"]]`, `"mates":{"added":[],"removed":[],"changed":[]}`, `"components":{"added":[],"removed":[],"moved":[]`}},
		{"another start of a free one", `"value": 50`, `"value": 50, "note": "as drawn"`, []string{`"fields":{"note":[null,"as drawn"]}`}},
		{"grounded", `"pin": {"part": "pin",`, `"pin": {"part": "pin", "suppressed": true,`, []string{`"changed":[{"name":"pin","fields":{"suppressed":[null,true]}}]`}},
	} {
		t.Run(c.name, func(t *testing.T) {
			to := stand
			if c.from != "" {
				if to = strings.Replace(stand, c.from, c.to, 1); to == stand {
					t.Fatal("nothing was changed")
				}
			}
			if c.name == "a name" {
				to = strings.Replace(to, "pin/origin", "bolt/origin", 1)
			}
			_, got := of(t, stand, to)
			for _, s := range c.says {
				if !strings.Contains(got, s) {
					t.Errorf("wanted %s in\n%s", s, got)
				}
			}
		})
	}
	order := strings.Replace(strings.Replace(stand, `"lid": {"part": "lid", "pose": {"origin": [0, 0, 60]}}, `, "", 1), `[5, 0, 0]}}}`, `[5, 0, 0]}}, "lid": {"part": "lid", "pose": {"origin": [0, 0, 60]}}}`, 1)
	if r, got := of(t, stand, order); !r.Order || len(r.Components.Moved) > 0 {
		t.Error(got)
	}
}

// TestBoundsOfComparing moves and turns the grounded plate by a little more and a little less than what is told.
func TestBoundsOfComparing(t *testing.T) {
	at := func(x, half float64) string {
		return strings.Replace(stand, `"plate", "grounded": true`, fmt.Sprintf(`"plate", "grounded": true, "pose": {"origin": [%g, 0, 0], "quaternion": [1, 0, 0, %.12g]}`, x, half), 1)
	}
	for _, c := range []struct {
		x, deg float64
		moved  bool
	}{{1.1e-4, 0, true}, {0.9e-4, 0, false}, {0, 1.1e-4, true}, {0, 0.9e-4, false}} { // CompareMM, CompareDeg
		r, got := of(t, stand, at(c.x, c.deg/2*3.141592653589793/180))
		if moved := len(r.Components.Moved) > 0; moved != c.moved {
			t.Errorf("%+v: %s", c, got)
		}
	}
}
