package app

import (
	"bytes"
	"compress/gzip"
	"context"
	"encoding/json"
	"errors"
	"io"
	"runtime"
	"runtime/debug"
	"sync"
	"sync/atomic"
	"time"

	"setfast/app/words"
	"setfast/store"
)

// Long work stands in the database as jobs: whatever server is free does it, whoever asked for it sees how far it is and may call it off, one that dies is taken up
// again elsewhere, and what two ask for alike is done once.

// JobKind works on a job of its kind; what it gives is what whoever asked reads, as JSON.
type JobKind func(ctx context.Context, a *App, args []byte, tell func(gone float64)) (any, error)

var jobKinds = map[string]JobKind{"run": runJob}

// Jobs lets there be a kind of job, as the package that knows it is initialised.
func Jobs(kind string, does JobKind) struct{} {
	jobKinds[kind] = does
	return struct{}{}
}

const (
	mostJobTries = 3
	mostBusy     = 6                      // times that a processor is waited for
	jobBeat      = 300 * time.Millisecond // between two words on how far it is
	jobLook      = 100 * time.Millisecond // between two looks at how far it is
	jobWait      = 500 * time.Millisecond // between two looks for work
)

// jobs are what this program does of them.
type jobs struct {
	on    atomic.Bool
	nudge chan struct{}
	mu    sync.Mutex
	over  map[int64]chan struct{} // of those that are waited for here: closed once they are over, where they were done here
}

// RunJobs does jobs until the context ends.
func (a *App) RunJobs(ctx context.Context) {
	a.jobs.on.Store(true)
	defer a.jobs.on.Store(false)
	var working sync.WaitGroup
	defer working.Wait()
	slots := make(chan struct{}, max(2, runtime.GOMAXPROCS(0)))
	tidied := time.Now()
	for ctx.Err() == nil {
		for len(slots) < cap(slots) {
			j, ok, err := a.Store.TakeJob(ctx)
			if err != nil && ctx.Err() == nil {
				a.Log.Warn("the list of jobs is not to be had", "error", err)
			}
			if err != nil || !ok {
				break
			}
			slots <- struct{}{}
			working.Go(func() {
				defer a.jobs.wake()
				defer func() { <-slots }()
				a.work1(ctx, j)
			})
		}
		select {
		case <-ctx.Done():
		case <-a.jobs.nudge:
		case <-time.After(jobWait):
		}
		if time.Since(tidied) > 5*time.Second {
			tidied = time.Now()
			if err := a.Store.TidyJobs(ctx, mostJobTries); err != nil && ctx.Err() == nil {
				a.Log.Warn("jobs were not tidied", "error", err)
			}
		}
	}
}

// DoesJobs tells whether this program does jobs.
func (a *App) DoesJobs() bool { return a.jobs.on.Load() }

func (q *jobs) wake() {
	select {
	case q.nudge <- struct{}{}:
	default:
	}
}

// work1 does one job; nothing of it may end the program.
func (a *App) work1(ctx context.Context, j store.Job) {
	own, cancel := context.WithCancelCause(ctx)
	defer cancel(nil)
	var gone atomic.Uint64 // in millionths
	var beating sync.WaitGroup
	ended := make(chan struct{})
	beating.Go(func() {
		for {
			select {
			case <-ended:
				return
			case <-time.After(jobBeat):
				if on, err := a.Store.JobGone(own, j, float64(gone.Load())/1e6); err == nil && !on {
					cancel(errCancelled)
				}
			}
		}
	})
	answer, err := a.safely(own, j, func(f float64) { gone.Store(uint64(max(0, min(1, f)) * 1e6)) })
	close(ended)
	beating.Wait()
	if ctx.Err() != nil || errors.Is(context.Cause(own), errCancelled) {
		return // at the end of the program it is taken up elsewhere, or at the next start
	}
	var ue *UserError
	j.State, j.Answer = "done", answer
	switch {
	case errors.As(err, &ue):
		j.State, j.Answer, j.Message = "failed", nil, ue.Msg
	case errors.Is(err, store.ErrBusy), errors.Is(err, store.ErrNotFound):
		j.State, j.Answer, j.Message = "failed", nil, err.Error()
	case err != nil:
		a.Log.Error("a job was not done", "kind", j.Kind, "error", err)
		j.State, j.Answer, j.Message = "failed", nil, "something went wrong here; nothing was lost, try again"
	}
	if err := a.Store.EndJob(context.WithoutCancel(ctx), j); err != nil {
		a.Log.Warn("what came of a job was not kept", "kind", j.Kind, "error", err)
	}
	a.jobs.mu.Lock()
	defer a.jobs.mu.Unlock()
	if over := a.jobs.over[j.ID]; over != nil {
		close(over)
		delete(a.jobs.over, j.ID)
	}
}

