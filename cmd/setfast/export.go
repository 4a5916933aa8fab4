package main

import (
	"bytes"
	"context"
	"fmt"
	"io"
	"os"
	"os/signal"
	"path/filepath"
	"strings"

	"setfast/core/account"
	"setfast/core/view"
	"setfast/export"
	"setfast/kernel"
)

// runExport writes the solved assembly for other programs: 0 where it is written, 1 where a part has no shape to be written, 2 where it cannot be.
func runExport(c *call) int {
	var to struct{ step, stl, threemf, glb string }
	c.StringVar(&to.step, "step", "", "write STEP AP242 with names, colours and placements to this `file`")
	c.StringVar(&to.stl, "stl", "", "write triangles in mm to this `file`")
	c.StringVar(&to.threemf, "3mf", "", "write 3MF to this `file`")
	c.StringVar(&to.glb, "glb", "", "write glTF (metres, y upward) to this `file`")
	only := c.String("only", "", "this `component` alone, in its own frame")
	force := c.Bool("force", false, "overwrite files that are there")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	b, file, code := takeBodies(c, unfenced)
	if b == nil {
		return code
	}
	defer b.close()
	if to.step+to.stl+to.threemf+to.glb == "" {
		return c.bad("export wants --step, --stl, --3mf or --glb, with a file")
	}
	ctx, cancel := signal.NotifyContext(context.Background(), os.Interrupt)
	defer cancel()
	rep, err := account.Check(ctx, b.doc, nil)
	if err != nil {
		return c.fail("%s: %v", called(file), err)
	}
	m, without, err := export.Of(b.doc, rep, b.doc.Root, *only, func(key string) (*view.Shape, []float64) { return b.drawn[key], b.colors[key] })
	if err != nil {
		return c.fail("%s: %v", called(file), err)
	}
	for _, t := range []struct {
		file  string
		write func(file string) error
	}{
		{to.step, func(file string) error {
			left, err := b.writeSTEP(ctx, m, file)
			without = append(without, left...)
			return err
		}},
		{to.stl, into(m.WriteSTL)}, {to.threemf, into(m.Write3MF)}, {to.glb, into(m.WriteGLB)},
	} {
		if t.file == "" {
			continue
		}
		err := free(t.file, *force)
		if err == nil {
			err = t.write(t.file)
		}
		if err != nil {
			return c.fail("%s could not be written: %v", t.file, plain(err))
		}
		fmt.Fprintf(c.out, "%s is written\n", t.file)
	}
	if len(without) > 0 {
		fmt.Fprintf(c.out, "without a shape for it, left out: %s\n", strings.Join(without, ", "))
		return 1
	}
	return 0
}

// into writes to a file what is written in one go.
func into(write func(io.Writer) error) func(file string) error {
	return func(file string) error {
		var out bytes.Buffer
		if err := write(&out); err != nil {
			return err
		}
		return os.WriteFile(file, out.Bytes(), 0o600)
	}
}

// writeSTEP has the kernel write a model, and tells which parts have no exact shape.
func (b *bodies) writeSTEP(ctx context.Context, m *export.Model, file string) (without []string, err error) {
	if b.kernel == nil {
		return nil, fmt.Errorf("nothing in it has an exact shape")
	}
	dir, err := kernel.WorkFolder("export")
	if err != nil {
		return nil, err
	}
	defer os.RemoveAll(dir)
	recipe, without := m.Recipe(filepath.Join(dir, "out.step"), func(key string) (string, int, bool) {
		s := b.solids[key]
		if s == nil {
			return "", 0, false
		}
		x, ok := b.exact[s.Key]
		if !ok {
			return "", 0, false
		}
		path, err := filepath.Abs(x.File)
		return path, x.Part, err == nil
	})
	if err := b.kernel.Make(ctx, dir, recipe); err != nil {
		return nil, err
	}
	data, err := os.ReadFile(filepath.Join(dir, "out.step"))
	if err != nil {
		return nil, err
	}
	return without, os.WriteFile(file, data, 0o600)
}
