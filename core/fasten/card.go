// Package fasten is about what screws things together: what a catalogue says of a fastener, and the joints of an assembly that screws, washers
// and nuts hold.
package fasten

import (
	"maps"
	"slices"

	"setfast/core/standard"
)

// Card is what is told of a fastener: its dimensions by the standard's own letters, mm and kg.
type Card struct {
	Designation string                    `json:"designation"`
	Standard    string                    `json:"standard"`
	Edition     string                    `json:"edition"`
	Title       string                    `json:"title"`
	Family      standard.Family           `json:"family"`
	Size        string                    `json:"size"`
	Thread      *standard.Thread          `json:"thread,omitempty"`
	Length      *float64                  `json:"length,omitempty"`
	Stock       bool                      `json:"stock"`             // the length is one that is made
	Lengths     []float64                 `json:"lengths,omitempty"` // that are made
	Dimensions  map[string]float64        `json:"dimensions"`
	Threaded    *float64                  `json:"threaded_mm,omitempty"` // how much of a screw's length has a thread
	Mass        *float64                  `json:"mass_kg"`               // of steel, the thread a full cylinder; none without a length
	Material    string                    `json:"material"`
	Finish      string                    `json:"finish"`
	Holes       *standard.Hole            `json:"holes,omitempty"`
	Features    map[string]standard.Place `json:"features"`
	Source      string                    `json:"source"`

	Letters []string `json:"-"` // of the dimensions, in the table's order
}

// CardOf tells of a fastener.
func CardOf(f *standard.Fastener) *Card {
	c := &Card{Designation: f.Designation(), Standard: f.Standard.Name, Edition: f.Edition, Title: f.Title, Family: f.Family, Size: f.Size.Name, Stock: f.InStock(),
		Dimensions: map[string]float64{}, Material: f.Material, Finish: f.Finish, Features: f.Places(), Source: f.Source}
	if f.Thread.D > 0 {
		t := f.Thread
		c.Thread = &t
		if h, ok := standard.HoleOf(t.Name); ok {
			c.Holes = &h
		}
	}
	for _, v := range f.Dimensions() {
		c.Dimensions[v.Letter] = v.MM
		c.Letters = append(c.Letters, v.Letter)
	}
	if f.HasLength() {
		c.Lengths = f.Stock(f.Size)
	}
	if f.Length > 0 {
		l := f.Length
		c.Length = &l
		if f.Family == standard.Screw {
			t := f.Threaded()
			c.Threaded = &t
		}
	}
	if !f.HasLength() || f.Length > 0 {
		m := f.Mass()
		c.Mass = &m
	} else {
		c.Stock = true // no length was asked for
	}
	return c
}

// Listed is a standard in the list of those that are here.
type Listed struct {
	Name    string          `json:"standard"`
	Edition string          `json:"edition"`
	Title   string          `json:"title"`
	Short   string          `json:"short"`
	Family  standard.Family `json:"family"`
	Sizes   []string        `json:"sizes"`
	Lengths bool            `json:"lengths"` // it comes in lengths
	Source  string          `json:"source"`
}

// List are all standards, by families.
func List() (out []Listed) {
	for _, s := range standard.All() {
		l := Listed{s.Name, s.Edition, s.Title, s.Short, s.Family, nil, s.HasLength(), s.Source}
		for _, z := range s.Sizes {
			l.Sizes = append(l.Sizes, z.Name)
		}
		out = append(out, l)
	}
	order := []standard.Family{standard.Screw, standard.SetScrew, standard.Nut, standard.Locknut, standard.Washer, standard.Pin, standard.ShaftRing, standard.BoreRing}
	slices.SortStableFunc(out, func(a, b Listed) int { return slices.Index(order, a.Family) - slices.Index(order, b.Family) })
	return out
}

// Materials are what a screw may be screwed into, for which an engagement is known.
func Materials() []string { return slices.Sorted(maps.Keys(standard.Engagement)) }
