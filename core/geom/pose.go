package geom

import "setfast/core/tol"

// Pose is where a rigid body is: x ↦ O + Q(x) takes its own coordinates to those of its assembly.
type Pose struct {
	O Vec
	Q Quat
}

// Home is the pose of a body that stands on the origin unturned.
var Home = Pose{Q: Identity}

// Point takes a point of the body to the assembly.
func (p Pose) Point(v Vec) Vec { return p.O.Add(p.Q.Rotate(v)) }

// Dir takes a direction of the body to the assembly.
func (p Pose) Dir(v Vec) Vec { return p.Q.Rotate(v) }

// Box is the box about a box that is placed.
func (p Pose) Box(low, high Vec) (Vec, Vec) {
	half := high.Sub(low).Scale(0.5)
	x, y, z := p.Q.Axes()
	abs := func(v Vec) Vec { return v.Most(v.Neg()) }
	reach := abs(x).Scale(half.X).Add(abs(y).Scale(half.Y)).Add(abs(z).Scale(half.Z))
	mid := p.Point(low.Add(high).Scale(0.5))
	return mid.Sub(reach), mid.Add(reach)
}

// Mul is the pose of a body placed at c inside something placed at p.
func (p Pose) Mul(c Pose) Pose { return Pose{p.Point(c.O), p.Q.Mul(c.Q).Unit()} }

// Inverse takes the assembly's coordinates to the body's.
func (p Pose) Inverse() Pose {
	q := p.Q.Conj()
	return Pose{q.Rotate(p.O).Neg(), q}
}

// Turned is the pose after a small rigid motion: a turn by w about the point c of space, then a slide by v.
func (p Pose) Turned(c, v, w Vec) Pose {
	e := Exp(w)
	return Pose{c.Add(v).Add(e.Rotate(p.O.Sub(c))), e.Mul(p.Q).Unit()}
}

// Frame is a right-handed set of axes at an origin.
type Frame struct{ O, X, Y, Z Vec }

// FrameOf builds a frame of an origin, its z direction and a direction that x shall lean to.
func FrameOf(o, z, x Vec) Frame {
	z = z.Unit()
	x = x.Reject(z)
	if x.Norm() < tol.NoLean {
		x = z.Perp()
	}
	x = x.Unit()
	return Frame{o, x, z.Cross(x), z}
}

// At places a frame of a body in the assembly.
func (f Frame) At(p Pose) (out Frame) {
	f.Put(&out, &p, &Vec{}, &Vec{})
	return out
}

// Put places a frame and a point of a body in the assembly. All are written where they go: it is what solving does most.
func (f *Frame) Put(to *Frame, p *Pose, v, placed *Vec) {
	x, y, z := p.Q.Axes()
	turn := func(v *Vec) (a, b, c float64) {
		return x.X*v.X + y.X*v.Y + z.X*v.Z, x.Y*v.X + y.Y*v.Y + z.Y*v.Z, x.Z*v.X + y.Z*v.Y + z.Z*v.Z
	}
	to.X.X, to.X.Y, to.X.Z = turn(&f.X)
	to.Y.X, to.Y.Y, to.Y.Z = turn(&f.Y)
	to.Z.X, to.Z.Y, to.Z.Z = turn(&f.Z)
	a, b, c := turn(&f.O)
	to.O.X, to.O.Y, to.O.Z = p.O.X+a, p.O.Y+b, p.O.Z+c
	a, b, c = turn(v)
	placed.X, placed.Y, placed.Z = p.O.X+a, p.O.Y+b, p.O.Z+c
}

// Flipped is the frame turned by half a turn about its x.
func (f Frame) Flipped() Frame { return Frame{f.O, f.X, f.Y.Neg(), f.Z.Neg()} }

// Pose is the pose of a body whose own axes lie on the frame.
func (f Frame) Pose() Pose { return Pose{f.O, FromAxes(f.X, f.Y, f.Z)} }
