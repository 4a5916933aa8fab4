package assembly

import (
	"slices"

	"setfast/core/geom"
	"setfast/core/part"
)

// mostFlat bounds what flexible uses may bring along: they double quickly where each level uses the one below twice.
const mostFlat = 50_000

// Poses tells where a component of an assembly was solved to, by the name it has there once flexible uses are laid open.
type Poses func(assembly, component string) geom.Pose

// Opened is a document whose flexible uses are laid open, each assembly once; the document itself stays as it is. An assembly may be
// used flexibly here and rigidly there. It belongs to one goroutine.
type Opened struct {
	*Document
	flat map[string]*Flat
}

// Open prepares to lay flexible uses open.
func (d *Document) Open() *Opened { return &Opened{d, map[string]*Flat{}} }

// Flat is an assembly in which the free components of flexible uses are components of their own, named use/child, the grounded ones of
// each together one (named after the first of them), and relations and planned motions come along, named use/id.
type Flat struct {
	*Assembly
	// Aliases are the names that grounded components of flexible uses, and the uses themselves, go by: each stands for the component
	// that they became.
	Aliases map[string]string
	start   []start // per component
}

// start is where a component of a flat assembly starts: at a pose, times where a component of an assembly used was solved to.
type start struct {
	at              geom.Pose
	assembly, child string
}

// Flat lays an assembly open.
func (o *Opened) Flat(name string) (*Flat, error) {
	if f := o.flat[name]; f != nil {
		return f, nil
	}
	a := o.Assemblies[name]
	flat := *a
	f := &Flat{Assembly: &flat, Aliases: map[string]string{}}
	if slices.ContainsFunc(a.Components, func(c *Component) bool { return c.Flexible && c.Assembly != "" }) {
		flat.Components, flat.Mates, flat.Planned = nil, nil, nil
		for _, c := range a.Components {
			if err := o.open(f, name, c); err != nil {
				return nil, err
			}
		}
		flat.Mates = append(flat.Mates, a.Mates...)
		flat.Planned = append(flat.Planned, a.Planned...)
		flat.Seal()
	}
	o.flat[name] = f
	return f, nil
}

// open adds a component to a flat assembly: as it is, or what it brings along.
func (o *Opened) open(f *Flat, name string, c *Component) error {
	if !c.Flexible || o.Assemblies[c.Assembly] == nil {
		f.Components, f.start = append(f.Components, c), append(f.start, start{at: c.Pose})
		return nil
	}
	sub, err := o.Flat(c.Assembly)
	if err != nil {
		return err
	}
	where := "assemblies." + name + ".components." + c.Name + ".flexible"
	if len(f.Components)+len(sub.Components) > mostFlat {
		return Faultf(where, "more than %d components would move in one assembly; make some uses rigid", mostFlat)
	}
	prefix := c.Name + "/"
	base := &Component{Name: c.Name, Assembly: c.Assembly, Grounded: c.Grounded, Suppressed: true, Pose: c.Pose, GroundedOnly: true}
	for _, k := range sub.Components {
		if k.Grounded && !k.Suppressed {
			base.Name, base.Suppressed = prefix+k.Name, c.Suppressed
			break
		}
	}
	if base.Suppressed && !c.Suppressed {
		return Faultf(where, "assembly %q has no grounded component, so it cannot be used flexibly", c.Assembly)
	}
	f.Components, f.start = append(f.Components, base), append(f.start, start{at: c.Pose})
	f.Aliases[c.Name] = base.Name
	for _, k := range sub.Components {
		if k.Grounded {
			f.Aliases[prefix+k.Name] = base.Name
			continue
		}
		n := *k
		n.Name, n.Suppressed = prefix+k.Name, k.Suppressed || c.Suppressed
		f.Components, f.start = append(f.Components, &n), append(f.start, start{c.Pose, c.Assembly, k.Name})
	}
	for k, v := range sub.Aliases {
		f.Aliases[prefix+k] = prefix + v
		if b, ok := f.Aliases[prefix+v]; ok { // grounded itself
			f.Aliases[prefix+k] = b
		}
	}
	f.bring(c.Name, sub)
	return nil
}

// bring adds the relations and planned motions of a flexible use.
func (f *Flat) bring(use string, sub *Flat) {
	prefix := use + "/"
	within := func(r *Ref) *Ref {
		if r == nil {
			return nil
		}
		return &Ref{Path: append([]string{use}, r.Path...), Feature: r.Feature}
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
		f.Mates = append(f.Mates, &n)
	}
	for _, p := range sub.Planned {
		n := p
		n.Ref = within(p.Ref)
		if p.Joint != "" {
			n.Joint = prefix + p.Joint
		} else {
			n.Component = prefix + p.Component
		}
		f.Planned = append(f.Planned, n)
	}
}

// Started is the flat assembly with the poses its components start at.
func (f *Flat) Started(solved Poses) *Assembly {
	if len(f.start) == 0 {
		return f.Assembly
	}
	a := *f.Assembly
	a.Components = slices.Clone(a.Components)
	for i, s := range f.start {
		if s.child != "" {
			c := *a.Components[i]
			c.Pose = s.at.Mul(solved(s.assembly, s.child))
			a.Components[i] = &c
		}
	}
	return a.Seal()
}

// Place is what a reference leads to.
type Place struct {
	Component string       // of the flat assembly; empty for the assembly itself
	Absent    bool         // something on the way is suppressed
	Feature   part.Feature // in the frame of the component
}

// Find follows a reference in an assembly laid open; it is one that Lookup finds.
func (o *Opened) Find(name string, r Ref, solved Poses) (Place, error) {
	a := o.Assemblies[name]
	if len(r.Path) == 0 {
		f, err := o.Feature(a, r)
		return Place{Feature: f}, err
	}
	c := a.Component(r.Path[0])
	if c == nil || c.Assembly == "" || len(r.Path) == 1 {
		f, err := o.Feature(a, r)
		if err != nil {
			return Place{}, err
		}
		p := Place{c.Name, c.Suppressed, f}
		if c.Flexible && c.Assembly != "" { // its frame goes with what is grounded in it
			flat, err := o.Flat(name)
			if err != nil {
				return Place{}, err
			}
			p.Component = flat.Aliases[c.Name]
		}
		return p, nil
	}
	p, err := o.Find(c.Assembly, Ref{r.Path[1:], r.Feature}, solved)
	if err != nil {
		return p, err
	}
	p.Absent = p.Absent || c.Suppressed
	if c.Flexible {
		flat, err := o.Flat(name)
		if err != nil {
			return p, err
		}
		base := flat.Aliases[c.Name]
		if inner := c.Name + "/" + p.Component; flat.Aliases[inner] != base { // free in it
			p.Component = inner
			return p, nil
		}
		if !p.Absent {
			p.Feature = p.Feature.At(solved(c.Assembly, p.Component))
		}
		p.Component = base
		return p, nil
	}
	if !p.Absent {
		p.Feature = p.Feature.At(solved(c.Assembly, p.Component))
	}
	p.Component = c.Name
	return p, nil
}

// Base is the first grounded component of an assembly, by which a flexible use of it is known.
func (a *Assembly) Base() *Component {
	for _, c := range a.Components {
		if c.Grounded && !c.Suppressed {
			return c
		}
	}
	return nil
}
