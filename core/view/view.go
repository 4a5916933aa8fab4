package view

import (
	"context"
	"math"

	"setfast/core/geom"
	"setfast/core/tol"
)

// Item is a shape where it stands.
type Item struct {
	Shape *Shape
	Pose  geom.Pose
	Whole bool // it is not cut by a section
}

// View is where it is looked to.
type View struct {
	Look, Up geom.Vec // the direction of sight, and what shows upward
	Cut      *Plane   // what lies before it is taken away
}

// Plane is a plane square to the direction of sight.
type Plane struct{ O geom.Vec }

// Options say what is told.
type Options struct {
	Hidden bool // hidden lines too
	Smooth bool // edges over which faces go on smoothly too
}

// Kind is what a line is.
type Kind int

// The kinds of lines.
const (
	Edged   Kind = iota // an edge
	Outline             // where a bent face turns away
	Soft                // a smooth edge
	Cut                 // the border of what a plane cuts
)

// Line is a piece of a line as it is seen: x to the right, y upward, mm of the model.
type Line struct {
	Item   int
	Kind   Kind
	Hidden bool
	A, B   [2]float64
	Arc    *Arc // it runs along one from A to B, anticlockwise
}

// Arc is a circle seen along its axis.
type Arc struct {
	C        [2]float64
	R        float64
	From, To float64 // degrees; 0 and 360 of a whole circle
}

// Seen is a view.
type Seen struct {
	Lines     []Line
	Areas     []Area // what a plane cuts
	Low, High [2]float64
}

// Area is what a plane cuts of an item: loops, of which inner ones are holes.
type Area struct {
	Item  int
	Loops [][][2]float64
}

// eye is how places are seen: x and y on the paper, z towards who looks.
type eye struct{ x, y, z geom.Vec }

func (v *View) eye() eye {
	z := v.Look.Neg().Unit()
	x := v.Up.Cross(z)
	if x.Norm() <= 0 {
		x = z.Perp()
	}
	x = x.Unit()
	return eye{x, z.Cross(x), z}
}

func (e *eye) at(p geom.Vec) geom.Vec { return geom.V(p.Dot(e.x), p.Dot(e.y), p.Dot(e.z)) }

// X and Y are the directions of the paper, for placing what is told of a place.
func (v *View) Paper(p geom.Vec) [2]float64 {
	e := v.eye()
	q := e.at(p)
	return [2]float64{q.X, q.Y}
}

// Of tells what is seen of items.
func Of(ctx context.Context, items []Item, v View, o Options) (*Seen, error) {
	s := &seeing{items: items, e: v.eye(), o: o, seen: &Seen{}}
	if v.Cut != nil {
		s.cut, s.cutAt = true, s.e.at(v.Cut.O).Z+tol.CutBeside
	}
	for i := range items {
		s.take(i)
		if ctx.Err() != nil {
			return nil, context.Cause(ctx)
		}
	}
	s.sort()
	if err := s.hide(ctx); err != nil {
		return nil, err
	}
	s.seen.Lines = merged(s.seen.Lines)
	s.seen.box()
	return s.seen, nil
}

// seeing is a view in the making.
type seeing struct {
	items []Item
	e     eye
	o     Options
	cut   bool
	cutAt float64
	tris  []tri
	strokes
	grid grid
	seen *Seen
}

// tri is a triangle that may cover what is behind it.
type tri struct {
	p    [3]geom.Vec // as seen
	off  float64
	high float64 // how far it comes towards who looks
}

// stroke is a straight piece of a line before it is known where it is hidden.
type stroke struct {
	a, b geom.Vec // as seen
	item int32
	kind Kind
	off  float64
	arc  int32 // one more than its number among arcs
}

type strokes struct {
	list []stroke
	arcs []arcSeen
}

// arcSeen is a circle seen along its axis.
type arcSeen struct {
	c    geom.Vec
	r    float64
	turn float64 // 1 where it goes anticlockwise as seen
}

// take brings an item in: its triangles, edges and outlines.
func (s *seeing) take(i int) {
	x := &s.items[i]
	sh := x.Shape
	if sh == nil || len(sh.Triangles)+len(sh.Edges) == 0 {
		return
	}
	at := make([]geom.Vec, len(sh.Points))
	for k, p := range sh.Points {
		at[k] = s.e.at(x.Pose.Point(p))
	}
	facing := make([]float64, len(sh.Points))
	for k, n := range sh.Normals {
		facing[k] = x.Pose.Dir(n).Dot(s.e.z)
	}
	cuts := s.cut && !x.Whole
	if s.cut && x.Whole && s.before(at) {
		return // it lies before the plane altogether
	}
	var section []piece
	for k, t := range sh.Triangles {
		p := [3]geom.Vec{at[t[0]], at[t[1]], at[t[2]]}
		if cuts {
			var kept [][3]geom.Vec
			kept, section = clipTriangle(p, s.cutAt, section)
			for _, q := range kept {
				s.cover(q, sh)
			}
		} else {
			s.cover(p, sh)
		}
		s.outline(i, k, t, &p, facing, cuts)
	}
	for k := range sh.Edges {
		s.edge(i, &sh.Edges[k], cuts)
	}
	if loops := loopsOf(section); len(loops) > 0 {
		s.seen.Areas = append(s.seen.Areas, Area{i, loops})
		for _, l := range loops {
			for k := range l {
				a, b := l[k], l[(k+1)%len(l)]
				s.list = append(s.list, stroke{a: geom.V(a[0], a[1], s.cutAt), b: geom.V(b[0], b[1], s.cutAt), item: int32(i), kind: Cut, off: sh.Off})
			}
		}
	}
}

