//go:build !lean

package main

import (
	"context"
	"fmt"
	"os"
	"os/signal"
	"path/filepath"
	"syscall"

	"setfast/store"
	"setfast/store/private"
)

// runBackup writes all data to a file. Where Setfast runs on the same folder it goes on doing so.
func runBackup(c *call) int {
	var w where
	w.flags(c.FlagSet)
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	file := files[0]
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	size, err := func() (int64, error) {
		if _, err := os.Stat(filepath.Join(w.dir, "db", "data")); w.dsn == "" && err != nil {
			return 0, fmt.Errorf("there are no data in %s", w.dir)
		}
		dsn, stop, err := w.reach(ctx)
		if err != nil {
			return 0, err
		}
		defer stop()
		return store.Backup(ctx, dsn, file)
	}()
	if err != nil {
		return c.fail("%v", err)
	}
	fmt.Fprintf(c.out, "%s holds all data, %.1f MB\n", file, float64(size)/(1<<20))
	return 0
}

// runRestore brings a backup back.
func runRestore(c *call) int {
	var w where
	w.flags(c.FlagSet)
	replace := c.Bool("replace", false, "put the backup in the place of what is there")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	file := files[0]
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	err := func() error {
		dsn := w.dsn
		if dsn == "" {
			if _, err := os.Stat(file); err != nil {
				return fmt.Errorf("%s: %w", file, plain(err))
			}
			db, err := private.Start(ctx, filepath.Join(w.dir, "db"))
			if err != nil {
				return err
			}
			defer db.Stop()
			dsn = privateAddress(db.Socket)
		}
		return store.Restore(ctx, dsn, file, *replace)
	}()
	if err != nil {
		return c.fail("%v", err)
	}
	fmt.Fprintf(c.out, "the data are as they were when %s was written\n", file)
	return 0
}
