package solve_test

import (
	"fmt"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/solve"
)

// A plate that hangs 7 mm above a fixed one is set down on it; the slide and the turn that nothing asks about stay as they were.
func ExampleSystem_Solve() {
	up := part.Feature{Kind: part.Plane, Z: geom.V(0, 0, 1)}
	down := part.Feature{Kind: part.Plane, Z: geom.V(0, 0, -1)}
	s := &solve.System{Bodies: []solve.Body{
		{Name: "base", Start: geom.Home, Size: 10, Fixed: true},
		{Name: "plate", Start: geom.Pose{O: geom.V(3, 4, 7), Q: geom.Identity}, Size: 10},
	}}
	r, err := s.New(solve.Spec{ID: "on 1", Type: "coincident", A: solve.Feat{Body: 0, F: up}, B: solve.Feat{Body: 1, F: down}})
	if err != nil {
		fmt.Println(err)
		return
	}
	s.Rels = []*solve.Relation{r}
	sol := s.Solve(solve.Options{MM: 1e-3, Deg: 1e-3})
	o := sol.Poses[1].O
	fmt.Printf("%v %.3g %.3g %.3f\n", sol.Holds, o.X, o.Y, o.Z)
	// Output: true 3 4 0.000
}
