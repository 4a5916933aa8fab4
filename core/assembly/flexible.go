package assembly

import (
	"slices"
	"strings"

	"setfast/core/geom"
)

// mostFlat bounds what flexible uses may bring along: they double quickly where each level uses the one below twice.
const mostFlat = 50_000

// Flatten makes an assembly's flexible uses part of it: the free components of each become components of their own, named
// use/child, its grounded ones together one (named after the first of them), and its relations and planned motions come
// along, named use/id. What it uses must be flat already; pose gives where a component of another assembly was solved to.
func (d *Document) Flatten(name string, pose func(assembly, component string) geom.Pose) (*Assembly, error) {
	a := d.Assemblies[name]
	if !slices.ContainsFunc(a.Components, func(c *Component) bool { return c.Flexible && c.Assembly != "" }) {
		return a, nil
	}
	flat := *a
	flat.index, flat.Components, flat.alias = nil, nil, map[string]string{}
	flat.Mates, flat.Planned = nil, nil
	for _, c := range a.Components {
		sub := d.Assemblies[c.Assembly]
		if !c.Flexible || sub == nil {
			flat.Components = append(flat.Components, c)
			continue
		}
		prefix := c.Name + "/"
		var base *Component
		for _, k := range sub.Components {
			if k.Suppressed {
				continue
			}
			if k.Grounded {
				if base == nil {
					base = &Component{Name: prefix + k.Name, Assembly: c.Assembly, Grounded: c.Grounded, Suppressed: c.Suppressed, Pose: c.Pose, GroundedOnly: true}
					flat.Components = append(flat.Components, base)
				}
				flat.alias[prefix+k.Name] = base.Name
			}
		}
		if base == nil {
			return nil, Faultf("assemblies."+name+".components."+c.Name+".flexible", "assembly %q has no grounded component, so it cannot be used flexibly", c.Assembly)
		}
		flat.alias[c.Name] = base.Name
		if len(flat.Components)+len(sub.Components) > mostFlat {
			return nil, Faultf("assemblies."+name+".components."+c.Name+".flexible", "more than %d components would move in one assembly; make some uses rigid", mostFlat)
		}
		for _, k := range sub.Components {
			if k.Grounded {
				continue
			}
			n := *k
			n.Name, n.Pose = prefix+k.Name, c.Pose.Mul(pose(c.Assembly, k.Name))
			n.Suppressed = k.Suppressed || c.Suppressed
			flat.Components = append(flat.Components, &n)
		}
		for k, v := range sub.alias {
			flat.alias[prefix+k] = prefix + v
		}
		within := func(r *Ref) *Ref {
			if r == nil {
				return nil
			}
			return &Ref{Path: append([]string{c.Name}, r.Path...), Feature: r.Feature}
		}
		for _, m := range sub.Mates {
			n := *m
			n.ID = prefix + m.ID
			if m.IsCoupling() {
				n.JointA, n.JointB = prefix+m.JointA, prefix+m.JointB
			} else {
				n.A, n.B = *within(&m.A), *within(&m.B)
				n.About, n.A2, n.B2 = within(m.About), within(m.A2), within(m.B2)
			}
			flat.Mates = append(flat.Mates, &n)
		}
		for _, p := range sub.Planned {
			n := p
			n.Ref = within(p.Ref)
			if p.Joint != "" {
				n.Joint = prefix + p.Joint
			} else {
				n.Component = prefix + p.Component
			}
			flat.Planned = append(flat.Planned, n)
		}
	}
	flat.Mates = append(flat.Mates, a.Mates...)
	flat.Planned = append(flat.Planned, a.Planned...)
	return flat.Seal(), nil
}

// Aliases are, in a flattened assembly, the names that the grounded components of flexible uses and the uses themselves go by:
// each stands for the component they became.
func (a *Assembly) Aliases() map[string]string { return a.alias }

// Base is the first grounded component of an assembly, by which a flexible use of it is known.
func (a *Assembly) Base() *Component {
	for _, c := range a.Components {
		if c.Grounded && !c.Suppressed {
			return c
		}
	}
	return nil
}

// enter finds the component that a path leads into, and what of the path is left inside it. In a flattened assembly a name
// may take several steps of the path, and a grounded component stands for all of its kind.
func (a *Assembly) enter(path []string) (c *Component, rest []string) {
	if a.alias == nil {
		return a.Component(path[0]), path[1:]
	}
	for k := len(path); k > 0; k-- {
		name := strings.Join(path[:k], "/")
		if base, ok := a.alias[name]; ok {
			if k == 1 { // the use itself, its own frame
				return a.Component(base), path[1:]
			}
			return a.Component(base), path[k-1:]
		}
		if c := a.Component(name); c != nil {
			return c, path[k:]
		}
	}
	return nil, nil
}
