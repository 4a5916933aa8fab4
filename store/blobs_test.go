package store_test

import (
	"bytes"
	"context"
	"crypto/rand"
	"database/sql"
	"errors"
	"fmt"
	"strings"
	"testing"
	"time"

	"setfast/core/edit"
	"setfast/store"
)

func TestBlobs(t *testing.T) {
	s, _ := open(t)
	ctx := context.Background()
	for _, n := range []int{0, 1, 4 << 20, 4<<20 + 1, 9<<20 + 17} {
		data := make([]byte, n)
		_, _ = rand.Read(data)
		id := must[string](t)(s.PutBlob(ctx, data))
		if again := must[string](t)(s.PutBlob(ctx, data)); again != id {
			t.Error("the same bytes were kept under two names")
		}
		if got := must[[]byte](t)(s.Blob(ctx, id)); !bytes.Equal(got, data) {
			t.Errorf("%d bytes came back as %d", n, len(got))
		}
	}
	if _, err := s.Blob(ctx, strings.Repeat("f", 64)); !errors.Is(err, store.ErrNotFound) {
		t.Errorf("a blob nobody kept: %v", err)
	}
}

func TestParts(t *testing.T) {
	s, _ := open(t)
	ctx := context.Background()
	project := must[int64](t)(s.CreateProject(ctx, "Ridge vent Ø — ½"))
	p := store.Part{ProjectID: project, Name: "Wall plate", Number: "GV-101", SourceName: "a.step", SourceSHA256: strings.Repeat("a", 64), SourceID: strings.Repeat("a", 64), DerivedSHA256: strings.Repeat("b", 64), PreviewSHA256: strings.Repeat("c", 64), DerivedVersion: 1}
	one, fresh, err := s.AddPart(ctx, p)
	if err != nil || !fresh {
		t.Fatal(fresh, err)
	}
	p.Name = "Other name, same product"
	two, fresh, err := s.AddPart(ctx, p)
	if err != nil || fresh || two.ID != one.ID || two.Name != "Wall plate" {
		t.Errorf("a product was added twice: %+v %v", two, err)
	}
	p.SourceID = strings.Repeat("d", 64)
	if two, fresh, err = s.AddPart(ctx, p); err != nil || fresh || two.ID != one.ID {
		t.Errorf("the very same shape from another file was added twice: %+v %v", two, err)
	}
	one.Material, one.Density, one.Fastener = "steel", 7850, true
	if err := s.UpdatePart(ctx, one); err != nil {
		t.Fatal(err)
	}
	if got := must[store.Part](t)(s.Part(ctx, one.ID)); got.Material != "steel" || got.Density != 7850 || !got.Fastener {
		t.Errorf("%+v", got)
	}
	if err := s.UpdatePart(ctx, store.Part{ID: 999}); !errors.Is(err, store.ErrNotFound) {
		t.Errorf("a part that is not there: %v", err)
	}
}

// TestShelf takes things off the Shelf: not while they are placed; and for good only if no log refers to them.
func TestShelf(t *testing.T) {
	s, _ := open(t)
	ctx := context.Background()
	project := must[int64](t)(s.CreateProject(ctx, "P"))
	var parts []store.Part
	for i := range 2 {
		sha := strings.Repeat(fmt.Sprint(i), 64)
		p, _, err := s.AddPart(ctx, store.Part{ProjectID: project, Name: "Wall plate", SourceSHA256: sha, SourceID: sha, DerivedSHA256: sha, PreviewSHA256: sha})
		if err != nil {
			t.Fatal(err)
		}
		parts = append(parts, p)
	}
	asm := create(t, s, project, "Stand")
	post(t, s, asm, place("plate", parts[0].Key()))
	var used *store.ErrInUse
	if err := s.TakeOff(ctx, parts[0].Key()); !errors.As(err, &used) || used.By[0].Name != "Stand" {
		t.Errorf("a part in use was taken off: %v", err)
	}
	post(t, s, asm, edit.Remove{Name: "plate"})
	for _, p := range parts {
		if err := s.TakeOff(ctx, p.Key()); err != nil {
			t.Fatal(err)
		}
	}
	if err := s.ThrowAway(ctx, parts[0].Key()); !errors.Is(err, store.ErrRemembered) {
		t.Errorf("a part that a log refers to was thrown away: %v", err)
	}
	if err := s.ThrowAway(ctx, parts[1].Key()); err != nil {
		t.Error(err)
	}
	if err := s.PutBack(ctx, parts[0].Key()); err != nil {
		t.Error(err)
	}
	if err := s.ThrowAway(ctx, parts[0].Key()); !errors.Is(err, store.ErrNotFound) {
		t.Errorf("a part on the Shelf was thrown away: %v", err)
	}
	if _, err := s.Part(ctx, parts[1].ID); !errors.Is(err, store.ErrNotFound) {
		t.Errorf("still there: %v", err)
	}
	for _, key := range []string{"", "p", "x1", "p1x", "p-", "a999"} {
		if err := s.TakeOff(ctx, key); !errors.Is(err, store.ErrNotFound) {
			t.Errorf("%q: %v", key, err)
		}
	}
}

// TestCollect: what nothing refers to goes, after a while; what is referred to, or was touched just now, stays.
func TestCollect(t *testing.T) {
	s, dsn := open(t)
	ctx := context.Background()
	project := must[int64](t)(s.CreateProject(ctx, "P"))
	put := func(text string) string { return must[string](t)(s.PutBlob(ctx, []byte(text))) }
	source, derived, preview, waiting, lost := put("source"), put("derived"), put("preview"), put("waiting"), put("lost")
	if _, _, err := s.AddPart(ctx, store.Part{ProjectID: project, SourceSHA256: source, SourceID: source, DerivedSHA256: derived, PreviewSHA256: preview}); err != nil {
		t.Fatal(err)
	}
	for _, f := range []store.ImportFile{{SHA256: waiting, State: "waiting"}, {SHA256: lost, State: "failed"}} {
		f.ProjectID, f.Batch = project, strings.Repeat("0", 32)
		must[int64](t)(s.AddImport(ctx, f))
	}
	if n, _, err := s.Collect(ctx, time.Hour); err != nil || n != 0 {
		t.Errorf("%d collected at once, %v", n, err)
	}
	n, bytes, err := s.Collect(ctx, -time.Second)
	if err != nil || n != 1 || bytes != 4 {
		t.Errorf("%d values, %d bytes collected, %v", n, bytes, err)
	}
	if _, err := s.Blob(ctx, lost); !errors.Is(err, store.ErrNotFound) {
		t.Errorf("still there: %v", err)
	}
	for _, id := range []string{source, derived, preview, waiting} {
		if _, err := s.Blob(ctx, id); err != nil {
			t.Error(err)
		}
	}
	if size := must[int64](t)(s.Stored(ctx, project)); size != 27 {
		t.Errorf("the project takes %d bytes", size)
	}
	// the rest of a transfer that broke off
	db := must[*sql.DB](t)(sql.Open("mysql", dsn))
	defer db.Close()
	if _, err := db.Exec("INSERT INTO blobs VALUES (?,0,'half')", strings.Repeat("d", 64)); err != nil {
		t.Fatal(err)
	}
	broken, err := s.Broken(ctx)
	if err != nil {
		t.Fatal(err)
	}
	if err := s.CollectBroken(ctx, broken); err != nil {
		t.Fatal(err)
	}
	var left int
	if err := db.QueryRow("SELECT COUNT(*) FROM blobs").Scan(&left); err != nil || left != 4 {
		t.Errorf("%d pieces left, %v", left, err)
	}
}
