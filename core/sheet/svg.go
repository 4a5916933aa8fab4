package sheet

import (
	"encoding/base64"
	"encoding/xml"
	"fmt"
	"io"
	"math"
	"strconv"
	"strings"
)

// number writes a length to a thousandth of a mm.
func number(v float64) string {
	s := strconv.FormatFloat(v, 'f', 3, 64)
	if s = strings.TrimRight(strings.TrimRight(s, "0"), "."); s == "-0" {
		return "0"
	}
	return s
}

// WriteSVG writes the drawing as SVG, in mm.
func (d *Drawing) WriteSVG(w io.Writer) error {
	b := &strings.Builder{}
	fmt.Fprintf(b, `<svg xmlns="http://www.w3.org/2000/svg" width="%smm" height="%smm" viewBox="0 0 %s %s" font-family="'Source Sans 3', 'Source Sans Pro', sans-serif" stroke-linecap="round" stroke-linejoin="round">`,
		number(d.W), number(d.H), number(d.W), number(d.H))
	b.WriteString("\n" + `<rect width="100%" height="100%" fill="#fff"/>` + "\n")
	of := ""
	for i := range d.Marks {
		m := &d.Marks[i]
		if m.Of != of {
			if of != "" {
				b.WriteString("</g>\n")
			}
			if of = m.Of; of != "" {
				b.WriteString(`<g id="` + escaped(of) + `">` + "\n")
			}
		}
		d.svg(b, m)
	}
	if of != "" {
		b.WriteString("</g>\n")
	}
	b.WriteString("</svg>\n")
	_, err := io.WriteString(w, b.String())
	return err
}

func escaped(s string) string {
	var b strings.Builder
	_ = xml.EscapeText(&b, []byte(s))
	return b.String()
}

func (d *Drawing) svg(b *strings.Builder, m *Mark) {
	at := func(p [2]float64) string { return number(p[0]) + " " + number(d.H-p[1]) }
	pen := Pens[m.Pen]
	style := `fill="none"`
	if m.Filled {
		style = `fill="#fff"`
		if m.Pen == Ink {
			style = `fill="#000"`
		}
	}
	style += ` stroke="#000" stroke-width="` + number(pen.Wide) + `"`
	if len(pen.Dash) > 0 {
		var dash []string
		for _, v := range pen.Dash {
			dash = append(dash, number(v))
		}
		style += ` stroke-dasharray="` + strings.Join(dash, " ") + `"`
	}
	switch {
	case m.Image != nil:
		fmt.Fprintf(b, `<image x="%s" y="%s" width="%s" height="%s" preserveAspectRatio="none" href="data:image/png;base64,%s"/>`, number(m.Points[0][0]), number(d.H-m.Points[1][1]),
			number(m.Points[1][0]-m.Points[0][0]), number(m.Points[1][1]-m.Points[0][1]), base64.StdEncoding.EncodeToString(m.Image))
	case m.Text != "":
		anchor := [...]string{"start", "middle", "end"}[m.Align]
		weight := ""
		if m.Bold {
			weight = ` font-weight="600"`
		}
		fmt.Fprintf(b, `<text x="%s" y="%s" font-size="%s" text-anchor="%s"%s>%s</text>`, number(m.Points[0][0]), number(d.H-m.Points[0][1]), number(m.High/Capital), anchor, weight, escaped(m.Text))
	case m.R > 0 && m.To-m.From >= around:
		fmt.Fprintf(b, `<circle cx="%s" cy="%s" r="%s" %s/>`, number(m.Points[0][0]), number(d.H-m.Points[0][1]), number(m.R), style)
	case m.R > 0:
		large := 0
		if m.To-m.From > around/2 {
			large = 1
		}
		fmt.Fprintf(b, `<path d="M%s A%s %s 0 %d 0 %s" %s/>`, at(m.on(m.From)), number(m.R), number(m.R), large, at(m.on(m.To)), style)
	default:
		b.WriteString(`<path d="`)
		for k, p := range m.Points {
			if k == 0 {
				b.WriteString("M" + at(p))
			} else {
				b.WriteString("L" + at(p))
			}
		}
		if m.Closed {
			b.WriteString("Z")
		}
		b.WriteString(`" ` + style + "/>")
	}
	b.WriteString("\n")
}

// around is a whole turn, degrees.
const around = 360.0

// on is a place on an arc.
func (m *Mark) on(deg float64) [2]float64 {
	sin, cos := math.Sincos(deg * math.Pi / 180)
	return [2]float64{m.Points[0][0] + m.R*cos, m.Points[0][1] + m.R*sin}
}
