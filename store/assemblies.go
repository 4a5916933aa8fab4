package store

import (
	"context"
	"database/sql"
	"encoding/json"
	"errors"
	"fmt"
	"time"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
)

// Assembly is an assembly as listed; its state is the fold of its edits.
type Assembly struct {
	ID, ProjectID int64
	Name, Number  string
	Seq           int64
	Verdict       string
	Created       time.Time
}

// Entry is one line of an assembly's log.
type Entry struct {
	Seq    int64
	Kind   string // do, undo, redo
	Target int64  // for undo and redo: the line taken back or done again
	At     time.Time
	Who    string
	Said   string // the edit in words
	Edit   edit.Edit
}

// ErrMoved says that an edit was made on a state that is no longer the latest.
var ErrMoved = errors.New("somebody changed this assembly meanwhile; it is shown as it is now")

// EditError says that an edit does not fit the state it met.
type EditError struct{ Err error }

func (e *EditError) Error() string { return e.Err.Error() }
func (e *EditError) Unwrap() error { return e.Err }

// snapshotEvery is how many edits lie between snapshots.
const snapshotEvery = 25

// Assemblies lists a project's assemblies.
func (s *Store) Assemblies(ctx context.Context, project int64) ([]Assembly, error) {
	rows, err := s.db.QueryContext(ctx, "SELECT id, project_id, name, number, seq, verdict, created FROM assemblies WHERE project_id=? ORDER BY id", project)
	if err != nil {
		return nil, err
	}
	defer rows.Close()
	var out []Assembly
	for rows.Next() {
		var a Assembly
		if err := rows.Scan(&a.ID, &a.ProjectID, &a.Name, &a.Number, &a.Seq, &a.Verdict, &a.Created); err != nil {
			return nil, err
		}
		out = append(out, a)
	}
	return out, rows.Err()
}

// Assembly finds an assembly.
func (s *Store) Assembly(ctx context.Context, id int64) (Assembly, error) {
	a := Assembly{ID: id}
	err := s.db.QueryRowContext(ctx, "SELECT project_id, name, number, seq, verdict, created FROM assemblies WHERE id=?", id).
		Scan(&a.ProjectID, &a.Name, &a.Number, &a.Seq, &a.Verdict, &a.Created)
	return a, notFound(err)
}

// CreateAssembly starts an empty assembly.
func (s *Store) CreateAssembly(ctx context.Context, project int64, name, number string) (int64, error) {
	var id int64
	err := s.inTx(ctx, func(tx *sql.Tx) error {
		r, err := tx.ExecContext(ctx, "INSERT INTO assemblies (project_id, name, number, seq, verdict, created) VALUES (?,?,?,0,'',?)", project, name, number, now())
		if err != nil {
			return err
		}
		if id, err = r.LastInsertId(); err != nil {
			return err
		}
		st, err := asJSON(format.AssemblyObject(&assembly.Assembly{Name: name, Number: number}))
		if err != nil {
			return err
		}
		_, err = tx.ExecContext(ctx, "INSERT INTO snapshots (assembly_id, seq, state) VALUES (?,0,?)", id, st)
		return err
	})
	return id, err
}

// DeleteAssembly removes an assembly and its log.
func (s *Store) DeleteAssembly(ctx context.Context, id int64) error {
	_, err := s.db.ExecContext(ctx, "DELETE FROM assemblies WHERE id=?", id)
	return err
}

// SetVerdict remembers the latest verdict for lists.
func (s *Store) SetVerdict(ctx context.Context, id, seq int64, verdict string) error {
	_, err := s.db.ExecContext(ctx, "UPDATE assemblies SET verdict=? WHERE id=? AND seq=?", verdict, id, seq)
	return err
}

type querier interface {
	QueryRowContext(ctx context.Context, q string, args ...any) *sql.Row
	QueryContext(ctx context.Context, q string, args ...any) (*sql.Rows, error)
}

