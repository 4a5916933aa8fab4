package format

import (
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/near"
	"setfast/core/part"
	"setfast/core/relation"
)

// checker looks up every name an assembly mentions, and says at its place what is not there.
type checker struct {
	*reader
	doc  *assembly.Document
	asm  *assembly.Assembly
	node *node
}

// check looks up every name an assembly mentions.
func (r *reader) check(d *assembly.Document, a *assembly.Assembly, n *node) {
	c := &checker{reader: r, doc: d, asm: a, node: n}
	c.components()
	r.runs(len(a.Mates), func(r *reader, i int) {
		if m := a.Mates[i]; !m.IsCoupling() {
			(&checker{reader: r, doc: d, asm: a, node: n}).relation(i, m)
		}
	})
	if r.err != nil {
		return
	}
	for i, m := range a.Mates {
		if m.IsCoupling() {
			of := m.Descriptor().Ties
			c.coordinate(c.mate(i, "a"), m.JointA, of[0])
			c.coordinate(c.mate(i, "b"), m.JointB, of[1])
		}
	}
	c.belong()
	for i, p := range a.Planned {
		c.motion(n.find("planned").kids[i], p)
	}
	for _, m := range a.Measures {
		c.measured(c.node.at("measures", m.Name), m)
	}
	for _, dr := range a.Drives {
		c.driven(c.node.at("drives", dr.Name), dr)
	}
}

// at is the place of what is named, or as near to it as there is one.
func (n *node) at(names ...string) *node {
	for _, k := range names {
		if m := n.find(k); m != nil {
			n = m
		}
	}
	return n
}

// mate is the place of a relation or of one of its members.
func (c *checker) mate(i int, names ...string) *node {
	return c.node.find("mates").kids[i].at(names...)
}

func (c *checker) components() {
	for _, k := range c.asm.Components {
		if k.Part != "" && c.doc.Parts[k.Part] == nil {
			c.fail(c.node.at("components", k.Name, "part"), "there is no part %q%s", k.Part, near.Hint(k.Part, c.doc.PartOrder))
		}
		if k.Assembly != "" && c.doc.Assemblies[k.Assembly] == nil {
			c.fail(c.node.at("components", k.Name, "assembly"), "there is no assembly %q%s", k.Assembly, near.Hint(k.Assembly, c.doc.Order))
		}
		if sub := c.doc.Assemblies[k.Assembly]; k.Flexible && sub != nil && !slices.ContainsFunc(sub.Components, func(k *assembly.Component) bool { return k.Grounded && !k.Suppressed }) {
			c.fail(c.node.at("components", k.Name, "flexible"), "assembly %q has no grounded component, so it cannot be used flexibly; ground its base", k.Assembly)
		}
	}
}

// feature finds what a reference names; nothing where none is given.
func (c *checker) feature(where *node, x *assembly.Ref) (f part.Feature) {
	if x == nil || c.err != nil {
		return f
	}
	f, err := c.doc.Feature(c.asm, *x)
	if err != nil {
		c.fail(where, "%v", err)
	}
	return f
}

const notAPair = "a pair is two parallel faces of one component"

// side finds the feature of one side of a relation: that between two faces, where it names a pair.
func (c *checker) side(where *node, one *assembly.Ref, two *assembly.Ref) part.Feature {
	f, g := c.feature(where, one), c.feature(where, two)
	if two == nil || c.err != nil {
		return f
	}
	if !slices.Equal(one.Path, two.Path) { // how they stand to one another is known only once all is placed
		if one.Head() != two.Head() || f.Kind != part.Plane || g.Kind != part.Plane {
			c.fail(where, "%s", notAPair)
		}
		return f
	}
	mid, ok := relation.MidPlane(f, g)
	if !ok {
		c.fail(where, "%s", notAPair)
	}
	return mid
}

// relation sees that a relation or joint can be between the features it names.
func (c *checker) relation(i int, m *assembly.Mate) {
	said := &c.said
	*said = relation.Said{Params: m.Params}
	said.A = c.side(c.mate(i, "a"), &m.A, m.A2)
	said.B = c.side(c.mate(i, "b"), &m.B, m.B2)
	if m.About != nil {
		third := c.feature(c.mate(i, "about"), m.About)
		said.About = &third
	}
	if c.err != nil {
		return
	}
	t := m.Descriptor()
	if _, err := t.Law(said); err != nil {
		c.fail(c.mate(i), "relation %q: %v", m.ID, err)
		return
	}
	c.bounded(i, t, "limits", m.Limited())
	c.bounded(i, t, "one_way", m.OneWay())
}

