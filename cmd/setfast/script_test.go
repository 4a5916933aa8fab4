package main

import (
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"testing"
)

// script calls the start script on a machine that has only the given programs, and those written for it.
func script(t *testing.T, programs map[string]string, args ...string) (code int, said string) {
	t.Helper()
	dir := t.TempDir()
	for _, p := range []string{"dirname", "cat", "sed", "grep", "id", "mkdir", "mktemp", "tail", "rm"} {
		real, err := exec.LookPath(p)
		if err != nil {
			t.Skip(err)
		}
		if err := os.Symlink(real, filepath.Join(dir, p)); err != nil {
			t.Fatal(err)
		}
	}
	for name, body := range programs {
		if err := os.WriteFile(filepath.Join(dir, name), []byte("#!/bin/sh\n"+body+"\n"), 0o700); err != nil {
			t.Fatal(err)
		}
	}
	cmd := exec.Command("/bin/sh", append([]string{"../../setfast"}, args...)...)
	cmd.Env = []string{"PATH=" + dir, "HOME=" + dir, "SETFAST_GO_PLACES="}
	out, _ := cmd.CombinedOutput()
	return cmd.ProcessState.ExitCode(), string(out)
}

// TestScript: the start script needs nothing to help; without a Go that can serve it says in one sentence which one, installs nothing that
// cannot serve, and takes what can.
func TestScript(t *testing.T) {
	old := `[ "$1" = version ] && echo "go version go1.19.8 linux/amd64"`
	for _, c := range []struct {
		what     string
		programs map[string]string
		args     []string
		code     int
		says     string
		lines    int // 0: any
	}{
		{"help", nil, []string{"help"}, 0, "Setfast keeps the account", 0},
		{"no arguments", nil, nil, 0, "Setfast keeps the account", 0},
		{"no Go", nil, []string{"check", "x"}, 2, "Go 1.26 is needed to build Setfast, or any from 1.21 on, which then fetches it, and none is here: install golang-go from Debian's backports", 1},
		{"an old Go", map[string]string{"go": old}, []string{"check", "x"}, 2, "go1.19.8", 1},
		{"an old Go, and Debian has none newer", map[string]string{"go": old, "apt-cache": "exit 1", "apt-get": `[ "$1" = update ] || echo "installed $*"`}, []string{"check", "x"}, 2, "is too old: install", 1},
		{"a Go that may not fetch the one wanted", map[string]string{"go": `case "$1 $GOTOOLCHAIN" in "version local") echo "go version go1.22.1 linux/amd64";; *) [ -e go.mod ] && { echo "go: no network"; exit 1; }; echo "go version go1.22.1 linux/amd64";; esac`}, []string{"check", "x"}, 2, "could not fetch Go 1.26", 1},
		{"a Go that serves", map[string]string{"go": `[ "$1" = version ] && { echo "go version go1.26.1 linux/amd64"; exit; }; echo "builds $*"; exit 1`}, []string{"check", "x"}, 2, "builds build -tags lean", 0},
	} {
		code, said := script(t, c.programs, c.args...)
		if code != c.code || !strings.Contains(said, c.says) || c.lines > 0 && strings.Count(said, "\n") != c.lines || strings.Contains(said, "installed") {
			t.Errorf("%s: exit %d, want %d with %q:\n%s", c.what, code, c.code, c.says, said)
		}
	}
}
