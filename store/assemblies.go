package store

import (
	"context"
	"database/sql"
	"fmt"
	"time"

	"setfast/core/assembly"
)

// Assembly is an assembly as listed; its state is the fold of its edits.
type Assembly struct {
	ID, ProjectID int64
	Name, Number  string
	Seq           int64
	Verdict       string
	Created       time.Time
	Off           bool   // taken off the Shelf
	SourceID      string // of one made of a file's product tree: the file with those it refers to …
	SourceNode    string // … and which of its products
	OriginID      int64  // of one brought over from another project: of which assembly …
	OriginSeq     int64  // … and in which state of it
	Newer         bool   // that one has been changed since
}

// Key is what documents call the assembly.
func (a Assembly) Key() string { return fmt.Sprint("a", a.ID) }

const assemblyColumns = `id, project_id, name, number, seq, verdict, created, off IS NOT NULL, source_id, source_node, origin_id, origin_seq,
	EXISTS (SELECT 1 FROM assemblies o WHERE o.id=assemblies.origin_id AND o.seq>assemblies.origin_seq AND o.off IS NULL)`

func scanAssembly(r scanner) (a Assembly, err error) {
	return a, r.Scan(&a.ID, &a.ProjectID, &a.Name, &a.Number, &a.Seq, &a.Verdict, &a.Created, &a.Off, &a.SourceID, &a.SourceNode, &a.OriginID, &a.OriginSeq, &a.Newer)
}

// SetOrigin notes what an assembly was brought over from.
func (s *Store) SetOrigin(ctx context.Context, id, origin, seq int64) error {
	_, err := s.exec(ctx, "UPDATE assemblies SET origin_id=?, origin_seq=? WHERE id=?", origin, seq, id)
	return err
}

// Elsewhere is something of another project that can be brought over.
type Elsewhere struct {
	Key, Name, Project string
	ProjectID          int64
}

// mostElsewhere bounds what is listed of other projects.
const mostElsewhere = 1000

// Elsewhere lists the assemblies and parts of other projects, the latest projects first.
func (s *Store) Elsewhere(ctx context.Context, project int64) ([]Elsewhere, error) {
	return all(ctx, s.db, `SELECT CONCAT('a', a.id), a.name, p.name, p.id o, 0 k, a.id i FROM assemblies a JOIN projects p ON p.id=a.project_id WHERE p.id<>? AND p.archived IS NULL AND a.off IS NULL
		UNION ALL SELECT CONCAT('p', q.id), q.name, p.name, p.id, 1, q.id FROM parts q JOIN projects p ON p.id=q.project_id WHERE p.id<>? AND p.archived IS NULL AND q.off IS NULL
		ORDER BY o DESC, k, i LIMIT ?`, []any{project, project, mostElsewhere}, func(r scanner) (e Elsewhere, err error) {
		var k, i int64
		return e, r.Scan(&e.Key, &e.Name, &e.Project, &e.ProjectID, &k, &i)
	})
}

// Assemblies lists a project's assemblies, those taken off the Shelf too.
func (s *Store) Assemblies(ctx context.Context, project int64) ([]Assembly, error) {
	return all(ctx, s.db, "SELECT "+assemblyColumns+" FROM assemblies WHERE project_id=? ORDER BY id", []any{project}, scanAssembly)
}

// Assembly finds an assembly.
func (s *Store) Assembly(ctx context.Context, id int64) (a Assembly, err error) {
	err = retry(ctx, func() error {
		a, err = scanAssembly(s.db.QueryRowContext(ctx, "SELECT "+assemblyColumns+" FROM assemblies WHERE id=?", id))
		return err
	})
	return a, notFound(err)
}

// CreateAssembly starts an empty assembly. One made of a product tree says of which.
func (s *Store) CreateAssembly(ctx context.Context, a Assembly) (int64, error) {
	var id int64
	text, err := stateText(&assembly.Assembly{Name: a.Name, Number: a.Number})
	if err != nil {
		return 0, err
	}
	err = retryIf(ctx, unsent, func() error {
		return s.once(ctx, func(tx *sql.Tx) error {
			r, err := tx.ExecContext(ctx, "INSERT INTO assemblies (project_id, name, number, seq, verdict, created, source_id, source_node) VALUES (?,?,?,0,'',?,?,?)",
				a.ProjectID, a.Name, a.Number, now(), a.SourceID, a.SourceNode)
			if err != nil {
				return err
			}
			if id, err = r.LastInsertId(); err != nil {
				return err
			}
			_, err = tx.ExecContext(ctx, "INSERT INTO snapshots (assembly_id, seq, state) VALUES (?,0,?)", id, text)
			return err
		})
	})
	return id, err
}

// SetVerdict remembers the verdict on a state for lists.
func (s *Store) SetVerdict(ctx context.Context, id, seq int64, verdict string) error {
	_, err := s.exec(ctx, "UPDATE assemblies SET verdict=? WHERE id=? AND seq=? AND verdict<>?", verdict, id, seq, verdict)
	return err
}

// ForgetVerdicts lets the verdicts of a project be taken anew: one of its parts has changed.
func (s *Store) ForgetVerdicts(ctx context.Context, project int64) error {
	_, err := s.exec(ctx, "UPDATE assemblies SET verdict='' WHERE project_id=?", project)
	return err
}
