package app

import (
	"context"
	"errors"
	"strings"

	"setfast/core/edit"
	"setfast/core/geom"
	"setfast/core/seat"
	"setfast/store"
)

// place puts parts and assemblies beside what is there, spread out; the first of all is grounded on the origin.
func (a *App) place(ctx context.Context, j *Judged, act Act) (edit.Edit, string, error) {
	if len(act.Items) == 0 {
		return nil, "", userErr("choose something to place")
	}
	if len(act.Items) > 500 {
		return nil, "", userErr("place at most 500 at once")
	}
	x := &extents{app: a, known: map[string]*seat.Box{}}
	var there, arrive []seat.Box
	for _, c := range j.Asm.Components {
		b, err := x.of(ctx, c.Part+c.Assembly)
		if err != nil {
			return nil, "", err
		}
		if b != nil {
			there = append(there, b.Around(c.Pose))
		}
	}
	var names []string
	taken := map[string]bool{}
	var places []edit.Place
	calls := map[string]string{}
	for _, key := range act.Items {
		want, ok := calls[key]
		if !ok {
			var err error
			if want, err = a.placeable(ctx, j.of.state.Project, key); err != nil {
				return nil, "", err
			}
			calls[key] = want
		}
		k := edit.Component{Name: FreeName(j.Asm, want, taken)}
		if key[0] == 'p' {
			k.Part = key
		} else {
			k.Assembly = key
		}
		taken[k.Name] = true
		b, err := x.of(ctx, key)
		if err != nil {
			return nil, "", err
		}
		if b == nil {
			b = &seat.Box{}
		}
		arrive = append(arrive, *b)
		names = append(names, k.Name)
		places = append(places, edit.Place{Component: k})
	}
	skip := 0
	if len(j.Asm.Components) == 0 { // the first stays on the origin, the rest are spread beside it
		places[0].Component.Grounded = true
		places[0].Component.Pose = (geom.Home)
		there = append(there, arrive[0])
		skip = 1
	}
	for i, p := range seat.Spread(there, arrive[skip:]) {
		places[i+skip].Component.Pose = (p)
	}
	var e edit.Batch
	for _, p := range places {
		e.Edits = append(e.Edits, p)
	}
	return e, "place " + strings.Join(names, ", "), nil
}

// placeable sees that a key names something on the Shelf of the same project, and tells what it is called.
func (a *App) placeable(ctx context.Context, project int64, key string) (name string, err error) {
	id, isPart, err := KeyID(key)
	if err != nil {
		return "", userErr("%s", err)
	}
	if isPart {
		row, err := a.Store.Part(ctx, id)
		if err == nil && (row.ProjectID != project || row.Off) {
			err = store.ErrNotFound
		}
		if errors.Is(err, store.ErrNotFound) {
			return "", userErr("that part is no longer on the Shelf")
		}
		return row.Name, err
	}
	row, err := a.Store.Assembly(ctx, id)
	if err == nil && (row.ProjectID != project || row.Off) {
		err = store.ErrNotFound
	}
	if errors.Is(err, store.ErrNotFound) {
		return "", userErr("that assembly is no longer there")
	}
	return row.Name, err
}
