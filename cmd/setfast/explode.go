package main

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"os"
	"os/signal"
	"strings"

	"setfast/core/account"
	"setfast/core/clash"
	"setfast/core/explode"
	"setfast/core/part"
	"setfast/core/sheet"
)

// runExplode tells how an assembly comes apart: 0 if all of it does, 1 if something is caught, 2 where it cannot be read.
func runExplode(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {base, steps: [{parts, along, by}], stuck: [{part, caught_on}], no_shape}")
	as := c.String("apart", "", "in the way that the document has under this `name`, not all of it")
	svg := c.String("svg", "", "draw the exploded view into this `file`")
	force := c.Bool("force", false, "overwrite a file that is there")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	b, file, code := takeBodies(c, unfenced)
	if b == nil {
		return code
	}
	defer b.close()
	ctx, cancel := signal.NotifyContext(context.Background(), os.Interrupt)
	defer cancel()
	x, err := b.apart(ctx, *as)
	if err != nil {
		return c.fail("%s: %v", called(file), err)
	}
	if *svg != "" {
		if err = free(*svg, *force); err == nil {
			err = b.explodedSVG(ctx, x, *svg)
		}
		if err != nil {
			return c.fail("%s could not be written: %v", *svg, plain(err))
		}
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(x)
	} else {
		err = tellApart(c.out, x)
	}
	if err != nil {
		return c.fail("what was found could not be written: %v", plain(err))
	}
	if len(x.Stuck)+len(x.Missing) > 0 {
		return 1
	}
	return 0
}

// apart takes the root apart, or what leaves in a way that it names.
func (b *bodies) apart(ctx context.Context, as string) (*explode.Exploded, error) {
	rep, err := account.Check(ctx, b.doc, nil)
	if err != nil {
		return nil, err
	}
	a := b.doc.Assemblies[b.doc.Root]
	units, base := explode.Units(b.doc, rep, b.doc.Root, func(key string) *clash.Solid { return b.solids[key] })
	o := explode.Options{MM: b.doc.SettingsOf(a).ToleranceMM, Base: base, Fits: clash.Meant(b.doc, a)}
	if err := o.Say(a, as); err != nil {
		return nil, err
	}
	if b.kernel != nil {
		o.Finer = b.kernel.Finer(b.exact)
	}
	return explode.Of(ctx, units, o)
}

// explodedSVG draws the exploded view with list and balloons.
func (b *bodies) explodedSVG(ctx context.Context, x *explode.Exploded, file string) error {
	s, err := b.sheet(ctx, sheet.Input{}, []string{"exploded"}, x, "", nil, nil)
	if err != nil {
		return err
	}
	return into(s.Drawing.WriteSVG)(file)
}

// tellApart prints the steps for people.
func tellApart(w io.Writer, x *explode.Exploded) error {
	for i, s := range x.Steps {
		var along []string
		for _, v := range s.Along {
			along = append(along, part.Number(v))
		}
		fmt.Fprintf(w, "%3d  %s, along %s by %s mm\n", i+1, strings.Join(s.Parts, ", "), strings.Join(along, " "), part.Number(s.By))
	}
	for _, s := range x.Stuck {
		if len(s.CaughtOn) == 0 {
			fmt.Fprintf(w, "%s is said to leave, but stays\n", s.Part)
			continue
		}
		fmt.Fprintf(w, "caught: %s, on %s\n", s.Part, strings.Join(s.CaughtOn, ", "))
	}
	for _, name := range x.Missing {
		fmt.Fprintf(w, "not there: %s\n", name)
	}
	if len(x.NoShape) > 0 {
		fmt.Fprintf(w, "without a shape: %s\n", strings.Join(x.NoShape, ", "))
	}
	_, err := fmt.Fprintf(w, "%s stays\n", x.Base)
	return err
}
