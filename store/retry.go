package store

import (
	"context"
	"database/sql"
	"database/sql/driver"
	"errors"
	"fmt"
	"io"
	"math/rand/v2"
	"net"
	"slices"
	"time"

	"github.com/go-sql-driver/mysql"
)

// ErrBusy says that something was waited for in vain; trying again in a moment is likely to help.
var ErrBusy = errors.New("the server is busy; nothing was changed, try again in a moment")

// ErrAway says that the database does not answer.
var ErrAway = errors.New("the database does not answer; nothing more is saved until it does, try again in a moment")

// ErrFull says that the disk has no room.
var ErrFull = errors.New("the disk is full, so nothing was saved; free some room and try again")

// Numbers of the server's errors, from its reference manual.
const (
	erDiskFull        = 1021
	erRecordFileFull  = 1114
	erLockWait        = 1205
	erDeadlock        = 1213
	erGone            = 1032 // a row that another deleted or moved in an index while it was looked up
	erDuplicate       = 1062
	erShutdown        = 1053
	erTooMany         = 1040
	erUnready         = 1047 // of a node that is cut off from its cluster: nothing was done
	erCommit          = 1180 // of one that was cut off while it committed
	erUnknownVariable = 1193
)

const (
	mostTries = 9
	mostAway  = 8 * time.Second // how long the database may be away before who asks is told
)

func number(err error) uint16 {
	var me *mysql.MySQLError
	if errors.As(err, &me) {
		return me.Number
	}
	return 0
}

// isAway tells whether the connection was lost, or none was to be had.
func isAway(err error) bool {
	var ne net.Error
	return errors.Is(err, driver.ErrBadConn) || errors.Is(err, mysql.ErrInvalidConn) || errors.Is(err, io.EOF) || errors.Is(err, io.ErrUnexpectedEOF) ||
		errors.As(err, &ne) || number(err) == erShutdown || number(err) == erTooMany || number(err) == erUnready || number(err) == erCommit
}

// unsent tells whether the connection was lost before anything was asked.
func unsent(err error) bool {
	var op *net.OpError
	return errors.Is(err, driver.ErrBadConn) || errors.As(err, &op) && op.Op == "dial" || number(err) == erTooMany || number(err) == erUnready
}

// retry runs f until it succeeds or fails for a reason of its own. A deadlock or a lock waited for in vain (1213, 1205) and a lost
// connection are tried again, after a pause that doubles and differs from try to try, so that two do not meet for ever.
// f must be such that doing it twice is doing it once.
func retry(ctx context.Context, f func() error) error { return retryIf(ctx, isAway, f) }

// retryIf does the same for an f that may be done again only after some losses of the connection.
func retryIf(ctx context.Context, again func(error) bool, f func() error) error {
	pause := 4 * time.Millisecond
	var gone time.Time // since when the database has been away
	for try := 1; ; try++ {
		err := f()
		n := number(err)
		switch {
		case err == nil:
			return nil
		case n == erDiskFull || n == erRecordFileFull:
			return errors.Join(ErrFull, err)
		case n == erLockWait && try >= 2, (n == erDeadlock || n == erGone) && try >= mostTries:
			return errors.Join(ErrBusy, err)
		case n == erLockWait || n == erDeadlock || n == erGone:
		case ctx.Err() != nil:
			return timeout(ctx, err)
		case again(err):
			if gone.IsZero() {
				gone = time.Now()
			}
			if time.Since(gone) > mostAway {
				return errors.Join(ErrAway, err)
			}
		case isAway(err):
			return errors.Join(ErrAway, err)
		default:
			return err
		}
		select {
		case <-time.After(pause/2 + rand.N(pause)):
		case <-ctx.Done():
			return timeout(ctx, err)
		}
		pause = min(2*pause, 400*time.Millisecond)
	}
}

// timeout says busy where a deadline passed, and the context's own reason where somebody ended it.
func timeout(ctx context.Context, err error) error {
	if errors.Is(ctx.Err(), context.DeadlineExceeded) {
		if isAway(err) && !errors.Is(err, context.DeadlineExceeded) {
			return errors.Join(ErrAway, err)
		}
		return errors.Join(ErrBusy, err)
	}
	return context.Cause(ctx)
}

// inTx runs f in a transaction, again where the database gave it up for another. It must not be used where a commit whose answer
// is lost may not be done twice: append.go looks whether it was done.
func (s *Store) inTx(ctx context.Context, f func(*sql.Tx) error) error {
	return retry(ctx, func() error { return s.once(ctx, f) })
}

func (s *Store) once(ctx context.Context, f func(*sql.Tx) error) error {
	tx, err := s.db.BeginTx(ctx, nil)
	if err != nil {
		return err
	}
	if err := f(tx); err != nil {
		_ = tx.Rollback()
		return err
	}
	return tx.Commit()
}

// exec runs a statement that may be done twice; it tells how many rows it found.
func (s *Store) exec(ctx context.Context, query string, args ...any) (rows int64, err error) {
	err = retry(ctx, func() error {
		r, err := s.db.ExecContext(ctx, query, args...)
		if err == nil {
			rows, err = r.RowsAffected()
		}
		return err
	})
	return rows, err
}

// insert adds a row and gives its number. It is not done again where it may have been done already.
func (s *Store) insert(ctx context.Context, query string, args ...any) (id int64, err error) {
	err = retryIf(ctx, unsent, func() error {
		r, err := s.db.ExecContext(ctx, query, args...)
		if err == nil {
			id, err = r.LastInsertId()
		}
		return err
	})
	return id, err
}

// row reads one row.
func (s *Store) row(ctx context.Context, query string, args []any, to ...any) error {
	return notFound(retry(ctx, func() error { return s.db.QueryRowContext(ctx, query, args...).Scan(to...) }))
}

type querier interface {
	QueryRowContext(ctx context.Context, q string, args ...any) *sql.Row
	QueryContext(ctx context.Context, q string, args ...any) (*sql.Rows, error)
}

// scanner is a row of an answer.
type scanner interface{ Scan(...any) error }

// all reads every row of an answer.
func all[T any](ctx context.Context, q querier, query string, args []any, scan func(scanner) (T, error)) (out []T, err error) {
	read := func() error {
		out = nil
		rows, err := q.QueryContext(ctx, query, args...)
		if err != nil {
			return err
		}
		defer rows.Close()
		for rows.Next() {
			v, err := scan(rows)
			if err != nil {
				return err
			}
			out = append(out, v)
		}
		return rows.Err()
	}
	if _, in := q.(*sql.Tx); in { // the whole transaction is tried again, not a part of it
		err := read()
		return out, err
	}
	err = retry(ctx, read)
	return out, err
}

// mostAsked is how many rows one question names at most.
const mostAsked = 500

// allByID reads the rows of many numbers, which take the place of %s in the question.
func allByID[T any](ctx context.Context, q querier, query string, ids []int64, scan func(scanner) (T, error)) (out []T, err error) {
	for some := range slices.Chunk(ids, mostAsked) {
		args := make([]any, len(some))
		for i, id := range some {
			args[i] = id
		}
		list, err := all(ctx, q, fmt.Sprintf(query, marks(len(some))), args, scan)
		if err != nil {
			return nil, err
		}
		out = append(out, list...)
	}
	return out, nil
}

// marks is n question marks in a row.
func marks(n int) string {
	b := make([]byte, 0, 2*n)
	for i := range n {
		if i > 0 {
			b = append(b, ',')
		}
		b = append(b, '?')
	}
	return string(b)
}
