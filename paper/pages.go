package paper

import (
	"io"
	"strconv"

	"codeberg.org/go-pdf/fpdf"

	"setfast/core/attest"
	"setfast/core/sheet"
)

// Pages are tables under a title, with a picture and places for signatures.
type Pages struct {
	Title, Sub string
	Lead       []string
	Picture    *sheet.Drawing
	Tables     []attest.Table
	Sign       []string // lines to be signed on
	Foot       string
}

// The page, mm.
const (
	pageWide = 210.0
	edge     = 18.0
	lineHigh = 5.0
	inside   = pageWide - 2*edge
)

// Write writes the pages as PDF, A4.
func (p *Pages) Write(w io.Writer) error {
	f := fpdf.New("P", "mm", "A4", "")
	f.SetTitle(p.Title, true)
	f.SetCreator("Setfast", true)
	f.AddUTF8FontFromBytes(typeface, "", regular)
	f.AddUTF8FontFromBytes(typeface, "B", bold)
	f.SetMargins(edge, edge, edge)
	f.SetAutoPageBreak(true, edge)
	f.SetFooterFunc(func() {
		f.SetY(-12)
		f.SetFont(typeface, "", 7.5)
		f.CellFormat(inside-20, 4, p.Foot, "", 0, "L", false, 0, "")
		f.CellFormat(20, 4, "page "+strconv.Itoa(f.PageNo()), "", 0, "R", false, 0, "")
	})
	f.AddPage()
	f.SetFont(typeface, "B", 18)
	f.MultiCell(inside, 8, p.Title, "", "L", false)
	f.SetFont(typeface, "", 11)
	f.MultiCell(inside, 6, p.Sub, "", "L", false)
	f.Ln(2)
	if p.Picture != nil {
		wide := 110.0
		high := wide * p.Picture.H / p.Picture.W
		at := f.GetY()
		into(f, p.Picture, pageWide-edge-wide, at, wide/p.Picture.W)
		f.SetY(at + high + 2)
		end := f.GetY()
		f.SetXY(edge, at+2)
		f.SetFont(typeface, "", 9.5)
		for _, l := range p.Lead {
			f.MultiCell(inside-wide-6, lineHigh, l, "", "L", false)
			f.Ln(1)
		}
		f.SetY(max(f.GetY(), end))
	} else {
		f.SetFont(typeface, "", 9.5)
		for _, l := range p.Lead {
			f.MultiCell(inside, lineHigh, l, "", "L", false)
		}
	}
	for i := range p.Tables {
		table(f, &p.Tables[i])
	}
	if len(p.Sign) > 0 {
		f.Ln(6)
		if f.GetY() > 240 {
			f.AddPage()
		}
		f.SetFont(typeface, "B", 12)
		f.CellFormat(inside, 7, "Signature", "", 1, "L", false, 0, "")
		f.SetFont(typeface, "", 9.5)
		for _, s := range p.Sign {
			f.Ln(8)
			f.CellFormat(inside, lineHigh, s, "T", 1, "L", false, 0, "")
		}
	}
	return f.Output(w)
}

// into draws a drawing at a place of a page, from its upper left corner, at a scale.
func into(f *fpdf.Fpdf, d *sheet.Drawing, x, y, by float64) {
	small := &sheet.Drawing{W: d.W, H: d.H}
	for _, m := range d.Marks {
		k := m
		k.Points, k.R, k.High = nil, m.R*by, m.High*by
		for _, q := range m.Points {
			k.Points = append(k.Points, [2]float64{x + q[0]*by, d.H - y - (d.H-q[1])*by})
		}
		small.Marks = append(small.Marks, k)
	}
	for i := range small.Marks {
		draw(f, small, &small.Marks[i])
	}
	f.SetDashPattern(nil, 0)
}

// table draws a table; columns are as wide as what is in them asks for.
func table(f *fpdf.Fpdf, t *attest.Table) {
	f.Ln(5)
	if f.GetY() > 265 {
		f.AddPage()
	}
	f.SetFont(typeface, "B", 12)
	f.CellFormat(inside, 7, t.Title, "", 1, "L", false, 0, "")
	f.SetFont(typeface, "", 9)
	if len(t.Rows) == 0 {
		f.MultiCell(inside, lineHigh, t.None, "", "L", false)
		return
	}
	wide := widths(f, t)
	row := func(cells []string, style string) {
		f.SetFont(typeface, style, 8.5)
		lines := 1
		split := make([][]string, len(wide))
		for i := range wide {
			text := ""
			if i < len(cells) {
				text = cells[i]
			}
			split[i] = f.SplitText(text, wide[i]-2)
			lines = max(lines, len(split[i]))
		}
		high := float64(lines)*4.2 + 1.2
		if f.GetY()+high > 297-edge {
			f.AddPage()
		}
		y := f.GetY()
		x := edge
		for i := range wide {
			f.SetXY(x, y+0.6)
			for _, l := range split[i] {
				f.CellFormat(wide[i], 4.2, l, "", 2, "L", false, 0, "")
			}
			x += wide[i]
		}
		f.SetLineWidth(0.15)
		f.Line(edge, y+high, edge+inside, y+high)
		f.SetY(y + high)
	}
	row(t.Head, "B")
	for _, r := range t.Rows {
		row(r, "")
	}
}

// widths shares the page among columns by the longest of what is in them, none less than a twelfth.
func widths(f *fpdf.Fpdf, t *attest.Table) []float64 {
	f.SetFont(typeface, "B", 8.5)
	out := make([]float64, len(t.Head))
	for _, r := range append([][]string{t.Head}, t.Rows...) {
		for i, c := range r {
			if i < len(out) {
				out[i] = max(out[i], min(f.GetStringWidth(c)+3, inside*0.45))
			}
		}
	}
	sum := 0.0
	for i := range out {
		out[i] = max(out[i], 12)
		sum += out[i]
	}
	for i := range out {
		out[i] *= inside / sum
	}
	return out
}
