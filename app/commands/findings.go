package commands

import (
	"context"
	"math"
	"strings"

	"setfast/app/words"
	"setfast/core/edit"
	"setfast/core/geom"
	"setfast/core/seat"
)

// Plan declares a motion that is left as wanted.
type Plan struct {
	Motion int `json:"motion"` // place in the account's motions
}

// Unplan withdraws a planned motion.
type Unplan struct {
	At int `json:"at"` // place among the planned motions
}

// Remedy applies one of the changes that would settle a conflict.
type Remedy struct {
	Finding int `json:"finding"` // place among the conflicts
	Remedy  int `json:"remedy"`  // place among its remedies
}

// Move parks components where they were pulled to.
type Move struct {
	Component string               `json:"component"` // the one that was pulled
	Poses     map[string]geom.Pose `json:"poses"`
	Home      bool                 `json:"home,omitempty"` // back to the home position
}

var (
	_ = register(Plan{})
	_ = register(Unplan{})
	_ = register(Remedy{})
	_ = register(Move{})
)

// The names of the commands on what the account shows.
func (Plan) Name() string   { return "plan" }
func (Unplan) Name() string { return "unplan" }
func (Remedy) Name() string { return "remedy" }
func (Move) Name() string   { return "move" }

func (Plan) seenOnly()   {}
func (Unplan) seenOnly() {}
func (Remedy) seenOnly() {}
func (Move) seenOnly()   {}

// Edit plans.
func (c Plan) Edit(ctx context.Context, b *Bench) (edit.Edit, string, error) {
	p, err := seat.Mean(ctx, b.Account, c.Motion)
	if err = words.Plainly(ctx, err); err != nil {
		return nil, "", err
	}
	m := b.result().Motions[c.Motion]
	return edit.NewPlan(p), "plan the " + string(m.Kind) + " of " + strings.Join(m.Rides, ", "), nil
}

// Edit withdraws.
func (c Unplan) Edit(_ context.Context, _ *Bench) (edit.Edit, string, error) {
	return edit.Unplan{At: c.At}, "withdraw a planned motion", nil
}

// Edit settles.
func (c Remedy) Edit(ctx context.Context, b *Bench) (edit.Edit, string, error) {
	odds := b.result().Odds
	if c.Finding < 0 || c.Finding >= len(odds) || c.Remedy < 0 || c.Remedy >= len(odds[c.Finding].Remedies) {
		return nil, "", words.Refuse("that finding is settled already")
	}
	return remedied(odds[c.Finding].Remedies[c.Remedy]).Edit(ctx, b)
}

// farthest is how far from the origin anything is parked, in mm.
const farthest = 1e7

// Edit parks. What is grounded stays.
func (c Move) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	if len(c.Poses) == 0 {
		return nil, "", words.Refuse("nothing was moved")
	}
	e := edit.Move{Poses: map[string]geom.Pose{}}
	for name, p := range c.Poses {
		k, err := b.component(name)
		if err != nil {
			return nil, "", err
		}
		if k.Grounded {
			continue
		}
		for _, x := range p.O.Array() {
			if math.IsNaN(x) || math.Abs(x) > farthest {
				return nil, "", words.Refuse("%s was not moved to a place in space", name)
			}
		}
		e.Poses[name] = p
	}
	if c.Home {
		return e, "go to the home position", nil
	}
	return e, "park " + c.Component, nil
}
