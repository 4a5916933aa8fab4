package main

import (
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"testing"

	"setfast/internal/version"
	"setfast/kernel"
)

// TestPackage makes the Debian package of programs that are built, and reads it by Debian's own tools: its fields, what lies where, that the program in it runs,
// and that the service starts what is there.
func TestPackage(t *testing.T) {
	if testing.Short() {
		t.Skip("packs programs")
	}
	k, err := kernel.Find()
	if err != nil {
		t.Fatal(err)
	}
	dir := t.TempDir()
	bin := filepath.Join(dir, "bin")
	if err := os.Mkdir(bin, 0o755); err != nil {
		t.Fatal(err)
	}
	if out, err := exec.Command("cp", k.Bin, filepath.Join(bin, "setfast-kernel")).CombinedOutput(); err != nil {
		t.Fatalf("%v %s", err, out)
	}
	build := exec.Command("go", "build", "-tags", "lean", "-o", filepath.Join(bin, "setfast"), ".") // the lean one: it is there in seconds
	build.Env = append(os.Environ(), "CGO_ENABLED=0")
	if out, err := build.CombinedOutput(); err != nil {
		t.Fatalf("%v %s", err, out)
	}
	deb := filepath.Join(dir, "setfast.deb")
	pack := exec.Command("../../packaging/deb.sh", bin, deb)
	pack.Env = append(os.Environ(), "SETFAST_DEB_ZIP=none")
	if out, err := pack.CombinedOutput(); err != nil {
		t.Fatalf("%v %s", err, out)
	}
	run := func(name string, args ...string) string {
		t.Helper()
		out, err := exec.Command(name, args...).CombinedOutput()
		if err != nil {
			t.Fatalf("%s %v: %v %s", name, args, err, out)
		}
		return strings.TrimSpace(string(out))
	}
	for field, want := range map[string]string{"Package": "setfast", "Version": version.Number, "Depends": "mariadb-server, adduser, "} {
		if got := run("dpkg-deb", "--field", deb, field); !strings.HasPrefix(got, want) {
			t.Errorf("%s is %q, want %q", field, got, want)
		}
	}
	if got := run("dpkg-deb", "--field", deb, "Depends"); !strings.Contains(got, "libocct-data-exchange") || !strings.Contains(got, "libc6") {
		t.Errorf("the shape kernel's libraries are not among %s", got)
	}
	root := filepath.Join(dir, "root")
	run("dpkg-deb", "--extract", deb, root)
	if got := run(filepath.Join(root, "usr/bin/setfast"), "version"); !strings.Contains(got, version.Number) {
		t.Errorf("what is packed says %q", got)
	}
	unit, err := os.ReadFile(filepath.Join(root, "lib/systemd/system/setfast.service"))
	if err != nil {
		t.Fatal(err)
	}
	_, after, _ := strings.Cut(string(unit), "ExecStart=")
	what := strings.Fields(after)
	if st, err := os.Stat(filepath.Join(root, what[0])); err != nil || st.Mode()&0o111 == 0 || what[1] != "serve" {
		t.Errorf("the service starts %v: %v", what, err)
	}
	for _, file := range []string{"etc/default/setfast", "usr/share/doc/setfast/copyright", "usr/share/doc/setfast/operations.md", "usr/lib/setfast/setfast-kernel"} {
		if _, err := os.Stat(filepath.Join(root, file)); err != nil {
			t.Error(err)
		}
	}
	scripts := filepath.Join(dir, "scripts")
	run("dpkg-deb", "--control", deb, scripts)
	for _, s := range []string{"postinst", "prerm", "postrm"} {
		run("sh", "-n", filepath.Join(scripts, s))
	}
}
