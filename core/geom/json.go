package geom

import (
	"bytes"
	"encoding/json"
	"fmt"
	"io"
	"math"

	"setfast/core/tol"
)

// poseJSON is a pose as files, reports and logs have it: mm, and the quaternion scalar first.
type poseJSON struct {
	Origin     [3]float64 `json:"origin"`
	Quaternion [4]float64 `json:"quaternion"`
}

// MarshalJSON writes {"origin": [x, y, z], "quaternion": [w, x, y, z]}, without negative zeros.
func (p Pose) MarshalJSON() ([]byte, error) {
	p = p.Plain()
	return json.Marshal(poseJSON{p.O.Array(), [4]float64{p.Q.W, p.Q.X, p.Q.Y, p.Q.Z}})
}

// UnmarshalJSON reads a pose and nothing but its two members; what is no pose at all is an error.
func (p *Pose) UnmarshalJSON(data []byte) error {
	var w poseJSON
	d := json.NewDecoder(bytes.NewReader(data))
	d.DisallowUnknownFields()
	if err := d.Decode(&w); err != nil {
		return err
	}
	if _, err := d.Token(); err != io.EOF {
		return ErrNoPose
	}
	q, ok := QuatOf(w.Quaternion)
	if !ok {
		return ErrNoPose
	}
	*p = Pose{FromArray(w.Origin), q}
	return nil
}

// ErrNoPose says that numbers are no pose: a turn of no length, or a place without end.
var ErrNoPose = fmt.Errorf("this is no pose")

// QuatOf is the rotation of four numbers, scalar first; false if they are all zero or not numbers. Numbers are scaled first, so
// that very small and very large ones normalise as well.
func QuatOf(x [4]float64) (Quat, bool) {
	if q := (Quat{x[0], x[1], x[2], x[3]}); q.Read() == q {
		return q, q.Norm() > 0
	}
	big := 0.0
	for _, v := range x {
		big = max(big, math.Abs(v))
	}
	if big == 0 || math.IsInf(big, 0) || math.IsNaN(big) {
		return Identity, false
	}
	return Quat{x[0] / big, x[1] / big, x[2] / big, x[3] / big}.Unit(), true
}

// Is tells whether the pose is one: places within reach, and a turn.
func (p Pose) Is() bool { return p.O.Finite() && p.Q.Norm() > 0 && p.O.Norm() < tol.Farthest }

// Read is the pose with its turn of length one.
func (p Pose) Read() Pose { return Pose{p.O, p.Q.Read()} }

// Plain is the pose without negative zeros.
func (p Pose) Plain() Pose {
	z := func(x float64) float64 {
		if x == 0 {
			return 0
		}
		return x
	}
	return Pose{Vec{z(p.O.X), z(p.O.Y), z(p.O.Z)}, Quat{z(p.Q.W), z(p.Q.X), z(p.Q.Y), z(p.Q.Z)}}
}
