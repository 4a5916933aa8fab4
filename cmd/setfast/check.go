package main

import (
	"bufio"
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"os"
	"time"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/format"
	"setfast/core/report"
)

// checked is what came of one file.
type checked struct {
	File   string         `json:"file"`
	Report *report.Report `json:"report,omitempty"`
	Error  string         `json:"error,omitempty"`
	doc    *assembly.Document

	undecided bool // whether parts pass through one another
}

// runCheck judges documents without database or browser: 0 passes, 1 does not, 2 unreadable or wrong.
func runCheck(c *call) int {
	asJSON := c.Bool("json", false, "print the report as JSON; of several files a list of {file, report or error}")
	timing := c.Bool("timing", false, "add where the time went")
	solved := c.String("solved", "", "write the document with solved poses to this new `file`")
	force := c.Bool("force", false, "let --solved overwrite a file")
	clashes := c.Bool("clash", false, "also look whether parts pass through one another: the verdict is clashes then, unless a worse one holds")
	unfenced := c.Bool("unfenced", false, "with --clash: read shapes even where the machine cannot keep the reader inside its folder")
	var r remote
	r.flags(c.FlagSet)
	files, code, ok := c.files(0, 1<<20)
	if !ok {
		return code
	}
	if r.base != "" {
		if len(files) == 0 || *solved != "" || *clashes || *timing {
			return c.bad("check --server wants assemblies, by number or as project/name, and takes no --solved, --clash or --timing")
		}
		return r.checkAt(c, files, *asJSON)
	}
	switch {
	case len(files) == 0 && *solved != "":
		return c.bad("--solved is followed by the file to write, here %s, so that no file to check is left", *solved)
	case len(files) == 0:
		return c.bad("check wants a file")
	case len(files) > 1 && *solved != "":
		return c.bad("--solved is for one file, not %d", len(files))
	}
	if *solved != "" {
		if err := free(*solved, *force); err != nil {
			return c.fail("%v", err)
		}
	}
	unhurried()
	var all []checked
	for _, f := range files {
		k := judge(f, c.in, *timing, *clashes, *unfenced)
		switch {
		case k.Error != "":
			code = 2
			fmt.Fprintf(c.errs, "setfast: %s: %s\n", called(f), k.Error)
		case !k.Report.Verdict.Passes() || k.undecided:
			code = max(code, 1)
		}
		all = append(all, k)
	}
	if *solved != "" && all[0].Report != nil {
		if err := writeSolved(*solved, all[0], *force); err != nil {
			return c.fail("%s could not be written: %v", *solved, plain(err))
		}
	}
	if err := tell(c.out, all, *asJSON); err != nil {
		return c.fail("the report could not be written: %v", plain(err))
	}
	return code
}

// called is how a file is spoken of.
func called(file string) string {
	if file == standardInput {
		return "standard input"
	}
	return file
}

// headed begins what is told of a file, where there are several.
func headed(w io.Writer, file string, of int) {
	if of > 1 {
		fmt.Fprintf(w, "== %s\n", file)
	}
}

// judge reads and checks one file. Shapes are read where they are asked for, or measured.
func judge(file string, in io.Reader, timing, clashes, unfenced bool) checked {
	k := checked{File: file}
	start := time.Now()
	var err error
	var b *bodies
	if clashes {
		if b, err = readBodies(file, in, unfenced); err == nil {
			k.doc = b.doc
		}
	} else if k.doc, err = readDocument(file, in); err == nil && file != standardInput && clash.Measures(k.doc.Assemblies[k.doc.Root]) {
		b, err = readBodies(file, in, unfenced)
	}
	if err != nil {
		k.Error = err.Error()
		return k
	}
	if b != nil {
		defer b.close()
	}
	read := time.Since(start).Seconds() * 1e3
	var clock account.Clock
	if timing {
		clock = func() time.Duration { return time.Since(start) }
	}
	if k.Report, err = account.Check(context.Background(), k.doc, clock); err != nil {
		k.Error = err.Error()
		return k
	}
	if k.Report.Timing != nil {
		k.Report.Timing.Read = read
	}
	if b != nil {
		if err := k.look(b, clashes); err != nil {
			k.Error = err.Error()
		}
	}
	return k
}

// writeSolved writes the document where it came to rest. A file that came there meanwhile is not overwritten either.
func writeSolved(file string, k checked, force bool) error {
	doc, err := seenFrom(account.Settled(k.doc, k.Report), k.File, file)
	if err != nil {
		return err
	}
	data, err := format.Write(doc)
	if err != nil {
		return err
	}
	how := os.O_WRONLY | os.O_CREATE | os.O_EXCL
	if force {
		how = os.O_WRONLY | os.O_CREATE | os.O_TRUNC
	}
	f, err := os.OpenFile(file, how, 0o644)
	if err != nil {
		return err
	}
	_, err = f.Write(data)
	return errors.Join(err, f.Close())
}

// encode writes JSON for scripts.
func encode(w io.Writer, v any) error {
	e := json.NewEncoder(w)
	e.SetIndent("", " ")
	e.SetEscapeHTML(false)
	return e.Encode(v)
}

// tell writes reports for people or for scripts.
func tell(out io.Writer, all []checked, asJSON bool) error {
	w := bufio.NewWriter(out)
	if asJSON {
		var err error
		if len(all) > 1 {
			err = encode(w, all)
		} else if all[0].Report != nil {
			err = encode(w, all[0].Report)
		}
		return errors.Join(err, w.Flush())
	}
	for _, k := range all {
		if k.Report == nil {
			continue
		}
		headed(w, called(k.File), len(all))
		summary(w, k.doc, k.Report)
		if f, ok := k.Report.Clash.(*clash.Found); ok {
			tellPassing(w, f)
		}
	}
	return w.Flush()
}
