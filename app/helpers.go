package app

import (
	"context"
	"encoding/json"
	"fmt"
	"maps"
	"slices"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/part"
	"setfast/store"
)

// Helper is what is asked for when a part gets a feature that it has not by itself: it is kept with the part, wherever that is used.
type Helper struct {
	Name string `json:"name"`          // empty: one that is free
	Kind string `json:"kind"`          // point, axis, plane or frame
	Of   string `json:"of"`            // references to features of the part, as they are picked on the Bench
	And  string `json:"and,omitempty"` // the second, where it needs two
	Off  bool   `json:"off,omitempty"` // forget the helper that Of names
}

// mostHelpers is how many helpers a part may have.
const mostHelpers = 500

// helpersOf are those of a stored part.
func helpersOf(row store.Part) []format.NamedFeature {
	if row.Helpers == "" {
		return nil
	}
	list, err := format.ReadFeatures([]byte(row.Helpers))
	if err != nil {
		return nil // written by this program; what cannot be read is left out
	}
	return list
}

// helped is a part with its helpers.
func helped(p *part.Part, row store.Part) {
	list := helpersOf(row)
	if len(list) == 0 {
		return
	}
	p.Features, p.Order = maps.Clone(p.Features), slices.Clone(p.Order)
	for _, f := range list {
		if _, there := p.Features[f.Name]; !there {
			p.Features[f.Name] = f.Feature
			p.Order = append(p.Order, f.Name)
		}
	}
}

// Help makes a helper of picked features of one part, or forgets one. It gives the reference by which it goes on the Bench.
func (a *App) Help(ctx context.Context, id int64, h Helper) (ref string, err error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return "", err
	}
	of, p, f, err := picked(j, h.Of)
	if err != nil {
		return "", err
	}
	row := j.Parts[p]
	if h.Off {
		return h.Of, a.unhelp(ctx, row, of)
	}
	var second *part.Feature
	if h.And != "" {
		and, q, g, err := picked(j, h.And)
		if err != nil {
			return "", err
		}
		if q != p || !slices.Equal(and.Path, of.Path) {
			return "", words.Refuse("both picks must be on one part, and on the same use of it")
		}
		second = &g
	}
	made, err := part.Helper(part.Kind(h.Kind), f, second)
	if err != nil {
		return "", words.Refuse("%s", err)
	}
	name, err := words.Text("the helper's name", h.Name, words.MostName)
	if err != nil {
		return "", err
	}
	view := j.Doc.Parts[p]
	if name == "" {
		name = freeFeature(view, h.Kind)
	}
	if err := format.CheckName(name); err != nil {
		return "", words.Refuse("%s", err)
	}
	if _, taken := view.Feature(name); taken {
		return "", words.Refuse("%s has a feature %q already", row.Name, name)
	}
	_, err = a.Store.ChangePart(ctx, row.ID, func(p *store.Part) error {
		list := helpersOf(*p)
		if len(list) >= mostHelpers {
			return words.Refuse("%s has %d helpers; forget some first", p.Name, len(list))
		}
		return write(p, append(list, format.NamedFeature{Name: name, Feature: made}))
	})
	return assembly.Ref{Path: of.Path, Feature: name}.String(), err
}

// unhelp forgets a helper; what stands on it is told as missing.
func (a *App) unhelp(ctx context.Context, row store.Part, of assembly.Ref) error {
	_, err := a.Store.ChangePart(ctx, row.ID, func(p *store.Part) error {
		list := helpersOf(*p)
		now := slices.DeleteFunc(slices.Clone(list), func(f format.NamedFeature) bool { return f.Name == of.Feature })
		if len(now) == len(list) {
			return words.Refuse("%s is no helper; features of the shape stay", of.Feature)
		}
		return write(p, now)
	})
	return err
}

// write puts helpers into a part's row.
func write(p *store.Part, list []format.NamedFeature) error {
	p.Helpers = ""
	if len(list) == 0 {
		return nil
	}
	raw, err := json.Marshal(format.FeaturesObject(list))
	p.Helpers = string(raw)
	return err
}

// picked finds the part and the feature that a reference of the Bench names.
func picked(j *Judged, text string) (r assembly.Ref, key string, f part.Feature, err error) {
	if r, err = format.Ref(text); err != nil {
		return r, "", f, words.Refuse("%s", err)
	}
	chain, f, err := j.Doc.Lookup(j.Asm, r)
	if err != nil {
		return r, "", f, words.Refuse("%s", err)
	}
	if len(chain) == 0 || chain[len(chain)-1].Part == "" {
		return r, "", f, words.Refuse("helpers belong to parts; pick a feature of one")
	}
	return r, chain[len(chain)-1].Part, f, nil
}

// freeFeature is a name that a part has no feature of.
func freeFeature(p *part.Part, kind string) string {
	for n := 1; ; n++ {
		name := fmt.Sprintf("%s %d", kind, n)
		if _, taken := p.Feature(name); !taken {
			return name
		}
	}
}
