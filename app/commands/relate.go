package commands

import (
	"context"
	"encoding/json"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/relation"
	"setfast/core/seat"
)

// Relate posts a new relation between two features.
type Relate struct {
	Type   string                     `json:"type"`
	Put    string                     `json:"put"` // references
	On     string                     `json:"on"`
	PutToo string                     `json:"put_too,omitempty"` // the second faces of pairs; else the faces opposite are taken
	OnToo  string                     `json:"on_too,omitempty"`
	About  string                     `json:"about,omitempty"` // a third feature
	Sense  string                     `json:"sense,omitempty"`
	Value  *float64                   `json:"value,omitempty"`  // of the type's main field
	Fields map[string]json.RawMessage `json:"fields,omitempty"` // others by name, as in files: "turn", "at.angle", "limits.slide"
	Lo     *float64                   `json:"lo,omitempty"`     // limits of a joint's leading coordinate
	Hi     *float64                   `json:"hi,omitempty"`
	Plan   bool                       `json:"plan,omitempty"` // a new joint's motion is wanted
}

// Unrelate deletes a relation.
type Unrelate struct {
	Relation string `json:"relation"`
}

var (
	_ = register(Relate{})
	_ = register(Unrelate{})
)

// Name is how it is written.
func (Relate) Name() string { return "relate" }

// Name is how it is written.
func (Unrelate) Name() string { return "unrelate" }

// Picks reads the references of picked features.
func (c Relate) Picks() (p seat.Picks, err error) {
	one := func(text string) (r assembly.Ref) {
		if err == nil {
			r, err = format.Ref(text)
		}
		return r
	}
	maybe := func(text string) *assembly.Ref {
		if text == "" {
			return nil
		}
		r := one(text)
		return &r
	}
	p = seat.Picks{Put: one(c.Put), On: one(c.On), PutToo: maybe(c.PutToo), OnToo: maybe(c.OnToo), About: maybe(c.About)}
	if err != nil {
		err = words.Refuse("%s", err)
	}
	return p, err
}

// Mate is the relation as it would be posted, under an id.
func (c Relate) Mate(d *assembly.Document, a *assembly.Assembly, id string) (*assembly.Mate, error) {
	for what, x := range map[string]*float64{"the value": c.Value, "the lower limit": c.Lo, "the upper limit": c.Hi} {
		if err := sensible(what, x); err != nil {
			return nil, err
		}
	}
	picks, err := c.Picks()
	if err != nil {
		return nil, err
	}
	t := relation.Named(c.Type)
	if t == nil || t.Family == relation.Coupling {
		return nil, words.Refuse("unknown relation %q", c.Type)
	}
	if t.NeedsAbout && picks.About == nil {
		return nil, words.Refuse("%s needs a third pick: %s", c.Type, t.Takes)
	}
	m, err := picks.Mate(d, a, t)
	if err != nil {
		return nil, words.Refuse("%s", words.Fault(err))
	}
	m.ID, m.Params = id, relation.Params{}.WithWord("sense", c.Sense)
	if t.Main != "" && c.Value != nil {
		m.Params = m.WithNum(t.Main, *c.Value)
	}
	if of := t.Leading(); t.Family == relation.Joint && of != nil {
		for i, x := range [2]*float64{c.Lo, c.Hi} {
			if x != nil {
				m.Params = m.WithNum(relation.LimitField(of.Name, i), *x)
			}
		}
	}
	return c.with(m, a.Values)
}

// with says the other fields of the relation, as in a file.
func (c Relate) with(m *assembly.Mate, values []assembly.NamedValue) (*assembly.Mate, error) {
	if len(c.Fields) == 0 {
		return m, nil
	}
	t, id := m.Descriptor(), m.ID
	m.ID = "the relation"
	open := t.Needed() && !m.Has(t.Main) && c.Fields[t.Main] == nil // its value is read off later
	if open {
		m.Params = m.WithNum(t.Main, t.Start())
	}
	raw, err := json.Marshal(format.MateObject(m))
	for field, to := range c.Fields {
		if _, known := t.Field(field); !known {
			return nil, words.Refuse("%s has no field %q", c.Type, field)
		}
		if err == nil {
			raw, err = edit.Member(raw, field, to)
		}
	}
	if err != nil {
		return nil, err
	}
	out, err := format.ReadMate(raw, values)
	if err != nil {
		return nil, words.Refuse("%s", words.Fault(err))
	}
	out.ID = id
	if open {
		out.Params = out.Without(t.Main)
	}
	return out, nil
}

// Edit posts. The side the relation holds by now is written down, so that it never flips later, and what it moves is moved as it
// was shown.
func (c Relate) Edit(ctx context.Context, b *Bench) (edit.Edit, string, error) {
	m, err := c.Mate(b.Doc, b.Asm, "")
	if err != nil {
		return nil, "", err
	}
	t := m.Descriptor()
	m.ID = FreeID(b.Asm, t.Stem)
	if t.Needed() && !m.Has(t.Main) {
		return nil, "", words.Refuse("%s needs a value", c.Type)
	}
	put, err := format.Ref(c.Put)
	if err != nil {
		return nil, "", err
	}
	o, err := seat.Try(ctx, b.Account, m, put)
	if err = words.Plainly(ctx, err); err != nil {
		return nil, "", err
	}
	m.Params = m.WithWord("sense", o.Sense)
	edits := []edit.Edit{edit.NewRelate(m)}
	if len(o.Poses) > 0 && o.Odds == "" {
		edits = append(edits, edit.Move{Poses: o.Poses})
	}
	if c.Plan && t.Family == relation.Joint {
		edits = append(edits, edit.NewPlan(assembly.Planned{Joint: m.ID}))
	}
	said := m.ID + ": " + words.Relation(b.Doc, b.Asm, m)
	if len(edits) == 1 {
		return edits[0], said, nil
	}
	return edit.Batch{Edits: edits}, said, nil
}

// Edit deletes.
func (c Unrelate) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	_, err := b.relation(c.Relation)
	return edit.Unrelate{ID: c.Relation}, "delete " + c.Relation, err
}
