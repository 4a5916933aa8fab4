package app

import (
	"context"

	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/seat"
)

// Offers tries the relations that two picked features allow.
func (a *App) Offers(ctx context.Context, id int64, put, on, sense string) ([]seat.Offer, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	p, err := format.Ref(put)
	if err != nil {
		return nil, userErr("%s", err)
	}
	o, err := format.Ref(on)
	if err != nil {
		return nil, userErr("%s", err)
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	var out []seat.Offer
	err = a.work(ctx, func() (err error) {
		out, err = seat.Offers(ctx, j.Doc, j.Doc.Root, p, o, sense)
		return plainly(ctx, err)
	})
	return out, err
}

// TryValue tries one relation with a value or an alignment, for the preview before it is posted.
func (a *App) TryValue(ctx context.Context, id int64, act Act) (*seat.Offer, error) {
	if err := act.check(); err != nil {
		return nil, err
	}
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	put, err := format.Ref(act.Put)
	if err != nil {
		return nil, userErr("%s", err)
	}
	on, err := format.Ref(act.On)
	if err != nil {
		return nil, userErr("%s", err)
	}
	t := relation.Named(act.Type)
	if t == nil || t.Family == relation.Coupling {
		return nil, userErr("unknown relation %q", act.Type)
	}
	m := &assembly.Mate{ID: "\x00offer", Type: t.Name, A: on, B: put, Params: relation.Params{}.WithWord("sense", act.Sense)}
	if act.Value != nil && t.Main != "" {
		m.Params = m.WithNum(t.Main, *act.Value)
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	var o seat.Offer
	err = a.work(ctx, func() (err error) {
		o, err = seat.Try(ctx, j.Doc, j.Doc.Root, m)
		return plainly(ctx, err)
	})
	return &o, err
}

// plainly turns what the core says of a try into words for the user, but for the end of the time.
func plainly(ctx context.Context, err error) error {
	if err == nil || ctx.Err() != nil {
		return err
	}
	return userErr("%s", plainFault(err))
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
