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
	return all(ctx, s.db, `SELECT p.id, p.name, p.created,
		(SELECT COUNT(*) FROM parts WHERE project_id=p.id AND off IS NULL), (SELECT COUNT(*) FROM assemblies WHERE project_id=p.id AND off IS NULL)
		FROM projects p ORDER BY p.id DESC`, nil, func(r scanner) (p Project, err error) {
		return p, r.Scan(&p.ID, &p.Name, &p.Created, &p.Parts, &p.Assemblies)
	})
}

// Project finds a project.
func (s *Store) Project(ctx context.Context, id int64) (Project, error) {
	p := Project{ID: id}
	err := s.row(ctx, "SELECT name, created FROM projects WHERE id=?", []any{id}, &p.Name, &p.Created)
	return p, err
}

// CreateProject starts a project.
func (s *Store) CreateProject(ctx context.Context, name string) (int64, error) {
	return s.insert(ctx, "INSERT INTO projects (name, created) VALUES (?,?)", name, now())
}

// RenameProject gives a project another name.
func (s *Store) RenameProject(ctx context.Context, id int64, name string) error {
	return s.mustFind(ctx, "UPDATE projects SET name=? WHERE id=?", name, id)
}

// mustFind runs a statement that has to find a row.
func (s *Store) mustFind(ctx context.Context, query string, args ...any) error {
	n, err := s.exec(ctx, query, args...)
	if err == nil && n == 0 {
		return ErrNotFound
	}
	return err
}
