package app

import (
	"context"
	"encoding/json"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/part"
	"setfast/core/relate"
)

// Implied is what the placement of an assembly implies, ready to be taken over.
type Implied struct {
	*relate.Found
	Seq   int64
	Mates map[string]json.RawMessage // by id, as in assembly files
	Says  map[string]string          // by id, as a sentence
	Below []Unrelated                // subassemblies that nothing holds together yet
}

// Unrelated is a subassembly of several parts without relations.
type Unrelated struct {
	ID   int64  `json:"id"`
	Name string `json:"name"`
}

// Implied finds the relations that the placement of an assembly implies. base, where given, is what stands; else what is grounded counts
// only where there are relations already, since an import grounds whatever comes first.
func (a *App) Implied(ctx context.Context, id int64, base string) (*Implied, error) {
	j, shapes, err := a.shaped(ctx, id)
	if err != nil {
		return nil, err
	}
	asm := j.Doc.Assemblies[j.Doc.Root]
	if base != "" && asm.Component(base) == nil {
		return nil, words.Refuse("there is no %q here any more", base)
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Open)
	defer cancel()
	out := &Implied{Seq: j.Seq, Mates: map[string]json.RawMessage{}, Says: map[string]string{}}
	err = a.work(ctx, func() (err error) {
		o := relate.Options{Base: base, Anew: len(asm.Mates) == 0}
		out.Found, err = relate.Assembly(ctx, j.of.doc, j.Doc.Root, shapes, o) // what stacks place is related
		return words.Plainly(ctx, err)
	})
	if err != nil {
		return nil, err
	}
	for _, list := range [][]relate.Relation{out.Relations, out.Also, out.Held} {
		for _, r := range list {
			if out.Mates[r.ID], err = json.Marshal(format.MateObject(r.Mate)); err != nil {
				return nil, err
			}
			out.Says[r.ID] = words.Relation(j.Doc, asm, r.Mate)
		}
	}
	out.Below = unrelated(j.Doc, asm)
	return out, nil
}

// unrelated are the subassemblies used that have several parts and no relations.
func unrelated(d *assembly.Document, a *assembly.Assembly) []Unrelated {
	out := []Unrelated{}
	seen := map[string]bool{}
	for _, c := range a.Components {
		sub := d.Assemblies[c.Assembly]
		if sub == nil || seen[c.Assembly] || len(sub.Components) < 2 || len(sub.Mates) > 0 {
			continue
		}
		seen[c.Assembly] = true
		if id, _, err := KeyID(c.Assembly); err == nil {
			out = append(out, Unrelated{id, sub.Name})
		}
	}
	return out
}

// surfaces reads where the surfaces of a part end.
func (a *App) surfaces(ctx context.Context, sha string) ([]part.Surface, error) {
	d, _, err := a.Derived(ctx, sha)
	if err != nil {
		return nil, err
	}
	data, err := a.Store.Blob(ctx, sha)
	if err != nil {
		return nil, err
	}
	with := *d // the one that is kept has no mesh
	if err := with.DecodeMesh(data); err != nil {
		return nil, err
	}
	return with.Surfaces(), nil
}
