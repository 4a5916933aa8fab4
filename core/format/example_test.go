package format_test

import (
	"fmt"

	"setfast/core/format"
)

// A document is read strictly: what it does not know is an error that names its place.
func ExampleRead() {
	doc, err := format.Read([]byte(`{"setfast": 1, "root": "vent", "parts": {
		"frame": {"features": {"sill": {"type": "plane", "origin": [0, 0, 10], "normal": [0, 0, 1]}}},
		"block": {"features": {"foot": {"type": "plane", "origin": [0, 0, 0], "normal": [0, 0, -1]}}}},
		"assemblies": {"vent": {"components": {"frame": {"part": "frame", "grounded": true}, "block": {"part": "block"}},
			"mates": [{"id": "on 1", "type": "coincident", "a": "frame/sill", "b": "block/foot"}]}}}`))
	fmt.Println(doc.Root, len(doc.Assemblies["vent"].Mates), err)

	_, err = format.Read([]byte(`{"setfast": 1, "root": "vent", "assemblies": {"vent": {"components": {}, "mates": [], "colour": "red"}}}`))
	fmt.Println(err)
	// Output:
	// vent 1 <nil>
	// assemblies.vent.colour: unknown member "colour"; also known here: number, name, settings, values, planned, measures, drives
}
