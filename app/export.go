package app

import (
	"context"

	"setfast/core/format"
	"setfast/core/part"
)

// Export gives an assembly and what it uses as a document.
func (a *App) Export(ctx context.Context, id int64) ([]byte, error) {
	doc, _, err := a.Document(ctx, id)
	if err != nil {
		return nil, err
	}
	used := format.Used(doc)
	for _, k := range doc.PartOrder {
		// names found in the source are written as listed features, since the source does not go along. Of a round part only the
		// faces do, and what is referred to: seams and their ends would tell it from a round one.
		p := *doc.Parts[k]
		p.Source, p.Listed = part.Source{}, 0
		if p.Round() {
			order := p.Order
			p.Order = nil
			for _, n := range order {
				if f := p.Features[n]; used[k][n] || f.Kind == part.Plane || f.Kind == part.Cylinder || f.Kind == part.Cone || f.Kind == part.Sphere {
					p.Order = append(p.Order, n)
				}
			}
		}
		p.Shape = nil
		doc.Parts[k] = &p
	}
	return format.Write(doc)
}

// Bare is the assembly as a document that solves by itself, for the core in the browser.
func (a *App) Bare(ctx context.Context, id int64) ([]byte, error) {
	doc, _, err := a.Document(ctx, id)
	if err != nil {
		return nil, err
	}
	return format.Write(format.Bare(doc))
}
