package store

import (
	"context"
	"database/sql"
	"errors"
	"fmt"
	"strconv"
	"strings"

	"setfast/core/assembly"
)

// TreeError says why an assembly cannot be used in another.
type TreeError struct{ Why string }

func (e *TreeError) Error() string { return e.Why }

// Uses counts what an assembly uses directly: keys of parts and assemblies.
func Uses(a *assembly.Assembly) map[string]int {
	n := map[string]int{}
	for _, c := range a.Components {
		n[c.Part+c.Assembly]++
	}
	return n
}

// mayUse refuses what would make an assembly contain itself, or nest too deep. It takes the project's lock: two such edits follow
// one another, so that the second sees what the first did.
func (s *Store) mayUse(ctx context.Context, tx *sql.Tx, project, id int64, items []string) error {
	var locked int64
	if err := tx.QueryRowContext(ctx, "SELECT id FROM projects WHERE id=? FOR UPDATE", project).Scan(&locked); err != nil {
		return notFound(err)
	}
	if err := tick(ctx, tx, fmt.Sprint("tree ", project)); err != nil {
		return err
	}
	below, err := childrenIn(ctx, tx, project)
	if err != nil {
		return err
	}
	for _, item := range items {
		n, err := strconv.ParseInt(strings.TrimPrefix(item, "a"), 10, 64)
		if err != nil {
			return &TreeError{fmt.Sprintf("%q names no assembly", item)}
		}
		below[id] = append(below[id], n)
	}
	above := map[int64][]int64{}
	for a, list := range below {
		for _, b := range list {
			above[b] = append(above[b], a)
		}
	}
	down, err := depth(id, below)
	if err != nil {
		return err
	}
	up, err := depth(id, above)
	if err != nil {
		return err
	}
	if down+up > assembly.MaxDepth {
		return &TreeError{fmt.Sprintf("assemblies would lie inside one another more than %d deep", assembly.MaxDepth)}
	}
	return nil
}

// childrenIn lists which assemblies of a project use which now.
func childrenIn(ctx context.Context, q querier, project int64) (map[int64][]int64, error) {
	type use struct {
		in   int64
		item string
	}
	list, err := all(ctx, q, "SELECT u.assembly_id, u.item FROM uses u JOIN assemblies a ON a.id=u.assembly_id WHERE a.project_id=? AND u.n>0 AND u.item LIKE 'a%'", []any{project},
		func(r scanner) (u use, err error) { return u, r.Scan(&u.in, &u.item) })
	if err != nil {
		return nil, err
	}
	out := map[int64][]int64{}
	for _, u := range list {
		if n, err := strconv.ParseInt(u.item[1:], 10, 64); err == nil {
			out[u.in] = append(out[u.in], n)
		}
	}
	return out, nil
}

// depth is how many steps the longest way from an assembly has, each assembly looked at once.
func depth(from int64, next map[int64][]int64) (int, error) {
	known := map[int64]int{} // -1: on the way
	var walk func(id int64) (int, error)
	walk = func(id int64) (int, error) {
		if d, ok := known[id]; ok {
			if d < 0 {
				return 0, &TreeError{"an assembly cannot be placed inside itself, not even by way of others"}
			}
			return d, nil
		}
		known[id] = -1
		most := 0
		for _, n := range next[id] {
			d, err := walk(n)
			if err != nil {
				return 0, err
			}
			most = max(most, d+1)
		}
		known[id] = most
		return most, nil
	}
	return walk(from)
}

// UsedBy lists the assemblies on the Shelf that use a part or an assembly now.
func (s *Store) UsedBy(ctx context.Context, key string) ([]Assembly, error) {
	return all(ctx, s.db, "SELECT "+assemblyColumns+" FROM assemblies WHERE off IS NULL AND id IN (SELECT assembly_id FROM uses WHERE item=? AND n>0) ORDER BY id", []any{key}, scanAssembly)
}

// ErrInUse says that something is placed in assemblies on the Shelf.
type ErrInUse struct{ By []Assembly }

func (e *ErrInUse) Error() string {
	var names []string
	for i, a := range e.By {
		if i == 5 {
			names = append(names, fmt.Sprintf("%d more", len(e.By)-i))
			break
		}
		names = append(names, a.Name)
	}
	return "it is placed in " + strings.Join(names, ", ") + "; remove it there first"
}

// TakeOff takes a part or an assembly off the Shelf, unless an assembly on the Shelf uses it. It stays as it is, for the logs that
// refer to it, and can be put back.
func (s *Store) TakeOff(ctx context.Context, key string) error {
	table, id, err := tableOf(key)
	if err != nil {
		return err
	}
	by, err := s.UsedBy(ctx, key)
	if err != nil {
		return err
	}
	if len(by) > 0 {
		return &ErrInUse{by}
	}
	return s.mustFind(ctx, "UPDATE "+table+" SET off=? WHERE id=?", now(), id)
}

// PutBack puts a part or an assembly back on the Shelf.
func (s *Store) PutBack(ctx context.Context, key string) error {
	table, id, err := tableOf(key)
	if err != nil {
		return err
	}
	return s.mustFind(ctx, "UPDATE "+table+" SET off=NULL WHERE id=?", id)
}

// ErrRemembered says that a log still refers to something.
var ErrRemembered = errors.New("the log of an assembly still refers to it, so that steps there can be taken back; it stays off the Shelf")

// ThrowAway deletes for good what was taken off the Shelf, if no log has ever referred to it.
func (s *Store) ThrowAway(ctx context.Context, key string) error {
	table, id, err := tableOf(key)
	if err != nil {
		return err
	}
	return s.inTx(ctx, func(tx *sql.Tx) error {
		var project int64
		if err := tx.QueryRowContext(ctx, "SELECT project_id FROM "+table+" WHERE id=? AND off IS NOT NULL", id).Scan(&project); err != nil {
			return notFound(err)
		}
		if err := tx.QueryRowContext(ctx, "SELECT id FROM projects WHERE id=? FOR UPDATE", project).Scan(&project); err != nil {
			return err
		}
		var n int
		if err := tx.QueryRowContext(ctx, "SELECT COUNT(*) FROM uses WHERE item=?", key).Scan(&n); err != nil {
			return err
		}
		if n > 0 {
			return ErrRemembered
		}
		_, err := tx.ExecContext(ctx, "DELETE FROM "+table+" WHERE id=?", id)
		return err
	})
}

func tableOf(key string) (table string, id int64, err error) {
	if len(key) > 1 {
		id, err = strconv.ParseInt(key[1:], 10, 64)
		if err == nil && key[0] == 'p' {
			return "parts", id, nil
		}
		if err == nil && key[0] == 'a' {
			return "assemblies", id, nil
		}
	}
	return "", 0, ErrNotFound
}
