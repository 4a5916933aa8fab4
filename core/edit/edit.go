// Package edit holds the changes a designer makes to an assembly as values: each can be applied, written down, and taken
// back by its inverse.
package edit

import (
	"encoding/json"
	"fmt"
	"slices"

	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/geom"
)

// Edit is one change. Op names it; the other members are those it needs.
type Edit struct {
	Op        string             `json:"op"`
	Name      string             `json:"name,omitempty"`      // of a component, or a relation's id
	To        string             `json:"to,omitempty"`        // new name
	Component *Component         `json:"component,omitempty"` // place
	At        *int               `json:"at,omitempty"`        // where in the list; none: at the end
	On        *bool              `json:"on,omitempty"`        // ground, suppress, flex
	Poses     map[string]Pose    `json:"poses,omitempty"`     // move
	Mate      json.RawMessage    `json:"mate,omitempty"`      // relate, change: as in the file
	Planned   json.RawMessage    `json:"planned,omitempty"`   // plan
	Lists     *Lists             `json:"lists,omitempty"`     // put whole lists back
	Settings  *assembly.Settings `json:"settings,omitempty"`
	Edits     []Edit             `json:"edits,omitempty"` // batch
}

// Component is a use as an edit carries it.
type Component struct {
	Name       string `json:"name"`
	Part       string `json:"part,omitempty"`
	Assembly   string `json:"assembly,omitempty"`
	Grounded   bool   `json:"grounded,omitempty"`
	Suppressed bool   `json:"suppressed,omitempty"`
	Flexible   bool   `json:"flexible,omitempty"`
	Pose       Pose   `json:"pose"`
}

// Pose is a pose as an edit carries it.
type Pose struct {
	Origin     [3]float64 `json:"origin"`
	Quaternion [4]float64 `json:"quaternion"`
}

// Lists are relations and what refers to them, whole.
type Lists struct {
	Mates    json.RawMessage `json:"mates"`
	Planned  json.RawMessage `json:"planned"`
	Measures json.RawMessage `json:"measures"`
	Drives   json.RawMessage `json:"drives"`
}

// PoseOf writes a pose down.
func PoseOf(p geom.Pose) Pose {
	return Pose{p.O.Array(), [4]float64{p.Q.W, p.Q.X, p.Q.Y, p.Q.Z}}
}

// Geom is the pose as a value; one that is no pose at all is an error.
func (p Pose) Geom() (geom.Pose, error) {
	q := geom.Quat{W: p.Quaternion[0], X: p.Quaternion[1], Y: p.Quaternion[2], Z: p.Quaternion[3]}
	o := geom.FromArray(p.Origin)
	if !o.Finite() || !(q.Norm() > 0) {
		return geom.Home, fmt.Errorf("this is no pose")
	}
	return geom.Pose{O: o, Q: q.Unit()}, nil
}

func where(at *int, n int) int {
	if at == nil || *at < 0 || *at > n {
		return n
	}
	return *at
}

