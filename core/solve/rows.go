package solve

import (
	"math"

	"setfast/core/geom"
)

// AngleWeight turns a miss in radians into millimetres: lengths and directions meet in one residual.
const AngleWeight = 50.0

// Row is one scalar equation at the present poses: its residual and how it changes with the bodies' small motions.
// A body's motion is six numbers: its slide, then its turn times its size, both in mm.
type Row struct {
	R       float64
	Angular bool // R was an angle in radians before the weight
	N       int
	Body    [4]int
	G       [4][6]float64
}

// view is a feature where its body stands now.
type view struct {
	body    int // -1: does not move
	c       geom.Vec
	invSize float64
	geom.Frame
	across *view // the frame is the body's own, mirrored in this plane
}

// block finds or opens the row's place for a body.
func (r *Row) block(body int) *[6]float64 {
	for i := 0; i < r.N; i++ {
		if r.Body[i] == body {
			return &r.G[i]
		}
	}
	r.Body[r.N] = body
	r.G[r.N] = [6]float64{}
	r.N++
	return &r.G[r.N-1]
}

// point says that the row changes by g·dp when the point p of the body moves by dp.
func (r *Row) point(v *view, p, g geom.Vec) {
	if v.across != nil {
		r.mirroredPoint(v, p, g)
		return
	}
	if v.body < 0 {
		return
	}
	b := r.block(v.body)
	b[0] += g.X
	b[1] += g.Y
	b[2] += g.Z
	v.turn(b, p.Sub(v.c).Cross(g))
}

// dir says that the row changes by g·dd when the direction d of the body changes by dd.
func (r *Row) dir(v *view, d, g geom.Vec) {
	if v.across != nil {
		r.mirroredDir(v, d, g)
		return
	}
	r.spin(v, d.Cross(g))
}

// mirroredPoint: p is the image of a point q of the body in a plane that may move itself.
func (r *Row) mirroredPoint(v *view, p, g geom.Vec) {
	m := v.across
	n := m.Z
	q := p.AddScaled(-2*p.Sub(m.O).Dot(n), n)
	own := *v
	own.across = nil
	gn := g.Dot(n)
	h := q.Sub(m.O)
	r.point(&own, q, g.AddScaled(-2*gn, n))
	r.point(m, m.O, n.Scale(2*gn))
	r.dir(m, n, g.Scale(-2*h.Dot(n)).AddScaled(-2*gn, h))
}

// mirroredDir: d is the image of a direction of the body.
func (r *Row) mirroredDir(v *view, d, g geom.Vec) {
	m := v.across
	n := m.Z
	e := d.AddScaled(-2*d.Dot(n), n)
	own := *v
	own.across = nil
	gn := g.Dot(n)
	r.dir(&own, e, g.AddScaled(-2*gn, n))
	r.dir(m, n, g.Scale(-2*e.Dot(n)).AddScaled(-2*gn, e))
}

// spin says that the row changes by g·w when the body turns by w.
func (r *Row) spin(v *view, g geom.Vec) {
	if v.body >= 0 {
		v.turn(r.block(v.body), g)
	}
}

func (v *view) turn(b *[6]float64, g geom.Vec) {
	b[3] += g.X * v.invSize
	b[4] += g.Y * v.invSize
	b[5] += g.Z * v.invSize
}

func (r *Row) scale(s float64) {
	r.R *= s
	for i := 0; i < r.N; i++ {
		for k := range r.G[i] {
			r.G[i][k] *= s
		}
	}
}

// Rows collects the equations of a relation. It is reused, so that evaluation allocates nothing.
type Rows struct {
	list []Row
	only int // the one body whose motion counts, or −1

	a, b, c view // the features at hand
}

// List is what was last evaluated.
func (rs *Rows) List() []Row { return rs.list }

