package commands

import (
	"context"
	"slices"
	"strings"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
)

// Group puts components under one name in the list, or under none; a group without any goes.
type Group struct {
	Components []string `json:"components"`
	As         string   `json:"as,omitempty"` // none: they belong to no group any more
}

// Dismiss accepts a finding, with the reason; without one it is told again.
type Dismiss struct {
	Finding string `json:"finding"`
	Why     string `json:"why,omitempty"`
}

// Vary keeps the variants of the assembly, all of them.
type Vary struct {
	Variants []Variant `json:"variants"`
}

// Variant is a column of named values.
type Variant struct {
	Name   string       `json:"name"`
	Values []NamedValue `json:"values"`
}

// Fit declares that two parts, or features of them, are meant to overlap; without a kind it is withdrawn.
type Fit struct {
	A    string `json:"a"`
	B    string `json:"b"`
	Kind string `json:"kind,omitempty"`
	Note string `json:"note,omitempty"`
}

var (
	_ = register(Fit{})
	_ = register(Group{})
	_ = register(Dismiss{})
	_ = register(Vary{})
)

// The names of these commands.
func (Fit) Name() string     { return "fit" }
func (Group) Name() string   { return "group" }
func (Dismiss) Name() string { return "dismiss" }
func (Vary) Name() string    { return "vary" }

// Edit groups.
func (c Group) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	as, err := words.Text("the group's name", c.As, words.MostName)
	if err != nil {
		return nil, "", err
	}
	for _, name := range c.Components {
		if err := b.hasComponent(name); err != nil {
			return nil, "", err
		}
	}
	if len(c.Components) == 0 {
		return nil, "", words.Refuse("choose what belongs together")
	}
	now := assembly.Assembly{}
	found := false
	for _, g := range b.Asm.Groups {
		k := assembly.Group{Name: g.Name}
		for _, name := range g.Components {
			if !slices.Contains(c.Components, name) {
				k.Components = append(k.Components, name)
			}
		}
		if g.Name == as {
			found = true
			k.Components = append(k.Components, c.Components...)
		}
		if len(k.Components) > 0 {
			now.Groups = append(now.Groups, k)
		}
	}
	if as != "" && !found {
		now.Groups = append(now.Groups, assembly.Group{Name: as, Components: c.Components})
	}
	said := "group " + words.Plural(len(c.Components), "part", "parts") + " as " + as
	if as == "" {
		said = "take " + words.Plural(len(c.Components), "part", "parts") + " out of their group"
	}
	return edit.NewSheet(&now, "groups"), said, nil
}

// Edit accepts a finding.
func (c Dismiss) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	why, err := words.Text("the reason", c.Why, MostText)
	if err != nil {
		return nil, "", err
	}
	finding, err := words.Name("the finding", c.Finding, 2000)
	if err != nil {
		return nil, "", err
	}
	now := assembly.Assembly{}
	for _, d := range b.Asm.Dismissed {
		if d.Finding != finding {
			now.Dismissed = append(now.Dismissed, d)
		}
	}
	if why == "" {
		if len(now.Dismissed) == len(b.Asm.Dismissed) {
			return nil, "", words.Refuse("say why it is accepted")
		}
		return edit.NewSheet(&now, "dismissed"), "tell again: " + finding, nil
	}
	now.Dismissed = append(now.Dismissed, assembly.Dismissed{Finding: finding, Why: why})
	return edit.NewSheet(&now, "dismissed"), "accept " + finding + ": " + why, nil
}

// MostVariants is how many variants are kept, or solved at once.
const MostVariants = 60

// Edit keeps the variants.
func (c Vary) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	if len(c.Variants) > MostVariants {
		return nil, "", words.Refuse("at most %d variants are kept", MostVariants)
	}
	now := assembly.Assembly{}
	seen := map[string]bool{}
	for _, v := range c.Variants {
		name, err := words.Name("a variant's name", v.Name, words.MostName)
		if err != nil {
			return nil, "", err
		}
		if seen[name] {
			return nil, "", words.Refuse("two variants are called %s", name)
		}
		seen[name] = true
		k := assembly.Variant{Name: name}
		for _, x := range v.Values {
			if !slices.ContainsFunc(b.Asm.Values, func(o assembly.NamedValue) bool { return o.Name == x.Name }) {
				return nil, "", words.Refuse("there is no value %q to vary; name it in the settings first", x.Name)
			}
			text, err := words.Name("the value "+x.Name, x.Text, MostText)
			if err != nil {
				return nil, "", err
			}
			k.Values = append(k.Values, assembly.NamedValue{Name: x.Name, Text: text})
		}
		now.Variants = append(now.Variants, k)
	}
	return edit.NewSheet(&now, "variants"), "keep " + words.Plural(len(now.Variants), "variant", "variants"), nil
}

// Edit declares.
func (c Fit) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	note, err := words.Text("the reason", c.Note, MostText)
	if err != nil {
		return nil, "", err
	}
	for _, end := range [2]string{c.A, c.B} {
		if err := b.hasComponent(strings.Split(end, "/")[0]); err != nil {
			return nil, "", err
		}
	}
	if c.Kind != "" && !slices.Contains(format.FitKinds, c.Kind) {
		return nil, "", words.Refuse("a fit is %s, not %q", strings.Join(format.FitKinds, ", "), c.Kind)
	}
	path := func(end string) assembly.Ref { return assembly.Ref{Path: strings.Split(end, "/")} }
	is := func(f assembly.Fit) bool {
		a, b := format.FitEnd(f.A), format.FitEnd(f.B)
		return a == c.A && b == c.B || a == c.B && b == c.A
	}
	now := assembly.Assembly{Fits: slices.DeleteFunc(slices.Clone(b.Asm.Fits), is)}
	said := "withdraw the fit of " + c.A + " and " + c.B
	if c.Kind != "" {
		now.Fits = append(now.Fits, assembly.Fit{A: path(c.A), B: path(c.B), Kind: c.Kind, Note: note})
		said = c.A + " and " + c.B + " are meant to overlap: " + c.Kind
	} else if len(now.Fits) == len(b.Asm.Fits) {
		return nil, "", words.Refuse("no fit of %s and %s is declared", c.A, c.B)
	}
	return edit.NewSheet(&now, "fits"), said, nil
}
