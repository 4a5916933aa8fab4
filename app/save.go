package app

import (
	"archive/zip"
	"context"
	"fmt"
	"io"
	"maps"
	"path"
	"slices"
	"strings"
	"time"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/part"
	"setfast/store"
)

// Saved is a document with the files its parts come from.
type Saved struct {
	Name     string // of the file
	Document []byte
	Files    []SavedFile

	doc     *assembly.Document
	origins map[string]origin // of assemblies, by the names they have in the document
}

// origin is an assembly of the store in a state.
type origin struct{ id, seq int64 }

// SavedFile is a source, by the name the document calls it.
type SavedFile struct{ Name, SHA256 string }

// Save gives an assembly, with all it uses, as a document beside its sources.
func (a *App) Save(ctx context.Context, id int64) (*Saved, error) {
	row, err := a.Store.Assembly(ctx, id)
	if err != nil {
		return nil, err
	}
	return a.save(ctx, row.Name, []int64{id}, nil)
}

// SaveProject gives all assemblies and parts on the Shelf of a project as one document beside its sources. Its root is an assembly that no
// other uses.
func (a *App) SaveProject(ctx context.Context, project int64) (*Saved, error) {
	p, err := a.Store.Project(ctx, project)
	if err != nil {
		return nil, err
	}
	list, err := a.Store.Assemblies(ctx, project)
	if err != nil {
		return nil, err
	}
	parts, err := a.Store.Parts(ctx, project)
	if err != nil {
		return nil, err
	}
	used := map[string]bool{}
	var ids []int64
	for _, x := range list {
		if x.Off {
			continue
		}
		st, err := a.Store.State(ctx, x.ID)
		if err != nil {
			return nil, err
		}
		for _, c := range st.Asm.Components {
			used[c.Assembly] = true
		}
		ids = append(ids, x.ID)
	}
	if len(ids) == 0 {
		return nil, words.Refuse("there is no assembly yet, and a document wants one")
	}
	slices.SortStableFunc(ids, func(p, q int64) int { return tops(used, p) - tops(used, q) })
	return a.save(ctx, p.Name, ids, parts)
}

// tops puts those that nothing uses first.
func tops(used map[string]bool, id int64) int {
	if used[AssemblyKey(id)] {
		return 1
	}
	return 0
}

func (a *App) save(ctx context.Context, name string, ids []int64, parts []store.Part) (*Saved, error) {
	s := &saving{app: a, out: &Saved{Name: name, origins: map[string]origin{}}, parts: map[string]string{}, assemblies: map[string]string{}, files: map[string]string{},
		doc: &assembly.Document{Settings: assembly.DefaultSettings, Parts: map[string]*part.Part{}, Assemblies: map[string]*assembly.Assembly{}}}
	taken := map[string]bool{}
	var levels []*gathered
	for _, id := range ids {
		g, err := a.gathered(ctx, id)
		if err != nil {
			return nil, err
		}
		levels = append(levels, g)
		for _, key := range g.doc.Order {
			if s.assemblies[key] == "" {
				n, _, _ := KeyID(key)
				row, err := a.Store.Assembly(ctx, n)
				if err != nil {
					return nil, err
				}
				s.assemblies[key] = freeKey(taken, row.Name)
				s.out.origins[s.assemblies[key]] = origin{n, g.seqs[n]}
			}
		}
		for _, key := range g.doc.PartOrder {
			if err := s.part(ctx, g.parts[key], taken); err != nil {
				return nil, err
			}
		}
	}
	for _, row := range parts {
		if !row.Off {
			if err := s.part(ctx, row, taken); err != nil {
				return nil, err
			}
		}
	}
	for _, g := range levels {
		for _, key := range g.doc.Order {
			s.assembly(g, key)
		}
	}
	s.doc.Root = s.assemblies[levels[0].doc.Root]
	var err error
	s.out.doc = s.doc
	s.out.Document, err = format.Write(s.doc)
	return s.out, err
}

// saving is a document on its way out: keys of the store become names.
type saving struct {
	app               *App
	out               *Saved
	doc               *assembly.Document
	parts, assemblies map[string]string // key in the store → name in the document
	files             map[string]string // SHA-256 → name
}

