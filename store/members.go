package store

import (
	"context"
	"database/sql"
	"fmt"
)

// Member is somebody in a project.
type Member struct {
	Person int64
	Name   string
	Role   string
}

// Members lists who is in a project, by name.
func (s *Store) Members(ctx context.Context, project int64) ([]Member, error) {
	return all(ctx, s.db, "SELECT p.id, p.name, m.role FROM members m JOIN people p ON p.id=m.person_id WHERE m.project_id=? ORDER BY p.name", []any{project},
		func(r scanner) (m Member, err error) { return m, r.Scan(&m.Person, &m.Name, &m.Role) })
}

// What a role can be asked of: the project itself, or something that lies in one.
const (
	OfProject  = "SELECT id AS project_id FROM projects WHERE id=?"
	OfAssembly = "SELECT project_id FROM assemblies WHERE id=?"
	OfPart     = "SELECT project_id FROM parts WHERE id=?"
)

// RoleIn tells which project something is in, and what somebody is there; no role where the person is no member.
func (s *Store) RoleIn(ctx context.Context, of string, id, person int64) (project int64, role string, err error) {
	err = s.row(ctx, "SELECT x.id, COALESCE(m.role, '') FROM ("+of+") AS y JOIN projects x ON x.id=y.project_id LEFT JOIN members m ON m.project_id=x.id AND m.person_id=?",
		[]any{id, person}, &project, &role)
	return project, role, err
}

// ErrLastOwner says that a project would have no owner.
var ErrLastOwner error = &Refusal{"this is the project's last owner; make somebody else one first"}

// SetRole makes somebody a member of a project, or changes what they are there; without a role they are one no longer.
func (s *Store) SetRole(ctx context.Context, project, person int64, role, owner string) error {
	return s.inTx(ctx, func(tx *sql.Tx) error {
		var locked int64
		if err := tx.QueryRowContext(ctx, "SELECT id FROM projects WHERE id=? FOR UPDATE", project).Scan(&locked); err != nil {
			return notFound(err)
		}
		if err := tick(ctx, tx, fmt.Sprint("owners ", project)); err != nil {
			return err
		}
		owners, err := all(ctx, tx, "SELECT person_id FROM members WHERE project_id=? AND role=?", []any{project, owner}, func(r scanner) (id int64, err error) { return id, r.Scan(&id) })
		if err != nil {
			return err
		}
		if role != owner && len(owners) == 1 && owners[0] == person {
			return ErrLastOwner
		}
		if role == "" {
			_, err = tx.ExecContext(ctx, "DELETE FROM members WHERE project_id=? AND person_id=?", project, person)
		} else {
			_, err = tx.ExecContext(ctx, "INSERT INTO members (project_id, person_id, role) VALUES (?,?,?) ON DUPLICATE KEY UPDATE role=VALUES(role)", project, person, role)
		}
		return err
	})
}

// Roles tells what somebody is in each project that they are in.
func (s *Store) Roles(ctx context.Context, person int64) (map[int64]string, error) {
	type member struct {
		project int64
		role    string
	}
	list, err := all(ctx, s.db, "SELECT project_id, role FROM members WHERE person_id=?", []any{person}, func(r scanner) (m member, err error) { return m, r.Scan(&m.project, &m.role) })
	out := make(map[int64]string, len(list))
	for _, m := range list {
		out[m.project] = m.role
	}
	return out, err
}
