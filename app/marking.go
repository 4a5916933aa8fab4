package app

import (
	"cmp"
	"context"
	"strings"

	"setfast/app/words"
	"setfast/core/mark"
	"setfast/core/relate"
	"setfast/core/report"
	"setfast/store"
)

// Marked is a submission held against a key.
type Marked struct {
	ID int64
	mark.Row
}

// mostMarked is how many submissions are marked at once.
const mostMarked = 500

// Mark holds assemblies of a project against another of it, in their order.
func (a *App) Mark(ctx context.Context, project, key int64, ids []int64) (*mark.Key, []Marked, error) {
	if len(ids) > mostMarked {
		return nil, nil, words.Refuse("at most %d are marked at once", mostMarked)
	}
	of, err := a.submission(ctx, project, key, nil, nil)
	if err != nil {
		return nil, nil, err
	}
	files, err := a.Store.FileNames(ctx, project)
	if err != nil {
		return nil, nil, err
	}
	m := mark.Marker{Key: mark.KeyOf(of.Doc, of.Report)}
	var out []Marked
	for _, id := range ids {
		if id == key {
			continue
		}
		s, err := a.submission(ctx, project, id, m.Key, files)
		if err != nil {
			if ctx.Err() != nil {
				return nil, nil, err
			}
			out = append(out, Marked{id, mark.Unreadable("", words.Plainly(ctx, err))})
			continue
		}
		out = append(out, Marked{id, m.Row(s)})
	}
	return m.Key, out, nil
}

// ofShapes tells whether an assembly came as placed shapes, out of the file that its parts are of.
func ofShapes(row store.Assembly, j *Judged) bool {
	for _, p := range j.Parts {
		if p.SourceID == row.SourceID {
			return row.SourceID != ""
		}
	}
	return false
}

// recover puts the relations that the shapes imply into what was handed in.
func (a *App) recover(ctx context.Context, k *mark.Key, id int64, s *mark.Submission) (got *relate.Accounted, err error) {
	j, shapes, err := a.shaped(ctx, id)
	if err != nil {
		return nil, err
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Open)
	defer cancel()
	err = a.work(ctx, func() (err error) {
		if got, err = mark.Recovered(ctx, k, j.of.doc, shapes); err == nil {
			s.Doc, s.Report, s.Placed = got.Document, got.Report, true
		}
		return words.Plainly(ctx, err)
	})
	return got, err
}

// submission is an assembly as it is marked by a key; the key's own has none. It is called as its file was.
func (a *App) submission(ctx context.Context, project, id int64, k *mark.Key, files map[string]string) (*mark.Submission, error) {
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
	s := &mark.Submission{File: cmp.Or(files[row.SourceID], row.Name), Said: j.of.doc, Doc: j.Doc, Report: j.Report}
	root := j.Result
	var got *relate.Accounted
	if k != nil && len(j.Asm.Mates) == 0 && ofShapes(row, j) {
		var err error
		if got, err = a.recover(ctx, k, id, s); err != nil {
			return nil, err
		}
		root = s.Report.Assemblies[s.Doc.Root]
	}
	for _, m := range root.Motions {
		if m.Class == report.Stray {
			s.Loose = append(s.Loose, strings.Join(m.Rides, ", ")+": "+words.Motion(m))
		}
	}
	found, err := a.Clashes(ctx, id)
	if err != nil {
		return nil, err
	}
	if got != nil && found.Clashes() > 0 {
		if found, err = a.clashes(ctx, id, mark.Threads(got, found)); err != nil {
			return nil, err
		}
	}
	s.Clashes = found.Clashes()
	return s, nil
}

// Submission is one assembly beside the key: what is told of it, and both side by side.
func (a *App) Submission(ctx context.Context, project, key, id int64, wide, high float64) (*Marked, *Between, error) {
	_, rows, err := a.Mark(ctx, project, key, []int64{id})
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
