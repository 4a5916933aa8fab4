package commands

import (
	"context"
	"encoding/json"
	"fmt"
	"strings"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/part"
	"setfast/core/relation"
	"setfast/core/report"
)

// Set gives a field of a relation another value, without one its main field (a distance, an angle, a gap, a lead): a number, an
// expression as written, or any other value as it stands in a file.
type Set struct {
	Relation string          `json:"relation"`
	Field    string          `json:"field,omitempty"` // as in files: "turn", "at.angle", "side", "note"
	To       *float64        `json:"to,omitempty"`
	Text     string          `json:"text,omitempty"`
	Value    json.RawMessage `json:"value,omitempty"` // three numbers of an offset, points of a profile, true
}

// Turn turns a relation's alignment round.
type Turn struct {
	Relation string `json:"relation"`
}

// Limit sets one limit of a joint's coordinate, or takes it away; without an end both at once, each a number or none.
type Limit struct {
	Relation string   `json:"relation"`
	Of       string   `json:"of"`
	End      string   `json:"end,omitempty"` // lo or hi
	To       *float64 `json:"to,omitempty"`
	Text     string   `json:"text,omitempty"`
	Lo       *float64 `json:"lo,omitempty"`
	Hi       *float64 `json:"hi,omitempty"`
}

var (
	_ = register(Set{})
	_ = register(Turn{})
	_ = register(Limit{})
)

// The names of the commands on a relation's fields.
func (Set) Name() string   { return "set" }
func (Turn) Name() string  { return "turn" }
func (Limit) Name() string { return "limit" }

func (Turn) seenOnly() {}

// MostText is how long an expression may be.
const MostText = 500

// Edit sets the value.
func (c Set) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	if err := sensible("the value", c.To); err != nil {
		return nil, "", err
	}
	text, err := words.Text("the value", c.Text, MostText)
	if err != nil {
		return nil, "", err
	}
	m, err := b.relation(c.Relation)
	if err != nil {
		return nil, "", err
	}
	field := c.Field
	if field == "" {
		field = m.Descriptor().Main
	}
	f, known := m.Descriptor().Field(field)
	var to any
	said := ""
	switch {
	case field == "note":
		to, said = any(text), text
		if text == "" {
			to = nil
		}
	case !known:
		return nil, "", words.Refuse("%s takes no number", m.ID)
	case len(c.Value) > mostValue:
		return nil, "", words.Refuse("this is more than a field of %s holds", m.ID)
	case len(c.Value) > 0:
		to, said = c.Value, "another value"
	case text != "": // worked out when the relation is read again
		to, said = text, text
	case c.To != nil:
		to, said = *c.To, part.Number(*c.To)
	case f.Need:
		return nil, "", words.Refuse("a number is needed")
	}
	e, err := edit.NewSet(m.ID, field, to)
	what := m.ID
	if field != m.Descriptor().Main {
		what = strings.ReplaceAll(strings.TrimPrefix(field, "at."), "_", " ") + " of " + m.ID
	}
	if to == nil {
		return e, "clear the " + what, err
	}
	return e, fmt.Sprintf("set %s to %s", what, said), err
}

// mostValue is how many bytes a value may have: a profile of some thousand points.
const mostValue = 100_000

// Edit turns round.
func (c Turn) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	m, err := b.relation(c.Relation)
	if err != nil {
		return nil, "", err
	}
	sense := "opposed"
	if b.result().Mates[m.ID].Sense == "opposed" {
		sense = "same"
	}
	e, err := edit.NewSet(m.ID, "sense", sense)
	return e, "turn the alignment of " + m.ID, err
}

// Edit sets limits. The one that is not meant, or not changed, stays as it is written.
func (c Limit) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	for what, x := range map[string]*float64{"the limit": c.To, "the lower limit": c.Lo, "the upper limit": c.Hi} {
		if err := sensible(what, x); err != nil {
			return nil, "", err
		}
	}
	text, err := words.Text("the limit", c.Text, MostText)
	if err != nil {
		return nil, "", err
	}
	m, err := b.relation(c.Relation)
	if err != nil {
		return nil, "", err
	}
	pair, had := written(m, c.Of)
	old, _ := m.Limits(c.Of)
	switch c.End {
	case "":
		pair[0] = asShown(pair[0], old.Lo, c.Lo)
		pair[1] = asShown(pair[1], old.Hi, c.Hi)
	case "lo", "hi":
		i := map[string]int{"lo": 0, "hi": 1}[c.End]
		switch {
		case text != "":
			pair[i] = text
		case c.To != nil:
			pair[i] = *c.To
		default:
			pair[i] = nil
		}
	default:
		return nil, "", words.Refuse("a limit is lo or hi, not %q", c.End)
	}
	said := "set the limits of " + m.ID
	if pair == [2]any{} {
		if !had {
			return nil, "", words.Refuse("%s has no limits there", m.ID)
		}
		e, err := edit.NewSet(m.ID, "limits."+c.Of, nil)
		return e, said, err
	}
	raw, err := json.Marshal(pair)
	if err != nil {
		return nil, "", err
	}
	e, err := edit.NewSet(m.ID, "limits."+c.Of, json.RawMessage(raw))
	return e, said, err
}

// written are the limits of a coordinate as they stand in the file.
func written(m *assembly.Mate, of string) (pair [2]any, had bool) {
	old, had := m.Limits(of)
	for i, x := range [2]*float64{old.Lo, old.Hi} {
		if x == nil {
			continue
		}
		pair[i] = *x
		if t := m.Text(relation.LimitField(of, i)); t != "" {
			pair[i] = t
		}
	}
	return pair, had
}

// asShown keeps what is written where the number is the one that was shown, and so not meant to change.
func asShown(written any, was, to *float64) any {
	switch {
	case to == nil:
		return nil
	case was == nil || part.Number(*was) != part.Number(*to):
		return *to
	}
	return written
}

// remedied is the command that a remedy of the account stands for.
func remedied(r report.Remedy) Command {
	switch r.Kind {
	case report.Suppress:
		return Suppress{Relation: r.Mate, On: true}
	case report.SetValue:
		return Set{Relation: r.Mate, To: r.Value}
	case report.TurnOver:
		return Turn{Relation: r.Mate}
	case report.Unground:
		return Ground{Component: r.Component}
	}
	return free{r.Mate, r.Coordinate}
}

// free lets a held coordinate go; it is only ever a remedy.
type free struct{ relation, coordinate string }

func (free) Name() string { return "free" }

func (c free) Edit(_ context.Context, _ *Bench) (edit.Edit, string, error) {
	e, err := edit.NewSet(c.relation, "at."+c.coordinate, nil)
	return e, "free " + c.coordinate + " of " + c.relation, err
}