// bounded sees that a relation has the coordinates that one of its members names.
func (c *checker) bounded(i int, t *relation.Type, member string, said []string) {
	for _, of := range said {
		if _, ok := t.Coordinate(of); !ok {
			c.fail(c.mate(i, member, of), "%s has no coordinate %q%s", t.Name, of, near.Hint(of, coordinateNames(t)))
		}
	}
}

// coordinate sees that there is a joint and that it has a coordinate.
func (c *checker) coordinate(where *node, joint, of string) {
	if c.err != nil {
		return
	}
	t := descriptorOf(c.asm.Mate(joint))
	if t == nil {
		t = inFlexible(c.doc, c.asm, joint)
	}
	if t == nil {
		c.fail(where, "there is no joint %q%s", joint, near.Hint(joint, c.jointNames()))
		return
	}
	if t.Family != relation.Joint {
		c.fail(where, "relation %q is of type %s, not a joint; joints are revolute, prismatic, cylindrical and their like", joint, t.Name)
		return
	}
	if _, ok := t.Coordinate(of); of != "" && !ok {
		c.fail(where, "joint %q has no coordinate %q%s", joint, of, near.Hint(of, coordinateNames(t)))
	}
}

// jointNames are the joints of the assembly, in their order.
func (c *checker) jointNames() (names []string) {
	for _, m := range c.asm.Mates {
		if m.Descriptor().Family == relation.Joint {
			names = append(names, m.ID)
		}
	}
	return names
}

func coordinateNames(t *relation.Type) (names []string) {
	for _, k := range t.Coordinates {
		names = append(names, k.Name)
	}
	return names
}

// inFlexible finds a joint named use/id that comes along with a flexible use.
func inFlexible(d *assembly.Document, a *assembly.Assembly, id string) *relation.Type {
	use, rest, ok := strings.Cut(id, "/")
	c := a.Component(use)
	if !ok || c == nil || !c.Flexible || d.Assemblies[c.Assembly] == nil {
		return nil
	}
	sub := d.Assemblies[c.Assembly]
	m := sub.Mate(rest)
	if m == nil {
		return inFlexible(d, sub, rest)
	}
	return descriptorOf(m)
}

// descriptorOf is that of a relation or joint; a coupling is neither.
func descriptorOf(m *assembly.Mate) *relation.Type {
	if m == nil || m.IsCoupling() {
		return nil
	}
	return m.Descriptor()
}

func (c *checker) motion(where *node, p assembly.Planned) {
	if p.Joint != "" || p.Component == "" {
		c.coordinate(where, p.Joint, p.Of)
		return
	}
	c.feature(where, &assembly.Ref{Path: strings.Split(p.Component, "/"), Feature: "origin"})
	if f := c.feature(where, p.Ref); c.err == nil && !f.HasDirection() {
		c.fail(where, "%s has no direction; take an axis, a cylinder, a circle, a plane or a frame", p.Ref)
	}
}

func (c *checker) measured(where *node, m assembly.Measure) {
	if m.Type == "clearance" {
		for name, r := range map[string]*assembly.Ref{"a": m.A, "b": m.B} {
			was := *r
			if c.fitEnd(where.at(name), &was); c.err == nil && was.Feature != "" {
				c.fail(where.at(name), "a clearance is measured between components, and %s is a feature", &was)
			}
		}
		return
	}
	a, b := c.feature(where, m.A), c.feature(where, m.B)
	c.feature(where, m.OfRef)
	if f := c.feature(where, m.In); m.In != nil && c.err == nil && !f.HasFrame() {
		c.fail(where, "%s is no frame to measure in", m.In)
	}
	if m.Type == "angle" && c.err == nil && !(a.HasDirection() && b.HasDirection()) {
		c.fail(where, "an angle is measured between two features with a direction")
	}
	if m.Type == "coordinate" {
		c.coordinate(where, m.Joint, m.Of)
	}
}

func measureNames(a *assembly.Assembly) (names []string) {
	for _, m := range a.Measures {
		names = append(names, m.Name)
	}
	return names
}

func (c *checker) driven(where *node, d assembly.Drive) {
	for _, a := range d.Driven() {
		c.coordinate(where, a.Joint, a.Of)
	}
	for _, k := range d.Record {
		if !slices.ContainsFunc(c.asm.Measures, func(m assembly.Measure) bool { return m.Name == k }) {
			c.fail(where, "there is no measure %q to record%s", k, near.Hint(k, measureNames(c.asm)))
		}
	}
}
