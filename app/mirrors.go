package app

import (
	"context"
	"slices"

	"setfast/app/commands"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/mirror"
	"setfast/core/part"
	"setfast/kernel"
	"setfast/store"
)

// Mirroring is what is asked for when components come to the other side of a plane.
type Mirroring struct {
	Components []string `json:"components"`
	Plane      []string `json:"plane"` // a face, or two for midway between them
	Base       int64    `json:"base"`
	Token      string   `json:"token"`
}

// TriedMirror is what would come of it.
type TriedMirror struct {
	*mirror.Result
	Ghosts []Ghost `json:"ghosts"`
}

// TryMirror tells what would come of it. Nothing is changed.
func (a *App) TryMirror(ctx context.Context, id int64, m Mirroring) (*TriedMirror, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Open)
	defer cancel()
	res, err := a.mirrored(ctx, j, m, nil)
	if err != nil {
		return nil, err
	}
	out := &TriedMirror{Result: res, Ghosts: []Ghost{}}
	for _, k := range res.Copied {
		if k.Hand == mirror.Same { // an opposite hand has no shape yet
			out.Ghosts = append(out.Ghosts, Ghost{k.From, k.Pose})
		}
	}
	return out, nil
}

// mirrored works it out on the assembly as it is said.
func (a *App) mirrored(ctx context.Context, j *Judged, m Mirroring, maker mirror.Maker) (*mirror.Result, error) {
	var refs []assembly.Ref
	for _, text := range m.Plane {
		r, err := format.Ref(text)
		if err != nil {
			return nil, words.Refuse("%s", err)
		}
		refs = append(refs, r)
	}
	if len(m.Components) == 0 {
		return nil, words.Refuse("choose the parts first")
	}
	for _, name := range m.Components {
		if k := j.Asm.Component(name); k == nil {
			return nil, words.Refuse("there is no %q here any more", name)
		} else if k.Made() {
			return nil, words.Refuse("%s is placed by %s: mirror its original", name, k.By())
		}
	}
	var res *mirror.Result
	err := a.work(ctx, func() error {
		plane, err := mirror.PlaneOf(j.of.doc, j.account, refs)
		if err == nil {
			res, err = mirror.Mirror(ctx, j.of.doc, plane, m.Components, a.hands(ctx, j), maker)
		}
		if err != nil && ctx.Err() == nil {
			return words.Refuse("%s", err)
		}
		return words.Plainly(ctx, err)
	})
	return res, err
}

// hands looks at shapes of stored parts.
func (a *App) hands(ctx context.Context, j *Judged) mirror.Shapes {
	return func(key string) *mirror.Shape {
		row, ok := j.Parts[key]
		if !ok {
			return nil
		}
		d, err := a.withMesh(ctx, row)
		if err != nil {
			return nil
		}
		return d.Hand()
	}
}

// withMesh is what was derived of a part, with its mesh.
func (a *App) withMesh(ctx context.Context, row store.Part) (*kernel.Derived, error) {
	d, _, err := a.Derived(ctx, row.DerivedSHA256)
	if err != nil {
		return nil, err
	}
	data, err := a.Store.Blob(ctx, row.DerivedSHA256)
	if err != nil {
		return nil, err
	}
	with := *d
	return &with, with.DecodeMesh(data)
}

// Mirror copies components with their relations to the other side of a plane. Opposite hands are made as parts of the Shelf, linked to theirs, and assemblies
// that have one as assemblies of their own.
func (a *App) Mirror(ctx context.Context, id int64, who string, m Mirroring) (*Posted, error) {
	j, again, err := a.meant(ctx, id, m.Base, m.Token)
	if err != nil || again != nil {
		return again, err
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Open)
	defer cancel()
	res, err := a.mirrored(ctx, j, m, func(of string, _ *part.Part) (string, *part.Part, error) {
		row := j.Parts[of]
		number := row.Number
		if number != "" {
			number += "-M"
		}
		made, err := a.rework(ctx, row, Link{How: Mirrored}, row.Name+", opposite hand", number, kernel.MirrorRecipe)
		if err != nil {
			return "", nil, err
		}
		p, err := a.view(ctx, made)
		return made.Key(), p, err
	})
	if err != nil {
		return nil, err
	}
	keys := map[string]string{}
	for _, key := range res.Document.Order {
		if j.of.doc.Assemblies[key] != nil {
			continue
		}
		sub := *res.Document.Assemblies[key]
		sub.Components = slices.Clone(sub.Components)
		for i, c := range sub.Components {
			if to := keys[c.Assembly]; to != "" {
				k := *c
				k.Assembly = to
				sub.Components[i] = &k
			}
		}
		made, err := a.Store.CreateAssembly(ctx, store.Assembly{ProjectID: j.of.state.Project, Name: clip(sub.Name, words.MostName), Number: clip(sub.Number, words.MostName)})
		if err != nil {
			return nil, err
		}
		if _, err := a.Post(ctx, made, who, "the opposite hand of an assembly", filling(sub.Seal())); err != nil {
			return nil, err
		}
		keys[key] = AssemblyKey(made)
	}
	was, now := j.of.doc.Assemblies[j.of.doc.Root], res.Document.Assemblies[res.Document.Root]
	var edits []edit.Edit
	for _, c := range now.Components[len(was.Components):] {
		k := *c
		if to := keys[k.Assembly]; to != "" {
			k.Assembly = to
		}
		edits = append(edits, edit.NewPlace(&k))
	}
	for _, k := range now.Mates[len(was.Mates):] {
		edits = append(edits, edit.NewRelate(k))
	}
	for _, p := range now.Planned[len(was.Planned):] {
		edits = append(edits, edit.NewPlan(p))
	}
	if len(now.Stacks) > len(was.Stacks) {
		edits = append(edits, edit.NewSheet(now, "stacks"))
	}
	e := prepared{edit.Batch{Edits: edits}, "mirror " + words.Plural(len(m.Components), "part", "parts")}
	return a.Do(ctx, id, who, commands.Meant{Base: m.Base, Token: m.Token, Command: e})
}
