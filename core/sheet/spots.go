package sheet

import (
	"math"

	"setfast/core/part"
	"setfast/core/placed"
	"setfast/core/tol"
	"setfast/core/view"
)

// Marked is a feature of an item by its reference, where it stands in the assembly.
type Marked struct {
	Ref, Says string
	part.Feature
}

// marksOf are the features of a use that dimensions, sections and details may name.
func marksOf(u *placed.Use, p *part.Part) (out []Marked) {
	for _, name := range p.Order {
		if f := p.Features[name]; f.HasAxis() || f.Kind == part.Plane {
			out = append(out, Marked{u.Name() + "/" + name, f.Describe() + " of " + u.Component, f.At(u.Pose)})
		}
	}
	return out
}

// Spot is a feature where it can be pointed at on the sheet: along its lines, or about a circle.
type Spot struct {
	View, Ref, Says string
	Round           bool    // it has a diameter
	Radius          float64 // mm of the model
	Lines           [][2][2]float64
	C               [2]float64
	R               float64
}

// mostSpots are made: of more a page would be slow.
const mostSpots = 6000

// spots finds what can be pointed at in a view: circles seen along their axis, flat faces seen from their edge, the sides of what is round.
func (v *shown) spots(out []Spot) []Spot {
	if v.of != nil || v.Marks == nil || v.Name == "iso" || v.Name == "exploded" {
		return out
	}
	at := map[string]int{}
	for i := range v.seen.Lines {
		l := &v.seen.Lines[i]
		if l.Hidden || l.Kind == view.Soft || l.Item >= len(v.Marks) {
			continue
		}
		m := v.marked(l)
		if m == nil {
			continue
		}
		k, ok := at[m.Ref]
		if !ok {
			if len(out) >= mostSpots {
				return out
			}
			k = len(out)
			at[m.Ref] = k
			out = append(out, Spot{View: v.Name, Ref: m.Ref, Says: m.Says, Round: m.Radius > 0, Radius: m.Radius})
		}
		if l.Arc != nil {
			out[k].C, out[k].R = v.paper(l.Arc.C), l.Arc.R*v.scale.By
			continue
		}
		out[k].Lines = append(out[k].Lines, [2][2]float64{v.paper(l.A), v.paper(l.B)})
	}
	return out
}

// marked is the feature that a line is seen of.
func (v *shown) marked(l *view.Line) *Marked {
	look := v.View.Look.Unit()
	off := max(tol.Drawn, v.Items[l.Item].Shape.Off)
	for k := range v.Marks[l.Item] {
		m := &v.Marks[l.Item][k]
		o := v.View.Paper(m.O)
		along := math.Abs(m.Z.Dot(look))
		switch {
		case l.Arc != nil:
			if m.HasAxis() && m.Radius > 0 && along > 1-square && math.Abs(m.Radius-l.Arc.R) < off && apartBy(o, l.Arc.C) < off {
				return m
			}
		case m.Kind == part.Plane && along < square:
			if n := onPaper(&v.View, m.Z); math.Abs(apartAlong(n, o, l.A)) < tol.Drawn && math.Abs(apartAlong(n, o, l.B)) < tol.Drawn {
				return m
			}
		case m.Kind == part.Cylinder && along < square && l.Kind == view.Outline:
			d := onPaper(&v.View, m.Z)
			n := [2]float64{-d[1], d[0]}
			if math.Abs(math.Abs(apartAlong(n, o, l.A))-m.Radius) < off && math.Abs(math.Abs(apartAlong(n, o, l.B))-m.Radius) < off {
				return m
			}
		}
	}
	return nil
}

func apartAlong(n, from, to [2]float64) float64 {
	return (to[0]-from[0])*n[0] + (to[1]-from[1])*n[1]
}
