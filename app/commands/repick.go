package commands

import (
	"context"
	"fmt"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/seat"
)

// Repick puts another feature in the place of one that a relation stands on; all else of it stays.
type Repick struct {
	Relation string `json:"relation"`
	End      string `json:"end"` // put, on or about; put_too and on_too are the second faces of pairs
	Ref      string `json:"ref"`
}

// Reid gives a relation another name.
type Reid struct {
	Relation string `json:"relation"`
	To       string `json:"to"`
}

// Reorder puts a component at another place of the build order.
type Reorder struct {
	Component string `json:"component"`
	At        int    `json:"at"` // from 0
}

var (
	_ = register(Repick{})
	_ = register(Reid{})
	_ = register(Reorder{})
)

// The names of these commands.
func (Repick) Name() string  { return "repick" }
func (Reid) Name() string    { return "reid" }
func (Reorder) Name() string { return "reorder" }

func (Reorder) seenOnly() {}

// Edit picks again. Of a pair the face opposite comes along.
func (c Repick) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	m, err := b.relation(c.Relation)
	if err != nil {
		return nil, "", err
	}
	r, err := format.Ref(c.Ref)
	if err != nil {
		return nil, "", words.Refuse("%s", err)
	}
	if m.IsCoupling() {
		return nil, "", words.Refuse("%s is between joints, not features", m.ID)
	}
	k := *m
	pair := func(to *assembly.Ref, second **assembly.Ref, air bool) error {
		*to = r
		if *second == nil {
			return nil
		}
		o, ok := seat.Opposite(b.Doc, b.Asm, r, air)
		if !ok {
			return words.Refuse("no face lies opposite %s; pick one of two parallel faces", words.Ref(b.Doc, b.Asm, r))
		}
		*second = &o
		return nil
	}
	switch {
	case c.End == "put":
		err = pair(&k.B, &k.B2, false)
	case c.End == "on":
		err = pair(&k.A, &k.A2, true)
	case c.End == "put_too" && k.B2 != nil:
		k.B2 = &r
	case c.End == "on_too" && k.A2 != nil:
		k.A2 = &r
	case c.End == "about" && k.About != nil:
		k.About = &r
	default:
		return nil, "", words.Refuse("%s has nothing to pick at %q", m.ID, c.End)
	}
	if err != nil {
		return nil, "", err
	}
	if k.A.Head() == k.B.Head() {
		return nil, "", words.Refuse("both features would be on %s; pick one on another part", k.A.Head())
	}
	return edit.NewChange(&k), m.ID + ": " + words.Relation(b.Doc, b.Asm, &k), nil
}

// Edit names the relation.
func (c Reid) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	if _, err := b.relation(c.Relation); err != nil {
		return nil, "", err
	}
	to, err := words.Name("a name", c.To, words.MostName)
	return edit.Reid{ID: c.Relation, To: to}, "rename " + c.Relation + " to " + to, err
}

// Edit puts the component elsewhere in the order.
func (c Reorder) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	if err := b.hasComponent(c.Component); err != nil {
		return nil, "", err
	}
	if c.At < 0 || c.At >= len(b.Asm.Components) {
		return nil, "", words.Refuse("%s is at the end already", c.Component)
	}
	return edit.Order{Name: c.Component, At: c.At}, fmt.Sprintf("make %s line %d", c.Component, c.At+1), nil
}
