package kernel

import (
	"fmt"
	"math"

	"setfast/core/geom"
	"setfast/core/part"
)

// Features names what relations can stand on: faces f1…, edges e1…, vertices v1…, in the order of the shape's maps.
func (p *Part) Features() (map[string]part.Feature, []string) {
	out := map[string]part.Feature{}
	var order []string
	add := func(name string, f part.Feature) {
		out[name] = f
		order = append(order, name)
	}
	for i, f := range p.Faces {
		if g, ok := f.feature(); ok {
			add(fmt.Sprintf("f%d", i+1), g)
		}
	}
	for i, e := range p.Edges {
		switch e.Kind {
		case "line":
			add(fmt.Sprintf("e%d", i+1), part.Feature{Kind: part.Axis, O: e.Start.Add(e.End).Scale(0.5), Z: e.Axis})
		case "circle":
			add(fmt.Sprintf("e%d", i+1), part.Feature{Kind: part.Circle, O: e.Origin, Z: e.Axis, Radius: e.Radius})
		}
	}
	for i, v := range p.Vertices {
		add(fmt.Sprintf("v%d", i+1), part.Feature{Kind: part.Point, O: v})
	}
	return out, order
}

func (f *Face) feature() (part.Feature, bool) {
	switch f.Kind {
	case "plane":
		return part.Feature{Kind: part.Plane, O: f.At, Z: f.Normal}, true
	case "cylinder":
		// the origin in the middle of the face's own length: rank and anchors are judged there
		o := f.Origin.AddScaled((f.From+f.To)/2, f.Axis)
		return part.Feature{Kind: part.Cylinder, O: o, Z: f.Axis, Radius: f.Radius, Side: f.Side}, true
	case "cone":
		return part.Feature{Kind: part.Cone, O: f.Origin, Z: f.Axis, HalfAngle: f.HalfAngle}, true
	case "sphere":
		return part.Feature{Kind: part.Sphere, O: f.Origin, Radius: f.Radius}, true
	case "torus":
		return part.Feature{Kind: part.Axis, O: f.Origin, Z: f.Axis}, true
	}
	return part.Feature{}, false
}

// Bore is a cylinder of a part, its half-faces merged.
type Bore struct {
	Origin, Axis geom.Vec
	Radius       float64
	Side         string
	Faces        []int
}

// Bores merges cylinder faces that lie on one cylinder: files often split a hole in two.
func (p *Part) Bores() []Bore {
	var out []Bore
	for i, f := range p.Faces {
		if f.Kind != "cylinder" {
			continue
		}
		done := false
		for k := range out {
			b := &out[k]
			if b.Side == f.Side && p.oneCylinder(&p.Faces[b.Faces[0]], &f) && p.touching(b.Faces, i) {
				b.Faces = append(b.Faces, i)
				done = true
				break
			}
		}
		if !done {
			out = append(out, Bore{f.Origin, f.Axis, f.Radius, f.Side, []int{i}})
		}
	}
	return out
}

// exactly is how near lengths of the part must be to count as the same.
func (p *Part) exactly() float64 { return math.Max(p.High.Sub(p.Low).Norm()*1e-6, 1e-9) }

// alongside tells whether two directions are the same line's.
func alongside(a, b geom.Vec) bool { return math.Abs(a.Dot(b)) > 1-1e-9 }

// oneCylinder tells whether two cylinder faces lie on one cylinder.
func (p *Part) oneCylinder(f, g *Face) bool {
	tol := p.exactly()
	return math.Abs(f.Radius-g.Radius) < tol && alongside(f.Axis, g.Axis) && g.Origin.Sub(f.Origin).Reject(f.Axis).Norm() < tol
}

// touching tells whether a cylinder face overlaps one of the others along their common axis.
func (p *Part) touching(faces []int, i int) bool {
	f := &p.Faces[i]
	for _, k := range faces {
		g := &p.Faces[k]
		// extents of g measured along f's axis from f's origin
		s := 1.0
		if g.Axis.Dot(f.Axis) < 0 {
			s = -1
		}
		off := g.Origin.Sub(f.Origin).Dot(f.Axis)
		a, b := off+s*g.From, off+s*g.To
		if a > b {
			a, b = b, a
		}
		if a < f.To && f.From < b {
			return true
		}
	}
	return false
}
