//go:build !lean

package main

import (
	"context"
	"errors"
	"fmt"
	"io"
	"os"
	"os/signal"
	"path/filepath"
	"syscall"
	"time"

	"setfast/app"
	"setfast/app/words"
	"setfast/kernel"
	"setfast/store"
	"setfast/store/private"
)

// runImport brings part files into the database without the interface.
func runImport(c *call) int {
	var w where
	w.flags(c.FlagSet)
	name := c.String("project", "Imported", "the `name` of the project, made where it is missing")
	unfenced := c.Bool("unfenced", false, "read files even where the machine cannot keep the reader inside its folder")
	files, code, ok := c.files(1, 1<<20)
	if !ok {
		return code
	}
	for _, f := range files { // all of them, before anything is started
		st, err := os.Stat(f)
		if err == nil && st.IsDir() {
			err = errors.New("is a folder")
		}
		if err != nil {
			return c.fail("%s: %v", f, plain(err))
		}
	}
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	s, err := openBeside(ctx, w)
	if err != nil {
		return c.fail("%v", err)
	}
	defer s.close()
	s.app.Kernel.Unfenced = s.app.Kernel.Unfenced || *unfenced
	bad, err := s.importAll(ctx, *name, files, c.out)
	if err != nil {
		return c.fail("%v", err)
	}
	if bad > 0 {
		return 1
	}
	return 0
}

// openBeside is openData, or joins a Setfast that runs on the folder already: then that reads what is handed in.
func openBeside(ctx context.Context, w where) (*session, error) {
	if w.dsn == "" {
		if socket, running := private.Running(filepath.Join(w.dir, "db")); running {
			st, err := store.Open(ctx, privateAddress(socket))
			if err != nil {
				return nil, err
			}
			return &session{app: app.New(st, kernel.NewRunner("")), guest: true}, nil
		}
	}
	return openData(ctx, w)
}

// importAll hands files in, reads them or waits until they are read, and tells how each went. bad counts those that brought nothing.
func (s *session) importAll(ctx context.Context, name string, files []string, out io.Writer) (bad int, err error) {
	a := s.app
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
		got, err := s.readOne(ctx, project, f.ID)
		if err != nil {
			return bad, err
		}
		fmt.Fprintf(out, "%-10s %s: %s\n", got.State, f.Name, got.Message)
		if got.State != "done" {
			bad++
		}
	}
	return bad, nil
}

// readOne reads a file that was handed in; a guest waits until the other has read it.
func (s *session) readOne(ctx context.Context, project, id int64) (store.ImportFile, error) {
	if !s.guest {
		return s.app.ReadStaged(ctx, project, id)
	}
	for {
		f, err := s.app.Store.ImportOf(ctx, project, id)
		if err != nil || !f.Open() {
			return f, err
		}
		select {
		case <-ctx.Done():
			return f, errors.New("stopped waiting; the Setfast that runs goes on reading")
		case <-time.After(100 * time.Millisecond):
		}
	}
}
