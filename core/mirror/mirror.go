package mirror

import (
	"context"
	"fmt"
	"maps"
	"math"
	"slices"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/core/tol"
)

// Hands of copies.
const (
	Same     = "same"
	Opposite = "opposite"
)

// Copied is a component that came to the other side.
type Copied struct {
	From string    `json:"from"`
	To   string    `json:"to"`
	Part string    `json:"part"` // or assembly
	Hand string    `json:"hand"` // same or opposite
	Pose geom.Pose `json:"pose"`
}

// LeftOut is a relation that did not come along.
type LeftOut struct {
	Mate string `json:"mate"`
	Why  string `json:"why"`
}

// Made is a part of the opposite hand that the document gained.
type Made struct{ Part, Of string }

// Result is a document with copies on the other side of a plane.
type Result struct {
	Document  *assembly.Document `json:"-"`
	Copied    []Copied           `json:"copied"`
	Relations int                `json:"relations"`
	LeftOut   []LeftOut          `json:"left_out"`
	Made      []Made             `json:"-"`
}

// Shapes gives the shape of a part; nil where no more than its features is known.
type Shapes func(key string) *Shape

// Plane is where things are mirrored.
type Plane struct{ O, N geom.Vec }

func (p Plane) point(v geom.Vec) geom.Vec { return v.Sub(p.N.Scale(2 * v.Sub(p.O).Dot(p.N))) }
func (p Plane) dir(v geom.Vec) geom.Vec   { return v.Sub(p.N.Scale(2 * v.Dot(p.N))) }

// own is the plane at which opposite hands of parts are made: square to x through the origin.
var own = Plane{N: geom.V(1, 0, 0)}

// PlaneOf is the plane of a feature of the solved root, or midway between those of two that run along each other.
func PlaneOf(doc *assembly.Document, a *account.Account, refs []assembly.Ref) (Plane, error) {
	var got []part.Feature
	w := &world{doc: doc, asm: doc.Assemblies[doc.Root], rep: a.Root}
	for _, r := range refs {
		f, err := w.feature(r)
		if err != nil {
			return Plane{}, err
		}
		if f.Kind != part.Plane {
			return Plane{}, fmt.Errorf("%s is a %s, not a plane", r, f.Kind)
		}
		got = append(got, f)
	}
	switch {
	case len(got) == 1:
		return Plane{got[0].O, got[0].Z}, nil
	case len(got) != 2:
		return Plane{}, fmt.Errorf("a plane is a face, or midway between two")
	case math.Abs(got[0].Z.Dot(got[1].Z)) < 1-tol.HandTurn:
		return Plane{}, fmt.Errorf("%s and %s do not run along each other: there is no plane midway", refs[0], refs[1])
	}
	off := got[1].O.Sub(got[0].O).Dot(got[0].Z) / 2
	return Plane{got[0].O.AddScaled(off, got[0].Z), got[0].Z}, nil
}

// world tells where features of an assembly stand.
type world struct {
	doc *assembly.Document
	asm *assembly.Assembly
	rep *report.Result // nil: components stand where they are placed
}

// stand is where the last component on the way of a reference stands, with what it uses.
func (w *world) stand(r assembly.Ref) (geom.Pose, *assembly.Component, error) {
	if len(r.Path) == 0 {
		return geom.Home, nil, nil
	}
	chain, _, err := w.doc.Lookup(w.asm, r)
	if err != nil {
		return geom.Home, nil, err
	}
	pose := geom.Home
	for i, c := range chain {
		p := c.Pose
		if i == 0 && w.rep != nil {
			if at := w.rep.At(c.Name); at.Pose.Is() {
				p = at.Pose
			}
		}
		pose = pose.Mul(p)
	}
	return pose, chain[len(chain)-1], nil
}

func (w *world) feature(r assembly.Ref) (part.Feature, error) {
	f, err := w.doc.Feature(w.asm, r)
	if err != nil {
		return f, err
	}
	at, _, err := w.stand(r)
	return f.At(at), err
}

