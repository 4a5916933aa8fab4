package main

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"math"

	"setfast/core/account"
	"setfast/core/gearing"
	"setfast/core/part"
)

// runMesh tells how teeth mesh: 0 where distance and modules are right, 1 where not, 2 where no teeth are found.
func runMesh(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {a, b, teeth_a, teeth_b, module, module_b, distance_mm, wanted_mm, off, phase, ratio, depth_mm, deepest_mm}")
	ja := c.String("a", "", "the `joint` that the first wheel turns in")
	jb := c.String("b", "", "the `joint` that the second wheel turns in, or a rack slides in")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	for name, said := range map[string]string{"a": *ja, "b": *jb} {
		if said == "" {
			return c.bad("mesh wants --%s", name)
		}
	}
	doc, surfaces, _, err := readPlaced(files[0], "", c.in, *unfenced)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	ctx := context.Background()
	a, err := account.TakeAtRest(ctx, doc, doc.Root)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	m, err := gearing.Of(ctx, doc, a, *ja, *jb, func(key string) []part.Surface { return surfaces[key] })
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(m)
	} else {
		err = tellMesh(c.out, m)
	}
	if err != nil {
		return c.fail("the mesh could not be written: %v", plain(err))
	}
	if !m.Fits() {
		return 1
	}
	return 0
}

// tellMesh prints for people, and what a coupling has to say.
func tellMesh(w io.Writer, m *gearing.Mesh) error {
	fmt.Fprintf(w, "%s and %s: %s\n", m.A, m.B, m.Called())
	if math.Abs(m.Module-m.ModuleB) > 0 {
		fmt.Fprintf(w, "  modules %g and %g do not go together\n", m.Module, m.ModuleB)
	}
	fmt.Fprintf(w, "  %.3f mm apart; teeth by ISO 53 want %.3f mm\n", m.Distance, m.Wanted)
	fmt.Fprintf(w, "  teeth reach %.3f mm into one another, and are %.3f of a pitch off the middle of gaps as they stand\n", m.Depth, m.Off)
	name := "ratio"
	if m.TeethB == 0 {
		name = "lead"
	}
	_, err := fmt.Fprintf(w, "  %q: %q, \"phase\": %g lets them mesh\n", name, m.Ratio, m.Phase)
	return err
}
