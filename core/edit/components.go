package edit

import (
	"fmt"
	"slices"

	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/geom"
)

// Place adds a use of a part or an assembly.
type Place struct {
	Component Component `json:"component"`
	At        *int      `json:"at,omitempty"` // place in the build order; none: at the end
}

// Component is a use as an edit carries it.
type Component struct {
	Name       string    `json:"name"`
	Part       string    `json:"part,omitempty"`
	Assembly   string    `json:"assembly,omitempty"`
	Grounded   bool      `json:"grounded,omitempty"`
	Suppressed bool      `json:"suppressed,omitempty"`
	Flexible   bool      `json:"flexible,omitempty"`
	Pose       geom.Pose `json:"pose"`
}

// NewPlace adds a component as another assembly has it, at the end.
func NewPlace(c *assembly.Component) Place {
	return Place{Component: Component{c.Name, c.Part, c.Assembly, c.Grounded, c.Suppressed, c.Flexible, c.Pose}}
}

// Remove takes a component away, with every relation, planned motion, measure and drive that names it.
type Remove struct {
	Name string `json:"name"`
}

// Ground grounds a component where it stands, or ungrounds it.
type Ground struct {
	Name string `json:"name"`
	On   bool   `json:"on"`
}

// Suppress leaves a component out, or brings it back.
type Suppress struct {
	Name string `json:"name"`
	On   bool   `json:"on"`
}

// Flex lets a subassembly move in itself, or makes it rigid.
type Flex struct {
	Name string `json:"name"`
	On   bool   `json:"on"`
}

// Use has a component use another part.
type Use struct {
	Name string `json:"name"`
	Part string `json:"part"`
}

// Move puts components elsewhere.
type Move struct {
	Poses map[string]geom.Pose `json:"poses"`
}

// Rename gives a component another name, here and wherever this assembly names it.
type Rename struct {
	Name string `json:"name"`
	To   string `json:"to"`
}

// The names of the edits of components.
func (Place) Op() string    { return "place" }
func (Remove) Op() string   { return "remove" }
func (Ground) Op() string   { return "ground" }
func (Suppress) Op() string { return "suppress" }
func (Flex) Op() string     { return "flex" }
func (Move) Op() string     { return "move" }
func (Use) Op() string      { return "use" }
func (Rename) Op() string   { return "rename" }

func (e Place) apply(d *draft) (Edit, error) {
	k := e.Component
	if err := format.CheckName(k.Name); err != nil {
		return nil, err
	}
	if (k.Part == "") == (k.Assembly == "") {
		return nil, fmt.Errorf("a component is a use of one part or of one assembly")
	}
	if d.Place(k.Name) >= 0 {
		return nil, fmt.Errorf("there is a component %q already", k.Name)
	}
	if !k.Pose.Is() {
		return nil, fmt.Errorf("%s: %w", k.Name, geom.ErrNoPose)
	}
	c := &assembly.Component{Name: k.Name, Part: k.Part, Assembly: k.Assembly, Grounded: k.Grounded, Suppressed: k.Suppressed, Flexible: k.Flexible, Pose: k.Pose.Read()}
	d.Components = slices.Insert(d.Components, spot(e.At, len(d.Components)), c)
	return Remove{k.Name}, nil
}

func (e Remove) apply(d *draft) (Edit, error) {
	at, c, err := d.component(e.Name)
	if err != nil {
		return nil, err
	}
	d.Components = slices.Delete(d.Components, at, at+1)
	regrouped := d.regroup(func(name string) string {
		if name == e.Name {
			return ""
		}
		return name
	})
	placed := NewPlace(c)
	placed.At = &at
	back := []Edit{placed}
	names := func(r *assembly.Ref) bool { return r != nil && r.Head() == e.Name }
	return Batch{append(append(back, regrouped...), d.drop(dropped{
		mate: func(m *assembly.Mate) bool {
			return slices.ContainsFunc(m.Refs(), func(r assembly.Ref) bool { return names(&r) })
		},
		planned: func(p assembly.Planned) bool { return p.Component == e.Name || names(p.Ref) },
		measure: func(m assembly.Measure) bool { return names(m.A) || names(m.B) || names(m.In) || names(m.OfRef) },
	})...)}, nil
}

