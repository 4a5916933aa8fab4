package sheet

import (
	"fmt"
	"math"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/view"
)

// Dim is a dimension in a view: between two features, or the diameter of one that is round, where they stand in the assembly.
type Dim struct {
	View string
	A    part.Feature
	B    *part.Feature
}

// Dimensions lie this far from the view, and from one another, mm.
const (
	dimOff  = 9
	dimStep = 8
)

// square is the cosine below which something is seen square to the sight.
const square = 1e-3

// rule tells square to what a feature's distance is taken in a view, where it says so: a face or an axis seen from its side.
func rule(v *view.View, f *part.Feature) (n [2]float64, ok bool) {
	if !f.HasDirection() || math.Abs(f.Z.Dot(v.Look.Unit())) > square {
		return n, false
	}
	n = onPaper(v, f.Z)
	if f.IsAxis() {
		n = [2]float64{-n[1], n[0]}
	}
	return n, f.IsAxis() || f.Kind == part.Plane
}

// onPaper is how a direction runs on the paper.
func onPaper(v *view.View, d geom.Vec) [2]float64 {
	p, q := v.Paper(geom.Vec{}), v.Paper(d)
	return [2]float64{q[0] - p[0], q[1] - p[1]}
}

// across is the direction on the paper in which two features are apart.
func across(v *view.View, a, b *part.Feature, pa, pb [2]float64) [2]float64 {
	for _, f := range []*part.Feature{a, b} {
		if n, ok := rule(v, f); ok {
			return n
		}
	}
	if math.Abs(pb[0]-pa[0]) >= math.Abs(pb[1]-pa[1]) {
		return [2]float64{1, 0}
	}
	return [2]float64{0, 1}
}

// dimmed tells why a dimension says nothing in its view; "" where it does.
func dimmed(v *view.View, d *Dim) string {
	for _, f := range []*part.Feature{&d.A, d.B} {
		if f == nil {
			continue
		}
		if f.Kind == part.Plane && math.Abs(f.Z.Dot(v.Look.Unit())) > square {
			return "a face shows its distance only where it is seen from its edge"
		}
	}
	if d.B != nil {
		return ""
	}
	seen := math.Abs(d.A.Z.Dot(v.Look.Unit()))
	switch {
	case d.A.Radius <= 0:
		return "a dimension of one feature is the diameter of what is round"
	case seen > square && seen < 1-square:
		return "a diameter shows only along the axis, or from its side"
	}
	return ""
}

// dims draws the dimensions of a view: those that run across below it, those that run up to its right, the nearest first.
func (l *layout) dims(v *shown, d *Drawing) {
	count := [2]int{}
	for i := range l.in.Dims {
		x := &l.in.Dims[i]
		if x.View != v.Name {
			continue
		}
		p := &pad{d: d, of: fmt.Sprintf("dim %d", i+1)}
		move := l.in.Moves[p.of]
		a := v.View.Paper(x.A.O)
		na, sideA := rule(&v.View, &x.A)
		switch {
		case x.B == nil && sideA: // from the side
			r := x.A.Radius
			from, to := [2]float64{a[0] - r*na[0], a[1] - r*na[1]}, [2]float64{a[0] + r*na[0], a[1] + r*na[1]}
			v.straight(p, from, to, na, "Ø"+dimText(2*r, l.in.Unit), move, &count)
		case x.B == nil:
			v.diameter(p, &x.A, move, l.in.Unit)
		default:
			b := v.View.Paper(x.B.O)
			if nb, sideB := rule(&v.View, x.B); sideA && sideB && math.Abs(na[0]*nb[1]-na[1]*nb[0]) > square {
				v.angle(p, a, b, na, nb, move)
				continue
			}
			n := across(&v.View, &x.A, x.B, a, b)
			v.straight(p, a, b, n, dimText(math.Abs((b[0]-a[0])*n[0]+(b[1]-a[1])*n[1]), l.in.Unit), move, &count)
		}
	}
}

