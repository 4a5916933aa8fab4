// Package attest gathers the check of an assembly and of all below it, as a reviewer signs it: verdicts and counts level by level, what is meant to move and
// how far it goes, what repeats and how much that bears, what was found and accepted, what passes through what, joints, values, parts and where they come
// from; with a digest by which it is told later whether anything has changed since.
package attest

import (
	"bytes"
	"cmp"
	"crypto/sha256"
	"encoding/hex"
	"encoding/json"
	"fmt"
	"slices"

	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/fasten"
	"setfast/core/list"
	"setfast/core/report"
	"setfast/core/sweep"
	"setfast/core/variant"
)

// Proof is a check to be signed.
type Proof struct {
	Root      string         `json:"root"`
	Number    string         `json:"number,omitempty"`
	Name      string         `json:"name,omitempty"`
	Verdict   report.Verdict `json:"verdict"` // of all of it, with clashes taken in
	Digest    string         `json:"digest"`
	Levels    []Level        `json:"levels"`
	Motions   []Motion       `json:"motions"`
	Doubled   []Doubled      `json:"doubled"`
	Findings  []Finding      `json:"findings"`
	Dismissed []Dismissed    `json:"dismissed"`
	Clash     *clash.Found   `json:"clash"`
	Joints    []fasten.Joint `json:"joints"`
	Values    []Value        `json:"values"`
	Variants  []Variant      `json:"variants"`
	Runs      []Run          `json:"runs"`
	Measures  map[string]any `json:"measures"`
	Parts     []Part         `json:"parts"`
	Mass      *float64       `json:"mass_kg"`
}

// Level is one assembly's account.
type Level struct {
	Assembly string         `json:"assembly"`
	Name     string         `json:"name,omitempty"`
	Verdict  report.Verdict `json:"verdict"`
	Opening  int            `json:"opening"`
	Removed  int            `json:"removed"`
	Left     int            `json:"left"`
	Planned  int            `json:"planned"`
	Idle     int            `json:"idle"`
	Loose    int            `json:"loose"`
	Doubled  int            `json:"doubled"`
}

// Motion is a coordinate that is meant to move, and how far it goes.
type Motion struct {
	Planned assembly.Planned `json:"-"`
	Joint   string           `json:"joint,omitempty"`
	Of      string           `json:"of,omitempty"`
	Lo      *float64         `json:"limit_from"` // as the joint's limits say
	Hi      *float64         `json:"limit_to"`
	Travel  *sweep.Travelled `json:"travel"` // to the first contact, where it was looked for
}

// Doubled is a group of relations that repeat each other.
type Doubled struct {
	Assembly string `json:"assembly"`
	report.DoubledGroup
}

// Finding is what keeps an assembly from passing.
type Finding struct {
	Assembly string         `json:"assembly"`
	Motion   *report.Motion `json:"motion,omitempty"` // loose or shaky
	Odds     *report.Odds   `json:"at_odds,omitempty"`
	Blocked  *report.BlockedEntry
}

// Dismissed is a finding that somebody accepted.
type Dismissed struct {
	Assembly string `json:"assembly"`
	Finding  string `json:"finding"`
	Why      string `json:"why"`
}

// Value is a named value.
type Value struct {
	Assembly string `json:"assembly"`
	Name     string `json:"name"`
	Text     string `json:"text"`
}

// Variant is the assembly with other values.
type Variant struct {
	Name string `json:"name"`
	variant.Outcome
}

// Run is a motion that was kept, run again with what is met on the way.
type Run struct {
	Drive assembly.Drive `json:"-"`
	Name  string         `json:"name"`
	*sweep.Done
	Failed string `json:"failed,omitempty"` // why it could not be run
}

// Meets tells whether something passes through something on the way that is not meant to, or the run does not reach its end.
func (r *Run) Meets() bool {
	return r.Done == nil || r.StoppedAt != nil || slices.ContainsFunc(r.Clash, func(m sweep.Met) bool { return !m.Fit })
}

// Part is a part with where it comes from.
type Part struct {
	Number   string `json:"number"`
	Name     string `json:"name"`
	Revision string `json:"revision,omitempty"`
	Quantity int    `json:"quantity"`
	Source   string `json:"source,omitempty"`
	SHA256   string `json:"sha256,omitempty"`
}

// Given is what a proof is made of.
type Given struct {
	Doc     *assembly.Document // laid out
	Report  *report.Report
	Clash   *clash.Found // nil where it was not looked for
	Joints  []fasten.Joint
	Travels map[[2]string]*sweep.Travelled // by joint and coordinate
	Runs    []Run
	Columns []variant.Outcome // of the root's variants, in their order
	Written []byte            // the document as it is said, written
	Files   map[string]string // sums of the files of its parts, by name
	Source  func(part string) (name, sha256 string)
}

