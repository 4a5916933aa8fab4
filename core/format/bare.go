package format

import (
	"maps"
	"slices"

	"setfast/core/assembly"
	"setfast/core/part"
)

// Used tells which features of each part a document refers to.
func Used(d *assembly.Document) map[string]map[string]bool {
	used := map[string]map[string]bool{}
	note := func(a *assembly.Assembly, refs ...*assembly.Ref) {
		for _, r := range refs {
			if r == nil {
				continue
			}
			chain, _, err := d.Lookup(a, *r)
			if err != nil || len(chain) == 0 {
				continue
			}
			if p := chain[len(chain)-1].Part; p != "" {
				if used[p] == nil {
					used[p] = map[string]bool{}
				}
				used[p][r.Feature] = true
			}
		}
	}
	for _, a := range d.Assemblies {
		if len(a.Stacks)+len(a.Copies) > 0 { // seats and counterparts are found among the features of any part
			for name, p := range d.Parts {
				for n, f := range p.Features {
					if len(a.Copies) > 0 || f.HasAxis() || f.Kind == part.Plane {
						if used[name] == nil {
							used[name] = map[string]bool{}
						}
						used[name][n] = true
					}
				}
			}
		}
		for _, m := range a.Mates {
			for _, r := range m.Refs() {
				note(a, &r)
			}
		}
		for _, p := range a.Planned {
			note(a, p.Ref)
		}
		for _, m := range a.Measures {
			note(a, m.A, m.B, m.OfRef, m.In)
		}
	}
	return used
}

// Bare is a copy of a document that solves by itself: parts carry the features that are referred to, and no sources. Freedoms
// are the same; which of them are idle may not be, since the shapes are gone.
func Bare(d *assembly.Document) *assembly.Document {
	out := *d
	out.Parts = map[string]*part.Part{}
	out.PartOrder = nil
	used := Used(d)
	for _, n := range d.PartOrder {
		p := *d.Parts[n]
		p.Source, p.Shape, p.Listed, p.Order = part.Source{}, nil, 0, nil
		p.Features = map[string]part.Feature{}
		names := slices.Clone(d.Parts[n].Order)
		for _, f := range slices.Sorted(maps.Keys(used[n])) { // what the source calls its faces is in no order
			if _, own := d.Parts[n].Features[f]; own && !slices.Contains(names, f) {
				names = append(names, f)
			}
		}
		for _, f := range names {
			if used[n][f] {
				p.Features[f] = d.Parts[n].Features[f]
				p.Order = append(p.Order, f)
			}
		}
		out.Parts[n] = &p
		out.PartOrder = append(out.PartOrder, n)
	}
	return &out
}
