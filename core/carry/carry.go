// Package carry takes components of an assembly along a motion, or to the other side of a plane, and their relations with them: what mirrored and repeated
// components have in common. Relations among what is copied come along; those to something else go to the feature of it that lies where the motion takes
// theirs, or are left out with the reason.
package carry

import (
	"fmt"
	"math"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/core/tol"
)

// LeftOut is a relation that did not come along.
type LeftOut struct {
	Mate string `json:"mate"`
	Why  string `json:"why"`
}

// Motion takes points and directions somewhere else.
type Motion struct {
	Point, Dir func(geom.Vec) geom.Vec
	Flips      bool // left becomes right
}

// Rigid is the motion that takes the origin to a pose.
func Rigid(p geom.Pose) Motion { return Motion{Point: p.Point, Dir: p.Dir} }

// Feature is a feature taken along: its surface, and the direction in which it looks. In a mirror a frame keeps its z and y and turns its x, so that it stays
// right-handed.
func (m Motion) Feature(f part.Feature) part.Feature {
	f.O, f.Z = m.Point(f.O), m.Dir(f.Z)
	if f.X != (geom.Vec{}) {
		if f.X = m.Dir(f.X); m.Flips {
			f.X = f.X.Neg()
		}
	}
	return f
}

// World tells where features of an assembly stand.
type World struct {
	Doc *assembly.Document
	Asm *assembly.Assembly
	Rep *report.Result // nil: components stand where they are placed
}

// Stand is where the last component on the way of a reference stands, with what it uses.
func (w *World) Stand(r assembly.Ref) (geom.Pose, *assembly.Component, error) {
	if len(r.Path) == 0 {
		return geom.Home, nil, nil
	}
	chain, _, err := w.Doc.Lookup(w.Asm, r)
	if err != nil {
		return geom.Home, nil, err
	}
	pose := w.At(chain[0])
	for _, c := range chain[1:] {
		pose = pose.Mul(c.Pose)
	}
	return pose, chain[len(chain)-1], nil
}

// At is where a component of the assembly stands.
func (w *World) At(c *assembly.Component) geom.Pose {
	if w.Rep != nil {
		if at := w.Rep.At(c.Name); at.Pose.Is() {
			return at.Pose
		}
	}
	return c.Pose
}

// Feature is what a reference names, where it stands.
func (w *World) Feature(r assembly.Ref) (part.Feature, error) {
	f, err := w.Doc.Feature(w.Asm, r)
	if err != nil {
		return f, err
	}
	at, _, err := w.Stand(r)
	return f.At(at), err
}

// Side is one assembly and what is taken along of it.
type Side struct {
	From   *World // as it is
	Made   *World // with the copies
	Motion Motion
	To     map[string]string // copies, by name
	IDs    map[string]string // of relations that came along
	Called func(id string) string
	// Image is the feature of a copy that stands for one of the original, which belongs to last (nil: to the assembly); turned tells that it looks the
	// other way.
	Image  func(last *assembly.Component, r assembly.Ref, f part.Feature) (name string, turned bool, err error)
	Within string // the assembly, where it is not the root
	Whole  bool   // all of it is copied
	Shifts bool   // distances from what stays may grow
	Came   int
	Left   []LeftOut
}

// copied tells whether what a reference enters by is copied.
func (s *Side) copied(r assembly.Ref) bool {
	return len(r.Path) > 0 && s.To[r.Head()] != "" || len(r.Path) == 0 && s.Whole
}

