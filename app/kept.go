package app

import (
	"context"
	"encoding/json"
	"slices"

	"setfast/app/words"
	"setfast/store"
)

// kinds are what may be kept beside the log of an assembly, each as the page that shows it writes it.
var keptKinds = []string{"home", "view", "tint", "variant"}

// What is kept beside an assembly is bounded.
const (
	mostKept      = 500
	mostKeptBytes = 1 << 20
)

// Keep keeps a view, a home position, a colour or a variant; without data it is forgotten.
func (a *App) Keep(ctx context.Context, id int64, k store.Kept) error {
	if !slices.Contains(keptKinds, k.Kind) {
		return words.Refuse("nothing of the kind %q is kept here", k.Kind)
	}
	var err error
	if k.Name, err = words.Name("a name", k.Name, words.MostName); err != nil {
		return err
	}
	if string(k.Data) == "null" {
		k.Data = nil
	}
	if len(k.Data) > mostKeptBytes || len(k.Data) > 0 && !json.Valid(k.Data) {
		return words.Refuse("this is more than can be kept under one name")
	}
	if _, err := a.Store.Assembly(ctx, id); err != nil {
		return err
	}
	all, err := a.Store.KeptOf(ctx, id)
	if err != nil {
		return err
	}
	there := slices.ContainsFunc(all, func(o store.Kept) bool { return o.Kind == k.Kind && o.Name == k.Name })
	if len(all) >= mostKept && !there && len(k.Data) > 0 {
		return words.Refuse("%d things are kept beside this assembly; forget some first", mostKept)
	}
	return a.Store.Keep(ctx, id, k)
}
