package sheet

import (
	"context"
	"fmt"
	"math"
	"slices"
	"strings"

	"setfast/core/explode"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/placed"
	"setfast/core/view"
)

// GuideStep is a step of building: the reverse of one of coming apart.
type GuideStep struct {
	Step     int      `json:"step"`
	Parts    []string `json:"parts"`
	Sentence string   `json:"sentence"`
	Removes  int      `json:"removes"` // freedoms that it takes, in the account
	Picture  *Drawing `json:"-"`
}

// Guide is how an assembly is put together.
type Guide struct {
	Base  string      `json:"base"`
	Steps []GuideStep `json:"steps"`
	Left  []string    `json:"left_out"` // what could not be taken apart, and so has no step
}

// The picture of a step, mm.
const (
	pictureWide = 118
	pictureHigh = 78
)

// Guide makes a build guide of how the subject comes apart: one picture and one sentence a step. Pictures show what is there already in narrow lines, what
// comes in wide ones where it comes from, and the way it goes.
func (s *Subject) Guide(ctx context.Context) (*Guide, error) {
	x := s.Exploded
	if x == nil {
		return nil, fmt.Errorf("a guide wants shapes")
	}
	uses, more := placed.Uses(s.Doc, s.Report, s.Name, mostUses)
	if more {
		return nil, fmt.Errorf("it places more than %d parts", mostUses)
	}
	g := &Guide{Base: x.Base, Steps: []GuideStep{}, Left: []string{}}
	for _, k := range x.Stuck {
		g.Left = append(g.Left, k.Part)
	}
	for k := len(x.Steps) - 1; k >= 0; k-- {
		step := x.Steps[k]
		if ctx.Err() != nil {
			return nil, context.Cause(ctx)
		}
		w := Want{View: Looks["exploded"]}
		along := geom.FromArray(step.Along)
		var coming []bool
		for i := range uses {
			name := uses[i].Name()
			comes := moves(step.Parts, name)
			there := !slices.ContainsFunc(x.Steps[:k], func(e explode.Step) bool { return moves(e.Parts, name) })
			shape := s.Shape(uses[i].Part)
			if !there && !comes || shape == nil {
				continue
			}
			item := view.Item{Shape: shape, Pose: uses[i].Pose}
			if comes {
				item.Pose.O = item.Pose.O.AddScaled(step.By, along)
			}
			w.Items, coming = append(w.Items, item), append(coming, comes)
		}
		one := *s
		only := *x
		only.Steps = x.Steps[k : k+1]
		one.Exploded = &only
		one.trails(&w, uses)
		d := &Drawing{W: pictureWide, H: pictureHigh}
		err := (&pad{d: d}).picture(ctx, &w, 1, 1, pictureWide-2, pictureHigh-2, func(i int) Pen {
			switch {
			case i >= len(coming):
				return Centre
			case coming[i]:
				return Visible
			}
			return Narrow
		})
		if err != nil {
			return nil, err
		}
		g.Steps = append(g.Steps, GuideStep{Step: len(g.Steps) + 1, Parts: step.Parts, Sentence: s.sentence(step.Parts, along, uses), Removes: s.removes(step.Parts), Picture: d})
	}
	return g, nil
}

// sentence says what comes and from where.
func (s *Subject) sentence(parts []string, leaves geom.Vec, uses []placed.Use) string {
	var names []string
	count := map[string]int{}
	for _, p := range parts {
		name := p
		if c := s.Doc.Assemblies[s.Name].Component(p); c != nil && c.Assembly != "" {
			if a := s.Doc.Assemblies[c.Assembly]; a != nil && a.Name != "" {
				name = a.Name
			}
		} else if i := slices.IndexFunc(uses, func(u placed.Use) bool { return u.Name() == p }); i >= 0 {
			if d := s.Doc.Parts[uses[i].Part]; d != nil && d.Name != "" {
				name = d.Name
			}
		}
		if count[name]++; count[name] == 1 {
			names = append(names, name)
		}
	}
	for i, n := range names {
		if count[n] > 1 {
			names[i] = fmt.Sprintf("%d × %s", count[n], n)
		}
	}
	list := strings.Join(names, ", ")
	if k := len(names) - 1; k > 0 {
		list = strings.Join(names[:k], ", ") + " and " + names[k]
	}
	together := ""
	if len(parts) > 1 && len(names) > 1 {
		together = " together"
	}
	return "Put " + list + " in" + together + " " + from(leaves) + "."
}

