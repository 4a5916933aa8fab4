package format

import (
	"fmt"
	"math"
	"slices"
	"strconv"
	"strings"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
)

// Read reads a document and checks everything that can be checked without solving.
// shape, where given, is called for each part with a source, to add what is found in it.
func Read(data []byte, shape ...func(name string, p *part.Part) error) (*assembly.Document, error) {
	n, err := parse(data)
	if err != nil {
		return nil, err
	}
	r := &reader{}
	if len(shape) > 0 {
		r.shape = shape[0]
	}
	doc := r.document(n)
	if r.err != nil {
		return nil, r.err
	}
	return doc, nil
}

func (r *reader) document(n *node) *assembly.Document {
	d := &assembly.Document{Parts: map[string]*part.Part{}, Assemblies: map[string]*assembly.Assembly{}, Settings: assembly.DefaultSettings}
	if !r.object(n) {
		return d
	}
	v := r.need(n, "setfast")
	if r.err == nil && (v.kind != 'n' || v.num != 1) {
		r.fail(v, "this program reads version 1 of the format")
	}
	d.Root = r.needText(n, "root")
	if s := r.get(n, "settings"); s != nil {
		r.settings(s, &d.Settings)
	}
	if ps := r.get(n, "parts"); ps != nil && r.object(ps) {
		for i := range ps.members {
			m := &ps.members[i]
			m.used = true
			r.name(m.val, m.name, "a part's")
			d.Parts[m.name] = r.part(m.val)
			d.PartOrder = append(d.PartOrder, m.name)
			if p := d.Parts[m.name]; r.err == nil && p.Source.Format != "" && r.shape != nil {
				if err := r.shape(m.name, p); err != nil {
					r.fail(r.get(m.val, "source"), "%v", err)
				}
			}
		}
	}
	as := r.need(n, "assemblies")
	if r.err != nil || !r.object(as) {
		return d
	}
	nodes := map[string]*node{}
	for i := range as.members {
		m := &as.members[i]
		m.used = true
		r.name(m.val, m.name, "an assembly's")
		if r.err != nil {
			return d
		}
		d.Assemblies[m.name] = r.assembly(m.val, d.Settings)
		d.Order = append(d.Order, m.name)
		nodes[m.name] = m.val
	}
	r.done(n)
	if r.err != nil {
		return d
	}
	if d.Assemblies[d.Root] == nil {
		r.fail(r.get(n, "root"), "there is no assembly %q", d.Root)
		return d
	}
	if loop := d.Loops(); loop != nil {
		r.fail(as, "an assembly contains itself: %s", strings.Join(loop, " > "))
		return d
	}
	if d.Depth() > assembly.MaxDepth {
		r.fail(as, "assemblies lie inside one another more than %d deep", assembly.MaxDepth)
		return d
	}
	for _, name := range d.Order {
		r.check(d, d.Assemblies[name], nodes[name])
	}
	return d
}

// name refuses names that references could not be written with.
func (r *reader) name(n *node, s, whose string) {
	switch {
	case s == "" || strings.TrimSpace(s) != s:
		r.fail(n, "%s name must not be empty or begin or end with a space", whose)
	case strings.ContainsAny(s, "/@") || strings.ContainsFunc(s, func(c rune) bool { return c < ' ' }):
		r.fail(n, "%s name must not contain / or @", whose)
	}
}

func (r *reader) settings(n *node, s *assembly.Settings) {
	if !r.object(n) {
		return
	}
	for _, t := range []struct {
		name string
		to   *float64
	}{{"tolerance_mm", &s.ToleranceMM}, {"tolerance_deg", &s.ToleranceDeg}} {
		if c := r.get(n, t.name); c != nil {
			*t.to = r.number(c)
			if *t.to <= 0 {
				r.fail(c, "must be more than zero")
			}
		}
	}
	if c := r.get(n, "fastener_spin"); c != nil && r.want(c, 's') {
		switch c.str {
		case "allowed":
			s.FastenersHeld = false
		case "held":
			s.FastenersHeld = true
		default:
			r.fail(c, "expected \"allowed\" or \"held\"")
		}
	}
	r.done(n)
}

