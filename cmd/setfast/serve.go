//go:build !lean

package main

import (
	"bufio"
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
	"strconv"
	"strings"
	"sync"
	"syscall"
	"time"

	"golang.org/x/sys/unix"

	"setfast/app"
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
	guest   bool            // another serves it
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

// privateAddress is that of the private database behind a socket.
func privateAddress(socket string) string { return store.DSN("unix", socket, "root", "", "setfast") }

// reach gives the address of the database, whether a Setfast runs on it or not; a private one is started where none does.
func (w *where) reach(ctx context.Context) (dsn string, stop func(), err error) {
	if w.dsn != "" {
		return w.dsn, func() {}, nil
	}
	dir := filepath.Join(w.dir, "db")
	if socket, running := private.Running(dir); running {
		return privateAddress(socket), func() {}, nil
	}
	db, err := private.Start(ctx, dir)
	if err != nil {
		return "", nil, err
	}
	return privateAddress(db.Socket), db.Stop, nil
}

// openData starts the private database in a folder, which is this program's alone, or connects to another, which others may serve too, and makes the application on
// it.
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
		dsn = privateAddress(s.db.Socket)
	}
	st, err := store.Open(ctx, dsn)
	if err == nil {
		s.app = app.New(st, k)
		if dsn != w.dsn {
			s.app.Dir = w.dir
		}
		s.app.Alone = s.db != nil // a private one is locked with its folder
		s.release, err = st.Serve(ctx)
	}
	if err == nil && s.app.Alone {
		var broken []string
		if broken, err = st.Broken(ctx); err == nil {
			err = st.CollectBroken(ctx, broken)
		}
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
func runServe(c *call, withDemo bool) int {
	var w where
	w.flags(c.FlagSet)
	port := c.Int("port", 8420, "the `port` on 127.0.0.1")
	reset := c.Bool("reset", false, "throw all data away and begin anew; asks first")
	yes := c.Bool("yes", false, "the answer to what --reset asks")
	unfenced := c.Bool("unfenced", false, "read files even where the machine cannot keep the reader inside its folder")
	sells := c.String("supplier", "", "the `file` of a supplier of fasteners; one that is made up where none is named")
	logs := c.String("log", "text", "how messages are written: text or json")
	requests := c.Bool("requests", false, "write a line for each request")
	var o outward
	o.flags(c.FlagSet, withDemo)
	quota := c.Int("project-quota", 10<<10, "how many `MB` a project may keep")
	each := c.Int("projects-each", 200, "how many `projects` one person may own")
	var hooks names
	c.Var(&hooks, "hooks-to", "a `host` or host:port that projects may tell of verdicts; may be given several times")
	owner := c.String("owner", "", "where nobody can sign in yet: the `name` of the owner, who comes by a link that is printed")
	if _, code, ok := c.files(0, 0); !ok {
		return code
	}
	out, errs := c.out, c.errs
	fail := func(err error) int { return c.fail("%v", err) }
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	// the port first: who finds it taken has not waited for a database
	inward, err := o.check()
	if err != nil {
		return fail(err)
	}
	l, err := net.Listen("tcp", net.JoinHostPort(o.listen, strconv.Itoa(*port)))
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
		if err := c.resetData(filepath.Join(w.dir, "db"), *yes); err != nil {
			return fail(err)
		}
	}
	start := time.Now()
	s, err := openData(ctx, w)
	if err != nil {
		return fail(err)
	}
	defer s.close()
	log, err := logger(errs, *logs, *requests)
	if err != nil {
		return fail(err)
	}
	s.app.Log = log
	s.app.HooksTo = hooks
	s.app.Limits.Project, s.app.Limits.Projects = int64(*quota)<<20, *each
	s.app.Kernel.Unfenced = s.app.Kernel.Unfenced || *unfenced
	if s.app.Supplier, err = supplierOf(*sells); err != nil {
		return fail(fmt.Errorf("%s: %w", *sells, plain(err)))
	}
	if withDemo {
		if err := loadDemo(ctx, s.app, out); err != nil {
			return fail(err)
		}
	}
	srv, err := web.New(s.app, web.Options{Log: log, Requests: *requests, Hosts: o.hosts, Solo: o.solo, Proxied: o.proxied, TLS: inward, Mail: o.mail(),
		Exercises: func(ctx context.Context, of store.Person) (int64, error) { return demo.Exercises(ctx, s.app, of) }})
	if err != nil {
		return fail(err)
	}
	fmt.Fprintf(out, "Setfast is ready after %.1f s: %s/\n", time.Since(start).Seconds(), o.reached(l.Addr()))
	if err := o.welcome(ctx, s.app.Store, *owner, l.Addr(), out); err != nil {
		return fail(err)
	}
	fmt.Fprintln(out, "Stop it with Ctrl C.")
	return s.serve(ctx, srv, l, log, errs)
}

// logger writes messages as text or as JSON; requests are told below warnings.
func logger(to io.Writer, form string, requests bool) (*slog.Logger, error) {
	o := &slog.HandlerOptions{Level: slog.LevelWarn}
	if requests {
		o.Level = slog.LevelInfo
	}
	switch form {
	case "text":
		return slog.New(slog.NewTextHandler(to, o)), nil
	case "json":
		return slog.New(slog.NewJSONHandler(to, o)), nil
	}
	return nil, fmt.Errorf("messages are written as text or json, not as %q", form)
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
	background.Go(func() { s.app.RunHooks(ctx) })
	background.Go(func() { s.app.RunJobs(ctx) })
	if s.db != nil {
		go func() { // without the database there is nothing to serve
			select {
			case <-s.db.Done():
				stop(errors.New("the database server would not stay up; see mariadb.log beside its data"))
			case <-ctx.Done():
			}
		}()
	}
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

// resetData throws the data of a folder away once that was said twice: by --yes, or by an answer where somebody can be asked.
func (c *call) resetData(dir string, yes bool) error {
	st, err := os.Stat(filepath.Join(dir, "data"))
	if err == nil && !yes {
		if f, ok := c.in.(*os.File); !ok || !terminal(f) {
			return fmt.Errorf("--reset throws away all projects in %s; say --yes as well", dir)
		}
		fmt.Fprintf(c.out, "All projects in %s (begun %s) will be thrown away. Type yes to go on: ", dir, st.ModTime().Format("2 January 2006"))
		answer, _ := bufio.NewReader(c.in).ReadString('\n')
		if strings.TrimSpace(answer) != "yes" {
			return errors.New("nothing was thrown away")
		}
	}
	return private.Reset(dir)
}

// terminal tells whether somebody sits before a file.
func terminal(f *os.File) bool {
	_, err := unix.IoctlGetTermios(int(f.Fd()), unix.TCGETS)
	return err == nil
}
