package main

import (
	"context"
	"fmt"
	"io"
	"os"
	"path/filepath"

	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/placed"
	"setfast/core/relate"
	"setfast/core/report"
	"setfast/core/standard"
	"setfast/core/view"
	"setfast/kernel"
)

// bodies are the shapes of a document's parts, as they are looked at for clashes.
type bodies struct {
	doc    *assembly.Document
	solids map[string]*clash.Solid // by part
	drawn  map[string]*view.Shape  // by part
	colors map[string][]float64    // by part
	exact  map[string]kernel.Exact // by the keys of solids
	kernel *kernel.Runner
	known  *clash.Known
	dir    string // of what was made for them
}

// close lets go of what was made.
func (b *bodies) close() {
	if b.dir != "" {
		os.RemoveAll(b.dir)
	}
}

// mostUses is how many parts an assembly may have to be looked at.
const mostUses = 100_000

// readBodies reads a document, or a shape file, with the shapes of its parts.
func readBodies(file string, in io.Reader, unfenced bool) (*bodies, error) {
	b := &bodies{solids: map[string]*clash.Solid{}, drawn: map[string]*view.Shape{}, colors: map[string][]float64{}, exact: map[string]kernel.Exact{}, known: clash.NewKnown()}
	derived := map[string]*kernel.Derived{}
	dir := filepath.Dir(file)
	if file == standardInput {
		dir = "."
	}
	var err error
	if kind := kernel.Format(file); kind == "step" || kind == "iges" {
		p, err := readTree(file, "", unfenced)
		if err != nil {
			return nil, err
		}
		b.doc, derived = p.Document, p.Derived
		for key, d := range derived { // shapes alone say by their form what is a fastener
			if p := b.doc.Parts[key]; p != nil {
				p.Fastener = relate.Fastener(p, d.Surfaces())
			}
		}
	} else if b.doc, err = readShaped(file, in, func(key string, d *kernel.Derived) { derived[key] = d }); err != nil {
		return nil, err
	}
	for key, p := range b.doc.Parts {
		path := filepath.Join(dir, filepath.FromSlash(p.Source.Path))
		content := fmt.Sprint(path, " ", p.Source.Product)
		switch d := derived[key]; {
		case d != nil:
			if s := d.Solid(content); s != nil {
				b.solids[key], b.drawn[key], b.colors[key] = s, d.Drawn(), d.Color
				b.exact[content] = kernel.Exact{File: path, Part: max(1, p.Source.Product) - 1}
			}
		case p.Source.Format == "stl":
			tris, err := kernel.Triangles(path)
			if err != nil {
				return nil, fmt.Errorf("%s: %w", p.Source.Path, plain(err))
			}
			b.solids[key], b.drawn[key] = kernel.SolidOf(tris, content), kernel.DrawnOf(tris)
		}
	}
	if err := b.catalogue(unfenced); err != nil {
		return nil, err
	}
	if len(b.exact) > 0 {
		if b.kernel, err = kernel.Find(); err != nil {
			return nil, err
		}
		b.kernel.Unfenced = b.kernel.Unfenced || unfenced
	}
	return b, nil
}

// catalogue makes the shapes of fasteners that stacks place.
func (b *bodies) catalogue(unfenced bool) error {
	var list []*standard.Fastener
	var keys []string
	for _, key := range b.doc.PartOrder {
		if p := b.doc.Parts[key]; p.Catalogue {
			f, err := standard.Read(p.Number)
			if err != nil {
				return err
			}
			list, keys = append(list, f), append(keys, key)
		}
	}
	if len(list) == 0 {
		return nil
	}
	k, err := kernel.Find()
	if err != nil {
		return err
	}
	k.Unfenced = k.Unfenced || unfenced
	if b.dir, err = kernel.WorkFolder("catalogue"); err != nil {
		return err
	}
	path, im, err := k.Fasteners(context.Background(), b.dir, list)
	if err != nil {
		b.close()
		return err
	}
	for i, key := range keys {
		content := list[i].Designation()
		d := kernel.Derive(im.Parts[i])
		if s := d.Solid(content); s != nil {
			b.drawn[key] = d.Drawn()
			b.solids[key], b.exact[content] = s, kernel.Exact{File: path, Part: i}
		}
	}
	return nil
}

// items are the parts of the document's root where a report has them.
func (b *bodies) items(rep *report.Report) ([]clash.Item, error) {
	uses, more := placed.Uses(b.doc, rep, b.doc.Root, mostUses)
	if more {
		return nil, fmt.Errorf("it places more than %d parts", mostUses)
	}
	items := make([]clash.Item, len(uses))
	for i := range uses {
		items[i] = clash.Item{Name: uses[i].Name(), Solid: b.solids[uses[i].Part], Pose: uses[i].Pose}
	}
	return items, nil
}

// options are those of looking at the root.
func (b *bodies) options(clearance float64) clash.Options {
	a := b.doc.Assemblies[b.doc.Root]
	o := clash.Options{MM: b.doc.SettingsOf(a).ToleranceMM, Clearance: clearance, Fits: clash.Meant(b.doc, a), Known: b.known}
	if b.kernel != nil {
		o.Exact = b.kernel.Exactly(b.exact)
	}
	return o
}

// takeBodies reads the one file that a command names, with its shapes; nothing where it cannot be read, with what to exit with.
func takeBodies(c *call, unfenced *bool) (b *bodies, file string, code int) {
	files, code, ok := c.files(1, 1)
	if !ok {
		return nil, "", code
	}
	b, err := readBodies(files[0], c.in, *unfenced)
	if err != nil {
		return nil, "", c.fail("%s: %v", called(files[0]), err)
	}
	return b, files[0], 0
}
