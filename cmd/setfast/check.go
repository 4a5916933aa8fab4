package main

import (
	"context"
	"crypto/sha256"
	"encoding/hex"
	"encoding/json"
	"flag"
	"fmt"
	"io"
	"os"
	"path/filepath"
	"strings"
	"time"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/part"
	"setfast/kernel"
)

// maxDocument bounds what is read into memory.
const maxDocument = 1 << 30

// runCheck judges a document without database or browser: 0 passes, 1 does not, 2 unreadable or wrong.
func runCheck(args []string, out, errs io.Writer) int {
	fs := flag.NewFlagSet("check", flag.ContinueOnError)
	fs.SetOutput(errs)
	asJSON := fs.Bool("json", false, "print the report as JSON")
	timing := fs.Bool("timing", false, "add where the time went")
	solved := fs.String("solved", "", "write the document with solved poses to this `file`")
	fs.Usage = func() {
		fmt.Fprintln(errs, "usage: setfast check [--json] [--timing] [--solved OUT.setfast.json] FILE")
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
	start := time.Now()
	doc, err := readDocument(files[0])
	if err != nil {
		fmt.Fprintf(errs, "setfast: %s: %v\n", files[0], err)
		return 2
	}
	read := time.Since(start).Seconds() * 1e3
	var clock account.Clock
	if *timing {
		clock = func() time.Duration { return time.Since(start) }
	}
	rep, err := account.Check(context.Background(), doc, clock)
	if err != nil {
		fmt.Fprintf(errs, "setfast: %s: %v\n", files[0], err)
		return 2
	}
	if rep.Timing != nil {
		rep.Timing.Read = read
	}
	if *solved != "" {
		data, err := format.Write(account.Settled(doc, rep))
		if err == nil {
			err = os.WriteFile(*solved, data, 0o644)
		}
		if err != nil {
			fmt.Fprintf(errs, "setfast: cannot write %s: %v\n", *solved, err)
			return 2
		}
	}
	if *asJSON {
		e := json.NewEncoder(out)
		e.SetIndent("", " ")
		e.SetEscapeHTML(false)
		if err := e.Encode(rep); err != nil {
			fmt.Fprintf(errs, "setfast: %v\n", err)
			return 2
		}
	} else {
		summary(out, doc, rep)
	}
	if !rep.Verdict.Passes() {
		return 1
	}
	return 0
}

// parseMixed lets flags stand before or after the file names.
func parseMixed(fs *flag.FlagSet, args []string) ([]string, error) {
	var files []string
	for {
		if err := fs.Parse(args); err != nil {
			return nil, err
		}
		args = fs.Args()
		if len(args) == 0 {
			return files, nil
		}
		files = append(files, args[0])
		args = args[1:]
	}
}

func readDocument(path string) (*assembly.Document, error) {
	st, err := os.Stat(path)
	if err != nil {
		return nil, plain(err)
	}
	if st.IsDir() {
		return nil, fmt.Errorf("is a folder, not a file")
	}
	if st.Size() > maxDocument {
		return nil, fmt.Errorf("is larger than %d MB", maxDocument>>20)
	}
	data, err := os.ReadFile(path)
	if err != nil {
		return nil, plain(err)
	}
	return format.Read(data, shapes(filepath.Dir(path)))
}

// shapes reads the sources that parts name, relative to the document.
func shapes(dir string) func(string, *part.Part) error {
	var k *kernel.Runner
	known := map[string]*kernel.Import{}
	return func(name string, p *part.Part) error {
		file := filepath.Join(dir, filepath.FromSlash(p.Source.Path))
		if p.Source.SHA256 != "" {
			data, err := os.ReadFile(file)
			if err != nil {
				return fmt.Errorf("%s: %w", p.Source.Path, plain(err))
			}
			if sum := sha256.Sum256(data); !strings.EqualFold(hex.EncodeToString(sum[:]), p.Source.SHA256) {
				return fmt.Errorf("%s is not the file this document was made with: its SHA-256 differs", p.Source.Path)
			}
		}
		if p.Source.Format == "stl" {
			q, err := kernel.ReadSTL(file)
			if err != nil {
				return fmt.Errorf("%s could not be read: %w", p.Source.Path, plain(err))
			}
			take(p, q)
			return nil
		}
		im := known[file]
		if im == nil {
			var err error
			if k == nil {
				if k, err = kernel.Find(); err != nil {
					return err
				}
			}
			if im, err = readBeside(context.Background(), k, file); err != nil {
				return err
			}
			known[file] = im
		}
		if len(im.Parts) != 1 {
			return fmt.Errorf("%s holds %d parts; a part's source holds one", p.Source.Path, len(im.Parts))
		}
		d := kernel.Derive(im.Parts[0])
		take(p, d.Part())
		return nil
	}
}

// take adds to a part what was found in its source.
func take(p, q *part.Part) {
	p.Shape, p.Irregular = q.Shape, q.Irregular
	if !p.Volume.Known {
		p.Volume = q.Volume
	}
	p.Listed = len(p.Order)
	for _, n := range q.Order {
		if _, own := p.Features[n]; !own {
			p.Features[n] = q.Features[n]
			p.Order = append(p.Order, n)
		}
	}
}

// plain drops the call's name from a file error: the path is said already.
func plain(err error) error {
	if pe, ok := err.(*os.PathError); ok {
		return pe.Err
	}
	return err
}
