package mirror

import (
	"context"
	"fmt"
	"maps"
	"math"
	"slices"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/carry"
	"setfast/core/geom"
	"setfast/core/part"
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
	// Image proves, of the same hand, that the part is its own mirror image.
	Image *Proof `json:"image,omitempty"`
}

// Proof is a plane through a part's origin, by its normal, and what carries the part seen there onto itself.
type Proof struct {
	Plane [3]float64 `json:"plane"`
	Turn  geom.Pose  `json:"turn"`
}

// Made is a part of the opposite hand that the document gained.
type Made struct{ Part, Of string }

// Result is a document with copies on the other side of a plane.
type Result struct {
	Document  *assembly.Document `json:"-"`
	Copied    []Copied           `json:"copied"`
	Relations int                `json:"relations"`
	LeftOut   []carry.LeftOut    `json:"left_out"`
	Made      []Made             `json:"-"`
}

// Shapes gives the shape of a part; nil where no more than its features is known.
type Shapes func(key string) *Shape

// Maker makes the opposite hand of a part: its shape seen in its own plane square to x, its features called what they may be.
type Maker func(of string, p *part.Part) (key string, made *part.Part, err error)

// Plane is where things are mirrored.
type Plane struct{ O, N geom.Vec }

func (p Plane) point(v geom.Vec) geom.Vec { return v.Sub(p.N.Scale(2 * v.Sub(p.O).Dot(p.N))) }
func (p Plane) dir(v geom.Vec) geom.Vec   { return v.Sub(p.N.Scale(2 * v.Dot(p.N))) }

func (p Plane) motion() carry.Motion { return carry.Motion{Point: p.point, Dir: p.dir, Flips: true} }

// own is the plane at which opposite hands of parts are made: square to x through the origin.
var own = Plane{N: geom.V(1, 0, 0)}

