// Package seat proposes how parts can be put together, and tries each proposal before it is offered.
//
// A proposal is tried on an overlay: on what the two features can move, which is the parts tied to them through parts that still have
// freedom, all others standing. There it is solved, and its freedoms are counted, from the poses of the account; nothing else of the
// assembly is looked at again. So the cost of an offer depends on what is loose about the two parts, not on the size of the assembly.
// What it does not see: another way to assemble parts that have no freedom left.
package seat

import (
	"context"
	"fmt"
	"math"
	"slices"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/par"
	"setfast/core/part"
	"setfast/core/relation"
)

// Offer is a relation between two picked features, tried.
type Offer struct {
	Type   string   `json:"type"`
	Label  string   `json:"label"`
	Sense  string   `json:"sense,omitempty"` // where turning it round makes a difference
	Value  *float64 `json:"value,omitempty"`
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
	Joint   bool                 `json:"joint,omitempty"`
}

// offerID names a relation that is only tried.
const offerID = "\x00offer"

// Offers tries every relation that would put one feature on another. sense, where given, is taken instead of the nearest. Those that
// cannot hold come last.
func Offers(ctx context.Context, a *account.Account, put, on assembly.Ref, sense string) ([]Offer, error) {
	t, err := newTrial(ctx, a, put, on)
	if err != nil {
		return nil, err
	}
	if put.Head() == on.Head() {
		return nil, fmt.Errorf("both picks are on %s; pick the second one on another part", put.Head())
	}
	fp, fo := t.b.F, t.a.F
	ps := relation.Proposals(fp, fo)
	if len(ps) == 0 {
		return nil, fmt.Errorf("no relation fits %s with %s", fp.Describe(), fo.Describe())
	}
	tried := make([]*Offer, len(ps)) // nil where the features do not fit the relation after all
	tries := make([]func(), len(ps))
	for i, p := range ps {
		mine := t.apart()
		tries[i] = func() {
			m := &assembly.Mate{ID: offerID, Type: p.Type.Name, A: on, B: put, Params: relation.Params{}.WithWord("sense", sense)}
			o, err := mine.try(m)
			if err != nil {
				return
			}
			o.Label = p.Label
			if p.Type.Fits {
				o.Note = part.Fit(fo, fp)
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
	slices.SortStableFunc(out, func(a, b Offer) int {
		switch {
		case (a.Odds == "") == (b.Odds == ""):
			return 0
		case a.Odds == "":
			return -1
		}
		return 1
	})
	return out, nil
}

// Try tries one relation as it would be posted.
func Try(ctx context.Context, a *account.Account, m *assembly.Mate) (Offer, error) {
	t, err := newTrial(ctx, a, m.B, m.A)
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
	r, err := t.whole.New(t.spec(&probe, t.a, t.b))
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