func (r *reader) part(n *node) *part.Part {
	p := &part.Part{Features: map[string]part.Feature{}}
	if !r.object(n) {
		return p
	}
	p.Number, p.Name, p.Revision, p.Material = r.text(n, "number"), r.text(n, "name"), r.text(n, "revision"), r.text(n, "material")
	p.Density, p.Mass = r.positive(n, "density_kg_m3"), r.positive(n, "mass_kg")
	switch k := r.text(n, "kind"); k {
	case "", "part":
	case "fastener":
		p.Fastener = true
	default:
		r.fail(r.get(n, "kind"), "expected \"part\" or \"fastener\"")
	}
	if s := r.get(n, "source"); s != nil && r.object(s) {
		for _, f := range []string{"step", "iges", "stl"} {
			if v := r.text(s, f); v != "" {
				if p.Source.Format != "" {
					r.fail(s, "a part has one source")
				}
				p.Source.Format, p.Source.Path = f, v
			}
		}
		p.Source.SHA256 = r.text(s, "sha256")
		r.done(s)
	}
	if fs := r.get(n, "features"); fs != nil && r.object(fs) {
		for i := range fs.members {
			m := &fs.members[i]
			m.used = true
			r.name(m.val, m.name, "a feature's")
			p.Features[m.name] = r.feature(m.val)
			p.Order = append(p.Order, m.name)
		}
	}
	if ms := r.get(n, "mass"); ms != nil && r.object(ms) {
		p.Volume.Known = true
		p.Volume.MM3 = r.positive(ms, "volume_mm3")
		if c := r.get(ms, "centroid"); c != nil {
			p.Volume.Centroid = r.vec(c)
		}
		if c := r.get(ms, "inertia_kg_mm2"); c != nil && r.want(c, '[') {
			if len(c.items) != 3 {
				r.fail(c, "expected 3 rows of 3 numbers")
			} else {
				for i, row := range c.items {
					copy(p.Volume.Inertia[i][:], r.numbers(row, 3))
				}
			}
		}
		r.done(ms)
	}
	r.done(n)
	return p
}

func (r *reader) vec(n *node) geom.Vec {
	x := r.numbers(n, 3)
	return geom.V(x[0], x[1], x[2])
}

func (r *reader) dir(n *node, name string) geom.Vec {
	c := r.need(n, name)
	if r.err != nil {
		return geom.Vec{}
	}
	v := r.vec(c).Unit()
	if v == (geom.Vec{}) {
		r.fail(c, "a direction must not be zero")
	}
	return v
}

func (r *reader) place(n *node, name string) geom.Vec {
	c := r.need(n, name)
	if r.err != nil {
		return geom.Vec{}
	}
	return r.vec(c)
}

func (r *reader) radius(n *node) float64 {
	c := r.need(n, "radius")
	if r.err != nil {
		return 0
	}
	x := r.number(c)
	if x <= 0 {
		r.fail(c, "a radius must be more than zero")
	}
	return x
}

