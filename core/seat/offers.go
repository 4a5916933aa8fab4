// Package seat proposes how parts can be put together, and tries each proposal before it is offered.
package seat

import (
	"context"
	"fmt"
	"math"
	"sort"
	"strings"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
	"setfast/core/report"
	"setfast/core/tol"
)

// Offer is a relation between two picked features, tried on the whole assembly.
type Offer struct {
	Type   string   `json:"type"`
	Label  string   `json:"label"`
	Sense  string   `json:"sense,omitempty"` // where turning it round makes a difference
	Value  *float64 `json:"value,omitempty"`
	Unit   string   `json:"unit,omitempty"`
	Before int      `json:"before"` // freedoms of the part that is put
	After  int      `json:"after"`
	Leaves string   `json:"leaves"` // what it can still do, in words
	Asked  int      `json:"asked"`
	// Doubled is how many of the conditions asked repeat others.
	Doubled int                  `json:"doubled"`
	Odds    string               `json:"odds,omitempty"` // why it cannot hold, if it cannot
	Moves   []string             `json:"moves"`          // components that would move
	Poses   map[string]geom.Pose `json:"poses"`
	Note    string               `json:"note,omitempty"`
	Joint   bool                 `json:"joint,omitempty"`

	order int
}

// Offers tries every relation that would put one feature on another. sense, where given, is taken instead of the nearest.
func Offers(ctx context.Context, doc *assembly.Document, root string, put, on assembly.Ref, sense string) ([]Offer, error) {
	a := doc.Assemblies[root]
	_, fp, err := doc.Lookup(a, put)
	if err != nil {
		return nil, err
	}
	_, fo, err := doc.Lookup(a, on)
	if err != nil {
		return nil, err
	}
	if put.Head() == on.Head() {
		return nil, fmt.Errorf("both picks are on %s; pick the second one on another part", put.Head())
	}
	base := bare(a)
	before, err := checkOnly(ctx, doc, root, base)
	if err != nil {
		return nil, err
	}
	ps := relation.Proposals(fp, fo)
	if len(ps) == 0 {
		return nil, fmt.Errorf("no relation fits %s with %s", fp.Describe(), fo.Describe())
	}
	var out []Offer
	for i, p := range ps {
		m := &assembly.Mate{ID: "\x00offer", Type: p.Type.Name, A: on, B: put, Params: relation.Params{}.WithWord("sense", sense)}
		o, err := try(ctx, doc, root, base, before, m, p)
		if ctx.Err() != nil {
			return nil, context.Cause(ctx)
		}
		if err != nil {
			continue // the features do not fit this relation after all
		}
		o.order = i
		if p.Type.Fits {
			o.Note = part.Fit(fo, fp)
		}
		out = append(out, o)
	}
	sort.SliceStable(out, func(i, j int) bool {
		if (out[i].Odds == "") != (out[j].Odds == "") {
			return out[i].Odds == ""
		}
		return out[i].order < out[j].order
	})
	return out, nil
}

// Try tries one relation as it would be posted.
func Try(ctx context.Context, doc *assembly.Document, root string, m *assembly.Mate) (Offer, error) {
	base := bare(doc.Assemblies[root])
	before, err := checkOnly(ctx, doc, root, base)
	if err != nil {
		return Offer{}, err
	}
	return try(ctx, doc, root, base, before, m, relation.Proposal{Type: m.Descriptor()})
}

// bare is a shallow copy without measures and drives, which a trial has no use for.
func bare(a *assembly.Assembly) *assembly.Assembly {
	c := *a
	c.Measures, c.Drives = nil, nil
	return &c
}

func checkOnly(ctx context.Context, doc *assembly.Document, root string, a *assembly.Assembly) (*report.Result, error) {
	d := *doc
	d.Assemblies = map[string]*assembly.Assembly{}
	for k, v := range doc.Assemblies {
		d.Assemblies[k] = v
	}
	d.Assemblies[root] = a
	a2, err := account.Take(ctx, &d, root, nil)
	if err != nil {
		return nil, err
	}
	return a2.Root, nil
}

