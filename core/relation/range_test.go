package relation

import "testing"

// TestRange: a coordinate past its limit by less than 1e-6 is at it; numbers of turns that lie alike keep the one at hand.
func TestRange(t *testing.T) {
	lo, hi := 0.0, 90.0
	r := Range{Lo: &lo, Hi: &hi}
	for v, want := range map[float64]bool{0: false, 90: false, 90 + 0.5e-6: false, 90 + 3e-6: true, -0.5e-6: false, -3e-6: true} {
		if _, out := r.Beyond(v); out != want {
			t.Errorf("%.8g is past [0, 90]: %v, want %v", v, out, want)
		}
	}
	if end, _ := r.Beyond(100); end != 90 {
		t.Errorf("100 comes back to %g, want 90", end)
	}
	if end, _ := r.Beyond(-100); end != 0 {
		t.Errorf("-100 comes back to %g, want 0", end)
	}
	// 225 is 135 past the upper end, and -135, a turn before, as much past the lower
	for v, want := range map[float64]float64{225: 225, -135: -135, 405: 45, 300: -60} {
		if got := r.NearestTurn(v); got != want {
			t.Errorf("%g is read as %g, want %g", v, got, want)
		}
	}
}
