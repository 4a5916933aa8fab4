package words

import "testing"

// TestUnits: sentences made in mm are said in inches. 25.4 mm are an inch exactly (ISO 80000-3); Ø6.6 is 0.2598 in.
func TestUnits(t *testing.T) {
	for in, want := range map[string]string{
		"Ø6.6 hole": "Ø0.2598 hole", "left out, misses by 0.1714 mm": "left out, misses by 0.0067 in",
		"cannot hold: off by 25.4 mm and 3°": "cannot hold: off by 1 in and 3°", "holds while they agree within 0.002 mm": "holds while they agree within 7.9e-05 in",
		"Ø6 shank in Ø6.6 hole, 0.6 clear": "Ø0.2362 shank in Ø0.2598 hole, 0.0236 clear", "shaft screws about z, 5.08 mm a turn": "shaft screws about z, 0.2 in a turn",
		"664.4 mm³": "664.4 mm³", "turns about z": "turns about z", "holds while they agree within 0.0015°": "holds while they agree within 0.0015°", "M6x20": "M6x20", "": "",
	} {
		if got := Inch.Said(in); got != want {
			t.Errorf("%q: %q, want %q", in, got, want)
		}
		if got := MM.Said(in); got != in {
			t.Errorf("in mm %q became %q", in, got)
		}
	}
	if s := Inch.Size([3]float64{}, [3]float64{25.4, 50.8, 6.35}); s != "1 × 2 × 0.25 in" {
		t.Errorf("%q", s)
	}
	if s := Inch.Volume(16387.064); s != "1 in³" {
		t.Errorf("%q", s)
	}
	if _, err := UnitsOf("cubit"); err == nil {
		t.Error("cubits are taken")
	}
}
