package commands

import (
	"context"
	"regexp"
	"strings"

	"setfast/app/words"
	"setfast/core/edit"
	"setfast/core/geom"
	"setfast/core/group"
	"setfast/core/seat"
)

// Copy repeats components with the relations among them, beside the originals.
type Copy struct {
	Components []string `json:"components"`
}

// Dissolve puts the parts of a subassembly in its place, with their relations.
type Dissolve struct {
	Component string `json:"component"`
}

var (
	_ = register(Copy{})
	_ = register(Dissolve{})
)

// The names of these commands.
func (Copy) Name() string     { return "copy" }
func (Dissolve) Name() string { return "dissolve" }

// numbered is the number behind the name of a further use of a part.
var numbered = regexp.MustCompile(` \d+$`)

// Copies is what the copy comes to.
func (c Copy) Copies(ctx context.Context, b *Bench) (*group.Copies, error) {
	if len(c.Components) == 0 || len(c.Components) > mostPlaced {
		return nil, words.Refuse("choose up to %d parts to copy", mostPlaced)
	}
	var all *seat.Box
	for _, name := range c.Components {
		k, err := b.component(name)
		if err != nil {
			return nil, err
		}
		box, err := b.Shelf.Extent(ctx, k.Part+k.Assembly)
		if err != nil {
			return nil, err
		}
		if box == nil {
			continue
		}
		here := box.Around(k.Pose)
		if all != nil {
			here = all.Join(here)
		}
		all = &here
	}
	by := geom.V(20, 0, 0)
	if all != nil {
		by.X += all.High.X - all.Low.X // beside it, clear of it
	}
	taken := map[string]bool{}
	out, err := group.Copy(b.Asm, c.Components, by, func(want string) string {
		name := FreeName(b.Asm, numbered.ReplaceAllString(want, ""), taken)
		taken[name] = true
		return name
	})
	if err != nil {
		return nil, words.Refuse("%s", err)
	}
	return out, nil
}

// Edit copies.
func (c Copy) Edit(ctx context.Context, b *Bench) (edit.Edit, string, error) {
	out, err := c.Copies(ctx, b)
	if err != nil {
		return nil, "", err
	}
	return edit.Batch{Edits: out.Edits}, "copy " + strings.Join(c.Components, ", ") + " as " + strings.Join(out.Names, ", "), nil
}

// Edit dissolves.
func (c Dissolve) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	k, err := b.component(c.Component)
	if err != nil {
		return nil, "", err
	}
	sub := b.Doc.Assemblies[k.Assembly]
	if k.Assembly == "" || sub == nil {
		return nil, "", words.Refuse("%s is no subassembly", c.Component)
	}
	if len(sub.Stacks)+len(sub.Copies) > 0 {
		return nil, "", words.Refuse("%s has fastenings or copies of its own, which would be lost: take them away there first", c.Component)
	}
	edits, err := group.Dissolve(b.Asm, sub, c.Component)
	if err != nil {
		return nil, "", words.Refuse("%s", err)
	}
	return edit.Batch{Edits: edits}, "dissolve " + c.Component, nil
}
