package kernel

import (
	"math"

	"setfast/core/geom"
	"setfast/core/part"
)

// Sketch is a part of which only features are known, drawn as lines: each where it lies and as far as the others reach.
func Sketch(p *part.Part) *Part {
	out := &Part{Name: p.Name, Sketched: p.Order, features: p.Features, Mass: p.Mass}
	if p.Volume.Known {
		out.Volume, out.Centroid, out.Inertia = p.Volume.MM3, p.Volume.Centroid, p.Volume.Inertia
	}
	out.Low, out.High = geom.V(math.Inf(1), math.Inf(1), math.Inf(1)), geom.V(math.Inf(-1), math.Inf(-1), math.Inf(-1))
	m := &out.Mesh
	line := func(list []geom.Vec) {
		for _, v := range list {
			m.Lines = append(m.Lines, float32(v.X), float32(v.Y), float32(v.Z))
			out.Low, out.High = out.Low.Least(v), out.High.Most(v)
		}
		m.LineEnds = append(m.LineEnds, uint32(len(m.Lines)/3))
	}
	outline := p.Outline()
	low, high, ok := part.Box(outline)
	size := 10.0
	if d := high.Sub(low).Norm(); ok && d > 0 {
		size = d
	}
	var spine []geom.Vec // shows which features belong together, where they are but places
	for i := range outline {
		line(drawn(&outline[i], size))
		if outline[i].IsPoint() {
			spine = append(spine, outline[i].O)
		}
	}
	if len(spine) > 1 {
		line(spine)
	}
	if len(outline) == 0 {
		out.Low, out.High = geom.Vec{}, geom.Vec{}
	}
	return out
}

// roundSteps is how many corners a drawn circle has.
const roundSteps = 48

// drawn is a feature as one line; size is how large the part is.
func drawn(s *part.Surface, size float64) (out []geom.Vec) {
	fr := s.AsFrame()
	circle := func(along, r float64) {
		for k := range roundSteps + 1 {
			sin, cos := math.Sincos(2 * math.Pi * float64(k) / roundSteps)
			out = append(out, s.O.AddScaled(along, fr.Z).AddScaled(cos*r, fr.X).AddScaled(sin*r, fr.Y))
		}
	}
	const small = 0.02 // of the part: how large a point or a frame is drawn
	switch s.Kind {
	case part.Plane:
		if len(s.Triangles) == 6 {
			t := s.Triangles
			return []geom.Vec{t[0], t[1], t[2], t[5], t[0]}
		}
	case part.Circle:
		circle(0, s.Radius)
	case part.Cylinder:
		circle(s.From, s.Radius)
		circle(s.To, s.Radius)
	case part.Cone:
		slope := math.Tan(s.HalfAngle * math.Pi / 180)
		circle(s.From, math.Abs(s.From*slope))
		circle(s.To, math.Abs(s.To*slope))
	case part.Sphere:
		circle(0, s.Radius)
		for k := range roundSteps + 1 {
			sin, cos := math.Sincos(2 * math.Pi * float64(k) / roundSteps)
			out = append(out, s.O.AddScaled(cos*s.Radius, fr.X).AddScaled(sin*s.Radius, fr.Z))
		}
	case part.Axis:
		return []geom.Vec{s.O.AddScaled(s.From, s.Z), s.O.AddScaled(s.To, s.Z)}
	case part.Frame:
		r := 3 * small * size
		return []geom.Vec{s.O.AddScaled(r, fr.X), s.O, s.O.AddScaled(r, fr.Y), s.O, s.O.AddScaled(r, fr.Z)}
	case part.Point:
		r := small * size
		for _, d := range [3]geom.Vec{{X: r}, {Y: r}, {Z: r}} {
			out = append(out, s.O.Sub(d), s.O.Add(d), s.O)
		}
	}
	return out
}

// sketched are the features of a sketch as the browser shows them: each answers where its line is.
func (p *Part) sketched() (out []DerivedFeature) {
	for i, n := range p.Sketched {
		f := p.features[n]
		x := DerivedFeature{Name: n, Kind: f.Kind, Label: f.Describe(), O: f.O.Array(), Radius: f.Radius, Half: f.HalfAngle, Side: f.Side, Face: -1, Edge: i, Vertex: -1}
		if f.Z != (geom.Vec{}) {
			z := f.Z.Array()
			x.Z = &z
		}
		if f.Kind == part.Frame {
			v := f.X.Array()
			x.X = &v
		}
		out = append(out, x)
	}
	return out
}
