package fasten

import (
	"context"
	"fmt"
	"maps"
	"slices"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/part"
	"setfast/core/placed"
	"setfast/core/report"
	"setfast/core/standard"
	"setfast/core/tol"
)

// Joint is a stack as it comes out: mm.
type Joint struct {
	Name       string   `json:"name"`
	In         string   `json:"assembly,omitempty"` // where it is not the root
	Screws     int      `json:"screws"`
	Screw      string   `json:"screw"` // with its length
	Grip       float64  `json:"grip_mm"`
	Length     float64  `json:"length_mm"`
	Wanted     float64  `json:"wanted_mm"`
	Through    *float64 `json:"through_nut_mm"`
	Engagement *float64 `json:"engagement_mm"`
	Hole       string   `json:"hole"` // the series of the worst hole
	Why        string   `json:"why"`
	Findings   []string `json:"findings"`

	Stock    []float64 `json:"stock_mm"` // lengths that are made of the screw
	Parts    []string  `json:"parts"`    // designations, from the head down
	Sections []Section `json:"sections"` // of the first screw, for a drawing
}

// Section is one thing of a fastening along its axis, from the seat of the head: mm, up toward the head.
type Section struct {
	Name   string  `json:"name"`
	Kind   string  `json:"kind"` // plate, washer, nut, head, shank or tapped
	Top    float64 `json:"top"`
	Bottom float64 `json:"bottom"`
	Hole   float64 `json:"hole,omitempty"` // diameter
	Width  float64 `json:"width,omitempty"`
}

// Expanded is a document with its stacks laid out.
type Expanded struct {
	*assembly.Document
	Joints []Joint
	Failed error // why a stack could not be laid out, the first of them: what it stands for is missing then
}

// Has tells whether a document has any stacks.
func Has(doc *assembly.Document) bool {
	for _, a := range doc.Assemblies {
		if len(a.Stacks) > 0 {
			return true
		}
	}
	return false
}

// Catalogue gives the part that stands for a fastener in a document, and its key there.
type Catalogue func(f *standard.Fastener) (key string, p *part.Part, err error)

// Tables is the catalogue of documents that have no other: parts by their tables alone, their designations for keys.
func Tables(f *standard.Fastener) (string, *part.Part, error) { return f.Designation(), PartOf(f), nil }

// mostUses is how many parts an assembly with stacks may have.
const mostUses = 50_000

// Expand puts the components of stacks and their relations into a document, where its parts are solved to without them: plates move, and stacks
// follow. Assemblies come from the lowest up. A document without stacks stays as it is. The time is that of an account for each assembly with stacks,
// and beyond it linear in screws and parts.
func Expand(ctx context.Context, doc *assembly.Document, parts Catalogue) (*Expanded, error) {
	out := &Expanded{Document: doc}
	if !Has(doc) {
		return out, nil
	}
	if parts == nil {
		parts = Tables
	}
	open := *doc
	open.Parts, open.PartOrder = maps.Clone(doc.Parts), slices.Clone(doc.PartOrder)
	open.Assemblies = maps.Clone(doc.Assemblies)
	out.Document = &open
	err := doc.FromBelow(func(name string, a *assembly.Assembly) error {
		if len(a.Stacks) == 0 {
			return nil
		}
		s := &stacking{doc: &open, name: name, asm: a, parts: parts, out: out}
		return s.all(ctx)
	})
	if err != nil {
		return nil, err
	}
	return out, nil
}

// stacking lays the stacks of one assembly out.
type stacking struct {
	doc    *assembly.Document // that is being made
	name   string
	asm    *assembly.Assembly // as it was
	parts  Catalogue
	out    *Expanded
	uses   []*use
	byName map[string]*use
	made   assembly.Assembly // with all that is placed
}

func (s *stacking) use(name string) *use { return s.byName[name] }

func (s *stacking) all(ctx context.Context) error {
	acc, err := account.TakeAtRest(ctx, s.doc, s.name)
	if err != nil {
		return err
	}
	s.gather(acc.Report)
	s.made = *s.asm
	s.made.Components, s.made.Mates, s.made.Fits = slices.Clone(s.asm.Components), slices.Clone(s.asm.Mates), slices.Clone(s.asm.Fits)
	for i := range s.asm.Stacks {
		if ctx.Err() != nil {
			return context.Cause(ctx)
		}
		st := &s.asm.Stacks[i]
		if err := s.lay(st); err != nil {
			j := Joint{Name: st.Name, Screws: len(st.Holes), Screw: st.Screw, Findings: []string{err.Error()}}
			if s.name != s.doc.Root {
				j.In = s.name
			}
			s.out.Joints = append(s.out.Joints, j)
			if s.out.Failed == nil {
				s.out.Failed = assembly.Faultf("assemblies."+s.name+".stacks."+st.Name, "%v", err)
			}
		}
	}
	s.doc.Assemblies[s.name] = s.made.Seal()
	return nil
}

// gather lists the parts of the assembly where they stand.
func (s *stacking) gather(rep *report.Report) {
	s.byName = map[string]*use{}
	list, _ := placed.Uses(s.doc, rep, s.name, mostUses)
	for i := range list {
		u := &use{name: list[i].Name(), path: pathTo(&list[i]), part: s.doc.Parts[list[i].Part], pose: list[i].Pose}
		if u.part != nil {
			s.uses = append(s.uses, u)
			s.byName[u.name] = u
		}
	}
}

