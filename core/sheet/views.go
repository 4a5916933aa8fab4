package sheet

import (
	"bytes"
	"context"
	"fmt"
	"image/png"
	"math"
	"slices"
	"strings"

	"setfast/core/geom"
	"setfast/core/view"
)

// draw draws a view, what a plane cuts hatched, with its label.
func (v *shown) draw(p *pad, s Scale) {
	for i := range v.seen.Areas {
		v.hatch(p, &v.seen.Areas[i])
	}
	for i := range v.seen.Lines {
		l := &v.seen.Lines[i]
		pen := Visible
		switch {
		case v.trail(l.Item):
			pen = Centre
		case l.Hidden:
			pen = Hidden
		case l.Kind == view.Soft:
			pen = Narrow
		}
		if a := l.Arc; a != nil {
			p.arc(pen, v.paper(a.C), a.R*v.scale.By, a.From, a.To)
			continue
		}
		p.line(pen, v.paper(l.A), v.paper(l.B))
	}
	v.centreLines(p)
	label := v.Label
	if v.scale != s {
		label = strings.TrimSpace(label + " " + v.scale.Name)
	}
	if label != "" {
		p.text([2]float64{v.x + v.w()/2, v.y + v.h() + v.ring + labelled/2}, plain, Middle, label)
	}
}

func (v *shown) trail(item int) bool { return item < len(v.Trail) && v.Trail[item] }

// Heights of letters, mm (ISO 3098).
const (
	plain = 3.5
	small = 2.5
	tiny  = 1.8
)

// hatching is how far apart hatches are, mm; neighbours differ in direction or in that (ISO 128-50).
const hatching = 2.5

// hatch fills an area by lines at 45 degrees.
func (v *shown) hatch(p *pad, a *view.Area) {
	way := geom.V(1, 1, 0).Unit()
	if a.Item%2 == 1 {
		way = geom.V(1, -1, 0).Unit()
	}
	every := hatching * (1 + float64(a.Item/2%3)/2) / v.scale.By
	across := geom.V(-way.Y, way.X, 0)
	low, high := math.Inf(1), math.Inf(-1)
	for _, loop := range a.Loops {
		for _, q := range loop {
			h := q[0]*across.X + q[1]*across.Y
			low, high = min(low, h), max(high, h)
		}
	}
	for h := math.Ceil(low/every) * every; h < high; h += every {
		var at []float64
		for _, loop := range a.Loops {
			for k := range loop {
				q, r := loop[k], loop[(k+1)%len(loop)]
				hq, hr := q[0]*across.X+q[1]*across.Y-h, r[0]*across.X+r[1]*across.Y-h
				if hq < 0 == (hr < 0) {
					continue
				}
				f := hq / (hq - hr)
				at = append(at, (q[0]+f*(r[0]-q[0]))*way.X+(q[1]+f*(r[1]-q[1]))*way.Y)
			}
		}
		slices.Sort(at)
		for k := 0; k+1 < len(at); k += 2 {
			place := func(t float64) [2]float64 {
				return v.paper([2]float64{across.X*h + way.X*t, across.Y*h + way.Y*t})
			}
			p.line(Hatch, place(at[k]), place(at[k+1]))
		}
	}
}

// Centre lines go beyond what they are of by this, mm; circles that are smaller on paper have none.
const (
	beyond     = 2
	leastRound = 1.2
)

// centreLines draws crosses through circles seen along their axis, and the axes of outlines seen beside them.
func (v *shown) centreLines(p *pad) {
	if !v.ortho && v.View.Cut == nil {
		return
	}
	type round struct {
		c [2]float64
		r float64
	}
	var most []round
	for i := range v.seen.Lines {
		a := v.seen.Lines[i].Arc
		if a == nil || v.seen.Lines[i].Hidden || a.To-a.From < around/2 || a.R*v.scale.By < leastRound {
			continue
		}
		c := round{v.paper(a.C), a.R * v.scale.By}
		k := slices.IndexFunc(most, func(o round) bool { return apartBy(o.c, c.c) < leastRound/4 })
		if k < 0 {
			most = append(most, c)
		} else {
			most[k].r = max(most[k].r, c.r)
		}
	}
	for _, c := range most {
		long := c.r + beyond
		p.line(Centre, [2]float64{c.c[0] - long, c.c[1]}, [2]float64{c.c[0] + long, c.c[1]})
		p.line(Centre, [2]float64{c.c[0], c.c[1] - long}, [2]float64{c.c[0], c.c[1] + long})
	}
	v.axes(p)
}

