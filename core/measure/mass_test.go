package measure

import (
	"math"
	"testing"

	"setfast/core/geom"
)

// TestCentreOfMass: Σ mᵢ rᵢ / Σ mᵢ, at poses that turn the parts, as every textbook of statics has it.
func TestCentreOfMass(t *testing.T) {
	var all weights
	all.add(weights{kg: 2, moment: geom.V(2*10, 0, 0)}, geom.Pose{O: geom.V(0, 0, 5), Q: geom.Identity})                     // at (10, 0, 5)
	all.add(weights{kg: 3, moment: geom.V(3*10, 0, 0)}, geom.Pose{O: geom.V(1, 0, 0), Q: geom.Exp(geom.V(0, 0, math.Pi/2))}) // at (1, 10, 0)
	if all.kg != 5 {
		t.Errorf("%g kg, want 5", all.kg)
	}
	if got, want := all.centre(), geom.V((2*10+3*1)/5.0, 3*10/5.0, 2*5/5.0); got.Sub(want).Norm() > 1e-12 {
		t.Errorf("centre %v, want %v", got, want)
	}
	if got := (&weights{}).centre(); got != (geom.Vec{}) {
		t.Errorf("the centre of nothing is %v", got)
	}
}
