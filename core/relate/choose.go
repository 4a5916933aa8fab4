package relate

import (
	"context"
	"fmt"
	"maps"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/mobility"
	"setfast/core/model"
	"setfast/core/part"
	"setfast/core/relation"
)

// choose takes the components in order and posts what each rests on, strongest first, into one basis of the null space: what removes
// freedom becomes a relation, the rest is true besides.
func (s *scene) choose(ctx context.Context, units []int, hold bool, f *Found) error {
	for _, u := range units {
		f.Order = append(f.Order, s.units[u].name)
	}
	if len(units) > 0 {
		f.Base = s.units[units[0]].name
	}
	later := make([]int, len(s.units)) // per unit: its place in the order
	for i, u := range units {
		later[u] = i
	}
	mates := make([]*assembly.Mate, len(s.found))
	by := make([][]*contact, len(s.units)) // contacts per unit that comes later
	at := map[*contact]int{}
	for i := range s.found {
		c := &s.found[i]
		u, v := s.bodies[c.a].unit, s.bodies[c.b].unit
		if later[u] > later[v] {
			c.a, c.b, c.fa, c.fb, c.fa2, c.fb2, u, v = c.b, c.a, c.fb, c.fa, c.fb2, c.fa2, v, u
		}
		mates[i] = c.mate(fmt.Sprint("\x00", i))
		by[v] = append(by[v], c)
		at[c] = i
	}
	holding := s.holding()
	all := slices.Clone(mates)
	for _, h := range holding {
		all = append(all, h.Mate)
	}
	m, err := s.trial(f, all)
	if err != nil {
		return err
	}
	basis := mobility.New(m.Sys, m.Sys.NewPoses(), m.Rels)
	ids := s.names()
	open := map[int]bool{}
	own := map[int]bool{} // relations the assembly had, not posted yet
	for _, mt := range s.asm.Mates {
		if i, ok := m.RelOf[mt.ID]; ok {
			own[i] = true
		}
	}
	var buf [4]int
	for _, u := range units {
		if ctx.Err() != nil {
			return context.Cause(ctx)
		}
		for _, b := range s.units[u].bodies {
			if !m.Sys.Bodies[b].Fixed {
				basis.Open(b)
			}
			open[b] = true
		}
		for _, i := range slices.Sorted(maps.Keys(own)) {
			if !slices.ContainsFunc(m.Sys.FreeBodies(m.Sys.Rels[i], &buf), func(b int) bool { return !open[b] }) {
				basis.Post(m.Sys.Rels[i])
				delete(own, i)
			}
		}
		sorted(by[u])
		for _, c := range by[u] {
			i := at[c]
			r := Relation{Type: c.kind, Why: c.why, Apart: c.apart}
			k, ok := m.RelOf[mates[i].ID]
			if !ok {
				continue
			}
			r.Removes = basis.Post(m.Sys.Rels[k])
			mt := *mates[i]
			r.A, r.B = mt.A.String(), mt.B.String()
			if r.Removes == 0 && c.class == level {
				continue
			}
			if r.Removes == 0 {
				r.Mate = &mt
				f.Also = append(f.Also, r)
				continue
			}
			mt.ID = ids(mt.Descriptor().Stem)
			r.ID, r.Mate = mt.ID, &mt
			f.Relations = append(f.Relations, r)
			if c.doubt {
				f.Doubts = append(f.Doubts, fmt.Sprintf("%s on %s: turned alike, so they may be fastened instead of hinged", r.B, r.A))
			}
			if c.class == level {
				f.Doubts = append(f.Doubts, fmt.Sprintf("%s is flush with %s, which may be meant or not: nothing stops it there", r.B, r.A))
			}
			if c.class == distant {
				f.Doubts = append(f.Doubts, fmt.Sprintf("%s and %s only share an axis (%s): nothing they touch with says so", s.bodies[c.a].name, s.bodies[c.b].name, c.why))
			}
		}
	}
	for _, h := range holding {
		k, ok := m.RelOf[h.Mate.ID]
		if !ok {
			continue
		}
		if h.Removes = basis.Post(m.Sys.Rels[k]); h.Removes > 0 {
			mt := *h.Mate
			mt.ID = ids(mt.Descriptor().Stem)
			h.ID, h.Mate = mt.ID, &mt
			if hold {
				f.Relations = append(f.Relations, h)
			} else {
				f.Held = append(f.Held, h)
			}
		}
	}
	for i := range f.Also { // named behind those that are proposed, so that one more can be taken as it is
		f.Also[i].Mate.ID = ids(f.Also[i].Mate.Descriptor().Stem)
		f.Also[i].ID = f.Also[i].Mate.ID
	}
	return nil
}

