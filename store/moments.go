package store

import (
	"context"
	"errors"
	"time"

	"setfast/core/edit"
)

// Moment gives an assembly as it stood after a line.
func (s *Store) Moment(ctx context.Context, id, seq int64) (State, error) {
	var latest, project int64
	if err := s.row(ctx, "SELECT seq, project_id FROM assemblies WHERE id=?", []any{id}, &latest, &project); err != nil {
		return State{}, err
	}
	if seq < 0 || seq > latest {
		return State{}, ErrNotFound
	}
	if seq == latest {
		return s.stateAt(ctx, id, seq, project)
	}
	st := State{ID: id, Project: project, Seq: seq}
	var err error
	st.Asm, err = s.fold(ctx, id, seq)
	return st, err
}

// When tells when a line was written; line 0 is when the assembly was begun.
func (s *Store) When(ctx context.Context, id, seq int64) (at time.Time, err error) {
	if seq == 0 {
		return at, s.row(ctx, "SELECT created FROM assemblies WHERE id=?", []any{id}, &at)
	}
	return at, s.row(ctx, "SELECT at FROM edits WHERE assembly_id=? AND seq=?", []any{id, seq}, &at)
}

// StatesThen gives assemblies as they stood at a time; what was begun later was empty.
func (s *Store) StatesThen(ctx context.Context, ids []int64, at time.Time) (map[int64]State, error) {
	out := make(map[int64]State, len(ids))
	for _, id := range ids {
		var seq int64
		err := s.row(ctx, "SELECT COALESCE(MAX(seq), 0) FROM edits WHERE assembly_id=? AND at<=?", []any{id, at}, &seq)
		if err != nil {
			return nil, err
		}
		st, err := s.Moment(ctx, id, seq)
		if errors.Is(err, ErrNotFound) {
			continue
		}
		if err != nil {
			return nil, err
		}
		out[id] = st
	}
	return out, nil
}

// Undoing gives what takes back the lines after one, up to another, the latest first; at most so many, and whether there are more.
func (s *Store) Undoing(ctx context.Context, id, after, upTo int64, most int) (list []edit.Edit, more bool, err error) {
	texts, err := all(ctx, s.db, "SELECT inverse FROM edits WHERE assembly_id=? AND seq>? AND seq<=? ORDER BY seq DESC LIMIT ?", []any{id, after, upTo, most + 1},
		func(r scanner) (text string, err error) { return text, r.Scan(&text) })
	if err != nil {
		return nil, false, err
	}
	if more = len(texts) > most; more {
		return nil, true, nil
	}
	for _, t := range texts {
		e, err := edit.Decode([]byte(t))
		if err != nil {
			return nil, false, err
		}
		list = append(list, e)
	}
	return list, false, nil
}

// Find lists lines of an assembly whose words or author hold a text, the latest first: at most so many, all before a line.
func (s *Store) Find(ctx context.Context, id, before int64, text string, most int) ([]Entry, error) {
	return all(ctx, s.db, "SELECT seq, kind, target, at, who, said FROM edits WHERE assembly_id=? AND seq<? AND (LOCATE(?, said) > 0 OR LOCATE(?, who) > 0) ORDER BY seq DESC LIMIT ?", []any{id, before, text, text, most},
		func(r scanner) (e Entry, err error) {
			return e, r.Scan(&e.Seq, &e.Kind, &e.Target, &e.At, &e.Who, &e.Said)
		})
}
