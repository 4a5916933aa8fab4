package app

import (
	"bytes"
	"cmp"
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"io/fs"
	"os"
	"path/filepath"
	"slices"
	"time"

	"setfast/app/words"
	"setfast/core/carry"
	"setfast/core/clash"
	"setfast/core/explode"
	"setfast/core/format"
	"setfast/core/list"
	"setfast/core/part"
	"setfast/core/sheet"
	"setfast/core/view"
	"setfast/export"
	"setfast/kernel"
	"setfast/store"
)

// mostApart is how many assemblies are remembered taken apart; beyond it all are let go.
const mostApart = 32

// shape reads a part's shape as drawings show it; nil of one without.
func (a *App) shape(ctx context.Context, row store.Part) (*view.Shape, []float64, error) {
	sha := row.DerivedSHA256
	d, _, err := a.Derived(ctx, sha)
	if err != nil {
		return nil, nil, err
	}
	a.mu.Lock()
	s, ok := a.shapes[sha]
	a.mu.Unlock()
	if ok {
		return s, d.Color, nil
	}
	data, err := a.Store.Blob(ctx, sha)
	if err != nil {
		return nil, nil, err
	}
	with := *d
	if err := with.DecodeMesh(data); err != nil {
		return nil, nil, err
	}
	s = with.Drawn()
	a.mu.Lock()
	defer a.mu.Unlock()
	if len(a.shapes) >= mostSolids {
		clear(a.shapes)
	}
	a.shapes[sha] = s
	return s, d.Color, nil
}

// Apart tells how an assembly comes apart: all of it, or in a way that it names.
func (a *App) Apart(ctx context.Context, id int64, name string) (*explode.Exploded, error) {
	b, err := a.bodies(ctx, id)
	if err != nil {
		return nil, err
	}
	return a.apart(ctx, b, name)
}

// way is an assembly taken apart in a way that it names.
type way struct {
	j    *Judged
	name string
}

func (a *App) apart(ctx context.Context, b *bodies, name string) (*explode.Exploded, error) {
	j, key := b.j, way{b.j, name}
	a.mu.Lock()
	x := a.taken[key]
	a.mu.Unlock()
	if x != nil {
		return x, nil
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Open)
	defer cancel()
	err := a.work(ctx, func() (err error) {
		units, base := explode.Units(j.Doc, j.Report, j.Doc.Root, func(key string) *clash.Solid { return b.solids[key] })
		o := explode.Options{MM: j.Doc.SettingsOf(j.Asm).ToleranceMM, Base: base, Fits: clash.Meant(j.Doc, j.Asm), Finer: b.finer()}
		if err := o.Say(j.Asm, name); err != nil {
			return words.Refuse("%s", err)
		}
		x, err = explode.Of(ctx, units, o)
		return words.Plainly(ctx, err)
	})
	if err != nil {
		return nil, err
	}
	a.mu.Lock()
	defer a.mu.Unlock()
	if len(a.taken) >= mostApart {
		clear(a.taken)
	}
	a.taken[key] = x
	return x, nil
}

// Paper is what is asked of a sheet.
type Paper struct {
	Views    []string
	Section  string
	In       sheet.Input // size, scale, angle, and what the title block says
	Exploded bool
	Apart    string   // the way it comes apart in, where it names several
	Dims     []string // as asked for
	Details  []string
	Pointed  bool // tells what can be pointed at
}

// subject is an assembly to be drawn.
func (a *App) subject(ctx context.Context, id int64, apart bool, name string) (*sheet.Subject, *Judged, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, nil, err
	}
	s, err := a.subjectOf(ctx, j)
	if err != nil || !apart {
		return s, j, err
	}
	b, err := a.bodies(ctx, id)
	if err != nil {
		return nil, nil, err
	}
	s.Exploded, err = a.apart(ctx, b, name)
	return s, j, err
}

// subjectOf is what was judged, to be drawn.
func (a *App) subjectOf(ctx context.Context, j *Judged) (*sheet.Subject, error) {
	shapes := map[string]*view.Shape{}
	for key, row := range j.Parts {
		shape, _, err := a.shape(ctx, row)
		if err != nil {
			return nil, err
		}
		shapes[key] = shape
	}
	w := &carry.World{Doc: j.Doc, Asm: j.Asm, Rep: j.Result}
	return &sheet.Subject{Doc: j.Doc, Report: j.Report, Name: j.Doc.Root, Shape: func(key string) *view.Shape { return shapes[key] },
		Resolve: func(ref string) (part.Feature, error) {
			r, err := format.Ref(ref)
			if err != nil {
				return part.Feature{}, err
			}
			return w.Feature(r)
		}}, nil
}

// Draw draws an assembly on a sheet.
func (a *App) Draw(ctx context.Context, id int64, p Paper) (out *sheet.Sheet, err error) {
	s, _, err := a.subject(ctx, id, p.Exploded, p.Apart)
	if err != nil {
		return nil, err
	}
	s.Section, s.Pointed = p.Section, p.Pointed
	names := p.Views
	if len(names) == 0 {
		names = sheet.Usual(p.Exploded)
	} else if p.Exploded {
		names = append(slices.Clone(names), "exploded")
	}
	row, err := a.Store.Assembly(ctx, id)
	if err != nil {
		return nil, err
	}
	in := p.In
	in.Title.Number, in.Title.Name = row.Number, row.Name
	in.Title.Date = cmp.Or(in.Title.Date, time.Now().Format(time.DateOnly))
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Open)
	defer cancel()
	err = a.work(ctx, func() error {
		if err = s.Ask(&in, names, p.Dims, p.Details); err != nil {
			return words.Refuse("%s", err)
		}
		if out, err = sheet.Make(ctx, in); err != nil && ctx.Err() == nil {
			return words.Refuse("%s", err)
		}
		return words.Plainly(ctx, err)
	})
	return out, err
}

