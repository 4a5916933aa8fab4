package store

import (
	"context"
	"crypto/rand"
	"database/sql"
	"errors"
	"fmt"
	"sync"
	"time"
)

// A lease is the right to do something alone, whatever server it is done at; it is renewed while it is held, and ends by itself where who holds it dies.
// The database tells the time.

const (
	leaseTime  = 15 * time.Second
	leaseRenew = 4 * time.Second
)

// makeLeases makes the table, which is there before all others.
func (s *Store) makeLeases(ctx context.Context) error {
	_, err := s.exec(ctx, `CREATE TABLE IF NOT EXISTS leases (what VARCHAR(100) NOT NULL PRIMARY KEY, holder CHAR(26) CHARACTER SET ascii NOT NULL, until DATETIME(3) NOT NULL)
		DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`)
	return err
}

// lease takes something, or goes on holding it; false where another holds it.
func (s *Store) lease(ctx context.Context, what, holder string) (bool, error) {
	_, err := s.exec(ctx, `INSERT INTO leases (what, holder, until) VALUES (?,?,TIMESTAMPADD(MICROSECOND, ?, UTC_TIMESTAMP(3)))
		ON DUPLICATE KEY UPDATE holder=IF(until<UTC_TIMESTAMP(3), VALUES(holder), holder), until=IF(holder=VALUES(holder), VALUES(until), until)`, what, holder, leaseTime.Microseconds())
	if err != nil {
		return false, err
	}
	var has string
	err = s.row(ctx, "SELECT holder FROM leases WHERE what=?", []any{what}, &has)
	if errors.Is(err, ErrNotFound) { // who held it has just let go of it
		return false, nil
	}
	return has == holder, err
}

// hold takes something and renews it until it is let go of; false where another holds it.
func (s *Store) hold(ctx context.Context, what string) (letGo func(), ok bool, err error) {
	holder := rand.Text()
	if ok, err := s.lease(ctx, what, holder); err != nil || !ok {
		return nil, false, err
	}
	ctx, stop := context.WithCancel(context.WithoutCancel(ctx))
	var done sync.WaitGroup
	done.Go(func() {
		tick := time.NewTicker(leaseRenew)
		defer tick.Stop()
		for {
			select {
			case <-ctx.Done():
				return
			case <-tick.C:
				_, _ = s.lease(ctx, what, holder) // in vain: again in a moment
			}
		}
	})
	var once sync.Once
	return func() {
		once.Do(func() {
			stop()
			done.Wait()
			ctx, cancel := context.WithTimeout(context.Background(), 3*time.Second)
			defer cancel()
			_, _ = s.exec(ctx, "DELETE FROM leases WHERE what=? AND holder=?", what, holder)
		})
	}, true, nil
}

const (
	restoring = "restore"
	serving   = "server "
)

// Serve says that a program serves the database; any number may. None does while a backup is restored.
func (s *Store) Serve(ctx context.Context) (leave func(), err error) {
	leave, _, err = s.hold(ctx, serving+rand.Text())
	if err != nil {
		return nil, err
	}
	var n int
	if err = s.row(ctx, "SELECT COUNT(*) FROM leases WHERE what=? AND until>=UTC_TIMESTAMP(3)", []any{restoring}, &n); err == nil && n > 0 {
		err = fmt.Errorf("a backup is being restored into the database %q; try again when that is done", s.name)
	}
	if err != nil {
		leave()
		return nil, err
	}
	return leave, nil
}

// alone sees that nobody serves the database until it is let go of.
func (s *Store) alone(ctx context.Context) (letGo func(), err error) {
	letGo, ok, err := s.hold(ctx, restoring)
	if err == nil && !ok {
		err = fmt.Errorf("another program restores a backup into the database %q", s.name)
	}
	if err != nil {
		return nil, err
	}
	var n int
	if err = s.row(ctx, "SELECT COUNT(*) FROM leases WHERE what LIKE ? AND until>=UTC_TIMESTAMP(3)", []any{serving + "%"}, &n); err == nil && n > 0 {
		err = fmt.Errorf("a Setfast serves the database %q; stop it first, or use another database", s.name)
	}
	if err != nil {
		letGo()
		return nil, err
	}
	return letGo, nil
}

// forgetLeases deletes those that ended long ago.
func (s *Store) forgetLeases(ctx context.Context) error {
	_, err := s.exec(ctx, "DELETE FROM leases WHERE until<TIMESTAMPADD(DAY, -1, UTC_TIMESTAMP(3))")
	return err
}

// tick makes two transactions exclude one another at whatever nodes of a cluster they are committed: a row that is only locked is locked at its own node.
func tick(ctx context.Context, tx *sql.Tx, what string) error {
	_, err := tx.ExecContext(ctx, "INSERT INTO ticks (what, n) VALUES (?,1) ON DUPLICATE KEY UPDATE n=n+1", what)
	return err
}

// migrating waits until nobody else changes the tables.
func (s *Store) migrating(ctx context.Context) (letGo func(), err error) {
	if err := s.makeLeases(ctx); err != nil {
		return nil, fmt.Errorf("the database does not answer: %w", err)
	}
	for deadline := time.Now().Add(25 * time.Second); ; {
		letGo, ok, err := s.hold(ctx, "migrate")
		if err != nil || ok {
			return letGo, err
		}
		if time.Now().After(deadline) {
			return nil, errors.New("another Setfast is changing the database's tables and does not come to an end; try again later")
		}
		select {
		case <-ctx.Done():
			return nil, context.Cause(ctx)
		case <-time.After(100 * time.Millisecond):
		}
	}
}