// straight draws how far two places of the model are apart along n, beside the view.
func (v *shown) straight(p *pad, a, b, n [2]float64, text string, move [2]float64, count *[2]int) {
	pa, pb := v.paper(a), v.paper(b)
	side := [2]float64{n[1], -n[0]} // where the line lies: below, or to the right
	if math.Abs(n[0]) > math.Abs(n[1]) && side[1] > 0 || math.Abs(n[0]) <= math.Abs(n[1]) && side[0] < 0 {
		side = [2]float64{-side[0], -side[1]}
	}
	axis := 0
	if math.Abs(n[0]) <= math.Abs(n[1]) {
		axis = 1
	}
	far := math.Inf(-1)
	for _, c := range [4][2]float64{{v.x, v.y}, {v.x + v.w(), v.y}, {v.x, v.y + v.h()}, {v.x + v.w(), v.y + v.h()}} {
		far = max(far, c[0]*side[0]+c[1]*side[1])
	}
	far += dimOff + float64(count[axis])*dimStep + move[0]*side[0] + move[1]*side[1]
	count[axis]++
	at := func(q [2]float64, h float64) [2]float64 { // what is apart along the side is taken along it
		k := h - (q[0]*side[0] + q[1]*side[1])
		return [2]float64{q[0] + k*side[0], q[1] + k*side[1]}
	}
	for _, q := range [2][2]float64{pa, pb} {
		p.line(Narrow, at(q, q[0]*side[0]+q[1]*side[1]+1), at(q, far+1.5))
	}
	ea, eb := at(pa, far), at(pb, far)
	p.line(Narrow, ea, eb)
	p.arrow(eb, ea)
	p.arrow(ea, eb)
	mid := [2]float64{(ea[0] + eb[0]) / 2, (ea[1] + eb[1]) / 2}
	if axis == 0 {
		p.text([2]float64{mid[0] + move[0]*math.Abs(n[0]), mid[1] + 1}, small, Middle, text)
	} else {
		p.text([2]float64{mid[0] + 1.2, mid[1] - small/2 + move[1]*math.Abs(n[1])}, small, Left, text)
	}
}

// angle draws that between two lines of the model, through places and square to directions: an arc about where they meet.
func (v *shown) angle(p *pad, a, b, na, nb, move [2]float64) {
	det := na[0]*nb[1] - na[1]*nb[0]
	ha, hb := a[0]*na[0]+a[1]*na[1], b[0]*nb[0]+b[1]*nb[1]
	c := v.paper([2]float64{(ha*nb[1] - hb*na[1]) / det, (hb*na[0] - ha*nb[0]) / det})
	pa, pb := v.paper(a), v.paper(b)
	r := max((apartBy(c, pa)+apartBy(c, pb))/2, dimOff) + move[0]
	way := func(n, q [2]float64) float64 { // along its line, towards where it is seen
		d := [2]float64{-n[1], n[0]}
		if (q[0]-c[0])*d[0]+(q[1]-c[1])*d[1] < 0 {
			d = [2]float64{-d[0], -d[1]}
		}
		return math.Atan2(d[1], d[0]) * 180 / math.Pi
	}
	from, to := way(na, pa), way(nb, pb)
	if math.Mod(to-from+2*around, around) > around/2 {
		from, to = to, from
	}
	for to < from {
		to += around
	}
	p.arc(Narrow, c, r, from, to)
	m := Mark{Points: [][2]float64{c}, R: r}
	for _, deg := range []float64{from, to} {
		on, out := m.on(deg), Mark{Points: [][2]float64{c}, R: r + 1.5}
		p.line(Narrow, out.on(deg), c)
		in := math.Copysign(math.Min(10, (to-from)/3), (from+to)/2-deg)
		p.arrow(m.on(deg+in), on)
	}
	m.R += 1.5
	p.text(m.on((from+to)/2), small, Middle, trimmed(fmt.Sprintf("%.2f", to-from))+"°")
}

// diameter draws that of a circle seen along its axis, by a leader to the upper right.
func (v *shown) diameter(p *pad, f *part.Feature, move [2]float64, unit string) {
	c, r := v.paper(v.View.Paper(f.O)), f.Radius*v.scale.By
	out := (r + dimOff) * math.Sqrt2 / 2
	if over := v.y + v.h() + small - c[1]; over > out && over < out+2*dimOff { // clear of the view where that is near
		out = over
	}
	to := [2]float64{c[0] + out + move[0], c[1] + out + move[1]}
	d := geom.V(to[0]-c[0], to[1]-c[1], 0).Unit()
	on := [2]float64{c[0] + d.X*r, c[1] + d.Y*r}
	text := "Ø" + dimText(2*f.Radius, unit)
	end := [2]float64{to[0] + Wide(text, small) + 1, to[1]}
	p.line(Narrow, on, to, end)
	p.arrow(to, on)
	p.text([2]float64{to[0] + 0.5, to[1] + 1}, small, Left, text)
}

// dimText is a length as it is lettered: two digits behind the point, in inches three.
func dimText(mm float64, unit string) string {
	if unit == "in" {
		return trimmed(fmt.Sprintf("%.3f", mm/inch))
	}
	return trimmed(fmt.Sprintf("%.2f", mm))
}

