package main

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"strings"

	"setfast/app/words"
	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/compare"
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
	_, err := fmt.Fprintln(w, strings.Join(words.Compared(r), "\n"))
	return err
}
