package solve

import (
	"fmt"
	"math"
	"sort"
	"strings"

	"setfast/core/geom"
	"setfast/core/part"
)

type rowsFunc = func(*Relation, *Rows, *view, *view, *view)

// Spec is what a relation asks for, apart from its features.
type Spec struct {
	ID, Type   string
	A, B       Feat
	About      *Feat
	Sense      string
	Value, Gap *float64 // mm, or degrees for angles
	Offset     *geom.Vec
	Turn       *float64 // degrees
	At         map[string]float64
	Side       string   // tangent: outside, inside or nearest
	Lead       *float64 // mm per turn
	Ratio      *float64
	Phase      *float64 // degrees or mm
	Profile    [][2]float64
	Spline     bool
	JA, JB     *Relation // of a coupling
}

// kindSpec describes one type of relation: which features it takes and how it becomes equations.
type kindSpec struct {
	joint bool
	takes string // said when the features do not fit
	build func(sp *Spec, r *Relation) bool
}

var kinds map[string]kindSpec

func init() {
	kinds = map[string]kindSpec{
		"coincident":    {takes: "plane with plane, point or axis; axis with point; point with point", build: coincident},
		"concentric":    {takes: "two features with an axis", build: concentric},
		"rim":           {takes: "two circles", build: rim},
		"distance":      {takes: "planes, points and axes (plane with plane or point, point with point or axis, axis with axis)", build: distance},
		"angle":         {takes: "two features with a direction", build: angle},
		"parallel":      {takes: "two features with a direction", build: parallel},
		"perpendicular": {takes: "two features with a direction", build: perpendicular},
		"fastened":      {takes: "two frames, axes or circles", build: fastened},
		"tangent":       {takes: "plane with cylinder or sphere, and cylinders and spheres among themselves", build: tangent},
		"centred":       {takes: "a pair of faces with a pair of faces, an axis or a point", build: centred},
		"symmetric":     {takes: "two points or two planes, about a plane", build: symmetric},
		"hold_spin":     {takes: "two features with an axis", build: holdSpin},
	}
	kinds["helical"] = kindSpec{joint: true, takes: "two frames, axes or circles", build: helical}
	for name, j := range joints {
		kinds[name] = kindSpec{joint: true, takes: "two frames, axes or circles", build: j.build}
	}
}

// Types lists the relation types that can be solved, sorted.
func Types() []string {
	var out []string
	for k := range kinds {
		out = append(out, k)
	}
	sort.Strings(out)
	return out
}

// Known tells whether there is such a type of relation.
func Known(t string) bool { _, ok := kinds[t]; return ok }

// IsJoint tells whether a type of relation has coordinates or frames rather than plain features.
func IsJoint(t string) bool { return kinds[t].joint }

// New makes a relation ready for solving; the start poses of its bodies decide what was left open.
func (s *System) New(sp Spec) (*Relation, error) {
	k, ok := kinds[sp.Type]
	if !ok {
		return nil, fmt.Errorf("unknown relation type %q", sp.Type)
	}
	r := s.fresh()
	r.ID, r.Type, r.A, r.B, r.Side = sp.ID, sp.Type, sp.A, sp.B, 1
	r.A.Frame, r.B.Frame = sp.A.F.AsFrame(), sp.B.F.AsFrame()
	if sp.About != nil {
		r.About, r.HasAbout = *sp.About, true
		r.About.Frame = sp.About.F.AsFrame()
	}
	if sp.Value != nil {
		r.Value = *sp.Value
		if math.IsNaN(r.Value) || math.IsInf(r.Value, 0) {
			return nil, fmt.Errorf("the value is not a number")
		}
	}
	if !k.build(&sp, r) {
		return nil, fmt.Errorf("%s does not take %s with %s; it takes %s", sp.Type, sp.A.F.Kind, sp.B.F.Kind, k.takes)
	}
	s.chooseSense(&sp, r, k.joint || sp.Type == "fastened")
	if r.begin != nil {
		a, b := s.lookStart(&r.A), s.lookStart(&r.B)
		r.begin(&a, &b)
	}
	for _, of := range sortedKeys(sp.At) {
		v := sp.At[of]
		c, ok := r.Coordinate(of)
		if !ok {
			return nil, fmt.Errorf("%s has no coordinate %q; it has %s", sp.Type, of, coordinateNames(r.Coordinates))
		}
		if c.Angular {
			v *= math.Pi / 180
		}
		r.Hold = append(r.Hold, Hold{of, v})
	}
	return r, nil
}

