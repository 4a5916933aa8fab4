package sweep

import (
	"encoding/xml"
	"fmt"
	"math"
	"strings"

	"setfast/core/assembly"
)

// The plot's sizes, in its own units.
const (
	plotWide   = 860.0
	plotLeft   = 190.0
	plotRight  = 20.0
	plotStrip  = 22.0 // a row of overlaps
	plotCurve  = 90.0
	plotGap    = 26.0
	plotBottom = 34.0
)

// plot draws a run.
type plot struct {
	strings.Builder
	d    *assembly.Drive
	out  *Done
	legs []assembly.Leg
	step []int // at which step each leg begins, and where the last ends
	y    float64
}

// Plot draws a run as a picture in SVG: what is met, over the coordinate that leads, then a curve for each measure and coordinate.
func (out *Done) Plot(d *assembly.Drive, title string) string {
	p := &plot{d: d, out: out, legs: d.Legs()}
	n := 0
	for _, l := range p.legs {
		p.step = append(p.step, n)
		n += l.Steps
	}
	p.step = append(p.step, n)
	p.y = 30
	p.text(plotLeft, 18, "start", "bold", title)
	p.strips()
	for i := range out.Curves {
		p.curve(&out.Curves[i])
	}
	p.axis()
	height := p.y + plotBottom
	return fmt.Sprintf(`<svg xmlns="http://www.w3.org/2000/svg" width="%g" height="%g" viewBox="0 0 %g %g" font-family="sans-serif" font-size="12">`+
		`<rect width="100%%" height="100%%" fill="#fff"/>`, plotWide, height, plotWide, height) + p.String() + "</svg>\n"
}

func (p *plot) put(format string, args ...any) { fmt.Fprintf(&p.Builder, format, args...) }

func (p *plot) text(x, y float64, anchor, weight, s string) {
	p.put(`<text x="%.1f" y="%.1f" text-anchor="%s" font-weight="%s">`, x, y, anchor, weight)
	_ = xml.EscapeText(&p.Builder, []byte(s)) // a builder takes everything
	p.put(`</text>`)
}

// x is where a value of a leg lies.
func (p *plot) x(leg int, v float64) float64 {
	l := &p.legs[leg]
	part := 0.0
	from := p.out.begins(leg, l)
	if l.To != from {
		part = (v - from) / (l.To - from)
	}
	wide := plotWide - plotLeft - plotRight
	steps := float64(p.step[leg]) + part*float64(l.Steps)
	return plotLeft + wide*steps/float64(p.step[len(p.step)-1])
}

// begins is where a leg begins: where it was found to stand, if it does not say.
func (out *Done) begins(leg int, l *assembly.Leg) float64 {
	if !l.Stands {
		return l.From
	}
	for k := range out.At {
		if out.leg(k) == leg {
			return out.At[k]
		}
	}
	return l.To
}

// strips draws a row for each pair that is in one another, and the marks of dead points and limits above them.
func (p *plot) strips() {
	rows := map[[2]string]float64{}
	top := p.y
	for _, m := range p.out.Clash {
		k := [2]string{m.A, m.B}
		y, ok := rows[k]
		if !ok {
			y = p.y
			rows[k] = y
			p.y += plotStrip
			p.text(plotLeft-8, y+14, "end", "normal", short(m.A+" × "+m.B))
			p.put(`<line x1="%.1f" y1="%.1f" x2="%.1f" y2="%.1f" stroke="#ddd"/>`, plotLeft, y+10, plotWide-plotRight, y+10)
		}
		fill := "#c22"
		if m.Fit {
			fill = "#8a8"
		}
		a, b := p.x(m.Leg, m.From), p.x(m.Leg, m.To)
		p.put(`<rect x="%.1f" y="%.1f" width="%.1f" height="12" fill="%s"><title>`, math.Min(a, b), y+4, math.Max(math.Abs(b-a), 1), fill)
		_ = xml.EscapeText(&p.Builder, []byte(fmt.Sprintf("%s × %s, %g to %g", m.A, m.B, m.From, m.To)))
		p.put(`</title></rect>`)
	}
	if len(rows) == 0 {
		p.text(plotLeft, p.y+14, "start", "normal", "nothing passes through anything")
		p.y += plotStrip
	}
	for _, d := range p.out.Dead {
		p.mark(p.x(d.Leg, d.At), top, "#55a")
	}
	for _, l := range p.out.Limits {
		p.mark(p.x(l.Leg, l.At), top, "#000")
	}
}

func (p *plot) mark(x, top float64, stroke string) {
	p.put(`<line x1="%.1f" y1="%.1f" x2="%.1f" y2="%.1f" stroke="%s" stroke-dasharray="3 2"/>`, x, top-4, x, p.y, stroke)
}

// short is a label that fits beside the plot.
func short(s string) string {
	const most = 28
	if r := []rune(s); len(r) > most {
		return string(r[:most-1]) + "…"
	}
	return s
}

// curve draws a measure or a coordinate over the way.
func (p *plot) curve(c *Curve) {
	lo, hi := extremes(c.Values)
	if !(hi > lo) {
		return
	}
	top := p.y + plotGap/2
	p.y += plotCurve + plotGap
	y := func(v float64) float64 { return top + plotCurve*(hi-v)/(hi-lo) }
	p.put(`<rect x="%.1f" y="%.1f" width="%.1f" height="%.1f" fill="none" stroke="#ccc"/>`, plotLeft, top, plotWide-plotLeft-plotRight, plotCurve)
	p.text(plotLeft-8, top+plotCurve/2+4, "end", "bold", short(c.Called()))
	p.text(plotLeft-8, top+10, "end", "normal", label(hi, c.Unit))
	p.text(plotLeft-8, top+plotCurve, "end", "normal", label(lo, c.Unit))
	p.put(`<path fill="none" stroke="#246" stroke-width="1.5" d="`)
	pen, leg := "M", -1
	for k, x := range c.Values {
		v, ok := x.(float64)
		if n := p.out.leg(k); !ok || n != leg {
			pen, leg = "M", n
		}
		if ok {
			p.put(`%s%.1f %.1f`, pen, p.x(leg, p.out.At[k]), y(v))
			pen = "L"
		}
	}
	p.put(`"/>`)
}

func label(v float64, unit string) string {
	s := fmt.Sprintf("%.4g", v)
	if unit == "°" {
		return s + unit
	}
	return s + " " + unit
}

// axis names what leads, leg by leg.
func (p *plot) axis() {
	for n := range p.legs {
		l := &p.legs[n]
		from := p.out.begins(n, l)
		a, b := p.x(n, from), p.x(n, l.To)
		if n > 0 {
			p.put(`<line x1="%.1f" y1="24" x2="%.1f" y2="%.1f" stroke="#999"/>`, a, a, p.y+8)
		}
		u := unitOfLeg(l)
		p.text(a+2, p.y+16, "start", "normal", label(from, u))
		p.text(b-2, p.y+16, "end", "normal", label(l.To, u))
		p.text((a+b)/2, p.y+30, "middle", "bold", l.Of+" of "+l.Joint)
	}
}
