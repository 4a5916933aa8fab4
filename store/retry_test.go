package store

import (
	"context"
	"database/sql/driver"
	"errors"
	"fmt"
	"io"
	"net"
	"testing"
	"time"

	"github.com/go-sql-driver/mysql"
)

// TestRetry: what another try may mend is tried again, what it cannot is told at once, and all of it ends.
func TestRetry(t *testing.T) {
	broken := errors.New("a mistake of ours")
	my := func(n uint16) error { return fmt.Errorf("wrapped: %w", &mysql.MySQLError{Number: n}) }
	for _, c := range []struct {
		name  string
		fails error
		times int // how often it fails before it would succeed
		want  error
		tries int
	}{
		{"deadlocks", my(erDeadlock), 5, nil, 6},
		{"deadlocks without end", my(erDeadlock), 1000, ErrBusy, mostTries},
		{"a lock waited for once", my(erLockWait), 1, nil, 2},
		{"a lock waited for in vain", my(erLockWait), 1000, ErrBusy, 2},
		{"a lost connection", mysql.ErrInvalidConn, 3, nil, 4},
		{"a broken one", io.ErrUnexpectedEOF, 2, nil, 3},
		{"too many connections", my(erTooMany), 2, nil, 3},
		{"a row that went while it was looked up", my(erGone), 3, nil, 4},
		{"a node cut off from its cluster", my(erUnready), 3, nil, 4},
		{"one cut off while it committed", my(erCommit), 2, nil, 3},
		{"a full disk", my(erRecordFileFull), 1, ErrFull, 1},
		{"a mistake", broken, 1, broken, 1},
	} {
		tries := 0
		err := retry(context.Background(), func() error {
			if tries++; tries <= c.times {
				return c.fails
			}
			return nil
		})
		if !errors.Is(err, c.want) || tries != c.tries {
			t.Errorf("%s: %d tries, %v; want %d, %v", c.name, tries, err, c.tries, c.want)
		}
	}
	// what may have been done already is not done again
	for err, again := range map[error]bool{driver.ErrBadConn: true, &net.OpError{Op: "dial", Err: io.EOF}: true, mysql.ErrInvalidConn: false, io.ErrUnexpectedEOF: false} {
		tries := 0
		_ = retryIf(context.Background(), unsent, func() error {
			if tries++; tries == 1 {
				return err
			}
			return nil
		})
		if (tries == 2) != again {
			t.Errorf("%v: %d tries", err, tries)
		}
	}
	// time that is up is told as busy, or as away where the database is; an end that somebody asked for by their reason
	ctx, cancel := context.WithTimeout(context.Background(), 30*time.Millisecond)
	defer cancel()
	if err := retry(ctx, func() error { return my(erDeadlock) }); !errors.Is(err, ErrBusy) {
		t.Errorf("out of time: %v", err)
	}
	if err := retry(ctx, func() error { return mysql.ErrInvalidConn }); !errors.Is(err, ErrAway) {
		t.Errorf("out of time, away: %v", err)
	}
	why := errors.New("enough")
	gone, stop := context.WithCancelCause(context.Background())
	stop(why)
	if err := retry(gone, func() error { return my(erLockWait) }); !errors.Is(err, why) {
		t.Errorf("called off: %v", err)
	}
}
