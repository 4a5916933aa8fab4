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
	"setfast/core/solve"
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
	Doubled int                         `json:"doubled"`
	Odds    string                      `json:"odds,omitempty"` // why it cannot hold, if it cannot
	Moves   []string                    `json:"moves"`          // components that would move
	Poses   map[string]account.PoseJSON `json:"poses"`
	Note    string                      `json:"note,omitempty"`
	Joint   bool                        `json:"joint,omitempty"`

	order int
}

type proposal struct{ typ, label, unit string }

// proposals lists the relations that two features allow, most telling first.
func proposals(put, on part.Feature) []proposal {
	both := func(f func(part.Feature) bool) bool { return f(put) && f(on) }
	kind := func(k part.Kind) func(part.Feature) bool { return func(f part.Feature) bool { return f.Kind == k } }
	either := func(f, g func(part.Feature) bool) bool { return f(put) && g(on) || f(on) && g(put) }
	isAxis := func(f part.Feature) bool { return f.IsAxis() }
	isPoint := func(f part.Feature) bool { return f.IsPoint() }
	isPlane := kind(part.Plane)
	var out []proposal
	add := func(t, l, u string) { out = append(out, proposal{t, l, u}) }
	switch {
	case both(kind(part.Circle)):
		add("rim", "rim to rim", "")
		add("concentric", "axis on axis", "")
		add("coincident", "centre on centre", "")
	case both(isPlane):
		add("coincident", "faces together", "")
		add("distance", "faces apart", "mm")
		add("parallel", "parallel", "")
		add("angle", "at an angle", "°")
		add("perpendicular", "square", "")
		return out
	case both(kind(part.Frame)):
		add("fastened", "fixed together", "")
	case put.HasAxis() && on.HasAxis():
		add("concentric", "axis on axis", "")
	}
	switch {
	case either(isPlane, isAxis):
		if put.Kind == part.Cylinder || on.Kind == part.Cylinder {
			add("tangent", "rests against it", "")
		}
		add("coincident", "axis in the face", "")
		add("perpendicular", "axis along the face", "")
		add("parallel", "axis square to the face", "")
	case either(isPlane, kind(part.Sphere)):
		add("tangent", "rests against it", "")
		add("coincident", "centre in the face", "")
		add("distance", "centre off the face", "mm")
	case either(isPlane, isPoint):
		add("coincident", "point in the face", "")
		add("distance", "point off the face", "mm")
		if put.Kind == part.Circle || on.Kind == part.Circle || put.Kind == part.Frame || on.Kind == part.Frame {
			add("parallel", "axis square to the face", "")
		}
	case either(isAxis, kind(part.Point)), either(isAxis, kind(part.Sphere)):
		add("coincident", "point on the axis", "")
		add("distance", "point off the axis", "mm")
	case both(isPoint) && put.Kind != part.Circle:
		add("coincident", "point on point", "")
		add("distance", "points apart", "mm")
	}
	if put.HasAxis() && on.HasAxis() {
		add("hold_spin", "spin held", "")
	}
	if put.HasFrame() && on.HasFrame() {
		add("revolute", "turns about it", "°")
		add("cylindrical", "turns, slides on it", "°")
		add("prismatic", "slides along it", "mm")
		if put.Kind != part.Frame || on.Kind != part.Frame {
			add("fastened", "fixed together", "")
		}
	}
	if both(isAxis) {
		add("distance", "axes apart", "mm")
	}
	if put.HasDirection() && on.HasDirection() && !either(isPlane, isAxis) {
		add("parallel", "parallel", "")
		add("perpendicular", "square", "")
		add("angle", "at an angle", "°")
	}
	seen := map[string]bool{}
	uniq := out[:0]
	for _, p := range out {
		if !seen[p.typ] {
			seen[p.typ] = true
			uniq = append(uniq, p)
		}
	}
	return uniq
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
	ps := proposals(fp, fo)
	if len(ps) == 0 {
		return nil, fmt.Errorf("no relation fits %s with %s", fp.Describe(), fo.Describe())
	}
	var out []Offer
	for i, p := range ps {
		m := &assembly.Mate{ID: "\x00offer", Type: p.typ, A: on, B: put, Sense: sense}
		o, err := try(ctx, doc, root, base, before, m, p)
		if ctx.Err() != nil {
			return nil, context.Cause(ctx)
		}
		if err != nil {
			continue // the features do not fit this relation after all
		}
		o.order = i
		if p.typ == "concentric" || p.typ == "revolute" || p.typ == "cylindrical" {
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
	return try(ctx, doc, root, base, before, m, proposal{typ: m.Type})
}

// bare is a shallow copy without measures and drives, which a trial has no use for.
func bare(a *assembly.Assembly) *assembly.Assembly {
	c := *a
	c.Measures, c.Drives = nil, nil
	return &c
}

func checkOnly(ctx context.Context, doc *assembly.Document, root string, a *assembly.Assembly) (*account.Result, error) {
	d := *doc
	d.Assemblies = map[string]*assembly.Assembly{}
	for k, v := range doc.Assemblies {
		d.Assemblies[k] = v
	}
	d.Assemblies[root] = a
	rep, err := account.CheckRoot(ctx, &d, root, nil)
	if err != nil {
		return nil, err
	}
	return rep.Assemblies[root], nil
}

func try(ctx context.Context, doc *assembly.Document, root string, base *assembly.Assembly, before *account.Result, m *assembly.Mate, p proposal) (Offer, error) {
	o := Offer{Type: p.typ, Label: p.label, Unit: p.unit, Joint: solve.IsJoint(p.typ)}
	if (p.typ == "distance" || p.typ == "angle") && m.Value == nil {
		v, err := valueNow(ctx, doc, root, base, before, m)
		if err != nil {
			return o, err
		}
		m.Value = &v
	}
	if p.typ == "distance" || p.typ == "angle" {
		o.Value = m.Value
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
	o.Poses = map[string]account.PoseJSON{}
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

func missText(ms []account.OddsMiss) string {
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

func apart(a, b account.PoseJSON) bool {
	d := geom.FromArray(a.Origin).Sub(geom.FromArray(b.Origin)).Norm()
	q := 0.0
	for i := range a.Quaternion {
		q += a.Quaternion[i] * b.Quaternion[i]
	}
	return d > 1e-7 || 1-math.Abs(q) > 1e-12
}

// valueNow is what a distance or an angle measures where things stand, so that an offer starts from there.
func valueNow(ctx context.Context, doc *assembly.Document, root string, base *assembly.Assembly, before *account.Result, m *assembly.Mate) (float64, error) {
	zero := 0.0
	if m.Type == "angle" {
		zero = 90 // any value between the ends will do to read the angle
	}
	probe := *m
	probe.Value = &zero
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
func Leaves(r *account.Result, name string) string {
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
