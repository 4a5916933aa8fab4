// Package bed sets up what tests stand on: the kernel's program, and an application on a database of its own.
package bed

import (
	"context"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"

	"setfast/app"
	"setfast/kernel"
	"setfast/store"
	"setfast/store/private"
)

// Kernel finds the kernel's program: ./setfast test names it, a test run by itself builds it into the folder.
func Kernel(dir string) (string, error) {
	if bin := os.Getenv("SETFAST_KERNEL"); bin != "" {
		return bin, nil
	}
	bin := filepath.Join(dir, "setfast-kernel")
	if out, err := exec.Command("go", "build", "-o", bin, "setfast/cmd/setfast-kernel").CombinedOutput(); err != nil {
		return "", fmt.Errorf("%v\n%s", err, out)
	}
	return bin, nil
}

// Database is where the application's database is, for tests that ask it themselves.
var Database string

// Run starts database and kernel, hands the application over, and takes all down again. It returns the code to exit with.
func Run(f func(ctx context.Context, a *app.App) int) int {
	fail := func(err error) int { fmt.Fprintln(os.Stderr, err); return 1 }
	dir, err := os.MkdirTemp("", "setfast-test-")
	if err != nil {
		return fail(err)
	}
	defer os.RemoveAll(dir)
	bin, err := Kernel(dir)
	if err != nil {
		return fail(err)
	}
	ctx, stop := context.WithCancel(context.Background())
	defer stop()
	db, err := private.Start(ctx, filepath.Join(dir, "db"))
	if err != nil {
		return fail(err)
	}
	defer db.Stop()
	Database = store.DSN("unix", db.Socket, "root", "", "setfast")
	s, err := store.Open(ctx, Database)
	if err != nil {
		return fail(err)
	}
	defer s.Close()
	return f(ctx, app.New(s, kernel.NewRunner(bin)))
}
