package commands

import (
	"context"

	"setfast/app/words"
	"setfast/core/edit"
	"setfast/core/geom"
)

// Ground grounds a component where it stands or on the assembly's origin, or ungrounds it.
type Ground struct {
	Component string `json:"component"`
	On        bool   `json:"on"`
	Origin    bool   `json:"origin,omitempty"`
}

// Suppress leaves a component or a relation out of the account, or brings it back.
type Suppress struct {
	Component string `json:"component,omitempty"` // one of the two
	Relation  string `json:"relation,omitempty"`
	On        bool   `json:"on"`
}

// Flex lets a subassembly move in itself, or makes it rigid.
type Flex struct {
	Component string `json:"component"`
	On        bool   `json:"on"`
}

// Rename gives a component another name.
type Rename struct {
	Component string `json:"component"`
	To        string `json:"to"`
}

// Remove takes a component away, with all that names it.
type Remove struct {
	Component string `json:"component"`
}

var (
	_ = register(Ground{})
	_ = register(Suppress{})
	_ = register(Flex{})
	_ = register(Rename{})
	_ = register(Remove{})
)

// The names of the commands on components.
func (Ground) Name() string   { return "ground" }
func (Suppress) Name() string { return "suppress" }
func (Flex) Name() string     { return "flex" }
func (Rename) Name() string   { return "rename" }
func (Remove) Name() string   { return "remove" }

// Edit grounds or ungrounds.
func (c Ground) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	e := edit.Ground{Name: c.Component, On: c.On}
	switch err := b.hasComponent(c.Component); {
	case err != nil:
		return nil, "", err
	case !c.On:
		return e, "unground " + c.Component, nil
	case c.Origin:
		return edit.Batch{Edits: []edit.Edit{at(c.Component, geom.Home), e}}, "ground " + c.Component + " on the origin", nil
	}
	return e, "ground " + c.Component + " where it stands", nil
}

// Edit leaves out or brings back.
func (c Suppress) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	word := "bring back "
	if c.On {
		word = "suppress "
	}
	if c.Relation != "" {
		m, err := b.relation(c.Relation)
		if err != nil {
			return nil, "", err
		}
		var to any
		if c.On {
			to = true
		}
		e, err := edit.NewSet(m.ID, "suppressed", to)
		return e, word + m.ID, err
	}
	return edit.Suppress{Name: c.Component, On: c.On}, word + c.Component, b.hasComponent(c.Component)
}

// Edit lets move or makes rigid.
func (c Flex) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	word := " is rigid"
	if c.On {
		word = " moves in itself"
	}
	return edit.Flex{Name: c.Component, On: c.On}, c.Component + word, b.hasComponent(c.Component)
}

// Edit renames.
func (c Rename) Edit(_ context.Context, _ *Bench) (edit.Edit, string, error) {
	to, err := words.Name("a name", c.To, words.MostName)
	return edit.Rename{Name: c.Component, To: to}, "rename " + c.Component + " to " + to, err
}

// Edit removes.
func (c Remove) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	return edit.Remove{Name: c.Component}, "remove " + c.Component, b.hasComponent(c.Component)
}