// chooseSense settles which way round the features stand, once, from the start pose.
func (s *System) chooseSense(sp *Spec, r *Relation, joint bool) {
	a, b := s.lookStart(&r.A), s.lookStart(&r.B)
	if sp.Type == "symmetric" {
		c := s.lookStart(&r.About)
		a = mirrored(&a, &c)
	}
	d := a.Z.Dot(b.Z)
	r.Sense = 1
	switch {
	case sp.Sense == "opposed":
		r.Sense, r.SenseGiven = -1, true
	case sp.Sense == "same" || joint && sp.Sense != "nearest":
		r.SenseGiven = true
	case math.Abs(d) < 1e-9: // a tie
		if sp.A.F.Kind == part.Plane && sp.B.F.Kind == part.Plane {
			r.Sense = -1
		}
	case d < 0:
		r.Sense = -1
	}
	r.flipB = joint && r.Sense < 0
	if gap, _, skew := axisGap(&a, &b); skew && gap < 0 {
		r.Side = -1
	}
}

func sortedKeys(m map[string]float64) []string {
	var out []string
	for k := range m {
		out = append(out, k)
	}
	sort.Strings(out)
	return out
}

func coordinateNames(cs []Coordinate) string {
	var n []string
	for _, c := range cs {
		n = append(n, c.Name)
	}
	if len(n) == 0 {
		return "none"
	}
	return strings.Join(n, ", ")
}

// coincident: faces level, a point or an axis in a plane, a point on an axis, a point on a point.
func coincident(sp *Spec, r *Relation) bool {
	a, b := sp.A.F, sp.B.F
	switch {
	case a.Kind == part.Plane && b.Kind == part.Plane:
		r.rows = planeOnPlane
	case a.Kind == part.Plane && b.IsAxis():
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { axisInPlane(o, a, b) }
	case b.Kind == part.Plane && a.IsAxis():
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { axisInPlane(o, b, a) }
	case a.Kind == part.Plane && b.IsPoint():
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.along(a, b, a.Z, 0) }
	case b.Kind == part.Plane && a.IsPoint():
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.along(b, a, b.Z, 0) }
	case a.IsAxis() && b.IsPoint():
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { pointOnAxis(o, a, b) }
	case b.IsAxis() && a.IsPoint():
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { pointOnAxis(o, b, a) }
	case a.IsPoint() && b.IsPoint():
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { pointOnPoint(o, a, b, geom.Vec{}) }
	default:
		return false
	}
	return true
}

func planeOnPlane(r *Relation, o *Rows, a, b, _ *view) {
	o.align(a, b, r.Sense)
	o.along(a, b, a.Z, r.Value)
}

// axisInPlane asks 2: b's axis is square to the plane's normal and meets the plane.
func axisInPlane(o *Rows, a, b *view) {
	o.openAngle(a, b, math.Pi/2)
	o.along(a, b, a.Z, 0)
}

func pointOnAxis(o *Rows, a, b *view) {
	o.along(a, b, a.X, 0)
	o.along(a, b, a.Y, 0)
}

func pointOnPoint(o *Rows, a, b *view, off geom.Vec) {
	o.along(a, b, a.X, off.X)
	o.along(a, b, a.Y, off.Y)
	o.along(a, b, a.Z, off.Z)
}

func concentric(sp *Spec, r *Relation) bool {
	r.rows = func(r *Relation, o *Rows, a, b, _ *view) {
		o.align(a, b, r.Sense)
		pointOnAxis(o, a, b)
	}
	return sp.A.F.HasAxis() && sp.B.F.HasAxis()
}

