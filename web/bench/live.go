package bench

import (
	"bytes"
	"context"
	"encoding/json"
	"fmt"
	"maps"
	"net/http"
	"slices"
	"sync"
	"time"

	"github.com/labstack/echo/v5"

	"setfast/store"
	"setfast/web/ask"
)

// How often the database is asked what is new in what is watched, how often a stream says that it is alive, how long it is, and how long a page whose
// stream was closed may take to say that it is there all the same.
const (
	lookEvery  = 300 * time.Millisecond
	aliveEvery = 15 * time.Second
	streamTime = 80 * time.Second // shorter than a request may take; the page opens the next at once
	wordAfter  = 3 * time.Second
)

// watch tells pages what is new in the assemblies that they show. It asks the database, so that any number of servers may stand before it.
type watch struct {
	store   *store.Store
	mu      sync.Mutex
	pages   map[int64]map[chan news]bool
	running bool
	ended   chan struct{}
	end     sync.Once
}

// news is the latest line of an assembly, and who is there.
type news struct {
	seq  int64
	here []byte
}

func newWatch(s *store.Store) *watch {
	return &watch{store: s, pages: map[int64]map[chan news]bool{}, ended: make(chan struct{})}
}

// stop ends all streams: the server is about to.
func (w *watch) stop() { w.end.Do(func() { close(w.ended) }) }

// follow gives what is new in an assembly until it is left; of what nobody has taken yet the latest counts.
func (w *watch) follow(id int64) (ch chan news, leave func()) {
	ch = make(chan news, 1)
	w.mu.Lock()
	defer w.mu.Unlock()
	if w.pages[id] == nil {
		w.pages[id] = map[chan news]bool{}
	}
	w.pages[id][ch] = true
	if !w.running {
		w.running = true
		go w.run()
	}
	return ch, func() {
		w.mu.Lock()
		defer w.mu.Unlock()
		if delete(w.pages[id], ch); len(w.pages[id]) == 0 {
			delete(w.pages, id)
		}
	}
}

// run asks as long as anybody watches.
func (w *watch) run() {
	last := map[int64]news{}
	told := map[chan news]bool{}
	for {
		w.mu.Lock()
		ids := slices.Collect(maps.Keys(w.pages))
		if len(ids) == 0 {
			w.running = false
			w.mu.Unlock()
			return
		}
		w.mu.Unlock()
		if now, err := w.ask(ids); err == nil { // who is away is asked again
			w.tell(now, last, told)
			last = now
		}
		select {
		case <-w.ended:
			return
		case <-time.After(lookEvery):
		}
	}
}

func (w *watch) ask(ids []int64) (map[int64]news, error) {
	ctx, cancel := context.WithTimeout(context.Background(), 5*time.Second)
	defer cancel()
	seqs, here, err := w.store.Latest(ctx, ids)
	if err != nil {
		return nil, err
	}
	out := make(map[int64]news, len(seqs))
	for id, seq := range seqs {
		data, err := json.Marshal(here[id])
		if err != nil {
			return nil, err
		}
		out[id] = news{seq, data}
	}
	return out, nil
}

// tell hands on what differs from before, and all of it to who has come since.
func (w *watch) tell(now, last map[int64]news, told map[chan news]bool) {
	w.mu.Lock()
	defer w.mu.Unlock()
	there := map[chan news]bool{}
	for id, chs := range w.pages {
		n, ok := now[id]
		for ch := range chs {
			there[ch] = true
			if !ok || told[ch] && n.seq == last[id].seq && bytes.Equal(n.here, last[id].here) {
				continue
			}
			told[ch] = true
			select {
			case <-ch: // what was not taken is old
			default:
			}
			ch <- n
		}
	}
	maps.DeleteFunc(told, func(ch chan news, _ bool) bool { return !there[ch] })
}

// live streams what is new in an assembly: the latest line, and who else has it open, as server-sent events.
func (b *Bench) live(c *echo.Context, n int64) error {
	if _, err := b.App.Store.Assembly(c.Request().Context(), n); err != nil {
		return err
	}
	h := c.Response().Header()
	h.Set("Content-Type", "text/event-stream")
	h.Set("X-Accel-Buffering", "no")
	w, flush := ask.Steady(c), http.NewResponseController(c.Response())
	ch, leave := b.watch.follow(n)
	defer leave()
	over := time.After(streamTime)
	alive := time.NewTicker(aliveEvery)
	defer alive.Stop()
	_, err := fmt.Fprint(w, "retry: 500\n\n")
	for err == nil && flush.Flush() == nil {
		select {
		case x := <-ch:
			_, err = fmt.Fprintf(w, "data: {\"seq\": %d, \"here\": %s}\n\n", x.seq, x.here)
		case <-alive.C:
			_, err = fmt.Fprint(w, ":\n\n")
		case <-over:
			return nil
		case <-b.watch.ended:
			return nil
		case <-c.Request().Context().Done():
			err = c.Request().Context().Err()
		}
	}
	go b.closed(c.QueryParam("page"), n)
	return nil // who has gone is told nothing
}

// closed counts a page as gone whose stream was closed and that says nothing more: a browser that is ended does not always say so.
func (b *Bench) closed(page string, n int64) {
	select {
	case <-b.watch.ended:
	case <-time.After(wordAfter):
		ctx, cancel := context.WithTimeout(context.Background(), 5*time.Second)
		defer cancel()
		if err := b.App.Store.Silent(ctx, page, n, wordAfter); err != nil {
			b.Log.Warn("a page that has gone is told as there for a while", "err", err)
		}
	}
}

// mostHand is how many components in hand are told.
const mostHand = 12

// here says that a page is there, and what is in hand there.
func (b *Bench) here(c *echo.Context, n int64) error {
	var in struct {
		Page string   `json:"page"`
		Hand []string `json:"hand"`
		Gone bool     `json:"gone"`
	}
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	if len(in.Page) != 32 {
		return ask.Refuse("a page has a name of 32 letters")
	}
	if in.Gone {
		if err := b.App.Store.Left(c.Request().Context(), in.Page); err != nil {
			return err
		}
		return c.NoContent(http.StatusNoContent)
	}
	p := store.Present{Page: in.Page, Assembly: n, Who: ask.Who(c).Name, Hand: []string{}}
	for _, name := range in.Hand[:min(len(in.Hand), mostHand)] {
		p.Hand = append(p.Hand, name[:min(len(name), 80)])
	}
	if err := b.App.Store.Here(c.Request().Context(), p); err != nil {
		return err
	}
	return c.NoContent(http.StatusNoContent)
}

// Stop ends what pages are told as it happens.
func (b *Bench) Stop() { b.watch.stop() }
