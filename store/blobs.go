package store

import (
	"bytes"
	"context"
	"crypto/sha256"
	"database/sql"
	"encoding/hex"
	"errors"
	"io"
	"time"
)

const pieceSize = 4 << 20

// PutBlob keeps a large value under its SHA-256; keeping it twice is keeping it once.
func (s *Store) PutBlob(ctx context.Context, data []byte) (string, error) {
	return s.PutBlobFrom(ctx, bytes.NewReader(data))
}

// PutBlobFrom keeps a large value that is read piece by piece, twice: once for its name, once to keep it.
func (s *Store) PutBlobFrom(ctx context.Context, from io.ReadSeeker) (string, error) {
	h := sha256.New()
	size, err := io.Copy(h, from)
	if err != nil {
		return "", err
	}
	id := hex.EncodeToString(h.Sum(nil))
	s.sweeping.RLock() // what is kept now is not collected between being found and being touched
	defer s.sweeping.RUnlock()
	if found, err := s.exec(ctx, "UPDATE kept SET touched=? WHERE sha256=?", now(), id); err != nil || found > 0 {
		return id, err
	}
	if _, err := from.Seek(0, io.SeekStart); err != nil {
		return "", err
	}
	piece := make([]byte, min(size, pieceSize))
	for n := 0; n == 0 || int64(n)*pieceSize < size; n++ {
		k, err := io.ReadFull(from, piece)
		if err != nil && !errors.Is(err, io.ErrUnexpectedEOF) && !(errors.Is(err, io.EOF) && size == 0) {
			return "", err
		}
		if _, err := s.exec(ctx, "INSERT IGNORE INTO blobs (sha256, n, data) VALUES (?,?,?)", id, n, piece[:k]); err != nil {
			return "", err
		}
	}
	// this line makes it whole
	_, err = s.exec(ctx, "INSERT IGNORE INTO kept (sha256, size, touched) VALUES (?,?,?)", id, size, now())
	return id, err
}

// Blob gives a large value back.
func (s *Store) Blob(ctx context.Context, id string) ([]byte, error) {
	var b bytes.Buffer
	err := s.BlobTo(ctx, id, &b)
	return b.Bytes(), err
}

// BlobSize is how many bytes a large value has.
func (s *Store) BlobSize(ctx context.Context, id string) (size int64, err error) {
	err = s.row(ctx, "SELECT size FROM kept WHERE sha256=?", []any{id}, &size)
	return size, err
}

// BlobTo writes a large value piece by piece. No connection is held while the reader takes its time.
func (s *Store) BlobTo(ctx context.Context, id string, to io.Writer) error {
	size, err := s.BlobSize(ctx, id)
	if err != nil {
		return err
	}
	for n := 0; n == 0 || int64(n)*pieceSize < size; n++ {
		var piece []byte
		if err := s.row(ctx, "SELECT data FROM blobs WHERE sha256=? AND n=?", []any{id, n}, &piece); err != nil {
			return err
		}
		if _, err := to.Write(piece); err != nil {
			return err
		}
	}
	return nil
}

// BlobHead gives the first bytes of a large value, at most one piece.
func (s *Store) BlobHead(ctx context.Context, id string) (head []byte, err error) {
	err = s.row(ctx, "SELECT data FROM blobs WHERE sha256=? AND n=0", []any{id}, &head)
	return head, err
}

// unreferenced is what nothing refers to: no part, no file still to be read, no file that another refers to.
const unreferenced = `NOT EXISTS (SELECT 1 FROM parts WHERE source_sha256=kept.sha256) AND NOT EXISTS (SELECT 1 FROM parts WHERE derived_sha256=kept.sha256)
	AND NOT EXISTS (SELECT 1 FROM parts WHERE preview_sha256=kept.sha256) AND NOT EXISTS (SELECT 1 FROM companions WHERE sha256=kept.sha256)
	AND NOT EXISTS (SELECT 1 FROM imports WHERE sha256=kept.sha256 AND state IN ('waiting', 'reading', 'with'))`

// Collect deletes large values that nothing refers to and nobody has touched for a while; it tells how many and how much.
func (s *Store) Collect(ctx context.Context, untouched time.Duration) (values int, bytes int64, err error) {
	type dead struct {
		id   string
		size int64
	}
	list, err := all(ctx, s.db, "SELECT sha256, size FROM kept WHERE touched<? AND "+unreferenced+" LIMIT 2000", []any{now().Add(-untouched)},
		func(r scanner) (d dead, err error) { return d, r.Scan(&d.id, &d.size) })
	if err != nil {
		return 0, 0, err
	}
	for _, d := range list {
		gone, err := s.collect(ctx, d.id, untouched)
		if err != nil {
			return values, bytes, err
		}
		if gone {
			values, bytes = values+1, bytes+d.size
		}
	}
	return values, bytes, nil
}

func (s *Store) collect(ctx context.Context, id string, untouched time.Duration) (gone bool, err error) {
	s.sweeping.Lock()
	defer s.sweeping.Unlock()
	err = s.inTx(ctx, func(tx *sql.Tx) error {
		r, err := tx.ExecContext(ctx, "DELETE FROM kept WHERE sha256=? AND touched<? AND "+unreferenced, id, now().Add(-untouched))
		if err != nil {
			return err
		}
		n, err := r.RowsAffected()
		if gone = n > 0; err != nil || !gone {
			return err
		}
		_, err = tx.ExecContext(ctx, "DELETE FROM blobs WHERE sha256=?", id)
		return err
	})
	return gone, err
}

// mostBroken is how many broken transfers are looked at in one go.
const mostBroken = 500

// Broken lists values that are not whole: they are being kept just now, or that broke off.
func (s *Store) Broken(ctx context.Context) ([]string, error) {
	return all(ctx, s.db, "SELECT DISTINCT sha256 FROM blobs WHERE NOT EXISTS (SELECT 1 FROM kept WHERE kept.sha256=blobs.sha256) LIMIT ?", []any{mostBroken},
		func(r scanner) (id string, err error) { return id, r.Scan(&id) })
}

// CollectBroken deletes values that are not whole; they were so long before, so that nobody is keeping them just now.
func (s *Store) CollectBroken(ctx context.Context, ids []string) error {
	for _, id := range ids {
		if _, err := s.exec(ctx, "DELETE FROM blobs WHERE sha256=? AND NOT EXISTS (SELECT 1 FROM kept WHERE kept.sha256=blobs.sha256)", id); err != nil {
			return err
		}
	}
	return nil
}

// Stored is how many bytes a project's parts and files still to be read take.
func (s *Store) Stored(ctx context.Context, project int64) (bytes int64, err error) {
	err = s.row(ctx, `SELECT COALESCE(SUM(size), 0) FROM kept WHERE sha256 IN (
		SELECT source_sha256 FROM parts WHERE project_id=? UNION SELECT derived_sha256 FROM parts WHERE project_id=? UNION
		SELECT preview_sha256 FROM parts WHERE project_id=? UNION
		SELECT sha256 FROM imports WHERE project_id=? AND state IN ('waiting', 'reading', 'with'))`, []any{project, project, project, project}, &bytes)
	return bytes, err
}
