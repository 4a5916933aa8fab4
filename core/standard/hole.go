package standard

import (
	"math"
	"sync"
)

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

var (
	metricHoles = cells("holes.txt")
	inchHoles   = cells("holes-inch.txt")
)

// Holes are those of all threads, mm, the metric ones first: clearance holes by series (ISO 273, ASME B18.2.8) and tapping drills.
var Holes = sync.OnceValue(func() (out []Hole) {
	for _, list := range [][]named{metricHoles(), inchHoles()} {
		for _, n := range list {
			t, _ := ThreadOf(n.name)
			scale := 1.0
			if t.Inch {
				scale = Inch
			}
			out = append(out, Hole{Thread: t.Name, D: t.D, Fine: n.values[0] * scale, Medium: n.values[1] * scale, Coarse: n.values[2] * scale, Drill: n.values[3] * scale, Inch: t.Inch})
		}
	}
	return out
})

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

// Counterbore is what a cylindrical head lies in, mm.
type Counterbore struct{ Diameter, Depth float64 }

var counterbores = cells("counterbores.txt")

// CounterboreOf is that of a thread, for a head as of ISO 4762.
func CounterboreOf(thread string) (c Counterbore, ok bool) {
	head, err := Read("ISO 4762 " + thread)
	if err != nil {
		return c, false
	}
	for _, n := range counterbores() {
		if n.name == thread {
			return Counterbore{n.values[0], head.Values["k"] + n.values[1]}, true
		}
	}
	return c, false
}
