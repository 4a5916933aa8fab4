package carry

import (
	"fmt"
	"math"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
	"setfast/core/tol"
)

// Relations brings the relations of what is copied along: first those between features, then couplings of the joints among them, then what is planned of
// them.
func (s *Side) Relations(a, next *assembly.Assembly) {
	add := func(m *assembly.Mate, k *assembly.Mate, err error) {
		if err != nil {
			id := m.ID
			if s.Within != "" {
				id = s.Within + "/" + id
			}
			s.Left = append(s.Left, LeftOut{id, err.Error()})
			return
		}
		k.ID = s.Called(m.ID)
		s.IDs[m.ID] = k.ID
		next.Mates = append(next.Mates, k)
		s.Came++
	}
	for _, m := range a.Mates {
		if !m.IsCoupling() && s.concerns(m) {
			k, err := s.relation(m)
			if err != nil {
				if other, ok := s.shifted(m); ok {
					k, err = other, nil
				}
			}
			add(m, k, err)
		}
	}
	for _, m := range a.Mates {
		if m.IsCoupling() && (s.IDs[m.JointA] != "" || s.IDs[m.JointB] != "") {
			k, err := s.coupling(a, m)
			add(m, k, err)
		}
	}
	for _, p := range a.Planned {
		switch {
		case p.Joint != "" && s.IDs[p.Joint] != "":
			next.Planned = append(next.Planned, assembly.Planned{Joint: s.IDs[p.Joint], Of: p.Of})
		case p.Component != "" && s.To[p.Component] != "":
			k := p
			k.Component = s.To[p.Component]
			if p.Ref != nil {
				r, _, err := s.End(*p.Ref)
				if err != nil {
					continue
				}
				k.Ref = &r
			}
			next.Planned = append(next.Planned, k)
		}
	}
}

// concerns tells whether a relation has to do with what is copied.
func (s *Side) concerns(m *assembly.Mate) bool {
	for _, r := range m.Refs() {
		if s.To[r.Head()] != "" {
			return true
		}
	}
	return false
}

// relation is a relation on the other side.
func (s *Side) relation(m *assembly.Mate) (*assembly.Mate, error) {
	if !s.Motion.Flips && s.within(m) { // nothing changes but the names
		return m.On(s.renamed), nil
	}
	k := *m
	turned := map[*assembly.Ref]bool{}
	for _, x := range []struct{ from, to *assembly.Ref }{{&m.A, &k.A}, {&m.B, &k.B}} {
		r, t, err := s.End(*x.from)
		if err != nil {
			return nil, err
		}
		*x.to, turned[x.to] = r, t
	}
	ta, tb, tabout := turned[&k.A], turned[&k.B], false
	for _, x := range []struct{ from, to **assembly.Ref }{{&m.About, &k.About}, {&m.A2, &k.A2}, {&m.B2, &k.B2}} {
		if *x.from == nil {
			continue
		}
		r, t, err := s.End(**x.from)
		if err != nil {
			return nil, err
		}
		*x.to = &r
		if x.from == &m.About {
			tabout = t
		}
	}
	s.sense(&k, ta != tb)
	t := k.Descriptor()
	if t == nil {
		return nil, fmt.Errorf("%q is no type of relation", m.Type)
	}
	switch {
	case t.Family == relation.Joint:
		return &k, s.joint(m, &k)
	case k.Type == "fastened":
		return &k, s.Fasten(&k)
	case k.Type == "hold_spin":
		k.Params = k.Params.Without("value") // it is held where the mirror has it
	case k.Type == "angle":
		s.angle(m, &k, ta, tb, tabout)
	case k.Type == "tangent":
		if side := k.Word("side"); ta != tb && (side == "outside" || side == "inside") {
			k.Params = k.Params.WithWord("side", map[string]string{"outside": "inside", "inside": "outside"}[side])
		}
	case ta && (t.Main == "gap" || t.Main == "value"): // counted along a's normal, which looks the other way
		k.Params = negated(k.Params, t.Main)
	case k.Type == "distance" && tb && s.pointOnPlane(m):
		k.Params = negated(k.Params, t.Main)
	}
	return &k, nil
}

// renamed is a reference to the copy of what it names.
func (s *Side) renamed(r assembly.Ref) assembly.Ref {
	if len(r.Path) > 0 {
		r.Path = append([]string{s.To[r.Head()]}, r.Path[1:]...)
	}
	return r
}

// pointOnPlane tells whether a distance is that of a point, a, from a plane, b.
func (s *Side) pointOnPlane(m *assembly.Mate) bool {
	a, errA := s.From.Doc.Feature(s.From.Asm, m.A)
	b, errB := s.From.Doc.Feature(s.From.Asm, m.B)
	return errA == nil && errB == nil && a.Kind != part.Plane && b.Kind == part.Plane
}

