package commands

import (
	"context"
	"fmt"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/relation"
	"setfast/core/seat"
)

// Relate posts a new relation between two features.
type Relate struct {
	Type  string   `json:"type"`
	Put   string   `json:"put"` // references
	On    string   `json:"on"`
	Sense string   `json:"sense,omitempty"`
	Value *float64 `json:"value,omitempty"` // of the type's main field
	Lo    *float64 `json:"lo,omitempty"`    // limits of a joint's leading coordinate
	Hi    *float64 `json:"hi,omitempty"`
	Plan  bool     `json:"plan,omitempty"` // a new joint's motion is wanted
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

// Picks reads the references of two picked features.
func Picks(put, on string) (p, o assembly.Ref, err error) {
	if p, err = format.Ref(put); err == nil {
		o, err = format.Ref(on)
	}
	if err != nil {
		err = words.Refuse("%s", err)
	}
	return p, o, err
}

// Mate is the relation as it would be posted, under an id.
func (c Relate) Mate(id string) (*assembly.Mate, error) {
	for what, x := range map[string]*float64{"the value": c.Value, "the lower limit": c.Lo, "the upper limit": c.Hi} {
		if err := sensible(what, x); err != nil {
			return nil, err
		}
	}
	put, on, err := Picks(c.Put, c.On)
	if err != nil {
		return nil, err
	}
	t := relation.Named(c.Type)
	if t == nil || t.Family == relation.Coupling {
		return nil, words.Refuse("unknown relation %q", c.Type)
	}
	m := &assembly.Mate{ID: id, Type: t.Name, A: on, B: put, Params: relation.Params{}.WithWord("sense", c.Sense)}
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
	return m, nil
}

// Edit posts. The side the relation holds by now is written down, so that it never flips later, and what it moves is moved as it
// was shown.
func (c Relate) Edit(ctx context.Context, b *Bench) (edit.Edit, string, error) {
	m, err := c.Mate("")
	if err != nil {
		return nil, "", err
	}
	t := m.Descriptor()
	m.ID = FreeID(b.Asm, t.Stem)
	if t.Needed() && c.Value == nil {
		return nil, "", words.Refuse("%s needs a value", c.Type)
	}
	o, err := seat.Try(ctx, b.Account, m)
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
	said := fmt.Sprintf("%s: %s on %s", m.ID, words.Ref(b.Doc, b.Asm, m.B), words.Ref(b.Doc, b.Asm, m.A))
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
