package part

import "testing"

// TestSeries names clearance holes by ISO 273:1979, table 1 (from memory): M5 in 5.1 mm goes in, and is tighter than the fine series (5.3).
func TestSeries(t *testing.T) {
	for _, c := range []struct {
		shank, hole float64
		says        string
	}{
		{6, 6.6, "medium series of ISO 273"}, {6, 6.4, "fine series of ISO 273"}, {8, 10, "coarse series of ISO 273"}, {24, 26, "medium series of ISO 273"},
		{5, 5.1, "tighter than the fine series of ISO 273 (5.3)"}, {10, 13, "wider than the coarse series of ISO 273 (12)"},
		{7, 7.5, ""}, {6, 5, ""}, {6, 6.8, ""},
	} {
		if s := Series(c.shank, c.hole); s != c.says {
			t.Errorf("Ø%g in Ø%g: %q, want %q", c.shank, c.hole, s, c.says)
		}
	}
	shank, hole := Feature{Kind: Cylinder, Radius: 3, Side: "shaft"}, Feature{Kind: Cylinder, Radius: 3.3, Side: "hole"}
	if s := FitOf(hole, shank, true); s != "Ø6 shank in Ø6.6 hole, 0.6 clear, medium series of ISO 273" {
		t.Errorf("a screw: %q", s)
	}
	if s := FitOf(shank, hole, false); s != "Ø6 shank in Ø6.6 hole, 0.6 clear" {
		t.Errorf("a pin: %q", s)
	}
	if s := FitOf(Feature{Kind: Circle, Radius: 5}, Feature{Kind: Circle, Radius: 4}, false); s != "Ø8 rim on Ø10 rim" {
		t.Errorf("rims: %q", s)
	}
}
