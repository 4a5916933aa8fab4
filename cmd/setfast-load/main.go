// Command setfast-load tries a Setfast under load and under kills, on a server that it starts itself on this machine, and prints
// what it found as the tables of docs/reliability.md. It ends by itself, and with 1 where anything was lost or refused.
//
//	go run ./cmd/setfast-load people [-people 50] [-for 60s]   many at work on one assembly, and each on one of their own
//	go run ./cmd/setfast-load team [-people 200] [-for 10m]    many on some assemblies through two servers on one database, each with a stream open
//	go run ./cmd/setfast-load kills [-kills 100]               the program, its database and both killed, again and again
package main

import (
	"context"
	"flag"
	"fmt"
	"os"
	"os/signal"
	"syscall"
	"time"
)

func main() {
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	if len(os.Args) < 2 {
		fmt.Fprintln(os.Stderr, "usage: setfast-load people|team|kills [flags]")
		os.Exit(2)
	}
	fs := flag.NewFlagSet(os.Args[1], flag.ExitOnError)
	bin := fs.String("bin", "bin/setfast", "the `program`, built by ./setfast")
	var ok bool
	var err error
	switch os.Args[1] {
	case "people":
		many := fs.Int("people", 50, "how many on one assembly, and how many on one of their own")
		span := fs.Duration("for", time.Minute, "how long each of both")
		pause := fs.Duration("pause", 2*time.Second, "between two edits of one person, on average")
		_ = fs.Parse(os.Args[2:])
		ok, err = people(ctx, *bin, *many, *span, *pause)
	case "team":
		many := fs.Int("people", 200, "how many")
		asms := fs.Int("assemblies", 50, "on how many assemblies")
		span := fs.Duration("for", 10*time.Minute, "how long")
		pause := fs.Duration("pause", 8*time.Second, "between two edits of one person, on average")
		_ = fs.Parse(os.Args[2:])
		ok, err = team(ctx, *bin, *many, *asms, *span, *pause)
	case "kills":
		kills := fs.Int("kills", 100, "how many")
		writers := fs.Int("people", 8, "how many write meanwhile")
		_ = fs.Parse(os.Args[2:])
		ok, err = underKills(ctx, *bin, *kills, *writers)
	default:
		err = fmt.Errorf("there is no %q", os.Args[1])
	}
	if err != nil {
		fmt.Fprintln(os.Stderr, "setfast-load:", err)
		os.Exit(2)
	}
	if !ok {
		os.Exit(1)
	}
}
