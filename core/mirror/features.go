package mirror

import (
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
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

// mirrored is a feature seen in a mirror: its surface, and the direction in which it looks. A frame keeps its z and y and turns its x, so that it stays
// right-handed.
func mirrored(f part.Feature, point, dir func(geom.Vec) geom.Vec) part.Feature {
	f.O, f.Z = point(f.O), dir(f.Z)
	if f.X != (geom.Vec{}) {
		f.X = dir(f.X).Neg()
	}
	return f
}

// counterpart finds the feature of a part that is where another one is wanted; turned tells that it looks the other way.
func counterpart(p *part.Part, want part.Feature) (name string, turned, ok bool) {
	try := func(n string, f part.Feature) bool {
		if ok, turned = part.SamePlace(want, f); ok {
			name = n
		}
		return ok
	}
	for _, strict := range [2]bool{true, false} { // a round face is told from others about its axis by its middle
		for _, n := range p.Order {
			f := p.Features[n]
			if strict && f.Kind == part.Cylinder && f.O.Sub(want.O).Norm() > tol.HandMM {
				continue
			}
			if try(n, f) {
				return name, turned, true
			}
		}
	}
	for n, f := range part.BuiltIn {
		if try(n, f) {
			return name, turned, true
		}
	}
	return "", false, false
}
