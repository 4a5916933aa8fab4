package app

import (
	"context"
	"fmt"
	"slices"

	"setfast/app/words"
	"setfast/core/drill"
	"setfast/core/revise"
	"setfast/kernel"
	"setfast/store"
)

// Stale is a component whose part is out of date: there is a newer file, or what it was made of, or the holes that it was drilled after, have changed.
type Stale struct {
	Component string `json:"component"`
	How       string `json:"how"`
	Says      string `json:"says"`
	From      string `json:"from"`         // its part
	To        string `json:"to,omitempty"` // of a newer file: that part
	Finding   string `json:"finding"`      // by which it is kept on purpose
	Kept      string `json:"kept,omitempty"`

	base store.Part // what it is to be made of now
}

// Linked is a component whose part was made of another.
type Linked struct {
	Component string `json:"component"`
	How       string `json:"how"`
	Of        string `json:"of"` // the other's name
}

// Dated tells which parts of an assembly are out of date, and which were made of others.
func (a *App) Dated(ctx context.Context, id int64) (stale []Stale, linked []Linked, err error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, nil, err
	}
	return a.dated(ctx, j)
}

func (a *App) dated(ctx context.Context, j *Judged) (stale []Stale, linked []Linked, err error) {
	stale, linked = []Stale{}, []Linked{}
	rows, err := a.Store.Parts(ctx, j.of.state.Project)
	if err != nil {
		return nil, nil, err
	}
	for _, c := range j.Asm.Components {
		row, ok := j.Parts[c.Part]
		if c.Part == "" || c.Made() || !ok {
			continue
		}
		s := Stale{Component: c.Name, From: row.Key()}
		l := LinkOf(row)
		if l == nil {
			if to, ok := newer(rows, row); ok {
				s.How, s.To, s.Says = Revision, to.Key(), "a newer file is on the Shelf: "+said(to)
			}
		} else if at := slices.IndexFunc(rows, func(r store.Part) bool { return r.ID == l.Of }); at >= 0 {
			s.base = rows[at]
			linked = append(linked, Linked{c.Name, l.How, s.base.Name})
			to, fresh := newer(rows, s.base)
			if fresh {
				s.base, s.How, s.Says = to, l.How, "there is a newer file of what it was made of: "+said(to)
			}
			if l.How == Drilled && l.Assembly == j.ID && s.How == "" {
				holes, _, err := a.drilled(ctx, j, c.Name, l.Drill, &s.base)
				if ctx.Err() != nil {
					return nil, nil, context.Cause(ctx)
				}
				if err != nil {
					s.How, s.Says = Drilled, "its holes cannot follow: "+err.Error()
				} else if drill.Recipe(holes) != l.Recipe {
					s.How, s.Says = Drilled, "the holes that it was drilled after have moved"
				}
			}
		}
		if s.How == "" {
			continue
		}
		s.Finding = fmt.Sprintf("older %s: %s", c.Name, s.Says)
		for _, d := range j.Asm.Dismissed {
			if d.Finding == s.Finding {
				s.Kept = d.Why
			}
		}
		stale = append(stale, s)
	}
	return stale, linked, nil
}

func said(p store.Part) string {
	s := p.SourceName
	if p.Revision != "" {
		s += ", revision " + p.Revision
	}
	return s
}

// newer finds the newest file of a part: handed in later, with the same number, or the same product of a file of the same name.
func newer(rows []store.Part, row store.Part) (to store.Part, ok bool) {
	to = row
	for _, r := range rows {
		same := row.Number != "" && r.Number == row.Number || r.SourceName == row.SourceName && r.Name == row.Name
		if same && !r.Off && r.Link == "" && r.DerivedSHA256 != row.DerivedSHA256 && (r.Arrival > to.Arrival || r.Arrival == to.Arrival && r.ID > to.ID) {
			to, ok = r, true
		}
	}
	return to, ok
}

// Follow is what is asked for when a part that is out of date is to follow.
type Follow struct {
	Component string `json:"component"`
	Base      int64  `json:"base"`
	Token     string `json:"token"`
}

// Follow makes a part anew of what it was made of, or takes the newer file, wherever this assembly has it.
func (a *App) Follow(ctx context.Context, id int64, who string, f Follow) (*Posted, error) {
	j, again, err := a.meant(ctx, id, f.Base, f.Token)
	if err != nil || again != nil {
		return again, err
	}
	stale, _, err := a.dated(ctx, j)
	if err != nil {
		return nil, err
	}
	at := slices.IndexFunc(stale, func(s Stale) bool { return s.Component == f.Component })
	if at < 0 {
		return nil, words.Refuse("%s is up to date", f.Component)
	}
	s := stale[at]
	from := j.Parts[s.From]
	to, err := a.anew(ctx, j, s, from)
	if err != nil {
		return nil, err
	}
	return a.revised(ctx, j, who, from, to, Revising{Base: f.Base, Token: f.Token})
}

// anew is the part that comes in the place of one that is out of date.
func (a *App) anew(ctx context.Context, j *Judged, s Stale, from store.Part) (store.Part, error) {
	l := LinkOf(from)
	switch s.How {
	case Revision:
		id, _, err := KeyID(s.To)
		if err != nil {
			return from, err
		}
		return a.Store.Part(ctx, id)
	case Mirrored:
		return a.rework(ctx, s.base, Link{How: Mirrored}, from.Name, from.Number, kernel.MirrorRecipe)
	case Drilled:
		holes, _, err := a.drilled(ctx, j, s.Component, l.Drill, &s.base)
		if err != nil {
			return from, err
		}
		k := *l
		k.Recipe = drill.Recipe(holes)
		return a.rework(ctx, s.base, k, from.Name, from.Number, k.Recipe)
	}
	was, err := a.Store.Part(ctx, l.Of)
	if err != nil {
		return from, err
	}
	old, err := a.view(ctx, was)
	if err != nil {
		return from, err
	}
	now, err := a.view(ctx, s.base)
	if err != nil {
		return from, err
	}
	face := revise.Features(old, now)[l.Face].To
	if face == "" {
		return from, words.Refuse("%s has no face like %s any more: make the part anew of another", s.base.Name, l.Face)
	}
	f := now.Features[face]
	return a.outlined(ctx, s.base, f.O.Array(), f.Z.Array(), face, l.Thick, from.Name)
}

// Break breaks the link of a component's part to the one that it was made of.
func (a *App) Break(ctx context.Context, id int64, component string) error {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return err
	}
	c := j.Asm.Component(component)
	if c == nil || c.Part == "" {
		return words.Refuse("there is no part %q here any more", component)
	}
	return a.Unlink(ctx, j.Parts[c.Part].ID)
}
