package main

import (
	"context"
	"encoding/json"
	"flag"
	"fmt"
	"io"
	"os"
	"path/filepath"

	"setfast/kernel"
)

// runInspect shows what the kernel finds in a shape file, without a database.
func runInspect(args []string, out, errs io.Writer) int {
	fs := flag.NewFlagSet("inspect", flag.ContinueOnError)
	fs.SetOutput(errs)
	asJSON := fs.Bool("json", false, "print JSON")
	unfenced := fs.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	fs.Usage = func() {
		fmt.Fprintln(errs, "usage: setfast inspect FILE [--json]")
		fs.PrintDefaults()
	}
	files, err := parseMixed(fs, args)
	if err != nil {
		return 2
	}
	if len(files) != 1 {
		fs.Usage()
		return 2
	}
	k, err := kernel.Find()
	if err != nil {
		fmt.Fprintf(errs, "setfast: %v\n", err)
		return 2
	}
	k.Unfenced = k.Unfenced || *unfenced
	im, err := readBeside(context.Background(), k, files[0])
	if err != nil {
		fmt.Fprintf(errs, "setfast: %v\n", err)
		return 2
	}
	ins := im.Inspect()
	if *asJSON {
		e := json.NewEncoder(out)
		e.SetIndent("", " ")
		e.SetEscapeHTML(false)
		if err := e.Encode(ins); err != nil {
			fmt.Fprintf(errs, "setfast: %v\n", err)
			return 2
		}
		return 0
	}
	fmt.Fprintf(out, "%d parts in %d instances, units %s\n", len(ins.Parts), len(ins.Instances), ins.Units)
	for _, p := range ins.Parts {
		fmt.Fprintf(out, "  %-28s ×%-4d volume %.6g mm³  area %.6g mm²  %d holes, %d shafts", p.Name, p.Instances, p.Volume, p.Area, p.Holes, p.Shafts)
		for _, k := range []string{"plane", "cylinder", "cone", "sphere", "torus", "other"} {
			if n := p.Faces[k]; n > 0 {
				fmt.Fprintf(out, ", %d %s", n, k)
			}
		}
		fmt.Fprintln(out)
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
	return 0
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
