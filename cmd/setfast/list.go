package main

import (
	"encoding/csv"
	"encoding/json"
	"fmt"
	"io"
	"os"
	"strings"

	"setfast/core/list"
	"setfast/core/part"
	"setfast/paper"
)

// runList prints the parts list: 0 where the brief is met, or there is none, 1 where it is not, 2 where it cannot be read.
func runList(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {items: [{item, part, number, name, quantity, material, mass_kg}], mass_kg, brief: {missing, too_many, out_of_order}}")
	levels := c.Bool("levels", false, "each assembly with its own items")
	toCSV := c.String("csv", "", "write the list to this CSV `file`")
	toXLSX := c.String("xlsx", "", "write the list to this spreadsheet `file`")
	force := c.Bool("force", false, "overwrite files that are there")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	_, doc, err := readLenient(files[0], c.in, nil)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	l := list.Of(doc.Document, *levels)
	for _, to := range []struct {
		file  string
		write func(rows [][]string, file string) error
	}{{*toCSV, rowsToCSV}, {*toXLSX, rowsToXLSX}} {
		if to.file == "" {
			continue
		}
		err := free(to.file, *force)
		if err == nil {
			err = to.write(l.Table(), to.file)
		}
		if err != nil {
			return c.fail("%s could not be written: %v", to.file, plain(err))
		}
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(l)
	} else {
		err = tellPartsList(c.out, l)
	}
	if err != nil {
		return c.fail("the list could not be written: %v", plain(err))
	}
	if !l.Brief.Met() {
		return 1
	}
	return 0
}

func rowsToCSV(rows [][]string, file string) error {
	f, err := os.Create(file)
	if err != nil {
		return err
	}
	defer f.Close()
	if err := csv.NewWriter(f).WriteAll(rows); err != nil {
		return err
	}
	return f.Close()
}

// rowsToXLSX writes a spreadsheet.
func rowsToXLSX(rows [][]string, file string) error {
	return into(func(w io.Writer) error { return paper.WriteXLSX(w, rows, list.Numeric) })(file)
}

func tellPartsList(w io.Writer, l *list.List) error {
	var walk func(items []list.Item, in string)
	walk = func(items []list.Item, in string) {
		for _, i := range items {
			mass := "mass not known"
			if i.Mass != nil {
				mass = part.Number(*i.Mass) + " kg each"
			}
			name := i.Name
			if name == "" {
				name = i.Part + i.Assembly
			}
			if i.Stock != "" {
				name += ", cut from " + i.Stock
			}
			if i.Length != nil {
				name += ", " + part.Number(*i.Length) + " mm long"
			}
			fmt.Fprintf(w, "%s%3d  %d × %s %s, %s\n", in, i.Item, i.Quantity, i.Number, name, mass)
			walk(i.Items, in+"     ")
		}
	}
	walk(l.Items, "")
	for _, k := range l.Cuts {
		long := "not known how long"
		if k.Length != nil {
			long = part.Number(*k.Length) + " mm without saw cuts"
		}
		fmt.Fprintf(w, "%s: %d pieces, %s\n", k.Stock, k.Pieces, long)
	}
	if l.Mass != nil {
		fmt.Fprintf(w, "together %s kg\n", part.Number(*l.Mass))
	}
	for _, m := range l.Brief.Missing {
		fmt.Fprintf(w, "still to place: %d × %s\n", m.Short, m.Number)
	}
	for _, m := range l.Brief.TooMany {
		fmt.Fprintf(w, "too many: %d × %s\n", m.Over, m.Number)
	}
	for _, n := range l.Doubles {
		fmt.Fprintf(w, "%s is the number of several\n", n)
	}
	if len(l.Brief.OutOfOrder) > 0 {
		fmt.Fprintf(w, "out of order: %s\n", strings.Join(l.Brief.OutOfOrder, ", "))
	}
	return nil
}
