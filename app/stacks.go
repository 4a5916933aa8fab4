package app

import (
	"cmp"
	"context"
	"fmt"
	"hash/fnv"
	"maps"
	"slices"

	"setfast/app/commands"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/fasten"
	"setfast/core/laid"
	"setfast/core/part"
	"setfast/core/repeat"
	"setfast/core/standard"
	"setfast/store"
)

// laidOut is a gathering with its copies and stacks laid out: that is what is judged and shown. Without any it is the gathering itself.
type laidOut struct {
	doc    *assembly.Document
	parts  map[string]store.Part
	joints []fasten.Joint
	sets   []repeat.Set
	gaps   []Gap // copies and stacks that cannot be laid out
}

// lay lays the copies and stacks of a gathering out, by parts of its project's own.
func (a *App) lay(ctx context.Context, g *gathered) error {
	g.laid = &laidOut{doc: g.doc, parts: g.parts}
	if !laid.Has(g.doc) {
		return nil
	}
	parts := maps.Clone(g.parts)
	var x *laid.Laid
	err := a.work(ctx, func() (err error) {
		x, err = laid.Out(ctx, g.doc, func(f *standard.Fastener) (string, *part.Part, error) {
			row, err := a.catalogued(ctx, g.state.Project, f)
			if err != nil {
				return "", nil, err
			}
			parts[row.Key()] = row
			p, err := a.fastener(ctx, row, f)
			return row.Key(), p, err
		})
		return words.Plainly(ctx, err)
	})
	if err != nil {
		return err
	}
	l := &laidOut{doc: x.Document, parts: parts, joints: x.Joints, sets: x.Sets}
	for _, s := range x.Sets {
		if s.Why != "" {
			l.gaps = append(l.gaps, Gap{Assembly: cmp.Or(s.In, g.doc.Root), Component: s.Name, Why: s.Why})
		}
	}
	for _, j := range x.Joints {
		if j.Length == 0 {
			l.gaps = append(l.gaps, Gap{Assembly: cmp.Or(j.In, g.doc.Root), Component: j.Name, Why: j.Findings[0]})
		}
	}
	g.laid = l
	return nil
}

// fastener is a catalogue part as stacks take it: the stored one's shape, with the rims and places of its table.
func (a *App) fastener(ctx context.Context, row store.Part, f *standard.Fastener) (*part.Part, error) {
	p, err := a.view(ctx, row)
	if err != nil {
		return nil, err
	}
	p.Features = maps.Clone(p.Features)
	for n, x := range fasten.PartOf(f).Features {
		if _, own := p.Features[n]; !own {
			p.Features[n] = x
		}
	}
	return p, nil
}

// catalogueFolder is where the Shelf keeps what was made of tables.
const catalogueFolder = "Fasteners"

// catalogued gives the stored part of a fastener in a project; one that is not there yet is made by the kernel and kept by its content.
func (a *App) catalogued(ctx context.Context, project int64, f *standard.Fastener) (store.Part, error) {
	name := f.Designation()
	key := fmt.Sprint(project, " ", name)
	a.mu.Lock()
	id := a.fasteners[key]
	a.mu.Unlock()
	if id != 0 {
		if row, err := a.Store.Part(ctx, id); err == nil && row.ProjectID == project && row.Number == name {
			return row, nil
		}
	}
	rows, err := a.Store.Parts(ctx, project)
	if err != nil {
		return store.Part{}, err
	}
	file := name + ".step"
	at := slices.IndexFunc(rows, func(r store.Part) bool { return r.SourceName == file && r.Number == name })
	var row store.Part
	if at >= 0 {
		row = rows[at]
	} else if row, err = a.make(ctx, project, f, file); err != nil {
		return row, err
	}
	a.mu.Lock()
	a.fasteners[key] = row.ID
	a.mu.Unlock()
	return row, nil
}

