// Package seat proposes how parts can be put together, and tries each proposal before it is offered.
//
// A proposal is tried on an overlay: on what the two features can move, which is the parts tied to them through parts that still have
// freedom, all others standing. There it is solved, and its freedoms are counted, from the poses of the account; nothing else of the
// assembly is looked at again. So the cost of an offer depends on what is loose about the two parts, not on the size of the assembly.
// What it does not see: another way to assemble parts that have no freedom left.
package seat

import (
	"cmp"
	"context"
	"fmt"
	"math"
	"slices"
	"strings"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/par"
	"setfast/core/part"
	"setfast/core/relation"
	"setfast/core/solve"
)

// Offer is a relation between two picked features, tried.
type Offer struct {
	Type   string   `json:"type"`
	Label  string   `json:"label"`
	Sense  string   `json:"sense,omitempty"` // where turning it round makes a difference
	Value  *float64 `json:"value,omitempty"`
	Main   string   `json:"main,omitempty"`   // the field that the value is of
	Unit   string   `json:"unit,omitempty"`   // of the value
	Limits string   `json:"limits,omitempty"` // of a joint: the unit its leading coordinate may be limited in
	Before int      `json:"before"`           // freedoms of the part that is put
	After  int      `json:"after"`
	Leaves string   `json:"leaves"` // what it can still do, in words
	Asked  int      `json:"asked"`
	// Doubled is how many of the conditions asked repeat others.
	Doubled int                  `json:"doubled"`
	Odds    string               `json:"odds,omitempty"` // why it cannot hold, if it cannot
	Moves   []string             `json:"moves"`          // components that would move
	Poses   map[string]geom.Pose `json:"poses"`          // where to
	Note    string               `json:"note,omitempty"`
	// Untried: it was left for a whole trial, since many bodies move.
	Untried bool `json:"untried,omitempty"`
	Joint   bool `json:"joint,omitempty"`
	// Say is how the sentence goes: the words before its two slots.
	Say [2]string `json:"say"`
	// About says what is to be picked besides, where the relation is between three features; untried until then.
	About string `json:"about,omitempty"`
	// PutToo and OnToo are the second faces of the pairs it is between.
	PutToo string `json:"put_too,omitempty"`
	OnToo  string `json:"on_too,omitempty"`
	// Fields are what else can be said of it.
	Fields []Field `json:"fields,omitempty"`
	// Also are other names of the relation.
	Also []string `json:"also,omitempty"`
}

// Field is a number or a word that a relation may be said with.
type Field struct {
	Name  string   `json:"name"` // as in files
	Said  string   `json:"said"` // what stands before it
	Kind  string   `json:"kind"` // length, angle, number, word, vector or limits
	Unit  string   `json:"unit,omitempty"`
	Words []string `json:"words,omitempty"` // of a word
}

// fields are what else can be said of a relation, beside its sense, its main value where that is needed, and its features.
func fields(d *relation.Type) []Field {
	var out []Field
	add := func(f relation.Field, of string) {
		kind, said := f.Kind.String(), f.Said
		if of != "" {
			said = strings.ReplaceAll(of, "_", " ") + " " + said
		}
		if kind != "" && f.Said != "" {
			out = append(out, Field{f.Name, said, kind, f.Unit(), f.Words})
		}
	}
	for _, f := range d.Fields {
		if f.Name != d.Main || !f.Need {
			add(f, "")
		}
	}
	for _, c := range d.Coordinates {
		for _, name := range []string{"at.", "limits."} {
			if f, ok := d.Field(name + c.Name); ok {
				add(f, c.Name)
				out[len(out)-1].Unit = c.Unit()
			}
		}
	}
	return out
}

// offerID names a relation that is only tried.
const offerID = "\x00offer"

// Offers tries every relation that would put one feature on another. sense, where given, is taken instead of the nearest. Those that
// cannot hold come last, and before them those that want another pick, which are not tried.
func Offers(ctx context.Context, a *account.Account, picks Picks, sense string) ([]Offer, error) {
	return try(ctx, a, picks, sense, false)
}

