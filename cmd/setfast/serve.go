package main

import (
	"context"
	"errors"
	"flag"
	"fmt"
	"io"
	"log/slog"
	"net"
	"os"
	"os/signal"
	"path/filepath"
	"syscall"
	"time"

	"setfast/app"
	"setfast/demo"
	"setfast/kernel"
	"setfast/store"
	"setfast/store/private"
	"setfast/web"
)

// session is the application on its private database.
type session struct {
	app *app.App
	db  *private.Server
}

func (s *session) close() {
	if s.app != nil {
		_ = s.app.Store.Close()
	}
	s.db.Stop()
}

// openData starts the private database in a folder and the application on it.
func openData(ctx context.Context, dir string) (*session, error) {
	k, err := kernel.Find()
	if err != nil {
		return nil, err
	}
	db, err := private.Start(ctx, filepath.Join(dir, "db"))
	if err != nil {
		return nil, err
	}
	st, err := store.Open(ctx, store.DSN("unix", db.Socket, "root", "", "setfast"))
	if err != nil {
		db.Stop()
		return nil, err
	}
	return &session{app.New(st, k), db}, nil
}

// runServe serves the interface, with the sample project where it is wanted.
func runServe(args []string, withDemo bool, out, errs io.Writer) int {
	fs := flag.NewFlagSet("serve", flag.ContinueOnError)
	fs.SetOutput(errs)
	data := fs.String("data", "var", "the `folder` that holds the database")
	port := fs.Int("port", 8420, "the port on 127.0.0.1")
	reset := fs.Bool("reset", false, "throw the data away and begin anew")
	if err := fs.Parse(args); err != nil || fs.NArg() > 0 {
		if fs.NArg() > 0 {
			fmt.Fprintf(errs, "setfast: %q is not understood here\n", fs.Arg(0))
		}
		return 2
	}
	fail := func(err error) int {
		fmt.Fprintf(errs, "setfast: %v\n", err)
		return 2
	}
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	// the port first: who finds it taken has not waited for a database
	l, err := net.Listen("tcp", fmt.Sprintf("127.0.0.1:%d", *port))
	if err != nil {
		if errors.Is(err, syscall.EADDRINUSE) {
			return fail(fmt.Errorf("port %d is in use, perhaps by another Setfast; stop that, or choose another with --port", *port))
		}
		return fail(fmt.Errorf("port %d cannot be used: %w", *port, errors.Unwrap(err)))
	}
	defer l.Close()
	if *reset {
		if err := resetData(*data); err != nil {
			return fail(err)
		}
	}
	start := time.Now()
	s, err := openData(ctx, *data)
	if err != nil {
		return fail(err)
	}
	defer s.close()
	if withDemo {
		if err := loadDemo(ctx, s.app, out); err != nil {
			return fail(err)
		}
	}
	srv, err := web.New(s.app, slog.New(slog.NewTextHandler(errs, &slog.HandlerOptions{Level: slog.LevelWarn})))
	if err != nil {
		return fail(err)
	}
	fmt.Fprintf(out, "Setfast is ready after %.1f s: http://%s/\nStop it with Ctrl C.\n", time.Since(start).Seconds(), l.Addr())
	go func() { // without the database there is nothing to serve
		select {
		case <-s.db.Done():
			if ctx.Err() == nil {
				fmt.Fprintln(errs, "setfast: the database server has ended; stopping")
			}
			stop()
		case <-ctx.Done():
		}
	}()
	if err := srv.Serve(ctx, l); err != nil {
		return fail(err)
	}
	return 0
}

// loadDemo adds the sample project unless it is there.
func loadDemo(ctx context.Context, a *app.App, out io.Writer) error {
	ps, err := a.Store.Projects(ctx)
	if err != nil {
		return err
	}
	for _, p := range ps {
		if p.Name == demo.Name {
			return a.Refresh(ctx, p.ID)
		}
	}
	return demo.Load(ctx, a, func(s string) { fmt.Fprintln(out, s) })
}

// resetData removes the database's folder and nothing else.
func resetData(dir string) error {
	db := filepath.Join(dir, "db")
	if c, err := net.Dial("unix", filepath.Join(db, "db.sock")); err == nil {
		c.Close()
		return fmt.Errorf("another Setfast uses the data in %s; stop it first", dir)
	}
	if err := os.RemoveAll(db); err != nil {
		return fmt.Errorf("the data in %s cannot be thrown away: %w", dir, plain(err))
	}
	return nil
}

// runImport brings part files into the database without the interface.
func runImport(args []string, out, errs io.Writer) int {
	fs := flag.NewFlagSet("import", flag.ContinueOnError)
	fs.SetOutput(errs)
	data := fs.String("data", "var", "the `folder` that holds the database")
	name := fs.String("project", "Imported", "the `name` of the project, made where it is missing")
	files, err := parseMixed(fs, args)
	if err != nil {
		return 2
	}
	if len(files) == 0 {
		fmt.Fprintln(errs, "usage: setfast import FILE… [--project NAME] [--data DIR]")
		return 2
	}
	var in []app.Incoming
	for _, f := range files {
		b, err := os.ReadFile(f)
		if err != nil {
			fmt.Fprintf(errs, "setfast: %s: %v\n", f, plain(err))
			return 2
		}
		in = append(in, app.Incoming{Name: filepath.Base(f), Data: b})
	}
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	s, err := openData(ctx, *data)
	if err != nil {
		fmt.Fprintf(errs, "setfast: %v\n", err)
		return 2
	}
	defer s.close()
	bad, err := importAll(ctx, s.app, *name, in, out)
	if err != nil {
		fmt.Fprintf(errs, "setfast: %v\n", err)
		return 2
	}
	if bad > 0 {
		return 1
	}
	return 0
}

func importAll(ctx context.Context, a *app.App, name string, in []app.Incoming, out io.Writer) (bad int, err error) {
	ps, err := a.Store.Projects(ctx)
	if err != nil {
		return 0, err
	}
	var project int64
	for _, p := range ps {
		if p.Name == name {
			project = p.ID
		}
	}
	if project == 0 {
		if project, err = a.Store.CreateProject(ctx, name); err != nil {
			return 0, err
		}
	}
	batch, list, err := a.Stage(ctx, project, in)
	if err != nil {
		return 0, err
	}
	for _, f := range list {
		got, err := a.ReadStaged(ctx, batch, f.ID)
		if err != nil {
			return bad, err
		}
		fmt.Fprintf(out, "%-10s %s: %s\n", got.File.State, f.Name, got.File.Message)
		if got.File.State == "failed" {
			bad++
		}
	}
	return bad, nil
}
