package main

import (
	"context"
	"crypto/sha256"
	"encoding/hex"
	"encoding/json"
	"fmt"
	"io"
	"os"
	"path/filepath"
	"slices"
	"strings"
	"time"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/part"
	"setfast/core/relate"
	"setfast/core/report"
	"setfast/kernel"
)

// related is what relate answers.
type related struct {
	Base       string                   `json:"base"`
	Relations  int                      `json:"relations"`
	Also       int                      `json:"also"`
	Alone      []string                 `json:"alone"`
	Left       []string                 `json:"left_out,omitempty"` // uses that are no rigid placement
	Assemblies map[string]*relate.Found `json:"assemblies"`
	Report     *report.Report           `json:"report"`
	Timing     map[string]float64       `json:"timing_ms,omitempty"`
}

// runRelate recovers the relations of a placed assembly: 0 if it passes then, 1 if it does not, 2 unreadable or wrong.
func runRelate(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {base, relations, also, alone, assemblies, report}")
	out := c.String("out", "", "write the document with its relations to this new `file`")
	force := c.Bool("force", false, "let --out overwrite a file")
	base := c.String("base", "", "the `component` that stands, instead of the one found")
	anew := c.Bool("anew", false, "choose the base anew, whatever is grounded")
	hold := c.Bool("hold", false, "also hold where it is what nothing stops: motion that is meant is held too")
	next := c.String("next", "", "propose what would seat this `component`, instead of relating all")
	seatings := c.String("seatings", "", "list the ways in which this `component` can sit where its relations have it")
	timing := c.Bool("timing", false, "add where the time went")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	if *out != "" {
		if err := free(*out, *force); err != nil {
			return c.fail("%v", err)
		}
	}
	start := time.Now()
	doc, surfaces, left, err := readPlaced(files[0], *out, c.in, *unfenced)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	read := time.Since(start)
	if *base != "" && doc.Assemblies[doc.Root].Component(*base) == nil {
		return c.fail("%s: there is no component %q to stand", called(files[0]), *base)
	}
	shapes := func(key string) []part.Surface { return surfaces[key] }
	if *seatings != "" {
		list, err := relate.Seatings(context.Background(), doc, doc.Root, *seatings, shapes)
		if err == nil {
			err = tellSeatings(c.out, list, *asJSON)
		}
		if err != nil {
			return c.fail("%s: %v", called(files[0]), err)
		}
		return 0
	}
	if *next != "" {
		list, _, err := relate.Following(context.Background(), doc, doc.Root, *next, shapes)
		if err == nil {
			err = tellNext(c.out, list, *asJSON)
		}
		if err != nil {
			return c.fail("%s: %v", called(files[0]), err)
		}
		return 0
	}
	got, err := relate.Document(context.Background(), doc, shapes, relate.Options{Base: *base, Anew: *anew, Hold: *hold})
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	a := related{Base: got.Found[doc.Root].Base, Assemblies: got.Found, Report: got.Report, Left: left}
	a.Relations, a.Also, a.Alone = got.Counts()
	if *timing {
		a.Timing = map[string]float64{"read": read.Seconds() * 1e3, "relate": time.Since(start).Seconds()*1e3 - read.Seconds()*1e3}
	}
	if *out != "" {
		whole := got.Document
		if kernel.Format(files[0]) == "" {
			whole, err = seenFrom(whole, files[0], *out)
		}
		var data []byte
		if err == nil {
			data, err = format.Write(whole)
		}
		if err == nil {
			err = os.WriteFile(*out, data, 0o644)
		}
		if err != nil {
			return c.fail("%s could not be written: %v", *out, plain(err))
		}
	}
	if *asJSON {
		e := json.NewEncoder(c.out)
		e.SetIndent("", " ")
		err = e.Encode(a)
	} else {
		err = tellRelated(c.out, got, &a)
	}
	if err != nil {
		return c.fail("what was found could not be written: %v", plain(err))
	}
	if !got.Report.Verdict.Passes() {
		return 1
	}
	return 0
}

// tellNext prints what would seat a component, best first, with the relations as a document has them.
func tellNext(w io.Writer, list []relate.Next, asJSON bool) error {
	type proposal struct {
		relate.Next
		Relations []json.Marshaler `json:"relations"`
	}
	all := []proposal{}
	for _, n := range list {
		p := proposal{n, nil}
		for _, m := range n.Mates {
			p.Relations = append(p.Relations, format.MateObject(m))
		}
		all = append(all, p)
	}
	if asJSON {
		e := json.NewEncoder(w)
		e.SetIndent("", " ")
		return e.Encode(all)
	}
	for _, n := range list {
		if _, err := fmt.Fprintf(w, "%-8s %s  leaves %d%s\n", n.Kind, n.Says, n.Left, through(n.Through)); err != nil {
			return err
		}
		for _, m := range n.Mates {
			fmt.Fprintf(w, "    %-12s %s  on  %s\n", m.Type, m.B, m.A)
		}
	}
	return nil
}

