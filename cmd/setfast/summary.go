package main

import (
	"fmt"
	"io"
	"strings"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/report"
)

// summary prints the account for people.
func summary(w io.Writer, doc *assembly.Document, rep *report.Report) {
	for _, name := range doc.Order {
		r := rep.Assemblies[name]
		if r == nil {
			continue
		}
		title := name
		if n := doc.Assemblies[name].Name; n != "" && n != name {
			title += " · " + n
		}
		fmt.Fprintf(w, "%s: %s\n", title, r.Verdict)
		fmt.Fprintf(w, "  opening %d · asked %d · removed %d · left %d · planned %d · idle %d · loose %d · doubled %d\n",
			r.Opening, r.Asked, r.Removed, r.Left, r.Planned, r.Idle, r.Loose, r.Doubled)
		if r.Shaky > 0 {
			fmt.Fprintf(w, "  %d of the loose only momentary (shaky)\n", r.Shaky)
		}
		for _, n := range words.Notes(doc.Assemblies[name]) {
			fmt.Fprintf(w, "  note: %s\n", n)
		}
		for i, l := range r.Lines {
			fmt.Fprintf(w, "  %3d %-28s %d → %d\n", i+1, l.Component, l.Before, l.After)
		}
		for _, m := range r.Motions {
			fmt.Fprintf(w, "  %s: %s\n", m.Class, words.MotionInFull(m))
		}
		for _, g := range r.Groups {
			fmt.Fprintf(w, "  doubled by %d: %s\n", g.Excess, strings.Join(g.Mates, ", "))
		}
		for _, o := range r.Odds {
			fmt.Fprintf(w, "  at odds: %s\n", strings.Join(o.Mates, " with "))
			for _, m := range o.Misses {
				fmt.Fprintf(w, "    %s misses by %s\n", m.ID, words.Miss(m.MM, m.Deg))
			}
			for _, y := range o.Remedies {
				fmt.Fprintf(w, "    would settle it: %s\n", words.Remedy(y))
			}
		}
		if r.MoreOdds > 0 {
			fmt.Fprintf(w, "  %s\n", words.MoreOdds(r.MoreOdds))
		}
		for _, b := range r.BlockedBy {
			fmt.Fprintf(w, "  blocked: %s is planned, but cannot move\n", words.Blocked(b.Planned))
		}
		for _, m := range doc.Assemblies[name].Measures {
			fmt.Fprintf(w, "  measured: %s is %s\n", m.Name, words.Measured(m, r.Measures[m.Name]))
		}
		for i := range doc.Assemblies[name].Drives {
			d := &doc.Assemblies[name].Drives[i]
			if run := r.Drives[d.Name]; run != nil {
				fmt.Fprintf(w, "  drive %s: %s\n", d.Name, words.Driven(d, run))
				recorded(w, doc.Assemblies[name], run)
			}
		}
	}
	if len(rep.Assemblies) > 1 {
		fmt.Fprintf(w, "altogether: %s\n", rep.Verdict)
	}
	if t := rep.Timing; t != nil {
		fmt.Fprintf(w, "read %.1f ms · solve %.1f · account %.1f · measures %.1f · drives %.1f\n", t.Read, t.Solve, t.Account, t.Measures, t.Drives)
	}
}

// recorded says the range of every measure along a drive.
func recorded(w io.Writer, a *assembly.Assembly, run *report.DriveRun) {
	for _, m := range a.Measures {
		var least, most float64
		n := 0
		for i := range run.Values[m.Name] {
			x, ok := run.Values[m.Name][i].(float64)
			if !ok {
				continue
			}
			if n++; n == 1 {
				least, most = x, x
			}
			least, most = min(least, x), max(most, x)
		}
		if n > 0 {
			fmt.Fprintf(w, "    %s between %s and %s\n", m.Name, words.Measured(m, least), words.Measured(m, most))
		}
	}
}
