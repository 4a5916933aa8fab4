package main

import (
	"context"
	"encoding/json"
	"fmt"
	"maps"
	"math/rand/v2"
	"slices"
	"strings"
	"sync"
	"time"
)

// person edits one assembly, one edit after another, and remembers what was acknowledged.
type person struct {
	s      *server
	name   string
	number int
	asm    int64
	rnd    *rand.Rand
	sum    *tally
	acked  func(asm, seq int64) // hears of what was acknowledged, where wanted

	st    state
	mates []string // the relations there are
	edits int
}

// tally adds up what persons met.
type tally struct {
	mu        sync.Mutex
	took      []time.Duration // from asking for an edit until it was acknowledged, all tries together
	done      map[int64]map[string]int64
	moved     int // refused because somebody was faster, and done on the new state
	busy      int // asked to try again in a moment
	broken    int // no answer
	errors    int
	firstFail string
}

func newTally() *tally { return &tally{done: map[int64]map[string]int64{}} }

func (t *tally) fail(format string, a ...any) {
	t.mu.Lock()
	defer t.mu.Unlock()
	t.errors++
	if t.firstFail == "" {
		t.firstFail = fmt.Sprintf(format, a...)
	}
}

// work edits now and then until the context ends.
func (p *person) work(ctx, working context.Context, pause time.Duration) {
	var err error
	if p.st, err = p.s.state(ctx, p.asm); err != nil {
		p.sum.fail("%v", err)
		return
	}
	for {
		select {
		case <-working.Done():
			return
		case <-time.After(time.Duration(float64(pause) * (0.5 + p.rnd.Float64()))):
		}
		if working.Err() == nil {
			p.edit(ctx, false)
		}
	}
}

// edit makes one edit that says who made it, so that it can be found in the log. patient goes on where the server is gone.
func (p *person) edit(ctx context.Context, patient bool) {
	p.edits++
	says := fmt.Sprintf("%s, edit %d", p.name, p.edits)
	act := map[string]any{"do": "title", "to": says, "token": strings.ReplaceAll(fmt.Sprintf("%s-%d-%08x", p.name, p.edits, p.rnd.Uint32()), " ", "-")}
	said := "name the assembly " + says
	if p.mates == nil {
		p.mates = slices.Sorted(maps.Keys(p.st.Mates))
	}
	if len(p.mates) > 0 && p.edits%10 != 0 { // mostly one that changes what is solved: a person works on a part of the whole
		m := p.mates[p.number%len(p.mates)]
		on := p.edits%2 == 0
		act = map[string]any{"do": "suppress", "relation": m, "on": on, "token": act["token"]}
		said = map[bool]string{true: "suppress ", false: "bring back "}[on] + m
	}
	start := time.Now()
	for try := 0; ctx.Err() == nil; try++ {
		act["base"] = p.st.Seq
		a, err := p.s.do(ctx, "POST", fmt.Sprintf("/a/%d/do", p.asm), act)
		p.sum.mu.Lock()
		switch {
		case err != nil:
			p.sum.broken++
		case a.code == 409:
			p.sum.moved++
		case a.code == 503:
			p.sum.busy++
		}
		p.sum.mu.Unlock()
		switch {
		case err != nil && patient, err == nil && a.code == 503:
			time.Sleep(time.Duration(50+p.rnd.IntN(150)) * time.Millisecond)
			continue
		case err != nil:
			if ctx.Err() == nil {
				p.sum.fail("%v", err)
			}
			return
		case a.code == 409:
			if st, err := p.s.state(ctx, p.asm); err == nil {
				p.st = st
			} else if !patient && ctx.Err() == nil {
				p.sum.fail("after a refusal: %v", err)
				return
			}
			continue
		case a.code != 200:
			p.sum.fail("%d %s", a.code, a.body)
			return
		}
		var st state
		if err := json.Unmarshal(a.body, &st); err != nil {
			p.sum.fail("%v", err)
			return
		}
		p.sum.mu.Lock()
		p.sum.took = append(p.sum.took, time.Since(start))
		if p.sum.done[p.asm] == nil {
			p.sum.done[p.asm] = map[string]int64{}
		}
		p.sum.done[p.asm][fmt.Sprintf("%d|%s", st.Seq, said)] = st.Seq
		p.sum.mu.Unlock()
		if p.acked != nil {
			p.acked(p.asm, st.Seq)
		}
		if st.Later {
			if now, err := p.s.state(ctx, p.asm); err == nil {
				st = now
			}
		}
		p.st = st
		return
	}
}

// lost counts acknowledged edits that the logs do not hold, and edits of one name that they hold twice.
func (t *tally) lost(ctx context.Context, s *server) (lost, twice int, err error) {
	for asm, done := range t.done {
		lines, err := s.lines(ctx, asm)
		if err != nil {
			return 0, 0, err
		}
		seen := map[string]int{}
		for _, said := range lines {
			if strings.HasPrefix(said, "name the assembly ") {
				if seen[said]++; seen[said] == 2 {
					twice++
				}
			}
		}
		for key, seq := range done {
			_, said, _ := strings.Cut(key, "|")
			// the answer to an act that was sent again tells the latest line, which may be a later one
			if lines[seq] != said && seen[said] == 0 && !slices.Contains(values(lines), said) {
				lost++
			}
		}
	}
	return lost, twice, nil
}

func values(m map[int64]string) (out []string) {
	for _, v := range m {
		out = append(out, v)
	}
	return out
}

func quantile(d []time.Duration, q float64) time.Duration {
	if len(d) == 0 {
		return 0
	}
	slices.Sort(d)
	return d[min(len(d)-1, int(q*float64(len(d))))].Round(100 * time.Microsecond)
}
