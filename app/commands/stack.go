package commands

import (
	"context"
	"encoding/json"
	"slices"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
)

// Fasten puts screws, washers and nuts through holes, as a stack; one of its name is changed.
type Fasten struct {
	As    string          `json:"as"`
	Stack json.RawMessage `json:"stack"`         // as in assembly files
	Was   string          `json:"was,omitempty"` // the name of the one that is changed, where that changes too
}

// Unfasten takes a stack away, with all it placed.
type Unfasten struct {
	As string `json:"as"`
}

var (
	_ = register(Fasten{})
	_ = register(Unfasten{})
)

// The names of these commands.
func (Fasten) Name() string   { return "fasten" }
func (Unfasten) Name() string { return "unfasten" }

// StackOf reads a stack as it stands in files.
func StackOf(name string, data []byte) (assembly.Stack, error) {
	s, err := format.ReadStack(name, data)
	if err != nil {
		return s, words.Refuse("%s", words.Fault(err))
	}
	return s, nil
}

// Edit fastens.
func (c Fasten) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	as, err := words.Text("the stack's name", c.As, words.MostName)
	if err != nil {
		return nil, "", err
	}
	s, err := StackOf(as, c.Stack)
	if err != nil {
		return nil, "", err
	}
	was := c.Was
	if was == "" {
		was = as
	}
	if b.Asm.Component(as) != nil || was != as && b.Asm.Stack(as) != nil {
		return nil, "", words.Refuse("%s is the name of something here already", as)
	}
	for _, refs := range [][]assembly.Ref{s.Holes, s.Into} {
		for _, r := range refs {
			if _, err := b.Doc.Feature(b.Asm, r); err != nil {
				return nil, "", words.Refuse("%s: %v", r, err)
			}
		}
	}
	now := assembly.Assembly{Stacks: slices.Clone(b.Asm.Stacks)}
	said := "fasten " + words.Plural(len(s.Holes), "hole", "holes") + " with " + s.Screw
	if at := slices.IndexFunc(now.Stacks, func(k assembly.Stack) bool { return k.Name == was }); at >= 0 {
		now.Stacks[at], said = s, "change the stack "+was
	} else {
		now.Stacks = append(now.Stacks, s)
	}
	return b.alongCopies(edit.NewSheet(&now, "stacks"), was, as), said, nil
}

// alongCopies changes the name of a stack in copies of it too; none takes it out of them.
func (b *Bench) alongCopies(e edit.Edit, was, now string) edit.Edit {
	a := *b.Asm
	a.Copies = nil
	changed := false
	for _, k := range b.Asm.Copies {
		var of []string
		for _, n := range k.Of {
			if n == was && b.Asm.Stack(was) != nil {
				changed = changed || now != was
				n = now
			}
			if n != "" {
				of = append(of, n)
			}
		}
		if k.Of = of; len(of) > 0 {
			a.Copies = append(a.Copies, k)
		}
	}
	if !changed {
		return e
	}
	return edit.Batch{Edits: []edit.Edit{e, edit.NewSheet(&a, "copies")}}
}

// Edit takes away.
func (c Unfasten) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	now := assembly.Assembly{Stacks: slices.DeleteFunc(slices.Clone(b.Asm.Stacks), func(k assembly.Stack) bool { return k.Name == c.As })}
	if len(now.Stacks) == len(b.Asm.Stacks) {
		return nil, "", words.Refuse("there is no stack %q here any more", c.As)
	}
	return b.alongCopies(edit.NewSheet(&now, "stacks"), c.As, ""), "take the stack " + c.As + " away", nil
}
