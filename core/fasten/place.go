package fasten

import (
	"fmt"
	"math"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
	"setfast/core/standard"
	"setfast/core/tol"
)

// placing puts the parts of a stack's screws in place.
type placing struct {
	s      *stacking
	st     *assembly.Stack
	counts map[string]int
	mates  int
	err    error
}

// owner is what stands for all that is placed.
func (p *placing) owner() assembly.Owner {
	return assembly.Owner{Stack: p.st.Name, Copies: p.st.Copies}
}

// ground is what something is put on: a rim, or a flat with the bore that opens in it.
type ground struct {
	ref, hole assembly.Ref
	rim       bool
	z         geom.Vec      // of the feature
	gap       float64       // along the feature's own direction
	line      *assembly.Ref // what keeps it in line where the bore does not: it is out of line itself
}

// on is a mouth of a bore as a ground.
func (p *placing) on(b *bore, m mouth, gap float64, up geom.Vec) ground {
	u := b.of
	name, rim := m.rim, true
	if name == "" {
		name, rim = m.face, false
	}
	z := u.part.Features[name].At(u.pose).Z
	if z.Dot(up) < 0 {
		gap = -gap
	}
	return ground{ref: u.ref(name), hole: u.ref(b.hole), rim: rim, z: z, gap: gap}
}

// line places what one screw needs.
func (p *placing) line(l *line, k *kit, screw *standard.Fastener) {
	over := l.bores[0]
	at := l.head.at
	g := p.on(over, l.head, l.shank-l.head.at-thick(k.head), l.z)
	stack := func(kind string, f *standard.Fastener, up geom.Vec) {
		name := p.put(kind, f, l, at, up)
		p.relate(g, name, up)
		if at += f.Height(); up.Dot(l.z) < 0 {
			at -= 2 * f.Height()
		}
		g = ground{ref: assembly.Ref{Path: []string{name}, Feature: TopRim}, rim: true, z: up}
	}
	for _, w := range k.head {
		stack("washer", w, l.z)
	}
	at = l.shank
	name := p.put("screw", screw, l, at, l.z)
	p.relate(g, name, l.z)
	thread := func(other []string) {
		p.s.made.Fits = append(p.s.made.Fits, assembly.Fit{A: assembly.Ref{Path: []string{name}}, B: assembly.Ref{Path: other}, Kind: "thread", Owner: p.owner()})
	}
	if l.tap != nil {
		thread(l.tap.of.path)
		return
	}
	under := l.bores[len(l.bores)-1]
	down := l.z.Neg()
	at, g = l.nut.at, p.on(under, l.nut, 0, down)
	if under.off > tol.BoreMeets {
		g.line = &assembly.Ref{Path: []string{name}, Feature: "axis"}
	}
	for _, w := range k.underNut {
		stack("washer", w, down)
	}
	nut := p.put("nut", k.nut, l, at, down)
	p.relate(g, nut, down)
	thread([]string{nut})
}

// put makes a component: its seat at a height, its top looking up.
func (p *placing) put(kind string, f *standard.Fastener, l *line, at float64, up geom.Vec) string {
	if p.err != nil {
		return ""
	}
	key, made, err := p.s.parts(f)
	if err != nil {
		p.err = err
		return ""
	}
	if p.s.doc.Parts[key] == nil {
		p.s.doc.Parts[key] = made
		p.s.doc.PartOrder = append(p.s.doc.PartOrder, key)
	}
	p.counts[kind]++
	name := fmt.Sprintf("%s/%s-%d", p.st.Name, kind, p.counts[kind])
	x := l.axis.across()
	if kind == "nut" {
		x = l.flats(f, at, x)
	}
	pose := geom.Pose{O: l.axis.at(at), Q: geom.FromAxes(x, up.Cross(x), up)}
	p.s.made.Components = append(p.s.made.Components, &assembly.Component{Name: name, Part: key, Pose: pose, Owner: p.owner()})
	return name
}

// flats finds the direction in which a nut's flats look: square to the walls of the pocket that it lies in, if it lies in one.
func (l *line) flats(nut *standard.Fastener, seat float64, x geom.Vec) geom.Vec {
	u := l.bores[len(l.bores)-1].of
	half := nut.Values["s"] / 2
	for _, n := range u.part.Order {
		f := u.part.Features[n].At(u.pose)
		if f.Kind != part.Plane || math.Abs(f.Z.Dot(l.z)) > tol.BoreAlong {
			continue
		}
		from := f.O.Sub(l.at(seat)) // a wall looks at the axis, a little farther away than a flat
		if d := -from.Dot(f.Z); d > half-tol.BoreMeets && d < half+tol.PocketRoom {
			if high := -from.Dot(l.z); high > -tol.BoreMeets && high < nut.Height()+tol.PocketRoom {
				return f.Z.Neg()
			}
		}
	}
	return x
}

// relate puts a component's seat on what it lies on: rim on rim, or in line with the bore and with its middle in the flat. Where the spin of fasteners
// is to be held, it is.
func (p *placing) relate(g ground, name string, up geom.Vec) {
	if p.err != nil {
		return
	}
	own := func(feature string) assembly.Ref { return assembly.Ref{Path: []string{name}, Feature: feature} }
	say := func(kind string, a, b assembly.Ref) *assembly.Mate {
		p.mates++
		m := &assembly.Mate{ID: fmt.Sprintf("%s/%d", p.st.Name, p.mates), Type: kind, A: a, B: b, Owner: p.owner()}
		p.s.made.Mates = append(p.s.made.Mates, m)
		return m
	}
	sense := "same"
	if g.z.Dot(up) < 0 {
		sense = "opposed"
	}
	switch {
	case g.line != nil:
		say("concentric", *g.line, own("axis"))
		if g.rim {
			say("coincident", g.ref, own("seat"))
		} else {
			say("coincident", g.ref, own("origin"))
		}
	case g.rim:
		m := say("rim", g.ref, own(SeatRim))
		m.Params = m.Params.WithWord("sense", sense)
		if math.Abs(g.gap) > tol.FitPlace {
			m.Params = m.Params.With(relation.Value{Field: "gap", Num: g.gap})
		}
	default:
		m := say("concentric", g.hole, own("axis"))
		if f, err := p.s.doc.Feature(p.s.asm, g.hole); err == nil {
			if z := p.s.byName[pathOf(g.hole)].pose.Q.Rotate(f.Z); z.Dot(up) < 0 {
				m.Params = m.Params.WithWord("sense", "opposed")
			} else {
				m.Params = m.Params.WithWord("sense", "same")
			}
		}
		if math.Abs(g.gap) > tol.FitPlace {
			d := say("distance", g.ref, own("origin"))
			d.Params = d.Params.With(relation.Value{Field: "value", Num: g.gap})
		} else {
			say("coincident", g.ref, own("origin"))
		}
	}
	if p.s.doc.SettingsOf(p.s.asm).FastenersHeld {
		on := g.hole
		if g.rim {
			on = g.ref
		}
		say("hold_spin", on, own("axis"))
	}
}
