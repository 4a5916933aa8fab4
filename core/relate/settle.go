package relate

import (
	"context"
	"fmt"
	"slices"

	"setfast/core/assembly"
)

// settling proposes, for a component that is related but still loose, what would take freedom from it as it stands: contacts that no relation
// says yet, and what would hold it where it is.
func (f *following) settling(ctx context.Context) error {
	found := &Found{keeps: true}
	f.s.only = f.unit
	if err := f.s.contacts(ctx); err != nil {
		return err
	}
	f.s.part(f.s.inexact())
	own := f.seats(f.c.Name)
	for _, m := range own {
		_, x, okx := f.at(m.A)
		_, y, oky := f.at(m.B)
		if okx && oky && x.world.HasAxis() && y.world.HasAxis() {
			f.s.said = append(f.s.said, contact{a: x.body, b: y.body, fa: x, fb: y, class: seat})
		}
	}
	if err := f.s.choose(ctx, f.s.order(Options{}), false, found); err != nil {
		return err
	}
	add := func(list []Relation, kind string, rank float64) {
		for i := range list {
			r := &list[i]
			if r.Mate.A.Head() != f.c.Name && r.Mate.B.Head() != f.c.Name {
				continue
			}
			on := r.Mate.A.Head()
			if on == f.c.Name {
				on = r.Mate.B.Head()
			}
			mates := append([]*assembly.Mate{r.Mate}, own...)
			f.out = append(f.out, Next{Kind: kind, On: on, Says: fmt.Sprintf("%s · %s", r.Why, on), Mates: mates, news: 1, ranking: rank - float64(i)/mostRanked})
		}
	}
	add(found.Relations, "contact", 4)
	add(found.Held, "held", 0)
	return nil
}

// mostRanked keeps proposals of one kind together.
const mostRanked = 1e6

// seats are the relations by which a component sits on what comes before it, not what sits on it.
func (f *following) seats(name string) (out []*assembly.Mate) {
	for _, m := range f.s.asm.Mates {
		a, b := m.A.Head() == name, m.B.Head() == name
		if m.Suppressed || m.IsCoupling() || a == b {
			continue
		}
		other := m.A.Head()
		if a {
			other = m.B.Head()
		}
		if f.s.asm.Place(other) < f.s.asm.Place(name) {
			out = append(out, m)
		}
	}
	return out
}

// simple are those between two features and no more.
func simple(list []*assembly.Mate) []*assembly.Mate {
	return slices.DeleteFunc(list, func(m *assembly.Mate) bool { return m.About != nil || m.A2 != nil })
}