func (a *App) safely(ctx context.Context, j store.Job, tell func(float64)) (answer []byte, err error) {
	defer func() {
		if r := recover(); r != nil {
			a.Log.Error("a job broke down", "kind", j.Kind, "panic", r, "stack", string(debug.Stack()))
			err = words.Refuse("working this out broke down here; nothing was changed")
		}
	}()
	kind := jobKinds[j.Kind]
	if kind == nil {
		return nil, words.Refuse("this server does not know the work %q", j.Kind)
	}
	out, err := kind(ctx, a, []byte(j.Args), tell)
	for try := 1; errors.Is(err, store.ErrBusy) && try < mostBusy && ctx.Err() == nil; try++ { // whoever asked sees that it waits
		out, err = kind(ctx, a, []byte(j.Args), tell)
	}
	if err != nil {
		return nil, err
	}
	var packed bytes.Buffer
	z, _ := gzip.NewWriterLevel(&packed, gzip.BestSpeed)
	if err := errors.Join(json.NewEncoder(z).Encode(out), z.Close()); err != nil {
		return nil, err
	}
	return packed.Bytes(), nil
}

// Await has a job done and reads its answer; tell, where given, hears how far it is. Who does not wait any longer calls it off, unless others wait for the same.
// Where no server does jobs, as in a program that is not one, it is done right here.
func (a *App) Await(ctx context.Context, project int64, kind string, args any, tell func(gone float64), out any) error {
	data, err := json.Marshal(args)
	if err != nil {
		return err
	}
	if tell == nil {
		tell = func(float64) {}
	}
	if !a.jobs.on.Load() {
		got, err := jobKinds[kind](ctx, a, data, tell)
		if err != nil {
			return err
		}
		plain, err := json.Marshal(got)
		if err == nil {
			err = json.Unmarshal(plain, out)
		}
		return err
	}
	id, err := a.Store.AddJob(ctx, store.Job{Project: project, Kind: kind, Args: string(data)})
	if err != nil {
		return err
	}
	defer func() { _ = a.Store.LeaveJob(context.WithoutCancel(ctx), id) }()
	over := a.jobs.waitFor(id)
	a.jobs.wake()
	for {
		select {
		case <-ctx.Done():
			return context.Cause(ctx)
		case <-over:
			over = nil
		case <-time.After(jobLook):
		}
		j, err := a.Store.Job(ctx, id)
		if err != nil {
			return err
		}
		if !j.Over() {
			tell(j.Gone)
			continue
		}
		switch {
		case j.State == "done":
		case j.Message == store.ErrNotFound.Error():
			return store.ErrNotFound
		case j.Message == store.ErrBusy.Error():
			return store.ErrBusy
		default:
			return words.Refuse("%s", j.Message)
		}
		z, err := gzip.NewReader(bytes.NewReader(j.Answer))
		if err != nil {
			return err
		}
		plain, err := io.ReadAll(z)
		if err != nil {
			return err
		}
		return json.Unmarshal(plain, out)
	}
}

// waitFor gives what is closed once a job that is done here is over.
func (q *jobs) waitFor(id int64) <-chan struct{} {
	q.mu.Lock()
	defer q.mu.Unlock()
	if q.over[id] == nil {
		if len(q.over) > 1000 { // of those that were done elsewhere
			clear(q.over)
		}
		q.over[id] = make(chan struct{})
	}
	return q.over[id]
}
