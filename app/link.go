package app

import (
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"os"
	"path/filepath"

	"setfast/app/words"
	"setfast/core/drill"
	"setfast/kernel"
	"setfast/store"
)

// Ways in which a part is made of another one.
const (
	Mirrored = "mirrored"
	Drilled  = "drilled"
	Outlined = "outlined"
	Revision = "revision" // its newer file
)

// Link says how a part was made of another one. It is followed when that changes, and can be broken: then the part is one that was handed in.
type Link struct {
	How   string `json:"how"`
	Of    int64  `json:"of"`
	Shape string `json:"shape"` // of the other when this was made: the SHA-256 of what was derived of it

	Assembly int64       `json:"assembly,omitempty"` // where it was made
	Into     string      `json:"into,omitempty"`     // of drilled: the component there
	Drill    *drill.Said `json:"drill,omitempty"`
	Recipe   string      `json:"recipe,omitempty"` // what was cut, by which it is told whether the holes have moved
	Face     string      `json:"face,omitempty"`   // of outlined
	Thick    float64     `json:"thick,omitempty"`  // mm
}

// LinkOf is how a part was made; nil where it was handed in.
func LinkOf(row store.Part) *Link {
	if row.Link == "" {
		return nil
	}
	var l Link
	if json.Unmarshal([]byte(row.Link), &l) != nil {
		return nil // written by this program; what cannot be read is left out
	}
	return &l
}

// Unlink breaks a part's link to the one that it was made of.
func (a *App) Unlink(ctx context.Context, id int64) error {
	_, err := a.Store.ChangePart(ctx, id, func(p *store.Part) error {
		if p.Link == "" {
			return words.Refuse("%s stands by itself already", p.Name)
		}
		p.Link = ""
		return nil
	})
	return err
}

// rework makes a part of another by a recipe and keeps it, with its link. One that was made so before, of the same shape, is found again.
func (a *App) rework(ctx context.Context, of store.Part, l Link, name, number, recipe string) (store.Part, error) {
	l.Of, l.Shape = of.ID, of.DerivedSHA256
	link, err := json.Marshal(l)
	if err != nil {
		return store.Part{}, err
	}
	rows, err := a.Store.Parts(ctx, of.ProjectID)
	if err != nil {
		return store.Part{}, err
	}
	for _, r := range rows {
		if k := LinkOf(r); k != nil && k.How == l.How && k.Of == l.Of && k.Shape == l.Shape && k.Recipe == l.Recipe && k.Face == l.Face && k.Thick == l.Thick {
			if r.Off {
				r, _, err = a.Store.AddPart(ctx, r)
			}
			return r, err
		}
	}
	data, err := a.reworked(ctx, of, recipe, name)
	if err != nil {
		return store.Part{}, err
	}
	sha, err := a.Store.PutBlob(ctx, data)
	if err != nil {
		return store.Part{}, err
	}
	file := clip(name, words.MostName-len(".step")) + ".step"
	_, im, err := a.readSource(ctx, file, sha, func(string) string { return "" })
	if err != nil {
		return store.Part{}, err
	}
	row := store.Part{ProjectID: of.ProjectID, Name: clip(name, words.MostName), Number: clip(number, words.MostName), Material: of.Material, Stock: of.Stock, Density: of.Density, Tint: of.Tint,
		SourceName: file, SourceSHA256: sha, SourceID: sha, Folder: of.Folder, Link: string(link)}
	if err := a.derive(ctx, im, 0, &row); err != nil {
		return row, err
	}
	row.Fastener = of.Fastener && l.How == Mirrored
	row, _, err = a.Store.AddPart(ctx, row)
	return row, err
}

// reworked makes a shape of a part's file.
func (a *App) reworked(ctx context.Context, of store.Part, recipe, name string) ([]byte, error) {
	format := kernel.Format(of.SourceName)
	switch {
	case a.Kernel == nil:
		return nil, words.Refuse("%s cannot be made: the shape kernel is not built", name)
	case format != "step" && format != "iges":
		return nil, words.Refuse("%s has no exact shape that another part could be made of", of.Name)
	case of.Unit != "":
		return nil, words.Refuse("%s is read in another unit than its file says: mend the file first", of.Name)
	case of.SourceID != of.SourceSHA256:
		return nil, words.Refuse("%s lies in several files that refer to one another: hand it in as one file first", of.Name)
	}
	dir, err := kernel.WorkFolder("rework")
	if err != nil {
		return nil, full(err)
	}
	defer os.RemoveAll(dir)
	path := filepath.Join(dir, "in."+format)
	to, err := os.OpenFile(path, os.O_CREATE|os.O_WRONLY, 0o600)
	if err != nil {
		return nil, full(err)
	}
	err = a.Store.BlobTo(ctx, of.SourceSHA256, to)
	if e := to.Close(); err == nil {
		err = e
	}
	if err != nil {
		return nil, full(err)
	}
	data, err := a.Kernel.Reworked(ctx, path, of.SourceIndex, recipe, name)
	var fe *kernel.FileError
	if errors.As(err, &fe) {
		return nil, words.Refuse("%s could not be made: %s", name, fe.Why)
	}
	if err != nil {
		return nil, fmt.Errorf("%s: %w", name, err)
	}
	return data, nil
}
