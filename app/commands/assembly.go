package commands

import (
	"context"

	"setfast/app/words"
	"setfast/core/edit"
)

// Title changes what the assembly is called, its number, or both; what is not given stays.
type Title struct {
	To     string  `json:"to,omitempty"`
	Number *string `json:"number,omitempty"`
}

// Settings change what an assembly counts.
type Settings struct {
	FastenersHeld bool `json:"fasteners_held"` // the spin of fasteners counts as loose
}

var (
	_ = register(Title{})
	_ = register(Settings{})
)

// Name is how it is written.
func (Title) Name() string { return "title" }

// Name is how it is written.
func (Settings) Name() string { return "settings" }

// Edit names and numbers.
func (c Title) Edit(_ context.Context, _ *Bench) (edit.Edit, string, error) {
	var e edit.Title
	said := "number the assembly "
	if c.Number != nil {
		n, err := words.Text("the number", *c.Number, words.MostNumber)
		if err != nil {
			return nil, "", err
		}
		e.Number = &n
		said += n
	}
	if c.Number == nil || c.To != "" {
		n, err := words.Name("the assembly's name", c.To, words.MostName)
		if err != nil {
			return nil, "", err
		}
		e.Name = &n
		said = "name the assembly " + n
	}
	return e, said, nil
}

// Edit changes the settings.
func (c Settings) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	s := b.Doc.SettingsOf(b.Asm)
	s.FastenersHeld = c.FastenersHeld
	return edit.NewSettings(s), "change what the spin of fasteners counts as", nil
}