func (r *reader) feature(n *node) part.Feature {
	f := part.Feature{}
	if !r.object(n) {
		return f
	}
	f.Kind = part.Kind(r.needText(n, "type"))
	if r.err != nil {
		return f
	}
	switch f.Kind {
	case part.Plane:
		f.O, f.Z = r.place(n, "origin"), r.dir(n, "normal")
	case part.Cylinder:
		f.O, f.Z, f.Radius = r.place(n, "origin"), r.dir(n, "direction"), r.radius(n)
		f.Side = r.text(n, "side")
		if f.Side != "" && f.Side != "hole" && f.Side != "shaft" {
			r.fail(r.get(n, "side"), "expected \"hole\" or \"shaft\"")
		}
	case part.Circle:
		f.O, f.Z, f.Radius = r.place(n, "center"), r.dir(n, "normal"), r.radius(n)
	case part.Point:
		f.O = r.place(n, "at")
	case part.Axis:
		f.O, f.Z = r.place(n, "origin"), r.dir(n, "direction")
	case part.Cone:
		f.O, f.Z = r.place(n, "apex"), r.dir(n, "direction")
		c := r.need(n, "half_angle")
		if r.err == nil {
			f.HalfAngle = r.number(c)
			if f.HalfAngle <= 0 || f.HalfAngle >= 90 {
				r.fail(c, "a cone's half angle lies between 0 and 90 degrees")
			}
		}
	case part.Sphere:
		f.O, f.Radius = r.place(n, "center"), r.radius(n)
	case part.Frame:
		f.O, f.Z, f.X = r.place(n, "origin"), r.dir(n, "z"), r.dir(n, "x")
		if r.err == nil && f.X.Cross(f.Z).Norm() < 1e-6 {
			r.fail(n, "a frame's x must not be parallel to its z")
		}
		if r.err == nil {
			f.X = f.X.Reject(f.Z).Unit()
		}
	default:
		r.fail(r.get(n, "type"), "unknown feature type %q; known are plane, cylinder, circle, point, axis, cone, sphere, frame", string(f.Kind))
	}
	r.done(n)
	return f
}

func (r *reader) assembly(n *node, base assembly.Settings) *assembly.Assembly {
	a := &assembly.Assembly{}
	if !r.object(n) {
		return a
	}
	a.Number, a.Name = r.text(n, "number"), r.text(n, "name")
	r.env = env{}
	if s := r.get(n, "settings"); s != nil {
		own := base
		r.settings(s, &own)
		a.Settings = &own
	}
	if v := r.get(n, "values"); v != nil && r.object(v) {
		r.values(v, a)
	}
	if cs := r.get(n, "components"); cs != nil && r.object(cs) {
		for i := range cs.members {
			m := &cs.members[i]
			m.used = true
			r.name(m.val, m.name, "a component's")
			a.Components = append(a.Components, r.component(m.name, m.val))
		}
	}
	if ms := r.get(n, "mates"); ms != nil && r.want(ms, '[') {
		ids := map[string]bool{}
		for _, c := range ms.items {
			m := r.mate(c)
			if ids[m.ID] {
				r.fail(r.get(c, "id"), "the id %q is given twice in this assembly", m.ID)
			}
			ids[m.ID] = true
			a.Mates = append(a.Mates, m)
		}
	}
	if ps := r.get(n, "planned"); ps != nil && r.want(ps, '[') {
		for _, c := range ps.items {
			a.Planned = append(a.Planned, r.planned(c))
		}
	}
	if ms := r.get(n, "measures"); ms != nil && r.object(ms) {
		for i := range ms.members {
			m := &ms.members[i]
			m.used = true
			a.Measures = append(a.Measures, r.measure(m.name, m.val))
		}
	}
	if ds := r.get(n, "drives"); ds != nil && r.object(ds) {
		for i := range ds.members {
			m := &ds.members[i]
			m.used = true
			a.Drives = append(a.Drives, r.drive(m.name, m.val))
		}
	}
	r.done(n)
	return a.Seal()
}

// values reads the named values of an assembly and sees that each can be worked out.
func (r *reader) values(n *node, a *assembly.Assembly) {
	for i := range n.members {
		m := &n.members[i]
		m.used = true
		if word(m.name) != m.name || m.name == "" {
			r.fail(m.val, "a value's name is a word of letters, digits and _")
		}
		if _, unit := units[m.name]; unit {
			r.fail(m.val, "%q is a unit and cannot name a value", m.name)
		}
		text := m.val.str
		if m.val.kind == 'n' {
			text = strconv.FormatFloat(m.val.num, 'g', -1, 64)
		} else if !r.want(m.val, 's') {
			return
		}
		a.Values = append(a.Values, assembly.NamedValue{Name: m.name, Text: text})
	}
	r.env = env{named: a.Values}
	for i := range n.members {
		if _, err := r.env.value(n.members[i].name); err != nil {
			r.fail(n.members[i].val, "%v", err)
		}
	}
}

