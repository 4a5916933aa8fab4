package geom

import (
	"math"

	"setfast/core/tol"
)

// Quat is a rotation as a unit quaternion, scalar first.
type Quat struct{ W, X, Y, Z float64 }

// Identity is the rotation that turns nothing.
var Identity = Quat{W: 1}

// Mul is the rotation q after p, that is x ↦ q(p(x)).
func (q Quat) Mul(p Quat) Quat {
	return Quat{
		q.W*p.W - q.X*p.X - q.Y*p.Y - q.Z*p.Z,
		q.W*p.X + q.X*p.W + q.Y*p.Z - q.Z*p.Y,
		q.W*p.Y - q.X*p.Z + q.Y*p.W + q.Z*p.X,
		q.W*p.Z + q.X*p.Y - q.Y*p.X + q.Z*p.W,
	}
}

// Conj is the opposite rotation.
func (q Quat) Conj() Quat { return Quat{q.W, -q.X, -q.Y, -q.Z} }

// Rotate turns v by q.
func (q Quat) Rotate(v Vec) Vec {
	u := Vec{q.X, q.Y, q.Z}
	t := u.Cross(v).Scale(2)
	return v.AddScaled(q.W, t).Add(u.Cross(t))
}

// Axes gives the directions that x, y and z are turned to.
func (q Quat) Axes() (x, y, z Vec) {
	xx, yy, zz := q.X*q.X, q.Y*q.Y, q.Z*q.Z
	xy, xz, yz := q.X*q.Y, q.X*q.Z, q.Y*q.Z
	wx, wy, wz := q.W*q.X, q.W*q.Y, q.W*q.Z
	return Vec{1 - 2*(yy+zz), 2 * (xy + wz), 2 * (xz - wy)},
		Vec{2 * (xy - wz), 1 - 2*(xx+zz), 2 * (yz + wx)},
		Vec{2 * (xz + wy), 2 * (yz - wx), 1 - 2*(xx+yy)}
}

// Norm is the quaternion's length.
func (q Quat) Norm() float64 { return math.Sqrt(q.W*q.W + q.X*q.X + q.Y*q.Y + q.Z*q.Z) }

// Unit scales q to length one; a zero quaternion gives the identity.
func (q Quat) Unit() Quat {
	n := q.Norm()
	if n == 0 || math.IsNaN(n) || math.IsInf(n, 0) {
		return Identity
	}
	return Quat{q.W / n, q.X / n, q.Y / n, q.Z / n}
}

// Read is Unit for a quaternion that was written down: one that has length one already, but for rounding, stays as it is, so that
// a pose written and read again is the same to the last digit.
func (q Quat) Read() Quat {
	if math.Abs(q.Norm()-1) < tol.UnitAlready {
		return q
	}
	return q.Unit()
}

// Exp is the rotation by |w| radians about w.
func Exp(w Vec) Quat {
	a := w.Norm()
	s := 0.5
	if a > tol.NoRotation {
		s = math.Sin(a/2) / a
	}
	return Quat{math.Cos(a / 2), w.X * s, w.Y * s, w.Z * s}.Unit()
}

// Log is the rotation vector of q, its angle within ±π.
func (q Quat) Log() Vec {
	if q.W < 0 {
		q = Quat{-q.W, -q.X, -q.Y, -q.Z}
	}
	v := Vec{q.X, q.Y, q.Z}
	s := v.Norm()
	if s == 0 {
		return v.Scale(2)
	}
	return v.Scale(2 * math.Atan2(s, q.W) / s)
}

// FromAxes is the rotation that takes the axes of space to the orthonormal x, y, z.
func FromAxes(x, y, z Vec) Quat {
	tr := x.X + y.Y + z.Z
	switch {
	case tr > 0:
		s := math.Sqrt(tr+1) * 2
		return Quat{s / 4, (y.Z - z.Y) / s, (z.X - x.Z) / s, (x.Y - y.X) / s}.Unit()
	case x.X > y.Y && x.X > z.Z:
		s := math.Sqrt(1+x.X-y.Y-z.Z) * 2
		return Quat{(y.Z - z.Y) / s, s / 4, (y.X + x.Y) / s, (z.X + x.Z) / s}.Unit()
	case y.Y > z.Z:
		s := math.Sqrt(1+y.Y-x.X-z.Z) * 2
		return Quat{(z.X - x.Z) / s, (y.X + x.Y) / s, s / 4, (z.Y + y.Z) / s}.Unit()
	default:
		s := math.Sqrt(1+z.Z-x.X-y.Y) * 2
		return Quat{(x.Y - y.X) / s, (z.X + x.Z) / s, (z.Y + y.Z) / s, s / 4}.Unit()
	}
}
