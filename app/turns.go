package app

import (
	"context"
	"runtime"
	"sync"
	"time"

	"setfast/store"
)

// turns lets those who change one assembly follow one another, so that no work is done on a state that is about to be the one
// before the latest. It is for speed alone: the store refuses what was made on an older state, whoever made it.
type turns struct {
	mu  sync.Mutex
	who map[int64]*turn
}

type turn struct {
	free    chan struct{} // holds one token while nobody has the turn
	waiting int
}

// take waits for one's turn, for a bounded time.
func (t *turns) take(ctx context.Context, id int64, most time.Duration) (done func(), err error) {
	t.mu.Lock()
	if t.who == nil {
		t.who = map[int64]*turn{}
	}
	x := t.who[id]
	if x == nil {
		x = &turn{free: make(chan struct{}, 1)}
		x.free <- struct{}{}
		t.who[id] = x
	}
	x.waiting++
	t.mu.Unlock()
	leave := func() {
		t.mu.Lock()
		defer t.mu.Unlock()
		if x.waiting--; x.waiting == 0 {
			delete(t.who, id)
		}
	}
	if err := wait(ctx, x.free, most); err != nil {
		leave()
		return nil, err
	}
	return func() { x.free <- struct{}{}; leave() }, nil
}

// gate bounds how many accounts are worked out at once: as many as there are processors, so that one who waits is soon served
// and everything else the server does goes on beside it.
type gate chan struct{}

func newGate() gate {
	g := make(gate, max(2, runtime.GOMAXPROCS(0)))
	for range cap(g) {
		g <- struct{}{}
	}
	return g
}

func (g gate) take(ctx context.Context, most time.Duration) (done func(), err error) {
	if err := wait(ctx, g, most); err != nil {
		return nil, err
	}
	return func() { g <- struct{}{} }, nil
}

// wait takes a token, or says that it is busy here.
func wait(ctx context.Context, tokens <-chan struct{}, most time.Duration) error {
	select {
	case <-tokens:
		return nil
	default:
	}
	t := time.NewTimer(most)
	defer t.Stop()
	select {
	case <-tokens:
		return nil
	case <-t.C:
		return store.ErrBusy
	case <-ctx.Done():
		if ctx.Err() == context.DeadlineExceeded {
			return store.ErrBusy
		}
		return context.Cause(ctx)
	}
}
