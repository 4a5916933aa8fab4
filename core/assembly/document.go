// Package assembly holds what a designer has said: components, relations, planned motion, measures and drives,
// and the edits that change them. It computes nothing.
package assembly

import (
	"setfast/core/geom"
	"setfast/core/par"
	"setfast/core/part"
	"setfast/core/relation"
	"setfast/core/tol"
)

// Document is a set of parts and assemblies that belong together.
type Document struct {
	Root       string
	Settings   Settings
	Parts      map[string]*part.Part
	PartOrder  []string
	Assemblies map[string]*Assembly
	Order      []string // assemblies as listed
}

// Settings are the tolerances and policies of a document or an assembly.
type Settings struct {
	ToleranceMM   float64 // a miss beyond this is a conflict
	ToleranceDeg  float64
	FastenersHeld bool // spin of a fastener counts as loose
}

// DefaultSettings is what holds where nothing is said.
var DefaultSettings = Settings{ToleranceMM: tol.HoldsMM, ToleranceDeg: tol.HoldsDeg}

// Assembly is one level of the product: components in build order and what relates them. Once sealed or handed to anybody else
// it is never changed, nor is anything it points to: an edit makes a new one, which may share what did not change.
type Assembly struct {
	Number, Name string
	Settings     *Settings
	Components   []*Component
	Mates        []*Mate
	Planned      []Planned
	Measures     []Measure
	Drives       []Drive
	Values       []NamedValue
	Groups       []Group
	Variants     []Variant
	Views        []View
	Dismissed    []Dismissed
	Fits         []Fit
	Stacks       []Stack
	Copies       []Copies
	Brief        []BriefLine
	Explode      []Leave
	Explosions   []Explosion

	index *index // made by Seal, never changed
}

// NamedValue is a value that expressions may use, as written.
type NamedValue struct{ Name, Text string }

// BriefLine is a line of the list that an assembly is to be built by: a part or an assembly by its number.
type BriefLine struct {
	Item         int // 0: counted
	Number, Name string
	Quantity     int
}

// Leave is a step in which an assembly comes apart: components that leave together along a direction.
type Leave struct {
	Parts []string
	Along geom.Vec
	By    float64 // mm, in an exploded view; 0: as far as there is room
}

// Explosion is a way in which some of an assembly comes apart, under a name: a lid taken off for service.
type Explosion struct {
	Name  string
	Steps []Leave
}

// Group is a name for some components in the list, such as bolts.
type Group struct {
	Name       string
	Components []string
}

// Variant is the assembly with other named values.
type Variant struct {
	Name   string
	Values []NamedValue
}

// View is a direction to look from, kept by name.
type View struct {
	Name     string
	Look, Up geom.Vec // the direction of sight, and what shows upward
}

// Dismissed is a finding that somebody has looked at and accepts, with the reason.
type Dismissed struct{ Finding, Why string }

// Fit is an overlap that is meant: between two components, or two of their features.
type Fit struct {
	A, B Ref // a component is a path without a feature
	Kind string
	Note string

	Owner
}

// Component is one use of a part or of another assembly.
type Component struct {
	Name       string
	Part       string // one of Part and Assembly is set
	Assembly   string
	Grounded   bool
	Suppressed bool
	Flexible   bool // a subassembly whose own motion lives on here
	Pose       geom.Pose

	Owner             // its name begins with that of the owner
	GroundedOnly bool // of a flattened use: stands for the grounded components of its assembly
}

// Ref names a feature: components from the outside in, then the feature. An empty path is the assembly itself ("@").
type Ref struct {
	Path    []string
	Feature string
}

// Head is the component of this assembly that the reference enters by, empty for the assembly itself.
func (r Ref) Head() string {
	if len(r.Path) == 0 {
		return ""
	}
	return r.Path[0]
}

func (r Ref) String() string {
	s := ""
	for _, p := range r.Path {
		s += p + "/"
	}
	if s == "" {
		s = "@/"
	}
	return s + r.Feature
}

// Mate is a relation between features a and b; b's component moves first where there is a choice. Its fields (value, gap, sense,
// limits and so on) are those its type has.
type Mate struct {
	ID     string
	Type   string
	A, B   Ref
	About  *Ref
	A2, B2 *Ref   // the second face of a pair
	JointA string // couplings are between joints
	JointB string
	relation.Params
	Suppressed bool
	Note       string
	Owner
}

