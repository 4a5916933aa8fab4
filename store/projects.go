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
	Archived   bool   // put away: listed apart
	Unit       string // lengths are shown and read in: mm or in
	Pattern    string // of part numbers, as GV-###; none where there is none
	Parts      int
	Assemblies int
	Changed    time.Time      // when a line was last posted in it, or when it was begun
	Verdicts   map[string]int // how many assemblies have each; "" is not known yet
}

// Projects lists all projects, those changed last first.
func (s *Store) Projects(ctx context.Context) ([]Project, error) {
	list, err := all(ctx, s.db, `SELECT p.id, p.name, p.created, p.archived IS NOT NULL, p.unit,
		(SELECT COUNT(*) FROM parts WHERE project_id=p.id AND off IS NULL), (SELECT COUNT(*) FROM assemblies WHERE project_id=p.id AND off IS NULL),
		COALESCE((SELECT MAX(e.at) FROM assemblies a JOIN edits e ON e.assembly_id=a.id AND e.seq=a.seq WHERE a.project_id=p.id), p.created) AS changed
		FROM projects p ORDER BY changed DESC, p.id DESC`, nil, func(r scanner) (p Project, err error) {
		p.Verdicts = map[string]int{}
		return p, r.Scan(&p.ID, &p.Name, &p.Created, &p.Archived, &p.Unit, &p.Parts, &p.Assemblies, &p.Changed)
	})
	if err != nil {
		return nil, err
	}
	type count struct {
		project int64
		verdict string
		n       int
	}
	counts, err := all(ctx, s.db, "SELECT project_id, verdict, COUNT(*) FROM assemblies WHERE off IS NULL GROUP BY project_id, verdict", nil,
		func(r scanner) (c count, err error) { return c, r.Scan(&c.project, &c.verdict, &c.n) })
	of := make(map[int64]map[string]int, len(list))
	for _, p := range list {
		of[p.ID] = p.Verdicts
	}
	for _, c := range counts {
		if v := of[c.project]; v != nil { // begun since
			v[c.verdict] = c.n
		}
	}
	return list, err
}

// Project finds a project.
func (s *Store) Project(ctx context.Context, id int64) (Project, error) {
	p := Project{ID: id}
	err := s.row(ctx, "SELECT name, created, archived IS NOT NULL, unit, pattern FROM projects WHERE id=?", []any{id}, &p.Name, &p.Created, &p.Archived, &p.Unit, &p.Pattern)
	return p, err
}

// Archive puts a project away, or brings it back.
func (s *Store) Archive(ctx context.Context, id int64, away bool) error {
	var when any
	if away {
		when = now()
	}
	return s.mustFind(ctx, "UPDATE projects SET archived=? WHERE id=?", when, id)
}

// SetUnit lets a project show and read lengths in another unit.
func (s *Store) SetUnit(ctx context.Context, id int64, unit string) error {
	return s.mustFind(ctx, "UPDATE projects SET unit=? WHERE id=?", unit, id)
}

// SetPattern keeps how part numbers of a project are made.
func (s *Store) SetPattern(ctx context.Context, id int64, pattern string) error {
	return s.mustFind(ctx, "UPDATE projects SET pattern=? WHERE id=?", pattern, id)
}

// UnitOf is the unit of the project that an assembly is in.
func (s *Store) UnitOf(ctx context.Context, assembly int64) (unit string, err error) {
	err = s.row(ctx, "SELECT p.unit FROM projects p JOIN assemblies a ON a.project_id=p.id WHERE a.id=?", []any{assembly}, &unit)
	return unit, err
}

// DeleteProject throws a project away with all that is in it, for good.
func (s *Store) DeleteProject(ctx context.Context, id int64) error {
	return s.mustFind(ctx, "DELETE FROM projects WHERE id=?", id)
}

// Change is a line of a log, as an overview tells it.
type Change struct {
	Assembly int64
	Name     string // of the assembly
	Kind     string // do, undo or redo
	At       time.Time
	Who      string
	Said     string
}

// Changes are the last lines posted in a project, the newest first.
func (s *Store) Changes(ctx context.Context, project int64, most int) ([]Change, error) {
	return all(ctx, s.db, `SELECT a.id, a.name, e.kind, e.at, e.who, e.said FROM assemblies a JOIN edits e ON e.assembly_id=a.id
		WHERE a.project_id=? AND a.off IS NULL ORDER BY e.at DESC, e.seq DESC LIMIT ?`, []any{project, most}, func(r scanner) (c Change, err error) {
		return c, r.Scan(&c.Assembly, &c.Name, &c.Kind, &c.At, &c.Who, &c.Said)
	})
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