// State folds an assembly's edits up to the latest.
func (s *Store) State(ctx context.Context, id int64) (*assembly.Assembly, int64, error) {
	return state(ctx, s.db, id)
}

func state(ctx context.Context, q querier, id int64) (*assembly.Assembly, int64, error) {
	var seq int64
	var text string
	err := q.QueryRowContext(ctx, "SELECT seq, state FROM snapshots WHERE assembly_id=? ORDER BY seq DESC LIMIT 1", id).Scan(&seq, &text)
	if err != nil {
		return nil, 0, notFound(err)
	}
	a, err := format.ReadAssembly([]byte(text))
	if err != nil {
		return nil, 0, fmt.Errorf("the snapshot of assembly %d cannot be read: %w", id, err)
	}
	rows, err := q.QueryContext(ctx, "SELECT seq, edit FROM edits WHERE assembly_id=? AND seq>? ORDER BY seq", id, seq)
	if err != nil {
		return nil, 0, err
	}
	defer rows.Close()
	for rows.Next() {
		var e edit.Edit
		if err := rows.Scan(&seq, &text); err != nil {
			return nil, 0, err
		}
		if err := json.Unmarshal([]byte(text), &e); err != nil {
			return nil, 0, err
		}
		if _, err := e.Apply(a); err != nil {
			return nil, 0, fmt.Errorf("line %d of assembly %d cannot be applied: %w", seq, id, err)
		}
	}
	return a, seq, rows.Err()
}

// Post adds an edit made on the state numbered base. finish may complete the edit once it is applied (poses that follow
// from it) and sees the new state; whatever it returns is posted as one line.
func (s *Store) Post(ctx context.Context, id, base int64, who, said string, e edit.Edit, finish func(*assembly.Assembly) (*edit.Edit, error)) (*assembly.Assembly, int64, error) {
	return s.post(ctx, id, base, "do", 0, who, said, e, finish)
}

func (s *Store) post(ctx context.Context, id, base int64, kind string, target int64, who, said string, e edit.Edit, finish func(*assembly.Assembly) (*edit.Edit, error)) (*assembly.Assembly, int64, error) {
	var out *assembly.Assembly
	var seq int64
	err := s.inTx(ctx, func(tx *sql.Tx) error {
		// the row's lock makes edits of one assembly follow one another
		if err := tx.QueryRowContext(ctx, "SELECT seq FROM assemblies WHERE id=? FOR UPDATE", id).Scan(&seq); err != nil {
			return notFound(err)
		}
		if base >= 0 && base != seq {
			return ErrMoved
		}
		a, _, err := state(ctx, tx, id)
		if err != nil {
			return err
		}
		inv, err := e.Apply(a)
		if err != nil {
			return &EditError{err}
		}
		full := e
		if finish != nil {
			more, err := finish(a)
			if err != nil {
				return err
			}
			if more != nil {
				back, err := more.Apply(a)
				if err != nil {
					return err
				}
				full = edit.Edit{Op: "batch", Edits: []edit.Edit{e, *more}}
				inv = edit.Edit{Op: "batch", Edits: []edit.Edit{back, inv}}
			}
		}
		seq++
		ej, err := asJSON(full)
		if err != nil {
			return err
		}
		ij, err := asJSON(inv)
		if err != nil {
			return err
		}
		if r := []rune(said); len(r) > 380 {
			said = string(r[:380]) + "…"
		}
		if _, err = tx.ExecContext(ctx, "INSERT INTO edits (assembly_id, seq, kind, target, at, who, said, edit, inverse) VALUES (?,?,?,?,?,?,?,?,?)",
			id, seq, kind, target, now(), who, said, ej, ij); err != nil {
			return err
		}
		if _, err = tx.ExecContext(ctx, "UPDATE assemblies SET seq=?, name=?, number=?, verdict='' WHERE id=?", seq, a.Name, a.Number, id); err != nil {
			return err
		}
		if seq%snapshotEvery == 0 {
			st, err := asJSON(format.AssemblyObject(a))
			if err != nil {
				return err
			}
			if _, err = tx.ExecContext(ctx, "INSERT INTO snapshots (assembly_id, seq, state) VALUES (?,?,?)", id, seq, st); err != nil {
				return err
			}
		}
		out = a
		return nil
	})
	return out, seq, err
}