// freeKey makes a name that is not taken, and takes it.
func freeKey(taken map[string]bool, want string) string {
	name := assembly.FreeName(want, func(n string) bool { return taken[n] })
	taken[name] = true
	return name
}

// part writes a part with its source, or as its features where it has none or is read in another unit than its file says.
func (s *saving) part(ctx context.Context, row store.Part, taken map[string]bool) error {
	if s.parts[row.Key()] != "" {
		return nil
	}
	view, err := s.app.view(ctx, row)
	if err != nil {
		return err
	}
	key := freeKey(taken, row.Name)
	s.parts[row.Key()] = key
	p := *view
	s.doc.Parts[key], s.doc.PartOrder = &p, append(s.doc.PartOrder, key)
	if isDocument(row.SourceName) || row.Unit != "" {
		p.Source, p.Listed, p.Shape = part.Source{}, 0, nil
		return nil
	}
	helpers := helpersOf(row)
	p.Order = nil
	for _, h := range helpers {
		p.Order = append(p.Order, h.Name)
	}
	p.Listed = len(p.Order)
	if p.Shape == nil {
		p.Shape = []part.Feature{}
	}
	p.Volume = part.Volume{} // it is the source's
	p.Source.Path, p.Source.Product = s.file(row.SourceName, row.SourceSHA256), 0
	siblings, err := s.app.Store.PartsOfSource(ctx, row.SourceID)
	if err != nil {
		return err
	}
	if row.SourceIndex > 0 || siblings > 1 {
		p.Source.Product = row.SourceIndex + 1
	}
	companions, err := s.app.Store.Companions(ctx, row.SourceID)
	if err != nil {
		return err
	}
	for _, called := range slices.Sorted(maps.Keys(companions)) {
		s.companion(path.Base(called), companions[called])
	}
	return nil
}

// file keeps a source under a name of its own.
func (s *saving) file(name, sha string) string {
	if have := s.files[sha]; have != "" {
		return have
	}
	names := map[string]bool{}
	for _, f := range s.out.Files {
		names[strings.ToLower(f.Name)] = true
	}
	as := name
	for n := 2; names[strings.ToLower(as)]; n++ {
		ext := path.Ext(name)
		as = fmt.Sprintf("%s %d%s", strings.TrimSuffix(name, ext), n, ext)
	}
	s.files[sha] = as
	s.out.Files = append(s.out.Files, SavedFile{as, sha})
	return as
}

// companion keeps a file under the very name that others call it by.
func (s *saving) companion(name, sha string) {
	if s.files[sha] == "" {
		s.files[sha] = name
		s.out.Files = append(s.out.Files, SavedFile{name, sha})
	}
}

// assembly writes an assembly as it is said, its parts and subassemblies by their names.
func (s *saving) assembly(g *gathered, key string) {
	name := s.assemblies[key]
	if s.doc.Assemblies[name] != nil {
		return
	}
	a := *g.doc.Assemblies[key]
	a.Components = slices.Clone(a.Components)
	for i, c := range a.Components {
		k := *c
		k.Part, k.Assembly = s.parts[c.Part], s.assemblies[c.Assembly]
		a.Components[i] = &k
	}
	s.doc.Assemblies[name], s.doc.Order = a.Seal(), append(s.doc.Order, name)
}

// Write makes the zip bundle.
func (s *Saved) Write(ctx context.Context, st *store.Store, to io.Writer) error {
	z := zip.NewWriter(to)
	put := func(name string) (io.Writer, error) {
		// the same content gives the same bytes
		return z.CreateHeader(&zip.FileHeader{Name: name, Method: zip.Deflate, Modified: time.Date(2020, 1, 1, 0, 0, 0, 0, time.UTC)})
	}
	w, err := put(s.Name + documentEnding)
	if err == nil {
		_, err = w.Write(s.Document)
	}
	for _, f := range s.Files {
		if err == nil {
			w, err = put(f.Name)
		}
		if err == nil {
			err = st.BlobTo(ctx, f.SHA256, w)
		}
	}
	if err != nil {
		return err
	}
	return z.Close()
}
