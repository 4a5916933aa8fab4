package format

import (
	"os"
	"strings"
	"testing"
)

// sound is a document in which each slip is made once.
const sound = `{
 "setfast": 1,
 "root": "main",
 "settings": {"tolerance_mm": 0.001, "fastener_spin": "allowed"},
 "parts": {
  "plate": {"kind": "part", "density_kg_m3": 7850, "features": {
   "top": {"type": "plane", "origin": [0,0,8], "normal": [0,0,1]},
   "bore": {"type": "cylinder", "origin": [0,0,0], "direction": [0,0,1], "radius": 3.3, "side": "hole"},
   "seat": {"type": "frame", "origin": [0,0,8], "z": [0,0,1], "x": [1,0,0]},
   "cup": {"type": "cone", "apex": [0,0,5], "direction": [0,0,1], "half_angle": 45}
  }},
  "pin": {"kind": "fastener", "features": {"seat": {"type": "frame", "origin": [0,0,0], "z": [0,0,1], "x": [1,0,0]}, "rim": {"type": "circle", "center": [0,0,0], "normal": [0,0,1], "radius": 3}}}
 },
 "assemblies": {
  "main": {
   "values": {"pitch": "12.5 mm", "half": "pitch / 2"},
   "components": {
    "plate": {"part": "plate", "grounded": true, "pose": {"origin": [0,0,0], "quaternion": [1,0,0,0]}},
    "pin": {"part": "pin"}
   },
   "mates": [
    {"id": "turn", "type": "revolute", "a": "plate/seat", "b": "pin/seat", "limits": {"angle": [-45, 90]}},
    {"id": "gap", "type": "distance", "a": "plate/top", "b": "pin/xy", "value": "2 * half", "sense": "same"}
   ],
   "planned": [{"joint": "turn"}],
   "measures": {"lift": {"type": "position", "of": "pin/seat", "in": "plate/seat"}},
   "drives": {"swing": {"joint": "turn", "of": "angle", "from": 0, "to": 60, "steps": 6, "record": ["lift"]}}
  }
 }
}
`

// TestSlips makes slips one after another; the message must say what is wrong, where, and what to do.
func TestSlips(t *testing.T) {
	if _, err := Read([]byte(sound)); err != nil {
		t.Fatal(err)
	}
	data, err := os.ReadFile("testdata/slips.txt")
	if err != nil {
		t.Fatal(err)
	}
	slip, count := "", 0
	for _, l := range strings.Split(strings.TrimRight(string(data), "\n"), "\n") {
		says, is := strings.CutPrefix(l, "\t")
		if !is {
			slip = l
			continue
		}
		count++
		from, to, _ := strings.Cut(slip, " => ")
		to = strings.ReplaceAll(to, "␤", "\n")
		text := strings.Replace(sound, from, to, 1)
		if from == "ALL" {
			text = to
		}
		if text == sound {
			t.Fatalf("%q is not in the document", from)
		}
		switch _, err := Read([]byte(text)); {
		case err == nil:
			t.Errorf("%s was taken", slip)
		case err.Error() != says:
			t.Errorf("%s:\n is  %s\nwant %s", slip, err, says)
		}
	}
	if count < 80 {
		t.Errorf("only %d slips", count)
	}
}
