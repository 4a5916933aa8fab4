package standard

import (
	"fmt"
	"math"
	"slices"
	"strconv"
	"strings"
)

// Fastener is a size of a standard, with its length where it has one.
type Fastener struct {
	*Standard
	*Size
	Length float64 // mm, along which the standard counts it: a countersunk screw's with its head
	Thread Thread  // none of what has no thread
}

// Read reads a designation: ISO 4762 M6x20, DIN 985 M6, ISO 2338 6x20, DIN 471 20, ASME B18.3 1/4-20x1-1/4. What has lengths may be named
// without one.
func Read(text string) (*Fastener, error) {
	for _, s := range All() {
		rest, ok := after(text, s.Name)
		if !ok && s.Name == "ISO 7380-1" {
			rest, ok = after(text, "ISO 7380")
		}
		if ok {
			return s.read(rest)
		}
	}
	var names []string
	for _, s := range All() {
		names = append(names, s.Name)
	}
	return nil, fmt.Errorf("%q begins with none of the standards here: %s", text, strings.Join(names, ", "))
}

// after is what of a text comes behind a standard's name, however both are spaced.
func after(text, name string) (string, bool) {
	want := bare(name)
	for i := range len(text) + 1 {
		if i == len(text) || strings.ContainsRune(" -\t", rune(text[i])) || strings.ContainsRune("Mm#0123456789", rune(text[i])) {
			if got := bare(text[:i]); got == want {
				return strings.TrimLeft(text[i:], " -\t"), true
			}
		}
	}
	return "", false
}

// times are the ways in which a length is put behind a size.
var times = strings.NewReplacer("×", "x", "X", "x", "*", "x")

func (s *Standard) read(text string) (*Fastener, error) {
	text = strings.TrimSpace(times.Replace(text))
	if text == "" {
		return nil, fmt.Errorf("%s wants a size, such as %s", s.Name, s.Sizes[0].Name)
	}
	size, long, lengthy := text, "", false
	if i := strings.LastIndex(text, "x"); i >= 0 {
		size, long, lengthy = strings.TrimSpace(text[:i]), strings.TrimSpace(text[i+1:]), true
	}
	z, ok := s.Size(size)
	if !ok {
		var names []string
		for _, z := range s.Sizes {
			names = append(names, z.Name)
		}
		return nil, fmt.Errorf("%s has no size %q; it has %s", s.Name, size, strings.Join(names, ", "))
	}
	f := &Fastener{Standard: s, Size: z}
	if s.threaded() {
		f.Thread, _ = ThreadOf(z.Name)
	}
	if !lengthy {
		return f, nil
	}
	if !s.HasLength() {
		return nil, fmt.Errorf("%s has no length", s.Name)
	}
	if !s.Inch {
		long, _, _ = strings.Cut(long, "-") // the property class
	}
	l, ok := amount(strings.TrimSpace(long))
	if s.Inch {
		l *= Inch
	}
	if !ok || !(l > 0) || l > longest {
		return nil, fmt.Errorf("%q is no length", long)
	}
	f.Length = l
	return f, nil
}

// longest is a length that no fastener has, mm.
const longest = 1000

// amount reads a number or a fraction: 20, 1.25, 3/4, 1-1/4.
func amount(text string) (float64, bool) {
	whole, part, mixed := strings.Cut(strings.ReplaceAll(text, " ", "-"), "-")
	if !mixed {
		whole, part = "0", whole
	}
	x, err := strconv.ParseFloat(whole, 64)
	if err != nil {
		return 0, false
	}
	over, under, isFraction := strings.Cut(part, "/")
	a, err := strconv.ParseFloat(over, 64)
	if err != nil {
		return 0, false
	}
	if isFraction {
		b, err := strconv.ParseFloat(under, 64)
		if err != nil || b == 0 {
			return 0, false
		}
		a /= b
	}
	return x + a, true
}

// Designation is how the fastener is ordered.
func (f *Fastener) Designation() string {
	name := f.Standard.Name + " " + f.Size.Name
	if f.Thread.Inch {
		name = f.Standard.Name + " " + f.Thread.Name
	}
	if f.Length == 0 {
		return name
	}
	if f.Inch {
		return name + "x" + number(math.Round(f.Length/Inch*1e4)/1e4)
	}
	return name + "x" + number(f.Length)
}

// InStock tells whether the length is one that is made.
func (f *Fastener) InStock() bool {
	if !f.HasLength() {
		return true
	}
	return slices.ContainsFunc(f.Stock(f.Size), func(l float64) bool { return math.Abs(l-f.Length) < sameSize })
}

// Value is a dimension by its letter.
type Value struct {
	Letter string
	MM     float64
}

// Dimensions are those of the table by the standard's letters, in its order, the diameter first and the length last.
func (f *Fastener) Dimensions() (out []Value) {
	if d, ok := f.Values["d"]; ok {
		out = append(out, Value{"d", d})
	}
	for _, l := range f.Letters {
		if l == "n" {
			l = "P"
		}
		if l == "d" {
			continue
		}
		x := f.Values[l]
		if l == "b" {
			x = f.column()
		}
		out = append(out, Value{l, x})
	}
	if f.Length > 0 {
		out = append(out, Value{"l", f.Length})
	}
	return out
}

// Threaded is how long the thread of a screw is: b of the table, longer on long bolts (ISO 4014), up to the head on short ones.
func (f *Fastener) Threaded() float64 {
	whole := f.Length
	if f.Head == "countersunk" {
		whole -= f.Values["k"]
	}
	if f.Values["b"] == 0 {
		return whole
	}
	b := f.column()
	if f.Length > 0 && whole <= b+run*f.Thread.Pitch {
		return whole
	}
	return b
}

// column is b of the table: that of ISO 4014 has three columns, each of which is the first one and a constant.
func (f *Fastener) column() float64 {
	b := f.Values["b"]
	if f.Standard.Name == "ISO 4014" && f.Length > 125 {
		b += 6
	}
	if f.Standard.Name == "ISO 4014" && f.Length > 200 {
		b += 13
	}
	return b
}

// run is how many pitches a thread runs out over towards the shank: shorter screws are threaded to the head (common practice, no source).
const run = 3

// Grasps is how much of a nut's height has a thread in it, seen from its seat: all but the insert.
func (f *Fastener) Grasps() float64 {
	return f.Values["m"]
}

// Height is a nut's, a washer's or a head's along the axis.
func (f *Fastener) Height() float64 {
	for _, l := range []string{"h", "m", "k", "s"} {
		if x, ok := f.Values[l]; ok && !(l == "s" && f.Family != ShaftRing && f.Family != BoreRing) {
			return x
		}
	}
	return 0
}

// Across is how wide what the fastener bears on is: the diameter of a head, a washer or the circle about a hexagon's flats.
func (f *Fastener) Across() float64 {
	for _, l := range []string{"dk", "d2"} {
		if x, ok := f.Values[l]; ok {
			return x
		}
	}
	if f.Drive == "hexagon" {
		return f.Values["s"]
	}
	return f.Values["d"]
}