// through says what a part would pass through.
func through(list []string) string {
	if len(list) == 0 {
		return ""
	}
	return ", passes through " + strings.Join(list, ", ")
}

// tellSeatings prints the seatings of a component, the present one first.
func tellSeatings(w io.Writer, list []relate.Seating, asJSON bool) error {
	if asJSON {
		e := json.NewEncoder(w)
		e.SetIndent("", " ")
		return e.Encode(list)
	}
	for _, s := range list {
		if _, err := fmt.Fprintf(w, "%s  leaves %d%s\n", s.Says, s.Left, through(s.Through)); err != nil {
			return err
		}
		for _, m := range s.Mates {
			fmt.Fprintf(w, "    %-14s %s  on  %s  %s\n", m.ID, m.B, m.A, m.Word("sense"))
		}
	}
	return nil
}

// readPlaced reads a document, or makes one of a shape file; parts of it name the file as seen from where out will lie.
func readPlaced(file, out string, in io.Reader, unfenced bool) (*assembly.Document, map[string][]part.Surface, []string, error) {
	surfaces := map[string][]part.Surface{}
	if kind := kernel.Format(file); kind != "step" && kind != "iges" {
		doc, err := readShaped(file, in, func(key string, d *kernel.Derived) { surfaces[key] = d.Surfaces() })
		return doc, surfaces, nil, err
	}
	p, err := readTree(file, out, unfenced)
	if err != nil {
		return nil, nil, nil, err
	}
	return p.Document, p.Surfaces, p.Left, nil
}

// readTree makes a document of a shape file; parts of it name the file as seen from where out will lie.
func readTree(file, out string, unfenced bool) (*kernel.Placed, error) {
	k, err := kernel.Find()
	if err != nil {
		return nil, err
	}
	k.Unfenced = k.Unfenced || unfenced
	data, err := os.ReadFile(file)
	if err != nil {
		return nil, plain(err)
	}
	im, err := readBeside(context.Background(), k, file)
	if err != nil {
		return nil, err
	}
	path := filepath.Base(file)
	if out != "" {
		path = file
		from, err1 := filepath.Abs(filepath.Dir(out))
		to, err2 := filepath.Abs(file)
		if err1 == nil && err2 == nil {
			if rel, err := filepath.Rel(from, to); err == nil {
				path = rel
			}
		}
	}
	sum := sha256.Sum256(data)
	return im.Document(filepath.ToSlash(path), hex.EncodeToString(sum[:]))
}

// tellRelated prints what was found for people: an assembly each, from the lowest up.
func tellRelated(w io.Writer, got *relate.Accounted, a *related) error {
	for _, name := range got.Order {
		f, res := got.Found[name], got.Report.Assemblies[name]
		fmt.Fprintf(w, "%s: %s stands; %s, %d more true besides; opening %d, removed %d, left %d, loose %d: %s\n", name, f.Base,
			words.Plural(len(f.Relations), "relation", "relations"), len(f.Also), res.Opening, res.Removed, res.Left, res.Loose, res.Verdict)
		by := map[string]relate.Relation{}
		for _, r := range f.Relations {
			by[r.ID] = r
		}
		for _, g := range f.Groups {
			fmt.Fprintf(w, "  %-8s %s  −%d\n", g.Kind, g.Name, g.Removes)
			for _, id := range g.Relations {
				r := by[id]
				fmt.Fprintf(w, "    %-14s %s  on  %s  −%d  %s\n", id, r.B, r.A, r.Removes, r.Why)
			}
		}
		for _, m := range res.Motions {
			fmt.Fprintf(w, "  %s: %s about %v, %s ride along\n", m.Class, m.Kind, m.Direction, strings.Join(m.Rides, ", "))
		}
		for _, r := range f.Held {
			fmt.Fprintf(w, "  could be held: %s  on  %s  −%d  %s\n", r.B, r.A, r.Removes, r.Why)
		}
		for _, x := range f.Alone {
			var near []string
			for _, n := range x.Near {
				near = append(near, fmt.Sprintf("%s at %s mm", n.Component, part.Number(n.MM)))
			}
			fmt.Fprintf(w, "  alone: %s; near it %s\n", x.Component, strings.Join(near, ", "))
		}
		for _, x := range f.Apart {
			fmt.Fprintf(w, "  %s mm apart: %s, %s (%s)\n", part.Number(x.MM), x.B, x.A, x.What)
		}
		for _, h := range f.Hints {
			fmt.Fprintf(w, "  %s: %s, %s: %s\n", h.Kind, h.B, h.A, h.Says)
		}
		for _, d := range slices.Sorted(slices.Values(f.Doubts)) {
			fmt.Fprintf(w, "  doubt: %s\n", d)
		}
	}
	_, err := fmt.Fprintf(w, "%s, %d true besides, %d alone: %s\n", words.Plural(a.Relations, "relation", "relations"), a.Also, len(a.Alone), got.Report.Verdict)
	return err
}
