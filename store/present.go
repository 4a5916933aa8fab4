package store

import (
	"context"
	"encoding/json"
	"time"
)

// Present is a page that shows an assembly, and the components that are in hand there.
type Present struct {
	Page     string   `json:"page"`
	Assembly int64    `json:"-"`
	Who      string   `json:"who"`
	Hand     []string `json:"hand"`
}

// heardOf is how long a page counts as there without being heard of: twice as long as between its words and some more.
const heardOf = 45 * time.Second

// Here says that a page is there, with what is in hand.
func (s *Store) Here(ctx context.Context, p Present) error {
	hand, err := json.Marshal(p.Hand)
	if err != nil {
		return err
	}
	_, err = s.exec(ctx, "INSERT INTO present (page, assembly_id, who, hand, seen) VALUES (?,?,?,?,?) ON DUPLICATE KEY UPDATE assembly_id=VALUES(assembly_id), who=VALUES(who), hand=VALUES(hand), seen=VALUES(seen)",
		p.Page, p.Assembly, p.Who, string(hand), now())
	return err
}

// Left says that a page is there no more.
func (s *Store) Left(ctx context.Context, page string) error {
	_, err := s.exec(ctx, "DELETE FROM present WHERE page=? OR seen<?", page, now().Add(-time.Hour))
	return err
}

// Silent says that a page is there no more, unless it was heard of within a time.
func (s *Store) Silent(ctx context.Context, page string, assembly int64, within time.Duration) error {
	_, err := s.exec(ctx, "DELETE FROM present WHERE page=? AND assembly_id=? AND seen<?", page, assembly, now().Add(-within))
	return err
}

// Latest tells the latest line of some assemblies, and the pages that show them.
func (s *Store) Latest(ctx context.Context, ids []int64) (seqs map[int64]int64, here map[int64][]Present, err error) {
	type head struct{ id, seq int64 }
	heads, err := allByID(ctx, s.db, "SELECT id, seq FROM assemblies WHERE id IN (%s)", ids, func(r scanner) (h head, err error) { return h, r.Scan(&h.id, &h.seq) })
	if err != nil {
		return nil, nil, err
	}
	seqs, here = make(map[int64]int64, len(heads)), map[int64][]Present{}
	for _, h := range heads {
		seqs[h.id] = h.seq
	}
	from := now().Add(-heardOf)
	list, err := allByID(ctx, s.db, "SELECT page, assembly_id, who, hand, seen>='"+from.Format("2006-01-02 15:04:05.000")+"' FROM present WHERE assembly_id IN (%s) ORDER BY page", ids,
		func(r scanner) (p present, err error) {
			var hand string
			if err = r.Scan(&p.Page, &p.Assembly, &p.Who, &hand, &p.there); err == nil {
				err = json.Unmarshal([]byte(hand), &p.Hand)
			}
			return p, err
		})
	for _, p := range list {
		if p.there {
			here[p.Assembly] = append(here[p.Assembly], p.Present)
		}
	}
	return seqs, here, err
}

type present struct {
	Present
	there bool
}
