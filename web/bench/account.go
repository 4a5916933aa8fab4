package bench

import (
	"fmt"
	"slices"
	"strings"

	"setfast/app"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/report"
)

// accountView is the account as it is shown.
type accountView struct {
	R             *report.Result
	Verdict       string // with all below
	Below         string // the worst assembly below, if it fails
	Lines         []lineView
	Loose         []motionView
	Planned       []motionView
	Idle          int
	Odds          []oddsView
	MoreOdds      string
	Blocked       []string
	Unplan        []string
	FastenersHeld bool
	Empty         bool
	Joints        []jointFinding // of fastened joints
	Notes         []string
	Measures      []measureView
	Accepted      []acceptedView
	Doubled       []doubledView
	Gaps          []app.Gap // but those of components of this assembly, which are told on their lines

	coordinates map[string]map[string]float64 // of joints, see app.Judged

	units   words.Units
	missing map[string]string // components of this assembly, and why
}

// doubledView is a group of relations that repeat each other, with the name it is accepted by.
type doubledView struct {
	report.DoubledGroup
	Finding string
}

// acceptedView is a finding that somebody has accepted.
type acceptedView struct{ Finding, Why string }

// accept sets what was accepted apart from what is told.
func (v *accountView) accept(j *app.Judged) {
	why := map[string]string{}
	for _, d := range j.Asm.Dismissed {
		why[d.Finding] = d.Why
	}
	told := func(finding string) bool {
		reason, accepted := why[finding]
		if accepted {
			v.Accepted = append(v.Accepted, acceptedView{finding, reason})
		}
		return !accepted
	}
	for _, g := range j.Result.Groups {
		if f := "doubled " + strings.Join(g.Mates, ", "); told(f) {
			v.Doubled = append(v.Doubled, doubledView{g, f})
		}
	}
	notes := v.Notes
	v.Notes = nil
	for _, n := range notes {
		if told("note: " + n) {
			v.Notes = append(v.Notes, n)
		}
	}
}

// motionView is a motion as a finding.
type motionView struct {
	Index int // -1: a part that nobody has related yet
	Words string
	Class string
}

// oddsView is a set of relations that cannot hold together, with what would settle it.
type oddsView struct {
	Index    int
	Mates    []string
	Misses   []string
	Also     []string
	Remedies []string
}

// view makes the account of an assembly ready to be shown.
func view(j *app.Judged, u words.Units) *accountView {
	r := j.Result
	v := &accountView{R: r, Verdict: string(j.Verdict()), Empty: len(j.Asm.Components) == 0, FastenersHeld: j.Doc.SettingsOf(j.Asm).FastenersHeld,
		coordinates: j.Coordinates(), units: u, missing: map[string]string{}}
	v.gaps(j)
	if r.Verdict != j.Report.Verdict {
		for _, k := range j.Doc.Order[1:] {
			if b := j.Report.Assemblies[k]; b != nil && b.Verdict == j.Report.Verdict {
				v.Below = j.Doc.Assemblies[k].Name
			}
		}
	}
	for i, o := range r.Odds {
		v.Odds = append(v.Odds, v.oddsOf(j, i, o))
	}
	if r.MoreOdds > 0 {
		v.MoreOdds = words.MoreOdds(r.MoreOdds)
	}
	v.Notes = append(words.Notes(j.Asm), words.Twice(j.Asm)...)
	v.accept(j)
	v.motions(r)
	v.measures(j)
	for _, b := range r.BlockedBy {
		v.Blocked = append(v.Blocked, words.Blocked(b.Planned))
	}
	for _, p := range j.Asm.Planned {
		v.Unplan = append(v.Unplan, words.Planned(p))
	}
	v.lines(j)
	return v
}

// gaps tells what is missing; of components of this assembly on their lines.
func (v *accountView) gaps(j *app.Judged) {
	for _, g := range j.Gaps {
		if g.Assembly == j.Doc.Root && g.Component != "" {
			v.missing[g.Component] = g.Why
		}
		if a := j.Doc.Assemblies[g.Assembly]; a != nil && g.Assembly != j.Doc.Root {
			g.Why += ", in " + a.Name
		}
		v.Gaps = append(v.Gaps, g)
	}
}

func (a *accountView) oddsOf(j *app.Judged, i int, o report.Odds) oddsView {
	v := oddsView{Index: i, Mates: o.Mates}
	for _, m := range o.Misses {
		v.Misses = append(v.Misses, m.ID+" misses by "+a.units.Said(words.Miss(m.MM, m.Deg)))
	}
	for _, also := range o.Also {
		v.Also = append(v.Also, strings.Join(also, " with "))
	}
	for _, y := range o.Remedies {
		v.Remedies = append(v.Remedies, a.remedy(j, y))
	}
	return v
}

// remedy says a change that would settle a conflict, with its length as the project shows it.
func (a *accountView) remedy(j *app.Judged, y report.Remedy) string {
	if m := j.Asm.Mate(y.Mate); m != nil && y.Kind == report.SetValue && m.Descriptor().Unit() == string(words.MM) {
		x := *y.Value / a.units.Scale()
		y.Value = &x
	}
	return words.Remedy(y)
}

// Agree says how exactly relations that repeat each other must agree.
func (a *accountView) Agree(t report.Tolerance) string { return a.units.Said(words.Agree(t)) }

// mostUnrelated parts that nobody has related yet are findings of their own.
const mostUnrelated = 8

// motions sorts what is left by what it counts as; a part that nobody has related yet is one finding, and where there are many such
// parts, all that are told no more are one.
func (v *accountView) motions(r *report.Result) {
	told := map[string]bool{}
	var more []motionView
	for i, m := range r.Motions {
		k := motionView{i, v.units.Said(words.Motion(m)), string(m.Class)}
		if len(m.Rides) == 1 && r.Components[m.Rides[0]].Left == 6 && m.Class == report.Stray {
			if told[m.Rides[0]] {
				continue
			}
			told[m.Rides[0]] = true
			k = motionView{-1, m.Rides[0] + " is not related yet: six freedoms", string(m.Class)}
			if len(told) > mostUnrelated {
				more = append(more, k)
				continue
			}
		}
		switch m.Class {
		case report.Planned:
			v.Planned = append(v.Planned, k)
		case report.Idle:
			v.Idle++
		default:
			v.Loose = append(v.Loose, k)
		}
	}
	if len(more) > 1 {
		more = []motionView{{-1, fmt.Sprintf("%d more parts are not related yet: six freedoms each", len(more)), string(report.Stray)}}
	}
	v.Loose = append(v.Loose, more...)
}

// riding tells which components move in motions of some classes, and in how many.
func riding(r *report.Result, classes ...report.Class) map[string]int {
	out := map[string]int{}
	for _, m := range r.Motions {
		if slices.Contains(classes, m.Class) {
			for _, c := range m.Rides {
				out[c]++
			}
		}
	}
	return out
}

// refsOf lists the features a relation stands on; a coupling stands on those of its joints.
func refsOf(j *app.Judged, m *assembly.Mate) []assembly.Ref {
	if !m.IsCoupling() {
		return m.Refs()
	}
	var out []assembly.Ref
	for _, id := range []string{m.JointA, m.JointB} {
		if k := j.Asm.Mate(id); k != nil {
			out = append(out, k.Refs()...)
		}
	}
	return out
}
