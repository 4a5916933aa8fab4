package store

import (
	"context"
	"database/sql"
	"embed"
	"errors"
	"fmt"
	"io/fs"
	"time"

	"github.com/pressly/goose/v3"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
)

//go:embed migrations/*.sql
var migrations embed.FS

// schema is the version of the tables that this program reads and writes.
const schema = 12

// migrate brings the tables up to date, one program at a time, and refuses those of a newer one.
func (s *Store) migrate(ctx context.Context) error {
	conn, err := s.db.Conn(ctx)
	if err != nil {
		return fmt.Errorf("the database does not answer: %w", err)
	}
	defer conn.Close()
	var got sql.NullInt64
	name := lockName("setfast migrates", s.name)
	if err := conn.QueryRowContext(ctx, "SELECT GET_LOCK(?, 25)", name).Scan(&got); err != nil {
		return fmt.Errorf("the database does not answer: %w", err)
	}
	if got.Int64 != 1 {
		return errors.New("another Setfast is changing the database's tables and does not come to an end; try again later")
	}
	defer func() { _, _ = conn.ExecContext(context.WithoutCancel(ctx), "SELECT RELEASE_LOCK(?)", name) }()
	if err := refuseNewer(ctx, conn); err != nil {
		return err
	}
	sub, err := fs.Sub(migrations, "migrations")
	if err != nil {
		return err
	}
	p, err := goose.NewProvider(goose.DialectMySQL, s.db, sub, goose.WithGoMigrations(goose.NewGoMigration(3, &goose.GoFunc{RunDB: fillPilesAndUses}, nil)))
	if err == nil {
		_, err = p.Up(ctx)
	}
	if err != nil {
		return fmt.Errorf("the database's tables cannot be brought up to date: %w", err)
	}
	return nil
}

// refuseNewer looks at the version that the tables are of.
func refuseNewer(ctx context.Context, conn *sql.Conn) error {
	var there int
	err := conn.QueryRowContext(ctx, "SELECT COUNT(*) FROM information_schema.tables WHERE table_schema=DATABASE() AND table_name='goose_db_version'").Scan(&there)
	if err != nil || there == 0 {
		return err
	}
	var version int64
	if err := conn.QueryRowContext(ctx, "SELECT COALESCE(MAX(version_id), 0) FROM goose_db_version WHERE is_applied").Scan(&version); err != nil {
		return err
	}
	if version > schema {
		return fmt.Errorf("the data was written by a newer Setfast (its tables are of version %d, this program knows up to %d); use that one, nothing was changed", version, schema)
	}
	return nil
}

// fillPilesAndUses works out, for logs written before they were kept, what can be taken back after each line, and what each
// assembly uses. Done again it gives the same.
func fillPilesAndUses(ctx context.Context, db *sql.DB) error {
	ids, err := all(ctx, db, "SELECT id FROM assemblies", nil, func(r scanner) (id int64, err error) { return id, r.Scan(&id) })
	if err != nil {
		return err
	}
	for _, id := range ids {
		if err := fillOne(ctx, db, id); err != nil {
			return fmt.Errorf("assembly %d: %w", id, err)
		}
	}
	return nil
}

func fillOne(ctx context.Context, db *sql.DB, id int64) error {
	type line struct {
		seq, target int64
		kind, edit  string
	}
	lines, err := all(ctx, db, "SELECT seq, target, kind, edit FROM edits WHERE assembly_id=? ORDER BY seq", []any{id},
		func(r scanner) (l line, err error) { return l, r.Scan(&l.seq, &l.target, &l.kind, &l.edit) })
	if err != nil {
		return err
	}
	var text string
	if err := db.QueryRowContext(ctx, "SELECT state FROM snapshots WHERE assembly_id=? AND seq=0", id).Scan(&text); err != nil {
		return err
	}
	a, err := format.ReadAssembly([]byte(text))
	if err != nil {
		return err
	}
	tx, err := db.BeginTx(ctx, nil)
	if err != nil {
		return err
	}
	defer func() { _ = tx.Rollback() }()
	top := func(pile []int64) int64 {
		if len(pile) == 0 {
			return 0
		}
		return pile[len(pile)-1]
	}
	var undo, redo []int64
	ever := map[string]bool{}
	note := func(a *assembly.Assembly) {
		for item := range Uses(a) {
			ever[item] = true
		}
	}
	for _, l := range lines {
		// a line that cannot be applied is no reason to keep all else from being read
		if e, err := edit.Decode([]byte(l.edit)); err == nil {
			if b, _, err := edit.Apply(a, e); err == nil {
				a = b
			}
		}
		note(a)
		below := int64(0)
		switch l.kind {
		case "do":
			below = top(undo)
			undo, redo = append(undo, l.seq), nil
		case "undo":
			below = top(redo)
			if len(undo) > 0 {
				redo, undo = append(redo, top(undo)), undo[:len(undo)-1]
			}
		case "redo":
			if len(redo) > 0 {
				undo, redo = append(undo, top(redo)), redo[:len(redo)-1]
			}
		}
		if _, err := tx.ExecContext(ctx, "UPDATE edits SET undo_top=?, redo_top=?, below=? WHERE assembly_id=? AND seq=?", top(undo), top(redo), below, id, l.seq); err != nil {
			return err
		}
	}
	now := Uses(a)
	for item := range ever {
		if _, err := tx.ExecContext(ctx, "INSERT INTO uses (assembly_id, item, n) VALUES (?,?,?) ON DUPLICATE KEY UPDATE n=VALUES(n)", id, item, now[item]); err != nil {
			return err
		}
	}
	return tx.Commit()
}

// lockName is what a lock of the whole server is called for one database; such names have at most 64 letters.
func lockName(what, database string) string { return clip(what+" "+database, 64) }

// Claim takes the database for this program alone: two that serve one database would each keep in memory what the other changes.
// lost is closed when the claim is gone and another has the database.
func (s *Store) Claim(ctx context.Context) (lost <-chan struct{}, release func(), err error) {
	name := lockName("setfast serves", s.name)
	take := func(ctx context.Context) (*sql.Conn, error) {
		conn, err := s.db.Conn(ctx)
		if err != nil {
			return nil, err
		}
		var got sql.NullInt64
		if err = conn.QueryRowContext(ctx, "SELECT GET_LOCK(?, 1)", name).Scan(&got); err == nil && got.Int64 != 1 {
			err = errClaimed
		}
		if err != nil {
			conn.Close()
			return nil, err
		}
		return conn, nil
	}
	conn, err := take(ctx)
	if errors.Is(err, errClaimed) {
		return nil, nil, fmt.Errorf("another Setfast serves the database %q; stop it first, or use another database", s.name)
	}
	if err != nil {
		return nil, nil, err
	}
	gone := make(chan struct{})
	ctx, stop := context.WithCancel(context.WithoutCancel(ctx))
	ended := make(chan struct{})
	go func() { // a claim ends with its connection: where that is lost, it is taken again
		defer close(ended)
		tick := time.NewTicker(3 * time.Second)
		defer tick.Stop()
		for {
			select {
			case <-ctx.Done():
				if conn != nil {
					_, _ = conn.ExecContext(context.Background(), "SELECT RELEASE_LOCK(?)", name)
					conn.Close()
				}
				return
			case <-tick.C:
			}
			if conn != nil && conn.PingContext(ctx) == nil {
				continue
			}
			if conn != nil {
				conn.Close()
			}
			if conn, err = take(ctx); errors.Is(err, errClaimed) {
				close(gone)
				return
			}
		}
	}()
	return gone, func() { stop(); <-ended }, nil
}

var errClaimed = errors.New("claimed")
