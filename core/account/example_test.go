package account_test

import (
	"context"
	"fmt"

	"setfast/core/account"
	"setfast/core/format"
)

// A block put on a sill by its foot alone keeps three freedoms.
func ExampleCheck() {
	doc, err := format.Read([]byte(`{"setfast": 1, "root": "vent", "parts": {
		"frame": {"features": {"sill": {"type": "plane", "origin": [0, 0, 10], "normal": [0, 0, 1]}}},
		"block": {"features": {"foot": {"type": "plane", "origin": [0, 0, 0], "normal": [0, 0, -1]}}}},
		"assemblies": {"vent": {"components": {"frame": {"part": "frame", "grounded": true}, "block": {"part": "block"}},
			"mates": [{"id": "on 1", "type": "coincident", "a": "frame/sill", "b": "block/foot"}]}}}`))
	if err != nil {
		fmt.Println(err)
		return
	}
	rep, err := account.Check(context.Background(), doc, nil)
	if err != nil {
		fmt.Println(err)
		return
	}
	r := rep.Assemblies["vent"]
	fmt.Printf("%s: %d removed of %d asked, %d left\n", r.Verdict, r.Removed, r.Asked, r.Left)
	for _, m := range r.Motions {
		fmt.Println(m.Class, m.Kind, m.Rides)
	}
	// Output:
	// loose: 3 removed of 3 asked, 3 left
	// loose turn [block]
	// loose slide [block]
	// loose slide [block]
}
