package standard

import (
	"math"
	"strconv"
	"strings"
)

// Thread is a screw thread of the basic 60° profile (ISO 68-1; ASME B1.1 has the same), mm.
type Thread struct {
	Name  string  `json:"name"` // M6, M8x1, 1/4-20
	D     float64 `json:"d"`    // nominal diameter
	Pitch float64 `json:"pitch"`
	Inch  bool    `json:"inch,omitempty"`
}

// Inch is how many mm are in one.
const Inch = 25.4

// metric are the threads of the coarse series, with the pitches of the fine ones (ISO 261:1998, table 2; values from memory).
var metric = []struct {
	d, coarse float64
	fine      []float64
}{
	{1.6, 0.35, []float64{0.2}}, {2, 0.4, []float64{0.25}}, {2.5, 0.45, []float64{0.35}}, {3, 0.5, []float64{0.35}}, {3.5, 0.6, []float64{0.35}},
	{4, 0.7, []float64{0.5}}, {5, 0.8, []float64{0.5}}, {6, 1, []float64{0.75}}, {7, 1, []float64{0.75}}, {8, 1.25, []float64{1, 0.75}},
	{10, 1.5, []float64{1.25, 1, 0.75}}, {12, 1.75, []float64{1.5, 1.25, 1}}, {14, 2, []float64{1.5, 1.25, 1}}, {16, 2, []float64{1.5, 1}},
	{18, 2.5, []float64{2, 1.5, 1}}, {20, 2.5, []float64{2, 1.5, 1}}, {22, 2.5, []float64{2, 1.5, 1}}, {24, 3, []float64{2, 1.5, 1}},
	{27, 3, []float64{2, 1.5, 1}}, {30, 3.5, []float64{3, 2, 1.5, 1}}, {33, 3.5, []float64{3, 2, 1.5}}, {36, 4, []float64{3, 2, 1.5}},
}

// unified are the threads of the coarse inch series: diameter in inches and threads per inch (ASME B1.1-2003, UNC; values from memory).
var unified = []struct {
	size string
	d    float64
	per  float64
}{
	{"#4", 0.112, 40}, {"#5", 0.125, 40}, {"#6", 0.138, 32}, {"#8", 0.164, 32}, {"#10", 0.19, 24}, {"1/4", 0.25, 20}, {"5/16", 0.3125, 18},
	{"3/8", 0.375, 16}, {"7/16", 0.4375, 14}, {"1/2", 0.5, 13},
}

// Coarse are the threads of the coarse series, the metric ones first.
func Coarse() (out []Thread) {
	for _, m := range metric {
		out = append(out, Thread{Name: "M" + number(m.d), D: m.d, Pitch: m.coarse})
	}
	for _, u := range unified {
		out = append(out, Thread{Name: u.size + "-" + number(u.per), D: u.d * Inch, Pitch: Inch / u.per, Inch: true})
	}
	return out
}

// ThreadOf reads the name of a thread: M6, M8x1, #10-24 or 1/4-20; of an inch thread its size is enough.
func ThreadOf(name string) (Thread, bool) {
	name = strings.ReplaceAll(strings.ReplaceAll(strings.TrimSpace(name), "×", "x"), " ", "")
	if len(name) > 1 && (name[0] == 'M' || name[0] == 'm') {
		size, fine, isFine := strings.Cut(name[1:], "x")
		d, err := strconv.ParseFloat(size, 64)
		if err != nil {
			return Thread{}, false
		}
		for _, m := range metric {
			if m.d != d {
				continue
			}
			t := Thread{Name: "M" + number(d), D: d, Pitch: m.coarse}
			if !isFine {
				return t, true
			}
			p, err := strconv.ParseFloat(fine, 64)
			for _, f := range append(m.fine, m.coarse) {
				if err == nil && f == p {
					if p != m.coarse {
						t.Name, t.Pitch = t.Name+"x"+number(p), p
					}
					return t, true
				}
			}
		}
		return Thread{}, false
	}
	name = strings.TrimPrefix(strings.ToUpper(name), "UNC")
	for _, u := range unified {
		if full := u.size + "-" + number(u.per); name == u.size || name == full || name == full+"UNC" {
			return Thread{Name: full, D: u.d * Inch, Pitch: Inch / u.per, Inch: true}, true
		}
	}
	return Thread{}, false
}

// PitchOf is the pitch of the coarse thread of a diameter; between sizes that of the next larger. Beyond all sizes it is not known.
func PitchOf(d float64) (float64, bool) {
	for _, m := range metric {
		if d <= m.d*(1+roundOff) {
			return m.coarse, true
		}
	}
	return 0, false
}

// roundOff is what a diameter that was computed may be off a nominal one.
const roundOff = 1e-9

// Height is that of the thread's sharp triangle (ISO 68-1: √3/2 of the pitch).
func (t Thread) Height() float64 { return math.Sqrt(3) / 2 * t.Pitch }

// Deep is how deep a thread goes into what it is cut in: 17/24 of its height, the external thread's (ISO 68-1).
func (t Thread) Deep() float64 { return 17.0 / 24 * t.Height() }

// Minor is the basic minor diameter D1 = D − 1.0825 P (ISO 724).
func (t Thread) Minor() float64 { return t.D - 2*5.0/8*t.Height() }

// Middle is the basic pitch diameter D2 = D − 0.6495 P (ISO 724).
func (t Thread) Middle() float64 { return t.D - 2*3.0/8*t.Height() }

// number prints a value without zeros behind it.
func number(x float64) string { return strconv.FormatFloat(x, 'f', -1, 64) }
