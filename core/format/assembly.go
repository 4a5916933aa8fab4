package format

import (
	"encoding/json"
	"strconv"

	"setfast/core/assembly"
	"setfast/core/part"
)

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
	var comps []*node
	for _, c := range r.members(n, "components") {
		comps = append(comps, c)
	}
	a.Components = make([]*assembly.Component, len(comps))
	r.runs(len(comps), func(r *reader, i int) {
		r.name(comps[i], comps[i].name, "a component's")
		a.Components[i] = r.component(comps[i].name, comps[i])
	})
	mates := r.items(n, "mates")
	a.Mates = make([]*assembly.Mate, len(mates))
	r.runs(len(mates), func(r *reader, i int) { a.Mates[i] = r.mate(mates[i]) })
	if r.err != nil {
		return a
	}
	a.Seal()
	if first, second, twice := a.Twice(); twice {
		r.fail(r.get(mates[second], "id"), "the id %q is given twice in this assembly; mates[%d] has it too", a.Mates[first].ID, first)
	}
	for _, c := range r.items(n, "planned") {
		a.Planned = append(a.Planned, r.planned(c))
	}
	for name, c := range r.members(n, "measures") {
		a.Measures = append(a.Measures, r.measure(name, c))
	}
	for name, c := range r.members(n, "drives") {
		a.Drives = append(a.Drives, r.drive(name, c))
	}
	r.more(n, a)
	r.done(n)
	return a
}

// values reads the named values of an assembly and sees that each can be worked out.
func (r *reader) values(n *node, a *assembly.Assembly) {
	for name, c := range n.each() {
		if word(name) != name || name == "" {
			r.fail(c, "a value's name is a word of letters, digits and _")
		}
		if _, unit := units[name]; unit {
			r.fail(c, "%q is a unit and cannot name a value", name)
		}
		text := c.str
		if c.kind == 'n' {
			text = strconv.FormatFloat(c.num, 'g', -1, 64)
		} else if !r.want(c, 's') {
			return
		}
		a.Values = append(a.Values, assembly.NamedValue{Name: name, Text: text})
	}
	r.env = env{named: a.Values}
	for name, c := range n.each() {
		if _, err := r.env.value(name); err != nil {
			r.fail(c, "%v", err)
		}
	}
}

// AssemblyObject is an assembly as it stands in a file; it marshals with its order kept.
func AssemblyObject(a *assembly.Assembly) json.Marshaler {
	o := &object{}
	o.text("number", a.Number)
	o.text("name", a.Name)
	if a.Settings != nil {
		o.put("settings", SettingsObject(*a.Settings))
	}
	if len(a.Values) > 0 {
		o.put("values", ValuesObject(a.Values))
	}
	cs := &object{}
	for _, c := range a.Components {
		if !c.Made() { // it is made again
			cs.put(c.Name, componentObject(c))
		}
	}
	o.put("components", cs)
	ms := []json.Marshaler{}
	for _, m := range a.Mates {
		if !m.Made() {
			ms = append(ms, MateObject(m))
		}
	}
	o.put("mates", ms)
	var ps []json.Marshaler
	for _, p := range a.Planned {
		if !p.Made() {
			ps = append(ps, PlannedObject(p))
		}
	}
	if len(ps) > 0 {
		o.put("planned", ps)
	}
	if len(a.Measures) > 0 {
		k := &object{}
		for _, m := range a.Measures {
			k.put(m.Name, MeasureObject(m))
		}
		o.put("measures", k)
	}
	if len(a.Drives) > 0 {
		k := &object{}
		for _, d := range a.Drives {
			k.put(d.Name, DriveObject(d))
		}
		o.put("drives", k)
	}
	moreObject(o, a)
	return o
}

// ReadAssembly reads one assembly, as it is kept between edits.
func ReadAssembly(data []byte) (*assembly.Assembly, error) {
	return one(data, func(r *reader, n *node) *assembly.Assembly { return r.assembly(n, assembly.DefaultSettings) })
}

// ValuesObject are named values as they stand in a file.
func ValuesObject(values []assembly.NamedValue) json.Marshaler {
	o := &object{}
	for _, v := range values {
		o.put(v.Name, v.Text)
	}
	return o
}

// ReadValues reads named values, and sees that each can be worked out.
func ReadValues(data []byte) ([]assembly.NamedValue, error) {
	return one(data, func(r *reader, n *node) []assembly.NamedValue {
		a := &assembly.Assembly{}
		if r.object(n) {
			r.values(n, a)
		}
		return a.Values
	})
}

// Worked gives what each of the named values comes to: a length in mm, an angle in degrees or a plain number, as text with its unit.
func Worked(values []assembly.NamedValue) map[string]string {
	e := env{named: values}
	out := make(map[string]string, len(values))
	for _, v := range values {
		q, err := e.value(v.Name)
		if err != nil {
			continue
		}
		unit := ""
		switch {
		case q.length == 1 && q.angle == 0:
			unit = " mm"
		case q.length == 0 && q.angle == 1:
			unit = "°"
		case q.length != 0 || q.angle != 0:
			continue
		}
		out[v.Name] = part.Number(q.v) + unit
	}
	return out
}

// Length and Angle work out an expression in mm or degrees; values are those it may use.
func Length(text string, values []assembly.NamedValue) (float64, error) {
	return (&env{named: values}).evaluate(text, aLength)
}

// Angle is as Length.
func Angle(text string, values []assembly.NamedValue) (float64, error) {
	return (&env{named: values}).evaluate(text, anAngle)
}
