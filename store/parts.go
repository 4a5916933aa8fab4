package store

import (
	"context"
	"database/sql"
	"errors"
	"fmt"
	"time"
)

// Part is a part of a project: what people say of it, where its shape came from, and what was derived.
type Part struct {
	ID, ProjectID                    int64
	Name, Number, Revision, Material string
	Density                          float64 // kg/m³
	Fastener                         bool
	Tint                             int // which colour of the palette it is drawn in
	SourceName, SourceSHA256         string
	SourceID                         string // the source with the files it refers to; for most the source alone
	SourceIndex                      int    // which product of the file
	DerivedVersion                   int
	DerivedSHA256, PreviewSHA256     string
	Created                          time.Time
	Off                              bool   // taken off the Shelf
	Arrival                          int64  // in which order it was handed in
	Unit                             string // it is read in; empty: as its file says
	Folder                           string // it is sorted under on the Shelf
	Helpers                          string // features made by hand, as in the assembly file; empty: none
	Link                             string // how it was made of another part, as JSON; empty: it was handed in
	Stock                            string // what it is cut from; empty: it is not
}

// Key is what documents call the part.
func (p Part) Key() string { return fmt.Sprint("p", p.ID) }

const partColumns = `id, project_id, name, number, revision, material, density, fastener, tint, source_name, source_sha256, source_id, source_index,
	derived_version, derived_sha256, preview_sha256, created, off IS NOT NULL, arrival, unit, folder, helpers, link, stock`

func scanPart(row scanner) (Part, error) {
	var p Part
	err := row.Scan(&p.ID, &p.ProjectID, &p.Name, &p.Number, &p.Revision, &p.Material, &p.Density, &p.Fastener, &p.Tint, &p.SourceName,
		&p.SourceSHA256, &p.SourceID, &p.SourceIndex, &p.DerivedVersion, &p.DerivedSHA256, &p.PreviewSHA256, &p.Created, &p.Off, &p.Arrival, &p.Unit, &p.Folder, &p.Helpers, &p.Link, &p.Stock)
	return p, err
}

// Parts lists a project's parts in the order they were handed in, those taken off the Shelf too.
func (s *Store) Parts(ctx context.Context, project int64) ([]Part, error) {
	return all(ctx, s.db, "SELECT "+partColumns+" FROM parts WHERE project_id=? ORDER BY arrival, id", []any{project}, scanPart)
}

// Part finds a part.
func (s *Store) Part(ctx context.Context, id int64) (p Part, err error) {
	err = retry(ctx, func() error {
		p, err = scanPart(s.db.QueryRowContext(ctx, "SELECT "+partColumns+" FROM parts WHERE id=?", id))
		return err
	})
	return p, notFound(err)
}

// PartsByID finds many parts in one go; those that are gone are left out.
func (s *Store) PartsByID(ctx context.Context, ids []int64) (map[int64]Part, error) {
	list, err := allByID(ctx, s.db, "SELECT "+partColumns+" FROM parts WHERE id IN (%s)", ids, scanPart)
	out := make(map[int64]Part, len(list))
	for _, p := range list {
		out[p.ID] = p
	}
	return out, err
}

// AddPart keeps a new part. A product that the project has already is not added again: its part is returned with false, back on
// the Shelf if it was off. It is the same product if it comes from the same place of the same files, or has the same name and
// the very same shape.
func (s *Store) AddPart(ctx context.Context, p Part) (Part, bool, error) {
	p.Created = now()
	fresh := true
	err := s.inTx(ctx, func(tx *sql.Tx) error {
		fresh = true
		// one at a time in a project, so that the same part does not come twice at once
		var id int64
		if err := tx.QueryRowContext(ctx, "SELECT id FROM projects WHERE id=? FOR UPDATE", p.ProjectID).Scan(&id); err != nil {
			return notFound(err)
		}
		old, err := scanPart(tx.QueryRowContext(ctx, "SELECT "+partColumns+` FROM parts WHERE project_id=? AND
			(source_id=? AND source_index=? OR derived_sha256=? AND derived_version=?) ORDER BY off IS NOT NULL, id LIMIT 1`,
			p.ProjectID, p.SourceID, p.SourceIndex, p.DerivedSHA256, p.DerivedVersion))
		if err == nil {
			p, fresh = old, false
			if old.Off {
				p.Off = false
				_, err = tx.ExecContext(ctx, "UPDATE parts SET off=NULL WHERE id=?", old.ID)
			}
			return err
		}
		if !errors.Is(err, sql.ErrNoRows) {
			return err
		}
		r, err := tx.ExecContext(ctx, `INSERT INTO parts (project_id, name, number, revision, material, density, fastener, tint, source_name,
			source_sha256, source_id, source_index, derived_version, derived_sha256, preview_sha256, created, arrival, folder, link, stock) VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?)`,
			p.ProjectID, p.Name, p.Number, p.Revision, p.Material, p.Density, p.Fastener, p.Tint, p.SourceName, p.SourceSHA256, p.SourceID, p.SourceIndex,
			p.DerivedVersion, p.DerivedSHA256, p.PreviewSHA256, p.Created, p.Arrival, p.Folder, p.Link, p.Stock)
		if err != nil {
			return err
		}
		p.ID, err = r.LastInsertId()
		return err
	})
	return p, fresh, err
}

