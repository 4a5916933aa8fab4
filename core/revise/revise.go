package revise

import (
	"maps"
	"math"
	"slices"

	"setfast/core/assembly"
	"setfast/core/part"
)

// Renamed is a relation that stands on a feature which has another name now.
type Renamed struct {
	Mate string `json:"mate"`
	From string `json:"from"`
	To   string `json:"to"`
}

// Moved is a relation that stands on a feature which lies elsewhere now.
type Moved struct {
	Mate    string  `json:"mate"`
	Feature string  `json:"feature"`
	MM      float64 `json:"mm"`
	Deg     float64 `json:"deg"`
}

// Broken is a relation that stands on a feature which is gone.
type Broken struct {
	Mate     string  `json:"mate"`
	Feature  string  `json:"feature"`
	Why      string  `json:"why"`
	Proposal *string `json:"proposal"`
}

// Result is a document with a part's newer revision.
type Result struct {
	Document *assembly.Document `json:"-"`
	Carried  int                `json:"carried"` // relations on the part that hold on
	Renamed  []Renamed          `json:"renamed"`
	Moved    []Moved            `json:"moved"`
	Broken   []Broken           `json:"broken"`          // they are suppressed
	Other    []string           `json:"other,omitempty"` // measures, fits and stacks that stand on what is gone
}

// Update puts now in the place of a part of a document. Features that somebody listed beside a source stay as they are listed.
func Update(doc *assembly.Document, key string, now *part.Part) *Result {
	old := doc.Parts[key]
	u := &updating{doc: doc, key: key, out: &Result{Renamed: []Renamed{}, Moved: []Moved{}, Broken: []Broken{}}}
	found := *old
	next := *now
	next.Features, next.Order = maps.Clone(now.Features), slices.Clone(now.Order)
	if old.Source.Format != "" { // what is listed is somebody's own
		u.own = map[string]bool{}
		for _, n := range old.Order[:old.Listed] {
			u.own[n] = true
		}
		found.Order = old.Order[old.Listed:]
		next.Order = slices.Clone(old.Order[:old.Listed])
		for _, n := range next.Order {
			next.Features[n] = old.Features[n]
		}
		next.Listed = old.Listed
		for _, n := range now.Order {
			if !u.own[n] {
				next.Order = append(next.Order, n)
			}
		}
	}
	u.match = Features(&found, now)
	next.Number, next.Name, next.Revision, next.Material = old.Number, old.Name, old.Revision, old.Material
	next.Fastener, next.Density, next.Mass = old.Fastener, old.Density, old.Mass
	open := *doc
	open.Parts, open.Assemblies = maps.Clone(doc.Parts), maps.Clone(doc.Assemblies)
	open.Parts[key] = &next
	u.next = &next
	for _, name := range doc.Order {
		open.Assemblies[name] = u.assembly(name, doc.Assemblies[name])
	}
	u.out.Document = &open
	return u.out
}

type updating struct {
	doc   *assembly.Document
	key   string
	match map[string]Match
	own   map[string]bool // features that somebody listed
	next  *part.Part      // the part as it will be
	out   *Result
}

// on tells whether a reference stands on a feature of the part's shape, and what became of it.
func (u *updating) on(a *assembly.Assembly, r assembly.Ref) (Match, bool) {
	if len(r.Path) == 0 || u.own[r.Feature] {
		return Match{}, false
	}
	if _, built := part.BuiltIn[r.Feature]; built {
		return Match{}, false
	}
	chain, _, err := u.doc.Lookup(a, r)
	if err != nil || chain[len(chain)-1].Part != u.key {
		return Match{}, false
	}
	m, known := u.match[r.Feature]
	if !known { // a name beside the numbered ones: it is there still, or it is gone
		m = Match{}
		if _, still := u.doc.Parts[u.key].Features[r.Feature]; still {
			for n, k := range u.match {
				if u.doc.Parts[u.key].Features[n] == u.doc.Parts[u.key].Features[r.Feature] {
					m = k
				}
			}
		}
	}
	return m, true
}

