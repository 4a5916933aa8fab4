package commands

import (
	"context"
	"strings"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
)

// Title changes what the assembly is called, its number, or both; what is not given stays.
type Title struct {
	To     string  `json:"to,omitempty"`
	Number *string `json:"number,omitempty"`
}

// Settings change what an assembly counts; what is not given stays.
type Settings struct {
	FastenersHeld *bool    `json:"fasteners_held,omitempty"` // the spin of fasteners counts as loose
	ToleranceMM   *float64 `json:"tolerance_mm,omitempty"`   // a miss beyond this is a conflict
	ToleranceDeg  *float64 `json:"tolerance_deg,omitempty"`
}

// Values are the named values that expressions may use, all of them, as they are written.
type Values struct {
	Values []NamedValue `json:"values"`
}

// NamedValue is one of them.
type NamedValue struct {
	Name string `json:"name"`
	Text string `json:"text"`
}

var (
	_ = register(Title{})
	_ = register(Settings{})
	_ = register(Values{})
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
	said := "change the tolerances"
	if c.FastenersHeld != nil {
		s.FastenersHeld = *c.FastenersHeld
		said = "change what the spin of fasteners counts as"
	}
	for what, t := range map[string]struct{ to, from *float64 }{"the tolerance of lengths": {&s.ToleranceMM, c.ToleranceMM}, "the tolerance of angles": {&s.ToleranceDeg, c.ToleranceDeg}} {
		if t.from == nil {
			continue
		}
		if !words.Sensible(t.from) || *t.from <= 0 {
			return nil, "", words.Refuse("%s must be more than zero", what)
		}
		*t.to = *t.from
	}
	return edit.NewSettings(s), said, nil
}

// Name is how it is written.
func (Values) Name() string { return "values" }

// mostValues is how many named values an assembly may have.
const mostValues = 1000

// Edit names values. Those that differ are told.
func (c Values) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	if len(c.Values) > mostValues {
		return nil, "", words.Refuse("an assembly has at most %d named values", mostValues)
	}
	was := map[string]string{}
	for _, v := range b.Asm.Values {
		was[v.Name] = v.Text
	}
	var now []assembly.NamedValue
	var said []string
	seen := map[string]bool{}
	for _, v := range c.Values {
		name, err := words.Name("a value's name", v.Name, words.MostNumber)
		if err != nil {
			return nil, "", err
		}
		text, err := words.Name("the value "+name, v.Text, MostText)
		if err != nil {
			return nil, "", err
		}
		if seen[name] {
			return nil, "", words.Refuse("the value %s is named twice", name)
		}
		seen[name] = true
		if was[name] != text {
			said = append(said, name+" = "+text)
		}
		now = append(now, assembly.NamedValue{Name: name, Text: text})
	}
	for _, v := range b.Asm.Values {
		if !seen[v.Name] {
			said = append(said, "without "+v.Name)
		}
	}
	if len(said) == 0 {
		return nil, "", words.Refuse("no value was changed")
	}
	return edit.NewValues(now), "values: " + strings.Join(said, ", "), nil
}
