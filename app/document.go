package app

import (
	"context"
	"crypto/sha256"
	"encoding/hex"
	"errors"
	"fmt"
	"maps"
	"setfast/app/words"
	"slices"

	"setfast/core/assembly"
	"setfast/core/part"
	"setfast/kernel"
	"setfast/store"
)

// Gap is something an assembly says that cannot be had: a component without its part, a relation without its feature. What has
// a gap is left out of the account, and stays in the assembly until it is mended or removed.
type Gap struct {
	Assembly  string // key
	Component string // one of these two
	Relation  string
	Why       string
}

func (g Gap) String() string {
	if g.Relation != "" {
		return g.Relation + ": " + g.Why
	}
	return g.Component + ": " + g.Why
}

// gathered is an assembly with all it uses.
type gathered struct {
	state store.State
	doc   *assembly.Document // without what is missing: it can be solved
	parts map[string]store.Part
	seqs  map[int64]int64 // of every assembly in it
	gaps  []Gap
	laid  *laidOut // before it is judged
}

// Document gathers an assembly and all it uses as it stands.
func (a *App) Document(ctx context.Context, id int64) (*assembly.Document, map[string]store.Part, error) {
	g, err := a.gathered(ctx, id)
	if err != nil {
		return nil, nil, err
	}
	return g.doc, g.parts, nil
}

// gathered gathers an assembly as it stands.
func (a *App) gathered(ctx context.Context, id int64) (*gathered, error) {
	st, err := a.Store.State(ctx, id)
	if err != nil {
		return nil, err
	}
	return a.gather(ctx, st, nil)
}

// statesOf gives assemblies by their numbers.
type statesOf func(ctx context.Context, ids []int64) (map[int64]store.State, error)

// gather collects the document of a state, level by level: a few questions to the database, however many parts there are. near,
// where given, was gathered just before: its parts are not asked for again.
func (a *App) gather(ctx context.Context, st store.State, near *gathered) (*gathered, error) {
	return a.gatherOf(ctx, st, near, a.Store.States)
}

// gatherOf does so with the assemblies that are used as states tells them.
func (a *App) gatherOf(ctx context.Context, st store.State, near *gathered, states statesOf) (*gathered, error) {
	g := &gathered{state: st, parts: map[string]store.Part{}, seqs: map[int64]int64{},
		doc: &assembly.Document{Root: AssemblyKey(st.ID), Settings: assembly.DefaultSettings, Parts: map[string]*part.Part{}, Assemblies: map[string]*assembly.Assembly{}}}
	var parts []int64
	rows := map[int64]store.Part{}
	asked := map[string]bool{g.doc.Root: true}
	level := []store.State{st}
	for depth := 0; len(level) > 0; depth++ {
		if depth > assembly.MaxDepth {
			return nil, words.Refuse("assemblies lie inside one another more than %d deep here", assembly.MaxDepth)
		}
		var next []int64
		for _, s := range level {
			key := AssemblyKey(s.ID)
			g.doc.Assemblies[key], g.seqs[s.ID] = s.Asm, s.Seq
			g.doc.Order = append(g.doc.Order, key)
			for _, c := range s.Asm.Components {
				item := c.Part + c.Assembly
				if asked[item] {
					continue
				}
				asked[item] = true
				if n, isPart, err := KeyID(item); err == nil && isPart {
					if row, ok := near.part(item); ok {
						rows[n] = row
					} else {
						parts = append(parts, n)
					}
					g.doc.PartOrder = append(g.doc.PartOrder, item)
				} else if err == nil {
					next = append(next, n)
				}
			}
		}
		used, err := states(ctx, next)
		if err != nil {
			return nil, err
		}
		level = level[:0:0]
		for _, id := range next {
			if s, ok := used[id]; ok {
				level = append(level, s)
			}
		}
	}
	others, err := a.Store.PartsByID(ctx, parts)
	if err != nil {
		return nil, err
	}
	maps.Copy(rows, others)
	for id, row := range rows {
		p, err := a.view(ctx, row)
		if errors.Is(err, store.ErrNotFound) {
			continue // its shape is gone
		}
		if err != nil {
			return nil, fmt.Errorf("part %q: %w", row.Name, err)
		}
		g.doc.Parts[PartKey(id)], g.parts[PartKey(id)] = p, row
	}
	g.doc.PartOrder = slices.DeleteFunc(g.doc.PartOrder, func(k string) bool { return g.doc.Parts[k] == nil })
	g.leaveOutMissing()
	return g, nil
}

// part is a part that was gathered.
func (g *gathered) part(key string) (store.Part, bool) {
	if g == nil {
		return store.Part{}, false
	}
	row, ok := g.parts[key]
	return row, ok
}

// view makes an assembly's view of a stored part.
func (a *App) view(ctx context.Context, row store.Part) (*part.Part, error) {
	_, shape, err := a.Derived(ctx, row.DerivedSHA256)
	if err != nil {
		return nil, err
	}
	p := *shape // features are shared, what people say is not
	p.Name, p.Number, p.Revision, p.Material, p.Stock = row.Name, row.Number, row.Revision, row.Material, row.Stock
	p.Density, p.Fastener = row.Density, row.Fastener
	helped(&p, row)
	p.Source = part.Source{Format: kernel.Format(row.SourceName), Path: row.SourceName, SHA256: row.SourceSHA256}
	return &p, nil
}

