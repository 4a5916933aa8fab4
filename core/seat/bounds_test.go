package seat

import (
	"context"
	"fmt"
	"math"
	"testing"

	"setfast/core/conflict"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/report"
)

// TestBoundsOfOffers sets each bound of this room between a half of it and the double. The numbers are written out.
func TestBoundsOfOffers(t *testing.T) {
	here := geom.Pose{Q: geom.Identity}
	axis := meaning{mo: report.Motion{Kind: report.Turn}, dir: geom.V(0, 0, 1)}
	found := func(e float64) bool {
		m := axis
		m.res = &report.Result{}
		d := geom.V(math.Sin(e), 0, math.Cos(e)).Array()
		return m.same(&report.Result{Planned: 1, Motions: []report.Motion{{Kind: report.Turn, Class: report.Planned, Direction: d}}})
	}
	origin := func(x float64) bool {
		m := axis
		m.mo.Point, m.mo.Rides, m.res = geom.V(x, 0, 0).Array(), []string{"a"}, &report.Result{}
		m.study = taken(t, read(t, "")).Study(context.Background())
		m.byFeatures()
		return len(m.tries) > 0
	}
	for _, c := range []struct {
		what  string
		bound float64
		holds func(float64) bool
	}{
		{"Moved, mm: nearer, a part stays where it is", 1e-7, func(x float64) bool { return !apart(here, geom.Pose{O: geom.V(x, 0, 0), Q: geom.Identity}) }},
		{"TurnedBy: 1 − cos a/2 = 1e-12 at a = 2.83e-6", 2.83e-6, func(a float64) bool { return !apart(here, geom.Pose{Q: geom.Exp(geom.V(0, a, 0))}) }},
		{"FitPlace, mm: a line nearer stands for the axis", 1e-3, func(x float64) bool { return axis.fits(geom.V(x, 0, 5), geom.V(0, 0, 1)) }},
		{"FitDirection: a line that leans less does", 1e-5, func(a float64) bool { return axis.fits(geom.Vec{}, geom.V(math.Sin(a), 0, math.Cos(a))) }},
		{"SameAxis: 1 − cos a = 1e-6 at a = 1.41e-3", 1.41e-3, found},
		{"AtOrigin, mm: an axis nearer is that of the assembly", 1e-9, origin},
	} {
		if !c.holds(c.bound*0.5) || c.holds(c.bound*2) {
			t.Errorf("%s; at half of it %v, at twice it %v, want true, false", c.what, c.holds(c.bound*0.5), c.holds(c.bound*2))
		}
	}
}

// TestRoomBetween: arrivals stand 0.15 of the widest apart, small ones 2 mm.
func TestRoomBetween(t *testing.T) {
	for _, c := range []struct{ side, gap float64 }{{1, 2}, {100, 15 * math.Sqrt(3)}} {
		cube := Box{geom.Vec{}, geom.V(c.side, c.side, c.side)}
		at := Spread(nil, []Box{cube, cube})
		if got := at[1].O.X - at[0].O.X - c.side; math.Abs(got-c.gap) > 1e-9 {
			t.Errorf("cubes of %g mm stand %g mm apart, want %g", c.side, got, c.gap)
		}
	}
}

// TestNegligible: beside a miss in mm an angle is told only where it reads as more than 0.
func TestNegligible(t *testing.T) {
	for dg, want := range map[float64]string{4e-5: "cannot hold: off by 1 mm", 6e-5: "cannot hold: off by 1 mm and 0.0001°"} {
		st := conflict.Settled{Odds: []report.Odds{{Misses: []report.OddsMiss{{MM: 1, Deg: dg}}}}}
		if got := missWords(nil, st); got != want {
			t.Errorf("%g°: %s, want %s", dg, got, want)
		}
	}
}

// TestSeatedSquare: a shank sits in a base from above, as far as its middle tells; the face that it also lies on looks down. Where that
// leans from the axis by 50° it tells the side, by 70° it does not.
func TestSeatedSquare(t *testing.T) {
	for lean, want := range map[float64]float64{50: -1, 70: 1} {
		c, s := math.Cos(lean*math.Pi/180), math.Sin(lean*math.Pi/180)
		d, err := format.Read([]byte(fmt.Sprintf(`{"setfast": 1, "root": "main", "parts": {
			"base": {"features": {"axis": {"type": "axis", "origin": [0,0,0], "direction": [0,0,1]}, "face": {"type": "plane", "origin": [0,0,0], "normal": [%g,0,%g]}}},
			"shank": {"features": {"axis": {"type": "axis", "origin": [0,0,0], "direction": [0,0,1]}, "face": {"type": "plane", "origin": [0,0,0], "normal": [%g,0,%g]}, "end": {"type": "point", "at": [0,0,80]}}}},
			"assemblies": {"main": {"components": {"base": {"part": "base", "grounded": true}, "shank": {"part": "shank"}},
			"mates": [{"id": "a", "type": "concentric", "a": "base/axis", "b": "shank/axis"}, {"id": "b", "type": "coincident", "a": "base/face", "b": "shank/face"},
				{"id": "c", "type": "distance", "a": "base/axis", "b": "shank/end", "value": 0}]}}}`, s, -c, -s, c)))
		if err != nil {
			t.Fatal(err)
		}
		w := WaysIn(context.Background(), taken(t, d))["shank"]
		if math.Abs(w.Dir.Z-want) > 1e-9 {
			t.Errorf("with a face that leans by %g° the way is %v, want %g along z", lean, w.Dir, want)
		}
	}
}