// change replaces a component by one that differs.
func (d *draft) change(name string, f func(*assembly.Component) error) error {
	i, c, err := d.component(name)
	if err != nil {
		return err
	}
	k := *c
	if err := f(&k); err != nil {
		return err
	}
	d.Components[i] = &k
	return nil
}

// turn sets one of a component's marks and gives what it was.
func (d *draft) turn(name string, on bool, mark func(*assembly.Component) *bool) (was bool, err error) {
	err = d.change(name, func(c *assembly.Component) error {
		m := mark(c)
		was, *m = *m, on
		return nil
	})
	return was, err
}

func (e Ground) apply(d *draft) (Edit, error) {
	was, err := d.turn(e.Name, e.On, func(c *assembly.Component) *bool { return &c.Grounded })
	return Ground{e.Name, was}, err
}

func (e Suppress) apply(d *draft) (Edit, error) {
	was, err := d.turn(e.Name, e.On, func(c *assembly.Component) *bool { return &c.Suppressed })
	return Suppress{e.Name, was}, err
}

func (e Flex) apply(d *draft) (Edit, error) {
	_, c, err := d.component(e.Name)
	if err != nil {
		return nil, err
	}
	if c.Assembly == "" {
		return nil, fmt.Errorf("%s is a part; only a subassembly can move in itself", e.Name)
	}
	was, err := d.turn(e.Name, e.On, func(c *assembly.Component) *bool { return &c.Flexible })
	return Flex{e.Name, was}, err
}

func (e Use) apply(d *draft) (Edit, error) {
	at, c, err := d.component(e.Name)
	if err != nil {
		return nil, err
	}
	if c.Part == "" || e.Part == "" {
		return nil, fmt.Errorf("%s: a part takes the place of a part", e.Name)
	}
	k := *c
	k.Part = e.Part
	d.Components[at] = &k
	return Use{e.Name, c.Part}, nil
}

func (e Move) apply(d *draft) (Edit, error) {
	inv := Move{map[string]geom.Pose{}}
	for name, p := range e.Poses {
		err := d.change(name, func(c *assembly.Component) error {
			if !p.Is() {
				return fmt.Errorf("%s: %w", name, geom.ErrNoPose)
			}
			inv.Poses[name], c.Pose = c.Pose, p.Read()
			return nil
		})
		if err != nil {
			return nil, err
		}
	}
	return inv, nil
}

func (e Rename) apply(d *draft) (Edit, error) {
	if err := format.CheckName(e.To); err != nil {
		return nil, err
	}
	if e.To != e.Name && d.Place(e.To) >= 0 {
		return nil, fmt.Errorf("there is a component %q already", e.To)
	}
	if err := d.change(e.Name, func(c *assembly.Component) error { c.Name = e.To; return nil }); err != nil {
		return nil, err
	}
	called := func(r assembly.Ref) assembly.Ref {
		if r.Head() == e.Name {
			r.Path = append([]string{e.To}, r.Path[1:]...)
		}
		return r
	}
	maybe := func(r *assembly.Ref) *assembly.Ref {
		if r == nil || r.Head() != e.Name {
			return r
		}
		n := called(*r)
		return &n
	}
	for i, m := range d.Mates {
		if m.IsCoupling() || !slices.ContainsFunc(m.Refs(), func(r assembly.Ref) bool { return r.Head() == e.Name }) {
			continue
		}
		k := *m
		k.A, k.B, k.About, k.A2, k.B2 = called(m.A), called(m.B), maybe(m.About), maybe(m.A2), maybe(m.B2)
		d.Mates[i] = &k
	}
	for i := range d.Planned {
		p := &d.Planned[i]
		if p.Component == e.Name {
			p.Component = e.To
		}
		p.Ref = maybe(p.Ref)
	}
	for i := range d.Measures {
		m := &d.Measures[i]
		m.A, m.B, m.In, m.OfRef = maybe(m.A), maybe(m.B), maybe(m.In), maybe(m.OfRef)
	}
	d.regroup(func(name string) string {
		if name == e.Name {
			return e.To
		}
		return name
	})
	return Rename{e.To, e.Name}, nil
}
