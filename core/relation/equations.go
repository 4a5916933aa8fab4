package relation

import (
	"math"

	"setfast/core/geom"
	"setfast/core/tol"
)

// The equations that relations are made of. Each states its residual and its exact derivative.

// along asks that pb lie at height h over pa, measured along n, which moves with a.
func (rs *Rows) along(a, b *View, n geom.Vec, h float64) {
	r := rs.add(false)
	d := b.O.Sub(a.O)
	r.R = d.Dot(n) - h
	if !plain(a, b) {
		r.point(b, b.O, n)
		r.point(a, a.O, n.Neg())
		r.dir(a, n, d)
		return
	}
	r.push(b, n, b.O.Sub(b.Centre).Cross(n))
	r.push(a, n.Neg(), n.Cross(b.O.Sub(a.Centre))) // as if b's point were on a
}

// align asks that b's z point along a's (s = 1) or against it (s = -1). The two residuals are the parts,
// along a's x and y, of the turn that would bring b's direction home, so they are honest angles however far it is off.
func (rs *Rows) align(a, b *View, s float64) {
	d := b.Z.Scale(s)
	c := clamp1(a.Z.Dot(d))
	cr := d.Cross(a.Z)
	if c < 0 && cr.Norm() < tol.ExactlyOpposed {
		// exactly the wrong way round: any turn will do, a's x is taken
		for i, ax := range [2]geom.Vec{a.X, a.Y} {
			r := rs.add(true)
			if i == 0 {
				r.R = math.Pi
			}
			r.spin(b, ax.Neg())
			r.spin(a, ax)
			r.scale(tol.AngleWeight)
		}
		return
	}
	f, df := bend(cr.Norm(), c)
	// from the turn of b's direction to that of the residual; a's turn does the opposite
	along := cr.Scale(df)
	for i, ax := range [2]geom.Vec{a.X, a.Y} {
		r := rs.add(true)
		u := cr.Dot(ax)
		r.R = f * u * tol.AngleWeight
		if !plain(a, b) {
			r.dir(b, b.Z, a.Z.Scale(df*u).Add(a.Z.Cross(ax).Scale(f)).Scale(s))
			r.dir(a, a.Z, d.Scale(df*u).Add(ax.Cross(d).Scale(f)))
			r.dir(a, ax, cr.Scale(f))
			r.R = f * u
			r.scale(tol.AngleWeight)
			continue
		}
		w := d.Cross(a.Y) // a's z turns its x into its y, and its y into its x the other way round
		if i == 1 {
			w = a.X.Cross(d)
		}
		w = along.Scale(u).AddScaled(f, w).Scale(tol.AngleWeight)
		r.push(b, geom.Vec{}, w)
		r.push(a, geom.Vec{}, w.Neg())
	}
}

// bend is θ/sin θ of an angle with sine s, not less than nothing, and cosine c, and its derivative over the cosine.
func bend(s, c float64) (f, df float64) {
	if c > 0 && s < tol.SmallTurn {
		return 1 + s*s/6, -1.0 / 3
	}
	th := math.Atan2(s, c)
	sn := math.Sin(th)
	return th / sn, -(sn - th*math.Cos(th)) / (sn * sn * sn)
}

// plain tells that what two features are of is not mirrored, and not the same.
func plain(a, b *View) bool { return a.across == nil && b.across == nil && a.Body != b.Body }

// sameTurn asks that b's axes stand as a's do: the turn between them vanishes. keep picks which of its parts along a's x, y, z.
func (rs *Rows) sameTurn(a, b *View) {
	qa, qb := geom.FromAxes(a.X, a.Y, a.Z), geom.FromAxes(b.X, b.Y, b.Z)
	phi := qa.Conj().Mul(qb).Log()
	th := phi.Norm()
	k := 1.0 / 12
	if th > tol.SmallRotation {
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
		r.scale(tol.AngleWeight)
	}
}

// between asks that two points be v apart.
func (rs *Rows) between(a, b *View, v float64) {
	r := rs.add(false)
	d := b.O.Sub(a.O)
	n := d.Norm()
	u := geom.V(1, 0, 0)
	if n > tol.NoDistance {
		u = d.Scale(1 / n)
	}
	r.R = n - v
	r.point(b, b.O, u)
	r.point(a, a.O, u.Neg())
}

// fromAxis asks that b's point be v away from a's axis.
func (rs *Rows) fromAxis(a, b *View, v float64) {
	r := rs.add(false)
	d := b.O.Sub(a.O)
	e := d.Reject(a.Z)
	n := e.Norm()
	u := a.X
	if n > tol.NoDistance {
		u = e.Scale(1 / n)
	}
	r.R = n - v
	r.point(b, b.O, u)
	r.point(a, a.O, u.Neg())
	r.dir(a, a.Z, u.Scale(-d.Dot(a.Z)))
}

// axisGap is the signed shortest distance of two axes that are not parallel.
func axisGap(a, b *View) (gap float64, n geom.Vec, skew bool) {
	n = a.Z.Cross(b.Z)
	s := n.Norm()
	if s < tol.ParallelAxes {
		return b.O.Sub(a.O).Reject(a.Z).Norm(), geom.Vec{}, false
	}
	n = n.Scale(1 / s)
	return b.O.Sub(a.O).Dot(n), n, true
}

// axesApart asks that the shortest distance of two axes be v, on the given side; parallel axes are measured from b's origin.
func (rs *Rows) axesApart(a, b *View, v, side float64) {
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
func (rs *Rows) openAngle(a, b *View, v float64) {
	r := rs.add(true)
	cr := a.Z.Cross(b.Z)
	s := cr.Norm()
	r.R = math.Atan2(s, a.Z.Dot(b.Z)) - v
	if s > tol.NoAngle {
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
	r.scale(tol.AngleWeight)
}

// squareXY asks that a's x and b's y stand square, as the cross of a universal joint does.
func (rs *Rows) squareXY(a, b *View) {
	va, vb := *a, *b
	va.Frame = geom.Frame{O: a.O, X: a.Y, Y: a.Z, Z: a.X}
	vb.Frame = geom.Frame{O: b.O, X: b.Z, Y: b.X, Z: b.Y}
	rs.openAngle(&va, &vb, halfTurn/2)
}

// height is how far b's origin stands along n, which moves with a.
func (r *Row) height(a, b *View, n geom.Vec) float64 {
	d := b.O.Sub(a.O)
	r.point(b, b.O, n)
	r.point(a, a.O, n.Neg())
	r.dir(a, n, d)
	return d.Dot(n)
}

// turnAbout is the angle from u to w about n, each given with the View it moves with; it states the value, never the wrap.
func (r *Row) turnAbout(vn *View, n geom.Vec, vu *View, u geom.Vec, vw *View, w geom.Vec) float64 {
	un, wn := n.Dot(u), n.Dot(w)
	s := n.Dot(u.Cross(w))
	c := u.Dot(w) - un*wn
	q := s*s + c*c
	if q < tol.NoTurnSquared {
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
