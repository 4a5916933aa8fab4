package seat

import (
	"fmt"
	"math"
	"slices"

	"setfast/core/assembly"
	"setfast/core/part"
	"setfast/core/relation"
	"setfast/core/tol"
)

// Picks are the features that a relation is said with. PutToo and OnToo are the second faces of pairs; where a pair is needed and they are
// not given, the face opposite is taken.
type Picks struct {
	Put, On              assembly.Ref
	PutToo, OnToo, About *assembly.Ref
}

// Mate is the relation of a type between picked features, without an id and without fields.
func (p Picks) Mate(d *assembly.Document, a *assembly.Assembly, t *relation.Type) (*assembly.Mate, error) {
	m := &assembly.Mate{Type: t.Name, A: p.On, B: p.Put, About: p.About}
	if !t.Pairs {
		return m, nil
	}
	put, err := d.Feature(a, p.Put)
	if err != nil {
		return nil, err
	}
	on, err := d.Feature(a, p.On)
	if err != nil {
		return nil, err
	}
	switch {
	case on.Kind == part.Plane:
		if m.A2, err = pairOf(d, a, p.On, p.OnToo, true); err == nil && put.Kind == part.Plane {
			m.B2, err = pairOf(d, a, p.Put, p.PutToo, false)
		}
	case put.Kind == part.Plane:
		m.A, m.B = p.Put, p.On
		m.A2, err = pairOf(d, a, p.Put, p.PutToo, true)
	}
	return m, err
}

// pairOf is the second face of a pair: the one given, or the one opposite.
func pairOf(d *assembly.Document, a *assembly.Assembly, r assembly.Ref, given *assembly.Ref, air bool) (*assembly.Ref, error) {
	if given != nil {
		return given, nil
	}
	o, ok := Opposite(d, a, r, air)
	if !ok {
		return nil, fmt.Errorf("no face lies opposite %s; pick the second face of the pair", r)
	}
	return &o, nil
}

// Opposite finds the face of the same part that looks the other way and lies nearest: across the air of a slot, or else across the
// material of a tab, as is preferred.
func Opposite(d *assembly.Document, a *assembly.Assembly, r assembly.Ref, air bool) (assembly.Ref, bool) {
	chain, f, err := d.Lookup(a, r)
	if err != nil || len(chain) == 0 || f.Kind != part.Plane {
		return r, false
	}
	p := d.Parts[chain[len(chain)-1].Part]
	if p == nil {
		return r, false
	}
	best, least := "", math.Inf(1)
	for _, name := range p.Order {
		g := p.Features[name]
		if p.Shape != nil && !slices.Contains(p.Shape, g) { // a helper is no face
			continue
		}
		if g.Kind != part.Plane || f.Z.Cross(g.Z).Norm() > tol.ParallelFaces || f.Z.Dot(g.Z) > 0 {
			continue
		}
		way := g.O.Sub(f.O)
		gap := way.Dot(f.Z)
		if math.Abs(gap) < tol.SameRadius {
			continue // in one plane
		}
		far := math.Abs(gap) + way.Reject(f.Z).Norm()/2 // the nearer in sight, the likelier
		if gap > 0 != air {
			far += otherSide
		}
		if far < least {
			best, least = name, far
		}
	}
	return assembly.Ref{Path: r.Path, Feature: best}, best != ""
}

// otherSide is added to the distance, in mm, of a face that is opposite on the side that is not preferred: it is taken where there is no other.
const otherSide = 1e6
