// Package geom holds the values of space: vectors, rotations, poses and frames.
// Right-handed, millimetres and radians throughout.
package geom

import "math"

// Vec is a point or a direction in space.
type Vec struct{ X, Y, Z float64 }

// V makes a vector of its three coordinates.
func V(x, y, z float64) Vec { return Vec{x, y, z} }

func (a Vec) Add(b Vec) Vec       { return Vec{a.X + b.X, a.Y + b.Y, a.Z + b.Z} }
func (a Vec) Sub(b Vec) Vec       { return Vec{a.X - b.X, a.Y - b.Y, a.Z - b.Z} }
func (a Vec) Scale(s float64) Vec { return Vec{a.X * s, a.Y * s, a.Z * s} }
func (a Vec) Neg() Vec            { return Vec{-a.X, -a.Y, -a.Z} }
func (a Vec) Dot(b Vec) float64   { return a.X*b.X + a.Y*b.Y + a.Z*b.Z }
func (a Vec) Norm() float64       { return math.Sqrt(a.Dot(a)) }
func (a Vec) AddScaled(s float64, b Vec) Vec {
	return Vec{a.X + s*b.X, a.Y + s*b.Y, a.Z + s*b.Z}
}

// Cross is the vector product a × b.
func (a Vec) Cross(b Vec) Vec {
	return Vec{a.Y*b.Z - a.Z*b.Y, a.Z*b.X - a.X*b.Z, a.X*b.Y - a.Y*b.X}
}

// Unit scales a to length one; the zero vector stays zero.
func (a Vec) Unit() Vec {
	// scaled first, so that very large and very small vectors neither overflow nor vanish
	m := max(math.Abs(a.X), max(math.Abs(a.Y), math.Abs(a.Z)))
	if m == 0 || math.IsInf(m, 0) || math.IsNaN(m) {
		return Vec{}
	}
	a = Vec{a.X / m, a.Y / m, a.Z / m}
	return a.Scale(1 / a.Norm())
}

// Perp is a unit vector at right angles to the unit vector a, always the same one for the same a.
func (a Vec) Perp() Vec {
	if math.Abs(a.X) <= math.Abs(a.Y) && math.Abs(a.X) <= math.Abs(a.Z) {
		return Vec{1, 0, 0}.Reject(a).Unit()
	}
	if math.Abs(a.Y) <= math.Abs(a.Z) {
		return Vec{0, 1, 0}.Reject(a).Unit()
	}
	return Vec{0, 0, 1}.Reject(a).Unit()
}

// Reject is a without its part along the unit vector d.
func (a Vec) Reject(d Vec) Vec { return a.AddScaled(-a.Dot(d), d) }

// Finite tells whether all coordinates are ordinary numbers.
func (a Vec) Finite() bool {
	s := a.X + a.Y + a.Z
	return !math.IsNaN(s) && !math.IsInf(s, 0)
}

// Array gives the coordinates in order.
func (a Vec) Array() [3]float64 { return [3]float64{a.X, a.Y, a.Z} }

// FromArray is the vector of three coordinates in order.
func FromArray(a [3]float64) Vec { return Vec{a[0], a[1], a[2]} }

// Slice gives the coordinates as a slice.
func (a Vec) Slice() []float64 { return []float64{a.X, a.Y, a.Z} }

// Least takes the lesser of each coordinate.
func (a Vec) Least(b Vec) Vec { return Vec{min(a.X, b.X), min(a.Y, b.Y), min(a.Z, b.Z)} }

// Most takes the greater of each coordinate.
func (a Vec) Most(b Vec) Vec { return Vec{max(a.X, b.X), max(a.Y, b.Y), max(a.Z, b.Z)} }
