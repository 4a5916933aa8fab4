package app

import (
	"bytes"
	"context"
	"encoding/json"
	"fmt"
	"maps"
	"math"
	"slices"
	"strings"

	"setfast/app/commands"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/part"
	"setfast/core/revise"
	"setfast/store"
)

// Revising is what is asked for when another part, as a rule its newer file, comes into the place of one.
type Revising struct {
	From       string   `json:"from"` // parts, as p12
	To         string   `json:"to"`
	Components []string `json:"components,omitempty"` // that change; all of this assembly's own where none is named
	Mend       []string `json:"mend,omitempty"`       // broken relations that go on to the feature that is proposed
	Also       []int64  `json:"also,omitempty"`       // other assemblies that change with this one
	Base       int64    `json:"base"`
	Token      string   `json:"token"`
}

// Compared is what differs between two revisions of a part, and what becomes of the relations.
type Compared struct {
	*revise.Result
	Old     Side     `json:"old"`
	New     Side     `json:"new"`
	Gone    []string `json:"gone"`    // features of the old one that the new one has not
	Fresh   []string `json:"fresh"`   // of the new one
	Shifted []string `json:"shifted"` // that are elsewhere
	Changes []string `json:"changes"` // components
	Also    []Other  `json:"also"`    // assemblies that use the old one too
}

// Other is another assembly.
type Other struct {
	ID   int64  `json:"id"`
	Name string `json:"name"`
}

// Side is one of two revisions.
type Side struct {
	Key      string   `json:"key"`
	Name     string   `json:"name"`
	Number   string   `json:"number"`
	Revision string   `json:"revision"`
	File     string   `json:"file"`
	Picture  string   `json:"picture"`
	Mass     *float64 `json:"mass_kg"`
	Volume   float64  `json:"volume_mm3"`
}

// Compare tells what would change. Nothing is changed.
func (a *App) Compare(ctx context.Context, id int64, r Revising) (*Compared, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	from, to, err := a.both(ctx, j, r)
	if err != nil {
		return nil, err
	}
	res, names, err := a.update(ctx, j, from, to, r)
	if err != nil {
		return nil, err
	}
	old, err := a.view(ctx, from)
	if err != nil {
		return nil, err
	}
	now, err := a.view(ctx, to)
	if err != nil {
		return nil, err
	}
	out := &Compared{Result: res, Old: side(from, old), New: side(to, now), Changes: names, Gone: []string{}, Fresh: []string{}, Shifted: []string{}}
	if out.Also, err = a.alsoIn(ctx, id, from); err != nil {
		return nil, err
	}
	match := revise.Features(old, now)
	taken := map[string]bool{}
	for _, n := range old.Order {
		switch m, known := match[n]; {
		case !known || !surface(old.Features[n]):
		case m.To == "":
			out.Gone = append(out.Gone, n)
		default:
			taken[m.To] = true
			if m.MM > 0 || m.Deg > 0 {
				out.Shifted = append(out.Shifted, fmt.Sprintf("%s by %s mm", n, part.Number(math.Round(m.MM*1000)/1000)))
			}
		}
	}
	for _, n := range now.Order {
		if !taken[n] && surface(now.Features[n]) {
			out.Fresh = append(out.Fresh, n)
		}
	}
	return out, nil
}

// surface tells whether a feature is a face: edges and corners only say the same again.
func surface(f part.Feature) bool {
	return f.Kind == part.Plane || f.Kind == part.Cylinder || f.Kind == part.Cone || f.Kind == part.Sphere
}

func side(row store.Part, p *part.Part) Side {
	s := Side{Key: row.Key(), Name: row.Name, Number: row.Number, Revision: row.Revision, File: row.SourceName, Picture: row.PreviewSHA256, Volume: p.Volume.MM3}
	if kg, ok := p.MassKg(); ok {
		s.Mass = &kg
	}
	return s
}

