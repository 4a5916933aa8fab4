package app

import (
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"os"
	"path"
	"path/filepath"
	"slices"
	"strings"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/part"
	"setfast/kernel"
	"setfast/store"
)

// documentEnding is that of assembly files.
const documentEnding = ".setfast.json"

// isDocument tells an assembly file by its name.
func isDocument(name string) bool { return strings.HasSuffix(strings.ToLower(name), documentEnding) }

// sourcesOf are the files that the parts of a document name, of one that cannot be read none.
func sourcesOf(data []byte) (out []string) {
	var doc struct {
		Parts map[string]struct {
			Source map[string]json.RawMessage
		}
	}
	if json.Unmarshal(data, &doc) != nil {
		return nil
	}
	for _, p := range doc.Parts {
		for _, f := range []string{"step", "iges", "stl"} {
			var name string
			if json.Unmarshal(p.Source[f], &name) == nil && name != "" {
				out = append(out, name)
			}
		}
	}
	return out
}

// arriving is an assembly file on its way in.
type arriving struct {
	app   *App
	file  store.ImportFile
	batch map[string]string // what came with it: name in small letters → SHA-256
	out   *Imported

	doc  *assembly.Document
	read map[string]*readFile // by SHA-256
	rows map[string]store.Part
	from map[string]placeIn // per part with a source
	made map[string]int64
	have []store.Assembly
}

// readFile is a source that was read.
type readFile struct {
	source
	im *kernel.Import
}

// placeIn says which product of which source a part is.
type placeIn struct {
	file  *readFile
	sha   string
	name  string
	index int
}

// readDocument brings an assembly file in whole: its parts, with the files they come from or as features alone, and its assemblies with
// their relations. Read again it adds nothing twice.
func (a *App) readDocument(ctx context.Context, f store.ImportFile, batch map[string]string, out *Imported) error {
	data, err := a.Store.Blob(ctx, f.SHA256)
	if err != nil {
		return err
	}
	x := &arriving{app: a, file: f, batch: batch, out: out, read: map[string]*readFile{}, rows: map[string]store.Part{}, from: map[string]placeIn{}, made: map[string]int64{}}
	if x.doc, err = format.Read(data, func(name string, p *part.Part) error { return x.shape(ctx, name, p) }); err != nil {
		if full := errors.Unwrap(err); full != nil && ctx.Err() != nil {
			return full
		}
		return words.Refuse("%s", err)
	}
	for i, key := range x.doc.PartOrder {
		if err := x.part(ctx, key, i); err != nil {
			return err
		}
	}
	if x.have, err = a.Store.Assemblies(ctx, f.ProjectID); err != nil {
		return err
	}
	for _, name := range x.doc.Order {
		if _, err := x.assembly(ctx, name); err != nil {
			return err
		}
	}
	return nil
}

