package store

import (
	"context"
	"crypto/rand"
	"database/sql"
	"errors"
	"fmt"
	"time"

	"setfast/core/assembly"
	"setfast/core/edit"
)

// ErrMoved says that an edit was made on a state that is no longer the latest.
var ErrMoved = errors.New("somebody changed this assembly meanwhile; it is shown as it is now")

// ErrNothing says that there is nothing to take back or to do again.
var ErrNothing = errors.New("there is nothing to take back or do again")

// Line is a line to be added to the log of an assembly. Whoever adds it has worked everything out before, on the state Before.
type Line struct {
	Before  State
	Kind    string // do, undo or redo
	Who     string
	Said    string // the edit in words
	Token   string // names the act, so that one sent twice is done once; empty: a new one
	Edit    edit.Edit
	Inverse edit.Edit
	After   *assembly.Assembly // what the edit makes of the state
	Verdict string             // on it, where it is known
}

// Append adds a line if Before is still the latest state, else it gives ErrMoved. It computes nothing while it holds the
// assembly's row. A line that was added is never answered with an error, even where the answer to the commit was lost: then it
// looks whether the line is there.
func (s *Store) Append(ctx context.Context, l Line) (State, error) {
	w, err := s.written(ctx, &l)
	if err != nil {
		return State{}, err
	}
	// from here on nobody who loses patience leaves it open whether the line is there
	ctx, cancel := context.WithTimeout(context.WithoutCancel(ctx), mostAway+4*time.Second)
	defer cancel()
	for range 3 {
		err = retryIf(ctx, unsent, func() error { return s.once(ctx, func(tx *sql.Tx) error { return s.add(ctx, tx, &l, w) }) })
		if err == nil {
			break
		}
		lostIt := isAway(err) || errors.Is(err, context.DeadlineExceeded)
		if number(err) != erDuplicate && !errors.Is(err, ErrMoved) && !lostIt {
			return State{}, err
		}
		// it may be there: the commit's answer was lost, or the same act came twice
		there, known := s.there(ctx, l.Before.ID, l.Token)
		if known && there > 0 {
			if there != w.after.Seq {
				return s.State(ctx, l.Before.ID)
			}
			err = nil
			break
		}
		if !known || !lostIt {
			if number(err) == erDuplicate {
				err = ErrMoved
			}
			return State{}, err
		}
	}
	if err != nil {
		return State{}, err
	}
	s.remember(w.after)
	return w.after, nil
}

// there finds the line that an act has become. It asks for a while even where the act's own time is up, since it matters.
func (s *Store) there(ctx context.Context, id int64, token string) (seq int64, known bool) {
	ctx, cancel := context.WithTimeout(context.WithoutCancel(ctx), mostAway+2*time.Second)
	defer cancel()
	seq, err := s.Done(ctx, id, token)
	return seq, err == nil
}

// Done gives the line that an act has become, or 0.
func (s *Store) Done(ctx context.Context, id int64, token string) (seq int64, err error) {
	err = s.row(ctx, "SELECT seq FROM edits WHERE assembly_id=? AND token=?", []any{id, token}, &seq)
	if errors.Is(err, ErrNotFound) {
		return 0, nil
	}
	return seq, err
}

// written is a line made ready: nothing of it depends on the row that will be locked.
type written struct {
	edit, inverse, snapshot string
	target, below           int64
	after                   State
	uses                    map[string]int // of items whose number changes: the new number
	newAssemblies           []string       // assemblies used for the first time
}

func (s *Store) written(ctx context.Context, l *Line) (w written, err error) {
	if l.Token == "" {
		l.Token = rand.Text()
	}
	l.Said = clip(l.Said, 390)
	b := l.Before
	w.after = State{ID: b.ID, Project: b.Project, Seq: b.Seq + 1, Asm: l.After, Undo: b.Undo, Redo: b.Redo}
	switch l.Kind {
	case "do":
		w.below = b.Undo.Seq
		w.after.Undo, w.after.Redo = Top{w.after.Seq, l.Said}, Top{}
	case "undo":
		w.target, w.below = b.Undo.Seq, b.Redo.Seq
		w.after.Redo = b.Undo
		w.after.Undo, err = s.below(ctx, b.ID, "SELECT below FROM edits WHERE assembly_id=? AND seq=?", w.target)
	case "redo":
		w.target = b.Redo.Seq
		w.after.Undo = b.Redo
		w.after.Redo, err = s.below(ctx, b.ID, "SELECT below FROM edits WHERE assembly_id=? AND target=? AND kind='undo' ORDER BY seq DESC LIMIT 1", w.target)
	}
	if err != nil {
		return w, err
	}
	for _, x := range []struct {
		e  edit.Edit
		to *string
	}{{l.Edit, &w.edit}, {l.Inverse, &w.inverse}} {
		text, err := edit.Encode(x.e)
		if err != nil {
			return w, err
		}
		*x.to = string(text)
	}
	if w.after.Seq%snapshotEvery == 0 {
		if w.snapshot, err = stateText(l.After); err != nil {
			return w, err
		}
	}
	w.uses = map[string]int{}
	was, is := Uses(b.Asm), Uses(l.After)
	for item, n := range is {
		if was[item] != n {
			w.uses[item] = n
		}
		if was[item] == 0 && item[0] == 'a' {
			w.newAssemblies = append(w.newAssemblies, item)
		}
	}
	for item := range was {
		if is[item] == 0 {
			w.uses[item] = 0
		}
	}
	return w, nil
}