// from says from where comes what leaves in a direction.
func from(leaves geom.Vec) string {
	for _, x := range []struct {
		d geom.Vec
		s string
	}{{geom.V(0, 0, 1), "from above"}, {geom.V(0, 0, -1), "from below"}, {geom.V(1, 0, 0), "from the right"}, {geom.V(-1, 0, 0), "from the left"}, {geom.V(0, -1, 0), "from the front"}, {geom.V(0, 1, 0), "from behind"}} {
		if x.d.Dot(leaves) > nearly {
			return x.s
		}
	}
	d := leaves.Neg()
	return "along (" + part.Number(round3(d.X)) + ", " + part.Number(round3(d.Y)) + ", " + part.Number(round3(d.Z)) + ")"
}

// nearly is the cosine to an axis above which a direction is told as it.
const nearly = 0.999

func round3(v float64) float64 { return math.Round(v*1000) / 1000 }

// removes adds up what the lines of some components take in the account.
func (s *Subject) removes(parts []string) (sum int) {
	r := s.Report.Assemblies[s.Name]
	if r == nil {
		return 0
	}
	for _, l := range r.Lines {
		if slices.Contains(parts, l.Component) {
			for _, m := range l.Mates {
				sum += m.Removed
			}
		}
	}
	return sum
}

// The pages of a guide: A4, three steps to a page.
const (
	guideRows = 3
	guideRow  = 84
)

// Pages lays a guide out on paper.
func (g *Guide) Pages(title string) []*Drawing {
	a4 := Sizes[0]
	var out []*Drawing
	pages := max(1, (len(g.Steps)+guideRows-1)/guideRows)
	for n := range pages {
		d := &Drawing{W: a4.W, H: a4.H}
		p := &pad{d: d}
		p.bold([2]float64{filed, a4.H - 2*margin}, plain, Left, fitted(title, plain*boldWider, a4.W-filed-4*margin))
		p.text([2]float64{a4.W - margin, a4.H - 2*margin}, small, Right, fmt.Sprintf("%d/%d", n+1, pages))
		p.text([2]float64{filed, margin}, tiny, Left, cautious)
		if n == 0 {
			p.text([2]float64{filed, a4.H - 2*margin - 7}, small, Left, fitted("Begin with "+g.Base+".", small, a4.W-filed-margin))
		}
		for k, s := range g.Steps[min(n*guideRows, len(g.Steps)):min((n+1)*guideRows, len(g.Steps))] {
			top := a4.H - 3*margin - 3 - float64(k)*guideRow
			p.line(Narrow, [2]float64{filed, top}, [2]float64{a4.W - margin, top})
			p.bold([2]float64{filed, top - 8}, plain, Left, fmt.Sprint(s.Step))
			y := top - 15
			for _, line := range wrapped(s.Sentence, small, a4.W-filed-margin-pictureWide-4) {
				p.text([2]float64{filed, y}, small, Left, line)
				y -= 4.5
			}
			if s.Removes > 0 {
				p.text([2]float64{filed, y - 2}, tiny, Left, fmt.Sprintf("removes %d freedoms", s.Removes))
			}
			for _, m := range s.Picture.Marks {
				q := m
				q.Points = nil
				for _, c := range m.Points {
					q.Points = append(q.Points, [2]float64{c[0] + a4.W - margin - pictureWide, c[1] + top - pictureHigh - 2})
				}
				d.Marks = append(d.Marks, q)
			}
		}
		out = append(out, d)
	}
	return out
}

// wrapped breaks a text into lines that fit.
func wrapped(text string, high, room float64) (lines []string) {
	line := ""
	for _, w := range strings.Fields(text) {
		switch {
		case line == "":
			line = w
		case Wide(line+" "+w, high) <= room:
			line += " " + w
		default:
			lines = append(lines, fitted(line, high, room))
			line = w
		}
	}
	return append(lines, fitted(line, high, room))
}
