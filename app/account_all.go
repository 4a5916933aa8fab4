package app

import (
	"context"
	"encoding/json"

	"setfast/app/commands"
	"setfast/app/words"
	"setfast/store"
)

// Placed tells whether an assembly came with placements, and nothing was done to it since: nothing relates its parts.
func (a *App) Placed(ctx context.Context, x store.Assembly) (bool, error) {
	if x.SourceID == "" || x.Seq != 1 {
		return false, nil
	}
	st, err := a.Store.State(ctx, x.ID)
	return err == nil && len(st.Asm.Components) > 1 && len(st.Asm.Mates) == 0, err
}

// AccountAll accounts for every assembly of a project that is placed only, the lowest first, by all that is proposed: a line each, that can
// be taken back. It tells how many there were.
func (a *App) AccountAll(ctx context.Context, project int64, who string) (int, error) {
	list, err := a.Store.Assemblies(ctx, project) // what is used comes before what uses it
	if err != nil {
		return 0, err
	}
	n := 0
	for _, x := range list {
		if placed, err := a.Placed(ctx, x); err != nil {
			return n, err
		} else if x.Off || !placed {
			continue
		}
		found, err := a.Implied(ctx, x.ID, "")
		if err != nil {
			return n, err
		}
		if len(found.Relations) == 0 {
			continue
		}
		c := commands.Adopt{As: "all that is placed", Stands: found.Base, Order: found.Order, Relations: []json.RawMessage{}}
		for _, r := range found.Relations {
			c.Relations = append(c.Relations, found.Mates[r.ID])
		}
		if _, err := a.Do(ctx, x.ID, who, commands.Meant{Base: found.Seq, Command: c}); err != nil {
			return n, err
		}
		n++
	}
	if n == 0 {
		return 0, words.Refuse("no assembly here is placed only")
	}
	return n, nil
}
