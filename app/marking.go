package app

import (
	"context"
	"strings"

	"setfast/app/words"
	"setfast/core/mark"
	"setfast/core/report"
)

// Marked is a submission held against a key.
type Marked struct {
	ID int64
	mark.Row
}

// mostMarked is how many submissions are marked at once.
const mostMarked = 500

// Mark holds assemblies of a project against another of it, in their order.
func (a *App) Mark(ctx context.Context, project, key int64, ids []int64) ([]Marked, error) {
	if len(ids) > mostMarked {
		return nil, words.Refuse("at most %d are marked at once", mostMarked)
	}
	of, err := a.submission(ctx, project, key)
	if err != nil {
		return nil, err
	}
	m := mark.Marker{Key: mark.KeyOf(of.Doc, of.Report)}
	var out []Marked
	for _, id := range ids {
		if id == key {
			continue
		}
		s, err := a.submission(ctx, project, id)
		if err != nil {
			if ctx.Err() != nil {
				return nil, err
			}
			out = append(out, Marked{id, mark.Unreadable("", words.Plainly(ctx, err))})
			continue
		}
		out = append(out, Marked{id, m.Row(s)})
	}
	return out, nil
}

// submission is an assembly as it is marked.
func (a *App) submission(ctx context.Context, project, id int64) (*mark.Submission, error) {
	row, err := a.Store.Assembly(ctx, id)
	if err != nil {
		return nil, err
	}
	if row.ProjectID != project {
		return nil, words.Refuse("%s belongs to another project", row.Name)
	}
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	s := &mark.Submission{File: row.Name, Said: j.of.doc, Doc: j.Doc, Report: j.Report}
	for _, m := range j.Result.Motions {
		if m.Class == report.Stray {
			s.Loose = append(s.Loose, strings.Join(m.Rides, ", ")+": "+words.Motion(m))
		}
	}
	found, err := a.Clashes(ctx, id)
	if err != nil {
		return nil, err
	}
	s.Clashes = found.Clashes()
	return s, nil
}

// Submission is one assembly beside the key: what is told of it, and both side by side.
func (a *App) Submission(ctx context.Context, project, key, id int64, wide, high float64) (*Marked, *Between, error) {
	rows, err := a.Mark(ctx, project, key, []int64{id})
	if err != nil {
		return nil, nil, err
	}
	if len(rows) != 1 {
		return nil, nil, words.Refuse("the key is no submission")
	}
	var b Between
	if b.A, err = a.Judge(ctx, key); err != nil {
		return nil, nil, err
	}
	if b.B, err = a.Judge(ctx, id); err != nil {
		return nil, nil, err
	}
	return &rows[0], &b, a.side(ctx, &b, wide, high)
}
