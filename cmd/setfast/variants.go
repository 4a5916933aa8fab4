package main

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"maps"
	"slices"
	"strings"
	"text/tabwriter"

	"setfast/core/assembly"
	"setfast/core/part"
	"setfast/core/variant"
)

// runVariants solves each variant that a document's root has: 0 if all pass, 1 if one does not, 2 unreadable or wrong.
func runVariants(c *call) int {
	asJSON := c.Bool("json", false, "print a list of {name, verdict, measures, odds or error}")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	doc, err := readSaid(files[0], c.in, nil)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	all := doc.Assemblies[doc.Root].Variants
	if len(all) == 0 {
		return c.fail("%s has no variants; they are written as \"variants\": {\"wide\": {\"open\": \"60 deg\"}} in a document of version 2", called(files[0]))
	}
	out, err := variant.Run(context.Background(), doc, variant.Columns(all))
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	for _, o := range out {
		if o.Error != "" || !o.Verdict.Passes() {
			code = 1
		}
	}
	if err := tellVariants(c.out, all, out, *asJSON); err != nil {
		return c.fail("the variants could not be written: %v", plain(err))
	}
	return code
}

// tellVariants prints variants side by side: a column each, verdict and measures in rows.
func tellVariants(w io.Writer, all []assembly.Variant, out []variant.Outcome, asJSON bool) error {
	if asJSON {
		type named struct {
			Name string `json:"name"`
			variant.Outcome
		}
		list := make([]named, len(out))
		for i, o := range out {
			list[i] = named{all[i].Name, o}
		}
		e := json.NewEncoder(w)
		e.SetIndent("", " ")
		return e.Encode(list)
	}
	t := tabwriter.NewWriter(w, 0, 0, 2, ' ', 0)
	row := func(title string, cell func(i int) string) {
		fmt.Fprint(t, title)
		for i := range out {
			fmt.Fprint(t, "\t", cell(i))
		}
		fmt.Fprintln(t)
	}
	row("", func(i int) string { return all[i].Name })
	row("verdict", func(i int) string {
		if out[i].Error != "" {
			return out[i].Error
		}
		return string(out[i].Verdict)
	})
	names := map[string]bool{}
	for _, o := range out {
		for n := range o.Measures {
			names[n] = true
		}
	}
	for _, n := range slices.Sorted(maps.Keys(names)) {
		row(n, func(i int) string { return numbers(out[i].Measures[n]) })
	}
	return t.Flush()
}

// numbers writes a measured value: one number, three, or that it is not known.
func numbers(v any) string {
	switch x := v.(type) {
	case float64:
		return part.Number(x)
	case [3]float64:
		return strings.Join([]string{part.Number(x[0]), part.Number(x[1]), part.Number(x[2])}, ", ")
	}
	return "not known"
}
