package format

import (
	"encoding/json"
	"strconv"

	"setfast/core/assembly"
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
	for name, c := range r.members(n, "components") {
		r.name(c, name, "a component's")
		a.Components = append(a.Components, r.component(name, c))
	}
	mates := r.items(n, "mates")
	a.Mates = make([]*assembly.Mate, len(mates))
	r.runs(len(mates), func(r *reader, i int) { a.Mates[i] = r.mate(mates[i]) })
	if r.err != nil {
		return a
	}
	ids := make(map[string]int, len(mates))
	for i, m := range a.Mates {
		if k, twice := ids[m.ID]; twice {
			r.fail(r.get(mates[i], "id"), "the id %q is given twice in this assembly; mates[%d] has it too", m.ID, k)
		}
		ids[m.ID] = i
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
	r.done(n)
	return a.Seal()
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
		vs := &object{}
		for _, v := range a.Values {
			vs.put(v.Name, v.Text)
		}
		o.put("values", vs)
	}
	cs := &object{}
	for _, c := range a.Components {
		cs.put(c.Name, componentObject(c))
	}
	o.put("components", cs)
	ms := []json.Marshaler{}
	for _, m := range a.Mates {
		ms = append(ms, MateObject(m))
	}
	o.put("mates", ms)
	if len(a.Planned) > 0 {
		var ps []json.Marshaler
		for _, p := range a.Planned {
			ps = append(ps, PlannedObject(p))
		}
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
	return o
}

// ReadAssembly reads one assembly, as it is kept between edits.
func ReadAssembly(data []byte) (*assembly.Assembly, error) {
	return one(data, func(r *reader, n *node) *assembly.Assembly { return r.assembly(n, assembly.DefaultSettings) })
}