func (rs *Rows) add(angular bool) *Row {
	if len(rs.list) < cap(rs.list) {
		rs.list = rs.list[:len(rs.list)+1]
		r := &rs.list[len(rs.list)-1]
		r.R, r.Angular, r.N = 0, angular, 0
		return r
	}
	rs.list = append(rs.list, Row{Angular: angular})
	return &rs.list[len(rs.list)-1]
}

// The equations that relations are made of. Each states its residual and its exact derivative.

// along asks that pb lie at height h over pa, measured along n, which moves with a.
func (rs *Rows) along(a, b *view, n geom.Vec, h float64) {
	r := rs.add(false)
	d := b.O.Sub(a.O)
	r.R = d.Dot(n) - h
	r.point(b, b.O, n)
	r.point(a, a.O, n.Neg())
	r.dir(a, n, d)
}

// align asks that b's z point along a's (s = 1) or against it (s = -1). The two residuals are the parts,
// along a's x and y, of the turn that would bring b's direction home, so they are honest angles however far it is off.
func (rs *Rows) align(a, b *view, s float64) {
	d := b.Z.Scale(s)
	c := clamp1(a.Z.Dot(d))
	cr := d.Cross(a.Z)
	if c < 0 && cr.Norm() < 1e-7 {
		// exactly the wrong way round: any turn will do, a's x is taken
		for i, ax := range [2]geom.Vec{a.X, a.Y} {
			r := rs.add(true)
			if i == 0 {
				r.R = math.Pi
			}
			r.spin(b, ax.Neg())
			r.spin(a, ax)
			r.scale(AngleWeight)
		}
		return
	}
	th := math.Atan2(cr.Norm(), c)
	f, df := 1.0, -1.0/3
	if th > 1e-4 {
		sn := math.Sin(th)
		f = th / sn
		df = -(sn - th*math.Cos(th)) / (sn * sn * sn)
	} else {
		f += th * th / 6
	}
	for _, ax := range [2]geom.Vec{a.X, a.Y} {
		r := rs.add(true)
		u := cr.Dot(ax)
		r.R = f * u
		r.dir(b, b.Z, a.Z.Scale(df*u).Add(a.Z.Cross(ax).Scale(f)).Scale(s))
		r.dir(a, a.Z, d.Scale(df*u).Add(ax.Cross(d).Scale(f)))
		r.dir(a, ax, cr.Scale(f))
		r.scale(AngleWeight)
	}
}

// sameTurn asks that b's axes stand as a's do: the turn between them vanishes. keep picks which of its parts along a's x, y, z.
func (rs *Rows) sameTurn(a, b *view) {
	qa, qb := geom.FromAxes(a.X, a.Y, a.Z), geom.FromAxes(b.X, b.Y, b.Z)
	phi := qa.Conj().Mul(qb).Log()
	th := phi.Norm()
	k := 1.0 / 12
	if th > 1e-3 {
		k = 1/(th*th) - (1+math.Cos(th))/(2*th*math.Sin(th))
		if math.IsInf(k, 0) || math.IsNaN(k) {
			k = 1 / (th * th)
		}
	}
	unit := [3]geom.Vec{{X: 1}, {Y: 1}, {Z: 1}}
	for i, v := range phi.Array() {
		// row i of the inverse left Jacobian of the rotation group, brought to space
		e := unit[i]
		g := e.Add(phi.Cross(e).Scale(0.5)).Add(phi.Cross(phi.Cross(e)).Scale(k))
		w := a.X.Scale(g.X).Add(a.Y.Scale(g.Y)).Add(a.Z.Scale(g.Z))
		r := rs.add(true)
		r.R = v
		r.spin(b, w)
		r.spin(a, w.Neg())
		r.scale(AngleWeight)
	}
}

// between asks that two points be v apart.
func (rs *Rows) between(a, b *view, v float64) {
	r := rs.add(false)
	d := b.O.Sub(a.O)
	n := d.Norm()
	u := geom.V(1, 0, 0)
	if n > 1e-12 {
		u = d.Scale(1 / n)
	}
	r.R = n - v
	r.point(b, b.O, u)
	r.point(a, a.O, u.Neg())
}

