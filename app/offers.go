package app

import (
	"context"

	"setfast/app/commands"
	"setfast/app/words"
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
