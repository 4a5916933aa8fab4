package store

import (
	"context"
	"database/sql"
	"time"
)

// Hook is an address that is told when the verdict on an assembly of a project changes.
type Hook struct {
	ID, Project int64
	URL         string
	Secret      string // by which what is told is signed
	Maker       string
	Went        string // how the last telling went
}

const hookColumns = "id, project_id, url, secret, maker, went"

func scanHook(r scanner) (h Hook, err error) {
	return h, r.Scan(&h.ID, &h.Project, &h.URL, &h.Secret, &h.Maker, &h.Went)
}

// Hooks lists those of a project.
func (s *Store) Hooks(ctx context.Context, project int64) ([]Hook, error) {
	return all(ctx, s.db, "SELECT "+hookColumns+" FROM hooks WHERE project_id=? ORDER BY id", []any{project}, scanHook)
}

// AddHook keeps one; of the verdicts that stand already it is told nothing.
func (s *Store) AddHook(ctx context.Context, h Hook) (id int64, err error) {
	err = s.inTx(ctx, func(tx *sql.Tx) error {
		r, err := tx.ExecContext(ctx, "INSERT INTO hooks (project_id, url, secret, maker) VALUES (?,?,?,?)", h.Project, h.URL, h.Secret, h.Maker)
		if err != nil {
			return err
		}
		if id, err = r.LastInsertId(); err != nil {
			return err
		}
		_, err = tx.ExecContext(ctx, "INSERT INTO told (hook_id, assembly_id, verdict) SELECT ?, id, verdict FROM assemblies WHERE project_id=?", id, h.Project)
		return err
	})
	return id, err
}

// DropHook takes one away.
func (s *Store) DropHook(ctx context.Context, project, id int64) error {
	return s.mustFind(ctx, "DELETE FROM hooks WHERE id=? AND project_id=?", id, project)
}

// Turn is a verdict that a hook was not told of yet.
type Turn struct {
	Hook, Assembly, Project, Seq int64
	Name, Was, Is                string
}

// mostTurns is how many are looked at in one go.
const mostTurns = 200

// Turns lists verdicts that have changed since hooks were told of them.
func (s *Store) Turns(ctx context.Context) ([]Turn, error) {
	return all(ctx, s.db, `SELECT h.id, a.id, a.project_id, a.seq, a.name, COALESCE(t.verdict, ''), a.verdict
		FROM hooks h JOIN assemblies a ON a.project_id=h.project_id LEFT JOIN told t ON t.hook_id=h.id AND t.assembly_id=a.id
		WHERE a.verdict<>'' AND a.off IS NULL AND a.verdict<>COALESCE(t.verdict, '') ORDER BY h.id, a.id LIMIT ?`, []any{mostTurns}, func(r scanner) (t Turn, err error) {
		return t, r.Scan(&t.Hook, &t.Assembly, &t.Project, &t.Seq, &t.Name, &t.Was, &t.Is)
	})
}

// Tell keeps what is to be told of a turn, once.
func (s *Store) Tell(ctx context.Context, t Turn, body string) error {
	return s.inTx(ctx, func(tx *sql.Tx) error {
		r, err := tx.ExecContext(ctx, "INSERT INTO told (hook_id, assembly_id, verdict) VALUES (?,?,?) ON DUPLICATE KEY UPDATE verdict=VALUES(verdict)", t.Hook, t.Assembly, t.Is)
		if err != nil {
			return err
		}
		if n, err := r.RowsAffected(); err != nil || n == 0 {
			return err
		}
		_, err = tx.ExecContext(ctx, "INSERT INTO sends (hook_id, body, due) VALUES (?,?,UTC_TIMESTAMP(3))", t.Hook, body)
		return err
	})
}

// Send is something that is still to be told.
type Send struct {
	Hook
	ID, HookID int64
	Body       string
	Tries      int
}

// mostSends are told in one go.
const mostSends = 20

// Due lists what is to be told now, the longest waiting first; of each hook in its order.
func (s *Store) Due(ctx context.Context) ([]Send, error) {
	return all(ctx, s.db, `SELECT x.id, x.hook_id, x.body, x.tries, h.url, h.secret FROM sends x JOIN hooks h ON h.id=x.hook_id
		WHERE x.due<=UTC_TIMESTAMP(3) AND x.id=(SELECT MIN(id) FROM sends y WHERE y.hook_id=x.hook_id) ORDER BY x.due LIMIT ?`, []any{mostSends}, func(r scanner) (x Send, err error) {
		return x, r.Scan(&x.ID, &x.HookID, &x.Body, &x.Tries, &x.URL, &x.Secret)
	})
}

// Sent notes how telling went: what was taken, or was tried too often, is told no more; else again after a while.
func (s *Store) Sent(ctx context.Context, x Send, over bool, again time.Duration, went string) error {
	var err error
	if over {
		_, err = s.exec(ctx, "DELETE FROM sends WHERE id=?", x.ID)
	} else {
		_, err = s.exec(ctx, "UPDATE sends SET tries=?, due=TIMESTAMPADD(SECOND, ?, UTC_TIMESTAMP(3)) WHERE id=?", x.Tries+1, int(again.Seconds()), x.ID)
	}
	if err == nil {
		_, err = s.exec(ctx, "UPDATE hooks SET went=? WHERE id=?", clip(went, 200), x.HookID)
	}
	return err
}

// Alone does something while no other server does it; done is false where another does.
func (s *Store) Alone(ctx context.Context, what string, f func() error) (done bool, err error) {
	letGo, ok, err := s.hold(ctx, what)
	if err != nil || !ok {
		return false, err
	}
	defer letGo()
	return true, f()
}