// below reads the line under the top of a pile.
func (s *Store) below(ctx context.Context, id int64, query string, of int64) (t Top, err error) {
	if err = s.row(ctx, query, []any{id, of}, &t.Seq); err == nil && t.Seq > 0 {
		err = s.row(ctx, "SELECT said FROM edits WHERE assembly_id=? AND seq=?", []any{id, t.Seq}, &t.Said)
	}
	return t, err
}

// add writes a line under the assembly's lock. Where it makes the tree of assemblies grow, the project's lock comes first.
func (s *Store) add(ctx context.Context, tx *sql.Tx, l *Line, w written) error {
	id := l.Before.ID
	if len(w.newAssemblies) > 0 {
		if err := s.mayUse(ctx, tx, l.Before.Project, id, w.newAssemblies); err != nil {
			return err
		}
	}
	var seq int64
	if err := tx.QueryRowContext(ctx, "SELECT seq FROM assemblies WHERE id=? FOR UPDATE", id).Scan(&seq); err != nil {
		return notFound(err)
	}
	if seq != l.Before.Seq {
		return ErrMoved
	}
	if _, err := tx.ExecContext(ctx, `INSERT INTO edits (assembly_id, seq, kind, target, at, who, said, edit, inverse, undo_top, redo_top, below, token)
		VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?)`, id, w.after.Seq, l.Kind, w.target, now(), l.Who, l.Said, w.edit, w.inverse, w.after.Undo.Seq, w.after.Redo.Seq, w.below, l.Token); err != nil {
		return err
	}
	if _, err := tx.ExecContext(ctx, "UPDATE assemblies SET seq=?, name=?, number=?, verdict=? WHERE id=?", w.after.Seq, l.After.Name, l.After.Number, l.Verdict, id); err != nil {
		return err
	}
	for item, n := range w.uses {
		if _, err := tx.ExecContext(ctx, "INSERT INTO uses (assembly_id, item, n) VALUES (?,?,?) ON DUPLICATE KEY UPDATE n=VALUES(n)", id, item, n); err != nil {
			return err
		}
	}
	if w.snapshot == "" {
		return nil
	}
	if _, err := tx.ExecContext(ctx, "INSERT INTO snapshots (assembly_id, seq, state) VALUES (?,?,?)", id, w.after.Seq, w.snapshot); err != nil {
		return err
	}
	_, err := tx.ExecContext(ctx, fmt.Sprintf("DELETE FROM snapshots WHERE assembly_id=? AND seq<? AND seq%%%d<>0", snapshotForever), id, w.after.Seq-4*snapshotEvery)
	return err
}

// Back gives the edit that takes the latest line back, or does the one taken back last again.
func (s *Store) Back(ctx context.Context, st State, undo bool) (e edit.Edit, said string, err error) {
	top, column := st.Redo, "edit"
	if undo {
		top, column = st.Undo, "inverse"
	}
	if top.Seq == 0 {
		return nil, "", ErrNothing
	}
	// what belongs to the latest time the line was done
	var text string
	err = s.row(ctx, "SELECT "+column+" FROM edits WHERE assembly_id=? AND target=? AND kind='redo' ORDER BY seq DESC LIMIT 1", []any{st.ID, top.Seq}, &text)
	if errors.Is(err, ErrNotFound) {
		err = s.row(ctx, "SELECT "+column+" FROM edits WHERE assembly_id=? AND seq=?", []any{st.ID, top.Seq}, &text)
	}
	if err != nil {
		return nil, "", err
	}
	e, err = edit.Decode([]byte(text))
	return e, top.Said, err
}

// Since gives what the lines after one have done, oldest first, and what the latest of them says; at most so many.
func (s *Store) Since(ctx context.Context, id, after int64, most int) (edits []edit.Edit, said string, err error) {
	type line struct{ text, said string }
	list, err := all(ctx, s.db, "SELECT edit, said FROM edits WHERE assembly_id=? AND seq>? ORDER BY seq LIMIT ?", []any{id, after, most},
		func(r scanner) (l line, err error) { return l, r.Scan(&l.text, &l.said) })
	for _, l := range list {
		e, err := edit.Decode([]byte(l.text))
		if err != nil {
			return nil, "", err
		}
		edits, said = append(edits, e), l.said
	}
	return edits, said, err
}

// Entry is one line of an assembly's log.
type Entry struct {
	Seq    int64
	Kind   string // do, undo, redo
	Target int64  // for undo and redo: the line taken back or done again
	At     time.Time
	Who    string
	Said   string
}

// Log lists lines of an assembly, the latest first: at most so many, all before a line.
func (s *Store) Log(ctx context.Context, id, before int64, most int) ([]Entry, error) {
	return all(ctx, s.db, "SELECT seq, kind, target, at, who, said FROM edits WHERE assembly_id=? AND seq<? ORDER BY seq DESC LIMIT ?", []any{id, before, most},
		func(r scanner) (e Entry, err error) {
			return e, r.Scan(&e.Seq, &e.Kind, &e.Target, &e.At, &e.Who, &e.Said)
		})
}
