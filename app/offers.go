package app

import (
	"context"
	"slices"

	"setfast/app/commands"
	"setfast/app/words"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/seat"
)

// Offers tries the relations that two picked features allow. Where many bodies would move, what takes long is left untried, unless whole
// trials are asked for.
func (a *App) Offers(ctx context.Context, id int64, put, on, sense string, whole bool) ([]seat.Offer, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	picks, err := commands.Relate{Put: put, On: on}.Picks()
	if err != nil {
		return nil, err
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	var out []seat.Offer
	err = a.work(ctx, func() (err error) {
		try := seat.Brief
		if whole {
			try = seat.Offers
		}
		out, err = try(ctx, j.account, picks, sense)
		return words.Plainly(ctx, err)
	})
	return out, err
}

// Try tries one relation with a value or an alignment, for the preview before it is posted.
func (a *App) Try(ctx context.Context, id int64, c commands.Relate) (*seat.Offer, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	m, err := c.Mate(j.Doc, j.Asm, "")
	if err != nil {
		return nil, err
	}
	put, err := format.Ref(c.Put)
	if err != nil {
		return nil, err
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	var o seat.Offer
	err = a.work(ctx, func() (err error) {
		o, err = seat.Try(ctx, j.account, m, put)
		return words.Plainly(ctx, err)
	})
	return &o, err
}

// Coupled is what a coupling would do: freedoms before and after, and the motion that it ties, from end to end.
type Coupled struct {
	Before int           `json:"before"`
	After  int           `json:"after"`
	Odds   string        `json:"odds,omitempty"`
	Note   string        `json:"note,omitempty"`
	Names  []string      `json:"names"`
	Poses  [][]geom.Pose `json:"poses"`
}

// TryCoupling tries a coupling before it is posted.
func (a *App) TryCoupling(ctx context.Context, id int64, c commands.Couple) (*Coupled, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	e, _, err := c.Edit(ctx, &commands.Bench{Doc: j.Doc, Asm: j.Asm, Account: j.account})
	if err != nil {
		return nil, err
	}
	asm, _, err := edit.Apply(j.of.state.Asm, e)
	if err != nil {
		return nil, words.Refuse("%s", words.Fault(err))
	}
	st := j.of.state
	st.Asm = asm
	g, err := a.gather(ctx, st, j.of)
	if err != nil {
		return nil, err
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	if err := a.lay(ctx, g); err != nil {
		return nil, err
	}
	taken, err := a.check(ctx, g)
	if err != nil {
		return nil, err
	}
	out := &Coupled{Before: j.Result.Left, After: taken.Root.Left, Names: []string{}}
	for _, l := range taken.Root.Lines {
		out.Names = append(out.Names, l.Component)
	}
	switch {
	case len(taken.Root.Odds) > len(j.Result.Odds):
		out.Odds = "it cannot hold with " + some(taken.Root.Odds[len(taken.Root.Odds)-1].Mates)
	case out.After == out.Before:
		out.Note = "it repeats what is held already"
	}
	tied := j.Asm.Mate(c.B)
	for k, m := range taken.Root.Motions {
		if slices.ContainsFunc(m.Rides, func(n string) bool { return n == tied.A.Head() || n == tied.B.Head() }) {
			err = a.work(ctx, func() error {
				out.Poses = taken.Swing(k)
				return nil
			})
			break
		}
	}
	return out, err
}

// Swing gives the poses of a motion from end to end, and the names of what they are of.
func (a *App) Swing(ctx context.Context, id int64, k int) (names []string, poses [][]geom.Pose, err error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, nil, err
	}
	names = []string{}
	for _, l := range j.Result.Lines {
		names = append(names, l.Component)
	}
	err = a.work(ctx, func() error {
		poses = j.Swing(k)
		return nil
	})
	return names, poses, err
}
