package main

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"os"
	"path/filepath"

	"setfast/core/format"
	"setfast/core/near"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/core/revise"
	"setfast/kernel"
)

// updated is what the command prints.
type updated struct {
	*revise.Result
	Report *report.Report `json:"report"`
}

// runUpdate puts a newer revision of a part in the place of the old one: 0 where all relations hold on, 1 where some are broken, 2 where it cannot be done.
func runUpdate(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {carried, renamed: [{mate, from, to}], moved: [{mate, feature, mm, deg}], broken: [{mate, feature, why, proposal}], report}")
	key := c.String("part", "", "the `part` of the document that there is a newer file for")
	product := c.Int("product", 0, "which of several parts the newer file holds, the first being 1")
	out := c.String("out", "", "write the document with the newer part to this new `file`")
	force := c.Bool("force", false, "let --out overwrite a file")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	files, code, ok := c.files(2, 2)
	if !ok {
		return code
	}
	if *key == "" {
		return c.bad("update wants --part")
	}
	if *out != "" {
		if err := free(*out, *force); err != nil {
			return c.fail("%v", err)
		}
	}
	doc, err := readSaid(files[0], c.in, nil)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	if doc.Parts[*key] == nil {
		return c.fail("%s has no part %q%s", called(files[0]), *key, near.Hint(*key, doc.PartOrder))
	}
	now, err := readProduct(files[1], *product, *unfenced)
	if err != nil {
		return c.fail("%v", err)
	}
	res := revise.Update(doc, *key, now.Part())
	rep, err := reportOf(context.Background(), res.Document)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	if *out != "" {
		if err := writeUpdated(res, *key, files, *product, *out); err != nil {
			return c.fail("%s could not be written: %v", *out, plain(err))
		}
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(updated{res, rep})
	} else {
		err = tellUpdated(c.out, res, rep)
	}
	if err != nil {
		return c.fail("the answer could not be written: %v", plain(err))
	}
	if len(res.Broken)+len(res.Other) > 0 {
		return 1
	}
	return 0
}

// readProduct reads one part of a shape file: the one that it holds, or the product that is named.
func readProduct(file string, product int, unfenced bool) (*kernel.Derived, error) {
	k, err := kernel.Find()
	if err != nil {
		return nil, err
	}
	k.Unfenced = k.Unfenced || unfenced
	im, err := readBeside(context.Background(), k, file)
	if err != nil {
		return nil, err
	}
	which := max(1, product)
	switch {
	case product == 0 && len(im.Parts) != 1:
		return nil, fmt.Errorf("%s holds %d parts; --product says which of them is meant", file, len(im.Parts))
	case which > len(im.Parts):
		return nil, fmt.Errorf("%s holds %d parts, so there is no product %d", file, len(im.Parts), which)
	}
	return kernel.Derive(im.Parts[which-1]), nil
}

// writeUpdated writes the document; the part names its newer file as seen from there.
func writeUpdated(res *revise.Result, key string, files []string, product int, out string) error {
	doc, err := seenFrom(res.Document, files[0], out)
	if err != nil {
		return err
	}
	to, err := filepath.Abs(filepath.Dir(out))
	if err != nil {
		return err
	}
	abs, err := filepath.Abs(files[1])
	if err != nil {
		return err
	}
	path, err := filepath.Rel(to, abs)
	if err != nil {
		return err
	}
	p := *doc.Parts[key]
	p.Source = part.Source{Format: kernel.Format(files[1]), Path: filepath.ToSlash(path), Product: product}
	doc.Parts[key] = &p
	data, err := format.Write(doc)
	if err != nil {
		return err
	}
	return os.WriteFile(out, data, 0o644)
}

func tellUpdated(w io.Writer, r *revise.Result, rep *report.Report) error {
	fmt.Fprintf(w, "relations that hold on: %d\n", r.Carried)
	for _, x := range r.Renamed {
		fmt.Fprintf(w, "  %s: %s is %s now\n", x.Mate, x.From, x.To)
	}
	for _, x := range r.Moved {
		fmt.Fprintf(w, "  %s: %s moved by %s mm", x.Mate, x.Feature, part.Number(x.MM))
		if x.Deg > 0 {
			fmt.Fprintf(w, " and turned by %s°", part.Number(x.Deg))
		}
		fmt.Fprintln(w)
	}
	for _, x := range r.Broken {
		fmt.Fprintf(w, "  broken %s: %s, %s", x.Mate, x.Feature, x.Why)
		if x.Proposal != nil {
			fmt.Fprintf(w, "; nearest is %s", *x.Proposal)
		}
		fmt.Fprintln(w)
	}
	for _, x := range r.Other {
		fmt.Fprintf(w, "  %s stands on what is gone\n", x)
	}
	_, err := fmt.Fprintf(w, "%s: %s\n", rep.Root, rep.Verdict)
	return err
}
