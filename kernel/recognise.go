package kernel

import (
	"math"

	"setfast/core/dense"
	"setfast/core/geom"
)

// fitTol is how far samples may lie off a surface, relative to the part's size, for it to count as that surface.
const fitTol = 1e-7

// recognise tries to read a free-form face as a plane, cylinder, cone, sphere or torus, from samples of points with
// outward normals. Many files store such surfaces as splines.
func recognise(f *Face, samples [][6]float64, size float64) {
	pts, ns := make([]geom.Vec, len(samples)), make([]geom.Vec, len(samples))
	for i, s := range samples {
		pts[i], ns[i] = geom.V(s[0], s[1], s[2]), geom.V(s[3], s[4], s[5])
	}
	tol := fitTol * math.Max(size, 1e-6)
	for _, try := range []func(*Face, []geom.Vec, []geom.Vec, float64) bool{fitPlane, fitSphere, fitCylinder, fitCone, fitTorus} {
		g := *f
		if try(&g, pts, ns, tol) {
			*f = g
			return
		}
	}
}

func mean(v []geom.Vec) geom.Vec {
	var m geom.Vec
	for _, x := range v {
		m = m.Add(x)
	}
	return m.Scale(1 / float64(len(v)))
}

func fitPlane(f *Face, pts, ns []geom.Vec, tol float64) bool {
	n := mean(ns).Unit()
	o := mean(pts)
	for i, p := range pts {
		if math.Abs(p.Sub(o).Dot(n)) > tol || ns[i].Dot(n) < 1-1e-9 {
			return false
		}
	}
	f.Kind = "plane"
	f.At, f.Normal = o.AddScaled(f.At.Sub(o).Dot(n), n), n
	return true
}

// fitSphere: p + r·n meets in one point, r signed.
func fitSphere(f *Face, pts, ns []geom.Vec, tol float64) bool {
	// |p|² = 2 p·c + (r² − |c|²): linear in c and one more
	o := mean(pts)
	a := dense.New(len(pts), 4)
	b := make([]float64, len(pts))
	for i, p := range pts {
		q := p.Sub(o)
		copy(a.Row(i), []float64{2 * q.X, 2 * q.Y, 2 * q.Z, 1})
		b[i] = q.Dot(q)
	}
	x := dense.LeastSquares(a, b, 1e-9)
	c := geom.V(x[0], x[1], x[2])
	r := math.Sqrt(math.Max(0, x[3]+c.Dot(c)))
	c = c.Add(o)
	if r <= 0 || r > 1e3*tol/fitTol {
		return false
	}
	for i, p := range pts {
		d := p.Sub(c)
		if math.Abs(d.Norm()-r) > tol || math.Abs(math.Abs(d.Unit().Dot(ns[i]))-1) > 1e-7 {
			return false
		}
	}
	f.Kind, f.Origin, f.Radius = "sphere", c, r
	return true
}

// axisOfNormals is the direction to which all normals make the same angle: the one in which they vary least.
func axisOfNormals(ns []geom.Vec) (axis geom.Vec, slope float64, ok bool) {
	m := mean(ns)
	a := dense.New(3, len(ns))
	for i, n := range ns {
		d := n.Sub(m)
		a.Set(0, i, d.X)
		a.Set(1, i, d.Y)
		a.Set(2, i, d.Z)
	}
	u, s, _ := dense.SVD(a)
	if s[1] < 1e-6*math.Sqrt(float64(len(ns))) || s[2] > 1e-6*s[0] {
		return axis, 0, false
	}
	axis = geom.V(u.At(0, 2), u.At(1, 2), u.At(2, 2))
	return axis, m.Dot(axis), true
}

// fitCircleOn fits a circle to points seen along an axis; it returns a point on the axis and the radius.
func fitCircleOn(pts []geom.Vec, axis geom.Vec) (c geom.Vec, r float64) {
	x := axis.Perp()
	y := axis.Cross(x)
	o := mean(pts)
	a := dense.New(len(pts), 3)
	b := make([]float64, len(pts))
	for i, p := range pts {
		q := p.Sub(o)
		u, v := q.Dot(x), q.Dot(y)
		copy(a.Row(i), []float64{2 * u, 2 * v, 1})
		b[i] = u*u + v*v
	}
	s := dense.LeastSquares(a, b, 1e-9)
	r = math.Sqrt(math.Max(0, s[2]+s[0]*s[0]+s[1]*s[1]))
	return o.AddScaled(s[0], x).AddScaled(s[1], y), r
}

func fitCylinder(f *Face, pts, ns []geom.Vec, tol float64) bool {
	axis, slope, ok := axisOfNormals(ns)
	if !ok || math.Abs(slope) > 1e-6 {
		return false
	}
	c, r := fitCircleOn(pts, axis)
	if r <= 0 {
		return false
	}
	lo, hi := math.Inf(1), math.Inf(-1)
	for _, p := range pts {
		d := p.Sub(c)
		if math.Abs(d.Reject(axis).Norm()-r) > tol {
			return false
		}
		lo, hi = math.Min(lo, d.Dot(axis)), math.Max(hi, d.Dot(axis))
	}
	f.Kind, f.Origin, f.Axis, f.Radius, f.From, f.To = "cylinder", c, axis, r, lo, hi
	return true
}

