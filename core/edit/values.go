package edit

import (
	"encoding/json"
	"fmt"
	"slices"

	"setfast/core/assembly"
	"setfast/core/format"
)

// Values gives the assembly its named values, as in the file; what uses them is worked out anew.
type Values struct {
	Values json.RawMessage `json:"values"`
}

// Order puts a component at a place in the build order.
type Order struct {
	Name string `json:"name"`
	At   int    `json:"at"`
}

// Reid gives a relation another id, here and wherever the assembly names it.
type Reid struct {
	ID string `json:"id"`
	To string `json:"to"`
}

// The names of these edits.
func (Values) Op() string { return "values" }
func (Order) Op() string  { return "order" }
func (Reid) Op() string   { return "reid" }

// NewValues names values.
func NewValues(v []assembly.NamedValue) Values { return Values{raw(format.ValuesObject(v))} }

func (e Values) apply(d *draft) (Edit, error) {
	now, err := format.ReadValues(e.Values)
	if err != nil {
		return nil, err
	}
	for i, m := range d.Mates {
		if !m.Written() {
			continue
		}
		k, err := format.ReadMate(raw(format.MateObject(m)), now)
		if err != nil {
			return nil, fmt.Errorf("%s: %w", m.ID, err)
		}
		d.Mates[i] = k
	}
	if len(d.Copies) > 0 { // counts and pitches
		k := d.Assembly
		k.Values = now
		if err := format.ReadSheet(&k, "copies", NewSheet(&d.Assembly, "copies").To); err != nil {
			return nil, err
		}
		d.Copies = k.Copies
	}
	was := d.Values
	d.Values = now
	return NewValues(was), nil
}

func (e Order) apply(d *draft) (Edit, error) {
	i, c, err := d.component(e.Name)
	if err != nil {
		return nil, err
	}
	if e.At < 0 || e.At >= len(d.Components) {
		return nil, fmt.Errorf("the build order has no place %d", e.At+1)
	}
	d.Components = slices.Insert(slices.Delete(d.Components, i, i+1), e.At, c)
	return Order{e.Name, i}, nil
}

func (e Reid) apply(d *draft) (Edit, error) {
	i, old, err := d.relation(e.ID)
	if err != nil {
		return nil, err
	}
	if e.To == "" {
		return nil, fmt.Errorf("an id must not be empty")
	}
	if e.To != e.ID && d.Mate(e.To) != nil {
		return nil, fmt.Errorf("there is a relation %q already", e.To)
	}
	k := *old
	k.ID = e.To
	d.Mates[i] = &k
	called := func(id *string) bool {
		if *id != e.ID {
			return false
		}
		*id = e.To
		return true
	}
	for n, m := range d.Mates {
		c := *m
		if a, b := called(&c.JointA), called(&c.JointB); a || b {
			d.Mates[n] = &c
		}
	}
	for n := range d.Planned {
		called(&d.Planned[n].Joint)
	}
	for n := range d.Measures {
		called(&d.Measures[n].Joint)
	}
	for n := range d.Drives {
		d.Drives[n] = d.Drives[n].Renamed(func(joint string) string {
			called(&joint)
			return joint
		})
	}
	return Reid{e.To, e.ID}, nil
}