// shape finds the shape of a part with a source: in a file that came with the document, or on the Shelf by its SHA-256.
func (x *arriving) shape(ctx context.Context, key string, p *part.Part) error {
	base := path.Base(strings.ReplaceAll(p.Source.Path, `\`, "/"))
	sha := x.batch[strings.ToLower(base)]
	switch {
	case sha == "" && p.Source.SHA256 == "":
		return fmt.Errorf("%s did not come with it: hand both in together, or as a zip bundle", base)
	case sha == "":
		sha = strings.ToLower(p.Source.SHA256)
	case p.Source.SHA256 != "" && !strings.EqualFold(p.Source.SHA256, sha):
		return fmt.Errorf("%s is not the file this document was made with: its SHA-256 differs", base)
	}
	if p.Source.Format == "stl" {
		return x.triangles(ctx, sha, base, p)
	}
	file, err := x.source(ctx, base, sha)
	if err != nil {
		return err
	}
	index := max(1, p.Source.Product) - 1
	if index >= len(file.im.Parts) || p.Source.Product == 0 && len(file.im.Parts) > 1 {
		return fmt.Errorf("%s holds %d parts, so \"product\" has to say which of them it is", base, len(file.im.Parts))
	}
	x.from[key] = placeIn{file, sha, base, index}
	p.Take(kernel.Derive(file.im.Parts[index]).Part())
	return nil
}

// source reads a file once.
func (x *arriving) source(ctx context.Context, name, sha string) (*readFile, error) {
	if f := x.read[sha]; f != nil {
		return f, nil
	}
	kept, err := x.app.Store.SourceOf(ctx, sha)
	if err != nil {
		return nil, err
	}
	companions, err := x.app.Store.Companions(ctx, kept)
	if err != nil {
		return nil, err
	}
	src, im, err := x.app.readSource(ctx, name, sha, func(called string) string {
		if s := x.batch[strings.ToLower(path.Base(called))]; s != "" {
			return s
		}
		return companions[called] // it is on a Shelf already
	})
	if errors.Is(err, store.ErrNotFound) {
		return nil, fmt.Errorf("%s is neither on the Shelf nor did it come with the document: hand both in together, or as a zip bundle", name)
	}
	if err != nil {
		return nil, err
	}
	if err := x.app.Store.SetCompanions(ctx, src.id, src.companions); err != nil {
		return nil, err
	}
	x.read[sha] = &readFile{src, im}
	return x.read[sha], nil
}

// triangles takes volume and centroid of a file of triangles; the part is kept as its features.
func (x *arriving) triangles(ctx context.Context, sha, name string, p *part.Part) error {
	dir, err := kernel.WorkFolder("import")
	if err != nil {
		return full(err)
	}
	defer os.RemoveAll(dir)
	at := filepath.Join(dir, "part.stl")
	to, err := os.Create(at)
	if err != nil {
		return full(err)
	}
	err = x.app.Store.BlobTo(ctx, sha, to)
	if e := to.Close(); err == nil {
		err = e
	}
	if errors.Is(err, store.ErrNotFound) {
		return fmt.Errorf("%s did not come with it: hand both in together, or as a zip bundle", name)
	}
	if err != nil {
		return err
	}
	q, err := kernel.ReadSTL(at)
	if err == nil {
		p.Take(q)
	}
	return err
}

// part keeps a part of the document, and what the document says of it where it is new here.
func (x *arriving) part(ctx context.Context, key string, index int) error {
	p := x.doc.Parts[key]
	name := p.Name
	if name == "" {
		name = key
	}
	row := store.Part{ProjectID: x.file.ProjectID, Name: clip(name, words.MostName), Number: clip(p.Number, words.MostNumber), Revision: p.Revision, Material: p.Material, Stock: p.Stock,
		Density: p.Density, Tint: int(x.file.ID%1_000_000) + index, Arrival: x.file.ID}
	im, at := &kernel.Import{}, 0
	if from, ok := x.from[key]; ok {
		row.SourceName, row.SourceSHA256, row.SourceID, row.SourceIndex = clip(from.name, mostFileNames), from.sha, from.file.id, from.index
		im, at = from.file.im, from.index
		if p.Mass > 0 && p.Density == 0 && p.Volume.Known && p.Volume.MM3 > 0 { // as stated
			row.Density = p.Mass / part.Mass(1, p.Volume.MM3)
		}
	} else {
		row.SourceName, row.SourceSHA256, row.SourceID, row.SourceIndex = clip(x.file.Name, mostFileNames), x.file.SHA256, x.file.SHA256, index
		im.Parts = []*kernel.Part{kernel.Sketch(p)}
	}
	if err := x.app.derive(ctx, im, at, &row); err != nil {
		return err
	}
	row.Fastener = p.Fastener
	row, fresh, err := x.app.Store.AddPart(ctx, row)
	if err != nil {
		return err
	}
	if _, ok := x.from[key]; ok && fresh && p.Listed > 0 {
		var list []format.NamedFeature
		for _, n := range p.Order[:p.Listed] {
			list = append(list, format.NamedFeature{Name: n, Feature: p.Features[n]})
		}
		helpers, err := json.Marshal(format.FeaturesObject(list))
		if err != nil {
			return err
		}
		if row, err = x.app.Store.ChangePart(ctx, row.ID, func(r *store.Part) error { r.Helpers = string(helpers); return nil }); err != nil {
			return err
		}
	}
	x.rows[key] = row
	if fresh {
		x.out.New = append(x.out.New, row)
	} else {
		x.out.Known = append(x.out.Known, row)
	}
	return nil
}

// assembly makes an assembly of the document, after those it uses.
func (x *arriving) assembly(ctx context.Context, name string) (int64, error) {
	if id, ok := x.made[name]; ok {
		return id, nil
	}
	a := *x.doc.Assemblies[name]
	a.Components = slices.Clone(a.Components)
	for i, c := range a.Components {
		k := *c
		if k.Assembly != "" {
			id, err := x.assembly(ctx, k.Assembly)
			if err != nil {
				return 0, err
			}
			k.Assembly = AssemblyKey(id)
		} else {
			k.Part = x.rows[k.Part].Key()
		}
		a.Components[i] = &k
	}
	if a.Settings == nil && x.doc.Settings != assembly.DefaultSettings {
		a.Settings = &x.doc.Settings
	}
	i := slices.IndexFunc(x.have, func(h store.Assembly) bool { return h.SourceID == x.file.SHA256 && h.SourceNode == name })
	if i >= 0 && x.have[i].Seq > 0 {
		x.made[name] = x.have[i].ID
		if x.have[i].Off {
			return x.have[i].ID, x.app.Store.PutBack(ctx, x.have[i].Key())
		}
		return x.have[i].ID, nil
	}
	called := a.Name
	if called == "" {
		called = name
	}
	row := store.Assembly{ProjectID: x.file.ProjectID, Name: clip(called, words.MostName), Number: clip(a.Number, words.MostNumber), SourceID: x.file.SHA256, SourceNode: name}
	id, err := int64(0), error(nil)
	if i >= 0 { // one whose making was broken off is gone on with
		id = x.have[i].ID
	} else if id, err = x.app.Store.CreateAssembly(ctx, row); err != nil {
		return 0, err
	}
	x.made[name] = id
	x.out.Built = append(x.out.Built, row.Name)
	_, err = x.app.Post(ctx, id, "import", "as "+x.file.Name+" has it", filling(&a))
	return id, err
}

// sketches are the parts of an assembly file that are features alone, in the places they have in it.
func (a *App) sketches(ctx context.Context, sha string) (*kernel.Import, error) {
	data, err := a.Store.Blob(ctx, sha)
	if err != nil {
		return nil, err
	}
	parts, err := format.Parts(data)
	if err != nil {
		return nil, err
	}
	im := &kernel.Import{}
	for _, p := range parts {
		im.Parts = append(im.Parts, kernel.Sketch(p))
	}
	return im, nil
}
