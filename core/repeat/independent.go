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
	ref := func(r assembly.Ref) assembly.Ref {
		if new := to[r.Head()]; new != "" && len(r.Path) > 0 {
			r.Path = append([]string{new}, r.Path[1:]...)
		}
		return r
	}
	of := func(r *assembly.Ref) *assembly.Ref {
		if r == nil {
			return nil
		}
		k := ref(*r)
		return &k
	}
	for _, m := range laid.Mates {
		if !mine(m.Owner, m.ID) {
			continue
		}
		k := *m
		k.ID, k.Owner = free(ids, m.ID), assembly.Owner{}
		k.A, k.B, k.About, k.A2, k.B2 = ref(m.A), ref(m.B), of(m.About), of(m.A2), of(m.B2)
		if m.IsCoupling() {
			k.JointA, k.JointB = to[m.JointA], to[m.JointB]
		}
		out.Mates = append(out.Mates, &k)
	}
	for _, p := range laid.Planned {
		if mine(p.Owner, p.Joint+p.Component) {
			k := assembly.Planned{Joint: to[p.Joint], Of: p.Of, Component: to[p.Component], Motion: p.Motion, Ref: of(p.Ref)}
			out.Planned = append(out.Planned, k)
		}
	}
	for _, f := range laid.Fits {
		if f.Copies == name && f.Stack == "" && (strings.HasPrefix(f.A.Head()+"/", name+"/") || strings.HasPrefix(f.B.Head()+"/", name+"/")) {
			k := f
			k.A, k.B, k.Owner = ref(f.A), ref(f.B), assembly.Owner{}
			if to[f.A.Head()]+to[f.B.Head()] != "" {
				out.Fits = append(out.Fits, k)
			}
		}
	}
	for _, s := range laid.Stacks {
		if !mine(s.Owner, s.Name) {
			continue
		}
		k := s
		k.Name, k.Owner, k.Holes, k.Into, k.Through = free(names, s.Name), assembly.Owner{}, nil, nil, nil
		for _, r := range s.Holes {
			k.Holes = append(k.Holes, ref(r))
		}
		for _, r := range s.Into {
			k.Into = append(k.Into, ref(r))
		}
		for _, t := range s.Through {
			k.Through = append(k.Through, inside(t, to))
		}
		k.HeadOn = inside(s.HeadOn, to)
		out.Stacks = append(out.Stacks, k)
	}
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

// inside is a path of components whose first has a new name.
func inside(path string, to map[string]string) string {
	for was, now := range to {
		if path == was || strings.HasPrefix(path, was+"/") {
			return now + strings.TrimPrefix(path, was)
		}
	}
	return path
}
