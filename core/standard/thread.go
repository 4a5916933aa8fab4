package standard

import (
	"embed"
	"math"
	"slices"
	"strconv"
	"strings"
	"sync"
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

// cells reads a table of numbers behind a name: a line of its source, then a line each.
func cells(file string) func() []named {
	return sync.OnceValue(func() (out []named) {
		data, err := threads.ReadFile("threads/" + file)
		if err != nil {
			panic(err) // it is part of the program
		}
		for _, line := range strings.Split(strings.TrimSpace(string(data)), "\n")[1:] {
			f := strings.Fields(line)
			n := named{name: f[0]}
			for _, c := range f[1:] {
				x, err := strconv.ParseFloat(c, 64)
				if err != nil {
					panic(file + ": " + err.Error())
				}
				n.values = append(n.values, x)
			}
			out = append(out, n)
		}
		return out
	})
}

// named is a line of such a table.
type named struct {
	name   string
	values []float64
}

//go:embed threads/*.txt
var threads embed.FS

var (
	metric  = cells("metric.txt")
	unified = cells("unified.txt")
)

// Coarse are the threads of the coarse series, the metric ones first.
func Coarse() (out []Thread) {
	for _, m := range metric() {
		out = append(out, Thread{Name: "M" + m.name, D: diameter(m.name), Pitch: m.values[0]})
	}
	for _, u := range unified() {
		out = append(out, u.thread())
	}
	return out
}

// diameter is that of a metric size.
func diameter(name string) float64 {
	d, err := strconv.ParseFloat(name, 64)
	if err != nil {
		panic(err) // the tables are part of the program
	}
	return d
}

// thread is that of a line of the inch table.
func (n named) thread() Thread {
	d, per := n.values[0], n.values[1]
	return Thread{Name: n.name + "-" + number(per), D: d * Inch, Pitch: Inch / per, Inch: true}
}

// ThreadOf reads the name of a thread: M6, M8x1, #10-24 or 1/4-20; of an inch thread its size is enough.
func ThreadOf(name string) (Thread, bool) {
	name = strings.ReplaceAll(strings.ReplaceAll(strings.TrimSpace(name), "×", "x"), " ", "")
	if len(name) > 1 && (name[0] == 'M' || name[0] == 'm') {
		size, fine, isFine := strings.Cut(name[1:], "x")
		for _, m := range metric() {
			if m.name != size {
				continue
			}
			t := Thread{Name: "M" + size, D: diameter(size), Pitch: m.values[0]}
			if !isFine {
				return t, true
			}
			p, err := strconv.ParseFloat(fine, 64)
			if err != nil || !slices.Contains(m.values, p) {
				return Thread{}, false
			}
			if p != t.Pitch {
				t.Name, t.Pitch = t.Name+"x"+number(p), p
			}
			return t, true
		}
		return Thread{}, false
	}
	name = strings.TrimPrefix(strings.ToUpper(name), "UNC")
	for _, u := range unified() {
		if t := u.thread(); name == u.name || name == t.Name || name == t.Name+"UNC" {
			return t, true
		}
	}
	return Thread{}, false
}

// PitchOf is the pitch of the coarse thread of a diameter; between sizes that of the next larger. Beyond all sizes it is not known.
func PitchOf(d float64) (float64, bool) {
	for _, m := range metric() {
		if d <= diameter(m.name)*(1+roundOff) {
			return m.values[0], true
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