// Descriptor is the mate's type; nil where there is no such type.
func (m *Mate) Descriptor() *relation.Type { return relation.Named(m.Type) }

// Planned declares a freedom as wanted.
type Planned struct {
	Joint, Of         string // all coordinates of a joint, or one
	Component, Motion string // or one turn or slide of a component …
	Ref               *Ref   // … about or along this feature
	Owner
}

// Measure is a value read off the solved assembly.
type Measure struct {
	Name, Type, Joint, Of string // Of: a joint's coordinate
	A, B, OfRef, In       *Ref
}

// index finds components and relations by name. It counts only for the lists it was made of: a copy of an assembly with other
// lists carries an index that is not its own.
type index struct {
	components, mates map[string]int
	component         []*Component
	mate              []*Mate
}

// few is how long a list is looked through from end to end, which is then as fast as an index.
const few = 16

// Seal makes the index of an assembly that is complete; whoever makes one calls it before showing it to anybody.
func (a *Assembly) Seal() *Assembly {
	x := &index{component: a.Components, mate: a.Mates}
	par.Do(
		func() { x.components = places(a.Components, func(c *Component) string { return c.Name }) },
		func() { x.mates = places(a.Mates, func(m *Mate) string { return m.ID }) },
	)
	a.index = x
	return a
}

// places are those of a list's members by name, where it is long.
func places[T any](list []T, name func(T) string) map[string]int {
	if len(list) <= few {
		return nil
	}
	out := make(map[string]int, len(list))
	for i, x := range list {
		out[name(x)] = i
	}
	return out
}

// Twice tells two relations that have the same name; false where each has its own.
func (a *Assembly) Twice() (first, second int, found bool) {
	if x := a.index; x != nil && sameList(x.mate, a.Mates) && len(x.mates) == len(a.Mates) {
		return 0, 0, false
	}
	seen := map[string]int{}
	for i, m := range a.Mates {
		if k, is := seen[m.ID]; is {
			return k, i, true
		}
		seen[m.ID] = i
	}
	return 0, 0, false
}

// sameList tells whether two lists are one, and not only alike.
func sameList[T any](a, b []T) bool { return len(a) == len(b) && (len(a) == 0 || &a[0] == &b[0]) }

// Component finds a component by name.
func (a *Assembly) Component(name string) *Component {
	if i := a.Place(name); i >= 0 {
		return a.Components[i]
	}
	return nil
}

// Place is where a component stands in the build order, or -1.
func (a *Assembly) Place(name string) int {
	if x := a.index; x != nil && x.components != nil && sameList(x.component, a.Components) {
		if i, ok := x.components[name]; ok {
			return i
		}
		return -1
	}
	for i, c := range a.Components {
		if c.Name == name {
			return i
		}
	}
	return -1
}

// Mate finds a relation by its id.
func (a *Assembly) Mate(id string) *Mate {
	if x := a.index; x != nil && x.mates != nil && sameList(x.mate, a.Mates) {
		if i, ok := x.mates[id]; ok {
			return a.Mates[i]
		}
		return nil
	}
	for _, m := range a.Mates {
		if m.ID == id {
			return m
		}
	}
	return nil
}

// SettingsOf gives the settings that hold in an assembly.
func (d *Document) SettingsOf(a *Assembly) Settings {
	if a.Settings != nil {
		return *a.Settings
	}
	return d.Settings
}

// Refs lists every reference a relation makes.
func (m *Mate) Refs() []Ref {
	if m.IsCoupling() {
		return nil
	}
	r := []Ref{m.A, m.B}
	for _, x := range []*Ref{m.About, m.A2, m.B2} {
		if x != nil {
			r = append(r, *x)
		}
	}
	return r
}

// On is the relation on other references; f gives each of them.
func (m *Mate) On(f func(Ref) Ref) *Mate {
	k := *m
	maybe := func(r *Ref) *Ref {
		if r == nil {
			return nil
		}
		n := f(*r)
		return &n
	}
	k.A, k.B, k.About, k.A2, k.B2 = f(m.A), f(m.B), maybe(m.About), maybe(m.A2), maybe(m.B2)
	return &k
}

// IsCoupling tells whether the relation is between joints rather than features.
func (m *Mate) IsCoupling() bool { return m.JointA != "" }