// PlaneOf is the plane of a feature of the solved root, or midway between those of two that run along each other.
func PlaneOf(doc *assembly.Document, a *account.Account, refs []assembly.Ref) (Plane, error) {
	var got []part.Feature
	w := &carry.World{Doc: doc, Asm: doc.Assemblies[doc.Root], Rep: a.Root}
	for _, r := range refs {
		f, err := w.Feature(r)
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

// Mirror copies components of the root, with their relations, to the other side of a plane. Each part is the same turned over, where it is its own mirror
// image, or gets an opposite hand, a new part; an assembly gets one of its own, whose parts are decided one by one. Relations among what is copied come
// along; those to something else go to the feature of it that is the mirror image, or are left out. without names all free components are copied. maker makes opposite hands; nil writes their features alone. The document's poses are those it was solved to.
func Mirror(ctx context.Context, doc *assembly.Document, plane Plane, names []string, shapes Shapes, maker Maker) (*Result, error) {
	acc, err := account.TakeAtRest(ctx, doc, doc.Root)
	if err != nil {
		return nil, err
	}
	doc = account.Settled(doc, acc.Report)
	open := *doc
	open.Parts, open.PartOrder = maps.Clone(doc.Parts), slices.Clone(doc.PartOrder)
	open.Assemblies, open.Order = maps.Clone(doc.Assemblies), slices.Clone(doc.Order)
	m := &mirroring{doc: &open, shapes: shapes, maker: maker, hands: map[string]*handOf{}, assemblies: map[string]string{}, out: &Result{Document: &open, Copied: []Copied{}, LeftOut: []carry.LeftOut{}}}
	a := doc.Assemblies[doc.Root]
	if len(names) == 0 {
		for _, c := range a.Components {
			if !c.Grounded && !c.Made() {
				names = append(names, c.Name)
			}
		}
	}
	for _, n := range names {
		if a.Component(n) == nil {
			return nil, fmt.Errorf("there is no component %q", n)
		}
	}
	s := m.side(doc, a, plane)
	next := *a
	next.Components, next.Mates, next.Planned = slices.Clone(a.Components), slices.Clone(a.Mates), slices.Clone(a.Planned)
	taken, ids := map[string]bool{}, map[string]bool{}
	for _, c := range a.Components {
		taken[c.Name] = true
	}
	for _, k := range a.Mates {
		ids[k.ID] = true
	}
	s.Called = func(id string) string { return free(id+"-m", ids) }
	for _, c := range a.Components {
		if !slices.Contains(names, c.Name) {
			continue
		}
		k := *c
		k.Name = free(c.Name+"-m", taken)
		s.To[c.Name] = k.Name
		hand := m.component(s, &k)
		key := k.Part + k.Assembly
		m.out.Copied = append(m.out.Copied, Copied{c.Name, k.Name, key, hand, k.Pose, m.proof(c, hand)})
		next.Components = append(next.Components, &k)
	}
	s.Made = &carry.World{Doc: &open, Asm: next.Seal()}
	s.Relations(a, &next)
	m.stacks(s, a, &next)
	open.Assemblies[doc.Root] = next.Seal()
	if m.err != nil {
		return nil, m.err
	}
	m.out.Relations, m.out.LeftOut = s.Came, append(m.out.LeftOut, s.Left...)
	return m.out, nil
}

// stacks mirrors the stacks whose holes are all copied.
func (m *mirroring) stacks(s *carry.Side, a, next *assembly.Assembly) {
	next.Stacks = slices.Clone(a.Stacks)
	taken := map[string]bool{}
	for _, c := range next.Components {
		taken[c.Name] = true
	}
	for _, k := range a.Stacks {
		taken[k.Name] = true
	}
	for i := range a.Stacks {
		st := &a.Stacks[i]
		if slices.ContainsFunc(st.Holes, func(r assembly.Ref) bool { return s.To[r.Head()] == "" }) {
			continue
		}
		k, err := s.Stack(st, free(st.Name+"-m", taken))
		if err != nil {
			s.Left = append(s.Left, carry.LeftOut{Mate: st.Name, Why: err.Error()})
			continue
		}
		next.Stacks = append(next.Stacks, k)
	}
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
	maker      Maker
	err        error
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
	if m.maker != nil {
		k, made, err := m.maker(key, p)
		if err != nil {
			if m.err == nil {
				m.err = err
			}
			return key
		}
		if m.doc.Parts[k] == nil {
			m.doc.Parts[k] = made
			m.doc.PartOrder = append(m.doc.PartOrder, k)
		}
		m.out.Made = append(m.out.Made, Made{k, key})
		return k
	}
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
		q.Features[n] = own.motion().Feature(f)
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
	s := m.side(m.doc, a, own)
	s.Within, s.Whole, s.Called = key, true, func(id string) string { return id }
	for _, c := range a.Components {
		q := *c
		s.To[c.Name] = c.Name
		m.component(s, &q)
		next.Components = append(next.Components, &q)
	}
	s.Made = &carry.World{Doc: m.doc, Asm: next.Seal()}
	s.Relations(a, &next)
	m.out.LeftOut = append(m.out.LeftOut, s.Left...)
	m.doc.Assemblies[k] = next.Seal()
	m.doc.Order = append(m.doc.Order, k)
	return k
}

// side is one assembly, and what comes to its other side.
func (m *mirroring) side(doc *assembly.Document, a *assembly.Assembly, plane Plane) *carry.Side {
	return &carry.Side{From: &carry.World{Doc: doc, Asm: a}, Motion: plane.motion(), To: map[string]string{}, IDs: map[string]string{}, Image: m.image}
}

// component puts a copy where the mirror has it, and tells its hand.
func (m *mirroring) component(s *carry.Side, k *assembly.Component) string {
	first, dir, hand := own.point, own.dir, Opposite
	if k.Part != "" {
		if h := m.hand(k.Part); h.same {
			first, dir, hand = h.image.point, h.image.dir, Same
		} else {
			k.Part = h.key
		}
	} else {
		k.Assembly = m.assembly(k.Assembly)
	}
	p := k.Pose
	axis := func(i int) geom.Vec { return s.Motion.Dir(p.Dir(dir(axes[i]))) }
	k.Pose = geom.Pose{O: s.Motion.Point(p.Point(first(geom.Vec{}))), Q: geom.FromAxes(axis(0), axis(1), axis(2))}
	return hand
}

// proof is what proves that a component's part is its own mirror image.
func (m *mirroring) proof(c *assembly.Component, hand string) *Proof {
	h := m.hands[c.Part]
	if hand != Same || h == nil {
		return nil
	}
	return &Proof{h.image.Plane.Array(), h.image.Turn}
}

// image is the feature of a copy that stands for one of the original.
func (m *mirroring) image(last *assembly.Component, r assembly.Ref, f part.Feature) (name string, turned bool, err error) {
	if last == nil || last.Part == "" { // an assembly's own planes and axes
		return r.Feature, own.dir(f.Z).Dot(f.Z) < 0 && f.HasDirection() && f.Kind != part.Frame, nil
	}
	h := m.hand(last.Part)
	if !h.same && m.maker != nil {
		name, turned, ok := carry.Counterpart(m.doc.Parts[h.key], own.motion().Feature(f))
		if !ok {
			return "", false, fmt.Errorf("the opposite hand of %s has no feature like %s", last.Part, r.Feature)
		}
		return name, turned, nil
	}
	if !h.same {
		if _, listed := m.doc.Parts[last.Part].Features[r.Feature]; listed {
			return r.Feature, false, nil
		}
		return r.Feature, own.dir(f.Z).Dot(f.Z) < 0 && f.Kind != part.Frame, nil
	}
	name, turned, ok := carry.Counterpart(m.doc.Parts[last.Part], h.image.back(f))
	if !ok {
		return "", false, fmt.Errorf("%s is its own mirror image, but has no feature that is that of %s", last.Part, r.Feature)
	}
	return name, turned, nil
}
