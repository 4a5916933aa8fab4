// Package paper writes drawings and pages as PDF.
package paper

import (
	"bytes"
	"crypto/sha256"
	_ "embed" // the typeface
	"fmt"
	"io"

	"codeberg.org/go-pdf/fpdf"

	"setfast/core/sheet"
)

// Source Sans 3, in which drawings are lettered (SIL Open Font License, fonts/LICENSE.txt).
var (
	//go:embed fonts/SourceSans3-Regular.ttf
	regular []byte
	//go:embed fonts/SourceSans3-SemiBold.ttf
	bold []byte
)

// typeface is the name by which the typeface goes in a file.
const typeface = "Source Sans 3"

// points are a mm in the unit of letters.
const points = 72 / 25.4

// WritePDF writes drawings, each a page of its own size.
func WritePDF(w io.Writer, title string, drawings ...*sheet.Drawing) error {
	f := fpdf.New("P", "mm", "A4", "")
	f.SetTitle(title, true)
	f.SetCreator("Setfast", true)
	f.SetAutoPageBreak(false, 0)
	f.SetMargins(0, 0, 0)
	f.AddUTF8FontFromBytes(typeface, "", regular)
	f.AddUTF8FontFromBytes(typeface, "B", bold)
	for _, d := range drawings {
		f.AddPageFormat("P", fpdf.SizeType{Wd: d.W, Ht: d.H})
		f.SetLineCapStyle("round")
		f.SetLineJoinStyle("round")
		for i := range d.Marks {
			draw(f, d, &d.Marks[i])
		}
	}
	return f.Output(w)
}

func draw(f *fpdf.Fpdf, d *sheet.Drawing, m *sheet.Mark) {
	pen := sheet.Pens[m.Pen]
	at := m.Points[0]
	if m.Image != nil {
		name := fmt.Sprintf("%x", sha256.Sum256(m.Image))
		f.RegisterImageOptionsReader(name, fpdf.ImageOptions{ImageType: "PNG"}, bytes.NewReader(m.Image))
		f.ImageOptions(name, at[0], d.H-m.Points[1][1], m.Points[1][0]-at[0], m.Points[1][1]-at[1], false, fpdf.ImageOptions{ImageType: "PNG"}, 0, "")
		return
	}
	if m.Text != "" {
		style := ""
		if m.Bold {
			style = "B"
		}
		f.SetFont(typeface, style, m.High/sheet.Capital*points)
		x := at[0] - float64(m.Align)*f.GetStringWidth(m.Text)/2
		f.Text(x, d.H-at[1], m.Text)
		return
	}
	f.SetLineWidth(pen.Wide)
	f.SetDashPattern(pen.Dash, 0)
	style := "D"
	if m.Filled {
		style = "FD"
		f.SetFillColor(255, 255, 255)
		if m.Pen == sheet.Ink {
			f.SetFillColor(0, 0, 0)
		}
	}
	switch {
	case m.R > 0 && m.To-m.From >= 360:
		f.Circle(at[0], d.H-at[1], m.R, style)
	case m.R > 0:
		f.Arc(at[0], d.H-at[1], m.R, m.R, 0, m.From, m.To, style)
	case m.Closed:
		var list []fpdf.PointType
		for _, p := range m.Points {
			list = append(list, fpdf.PointType{X: p[0], Y: d.H - p[1]})
		}
		f.Polygon(list, style)
	default:
		f.MoveTo(at[0], d.H-at[1])
		for _, p := range m.Points[1:] {
			f.LineTo(p[0], d.H-p[1])
		}
		f.DrawPath("D")
	}
}
