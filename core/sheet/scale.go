package sheet

import (
	"fmt"
	"strings"
)

// Size is a sheet of paper, mm.
type Size struct {
	Name string
	W, H float64
}

// Sizes are those of ISO 216, A4 upright and the others on their side (ISO 5457), then those of ASME Y14.1, in inches there.
var Sizes = []Size{{"A4", 210, 297}, {"A3", 420, 297}, {"A2", 594, 420}, {"A1", 841, 594}, {"A0", 1189, 841},
	{"A", 11 * inch, 8.5 * inch}, {"B", 17 * inch, 11 * inch}, {"C", 22 * inch, 17 * inch}, {"D", 34 * inch, 22 * inch}, {"E", 44 * inch, 34 * inch}}

const inch = 25.4

// isoSizes is how many of the sizes are tried by themselves.
const isoSizes = 5

// SizeNamed finds a size.
func SizeNamed(name string) (Size, error) {
	var names []string
	for _, s := range Sizes {
		if strings.EqualFold(s.Name, name) {
			return s, nil
		}
		names = append(names, s.Name)
	}
	return Size{}, fmt.Errorf("there is no sheet %q; there are %s", name, strings.Join(names, ", "))
}

// The frame: wider where sheets are filed (ISO 5457).
const (
	filed  = 20
	margin = 10
)

// Scale is how large things are drawn (ISO 5455).
type Scale struct {
	Name string
	By   float64
}

// scales from the largest to the smallest.
var scales = func() (out []Scale) {
	for _, k := range []int{50, 20, 10, 5, 2} {
		out = append(out, Scale{fmt.Sprintf("%d:1", k), float64(k)})
	}
	out = append(out, Scale{"1:1", 1})
	for tens := 1; tens <= 10000; tens *= 10 {
		for _, k := range []int{2, 5, 10} {
			if k*tens <= 10000 {
				out = append(out, Scale{fmt.Sprintf("1:%d", k*tens), 1 / float64(k*tens)})
			}
		}
	}
	return out
}()

// ScaleNamed finds a scale of the standard.
func ScaleNamed(name string) (Scale, error) {
	for _, s := range scales {
		if s.Name == name {
			return s, nil
		}
	}
	return Scale{}, fmt.Errorf("%q is no scale of ISO 5455, such as 1:2 or 5:1", name)
}

// SizeNames are the sheets there are.
func SizeNames() (out []string) {
	for _, s := range Sizes {
		out = append(out, s.Name)
	}
	return out
}

// ScaleNames are the scales there are.
func ScaleNames() (out []string) {
	for _, s := range scales {
		out = append(out, s.Name)
	}
	return out
}