// axes draws the middles of pairs of outlines: a shank seen from its side.
func (v *shown) axes(p *pad) {
	type drawn struct{ a, b [2]float64 }
	var done []drawn
	lines := v.seen.Lines
	for i := range lines {
		x := &lines[i]
		if x.Kind != view.Outline || x.Hidden || x.Arc != nil {
			continue
		}
		for j := range lines[:i] {
			y := &lines[j]
			if y.Kind != view.Outline || y.Hidden || y.Item != x.Item || y.Arc != nil {
				continue
			}
			d := geom.V(x.B[0]-x.A[0], x.B[1]-x.A[1], 0)
			e := geom.V(y.B[0]-y.A[0], y.B[1]-y.A[1], 0)
			long := d.Norm()
			if long*v.scale.By < 2*leastRound || math.Abs(d.Unit().Cross(e.Unit()).Z) > parallel || math.Abs(e.Norm()-long) > long/4 {
				continue
			}
			u := d.Unit()
			q, r := y.A, y.B
			if u.Dot(e) < 0 {
				q, r = r, q
			}
			if math.Abs((q[0]-x.A[0])*u.X+(q[1]-x.A[1])*u.Y) > long/4 { // not side by side
				continue
			}
			a, b := v.paper([2]float64{(x.A[0] + q[0]) / 2, (x.A[1] + q[1]) / 2}), v.paper([2]float64{(x.B[0] + r[0]) / 2, (x.B[1] + r[1]) / 2})
			if wide := apartBy(v.paper(x.A), v.paper(q)); wide < 2*leastRound || slices.ContainsFunc(done, func(o drawn) bool { return apartBy(o.a, a)+apartBy(o.b, b) < leastRound }) {
				continue
			}
			done = append(done, drawn{a, b})
			p.line(Centre, [2]float64{a[0] - beyond*u.X, a[1] - beyond*u.Y}, [2]float64{b[0] + beyond*u.X, b[1] + beyond*u.Y})
			break
		}
	}
}

// parallel is the sine within which two outlines run along each other.
const parallel = 0.001

// cuttings draws where sections cut, in a view that looks along the plane: a chain line with arrows in the direction of sight, and letters.
func (l *layout) cuttings(p *pad) {
	letter := 'A'
	for _, s := range l.views {
		if s.View.Cut == nil || s.Label == "" {
			continue
		}
		for _, v := range l.views {
			if !v.ortho || math.Abs(v.View.Look.Unit().Dot(s.View.Look.Unit())) > parallel {
				continue
			}
			at := v.View.Paper(s.View.Cut.O)
			tip := v.View.Paper(s.View.Cut.O.Add(s.View.Look.Unit()))
			see := geom.V(tip[0]-at[0], tip[1]-at[1], 0).Unit() // on the paper
			along := geom.V(-see.Y, see.X, 0)
			c := v.paper(at)
			reach := func(d geom.Vec) float64 {
				far := 0.0
				for _, q := range [4][2]float64{{v.x, v.y}, {v.x + v.w(), v.y}, {v.x, v.y + v.h()}, {v.x + v.w(), v.y + v.h()}} {
					far = max(far, (q[0]-c[0])*d.X+(q[1]-c[1])*d.Y)
				}
				return far + 3*beyond
			}
			ends := [2]float64{reach(along), -reach(along.Neg())}
			place := func(t float64) [2]float64 { return [2]float64{c[0] + along.X*t, c[1] + along.Y*t} }
			p.line(Centre, place(ends[1]), place(ends[0]))
			for _, t := range ends {
				q := place(t)
				in := q
				in[0] -= along.X * math.Copysign(2*beyond, t)
				in[1] -= along.Y * math.Copysign(2*beyond, t)
				p.line(Frame, q, in)
				arrow := [2]float64{q[0] + see.X*3*beyond, q[1] + see.Y*3*beyond}
				p.line(Narrow, q, arrow)
				p.arrow(q, arrow)
				p.text([2]float64{q[0] - see.X*plain, q[1] - see.Y*plain - plain/2}, plain, Middle, string(letter))
			}
			break
		}
		letter++
	}
}

// arrow draws the head of an arrow that comes from a place.
func (p *pad) arrow(from, tip [2]float64) {
	d := geom.V(tip[0]-from[0], tip[1]-from[1], 0).Unit()
	const long, half = 2.5, 0.45
	back := [2]float64{tip[0] - d.X*long, tip[1] - d.Y*long}
	p.ink(tip, [2]float64{back[0] - d.Y*half, back[1] + d.X*half}, [2]float64{back[0] + d.Y*half, back[1] - d.X*half})
}

// letterOf is the label of the n-th section.
func letterOf(n int) string { return fmt.Sprintf("%c–%c", 'A'+n, 'A'+n) }

// Surfaces are painted in so many pixels to a mm, at most so many along a side.
const (
	pixels     = 8
	mostPixels = 1600
)

// shade paints the surfaces of a view under its lines; of a section they are not painted.
func (v *shown) shade(ctx context.Context, p *pad) error {
	if v.View.Cut != nil {
		return nil
	}
	if v.of != nil {
		return nil // a round piece has its lines alone
	}
	w, h := v.w(), v.h()
	by := min(pixels, mostPixels/max(w, h, 1))
	img, err := view.Shade(ctx, v.Items, v.View, v.seen.Low, v.seen.High, max(1, int(w*by)), max(1, int(h*by)), func(int) view.Tint { return view.Grey })
	if err != nil {
		return err
	}
	var out bytes.Buffer
	if err := png.Encode(&out, img); err != nil {
		return err
	}
	p.d.Marks = append(p.d.Marks, Mark{Points: [][2]float64{{v.x, v.y}, {v.x + w, v.y + h}}, Image: out.Bytes(), Of: p.of})
	return nil
}
