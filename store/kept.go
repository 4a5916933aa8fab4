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

// Pinned is the kind of pictures, which are large.
const Pinned = "pin"

// KeptOf lists what is kept beside an assembly but for pictures.
func (s *Store) KeptOf(ctx context.Context, assembly int64) ([]Kept, error) {
	return s.beside(ctx, "data", "assembly_id=? AND kind<>'"+Pinned+"'", assembly)
}

// Pins lists the pictures kept beside an assembly, without what they show.
func (s *Store) Pins(ctx context.Context, assembly int64) ([]Kept, error) {
	return s.beside(ctx, "JSON_REMOVE(data, '$.picture')", "assembly_id=? AND kind='"+Pinned+"'", assembly)
}

// Pin is one of them; nothing where there is none of the name.
func (s *Store) Pin(ctx context.Context, assembly int64, name string) ([]Kept, error) {
	return s.beside(ctx, "data", "assembly_id=? AND kind='"+Pinned+"' AND name=?", assembly, name)
}

func (s *Store) beside(ctx context.Context, data, where string, args ...any) ([]Kept, error) {
	return all(ctx, s.db, "SELECT kind, name, "+data+" FROM beside WHERE "+where+" ORDER BY id", args, func(r scanner) (k Kept, err error) {
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