func (r *reader) component(name string, n *node) *assembly.Component {
	c := &assembly.Component{Name: name, Pose: geom.Home}
	if !r.object(n) {
		return c
	}
	c.Part, c.Assembly = r.text(n, "part"), r.text(n, "assembly")
	if (c.Part == "") == (c.Assembly == "") {
		r.fail(n, "a component is a use of one part or of one assembly")
	}
	c.Grounded, c.Suppressed = r.flag(n, "grounded"), r.flag(n, "suppressed")
	if c.Flexible = r.flag(n, "flexible"); c.Flexible && c.Assembly == "" {
		r.fail(r.get(n, "flexible"), "only a use of an assembly can be flexible")
	}
	if p := r.get(n, "pose"); p != nil {
		c.Pose = r.pose(p)
	}
	r.done(n)
	return c
}

func (r *reader) pose(n *node) geom.Pose {
	p := geom.Home
	if !r.object(n) {
		return p
	}
	if o := r.get(n, "origin"); o != nil {
		p.O = r.vec(o)
	}
	if q := r.get(n, "quaternion"); q != nil {
		x := r.numbers(q, 4)
		turn, ok := geom.QuatOf([4]float64(x))
		if !ok {
			r.fail(q, "a quaternion must not be zero")
		}
		p.Q = turn
	}
	r.done(n)
	return p
}

// Ref reads a reference as written: component/feature, deeper paths, or @/feature.
func Ref(s string) (assembly.Ref, error) {
	parts := strings.Split(s, "/")
	if len(parts) < 2 || slices.Contains(parts, "") {
		return assembly.Ref{}, fmt.Errorf("a reference reads component/feature or @/feature, not %q", s)
	}
	ref := assembly.Ref{Path: parts[:len(parts)-1], Feature: parts[len(parts)-1]}
	if parts[0] == "@" {
		if len(parts) != 2 {
			return ref, fmt.Errorf("@ is followed by one of the assembly's own features, not %q", s)
		}
		ref.Path = nil
	}
	return ref, nil
}

func (r *reader) ref(n *node) assembly.Ref {
	if n.kind == '[' {
		r.fail(n, "a pair of faces is taken by the centred relation only")
		return assembly.Ref{}
	}
	if !r.want(n, 's') {
		return assembly.Ref{}
	}
	ref, err := Ref(n.str)
	if err != nil {
		r.fail(n, "%v", err)
	}
	return ref
}

func (r *reader) needRef(n *node, name string) assembly.Ref {
	c := r.need(n, name)
	if r.err != nil {
		return assembly.Ref{}
	}
	return r.ref(c)
}

func (r *reader) optRef(n *node, name string) *assembly.Ref {
	c := r.get(n, name)
	if c == nil {
		return nil
	}
	ref := r.ref(c)
	return &ref
}

// mate reads a relation as its type describes it.
func (r *reader) mate(n *node) *assembly.Mate {
	m := &assembly.Mate{}
	if !r.object(n) {
		return m
	}
	m.ID, m.Type = r.needText(n, "id"), r.needText(n, "type")
	if r.err != nil {
		return m
	}
	if m.ID == "" {
		r.fail(r.get(n, "id"), "an id must not be empty")
	}
	t := m.Descriptor()
	if t == nil {
		r.fail(r.get(n, "type"), "unknown relation type %q; known are %s", m.Type, typeNames())
		return m
	}
	switch {
	case t.Family == relation.Coupling:
		m.JointA, m.JointB = r.needText(n, "a"), r.needText(n, "b")
	case t.Pairs:
		m.A, m.A2 = r.pair(n, "a", true)
		m.B, m.B2 = r.pair(n, "b", false)
	default:
		m.A, m.B = r.needRef(n, "a"), r.needRef(n, "b")
	}
	m.Note, m.Suppressed = r.text(n, "note"), r.flag(n, "suppressed")
	for _, f := range t.Fields {
		r.field(n, f, m)
	}
	if field, err := t.Check(m.Params, m.About != nil); r.err == nil && err != nil {
		r.fail(r.get(n, field), "%v", err)
	}
	if t.Family == relation.Joint {
		r.coordinates(n, m)
	}
	r.done(n)
	return m
}

