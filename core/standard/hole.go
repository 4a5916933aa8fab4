package standard

import "math"

// Hole is what a thread goes through or is cut in, mm.
type Hole struct {
	Thread string  `json:"thread"`
	D      float64 `json:"-"` // of the thread
	Fine   float64 `json:"fine"`
	Medium float64 `json:"medium"`
	Coarse float64 `json:"coarse"`
	Drill  float64 `json:"tapping_drill"`
	Inch   bool    `json:"-"`
}

// holes are clearance holes by series (ISO 273:1979, table 1) and tapping drills for coarse threads (ISO 2306:1972); values from memory.
var holes = []Hole{
	{"M1.6", 1.6, 1.7, 1.8, 2, 1.25, false}, {"M2", 2, 2.2, 2.4, 2.6, 1.6, false}, {"M2.5", 2.5, 2.7, 2.9, 3.1, 2.05, false}, {"M3", 3, 3.2, 3.4, 3.6, 2.5, false},
	{"M4", 4, 4.3, 4.5, 4.8, 3.3, false}, {"M5", 5, 5.3, 5.5, 5.8, 4.2, false}, {"M6", 6, 6.4, 6.6, 7, 5, false}, {"M8", 8, 8.4, 9, 10, 6.8, false},
	{"M10", 10, 10.5, 11, 12, 8.5, false}, {"M12", 12, 13, 13.5, 14.5, 10.2, false}, {"M14", 14, 15, 15.5, 16.5, 12, false}, {"M16", 16, 17, 17.5, 18.5, 14, false},
	{"M18", 18, 19, 20, 21, 15.5, false}, {"M20", 20, 21, 22, 24, 17.5, false}, {"M22", 22, 23, 24, 26, 19.5, false}, {"M24", 24, 25, 26, 28, 21, false},
}

// inchHoles are clearance holes, close, normal and loose (ASME B18.2.8-1999), and tapping drills for 75 % of the thread (common practice, no
// source), in inches; values from memory.
var inchHoles = []Hole{
	{"#4-40", 0.112, 0.12, 0.1285, 0.144, 0.089, true}, {"#5-40", 0.125, 0.1406, 0.1562, 0.1719, 0.1015, true}, {"#6-32", 0.138, 0.154, 0.1695, 0.185, 0.1065, true},
	{"#8-32", 0.164, 0.18, 0.196, 0.213, 0.136, true}, {"#10-24", 0.19, 0.2055, 0.221, 0.238, 0.1495, true}, {"1/4-20", 0.25, 0.2656, 0.2812, 0.2969, 0.201, true},
	{"5/16-18", 0.3125, 0.3281, 0.3438, 0.3594, 0.257, true}, {"3/8-16", 0.375, 0.3906, 0.4062, 0.4219, 0.3125, true},
	{"7/16-14", 0.4375, 0.4531, 0.4688, 0.4844, 0.368, true}, {"1/2-13", 0.5, 0.5312, 0.5625, 0.6094, 0.4219, true},
}

// Holes are those of all threads, mm, the metric ones first.
func Holes() []Hole {
	out := append([]Hole(nil), holes...)
	for _, h := range inchHoles {
		out = append(out, Hole{h.Thread, h.D * Inch, h.Fine * Inch, h.Medium * Inch, h.Coarse * Inch, h.Drill * Inch, true})
	}
	return out
}

// HoleOf is that of a thread by its name or size.
func HoleOf(thread string) (Hole, bool) {
	t, ok := ThreadOf(thread)
	for _, h := range Holes() {
		if ok && h.Thread == t.Name {
			return h, true
		}
	}
	return Hole{}, false
}

// Series names the series of clearance holes that a diameter is of, as the standard of the thread does; empty where it is of none.
func (h Hole) Series(d float64) string {
	words := [3]string{"fine", "medium", "coarse"}
	if h.Inch {
		words = [3]string{"close", "normal", "loose"}
	}
	for i, x := range [3]float64{h.Fine, h.Medium, h.Coarse} {
		if math.Abs(x-d) < sameSize {
			return words[i]
		}
	}
	return ""
}

// sameSize is how near a diameter is to one of a table to be it, mm: tables have two places after the point, inches four.
const sameSize = 0.005

// Fits is a screw that goes through a hole.
type Fits struct {
	Thread string `json:"thread"`
	Series string `json:"series"` // fine, medium, coarse; close, normal, loose; or where the hole lies between them
	Tapped bool   `json:"tapped"` // the hole is the drill for the thread
}

// Through tells which screws a hole is for: those whose series it is of and those whose thread it is drilled for; else those between whose series
// it lies.
func Through(d float64) (out []Fits) {
	var near []Fits
	for _, h := range Holes() {
		switch s := h.Series(d); {
		case s != "":
			out = append(out, Fits{Thread: h.Thread, Series: s})
		case math.Abs(h.Drill-d) < sameSize:
			out = append(out, Fits{Thread: h.Thread, Series: "tapping drill", Tapped: true})
		case d > h.D && d < h.Fine:
			near = append(near, Fits{Thread: h.Thread, Series: "tighter than " + h.Word(0)})
		case d > h.Fine && d < h.Medium:
			near = append(near, Fits{Thread: h.Thread, Series: "between " + h.Word(0) + " and " + h.Word(1)})
		case d > h.Medium && d < h.Coarse:
			near = append(near, Fits{Thread: h.Thread, Series: "between " + h.Word(1) + " and " + h.Word(2)})
		}
	}
	if out == nil {
		return near
	}
	return out
}

// Word names one of the three series.
func (h Hole) Word(at int) string { return h.Series([3]float64{h.Fine, h.Medium, h.Coarse}[at]) }
