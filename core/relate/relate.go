// Package relate finds the relations that the geometry of placed parts implies: what rests on what, what sits in which hole. It turns an
// assembly that is only placed into one that can be accounted.
//
// Method. Pairs of components whose boxes meet are found by sweeping along one axis (Baraff, Dynamic simulation of non-penetrating rigid
// bodies, 1992), and surfaces of a pair by their boxes. A contact is stated only where surfaces really meet: flat faces looking at one
// another with an area in common (triangles clipped by Sutherland and Hodgman, 1974), a shank in a hole over some length of their axis,
// a cone in its countersink, and so on. How far off may be is estimated from the file: most files round.
//
// Of the contacts a lean set is chosen. Components are taken in an order in which each sits on what is already there; the contacts of each
// are posted, axes before faces and tight before wide, into a basis of the null space (package mobility), and kept if they remove
// freedom. What removes none is told as true besides.
//
// Cost: linear in components and contacts, as long as surfaces meet few others; n log n for the pairs. What it does not see: contact
// between freeform faces, of edges and of corners, and whether a contact is a stop that parts leave when they move.
package relate

import (
	"context"
	"slices"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
)

// Shapes gives where the surfaces of a part end, by its key; nil of one of which only features are known.
type Shapes func(key string) []part.Surface

// Options steer what is proposed. The zero value chooses by itself.
type Options struct {
	Base string // component that stands; else the grounded one, else the one with most contacts among the large ones
	Anew bool   // what is grounded does not count
	Hold bool   // what nothing stops is held where it is
}

// Found is what one assembly's placement implies.
type Found struct {
	Base      string     `json:"base"`
	Inexact   float64    `json:"inexact_mm"` // how far off what meets was taken to be
	Order     []string   `json:"order"`      // of components, each on what is before it
	Relations []Relation `json:"relations"`
	Also      []Relation `json:"also"` // true besides: they remove nothing
	Held      []Relation `json:"held"` // what would hold as placed what nothing stops: never taken by itself
	Groups    []Group    `json:"groups"`
	Alone     []Alone    `json:"alone"`
	Apart     []Apart    `json:"apart"`
	Doubts    []string   `json:"doubts"` // where it could be otherwise
	Hints     []Hint     `json:"hints"`
	Fasteners []string   `json:"fasteners"` // parts by key that are fasteners by their shape
	Pairs     int        `json:"pairs"`     // of components that were looked at

	keeps bool // what was grounded stays so
}

// Relation is a proposed relation. The component that is put is that of B, as in the file.
type Relation struct {
	ID      string         `json:"id"`
	Type    string         `json:"type"`
	A       string         `json:"a"`
	B       string         `json:"b"`
	Removes int            `json:"removes"`
	Why     string         `json:"why"`
	Apart   float64        `json:"apart_mm"` // how far off it is as placed
	Mate    *assembly.Mate `json:"-"`
}

// Alone is a component that nothing was found for, with the nearest others.
type Alone struct {
	Component string      `json:"component"`
	Near      []Neighbour `json:"near"`
}

// Neighbour is a component that is near.
type Neighbour struct {
	Component string  `json:"component"`
	MM        float64 `json:"mm"` // between the boxes
}

// Apart is a contact that is missed by a little: more than the file is inexact, less than a designer would see.
type Apart struct {
	A    string  `json:"a"`
	B    string  `json:"b"`
	What string  `json:"what"`
	MM   float64 `json:"mm"`
}

// Hint is what the geometry suggests beyond contact.
type Hint struct {
	Kind string `json:"kind"` // thread or gears
	A    string `json:"a"`
	B    string `json:"b"`
	Says string `json:"says"`
}

// Assembly finds what one assembly of a document implies, with what is related already left as it is.
func Assembly(ctx context.Context, doc *assembly.Document, name string, shapes Shapes, o Options) (*Found, error) {
	s, err := newScene(doc, name, shapes)
	if err != nil {
		return nil, err
	}
	if err := s.contacts(ctx); err != nil {
		return nil, err
	}
	f := &Found{Inexact: s.inexact(), Pairs: len(s.pairs), Order: []string{}, Relations: []Relation{}, Also: []Relation{}, Held: []Relation{}, Groups: []Group{},
		Alone: []Alone{}, Apart: []Apart{}, Doubts: []string{}, Hints: []Hint{}, Fasteners: []string{}}
	f.keeps = o.Base == "" && !o.Anew
	s.part(f.Inexact)
	units := s.order(o)
	if err := s.choose(ctx, units, o.Hold, f); err != nil {
		return nil, err
	}
	s.alone(f)
	s.hint(f)
	f.Groups = s.groups(f)
	f.Fasteners = s.fasteners()
	return f, nil
}

// With is the assembly with what was found: base grounded, components in the order found, relations behind those it had. Parts that are
// fasteners by their shape are not marked here, since they belong to the document.
func (f *Found) With(a *assembly.Assembly) *assembly.Assembly {
	out := *a
	place := map[string]int{}
	for i, n := range f.Order {
		place[n] = i + 1
	}
	out.Components = make([]*assembly.Component, len(a.Components))
	for i, c := range a.Components {
		k := *c
		k.Grounded = k.Name == f.Base || f.keeps && k.Grounded
		out.Components[i] = &k
	}
	slices.SortStableFunc(out.Components, func(x, y *assembly.Component) int {
		p, q := place[x.Name], place[y.Name]
		if p == 0 || q == 0 { // suppressed ones stand at the end
			return q - p
		}
		return p - q
	})
	out.Mates = slices.Clone(a.Mates)
	for _, r := range f.Relations {
		out.Mates = append(out.Mates, r.Mate)
	}
	return out.Seal()
}

// placed tells where a component of an assembly is written to be: relations are recovered from placements, not from what is solved.
func placed(doc *assembly.Document) assembly.Poses {
	return func(asm, component string) geom.Pose {
		if a := doc.Assemblies[asm]; a != nil {
			if c := a.Component(component); c != nil {
				return c.Pose
			}
		}
		return geom.Home
	}
}
