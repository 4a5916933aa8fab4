package store

import (
	"context"
	"time"
)

// Project is a body of parts and assemblies.
type Project struct {
	ID         int64
	Name       string
	Created    time.Time
	Parts      int
	Assemblies int
}

// Projects lists all projects, the newest first.
func (s *Store) Projects(ctx context.Context) ([]Project, error) {
	rows, err := s.db.QueryContext(ctx, `SELECT p.id, p.name, p.created,
		(SELECT COUNT(*) FROM parts WHERE project_id=p.id), (SELECT COUNT(*) FROM assemblies WHERE project_id=p.id)
		FROM projects p ORDER BY p.id DESC`)
	if err != nil {
		return nil, err
	}
	defer rows.Close()
	var out []Project
	for rows.Next() {
		var p Project
		if err := rows.Scan(&p.ID, &p.Name, &p.Created, &p.Parts, &p.Assemblies); err != nil {
			return nil, err
		}
		out = append(out, p)
	}
	return out, rows.Err()
}

// Project finds a project.
func (s *Store) Project(ctx context.Context, id int64) (Project, error) {
	p := Project{ID: id}
	err := s.db.QueryRowContext(ctx, "SELECT name, created FROM projects WHERE id=?", id).Scan(&p.Name, &p.Created)
	return p, notFound(err)
}

// CreateProject starts a project.
func (s *Store) CreateProject(ctx context.Context, name string) (int64, error) {
	r, err := s.db.ExecContext(ctx, "INSERT INTO projects (name, created) VALUES (?,?)", name, now())
	if err != nil {
		return 0, err
	}
	return r.LastInsertId()
}

// RenameProject gives a project another name.
func (s *Store) RenameProject(ctx context.Context, id int64, name string) error {
	_, err := s.db.ExecContext(ctx, "UPDATE projects SET name=? WHERE id=?", name, id)
	return err
}
