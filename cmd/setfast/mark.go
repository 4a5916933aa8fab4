package main

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"os"
	"path/filepath"
	"strings"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/mark"
	"setfast/core/part"
	"setfast/core/relate"
	"setfast/core/report"
	"setfast/kernel"
)

// runMark holds submissions against a key: 0 where all pass, 1 where one does not, 2 where the key cannot be read.
func runMark(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {rows: [{file, passes, verdict, order_ok, out_of_order, missing, too_many, loose, doubled, measures, clashes, same_as, why}]}")
	to := c.String("csv", "", "write the table to this CSV `file`")
	force := c.Bool("force", false, "let --csv overwrite a file")
	files, code, ok := c.files(2, 1<<20)
	if !ok {
		return code
	}
	key, err := readKey(files[0], c.in)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	dir, err := os.MkdirTemp("", "setfast-mark-")
	if err != nil {
		return c.fail("there is no room to unpack: %v", plain(err))
	}
	defer os.RemoveAll(dir)
	in, err := unbundle(files[1:], dir)
	if err != nil {
		return c.fail("%v", err)
	}
	var rows []mark.Row
	m := mark.Marker{Key: key}
	for _, f := range in {
		s, err := handedIn(f.file, c.in, key)
		if err != nil {
			rows = append(rows, mark.Unreadable(f.name, err))
			continue
		}
		s.File = f.name
		rows = append(rows, m.Row(s))
	}
	if *to != "" {
		if err := free(*to, *force); err == nil {
			err = rowsToCSV(mark.Table(rows), *to)
			if err != nil {
				return c.fail("%s could not be written: %v", *to, plain(err))
			}
		} else {
			return c.fail("%v", err)
		}
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(map[string]any{"rows": rows})
	} else {
		err = tellMarked(c.out, rows)
	}
	if err != nil {
		return c.fail("the table could not be written: %v", plain(err))
	}
	for _, r := range rows {
		if !r.Passes {
			return 1
		}
	}
	return 0
}

// readKey reads a key: a document, or one written by itself.
func readKey(file string, in io.Reader) (*mark.Key, error) {
	data, dir, err := load(file, in)
	if err != nil {
		return nil, err
	}
	said, is, err := mark.ReadSaid(data)
	if err != nil {
		return nil, err
	}
	var key *mark.Key
	if is && said.Document != "" {
		file = filepath.Join(dir, filepath.FromSlash(said.Document))
	}
	if !is || said.Document != "" {
		s, err := submitted(file, strings.NewReader(string(data)))
		if err != nil {
			return nil, err
		}
		key = mark.KeyOf(s.Doc, s.Report)
	}
	if is {
		key = said.Apply(key)
	}
	return key, nil
}

// handedIn reads a submission: a document, or a file of shapes that are placed, whose relations are recovered.
func handedIn(file string, in io.Reader, key *mark.Key) (*mark.Submission, error) {
	if kind := kernel.Format(file); kind != "step" && kind != "iges" {
		return submitted(file, in)
	}
	doc, surfaces, _, err := readPlaced(file, "", nil, false)
	if err != nil {
		return nil, err
	}
	got, err := mark.Recovered(context.Background(), key, doc, func(key string) []part.Surface { return surfaces[key] })
	if err != nil {
		return nil, err
	}
	s := &mark.Submission{File: file, Said: doc, Doc: got.Document, Report: got.Report, Placed: true}
	s.Loose = looseIn(got.Report.Assemblies[got.Document.Root])
	b, err := readBodies(file, nil, false)
	if err != nil {
		return nil, err
	}
	defer b.close()
	k := checked{File: file, doc: b.doc}
	if k.Report, err = account.Check(context.Background(), b.doc, nil); err != nil {
		return nil, err
	}
	if err = k.look(b, true); err == nil {
		err = b.threads(&k, got)
	}
	if found, ok := k.Report.Clash.(*clash.Found); ok {
		s.Clashes = found.Clashes()
	}
	return s, err
}

// threads looks again with what was recognised as threads.
func (b *bodies) threads(k *checked, got *relate.Accounted) error {
	found, ok := k.Report.Clash.(*clash.Found)
	if !ok || found.Clashes() == 0 {
		return nil
	}
	items, err := b.items(k.Report)
	if err != nil {
		return err
	}
	o := b.options(0)
	o.Fits = append(o.Fits, mark.Threads(got, found)...)
	again, err := clash.Rest(context.Background(), items, o)
	if err == nil {
		k.Report.Clash = again
	}
	return err
}

func looseIn(r *report.Result) (out []string) {
	for _, m := range r.Motions {
		if m.Class == report.Stray {
			out = append(out, strings.Join(m.Rides, ", ")+" "+looseWords(m))
		}
	}
	return out
}

// submitted reads a document with what is told of it. Shapes are looked at where they can be had.
func submitted(file string, in io.Reader) (*mark.Submission, error) {
	said, out, err := readLenient(file, in, nil)
	if err != nil {
		return nil, err
	}
	k := checked{File: file, doc: out.Document}
	if k.Report, err = account.Check(context.Background(), out.Document, nil); err != nil {
		return nil, err
	}
	s := &mark.Submission{File: file, Said: said, Doc: out.Document, Report: k.Report}
	s.Loose = looseIn(k.Report.Assemblies[out.Root])
	if file != standardInput && shaped(said) {
		if b, err := readBodies(file, nil, false); err == nil {
			defer b.close()
			err := k.look(b, true)
			if found, ok := k.Report.Clash.(*clash.Found); ok && err == nil {
				s.Clashes = found.Clashes()
			}
		}
	}
	return s, nil
}

// shaped tells whether any part has a source.
func shaped(doc *assembly.Document) bool {
	for _, p := range doc.Parts {
		if p.Source.Format != "" {
			return true
		}
	}
	return false
}

// looseWords says how something moves.
func looseWords(m report.Motion) string {
	if m.Kind == "turn" {
		return fmt.Sprintf("turns about %v", m.Direction)
	}
	return fmt.Sprintf("goes along %v", m.Direction)
}

func tellMarked(w io.Writer, rows []mark.Row) error {
	for _, r := range rows {
		word := "passes"
		if !r.Passes {
			word = "does not pass"
		}
		fmt.Fprintf(w, "%s: %s", r.File, word)
		if r.Verdict != "" {
			fmt.Fprintf(w, ", %s", r.Verdict)
		}
		if r.Placed {
			fmt.Fprint(w, ", by what its shapes imply")
		}
		fmt.Fprintln(w)
		for _, s := range r.Why {
			fmt.Fprintf(w, "  %s\n", s)
		}
		if r.SameAs != nil {
			fmt.Fprintf(w, "  differs from %s in nothing but names\n", *r.SameAs)
		}
	}
	return nil
}
