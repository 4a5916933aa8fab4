package app

import (
	"context"
	"errors"
	"setfast/app/words"

	"setfast/core/assembly"
	"setfast/core/seat"
	"setfast/store"
)

// shelf is what a project has to place. It works out how much room a thing takes once, however often it is used.
type shelf struct {
	app     *App
	project int64
	known   map[string]*seat.Box // nil: it takes no room, or is not there
	deep    int
}

func (a *App) shelf(project int64) *shelf {
	return &shelf{app: a, project: project, known: map[string]*seat.Box{}}
}

// Called sees that a key names something on the Shelf of the same project, and tells what it is called.
func (x *shelf) Called(ctx context.Context, key string) (name string, err error) {
	id, isPart, err := KeyID(key)
	if err != nil {
		return "", words.Refuse("%s", err)
	}
	if isPart {
		row, err := x.app.Store.Part(ctx, id)
		if err == nil && (row.ProjectID != x.project || row.Off) {
			err = store.ErrNotFound
		}
		if errors.Is(err, store.ErrNotFound) {
			return "", words.Refuse("that part is no longer on the Shelf")
		}
		return row.Name, err
	}
	row, err := x.app.Store.Assembly(ctx, id)
	if err == nil && (row.ProjectID != x.project || row.Off) {
		err = store.ErrNotFound
	}
	if errors.Is(err, store.ErrNotFound) {
		return "", words.Refuse("that assembly is no longer there")
	}
	return row.Name, err
}

// Extent is the box of a part or an assembly in its own frame.
func (x *shelf) Extent(ctx context.Context, key string) (*seat.Box, error) {
	if b, ok := x.known[key]; ok {
		return b, nil
	}
	x.known[key] = nil // of one that contains itself, what is inside
	if x.deep > assembly.MaxDepth {
		return nil, words.Refuse("assemblies lie inside one another more than %d deep here", assembly.MaxDepth)
	}
	x.deep++
	defer func() { x.deep-- }()
	id, isPart, err := KeyID(key)
	if err != nil {
		return nil, nil
	}
	b, err := x.read(ctx, id, isPart)
	if errors.Is(err, store.ErrNotFound) {
		return nil, nil
	}
	if err == nil {
		x.known[key] = b
	}
	return b, err
}

func (x *shelf) read(ctx context.Context, id int64, isPart bool) (*seat.Box, error) {
	if isPart {
		row, err := x.app.Store.Part(ctx, id)
		if err != nil {
			return nil, err
		}
		d, _, err := x.app.Derived(ctx, row.DerivedSHA256)
		if err != nil {
			return nil, err
		}
		lo, hi, _ := d.Extent()
		return &seat.Box{Low: lo, High: hi}, nil
	}
	st, err := x.app.Store.State(ctx, id)
	if err != nil {
		return nil, err
	}
	var all *seat.Box
	for _, c := range st.Asm.Components {
		b, err := x.Extent(ctx, c.Part+c.Assembly)
		if err != nil {
			return nil, err
		}
		if b == nil {
			continue
		}
		here := b.Around(c.Pose)
		if all != nil {
			here = all.Join(here)
		}
		all = &here
	}
	return all, nil
}