// sense turns an explicit sense round; joints count theirs where none is said.
func (s *Side) sense(k *assembly.Mate, turn bool) {
	if !turn {
		return
	}
	other := map[string]string{"same": "opposed", "opposed": "same"}
	said := k.Word("sense")
	if said == "" {
		if t := k.Descriptor(); t != nil && (t.Family == relation.Joint || k.Type == "fastened") {
			said = "same"
		}
	}
	if o, ok := other[said]; ok {
		k.Params = k.Params.WithWord("sense", o)
	}
}

// negated is the list with a number the other way.
func negated(p relation.Params, field string) relation.Params {
	v, ok := p.Num(field)
	if !ok || v == 0 {
		return p
	}
	out := relation.Value{Field: field, Num: -v}
	if text := p.Text(field); text != "" {
		out.Text = "-(" + text + ")"
	}
	return p.With(out)
}

// angle turns the value of an angle, which has a sign where it is about something: that of the turn changes in the mirror.
func (s *Side) angle(m, k *assembly.Mate, ta, tb, tabout bool) {
	v, ok := k.Num("value")
	if !ok {
		return
	}
	was := v
	if k.About != nil && tabout != s.Motion.Flips {
		v = -v
	}
	if ta != tb {
		v = 180 - v
		if v > 180 {
			v -= 360
		}
	}
	switch {
	case v == was:
	case v == -was:
		k.Params = negated(m.Params, "value")
		k.Params = k.Params.WithWord("sense", m.Word("sense"))
	default:
		k.Params = k.Params.With(relation.Value{Field: "value", Num: v})
	}
}

// frames are those of a relation's two ends where they stand, b turned over where the sense has it so.
func frames(w *World, m *assembly.Mate) (a, b geom.Frame, err error) {
	fa, err := w.Feature(m.A)
	if err != nil {
		return a, b, err
	}
	fb, err := w.Feature(m.B)
	if err != nil {
		return a, b, err
	}
	// a frame's x is the part's own, so it is made in the part and brought along
	of := func(r assembly.Ref, f part.Feature) (geom.Frame, error) {
		at, _, err := w.Stand(r)
		local := f.At(at.Inverse()).AsFrame()
		return geom.Frame{O: at.Point(local.O), X: at.Dir(local.X), Y: at.Dir(local.Y), Z: at.Dir(local.Z)}, err
	}
	if a, err = of(m.A, fa); err != nil {
		return a, b, err
	}
	if b, err = of(m.B, fb); err != nil {
		return a, b, err
	}
	if m.Word("sense") == "opposed" {
		b.Y, b.Z = b.Y.Neg(), b.Z.Neg()
	}
	return a, b, nil
}

// Fasten finds offset and turn anew: frames that the copy has not own have other directions there.
func (s *Side) Fasten(k *assembly.Mate) error {
	a, b, err := frames(s.Made, k)
	if err != nil {
		return err
	}
	if a.Z.Dot(b.Z) < 1-tol.HandTurn {
		return fmt.Errorf("its frames do not run along each other in the copy")
	}
	d := b.O.Sub(a.O)
	offset := Tidy(geom.V(d.Dot(a.X), d.Dot(a.Y), d.Dot(a.Z)))
	k.Params = k.Params.Without("offset").Without("turn")
	if offset.Norm() > tol.HandMM {
		k.Params = k.Params.With(relation.Value{Field: "offset", Vec: offset})
	}
	if turn := degrees(math.Atan2(b.X.Dot(a.Y), b.X.Dot(a.X))); turn != 0 {
		k.Params = k.Params.WithNum("turn", turn)
	}
	return nil
}

// Tidy rounds what is nothing but for rounding.
func Tidy(v geom.Vec) geom.Vec {
	a := v.Array()
	for i := range a {
		if math.Abs(a[i]) < tol.HandTurn {
			a[i] = 0
		}
	}
	return geom.FromArray(a)
}

// degrees are those of an angle, without what is nothing but for rounding.
func degrees(rad float64) float64 {
	v := math.Round(rad*180/math.Pi*fine) / fine
	if v == 0 {
		return 0
	}
	return v
}

// fine is how many parts of a degree or a mm are kept.
const fine = 1e6

// coordinates are what is read of a joint where its frames stand, by name: degrees and mm.
func coordinates(a, b geom.Frame, kind string) map[string]float64 {
	d := b.O.Sub(a.O)
	out := map[string]float64{"angle": degrees(math.Atan2(b.X.Dot(a.Y), b.X.Dot(a.X))), "slide": d.Dot(a.Z), "x": d.Dot(a.X), "y": d.Dot(a.Y)}
	if kind == "pin_slot" {
		out["slide"] = d.Dot(a.X)
	}
	return out
}
