package group

import (
	"fmt"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/relation"
)

// Dissolve puts the components of a subassembly in the place of one use of it, with the relations among them. What named the use's parts
// names the parts. Numbers that were written with the subassembly's named values keep what they came to.
func Dissolve(a, sub *assembly.Assembly, use string) ([]edit.Edit, error) {
	c := a.Component(use)
	if c == nil {
		return nil, fmt.Errorf("there is no component %q", use)
	}
	at := a.Place(use)
	stands := 0
	for _, k := range sub.Components {
		if k.Grounded {
			stands++
		}
	}
	if stands > 1 && !c.Grounded {
		return nil, fmt.Errorf("%d parts are grounded in %s, and nothing would hold them together; relate them there first", stands, use)
	}
	taken := map[string]bool{}
	for _, k := range a.Components {
		taken[k.Name] = k.Name != use
	}
	names := map[string]string{}
	for _, k := range sub.Components {
		names[k.Name] = free(k.Name, use, taken)
	}
	out := []edit.Edit{edit.Remove{Name: use}}
	for i, k := range sub.Components {
		spot := at + i
		out = append(out, edit.Place{Component: edit.Component{Name: names[k.Name], Part: k.Part, Assembly: k.Assembly, Grounded: k.Grounded && c.Grounded,
			Suppressed: k.Suppressed || c.Suppressed, Flexible: k.Flexible, Pose: c.Pose.Mul(k.Pose)}, At: &spot})
	}
	ids := map[string]bool{}
	for _, m := range a.Mates {
		ids[m.ID] = true
	}
	called := map[string]string{}
	var bad error
	inner := func(r assembly.Ref) assembly.Ref {
		if len(r.Path) == 0 {
			bad = fmt.Errorf("a relation in %s is to the frame of that subassembly, which would be gone; relate it to a part first", use)
			return r
		}
		return assembly.Ref{Path: append([]string{names[r.Path[0]]}, r.Path[1:]...), Feature: r.Feature}
	}
	for _, m := range sub.Mates {
		k := named(m, inner)
		k.ID = free(m.ID, use, ids)
		called[m.ID] = k.ID
		if m.IsCoupling() {
			k.A, k.B = m.A, m.B
			k.JointA, k.JointB = called[m.JointA], called[m.JointB]
		}
		k.Params = plain(m.Descriptor(), k.Params)
		out = append(out, edit.NewRelate(k))
	}
	for _, p := range sub.Planned {
		if p.Joint != "" {
			p.Joint = called[p.Joint]
		} else {
			p.Component = names[p.Component]
		}
		if p.Ref != nil {
			r := inner(*p.Ref)
			p.Ref = &r
		}
		out = append(out, edit.NewPlan(p))
	}
	outer := func(r assembly.Ref) assembly.Ref {
		switch {
		case r.Head() != use:
			return r
		case len(r.Path) == 1:
			bad = fmt.Errorf("a relation is to the frame of %s itself, which would be gone; relate it to a part first", use)
			return r
		}
		return assembly.Ref{Path: append([]string{names[r.Path[1]]}, r.Path[2:]...), Feature: r.Feature}
	}
	_, across := sorted(a, map[string]bool{use: true})
	over := map[string]bool{}
	for _, m := range across {
		over[m.ID] = true
		out = append(out, edit.NewRelate(named(m, outer)))
	}
	for _, m := range a.Mates {
		if m.IsCoupling() && (over[m.JointA] || over[m.JointB]) {
			over[m.ID] = true
			out = append(out, edit.NewRelate(m))
		}
	}
	for _, p := range a.Planned {
		switch {
		case over[p.Joint]:
			out = append(out, edit.NewPlan(p))
		case p.Component == use:
			return nil, fmt.Errorf("a motion of %s as a whole is planned; withdraw it first", use)
		}
	}
	out = append(out, again(a, over, map[string]bool{use: true}, outer)...)
	return out, bad
}

// free is a name that is not taken yet, and takes it.
func free(want, use string, taken map[string]bool) string {
	name := want
	for n := 2; taken[name]; n++ {
		name = fmt.Sprintf("%s of %s", want, use)
		if n > 2 {
			name = fmt.Sprintf("%s of %s %d", want, use, n-1)
		}
	}
	taken[name] = true
	return name
}

// plain are fields with numbers as they are, not as they were written.
func plain(t *relation.Type, p relation.Params) relation.Params {
	out := make(relation.Params, len(p))
	copy(out, p)
	for i := range out {
		if f, ok := t.Field(out[i].Field); !ok || f.Kind != relation.Word {
			out[i].Text = ""
		}
	}
	return out
}
