package main

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"strings"
	"time"

	"setfast/core/account"
	"setfast/core/clash"
	"setfast/core/report"
	"setfast/core/verdict"
)

// clashFile looks at the parts of a document where they are solved to.
func clashFile(c *call, file string, clearance float64, asJSON, timing, unfenced bool) int {
	start := time.Now()
	b, err := readBodies(file, c.in, unfenced)
	if err != nil {
		return c.fail("%s: %v", called(file), err)
	}
	defer b.close()

	read := time.Since(start)
	ctx := context.Background()
	rep, err := account.Check(ctx, b.doc, nil)
	if err != nil {
		return c.fail("%s: %v", called(file), err)
	}
	solved := time.Since(start)
	items, err := b.items(rep)
	if err != nil {
		return c.fail("%s: %v", called(file), err)
	}
	found, err := clash.Rest(ctx, items, b.options(clearance))
	if err != nil {
		return c.fail("%s: %v", called(file), err)
	}
	out := struct {
		*clash.Found
		Timing map[string]float64 `json:"timing_ms,omitempty"`
	}{Found: found}
	if timing {
		ms := func(d time.Duration) float64 { return d.Seconds() * 1e3 }
		out.Timing = map[string]float64{"read": ms(read), "check": ms(solved - read), "clash": ms(time.Since(start) - solved), "exact_pairs": float64(found.Asked)}
	}
	if asJSON {
		e := json.NewEncoder(c.out)
		e.SetIndent("", " ")
		err = e.Encode(out)
	} else {
		err = tellClashes(c.out, found)
	}
	if err != nil {
		return c.fail("what was found could not be written: %v", plain(err))
	}
	if found.Verdict != "clear" {
		return 1
	}
	return 0
}

// tellClashes prints what was found for people: what passes through what first.
func tellClashes(w io.Writer, f *clash.Found) error {
	for _, kind := range []clash.Kind{clash.Clash, clash.Fits, clash.Near, clash.Touch} {
		for _, p := range f.Pairs {
			if p.Kind == kind {
				fmt.Fprintf(w, "%-10s %s  and  %s%s\n", p.Kind, p.A, p.B, figures(&p))
			}
		}
	}
	for _, p := range f.Undecided {
		fmt.Fprintf(w, "%-10s %s  and  %s: %s\n", "undecided", p.A, p.B, p.Why)
	}
	if len(f.NoShape) > 0 {
		fmt.Fprintf(w, "without a shape: %s\n", strings.Join(f.NoShape, ", "))
	}
	_, err := fmt.Fprintf(w, "%d pairs looked at: %s\n", f.LookedAt, f.Verdict)
	return err
}

// tellPassing prints what passes through what, below an account.
func tellPassing(w io.Writer, f *clash.Found) {
	for _, p := range f.Pairs {
		if p.Kind == clash.Clash || p.Kind == clash.Fits {
			fmt.Fprintf(w, "  %s: %s and %s%s\n", p.Kind, p.A, p.B, figures(&p))
		}
	}
	for _, p := range f.Undecided {
		fmt.Fprintf(w, "  undecided: %s and %s: %s\n", p.A, p.B, p.Why)
	}
}

// figures are the depth and volume of an overlap, or how far apart two parts are.
func figures(p *clash.Pair) string {
	switch {
	case p.Clearance != nil:
		return fmt.Sprintf("  %.3f mm apart", *p.Clearance)
	case p.Depth == nil:
		return ""
	}
	said := fmt.Sprintf("  %.3f mm deep, %.3f mm³", *p.Depth, *p.Volume)
	if len(p.Faces) > 0 {
		said += " at " + strings.Join(p.Faces, " and ")
	}
	if p.Fit != "" {
		said += ", meant: " + p.Fit
	}
	return said
}

// look measures clearances and, where it is asked for, takes into the verdict whether parts pass through one another.
func (k *checked) look(b *bodies, clashes bool) error {
	ctx := context.Background()
	items, err := b.items(k.Report)
	if err != nil {
		return err
	}
	root := k.Report.Assemblies[k.Report.Root]
	if err := clash.Measured(ctx, b.doc.Assemblies[b.doc.Root], items, b.options(0), root.Measures); err != nil || !clashes {
		return err
	}
	found, err := clash.Rest(ctx, items, b.options(0))
	if err != nil {
		return err
	}
	k.undecided = len(found.Undecided) > 0
	if k.Report.Clash = found; found.Verdict == "clash" {
		root.Verdict, k.Report.Verdict = verdict.Worse(root.Verdict, report.Clashes), verdict.Worse(k.Report.Verdict, report.Clashes)
	}
	return nil
}
