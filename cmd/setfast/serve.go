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
	"strings"
	"sync"
	"syscall"
	"time"

	"setfast/app"
	"setfast/app/words"
	"setfast/demo"
	"setfast/kernel"
	"setfast/store"
	"setfast/store/private"
	"setfast/web"
)

// session is the application on its database.
type session struct {
	app     *app.App
	db      *private.Server // nil where the database is another's
	lost    <-chan struct{}
	release func()
}

func (s *session) close() {
	if s.release != nil {
		s.release()
	}
	if s.app != nil {
		_ = s.app.Store.Close()
	}
	if s.db != nil {
		s.db.Stop()
	}
}

// where says which database is meant: a folder with a private one, or an address.
type where struct{ dir, dsn string }

func (w *where) flags(fs *flag.FlagSet) {
	fs.StringVar(&w.dir, "data", "var", "the `folder` that holds the database")
	fs.StringVar(&w.dsn, "database", "", "the `address` of a MariaDB of yours in place of the private one: user:password@tcp(host:port)/name")
}

// openData starts the private database in a folder, or connects to another, takes it for this program alone, and makes the
// application on it.
func openData(ctx context.Context, w where) (*session, error) {
	kernel.Sweep()
	k, err := kernel.Find()
	if err != nil {
		return nil, err
	}
	s := &session{}
	dsn := w.dsn
	if dsn == "" {
		if s.db, err = private.Start(ctx, filepath.Join(w.dir, "db")); err != nil {
			return nil, err
		}
		dsn = store.DSN("unix", s.db.Socket, "root", "", "setfast")
	}
	st, err := store.Open(ctx, dsn)
	if err == nil {
		s.app = app.New(st, k)
		if dsn != w.dsn {
			s.app.Dir = w.dir
		}
		s.lost, s.release, err = st.Claim(ctx)
	}
	if err == nil {
		err = st.CollectBroken(ctx)
	}
	if err != nil {
		s.close()
		return nil, err
	}
	return s, nil
}

// names collects a flag that may be given several times.
type names []string

func (n *names) String() string     { return strings.Join(*n, ",") }
func (n *names) Set(s string) error { *n = append(*n, strings.Split(s, ",")...); return nil }

// runServe serves the interface, with the sample project where it is wanted.
func runServe(args []string, withDemo bool, out, errs io.Writer) int {
	fs := flag.NewFlagSet("serve", flag.ContinueOnError)
	fs.SetOutput(errs)
	var w where
	w.flags(fs)
	port := fs.Int("port", 8420, "the port on 127.0.0.1")
	reset := fs.Bool("reset", false, "throw the data away and begin anew")
	unfenced := fs.Bool("unfenced", false, "read files even where the machine cannot keep the reader inside its folder")
	var hosts names
	fs.Var(&hosts, "host", "a `name` to answer to besides localhost, such as setfast.example; may be given several times")
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
		if w.dsn != "" {
			return fail(errors.New("--reset throws the private database away; a database of yours is emptied by its own means"))
		}
		if err := private.Reset(filepath.Join(w.dir, "db")); err != nil {
			return fail(err)
		}
	}
	start := time.Now()
	s, err := openData(ctx, w)
	if err != nil {
		return fail(err)
	}
	defer s.close()
	log := slog.New(slog.NewTextHandler(errs, &slog.HandlerOptions{Level: slog.LevelWarn}))
	s.app.Log = log
	s.app.Kernel.Unfenced = s.app.Kernel.Unfenced || *unfenced
	if withDemo {
		if err := loadDemo(ctx, s.app, out); err != nil {
			return fail(err)
		}
	}
	srv, err := web.New(s.app, web.Options{Log: log, Hosts: hosts})
	if err != nil {
		return fail(err)
	}
	fmt.Fprintf(out, "Setfast is ready after %.1f s: http://%s/\nStop it with Ctrl C.\n", time.Since(start).Seconds(), l.Addr())
	return s.serve(ctx, srv, l, log, errs)
}

