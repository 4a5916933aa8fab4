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
	}
	if len(rep.Assemblies) > 1 {
		fmt.Fprintf(w, "altogether: %s\n", rep.Verdict)
	}
	if t := rep.Timing; t != nil {
		fmt.Fprintf(w, "read %.1f ms · solve %.1f · account %.1f · measures %.1f · drives %.1f\n", t.Read, t.Solve, t.Account, t.Measures, t.Drives)
	}
}
