package format

import (
	"bytes"
	"encoding/json"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
)

// object is a JSON object that keeps its order and leaves out what is not set.
type object struct {
	names []string
	vals  []any
}

func (o *object) put(name string, v any) {
	o.names = append(o.names, name)
	o.vals = append(o.vals, v)
}

func (o *object) text(name, s string) {
	if s != "" {
		o.put(name, s)
	}
}

func (o *object) flag(name string, b bool) {
	if b {
		o.put(name, true)
	}
}

// MarshalJSON writes the members in order.
func (o *object) MarshalJSON() ([]byte, error) {
	var b bytes.Buffer
	b.WriteByte('{')
	for i, n := range o.names {
		if i > 0 {
			b.WriteByte(',')
		}
		k, err := marshal(n)
		if err != nil {
			return nil, err
		}
		v, err := marshal(o.vals[i])
		if err != nil {
			return nil, err
		}
		b.Write(k)
		b.WriteByte(':')
		b.Write(v)
	}
	b.WriteByte('}')
	return b.Bytes(), nil
}

func marshal(v any) ([]byte, error) {
	var b bytes.Buffer
	e := json.NewEncoder(&b)
	e.SetEscapeHTML(false)
	err := e.Encode(v)
	return bytes.TrimRight(b.Bytes(), "\n"), err
}

// Write gives the document as a file that Read takes back.
func Write(d *assembly.Document) ([]byte, error) {
	o := &object{}
	o.put("setfast", 1)
	o.put("root", d.Root)
	if d.Settings != assembly.DefaultSettings {
		o.put("settings", SettingsObject(d.Settings))
	}
	ps := &object{}
	for _, n := range d.PartOrder {
		ps.put(n, partObject(d.Parts[n]))
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

// SettingsObject are settings as they stand in a file.
func SettingsObject(s assembly.Settings) json.Marshaler {
	o := &object{}
	o.put("tolerance_mm", s.ToleranceMM)
	o.put("tolerance_deg", s.ToleranceDeg)
	spin := "allowed"
	if s.FastenersHeld {
		spin = "held"
	}
	o.put("fastener_spin", spin)
	return o
}

func partObject(p *part.Part) *object {
	o := &object{}
	o.text("number", p.Number)
	o.text("name", p.Name)
	o.text("revision", p.Revision)
	o.text("material", p.Material)
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

func featureObject(f part.Feature) *object {
	o := &object{}
	o.put("type", string(f.Kind))
	switch f.Kind {
	case part.Plane:
		o.put("origin", f.O.Array())
		o.put("normal", f.Z.Array())
	case part.Cylinder:
		o.put("origin", f.O.Array())
		o.put("direction", f.Z.Array())
		o.put("radius", f.Radius)
		o.text("side", f.Side)
	case part.Circle:
		o.put("center", f.O.Array())
		o.put("normal", f.Z.Array())
		o.put("radius", f.Radius)
	case part.Point:
		o.put("at", f.O.Array())
	case part.Axis:
		o.put("origin", f.O.Array())
		o.put("direction", f.Z.Array())
	case part.Cone:
		o.put("apex", f.O.Array())
		o.put("direction", f.Z.Array())
		o.put("half_angle", f.HalfAngle)
	case part.Sphere:
		o.put("center", f.O.Array())
		o.put("radius", f.Radius)
	case part.Frame:
		o.put("origin", f.O.Array())
		o.put("z", f.Z.Array())
		o.put("x", f.X.Array())
	}
	return o
}

func componentObject(c *assembly.Component) *object {
	o := &object{}
	o.text("part", c.Part)
	o.text("assembly", c.Assembly)
	o.flag("grounded", c.Grounded)
	o.flag("suppressed", c.Suppressed)
	o.flag("flexible", c.Flexible)
	if c.Pose != geom.Home {
		o.put("pose", c.Pose)
	}
	return o
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

// PlannedObject is a planned motion as it stands in a file.
func PlannedObject(p assembly.Planned) json.Marshaler {
	k := &object{}
	if p.Joint != "" {
		k.put("joint", p.Joint)
		k.text("of", p.Of)
		return k
	}
	k.put("component", p.Component)
	k.put("motion", p.Motion)
	at := "about"
	if p.Motion == "slide" {
		at = "along"
	}
	k.put(at, p.Ref.String())
	return k
}

// DriveObject is a drive as it stands in a file, without its name.
func DriveObject(d assembly.Drive) json.Marshaler {
	o := &object{}
	o.put("joint", d.Joint)
	o.put("of", d.Of)
	o.put("from", d.From)
	o.put("to", d.To)
	o.put("steps", d.Steps)
	if len(d.Record) > 0 {
		o.put("record", d.Record)
	}
	return o
}

// MeasureObject is a measure as it stands in a file, without its name.
func MeasureObject(m assembly.Measure) json.Marshaler {
	o := &object{}
	o.put("type", m.Type)
	ref := func(name string, r *assembly.Ref) {
		if r != nil {
			o.put(name, r.String())
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

// one reads a part of a document that stands by itself, as an edit carries it.
func one[T any](data []byte, read func(*reader, *node) T) (T, error) {
	n, err := parse(data)
	if err != nil {
		var none T
		return none, err
	}
	r := &reader{}
	v := read(r, n)
	return v, r.err
}

// ReadMate reads one relation; values are those its expressions may use.
func ReadMate(data []byte, values []assembly.NamedValue) (*assembly.Mate, error) {
	return one(data, func(r *reader, n *node) *assembly.Mate {
		r.env = env{named: values}
		return r.mate(n)
	})
}

// ReadAssembly reads one assembly, as it is kept between edits.
func ReadAssembly(data []byte) (*assembly.Assembly, error) {
	return one(data, func(r *reader, n *node) *assembly.Assembly { return r.assembly(n, assembly.DefaultSettings) })
}

// ReadPlanned reads one planned motion.
func ReadPlanned(data []byte) (assembly.Planned, error) { return one(data, (*reader).planned) }

// ReadMeasure reads one measure.
func ReadMeasure(name string, data []byte) (assembly.Measure, error) {
	return one(data, func(r *reader, n *node) assembly.Measure { return r.measure(name, n) })
}

// ReadDrive reads one drive.
func ReadDrive(name string, data []byte) (assembly.Drive, error) {
	return one(data, func(r *reader, n *node) assembly.Drive { return r.drive(name, n) })
}

// ReadSettings reads the settings of an assembly; what is not said is as usual.
func ReadSettings(data []byte) (assembly.Settings, error) {
	return one(data, func(r *reader, n *node) assembly.Settings {
		s := assembly.DefaultSettings
		r.settings(n, &s)
		return s
	})
}

// CheckName refuses names that references could not be written with.
func CheckName(s string) error {
	r := &reader{}
	r.name(&node{name: s}, s, "a component's")
	return r.err
}
