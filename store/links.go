package store

import (
	"context"
	"database/sql"
	"errors"
	"time"
)

// Link lets its bearer in once: a person who is there already, to choose a password; or somebody new. It may lead into a project.
type Link struct {
	Hash    string
	Person  int64 // 0: somebody new
	Project int64 // 0: none
	Role    string
	Maker   string
	Until   time.Time
	Used    bool
}

// ErrUsed says that a link was followed before.
var ErrUsed error = &Refusal{"this link was used already; ask for another"}

// AddLink keeps a link.
func (s *Store) AddLink(ctx context.Context, l Link) error {
	_, err := s.exec(ctx, "INSERT INTO links (hash, person_id, project_id, role, maker, until) VALUES (?,?,?,?,?,?) ON DUPLICATE KEY UPDATE until=VALUES(until)",
		l.Hash, orNull(l.Person), orNull(l.Project), l.Role, l.Maker, l.Until)
	return err
}

func orNull(id int64) any {
	if id == 0 {
		return nil
	}
	return id
}

// Link finds a link, used or over as well.
func (s *Store) Link(ctx context.Context, hash string) (l Link, err error) {
	l.Hash = hash
	err = s.row(ctx, "SELECT COALESCE(person_id,0), COALESCE(project_id,0), role, maker, until, used IS NOT NULL FROM links WHERE hash=?", []any{hash},
		&l.Person, &l.Project, &l.Role, &l.Maker, &l.Until, &l.Used)
	return l, err
}

// UseLink does what a link is for, once: somebody new comes with a name and a password, or somebody who is there has another password, and is in the
// project it leads to. Somebody who is signed in already comes without a password.
func (s *Store) UseLink(ctx context.Context, l Link, who Person) (id int64, err error) {
	err = s.inTx(ctx, func(tx *sql.Tx) error {
		r, err := tx.ExecContext(ctx, "UPDATE links SET used=? WHERE hash=? AND used IS NULL", now(), l.Hash)
		if err != nil {
			return err
		}
		if n, err := r.RowsAffected(); err != nil || n == 0 {
			return errors.Join(err, ErrUsed)
		}
		switch id = who.ID; {
		case id == 0:
			r, err := tx.ExecContext(ctx, "INSERT INTO people (name, password, made) VALUES (?,?,?)", who.Name, who.Password, now())
			if err != nil {
				return taken(err)
			}
			if id, err = r.LastInsertId(); err != nil {
				return err
			}
		case who.Password != "": // whoever had the old one has lost what it opened
			if _, err := tx.ExecContext(ctx, "UPDATE people SET password=?, era=era+1 WHERE id=?", who.Password, id); err != nil {
				return err
			}
			if _, err := tx.ExecContext(ctx, "DELETE FROM tokens WHERE person_id=?", id); err != nil {
				return err
			}
		}
		if l.Project == 0 {
			return nil
		}
		// who is more there already stays so
		_, err = tx.ExecContext(ctx, "INSERT IGNORE INTO members (project_id, person_id, role) VALUES (?,?,?)", l.Project, id, l.Role)
		return err
	})
	return id, err
}

// Token is what a program signs in with in somebody's name.
type Token struct {
	ID   int64
	Name string
	Made time.Time
	Used sql.NullTime // the day of the last use
}

// AddToken keeps a token by its hash.
func (s *Store) AddToken(ctx context.Context, person int64, name, hash string) error {
	_, err := s.insert(ctx, "INSERT INTO tokens (hash, person_id, name, made) VALUES (?,?,?,?)", hash, person, name, now())
	return err
}

// Tokens lists somebody's tokens, the newest first.
func (s *Store) Tokens(ctx context.Context, person int64) ([]Token, error) {
	return all(ctx, s.db, "SELECT id, name, made, used FROM tokens WHERE person_id=? ORDER BY id DESC", []any{person},
		func(r scanner) (t Token, err error) { return t, r.Scan(&t.ID, &t.Name, &t.Made, &t.Used) })
}

// Revoke takes a token back.
func (s *Store) Revoke(ctx context.Context, person, id int64) error {
	return s.mustFind(ctx, "DELETE FROM tokens WHERE id=? AND person_id=?", id, person)
}

// PersonOf finds who a token speaks for, and notes the day.
func (s *Store) PersonOf(ctx context.Context, hash string) (Person, error) {
	p, err := s.person(ctx, "id=(SELECT person_id FROM tokens WHERE hash=?)", hash)
	if err == nil {
		_, err = s.exec(ctx, "UPDATE tokens SET used=UTC_DATE() WHERE hash=? AND (used IS NULL OR used<UTC_DATE())", hash)
	}
	return p, err
}