func try(ctx context.Context, doc *assembly.Document, root string, base *assembly.Assembly, before *report.Result, m *assembly.Mate, p relation.Proposal) (Offer, error) {
	t := p.Type
	o := Offer{Type: t.Name, Label: p.Label, Unit: p.Unit, Joint: t.Family == relation.Joint}
	if t.Needed() {
		v, given := m.Num(t.Main)
		if !given {
			var err error
			if v, err = valueNow(ctx, doc, root, base, m); err != nil {
				return o, err
			}
			m.Params = m.WithNum(t.Main, v)
		}
		o.Value = &v
	}
	with := *base
	with.Mates = append(append([]*assembly.Mate(nil), base.Mates...), m)
	after, err := checkOnly(ctx, doc, root, &with)
	if err != nil {
		return o, err
	}
	note := after.Mates[m.ID]
	o.Sense = note.Sense
	name := before.Body(m.B.Path)
	if c := base.Component(m.B.Head()); c == nil || c.Grounded && !c.Flexible {
		name = before.Body(m.A.Path)
	}
	o.Before, o.After = before.Components[name].Left, after.Components[name].Left
	for _, l := range after.Lines {
		for _, lm := range l.Mates {
			if lm.ID == m.ID {
				o.Asked = lm.Asked
			}
		}
	}
	o.Doubled = after.Doubled - before.Doubled
	o.Leaves = Leaves(after, name)
	if len(after.Odds) > len(before.Odds) {
		o.Odds = "cannot hold together with what is there"
		for _, x := range after.Odds {
			for _, ms := range x.Misses {
				if ms.ID == m.ID {
					o.Odds = "cannot hold: " + missText(x.Misses)
				}
			}
		}
	}
	o.Poses = map[string]geom.Pose{}
	o.Moves = []string{}
	for _, k := range base.Components {
		if k.Suppressed {
			continue
		}
		now := after.At(k.Name)
		o.Poses[k.Name] = now.Pose
		moves := apart(before.At(k.Name).Pose, now.Pose)
		for n, p := range after.Components { // of a flexible use, any part of it
			moves = moves || k.Flexible && strings.HasPrefix(n, k.Name+"/") && apart(before.Components[n].Pose, p.Pose)
		}
		if moves {
			o.Moves = append(o.Moves, k.Name)
		}
	}
	return o, nil
}

func missText(ms []report.OddsMiss) string {
	mm, dg := 0.0, 0.0
	for _, m := range ms {
		mm += m.MM
		dg += m.Deg
	}
	if mm > 1e-6 && dg > 1e-6 {
		return fmt.Sprintf("off by %s mm and %s°", part.Number(mm), part.Number(dg))
	}
	if dg > mm {
		return fmt.Sprintf("off by %s°", part.Number(dg))
	}
	return fmt.Sprintf("off by %s mm", part.Number(mm))
}

func apart(a, b geom.Pose) bool {
	q := a.Q.W*b.Q.W + a.Q.X*b.Q.X + a.Q.Y*b.Q.Y + a.Q.Z*b.Q.Z
	return a.O.Sub(b.O).Norm() > tol.Moved || 1-math.Abs(q) > tol.TurnedBy
}

// valueNow is what a distance or an angle measures where things stand, so that an offer starts from there.
func valueNow(ctx context.Context, doc *assembly.Document, root string, base *assembly.Assembly, m *assembly.Mate) (float64, error) {
	t := m.Descriptor()
	probe := *m
	probe.Params = m.WithNum(t.Main, t.Start())
	probe.ID = "\x00probe"
	with := *base
	with.Mates = []*assembly.Mate{&probe}
	with.Planned = nil
	// nothing may move while it is read: everything grounded where it stands
	with.Components = nil
	for _, c := range base.Components {
		k := *c
		k.Grounded = true
		with.Components = append(with.Components, &k)
	}
	res, err := checkOnly(ctx, doc, root, &with)
	if err != nil {
		return 0, err
	}
	n := res.Mates[probe.ID]
	if n.Value == nil {
		return 0, nil
	}
	v := math.Round(*n.Value*1000) / 1000
	if v == 0 {
		v = 0 // no negative zero
	}
	return v, nil
}

// Leaves says in words what a component can still do.
func Leaves(r *report.Result, name string) string {
	p := r.Components[name]
	return FreedomWords(p.Slides, p.Turns)
}

// FreedomWords names a number of slides and turns.
func FreedomWords(slides, turns int) string {
	word := func(n int, one, many string) string {
		switch n {
		case 0:
			return ""
		case 1:
			return one
		}
		return fmt.Sprintf("%d %s", n, many)
	}
	s, t := word(slides, "one slide", "slides"), word(turns, "one turn", "turns")
	switch {
	case s == "" && t == "":
		return "nothing"
	case s == "":
		return t
	case t == "":
		return s
	}
	return s + " and " + t
}
