package store

import (
	"context"
	"database/sql"
	"errors"
	"time"
)

// Person is somebody who may sign in.
type Person struct {
	ID       int64
	Name     string
	Password string // as its hash; empty until the person has come
	Chief    bool   // looks after the server and its people, and may do everything
	Barred   bool   // may not sign in any more
	Era      int    // counted up to sign the person out everywhere
	Made     time.Time
}

// Refusal is a change that would break a rule of what is kept; it is told to users as it is.
type Refusal struct{ Msg string }

func (e *Refusal) Error() string { return e.Msg }

// ErrTaken says that a name is somebody else's.
var ErrTaken error = &Refusal{"somebody has this name already; choose another"}

const personColumns = "id, name, password, chief, barred, era, made"

func scanPerson(r scanner) (p Person, err error) {
	return p, r.Scan(&p.ID, &p.Name, &p.Password, &p.Chief, &p.Barred, &p.Era, &p.Made)
}

// People lists everybody by name.
func (s *Store) People(ctx context.Context) ([]Person, error) {
	return all(ctx, s.db, "SELECT "+personColumns+" FROM people ORDER BY name", nil, scanPerson)
}

// Person finds somebody by number.
func (s *Store) Person(ctx context.Context, id int64) (Person, error) {
	return s.person(ctx, "id=?", id)
}

// PersonNamed finds somebody by name, however it is written in capitals.
func (s *Store) PersonNamed(ctx context.Context, name string) (Person, error) {
	return s.person(ctx, "name=?", name)
}

func (s *Store) person(ctx context.Context, which string, arg any) (p Person, err error) {
	err = retry(ctx, func() error {
		p, err = scanPerson(s.db.QueryRowContext(ctx, "SELECT "+personColumns+" FROM people WHERE "+which, arg))
		return err
	})
	return p, notFound(err)
}

// AnyPerson tells whether anybody could sign in.
func (s *Store) AnyPerson(ctx context.Context) (bool, error) {
	var n int
	err := s.row(ctx, "SELECT COUNT(*) FROM people", nil, &n)
	return n > 0, err
}

// AddPerson adds somebody.
func (s *Store) AddPerson(ctx context.Context, p Person) (int64, error) {
	id, err := s.insert(ctx, "INSERT INTO people (name, password, chief, made) VALUES (?,?,?,?)", p.Name, p.Password, p.Chief, now())
	return id, taken(err)
}

func taken(err error) error {
	if number(err) == erDuplicate {
		return ErrTaken
	}
	return err
}

// SetPassword gives somebody another password and signs them out everywhere.
func (s *Store) SetPassword(ctx context.Context, id int64, hash string) error {
	return s.mustFind(ctx, "UPDATE people SET password=?, era=era+1 WHERE id=?", hash, id)
}

// SetPasswordHash writes the same password another way: everybody stays signed in.
func (s *Store) SetPasswordHash(ctx context.Context, id int64, hash string) error {
	return s.mustFind(ctx, "UPDATE people SET password=? WHERE id=?", hash, id)
}

// SignOut signs somebody out everywhere.
func (s *Store) SignOut(ctx context.Context, id int64) error {
	return s.mustFind(ctx, "UPDATE people SET era=era+1 WHERE id=?", id)
}

// ErrLastChief says that nobody would be left to look after the people.
var ErrLastChief error = &Refusal{"this is the last administrator; make somebody else one first"}

// Bar keeps somebody from signing in, or lets them in again.
func (s *Store) Bar(ctx context.Context, id int64, barred bool) error {
	return s.keepingAChief(ctx, "UPDATE people SET barred=?, era=era+1 WHERE id=?", barred, id)
}

// SetChief makes somebody an administrator, or no longer.
func (s *Store) SetChief(ctx context.Context, id int64, chief bool) error {
	return s.keepingAChief(ctx, "UPDATE people SET chief=? WHERE id=?", chief, id)
}

// keepingAChief changes somebody unless no administrator were left that can sign in.
func (s *Store) keepingAChief(ctx context.Context, query string, set bool, id int64) error {
	return s.inTx(ctx, func(tx *sql.Tx) error {
		if err := tick(ctx, tx, "chiefs"); err != nil {
			return err
		}
		chiefs, err := all(ctx, tx, "SELECT "+personColumns+" FROM people WHERE chief FOR UPDATE", nil, scanPerson)
		if err != nil {
			return err
		}
		r, err := tx.ExecContext(ctx, query, set, id)
		if err != nil {
			return err
		}
		if n, err := r.RowsAffected(); err != nil || n == 0 {
			return errors.Join(err, ErrNotFound)
		}
		if len(chiefs) == 0 {
			return nil
		}
		var left int
		if err := tx.QueryRowContext(ctx, "SELECT COUNT(*) FROM people WHERE chief AND NOT barred").Scan(&left); err != nil {
			return err
		}
		if left == 0 {
			return ErrLastChief
		}
		return nil
	})
}