// Apply makes the change and gives the edit that takes it back. On an error the assembly may be half changed: apply to a copy.
func (e Edit) Apply(a *assembly.Assembly) (Edit, error) {
	switch e.Op {
	case "batch":
		inv := Edit{Op: "batch"}
		for _, k := range e.Edits {
			i, err := k.Apply(a)
			if err != nil {
				return inv, err
			}
			inv.Edits = append([]Edit{i}, inv.Edits...)
		}
		return inv, nil
	case "place":
		return e.place(a)
	case "remove":
		return e.remove(a)
	case "ground":
		c, err := need(a, e.Name)
		if err != nil || e.On == nil {
			return Edit{}, orMissing(err, "on")
		}
		old := c.Grounded
		c.Grounded = *e.On
		return Edit{Op: "ground", Name: e.Name, On: &old}, nil
	case "suppress":
		c, err := need(a, e.Name)
		if err != nil || e.On == nil {
			return Edit{}, orMissing(err, "on")
		}
		old := c.Suppressed
		c.Suppressed = *e.On
		return Edit{Op: "suppress", Name: e.Name, On: &old}, nil
	case "flex":
		c, err := need(a, e.Name)
		if err != nil || e.On == nil {
			return Edit{}, orMissing(err, "on")
		}
		if c.Assembly == "" {
			return Edit{}, fmt.Errorf("%s is a part; only a subassembly can move in itself", e.Name)
		}
		old := c.Flexible
		c.Flexible = *e.On
		return Edit{Op: "flex", Name: e.Name, On: &old}, nil
	case "move":
		inv := Edit{Op: "move", Poses: map[string]Pose{}}
		for name, p := range e.Poses {
			c, err := need(a, name)
			if err != nil {
				return inv, err
			}
			g, err := p.Geom()
			if err != nil {
				return inv, fmt.Errorf("%s: %w", name, err)
			}
			inv.Poses[name] = PoseOf(c.Pose)
			c.Pose = g
		}
		return inv, nil
	case "rename":
		return e.rename(a)
	case "relate":
		m, err := format.ReadMate(e.Mate, a.Values)
		if err != nil {
			return Edit{}, err
		}
		if a.Mate(m.ID) != nil {
			return Edit{}, fmt.Errorf("there is a relation %q already", m.ID)
		}
		a.Mates = slices.Insert(a.Mates, where(e.At, len(a.Mates)), m)
		return Edit{Op: "unrelate", Name: m.ID}, nil
	case "unrelate":
		return e.unrelate(a)
	case "change":
		m, err := format.ReadMate(e.Mate, a.Values)
		if err != nil {
			return Edit{}, err
		}
		for i, o := range a.Mates {
			if o.ID == m.ID {
				old, err := json.Marshal(format.MateObject(o))
				a.Mates[i] = m
				return Edit{Op: "change", Mate: old}, err
			}
		}
		return Edit{}, fmt.Errorf("there is no relation %q", m.ID)
	case "plan":
		p, err := format.ReadPlanned(e.Planned)
		if err != nil {
			return Edit{}, err
		}
		at := where(e.At, len(a.Planned))
		a.Planned = slices.Insert(a.Planned, at, p)
		return Edit{Op: "unplan", At: &at}, nil
	case "unplan":
		if e.At == nil || *e.At < 0 || *e.At >= len(a.Planned) {
			return Edit{}, fmt.Errorf("there is no such planned motion")
		}
		old, err := json.Marshal(format.PlannedObject(a.Planned[*e.At]))
		a.Planned = slices.Delete(a.Planned, *e.At, *e.At+1)
		return Edit{Op: "plan", Planned: old, At: e.At}, err
	case "lists":
		inv, err := lists(a)
		if err != nil || e.Lists == nil {
			return inv, orMissing(err, "lists")
		}
		return inv, e.Lists.put(a)
	case "settings":
		inv := Edit{Op: "settings", Settings: a.Settings}
		a.Settings = e.Settings
		return inv, nil
	case "title":
		inv := Edit{Op: "title", Name: a.Number, To: a.Name}
		a.Number, a.Name = e.Name, e.To
		return inv, nil
	}
	return Edit{}, fmt.Errorf("unknown edit %q", e.Op)
}

func orMissing(err error, what string) error {
	if err != nil {
		return err
	}
	return fmt.Errorf("the member %q is missing", what)
}

func need(a *assembly.Assembly, name string) (*assembly.Component, error) {
	if c := a.Component(name); c != nil {
		return c, nil
	}
	return nil, fmt.Errorf("there is no component %q", name)
}

func (e Edit) place(a *assembly.Assembly) (Edit, error) {
	if e.Component == nil {
		return Edit{}, orMissing(nil, "component")
	}
	k := e.Component
	if err := format.CheckName(k.Name); err != nil {
		return Edit{}, err
	}
	if a.Component(k.Name) != nil {
		return Edit{}, fmt.Errorf("there is a component %q already", k.Name)
	}
	p, err := k.Pose.Geom()
	if err != nil {
		return Edit{}, err
	}
	c := &assembly.Component{Name: k.Name, Part: k.Part, Assembly: k.Assembly, Grounded: k.Grounded, Suppressed: k.Suppressed, Flexible: k.Flexible, Pose: p}
	a.Components = slices.Insert(a.Components, where(e.At, len(a.Components)), c)
	return Edit{Op: "remove", Name: k.Name}, nil
}

// remove takes a component away, with every relation and measure that names it.
func (e Edit) remove(a *assembly.Assembly) (Edit, error) {
	c, err := need(a, e.Name)
	if err != nil {
		return Edit{}, err
	}
	inv, err := lists(a)
	if err != nil {
		return Edit{}, err
	}
	at := slices.Index(a.Components, c)
	a.Components = slices.Delete(a.Components, at, at+1)
	names := func(r *assembly.Ref) bool { return r != nil && r.Head() == e.Name }
	gone := map[string]bool{}
	a.Mates = slices.DeleteFunc(slices.Clone(a.Mates), func(m *assembly.Mate) bool {
		for _, r := range m.Refs() {
			if names(&r) {
				gone[m.ID] = true
				return true
			}
		}
		return false
	})
	forget(a, gone)
	a.Planned = slices.DeleteFunc(slices.Clone(a.Planned), func(p assembly.Planned) bool {
		return p.Component == e.Name || names(p.Ref)
	})
	a.Measures = slices.DeleteFunc(slices.Clone(a.Measures), func(m assembly.Measure) bool {
		return names(m.A) || names(m.B) || names(m.In) || names(m.OfRef)
	})
	back := Edit{Op: "place", At: &at, Component: &Component{c.Name, c.Part, c.Assembly, c.Grounded, c.Suppressed, c.Flexible, PoseOf(c.Pose)}}
	return Edit{Op: "batch", Edits: []Edit{back, inv}}, nil
}

