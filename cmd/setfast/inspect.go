package main

import (
	"bufio"
	"context"
	"errors"
	"fmt"
	"io"
	"os"
	"path/filepath"

	"setfast/app/words"
	"setfast/kernel"
)

// inspected is what was found in one file.
type inspected struct {
	File  string             `json:"file"`
	Holds *kernel.Inspection `json:"holds,omitempty"`
	Error string             `json:"error,omitempty"`
}

// runInspect shows what the kernel finds in shape files, without a database.
func runInspect(c *call) int {
	asJSON := c.Bool("json", false, "print JSON; of several files a list of {file, holds or error}")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	files, code, ok := c.files(1, 1<<20)
	if !ok {
		return code
	}
	k, err := kernel.Find()
	if err != nil {
		return c.fail("%v", err)
	}
	k.Unfenced = k.Unfenced || *unfenced
	var all []inspected
	for _, f := range files {
		one := inspected{File: f}
		im, err := readBeside(context.Background(), k, f)
		if err != nil {
			code, one.Error = 2, err.Error()
			fmt.Fprintf(c.errs, "setfast: %v\n", err)
		} else if one.Holds = im.Inspect(); len(one.Holds.Missing) > 0 {
			code = max(code, 1)
		}
		all = append(all, one)
	}
	w := bufio.NewWriter(c.out)
	if *asJSON {
		if len(all) > 1 {
			err = encode(w, all)
		} else if all[0].Holds != nil {
			err = encode(w, all[0].Holds)
		}
	} else {
		for _, one := range all {
			if one.Holds == nil {
				continue
			}
			headed(w, one.File, len(all))
			tellInspection(w, one.Holds)
		}
	}
	if err = errors.Join(err, w.Flush()); err != nil {
		return c.fail("what was found could not be written: %v", plain(err))
	}
	return code
}

// size writes an extent.
func size(s [3]float64) string { return words.MM.Size([3]float64{}, s) }

// tellInspection writes what was found for people.
func tellInspection(out io.Writer, ins *kernel.Inspection) {
	said := "the file says no unit, so mm are taken"
	if ins.FileUnit != "" {
		said = "the file is in " + ins.FileUnit
	}
	fmt.Fprintf(out, "%s in %s, %s overall; %s, here all is in %s\n", words.Plural(len(ins.Parts), "part", "parts"), words.Plural(len(ins.Instances), "instance", "instances"), size(ins.Size), said, ins.Units)
	for _, p := range ins.Parts {
		fmt.Fprintf(out, "  %-28s ×%-4d %s  volume %.6g mm³  area %.6g mm²  %d holes, %d shafts", p.Name, p.Instances, size(p.Size), p.Volume, p.Area, p.Holes, p.Shafts)
		for _, k := range []string{"plane", "cylinder", "cone", "sphere", "torus", "other"} {
			if n := p.Faces[k]; n > 0 {
				fmt.Fprintf(out, ", %d %s", n, k)
			}
		}
		fmt.Fprintln(out)
		if p.Doubt != "" {
			fmt.Fprintf(out, "    %s\n", p.Doubt)
		}
		if p.Note != "" {
			fmt.Fprintf(out, "    %s\n", p.Note)
		}
	}
	for _, i := range ins.Instances {
		o := i.Pose.Origin
		fmt.Fprintf(out, "  %-52s at (%.4g, %.4g, %.4g)\n", i.Path, o[0], o[1], o[2])
	}
	for _, m := range ins.Missing {
		fmt.Fprintf(out, "  missing: %s, which the file refers to\n", m)
	}
}

// readBeside reads a file together with those it refers to that lie beside it.
func readBeside(ctx context.Context, k *kernel.Runner, file string) (*kernel.Import, error) {
	var companions map[string]string
	if st, err := os.Stat(file); err == nil && st.Mode().IsRegular() && kernel.Format(file) == "step" {
		companions, err = kernel.Companions(file, func(name string) string {
			p := filepath.Join(filepath.Dir(file), filepath.FromSlash(name))
			if st, err := os.Stat(p); err != nil || !st.Mode().IsRegular() {
				return ""
			}
			return p
		})
		if err != nil {
			return nil, fmt.Errorf("%s could not be read: %w", filepath.Base(file), err)
		}
	}
	return k.Read(ctx, file, companions)
}
