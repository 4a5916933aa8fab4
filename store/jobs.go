package store

import (
	"context"
	"crypto/sha256"
	"database/sql"
	"encoding/hex"
	"errors"
	"fmt"
)

// Job is long work that any server of the database does.
type Job struct {
	ID, Project int64
	Kind, Args  string // what is asked for
	State       string // waiting, working, done, failed, cancelled
	Gone        float64
	Answer      []byte
	Message     string // why it failed
	Tries       int
}

// Over tells whether nothing more comes of it.
func (j Job) Over() bool { return j.State != "waiting" && j.State != "working" }

// How long a job is taken for being worked on without a word, and how long what came of it is kept, in seconds.
const (
	jobQuiet = 12
	jobKept  = 600
)

// AddJob asks for work, or joins whoever asked for the very same: it is done once.
func (s *Store) AddJob(ctx context.Context, j Job) (id int64, err error) {
	h := sha256.Sum256(fmt.Appendf(nil, "%s\x00%d\x00%s", j.Kind, j.Project, j.Args))
	same := hex.EncodeToString(h[:])
	err = s.inTx(ctx, func(tx *sql.Tx) error {
		if err := tick(ctx, tx, "job "+same[:2]); err != nil { // few rows, however many jobs there were
			return err
		}
		err := tx.QueryRowContext(ctx, "SELECT id FROM jobs WHERE same=? AND state IN ('waiting', 'working', 'done') ORDER BY id DESC LIMIT 1", same).Scan(&id)
		if err == nil {
			_, err = tx.ExecContext(ctx, "UPDATE jobs SET waits=waits+1, seen=IF(state='working', seen, UTC_TIMESTAMP(3)) WHERE id=?", id)
			return err
		}
		if !errors.Is(err, sql.ErrNoRows) {
			return err
		}
		r, err := tx.ExecContext(ctx, "INSERT INTO jobs (kind, project_id, args, same, state, seen) VALUES (?,?,?,?,'waiting',UTC_TIMESTAMP(3))", j.Kind, j.Project, j.Args, same)
		if err == nil {
			id, err = r.LastInsertId()
		}
		return err
	})
	return id, err
}

// TakeJob takes the job to be done next: of the project for which the fewest are being done. Those that others are taking just now are passed over.
func (s *Store) TakeJob(ctx context.Context) (j Job, ok bool, err error) {
	err = s.inTx(ctx, func(tx *sql.Tx) error {
		ok = false
		busy, err := all(ctx, tx, "SELECT project_id, COUNT(*) FROM jobs WHERE state='working' GROUP BY project_id", nil, func(r scanner) (p [2]int64, err error) { return p, r.Scan(&p[0], &p[1]) })
		if err != nil {
			return err
		}
		waiting, err := all(ctx, tx, "SELECT id, project_id, kind, args, tries FROM jobs WHERE state='waiting' ORDER BY id LIMIT 100 FOR UPDATE SKIP LOCKED", nil, func(r scanner) (j Job, err error) {
			return j, r.Scan(&j.ID, &j.Project, &j.Kind, &j.Args, &j.Tries)
		})
		if err != nil || len(waiting) == 0 {
			return err
		}
		n := map[int64]int64{}
		for _, b := range busy {
			n[b[0]] = b[1]
		}
		j = waiting[0]
		for _, w := range waiting {
			if n[w.Project] < n[j.Project] {
				j = w
			}
		}
		j.Tries++
		ok = true
		_, err = tx.ExecContext(ctx, "UPDATE jobs SET state='working', tries=?, seen=UTC_TIMESTAMP(3) WHERE id=?", j.Tries, j.ID)
		return err
	})
	return j, ok && err == nil, err
}

// JobGone says how far a job is; false where it is not this worker's any more.
func (s *Store) JobGone(ctx context.Context, j Job, gone float64) (bool, error) {
	n, err := s.exec(ctx, "UPDATE jobs SET gone=?, seen=UTC_TIMESTAMP(3) WHERE id=? AND state='working' AND tries=?", gone, j.ID, j.Tries)
	return n > 0, err
}

// EndJob keeps what came of a job, if it is still this worker's.
func (s *Store) EndJob(ctx context.Context, j Job) error {
	_, err := s.exec(ctx, "UPDATE jobs SET state=?, answer=?, message=?, gone=1, seen=UTC_TIMESTAMP(3) WHERE id=? AND state='working' AND tries=?", j.State, j.Answer, clip(j.Message, 1000), j.ID, j.Tries)
	return err
}

// LeaveJob is for who waits no more: a job that nobody waits for is called off.
func (s *Store) LeaveJob(ctx context.Context, id int64) error {
	_, err := s.exec(ctx, "UPDATE jobs SET waits=waits-1, state=IF(waits<=0 AND state IN ('waiting', 'working'), 'cancelled', state) WHERE id=?", id)
	return err
}

// Job tells how a job stands, with what came of it.
func (s *Store) Job(ctx context.Context, id int64) (j Job, err error) {
	err = s.row(ctx, "SELECT id, project_id, kind, state, gone, answer, message, tries FROM jobs WHERE id=?", []any{id}, &j.ID, &j.Project, &j.Kind, &j.State, &j.Gone, &j.Answer, &j.Message, &j.Tries)
	return j, err
}

// TidyJobs lets jobs wait again whose worker fell silent, gives up those that were begun too often, and forgets what was over long ago.
func (s *Store) TidyJobs(ctx context.Context, most int) error {
	quiet := fmt.Sprintf("state='working' AND seen<TIMESTAMPADD(SECOND, -%d, UTC_TIMESTAMP(3))", jobQuiet)
	_, a := s.exec(ctx, "UPDATE jobs SET state='failed', message='working on it was broken off several times' WHERE "+quiet+" AND tries>=?", most)
	_, b := s.exec(ctx, "UPDATE jobs SET state='waiting' WHERE "+quiet)
	_, c := s.exec(ctx, fmt.Sprintf("DELETE FROM jobs WHERE state NOT IN ('waiting', 'working') AND seen<TIMESTAMPADD(SECOND, -%d, UTC_TIMESTAMP(3))", jobKept))
	return errors.Join(a, b, c)
}