func typeNames() string {
	var out []string
	for _, t := range relation.Types() {
		out = append(out, t.Name)
	}
	return strings.Join(out, ", ")
}

// dimensions are those that kinds of field are measured in.
var dimensions = map[relation.Kind]dimension{relation.Length: aLength, relation.Angle: anAngle, relation.Number: aNumber}

// field reads one field of a relation, where it is given.
func (r *reader) field(n *node, f relation.Field, m *assembly.Mate) {
	c := r.get(n, f.Name)
	if c == nil {
		if f.Need {
			r.need(n, f.Name)
		}
		return
	}
	v := relation.Value{Field: f.Name}
	switch f.Kind {
	case relation.Third:
		ref := r.ref(c)
		m.About = &ref
		return
	case relation.Flag:
		if !r.want(c, 'b') || !c.boolean {
			return
		}
	case relation.Word:
		if !r.want(c, 's') || c.str == "" {
			return
		}
		if v.Text = c.str; !slices.Contains(f.Words, c.str) {
			r.fail(c, "expected %s", oneOf(f.Words))
		}
	case relation.Vector:
		v.Vec = r.vec(c)
	case relation.Profile:
		if !r.want(c, '[') {
			return
		}
		for _, p := range c.items {
			x := r.numbers(p, 2)
			v.Points = append(v.Points, [2]float64{x[0], x[1]})
		}
	case relation.Plain:
		v.Num = r.number(c)
	default:
		v.Num, v.Text = r.measured(c, dimensions[f.Kind])
	}
	if f.NonZero && v.Num == 0 {
		r.fail(c, "must not be zero")
	}
	m.Params = append(m.Params, v)
}

// oneOf lists words as they are written.
func oneOf(words []string) string {
	s := ""
	for i, w := range words {
		switch {
		case i == len(words)-1 && i > 0:
			s += " or "
		case i > 0:
			s += ", "
		}
		s += strconv.Quote(w)
	}
	return s
}

// coordinates reads what a joint says of its coordinates.
func (r *reader) coordinates(n *node, m *assembly.Mate) {
	if c := r.get(n, "at"); c != nil && r.object(c) {
		for i := range c.members {
			k := &c.members[i]
			k.used = true
			v := relation.Value{Field: "at." + k.name}
			v.Num, v.Text = r.measured(k.val, dimensions[relation.CoordinateKind(k.name)])
			m.Params = append(m.Params, v)
		}
	}
	if c := r.get(n, "limits"); c != nil && r.object(c) {
		for i := range c.members {
			c.members[i].used = true
			r.limits(c.members[i].val, c.members[i].name, m)
		}
	}
}

// pair reads the two faces of a pair, or a single feature where that will do.
func (r *reader) pair(n *node, name string, must bool) (assembly.Ref, *assembly.Ref) {
	c := r.need(n, name)
	if r.err != nil {
		return assembly.Ref{}, nil
	}
	if c.kind != '[' {
		if must {
			r.fail(c, "expected a pair of faces [\"component/face\", \"component/face\"]")
		}
		return r.ref(c), nil
	}
	if len(c.items) != 2 {
		r.fail(c, "a pair is two faces, not %d", len(c.items))
		return assembly.Ref{}, nil
	}
	b := r.ref(c.items[1])
	return r.ref(c.items[0]), &b
}

func (r *reader) limits(n *node, of string, m *assembly.Mate) {
	if !r.want(n, '[') {
		return
	}
	if len(n.items) != 2 {
		r.fail(n, "limits are a pair [low, high], either of which may be null")
		return
	}
	for i, c := range n.items {
		if c.kind == '0' {
			continue
		}
		v := relation.Value{Field: relation.LimitField(of, i)}
		v.Num, v.Text = r.measured(c, dimensions[relation.CoordinateKind(of)])
		m.Params = append(m.Params, v)
	}
	if l, _ := m.Limits(of); l.Lo != nil && l.Hi != nil && *l.Lo > *l.Hi {
		r.fail(n, "the lower limit is above the upper one")
	}
}

