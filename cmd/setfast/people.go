//go:build !lean

package main

import (
	"context"
	"errors"
	"fmt"
	"io"
	"os"
	"os/signal"
	"strings"
	"syscall"
	"text/tabwriter"

	"setfast/app/people"
	"setfast/store"
)

// runPeople tells who may sign in, and changes that, beside a Setfast that runs or without one.
func runPeople(c *call) int {
	var w where
	w.flags(c.FlagSet)
	at := c.String("address", "http://127.0.0.1:8420", "the `address` at which the server is reached, for links")
	asked := map[string]*string{}
	for _, x := range [][2]string{
		{"owner", "makes somebody of this `name` who looks after the server, and prints the link to come by"},
		{"add", "makes somebody of this `name`, and prints the link to come by"},
		{"reset", "prints a link by which the one of this `name` chooses another password"},
		{"bar", "keeps the one of this `name` from signing in"},
		{"let", "lets the one of this `name` in again"},
		{"administrator", "makes the one of this `name` an administrator"},
	} {
		asked[x[0]] = c.String(x[0], "", x[1])
	}
	if _, code, ok := c.files(0, 0); !ok {
		return code
	}
	do, name := "", ""
	for what, n := range asked {
		if *n == "" {
			continue
		}
		if do != "" {
			return c.bad("one thing at a time: --%s or --%s", min(do, what), max(do, what))
		}
		do, name = what, *n
	}
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	s, done, err := peopleOf(ctx, w)
	if err != nil {
		return c.fail("%v", err)
	}
	defer done()
	if do == "" {
		err = listPeople(ctx, s, c.out)
	} else {
		err = changePeople(ctx, s, do, name, strings.TrimSuffix(*at, "/"), c.out)
	}
	if err != nil {
		return c.fail("%v", err)
	}
	return 0
}

// peopleOf opens the database, whether a Setfast runs on it or not.
func peopleOf(ctx context.Context, w where) (s *store.Store, done func(), err error) {
	dsn, stop, err := w.reach(ctx)
	if err != nil {
		return nil, nil, err
	}
	if s, err = store.Open(ctx, dsn); err != nil {
		stop()
		return nil, nil, err
	}
	return s, func() { _ = s.Close(); stop() }, nil
}

func listPeople(ctx context.Context, s *store.Store, out io.Writer) error {
	list, err := s.People(ctx)
	if err != nil {
		return err
	}
	if len(list) == 0 {
		fmt.Fprintln(out, "Nobody can sign in yet; --owner NAME makes the owner.")
		return nil
	}
	t := tabwriter.NewWriter(out, 0, 0, 2, ' ', 0)
	for _, p := range list {
		state := "signs in"
		switch {
		case p.Barred:
			state = "barred"
		case p.Password == "":
			state = "has not come yet"
		case p.Chief:
			state = "administrator"
		}
		fmt.Fprintf(t, "%s\t%s\tsince %s\n", p.Name, state, p.Made.Format("2006-01-02"))
	}
	return t.Flush()
}

// changePeople does one thing with one person.
func changePeople(ctx context.Context, s *store.Store, do, name, at string, out io.Writer) error {
	d := people.New(s)
	const maker = "whoever runs this server"
	if do == "owner" || do == "add" {
		secret, err := d.Add(ctx, maker, name, do == "owner")
		if err == nil {
			fmt.Fprintf(out, "%s comes by this link, once, within a week: %s/join/%s\n", name, at, secret)
		}
		return err
	}
	p, err := s.PersonNamed(ctx, name)
	if errors.Is(err, store.ErrNotFound) {
		return fmt.Errorf("there is nobody called %q; without flags, people lists everybody", name)
	}
	if err != nil {
		return err
	}
	said := ""
	switch do {
	case "reset":
		var secret string
		if secret, err = d.Renew(ctx, maker, p.ID); err == nil {
			said = fmt.Sprintf("%s chooses another password by this link, once, within a day: %s/join/%s", p.Name, at, secret)
		}
	case "bar":
		said, err = p.Name+" cannot sign in any more", s.Bar(ctx, p.ID, true)
	case "let":
		said, err = p.Name+" can sign in again", s.Bar(ctx, p.ID, false)
	case "administrator":
		said, err = p.Name+" is an administrator", s.SetChief(ctx, p.ID, true)
	}
	if err == nil {
		fmt.Fprintln(out, said)
	}
	return err
}
