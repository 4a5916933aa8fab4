// Package edit holds the changes a designer makes to an assembly as values. Each can be applied, which gives a new assembly and
// leaves the old one as it was, and taken back by the inverse that applying it gave; wire.go writes them down and reads them.
//
// An edit changes what it names and nothing else, and its inverse says no more than is needed to take it back.
package edit

import (
	"encoding/json"
	"fmt"
	"slices"

	"setfast/core/assembly"
	"setfast/core/geom"
)

// Edit is one change. The types of this package are all there are.
type Edit interface {
	// Op names the kind of change, as it is written down.
	Op() string
	// apply changes the draft and gives the edit that takes the change back.
	apply(d *draft) (Edit, error)
}

// Apply makes a changed assembly and the edit that leads back.
func Apply(a *assembly.Assembly, e Edit) (changed *assembly.Assembly, inverse Edit, err error) {
	d := &draft{*a}
	d.Components, d.Mates = slices.Clone(a.Components), slices.Clone(a.Mates)
	d.Planned, d.Measures, d.Drives = slices.Clone(a.Planned), slices.Clone(a.Measures), slices.Clone(a.Drives)
	inverse, err = e.apply(d)
	if err != nil {
		return nil, nil, err
	}
	return d.Seal(), inverse, nil
}

// draft is an assembly in the making. Its lists are its own; what they point to is shared with the assembly it was made of
// and is replaced, never changed.
type draft struct{ assembly.Assembly }

// component finds a component that an edit needs.
func (d *draft) component(name string) (int, *assembly.Component, error) {
	if i := d.Place(name); i >= 0 {
		return i, d.Components[i], nil
	}
	return -1, nil, fmt.Errorf("there is no component %q", name)
}

// relation finds a relation that an edit needs.
func (d *draft) relation(id string) (int, *assembly.Mate, error) {
	for i, m := range d.Mates {
		if m.ID == id {
			return i, m, nil
		}
	}
	return -1, nil, fmt.Errorf("there is no relation %q", id)
}

// spot is where in a list of n something is put; none is the end.
func spot(at *int, n int) int {
	if at == nil || *at < 0 || *at > n {
		return n
	}
	return *at
}

// Batch is several changes as one.
type Batch struct{ Edits []Edit }

// Op is its name.
func (Batch) Op() string { return "batch" }

func (e Batch) apply(d *draft) (Edit, error) {
	var back []Edit
	for _, k := range e.Edits {
		inv, err := k.apply(d)
		if err != nil {
			return nil, err
		}
		back = append(back, inv)
	}
	slices.Reverse(back)
	return Batch{back}, nil
}

// Pose is a pose as an edit carries it: mm, and a quaternion w, x, y, z.
type Pose struct {
	Origin     [3]float64 `json:"origin"`
	Quaternion [4]float64 `json:"quaternion"`
}

// PoseOf writes a pose down.
func PoseOf(p geom.Pose) Pose {
	return Pose{p.O.Array(), [4]float64{p.Q.W, p.Q.X, p.Q.Y, p.Q.Z}}
}

// farthest is how far from its assembly's origin anything may stand, in mm: beyond it a double holds no thousandth of a mm.
const farthest = 1e10

// Geom is the pose as a value; one that is no pose at all is an error.
func (p Pose) Geom() (geom.Pose, error) {
	q := geom.Quat{W: p.Quaternion[0], X: p.Quaternion[1], Y: p.Quaternion[2], Z: p.Quaternion[3]}
	o := geom.FromArray(p.Origin)
	if !o.Finite() || !(q.Norm() > 0) || !(o.Norm() < farthest) {
		return geom.Home, fmt.Errorf("this is no pose")
	}
	return geom.Pose{O: o, Q: q.Read()}, nil
}

// raw writes a value of the file down.
func raw(v json.Marshaler) json.RawMessage {
	b, err := v.MarshalJSON()
	if err != nil {
		panic(err) // numbers of a document are finite: its reader saw to that
	}
	return b
}