func (r *reader) planned(n *node) assembly.Planned {
	p := assembly.Planned{}
	if !r.object(n) {
		return p
	}
	if r.get(n, "joint") != nil {
		p.Joint, p.Of = r.text(n, "joint"), r.text(n, "of")
	} else {
		p.Component, p.Motion = r.needText(n, "component"), r.needText(n, "motion")
		if r.err != nil {
			return p
		}
		switch p.Motion {
		case "turn":
			ref := r.needRef(n, "about")
			p.Ref = &ref
		case "slide":
			ref := r.needRef(n, "along")
			p.Ref = &ref
		default:
			r.fail(r.get(n, "motion"), "expected \"turn\" or \"slide\"")
		}
	}
	r.done(n)
	return p
}

func (r *reader) measure(name string, n *node) assembly.Measure {
	m := assembly.Measure{Name: name}
	if !r.object(n) {
		return m
	}
	m.Type = r.needText(n, "type")
	if r.err != nil {
		return m
	}
	switch m.Type {
	case "distance", "angle":
		a, b := r.needRef(n, "a"), r.needRef(n, "b")
		m.A, m.B = &a, &b
	case "coordinate":
		m.Joint, m.Of = r.needText(n, "joint"), r.needText(n, "of")
	case "position":
		of := r.needRef(n, "of")
		m.OfRef, m.In = &of, r.optRef(n, "in")
	case "centre_of_mass":
		m.In = r.optRef(n, "in")
	case "mass":
	default:
		r.fail(r.get(n, "type"), "unknown measure %q; known are distance, angle, coordinate, position, centre_of_mass, mass", m.Type)
	}
	r.done(n)
	return m
}

// maxSteps bounds a drive, so that a slip of a digit does not run for hours.
const maxSteps = 100000

func (r *reader) drive(name string, n *node) assembly.Drive {
	d := assembly.Drive{Name: name}
	if !r.object(n) {
		return d
	}
	d.Joint, d.Of = r.needText(n, "joint"), r.needText(n, "of")
	for _, x := range []struct {
		name string
		to   *float64
	}{{"from", &d.From}, {"to", &d.To}} {
		if c := r.need(n, x.name); r.err == nil {
			*x.to = r.number(c)
		}
	}
	if c := r.need(n, "steps"); r.err == nil {
		v := r.number(c)
		if v < 1 || v > maxSteps || v != math.Trunc(v) {
			r.fail(c, "steps is a whole number from 1 to %d", maxSteps)
		}
		d.Steps = int(v)
	}
	if c := r.get(n, "record"); c != nil && r.want(c, '[') {
		for _, i := range c.items {
			if r.want(i, 's') {
				d.Record = append(d.Record, i.str)
			}
		}
	}
	r.done(n)
	return d
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
	if t := m.Descriptor(); t.Family != relation.Coupling {
		return t
	}
	return nil
}

