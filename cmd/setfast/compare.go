package main

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"maps"
	"slices"
	"strings"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/compare"
	"setfast/core/part"
	"setfast/core/report"
)

// runCompare tells what differs between two documents: 0 where nothing does, 1 where something does, 2 where one cannot be read.
func runCompare(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {same, parts, components, mates, order, other, account, measures}")
	files, code, ok := c.files(2, 2)
	if !ok {
		return code
	}
	var docs [2]*assembly.Document
	var reports [2]*report.Report
	for i, f := range files {
		said, out, err := readLenient(f, c.in, nil)
		if err == nil {
			docs[i] = said
			reports[i], err = account.Check(context.Background(), out.Document, nil)
		}
		if err != nil {
			return c.fail("%s: %v", called(f), err)
		}
	}
	r := compare.Of(docs[0], docs[1], reports[0], reports[1])
	var err error
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(r)
	} else {
		err = tellCompared(c.out, r)
	}
	if err != nil {
		return c.fail("the answer could not be written: %v", plain(err))
	}
	if !r.Same {
		return 1
	}
	return 0
}

func tellCompared(w io.Writer, r *compare.Result) error {
	if r.Same {
		_, err := fmt.Fprintln(w, "nothing differs")
		return err
	}
	say := func(what string, list []string) {
		if len(list) > 0 {
			fmt.Fprintf(w, "%s: %s\n", what, strings.Join(list, ", "))
		}
	}
	names := func(what string, n *compare.Names) {
		if n != nil {
			say(what+" added", n.Added)
			say(what+" removed", n.Removed)
			say(what+" changed", n.Changed)
		}
	}
	names("parts", &r.Parts)
	names("assemblies", r.Assemblies)
	say("components added", r.Components.Added)
	say("components removed", r.Components.Removed)
	for _, k := range r.Components.Renamed {
		fmt.Fprintf(w, "%s is called %s\n", k[0], k[1])
	}
	for _, m := range r.Components.Moved {
		fmt.Fprintf(w, "%s moved by %s mm, turned by %s°\n", m.Name, part.Number(m.MM), part.Number(m.Deg))
	}
	tellFields(w, "component ", r.Components.Changed)
	say("relations added", r.Mates.Added)
	say("relations removed", r.Mates.Removed)
	tellFields(w, "relation ", r.Mates.Changed)
	if r.Order {
		fmt.Fprintln(w, "the build order differs")
	}
	say("besides", r.Other)
	for _, m := range []map[string][2]any{r.Account, r.Measures} {
		for _, k := range slices.Sorted(maps.Keys(m)) {
			fmt.Fprintf(w, "%s: %v, now %v\n", k, told(m[k][0]), told(m[k][1]))
		}
	}
	return nil
}

func tellFields(w io.Writer, what string, list []compare.Changed) {
	for _, k := range list {
		for _, f := range slices.Sorted(maps.Keys(k.Fields)) {
			v := k.Fields[f]
			fmt.Fprintf(w, "%s%s, %s: %s, now %s\n", what, k.Name+k.ID, f, told(v[0]), told(v[1]))
		}
	}
}

// told is a value as JSON has it.
func told(v any) string {
	if x, ok := v.(float64); ok {
		return part.Number(x)
	}
	raw, err := json.Marshal(v)
	if err != nil {
		return "?"
	}
	return string(raw)
}
