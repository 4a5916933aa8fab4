package main

import (
	"context"
	"encoding/json"
	"fmt"

	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/format"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/kernel"
)

// runOutline makes a plate of a face and fastens it there: 0 where it is made, 2 where it cannot be.
func runOutline(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {part, component, volume_mm3, report}")
	face := c.String("face", "", "the flat `face`, as component/feature")
	thick := c.Float64("thick", 0, "how thick, in `mm`, outward of the face")
	name := c.String("name", "spacer", "the `name` of the part and its use")
	r := remade{}
	c.StringVar(&r.out, "out", "", "write the document to this `file`, and the shape beside it")
	c.BoolVar(&r.force, "force", false, "overwrite files that are there")
	c.BoolVar(&r.unfenced, "unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	if *face == "" || !(*thick > 0) {
		return c.bad("outline wants --face, and --thick in mm")
	}
	r.file = files[0]
	doc, err := readSaidShaped(files[0], c, map[string]*clash.Solid{})
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	key, volume, rep, err := outlineIn(context.Background(), doc, *face, *thick, *name, r)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(map[string]any{"part": key, "component": key, "volume_mm3": volume, "report": rep})
	} else {
		_, err = fmt.Fprintf(c.out, "%s: %s mm³, fastened on %s\n%s: %s\n", key, part.Number(volume), *face, rep.Root, rep.Verdict)
	}
	if err != nil {
		return c.fail("the answer could not be written: %v", plain(err))
	}
	return 0
}

func outlineIn(ctx context.Context, doc *assembly.Document, face string, thick float64, name string, r remade) (key string, volume float64, rep *report.Report, err error) {
	ref, err := format.Ref(face)
	if err != nil {
		return "", 0, nil, err
	}
	root := doc.Assemblies[doc.Root]
	f, err := doc.Feature(root, ref)
	if err != nil {
		return "", 0, nil, err
	}
	on := root.Component(ref.Head())
	if f.Kind != part.Plane || len(ref.Path) != 1 || on.Part == "" {
		return "", 0, nil, fmt.Errorf("%s is no flat face of a part of %s", face, doc.Root)
	}
	if err := format.CheckName(name); err != nil {
		return "", 0, nil, err
	}
	data, d, err := r.reworked(ctx, doc.Parts[on.Part], kernel.OutlineRecipe(f.O.Array(), f.Z.Array(), thick), name)
	if err != nil {
		return "", 0, nil, err
	}
	key = assembly.FreeName(name, func(n string) bool {
		return doc.Parts[n] != nil || doc.Assemblies[n] != nil || root.Component(n) != nil
	})
	p := d.Part()
	p.Name, p.Material, p.Density = name, doc.Parts[on.Part].Material, doc.Parts[on.Part].Density
	next := *root
	next.Components = append(append([]*assembly.Component{}, root.Components...), &assembly.Component{Name: key, Part: key, Pose: on.Pose})
	next.Mates = append(append([]*assembly.Mate{}, root.Mates...), &assembly.Mate{ID: assembly.FreeName("fastened", func(n string) bool { return root.Mate(n) != nil }), Type: "fastened",
		A: assembly.Ref{Path: []string{on.Name}, Feature: "origin"}, B: assembly.Ref{Path: []string{key}, Feature: "origin"}})
	open := *doc.WithRoot(next.Seal())
	open.Parts = map[string]*part.Part{key: p}
	for k, v := range doc.Parts {
		open.Parts[k] = v
	}
	open.PartOrder = append(append([]string{}, doc.PartOrder...), key)
	if rep, err = reportOf(ctx, &open); err != nil || r.out == "" {
		return key, d.Volume, rep, err
	}
	return key, d.Volume, rep, r.write(&open, key, key+".step", data)
}
