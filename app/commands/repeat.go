package commands

import (
	"context"
	"encoding/json"
	"fmt"
	"slices"
	"strings"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/repeat"
)

// Repeat has components there several times over, with their relations; copies of its name are changed.
type Repeat struct {
	As     string          `json:"as"`
	Copies json.RawMessage `json:"copies"`        // as in assembly files
	Was    string          `json:"was,omitempty"` // the name of those that are changed, where that changes too
}

// Unrepeat takes copies away; their originals stay.
type Unrepeat struct {
	As string `json:"as"`
}

// Independent makes one copy a thing of its own, which no longer follows its original.
type Independent struct {
	Of   string `json:"of"`   // the copies
	Copy int    `json:"copy"` // counted from 2
}

var (
	_ = register(Repeat{})
	_ = register(Unrepeat{})
	_ = register(Independent{})
)

// The names of these commands.
func (Repeat) Name() string      { return "repeat" }
func (Unrepeat) Name() string    { return "unrepeat" }
func (Independent) Name() string { return "independent" }

// CopiesOf reads copies as they stand in files, and sees that what they name is there.
func CopiesOf(doc *assembly.Document, a *assembly.Assembly, name string, data []byte) (assembly.Copies, error) {
	c, err := format.ReadCopies(name, data, a.Values)
	if err != nil {
		return c, words.Refuse("%s", words.Fault(err))
	}
	for _, n := range c.Of {
		if k := a.Component(n); k != nil && k.Made() {
			return c, words.Refuse("%s is placed by %s already: repeat its original", n, k.By())
		} else if k == nil && a.Stack(n) == nil {
			return c, words.Refuse("there is no %q here any more", n)
		}
	}
	if _, err := repeat.Poses(doc, a, &c); err != nil {
		return c, words.Refuse("%s", err)
	}
	return c, nil
}

// Edit repeats.
func (c Repeat) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	as, err := words.Text("the copies' name", c.As, words.MostName)
	if err != nil {
		return nil, "", err
	}
	k, err := CopiesOf(b.Doc, b.Asm, as, c.Copies)
	if err != nil {
		return nil, "", err
	}
	was := c.Was
	if was == "" {
		was = as
	}
	if b.Asm.Component(as) != nil || b.Asm.Stack(as) != nil || was != as && b.Asm.CopiesNamed(as) != nil {
		return nil, "", words.Refuse("%s is the name of something here already", as)
	}
	now := *b.Asm
	now.Copies = slices.Clone(b.Asm.Copies)
	said := "repeat " + strings.Join(k.Of, ", ") + " as " + as
	if at := slices.IndexFunc(now.Copies, func(x assembly.Copies) bool { return x.Name == was }); at >= 0 {
		now.Copies[at], said = k, "change the copies "+was
	} else {
		now.Copies = append(now.Copies, k)
	}
	return edit.NewSheet(&now, "copies"), said, nil
}

// Edit takes away.
func (c Unrepeat) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	now := assembly.Assembly{Copies: slices.DeleteFunc(slices.Clone(b.Asm.Copies), func(k assembly.Copies) bool { return k.Name == c.As })}
	if len(now.Copies) == len(b.Asm.Copies) {
		return nil, "", words.Refuse("there are no copies %q here any more", c.As)
	}
	return edit.NewSheet(&now, "copies"), "take the copies " + c.As + " away", nil
}

// Edit frees.
func (c Independent) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	laid := b.Doc.Assemblies[b.Doc.Root]
	got, err := repeat.Independent(laid, c.Of, c.Copy, func(name string) *assembly.Component {
		k := *laid.Component(name)
		if at := b.result().At(name); at.Pose.Is() {
			k.Pose = at.Pose
		}
		return &k
	})
	if err != nil {
		return nil, "", words.Refuse("%s", err)
	}
	now := *b.Asm
	now.Copies, now.Fits, now.Stacks = got.Copies, append(slices.Clone(b.Asm.Fits), got.Fits...), append(slices.Clone(b.Asm.Stacks), got.Stacks...)
	edits := []edit.Edit{edit.NewSheet(&now, "copies")}
	for _, k := range got.Components {
		edits = append(edits, edit.NewPlace(k))
	}
	for _, m := range got.Mates {
		edits = append(edits, edit.NewRelate(m))
	}
	for _, p := range got.Planned {
		edits = append(edits, edit.NewPlan(p))
	}
	if len(got.Fits) > 0 {
		edits = append(edits, edit.NewSheet(&now, "fits"))
	}
	if len(got.Stacks) > 0 {
		edits = append(edits, edit.NewSheet(&now, "stacks"))
	}
	return edit.Batch{Edits: edits}, fmt.Sprintf("make copy %d of %s independent", c.Copy, c.Of), nil
}
