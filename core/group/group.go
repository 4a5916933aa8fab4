// Package group changes which level of an assembly parts belong to: it forms a subassembly from some of them and dissolves one, and it copies
// parts with the relations among them. It works on what is said, and computes only where things stand; the account of what comes out is
// taken as that of any other assembly. A formed group that leaves no freedom inside keeps the balance of the whole (common practice, no
// source): the tests hold it against the assembly it was formed from.
package group

import (
	"fmt"
	"slices"

	"setfast/core/assembly"
	"setfast/core/edit"
)

// Split is an assembly taken apart: some of its components as an assembly of their own, and the edit that puts one use of it in their place.
type Split struct {
	Sub   *assembly.Assembly
	Edits []edit.Edit
}

// Form takes components out into an assembly of their own, named key in documents, and puts a use of it, called use, in their place. Relations
// among them go along with planned motions of theirs, those across stay and name the use. In the new assembly the first that was
// grounded, or else the first, is its base and stands on the origin.
func Form(a *assembly.Assembly, names []string, key, use string) (*Split, error) {
	in := map[string]bool{}
	for _, n := range names {
		if a.Component(n) == nil {
			return nil, fmt.Errorf("there is no component %q", n)
		}
		in[n] = true
	}
	if len(in) < 2 {
		return nil, fmt.Errorf("a subassembly has two parts at least")
	}
	if !in[use] && a.Component(use) != nil {
		return nil, fmt.Errorf("there is a component %q already", use)
	}
	base, first, grounded := "", -1, false
	for i, c := range a.Components {
		if !in[c.Name] {
			continue
		}
		if first < 0 {
			first, base = i, c.Name
		}
		if c.Grounded && !grounded {
			base, grounded = c.Name, true
		}
	}
	at := a.Component(base).Pose
	s := &Split{Sub: &assembly.Assembly{Name: use, Values: a.Values, Settings: a.Settings}}
	back := at.Inverse()
	for _, c := range a.Components {
		if in[c.Name] {
			k := *c
			k.Pose, k.Grounded = back.Mul(c.Pose), c.Name == base
			s.Sub.Components = append(s.Sub.Components, &k)
		}
	}
	inside, across := sorted(a, in)
	s.Sub.Mates = inside
	within, over := ids(inside), ids(across)
	for _, m := range a.Mates {
		if m.IsCoupling() && within[m.JointA] != within[m.JointB] {
			return nil, fmt.Errorf("%s couples a joint among them with one outside; take both or none", m.ID)
		}
	}
	var stay []assembly.Planned
	for _, p := range a.Planned {
		switch mine := in[p.Component]; {
		case within[p.Joint], mine && (p.Ref == nil || in[p.Ref.Head()]):
			s.Sub.Planned = append(s.Sub.Planned, p)
		case mine, p.Ref != nil && in[p.Ref.Head()]:
			return nil, fmt.Errorf("the planned %s of %s is about something outside; withdraw it first", p.Motion, p.Component)
		case over[p.Joint]:
			stay = append(stay, p)
		}
	}
	s.Sub.Seal()
	for _, c := range a.Components { // in build order, so that what is placed comes where the first was
		if in[c.Name] {
			s.Edits = append(s.Edits, edit.Remove{Name: c.Name})
		}
	}
	s.Edits = append(s.Edits, edit.Place{Component: edit.Component{Name: use, Assembly: key, Grounded: grounded, Pose: at}, At: &first})
	into := func(r assembly.Ref) assembly.Ref {
		if in[r.Head()] {
			r.Path = append([]string{use}, r.Path...)
		}
		return r
	}
	for _, m := range across {
		s.Edits = append(s.Edits, edit.NewRelate(m.On(into)))
	}
	for _, m := range a.Mates { // couplings went with the joints they hang on
		if m.IsCoupling() && !within[m.ID] && (over[m.JointA] || over[m.JointB]) {
			s.Edits = append(s.Edits, edit.NewRelate(m))
			over[m.ID] = true
		}
	}
	for _, p := range stay {
		s.Edits = append(s.Edits, edit.NewPlan(p))
	}
	s.Edits = append(s.Edits, again(a, over, in, into)...)
	return s, nil
}

// again says measures and drives once more that hang on what was taken away and said anew.
func again(a *assembly.Assembly, over, in map[string]bool, into func(assembly.Ref) assembly.Ref) (out []edit.Edit) {
	maybe := func(r *assembly.Ref) (*assembly.Ref, bool) {
		if r == nil || !in[r.Head()] {
			return r, false
		}
		n := into(*r)
		return &n, true
	}
	for _, m := range a.Measures {
		k := m
		hit := over[m.Joint]
		for _, r := range []**assembly.Ref{&k.A, &k.B, &k.OfRef, &k.In} {
			n, changed := maybe(*r)
			*r, hit = n, hit || changed
		}
		if hit {
			out = append(out, edit.NewMeasure(k))
		}
	}
	for _, d := range a.Drives {
		if slices.ContainsFunc(d.Driven(), func(c assembly.Along) bool { return over[c.Joint] }) {
			out = append(out, edit.NewDrive(d))
		}
	}
	return out
}

func ids(list []*assembly.Mate) map[string]bool {
	out := map[string]bool{}
	for _, m := range list {
		out[m.ID] = true
	}
	return out
}

// sorted are the relations among some components, with couplings between their joints, and those of them with others.
func sorted(a *assembly.Assembly, in map[string]bool) (inside, across []*assembly.Mate) {
	within := map[string]bool{}
	for _, m := range a.Mates {
		if m.IsCoupling() {
			continue
		}
		hit, out := false, false
		for _, r := range m.Refs() {
			hit = hit || in[r.Head()]
			out = out || !in[r.Head()]
		}
		switch {
		case hit && out:
			across = append(across, m)
		case hit:
			inside = append(inside, m)
			within[m.ID] = true
		}
	}
	for _, m := range a.Mates {
		if m.IsCoupling() && within[m.JointA] && within[m.JointB] {
			inside = append(inside, m)
			within[m.ID] = true
		}
	}
	return inside, across
}