// Brief is like Offers, but where many bodies would move, a relation that is not settled within a few steps is left untried.
func Brief(ctx context.Context, a *account.Account, picks Picks, sense string) ([]Offer, error) {
	return try(ctx, a, picks, sense, true)
}

func try(ctx context.Context, a *account.Account, picks Picks, sense string, brief bool) ([]Offer, error) {
	put, on := picks.Put, picks.On
	t, err := newTrial(ctx, a, put, on)
	if err != nil {
		return nil, err
	}
	t.brief = brief
	if put.Head() == on.Head() {
		return nil, fmt.Errorf("both picks are on %s; pick the second one on another part", put.Head())
	}
	fp, fo := t.feats[0].F, t.feats[1].F
	ps := relation.Proposals(fp, fo)
	if len(ps) == 0 {
		return nil, fmt.Errorf("no relation fits %s with %s", fp.Describe(), fo.Describe())
	}
	tried := make([]*Offer, len(ps)) // nil where the features do not fit the relation after all
	tries := make([]func(), len(ps))
	for i, p := range ps {
		mine := t.apart()
		tries[i] = func() {
			o, ok := mine.propose(p, picks, sense)
			if !ok {
				return
			}
			o.Label = p.Label
			if p.Type.Fits {
				o.Note = part.FitOf(fo, fp, t.screw())
			}
			tried[i] = &o
		}
	}
	par.Do(tries...)
	if ctx.Err() != nil {
		return nil, context.Cause(ctx)
	}
	var out []Offer
	for _, o := range tried {
		if o != nil {
			out = append(out, *o)
		}
	}
	slices.SortStableFunc(out, func(a, b Offer) int { return cmp.Compare(a.last(), b.last()) })
	return out, nil
}

// screw tells whether one of the two picked parts is a fastener.
func (t *trial) screw() bool {
	return slices.ContainsFunc(t.feats, func(f solve.Feat) bool {
		if f.Body < 0 {
			return false
		}
		p := t.study.PartOf(f.Body)
		return p != nil && p.Fastener
	})
}

// last is how far back an offer comes.
func (o *Offer) last() int {
	switch {
	case o.Odds != "":
		return 3
	case o.About != "":
		return 2
	case o.Untried:
		return 1
	}
	return 0
}

// propose tries a proposal, where it wants no other pick.
func (t *trial) propose(p relation.Proposal, picks Picks, sense string) (Offer, bool) {
	if p.Third != "" {
		o := t.offer(p.Type)
		o.About, o.After = p.Third, o.Before
		return o, true
	}
	picks.About = nil
	m, err := picks.Mate(t.study.Doc.Document, t.study.Doc.Assemblies[t.study.Name], p.Type)
	if err != nil {
		return Offer{}, false
	}
	m.ID, m.Params = offerID, relation.Params{}.WithWord("sense", sense)
	o, err := t.try(m)
	return o, err == nil
}

// Try tries one relation as it would be posted; put is the reference of what is put.
func Try(ctx context.Context, a *account.Account, m *assembly.Mate, put assembly.Ref) (Offer, error) {
	refs := []assembly.Ref{m.B, m.A}
	if put.Head() == m.A.Head() {
		refs = []assembly.Ref{m.A, m.B}
	}
	if m.About != nil {
		refs = append(refs, *m.About)
	}
	t, err := newTrial(ctx, a, refs...)
	if err != nil {
		return Offer{}, err
	}
	o, err := t.try(m)
	if ctx.Err() != nil {
		return o, context.Cause(ctx)
	}
	return o, err
}

// valueNow is what a relation measures where things stand, so that an offer starts from there.
func (t *trial) valueNow(m *assembly.Mate) (float64, error) {
	d := m.Descriptor()
	probe := *m
	probe.Params = m.WithNum(d.Main, d.Start())
	sp, _, err := t.study.Spec(&probe, 0)
	if err != nil {
		return 0, err
	}
	r, err := t.whole.New(sp)
	if err != nil {
		return 0, err
	}
	v, ok := t.whole.ReadValue(r, t.study.Poses)
	if !ok {
		return d.Start(), nil
	}
	v = math.Round(v*1000) / 1000
	if v == 0 {
		v = 0 // no negative zero
	}
	return v, nil
}
