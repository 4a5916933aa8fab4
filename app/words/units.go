package words

import (
	"fmt"
	"math"
	"regexp"
	"strconv"
	"strings"

	"setfast/core/part"
)

// Units is what lengths are shown and read in. All that is computed and kept is in mm.
type Units string

// The units a project may have.
const (
	MM   Units = "mm"
	Inch Units = "in"
)

// mmPerInch is exact (ISO 80000-3).
const mmPerInch = 25.4

// UnitsOf takes a unit by its name.
func UnitsOf(name string) (Units, error) {
	switch u := Units(name); u {
	case MM, Inch:
		return u, nil
	}
	return MM, Refuse("lengths are shown in mm or in, not in %q", name)
}

// Scale is how many mm one of them is.
func (u Units) Scale() float64 {
	if u == Inch {
		return mmPerInch
	}
	return 1
}

// Number writes a length without its unit.
func (u Units) Number(mm float64) string { return part.Number(mm / u.Scale()) }

// Name is what stands behind a number that the core would give in mm; other units stay.
func (u Units) Name(unit string) string {
	if unit == string(MM) {
		return string(u)
	}
	return unit
}

// lengths are those in a sentence of the core, which are in mm: with their unit, as diameters, or as the room between two.
var lengths = regexp.MustCompile(`(Ø)(\d+(?:\.\d+)?)|(-?\d+(?:\.\d+)?(?:e-?\d+)?)( mm\b| clear\b| too tight\b)`)

// Said turns the lengths of a sentence that was made in mm.
func (u Units) Said(s string) string {
	if u != Inch || s == "" {
		return s
	}
	at := 0
	var out strings.Builder
	for _, m := range lengths.FindAllStringSubmatchIndex(s, -1) {
		if strings.HasPrefix(s[m[1]:], "²") || strings.HasPrefix(s[m[1]:], "³") {
			continue // an area or a volume
		}
		out.WriteString(s[at:m[0]])
		at = m[1]
		if m[2] >= 0 {
			out.WriteString("Ø" + u.again(s[m[4]:m[5]]))
			continue
		}
		out.WriteString(u.again(s[m[6]:m[7]]) + strings.Replace(s[m[8]:m[9]], " mm", " in", 1))
	}
	out.WriteString(s[at:])
	return out.String()
}

// again writes a number of mm in the unit, with two digits at least.
func (u Units) again(digits string) string {
	x, err := strconv.ParseFloat(digits, 64)
	if err != nil {
		return digits
	}
	x /= u.Scale()
	if x != 0 && math.Abs(x) < 1e-3 {
		return strconv.FormatFloat(x, 'g', 2, 64)
	}
	return part.Number(x)
}

// Size writes a part's extent: to a hundredth of a mm, a thousandth of an inch.
func (u Units) Size(lo, hi [3]float64) string {
	fine := 100.0
	if u == Inch {
		fine = 1000
	}
	f := func(i int) string { return part.Number(math.Round((hi[i]-lo[i])/u.Scale()*fine) / fine) }
	return f(0) + " × " + f(1) + " × " + f(2) + " " + string(u)
}

// Volume writes a volume without powers of ten.
func (u Units) Volume(mm3 float64) string {
	switch {
	case u == Inch:
		return fmt.Sprintf("%.4g in³", mm3/math.Pow(u.Scale(), 3))
	case mm3 >= 1e9:
		return fmt.Sprintf("%.1f m³", mm3/1e9)
	case mm3 >= 1e5:
		return fmt.Sprintf("%.1f cm³", mm3/1000)
	case mm3 >= 1000:
		return fmt.Sprintf("%.0f mm³", mm3)
	}
	return fmt.Sprintf("%.4g mm³", mm3)
}