// forget drops what refers to relations that are gone.
func forget(a *assembly.Assembly, gone map[string]bool) {
	a.Mates = slices.DeleteFunc(slices.Clone(a.Mates), func(m *assembly.Mate) bool { return m.IsCoupling() && (gone[m.JointA] || gone[m.JointB]) })
	a.Planned = slices.DeleteFunc(slices.Clone(a.Planned), func(p assembly.Planned) bool { return gone[p.Joint] })
	a.Measures = slices.DeleteFunc(slices.Clone(a.Measures), func(m assembly.Measure) bool { return gone[m.Joint] })
	a.Drives = slices.DeleteFunc(slices.Clone(a.Drives), func(d assembly.Drive) bool { return gone[d.Joint] })
}

func (e Edit) unrelate(a *assembly.Assembly) (Edit, error) {
	for i, m := range a.Mates {
		if m.ID != e.Name {
			continue
		}
		inv, err := lists(a)
		a.Mates = slices.Delete(slices.Clone(a.Mates), i, i+1)
		forget(a, map[string]bool{e.Name: true})
		return inv, err
	}
	return Edit{}, fmt.Errorf("there is no relation %q", e.Name)
}

func (e Edit) rename(a *assembly.Assembly) (Edit, error) {
	c, err := need(a, e.Name)
	if err == nil {
		err = format.CheckName(e.To)
	}
	if err == nil && e.To != e.Name && a.Component(e.To) != nil {
		err = fmt.Errorf("there is a component %q already", e.To)
	}
	if err != nil {
		return Edit{}, err
	}
	c.Name = e.To
	fix := func(r *assembly.Ref) {
		if r != nil && r.Head() == e.Name {
			r.Path = append([]string{e.To}, r.Path[1:]...)
		}
	}
	for _, m := range a.Mates {
		for _, r := range []*assembly.Ref{&m.A, &m.B, m.About, m.A2, m.B2} {
			fix(r)
		}
	}
	for i := range a.Planned {
		if a.Planned[i].Component == e.Name {
			a.Planned[i].Component = e.To
		}
		fix(a.Planned[i].Ref)
	}
	for i := range a.Measures {
		m := &a.Measures[i]
		fix(m.A)
		fix(m.B)
		fix(m.In)
		fix(m.OfRef)
	}
	return Edit{Op: "rename", Name: e.To, To: e.Name}, nil
}

// lists writes down all lists as an edit that puts them back.
func lists(a *assembly.Assembly) (Edit, error) {
	raw, err := json.Marshal(format.AssemblyObject(&assembly.Assembly{Values: a.Values, Mates: a.Mates, Planned: a.Planned, Measures: a.Measures, Drives: a.Drives}))
	if err != nil {
		return Edit{}, err
	}
	var l Lists
	err = json.Unmarshal(raw, &l)
	return Edit{Op: "lists", Lists: &l}, err
}

func (l *Lists) put(a *assembly.Assembly) error {
	vals, err := json.Marshal(format.AssemblyObject(&assembly.Assembly{Values: a.Values}))
	if err != nil {
		return err
	}
	var held struct{ Values json.RawMessage }
	if err := json.Unmarshal(vals, &held); err != nil {
		return err
	}
	raw, err := json.Marshal(map[string]json.RawMessage{"values": orEmpty(held.Values, "{}"), "mates": orEmpty(l.Mates, "[]"), "planned": orEmpty(l.Planned, "[]"),
		"measures": orEmpty(l.Measures, "{}"), "drives": orEmpty(l.Drives, "{}")})
	if err != nil {
		return err
	}
	b, err := format.ReadAssembly(raw)
	if err != nil {
		return err
	}
	a.Mates, a.Planned, a.Measures, a.Drives = b.Mates, b.Planned, b.Measures, b.Drives
	return nil
}

func orEmpty(r json.RawMessage, s string) json.RawMessage {
	if len(r) == 0 || string(r) == "null" {
		return json.RawMessage(s)
	}
	return r
}