// ChangePart changes some of what people say of a part, whatever others change of it at the same moment.
func (s *Store) ChangePart(ctx context.Context, id int64, change func(*Part) error) (p Part, err error) {
	err = s.inTx(ctx, func(tx *sql.Tx) error {
		if p, err = scanPart(tx.QueryRowContext(ctx, "SELECT "+partColumns+" FROM parts WHERE id=? FOR UPDATE", id)); err != nil {
			return err
		}
		if err := change(&p); err != nil {
			return err
		}
		_, err := tx.ExecContext(ctx, "UPDATE parts SET name=?, number=?, revision=?, material=?, density=?, fastener=?, folder=?, helpers=?, link=?, stock=? WHERE id=?",
			p.Name, p.Number, p.Revision, p.Material, p.Density, p.Fastener, p.Folder, p.Helpers, p.Link, p.Stock, p.ID)
		return err
	})
	return p, notFound(err)
}

// UpdatePart says all of it anew.
func (s *Store) UpdatePart(ctx context.Context, p Part) error {
	_, err := s.ChangePart(ctx, p.ID, func(now *Part) error { *now = p; return nil })
	return err
}

// SetDerived records what was derived anew from a part's source, by newer code or in another unit.
func (s *Store) SetDerived(ctx context.Context, p Part) error {
	return s.mustFind(ctx, "UPDATE parts SET derived_version=?, derived_sha256=?, preview_sha256=?, unit=? WHERE id=?", p.DerivedVersion, p.DerivedSHA256, p.PreviewSHA256, p.Unit, p.ID)
}

// Outdated lists the parts whose derived data older code made.
func (s *Store) Outdated(ctx context.Context, version int) ([]Part, error) {
	return all(ctx, s.db, "SELECT "+partColumns+" FROM parts WHERE derived_version<>? ORDER BY id", []any{version}, scanPart)
}

// SourceOf finds how a file was kept as a source, with those it refers to; empty where no part came from it.
func (s *Store) SourceOf(ctx context.Context, sha string) (id string, err error) {
	err = retry(ctx, func() error {
		err := s.db.QueryRowContext(ctx, "SELECT source_id FROM parts WHERE source_sha256=? ORDER BY id DESC LIMIT 1", sha).Scan(&id)
		if errors.Is(err, sql.ErrNoRows) {
			return nil
		}
		return err
	})
	return id, err
}

// PartsOfSource tells how many parts of one project came from a source, at most.
func (s *Store) PartsOfSource(ctx context.Context, source string) (n int, err error) {
	err = retry(ctx, func() error {
		return s.db.QueryRowContext(ctx, "SELECT COUNT(DISTINCT source_index) FROM parts WHERE source_id=?", source).Scan(&n)
	})
	return n, err
}

// SetCompanions records the files that a source refers to, by the names it calls them.
func (s *Store) SetCompanions(ctx context.Context, source string, sha map[string]string) error {
	return s.inTx(ctx, func(tx *sql.Tx) error {
		for name, id := range sha {
			if _, err := tx.ExecContext(ctx, "INSERT IGNORE INTO companions (source_id, name, sha256) VALUES (?,?,?)", source, name, id); err != nil {
				return err
			}
		}
		return nil
	})
}

// Companions lists the files that a source refers to, by name.
func (s *Store) Companions(ctx context.Context, source string) (map[string]string, error) {
	type pair struct{ name, sha string }
	list, err := all(ctx, s.db, "SELECT name, sha256 FROM companions WHERE source_id=?", []any{source},
		func(r scanner) (p pair, err error) { return p, r.Scan(&p.name, &p.sha) })
	out := map[string]string{}
	for _, p := range list {
		out[p.name] = p.sha
	}
	return out, err
}

// Forget deletes a part whoever refers to it; for trying what becomes of damaged data.
func (s *Store) Forget(ctx context.Context, id int64) error {
	return s.mustFind(ctx, "DELETE FROM parts WHERE id=?", id)
}
