package app

import (
	"context"

	"setfast/app/commands"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/carry"
	"setfast/core/drill"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/kernel"
	"setfast/store"
)

// Drilling is what is asked for when a part gets holes where others have theirs.
type Drilling struct {
	drill.Said
	Into  string `json:"into"` // the component
	Only  bool   `json:"only"` // that one alone, of several of its part
	Base  int64  `json:"base"`
	Token string `json:"token"`
}

// TryDrill tells which holes would come of it. Nothing is changed.
func (a *App) TryDrill(ctx context.Context, id int64, d Drilling) ([]drill.Hole, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	holes, _, err := a.drilled(ctx, j, d.Into, &d.Said, nil)
	return holes, err
}

// drilled works the holes out, in the part that a component uses, or in the one that it was made of.
func (a *App) drilled(ctx context.Context, j *Judged, into string, s *drill.Said, base *store.Part) ([]drill.Hole, store.Part, error) {
	c := j.Asm.Component(into)
	if c == nil || c.Part == "" || c.Made() {
		return nil, store.Part{}, words.Refuse("choose a part to drill that is placed here itself; %q is none", into)
	}
	row := j.Parts[c.Part]
	if base != nil {
		row = *base
	}
	solid, err := a.solid(ctx, row)
	if err != nil {
		return nil, row, err
	}
	if solid == nil {
		return nil, row, words.Refuse("%s has no shape to drill", row.Name)
	}
	w := &carry.World{Doc: j.Doc, Asm: j.Asm, Rep: j.Result}
	t := &drill.Target{Name: into, Pose: w.At(c), Line: func(o, z geom.Vec) []float64 { return solid.Mesh.Line(o, z) }}
	holes, err := drill.Plan(w, t, s, format.Ref)
	if err != nil {
		return nil, row, words.Refuse("%s", err)
	}
	return holes, row, nil
}

// Drill gives a part holes where others have theirs: a part of its own, made of it, comes into its place, and follows where the holes go.
func (a *App) Drill(ctx context.Context, id int64, who string, d Drilling) (*Posted, error) {
	j, again, err := a.meant(ctx, id, d.Base, d.Token)
	if err != nil || again != nil {
		return again, err
	}
	holes, row, err := a.drilled(ctx, j, d.Into, &d.Said, nil)
	if err != nil {
		return nil, err
	}
	recipe := drill.Recipe(holes)
	number := row.Number
	if number != "" {
		number += "-D"
	}
	made, err := a.rework(ctx, row, Link{How: Drilled, Assembly: id, Into: d.Into, Drill: &d.Said, Recipe: recipe}, row.Name+", drilled", number, recipe)
	if err != nil {
		return nil, err
	}
	r := Revising{Base: d.Base, Token: d.Token}
	if d.Only {
		r.Components = []string{d.Into}
	}
	return a.revised(ctx, j, who, row, made, r)
}

// Outlining is what is asked for when a plate is made of a face.
type Outlining struct {
	Face  string  `json:"face"`
	Thick float64 `json:"thick"` // mm, outward
	Name  string  `json:"name"`
	Base  int64   `json:"base"`
	Token string  `json:"token"`
}

// mostThick is how thick a plate may be, mm.
const mostThick = 10_000

// Outline makes a plate or a spacer of a flat face of a part, holes and all, and fastens it there.
func (a *App) Outline(ctx context.Context, id int64, who string, o Outlining) (*Posted, error) {
	j, again, err := a.meant(ctx, id, o.Base, o.Token)
	if err != nil || again != nil {
		return again, err
	}
	name, err := words.Name("the part's name", o.Name, words.MostName)
	if err != nil {
		return nil, err
	}
	if !(o.Thick > 0 && o.Thick <= mostThick) {
		return nil, words.Refuse("a plate is more than nothing thick, and at most %d mm", mostThick)
	}
	ref, key, f, err := picked(j, o.Face)
	if err != nil {
		return nil, err
	}
	if len(ref.Path) != 1 {
		return nil, words.Refuse("pick a face of a part that is placed here itself")
	}
	if f.Kind != "plane" {
		return nil, words.Refuse("%s is no flat face", o.Face)
	}
	made, err := a.outlined(ctx, j.Parts[key], f.O.Array(), f.Z.Array(), ref.Feature, o.Thick, name)
	if err != nil {
		return nil, err
	}
	c := j.Asm.Component(ref.Head())
	k := assembly.Component{Name: commands.FreeName(j.of.state.Asm, name, nil), Part: made.Key(), Pose: c.Pose}
	if at := j.Result.At(c.Name); at.Pose.Is() {
		k.Pose = at.Pose
	}
	m := assembly.Mate{ID: commands.FreeID(j.of.state.Asm, "fastened"), Type: "fastened", A: assembly.Ref{Path: []string{c.Name}, Feature: "origin"}, B: assembly.Ref{Path: []string{k.Name}, Feature: "origin"}}
	e := prepared{edit.Batch{Edits: []edit.Edit{edit.NewPlace(&k), edit.NewRelate(&m)}}, "make " + name + " of a face of " + c.Name}
	return a.Do(ctx, id, who, commands.Meant{Base: o.Base, Token: o.Token, Command: e})
}

func (a *App) outlined(ctx context.Context, of store.Part, at, dir [3]float64, face string, thick float64, name string) (store.Part, error) {
	return a.rework(ctx, of, Link{How: Outlined, Face: face, Thick: thick}, name, "", kernel.OutlineRecipe(at, dir, thick))
}
