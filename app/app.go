// Package app joins the rooms: it brings files in, makes documents of what the store holds, and posts edits with what
// follows from them. Everything it computes it computes before the database is asked to write, and nothing waits without bound.
package app

import (
	"context"
	"fmt"
	"log/slog"
	"strconv"
	"sync"
	"time"

	"setfast/app/words"
	"setfast/core/clash"
	"setfast/core/explode"
	"setfast/core/part"
	"setfast/core/supply"
	"setfast/core/view"
	"setfast/kernel"
	"setfast/store"
)

// Limits bound what one request, one file and one project may take. Zero stands for the usual.
type Limits struct {
	Check    time.Duration // working out an account before an act is refused; 20 s
	Open     time.Duration // working out the account of what is opened; 60 s
	Wait     time.Duration // for one's turn; 8 s
	Upload   int64         // bytes handed in at once; 500 MB
	Project  int64         // bytes a project may keep; 10 GB
	Projects int           // that one person may own; 200
	Spare    int64         // bytes that must stay free on the disk for files to be taken in; 400 MB
}

func (l Limits) filled() Limits {
	or := func(d *time.Duration, usual time.Duration) {
		if *d == 0 {
			*d = usual
		}
	}
	some := func(n *int64, usual int64) {
		if *n == 0 {
			*n = usual
		}
	}
	or(&l.Check, 20*time.Second)
	or(&l.Open, 60*time.Second)
	or(&l.Wait, 8*time.Second)
	some(&l.Upload, 500<<20)
	some(&l.Project, 10<<30)
	some(&l.Spare, 400<<20)
	if l.Projects == 0 {
		l.Projects = 200
	}
	return l
}

// App is the application without its interface. It may be used from many goroutines at once.
type App struct {
	Store  *store.Store
	Kernel *kernel.Runner // nil where shapes cannot be read
	Log    *slog.Logger
	Limits Limits
	// Supplier sells fasteners; the one that is made up where none is named.
	Supplier *supply.Supplier
	Dir      string // where uploads wait; empty: the system's temporary folder
	Alone    bool   // nobody else serves the database
	// HooksTo are the addresses, host or host:port, that may be told of verdicts.
	HooksTo []string

	turns turns
	gate  gate
	queue *queue
	jobs  jobs

	mu        sync.Mutex
	derived   map[string]*shape       // by content: never stale
	solids    map[string]*clash.Solid // the same, for clashes
	shapes    map[string]*view.Shape  // the same, for drawings
	taken     map[way]*explode.Exploded
	fine      map[string]*clash.Solid // by finer triangles, for motions
	looked    *clash.Known
	judged    map[int64]*Judged // the latest of each assembly, good as long as nothing it was made of has changed
	fasteners map[string]int64  // parts made of tables, by project and designation
}

type shape struct {
	d *kernel.Derived
	p *part.Part
}

// New makes an application on a store with the usual limits.
func New(s *store.Store, k *kernel.Runner) *App {
	a := &App{Store: s, Kernel: k, Log: slog.New(slog.DiscardHandler), Limits: Limits{}.filled(), Supplier: supply.MadeUp(), gate: newGate(), derived: map[string]*shape{}, solids: map[string]*clash.Solid{}, shapes: map[string]*view.Shape{}, taken: map[way]*explode.Exploded{}, fine: map[string]*clash.Solid{}, looked: clash.NewKnown(), judged: map[int64]*Judged{}, fasteners: map[string]int64{}}
	a.queue = newQueue(a)
	a.jobs.nudge, a.jobs.over = make(chan struct{}, 1), map[int64]chan struct{}{}
	return a
}

// UserError is a mistake of the user's, to be shown as it is.
type UserError = words.Refusal

// Keys by which a document names parts and assemblies of the store.
func PartKey(id int64) string     { return "p" + strconv.FormatInt(id, 10) }
func AssemblyKey(id int64) string { return "a" + strconv.FormatInt(id, 10) }

// KeyID reads a key back; it takes the one way a key is written and no other.
func KeyID(key string) (id int64, isPart bool, err error) {
	if len(key) < 2 || key[0] != 'p' && key[0] != 'a' {
		return 0, false, fmt.Errorf("%q names neither a part nor an assembly", key)
	}
	id, err = strconv.ParseInt(key[1:], 10, 64)
	if err != nil || id <= 0 || strconv.FormatInt(id, 10) != key[1:] {
		return 0, false, fmt.Errorf("%q names neither a part nor an assembly", key)
	}
	return id, key[0] == 'p', nil
}

// What is kept in memory; beyond it everything is dropped and read again.
const (
	mostShapes = 2000
	mostJudged = 100
)

// Derived gives the derived data of a part.
func (a *App) Derived(ctx context.Context, sha string) (*kernel.Derived, *part.Part, error) {
	a.mu.Lock()
	s := a.derived[sha]
	a.mu.Unlock()
	if s != nil {
		return s.d, s.p, nil
	}
	data, err := a.Store.BlobHead(ctx, sha)
	if err != nil {
		return nil, nil, err
	}
	d, err := kernel.DecodeDerived(data)
	if err != nil { // a head of more than one piece
		if data, err = a.Store.Blob(ctx, sha); err != nil {
			return nil, nil, err
		}
		if d, err = kernel.DecodeDerived(data); err != nil {
			return nil, nil, err
		}
	}
	s = &shape{d, d.Part()}
	a.mu.Lock()
	defer a.mu.Unlock()
	if len(a.derived) > mostShapes {
		clear(a.derived)
	}
	a.derived[sha] = s
	return s.d, s.p, nil
}
