package main

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"os"
	"os/signal"

	"setfast/core/account"
	"setfast/paper"
)

// runGuide tells how an assembly is put together.
func runGuide(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {base, steps: [{step, parts, sentence, removes}], left_out}")
	as := c.String("apart", "", "in the way that the document has under this `name`, not all of it")
	pdf := c.String("pdf", "", "write a picture and a sentence a step to this `file`")
	force := c.Bool("force", false, "overwrite a file that is there")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	ctx, cancel := signal.NotifyContext(context.Background(), os.Interrupt)
	defer cancel()
	b, file, code := takeBodies(c, unfenced)
	if b == nil {
		return code
	}
	defer b.close()
	rep, err := account.Check(ctx, b.doc, nil)
	if err != nil {
		return c.fail("%s: %v", called(file), err)
	}
	s := b.subject(rep)
	if s.Exploded, err = b.apart(ctx, *as); err != nil {
		return c.fail("%s: %v", called(file), err)
	}
	g, err := s.Guide(ctx)
	if err != nil {
		return c.fail("%s: %v", called(file), err)
	}
	if *pdf != "" {
		err := free(*pdf, *force)
		if err == nil {
			title := b.doc.Assemblies[b.doc.Root].Name
			if title == "" {
				title = b.doc.Root
			}
			err = into(func(w io.Writer) error { return paper.WritePDF(w, title, g.Pages(title)...) })(*pdf)
		}
		if err != nil {
			return c.fail("%s could not be written: %v", *pdf, plain(err))
		}
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(g)
	} else {
		_, err = fmt.Fprintf(c.out, "Begin with %s.\n", g.Base)
		for _, x := range g.Steps {
			fmt.Fprintf(c.out, "%3d  %s\n", x.Step, x.Sentence)
		}
		for _, n := range g.Left {
			fmt.Fprintf(c.out, "without a step: %s\n", n)
		}
	}
	if err != nil {
		return c.fail("the guide could not be written: %v", plain(err))
	}
	if len(g.Left) > 0 {
		return 1
	}
	return 0
}
