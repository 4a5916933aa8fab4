package main

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"maps"
	"os"
	"path/filepath"
	"slices"
	"strings"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/mirror"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/kernel"
)

// mirrored is what the command prints.
type mirrored struct {
	*mirror.Result
	Report *report.Report `json:"report"`
}

// runMirror copies components to the other side of a plane: 0 where all relations came along, 1 where some are left out, 2 where it cannot be done.
func runMirror(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {copied: [{from, to, part, hand, pose}], relations, left_out: [{mate, why}], report}")
	at := c.String("plane", "", "the `plane`: @/yz, a face as component/feature, or two faces, with a comma between, for midway between them")
	of := c.String("of", "", "the `components` to copy, with commas between; all that are not grounded where none is named")
	out := c.String("out", "", "write the document with the copies to this `file`, opposite hands of shapes beside it")
	force := c.Bool("force", false, "overwrite files that are there")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	if *at == "" {
		return c.bad("mirror wants --plane")
	}
	var refs []assembly.Ref
	for text := range strings.SplitSeq(*at, ",") {
		r, err := format.Ref(strings.TrimSpace(text))
		if err != nil {
			return c.bad("--plane: %v", err)
		}
		refs = append(refs, r)
	}
	derived := map[string]*kernel.Derived{}
	doc, err := readSaid(files[0], c.in, func(key string, d *kernel.Derived) { derived[key] = d })
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	ctx := context.Background()
	res, err := mirrorOf(ctx, doc, refs, *of, derived)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	rep, err := reportOf(ctx, res.Document)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	if *out != "" {
		if err := writeMirrored(ctx, res, doc, files[0], *out, *force, *unfenced); err != nil {
			return c.fail("%s could not be written: %v", *out, plain(err))
		}
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(mirrored{res, rep})
	} else {
		err = tellMirrored(c.out, res, rep)
	}
	if err != nil {
		return c.fail("the answer could not be written: %v", plain(err))
	}
	if len(res.LeftOut) > 0 {
		return 1
	}
	return 0
}

func mirrorOf(ctx context.Context, doc *assembly.Document, refs []assembly.Ref, of string, derived map[string]*kernel.Derived) (*mirror.Result, error) {
	a, err := account.TakeAtRest(ctx, doc, doc.Root)
	if err != nil {
		return nil, err
	}
	plane, err := mirror.PlaneOf(doc, a, refs)
	if err != nil {
		return nil, err
	}
	var names []string
	for n := range strings.SplitSeq(of, ",") {
		if n = strings.TrimSpace(n); n != "" {
			names = append(names, n)
		}
	}
	return mirror.Mirror(ctx, doc, plane, names, func(key string) *mirror.Shape {
		if d := derived[key]; d != nil {
			return d.Hand()
		}
		return nil
	}, nil)
}

// writeMirrored writes the document, and beside it the shapes of opposite hands whose parts have one.
func writeMirrored(ctx context.Context, res *mirror.Result, was *assembly.Document, file, out string, force, unfenced bool) error {
	put := func(path string, data []byte) error {
		if err := free(path, force); err != nil {
			return err
		}
		return os.WriteFile(path, data, 0o644)
	}
	doc, err := seenFrom(res.Document, file, out)
	if err != nil {
		return err
	}
	res.Document = doc
	for _, made := range res.Made {
		source := was.Parts[made.Of].Source
		if source.Format != "step" && source.Format != "iges" {
			continue
		}
		k, err := kernel.Find()
		if err != nil {
			return err
		}
		k.Unfenced = k.Unfenced || unfenced
		data, err := k.Mirrored(ctx, filepath.Join(filepath.Dir(file), filepath.FromSlash(source.Path)), max(1, source.Product)-1, made.Part)
		if err != nil {
			return err
		}
		name := made.Part + ".step"
		if err := put(filepath.Join(filepath.Dir(out), name), data); err != nil {
			return err
		}
		res.Document.Parts[made.Part].Source = part.Source{Format: "step", Path: name}
	}
	data, err := format.Write(slim(res))
	if err != nil {
		return err
	}
	return put(out, data)
}

// slim is the document whose new parts with a shape of their own list only the features that are referred to.
func slim(r *mirror.Result) *assembly.Document {
	out := *r.Document
	out.Parts = maps.Clone(out.Parts)
	used := format.Used(r.Document)
	for _, made := range r.Made {
		p := *out.Parts[made.Part]
		if p.Source.Path != "" {
			p.Order = slices.DeleteFunc(slices.Clone(p.Order), func(n string) bool { return !used[made.Part][n] })
		}
		out.Parts[made.Part] = &p
	}
	return &out
}

func tellMirrored(w io.Writer, r *mirror.Result, rep *report.Report) error {
	for _, k := range r.Copied {
		hand := "the same part turned over"
		if k.Hand == mirror.Opposite {
			hand = "opposite hand, " + k.Part
		}
		fmt.Fprintf(w, "%s: %s\n", k.To, hand)
	}
	fmt.Fprintf(w, "relations that came along: %d\n", r.Relations)
	for _, l := range r.LeftOut {
		fmt.Fprintf(w, "  left out %s: %s\n", l.Mate, l.Why)
	}
	_, err := fmt.Fprintf(w, "%s: %s\n", rep.Root, rep.Verdict)
	return err
}
