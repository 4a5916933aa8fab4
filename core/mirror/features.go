package mirror

import (
	"setfast/core/geom"
	"setfast/core/part"
)

// ShapeOf is what is known of a part by its features alone: corners, centres, where round faces have their middles, and surfaces. Frames are places of
// somebody's choice and tell nothing.
func ShapeOf(p *part.Part) *Shape {
	s := &Shape{Features: true}
	sum := geom.Vec{}
	for _, n := range p.Order {
		f := p.Features[n]
		switch f.Kind {
		case part.Point, part.Circle, part.Cylinder, part.Sphere, part.Cone:
			s.Marks = append(s.Marks, Mark{At: f.O, Kind: f.Kind, Radius: f.Radius})
			sum = sum.Add(f.O)
		}
		if f.Kind != part.Point && f.Kind != part.Circle && f.Kind != part.Frame {
			s.Faces = append(s.Faces, f)
		}
	}
	switch {
	case p.Volume.Known:
		s.Centroid = p.Volume.Centroid
	case len(s.Marks) > 0:
		s.Centroid = sum.Scale(1 / float64(len(s.Marks)))
	}
	return s
}