// End is what a feature becomes; turned tells that it looks the other way there.
func (s *Side) End(r assembly.Ref) (out assembly.Ref, turned bool, err error) {
	f, err := s.From.Doc.Feature(s.From.Asm, r)
	if err != nil {
		return r, false, err
	}
	at, last, err := s.From.Stand(r)
	if err != nil {
		return r, false, err
	}
	out = r
	if !s.copied(r) { // the feature that lies there, on the same thing
		want := s.Motion.Feature(f.At(at)).At(at.Inverse())
		p := &part.Part{}
		if last != nil && last.Part != "" {
			p = s.From.Doc.Parts[last.Part]
		}
		name, turned, ok := Counterpart(p, want)
		if !ok {
			if s.Motion.Flips {
				return r, false, fmt.Errorf("%s has no feature that is the mirror image of %s", place(r), r.Feature)
			}
			return r, false, fmt.Errorf("%s has no %s like %s where the copy wants it", place(r), f.Kind, r.Feature)
		}
		out.Feature = name
		return out, turned, nil
	}
	if len(r.Path) > 0 {
		out.Path = append([]string{s.To[r.Head()]}, r.Path[1:]...)
	}
	if s.Image != nil {
		out.Feature, turned, err = s.Image(last, r, f)
	}
	return out, turned, err
}

// place is the component of a reference, as it is spoken of.
func place(r assembly.Ref) string {
	if len(r.Path) == 0 {
		return "the assembly itself"
	}
	return r.Path[len(r.Path)-1]
}

// Counterpart finds the feature of a part that is where another one is wanted; turned tells that it looks the other way.
func Counterpart(p *part.Part, want part.Feature) (name string, turned, ok bool) {
	try := func(n string, f part.Feature) bool {
		if ok, turned = part.SamePlace(want, f); ok {
			name = n
		}
		return ok
	}
	for _, strict := range [2]bool{true, false} { // a round face is told from others about its axis by its middle
		for _, n := range p.Order {
			f := p.Features[n]
			if strict && f.Kind == part.Cylinder && f.O.Sub(want.O).Norm() > tol.HandMM {
				continue
			}
			if try(n, f) {
				return name, turned, true
			}
		}
	}
	for _, n := range ownNames {
		if try(n, part.BuiltIn[n]) {
			return name, turned, true
		}
	}
	return "", false, false
}

// ownNames are the features that everything has, in an order that stays.
var ownNames = []string{"origin", "xy", "yz", "zx", "x", "y", "z"}

// shifted is a relation to something that stays, where the motion goes along it: a distance grows by as much as the copy is moved, a direction is the same
// everywhere.
func (s *Side) shifted(m *assembly.Mate) (*assembly.Mate, bool) {
	own, other, ownIsA := m.A, m.B, true
	if s.copied(m.B) {
		own, other, ownIsA = m.B, m.A, false
	}
	if !s.Shifts || s.copied(m.A) == s.copied(m.B) || m.About != nil || m.A2 != nil || m.B2 != nil {
		return nil, false
	}
	stays, err := s.From.Feature(other)
	if err != nil || !stays.HasDirection() || s.Motion.Dir(stays.Z).Dot(stays.Z) < 1-tol.HandTurn {
		return nil, false
	}
	goes, err := s.From.Feature(own)
	if err != nil {
		return nil, false
	}
	k := *m
	to, turned, err := s.End(own)
	if err != nil || turned {
		return nil, false
	}
	if k.A = to; !ownIsA {
		k.A, k.B = m.A, to
	}
	by := s.Motion.Point(goes.O).Sub(goes.O).Dot(stays.Z)
	switch m.Type {
	case "parallel", "perpendicular", "angle":
		return &k, true
	case "coincident", "distance":
		if stays.Kind != part.Plane || goes.Kind != part.Plane && m.Type == "coincident" && goes.Kind != part.Point {
			return nil, false
		}
	default:
		return nil, false
	}
	if ownIsA && goes.Kind == part.Plane { // counted along a's normal, which is the copy's
		by *= -math.Copysign(1, goes.Z.Dot(stays.Z))
	}
	was, _ := m.Num("value")
	k.Type = "distance"
	k.Params = k.Params.WithNum("value", math.Round((was+by)*fine)/fine)
	return &k, true
}