// Guide makes the build guide of an assembly, or of what leaves in a way that it names.
func (a *App) Guide(ctx context.Context, id int64, name string) (out *sheet.Guide, err error) {
	s, _, err := a.subject(ctx, id, true, name)
	if err != nil {
		return nil, err
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Open)
	defer cancel()
	err = a.work(ctx, func() error {
		out, err = s.Guide(ctx)
		return words.Plainly(ctx, err)
	})
	return out, err
}

// PartsList is the parts list of an assembly.
func (a *App) PartsList(ctx context.Context, id int64, levels bool) (*list.List, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	return list.Of(j.Doc, levels), nil
}

// Out is an assembly for other programs, as it stands or as it stood after a line, all of it or one component, by the parts that have a shape; without names
// the others.
func (a *App) Out(ctx context.Context, id, seq int64, only, kind string) (data []byte, without []string, err error) {
	j, err := a.Judge(ctx, id)
	if err == nil && seq != Latest {
		j, err = a.Moment(ctx, id, seq)
	}
	if err != nil {
		return nil, nil, err
	}
	b, err := a.bodiesOf(ctx, j)
	if err != nil {
		return nil, nil, err
	}
	shapes, colors := map[string]*view.Shape{}, map[string][]float64{}
	for key, row := range j.Parts {
		if shapes[key], colors[key], err = a.shape(ctx, row); err != nil {
			return nil, nil, err
		}
	}
	m, without, err := export.Of(j.Doc, j.Report, j.Doc.Root, only, func(key string) (*view.Shape, []float64) { return shapes[key], colors[key] })
	if err != nil {
		return nil, nil, words.Refuse("%s", err)
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Open)
	defer cancel()
	var to bytes.Buffer
	err = a.work(ctx, func() error {
		switch kind {
		case "stl":
			return m.WriteSTL(&to)
		case "3mf":
			return m.Write3MF(&to)
		case "glb":
			return m.WriteGLB(&to)
		case "step":
			return b.step(ctx, m, &to)
		}
		return words.Refuse("there is no form %q; there are step, stl, 3mf and glb", kind)
	})
	return to.Bytes(), without, err
}

// Latest is the line of how an assembly stands.
const Latest = -1

// step has the kernel write a model.
func (b *bodies) step(ctx context.Context, m *export.Model, to *bytes.Buffer) error {
	if b.a.Kernel == nil {
		return words.Refuse("exact shapes cannot be written here: the kernel's program is not there")
	}
	var solids []*clash.Solid
	for _, p := range m.Parts {
		if s := b.solids[p.Key]; s != nil {
			solids = append(solids, s)
		}
	}
	return b.laid(ctx, solids, func(of map[string]kernel.Exact) error {
		names := map[string]string{}
		dir := ""
		for _, x := range of { // the kernel tells STEP from IGES by the name
			dir, names[x.File] = filepath.Dir(x.File), x.File+"."+kernel.Format(x.Name)
			if err := os.Link(x.File, names[x.File]); err != nil && !errors.Is(err, fs.ErrExist) {
				return err
			}
		}
		recipe, left := m.Recipe(filepath.Join(dir, "out.step"), func(key string) (string, int, bool) {
			s := b.solids[key]
			if s == nil {
				return "", 0, false
			}
			x, ok := of[s.Key]
			return names[x.File], x.Part, ok && (x.Scale == 0 || x.Scale == 1)
		})
		if len(left) == len(m.Parts) {
			return words.Refuse("nothing in it has an exact shape")
		}
		if err := b.a.Kernel.Make(ctx, dir, recipe); err != nil {
			return words.Plainly(ctx, fmt.Errorf("STEP could not be written: %w", err))
		}
		data, err := os.ReadFile(filepath.Join(dir, "out.step"))
		if err != nil {
			return err
		}
		to.Write(data)
		return nil
	})
}

// kept under which the settings of a sheet are.
const keptSheet = "sheet"

// mostSheets are kept of an assembly.
const mostSheets = 100

// KeepSheet keeps what a sheet was asked for, as its page writes it, under a name; the first has none. Without a query it is thrown away.
func (a *App) KeepSheet(ctx context.Context, id int64, name, query string) error {
	name, err := words.Text("the sheet's name", name, words.MostName)
	if err != nil {
		return err
	}
	if len(query) > mostKeptBytes {
		return words.Refuse("this is more than can be kept of a sheet")
	}
	k := store.Kept{Kind: keptSheet, Name: cmp.Or(name, keptSheet)}
	if query == "" {
		return a.Store.Keep(ctx, id, k)
	}
	sheets, err := a.SheetsKept(ctx, id)
	if err != nil {
		return err
	}
	if _, there := sheets[name]; len(sheets) >= mostSheets && !there {
		return words.Refuse("an assembly has at most %d sheets; throw one away first", mostSheets)
	}
	if k.Data, err = json.Marshal(query); err != nil {
		return err
	}
	return a.Store.Keep(ctx, id, k)
}

// SheetsKept are what was kept of sheets, by their names.
func (a *App) SheetsKept(ctx context.Context, id int64) (map[string]string, error) {
	all, err := a.Store.KeptOf(ctx, id)
	if err != nil {
		return nil, err
	}
	sheets := map[string]string{}
	for _, k := range all {
		if k.Kind != keptSheet {
			continue
		}
		var query string
		if err := json.Unmarshal(k.Data, &query); err != nil {
			return nil, err
		}
		name := k.Name
		if name == keptSheet {
			name = ""
		}
		sheets[name] = query
	}
	return sheets, nil
}
