package app

import (
	"context"
	"errors"

	"setfast/core/assembly"
	"setfast/core/seat"
	"setfast/store"
)

// extents works out how much room parts and assemblies take, each once, however often it is used.
type extents struct {
	app   *App
	known map[string]*seat.Box // nil: it takes no room, or is not there
	deep  int
}

// of is the box of a part or an assembly in its own frame.
func (x *extents) of(ctx context.Context, key string) (*seat.Box, error) {
	if b, ok := x.known[key]; ok {
		return b, nil
	}
	x.known[key] = nil // of one that contains itself, what is inside
	if x.deep > assembly.MaxDepth {
		return nil, userErr("assemblies lie inside one another more than %d deep here", assembly.MaxDepth)
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

func (x *extents) read(ctx context.Context, id int64, isPart bool) (*seat.Box, error) {
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
		b, err := x.of(ctx, c.Part+c.Assembly)
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
