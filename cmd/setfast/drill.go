package main

import (
	"context"
	"encoding/json"
	"fmt"
	"os"
	"path/filepath"
	"strings"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/carry"
	"setfast/core/clash"
	"setfast/core/drill"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/core/revise"
	"setfast/kernel"
)

// remade is a document whose part is made anew of a shape beside it.
type remade struct {
	file, out       string
	force, unfenced bool
}

// drilled is what the command prints.
type drilled struct {
	Part  string       `json:"part"`
	Holes []drill.Hole `json:"holes"`
	*revise.Result
	Report *report.Report `json:"report"`
}

// runDrill gives a part holes where others have theirs: 0 where all relations hold on, 1 where some are broken, 2 where it cannot be done.
func runDrill(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {part, holes: [{after, diameter_mm, depth_mm, through}], carried, …, report}")
	into := c.String("into", "", "the `component` that is drilled; its part is, wherever it is used")
	after := c.String("after", "", "the `features` that it is drilled after, as component/feature, with commas between")
	var s drill.Said
	c.StringVar(&s.Kind, "kind", "clearance", "the `kind` of holes: "+strings.Join(drill.Kinds, ", ")+" (own: as wide as what goes through)")
	c.StringVar(&s.Thread, "thread", "", "the `thread` that they are for, such as M6; found by the holes where none is said")
	c.StringVar(&s.Series, "series", "", "the `series` of clearance holes: fine, medium or coarse")
	c.Float64Var(&s.Depth, "depth", 0, "how deep in `mm`; through where nothing is said")
	c.Float64Var(&s.Wider, "wider", 0, "the play in `mm` of the diameter, of own")
	c.BoolVar(&s.Turned, "near", false, "heads lie on the near side")
	r := remade{}
	c.StringVar(&r.out, "out", "", "write the document to this `file`, and the drilled shape beside it")
	c.BoolVar(&r.force, "force", false, "overwrite files that are there")
	c.BoolVar(&r.unfenced, "unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	if *into == "" || *after == "" {
		return c.bad("drill wants --into and --after")
	}
	for f := range strings.SplitSeq(*after, ",") {
		s.From = append(s.From, strings.TrimSpace(f))
	}
	r.file = files[0]
	solids := map[string]*clash.Solid{}
	doc, err := readSaidShaped(files[0], c, solids)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	ctx := context.Background()
	out, err := drillIn(ctx, doc, *into, &s, solids, r)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(out)
	} else {
		for _, h := range out.Holes {
			deep := "through"
			if !h.Through {
				deep = "deep"
			}
			fmt.Fprintf(c.out, "%s: Ø%s, %s mm %s\n", h.After, part.Number(h.Diameter), part.Number(h.Depth), deep)
		}
		err = tellUpdated(c.out, out.Result, out.Report)
	}
	if err != nil {
		return c.fail("the answer could not be written: %v", plain(err))
	}
	if len(out.Broken)+len(out.Other) > 0 {
		return 1
	}
	return 0
}

// readSaidShaped reads a document as it is said, with the solids of its parts.
func readSaidShaped(file string, c *call, solids map[string]*clash.Solid) (*assembly.Document, error) {
	return readSaid(file, c.in, func(key string, d *kernel.Derived) { solids[key] = d.Solid(key) })
}

func drillIn(ctx context.Context, doc *assembly.Document, into string, s *drill.Said, solids map[string]*clash.Solid, r remade) (*drilled, error) {
	root := doc.Assemblies[doc.Root]
	c := root.Component(into)
	if c == nil || c.Part == "" {
		return nil, fmt.Errorf("there is no part %q in %s", into, doc.Root)
	}
	solid := solids[c.Part]
	if solid == nil {
		return nil, fmt.Errorf("%s has no shape to drill", c.Part)
	}
	a, err := account.TakeAtRest(ctx, doc, doc.Root)
	if err != nil {
		return nil, err
	}
	w := &carry.World{Doc: doc, Asm: root, Rep: a.Root}
	t := &drill.Target{Name: into, Pose: w.At(c), Line: func(o, z geom.Vec) []float64 { return solid.Mesh.Line(o, z) }}
	out := &drilled{Part: c.Part}
	if out.Holes, err = drill.Plan(w, t, s, format.Ref); err != nil {
		return nil, err
	}
	data, now, err := r.reworked(ctx, doc.Parts[c.Part], drill.Recipe(out.Holes), c.Part)
	if err != nil {
		return nil, err
	}
	out.Result = revise.Update(doc, c.Part, now.Part())
	if out.Report, err = reportOf(ctx, out.Document); err != nil {
		return nil, err
	}
	if r.out == "" {
		return out, nil
	}
	return out, r.write(out.Document, c.Part, c.Part+"-drilled.step", data)
}

// reworked makes a shape of a part's file: as a file, and what is derived of it.
func (r *remade) reworked(ctx context.Context, p *part.Part, recipe, name string) ([]byte, *kernel.Derived, error) {
	if p.Source.Format != "step" && p.Source.Format != "iges" {
		return nil, nil, fmt.Errorf("%s has no exact shape that another could be made of", name)
	}
	k, err := kernel.Find()
	if err != nil {
		return nil, nil, err
	}
	k.Unfenced = k.Unfenced || r.unfenced
	data, err := k.Reworked(ctx, filepath.Join(filepath.Dir(r.file), filepath.FromSlash(p.Source.Path)), max(1, p.Source.Product)-1, recipe, name)
	if err != nil {
		return nil, nil, err
	}
	dir, err := kernel.WorkFolder("made")
	if err != nil {
		return nil, nil, err
	}
	defer os.RemoveAll(dir)
	made := filepath.Join(dir, "made.step")
	if err := os.WriteFile(made, data, 0o600); err != nil {
		return nil, nil, err
	}
	d, err := readProduct(made, 0, r.unfenced)
	return data, d, err
}

// write writes the document, and the shape of one part beside it.
func (r *remade) write(doc *assembly.Document, key, name string, data []byte) error {
	shape := filepath.Join(filepath.Dir(r.out), name)
	for _, f := range []string{r.out, shape} {
		if err := free(f, r.force); err != nil {
			return err
		}
	}
	doc, err := seenFrom(doc, r.file, r.out)
	if err != nil {
		return err
	}
	p := *doc.Parts[key]
	p.Source = part.Source{Format: "step", Path: name}
	open := *doc
	open.Parts = map[string]*part.Part{}
	for k, v := range doc.Parts {
		open.Parts[k] = v
	}
	open.Parts[key] = &p
	text, err := format.Write(&open)
	if err != nil {
		return err
	}
	if err := os.WriteFile(shape, data, 0o644); err != nil {
		return err
	}
	return os.WriteFile(r.out, text, 0o644)
}
