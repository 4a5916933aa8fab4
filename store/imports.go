package store

import (
	"context"
	"fmt"
	"time"
)

// ImportFile is one file of a batch handed in together.
type ImportFile struct {
	ID, ProjectID int64
	Batch, Name   string
	SHA256        string
	Size          int64
	State         string // waiting, with, reading, done, failed, left over, cancelled
	Within        int64  // of one that is read with another, because that refers to it: which
	Message       string
	Started       time.Time // where it is being read
	Tries         int       // how often reading it was begun
}

const importColumns = "id, project_id, batch, name, sha256, size, state, message, COALESCE(started, created), tries, within"

func scanImport(r scanner) (f ImportFile, err error) {
	return f, r.Scan(&f.ID, &f.ProjectID, &f.Batch, &f.Name, &f.SHA256, &f.Size, &f.State, &f.Message, &f.Started, &f.Tries, &f.Within)
}

// AddImport keeps a file handed in.
func (s *Store) AddImport(ctx context.Context, f ImportFile) (int64, error) {
	return s.insert(ctx, "INSERT INTO imports (batch, project_id, name, sha256, size, state, message, within, created) VALUES (?,?,?,?,?,?,?,?,?)",
		f.Batch, f.ProjectID, f.Name, f.SHA256, f.Size, f.State, f.Message, f.Within, now())
}

// Imports lists the files of a batch.
func (s *Store) Imports(ctx context.Context, batch string) ([]ImportFile, error) {
	return all(ctx, s.db, "SELECT "+importColumns+" FROM imports WHERE batch=? ORDER BY id", []any{batch}, scanImport)
}

// Unread lists all files that wait to be read or are being read.
func (s *Store) Unread(ctx context.Context) ([]ImportFile, error) {
	return all(ctx, s.db, "SELECT "+importColumns+" FROM imports WHERE state IN ('waiting', 'reading') ORDER BY id", nil, scanImport)
}

// Open tells whether a file is still to be read, or being read.
func (f ImportFile) Open() bool {
	return f.State == "waiting" || f.State == "with" || f.State == "reading"
}

// ClaimImport takes a waiting file to read it; false where another has it, or it is waiting no more.
func (s *Store) ClaimImport(ctx context.Context, id int64) (bool, error) {
	n, err := s.exec(ctx, "UPDATE imports SET state='reading', started=?, seen=UTC_TIMESTAMP(3), tries=tries+1 WHERE id=? AND state='waiting'", now(), id)
	return n > 0, err
}

// StillReading says that a file is being read; false where that was cancelled, or another has taken it over.
func (s *Store) StillReading(ctx context.Context, id int64, tries int) (bool, error) {
	n, err := s.exec(ctx, "UPDATE imports SET seen=UTC_TIMESTAMP(3) WHERE id=? AND state='reading' AND tries=?", id, tries)
	return n > 0, err
}

// quietFor is how long nothing is heard of who reads a file before another takes it over; it is said every few seconds.
const quietFor = 20

// SetImport records how reading a file went, unless it was cancelled meanwhile. What was read with it is done too; where it was not
// read, that waits to be read by itself.
func (s *Store) SetImport(ctx context.Context, f ImportFile) error {
	if _, err := s.exec(ctx, "UPDATE imports SET state=?, message=? WHERE id=? AND state<>'cancelled'", f.State, clip(f.Message, 4000), f.ID); err != nil {
		return err
	}
	if f.State == "done" {
		_, err := s.exec(ctx, "UPDATE imports SET state='done', message=? WHERE within=? AND state='with'", clip("read with "+f.Name, 4000), f.ID)
		return err
	}
	return s.release(ctx, f.ID)
}

func (s *Store) release(ctx context.Context, id int64) error {
	_, err := s.exec(ctx, "UPDATE imports SET state='waiting', within=0 WHERE within=? AND state='with'", id)
	return err
}

// ImportOf finds one file of a project.
func (s *Store) ImportOf(ctx context.Context, project, id int64) (ImportFile, error) {
	list, err := all(ctx, s.db, "SELECT "+importColumns+" FROM imports WHERE id=? AND project_id=?", []any{id, project}, scanImport)
	if err == nil && len(list) == 0 {
		err = ErrNotFound
	}
	if err != nil {
		return ImportFile{}, err
	}
	return list[0], nil
}

// Importing lists what of a project is not finished.
func (s *Store) Importing(ctx context.Context, project int64) ([]ImportFile, error) {
	return all(ctx, s.db, "SELECT "+importColumns+" FROM imports WHERE project_id=? AND state IN ('waiting', 'reading', 'with') ORDER BY id", []any{project}, scanImport)
}

// CancelImport ends the waiting or reading of a file; false where it was over already.
func (s *Store) CancelImport(ctx context.Context, project, id int64) (bool, error) {
	n, err := s.exec(ctx, "UPDATE imports SET state='cancelled', message='cancelled' WHERE id=? AND project_id=? AND state IN ('waiting', 'reading', 'with')", id, project)
	if err == nil && n > 0 {
		err = s.release(ctx, id)
	}
	return n > 0, err
}

// Requeue lets files wait again whose reading was broken off: by the end of this program where it is alone with the database, else those of whose reader nothing was
// heard for a while. A file that was begun too often is given up.
func (s *Store) Requeue(ctx context.Context, most int, alone bool) error {
	quiet := fmt.Sprintf("state='reading' AND COALESCE(seen, created)<TIMESTAMPADD(SECOND, -%d, UTC_TIMESTAMP(3))", quietFor)
	if alone {
		quiet = "state='reading'"
	}
	if _, err := s.exec(ctx, "UPDATE imports SET state='failed', message='reading it was broken off several times' WHERE "+quiet+" AND tries>=?", most); err != nil {
		return err
	}
	if _, err := s.exec(ctx, "UPDATE imports w JOIN imports r ON r.id=w.within SET w.state='waiting', w.within=0 WHERE w.state='with' AND r.state NOT IN ('waiting', 'reading', 'done')"); err != nil {
		return err
	}
	_, err := s.exec(ctx, "UPDATE imports SET state='waiting' WHERE "+quiet)
	return err
}

// clip shortens a text to n letters.
func clip(text string, n int) string {
	if r := []rune(text); len(r) > n {
		return string(r[:n-1]) + "…"
	}
	return text
}

// FileNames tells what the files of a project were called as they were handed in, by their contents; of several names the last.
func (s *Store) FileNames(ctx context.Context, project int64) (map[string]string, error) {
	type named struct{ sha, name string }
	list, err := all(ctx, s.db, "SELECT sha256, name FROM imports WHERE project_id=? ORDER BY id", []any{project}, func(r scanner) (n named, err error) {
		return n, r.Scan(&n.sha, &n.name)
	})
	out := make(map[string]string, len(list))
	for _, n := range list {
		out[n.sha] = n.name
	}
	return out, err
}

// WaitingFiles is how many files of all projects are not read yet.
func (s *Store) WaitingFiles(ctx context.Context) (n int, err error) {
	return n, s.row(ctx, "SELECT COUNT(*) FROM imports WHERE state IN ('waiting', 'reading', 'with')", nil, &n)
}