func rim(sp *Spec, r *Relation) bool {
	if sp.Gap != nil {
		r.Gap = *sp.Gap
	}
	r.rows = func(r *Relation, o *Rows, a, b, _ *view) {
		o.align(a, b, r.Sense)
		pointOnPoint(o, a, b, geom.V(0, 0, r.Gap))
	}
	return sp.A.F.Kind == part.Circle && sp.B.F.Kind == part.Circle
}

func distance(sp *Spec, r *Relation) bool {
	if sp.Value == nil {
		return false
	}
	a, b := sp.A.F, sp.B.F
	zero := r.Value == 0
	signed := false
	switch {
	case a.Kind == part.Plane && b.Kind == part.Plane:
		r.rows, signed = planeOnPlane, true
	case a.Kind == part.Plane && b.IsPoint():
		r.rows, signed = func(r *Relation, o *Rows, a, b, _ *view) { o.along(a, b, a.Z, r.Value) }, true
	case b.Kind == part.Plane && a.IsPoint():
		r.rows, signed = func(r *Relation, o *Rows, a, b, _ *view) { o.along(b, a, b.Z, r.Value) }, true
	case a.IsAxis() && b.IsAxis():
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.axesApart(a, b, r.Value, r.Side) }
	case zero && a.IsAxis() && b.IsPoint(), zero && b.IsAxis() && a.IsPoint(), zero && a.IsPoint() && b.IsPoint():
		return coincident(sp, r)
	case a.IsAxis() && b.IsPoint():
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.fromAxis(a, b, r.Value) }
	case b.IsAxis() && a.IsPoint():
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.fromAxis(b, a, r.Value) }
	case a.IsPoint() && b.IsPoint():
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.between(a, b, r.Value) }
	default:
		return false
	}
	return signed || r.Value >= 0
}

func angle(sp *Spec, r *Relation) bool {
	a, b := sp.A.F, sp.B.F
	if sp.Value == nil || !a.HasDirection() || !b.HasDirection() {
		return false
	}
	r.Value *= math.Pi / 180
	if r.HasAbout {
		r.rows = func(r *Relation, o *Rows, a, b, c *view) {
			row := o.add(true)
			row.R = Wrap(row.turnAbout(c, c.Z, a, a.Z, b, b.Z) - r.Value)
			row.scale(AngleWeight)
		}
		return sp.About.F.HasDirection()
	}
	switch *sp.Value {
	case 0:
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.align(a, b, 1) }
	case 180:
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.align(a, b, -1) }
	default:
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.openAngle(a, b, r.Value) }
	}
	return *sp.Value >= 0 && *sp.Value <= 180
}

func parallel(sp *Spec, r *Relation) bool {
	r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.align(a, b, r.Sense) }
	return sp.A.F.HasDirection() && sp.B.F.HasDirection()
}

func perpendicular(sp *Spec, r *Relation) bool {
	r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.openAngle(a, b, math.Pi/2) }
	return sp.A.F.HasDirection() && sp.B.F.HasDirection()
}

// fastened puts frame b on frame a, shifted by the offset in a and turned about a's z.
func fastened(sp *Spec, r *Relation) bool {
	if !sp.A.F.HasFrame() || !sp.B.F.HasFrame() {
		return false
	}
	fr := r.A.Frame
	if sp.Offset != nil {
		o := *sp.Offset
		fr.O = fr.O.AddScaled(o.X, fr.X).AddScaled(o.Y, fr.Y).AddScaled(o.Z, fr.Z)
	}
	if sp.Turn != nil {
		q := geom.Exp(fr.Z.Scale(*sp.Turn * math.Pi / 180))
		fr.X, fr.Y = q.Rotate(fr.X), q.Rotate(fr.Y)
	}
	r.A.Frame = fr
	r.rows = func(r *Relation, o *Rows, a, b, _ *view) {
		pointOnPoint(o, a, b, geom.Vec{})
		o.sameTurn(a, b)
	}
	return true
}
