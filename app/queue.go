package app

import (
	"context"
	"runtime/debug"
	"setfast/app/words"
	"sync"
	"time"

	"setfast/kernel"
	"setfast/store"
)

// queue reads the files that were handed in, whether or not anybody waits for them: a few at once, and always next one of the
// project for which the fewest are being read, so that no project waits for another's hundred files.
type queue struct {
	app    *App
	nudge  chan struct{}
	mu     sync.Mutex
	cancel map[int64]context.CancelCauseFunc // of the files being read here
}

// mostTries is how often reading a file is begun where the end of the program broke it off.
const mostTries = 3

var errCancelled = words.Refuse("cancelled")

func newQueue(a *App) *queue {
	return &queue{app: a, nudge: make(chan struct{}, 1), cancel: map[int64]context.CancelCauseFunc{}}
}

func (q *queue) wake() {
	select {
	case q.nudge <- struct{}{}:
	default:
	}
}

// How often it is looked for files whose reader is gone, and said that one is still being read.
const (
	lookForBroken = 5 * time.Second
	sayReading    = 4 * time.Second
)

// ReadUploads reads what is handed in until the context ends, and first what an earlier program left unread; what another server of the same database died over too,
// after a while.
func (a *App) ReadUploads(ctx context.Context) error {
	if err := a.Store.Requeue(ctx, mostTries, a.Alone); err != nil {
		return err
	}
	q := a.queue
	q.wake()
	var running sync.WaitGroup
	defer running.Wait()
	slots := make(chan struct{}, kernel.AtOnce)
	for {
		select {
		case <-ctx.Done():
			return nil
		case <-q.nudge:
		case <-time.After(lookForBroken): // a nudge may have been lost with an error, or another server's file be left
			if err := a.Store.Requeue(ctx, mostTries, false); err != nil && ctx.Err() == nil {
				a.Log.Warn("it was not looked for files whose reading broke off", "error", err)
			}
		}
		for ctx.Err() == nil && len(slots) < cap(slots) {
			f, ok := q.next(ctx)
			if !ok {
				break
			}
			slots <- struct{}{}
			running.Go(func() {
				defer q.wake()
				defer func() { <-slots }()
				q.read(ctx, f)
			})
		}
	}
}

// next claims the file to be read next, if any waits.
func (q *queue) next(ctx context.Context) (store.ImportFile, bool) {
	list, err := q.app.Store.Unread(ctx)
	if err != nil {
		q.app.Log.Warn("the list of files to read is not to be had", "error", err)
		return store.ImportFile{}, false
	}
	busy := map[int64]int{} // per project, at all servers
	for _, f := range list {
		if f.State == "reading" {
			busy[f.ProjectID]++
		}
	}
	best := -1
	for i, f := range list {
		if f.State == "waiting" && (best < 0 || busy[f.ProjectID] < busy[list[best].ProjectID]) {
			best = i
		}
	}
	if best < 0 {
		return store.ImportFile{}, false
	}
	f := list[best]
	if ok, err := q.app.Store.ClaimImport(ctx, f.ID); err != nil || !ok {
		return store.ImportFile{}, false
	}
	return f, true
}

// read reads one file; it may be called off.
func (q *queue) read(ctx context.Context, f store.ImportFile) {
	own, cancel := context.WithCancelCause(ctx)
	defer cancel(nil)
	q.mu.Lock()
	q.cancel[f.ID] = cancel
	q.mu.Unlock()
	err := q.readSafely(own, f)
	q.mu.Lock()
	delete(q.cancel, f.ID)
	q.mu.Unlock()
	if err != nil && ctx.Err() == nil { // at the end of the program it stays as it is, and is read at the next start
		q.app.Log.Error("a file was not read", "file", f.Name, "error", err)
	}
}

// sayReading says that a file is still being read, until it is; where it was called off at another server, it is here too.
func (a *App) sayReading(ctx context.Context, f store.ImportFile, cancel context.CancelCauseFunc) {
	tick := time.NewTicker(sayReading)
	defer tick.Stop()
	for {
		select {
		case <-ctx.Done():
			return
		case <-tick.C:
			if on, err := a.Store.StillReading(ctx, f.ID, f.Tries+1); err == nil && !on {
				cancel(errCancelled)
				return
			}
		}
	}
}

// readSafely reads a file of which nothing may end the program.
func (q *queue) readSafely(ctx context.Context, f store.ImportFile) (err error) {
	defer func() {
		if r := recover(); r != nil {
			q.app.Log.Error("reading a file broke down", "file", f.Name, "panic", r, "stack", string(debug.Stack()))
			f.State, f.Message = "failed", "reading it broke down here; the file was not taken"
			err = q.app.Store.SetImport(context.WithoutCancel(ctx), f)
		}
	}()
	_, err = q.app.readClaimed(ctx, f)
	return err
}

// CancelImport ends the waiting or reading of a file of a project.
func (a *App) CancelImport(ctx context.Context, project, id int64) error {
	ok, err := a.Store.CancelImport(ctx, project, id)
	if err != nil {
		return err
	}
	if !ok {
		return words.Refuse("it was over already")
	}
	a.queue.mu.Lock()
	defer a.queue.mu.Unlock()
	if cancel := a.queue.cancel[id]; cancel != nil {
		cancel(errCancelled)
	}
	a.queue.wake()
	return nil
}

// Progress is how far a file is.
type Progress struct {
	store.ImportFile
	Ahead   int           // files that will be begun before it, about
	Reading time.Duration // for how long it has been read
}

// Progress tells how far the files of a batch are.
func (a *App) Progress(ctx context.Context, batch string) ([]Progress, error) {
	files, err := a.Store.Imports(ctx, batch)
	if err != nil || len(files) == 0 {
		return nil, err
	}
	unread, err := a.Store.Unread(ctx)
	if err != nil {
		return nil, err
	}
	names := map[int64]string{}
	for _, f := range files {
		names[f.ID] = f.Name
	}
	var out []Progress
	for _, f := range files {
		p := Progress{ImportFile: f}
		switch f.State {
		case "reading":
			p.Reading = max(0, time.Since(f.Started))
		case "with":
			p.Message = "with " + names[f.Within]
		case "waiting":
			for _, o := range unread {
				if o.State == "waiting" && o.ProjectID == f.ProjectID && o.ID < f.ID {
					p.Ahead++
				}
			}
		}
		out = append(out, p)
	}
	return out, nil
}
