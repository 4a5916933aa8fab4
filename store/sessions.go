package store

import (
	"context"
	"errors"
	"time"
)

// Sessions keeps which browsers are signed in, as the package scs wants it: with the patience of all else that asks the database.
type Sessions struct{ *Store }

// FindCtx reads a session that is not over.
func (s Sessions) FindCtx(ctx context.Context, token string) (data []byte, found bool, err error) {
	err = s.row(ctx, "SELECT data FROM sessions WHERE token=? AND expiry>?", []any{token, now()}, &data)
	if errors.Is(err, ErrNotFound) {
		return nil, false, nil
	}
	return data, err == nil, err
}

// CommitCtx writes a session.
func (s Sessions) CommitCtx(ctx context.Context, token string, data []byte, expiry time.Time) error {
	_, err := s.exec(ctx, "INSERT INTO sessions (token, data, expiry) VALUES (?,?,?) ON DUPLICATE KEY UPDATE data=VALUES(data), expiry=VALUES(expiry)", token, data, expiry.UTC())
	return err
}

// DeleteCtx ends a session.
func (s Sessions) DeleteCtx(ctx context.Context, token string) error {
	_, err := s.exec(ctx, "DELETE FROM sessions WHERE token=?", token)
	return err
}

// The package asks for these too, and uses those above.

func (s Sessions) Find(token string) ([]byte, bool, error) {
	return s.FindCtx(context.Background(), token)
}
func (s Sessions) Commit(token string, data []byte, expiry time.Time) error {
	return s.CommitCtx(context.Background(), token, data, expiry)
}
func (s Sessions) Delete(token string) error { return s.DeleteCtx(context.Background(), token) }

// Tried counts one more try at something and tells how many there were since the latest window began, and when that ends.
func (s *Store) Tried(ctx context.Context, what string, window time.Duration) (n int, until time.Time, err error) {
	t := now()
	_, err = s.exec(ctx, "INSERT INTO tries (what, n, since) VALUES (?,1,?) ON DUPLICATE KEY UPDATE n=IF(since<?, 1, n+1), since=IF(since<?, VALUES(since), since)",
		what, t, t.Add(-window), t.Add(-window))
	if err != nil {
		return 0, until, err
	}
	var since time.Time
	err = s.row(ctx, "SELECT n, since FROM tries WHERE what=?", []any{what}, &n, &since)
	return n, since.Add(window), err
}

// Forgive forgets the tries at something.
func (s *Store) Forgive(ctx context.Context, what string) error {
	_, err := s.exec(ctx, "DELETE FROM tries WHERE what=?", what)
	return err
}

// kept is how long what is over is kept: links, so that it can be said that they are over.
const overKept = 30 * 24 * time.Hour

// ForgetOver deletes sessions, links and tries that are over.
func (s *Store) ForgetOver(ctx context.Context) error {
	t := now()
	_, a := s.exec(ctx, "DELETE FROM sessions WHERE expiry<?", t)
	_, b := s.exec(ctx, "DELETE FROM links WHERE until<?", t.Add(-overKept))
	_, c := s.exec(ctx, "DELETE FROM tries WHERE since<?", t.Add(-24*time.Hour))
	return errors.Join(a, b, c, s.forgetLeases(ctx))
}