// Of makes a proof.
func Of(g Given) *Proof {
	root := g.Doc.Assemblies[g.Doc.Root]
	p := &Proof{Root: g.Doc.Root, Number: root.Number, Name: root.Name, Verdict: g.Report.Verdict, Clash: g.Clash, Joints: append([]fasten.Joint{}, g.Joints...), Levels: []Level{}, Motions: []Motion{},
		Doubled: []Doubled{}, Findings: []Finding{}, Dismissed: []Dismissed{}, Values: []Value{}, Runs: append([]Run{}, g.Runs...), Variants: []Variant{}, Parts: []Part{}}
	if v := g.Report.Verdict; g.Clash != nil && g.Clash.Verdict == "clash" && (v.Passes() || v == report.Loose) {
		p.Verdict = report.Clashes
	}
	for _, name := range p.order(g) {
		p.level(g, name)
	}
	p.motions(g, root)
	if r := g.Report.Assemblies[g.Doc.Root]; r != nil {
		p.Measures = r.Measures
	}
	for i, v := range root.Variants {
		if i < len(g.Columns) {
			p.Variants = append(p.Variants, Variant{v.Name, g.Columns[i]})
		}
	}
	l := list.Of(g.Doc, false)
	p.Mass = l.Mass
	for _, i := range l.Items {
		x := Part{Number: i.Number, Name: cmp.Or(i.Name, i.Part), Quantity: i.Quantity}
		if d := g.Doc.Parts[i.Part]; d != nil {
			x.Revision = d.Revision
		}
		x.Source, x.SHA256 = g.Source(i.Part)
		p.Parts = append(p.Parts, x)
	}
	p.Digest = Digest(g.Written, g.Files)
	return p
}

// Passes tells whether it can be signed: all pass, nothing passes through anything that is not meant to, also in the motions that were kept, and joints have
// no findings.
func (p *Proof) Passes() bool {
	if slices.ContainsFunc(p.Runs, func(r Run) bool { return r.Meets() }) {
		return false
	}
	return p.Verdict.Passes() && (p.Clash == nil || p.Clash.Verdict == "clear") && !slices.ContainsFunc(p.Joints, func(j fasten.Joint) bool { return len(j.Findings) > 0 })
}

// order lists the root, then what is below it, each once.
func (p *Proof) order(g Given) []string {
	seen := map[string]bool{}
	var out []string
	var walk func(name string)
	walk = func(name string) {
		a := g.Doc.Assemblies[name]
		if seen[name] || a == nil {
			return
		}
		seen[name] = true
		out = append(out, name)
		for _, c := range a.Components {
			if c.Assembly != "" && !c.Suppressed {
				walk(c.Assembly)
			}
		}
	}
	walk(g.Doc.Root)
	return out
}

func (p *Proof) level(g Given, name string) {
	a, r := g.Doc.Assemblies[name], g.Report.Assemblies[name]
	if r == nil {
		return
	}
	p.Levels = append(p.Levels, Level{name, a.Name, r.Verdict, r.Opening, r.Removed, r.Left, r.Planned, r.Idle, r.Loose, r.Doubled})
	name = cmp.Or(a.Name, name) // as people call it
	for _, d := range r.Groups {
		p.Doubled = append(p.Doubled, Doubled{name, d})
	}
	for i := range r.Motions {
		if m := &r.Motions[i]; m.Class == report.Stray || m.Class == report.Momentary {
			p.Findings = append(p.Findings, Finding{Assembly: name, Motion: m})
		}
	}
	for i := range r.Odds {
		p.Findings = append(p.Findings, Finding{Assembly: name, Odds: &r.Odds[i]})
	}
	for i := range r.BlockedBy {
		p.Findings = append(p.Findings, Finding{Assembly: name, Blocked: &r.BlockedBy[i]})
	}
	for _, d := range a.Dismissed {
		p.Dismissed = append(p.Dismissed, Dismissed{name, d.Finding, d.Why})
	}
	for _, v := range a.Values {
		p.Values = append(p.Values, Value{name, v.Name, v.Text})
	}
}

// motions lists what is planned, coordinate by coordinate.
func (p *Proof) motions(g Given, root *assembly.Assembly) {
	for _, x := range root.Planned {
		m := root.Mate(x.Joint)
		if x.Joint == "" || m == nil || m.IsCoupling() {
			p.Motions = append(p.Motions, Motion{Planned: x})
			continue
		}
		d := m.Descriptor()
		for i := range d.Coordinates {
			of := d.Coordinates[i].Name
			if x.Of != "" && x.Of != of {
				continue
			}
			y := Motion{Planned: x, Joint: x.Joint, Of: of, Travel: g.Travels[[2]string{x.Joint, of}]}
			if l, ok := m.Limits(of); ok {
				y.Lo, y.Hi = l.Lo, l.Hi
			}
			p.Motions = append(p.Motions, y)
		}
	}
}

// Digest is a sum over what was checked: the document as it is said, and the files of its parts.
func Digest(written []byte, sources map[string]string) string {
	h := sha256.New()
	h.Write([]byte("setfast proof 1\n"))
	var b bytes.Buffer
	if json.Compact(&b, written) != nil { // however it is laid out
		b.Write(written)
	}
	h.Write(b.Bytes())
	var sums []string
	for _, s := range sources {
		sums = append(sums, s)
	}
	slices.Sort(sums)
	for _, s := range slices.Compact(sums) {
		fmt.Fprintln(h, s)
	}
	return hex.EncodeToString(h.Sum(nil))
}

// Table is a part of a proof as it is shown and printed.
type Table struct {
	Title string
	Head  []string
	Rows  [][]string
	None  string // said where there are no rows
}
