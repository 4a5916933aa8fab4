package bench

import (
	"fmt"
	"math"
	"math/rand/v2"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
)

// Random is an invented assembly whose relations hold together: parts are put at poses, features are put where relations
// between them hold, and the start poses are disturbed. Spoil makes some relations ask for what cannot be.
type Random struct {
	r     *rand.Rand
	Doc   *assembly.Document
	Asm   *assembly.Assembly
	poses []geom.Pose // where its parts belong
	size  float64
}

// NewRandom invents one, always the same for the same numbers; size is about that of its parts, in mm.
func NewRandom(seed uint64, bodies, relations int, size float64) *Random {
	x := &Random{r: rand.New(rand.NewPCG(seed, 7)), size: size}
	x.Asm = &assembly.Assembly{}
	x.Doc = &assembly.Document{Root: "main", Settings: assembly.DefaultSettings, Parts: map[string]*part.Part{},
		Assemblies: map[string]*assembly.Assembly{"main": x.Asm}, Order: []string{"main"}}
	for i := 0; i < bodies; i++ {
		name := fmt.Sprint("p", i)
		x.Doc.Parts[name] = &part.Part{Features: map[string]part.Feature{}}
		x.Doc.PartOrder = append(x.Doc.PartOrder, name)
		at := geom.Pose{O: x.vec(size), Q: geom.Exp(x.vec(1))}
		x.poses = append(x.poses, at)
		start := at
		if i > 0 {
			start = at.Turned(at.O, x.vec(0.05*size), x.vec(0.08))
		}
		x.Asm.Components = append(x.Asm.Components, &assembly.Component{Name: fmt.Sprint("c", i), Part: name, Grounded: i == 0, Pose: start})
	}
	for k := 0; k < relations; k++ {
		// a new part hangs on an earlier one; then loops are closed
		b := 1 + k
		if k >= bodies-1 {
			b = 1 + x.r.IntN(max(1, bodies-1))
		}
		x.relate(x.r.IntN(b), b)
	}
	return x
}

func (x *Random) vec(s float64) geom.Vec {
	return geom.V(x.r.NormFloat64(), x.r.NormFloat64(), x.r.NormFloat64()).Scale(s)
}

// add gives a component a feature that lies at a place in the assembly.
func (x *Random) add(c int, f part.Feature) assembly.Ref {
	p := x.Doc.Parts[x.Asm.Components[c].Part]
	name := fmt.Sprint("f", len(p.Order))
	p.Features[name] = f.At(x.poses[c].Inverse())
	p.Order = append(p.Order, name)
	return assembly.Ref{Path: []string{x.Asm.Components[c].Name}, Feature: name}
}

// relate puts a relation of a random kind, which holds at the poses, between two components.
func (x *Random) relate(a, b int) {
	o, z := x.vec(x.size), x.vec(1).Unit()
	px := z.Perp()
	f := func(k part.Kind) part.Feature { return part.Feature{Kind: k, O: o, Z: z, X: px, Radius: 0.1 * x.size} }
	m := &assembly.Mate{ID: fmt.Sprint("m", len(x.Asm.Mates))}
	fa, fb := f(part.Axis), f(part.Axis)
	switch x.r.IntN(14) {
	case 0:
		m.Type, fa, fb = "coincident", f(part.Plane), f(part.Plane)
		fb.Z = z.Neg()
		fb.O = o.Add(px.Scale(x.size))
	case 1:
		m.Type, fa, fb = "coincident", f(part.Point), f(part.Point)
	case 2:
		m.Type, fa, fb = "coincident", f(part.Plane), f(part.Point)
	case 3:
		m.Type = "concentric"
		fb.O = o.Add(z.Scale(x.size))
	case 4:
		m.Type, fa, fb = "rim", f(part.Circle), f(part.Circle)
	case 5:
		m.Type = "parallel"
		fb.O = x.vec(x.size)
	case 6:
		m.Type, fb.Z = "perpendicular", px
	case 7:
		m.Type, fa, fb = "distance", f(part.Point), f(part.Point)
		d := x.vec(x.size)
		fb.O = o.Add(d)
		m.Params = m.WithNum("value", d.Norm())
	case 8:
		m.Type = "angle"
		ang := 20 + 140*x.r.Float64()
		fb.Z = geom.Exp(px.Scale(ang * math.Pi / 180)).Rotate(z)
		m.Params = m.WithNum("value", ang)
	case 9:
		m.Type, fa, fb = "revolute", f(part.Frame), f(part.Frame)
	case 10:
		m.Type, fa, fb = "prismatic", f(part.Frame), f(part.Frame)
		fb.O = o.Add(z.Scale(x.r.NormFloat64() * x.size))
	case 11:
		m.Type, fa, fb = "cylindrical", f(part.Frame), f(part.Frame)
	case 12:
		m.Type, fa, fb = "spherical", f(part.Frame), f(part.Frame)
	case 13:
		m.Type, fa, fb = "fastened", f(part.Frame), f(part.Frame)
	}
	m.A, m.B = x.add(a, fa), x.add(b, fb)
	x.Asm.Mates = append(x.Asm.Mates, m)
}

// Spoil makes a relation with a value ask for something else, or a face one lie elsewhere.
func (x *Random) Spoil(n int) {
	for ; n > 0 && len(x.Asm.Mates) > 0; n-- {
		m := x.Asm.Mates[x.r.IntN(len(x.Asm.Mates))]
		if was, given := m.Num("value"); given {
			v := was * (1 + 0.2*x.r.NormFloat64())
			if m.Type == "angle" {
				v = math.Mod(math.Abs(v), 180)
			}
			v = math.Abs(v)
			m.Params = m.WithNum("value", v)
			continue
		}
		p := x.Doc.Parts[x.Asm.Component(m.B.Path[0]).Part]
		f := p.Features[m.B.Feature]
		f.O = f.O.Add(x.vec(0.1 * x.size))
		p.Features[m.B.Feature] = f
	}
}
