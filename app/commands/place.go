package commands

import (
	"context"
	"slices"
	"strings"

	"setfast/app/words"
	"setfast/core/edit"
	"setfast/core/geom"
	"setfast/core/seat"
)

// Place puts parts and assemblies beside what is there, spread out; the first of all is grounded on the origin.
type Place struct {
	Items []string `json:"items"` // keys, each as often as it is to be placed
}

var _ = register(Place{})

// mostPlaced is how many are placed at once.
const mostPlaced = 500

// Name is how it is written.
func (Place) Name() string { return "place" }

// Edit places.
func (c Place) Edit(ctx context.Context, b *Bench) (edit.Edit, string, error) {
	if len(c.Items) == 0 {
		return nil, "", words.Refuse("choose something to place")
	}
	if len(c.Items) > mostPlaced {
		return nil, "", words.Refuse("place at most %d at once", mostPlaced)
	}
	all := slices.Clone(c.Items)
	for _, k := range b.Asm.Components {
		all = append(all, k.Part+k.Assembly)
	}
	if err := b.Shelf.Look(ctx, all); err != nil {
		return nil, "", err
	}
	var there, arrive []seat.Box
	for _, k := range b.Asm.Components {
		box, err := b.Shelf.Extent(ctx, k.Part+k.Assembly)
		if err != nil {
			return nil, "", err
		}
		if box != nil {
			there = append(there, box.Around(k.Pose))
		}
	}
	var names []string
	var places []edit.Component
	taken, called := map[string]bool{}, map[string]string{}
	for _, key := range c.Items {
		want, ok := called[key]
		if !ok {
			var err error
			if want, err = b.Shelf.Called(ctx, key); err != nil {
				return nil, "", err
			}
			called[key] = want
		}
		k := edit.Component{Name: FreeName(b.Asm, want, taken)}
		if key[0] == 'p' {
			k.Part = key
		} else {
			k.Assembly = key
		}
		taken[k.Name] = true
		box, err := b.Shelf.Extent(ctx, key)
		if err != nil {
			return nil, "", err
		}
		if box == nil {
			box = &seat.Box{}
		}
		arrive = append(arrive, *box)
		names, places = append(names, k.Name), append(places, k)
	}
	skip := 0
	if len(b.Asm.Components) == 0 { // the first stays on the origin, the rest are spread beside it
		places[0].Grounded, places[0].Pose = true, geom.Home
		there = append(there, arrive[0])
		skip = 1
	}
	for i, p := range seat.Spread(there, arrive[skip:]) {
		places[i+skip].Pose = p
	}
	var e edit.Batch
	for _, k := range places {
		e.Edits = append(e.Edits, edit.Place{Component: k})
	}
	return e, "place " + strings.Join(names, ", "), nil
}
