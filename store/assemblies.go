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
}

// Key is what documents call the assembly.
func (a Assembly) Key() string { return fmt.Sprint("a", a.ID) }

// Placed tells whether it came with placements, and nothing was done to it since.
func (a Assembly) Placed() bool { return a.SourceID != "" && a.Seq == 1 }

const assemblyColumns = "id, project_id, name, number, seq, verdict, created, off IS NOT NULL, source_id, source_node"

func scanAssembly(r scanner) (a Assembly, err error) {
	return a, r.Scan(&a.ID, &a.ProjectID, &a.Name, &a.Number, &a.Seq, &a.Verdict, &a.Created, &a.Off, &a.SourceID, &a.SourceNode)
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
