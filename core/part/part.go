package part

import (
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/tol"
)

// Part is what an assembly knows of a part.
type Part struct {
	Number, Name, Revision, Material string
	Stock                            string // what it is cut from; empty: it is not
	Fastener                         bool
	Catalogue                        bool    // made of a standard's table by what a stack says
	Density                          float64 // kg/m³, 0 unknown
	Mass                             float64 // kg, as stated; 0 unknown
	Source                           Source
	Features                         map[string]Feature
	Order                            []string // feature names as listed, then those found in the source
	Listed                           int      // how many of them were listed, where a source added more; else 0
	Volume                           Volume
	Shape                            []Feature // the faces, where the exact shape is known; it decides symmetry
	Irregular                        bool      // the shape has faces that are none of the simple kinds
}

// Source is the file that a part's exact shape comes from.
type Source struct {
	Format, Path, SHA256 string
	Product              int // which of several that the file holds, the first being 1; 0 where it holds one
}

// Volume holds the mass properties of the shape.
type Volume struct {
	Known    bool
	MM3      float64
	Centroid geom.Vec
	Inertia  [3][3]float64 // kg mm²
}

// Feature finds a feature by name, its own before the built-in ones.
func (p *Part) Feature(name string) (Feature, bool) {
	if f, ok := p.Features[name]; ok {
		return f, true
	}
	f, ok := BuiltIn[name]
	return f, ok
}

// cubicMetre is a mm³ in m³: densities are kg/m³.
const cubicMetre = 1e-9

// Mass is that of so many mm³ of a density in kg/m³, in kg.
func Mass(density, mm3 float64) float64 { return density * mm3 * cubicMetre }

// MassKg is the mass stated, or else density times volume.
func (p *Part) MassKg() (float64, bool) {
	if p.Mass > 0 {
		return p.Mass, true
	}
	if p.Density > 0 && p.Volume.Known && p.Volume.MM3 > 0 {
		return Mass(p.Density, p.Volume.MM3), true
	}
	return 0, false
}

// surfaces are what decides symmetry: the faces of the shape, or else the listed features.
func (p *Part) surfaces() []Feature {
	if p.Shape != nil {
		return p.Shape
	}
	var out []Feature
	for _, n := range p.Order {
		out = append(out, p.Features[n])
	}
	return out
}

// RoundAbout tells whether nothing of the shape changes when the part turns about the axis (o, d). Without a shape its
// listed features stand for it: a frame breaks every symmetry, and a part without features is never round.
func (p *Part) RoundAbout(o, d geom.Vec) bool {
	fs := p.surfaces()
	if len(fs) == 0 || p.Irregular {
		return false
	}
	on := func(q geom.Vec) bool { return q.Sub(o).Reject(d).Norm() < tol.RoundPlace }
	along := func(z geom.Vec) bool { return math.Abs(z.Dot(d)) > 1-tol.RoundDirection }
	for _, f := range fs {
		switch f.Kind {
		case Frame:
			return false
		case Plane:
			if !along(f.Z) {
				return false
			}
		case Point, Sphere:
			if !on(f.O) {
				return false
			}
		default:
			if !on(f.O) || !along(f.Z) {
				return false
			}
		}
	}
	return true
}

// RoundAxes lists the axes about which the part is round.
func (p *Part) RoundAxes() [][2]geom.Vec {
	return slices.DeleteFunc(p.Axes(), func(a [2]geom.Vec) bool { return !p.RoundAbout(a[0], a[1]) })
}

// Round tells whether the part is round about any axis.
func (p *Part) Round() bool { return len(p.RoundAxes()) > 0 }

// Ball tells whether the part is nothing but one sphere, or spheres about one centre, which it gives.
func (p *Part) Ball() (centre geom.Vec, is bool) {
	fs := p.surfaces()
	if len(fs) == 0 || p.Irregular {
		return centre, false
	}
	for _, f := range fs {
		if f.Kind != Sphere || f.O.Sub(fs[0].O).Norm() > tol.RoundPlace {
			return centre, false
		}
	}
	return fs[0].O, true
}

// Axes lists the axes about which the part may be round, each once, as (origin, direction): those of its features, else the line through
// its centres and points, or through one of them square to a face. A ball gives three.
func (p *Part) Axes() [][2]geom.Vec {
	if c, is := p.Ball(); is {
		return [][2]geom.Vec{{c, {X: 1}}, {c, {Y: 1}}, {c, {Z: 1}}}
	}
	var out [][2]geom.Vec
	add := func(o, d geom.Vec) {
		for _, a := range out {
			if math.Abs(a[1].Dot(d)) > 1-tol.RoundDirection && o.Sub(a[0]).Reject(a[1]).Norm() < tol.RoundPlace {
				return
			}
		}
		out = append(out, [2]geom.Vec{o, d})
	}
	var places, faces []geom.Vec
	for _, f := range p.surfaces() {
		switch {
		case f.HasAxis():
			add(f.O, f.Z)
		case f.Kind == Plane:
			faces = append(faces, f.Z)
		case f.IsPoint():
			places = append(places, f.O)
		}
	}
	if len(out) > 0 || len(places) == 0 {
		return out
	}
	for _, o := range places[1:] {
		if d := o.Sub(places[0]); d.Norm() > tol.RoundPlace {
			add(places[0], d.Unit())
			return out
		}
	}
	if len(faces) > 0 {
		add(places[0], faces[0])
	}
	return out
}
