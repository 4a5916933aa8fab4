package app

import (
	"context"
	"errors"
	"slices"

	"setfast/app/words"
	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/report"
	"setfast/core/seat"
	"setfast/store"
)

// Judged is an assembly with its account. It is shared and never changed.
type Judged struct {
	ID, Seq    int64
	Doc        *assembly.Document
	Asm        *assembly.Assembly // as it is said, with what is missing and what stacks stand for
	Parts      map[string]store.Part
	Report     *report.Report
	Result     *report.Result
	Gaps       []Gap
	Undo, Redo store.Top

	account *account.Account
	of      *gathered
}

// Swing shows the k-th motion of the account: poses of all components, in the order of its lines, from end to end.
func (j *Judged) Swing(k int) [][]geom.Pose { return j.account.Swing(k) }

// Coordinates are those of the joints in force where they stand, by relation and name: mm and degrees.
func (j *Judged) Coordinates() map[string]map[string]float64 { return j.account.Coordinates() }

// WaysIn tells how components came to their seats, by name.
func (j *Judged) WaysIn(ctx context.Context) map[string]seat.WayIn {
	return seat.WaysIn(ctx, j.account)
}

// Incomplete is the verdict on an assembly of which something is missing.
const Incomplete report.Verdict = "incomplete"

// Verdict is that of the account; nothing of which something is missing passes.
func (j *Judged) Verdict() report.Verdict {
	if len(j.Gaps) > 0 {
		return Incomplete
	}
	return j.Report.Verdict
}

// Judge takes the account of an assembly as it stands.
func (a *App) Judge(ctx context.Context, id int64) (*Judged, error) {
	g, err := a.gathered(ctx, id)
	if err != nil {
		return nil, err
	}
	if j := a.known(g); j != nil {
		return j, nil
	}
	done, err := a.turns.take(ctx, id, a.Limits.Wait) // of many who look at once, one works it out
	if err != nil {
		return nil, err
	}
	defer done()
	return a.judge(ctx, g.state)
}

// judge takes the account of a state by whose turn it is.
func (a *App) judge(ctx context.Context, st store.State) (*Judged, error) {
	g, err := a.gather(ctx, st, nil)
	if err != nil {
		return nil, err
	}
	if j := a.known(g); j != nil {
		return j, nil
	}
	limited, cancel := context.WithTimeout(ctx, a.Limits.Open)
	defer cancel()
	if err := a.lay(limited, g); err != nil {
		return nil, err
	}
	taken, err := a.check(limited, g)
	if err != nil {
		return nil, err
	}
	j := a.remember(g, taken)
	if err := a.Store.SetVerdict(ctx, st.ID, st.Seq, string(j.Verdict())); err != nil {
		a.Log.Warn("a verdict was not noted", "assembly", st.ID, "error", err) // lists take it anew
	}
	return j, nil
}

// check works an account out, no more at once than there are processors.
func (a *App) check(ctx context.Context, g *gathered) (*account.Account, error) {
	var taken *account.Account
	err := a.work(ctx, func() (err error) {
		taken, err = account.TakeAtRest(ctx, g.laid.doc, g.laid.doc.Root)
		return err
	})
	return taken, err
}

// work does what takes a processor for a while, when its turn has come.
func (a *App) work(ctx context.Context, f func() error) error {
	done, err := a.gate.take(ctx, a.Limits.Wait)
	if err != nil {
		return err
	}
	defer done()
	if err = f(); errors.Is(err, context.DeadlineExceeded) {
		return errTooLong
	}
	return err
}

var errTooLong = words.Refuse("working this out takes too long here, so it was given up and nothing was changed")

func (a *App) known(g *gathered) *Judged {
	a.mu.Lock()
	defer a.mu.Unlock()
	if j := a.judged[g.state.ID]; j != nil && j.of.same(g) {
		return j
	}
	return nil
}

func (a *App) remember(g *gathered, taken *account.Account) *Judged {
	j := judgedOf(g, taken)
	a.mu.Lock()
	defer a.mu.Unlock()
	if len(a.judged) >= mostJudged {
		clear(a.judged)
	}
	a.judged[g.state.ID] = j
	return j
}

func judgedOf(g *gathered, taken *account.Account) *Judged {
	st := g.state
	gaps := slices.Concat(g.gaps, g.laid.gaps)
	return &Judged{st.ID, st.Seq, g.laid.doc, g.whole(st.Asm), g.laid.parts, taken.Report, taken.Root, gaps, st.Undo, st.Redo, taken, g}
}
