package store

import (
	"context"
	"encoding/json"
	"errors"
	"time"

	"github.com/go-sql-driver/mysql"
)

// Part is a part of a project: what people say of it, where its shape came from, and what was derived.
type Part struct {
	ID, ProjectID                    int64
	Name, Number, Revision, Material string
	Density                          float64 // kg/m³
	Fastener                         bool
	Tint                             int // which colour of the palette it is drawn in
	SourceName, SourceSHA256         string
	SourceIndex                      int // which product of the file
	DerivedVersion                   int
	DerivedSHA256, PreviewSHA256     string
	Created                          time.Time
}

const partColumns = `id, project_id, name, number, revision, material, density, fastener, tint, source_name, source_sha256, source_index,
	derived_version, derived_sha256, preview_sha256, created`

func scanPart(row interface{ Scan(...any) error }) (Part, error) {
	var p Part
	err := row.Scan(&p.ID, &p.ProjectID, &p.Name, &p.Number, &p.Revision, &p.Material, &p.Density, &p.Fastener, &p.Tint, &p.SourceName,
		&p.SourceSHA256, &p.SourceIndex, &p.DerivedVersion, &p.DerivedSHA256, &p.PreviewSHA256, &p.Created)
	return p, err
}

// Parts lists a project's parts in the order they came.
func (s *Store) Parts(ctx context.Context, project int64) ([]Part, error) {
	rows, err := s.db.QueryContext(ctx, "SELECT "+partColumns+" FROM parts WHERE project_id=? ORDER BY id", project)
	if err != nil {
		return nil, err
	}
	defer rows.Close()
	var out []Part
	for rows.Next() {
		p, err := scanPart(rows)
		if err != nil {
			return nil, err
		}
		out = append(out, p)
	}
	return out, rows.Err()
}

// Part finds a part.
func (s *Store) Part(ctx context.Context, id int64) (Part, error) {
	p, err := scanPart(s.db.QueryRowContext(ctx, "SELECT "+partColumns+" FROM parts WHERE id=?", id))
	return p, notFound(err)
}

// AddPart keeps a new part. A product that the project has already is not added again: its part is returned with false.
func (s *Store) AddPart(ctx context.Context, p Part) (Part, bool, error) {
	p.Created = now()
	r, err := s.db.ExecContext(ctx, `INSERT INTO parts (project_id, name, number, revision, material, density, fastener, tint, source_name,
		source_sha256, source_index, derived_version, derived_sha256, preview_sha256, created) VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?,?)`,
		p.ProjectID, p.Name, p.Number, p.Revision, p.Material, p.Density, p.Fastener, p.Tint, p.SourceName, p.SourceSHA256, p.SourceIndex,
		p.DerivedVersion, p.DerivedSHA256, p.PreviewSHA256, p.Created)
	var me *mysql.MySQLError
	if errors.As(err, &me) && me.Number == 1062 {
		old, err := scanPart(s.db.QueryRowContext(ctx, "SELECT "+partColumns+" FROM parts WHERE project_id=? AND source_sha256=? AND source_index=?",
			p.ProjectID, p.SourceSHA256, p.SourceIndex))
		return old, false, err
	}
	if err != nil {
		return p, false, err
	}
	p.ID, err = r.LastInsertId()
	return p, true, err
}

// UpdatePart changes what people say of a part.
func (s *Store) UpdatePart(ctx context.Context, p Part) error {
	_, err := s.db.ExecContext(ctx, "UPDATE parts SET name=?, number=?, revision=?, material=?, density=?, fastener=? WHERE id=?",
		p.Name, p.Number, p.Revision, p.Material, p.Density, p.Fastener, p.ID)
	return err
}

// SetDerived records what newer code derived from a part's source.
func (s *Store) SetDerived(ctx context.Context, id int64, version int, derived, preview string) error {
	_, err := s.db.ExecContext(ctx, "UPDATE parts SET derived_version=?, derived_sha256=?, preview_sha256=? WHERE id=?", version, derived, preview, id)
	return err
}

// DeletePart removes a part that no assembly uses; it says which ones do.
func (s *Store) DeletePart(ctx context.Context, id int64, key string) (usedBy []string, err error) {
	p, err := s.Part(ctx, id)
	if err != nil {
		return nil, err
	}
	as, err := s.Assemblies(ctx, p.ProjectID)
	if err != nil {
		return nil, err
	}
	for _, a := range as {
		st, _, err := s.State(ctx, a.ID)
		if err != nil {
			return nil, err
		}
		for _, c := range st.Components {
			if c.Part == key {
				usedBy = append(usedBy, a.Name)
				break
			}
		}
	}
	if len(usedBy) > 0 {
		return usedBy, nil
	}
	_, err = s.db.ExecContext(ctx, "DELETE FROM parts WHERE id=?", id)
	return nil, err
}

// ImportFile is one file of a batch handed in together.
type ImportFile struct {
	ID, ProjectID int64
	Batch, Name   string
	SHA256        string
	Size          int64
	State         string // waiting, done, failed, left over
	Message       string
}

// AddImport keeps a file handed in.
func (s *Store) AddImport(ctx context.Context, f ImportFile) (int64, error) {
	r, err := s.db.ExecContext(ctx, "INSERT INTO imports (batch, project_id, name, sha256, size, state, message, created) VALUES (?,?,?,?,?,?,?,?)",
		f.Batch, f.ProjectID, f.Name, f.SHA256, f.Size, f.State, f.Message, now())
	if err != nil {
		return 0, err
	}
	return r.LastInsertId()
}

// Imports lists the files of a batch.
func (s *Store) Imports(ctx context.Context, batch string) ([]ImportFile, error) {
	rows, err := s.db.QueryContext(ctx, "SELECT id, project_id, batch, name, sha256, size, state, message FROM imports WHERE batch=? ORDER BY id", batch)
	if err != nil {
		return nil, err
	}
	defer rows.Close()
	var out []ImportFile
	for rows.Next() {
		var f ImportFile
		if err := rows.Scan(&f.ID, &f.ProjectID, &f.Batch, &f.Name, &f.SHA256, &f.Size, &f.State, &f.Message); err != nil {
			return nil, err
		}
		out = append(out, f)
	}
	return out, rows.Err()
}

// SetImport records how reading a file went.
func (s *Store) SetImport(ctx context.Context, id int64, state, message string) error {
	_, err := s.db.ExecContext(ctx, "UPDATE imports SET state=?, message=? WHERE id=?", state, message, id)
	return err
}

// asJSON stores a value as text.
func asJSON(v any) (string, error) {
	b, err := json.Marshal(v)
	return string(b), err
}