// check looks up every name an assembly mentions.
func (r *reader) check(d *assembly.Document, a *assembly.Assembly, n *node) {
	at := func(names ...any) *node {
		c := n
		for _, x := range names {
			switch k := x.(type) {
			case string:
				if m := r.get(c, k); m != nil {
					c = m
				}
			case int:
				c = c.items[k]
			}
		}
		return c
	}
	for _, c := range a.Components {
		if c.Part != "" && d.Parts[c.Part] == nil {
			r.fail(at("components", c.Name, "part"), "there is no part %q", c.Part)
		}
		if c.Assembly != "" && d.Assemblies[c.Assembly] == nil {
			r.fail(at("components", c.Name, "assembly"), "there is no assembly %q", c.Assembly)
		}
		if sub := d.Assemblies[c.Assembly]; c.Flexible && sub != nil && !slices.ContainsFunc(sub.Components, func(k *assembly.Component) bool { return k.Grounded && !k.Suppressed }) {
			r.fail(at("components", c.Name, "flexible"), "assembly %q has no grounded component, so it cannot be used flexibly", c.Assembly)
		}
	}
	ref := func(where *node, x *assembly.Ref) (f part.Feature) {
		if x == nil || r.err != nil {
			return f
		}
		_, f, err := d.Lookup(a, *x)
		if err != nil {
			r.fail(where, "%v", err)
		}
		return f
	}
	joints := map[string]*relation.Type{}
	for i, m := range a.Mates {
		if m.IsCoupling() {
			continue
		}
		fa, fb := ref(at("mates", i, "a"), &m.A), ref(at("mates", i, "b"), &m.B)
		for _, x := range []struct {
			name   string
			f      *part.Feature
			a, two *assembly.Ref
		}{{"a", &fa, &m.A, m.A2}, {"b", &fb, &m.B, m.B2}} {
			if g := ref(at("mates", i, x.name), x.two); x.two != nil && r.err == nil {
				mid, ok := relation.MidPlane(*x.f, g)
				if !ok || x.a.Head() != x.two.Head() {
					r.fail(at("mates", i, x.name), "a pair is two faces of one component")
				}
				*x.f = mid
			}
		}
		said := relation.Said{A: fa, B: fb, Params: m.Params}
		if m.About != nil {
			third := ref(at("mates", i, "about"), m.About)
			said.About = &third
		}
		if r.err != nil {
			return
		}
		t := m.Descriptor()
		if _, err := t.Law(&said); err != nil {
			r.fail(at("mates", i), "relation %q: %v", m.ID, err)
			return
		}
		joints[m.ID] = t
		for _, of := range m.Limited() {
			if _, ok := t.Coordinate(of); !ok {
				r.fail(at("mates", i, "limits", of), "%s has no coordinate %q", m.Type, of)
			}
		}
	}
	coordinate := func(where *node, joint, of string) {
		if r.err != nil {
			return
		}
		t := joints[joint]
		if t == nil {
			t = inFlexible(d, a, joint)
		}
		if t == nil {
			r.fail(where, "there is no joint %q", joint)
			return
		}
		if t.Family != relation.Joint {
			r.fail(where, "relation %q is of type %s, not a joint", joint, t.Name)
			return
		}
		if _, ok := t.Coordinate(of); of != "" && !ok {
			r.fail(where, "joint %q has no coordinate %q", joint, of)
		}
	}
	for i, m := range a.Mates {
		if m.IsCoupling() {
			of := m.Descriptor().Ties
			coordinate(at("mates", i, "a"), m.JointA, of[0])
			coordinate(at("mates", i, "b"), m.JointB, of[1])
		}
	}
	for i, p := range a.Planned {
		w := at("planned", i)
		if p.Joint != "" || p.Component == "" {
			coordinate(w, p.Joint, p.Of)
			continue
		}
		if _, _, err := d.Lookup(a, assembly.Ref{Path: strings.Split(p.Component, "/"), Feature: "origin"}); err != nil {
			r.fail(w, "%v", err)
		}
		if f := ref(w, p.Ref); r.err == nil && !f.HasDirection() {
			r.fail(w, "%s has no direction", p.Ref)
		}
	}
	names := map[string]bool{}
	for _, m := range a.Measures {
		names[m.Name] = true
		w := at("measures", m.Name)
		fa, fb := ref(w, m.A), ref(w, m.B)
		ref(w, m.OfRef)
		if f := ref(w, m.In); m.In != nil && r.err == nil && !f.HasFrame() {
			r.fail(w, "%s is no frame to measure in", m.In)
		}
		if m.Type == "angle" && r.err == nil && !(fa.HasDirection() && fb.HasDirection()) {
			r.fail(w, "an angle is measured between two features with a direction")
		}
		if m.Type == "coordinate" {
			coordinate(w, m.Joint, m.Of)
		}
	}
	for _, dr := range a.Drives {
		w := at("drives", dr.Name)
		coordinate(w, dr.Joint, dr.Of)
		for _, k := range dr.Record {
			if !names[k] {
				r.fail(w, "there is no measure %q to record", k)
			}
		}
	}
}
