package relate

import (
	"context"
	"fmt"
	"math"
	"slices"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/core/tol"
)

// Seating is one of the discrete ways in which a component can sit where its relations have it: turned over, or with other features of it
// that are alike in the same places.
type Seating struct {
	Says    string           `json:"says"`
	Now     bool             `json:"now"`
	Left    int              `json:"left"`
	Pose    geom.Pose        `json:"pose"`
	Through []string         `json:"through"` // components it would pass through
	Mates   []*assembly.Mate `json:"-"`       // the relations as they then read
}

// Bounds on how many seatings are tried and told.
const (
	mostTried    = 200
	mostSeatings = 24
)

// Seatings finds them by computation: each relation of the component to what comes before it may hold the other way round, and at a feature
// of the component that is like its own (another side of a hexagon, another hole of a pattern). Every combination is solved with all else
// standing; those that hold are told once for each place, the present one first.
func Seatings(ctx context.Context, doc *assembly.Document, name, component string, shapes Shapes) ([]Seating, error) {
	s, err := newScene(doc, name, shapes)
	if err != nil {
		return nil, err
	}
	c := s.asm.Component(component)
	if c == nil || c.Suppressed {
		return nil, fmt.Errorf("there is no component %q that stands here", component)
	}
	f := &following{s: s, c: c, solids: map[int]*clash.Solid{}, unit: slices.IndexFunc(s.units, func(u unit) bool { return u.name == component })}
	f.indexed()
	own := simple(f.seats(component))
	if len(own) == 0 {
		return nil, fmt.Errorf("nothing seats %s yet: relate it to what stands first", component)
	}
	out := []Seating{}
	tried := 0
	var walk func(at int, list []*assembly.Mate) error
	walk = func(at int, list []*assembly.Mate) error {
		if ctx.Err() != nil {
			return context.Cause(ctx)
		}
		if tried >= mostTried || len(out) >= mostSeatings {
			return nil
		}
		if at < len(own) {
			for _, m := range f.ways(own[at]) {
				if err := walk(at+1, append(list[:at:at], m)); err != nil {
					return err
				}
			}
			return nil
		}
		tried++
		if one, ok := f.seated(ctx, own, list); ok && !slices.ContainsFunc(out, func(o Seating) bool { return same(o.Pose, one.Pose, f.reach()) }) {
			out = append(out, one)
		}
		return nil
	}
	if err := walk(0, nil); err != nil {
		return nil, err
	}
	for i := range out {
		out[i].Now = i == 0
		out[i].Says = f.told(out[0].Pose, &out[i])
	}
	return out, nil
}

// ways are the ways in which a relation can read: as it does first.
func (f *following) ways(m *assembly.Mate) []*assembly.Mate {
	out := []*assembly.Mate{m}
	mine, theirs := &m.A, &m.B
	if m.B.Head() == f.c.Name {
		mine, theirs = theirs, mine
	}
	x, own, ok := f.at(*mine)
	y, _, ok2 := f.at(*theirs)
	if !ok || !ok2 {
		return out
	}
	for b := range f.s.bodies {
		if f.s.bodies[b].unit != f.unit {
			continue
		}
		for i := range f.s.bodies[b].surfaces {
			o := &f.s.bodies[b].surfaces[i]
			if o != own && likeOf(o, own) {
				over := own.Kind == part.Circle && math.Abs(o.O.Sub(own.O).Dot(own.Z)) > tol.FitPlace
				if over && !f.endForEnd(own, o) {
					continue
				}
				k := *m
				if mine == &m.A {
					k.A = refTo(o)
				} else {
					k.B = refTo(o)
				}
				if over { // a rim at the other end holds the other way round
					k.Params = k.Params.WithWord("sense", f.otherSense(m))
				}
				out = append(out, &k)
			}
		}
	}
	if x.HasDirection() && y.HasDirection() && m.Type == "concentric" { // faces and rims that look the wrong way would overlap
		for _, k := range slices.Clone(out) {
			turned := *k
			turned.Params = turned.Params.WithWord("sense", f.otherSense(k))
			out = append(out, &turned)
		}
	}
	return out
}

// endForEnd tells whether a part that is turned over has one rim where the other was: both are as far from their ends.
func (f *following) endForEnd(a, b *surface) bool {
	z := a.Z
	lo, hi := math.Inf(1), math.Inf(-1)
	for _, n := range f.s.units[f.unit].bodies {
		for i := range f.s.bodies[n].surfaces {
			x := &f.s.bodies[n].surfaces[i]
			if from, to := span(x.Low, x.High, z); x.part == a.part {
				lo, hi = math.Min(lo, from), math.Max(hi, to)
			}
		}
	}
	return math.Abs(a.O.Dot(z)-lo-(hi-b.O.Dot(z))) < tol.FitPlace
}

