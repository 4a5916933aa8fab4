package solve

import (
	"math"

	"setfast/core/geom"
	"setfast/core/part"
)

// tangent: the distance of planes, axes and centres that lets the surfaces just touch, outside or inside.
func tangent(sp *Spec, r *Relation) bool {
	a, b := sp.A.F, sp.B.F
	round := func(f part.Feature) bool { return f.Kind == part.Cylinder || f.Kind == part.Sphere }
	plane := func(f part.Feature) bool { return f.Kind == part.Plane }
	switch {
	case plane(a) && round(b), plane(b) && round(a):
		q, turned := b, plane(b)
		if turned {
			q = a
		}
		r.Value = q.Radius
		if sp.Side == "inside" {
			r.Value = -q.Radius
		}
		order := func(a, b *view) (*view, *view) {
			if turned {
				return b, a
			}
			return a, b
		}
		if sp.Side == "" || sp.Side == "nearest" {
			r.begin = func(a, b *view) {
				p, c := order(a, b)
				if c.O.Sub(p.O).Dot(p.Z) < 0 {
					r.Value = -q.Radius
				}
			}
		}
		axis := q.Kind == part.Cylinder
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) {
			p, c := order(a, b)
			if axis {
				o.openAngle(p, c, math.Pi/2)
			}
			o.along(p, c, p.Z, r.Value)
		}
		return true
	case round(a) && round(b):
		out, in := a.Radius+b.Radius, math.Abs(a.Radius-b.Radius)
		var gap func(a, b *view) float64
		switch {
		case a.Kind == part.Sphere && b.Kind == part.Sphere:
			gap = func(a, b *view) float64 { return b.O.Sub(a.O).Norm() }
			r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.between(a, b, r.Value) }
		case a.Kind == part.Cylinder && b.Kind == part.Sphere:
			gap = func(a, b *view) float64 { return b.O.Sub(a.O).Reject(a.Z).Norm() }
			r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.fromAxis(a, b, r.Value) }
		case a.Kind == part.Sphere:
			gap = func(a, b *view) float64 { return a.O.Sub(b.O).Reject(b.Z).Norm() }
			r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.fromAxis(b, a, r.Value) }
		default:
			gap = func(a, b *view) float64 { g, _, _ := axisGap(a, b); return math.Abs(g) }
			r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.axesApart(a, b, r.Value, r.Side) }
		}
		r.Value = out
		switch {
		case sp.Side == "inside":
			r.Value = in
		case sp.Side == "outside":
		case a.Side == "hole" || b.Side == "hole":
			r.Value = in
		default:
			r.begin = func(a, b *view) {
				if g := gap(a, b); math.Abs(g-in) < math.Abs(g-out) {
					r.Value = in
				}
			}
		}
		return true
	}
	return false
}

// centred puts a middle plane on a middle plane, or an axis or a point in it. Pairs of faces come as their middle plane.
func centred(sp *Spec, r *Relation) bool {
	if sp.A.F.Kind != part.Plane {
		return false
	}
	b := sp.B.F
	switch {
	case b.Kind == part.Plane:
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) {
			o.align(a, b, r.Sense)
			o.along(a, b, a.Z, 0)
		}
	case b.IsAxis():
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { axisInPlane(o, a, b) }
	case b.IsPoint():
		r.rows = func(r *Relation, o *Rows, a, b, _ *view) { o.along(a, b, a.Z, 0) }
	default:
		return false
	}
	return true
}

// MidPlane is the plane half way between two faces of a part: between parallel ones the middle, else the plane that
// halves their angle.
func MidPlane(f, g part.Feature) (part.Feature, bool) {
	n := f.Z.Sub(g.Z)
	same := -1.0
	if f.Z.Dot(g.Z) > 0 {
		n, same = f.Z.Add(g.Z), 1
	}
	n = n.Unit()
	m := f.O.Add(g.O).Scale(0.5)
	// equally far from both: n·(o−f) = ∓ n·(o−g), with o = m + t n
	d := f.Z.Dot(m.Sub(f.O)) + same*g.Z.Dot(m.Sub(g.O))
	k := f.Z.Dot(n) + same*g.Z.Dot(n)
	if math.Abs(k) < 1e-9 {
		return part.Feature{}, false
	}
	return part.Feature{Kind: part.Plane, O: m.AddScaled(-d/k, n), Z: n}, f.Kind == part.Plane && g.Kind == part.Plane
}

// symmetric asks that b be a's image in the plane about.
func symmetric(sp *Spec, r *Relation) bool {
	if sp.About == nil || sp.About.F.Kind != part.Plane {
		return false
	}
	planes := sp.A.F.Kind == part.Plane && sp.B.F.Kind == part.Plane
	if !planes && (!sp.A.F.IsPoint() || !sp.B.F.IsPoint()) {
		return false
	}
	r.rows = func(r *Relation, o *Rows, a, b, c *view) {
		m := mirrored(a, c)
		if planes {
			o.align(&m, b, r.Sense)
			o.along(&m, b, m.Z, 0)
			return
		}
		pointOnPoint(o, &m, b, geom.Vec{})
	}
	return true
}

func mirrored(v, plane *view) view {
	m := *v
	m.across = plane
	n := plane.Z
	flip := func(d geom.Vec) geom.Vec { return d.AddScaled(-2*d.Dot(n), n) }
	m.O = v.O.AddScaled(-2*v.O.Sub(plane.O).Dot(n), n)
	m.X, m.Y, m.Z = flip(v.X), flip(v.Y), flip(v.Z)
	return m
}

// holdSpin holds the turn of b against a about a's axis, at a value or where it starts.
func holdSpin(sp *Spec, r *Relation) bool {
	if !sp.A.F.HasAxis() || !sp.B.F.HasAxis() {
		return false
	}
	r.Value *= math.Pi / 180
	if sp.Value == nil {
		r.begin = func(a, b *view) {
			var row Row
			r.Value = row.turnAbout(a, a.Z, a, a.X, b, b.X)
		}
	}
	r.rows = func(r *Relation, o *Rows, a, b, _ *view) {
		row := o.add(true)
		row.R = Wrap(row.turnAbout(a, a.Z, a, a.X, b, b.X) - r.Value)
		row.scale(AngleWeight)
	}
	return true
}

// helical slides along a's z by its lead for each turn. Its angle is read off the slide, so it counts turns by itself.
func helical(sp *Spec, r *Relation) bool {
	if sp.Lead == nil || *sp.Lead == 0 || !sp.A.F.HasFrame() || !sp.B.F.HasFrame() {
		return false
	}
	perTurn := 2 * math.Pi / *sp.Lead
	r.lead = *sp.Lead
	r.rows = func(r *Relation, o *Rows, a, b, _ *view) {
		o.align(a, b, 1)
		pointOnAxis(o, a, b)
		row := o.add(false)
		k := -r.lead / (2 * math.Pi)
		angle := row.turnAbout(a, a.Z, a, a.X, b, b.X)
		row.scale(k)
		slide := row.height(a, b, a.Z)
		row.R = math.Remainder(slide+k*angle, r.lead)
	}
	r.Coordinates = []Coordinate{{"angle", true, func(row *Row, a, b *view) float64 {
		v := row.height(a, b, a.Z)
		row.scale(perTurn)
		return v * perTurn
	}}}
	return true
}
