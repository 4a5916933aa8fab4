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

// choosing posts contacts into one basis of the null space, component after component.
type choosing struct {
	s     *scene
	f     *Found
	mates []*assembly.Mate // per contact
	by    [][]*contact     // contacts per component that comes later
	at    map[*contact]int
	m     *model.Model
	basis *mobility.Basis
	open  map[int]bool // bodies
	own   map[int]bool // relations the assembly had, not posted yet
	ids   func(stem string) string
}

// choose takes the components in order and posts what each rests on, strongest first: what removes freedom becomes a relation, the rest is
// true besides.
func (s *scene) choose(ctx context.Context, units []int, hold bool, f *Found) error {
	for _, u := range units {
		f.Order = append(f.Order, s.units[u].name)
	}
	if len(units) > 0 {
		f.Base = s.units[units[0]].name
	}
	c := &choosing{s: s, f: f, at: map[*contact]int{}, open: map[int]bool{}, own: map[int]bool{}, ids: s.names()}
	c.sort(units)
	holding := s.holding()
	all := slices.Clone(c.mates)
	for _, h := range holding {
		all = append(all, h.Mate)
	}
	var err error
	if c.m, err = s.trial(f, all); err != nil {
		return err
	}
	c.basis = mobility.New(c.m.Sys, c.m.Sys.NewPoses(), c.m.Rels)
	for _, mt := range s.asm.Mates {
		if i, ok := c.m.RelOf[mt.ID]; ok {
			c.own[i] = true
		}
	}
	for _, u := range units {
		if ctx.Err() != nil {
			return context.Cause(ctx)
		}
		c.opened(u)
		for _, x := range c.by[u] {
			c.post(x)
		}
	}
	c.hold(holding, hold)
	for i := range f.Also { // named behind those that are proposed, so that one more can be taken as it is
		f.Also[i].Mate.ID = c.ids(f.Also[i].Mate.Descriptor().Stem)
		f.Also[i].ID = f.Also[i].Mate.ID
	}
	return nil
}

// sort turns contacts so that what comes later is put, and lists them by it, strongest first.
func (c *choosing) sort(units []int) {
	s := c.s
	later := make([]int, len(s.units)) // per component: its place in the order
	for i, u := range units {
		later[u] = i
	}
	c.mates, c.by = make([]*assembly.Mate, len(s.found)), make([][]*contact, len(s.units))
	for i := range s.found {
		x := &s.found[i]
		u, v := s.bodies[x.a].unit, s.bodies[x.b].unit
		if later[u] > later[v] {
			x.a, x.b, x.fa, x.fb, x.fa2, x.fb2, v = x.b, x.a, x.fb, x.fa, x.fb2, x.fa2, u
		}
		c.mates[i] = x.mate(fmt.Sprint("\x00", i))
		c.by[v] = append(c.by[v], x)
		c.at[x] = i
	}
	for _, list := range c.by {
		sorted(list)
	}
}

// opened gives a component its freedoms, and posts the relations that the assembly has of it and what came before.
func (c *choosing) opened(u int) {
	for _, b := range c.s.units[u].bodies {
		if !c.m.Sys.Bodies[b].Fixed {
			c.basis.Open(b)
		}
		c.open[b] = true
	}
	var buf [4]int
	for _, i := range slices.Sorted(maps.Keys(c.own)) {
		if !slices.ContainsFunc(c.m.Sys.FreeBodies(c.m.Sys.Rels[i], &buf), func(b int) bool { return !c.open[b] }) {
			c.basis.Post(c.m.Sys.Rels[i])
			delete(c.own, i)
		}
	}
}

// post posts one contact.
func (c *choosing) post(x *contact) {
	mt := *c.mates[c.at[x]]
	k, ok := c.m.RelOf[mt.ID]
	if !ok {
		return
	}
	r := Relation{Type: x.kind, A: mt.A.String(), B: mt.B.String(), Why: x.why, Apart: x.apart, Removes: c.basis.Post(c.m.Sys.Rels[k]), Mate: &mt}
	if r.Removes == 0 {
		if x.class != level {
			c.f.Also = append(c.f.Also, r)
		}
		return
	}
	mt.ID = c.ids(mt.Descriptor().Stem)
	r.ID = mt.ID
	c.f.Relations = append(c.f.Relations, r)
	doubt := func(format string, a ...any) { c.f.Doubts = append(c.f.Doubts, fmt.Sprintf(format, a...)) }
	switch {
	case x.doubt:
		doubt("%s on %s: turned alike, so they may be fastened instead of hinged", r.B, r.A)
	case x.class == level:
		doubt("%s is flush with %s, which may be meant or not: nothing stops it there", r.B, r.A)
	case x.class == distant:
		doubt("%s and %s only share an axis (%s): nothing they touch with says so", c.s.bodies[x.a].name, c.s.bodies[x.b].name, x.why)
	}
}

// hold posts what would hold as placed what nothing stops; it is proposed only where that is asked for.
func (c *choosing) hold(list []Relation, take bool) {
	for _, h := range list {
		k, ok := c.m.RelOf[h.Mate.ID]
		if !ok {
			continue
		}
		if h.Removes = c.basis.Post(c.m.Sys.Rels[k]); h.Removes == 0 {
			continue
		}
		mt := *h.Mate
		mt.ID = c.ids(mt.Descriptor().Stem)
		h.ID, h.Mate = mt.ID, &mt
		if take {
			c.f.Relations = append(c.f.Relations, h)
		} else {
			c.f.Held = append(c.f.Held, h)
		}
	}
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