// serve answers until it is asked to stop, or cannot go on; then it ends with another code than none.
func (s *session) serve(ctx context.Context, srv *web.Server, l net.Listener, log *slog.Logger, errs io.Writer) int {
	ctx, stop := context.WithCancelCause(ctx)
	defer stop(nil)
	var background sync.WaitGroup
	defer background.Wait()
	defer stop(nil)
	background.Go(func() {
		if err := s.app.ReadUploads(ctx); err != nil && ctx.Err() == nil {
			log.Error("files handed in are not read", "error", err)
		}
	})
	background.Go(func() { s.app.Tidy(ctx) })
	if s.db != nil {
		go func() { // without the database there is nothing to serve
			select {
			case <-s.db.Done():
				stop(errors.New("the database server would not stay up; see mariadb.log beside its data"))
			case <-ctx.Done():
			}
		}()
	}
	go func() {
		select {
		case <-s.lost:
			stop(errors.New("another Setfast has taken the database"))
		case <-ctx.Done():
		}
	}()
	err := srv.Serve(ctx, l)
	if cause := context.Cause(ctx); err == nil && cause != nil && !errors.Is(cause, context.Canceled) {
		err = fmt.Errorf("%w; stopping", cause)
	}
	if err != nil {
		fmt.Fprintf(errs, "setfast: %v\n", err)
		return 3
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
			return nil
		}
	}
	return demo.Load(ctx, a, func(s string) { fmt.Fprintln(out, s) })
}

// runImport brings part files into the database without the interface.
func runImport(args []string, out, errs io.Writer) int {
	fs := flag.NewFlagSet("import", flag.ContinueOnError)
	fs.SetOutput(errs)
	var w where
	w.flags(fs)
	name := fs.String("project", "Imported", "the `name` of the project, made where it is missing")
	unfenced := fs.Bool("unfenced", false, "read files even where the machine cannot keep the reader inside its folder")
	files, err := parseMixed(fs, args)
	if err != nil {
		return 2
	}
	if len(files) == 0 {
		fmt.Fprintln(errs, "usage: setfast import FILE… [--project NAME] [--data DIR]")
		return 2
	}
	for _, f := range files { // all of them, before anything is started
		st, err := os.Stat(f)
		if err == nil && st.IsDir() {
			err = errors.New("is a folder")
		}
		if err != nil {
			fmt.Fprintf(errs, "setfast: %s: %v\n", f, plain(err))
			return 2
		}
	}
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	s, err := openData(ctx, w)
	if err != nil {
		fmt.Fprintf(errs, "setfast: %v\n", err)
		return 2
	}
	defer s.close()
	s.app.Kernel.Unfenced = s.app.Kernel.Unfenced || *unfenced
	bad, err := importAll(ctx, s.app, *name, files, out)
	if err != nil {
		fmt.Fprintf(errs, "setfast: %v\n", err)
		return 2
	}
	if bad > 0 {
		return 1
	}
	return 0
}

func importAll(ctx context.Context, a *app.App, name string, files []string, out io.Writer) (bad int, err error) {
	if name, err = words.Name("the project's name", name, words.MostProject); err != nil {
		return 0, err
	}
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
	var open *os.File
	defer func() { open.Close() }()
	_, list, err := a.Stage(ctx, project, func() (app.Incoming, error) {
		open.Close()
		if len(files) == 0 {
			return app.Incoming{}, io.EOF
		}
		f := files[0]
		files = files[1:]
		var err error
		open, err = os.Open(f)
		return app.Incoming{Name: filepath.Base(f), From: open}, err
	})
	if err != nil {
		return 0, err
	}
	for _, f := range list {
		got, err := a.ReadStaged(ctx, project, f.ID)
		if err != nil {
			return bad, err
		}
		fmt.Fprintf(out, "%-10s %s: %s\n", got.State, f.Name, got.Message)
		if got.State == "failed" {
			bad++
		}
	}
	return bad, nil
}
