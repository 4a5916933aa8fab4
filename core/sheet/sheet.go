package sheet

import (
	"context"
	"fmt"
	"math"
	"slices"

	"setfast/core/view"
)

// Want is a view that is wanted.
type Want struct {
	Name  string
	View  view.View
	Items []view.Item
	Row   []int                       // of each item: its row of the list, or -1
	Trail []bool                      // of each item: it is no part, but the way it left along
	Label string                      // above it
	Names []string                    // of items, as uses are called
	Marks [][]Marked                  // of items: what can be pointed at on the sheet; nil where nothing can
	Bold  func(component string) bool // what a picture shows by wide lines; nil: nothing
}

// Row is a row of the list.
type Row struct {
	Item, Quantity         int
	Number, Name, Material string
	Mass                   *float64 // kg, of one
}

// Title is what the title block says (ISO 7200).
type Title struct {
	Owner, Number, Name, Kind, Creator, Approver, Date, Revision, Language, Unit string
	Mass                                                                         string
	Sheet                                                                        string // which of how many, as 1/2
}

// Input is what goes on a sheet.
type Input struct {
	Views     []Want
	Rows      []Row
	Title     Title
	Size      string // unsaid: the smallest of ISO 216 on which everything is legible
	Scale     string // unsaid: the largest that fits
	Third     bool   // third angle; else first
	Hidden    bool   // hidden lines in views along an axis
	Shaded    bool   // surfaces under the lines, but for sections
	Smooth    bool   // edges over which faces go on smoothly, too
	NoList    bool
	Unit      string // in which dimensions are lettered: mm, or in
	Dims      []Dim
	Details   []Detail
	Revisions []Revision
	Moves     map[string][2]float64 // mm, by which something was moved by hand: "view front", "balloon 3", "dim 1"
	Balloon   string                // the view that has the balloons; unsaid: the exploded, else the isometric one, else the first
}

// Sheet is what came of it.
type Sheet struct {
	Drawing  *Drawing `json:"-"`
	Size     string   `json:"size"`
	Scale    string   `json:"scale"`
	Views    []string `json:"views"`
	Spots    []Spot   `json:"-"`
	Items    int      `json:"items"`
	Balloons int      `json:"balloons"`
}

// shown is a view on the paper.
type shown struct {
	*Want
	seen  *view.Seen
	scale Scale
	x, y  float64 // of the view's lower left corner
	ring  float64 // room about it for balloons
	ortho bool
	at    [2]int // in the grid of views along axes
	rows  []int  // that have their balloons here
	of    *shown // that it is a detail of
	round [2]float64
	r     float64
}

func (p *shown) w() float64 { return (p.seen.High[0] - p.seen.Low[0]) * p.scale.By }
func (p *shown) h() float64 { return (p.seen.High[1] - p.seen.Low[1]) * p.scale.By }

// paper is a place of the view on the paper.
func (p *shown) paper(q [2]float64) [2]float64 {
	return [2]float64{p.x + (q[0]-p.seen.Low[0])*p.scale.By, p.y + (q[1]-p.seen.Low[1])*p.scale.By}
}

// Make puts everything on a sheet.
func Make(ctx context.Context, in Input) (*Sheet, error) {
	if len(in.Views) == 0 {
		return nil, fmt.Errorf("a sheet wants at least one view")
	}
	l := &layout{in: in}
	for i := range in.Views {
		p := &shown{Want: &l.in.Views[i]}
		at, along := cells[p.Name]
		var err error
		if p.seen, err = view.Of(ctx, p.Items, p.View, view.Options{Hidden: in.Hidden && along, Smooth: in.Smooth}); err != nil {
			return nil, err
		}
		if along {
			p.ortho, p.at = true, at
			if in.Third {
				p.at = [2]int{-at[0], -at[1]}
			}
		}
		l.views = append(l.views, p)
	}
	l.carrier()
	if err := l.details(); err != nil {
		return nil, err
	}
	return l.make(ctx)
}

// cells are the places of views about the front, columns to the right and rows downward, in first angle (ISO 5456-2).
var cells = map[string][2]int{"front": {0, 0}, "top": {0, 1}, "bottom": {0, -1}, "left": {1, 0}, "right": {-1, 0}, "back": {2, 0}}

// layout is a sheet in the making.
type layout struct {
	in    Input
	views []*shown
	size  Size
	block [2]float64 // list and title block
	cols  int        // of the list
}