func trimmed(s string) string {
	for len(s) > 1 && s[len(s)-1] == '0' {
		s = s[:len(s)-1]
	}
	if s[len(s)-1] == '.' {
		s = s[:len(s)-1]
	}
	return s
}

// Detail is a round piece of a view, drawn larger.
type Detail struct {
	View string
	At   geom.Vec // in the assembly
	R    float64  // mm of the model
}

// larger is how many scales larger a detail is than the view that it is of.
const larger = 2

// details adds views of pieces.
func (l *layout) details() error {
	letter := 'B'
	for _, d := range l.in.Details {
		var of *shown
		for _, v := range l.views {
			if v.Name == d.View && v.of == nil {
				of = v
			}
		}
		if of == nil || !(d.R > 0) {
			return fmt.Errorf("a detail is of a view on the sheet, and has a radius; %q is none", d.View)
		}
		c := of.View.Paper(d.At)
		w := *of.Want
		w.Name, w.Label = fmt.Sprintf("detail %c", letter), string(letter)
		l.views = append(l.views, &shown{Want: &w, seen: within(of.seen, c, d.R), of: of, round: c, r: d.R})
		letter++
	}
	return nil
}

// pieceDeg is into how many degrees arcs are cut that leave a detail.
const pieceDeg = 3

// within is what of a view lies in a circle.
func within(s *view.Seen, c [2]float64, r float64) *view.Seen {
	out := &view.Seen{Low: [2]float64{c[0] - r, c[1] - r}, High: [2]float64{c[0] + r, c[1] + r}}
	line := func(l view.Line, a, b [2]float64) {
		dx, dy, fx, fy := b[0]-a[0], b[1]-a[1], a[0]-c[0], a[1]-c[1]
		q, h, k := dx*dx+dy*dy, fx*dx+fy*dy, fx*fx+fy*fy-r*r
		if q == 0 || h*h-q*k <= 0 {
			return
		}
		root := math.Sqrt(h*h - q*k)
		from, to := max(0, (-h-root)/q), min(1, (-h+root)/q)
		if from >= to {
			return
		}
		l.Arc, l.A, l.B = nil, [2]float64{a[0] + from*dx, a[1] + from*dy}, [2]float64{a[0] + to*dx, a[1] + to*dy}
		out.Lines = append(out.Lines, l)
	}
	for _, l := range s.Lines {
		a := l.Arc
		if a == nil {
			line(l, l.A, l.B)
			continue
		}
		if math.Hypot(a.C[0]-c[0], a.C[1]-c[1])+a.R <= r {
			out.Lines = append(out.Lines, l)
			continue
		}
		last := l.A
		for n := 1.0; ; n++ {
			deg := min(a.From+n*pieceDeg, a.To)
			sin, cos := math.Sincos(deg * math.Pi / 180)
			next := [2]float64{a.C[0] + a.R*cos, a.C[1] + a.R*sin}
			line(l, last, next)
			if last = next; deg >= a.To {
				break
			}
		}
	}
	return out
}

// rounds draws the circles that tell of what details are, with their letters, and about the details themselves.
func (l *layout) rounds(d *Drawing) {
	for _, v := range l.views {
		if v.of == nil {
			continue
		}
		p := &pad{d: d, of: "view " + v.of.Name}
		c := v.of.paper(v.round)
		p.arc(Narrow, c, v.r*v.of.scale.By, 0, around)
		p.text([2]float64{c[0] + v.r*v.of.scale.By*math.Sqrt2/2 + 1, c[1] + v.r*v.of.scale.By*math.Sqrt2/2 + 1}, plain, Left, v.Label)
		(&pad{d: d, of: "view " + v.Name}).arc(Narrow, v.paper(v.round), v.r*v.scale.By, 0, around)
	}
}

// Revision is a row of the table of revisions.
type Revision struct{ Rev, Date, By, What string }

// revised is how wide the table of revisions is.
const revised = 150

// revisions draws the table in the upper right corner.
func (l *layout) revisions(p *pad) {
	if len(l.in.Revisions) == 0 {
		return
	}
	columns := []float64{0, 12, 38, 70, revised}
	x, y := l.size.W-margin-revised, l.size.H-margin
	for k, r := range append([]Revision{{"REV", "DATE", "BY", "CHANGE"}}, l.in.Revisions...) {
		base := y - float64(k+1)*listRow
		for i, text := range []string{r.Rev, r.Date, r.By, r.What} {
			wide := columns[i+1] - columns[i]
			p.box(Narrow, x+columns[i], base, wide, listRow)
			p.text([2]float64{x + columns[i] + 1, base + (listRow-small)/2}, small, Left, fitted(text, small, wide-2))
		}
	}
}
