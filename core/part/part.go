package part

import (
	"math"

	"setfast/core/geom"
)

// Part is what an assembly knows of a part.
type Part struct {
	Number, Name, Revision, Material string
	Fastener                         bool
	Density                          float64 // kg/m³, 0 unknown
	Mass                             float64 // kg, as stated; 0 unknown
	Source                           Source
	Features                         map[string]Feature
	Order                            []string // feature names as listed
	Volume                           Volume
}

// Source is the file that a part's exact shape comes from.
type Source struct{ Format, Path, SHA256 string }

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

// MassKg is the mass stated, or else density times volume.
func (p *Part) MassKg() (float64, bool) {
	if p.Mass > 0 {
		return p.Mass, true
	}
	if p.Density > 0 && p.Volume.Known && p.Volume.MM3 > 0 {
		return p.Density * p.Volume.MM3 * 1e-9, true
	}
	return 0, false
}

// RoundAbout tells whether nothing of the listed features changes when the part turns about the axis (o, d).
// A frame breaks every symmetry, and a part without features is never round.
func (p *Part) RoundAbout(o, d geom.Vec) bool {
	if len(p.Features) == 0 {
		return false
	}
	const eps = 1e-5
	on := func(q geom.Vec) bool { return q.Sub(o).Reject(d).Norm() < eps }
	along := func(z geom.Vec) bool { return math.Abs(z.Dot(d)) > 1-1e-10 }
	for _, f := range p.Features {
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

// Axes lists the axes of the part about which it may be round, each once, as (origin, direction).
func (p *Part) Axes() [][2]geom.Vec {
	var out [][2]geom.Vec
	for _, n := range p.Order {
		f := p.Features[n]
		if !f.HasAxis() && f.Kind != Plane {
			continue
		}
		dup := false
		for _, a := range out {
			if math.Abs(a[1].Dot(f.Z)) > 1-1e-10 && f.O.Sub(a[0]).Reject(a[1]).Norm() < 1e-5 {
				dup = true
			}
		}
		if !dup && f.Kind != Plane {
			out = append(out, [2]geom.Vec{f.O, f.Z})
		}
	}
	return out
}
