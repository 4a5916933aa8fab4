package sheet

import (
	"context"
	"fmt"
	"math"

	"setfast/core/view"
)

// Want is a view that is wanted.
type Want struct {
	Name  string
	View  view.View
	Items []view.Item
	Row   []int  // of each item: its row of the list, or -1
	Trail []bool // of each item: it is no part, but the way it left along
	Label string // above it
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
}

// Input is what goes on a sheet.
type Input struct {
	Views   []Want
	Rows    []Row
	Title   Title
	Size    string // unsaid: the smallest of ISO 216 on which everything is legible
	Scale   string // unsaid: the largest that fits
	Third   bool   // third angle; else first
	Hidden  bool   // hidden lines in views along an axis
	NoList  bool
	Balloon string // the view that has the balloons; unsaid: the exploded, else the isometric one, else the first
}

// Sheet is what came of it.
type Sheet struct {
	Drawing  *Drawing `json:"-"`
	Size     string   `json:"size"`
	Scale    string   `json:"scale"`
	Views    []string `json:"views"`
	Items    int      `json:"items"`
	Balloons int      `json:"balloons"`
}

// shown is a view on the paper.
type shown struct {
	*Want
	seen    *view.Seen
	scale   Scale
	x, y    float64 // of the view's lower left corner
	ring    float64 // room about it for balloons
	ortho   bool
	at      [2]int // in the grid of views along axes
	carries bool
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
		if p.seen, err = view.Of(ctx, p.Items, p.View, view.Options{Hidden: in.Hidden && along}); err != nil {
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
	return l.make()
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

// carrier chooses the view that has the balloons.
func (l *layout) carrier() {
	if len(l.in.Rows) == 0 || l.in.NoList {
		return
	}
	best := l.views[0]
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
	for _, p := range l.views[1:] {
		if rank(p) > rank(best) {
			best = p
		}
	}
	best.carries = true
}

// make tries sizes from the smallest and scales from the largest.
func (l *layout) make() (*Sheet, error) {
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
			return l.draw(some[i])
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

// gap is what lies between views.
const gap = 16

// fits lays the views out at a scale; those that are along no axis may be drawn down to another.
func (l *layout) fits(s, smallest Scale) bool {
	inside := [4]float64{filed + gap/2, margin + gap/2, l.size.W - margin - gap/2, l.size.H - margin - gap/2} // x0 y0 x1 y1
	beside, above := inside, inside
	beside[2] -= l.block[0]
	above[1] += l.block[1]
	if l.block[0] == 0 {
		above = inside
	}
	for k := l.index(s); k <= l.index(smallest); k++ {
		for _, p := range l.views {
			p.scale = s
			if !p.ortho && len(l.views) > 1 && l.views[0].ortho {
				p.scale = scales[k]
			}
			p.rings(len(l.in.Rows))
		}
		for _, room := range [][4]float64{above, beside} {
			for _, how := range []func(room [4]float64) bool{l.inGrid, l.inRow, l.inColumn} {
				if how(room) {
					return true
				}
			}
		}
		if !l.views[0].ortho || len(l.views) == 1 {
			break
		}
	}
	return false
}

// rings finds the room for balloons about a view.
func (p *shown) rings(rows int) {
	p.ring = 0
	if p.carries {
		p.ring = max(leader, (float64(rows)*pitch-2*(p.w()+p.h()))/8) + balloon
	}
}

// grid gives the columns and rows of the views along axes, and how large they are together.
func (l *layout) grid(fill *shown) (col, row map[int]float64, w, h float64) {
	col, row = map[int]float64{}, map[int]float64{}
	for _, p := range l.views {
		at := p.at
		if p == fill {
			at = l.corner()
		} else if !p.ortho {
			continue
		}
		label := 0.0
		if p.Label != "" {
			label = labelled
		}
		col[at[0]] = max(col[at[0]], p.w()+2*p.ring)
		row[at[1]] = max(row[at[1]], p.h()+2*p.ring+label)
	}
	for _, v := range col {
		w += v + gap
	}
	for _, v := range row {
		h += v + gap
	}
	return col, row, max(0, w-gap), max(0, h-gap)
}

// labelled is the room for a view's label.
const labelled = 12

// corner is the free place of the grid between the top and the side view.
func (l *layout) corner() (at [2]int) {
	for _, p := range l.views {
		if p.ortho {
			if p.at[0] != 0 && at[0] == 0 {
				at[0] = p.at[0]
			}
			if p.at[1] != 0 && at[1] == 0 {
				at[1] = p.at[1]
			}
		}
	}
	return at
}

// setGrid places the views of the grid from an upper left corner.
func (l *layout) setGrid(fill *shown, x, y float64) {
	col, row, _, _ := l.grid(fill)
	for _, p := range l.views {
		at := p.at
		if p == fill {
			at = l.corner()
		} else if !p.ortho {
			continue
		}
		left, top := x, y
		for k, v := range col {
			if k < at[0] {
				left += v + gap
			}
		}
		for k, v := range row {
			if k < at[1] {
				top -= v + gap
			}
		}
		p.x = left + (col[at[0]]-p.w())/2
		p.y = top - row[at[1]]/2 - p.h()/2
	}
}

// others are the views along no axis.
func (l *layout) others() (out []*shown) {
	for _, p := range l.views {
		if !p.ortho {
			out = append(out, p)
		}
	}
	return out
}

// inGrid puts the one other view into the corner between top and side view.
func (l *layout) inGrid(room [4]float64) bool {
	rest := l.others()
	at := l.corner()
	if len(rest) > 1 || len(rest) == 1 && (at[0] == 0 || at[1] == 0) {
		return false
	}
	var fill *shown
	if len(rest) == 1 {
		fill = rest[0]
	}
	_, _, w, h := l.grid(fill)
	if w > room[2]-room[0] || h > room[3]-room[1] {
		return false
	}
	l.setGrid(fill, room[0]+(room[2]-room[0]-w)/2, room[3]-(room[3]-room[1]-h)/2)
	return true
}

// inRow puts the others to the right of the grid, one above another.
func (l *layout) inRow(room [4]float64) bool { return l.strip(room, false) }

// inColumn puts the others below the grid, side by side.
func (l *layout) inColumn(room [4]float64) bool { return l.strip(room, true) }

func (l *layout) strip(room [4]float64, below bool) bool {
	_, _, gw, gh := l.grid(nil)
	var w, h float64
	for _, p := range l.others() {
		pw, ph := p.w()+2*p.ring, p.h()+2*p.ring+labelled
		if below {
			w, h = w+pw+gap, max(h, ph)
		} else {
			w, h = max(w, pw), h+ph+gap
		}
	}
	between := 0.0
	if gw > 0 && w > 0 {
		between = gap
	}
	if below {
		w -= gap
		if max(gw, w) > room[2]-room[0] || gh+between+h > room[3]-room[1] {
			return false
		}
	} else {
		h -= gap
		if gw+between+w > room[2]-room[0] || max(gh, h) > room[3]-room[1] {
			return false
		}
	}
	rw, rh := room[2]-room[0], room[3]-room[1]
	if below {
		spare := (rh - gh - between - h) / 3
		l.setGrid(nil, room[0]+(rw-gw)/2, room[3]-spare)
		x, each := room[0]+(rw-w)/2, room[3]-2*spare-gh-between
		for _, p := range l.others() {
			p.x, p.y = x+p.ring, each-h/2-p.h()/2
			x += p.w() + 2*p.ring + gap
		}
		return true
	}
	spare := (rw - gw - between - w) / 3
	l.setGrid(nil, room[0]+spare, room[3]-(rh-gh)/2)
	x, y := room[0]+2*spare+gw+between, room[3]-(rh-h)/2
	for _, p := range l.others() {
		p.x, p.y = x+(w-p.w())/2, y-labelled-p.ring-p.h()
		y -= p.h() + 2*p.ring + labelled + gap
	}
	return true
}

// draw draws all at the scale that was found.
func (l *layout) draw(s Scale) (*Sheet, error) {
	d := &Drawing{W: l.size.W, H: l.size.H}
	out := &Sheet{Drawing: d, Size: l.size.Name, Scale: s.Name, Items: len(l.in.Rows)}
	p := &pad{d: d, of: "frame"}
	p.box(Frame, filed, margin, d.W-filed-margin, d.H-2*margin)
	l.centring(p)
	for _, v := range l.views {
		out.Views = append(out.Views, v.Name)
		v.draw(&pad{d: d, of: "view " + v.Name}, s)
	}
	l.cuttings(&pad{d: d, of: "cutting"})
	for _, v := range l.views {
		if v.carries {
			out.Balloons = v.balloons(&pad{d: d, of: "balloons"}, l.in.Rows)
		}
	}
	l.title(&pad{d: d, of: "title"}, s)
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
