package main

import (
	"context"
	"flag"
	"fmt"
	"io"
	"os"
	"os/signal"
	"path/filepath"
	"syscall"

	"setfast/store"
	"setfast/store/private"
)

// oneFile reads the arguments of a command that takes one file and says which database is meant.
func oneFile(name string, args []string, errs io.Writer, more func(*flag.FlagSet)) (w where, file string, ok bool) {
	fs := flag.NewFlagSet(name, flag.ContinueOnError)
	fs.SetOutput(errs)
	w.flags(fs)
	if more != nil {
		more(fs)
	}
	fs.Usage = func() {
		fmt.Fprintf(errs, "usage: setfast %s FILE\n", name)
		fs.PrintDefaults()
	}
	files, err := parseMixed(fs, args)
	if err != nil {
		return w, "", false
	}
	if len(files) != 1 {
		fs.Usage()
		return w, "", false
	}
	return w, files[0], true
}

// runBackup writes all data to a file. Where Setfast runs on the same folder it goes on doing so.
func runBackup(args []string, out, errs io.Writer) int {
	w, file, ok := oneFile("backup", args, errs, nil)
	if !ok {
		return 2
	}
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	size, err := func() (int64, error) {
		if w.dsn != "" {
			return store.Backup(ctx, w.dsn, file)
		}
		dir := filepath.Join(w.dir, "db")
		if _, err := os.Stat(filepath.Join(dir, "data")); err != nil {
			return 0, fmt.Errorf("there are no data in %s", w.dir)
		}
		socket, running := private.Running(dir)
		if !running {
			db, err := private.Start(ctx, dir)
			if err != nil {
				return 0, err
			}
			defer db.Stop()
			socket = db.Socket
		}
		return store.Backup(ctx, store.DSN("unix", socket, "root", "", "setfast"), file)
	}()
	if err != nil {
		fmt.Fprintf(errs, "setfast: %v\n", err)
		return 2
	}
	fmt.Fprintf(out, "%s holds all data, %.1f MB\n", file, float64(size)/(1<<20))
	return 0
}

// runRestore brings a backup back.
func runRestore(args []string, out, errs io.Writer) int {
	var replace *bool
	w, file, ok := oneFile("restore", args, errs, func(fs *flag.FlagSet) {
		replace = fs.Bool("replace", false, "put the backup in the place of what is there")
	})
	if !ok {
		return 2
	}
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
			dsn = store.DSN("unix", db.Socket, "root", "", "setfast")
		}
		return store.Restore(ctx, dsn, file, *replace)
	}()
	if err != nil {
		fmt.Fprintf(errs, "setfast: %v\n", err)
		return 2
	}
	fmt.Fprintf(out, "the data are as they were when %s was written\n", file)
	return 0
}
