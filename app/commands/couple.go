package commands

import (
	"context"
	"encoding/json"
	"strings"

	"setfast/app/words"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/relation"
)

// Couple ties coordinates of two joints, said in terms of the trade: a gear by its teeth, a rack by module and teeth, a screw by pitch and
// starts, a cam by its lifts; or outright by a ratio or a lead. Numbers in quotes may be expressions.
type Couple struct {
	Type    string       `json:"type"` // gear, rack, screw or cam
	A       string       `json:"a"`    // the joint that drives
	B       string       `json:"b"`
	TeethA  int          `json:"teeth_a,omitempty"` // gear
	TeethB  int          `json:"teeth_b,omitempty"`
	Inside  bool         `json:"inside,omitempty"` // one wheel in a ring
	Ratio   string       `json:"ratio,omitempty"`
	Module  string       `json:"module,omitempty"` // rack
	Teeth   int          `json:"teeth,omitempty"`
	Pitch   string       `json:"pitch,omitempty"` // screw
	Starts  int          `json:"starts,omitempty"`
	Lead    string       `json:"lead,omitempty"`
	Reverse bool         `json:"reverse,omitempty"` // the slide goes the other way
	Phase   *float64     `json:"phase,omitempty"`
	Profile [][2]float64 `json:"profile,omitempty"` // cam: degrees and mm
	Spline  bool         `json:"spline,omitempty"`
	Limits  *[2]float64  `json:"limits,omitempty"` // cam: of the slide of b, mm
}

var _ = register(Couple{})

// Name is how it is written.
func (Couple) Name() string { return "couple" }

// Edit couples.
func (c Couple) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	t := relation.Named(c.Type)
	if t == nil || t.Family != relation.Coupling {
		return nil, "", words.Refuse("unknown coupling %q", c.Type)
	}
	for i, id := range [2]string{c.A, c.B} {
		j, err := b.relation(id)
		if err != nil {
			return nil, "", err
		}
		if _, ok := j.Descriptor().Coordinate(t.Ties[i]); !ok {
			return nil, "", words.Refuse("%s has no %s for a %s to tie; choose another joint", id, t.Ties[i], c.Type)
		}
	}
	fields, err := c.fields()
	if err != nil {
		return nil, "", words.Refuse("%s", err)
	}
	fields["id"], fields["type"], fields["a"], fields["b"] = FreeID(b.Asm, t.Stem), c.Type, c.A, c.B
	raw, err := json.Marshal(fields)
	if err != nil {
		return nil, "", err
	}
	m, err := format.ReadMate(raw, b.Asm.Values)
	if err != nil {
		return nil, "", words.Refuse("%s", words.Fault(err))
	}
	if c.Limits != nil && c.Type == "cam" {
		limit, err := edit.NewSet(c.B, "limits.slide", *c.Limits)
		if err != nil {
			return nil, "", err
		}
		return edit.Batch{Edits: []edit.Edit{edit.NewRelate(m), limit}}, m.ID + ": " + words.Relation(b.Doc, b.Asm, m) + words.Coupled(m) + ", and its limits", nil
	}
	return edit.NewRelate(m), m.ID + ": " + words.Relation(b.Doc, b.Asm, m) + words.Coupled(m), nil
}

// fields are what the coupling says, as in a file.
func (c Couple) fields() (map[string]any, error) {
	out := map[string]any{}
	if c.Phase != nil {
		out["phase"] = *c.Phase
	}
	if c.Type == "cam" {
		out["profile"] = c.Profile
		if c.Spline {
			out["spline"] = true
		}
		return out, nil
	}
	name, text, err := "lead", c.Lead, error(nil)
	switch {
	case c.Type == "gear":
		if name, text = "ratio", c.Ratio; text == "" {
			text, err = relation.GearRatio(c.TeethA, c.TeethB, c.Inside)
		}
	case text != "" && c.Reverse:
		text, err = relation.ScrewLead(text, 1, true)
	case text != "":
	case c.Type == "rack":
		text, err = relation.RackLead(measured(c.Module), c.Teeth, c.Reverse)
	default:
		text, err = relation.ScrewLead(measured(c.Pitch), max(c.Starts, 1), c.Reverse)
	}
	out[name] = text
	return out, err
}

// measured is a length as it was typed; empty is nothing to compute with.
func measured(text string) string {
	if text = strings.TrimSpace(text); text == "" {
		return "0"
	}
	return text
}
