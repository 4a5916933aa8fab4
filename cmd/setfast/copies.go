package main

import (
	"encoding/json"
	"fmt"
	"io"
	"slices"
	"strings"

	"setfast/core/repeat"
)

// runCopies tells what became of a document's copies: 0 where each is held, 1 where relations are left out with nothing in their place, 2 where it cannot
// be read.
func runCopies(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {copies: [{name, of, how, copies, relations, left_out: [{copy, mate, why, held}]}]}")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	x, err := readLaid(files[0], c.in, nil)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(map[string]any{"copies": append([]repeat.Set{}, x.Sets...)})
	} else {
		err = tellCopies(c.out, x.Sets)
	}
	if err != nil {
		return c.fail("the answer could not be written: %v", plain(err))
	}
	if slices.ContainsFunc(x.Sets, func(s repeat.Set) bool { return s.Loose() }) {
		return 1
	}
	return 0
}

func tellCopies(w io.Writer, sets []repeat.Set) error {
	if len(sets) == 0 {
		_, err := fmt.Fprintln(w, "no copies are declared")
		return err
	}
	for _, s := range sets {
		name := s.Name
		if s.In != "" {
			name = s.In + ", " + name
		}
		fmt.Fprintf(w, "%s: %d more of %s, %s", name, s.Copies, strings.Join(s.Of, ", "), s.How)
		if s.Why != "" {
			fmt.Fprintf(w, "; not laid out: %s\n", s.Why)
			continue
		}
		fmt.Fprintf(w, ", with %d relations\n", s.Relations)
		for _, l := range s.LeftOut {
			after := "nothing holds it instead"
			if l.Held {
				after = "held to its original instead"
			}
			fmt.Fprintf(w, "  %d: %s did not come along (%s): %s\n", l.Copy, l.Mate, l.Why, after)
		}
	}
	return nil
}