// lay lays one stack out.
func (s *stacking) lay(st *assembly.Stack) error {
	k, err := kitOf(st)
	if err != nil {
		return err
	}
	var lines []*line
	for i := range st.Holes {
		l, err := s.lineOf(st, &k, i)
		if err != nil {
			return err
		}
		lines = append(lines, l)
	}
	j, err := s.judge(st, &k, lines)
	if err != nil {
		return err
	}
	screw := *k.screw
	screw.Length = j.Length
	p := &placing{s: s, st: st, counts: map[string]int{}}
	for _, l := range lines {
		p.line(l, &k, &screw)
	}
	if p.err != nil {
		return p.err
	}
	s.out.Joints = append(s.out.Joints, *j)
	return nil
}

// judge chooses the length of a stack's screws, the same for all, and says what is wrong with it.
func (s *stacking) judge(st *assembly.Stack, k *kit, lines []*line) (*Joint, error) {
	j := &Joint{Name: st.Name, Screws: len(lines), Findings: []string{}}
	if s.name != s.doc.Root {
		j.In = s.name
	}
	longest, shortest := lines[0], lines[0]
	for _, l := range lines {
		if l.grip > longest.grip {
			longest = l
		}
		if l.grip < shortest.grip {
			shortest = l
		}
		for _, f := range l.wrong {
			if !slices.Contains(j.Findings, f) {
				j.Findings = append(j.Findings, f)
			}
		}
	}
	j.Grip = round3(longest.grip)
	if !(longest.grip > 0) {
		return nil, fmt.Errorf("the head lies %g mm below the nut's seat: which side is which is not known; say so by \"head_on\"", round3(-longest.grip))
	}
	w := standard.Wanted{Screw: k.screw, Nut: k.nut, Grip: longest.grip}
	if longest.tap != nil {
		w.Blind, w.Into = st.Depth, standard.Engagement[st.Material]
		if w.Blind == 0 {
			w.Blind = longest.tap.top() - longest.tap.bottom()
		}
		w.Room = longest.room
		if w.Into == 0 {
			w.Into = standard.Engagement["steel"]
		}
	}
	c, err := standard.Choose(w)
	if err != nil {
		return nil, err
	}
	j.Wanted, j.Length, j.Why = c.Length, c.Length, c.Why
	if st.Length > 0 {
		j.Length = st.Length
		c = standard.Tried(w, st.Length)
	}
	j.Through, j.Engagement = c.Through, c.Engagement
	j.Findings = append(j.Findings, c.Findings...)
	if st.Length > 0 && len(c.Findings) == 0 && st.Length > j.Wanted+longer {
		j.Findings = append(j.Findings, fmt.Sprintf("too long: %s mm where %s will do", part.Number(st.Length), part.Number(j.Wanted)))
	}
	if longest.grip-shortest.grip > tol.BoreMeets {
		j.Findings = append(j.Findings, fmt.Sprintf("grips differ: from %s to %s mm", part.Number(round3(shortest.grip)), part.Number(round3(longest.grip))))
	}
	j.Hole, j.Stock = worst(k, lines), k.screw.Stock(k.screw.Size)
	f := *k.screw
	f.Length = j.Length
	j.Screw = f.Designation()
	j.Parts, j.Sections = sections(k, &f, lines[0])
	return j, nil
}

// longer is how many mm a screw may be longer than the one that is wanted before that is told: about a step of stock lengths.
const longer = 6

// worst names the series of the hole that is farthest from what is usual.
func worst(k *kit, lines []*line) string {
	h, known := standard.HoleOf(k.screw.Thread.Name)
	if !known {
		return ""
	}
	order := []string{h.Word(1), h.Word(0), h.Word(2), "between", "wide", "tight"}
	at := 0
	for _, l := range lines {
		for _, b := range l.bores {
			name := h.Series(2 * b.radius)
			switch {
			case name != "":
			case 2*b.radius < h.Fine:
				name = "tight"
			case 2*b.radius > h.Coarse:
				name = "wide"
			default:
				name = "between"
			}
			at = max(at, slices.Index(order, name))
		}
	}
	return order[at]
}

// sections are what a drawing of a joint shows, from the head down.
func sections(k *kit, screw *standard.Fastener, l *line) (parts []string, out []Section) {
	zero := l.shank
	add := func(name, kind string, top, bottom, hole, width float64) {
		out = append(out, Section{name, kind, round3(top - zero), round3(bottom - zero), round3(hole), round3(width)})
	}
	parts = append(parts, screw.Designation())
	head := screw.Height()
	if screw.Head == "countersunk" {
		add(screw.Designation(), "head", zero, zero-head, 0, screw.Across())
	} else {
		add(screw.Designation(), "head", zero+head, zero, 0, screw.Across())
	}
	add(screw.Designation(), "shank", zero, zero-screw.Length, 0, screw.Thread.D)
	at := l.head.at + thick(k.head)
	for i := len(k.head) - 1; i >= 0; i-- {
		w := k.head[i]
		parts = append(parts, w.Designation())
		add(w.Designation(), "washer", at, at-w.Height(), w.Values["d1"], w.Across())
		at -= w.Height()
	}
	for _, b := range l.bores {
		add(b.of.name, "plate", b.top(), b.bottom(), 2*b.radius, 0)
	}
	if l.tap != nil {
		add(l.tap.of.name, "tapped", l.tap.top(), l.tap.bottom(), 2*l.tap.radius, 0)
		return parts, out
	}
	at = l.nut.at
	for _, w := range k.underNut {
		parts = append(parts, w.Designation())
		add(w.Designation(), "washer", at, at-w.Height(), w.Values["d1"], w.Across())
		at -= w.Height()
	}
	parts = append(parts, k.nut.Designation())
	add(k.nut.Designation(), "nut", at, at-k.nut.Height(), k.nut.Thread.D, k.nut.Across())
	return parts, out
}
