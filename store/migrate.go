package store

import (
	"context"
	"database/sql"
	"embed"
	"fmt"
	"io/fs"

	"github.com/pressly/goose/v3"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
)

//go:embed migrations/*.sql
var migrations embed.FS

// schema is the version of the tables that this program reads and writes.
const schema = 15

// migrate brings the tables up to date, one program at a time, and refuses those of a newer one.
func (s *Store) migrate(ctx context.Context) error {
	letGo, err := s.migrating(ctx)
	if err != nil {
		return err
	}
	defer letGo()
	if err := s.refuseNewer(ctx); err != nil {
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
func (s *Store) refuseNewer(ctx context.Context) error {
	var there int
	err := s.row(ctx, "SELECT COUNT(*) FROM information_schema.tables WHERE table_schema=DATABASE() AND table_name='goose_db_version'", nil, &there)
	if err != nil || there == 0 {
		return err
	}
	var version int64
	if err := s.row(ctx, "SELECT COALESCE(MAX(version_id), 0) FROM goose_db_version WHERE is_applied", nil, &version); err != nil {
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
