package app

import (
	"context"

	"setfast/app/commands"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/variant"
)

// Measured reads measures off an assembly where it stands, in the order they are asked for.
func (a *App) Measured(ctx context.Context, id int64, list []assembly.Measure) ([]any, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	var out []any
	err = a.work(ctx, func() error {
		for _, m := range list {
			v, err := j.account.Measured(ctx, m)
			if err != nil {
				return words.Plainly(ctx, err)
			}
			out = append(out, v)
		}
		return nil
	})
	return out, err
}

// Variants solves an assembly once for each column of named values.
func (a *App) Variants(ctx context.Context, id int64, columns []map[string]string) ([]variant.Outcome, error) {
	if len(columns) == 0 || len(columns) > commands.MostVariants {
		return nil, words.Refuse("ask for one to %d variants", commands.MostVariants)
	}
	for _, c := range columns {
		for name, text := range c {
			if _, err := words.Name("the value "+name, text, commands.MostText); err != nil {
				return nil, err
			}
		}
	}
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Open)
	defer cancel()
	var out []variant.Outcome
	err = a.work(ctx, func() (err error) {
		out, err = variant.Run(ctx, j.of.doc, columns)
		return err
	})
	return out, err
}

// ReadMeasure reads a measure as a file has it.
func ReadMeasure(name string, data []byte) (assembly.Measure, error) {
	m, err := format.ReadMeasure(name, data)
	if err != nil {
		return m, words.Refuse("%s", words.Fault(err))
	}
	return m, nil
}
