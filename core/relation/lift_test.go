package relation

import (
	"math"
	"testing"
)

// TestLift: a periodic spline meets its points, joins itself smoothly at the turn, and a straight profile is straight.
func TestLift(t *testing.T) {
	points := [][2]float64{{10, 1}, {80, 9}, {170, 4}, {300, 2}}
	spline, err := NewLift(points, true)
	if err != nil {
		t.Fatal(err)
	}
	for _, p := range points {
		for _, turn := range []float64{-720, 0, 360} {
			if v, _ := spline.At(p[0] + turn); math.Abs(v-p[1]) > 1e-12 {
				t.Errorf("at %g° the lift is %g, want %g", p[0]+turn, v, p[1])
			}
		}
		_, left := spline.At(p[0] - 1e-7)
		_, right := spline.At(p[0] + 1e-7)
		if math.Abs(left-right) > 1e-6 {
			t.Errorf("at %g° the slope jumps from %g to %g", p[0], left, right)
		}
	}
	for a := -400.0; a < 800; a += 7.3 {
		v1, d := spline.At(a)
		v2, _ := spline.At(a + 1e-6)
		if math.Abs((v2-v1)/1e-6-d) > 1e-5 {
			t.Errorf("at %g° the slope is %g, by differences %g", a, d, (v2-v1)/1e-6)
		}
	}
	straight, _ := NewLift([][2]float64{{0, 0}, {180, 6}}, false)
	for a, want := range map[float64]float64{0: 0, 45: 1.5, 90: 3, 180: 6, 270: 3, 359.999: 6 * 0.001 / 180, 450: 3} {
		if v, _ := straight.At(a); math.Abs(v-want) > 1e-9 {
			t.Errorf("at %g° the straight lift is %g, want %g", a, v, want)
		}
	}
	for _, bad := range [][][2]float64{nil, {{0, 1}}, {{0, 1}, {0, 2}}, {{10, 1}, {5, 2}}, {{0, 1}, {360, 2}}} {
		if _, err := NewLift(bad, true); err == nil {
			t.Errorf("the profile %v was taken", bad)
		}
	}
}
