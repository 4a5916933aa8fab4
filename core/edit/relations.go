package edit

import (
	"bytes"
	"encoding/json"
	"fmt"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/format"
)

// Relate adds a relation, written as in the file.
type Relate struct {
	Relation json.RawMessage `json:"relation"`
	At       *int            `json:"at,omitempty"`
}

// Unrelate deletes a relation, with the couplings, planned motions, measures and drives that hang on it.
type Unrelate struct {
	ID string `json:"id"`
}

// Set gives one field of a relation another value. The field is named as in the file, one within another with a dot
// ("value", "limits.angle"); without a value it is taken away.
type Set struct {
	ID    string          `json:"id"`
	Field string          `json:"field"`
	To    json.RawMessage `json:"to,omitempty"`
}

// Change puts a relation in the place of the one with its id.
type Change struct {
	Relation json.RawMessage `json:"relation"`
}

// The names of the edits of relations.
func (Relate) Op() string   { return "relate" }
func (Unrelate) Op() string { return "unrelate" }
func (Set) Op() string      { return "set" }
func (Change) Op() string   { return "change" }

// NewRelate adds a relation at the end.
func NewRelate(m *assembly.Mate) Relate { return Relate{Relation: raw(format.MateObject(m))} }

// NewChange puts a relation in the place of the one with its id.
func NewChange(m *assembly.Mate) Change { return Change{raw(format.MateObject(m))} }

// NewSet gives a field of a relation a value; nil takes the field away.
func NewSet(id, field string, to any) (Set, error) {
	if to == nil {
		return Set{ID: id, Field: field}, nil
	}
	b, err := json.Marshal(to)
	return Set{id, field, b}, err
}

func (e Relate) apply(d *draft) (Edit, error) {
	m, err := format.ReadMate(e.Relation, d.Values)
	if err != nil {
		return nil, err
	}
	if d.Mate(m.ID) != nil {
		return nil, fmt.Errorf("there is a relation %q already", m.ID)
	}
	d.Mates = slices.Insert(d.Mates, spot(e.At, len(d.Mates)), m)
	return Unrelate{m.ID}, nil
}

func (e Unrelate) apply(d *draft) (Edit, error) {
	if _, _, err := d.relation(e.ID); err != nil {
		return nil, err
	}
	return Batch{d.drop(dropped{mate: func(m *assembly.Mate) bool { return m.ID == e.ID }})}, nil
}

func (e Change) apply(d *draft) (Edit, error) {
	m, err := format.ReadMate(e.Relation, d.Values)
	if err != nil {
		return nil, err
	}
	i, old, err := d.relation(m.ID)
	if err != nil {
		return nil, err
	}
	d.Mates[i] = m
	return Change{raw(format.MateObject(old))}, nil
}

func (e Set) apply(d *draft) (Edit, error) {
	i, old, err := d.relation(e.ID)
	if err != nil {
		return nil, err
	}
	if e.Field == "id" || e.Field == "type" {
		return nil, fmt.Errorf("the %s of a relation stays as it is", e.Field)
	}
	changed, was, err := with(raw(format.MateObject(old)), strings.Split(e.Field, "."), e.To)
	if err != nil {
		return nil, fmt.Errorf("%s of %s: %w", e.Field, e.ID, err)
	}
	m, err := format.ReadMate(changed, d.Values)
	if err != nil {
		return nil, err
	}
	d.Mates[i] = m
	return Set{e.ID, e.Field, was}, nil
}

// Member sets a member of a relation as it is written, or of an object in it, named with a dot ("limits.angle"); none takes it away.
func Member(relation json.RawMessage, field string, to json.RawMessage) (json.RawMessage, error) {
	changed, _, err := with(relation, strings.Split(field, "."), to)
	return changed, err
}

// with sets a member of an object, or of an object inside it, and tells what it was. An object left without members goes too.
func with(object json.RawMessage, path []string, to json.RawMessage) (changed, was json.RawMessage, err error) {
	members := map[string]json.RawMessage{}
	if object != nil {
		if err := json.Unmarshal(object, &members); err != nil {
			return nil, nil, fmt.Errorf("it has no members")
		}
	}
	name := path[0]
	if len(path) == 1 {
		was = members[name]
	} else if to, was, err = with(members[name], path[1:], to); err != nil {
		return nil, nil, err
	}
	if to == nil || string(to) == "null" || bytes.Equal(to, []byte("{}")) {
		delete(members, name)
	} else {
		members[name] = to
	}
	changed, err = json.Marshal(members)
	return changed, was, err
}

// dropped tells what goes.
type dropped struct {
	mate    func(*assembly.Mate) bool
	planned func(assembly.Planned) bool
	measure func(assembly.Measure) bool
}

// drop takes away what is told, and whatever hangs on relations that go: couplings, planned motions, measures, drives. It gives
// the edits that put all of it back where it was.
func (d *draft) drop(what dropped) (back []Edit) {
	gone := map[string]bool{}
	for _, m := range d.Mates {
		if what.mate(m) {
			gone[m.ID] = true
		}
	}
	for _, m := range d.Mates { // couplings are between joints, never between couplings
		if m.IsCoupling() && (gone[m.JointA] || gone[m.JointB]) {
			gone[m.ID] = true
		}
	}
	d.Mates = take(d.Mates, func(m *assembly.Mate) bool { return gone[m.ID] },
		func(at int, m *assembly.Mate) { back = append(back, Relate{raw(format.MateObject(m)), &at}) })
	d.Planned = take(d.Planned, func(p assembly.Planned) bool { return gone[p.Joint] || what.planned != nil && what.planned(p) },
		func(at int, p assembly.Planned) { back = append(back, Plan{raw(format.PlannedObject(p)), &at}) })
	d.Measures = take(d.Measures, func(m assembly.Measure) bool { return gone[m.Joint] || what.measure != nil && what.measure(m) },
		func(at int, m assembly.Measure) {
			back = append(back, Measure{m.Name, raw(format.MeasureObject(m)), &at})
		})
	d.Drives = take(d.Drives, func(v assembly.Drive) bool {
		return slices.ContainsFunc(v.Driven(), func(c assembly.Along) bool { return gone[c.Joint] })
	},
		func(at int, v assembly.Drive) { back = append(back, Drive{v.Name, raw(format.DriveObject(v)), &at}) })
	return back
}

// take gives the list without what goes, and shows what went with the place it had.
func take[T any](list []T, goes func(T) bool, went func(at int, x T)) []T {
	var out []T
	for i, x := range list {
		if goes(x) {
			went(i, x)
		} else {
			out = append(out, x)
		}
	}
	return out
}
