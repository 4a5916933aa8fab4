package main

import (
	"os"
	"path/filepath"
	"strings"
	"testing"
)

// TestRemote hands a document to a server, judges it there as here, and fetches it back the same.
func TestRemote(t *testing.T) {
	p := serve(t, "--data", filepath.Join(t.TempDir(), "d"))
	dir := t.TempDir()
	asked := func(want int, says string, args ...string) string {
		t.Helper()
		code, out, errs := do(args...)
		if code != want || !strings.Contains(out+errs, says) {
			t.Errorf("%v: exit %d, %q %q; want %d and %q", args, code, out, errs, want, says)
		}
		return out
	}
	const file = "../../docs/examples/hinge.setfast.json"
	odd := filepath.Join(dir, "odd.setfast.json")
	if err := os.WriteFile(odd, []byte(`{"setfast": 1}`), 0o600); err != nil {
		t.Fatal(err)
	}
	asked(0, "hinge.setfast.json: done, 1 part added", "push", file, "--server", p.address, "--project", "Vents")
	asked(1, "odd.setfast.json: failed", "push", odd, "--server", p.address, "--project", "Vents")
	here := asked(1, "loose", "check", file)
	there := asked(1, "loose", "check", "--server", p.address, "Vents/Vent hinge")
	if counts := strings.Split(here, "\n")[1]; !strings.Contains(there, counts) {
		t.Errorf("here %q, there %q", here, there)
	}
	asked(1, `"setfast_report"`, "check", "--json", "--server", p.address, "Vents/Vent hinge")
	back := filepath.Join(dir, "back.setfast.json")
	asked(0, "Vent hinge as of line 1", "pull", "Vents/Vent hinge", "--server", p.address, "--out", back)
	asked(1, "loose", "check", back)
	asked(2, "is there already", "pull", "Vents/Vent hinge", "--server", p.address, "--out", back)
	asked(2, `no assembly "none" in Vents`, "check", "--server", p.address, "Vents/none")
	asked(2, `no project "Nobody's"`, "pull", "Nobody's/Vent hinge", "--server", p.address)
	asked(2, "--server takes an address", "pull", "1", "--server", "nonsense")
	asked(2, "does not answer", "check", "--server", "http://127.0.0.1:1", "1")
	t.Setenv("SETFAST_TOKEN", "setfast_AAAA")
	asked(2, "must not travel for all to read", "check", "--server", "http://setfast.example", "1")
}
