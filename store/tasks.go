package store

import (
	"context"
	"database/sql"
	"errors"
	"time"
)

// Task is something that the students of a project are to do.
type Task struct {
	ID, Project int64
	Name, Words string
	Start, Key  int64        // the assembly that they begin with, and the one it is marked by; 0: none
	Due         sql.NullTime // what comes later is late
	Closed      bool         // nothing is taken any more
	Shown       bool         // students see how theirs was marked
}

const taskColumns = "id, project_id, name, words, COALESCE(start_id,0), COALESCE(key_id,0), due, closed, shown"

func scanTask(r scanner) (t Task, err error) {
	return t, r.Scan(&t.ID, &t.Project, &t.Name, &t.Words, &t.Start, &t.Key, &t.Due, &t.Closed, &t.Shown)
}

// Tasks lists those of a project, in the order in which they were set.
func (s *Store) Tasks(ctx context.Context, project int64) ([]Task, error) {
	return all(ctx, s.db, "SELECT "+taskColumns+" FROM tasks WHERE project_id=? ORDER BY id", []any{project}, scanTask)
}

// Task finds a task of a project.
func (s *Store) Task(ctx context.Context, project, id int64) (t Task, err error) {
	err = retry(ctx, func() error {
		t, err = scanTask(s.db.QueryRowContext(ctx, "SELECT "+taskColumns+" FROM tasks WHERE id=? AND project_id=?", id, project))
		return err
	})
	return t, notFound(err)
}

// AddTask sets a task.
func (s *Store) AddTask(ctx context.Context, t Task) (int64, error) {
	return s.insert(ctx, "INSERT INTO tasks (project_id, name, words, start_id, key_id, due) VALUES (?,?,?,?,?,?)", t.Project, t.Name, t.Words, orNull(t.Start), orNull(t.Key), t.Due)
}

// ChangeTask keeps how a task stands: its words, until when, whether it is closed, whether marks are shown.
func (s *Store) ChangeTask(ctx context.Context, t Task) error {
	return s.mustFind(ctx, "UPDATE tasks SET name=?, words=?, start_id=?, key_id=?, due=?, closed=?, shown=? WHERE id=? AND project_id=?",
		t.Name, t.Words, orNull(t.Start), orNull(t.Key), t.Due, t.Closed, t.Shown, t.ID, t.Project)
}

// DropTask takes a task away; what was handed in stays as assemblies.
func (s *Store) DropTask(ctx context.Context, project, id int64) error {
	return s.mustFind(ctx, "DELETE FROM tasks WHERE id=? AND project_id=?", id, project)
}

// PlaceOf is the project in which a student of a class works.
func (s *Store) PlaceOf(ctx context.Context, class, person int64) (own int64, err error) {
	return own, s.row(ctx, "SELECT own_id FROM places WHERE project_id=? AND person_id=?", []any{class, person}, &own)
}

// ClassOf is the class that a project is a student's place of, with its name; none: ErrNotFound.
func (s *Store) ClassOf(ctx context.Context, own int64) (class int64, name string, err error) {
	err = s.row(ctx, "SELECT p.id, p.name FROM places x JOIN projects p ON p.id=x.project_id WHERE x.own_id=?", []any{own}, &class, &name)
	return class, name, err
}

