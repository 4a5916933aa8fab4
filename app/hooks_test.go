package app_test

import (
	"context"
	"crypto/hmac"
	"crypto/sha256"
	"database/sql"
	"encoding/hex"
	"encoding/json"
	"io"
	"net/http"
	"net/http/httptest"
	"strings"
	"sync"
	"testing"
	"time"

	"setfast/app"
	"setfast/internal/bed"
	"setfast/store"
)

// TestHooks tells an address of a verdict that changes: signed, again where it was not taken, once where it was, in order; and no address that is not allowed.
func TestHooks(t *testing.T) {
	type heard struct{ body, signature string }
	var mu sync.Mutex
	var all []heard
	answer := http.StatusInternalServerError
	srv := httptest.NewServer(http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		body, _ := io.ReadAll(r.Body)
		mu.Lock()
		defer mu.Unlock()
		all = append(all, heard{string(body), r.Header.Get("Setfast-Signature")})
		if answer == http.StatusFound {
			w.Header().Set("Location", "http://127.0.0.1:1/elsewhere")
		}
		w.WriteHeader(answer)
	}))
	defer srv.Close()
	got := func(n int) []heard {
		t.Helper()
		for deadline := time.Now().Add(20 * time.Second); time.Now().Before(deadline); time.Sleep(20 * time.Millisecond) {
			mu.Lock()
			list := append([]heard(nil), all...)
			mu.Unlock()
			if len(list) >= n {
				return list
			}
		}
		t.Fatalf("%d were told, want %d", len(all), n)
		return nil
	}
	ctx, stop := context.WithCancel(context.Background())
	defer stop()
	own := app.New(a.Store, a.Kernel)
	project, err := own.Store.CreateProject(ctx, "Hooks")
	if err != nil {
		t.Fatal(err)
	}
	make := func(name, verdict string) int64 {
		t.Helper()
		id, err := own.Store.CreateAssembly(ctx, store.Assembly{ProjectID: project, Name: name})
		if err == nil {
			err = own.Store.SetVerdict(ctx, id, 0, verdict)
		}
		if err != nil {
			t.Fatal(err)
		}
		return id
	}
	stood := make("Stood before", "set")
	if _, err := own.AddHook(ctx, project, srv.URL, "Ada"); err == nil || !strings.Contains(err.Error(), "tells no addresses") {
		t.Errorf("without any that is allowed: %v", err)
	}
	own.HooksTo = []string{strings.TrimPrefix(srv.URL, "http://")}
	for _, bad := range []string{"http://127.0.0.1:1/", "http://localhost/", "file:///etc/passwd", "nonsense", "http://u:p@" + own.HooksTo[0], "http://127.0.0.1.evil.example/"} {
		if _, err := own.AddHook(ctx, project, bad, "Ada"); err == nil {
			t.Errorf("%s may be told", bad)
		}
	}
	h, err := own.AddHook(ctx, project, srv.URL+"/verdicts", "Ada")
	if err != nil {
		t.Fatal(err)
	}
	var running sync.WaitGroup
	running.Go(func() { own.RunHooks(ctx) })
	defer running.Wait()
	defer stop()
	asm := make("Vent hinge", "loose")
	first := got(1)[0]
	var told app.Told
	if err := json.Unmarshal([]byte(first.body), &told); err != nil || told.Assembly != asm || told.Was != "" || told.Is != "loose" || told.Name != "Vent hinge" || told.Event != "verdict" {
		t.Errorf("%v: %s", err, first.body)
	}
	at, sum, _ := strings.Cut(strings.TrimPrefix(first.signature, "t="), ",v1=")
	m := hmac.New(sha256.New, []byte(h.Secret))
	m.Write([]byte(at + "." + first.body))
	if sum != hex.EncodeToString(m.Sum(nil)) {
		t.Errorf("the signature is %s", first.signature)
	}
	db, err := sql.Open("mysql", bed.Database)
	if err != nil {
		t.Fatal(err)
	}
	defer db.Close()
	went := func(says string) {
		t.Helper()
		var list []store.Hook
		for deadline := time.Now().Add(10 * time.Second); time.Now().Before(deadline); time.Sleep(20 * time.Millisecond) {
			if list, err = own.Store.Hooks(ctx, project); err == nil && strings.Contains(list[0].Went, says) {
				return
			}
		}
		t.Fatalf("%v %v, want %q", list, err, says)
	}
	went("500")
	var waits int
	if err := db.QueryRow("SELECT TIMESTAMPDIFF(SECOND, UTC_TIMESTAMP(), due) FROM sends").Scan(&waits); err != nil || waits < 5 || waits > 11 {
		t.Errorf("it is tried again in %d s, %v", waits, err)
	}
	again := func(code int) {
		t.Helper()
		mu.Lock()
		answer = code
		mu.Unlock()
		if _, err := db.Exec("UPDATE sends SET due=UTC_TIMESTAMP(3)"); err != nil {
			t.Fatal(err)
		}
	}
	// what comes meanwhile waits for what is before it
	if err := own.Store.SetVerdict(ctx, asm, 0, "set"); err != nil {
		t.Fatal(err)
	}
	again(http.StatusFound)
	if list := got(2); list[1].body != first.body {
		t.Errorf("told next: %s", list[1].body)
	}
	went("302")
	again(http.StatusNoContent)
	list := got(4)
	if list[2].body != first.body || !strings.Contains(list[3].body, `"was":"loose","is":"set"`) {
		t.Errorf("told in the end: %s, %s", list[2].body, list[3].body)
	}
	went("told, ")
	if err := own.Store.SetVerdict(ctx, stood, 0, "set"); err != nil { // it stood so before
		t.Fatal(err)
	}
	time.Sleep(2500 * time.Millisecond)
	if n := len(got(4)); n != 4 {
		t.Errorf("%d were told", n)
	}
}