// fromAxis asks that b's point be v away from a's axis.
func (rs *Rows) fromAxis(a, b *view, v float64) {
	r := rs.add(false)
	d := b.O.Sub(a.O)
	e := d.Reject(a.Z)
	n := e.Norm()
	u := a.X
	if n > 1e-12 {
		u = e.Scale(1 / n)
	}
	r.R = n - v
	r.point(b, b.O, u)
	r.point(a, a.O, u.Neg())
	r.dir(a, a.Z, u.Scale(-d.Dot(a.Z)))
}

// axisGap is the signed shortest distance of two axes that are not parallel.
func axisGap(a, b *view) (gap float64, n geom.Vec, skew bool) {
	n = a.Z.Cross(b.Z)
	s := n.Norm()
	if s < 1e-6 {
		return b.O.Sub(a.O).Reject(a.Z).Norm(), geom.Vec{}, false
	}
	n = n.Scale(1 / s)
	return b.O.Sub(a.O).Dot(n), n, true
}

// axesApart asks that the shortest distance of two axes be v, on the given side; parallel axes are measured from b's origin.
func (rs *Rows) axesApart(a, b *view, v, side float64) {
	gap, n, skew := axisGap(a, b)
	if !skew {
		rs.fromAxis(a, b, v)
		return
	}
	r := rs.add(false)
	r.R = side*gap - v
	q := b.O.Sub(a.O).AddScaled(-gap, n).Scale(side / a.Z.Cross(b.Z).Norm())
	r.point(b, b.O, n.Scale(side))
	r.point(a, a.O, n.Scale(-side))
	r.dir(a, a.Z, b.Z.Cross(q))
	r.dir(b, b.Z, q.Cross(a.Z))
}

// openAngle asks that the directions open by v radians, 0 to π, whichever way round.
func (rs *Rows) openAngle(a, b *view, v float64) {
	r := rs.add(true)
	cr := a.Z.Cross(b.Z)
	s := cr.Norm()
	r.R = math.Atan2(s, a.Z.Dot(b.Z)) - v
	if s > 1e-9 {
		r.dir(a, a.Z, b.Z.Scale(-1/s))
		r.dir(b, b.Z, a.Z.Scale(-1/s))
	} else {
		// parallel now: any way of opening will do
		sg := 1.0
		if a.Z.Dot(b.Z) < 0 {
			sg = -1
		}
		r.spin(b, a.X.Scale(sg))
		r.spin(a, a.X.Scale(-sg))
	}
	r.scale(AngleWeight)
}

// turnAbout is the angle from u to w about n, each given with the view it moves with; it states the value, never the wrap.
func (r *Row) turnAbout(vn *view, n geom.Vec, vu *view, u geom.Vec, vw *view, w geom.Vec) float64 {
	un, wn := n.Dot(u), n.Dot(w)
	s := n.Dot(u.Cross(w))
	c := u.Dot(w) - un*wn
	q := s*s + c*c
	if q < 1e-18 {
		return 0
	}
	ks, kc := c/q, -s/q
	r.dir(vn, n, u.Cross(w).Scale(ks).Sub(u.Scale(kc*wn)).Sub(w.Scale(kc*un)))
	r.dir(vu, u, w.Cross(n).Scale(ks).Add(w.AddScaled(-wn, n).Scale(kc)))
	r.dir(vw, w, n.Cross(u).Scale(ks).Add(u.AddScaled(-un, n).Scale(kc)))
	return math.Atan2(s, c)
}

func clamp1(x float64) float64 { return math.Max(-1, math.Min(1, x)) }

// Wrap brings an angle in radians within ±π.
func Wrap(a float64) float64 { return math.Remainder(a, 2*math.Pi) }