// make makes a fastener's shape and keeps it as a part.
func (a *App) make(ctx context.Context, project int64, f *standard.Fastener, file string) (store.Part, error) {
	if a.Kernel == nil {
		return store.Part{}, words.Refuse("%s cannot be made: the shape kernel is not built", f.Designation())
	}
	data, err := a.Kernel.Catalogue(ctx, f)
	if err != nil {
		return store.Part{}, err
	}
	sha, err := a.Store.PutBlob(ctx, data)
	if err != nil {
		return store.Part{}, err
	}
	_, im, err := a.readSource(ctx, "fastener.step", sha, func(string) string { return "" })
	if err != nil {
		return store.Part{}, err
	}
	tint := fnv.New32a()
	tint.Write([]byte(f.Designation()))
	row := store.Part{ProjectID: project, Name: f.Designation(), Number: f.Designation(), Material: f.Material, Density: standard.Density, SourceName: file,
		SourceSHA256: sha, SourceID: sha, Tint: int(tint.Sum32() % 1_000_000), Folder: catalogueFolder}
	if err := a.derive(ctx, im, 0, &row); err != nil {
		return row, err
	}
	row.Fastener = true
	row, _, err = a.Store.AddPart(ctx, row)
	return row, err
}

// lengthened tells which screws have another length than they had.
func lengthened(was, now *laidOut) string {
	if was == nil || now == nil {
		return ""
	}
	had := map[string]string{}
	for _, j := range was.joints {
		had[j.In+"\x00"+j.Name] = j.Screw
	}
	var out []string
	for _, j := range now.joints {
		if old, ok := had[j.In+"\x00"+j.Name]; ok && old != j.Screw && j.Length > 0 {
			out = append(out, j.Name+" takes "+j.Screw)
		}
	}
	return some(out)
}

// unlaid are the stacks that could not be laid out.
func (g *gathered) unlaid() []Gap {
	if g == nil || g.laid == nil {
		return nil
	}
	return g.laid.gaps
}

// whole is a state's assembly with what its stacks stand for, as it is shown.
func (g *gathered) whole(st *assembly.Assembly) *assembly.Assembly {
	if len(st.Stacks)+len(st.Copies) == 0 || g.laid == nil {
		return st
	}
	whole := g.laid.doc.Assemblies[g.laid.doc.Root]
	out := *st
	out.Components, out.Mates, out.Fits, out.Planned = slices.Clone(st.Components), slices.Clone(st.Mates), slices.Clone(st.Fits), slices.Clone(st.Planned)
	for _, c := range whole.Components {
		if c.Made() {
			out.Components = append(out.Components, c)
		}
	}
	for _, m := range whole.Mates {
		if m.Made() {
			out.Mates = append(out.Mates, m)
		}
	}
	for _, f := range whole.Fits {
		if f.Made() {
			out.Fits = append(out.Fits, f)
		}
	}
	for _, p := range whole.Planned {
		if p.Made() {
			out.Planned = append(out.Planned, p)
		}
	}
	return out.Seal()
}

// Joints are the fastened joints of an assembly as it stands.
func (j *Judged) Joints() []fasten.Joint {
	var out []fasten.Joint
	for _, k := range j.of.laid.joints {
		if k.In == "" {
			out = append(out, k)
		}
	}
	return out
}

// TryStack tells what would come of a stack, which may take the place of one of its name. Nothing is changed.
func (a *App) TryStack(ctx context.Context, id int64, c commands.Fasten) (*fasten.Joint, error) {
	s, err := commands.StackOf(c.As, c.Stack)
	if err != nil {
		return nil, err
	}
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	asm := *j.of.doc.Assemblies[j.of.doc.Root]
	asm.Stacks = []assembly.Stack{s}
	doc := j.of.doc.WithRoot(asm.Seal())
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	var x *laid.Laid
	err = a.work(ctx, func() (err error) {
		x, err = laid.Out(ctx, doc, nil)
		return words.Plainly(ctx, err)
	})
	if err != nil {
		return nil, err
	}
	for i := range x.Joints {
		if k := &x.Joints[i]; k.In == "" && k.Name == s.Name {
			return k, nil
		}
	}
	return nil, words.Refuse("nothing came of it")
}

// onMade tells whether a relation stands on what copies or a stack place.
func (j *Judged) onMade(m *assembly.Mate) bool {
	return slices.ContainsFunc(m.Refs(), func(r assembly.Ref) bool {
		c := j.Asm.Component(r.Head())
		return c != nil && c.Made()
	})
}