// Mirror copies components of the root, with their relations, to the other side of a plane. Each part is the same turned over, where it is its own mirror
// image, or gets an opposite hand, a new part; an assembly gets one of its own, whose parts are decided one by one. Relations among what is copied come
// along; those to something else go to the feature of it that is the mirror image, or are left out. without names all free components are copied. The document's poses are those it was solved to.
func Mirror(ctx context.Context, doc *assembly.Document, plane Plane, names []string, shapes Shapes) (*Result, error) {
	acc, err := account.TakeAtRest(ctx, doc, doc.Root)
	if err != nil {
		return nil, err
	}
	doc = account.Settled(doc, acc.Report)
	open := *doc
	open.Parts, open.PartOrder = maps.Clone(doc.Parts), slices.Clone(doc.PartOrder)
	open.Assemblies, open.Order = maps.Clone(doc.Assemblies), slices.Clone(doc.Order)
	m := &mirroring{doc: &open, shapes: shapes, hands: map[string]*handOf{}, assemblies: map[string]string{}, out: &Result{Document: &open, Copied: []Copied{}, LeftOut: []LeftOut{}}}
	a := doc.Assemblies[doc.Root]
	if len(names) == 0 {
		for _, c := range a.Components {
			if !c.Grounded {
				names = append(names, c.Name)
			}
		}
	}
	for _, n := range names {
		if a.Component(n) == nil {
			return nil, fmt.Errorf("there is no component %q", n)
		}
	}
	s := &side{m: m, from: &world{doc: doc, asm: a}, plane: plane, to: map[string]string{}, ids: map[string]string{}}
	next := *a
	next.Components, next.Mates, next.Planned = slices.Clone(a.Components), slices.Clone(a.Mates), slices.Clone(a.Planned)
	taken := map[string]bool{}
	for _, c := range a.Components {
		taken[c.Name] = true
	}
	for _, c := range a.Components {
		if !slices.Contains(names, c.Name) {
			continue
		}
		k := *c
		k.Name = free(c.Name+"-m", taken)
		s.to[c.Name] = k.Name
		hand := s.component(&k)
		key := k.Part + k.Assembly
		m.out.Copied = append(m.out.Copied, Copied{c.Name, k.Name, key, hand, k.Pose})
		next.Components = append(next.Components, &k)
	}
	s.made = &world{doc: &open, asm: next.Seal()}
	s.relations(a, &next)
	open.Assemblies[doc.Root] = next.Seal()
	m.out.Relations, m.out.LeftOut = s.came, append(m.out.LeftOut, s.left...)
	return m.out, nil
}

func free(want string, taken map[string]bool) string {
	name := assembly.FreeName(want, func(n string) bool { return taken[n] })
	taken[name] = true
	return name
}

// mirroring is what all levels share.
type mirroring struct {
	doc        *assembly.Document // that is being made
	shapes     Shapes
	hands      map[string]*handOf // by part
	assemblies map[string]string  // mirrored ones, by the key of the original
	out        *Result
}

// handOf is what becomes of a part in the mirror.
type handOf struct {
	same  bool
	image Image  // of the same part
	key   string // of the part of the opposite hand
}

// hand decides about a part.
func (m *mirroring) hand(key string) *handOf {
	if h, ok := m.hands[key]; ok {
		return h
	}
	p := m.doc.Parts[key]
	var s *Shape
	if m.shapes != nil {
		s = m.shapes(key)
	}
	if s == nil {
		s = ShapeOf(p)
	}
	h := &handOf{}
	if h.image, h.same = s.Hand(); !h.same {
		h.key = m.opposite(key, p)
	}
	m.hands[key] = h
	return h
}

// opposite makes the part of the opposite hand: the part seen in its own plane square to x.
func (m *mirroring) opposite(key string, p *part.Part) string {
	taken := map[string]bool{}
	for _, k := range m.doc.PartOrder {
		taken[k] = true
	}
	for _, k := range m.doc.Order {
		taken[k] = true
	}
	k := free(key+"-m", taken)
	q := *p
	if q.Name != "" {
		q.Name += ", opposite hand"
	}
	if q.Number != "" {
		q.Number += "-M"
	}
	q.Source, q.Shape, q.Listed = part.Source{}, nil, 0
	q.Features = map[string]part.Feature{}
	for n, f := range p.Features {
		q.Features[n] = mirrored(f, own.point, own.dir)
	}
	if q.Volume.Known {
		q.Volume.Centroid = own.point(q.Volume.Centroid)
		for i := range 3 {
			for j := range 3 {
				if (i == 0) != (j == 0) {
					q.Volume.Inertia[i][j] = -q.Volume.Inertia[i][j]
				}
			}
		}
	}
	m.doc.Parts[k] = &q
	m.doc.PartOrder = append(m.doc.PartOrder, k)
	m.out.Made = append(m.out.Made, Made{k, key})
	return k
}

