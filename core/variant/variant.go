// Package variant takes the account of one assembly several times over, each time with other named values: what a designer does with a
// sheet of lengths or angles and a column for each try. Every variant is solved from the poses of the document, by itself, so that the order
// of columns does not matter; it costs one account each.
package variant

import (
	"context"
	"fmt"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/laid"
	"setfast/core/report"
)

// Outcome is what became of one variant.
type Outcome struct {
	Verdict  report.Verdict `json:"verdict"`
	Measures map[string]any `json:"measures"`
	Odds     []string       `json:"odds,omitempty"`  // relations that cannot hold together
	Error    string         `json:"error,omitempty"` // why it could not be solved
}

// Run solves the root of a document, whose copies and stacks are not laid out yet, once for each column of values, by name; values that a column does not name stay. What is wrong with one
// column is its own outcome and stops no other.
func Run(ctx context.Context, doc *assembly.Document, columns []map[string]string) ([]Outcome, error) {
	out := make([]Outcome, len(columns))
	for i, c := range columns {
		o, err := one(ctx, doc, c)
		if ctx.Err() != nil {
			return nil, context.Cause(ctx)
		}
		if err != nil {
			o = Outcome{Error: err.Error()}
		}
		out[i] = o
	}
	return out, nil
}

func one(ctx context.Context, doc *assembly.Document, values map[string]string) (Outcome, error) {
	root := doc.Assemblies[doc.Root]
	now := make([]assembly.NamedValue, 0, len(root.Values))
	known := map[string]bool{}
	for _, v := range root.Values {
		known[v.Name] = true
		if t, ok := values[v.Name]; ok {
			v.Text = t
		}
		now = append(now, v)
	}
	for name := range values {
		if !known[name] {
			return Outcome{}, fmt.Errorf("there is no value %q", name)
		}
	}
	if len(now) > 0 {
		changed, _, err := edit.Apply(root, edit.NewValues(now))
		if err != nil {
			return Outcome{}, err
		}
		root = changed
	}
	l, err := laid.Out(ctx, doc.WithRoot(root), nil)
	if err == nil {
		err = l.Failed
	}
	if err != nil {
		return Outcome{}, err
	}
	r, err := account.Check(ctx, l.Document, nil)
	if err != nil {
		return Outcome{}, err
	}
	res := r.Assemblies[doc.Root]
	o := Outcome{Verdict: r.Verdict, Measures: res.Measures}
	for _, c := range res.Odds {
		o.Odds = append(o.Odds, c.Mates...)
	}
	return o, nil
}

// Columns are the values of variants, by name.
func Columns(all []assembly.Variant) (out []map[string]string) {
	for _, v := range all {
		c := map[string]string{}
		for _, x := range v.Values {
			c[x.Name] = x.Text
		}
		out = append(out, c)
	}
	return out
}
