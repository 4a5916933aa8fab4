package relate

import (
	"context"
	"fmt"
	"maps"
	"slices"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/report"
)

// Accounted is a document with the relations that its placements imply, and its account.
type Accounted struct {
	Document *assembly.Document
	Found    map[string]*Found // per assembly, from the lowest up
	Order    []string
	Report   *report.Report
}

// mostRounds bounds how often proposals that turn out at odds are taken back.
const mostRounds = 4

// Document relates the root of a document and every assembly below it, each once, lowest first, and takes the account. A proposal that
// cannot hold with the others, since the file is less exact than it seemed, is taken back and told as a doubt.
func Document(ctx context.Context, doc *assembly.Document, shapes Shapes, o Options) (*Accounted, error) {
	out := &Accounted{Found: map[string]*Found{}}
	if loop := doc.Loops(); loop != nil {
		return nil, assembly.Faultf("assemblies", "an assembly contains itself: %v", loop)
	}
	next := *doc
	next.Assemblies, next.Parts = maps.Clone(doc.Assemblies), maps.Clone(doc.Parts)
	out.Document = &next
	if err := out.below(ctx, doc.Root, shapes, o); err != nil {
		return nil, err
	}
	for range mostRounds {
		rep, err := account.Check(ctx, out.Document, nil)
		if err != nil {
			return nil, err
		}
		out.Report = rep
		if !out.takeBack(doc) {
			break
		}
	}
	return out, nil
}

// below relates an assembly after those it uses.
func (r *Accounted) below(ctx context.Context, name string, shapes Shapes, o Options) error {
	if r.Found[name] != nil {
		return nil
	}
	a := r.Document.Assemblies[name]
	if a == nil {
		return assembly.Faultf("root", "there is no assembly %q", name)
	}
	for _, c := range a.Components {
		if c.Assembly != "" && !c.Suppressed {
			if err := r.below(ctx, c.Assembly, shapes, Options{Anew: o.Anew, Hold: o.Hold}); err != nil {
				return err
			}
		}
	}
	f, err := Assembly(ctx, r.Document, name, shapes, o)
	if err != nil {
		return err
	}
	r.Found[name] = f
	r.Order = append(r.Order, name)
	for _, k := range f.Fasteners {
		if p := r.Document.Parts[k]; !p.Fastener {
			q := *p
			q.Fastener = true
			r.Document.Parts[k] = &q
		}
	}
	r.Document.Assemblies[name] = f.With(a)
	return nil
}

// takeBack drops proposals that were left out of the account because they are at odds.
func (r *Accounted) takeBack(doc *assembly.Document) bool {
	any := false
	for name, f := range r.Found {
		res := r.Report.Assemblies[name]
		if res == nil || len(res.Odds) == 0 {
			continue
		}
		keep := f.Relations[:0:0]
		for _, x := range f.Relations {
			if res.Mates[x.ID].LeftOut {
				any = true
				f.Doubts = append(f.Doubts, fmt.Sprintf("%s on %s (%s) cannot hold with the rest: it is off by more than the file is inexact", x.B, x.A, x.Why))
				continue
			}
			keep = append(keep, x)
		}
		f.Relations = keep
		r.Document.Assemblies[name] = f.With(doc.Assemblies[name])
		for i := range f.Groups {
			g := &f.Groups[i]
			g.Relations = slices.DeleteFunc(g.Relations, func(id string) bool { return res.Mates[id].LeftOut })
		}
	}
	return any
}

// Counts are what was found in all assemblies together.
func (r *Accounted) Counts() (relations, also int, alone []string) {
	alone = []string{}
	for _, name := range r.Order {
		f := r.Found[name]
		relations += len(f.Relations)
		also += len(f.Also)
		for _, x := range f.Alone {
			if name != r.Document.Root {
				x.Component = name + ": " + x.Component
			}
			alone = append(alone, x.Component)
		}
	}
	return relations, also, alone
}
