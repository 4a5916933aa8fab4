package store

import (
	"context"
	"encoding/json"
	"fmt"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
)

// State is an assembly after one of its lines, with what can be taken back and done again then.
type State struct {
	ID, Project, Seq int64
	Asm              *assembly.Assembly
	Undo, Redo       Top
}

// Top is the line on top of the pile of those that can be taken back, or done again; Seq is 0 where there is none.
type Top struct {
	Seq  int64
	Said string
}

// A snapshot is kept every so many lines, so that a state is never more than so many edits away. The latest few stay, and one in
// every thousand lines, from which older moments can be reached.
const (
	snapshotEvery   = 25
	snapshotForever = 1000
)

// mostStates bounds how many latest states are kept in memory; beyond it all are read again.
const mostStates = 300

// State gives an assembly as it stands: what was folded before where it is still the latest, else its snapshot and the few
// edits since.
func (s *Store) State(ctx context.Context, id int64) (State, error) {
	var seq, project int64
	if err := s.row(ctx, "SELECT seq, project_id FROM assemblies WHERE id=?", []any{id}, &seq, &project); err != nil {
		return State{}, err
	}
	return s.stateAt(ctx, id, seq, project)
}

// States gives the states of many assemblies at once; those that are gone are left out.
func (s *Store) States(ctx context.Context, ids []int64) (map[int64]State, error) {
	type head struct{ id, seq, project int64 }
	heads, err := allByID(ctx, s.db, "SELECT id, seq, project_id FROM assemblies WHERE id IN (%s)", ids,
		func(r scanner) (h head, err error) { return h, r.Scan(&h.id, &h.seq, &h.project) })
	if err != nil {
		return nil, err
	}
	out := make(map[int64]State, len(heads))
	for _, h := range heads {
		if out[h.id], err = s.stateAt(ctx, h.id, h.seq, h.project); err != nil {
			return nil, err
		}
	}
	return out, nil
}

func (s *Store) stateAt(ctx context.Context, id, seq, project int64) (State, error) {
	s.mu.Lock()
	st, ok := s.states[id]
	s.mu.Unlock()
	if ok && st.Seq == seq {
		return st, nil
	}
	st = State{ID: id, Project: project, Seq: seq}
	var err error
	if st.Asm, err = s.fold(ctx, id, seq); err != nil {
		return State{}, err
	}
	if st.Undo, st.Redo, err = s.tops(ctx, id, seq); err != nil {
		return State{}, err
	}
	s.remember(st)
	return st, nil
}

func (s *Store) remember(st State) {
	s.mu.Lock()
	defer s.mu.Unlock()
	if len(s.states) >= mostStates {
		clear(s.states)
	}
	if old, ok := s.states[st.ID]; !ok || old.Seq < st.Seq {
		s.states[st.ID] = st
	}
}

// fold gives the state after a line.
func (s *Store) fold(ctx context.Context, id, seq int64) (*assembly.Assembly, error) {
	var at int64
	var text string
	if err := s.row(ctx, "SELECT seq, state FROM snapshots WHERE assembly_id=? AND seq<=? ORDER BY seq DESC LIMIT 1", []any{id, seq}, &at, &text); err != nil {
		return nil, err
	}
	a, err := format.ReadAssembly([]byte(text))
	if err != nil {
		return nil, fmt.Errorf("the snapshot of assembly %d cannot be read: %w", id, err)
	}
	type line struct {
		seq  int64
		text string
	}
	lines, err := all(ctx, s.db, "SELECT seq, edit FROM edits WHERE assembly_id=? AND seq>? AND seq<=? ORDER BY seq", []any{id, at, seq},
		func(r scanner) (l line, err error) { return l, r.Scan(&l.seq, &l.text) })
	if err != nil {
		return nil, err
	}
	for _, l := range lines {
		e, err := edit.Decode([]byte(l.text))
		if err == nil {
			a, _, err = edit.Apply(a, e)
		}
		if err != nil {
			return nil, fmt.Errorf("line %d of assembly %d cannot be applied: %w", l.seq, id, err)
		}
	}
	return a, nil
}

// tops reads what can be taken back and done again after a line.
func (s *Store) tops(ctx context.Context, id, seq int64) (undo, redo Top, err error) {
	if seq == 0 {
		return undo, redo, nil
	}
	if err = s.row(ctx, "SELECT undo_top, redo_top FROM edits WHERE assembly_id=? AND seq=?", []any{id, seq}, &undo.Seq, &redo.Seq); err != nil {
		return undo, redo, err
	}
	for _, t := range []*Top{&undo, &redo} {
		if t.Seq > 0 {
			if err = s.row(ctx, "SELECT said FROM edits WHERE assembly_id=? AND seq=?", []any{id, t.Seq}, &t.Said); err != nil {
				return undo, redo, err
			}
		}
	}
	return undo, redo, nil
}

// stateText writes a state as snapshots keep it.
func stateText(a *assembly.Assembly) (string, error) {
	b, err := json.Marshal(format.AssemblyObject(a))
	return string(b), err
}
