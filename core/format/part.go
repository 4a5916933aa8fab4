package format

import (
	"encoding/json"

	"setfast/core/part"
)

// mostProducts bounds the number of a product within its file.
const mostProducts = 1_000_000

func (r *reader) part(n *node) *part.Part {
	p := &part.Part{Features: map[string]part.Feature{}}
	if !r.object(n) {
		return p
	}
	p.Number, p.Name, p.Revision, p.Material = r.text(n, "number"), r.text(n, "name"), r.text(n, "revision"), r.text(n, "material")
	if c := r.get(n, "stock"); r.version > 1 && c != nil {
		p.Stock = r.text(n, "stock")
	}
	p.Density, p.Mass = r.positive(n, "density_kg_m3"), r.positive(n, "mass_kg")
	switch k := r.text(n, "kind"); k {
	case "", "part":
	case "fastener":
		p.Fastener = true
	default:
		r.fail(r.get(n, "kind"), "%q is not known here; expected \"part\" or \"fastener\"", k)
	}
	if s := r.get(n, "source"); s != nil && r.object(s) {
		for _, f := range []string{"step", "iges", "stl"} {
			if v := r.text(s, f); v != "" {
				if p.Source.Format != "" {
					r.fail(s, "a part has one source; leave out all but one of step, iges and stl")
				}
				p.Source.Format, p.Source.Path = f, v
			}
		}
		p.Source.SHA256 = r.text(s, "sha256")
		if c := r.get(s, "product"); r.version > 1 && c != nil {
			k := r.number(c)
			if p.Source.Product = int(k); k < 1 || k > mostProducts || k != float64(p.Source.Product) {
				r.fail(c, "which product of the file it is counts from 1, so not %v", k)
			}
		}
		r.done(s)
	}
	for name, c := range r.members(n, "features") {
		r.name(c, name, "a feature's")
		p.Features[name] = r.feature(c)
		p.Order = append(p.Order, name)
	}
	if ms := r.get(n, "mass"); ms != nil && r.object(ms) {
		p.Volume.Known = true
		p.Volume.MM3 = r.positive(ms, "volume_mm3")
		if c := r.get(ms, "centroid"); c != nil {
			p.Volume.Centroid = r.vec(c)
		}
		if c := r.get(ms, "inertia_kg_mm2"); c != nil && r.want(c, '[') {
			if c.count() != 3 {
				r.fail(c, "expected 3 rows of 3 numbers")
			} else {
				for i, row := range c.items() {
					copy(p.Volume.Inertia[i][:], r.numbers(row, 3))
				}
			}
		}
		r.done(ms)
	}
	r.done(n)
	return p
}

// PartObject is a part as it stands in a file.
func PartObject(p *part.Part) json.Marshaler { return partObject(p) }

func partObject(p *part.Part) *object {
	o := &object{}
	o.text("number", p.Number)
	o.text("name", p.Name)
	o.text("revision", p.Revision)
	o.text("material", p.Material)
	o.text("stock", p.Stock)
	if p.Density > 0 {
		o.put("density_kg_m3", p.Density)
	}
	if p.Mass > 0 {
		o.put("mass_kg", p.Mass)
	}
	if p.Fastener {
		o.put("kind", "fastener")
	}
	if p.Source.Format != "" {
		s := &object{}
		s.put(p.Source.Format, p.Source.Path)
		s.text("sha256", p.Source.SHA256)
		if p.Source.Product > 0 {
			s.put("product", p.Source.Product)
		}
		o.put("source", s)
	}
	if len(p.Order) > 0 {
		fs := &object{}
		names := p.Order
		if p.Source.Format != "" && p.Shape != nil {
			names = names[:p.Listed] // the rest is found in the source again
		}
		for _, n := range names {
			fs.put(n, featureObject(p.Features[n]))
		}
		o.put("features", fs)
	}
	if p.Volume.Known {
		m := &object{}
		m.put("volume_mm3", p.Volume.MM3)
		m.put("centroid", p.Volume.Centroid.Array())
		m.put("inertia_kg_mm2", p.Volume.Inertia)
		o.put("mass", m)
	}
	return o
}
