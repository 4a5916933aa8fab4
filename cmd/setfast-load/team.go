package main

import (
	"bufio"
	"context"
	"encoding/json"
	"fmt"
	"math/rand/v2"
	"net/http"
	"os"
	"path/filepath"
	"strconv"
	"strings"
	"sync"
	"time"

	"setfast/store"
	"setfast/store/private"
)

// seen tells how long after an edit was acknowledged to one it was told to the others.
type seen struct {
	mu    sync.Mutex
	acked map[[2]int64]time.Time // by assembly and line
	took  []time.Duration
	ended int // streams that broke off other than at their time
}

func (x *seen) ack(asm, seq int64) {
	x.mu.Lock()
	defer x.mu.Unlock()
	x.acked[[2]int64{asm, seq}] = time.Now()
}

// told is what a stream says: the latest line. One that was not acknowledged yet is known at once.
func (x *seen) told(asm, seq int64) {
	x.mu.Lock()
	defer x.mu.Unlock()
	if at, ok := x.acked[[2]int64{asm, seq}]; ok {
		x.took = append(x.took, time.Since(at))
	} else {
		x.took = append(x.took, 0)
	}
}

// follow keeps a stream open on an assembly, as a page does.
func (x *seen) follow(ctx context.Context, s *server, asm int64) {
	client := &http.Client{Transport: s.client.Transport}
	for ctx.Err() == nil {
		req, _ := http.NewRequestWithContext(ctx, "GET", fmt.Sprintf("%s/a/%d/live", s.base, asm), nil)
		r, err := client.Do(req)
		if err != nil {
			if ctx.Err() == nil {
				x.broke()
				time.Sleep(500 * time.Millisecond)
			}
			continue
		}
		begun := time.Now()
		first := true
		for lines := bufio.NewScanner(r.Body); lines.Scan(); {
			data, ok := strings.CutPrefix(lines.Text(), "data: ")
			var news struct{ Seq int64 }
			if !ok || json.Unmarshal([]byte(data), &news) != nil {
				continue
			}
			if !first { // the first says how it stands
				x.told(asm, news.Seq)
			}
			first = false
		}
		r.Body.Close()
		if ctx.Err() == nil && time.Since(begun) < time.Minute {
			x.broke()
		}
	}
}

func (x *seen) broke() {
	x.mu.Lock()
	defer x.mu.Unlock()
	x.ended++
}

// memory is what a process holds, MB.
func memory(pid int) int {
	data, _ := os.ReadFile(fmt.Sprintf("/proc/%d/status", pid))
	for line := range strings.Lines(string(data)) {
		if rest, ok := strings.CutPrefix(line, "VmRSS:"); ok {
			kb, _ := strconv.Atoi(strings.TrimSpace(strings.TrimSuffix(strings.TrimSpace(rest), "kB")))
			return kb >> 10
		}
	}
	return 0
}

// team lets many people work on some assemblies through two servers before one database, each with a stream open that tells what the others do.
func team(ctx context.Context, bin string, many, on int, span, pause time.Duration) (bool, error) {
	dir, err := os.MkdirTemp("", "setfast-team-")
	if err != nil {
		return false, err
	}
	defer os.RemoveAll(dir)
	db, err := private.Start(ctx, filepath.Join(dir, "db"))
	if err != nil {
		return false, err
	}
	defer db.Stop()
	dsn := store.DSN("unix", db.Socket, "root", "", "setfast")
	var servers []*server
	for _, as := range []string{"demo", "serve"} {
		s, err := newServer(bin, as, "--solo", "--database", dsn)
		if err != nil {
			return false, err
		}
		defer s.stop()
		if err := s.start(ctx); err != nil {
			return false, err
		}
		servers = append(servers, s)
	}
	var asms []int64
	for i := range on {
		id, err := servers[0].copyOf(ctx, 1, 1, fmt.Sprintf("Stand %d", i+1))
		if err != nil {
			return false, err
		}
		asms = append(asms, id)
	}
	sum, x := newTally(), &seen{acked: map[[2]int64]time.Time{}}
	working, stop := context.WithTimeout(ctx, span)
	defer stop()
	var wg sync.WaitGroup
	for i := range many {
		s, asm := servers[i%2], asms[i/2%on] // those on one assembly are at both
		wg.Go(func() { x.follow(working, s, asm) })
		wg.Go(func() {
			p := &person{s: s, name: fmt.Sprint("person ", i+1), number: i, asm: asm, rnd: rand.New(rand.NewPCG(1, uint64(i))), sum: sum, acked: x.ack}
			p.work(ctx, working, pause)
		})
	}
	early, late := [3]int{}, [3]int{}
	now := func() [3]int {
		return [3]int{memory(servers[0].cmd.Process.Pid), memory(servers[1].cmd.Process.Pid), memory(db.PID())}
	}
	select {
	case <-working.Done():
	case <-time.After(span / 5):
	}
	early = now()
	<-working.Done()
	late = now()
	wg.Wait()
	lost, twice, err := sum.lost(ctx, servers[1])
	if err != nil {
		return false, err
	}
	fmt.Println("| at work | edits | refused, done again | busy | errors | lost | edit p50 | p95 | longest | seen by others p95 | longest | servers, database after a fifth, MB | at the end |\n|---|---|---|---|---|---|---|---|---|---|---|---|---|")
	fmt.Printf("| %d on %d assemblies through two servers, %v | %d | %d | %d | %d | %d | %v | %v | %v | %v | %v | %d, %d, %d | %d, %d, %d |\n", many, on, span, len(sum.took), sum.moved, sum.busy, sum.errors+x.ended, lost+twice,
		quantile(sum.took, 0.5), quantile(sum.took, 0.95), quantile(sum.took, 1), quantile(x.took, 0.95), quantile(x.took, 1), early[0], early[1], early[2], late[0], late[1], late[2])
	if sum.firstFail != "" {
		fmt.Println("first error:", sum.firstFail)
	}
	return sum.errors+x.ended+lost+twice == 0 && sum.broken == 0 && quantile(sum.took, 0.95) < 500*time.Millisecond, nil
}