// carrier chooses the views that have balloons: the exploded, else the isometric one, else the first has those of all rows that are seen in it, and what is
// hidden there has its balloon in the first of the others that shows it.
func (l *layout) carrier() {
	if len(l.in.Rows) == 0 || l.in.NoList {
		return
	}
	rank := func(p *shown) int {
		switch p.Name {
		case l.in.Balloon:
			return 3
		case "exploded":
			return 2
		case "iso":
			return 1
		}
		return 0
	}
	order := slices.Clone(l.views)
	slices.SortStableFunc(order, func(p, q *shown) int { return rank(q) - rank(p) })
	given := make([]bool, len(l.in.Rows))
	for _, p := range order {
		for i := range p.seen.Lines {
			x := &p.seen.Lines[i]
			if r := p.Row[x.Item]; r >= 0 && !x.Hidden && x.Kind != view.Soft && (!given[r] || slices.Contains(p.rows, r)) {
				if !given[r] {
					p.rows = append(p.rows, r)
				}
				given[r] = true
			}
		}
		slices.Sort(p.rows)
	}
}

// make tries sizes from the smallest and scales from the largest.
func (l *layout) make(ctx context.Context) (*Sheet, error) {
	sizes := Sizes[:isoSizes]
	if l.in.Size != "" {
		s, err := SizeNamed(l.in.Size)
		if err != nil {
			return nil, err
		}
		sizes = []Size{s}
	}
	some := scales
	if l.in.Scale != "" {
		s, err := ScaleNamed(l.in.Scale)
		if err != nil {
			return nil, err
		}
		some = []Scale{s}
	}
	for k, size := range sizes {
		l.size = size
		l.blocks()
		for i, s := range some {
			if !l.fits(s, scales[min(l.index(s)+2, len(scales)-1)]) {
				continue
			}
			if k < len(sizes)-1 && !l.legible(s) {
				break
			}
			return l.draw(ctx, some[i])
		}
	}
	if l.in.Scale != "" {
		return nil, fmt.Errorf("at %s the views do not fit; leave the scale out and one is chosen", l.in.Scale)
	}
	return nil, fmt.Errorf("the views do not fit on a sheet %s at any scale", l.size.Name)
}

func (l *layout) index(s Scale) int {
	for i := range scales {
		if scales[i] == s {
			return i
		}
	}
	return 0
}

// What can be read: the main view is this large, unless it is drawn larger than it is, and of ten rows nine have a part this large.
const (
	leastView = 60
	leastPart = 3
)

func (l *layout) legible(s Scale) bool {
	main := l.views[0]
	if s.By < 1 && max(main.w(), main.h()) < leastView {
		return false
	}
	small := 0
	large := make([]float64, len(l.in.Rows))
	for _, p := range l.views {
		for i := range p.Items {
			if r := p.Row[i]; r >= 0 && p.Items[i].Shape != nil {
				low, high := p.Items[i].Shape.Box()
				large[r] = max(large[r], high.Sub(low).Norm()*s.By)
			}
		}
	}
	for _, v := range large {
		if v < leastPart {
			small++
		}
	}
	return 10*small <= len(large)
}

// draw draws all at the scale that was found.
func (l *layout) draw(ctx context.Context, s Scale) (*Sheet, error) {
	d := &Drawing{W: l.size.W, H: l.size.H}
	for _, v := range l.views {
		by := l.in.Moves["view "+v.Name]
		v.x, v.y = v.x+by[0], v.y+by[1]
	}
	out := &Sheet{Drawing: d, Size: l.size.Name, Scale: s.Name, Items: len(l.in.Rows)}
	p := &pad{d: d, of: "frame"}
	p.box(Frame, filed, margin, d.W-filed-margin, d.H-2*margin)
	l.centring(p)
	for _, v := range l.views {
		out.Views = append(out.Views, v.Name)
		p := &pad{d: d, of: "view " + v.Name}
		if l.in.Shaded {
			if err := v.shade(ctx, p); err != nil {
				return nil, err
			}
		}
		v.draw(p, s)
		out.Spots = v.spots(out.Spots)
	}
	l.rounds(d)
	for _, v := range l.views {
		l.dims(v, d)
	}
	l.cuttings(&pad{d: d, of: "cutting"})
	for _, v := range l.views {
		if len(v.rows) > 0 {
			out.Balloons += v.balloons(d, l.in.Rows, l.in.Moves)
		}
	}
	l.title(&pad{d: d, of: "title"}, s)
	l.revisions(&pad{d: d, of: "revisions"})
	if !l.in.NoList {
		l.list(&pad{d: d, of: "list"})
	}
	return out, nil
}

// centring draws the marks at the middles of the sides (ISO 5457).
func (l *layout) centring(p *pad) {
	const long = 0 // they end at the frame: title blocks lie there
	w, h := l.size.W, l.size.H
	p.line(Frame, [2]float64{w / 2, 0}, [2]float64{w / 2, margin + long})
	p.line(Frame, [2]float64{w / 2, h}, [2]float64{w / 2, h - margin - long})
	p.line(Frame, [2]float64{0, h / 2}, [2]float64{filed + long, h / 2})
	p.line(Frame, [2]float64{w, h / 2}, [2]float64{w - margin - long, h / 2})
}

// apartBy is how far two places are apart.
func apartBy(p, q [2]float64) float64 { return math.Hypot(p[0]-q[0], p[1]-q[1]) }
