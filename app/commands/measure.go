package commands

import (
	"context"
	"encoding/json"

	"setfast/app/words"
	"setfast/core/edit"
	"setfast/core/format"
)

// Measure keeps a value that is read off the assembly, under a name: as in a file.
type Measure struct {
	As      string          `json:"as"` // its name
	Measure json.RawMessage `json:"measure"`
}

// Unmeasure forgets one.
type Unmeasure struct {
	As string `json:"as"`
}

var (
	_ = register(Measure{})
	_ = register(Unmeasure{})
)

// The names of these commands.
func (Measure) Name() string   { return "measure" }
func (Unmeasure) Name() string { return "unmeasure" }

// Edit keeps the measure.
func (c Measure) Edit(ctx context.Context, b *Bench) (edit.Edit, string, error) {
	name, err := words.Name("a measure's name", c.As, words.MostName)
	if err != nil {
		return nil, "", err
	}
	m, err := format.ReadMeasure(name, c.Measure)
	if err != nil {
		return nil, "", words.Refuse("%s", words.Fault(err))
	}
	if _, err := b.Account.Measured(ctx, m); err != nil {
		return nil, "", words.Plainly(ctx, err)
	}
	return edit.NewMeasure(m), "measure " + name, nil
}

// Edit forgets.
func (c Unmeasure) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	for _, m := range b.Asm.Measures {
		if m.Name == c.As {
			return edit.Unmeasure{Name: c.As}, "forget the measure " + c.As, nil
		}
	}
	return nil, "", words.Refuse("there is no measure %q here any more", c.As)
}
