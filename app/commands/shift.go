package commands

import (
	"context"
	"encoding/json"
	"fmt"
	"strings"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
	"setfast/core/seat"
)

// Shift moves components by exact amounts, grounded ones too: a way along three axes, after turns about the first, the second and the
// third of them. They turn about the origin of the first, or that of the assembly. Numbers in quotes may be expressions.
type Shift struct {
	Components []string          `json:"components"`
	By         []json.RawMessage `json:"by,omitempty"`    // mm
	Turn       []json.RawMessage `json:"turn,omitempty"`  // degrees
	Own        bool              `json:"own,omitempty"`   // the axes are each component's own
	About      string            `json:"about,omitempty"` // part (of the first) or assembly
}

// Bring moves what a joint lets move until one of its coordinates has a value.
type Bring struct {
	Relation string   `json:"relation"`
	Of       string   `json:"of"`
	To       *float64 `json:"to,omitempty"`
	Text     string   `json:"text,omitempty"`
}

var (
	_ = register(Shift{})
	_ = register(Bring{})
)

// The names of these commands.
func (Shift) Name() string { return "shift" }
func (Bring) Name() string { return "bring" }

func (Shift) seenOnly() {}
func (Bring) seenOnly() {}

// Edit shifts.
func (c Shift) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	if len(c.Components) == 0 {
		return nil, "", words.Refuse("choose what is to be moved")
	}
	s := seat.Shift{Own: c.Own}
	var err error
	if s.By, err = three(c.By, "a way", format.Length, b.Asm.Values); err != nil {
		return nil, "", err
	}
	if s.Turn, err = three(c.Turn, "a turn", format.Angle, b.Asm.Values); err != nil {
		return nil, "", err
	}
	if s.By == (geom.Vec{}) && s.Turn == (geom.Vec{}) {
		return nil, "", words.Refuse("say how far, along or about which axis")
	}
	var about geom.Vec
	e := edit.Move{Poses: map[string]geom.Pose{}}
	for i, name := range c.Components {
		k, err := b.component(name)
		if err != nil {
			return nil, "", err
		}
		if i == 0 && c.About != "assembly" {
			about = k.Pose.O
		}
		p := s.At(k.Pose, about)
		if p.O.Norm() > farthest {
			return nil, "", words.Refuse("%s would go to no place in space", name)
		}
		e.Poses[name] = p
	}
	return e, "move " + strings.Join(c.Components, ", ") + shifted(s), nil
}

// shifted says how far.
func shifted(s seat.Shift) string {
	out := ""
	for i, x := range s.By.Array() {
		if x != 0 {
			out += fmt.Sprintf(" by %s mm along %c", part.Number(x), 'x'+rune(i))
		}
	}
	for i, x := range s.Turn.Array() {
		if x != 0 {
			out += fmt.Sprintf(" by %s° about %c", part.Number(x), 'x'+rune(i))
		}
	}
	if s.Own {
		out += " of its own"
	}
	return out
}

// three reads up to three numbers or expressions.
func three(list []json.RawMessage, what string, work func(string, []assembly.NamedValue) (float64, error), values []assembly.NamedValue) (geom.Vec, error) {
	var out [3]float64
	if len(list) > 3 {
		return geom.Vec{}, words.Refuse("%s has three numbers", what)
	}
	for i, raw := range list {
		var text string
		switch {
		case json.Unmarshal(raw, &out[i]) == nil:
		case json.Unmarshal(raw, &text) != nil:
			return geom.Vec{}, words.Refuse("%s has three numbers", what)
		case strings.TrimSpace(text) != "":
			x, err := work(text, values)
			if err != nil {
				return geom.Vec{}, words.Refuse("%s", err)
			}
			out[i] = x
		}
		if err := sensible(what, &out[i]); err != nil {
			return geom.Vec{}, err
		}
	}
	return geom.FromArray(out), nil
}

// Edit brings.
func (c Bring) Edit(ctx context.Context, b *Bench) (edit.Edit, string, error) {
	if _, err := b.relation(c.Relation); err != nil {
		return nil, "", err
	}
	to := 0.0
	switch {
	case c.Text != "":
		work := format.Length
		if relation.CoordinateKind(c.Of) == relation.Angle {
			work = format.Angle
		}
		x, err := work(c.Text, b.Asm.Values)
		if err != nil {
			return nil, "", words.Refuse("%s", err)
		}
		to = x
	case c.To != nil:
		to = *c.To
	default:
		return nil, "", words.Refuse("a number is needed")
	}
	if err := sensible("the value", &to); err != nil {
		return nil, "", err
	}
	poses, err := seat.Bring(ctx, b.Doc, c.Relation, c.Of, to)
	if err = words.Plainly(ctx, err); err != nil {
		return nil, "", err
	}
	if len(poses) == 0 {
		return nil, "", words.Refuse("%s stands there already", c.Relation)
	}
	return edit.Move{Poses: poses}, fmt.Sprintf("bring %s of %s to %s", strings.ReplaceAll(c.Of, "_", " "), c.Relation, part.Number(to)), nil
}
