package main

import (
	"context"
	"crypto/sha256"
	"encoding/hex"
	"fmt"
	"io"
	"os"
	"path/filepath"
	"strings"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/laid"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/kernel"
)

// maxDocument bounds what is read into memory.
const maxDocument = 1 << 30

// standardInput stands for a file.
const standardInput = "-"

// readDocument reads a document from a file, or from in; sources of parts are beside the file, or in the folder this was called in.
func readDocument(path string, in io.Reader) (*assembly.Document, error) {
	return readShaped(path, in, nil)
}

// readShaped is readDocument; each is shown the shapes of parts with a source.
func readShaped(path string, in io.Reader, each func(key string, d *kernel.Derived)) (*assembly.Document, error) {
	x, err := readLaid(path, in, each)
	if err == nil {
		err = x.Failed
	}
	if err != nil {
		return nil, err
	}
	return x.Document, nil
}

// readLaid reads a document and lays its copies and stacks out; what could not be is told in what comes back.
func readLaid(path string, in io.Reader, each func(key string, d *kernel.Derived)) (*laid.Laid, error) {
	doc, err := readSaid(path, in, each)
	if err != nil {
		return nil, err
	}
	return laid.Out(context.Background(), doc, nil)
}

// readSaid reads a document as it is said.
func readSaid(path string, in io.Reader, each func(key string, d *kernel.Derived)) (*assembly.Document, error) {
	data, dir, err := load(path, in)
	if err != nil {
		return nil, err
	}
	return format.Read(data, shapes(dir, each))
}

// reportOf is the report of a document as it is said.
func reportOf(ctx context.Context, doc *assembly.Document) (*report.Report, error) {
	x, err := laid.Out(ctx, doc, nil)
	if err == nil {
		err = x.Failed
	}
	if err != nil {
		return nil, err
	}
	return account.Check(ctx, x.Document, nil)
}

// readLenient reads a document as it is said, and lays it out; shapes that cannot be had are done without, as long as nothing needs them. each is shown the
// shapes there are.
func readLenient(path string, in io.Reader, each func(key string, d *kernel.Derived)) (said *assembly.Document, out *laid.Laid, err error) {
	data, dir, err := load(path, in)
	if err != nil {
		return nil, nil, err
	}
	read := shapes(dir, each)
	var wanting error
	said, err = format.Read(data, func(name string, p *part.Part) error {
		if err := read(name, p); err != nil && wanting == nil {
			wanting = fmt.Errorf("parts.%s: %w", name, err)
		}
		return nil
	})
	if err == nil {
		out, err = laid.Out(context.Background(), said, nil)
	}
	if err == nil {
		err = out.Failed
	}
	if err != nil && wanting != nil {
		return nil, nil, wanting // more likely the reason than what is missing for it
	}
	return said, out, err
}

// load reads a file, or in, and tells which folder its sources are in.
func load(path string, in io.Reader) (data []byte, dir string, err error) {
	if path == standardInput {
		if data, err = io.ReadAll(io.LimitReader(in, maxDocument+1)); err != nil {
			return nil, "", plain(err)
		}
		if len(data) > maxDocument {
			return nil, "", fmt.Errorf("is larger than %d MB", maxDocument>>20)
		}
		return data, ".", nil
	}
	st, err := os.Stat(path)
	if err != nil {
		return nil, "", plain(err)
	}
	if st.IsDir() {
		return nil, "", fmt.Errorf("is a folder, not a file")
	}
	if st.Size() > maxDocument {
		return nil, "", fmt.Errorf("is larger than %d MB", maxDocument>>20)
	}
	if data, err = os.ReadFile(path); err != nil {
		return nil, "", plain(err)
	}
	return data, filepath.Dir(path), nil
}

// free refuses a file that is there, unless it may be overwritten.
func free(file string, force bool) error {
	if _, err := os.Stat(file); err == nil && !force {
		return fmt.Errorf("%s is there already; --force overwrites it", file)
	}
	return nil
}

// seenFrom is a document that was read from a file as it is written to another: its parts name their sources as seen from there.
func seenFrom(doc *assembly.Document, file, out string) (*assembly.Document, error) {
	from := "."
	if file != standardInput {
		from = filepath.Dir(file)
	}
	if filepath.Clean(from) == filepath.Dir(out) {
		return doc, nil
	}
	moved := *doc
	moved.Parts = map[string]*part.Part{}
	for key, p := range doc.Parts {
		q := *p
		if path := filepath.FromSlash(p.Source.Path); path != "" && !filepath.IsAbs(path) {
			abs, err := filepath.Abs(filepath.Join(from, path))
			if err != nil {
				return nil, err
			}
			to, err := filepath.Abs(filepath.Dir(out))
			if err != nil {
				return nil, err
			}
			if q.Source.Path, err = filepath.Rel(to, abs); err != nil {
				return nil, err
			}
			q.Source.Path = filepath.ToSlash(q.Source.Path)
		}
		moved.Parts[key] = &q
	}
	return &moved, nil
}

// shapes reads the sources that parts name, relative to the document. each, where given, is shown what was derived of them.
func shapes(dir string, each func(key string, d *kernel.Derived)) func(string, *part.Part) error {
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
			p.Take(q)
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
		which := max(1, p.Source.Product)
		switch {
		case p.Source.Product == 0 && len(im.Parts) != 1:
			return fmt.Errorf("%s holds %d parts; \"product\" says which of them it is, from 1, in a document of version 2", p.Source.Path, len(im.Parts))
		case which > len(im.Parts):
			return fmt.Errorf("%s holds %d parts, so there is no product %d", p.Source.Path, len(im.Parts), which)
		}
		d := kernel.Derive(im.Parts[which-1])
		p.Take(d.Part())
		if each != nil {
			each(name, d)
		}
		return nil
	}
}

// plain drops the call's name from a file error: the path is said already.
func plain(err error) error {
	if pe, ok := err.(*os.PathError); ok {
		return pe.Err
	}
	return err
}
