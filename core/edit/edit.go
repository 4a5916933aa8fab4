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

// raw writes a value of the file down.
func raw(v json.Marshaler) json.RawMessage {
	b, err := v.MarshalJSON()
	if err != nil {
		panic(err) // numbers of a document are finite: its reader saw to that
	}
	return b
}