// likeOf tells whether two surfaces of one part are alike: of one kind, size and extent.
func likeOf(o, own *surface) bool {
	if o.Kind != own.Kind || o.Side != own.Side || math.Abs(o.Radius-own.Radius) > tol.SizeForSize || math.Abs(o.HalfAngle-own.HalfAngle) > tol.ConesAlike {
		return false
	}
	switch o.Kind {
	case part.Plane:
		return math.Abs(areaOf(o)-areaOf(own)) <= areaAlike*areaOf(own)
	case part.Cylinder:
		return math.Abs(o.To-o.From-own.To+own.From) < tol.FitPlace
	}
	return o.Kind == part.Circle
}

// areaAlike is by how much areas of faces that are alike may differ, of the area: they are drawn by triangles.
const areaAlike = 1e-3

func areaOf(s *surface) (a float64) {
	for i := 0; i+2 < len(s.Triangles); i += 3 {
		a += s.Triangles[i+1].Sub(s.Triangles[i]).Cross(s.Triangles[i+2].Sub(s.Triangles[i])).Norm() / 2
	}
	return a
}

// otherSense is the sense that a relation does not hold in now.
func (f *following) otherSense(m *assembly.Mate) string {
	now := m.Word("sense")
	if now == "" || now == "nearest" {
		x, _, _ := f.at(m.A)
		y, _, _ := f.at(m.B)
		if now = "same"; x.Z.Dot(y.Z) < 0 {
			now = "opposed"
		}
	}
	if now == "same" {
		return "opposed"
	}
	return "same"
}

// seated solves one combination with all else standing.
func (f *following) seated(ctx context.Context, own, list []*assembly.Mate) (one Seating, ok bool) {
	rep, err := f.alone(ctx, list)
	if err != nil || len(rep.Odds) > 0 {
		return one, false
	}
	p := rep.Components[f.c.Name]
	one = Seating{Left: p.Left, Pose: p.Pose, Through: f.passing(p.Pose)}
	for i, m := range list {
		if m != own[i] {
			one.Mates = append(one.Mates, m)
		}
	}
	return one, true
}

// alone is the account of the component with relations to what stands, and nothing else.
func (f *following) alone(ctx context.Context, mates []*assembly.Mate) (*report.Result, error) {
	a := *f.s.asm
	a.Components, a.Mates, a.Planned, a.Measures, a.Drives, a.Groups, a.Variants = nil, mates, nil, nil, nil, nil, nil
	heads := map[string]bool{f.c.Name: true}
	for _, m := range mates {
		heads[m.A.Head()], heads[m.B.Head()] = true, true
	}
	for _, c := range f.s.asm.Components {
		if heads[c.Name] {
			k := *c
			k.Grounded, k.Flexible = c.Name != f.c.Name, false
			a.Components = append(a.Components, &k)
		}
	}
	d := *f.s.doc
	d.Root = f.s.model.Name
	rep, err := account.Check(ctx, d.WithRoot(a.Seal()), nil)
	if err != nil {
		return nil, err
	}
	return rep.Assemblies[d.Root], nil
}

// reach is how large the component is.
func (f *following) reach() float64 {
	_, r := f.s.middle(f.unit)
	return r
}

// same tells whether two poses put a component in one place.
func same(p, q geom.Pose, reach float64) bool {
	d := p.Inverse().Mul(q)
	return d.Q.Log().Norm()*reach+d.Q.Rotate(geom.Vec{}).Add(d.O).Norm() < tol.NearlyMeets
}

// told says a seating by how it differs from the present one: turned about an axis, and shifted.
func (f *following) told(now geom.Pose, one *Seating) string {
	if one.Now {
		return "as it sits"
	}
	d := one.Pose.Mul(now.Inverse())
	w := d.Q.Log()
	says := ""
	if a := w.Norm() * 180 / math.Pi; a > tol.AllButDeg {
		says = fmt.Sprintf("turned by %s° about %s", part.Number(math.Round(a*10)/10), axisName(w.Unit()))
	}
	mid, _ := f.s.middle(f.unit)
	if by := d.Point(mid).Sub(mid).Norm(); by > tol.NearlyMeets {
		if says != "" {
			says += ", "
		}
		says += part.Number(three(by)) + " mm off"
	}
	return says
}

// axisName says a direction as x, y or z where it is one of them.
func axisName(d geom.Vec) string {
	for i, a := range [3]geom.Vec{{X: 1}, {Y: 1}, {Z: 1}} {
		if math.Abs(d.Dot(a)) > 1-tol.SameAxis {
			return [3]string{"x", "y", "z"}[i]
		}
	}
	return fmt.Sprintf("(%s, %s, %s)", part.Number(three(d.X)), part.Number(three(d.Y)), part.Number(three(d.Z)))
}
