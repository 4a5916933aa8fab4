package group

import (
	"fmt"
	"strings"

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
	stands := 0
	for _, k := range sub.Components {
		if k.Grounded {
			stands++
		}
	}
	if stands > 1 && !c.Grounded {
		return nil, fmt.Errorf("%d parts are grounded in %s, and nothing would hold them together; relate them there first", stands, use)
	}
	d := &dissolving{a: a, sub: sub, use: c, names: map[string]string{}, called: map[string]string{}}
	d.components()
	d.inside()
	d.across()
	return d.out, d.bad
}

// dissolving is a use that is taken apart.
type dissolving struct {
	a, sub *assembly.Assembly
	use    *assembly.Component
	names  map[string]string // of the parts, by what the subassembly calls them
	called map[string]string // relations of the subassembly, by their ids there
	out    []edit.Edit
	bad    error // why it cannot be
}

func (d *dissolving) add(e ...edit.Edit) { d.out = append(d.out, e...) }

func (d *dissolving) fail(format string, a ...any) {
	if d.bad == nil {
		d.bad = fmt.Errorf(format, a...)
	}
}

// components puts the parts where the use was, in the build order too.
func (d *dissolving) components() {
	taken := map[string]bool{}
	for _, k := range d.a.Components {
		taken[k.Name] = k.Name != d.use.Name
	}
	at := d.a.Place(d.use.Name)
	d.add(edit.Remove{Name: d.use.Name})
	for i, k := range d.sub.Components {
		name := free(k.Name, d.use.Name, taken)
		d.names[k.Name] = name
		c := *k
		c.Name, c.Pose = name, d.use.Pose.Mul(k.Pose)
		c.Grounded, c.Suppressed = k.Grounded && d.use.Grounded, k.Suppressed || d.use.Suppressed
		placed, spot := edit.NewPlace(&c), at+i
		placed.At = &spot
		d.add(placed)
	}
}

// inner is a reference of the subassembly, as it goes outside.
func (d *dissolving) inner(r assembly.Ref) assembly.Ref {
	if len(r.Path) == 0 {
		d.fail("a relation in %s is to the frame of that subassembly, which would be gone; relate it to a part first", d.use.Name)
		return r
	}
	return assembly.Ref{Path: append([]string{d.names[r.Path[0]]}, r.Path[1:]...), Feature: r.Feature}
}

// outer is a reference into the use.
func (d *dissolving) outer(r assembly.Ref) assembly.Ref {
	switch {
	case r.Head() != d.use.Name:
		return r
	case len(r.Path) == 1:
		d.fail("a relation is to the frame of %s itself, which would be gone; relate it to a part first", d.use.Name)
		return r
	}
	return assembly.Ref{Path: append([]string{d.names[r.Path[1]]}, r.Path[2:]...), Feature: r.Feature}
}

// inside brings the relations and planned motions of the subassembly.
func (d *dissolving) inside() {
	ids := map[string]bool{}
	for _, m := range d.a.Mates {
		ids[m.ID] = true
	}
	for _, m := range d.sub.Mates { // joints stand before the couplings between them, or else are named by them already
		d.called[m.ID] = free(m.ID, d.use.Name, ids)
	}
	for _, m := range d.sub.Mates {
		k := *m
		if m.IsCoupling() {
			k.JointA, k.JointB = d.called[m.JointA], d.called[m.JointB]
		} else {
			k = *m.On(d.inner)
		}
		k.ID, k.Params = d.called[m.ID], plain(m.Descriptor(), m.Params)
		d.add(edit.NewRelate(&k))
	}
	for _, p := range d.sub.Planned {
		if p.Joint != "" {
			p.Joint = d.called[p.Joint]
		} else {
			p.Component = d.names[p.Component]
		}
		if p.Ref != nil {
			r := d.inner(*p.Ref)
			p.Ref = &r
		}
		d.add(edit.NewPlan(p))
	}
}

// across says anew what named the use, or its joints.
func (d *dissolving) across() {
	_, across := sorted(d.a, map[string]bool{d.use.Name: true})
	over := ids(across)
	for _, m := range across {
		d.add(edit.NewRelate(m.On(d.outer)))
	}
	joint := func(id string) string {
		if own, inside := strings.CutPrefix(id, d.use.Name+"/"); inside {
			return d.called[own]
		}
		return id
	}
	for _, m := range d.a.Mates {
		if !m.IsCoupling() {
			continue
		}
		k := *m
		k.JointA, k.JointB = joint(m.JointA), joint(m.JointB)
		switch {
		case over[m.JointA] || over[m.JointB]: // it went with them
			over[m.ID] = true
			d.add(edit.NewRelate(&k))
		case k.JointA != m.JointA || k.JointB != m.JointB:
			d.add(edit.NewChange(&k))
		}
	}
	for _, p := range d.a.Planned {
		switch {
		case over[p.Joint]:
			d.add(edit.NewPlan(p))
		case p.Component == d.use.Name, joint(p.Joint) != p.Joint:
			d.fail("a motion of %s is planned here; withdraw it first", d.use.Name)
		}
	}
	d.add(again(d.a, over, map[string]bool{d.use.Name: true}, d.outer)...)
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
