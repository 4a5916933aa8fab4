package format

import (
	"encoding/json"
	"slices"
	"strconv"
	"strings"

	"setfast/core/assembly"
	"setfast/core/relation"
)

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
		r.fail(r.get(n, "type"), "unknown relation type %q%s", m.Type, meantType(m.Type))
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
	} else {
		for _, name := range []string{"limits", "at", "one_way"} {
			if c := n.find(name); c != nil {
				r.fail(c, "only joints have %q, such as revolute, prismatic and cylindrical; %s is none", name, m.Type)
			}
		}
	}
	r.done(n)
	return m
}

// meantType says which type may have been meant, by its spelling or by what the trade calls it.
func meantType(name string) string {
	var all []string
	for _, t := range relation.Types() {
		all = append(all, t.Name)
	}
	switch strings.ToLower(name) {
	case "ground", "grounded", "fix", "anchor":
		return `; what stands is said at the component: "grounded": true`
	}
	return meant(name, all, tradeWords)
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
		if !r.want(c, 'b') || c.num == 0 {
			return
		}
	case relation.Word:
		if !r.want(c, 's') || c.str == "" {
			return
		}
		if v.Text = c.str; !slices.Contains(f.Words, c.str) {
			r.fail(c, "%q is not known here; expected %s", c.str, oneOf(f.Words))
		}
	case relation.Vector:
		v.Vec = r.vec(c)
	case relation.Profile:
		if !r.want(c, '[') {
			return
		}
		for _, p := range c.items() {
			x := r.numbers(p, 2)
			v.Points = append(v.Points, [2]float64{x[0], x[1]})
		}
	case relation.Plain:
		v.Num = r.number(c)
	default:
		v.Num, v.Text = r.measured(c, dimensions[f.Kind])
	}
	if f.NonZero && v.Num == 0 {
		r.fail(c, "%s must not be zero", f.Name)
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
	for name, c := range r.members(n, "at") {
		v := relation.Value{Field: "at." + name}
		v.Num, v.Text = r.measured(c, dimensions[relation.CoordinateKind(name)])
		m.Params = append(m.Params, v)
	}
	for name, c := range r.members(n, "limits") {
		r.limits(c, name, m)
	}
	if r.version < 2 {
		return
	}
	for name, c := range r.members(n, "one_way") {
		if r.want(c, 's') && !slices.Contains(ways, c.str) {
			r.fail(c, "%q is not known here; expected %s", c.str, oneOf(ways))
		}
		m.Params = append(m.Params, relation.Value{Field: relation.WayField(name), Text: c.str})
	}
}

// ways are those that a coordinate may go where it goes one way only.
var ways = []string{"up", "down"}

func (r *reader) limits(n *node, of string, m *assembly.Mate) {
	if !r.want(n, '[') {
		return
	}
	if n.count() != 2 {
		r.fail(n, "limits are a pair [low, high], like [-45, 90]; null leaves an end open")
		return
	}
	for i, c := range n.items() {
		if c.kind == '0' {
			continue
		}
		v := relation.Value{Field: relation.LimitField(of, i)}
		v.Num, v.Text = r.measured(c, dimensions[relation.CoordinateKind(of)])
		m.Params = append(m.Params, v)
	}
	if l, _ := m.Limits(of); l.Lo != nil && l.Hi != nil && *l.Lo > *l.Hi {
		r.fail(n, "the lower limit, %g, is above the upper one, %g", *l.Lo, *l.Hi)
	}
}

// MateObject is a relation as it stands in a file.
func MateObject(m *assembly.Mate) json.Marshaler {
	o := &object{}
	o.put("id", m.ID)
	o.put("type", m.Type)
	end := func(name string, r assembly.Ref, two *assembly.Ref, joint string) {
		switch {
		case joint != "":
			o.put(name, joint)
		case two != nil:
			o.put(name, [2]string{r.String(), two.String()})
		default:
			o.put(name, r.String())
		}
	}
	end("a", m.A, m.A2, m.JointA)
	end("b", m.B, m.B2, m.JointB)
	for _, f := range m.Descriptor().Fields {
		switch {
		case f.Kind == relation.Third:
			if m.About != nil {
				o.put(f.Name, m.About.String())
			}
		case !m.Has(f.Name):
		case f.Kind == relation.Word:
			o.put(f.Name, m.Word(f.Name))
		case f.Kind == relation.Flag:
			o.put(f.Name, true)
		case f.Kind == relation.Vector:
			v, _ := m.Vec(f.Name)
			o.put(f.Name, v.Array())
		case f.Kind == relation.Profile:
			o.put(f.Name, m.Points(f.Name))
		default:
			o.put(f.Name, written(m, f.Name))
		}
	}
	if held := m.Held(); len(held) > 0 {
		at := map[string]any{}
		for _, h := range held {
			at[h.Of] = written(m, "at."+h.Of)
		}
		o.put("at", at)
	}
	if limited := m.Limited(); len(limited) > 0 {
		l := map[string][2]any{}
		for _, of := range limited {
			l[of] = [2]any{written(m, relation.LimitField(of, 0)), written(m, relation.LimitField(of, 1))}
		}
		o.put("limits", l)
	}
	if one := m.OneWay(); len(one) > 0 {
		l := map[string]string{}
		for _, of := range one {
			l[of] = m.Word(relation.WayField(of))
		}
		o.put("one_way", l)
	}
	o.flag("suppressed", m.Suppressed)
	o.text("note", m.Note)
	return o
}

// written is a number as it was written, where that was an expression; nil where none is given.
func written(m *assembly.Mate, field string) any {
	v, ok := m.Num(field)
	switch {
	case !ok:
		return nil
	case m.Text(field) != "":
		return m.Text(field)
	}
	return v
}

// ReadMate reads one relation; values are those its expressions may use.
func ReadMate(data []byte, values []assembly.NamedValue) (*assembly.Mate, error) {
	return one(data, func(r *reader, n *node) *assembly.Mate {
		r.env = env{named: values}
		return r.mate(n)
	})
}
