package standard

import (
	"embed"
	"fmt"
	"path"
	"slices"
	"strconv"
	"strings"
	"sync"
)

// Family is what a fastener is.
type Family string

// The families.
const (
	Screw     Family = "screw"
	SetScrew  Family = "set screw"
	Nut       Family = "nut"
	Locknut   Family = "locknut" // with an insert, through which the thread must come
	Washer    Family = "washer"
	Pin       Family = "pin"
	ShaftRing Family = "shaft ring"
	BoreRing  Family = "bore ring"
)

// Standard is one standard's table. It is made once and shared: nobody changes it.
type Standard struct {
	Name, Edition, Title, Source string
	Short                        string // what it is, in a word or two
	Family                       Family
	Head                         string // of a screw: cylinder, hexagon, countersunk, button or none
	Drive                        string // socket or hexagon
	Material, Finish             string
	Inch                         bool
	Letters                      []string // in the order of the table, by the standard's own letters
	Sizes                        []Size
	Lengths                      []float64 // that are made, of what has a length, mm
}

// Size is a row of a table, mm.
type Size struct {
	Name     string
	Values   map[string]float64
	From, To float64 // stock lengths
}

//go:embed tables/*.txt
var tables embed.FS

// All are the standards, in the order of their names.
var All = sync.OnceValue(func() []*Standard {
	entries, err := tables.ReadDir("tables")
	if err != nil {
		panic(err) // they are part of the program
	}
	var out []*Standard
	for _, e := range entries {
		data, err := tables.ReadFile(path.Join("tables", e.Name()))
		if err != nil {
			panic(err)
		}
		s, err := read(string(data))
		if err != nil {
			panic(fmt.Sprintf("%s: %v", e.Name(), err))
		}
		out = append(out, s)
	}
	slices.SortFunc(out, func(a, b *Standard) int { return strings.Compare(a.Name, b.Name) })
	return out
})

// read reads a table: lines of a word and what it says, then the letters, then a line per size.
func read(text string) (*Standard, error) {
	s := &Standard{}
	scale := 1.0
	for n, line := range strings.Split(strings.TrimSpace(text), "\n") {
		word, rest, _ := strings.Cut(line, " ")
		if s.Letters != nil {
			if err := s.row(word, strings.Fields(rest), scale); err != nil {
				return nil, fmt.Errorf("line %d: %w", n+1, err)
			}
			continue
		}
		if to := map[string]*string{"standard": &s.Name, "edition": &s.Edition, "title": &s.Title, "short": &s.Short, "source": &s.Source,
			"family": (*string)(&s.Family), "head": &s.Head, "drive": &s.Drive, "material": &s.Material, "finish": &s.Finish}[word]; to != nil {
			*to = rest
			continue
		}
		switch word {
		case "unit":
			s.Inch, scale = true, Inch
		case "lengths":
			for _, f := range strings.Fields(rest) {
				x, err := strconv.ParseFloat(f, 64)
				if err != nil {
					return nil, fmt.Errorf("line %d: %w", n+1, err)
				}
				s.Lengths = append(s.Lengths, x*scale)
			}
		case "size":
			s.Letters = strings.Fields(rest)
		default:
			return nil, fmt.Errorf("line %d: %q is not known", n+1, word)
		}
	}
	s.Letters = slices.DeleteFunc(s.Letters, func(l string) bool { return l == "from" || l == "to" })

	return s, nil
}

// row reads the line of a size.
func (s *Standard) row(name string, cells []string, scale float64) error {
	z := Size{Name: name, Values: map[string]float64{}}
	for i, l := range s.Letters {
		if i >= len(cells) {
			return fmt.Errorf("size %s has %d values of %d", name, len(cells), len(s.Letters))
		}
		x, err := strconv.ParseFloat(cells[i], 64)
		if err != nil {
			return err
		}
		switch l {
		case "n": // threads per inch
			z.Values["P"] = Inch / x
		case "from":
			z.From = x * scale
		case "to":
			z.To = x * scale
		default:
			z.Values[l] = x * scale
		}
	}
	if t, ok := ThreadOf(name); ok && s.threaded() {
		z.Values["d"] = t.D
	}
	s.Sizes = append(s.Sizes, z)
	return nil
}

// threaded tells whether what the table is of has a thread.
func (s *Standard) threaded() bool {
	return slices.Contains(s.Letters, "P") || slices.Contains(s.Letters, "n")
}

// Lookup finds a standard by its name, however it is spaced.
func Lookup(name string) (*Standard, bool) {
	for _, s := range All() {
		if bare(s.Name) == bare(name) {
			return s, true
		}
	}
	return nil, false
}

// bare is a name without spaces and dashes, in capitals. EN and national prefixes of an ISO standard are left away.
func bare(name string) string {
	name = strings.ToUpper(name)
	for _, prefix := range []string{"DIN EN ISO", "BS EN ISO", "NF EN ISO", "EN ISO", "DIN ISO"} {
		if rest, ok := strings.CutPrefix(name, prefix); ok {
			name = "ISO" + rest
			break
		}
	}
	return unspaced.Replace(name)
}

var unspaced = strings.NewReplacer(" ", "", "-", "", "_", "")

// Size finds a row by its name.
func (s *Standard) Size(name string) (*Size, bool) {
	name = strings.ReplaceAll(name, " ", "")
	for i := range s.Sizes {
		z := &s.Sizes[i]
		if strings.EqualFold(z.Name, name) || s.Inch && strings.HasPrefix(name, z.Name+"-") || !s.threaded() && strings.EqualFold("M"+z.Name, name) {
			return z, true
		}
	}
	return nil, false
}

// HasLength tells whether what the standard is of comes in lengths.
func (s *Standard) HasLength() bool { return len(s.Lengths) > 0 }

// Stock are the lengths in which a size is made.
func (s *Standard) Stock(z *Size) (out []float64) {
	for _, l := range s.Lengths {
		if l >= z.From*(1-roundOff) && l <= z.To*(1+roundOff) {
			out = append(out, l)
		}
	}
	return out
}