// leaveOutMissing puts copies in the place of assemblies that say what cannot be had: there the components concerned are
// suppressed and the relations and measures left out.
func (g *gathered) leaveOutMissing() {
	closes := g.closing()
	for _, key := range g.doc.Order {
		a := g.doc.Assemblies[key]
		without := *a
		without.Components = nil
		gone := map[string]bool{}
		for _, c := range a.Components {
			why := ""
			switch {
			case c.Part != "" && g.doc.Parts[c.Part] == nil:
				why = "its part is not there any more"
			case c.Assembly != "" && g.doc.Assemblies[c.Assembly] == nil:
				why = "its assembly is not there any more"
			case closes[[2]string{key, c.Assembly}]:
				why = "an assembly cannot be placed inside itself, not even by way of others"
			}
			if why != "" {
				g.gaps = append(g.gaps, Gap{Assembly: key, Component: c.Name, Why: why})
				k := *c
				k.Suppressed = true
				c, gone[c.Name] = &k, true
			}
			without.Components = append(without.Components, c)
		}
		if len(gone) > 0 {
			g.doc.Assemblies[key] = without.Seal()
		}
	}
	for _, key := range g.doc.Order { // once all components are as they will be
		g.leaveOutUnfounded(key)
	}
}

// leaveOutUnfounded drops relations and measures whose features cannot be found.
func (g *gathered) leaveOutUnfounded(key string) {
	a := g.doc.Assemblies[key]
	gone := map[string]bool{}
	for _, p := range g.gaps {
		if p.Assembly == key {
			gone[p.Component] = true
		}
	}
	sound := func(r *assembly.Ref) error {
		if r == nil {
			return nil
		}
		_, err := g.doc.Feature(a, *r)
		return err
	}
	var bad []string
	for _, m := range a.Mates {
		for _, r := range m.Refs() {
			if err := sound(&r); err != nil {
				if !gone[r.Head()] {
					g.gaps = append(g.gaps, Gap{Assembly: key, Relation: m.ID, Why: err.Error()})
				}
				bad = append(bad, m.ID)
				break
			}
		}
	}
	measures := slices.DeleteFunc(slices.Clone(a.Measures), func(m assembly.Measure) bool {
		return errors.Join(sound(m.A), sound(m.B), sound(m.In), sound(m.OfRef)) != nil
	})
	if len(bad) == 0 && len(measures) == len(a.Measures) {
		return
	}
	out := *a
	out.Measures = measures
	out.Mates = slices.DeleteFunc(slices.Clone(a.Mates), func(m *assembly.Mate) bool { return slices.Contains(bad, m.ID) })
	g.doc.Assemblies[key] = out.Seal()
}

// closing finds the uses that make an assembly contain itself, seen from the root.
func (g *gathered) closing() map[[2]string]bool {
	out := map[[2]string]bool{}
	const onTheWay, done = 1, 2
	state := map[string]int{}
	var walk func(key string)
	walk = func(key string) {
		state[key] = onTheWay
		for _, c := range g.doc.Assemblies[key].Components {
			switch {
			case c.Assembly == "" || g.doc.Assemblies[c.Assembly] == nil:
			case state[c.Assembly] == onTheWay:
				out[[2]string{key, c.Assembly}] = true
			case state[c.Assembly] == 0:
				walk(c.Assembly)
			}
		}
		state[key] = done
	}
	walk(g.doc.Root)
	return out
}

// same tells whether two gatherings are of the very same things.
func (g *gathered) same(o *gathered) bool {
	if len(g.seqs) != len(o.seqs) || len(g.parts) != len(o.parts) || len(g.gaps) != len(o.gaps) {
		return false
	}
	for id, seq := range g.seqs {
		if s, ok := o.seqs[id]; !ok || s != seq {
			return false
		}
	}
	for k, r := range g.parts {
		if o.parts[k] != r {
			return false
		}
	}
	return true
}

// Fingerprint is the same as long as nothing that assemblies are made of has changed: their logs, those of what they use, and their parts.
func (a *App) Fingerprint(ctx context.Context, ids ...int64) (string, error) {
	h := sha256.New()
	for _, id := range ids {
		g, err := a.gathered(ctx, id)
		if err != nil {
			return "", err
		}
		for _, k := range slices.Sorted(maps.Keys(g.seqs)) {
			fmt.Fprintf(h, "a%d %d\n", k, g.seqs[k])
		}
		for _, k := range slices.Sorted(maps.Keys(g.parts)) {
			fmt.Fprintf(h, "%q %+v\n", k, g.parts[k])
		}
	}
	return hex.EncodeToString(h.Sum(nil)), nil
}

// newGap finds one that was not there before.
func newGap(now, before []Gap) *Gap {
	for i := range now {
		if !slices.Contains(before, now[i]) {
			return &now[i]
		}
	}
	return nil
}