// trial is the assembly with every contact as a relation, the base alone standing.
func (s *scene) trial(f *Found, mates []*assembly.Mate) (*model.Model, error) {
	a := *s.asm
	a.Components = make([]*assembly.Component, len(s.asm.Components))
	for i, c := range s.asm.Components {
		k := *c
		k.Grounded = k.Name == f.Base || f.keeps && k.Grounded
		a.Components[i] = &k
	}
	a.Mates = append(slices.Clone(s.asm.Mates), mates...)
	a.Seal()
	doc := *s.doc
	doc.Assemblies = maps.Clone(s.doc.Assemblies)
	doc.Assemblies[s.model.Name] = &a
	return model.New(doc.Open(), s.model.Name, placed(s.doc))
}

// names makes ids that are free: the relation's own word and a number.
func (s *scene) names() func(stem string) string {
	taken, next := map[string]bool{}, map[string]int{}
	for _, m := range s.asm.Mates {
		taken[m.ID] = true
	}
	return func(stem string) string {
		for {
			next[stem]++
			if id := fmt.Sprintf("%s %d", stem, next[stem]); !taken[id] {
				taken[id] = true
				return id
			}
		}
	}
}

// refTo is the reference to a surface.
func refTo(f *surface) assembly.Ref {
	p := strings.Split(f.ref, "/")
	return assembly.Ref{Path: p[:len(p)-1], Feature: p[len(p)-1]}
}

// mate is the contact as a relation, with the sense in which it stands.
func (c *contact) mate(id string) *assembly.Mate {
	m := &assembly.Mate{ID: id, Type: c.kind, A: refTo(c.fa), B: refTo(c.fb)}
	sense := ""
	switch {
	case c.kind == "centred":
		a, b := refTo(c.fa2), refTo(c.fb2)
		m.A2, m.B2 = &a, &b
	case c.fa.world.HasDirection() && c.fb.world.HasDirection() && c.kind != "tangent":
		sense = "same"
		if c.fa.world.Z.Dot(c.fb.world.Z) < 0 {
			sense = "opposed"
		}
	case c.kind == "tangent" && (c.fa.Kind == part.Plane || c.fb.Kind == part.Plane):
		m.Params = m.Params.WithWord("side", "outside")
	}
	if sense != "" {
		m.Params = m.Params.WithWord("sense", sense)
	}
	return m
}

// alone lists the components that nothing was found for, with what is near them, and the contacts that are missed by a little.
func (s *scene) alone(f *Found) {
	touched := make([]bool, len(s.units))
	for i := range s.found {
		touched[s.bodies[s.found[i].a].unit], touched[s.bodies[s.found[i].b].unit] = true, true
	}
	for _, m := range s.asm.Mates {
		for _, r := range m.Refs() {
			for u := range s.units {
				touched[u] = touched[u] || s.units[u].name == r.Head()
			}
		}
	}
	for u := range s.units {
		if !touched[u] && s.units[u].name != f.Base {
			f.Alone = append(f.Alone, Alone{s.units[u].name, s.nearest(u, func(int) bool { return true })})
		}
	}
	for _, i := range s.islands {
		u, near := i.unit, i.near
		if !touched[u] || len(near) == 0 || s.related(u) {
			continue
		}
		f.Doubts = append(f.Doubts, fmt.Sprintf("%s touches nothing that stands; nearest to it is %s, %s mm away", s.units[u].name, near[0].Component, part.Number(near[0].MM)))
	}
	for _, c := range s.near {
		f.Apart = append(f.Apart, Apart{c.fa.ref, c.fb.ref, c.what(), significant(c.apart)})
	}
	slices.SortStableFunc(f.Apart, func(x, y Apart) int { return strings.Compare(x.A+" "+x.B, y.A+" "+y.B) })
}

// related tells whether the assembly relates a component already.
func (s *scene) related(u int) bool {
	return slices.ContainsFunc(s.asm.Mates, func(m *assembly.Mate) bool {
		return !m.IsCoupling() && slices.ContainsFunc(m.Refs(), func(r assembly.Ref) bool { return r.Head() == s.units[u].name })
	})
}

// what a contact that is missed would be.
func (c *contact) what() string {
	t := relation.Named(c.kind)
	return t.Say.Then + ": " + c.why
}

// mostNear is how many neighbours are told.
const mostNear = 3

// nearest are the components among some whose boxes are nearest.
func (s *scene) nearest(u int, among func(v int) bool) []Neighbour {
	low, high, ok := s.box(u)
	out := []Neighbour{}
	if !ok {
		return out
	}
	for v := range s.units {
		l, h, ok := s.box(v)
		if v == u || !ok || !among(v) {
			continue
		}
		gap := l.Sub(high).Most(low.Sub(h)).Most(geom.Vec{})
		out = append(out, Neighbour{s.units[v].name, three(gap.Norm())})
	}
	slices.SortStableFunc(out, func(x, y Neighbour) int {
		switch {
		case x.MM < y.MM:
			return -1
		case x.MM > y.MM:
			return 1
		}
		return 0
	})
	return out[:min(len(out), mostNear)]
}