func fitCone(f *Face, pts, ns []geom.Vec, tol float64) bool {
	axis, slope, ok := axisOfNormals(ns)
	if !ok || math.Abs(slope) < 1e-6 || math.Abs(slope) > 1-1e-6 {
		return false
	}
	// every tangent plane passes through the apex: n·p = n·apex
	a := dense.New(len(pts), 3)
	b := make([]float64, len(pts))
	for i, n := range ns {
		copy(a.Row(i), []float64{n.X, n.Y, n.Z})
		b[i] = n.Dot(pts[i])
	}
	x := dense.LeastSquares(a, b, 1e-9)
	apex := geom.V(x[0], x[1], x[2])
	if mean(pts).Sub(apex).Dot(axis) < 0 {
		axis = axis.Neg()
	}
	half := math.Asin(math.Abs(slope))
	for _, p := range pts {
		d := p.Sub(apex)
		if math.Abs(d.Reject(axis).Norm()*math.Cos(half)-d.Dot(axis)*math.Sin(half)) > tol {
			return false
		}
	}
	f.Kind, f.Origin, f.Axis, f.HalfAngle = "cone", apex, axis, half*180/math.Pi
	return true
}

// fitTorus uses that every normal of a surface of revolution meets the axis: the axis has moments with (p × n, n) that vanish.
func fitTorus(f *Face, pts, ns []geom.Vec, tol float64) bool {
	o := mean(pts)
	a := dense.New(6, len(pts))
	scale := 0.0
	for _, p := range pts {
		scale = math.Max(scale, p.Sub(o).Norm())
	}
	if scale == 0 {
		return false
	}
	for i, n := range ns {
		m := pts[i].Sub(o).Scale(1 / scale).Cross(n)
		for k, v := range [6]float64{n.X, n.Y, n.Z, m.X, m.Y, m.Z} {
			a.Set(k, i, v)
		}
	}
	u, s, _ := dense.SVD(a)
	if s[5] > 1e-6*s[0] || s[4] < 1e-5*s[0] {
		return false
	}
	// line coordinates of the axis: direction is the part that meets moments
	d := geom.V(u.At(3, 5), u.At(4, 5), u.At(5, 5))
	mo := geom.V(u.At(0, 5), u.At(1, 5), u.At(2, 5))
	l := d.Norm()
	if l < 1e-6 || math.Abs(d.Dot(mo)) > 1e-6*l {
		return false
	}
	d, mo = d.Scale(1/l), mo.Scale(1/l)
	q := o.Add(d.Cross(mo).Scale(scale)) // a point on the axis
	// in the half plane beside the axis the points lie on a circle: rho² + z² linear in its centre
	b := dense.New(len(pts), 3)
	rhs := make([]float64, len(pts))
	for i, p := range pts {
		e := p.Sub(q)
		z := e.Dot(d)
		rho := e.Reject(d).Norm()
		copy(b.Row(i), []float64{2 * rho, 2 * z, 1})
		rhs[i] = rho*rho + z*z
	}
	x := dense.LeastSquares(b, rhs, 1e-9)
	minor := math.Sqrt(math.Max(0, x[2]+x[0]*x[0]+x[1]*x[1]))
	if x[0] <= 0 || minor <= 0 {
		return false
	}
	c := q.AddScaled(x[1], d)
	for _, p := range pts {
		e := p.Sub(c)
		if math.Abs(math.Hypot(e.Reject(d).Norm()-x[0], e.Dot(d))-minor) > tol*10 {
			return false
		}
	}
	f.Kind, f.Origin, f.Axis, f.Radius, f.Minor = "torus", c, d, x[0], minor
	return true
}

// recogniseEdge reads a free-form edge as a line or a circle from points along it.
func recogniseEdge(e *Edge, samples [][3]float64, size float64) {
	tol := fitTol * math.Max(size, 1e-6)
	pts := make([]geom.Vec, len(samples))
	for i, s := range samples {
		pts[i] = vec(s)
	}
	n := len(pts)
	if d := pts[n-1].Sub(pts[0]); d.Norm() > tol {
		u := d.Unit()
		straight := true
		for _, p := range pts {
			straight = straight && p.Sub(pts[0]).Reject(u).Norm() <= tol
		}
		if straight {
			e.Kind = "line"
			return
		}
	}
	o := mean(pts)
	a := dense.New(3, n)
	for i, p := range pts {
		d := p.Sub(o)
		a.Set(0, i, d.X)
		a.Set(1, i, d.Y)
		a.Set(2, i, d.Z)
	}
	u, s, _ := dense.SVD(a)
	if s[2] > tol*math.Sqrt(float64(n)) || s[1] < 1e-4*s[0] {
		return
	}
	axis := geom.V(u.At(0, 2), u.At(1, 2), u.At(2, 2))
	c, r := fitCircleOn(pts, axis)
	for _, p := range pts {
		if math.Abs(p.Sub(c).Norm()-r) > tol {
			return
		}
	}
	e.Kind, e.Origin, e.Axis, e.Radius = "circle", c, axis, r
	e.Full = pts[0].Sub(pts[n-1]).Norm() <= tol
}
