package main

import (
	"context"
	"fmt"
	"math/rand/v2"
	"sync"
	"time"
)

// people lets many work on one assembly, and then each on one of their own, and asks all the while whether the server is well.
func people(ctx context.Context, bin string, many int, span, pause time.Duration) (bool, error) {
	s, err := newServer(bin)
	if err != nil {
		return false, err
	}
	defer s.stop()
	if err := s.start(ctx); err != nil {
		return false, err
	}
	fmt.Printf("| at work | edits | refused, done again | busy | errors | lost | edit p50 | p95 | longest | healthz p99 | longest |\n|---|---|---|---|---|---|---|---|---|---|---|\n")
	all := true
	for _, shared := range []bool{true, false} {
		var asms []int64
		for i := range many {
			if shared && i > 0 {
				asms = append(asms, asms[0])
				continue
			}
			id, err := s.copyOf(ctx, 1, 1, fmt.Sprintf("Stand %d", i+1))
			if err != nil {
				return false, err
			}
			asms = append(asms, id)
		}
		ok, err := s.work(ctx, asms, span, pause, shared)
		if err != nil {
			return false, err
		}
		all = all && ok
	}
	return all, nil
}

func (s *server) work(ctx context.Context, asms []int64, span, pause time.Duration, shared bool) (bool, error) {
	sum := newTally()
	working, stop := context.WithTimeout(ctx, span)
	defer stop()
	var wg sync.WaitGroup
	for i, asm := range asms {
		wg.Go(func() {
			p := &person{s: s, name: fmt.Sprint("person ", i+1), number: i, asm: asm, rnd: rand.New(rand.NewPCG(1, uint64(i))), sum: sum}
			p.work(ctx, working, pause)
		})
	}
	var health []time.Duration
	ill := 0
	for working.Err() == nil {
		start := time.Now()
		if a, err := s.do(ctx, "GET", "/healthz", nil); err != nil || a.code != 200 {
			ill++
		}
		health = append(health, time.Since(start))
		time.Sleep(40 * time.Millisecond)
	}
	wg.Wait()
	lost, twice, err := sum.lost(ctx, s)
	if err != nil {
		return false, err
	}
	what := fmt.Sprintf("%d on %d assemblies", len(asms), len(asms))
	if shared {
		what = fmt.Sprintf("%d on one assembly", len(asms))
	}
	fmt.Printf("| %s, %v | %d | %d | %d | %d | %d | %v | %v | %v | %v | %v |\n", what, span, len(sum.took), sum.moved, sum.busy, sum.errors+ill, lost+twice,
		quantile(sum.took, 0.5), quantile(sum.took, 0.95), quantile(sum.took, 1), quantile(health, 0.99), quantile(health, 1))
	if sum.firstFail != "" {
		fmt.Println("first error:", sum.firstFail)
	}
	return sum.errors+ill+lost+twice == 0 && sum.broken == 0, nil
}