// History tells what can be taken back and done again, latest last.
type History struct{ Undo, Redo []Entry }

// History replays the kinds of all lines: undo and redo move a line between the two piles.
func (s *Store) History(ctx context.Context, id int64) (History, error) {
	log, err := s.Log(ctx, id)
	if err != nil {
		return History{}, err
	}
	by := map[int64]Entry{}
	var h History
	for _, e := range log {
		switch e.Kind {
		case "do":
			by[e.Seq] = e
			h.Undo = append(h.Undo, e)
			h.Redo = nil
		case "undo":
			if n := len(h.Undo); n > 0 {
				h.Redo = append(h.Redo, h.Undo[n-1])
				h.Undo = h.Undo[:n-1]
			}
		case "redo":
			if n := len(h.Redo); n > 0 {
				h.Undo = append(h.Undo, h.Redo[n-1])
				h.Redo = h.Redo[:n-1]
			}
		}
	}
	return h, nil
}

// Log lists the lines of an assembly without their edits.
func (s *Store) Log(ctx context.Context, id int64) ([]Entry, error) {
	rows, err := s.db.QueryContext(ctx, "SELECT seq, kind, target, at, who, said FROM edits WHERE assembly_id=? ORDER BY seq", id)
	if err != nil {
		return nil, err
	}
	defer rows.Close()
	var out []Entry
	for rows.Next() {
		var e Entry
		if err := rows.Scan(&e.Seq, &e.Kind, &e.Target, &e.At, &e.Who, &e.Said); err != nil {
			return nil, err
		}
		out = append(out, e)
	}
	return out, rows.Err()
}

// ErrNothing says that there is nothing to take back or to do again.
var ErrNothing = errors.New("there is nothing to take back or do again")

// Undo posts the inverse of the latest line in force; what it takes back is in the words it returns.
func (s *Store) Undo(ctx context.Context, id, base int64, who string) (*assembly.Assembly, int64, string, error) {
	h, err := s.History(ctx, id)
	if err != nil {
		return nil, 0, "", err
	}
	if len(h.Undo) == 0 {
		return nil, 0, "", ErrNothing
	}
	e := h.Undo[len(h.Undo)-1]
	// the inverse that belongs to the latest time this line was done
	inv, err := s.latest(ctx, id, e.Seq, "inverse")
	if err != nil {
		return nil, 0, "", err
	}
	a, seq, err := s.post(ctx, id, base, "undo", e.Seq, who, e.Said, inv, nil)
	return a, seq, e.Said, err
}

// Redo does the line taken back last again.
func (s *Store) Redo(ctx context.Context, id, base int64, who string) (*assembly.Assembly, int64, string, error) {
	h, err := s.History(ctx, id)
	if err != nil {
		return nil, 0, "", err
	}
	if len(h.Redo) == 0 {
		return nil, 0, "", ErrNothing
	}
	e := h.Redo[len(h.Redo)-1]
	ed, err := s.latest(ctx, id, e.Seq, "edit")
	if err != nil {
		return nil, 0, "", err
	}
	a, seq, err := s.post(ctx, id, base, "redo", e.Seq, who, e.Said, ed, nil)
	return a, seq, e.Said, err
}

// latest reads the edit or inverse of a line, or of its latest redo.
func (s *Store) latest(ctx context.Context, id, seq int64, column string) (edit.Edit, error) {
	var e edit.Edit
	var text string
	err := s.db.QueryRowContext(ctx, "SELECT "+column+" FROM edits WHERE assembly_id=? AND (seq=? OR kind='redo' AND target=?) ORDER BY seq DESC LIMIT 1",
		id, seq, seq).Scan(&text)
	if err == nil {
		err = json.Unmarshal([]byte(text), &e)
	}
	return e, notFound(err)
}