// both are the two parts of a change.
func (a *App) both(ctx context.Context, j *Judged, r Revising) (from, to store.Part, err error) {
	from, ok := j.Parts[r.From]
	if !ok {
		return from, to, words.Refuse("that part is not used here any more")
	}
	id, isPart, err := KeyID(r.To)
	if err != nil || !isPart {
		return from, to, words.Refuse("a part takes the place of a part")
	}
	if to, err = a.Store.Part(ctx, id); err != nil || to.ProjectID != from.ProjectID {
		return from, to, words.Refuse("the newer part is not on the Shelf any more")
	}
	if to.ID == from.ID {
		return from, to, words.Refuse("%s is that part already", from.Name)
	}
	return from, to, nil
}

// update puts one part in the place of another in some components of an assembly.
func (a *App) update(ctx context.Context, j *Judged, from, to store.Part, r Revising) (*revise.Result, []string, error) {
	bare := to
	bare.Helpers = "" // its shape alone: what was kept there of features that are gone is no match for them
	now, err := a.view(ctx, bare)
	if err != nil {
		return nil, nil, err
	}
	doc := *j.of.doc
	root := *doc.Assemblies[doc.Root]
	temp := to.Key() + " in the place of " + from.Key()
	old := *doc.Parts[from.Key()]
	old.Order, old.Listed = nil, 0
	for _, h := range helpersOf(from) { // somebody's own: they come along as they are
		old.Order = append(old.Order, h.Name)
		old.Listed++
	}
	for _, n := range doc.Parts[from.Key()].Order {
		if !slices.Contains(old.Order[:old.Listed], n) {
			old.Order = append(old.Order, n)
		}
	}
	var names []string
	root.Components = slices.Clone(root.Components)
	for i, c := range root.Components {
		if c.Part == from.Key() && (len(r.Components) == 0 || slices.Contains(r.Components, c.Name)) {
			k := *c
			k.Part = temp
			root.Components[i] = &k
			names = append(names, c.Name)
		}
	}
	if len(names) == 0 {
		return nil, nil, words.Refuse("%s is not placed here itself; open the subassembly that has it", from.Name)
	}
	doc.Parts, doc.PartOrder = maps.Clone(doc.Parts), append(slices.Clone(doc.PartOrder), temp)
	doc.Parts[temp] = &old
	res := revise.Update(doc.WithRoot(root.Seal()), temp, now)
	mend(res, r.Mend, names)
	return res, names, nil
}

// mend puts broken relations on the features that are proposed for them.
func mend(res *revise.Result, ids, names []string) {
	root := *res.Document.Assemblies[res.Document.Root]
	root.Mates = slices.Clone(root.Mates)
	left := []revise.Broken{}
	for _, b := range res.Broken {
		i := slices.IndexFunc(root.Mates, func(m *assembly.Mate) bool { return m.ID == b.Mate })
		if b.Proposal == nil || i < 0 || !slices.Contains(ids, b.Mate) {
			left = append(left, b)
			continue
		}
		k := root.Mates[i].On(func(r assembly.Ref) assembly.Ref {
			if r.Feature == b.Feature+revise.Was && slices.Contains(names, r.Head()) {
				r.Feature = *b.Proposal
			}
			return r
		})
		k.Suppressed = false
		root.Mates[i] = k
		res.Carried++
	}
	res.Broken = left
	res.Document = res.Document.WithRoot(root.Seal())
}

// Revise puts one part in the place of another in an assembly. Relations come along by geometry; what is broken is suppressed, with the old feature kept as a
// helper to mend it by.
func (a *App) Revise(ctx context.Context, id int64, who string, r Revising) (*Posted, error) {
	j, again, err := a.meant(ctx, id, r.Base, r.Token)
	if err != nil || again != nil {
		return again, err
	}
	from, to, err := a.both(ctx, j, r)
	if err != nil {
		return nil, err
	}
	p, err := a.revised(ctx, j, who, from, to, r)
	if err != nil {
		return nil, err
	}
	for _, other := range r.Also {
		if said := a.revisedThere(ctx, other, who, from, to); said != "" {
			p.Follows = strings.TrimPrefix(p.Follows+"; "+said, "; ")
		}
	}
	return p, nil
}

