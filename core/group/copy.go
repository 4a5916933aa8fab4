package group

import (
	"fmt"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/geom"
)

// Outside is a relation of what was copied to what was not: it is to be said anew for the copy.
type Outside struct {
	Type string `json:"type"`
	Put  string `json:"put"` // the copy's feature
	On   string `json:"on"`  // what the original sits on
	Of   string `json:"of"`  // the relation that is repeated
}

// Copies is what a copy comes to.
type Copies struct {
	Edits []edit.Edit
	Names []string // of the new components, in build order
	Open  []Outside
}

// Copy repeats components with the relations, couplings and planned motions among them, some way off. Relations to what is not copied are
// listed. name makes names that are free.
func Copy(a *assembly.Assembly, names []string, by geom.Vec, name func(want string) string) (*Copies, error) {
	in, to := map[string]bool{}, map[string]string{}
	for _, n := range names {
		if a.Component(n) == nil {
			return nil, fmt.Errorf("there is no component %q", n)
		}
		in[n] = true
	}
	out := &Copies{}
	for _, c := range a.Components {
		if !in[c.Name] {
			continue
		}
		to[c.Name] = name(c.Name)
		k := *c
		k.Name, k.Grounded, k.Pose.O = to[c.Name], false, c.Pose.O.Add(by)
		out.Names = append(out.Names, k.Name)
		out.Edits = append(out.Edits, edit.NewPlace(&k))
	}
	ids, called := map[string]bool{}, map[string]string{}
	for _, m := range a.Mates {
		ids[m.ID] = true
	}
	theirs := func(r assembly.Ref) assembly.Ref {
		if in[r.Head()] {
			r.Path = append([]string{to[r.Head()]}, r.Path[1:]...)
		}
		return r
	}
	inside, across := sorted(a, in)
	for _, m := range inside {
		k := m.On(theirs)
		k.ID = fresh(m, ids)
		called[m.ID] = k.ID
		k.JointA, k.JointB = called[m.JointA], called[m.JointB]
		out.Edits = append(out.Edits, edit.NewRelate(k))
	}
	for _, p := range a.Planned {
		switch {
		case called[p.Joint] != "":
			p.Joint = called[p.Joint]
		case in[p.Component] && (p.Ref == nil || in[p.Ref.Head()]):
			p.Component = to[p.Component]
			if p.Ref != nil {
				r := theirs(*p.Ref)
				p.Ref = &r
			}
		default:
			continue
		}
		out.Edits = append(out.Edits, edit.NewPlan(p))
	}
	for _, m := range across {
		put, on := m.B, m.A
		if !in[put.Head()] {
			put, on = on, put
		}
		if !m.Suppressed {
			out.Open = append(out.Open, Outside{m.Type, theirs(put).String(), on.String(), m.ID})
		}
	}
	return out, nil
}

// fresh is an id of the same kind that is free, and takes it.
func fresh(m *assembly.Mate, taken map[string]bool) string {
	for n := 1; ; n++ {
		id := fmt.Sprintf("%s %d", m.Descriptor().Stem, n)
		if !taken[id] {
			taken[id] = true
			return id
		}
	}
}
