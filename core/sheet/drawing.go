// Package sheet puts views, parts list, balloons and title block on a sheet of paper: the smallest that takes them at a standard scale.
//
// Sizes: ISO 216 with the frame of ISO 5457, and ASME Y14.1 A to E. Scales: ISO 5455. Lines: ISO 128-2 (wide 0.5 mm, narrow 0.25 mm), sections ISO 128-50,
// projection ISO 128-30 and 5456-2, letters ISO 3098 (3.5 mm and 2.5 mm), title block ISO 7200, list ISO 7573, balloons ISO 6433. From memory; no printed
// standard was at hand.
package sheet

// Drawing is marks on paper, mm from the lower left corner.
type Drawing struct {
	W, H  float64
	Marks []Mark
}

// Mark is a line, an arc, a polygon or a text.
type Mark struct {
	Pen    Pen
	Points [][2]float64 // two or more are a line; of a text or an arc the first is where it stands
	Closed bool
	Filled bool // in paper's white under the line, or in ink where the pen is Ink
	R      float64
	From   float64 // degrees, anticlockwise
	To     float64
	Text   string
	High   float64 // of capitals
	Bold   bool
	Align  Align
	Image  []byte // PNG, between the first place and the second
	Of     string // what it belongs to: a view, the list, the title block, a balloon
}

// Pen is how a mark is drawn.
type Pen int

// The pens; each is a layer in DXF.
const (
	Visible Pen = iota
	Narrow
	Hidden
	Centre
	Hatch
	Frame
	Letter
	Ink
)

// Widths of lines, mm (ISO 128-2), and how long a dot of one is.
const (
	wideLine   = 0.5
	narrowLine = 0.25
	thinLine   = 0.18
	frameLine  = 0.7
	dot        = 0.6
)

// Pens tells the width in mm, the pattern and the name of each.
var Pens = [...]struct {
	Name  string
	Wide  float64
	Dash  []float64 // mm drawn, mm not drawn
	Color int       // of a layer in DXF
}{
	{"VISIBLE", wideLine, nil, 7}, {"NARROW", narrowLine, nil, 8}, {"HIDDEN", narrowLine, []float64{3, 1.5}, 3}, {"CENTRE", narrowLine, []float64{6, 1.5, dot, 1.5}, 1},
	{"HATCH", thinLine, nil, 8}, {"FRAME", frameLine, nil, 7}, {"LETTER", narrowLine, nil, 7}, {"INK", narrowLine, nil, 7},
}

// Align is where a text stands by its place.
type Align int

// The alignments.
const (
	Left Align = iota
	Middle
	Right
)

// pad draws marks that belong to something.
type pad struct {
	d  *Drawing
	of string
}

func (p *pad) line(pen Pen, points ...[2]float64) {
	p.d.Marks = append(p.d.Marks, Mark{Pen: pen, Points: points, Of: p.of})
}

func (p *pad) box(pen Pen, x, y, w, h float64) {
	p.d.Marks = append(p.d.Marks, Mark{Pen: pen, Points: [][2]float64{{x, y}, {x + w, y}, {x + w, y + h}, {x, y + h}}, Closed: true, Of: p.of})
}

func (p *pad) arc(pen Pen, c [2]float64, r, from, to float64) {
	p.d.Marks = append(p.d.Marks, Mark{Pen: pen, Points: [][2]float64{c}, R: r, From: from, To: to, Of: p.of})
}

func (p *pad) ink(points ...[2]float64) {
	p.d.Marks = append(p.d.Marks, Mark{Pen: Ink, Points: points, Closed: true, Filled: true, Of: p.of})
}

func (p *pad) text(at [2]float64, high float64, align Align, text string) {
	if text != "" {
		p.d.Marks = append(p.d.Marks, Mark{Pen: Letter, Points: [][2]float64{at}, High: high, Align: align, Text: text, Of: p.of})
	}
}

func (p *pad) bold(at [2]float64, high float64, align Align, text string) {
	p.text(at, high, align, text)
	if text != "" {
		p.d.Marks[len(p.d.Marks)-1].Bold = true
	}
}

// Capital is the height of a capital in parts of the letters' size, of the typeface that drawings are lettered in.
const Capital = 0.66

// Wide is how wide a text is at a height of its capitals.
func Wide(text string, high float64) float64 {
	w := 0
	for _, r := range text {
		if k := int(r) - ' '; k >= 0 && k < len(advances) {
			w += advances[k]
		} else {
			w += unknown
		}
	}
	return float64(w) * high / Capital / 1000
}

// unknown is the advance of a letter that is not in the table.
const unknown = 653

// fitted is a text cut to a width, with dots where something is missing.
func fitted(text string, high, room float64) string {
	if Wide(text, high) <= room {
		return text
	}
	r := []rune(text)
	for len(r) > 0 && Wide(string(r)+"…", high) > room {
		r = r[:len(r)-1]
	}
	return string(r) + "…"
}
