package main

import (
	"context"
	"fmt"
	"math/rand/v2"
	"sync"
	"syscall"
	"time"
)

// underKills lets some people write while the program, its database, or both are killed, and counts what is missing at the end.
func underKills(ctx context.Context, bin string, kills, writers int) (bool, error) {
	s, err := newServer(bin)
	if err != nil {
		return false, err
	}
	defer s.stop()
	if err := s.start(ctx); err != nil {
		return false, err
	}
	sum := newTally()
	working, stop := context.WithCancel(ctx)
	defer stop()
	var wg sync.WaitGroup
	for i := range writers {
		asm, err := s.copyOf(ctx, 1, 1, fmt.Sprintf("Stand %d", i+1))
		if err != nil {
			return false, err
		}
		wg.Go(func() {
			p := &person{s: s, name: fmt.Sprint("writer ", i+1), number: i, asm: asm, rnd: rand.New(rand.NewPCG(2, uint64(i))), sum: sum}
			for working.Err() == nil {
				if p.st, err = s.state(ctx, asm); err == nil {
					break
				}
			}
			for working.Err() == nil {
				p.edit(ctx, true)
				time.Sleep(time.Duration(p.rnd.IntN(20)) * time.Millisecond)
			}
		})
	}
	count := map[string]int{}
	var away []time.Duration
	for k := range kills {
		time.Sleep(time.Duration(200+rand.IntN(600)) * time.Millisecond)
		what := []string{"program", "database", "both"}[k%3]
		db, dbErr := s.database()
		start := time.Now()
		if what != "database" {
			_ = s.cmd.Process.Kill()
		}
		if what != "program" && dbErr == nil {
			_ = syscall.Kill(db, syscall.SIGKILL)
		}
		count[what]++
		if what != "database" {
			<-s.ended
			if err := s.start(ctx); err != nil {
				return false, err
			}
		} else if err := s.wellAgain(ctx); err != nil {
			return false, err
		}
		away = append(away, time.Since(start))
	}
	stop()
	wg.Wait()
	lost, twice, err := sum.lost(ctx, s)
	if err != nil {
		return false, err
	}
	fmt.Printf("| kills of program / database / both | edits acknowledged | lost | done twice | errors | away p50 | longest |\n|---|---|---|---|---|---|---|\n")
	fmt.Printf("| %d / %d / %d | %d | %d | %d | %d | %v | %v |\n", count["program"], count["database"], count["both"], len(sum.took), lost, twice, sum.errors, quantile(away, 0.5), quantile(away, 1))
	if sum.firstFail != "" {
		fmt.Println("first error:", sum.firstFail)
	}
	return lost+twice+sum.errors == 0, nil
}

// wellAgain waits until the program has its database back; where it gave up it is started again.
func (s *server) wellAgain(ctx context.Context) error {
	time.Sleep(50 * time.Millisecond)
	for deadline := time.Now().Add(60 * time.Second); time.Now().Before(deadline); time.Sleep(20 * time.Millisecond) {
		select {
		case <-s.ended:
			return s.start(ctx)
		default:
		}
		if a, err := s.do(ctx, "GET", "/healthz", nil); err == nil && a.code == 200 {
			return nil
		}
	}
	return fmt.Errorf("the database did not come back")
}
