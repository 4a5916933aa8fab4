package format

import (
	"encoding/json"
	"slices"
	"strings"

	"setfast/core/assembly"
)

var measureTypes = []string{"distance", "angle", "coordinate", "position", "centre_of_mass", "mass"}

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
	case "clearance":
		if r.version < 2 {
			r.fail(r.get(n, "type"), "a clearance is measured in documents of version 2")
			return m
		}
		m.A, m.B = r.whole(n, "a"), r.whole(n, "b")
	default:
		known := measureTypes
		if r.version > 1 {
			known = append(slices.Clone(known), "clearance")
		}
		r.fail(r.get(n, "type"), "unknown measure %q%s", m.Type, meant(m.Type, known, nil))
	}
	r.done(n)
	return m
}

// whole reads the path of a component.
func (r *reader) whole(n *node, name string) *assembly.Ref {
	return &assembly.Ref{Path: strings.Split(r.needText(n, name), "/")}
}

// MeasureObject is a measure as it stands in a file, without its name.
func MeasureObject(m assembly.Measure) json.Marshaler {
	o := &object{}
	o.put("type", m.Type)
	ref := func(name string, r *assembly.Ref) {
		if r != nil {
			o.put(name, FitEnd(*r))
		}
	}
	ref("a", m.A)
	ref("b", m.B)
	o.text("joint", m.Joint)
	o.text("of", m.Of)
	ref("of", m.OfRef)
	ref("in", m.In)
	return o
}

// ReadMeasure reads one measure.
func ReadMeasure(name string, data []byte) (assembly.Measure, error) {
	return one(data, func(r *reader, n *node) assembly.Measure { return r.measure(name, n) })
}
