package words

import (
	"fmt"
	"strconv"
	"strings"

	"setfast/core/attest"
	"setfast/core/clash"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/core/sweep"
)

// Attested says a proof, table by table.
func Attested(p *attest.Proof, unit Units) []attest.Table {
	n := strconv.Itoa
	levels := attest.Table{Title: "Account of freedom", Head: []string{"assembly", "opening", "removed", "left", "planned", "idle", "loose", "doubled", "verdict"}}
	for _, l := range p.Levels {
		levels.Rows = append(levels.Rows, []string{or(l.Name, l.Assembly), n(l.Opening), n(l.Removed), n(l.Left), n(l.Planned), n(l.Idle), n(l.Loose), n(l.Doubled), string(l.Verdict)})
	}
	motions := attest.Table{Title: "Meant to move", Head: []string{"motion", "limits", "goes", "stopped by"}, None: "Nothing is meant to move."}
	for _, m := range p.Motions {
		motions.Rows = append(motions.Rows, motionRow(&m, unit))
	}
	findings := attest.Table{Title: "Found", Head: []string{"in", "finding"}, None: "Nothing is loose, at odds or blocked."}
	for _, f := range p.Findings {
		findings.Rows = append(findings.Rows, []string{f.Assembly, found(&f, unit)})
	}
	dismissed := attest.Table{Title: "Accepted", Head: []string{"in", "finding", "why"}, None: "No finding was set aside."}
	for _, d := range p.Dismissed {
		dismissed.Rows = append(dismissed.Rows, []string{d.Assembly, d.Finding, d.Why})
	}
	doubled := attest.Table{Title: "Doubled", Head: []string{"in", "relations that repeat each other", "conditions", "bears"}, None: "No relation repeats another."}
	for _, d := range p.Doubled {
		doubled.Rows = append(doubled.Rows, []string{d.Assembly, strings.Join(d.Mates, ", "), n(d.Excess), unit.Said(Agree(d.Tolerates))})
	}
	out := []attest.Table{levels, motions, findings, dismissed, doubled, clashes(p, unit)}
	runs := attest.Table{Title: "Motions kept", Head: []string{"motion", "goes", "met on the way"}, None: "No motion was kept."}
	for i := range p.Runs {
		runs.Rows = append(runs.Rows, runRow(&p.Runs[i], unit))
	}
	out = append(out, runs)
	joints := attest.Table{Title: "Fastened joints", Head: []string{"joint", "screws", "grip", "through the nut or engaged", "holes", "found"}, None: "No joint is fastened by a stack."}
	for _, j := range p.Joints {
		reach := ""
		if j.Through != nil {
			reach = unit.Said(part.Number(*j.Through) + " mm")
		} else if j.Engagement != nil {
			reach = unit.Said(part.Number(*j.Engagement) + " mm")
		}
		joints.Rows = append(joints.Rows, []string{j.Name, fmt.Sprintf("%d × %s", j.Screws, j.Screw), unit.Said(part.Number(j.Grip) + " mm"), reach, j.Hole, or(strings.Join(j.Findings, "; "), "–")})
	}
	values := attest.Table{Title: "Values", Head: []string{"in", "value", "is"}, None: "No value has a name."}
	for _, v := range p.Values {
		values.Rows = append(values.Rows, []string{v.Assembly, v.Name, v.Text})
	}
	variants := attest.Table{Title: "Variants", Head: []string{"variant", "verdict"}, None: "There are no variants."}
	for _, v := range p.Variants {
		variants.Rows = append(variants.Rows, []string{v.Name, or(v.Error, string(v.Verdict))})
	}
	parts := attest.Table{Title: "Parts", Head: []string{"number", "name", "revision", "quantity", "file", "sum of the file"}}
	for _, x := range p.Parts {
		sum := x.SHA256
		if len(sum) > 12 {
			sum = sum[:12]
		}
		parts.Rows = append(parts.Rows, []string{x.Number, x.Name, x.Revision, n(x.Quantity), x.Source, sum})
	}
	return append(out, joints, values, variants, parts)
}

func or(s, other string) string {
	if s != "" {
		return s
	}
	return other
}

func motionRow(m *attest.Motion, unit Units) []string {
	if m.Joint == "" {
		return []string{Planned(m.Planned), "", "", ""}
	}
	behind := " mm"
	if m.Of != "slide" && !strings.HasPrefix(m.Of, "slide") {
		behind = "°"
	}
	value := func(v *float64, open string) string {
		if v == nil {
			return open
		}
		return unit.Said(part.Number(*v) + behind)
	}
	limits, goes, by := "none", "", ""
	if m.Lo != nil || m.Hi != nil {
		limits = value(m.Lo, "open") + " to " + value(m.Hi, "open")
	}
	if t := m.Travel; t != nil {
		goes = value(t.From, "on and on") + " to " + value(t.To, "on and on")
		var stops []string
		for _, s := range t.By {
			if w := stopped(&s); w != "" {
				stops = append(stops, w)
			}
		}
		by = strings.Join(stops, " · ")
	}
	return []string{m.Joint + ", " + m.Of, limits, goes, by}
}

func runRow(r *attest.Run, unit Units) []string {
	if r.Done == nil {
		return []string{r.Name, unit.Said(Driving(&r.Drive)), r.Failed}
	}
	var met []string
	for _, m := range r.Clash {
		word := "clash"
		if m.Fit {
			word = "meant"
		}
		met = append(met, fmt.Sprintf("%s and %s from %s to %s (%s)", m.A, m.B, part.Number(m.From), part.Number(m.To), word))
	}
	if len(met) == 0 {
		met = append(met, "nothing")
	}
	return []string{r.Name, unit.Said(Driven(&r.Drive, &r.DriveRun)), strings.Join(met, "; ")}
}

func stopped(s *sweep.StoppedBy) string {
	switch {
	case s.Limit != "":
		return "its limit"
	case s.A != "":
		return s.A + " on " + s.B
	}
	return ""
}

func found(f *attest.Finding, unit Units) string {
	switch {
	case f.Odds != nil:
		var bits []string
		for _, m := range f.Odds.Misses {
			bits = append(bits, m.ID+" by "+unit.Said(Miss(m.MM, m.Deg)))
		}
		return "at odds: " + strings.Join(bits, ", ")
	case f.Blocked != nil:
		return "blocked: " + Blocked(f.Blocked.Planned)
	case f.Motion.Class == report.Momentary:
		return "shaky: " + Motion(*f.Motion)
	}
	return "loose: " + Motion(*f.Motion)
}

func clashes(p *attest.Proof, unit Units) attest.Table {
	t := attest.Table{Title: "Passing through", Head: []string{"parts", "is", "how deep", "why it is meant"}, None: "Nothing passes through anything."}
	if p.Clash == nil {
		t.None = "It was not looked for."
		return t
	}
	t.None = fmt.Sprintf("%d pairs were looked at: nothing passes through anything.", p.Clash.LookedAt)
	for _, x := range append(p.Clash.Pairs, p.Clash.Undecided...) {
		if x.Kind != clash.Clash && x.Kind != clash.Fits && x.Kind != clash.Open {
			continue
		}
		deep := ""
		if x.Depth != nil {
			deep = unit.Said(part.Number(*x.Depth) + " mm")
		}
		t.Rows = append(t.Rows, []string{x.A + " and " + x.B, string(x.Kind), deep, or(x.Fit, x.Why)})
	}
	return t
}