// MakePlace makes the project in which a student works, where there is none yet: theirs, and to be looked at by those who may edit the class.
func (s *Store) MakePlace(ctx context.Context, class, person int64, name, owner, reader string, lookers []int64) (own int64, err error) {
	err = s.inTx(ctx, func(tx *sql.Tx) error {
		var locked int64
		if err := tx.QueryRowContext(ctx, "SELECT id FROM projects WHERE id=? FOR UPDATE", class).Scan(&locked); err != nil {
			return notFound(err)
		}
		err := tx.QueryRowContext(ctx, "SELECT own_id FROM places WHERE project_id=? AND person_id=?", class, person).Scan(&own)
		if !errors.Is(err, sql.ErrNoRows) {
			return err
		}
		r, err := tx.ExecContext(ctx, "INSERT INTO projects (name, created) VALUES (?,?)", name, now())
		if err != nil {
			return err
		}
		if own, err = r.LastInsertId(); err != nil {
			return err
		}
		if _, err := tx.ExecContext(ctx, "INSERT INTO places (project_id, person_id, own_id) VALUES (?,?,?)", class, person, own); err != nil {
			return err
		}
		if _, err := tx.ExecContext(ctx, "INSERT INTO members (project_id, person_id, role) VALUES (?,?,?)", own, person, owner); err != nil {
			return err
		}
		for _, l := range lookers {
			if _, err := tx.ExecContext(ctx, "INSERT IGNORE INTO members (project_id, person_id, role) VALUES (?,?,?)", own, l, reader); err != nil {
				return err
			}
		}
		return nil
	})
	return own, err
}

// Work is what a student has done on a task.
type Work struct {
	Task, Person int64
	Name         string // of the student
	Own          int64  // the assembly they work on; 0: none yet
	Handed       int64  // the copy that was handed in last; 0: none
	At           sql.NullTime
	Remark       string // by whoever marks it
}

// Works lists what the students of a class have done, by task and name: with nothing yet as well.
func (s *Store) Works(ctx context.Context, class int64, student string) ([]Work, error) {
	return s.works(ctx, "t.project_id=? AND (w.person_id IS NOT NULL OR EXISTS (SELECT 1 FROM members m WHERE m.project_id=t.project_id AND m.person_id=p.id AND m.role=?))", class, student)
}

// WorksOf is what one student of a class has done, by task.
func (s *Store) WorksOf(ctx context.Context, class, person int64) (map[int64]Work, error) {
	list, err := s.works(ctx, "t.project_id=? AND p.id=?", class, person)
	out := make(map[int64]Work, len(list))
	for _, w := range list {
		out[w.Task] = w
	}
	return out, err
}

func (s *Store) works(ctx context.Context, which string, args ...any) ([]Work, error) {
	return all(ctx, s.db, `SELECT t.id, p.id, p.name, COALESCE(w.own_id,0), COALESCE(w.handed_id,0), w.handed, COALESCE(w.remark,'')
		FROM tasks t JOIN people p LEFT JOIN works w ON w.task_id=t.id AND w.person_id=p.id WHERE `+which+" ORDER BY t.id, p.name", args, func(r scanner) (w Work, err error) {
		return w, r.Scan(&w.Task, &w.Person, &w.Name, &w.Own, &w.Handed, &w.At, &w.Remark)
	})
}

// BeginWork notes the assembly that a student works on.
func (s *Store) BeginWork(ctx context.Context, task, person, own int64) error {
	_, err := s.exec(ctx, "INSERT INTO works (task_id, person_id, own_id) VALUES (?,?,?) ON DUPLICATE KEY UPDATE own_id=VALUES(own_id)", task, person, own)
	return err
}

// HandIn notes what was handed in, in the place of what was before; remarks were about that.
func (s *Store) HandIn(ctx context.Context, task, person, own, copied int64) error {
	_, err := s.exec(ctx, `INSERT INTO works (task_id, person_id, own_id, handed_id, handed) VALUES (?,?,?,?,?)
		ON DUPLICATE KEY UPDATE own_id=VALUES(own_id), remark=IF(handed_id <=> VALUES(handed_id), remark, ''), handed_id=VALUES(handed_id), handed=VALUES(handed)`, task, person, own, copied, now())
	return err
}

// Remark keeps what whoever marks a work says of it.
func (s *Store) Remark(ctx context.Context, task, person int64, text string) error {
	return s.mustFind(ctx, "UPDATE works SET remark=? WHERE task_id=? AND person_id=?", text, task, person)
}

// Late tells whether something came after it was due.
func (t Task) Late(at time.Time) bool { return t.Due.Valid && at.After(t.Due.Time) }
