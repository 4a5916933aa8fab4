package app

import (
	"context"
	"errors"
	"maps"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/seat"
	"setfast/store"
)

// shelf is what a project has to place. It works out how much room a thing takes once, however often it is used.
type shelf struct {
	app     *App
	project int64
	parts   map[int64]store.Part // by number, those looked up
	known   map[string]*seat.Box // nil: it takes no room, or is not there
	deep    int
}

func (a *App) shelf(project int64) *shelf {
	return &shelf{app: a, project: project, parts: map[int64]store.Part{}, known: map[string]*seat.Box{}}
}

// Look reads many parts in one go, ahead of being asked for each.
func (x *shelf) Look(ctx context.Context, keys []string) error {
	var ids []int64
	asked := map[int64]bool{}
	for _, k := range keys {
		id, isPart, err := KeyID(k)
		if _, known := x.parts[id]; err == nil && isPart && !known && !asked[id] {
			asked[id] = true
			ids = append(ids, id)
		}
	}
	rows, err := x.app.Store.PartsByID(ctx, ids)
	maps.Copy(x.parts, rows)
	return err
}

// part finds a part, looked up or not.
func (x *shelf) part(ctx context.Context, id int64) (store.Part, error) {
	if p, ok := x.parts[id]; ok {
		return p, nil
	}
	return x.app.Store.Part(ctx, id)
}

// Called sees that a key names something on the Shelf of the same project, and tells what it is called.
func (x *shelf) Called(ctx context.Context, key string) (name string, err error) {
	id, isPart, err := KeyID(key)
	if err != nil {
		return "", words.Refuse("%s", err)
	}
	if isPart {
		row, err := x.part(ctx, id)
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
		row, err := x.part(ctx, id)
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
	if err := x.Look(ctx, items(st.Asm)); err != nil {
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

// items are what an assembly places, by key.
func items(a *assembly.Assembly) []string {
	keys := make([]string, len(a.Components))
	for i, c := range a.Components {
		keys[i] = c.Part + c.Assembly
	}
	return keys
}