// assembly makes the mirror image of an assembly: across its own plane square to x, names as they are.
func (m *mirroring) assembly(key string) string {
	if k, ok := m.assemblies[key]; ok {
		return k
	}
	taken := map[string]bool{}
	for _, k := range m.doc.Order {
		taken[k] = true
	}
	for _, k := range m.doc.PartOrder {
		taken[k] = true
	}
	k := free(key+"-m", taken)
	m.assemblies[key] = k
	a := m.doc.Assemblies[key]
	next := *a
	if next.Name != "" {
		next.Name += ", opposite hand"
	}
	if next.Number != "" {
		next.Number += "-M"
	}
	next.Components, next.Mates, next.Planned, next.Measures, next.Drives = nil, nil, nil, nil, nil
	s := &side{m: m, from: &world{doc: m.doc, asm: a}, plane: own, to: map[string]string{}, ids: map[string]string{}, within: key, whole: true}
	for _, c := range a.Components {
		q := *c
		s.to[c.Name] = c.Name
		s.component(&q)
		next.Components = append(next.Components, &q)
	}
	s.made = &world{doc: m.doc, asm: next.Seal()}
	s.relations(a, &next)
	m.out.LeftOut = append(m.out.LeftOut, s.left...)
	m.doc.Assemblies[k] = next.Seal()
	m.doc.Order = append(m.doc.Order, k)
	return k
}

// side is one assembly and what comes to its other side.
type side struct {
	m      *mirroring
	from   *world // as it is
	made   *world // with the copies
	plane  Plane
	to     map[string]string // copies, by name
	ids    map[string]string // of relations that came along
	within string            // the assembly, where it is not the root
	whole  bool              // all of it is mirrored
	came   int
	left   []LeftOut
}

// component puts a copy where the mirror has it, and tells its hand.
func (s *side) component(k *assembly.Component) string {
	first, dir, hand := own.point, own.dir, Opposite
	if k.Part != "" {
		if h := s.m.hand(k.Part); h.same {
			first, dir, hand = h.image.point, h.image.dir, Same
		} else {
			k.Part = h.key
		}
	} else {
		k.Assembly = s.m.assembly(k.Assembly)
	}
	p := k.Pose
	axis := func(i int) geom.Vec { return s.plane.dir(p.Dir(dir(axes[i]))) }
	k.Pose = geom.Pose{O: s.plane.point(p.Point(first(geom.Vec{}))), Q: geom.FromAxes(axis(0), axis(1), axis(2))}
	return hand
}

// end is what a feature becomes on the other side; turned tells that it looks the other way there.
func (s *side) end(r assembly.Ref) (out assembly.Ref, turned bool, err error) {
	f, err := s.from.doc.Feature(s.from.asm, r)
	if err != nil {
		return r, false, err
	}
	copied := len(r.Path) > 0 && s.to[r.Head()] != "" || len(r.Path) == 0 && s.whole
	at, last, err := s.from.stand(r)
	if err != nil {
		return r, false, err
	}
	out = r
	if !copied { // the mirror image of the feature, on the same thing
		want := mirrored(f.At(at), s.plane.point, s.plane.dir).At(at.Inverse())
		p := &part.Part{}
		if last != nil && last.Part != "" {
			p = s.from.doc.Parts[last.Part]
		}
		name, turned, ok := counterpart(p, want)
		if !ok {
			return r, false, fmt.Errorf("%s has no feature that is the mirror image of %s", place(r), r.Feature)
		}
		out.Feature = name
		return out, turned, nil
	}
	if len(r.Path) > 0 {
		out.Path = append([]string{s.to[r.Head()]}, r.Path[1:]...)
	}
	if last == nil || last.Part == "" { // an assembly's own planes and axes
		return out, mirrored(f, own.point, own.dir).Z.Dot(f.Z) < 0 && f.HasDirection() && f.Kind != part.Frame, nil
	}
	h := s.m.hand(last.Part)
	if !h.same {
		if _, listed := s.from.doc.Parts[last.Part].Features[r.Feature]; listed {
			return out, false, nil
		}
		return out, own.dir(f.Z).Dot(f.Z) < 0 && f.Kind != part.Frame, nil
	}
	name, turned, ok := counterpart(s.from.doc.Parts[last.Part], h.image.back(f))
	if !ok {
		return r, false, fmt.Errorf("%s is its own mirror image, but has no feature that is that of %s", last.Part, r.Feature)
	}
	out.Feature = name
	return out, turned, nil
}

// place is the component of a reference, as it is spoken of.
func place(r assembly.Ref) string {
	if len(r.Path) == 0 {
		return "the assembly itself"
	}
	return r.Path[len(r.Path)-1]
}
