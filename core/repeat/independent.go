package repeat

import (
	"fmt"
	"slices"
	"strings"

	"setfast/core/assembly"
)

// Freed is one copy as if it had been said by itself: names and ids are new, and it stands where it stood.
type Freed struct {
	Components []*assembly.Component
	Mates      []*assembly.Mate
	Planned    []assembly.Planned
	Fits       []assembly.Fit
	Stacks     []assembly.Stack
	Copies     []assembly.Copies // of the assembly, which leave this one out now
}

// Independent takes one copy, counted from 2, out of its set, in an assembly that is laid out. At gives where components stand.
func Independent(laid *assembly.Assembly, name string, n int, at func(component string) *assembly.Component) (*Freed, error) {
	c := laid.CopiesNamed(name)
	if c == nil {
		return nil, fmt.Errorf("there are no copies %q", name)
	}
	prefix := fmt.Sprintf("%s/%d/", name, n)
	mine := func(o assembly.Owner, called string) bool {
		return o.Copies == name && o.Stack == "" && strings.HasPrefix(called, prefix)
	}
	out := &Freed{Copies: slices.Clone(laid.Copies)}
	to := map[string]string{}
	names, ids := map[string]bool{}, map[string]bool{}
	for _, k := range laid.Components {
		names[k.Name] = true
	}
	for _, s := range laid.Stacks {
		names[s.Name] = true
	}
	for _, m := range laid.Mates {
		ids[m.ID] = true
	}
	free := func(taken map[string]bool, called string) string {
		want := fmt.Sprint(strings.TrimPrefix(called, prefix), "-", n)
		to[called] = assembly.FreeName(want, func(x string) bool { return taken[x] })
		taken[to[called]] = true
		return to[called]
	}
	for _, k := range laid.Components {
		if mine(k.Owner, k.Name) {
			q := *at(k.Name)
			q.Name, q.Owner = free(names, k.Name), assembly.Owner{}
			out.Components = append(out.Components, &q)
		}
	}
	r := &renamed{to: to, mine: mine}
	r.relations(laid, out, func(called string) string { return free(ids, called) })
	r.overlaps(laid, out, name)
	r.stacks(laid, out, func(called string) string { return free(names, called) })
	if len(out.Components)+len(out.Stacks) == 0 {
		return nil, fmt.Errorf("%s has no copy %d", name, n)
	}
	for i := range out.Copies {
		if out.Copies[i].Name == name {
			except := append(slices.Clone(out.Copies[i].Except), n)
			slices.Sort(except)
			out.Copies[i].Except = except
		}
	}
	return out, nil
}

// renamed gives what stands on a copy its new names.
type renamed struct {
	to   map[string]string
	mine func(o assembly.Owner, called string) bool
}

func (n *renamed) ref(r assembly.Ref) assembly.Ref {
	if new := n.to[r.Head()]; new != "" && len(r.Path) > 0 {
		r.Path = append([]string{new}, r.Path[1:]...)
	}
	return r
}

func (n *renamed) maybe(r *assembly.Ref) *assembly.Ref {
	if r == nil {
		return nil
	}
	k := n.ref(*r)
	return &k
}

// relations takes relations along, and what is planned of them.
func (n *renamed) relations(laid *assembly.Assembly, out *Freed, free func(called string) string) {
	for _, m := range laid.Mates {
		if !n.mine(m.Owner, m.ID) {
			continue
		}
		k := m.On(n.ref)
		k.ID, k.Owner = free(m.ID), assembly.Owner{}
		if m.IsCoupling() {
			k.JointA, k.JointB = n.to[m.JointA], n.to[m.JointB]
		}
		out.Mates = append(out.Mates, k)
	}
	for _, p := range laid.Planned {
		if n.mine(p.Owner, p.Joint+p.Component) {
			out.Planned = append(out.Planned, assembly.Planned{Joint: n.to[p.Joint], Of: p.Of, Component: n.to[p.Component], Motion: p.Motion, Ref: n.maybe(p.Ref)})
		}
	}
}

// overlaps takes overlaps along that are meant.
func (n *renamed) overlaps(laid *assembly.Assembly, out *Freed, name string) {
	for _, f := range laid.Fits {
		if f.Copies != name || f.Stack != "" || n.to[f.A.Head()]+n.to[f.B.Head()] == "" {
			continue
		}
		k := f
		k.A, k.B, k.Owner = n.ref(f.A), n.ref(f.B), assembly.Owner{}
		out.Fits = append(out.Fits, k)
	}
}

// stacks takes stacks along.
func (n *renamed) stacks(laid *assembly.Assembly, out *Freed, free func(called string) string) {
	for _, s := range laid.Stacks {
		if !n.mine(s.Owner, s.Name) {
			continue
		}
		k := s
		k.Name, k.Owner, k.Holes, k.Into, k.Through = free(s.Name), assembly.Owner{}, nil, nil, nil
		for _, r := range s.Holes {
			k.Holes = append(k.Holes, n.ref(r))
		}
		for _, r := range s.Into {
			k.Into = append(k.Into, n.ref(r))
		}
		for _, t := range s.Through {
			k.Through = append(k.Through, inside(t, n.to))
		}
		k.HeadOn = inside(s.HeadOn, n.to)
		out.Stacks = append(out.Stacks, k)
	}
}

// inside is a path of components whose first has a new name.
func inside(path string, to map[string]string) string {
	for was, now := range to {
		if path == was || strings.HasPrefix(path, was+"/") {
			return now + strings.TrimPrefix(path, was)
		}
	}
	return path
}
