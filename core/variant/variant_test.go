package variant

import (
	"context"
	"math"
	"testing"

	"setfast/core/format"
)

// crank is a slider-crank whose crank of 20 mm stands at a named angle; its rod is 60 mm long.
const crank = `{"setfast": 1, "root": "main", "parts": {
 "ground": {"features": {"o": {"type": "frame", "origin": [0,0,0], "z": [0,0,1], "x": [1,0,0]}, "rail": {"type": "axis", "origin": [0,0,0], "direction": [1,0,0]}}},
 "crank": {"features": {"a": {"type": "frame", "origin": [0,0,0], "z": [0,0,1], "x": [1,0,0]}, "b": {"type": "axis", "origin": [20,0,0], "direction": [0,0,1]}}},
 "rod": {"features": {"a": {"type": "frame", "origin": [0,0,0], "z": [0,0,1], "x": [1,0,0]}, "b": {"type": "point", "at": [60,0,0]}}}},
 "assemblies": {"main": {"values": {"at": "30 deg"}, "components": {"ground": {"part": "ground", "grounded": true}, "crank": {"part": "crank"}, "rod": {"part": "rod", "pose": {"origin": [20, 0, 0], "quaternion": [1,0,0,0]}}},
 "mates": [{"id": "turn", "type": "revolute", "a": "ground/o", "b": "crank/a", "at": {"angle": "at"}}, {"id": "pin", "type": "revolute", "a": "crank/b", "b": "rod/a"}, {"id": "slide", "type": "coincident", "a": "ground/rail", "b": "rod/b"}],
 "measures": {"reach": {"type": "distance", "a": "ground/o", "b": "rod/b"}}}}}`

// TestRun solves a slider-crank at several angles: the reach is r cos φ + √(l² − r² sin² φ) (the textbook formula of the in-line
// slider-crank). What a column says wrong is told for that column alone.
func TestRun(t *testing.T) {
	d, err := format.Read([]byte(crank))
	if err != nil {
		t.Fatal(err)
	}
	columns := []map[string]string{{"at": "0 deg"}, {"at": "60 deg"}, {"at": "2 mm"}, {"nothing": "1"}, {}}
	out, err := Run(context.Background(), d, columns)
	if err != nil {
		t.Fatal(err)
	}
	for i, deg := range map[int]float64{0: 0, 1: 60, 4: 30} {
		phi := deg * math.Pi / 180
		want := 20*math.Cos(phi) + math.Sqrt(60*60-math.Pow(20*math.Sin(phi), 2))
		if got, _ := out[i].Measures["reach"].(float64); math.Abs(got-want) > 1e-6 {
			t.Errorf("at %g° the reach is %g, want %g (%s)", deg, got, want, out[i].Error)
		}
	}
	if out[2].Error == "" || out[3].Error == "" {
		t.Errorf("wrong columns came to %+v and %+v", out[2], out[3])
	}
}
