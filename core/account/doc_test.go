package account_test

import (
	"context"
	"encoding/json"
	"fmt"
	"math"
	"strings"
	"testing"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/report"
)

// doc writes documents for tests: parts by features, one assembly.
type doc struct {
	parts, comps, mates, planned, measures, drives []string
	settings                                       string
}

func (d *doc) part(name string, features ...string) *doc {
	d.parts = append(d.parts, fmt.Sprintf(`%q: {"features": {%s}}`, name, strings.Join(features, ",")))
	return d
}

func (d *doc) raw(name, body string) *doc {
	d.parts = append(d.parts, fmt.Sprintf(`%q: %s`, name, body))
	return d
}

func frame(name string, o, z, x [3]float64) string {
	return fmt.Sprintf(`%q: {"type": "frame", "origin": %s, "z": %s, "x": %s}`, name, vec(o), vec(z), vec(x))
}

func plane(name string, o, n [3]float64) string {
	return fmt.Sprintf(`%q: {"type": "plane", "origin": %s, "normal": %s}`, name, vec(o), vec(n))
}

func point(name string, o [3]float64) string {
	return fmt.Sprintf(`%q: {"type": "point", "at": %s}`, name, vec(o))
}

func hole(name string, o, d [3]float64, r float64) string {
	return fmt.Sprintf(`%q: {"type": "cylinder", "origin": %s, "direction": %s, "radius": %g, "side": "hole"}`, name, vec(o), vec(d), r)
}

func vec(v [3]float64) string {
	b, _ := json.Marshal(v)
	return string(b)
}

// use places a part; a "!" before the part's name grounds it.
func (d *doc) use(name, part string, pose ...string) *doc {
	g := ""
	if strings.HasPrefix(part, "!") {
		g, part = `, "grounded": true`, part[1:]
	}
	p := ""
	if len(pose) > 0 {
		p = `, "pose": ` + pose[0]
	}
	d.comps = append(d.comps, fmt.Sprintf(`%q: {"part": %q%s%s}`, name, part, g, p))
	return d
}

func at(o [3]float64, q ...float64) string {
	if len(q) == 0 {
		return fmt.Sprintf(`{"origin": %s}`, vec(o))
	}
	b, _ := json.Marshal(q)
	return fmt.Sprintf(`{"origin": %s, "quaternion": %s}`, vec(o), b)
}

// spin is a quaternion that turns by degrees about an axis.
func spin(axis [3]float64, degrees float64) []float64 {
	h := degrees * math.Pi / 360
	n := math.Sqrt(axis[0]*axis[0] + axis[1]*axis[1] + axis[2]*axis[2])
	return []float64{math.Cos(h), math.Sin(h) * axis[0] / n, math.Sin(h) * axis[1] / n, math.Sin(h) * axis[2] / n}
}

func (d *doc) mate(id, typ, a, b string, more ...string) *doc {
	extra := ""
	for _, m := range more {
		extra += ", " + m
	}
	d.mates = append(d.mates, fmt.Sprintf(`{"id": %q, "type": %q, "a": %q, "b": %q%s}`, id, typ, a, b, extra))
	return d
}

func (d *doc) plan(s string) *doc { d.planned = append(d.planned, s); return d }

func (d *doc) String() string {
	set := ""
	if d.settings != "" {
		set = `"settings": ` + d.settings + ","
	}
	return fmt.Sprintf(`{"setfast": 1, "root": "main", %s "parts": {%s}, "assemblies": {"main": {"components": {%s}, "mates": [%s], "planned": [%s], "measures": {%s}, "drives": {%s}}}}`,
		set, strings.Join(d.parts, ",\n"), strings.Join(d.comps, ",\n"), strings.Join(d.mates, ",\n"), strings.Join(d.planned, ","), strings.Join(d.measures, ","), strings.Join(d.drives, ","))
}

func (d *doc) read(t testing.TB) *assembly.Document {
	t.Helper()
	doc, err := format.Read([]byte(d.String()))
	if err != nil {
		t.Fatalf("%v\n%s", err, d)
	}
	return doc
}

func (d *doc) check(t testing.TB) *report.Result {
	t.Helper()
	rep, err := account.Check(context.Background(), d.read(t), nil)
	if err != nil {
		t.Fatal(err)
	}
	return rep.Assemblies["main"]
}

// want compares the account's figures: opening, asked, removed, left.
func want(t *testing.T, what string, r *report.Result, opening, asked, removed, left int, verdict report.Verdict) {
	t.Helper()
	if r.Opening != opening || r.Asked != asked || r.Removed != removed || r.Left != left || r.Verdict != verdict {
		t.Errorf("%s: opening %d asked %d removed %d left %d, %s; want %d %d %d %d, %s", what,
			r.Opening, r.Asked, r.Removed, r.Left, r.Verdict, opening, asked, removed, left, verdict)
	}
	if r.Left != r.Opening-r.Removed || r.Doubled != r.Asked-r.Removed || r.Loose != r.Left-r.Planned-r.Idle || len(r.Motions) != r.Left {
		t.Errorf("%s: the figures do not add up: %+v", what, *r)
	}
}

// ended gives the run of a drive, which must not stop before its end.
func ended(t *testing.T, r *report.Result, drive string) *report.DriveRun {
	t.Helper()
	run := r.Drives[drive]
	if run.StoppedAt != nil {
		t.Fatalf("%s stopped at %g: %s", drive, *run.StoppedAt, *run.Reason)
	}
	return run
}

var (
	o3         = [3]float64{}
	ux, uy, uz = [3]float64{1, 0, 0}, [3]float64{0, 1, 0}, [3]float64{0, 0, 1}
)

func check(t testing.TB, text string) *report.Report {
	t.Helper()
	d, err := format.Read([]byte(text))
	if err != nil {
		t.Fatal(err)
	}
	rep, err := account.Check(context.Background(), d, nil)
	if err != nil {
		t.Fatal(err)
	}
	return rep
}
