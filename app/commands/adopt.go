package commands

import (
	"context"
	"encoding/json"
	"slices"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/geom"
)

// Adopt takes relations over as they were proposed for a placement, with the base and the build order they were found in: ordinary edits,
// as one line.
type Adopt struct {
	As        string               `json:"as,omitempty"`     // what they seat, for the words of the line
	Relations []json.RawMessage    `json:"relations"`        // as in assembly files
	Stands    string               `json:"stands,omitempty"` // the base
	Order     []string             `json:"order,omitempty"`
	Place     []edit.Component     `json:"place,omitempty"`  // components that come with them
	Poses     map[string]geom.Pose `json:"poses,omitempty"`  // where components go
	Change    bool                 `json:"change,omitempty"` // relations that are there already are changed to these
}

var _ = register(Adopt{})

// mostAdopted bounds what is taken over at once.
const mostAdopted = 20_000

// Name is how it is written.
func (Adopt) Name() string { return "adopt" }

// Edit grounds the base alone, puts the lines in order, and relates.
func (c Adopt) Edit(ctx context.Context, b *Bench) (edit.Edit, string, error) {
	if len(c.Relations) == 0 && len(c.Poses) == 0 || len(c.Place) > mostPlaced || len(c.Relations) > mostAdopted {
		return nil, "", words.Refuse("choose up to %d relations to take over", mostAdopted)
	}
	var all []edit.Edit
	if c.Stands != "" {
		if err := b.hasComponent(c.Stands); err != nil {
			return nil, "", err
		}
		for _, k := range b.Asm.Components {
			if k.Grounded != (k.Name == c.Stands) {
				all = append(all, edit.Ground{Name: k.Name, On: k.Name == c.Stands})
			}
		}
	}
	order, err := c.order(b.Asm)
	if err != nil {
		return nil, "", err
	}
	all = append(all, order...)
	more, err := c.more(ctx, b)
	if err != nil {
		return nil, "", err
	}
	all = append(all, more...)
	arriving := map[string]bool{}
	for _, k := range c.Place {
		arriving[k.Name] = true
	}
	taken, news := map[string]bool{}, 0
	for _, m := range b.Asm.Mates {
		taken[m.ID] = true
	}
	for _, raw := range c.Relations {
		if ctx.Err() != nil {
			return nil, "", context.Cause(ctx)
		}
		m, err := format.ReadMate(raw, b.Asm.Values)
		if err != nil {
			return nil, "", words.Refuse("%s", words.Fault(err))
		}
		for _, r := range m.Refs() {
			if arriving[r.Head()] {
				continue // it is of a part that comes with it
			}
			if _, err := b.Doc.Feature(b.Asm, r); err != nil {
				return nil, "", words.Refuse("%s: %s", m.ID, err)
			}
		}
		if c.Change && b.Asm.Mate(m.ID) != nil {
			all = append(all, edit.NewChange(m))
			continue
		}
		if said(b.Asm, m) {
			continue // another window has taken it over
		}
		news++
		if taken[m.ID] {
			m.ID = freeOf(m.Descriptor().Stem, func(id string) bool { return taken[id] })
		}
		taken[m.ID] = true
		all = append(all, edit.NewRelate(m))
	}
	if len(c.Relations) > 0 && news == 0 && !c.Change {
		return nil, "", words.Refuse("these relations are here already")
	}
	if c.Change {
		return edit.Batch{Edits: all}, "seat " + c.As + " another way", nil
	}
	if len(c.Relations) == 0 {
		return edit.Batch{Edits: all}, "put " + words.Plural(len(c.Poses), "part", "parts") + " where they stand", nil
	}
	line := "account for " + words.Plural(news, "relation", "relations")
	if c.As != "" {
		line = "account for " + c.As + ": " + words.Plural(news, "relation", "relations")
	}
	return edit.Batch{Edits: all}, line, nil
}

// said tells whether an assembly has a relation of a type between the same features already.
func said(a *assembly.Assembly, m *assembly.Mate) bool {
	same := func(x, y, p, q assembly.Ref) bool { return x.String() == p.String() && y.String() == q.String() }
	return slices.ContainsFunc(a.Mates, func(o *assembly.Mate) bool {
		return o.Type == m.Type && !o.IsCoupling() && (same(o.A, o.B, m.A, m.B) || same(o.A, o.B, m.B, m.A))
	})
}

// more places the components that come with the relations, and moves others to where they go.
func (c Adopt) more(ctx context.Context, b *Bench) (out []edit.Edit, err error) {
	for _, k := range c.Place {
		if _, err := b.Shelf.Called(ctx, k.Part+k.Assembly); err != nil {
			return nil, err
		}
		if b.Asm.Component(k.Name) != nil {
			return nil, words.Refuse("there is a %q already; propose anew", k.Name)
		}
		k.Grounded = false
		out = append(out, edit.Place{Component: k})
	}
	for name, p := range c.Poses {
		if err := b.hasComponent(name); err != nil {
			return nil, err
		}
		if !p.Is() {
			return nil, words.Refuse("%s would be put nowhere", name)
		}
	}
	if len(c.Poses) > 0 {
		out = append(out, edit.Move{Poses: c.Poses})
	}
	return out, nil
}

// order moves components to the places they were given, those not named staying behind them.
func (c Adopt) order(a *assembly.Assembly) (out []edit.Edit, err error) {
	now := make([]string, len(a.Components))
	for i, k := range a.Components {
		now[i] = k.Name
	}
	for at, name := range c.Order {
		i := slices.Index(now, name)
		switch {
		case i < at:
			return nil, words.Refuse("there is no %q here any more", name)
		case i > at:
			out = append(out, edit.Order{Name: name, At: at})
			now = slices.Insert(slices.Delete(now, i, i+1), at, name)
		}
	}
	return out, nil
}
