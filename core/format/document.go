package format

import (
	"bytes"
	"encoding/json"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/near"
	"setfast/core/part"
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
	if r.err == nil && (v.kind != 'n' || v.num != 1 && v.num != mostVersion) {
		r.fail(v, "this program reads versions 1 and 2 of the format: write \"setfast\": 1, or 2 where the document has members of that version")
	}
	r.version = int(v.num)
	d.Root = r.needText(n, "root")
	if s := r.get(n, "settings"); s != nil {
		r.settings(s, &d.Settings)
	}
	for name, c := range r.members(n, "parts") {
		r.name(c, name, "a part's")
		p := r.part(c)
		d.Parts[name] = p
		d.PartOrder = append(d.PartOrder, name)
		if r.err == nil && p.Source.Format != "" && r.shape != nil {
			if err := r.shape(name, p); err != nil {
				r.fail(r.get(c, "source"), "%v", err)
			}
		}
	}
	as := r.need(n, "assemblies")
	if r.err != nil || !r.object(as) {
		return d
	}
	nodes := map[string]*node{}
	for name, c := range as.each() {
		r.name(c, name, "an assembly's")
		if r.err != nil {
			return d
		}
		d.Assemblies[name] = r.assembly(c, d.Settings)
		d.Order = append(d.Order, name)
		nodes[name] = c
	}
	r.done(n)
	if r.err != nil {
		return d
	}
	if d.Assemblies[d.Root] == nil {
		r.fail(r.get(n, "root"), "there is no assembly %q%s", d.Root, near.Hint(d.Root, d.Order))
		return d
	}
	if loop := d.Loops(); loop != nil {
		r.fail(as, "an assembly contains itself: %s; leave one of these uses out", strings.Join(loop, " > "))
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

// version is the least that says all a document holds.
func version(d *assembly.Document) int {
	for _, p := range d.Parts {
		if p.Source.Product > 0 || p.Stock != "" {
			return mostVersion
		}
	}
	for _, a := range d.Assemblies {
		if len(a.Groups)+len(a.Variants)+len(a.Views)+len(a.Dismissed)+len(a.Fits)+len(a.Stacks)+len(a.Copies)+len(a.Brief)+len(a.Explode)+len(a.Explosions) > 0 {
			return mostVersion
		}
		for _, d := range a.Drives {
			if d.Clash || d.UntilContact || len(d.Then)+len(d.With) > 0 {
				return mostVersion
			}
		}
		if slices.ContainsFunc(a.Mates, func(m *assembly.Mate) bool { return len(m.OneWay()) > 0 }) {
			return mostVersion
		}
		for _, m := range a.Measures {
			if m.Type == "clearance" {
				return mostVersion
			}
		}
	}
	return 1
}

// Write gives the document as a file that Read takes back.
func Write(d *assembly.Document) ([]byte, error) {
	o := &object{}
	o.put("setfast", version(d))
	o.put("root", d.Root)
	if d.Settings != assembly.DefaultSettings {
		o.put("settings", SettingsObject(d.Settings))
	}
	ps := &object{}
	for _, n := range d.PartOrder {
		if !d.Parts[n].Catalogue {
			ps.put(n, partObject(d.Parts[n]))
		}
	}
	o.put("parts", ps)
	as := &object{}
	for _, n := range d.Order {
		as.put(n, AssemblyObject(d.Assemblies[n]))
	}
	o.put("assemblies", as)
	raw, err := marshal(o)
	if err != nil {
		return nil, err
	}
	var b bytes.Buffer
	err = json.Indent(&b, raw, "", " ")
	b.WriteByte('\n')
	return b.Bytes(), err
}

// Parts reads the parts of a document alone, in their order; what else it says is not looked at.
func Parts(data []byte) (parts []*part.Part, err error) {
	n, err := parse(data)
	if err != nil {
		return nil, err
	}
	r := &reader{version: mostVersion}
	if !r.object(n) {
		return nil, r.err
	}
	for name, c := range r.members(n, "parts") {
		r.name(c, name, "a part's")
		parts = append(parts, r.part(c))
	}
	return parts, r.err
}