// alsoIn lists the other assemblies on the Shelf that use a part.
func (a *App) alsoIn(ctx context.Context, id int64, row store.Part) ([]Other, error) {
	list, err := a.Store.UsedBy(ctx, row.Key())
	out := []Other{}
	for _, x := range list {
		if x.ID != id {
			out = append(out, Other{x.ID, x.Name})
		}
	}
	return out, err
}

// revisedThere does the same in another assembly, and tells what came of it.
func (a *App) revisedThere(ctx context.Context, id int64, who string, from, to store.Part) string {
	j, err := a.Judge(ctx, id)
	if err == nil && j.of.state.Project != to.ProjectID {
		err = words.Refuse("it is in another project")
	}
	if err == nil {
		_, err = a.revised(ctx, j, who, from, to, Revising{Base: j.Seq})
	}
	if err != nil {
		return fmt.Sprintf("assembly %d stays as it was: %v", id, err)
	}
	return j.Asm.Name + " changes too"
}

func (a *App) revised(ctx context.Context, j *Judged, who string, from, to store.Part, r Revising) (*Posted, error) {
	res, names, err := a.update(ctx, j, from, to, r)
	if err != nil {
		return nil, err
	}
	if err := a.takeHelpers(ctx, to, res, names[0]); err != nil {
		return nil, err
	}
	was, now := j.of.doc.Assemblies[j.of.doc.Root], res.Document.Assemblies[res.Document.Root]
	var edits []edit.Edit
	for _, n := range names {
		edits = append(edits, edit.Use{Name: n, Part: to.Key()})
	}
	edits = append(edits, differences(was, now)...)
	said := "put " + to.Name + " in the place of " + from.Name
	if to.Name == from.Name {
		said = "take the newer " + to.Name
	}
	e := prepared{edit.Batch{Edits: edits}, said}
	return a.Do(ctx, j.ID, who, commands.Meant{Base: r.Base, Token: r.Token, Command: e})
}

// takeHelpers gives a part the helpers of the one that it comes in the place of, and those features that relations still name.
func (a *App) takeHelpers(ctx context.Context, to store.Part, res *revise.Result, use string) error {
	key := res.Document.Assemblies[res.Document.Root].Component(use).Part
	p := res.Document.Parts[key]
	if p.Listed == 0 {
		return nil
	}
	_, err := a.Store.ChangePart(ctx, to.ID, func(row *store.Part) error {
		list := helpersOf(*row)
		for _, n := range p.Order[:p.Listed] {
			if !slices.ContainsFunc(list, func(f format.NamedFeature) bool { return f.Name == n }) {
				list = append(list, format.NamedFeature{Name: n, Feature: p.Features[n]})
			}
		}
		return write(row, list)
	})
	return err
}

// differences are the edits from one assembly to another that has the same components and relations.
func differences(was, now *assembly.Assembly) (out []edit.Edit) {
	for i, m := range now.Mates {
		if m != was.Mates[i] {
			out = append(out, edit.NewChange(m))
		}
	}
	same := func(a, b json.Marshaler) bool {
		x, errX := json.Marshal(a)
		y, errY := json.Marshal(b)
		return errX == nil && errY == nil && bytes.Equal(x, y)
	}
	for i, p := range now.Planned {
		if !same(format.PlannedObject(was.Planned[i]), format.PlannedObject(p)) {
			at := i
			plan := edit.NewPlan(p)
			plan.At = &at
			out = append(out, edit.Unplan{At: i}, plan)
		}
	}
	for i, m := range now.Measures {
		if !same(format.MeasureObject(was.Measures[i]), format.MeasureObject(m)) {
			out = append(out, edit.Unmeasure{Name: m.Name}, edit.NewMeasure(m))
		}
	}
	for _, name := range []string{"fits", "stacks", "copies"} {
		if to := format.SheetObject(now, name); to != nil && !same(format.SheetObject(was, name), to) {
			out = append(out, edit.NewSheet(now, name))
		}
	}
	return out
}