// before tells whether all of an item lies before the plane.
func (s *seeing) before(at []geom.Vec) bool {
	for _, p := range at {
		if p.Z < s.cutAt {
			return false
		}
	}
	return true
}

// cover takes a triangle that may hide what is behind it.
func (s *seeing) cover(p [3]geom.Vec, sh *Shape) {
	area := (p[1].X-p[0].X)*(p[2].Y-p[0].Y) - (p[1].Y-p[0].Y)*(p[2].X-p[0].X)
	n := p[1].Sub(p[0]).Cross(p[2].Sub(p[0]))
	if math.Abs(area) <= edgeOn*n.Norm() || area < 0 && sh.Closed && !s.cut { // what is seen from its edge covers nothing
		return
	}
	if area < 0 {
		p[1], p[2] = p[2], p[1]
	}
	s.tris = append(s.tris, tri{p, sh.Off, max(p[0].Z, p[1].Z, p[2].Z)})
}

// edgeOn is the cosine to the line of sight below which a triangle is seen from its edge.
const edgeOn = tol.FitDirection

// edge takes an edge, in straight pieces.
func (s *seeing) edge(i int, e *Edge, cuts bool) {
	if e.Smooth && !s.o.Smooth || len(e.Points) < 2 {
		return
	}
	x := &s.items[i]
	kind := Edged
	if e.Smooth {
		kind = Soft
	}
	arc := int32(0)
	if c := e.Circle; c != nil {
		if z := x.Pose.Dir(c.Z).Dot(s.e.z); math.Abs(z) > 1-squarely {
			a := arcSeen{c: s.e.at(x.Pose.Point(c.O)), r: c.Radius, turn: 1}
			p, q := s.e.at(x.Pose.Point(e.Points[0])).Sub(a.c), s.e.at(x.Pose.Point(e.Points[1])).Sub(a.c)
			if p.X*q.Y-p.Y*q.X < 0 {
				a.turn = -1
			}
			s.arcs = append(s.arcs, a)
			arc = int32(len(s.arcs))
		}
	}
	last := s.e.at(x.Pose.Point(e.Points[0]))
	for _, p := range e.Points[1:] {
		q := s.e.at(x.Pose.Point(p))
		a, b, ok := last, q, true
		if cuts {
			a, b, ok = clipStroke(a, b, s.cutAt)
		}
		if ok && math.Hypot(a.X-b.X, a.Y-b.Y) > tol.SameRadius { // what runs along the sight is a point
			s.list = append(s.list, stroke{a: a, b: b, item: int32(i), kind: kind, off: x.Shape.Off, arc: arc})
		}
		last = q
	}
}

// squarely is one less the cosine within which a circle is seen along its axis.
const squarely = 1e-9

// outline takes the piece of an outline in a triangle of a bent face: between its edges, where the normals turn away from who looks.
func (s *seeing) outline(i, k int, t [3]int32, p *[3]geom.Vec, facing []float64, cuts bool) {
	sh := s.items[i].Shape
	away := func(k int) bool { return facing[t[k]] <= turning }
	if away(0) == away(1) && away(1) == away(2) {
		return
	}
	var ends []geom.Vec
	for j := range 3 {
		m := (j + 1) % 3
		if away(j) == away(m) {
			continue
		}
		fj, fm := facing[t[j]]-turning, facing[t[m]]-turning
		f := fj / (fj - fm)
		q := p[j].Add(p[m].Sub(p[j]).Scale(f))
		nj, nm := sh.Normals[t[j]], sh.Normals[t[m]]
		bulge := nm.Sub(nj).Dot(sh.Points[t[m]].Sub(sh.Points[t[j]])) * f * (1 - f) / 2
		n := s.items[i].Pose.Dir(nj.Scale(1 - f).Add(nm.Scale(f)).Unit())
		ends = append(ends, q.AddScaled(bulge, s.e.at(n)))
	}
	a, b, ok := ends[0], ends[1], true
	if cuts {
		a, b, ok = clipStroke(a, b, s.cutAt)
	}
	if ok && math.Hypot(a.X-b.X, a.Y-b.Y) > 0 {
		s.list = append(s.list, stroke{a: a, b: b, item: int32(i), kind: Outline, off: sh.Off})
	}
}

// turning is the cosine to the line of sight at which a normal counts as turned away: what is seen from its edge is no outline.
const turning = -1e-6

func (s *Seen) box() {
	s.Low, s.High = [2]float64{math.Inf(1), math.Inf(1)}, [2]float64{math.Inf(-1), math.Inf(-1)}
	take := func(p [2]float64) {
		for k := range p {
			s.Low[k], s.High[k] = min(s.Low[k], p[k]), max(s.High[k], p[k])
		}
	}
	for i := range s.Lines {
		l := &s.Lines[i]
		take(l.A)
		take(l.B)
		if a := l.Arc; a != nil {
			for q := math.Ceil(a.From/quarter) * quarter; q <= a.To; q += quarter {
				sin, cos := math.Sincos(q * math.Pi / 180)
				take([2]float64{a.C[0] + a.R*cos, a.C[1] + a.R*sin})
			}
		}
	}
	if len(s.Lines) == 0 {
		s.Low, s.High = [2]float64{}, [2]float64{}
	}
}

const quarter = 90.0
