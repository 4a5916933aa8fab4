package commands

import (
	"context"
	"encoding/json"

	"setfast/app/words"
	"setfast/core/edit"
	"setfast/core/format"
)

// Drive keeps a run under a name: as in a file.
type Drive struct {
	As    string          `json:"as"` // its name
	Drive json.RawMessage `json:"drive"`
}

// Undrive forgets one.
type Undrive struct {
	As string `json:"as"`
}

// OneWay says that a coordinate of a joint goes one way only, up or down; with neither, both.
type OneWay struct {
	Relation string `json:"relation"`
	Of       string `json:"of"`
	Way      string `json:"way"`
}

var (
	_ = register(Drive{})
	_ = register(Undrive{})
	_ = register(OneWay{})
)

// The names of these commands.
func (Drive) Name() string   { return "drive" }
func (Undrive) Name() string { return "undrive" }
func (OneWay) Name() string  { return "oneway" }

// Edit keeps the run, in the place of one of the same name.
func (c Drive) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	name, err := words.Name("a run's name", c.As, words.MostName)
	if err != nil {
		return nil, "", err
	}
	d, err := format.ReadDrive(name, c.Drive)
	if err != nil {
		return nil, "", words.Refuse("%s", words.Fault(err))
	}
	for _, a := range d.Driven() {
		m, err := b.relation(a.Joint)
		if err != nil {
			return nil, "", err
		}
		if _, ok := m.Descriptor().Coordinate(a.Of); !ok {
			return nil, "", words.Refuse("%s has no %q", a.Joint, a.Of)
		}
	}
	for _, o := range b.Asm.Drives {
		if o.Name == name {
			return edit.Batch{Edits: []edit.Edit{edit.Undrive{Name: name}, edit.NewDrive(d)}}, "keep the run " + name + " anew", nil
		}
	}
	return edit.NewDrive(d), "keep the run " + name, nil
}

// Edit forgets.
func (c Undrive) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	for _, d := range b.Asm.Drives {
		if d.Name == c.As {
			return edit.Undrive{Name: c.As}, "forget the run " + c.As, nil
		}
	}
	return nil, "", words.Refuse("there is no run %q here any more", c.As)
}

// Edit says which way it goes.
func (c OneWay) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	m, err := b.relation(c.Relation)
	if err != nil {
		return nil, "", err
	}
	if _, ok := m.Descriptor().Coordinate(c.Of); !ok || m.IsCoupling() {
		return nil, "", words.Refuse("%s has no %q", c.Relation, c.Of)
	}
	var to any
	said := "let the " + c.Of + " of " + m.ID + " go both ways"
	switch c.Way {
	case "":
	case "up", "down":
		to, said = c.Way, "let the "+c.Of+" of "+m.ID+" go "+c.Way+" only"
	default:
		return nil, "", words.Refuse("one way is up or down, not %q", c.Way)
	}
	e, err := edit.NewSet(m.ID, "one_way."+c.Of, to)
	return e, said, err
}
