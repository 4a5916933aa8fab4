package store

import (
	"context"
	"encoding/json"
)

// Kept is something kept beside the log of an assembly: a view, the home position, the colour of a component.
type Kept struct {
	Kind string          `json:"kind"`
	Name string          `json:"name"`
	Data json.RawMessage `json:"data"`
}

// KeptOf lists what is kept beside an assembly.
func (s *Store) KeptOf(ctx context.Context, assembly int64) ([]Kept, error) {
	return all(ctx, s.db, "SELECT kind, name, data FROM beside WHERE assembly_id=? ORDER BY id", []any{assembly}, func(r scanner) (k Kept, err error) {
		return k, r.Scan(&k.Kind, &k.Name, (*[]byte)(&k.Data))
	})
}

// Keep keeps something under a kind and a name, in the place of what was there; without data that goes.
func (s *Store) Keep(ctx context.Context, assembly int64, k Kept) error {
	if len(k.Data) == 0 {
		_, err := s.exec(ctx, "DELETE FROM beside WHERE assembly_id=? AND kind=? AND name=?", assembly, k.Kind, k.Name)
		return err
	}
	_, err := s.exec(ctx, "INSERT INTO beside (assembly_id, kind, name, data) VALUES (?, ?, ?, ?) ON DUPLICATE KEY UPDATE data=VALUES(data)",
		assembly, k.Kind, k.Name, []byte(k.Data))
	return err
}