func (u *updating) assembly(name string, a *assembly.Assembly) *assembly.Assembly {
	next := *a
	next.Mates = nil
	changed := false
	for _, m := range a.Mates {
		k, touched := u.mate(name, a, m)
		changed = changed || touched
		next.Mates = append(next.Mates, k)
	}
	ref := func(what string, r *assembly.Ref) *assembly.Ref {
		if r == nil || r.Feature == "" {
			return r
		}
		m, on := u.on(a, *r)
		if !on {
			return r
		}
		if m.To == "" {
			u.out.Other = append(u.out.Other, what)
			return r
		}
		k := *r
		k.Feature = m.To
		changed = changed || k.Feature != r.Feature
		return &k
	}
	next.Measures = slices.Clone(a.Measures)
	for i := range next.Measures {
		m := &next.Measures[i]
		what := "measure " + m.Name
		m.A, m.B, m.OfRef, m.In = ref(what, m.A), ref(what, m.B), ref(what, m.OfRef), ref(what, m.In)
	}
	next.Planned = slices.Clone(a.Planned)
	for i := range next.Planned {
		next.Planned[i].Ref = ref("planned motion", next.Planned[i].Ref)
	}
	next.Fits = slices.Clone(a.Fits)
	for i := range next.Fits {
		f := &next.Fits[i]
		f.A, f.B = *ref("fit", &f.A), *ref("fit", &f.B)
	}
	next.Stacks = slices.Clone(a.Stacks)
	for i := range next.Stacks {
		s := &next.Stacks[i]
		s.Holes, s.Into = slices.Clone(s.Holes), slices.Clone(s.Into)
		for _, list := range [][]assembly.Ref{s.Holes, s.Into} {
			for k := range list {
				list[k] = *ref("stack "+s.Name, &list[k])
			}
		}
	}
	next.Copies = slices.Clone(a.Copies)
	for i := range next.Copies {
		k := &next.Copies[i]
		what := "copies " + k.Name
		k.Linear = slices.Clone(k.Linear)
		for x := range k.Linear {
			k.Linear[x].Along = ref(what, k.Linear[x].Along)
		}
		if k.Circular != nil {
			c := *k.Circular
			c.Axis = *ref(what, &c.Axis)
			k.Circular = &c
		}
		if k.Places != nil {
			p := assembly.Places{From: *ref(what, &k.Places.From), To: slices.Clone(k.Places.To)}
			for x := range p.To {
				p.To[x] = *ref(what, &p.To[x])
			}
			k.Places = &p
		}
	}
	if !changed && len(u.out.Other) == 0 {
		return a
	}
	return next.Seal()
}

// mate takes a relation along, by what became of the features that it stands on.
func (u *updating) mate(in string, a *assembly.Assembly, m *assembly.Mate) (*assembly.Mate, bool) {
	if m.IsCoupling() {
		return m, false
	}
	id := m.ID
	if in != u.doc.Root {
		id = in + "/" + id
	}
	k := *m
	stands, broken, changed := false, false, false
	take := func(r *assembly.Ref) {
		t, on := u.on(a, *r)
		if !on {
			return
		}
		stands = true
		switch {
		case t.To == "":
			broken = true
			b := Broken{Mate: id, Feature: r.Feature, Why: gone(u.doc.Parts[u.key].Features[r.Feature])}
			if t.Proposal != "" {
				b.Proposal = &t.Proposal
			}
			u.out.Broken = append(u.out.Broken, b)
			r.Feature = u.keep(r.Feature)
			return
		case t.To != r.Feature:
			u.out.Renamed = append(u.out.Renamed, Renamed{id, r.Feature, t.To})
		}
		if t.MM > 0 || t.Deg > 0 {
			u.out.Moved = append(u.out.Moved, Moved{id, t.To, round(t.MM), round(t.Deg)})
		}
		changed = changed || t.To != r.Feature
		r.Feature = t.To
	}
	take(&k.A)
	take(&k.B)
	for _, x := range []**assembly.Ref{&k.About, &k.A2, &k.B2} {
		if *x != nil {
			r := **x
			take(&r)
			*x = &r
		}
	}
	switch {
	case broken:
		k.Suppressed = true
		return &k, true
	case stands:
		u.out.Carried++
	}
	if !changed {
		return m, false
	}
	return &k, true
}

// Was follows the name of a feature that is gone, where something still stands on it.
const Was = "-was"

// keep lists a feature that is gone as it was, under another name, for the relation that stands on it and waits to be mended.
func (u *updating) keep(name string) string {
	was := name + Was
	if _, there := u.next.Features[was]; !there {
		u.next.Features[was] = u.doc.Parts[u.key].Features[name]
		u.next.Order = slices.Insert(u.next.Order, u.next.Listed, was)
		u.next.Listed++
	}
	return was
}

func round(x float64) float64 { return math.Round(x*1e6) / 1e6 }

// gone says what is not there any more.
func gone(f part.Feature) string {
	switch {
	case f.Side == "hole":
		return "no such hole"
	case f.Side == "shaft":
		return "no such shank"
	case f.Kind == part.Plane:
		return "no such face"
	case f.Kind == part.Circle:
		return "no such rim"
	case f.Kind == part.Point:
		return "no such corner"
	case f.Kind == part.Axis:
		return "no such edge or axis"
	}
	return "no such " + string(f.Kind)
}
