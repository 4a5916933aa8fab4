package main

import (
	"encoding/json"
	"fmt"
	"io"
	"os"

	"setfast/core/fasten"
	"setfast/core/supply"
)

// runSupply tells what the fasteners of a document cost and when they are there: 0 where all are in stock, 1 where not, 2 where it cannot be read.
func runSupply(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {supplier, currency, price, days, lines: [{designation, quantity, packs, pack, price, in_stock, days, findings, instead}]}")
	from := c.String("from", "", "the supplier's `file`; one that is made up where none is named")
	out := c.String("csv", "", "write the list to this `file`")
	force := c.Bool("force", false, "let --csv overwrite a file")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	s, err := supplierOf(*from)
	if err != nil {
		return c.fail("%s: %v", *from, plain(err))
	}
	x, err := readLaid(files[0], c.in, nil)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	order := s.Quote(fasten.Needed(x.Joints))
	if *out != "" {
		err := free(*out, *force)
		if err == nil {
			err = rowsToCSV(order.Table(), *out)
		}
		if err != nil {
			return c.fail("%s could not be written: %v", *out, plain(err))
		}
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(order)
	} else {
		err = tellOrder(c.out, order)
	}
	if err != nil {
		return c.fail("the list could not be written: %v", plain(err))
	}
	if !order.Whole() {
		return 1
	}
	return 0
}

// supplierOf reads a supplier's file; none is the one that ships.
func supplierOf(file string) (*supply.Supplier, error) {
	if file == "" {
		return supply.MadeUp(), nil
	}
	f, err := os.Open(file)
	if err != nil {
		return nil, err
	}
	defer f.Close()
	return supply.Read(f)
}

func tellOrder(w io.Writer, o *supply.Order) error {
	if len(o.Lines) == 0 {
		_, err := fmt.Fprintln(w, "no stack is declared")
		return err
	}
	for _, l := range o.Lines {
		fmt.Fprintf(w, "%d × %s", l.Quantity, l.Designation)
		if l.Packs > 0 {
			fmt.Fprintf(w, ": %d × %d, %.2f %s", l.Packs, l.Pack, l.Price, o.Currency)
		}
		for _, f := range l.Findings {
			fmt.Fprintf(w, "; %s", f)
		}
		if l.Instead != "" {
			fmt.Fprintf(w, "; instead: %s", l.Instead)
		}
		fmt.Fprintln(w)
	}
	fmt.Fprintf(w, "%s: %.2f %s", o.Supplier, o.Price, o.Currency)
	if o.Days > 0 {
		fmt.Fprintf(w, ", all there in %d days", o.Days)
	}
	_, err := fmt.Fprintln(w)
	return err
}
