package app

import (
	"context"
	"errors"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/geom"
	"setfast/core/report"
	"setfast/store"
)

// Judged is an assembly with its account. It is shared and never changed.
type Judged struct {
	ID, Seq    int64
	Doc        *assembly.Document
	Asm        *assembly.Assembly // as it is said, with what is missing
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
	st, err := a.Store.State(ctx, id)
	if err != nil {
		return nil, err
	}
	g, err := a.gather(ctx, st, nil)
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
	return a.judge(ctx, st)
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
		taken, err = account.Take(ctx, g.doc, g.doc.Root, nil)
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

var errTooLong = userErr("working this out takes too long here, so it was given up and nothing was changed")

func (a *App) known(g *gathered) *Judged {
	a.mu.Lock()
	defer a.mu.Unlock()
	if j := a.judged[g.state.ID]; j != nil && j.of.same(g) {
		return j
	}
	return nil
}

func (a *App) remember(g *gathered, taken *account.Account) *Judged {
	st := g.state
	j := &Judged{st.ID, st.Seq, g.doc, st.Asm, g.parts, taken.Report, taken.Root, g.gaps, st.Undo, st.Redo, taken, g}
	a.mu.Lock()
	defer a.mu.Unlock()
	if len(a.judged) >= mostJudged {
		clear(a.judged)
	}
	a.judged[st.ID] = j
	return j
}

// Posted is a line that was added.
type Posted struct {
	Seq     int64
	Said    string
	*Judged // nil where the account of the new state could not be taken at once: the line is there all the same
}

// Do carries an act out as one line of the log.
func (a *App) Do(ctx context.Context, id int64, who string, act Act) (*Posted, error) {
	if err := act.check(); err != nil {
		return nil, err
	}
	done, err := a.turns.take(ctx, id, a.Limits.Wait)
	if err != nil {
		return nil, err
	}
	defer done()
	st, again, err := a.begin(ctx, id, act.Base, act.Token)
	moved := errors.Is(err, store.ErrMoved)
	if moved && act.anyState() {
		err = nil // perhaps what changed does not touch it
	}
	if err != nil || again != nil {
		return again, err
	}
	j, err := a.judge(ctx, st)
	if err != nil {
		return nil, err
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	var e edit.Edit
	var said string
	err = a.work(ctx, func() (err error) {
		e, said, err = a.edit(ctx, j, act)
		return err
	})
	if moved {
		if e == nil {
			e = edit.Lists{} // what it means is gone: whatever changed touches it
		}
		if err := a.disturbed(ctx, st, act.Base, e); err != nil {
			return nil, err
		}
	}
	if err != nil {
		return nil, err
	}
	return a.post(ctx, j.of, store.Line{Before: st, Kind: "do", Who: who, Said: said, Token: act.Token, Edit: e})
}

// begin reads the state that something is done on. What was made on an older one is refused, unless it is the same act again.
func (a *App) begin(ctx context.Context, id, base int64, token string) (store.State, *Posted, error) {
	st, err := a.Store.State(ctx, id)
	if err != nil || base == st.Seq {
		return st, nil, err
	}
	if token != "" {
		seq, err := a.Store.Done(ctx, id, token)
		if err != nil {
			return st, nil, err
		}
		if seq > 0 {
			return st, a.posted(ctx, st, ""), nil
		}
	}
	return st, nil, store.ErrMoved
}

// mostBehind is how many lines an act may be behind and still be carried out, where none of them touches it.
const mostBehind = 200

// disturbed refuses an edit that was meant for an older state, if what has changed since touches it. It says what that was.
func (a *App) disturbed(ctx context.Context, st store.State, base int64, e edit.Edit) error {
	if base < 0 || base > st.Seq || st.Seq-base > mostBehind {
		return store.ErrMoved
	}
	since, said, err := a.Store.Since(ctx, st.ID, base, mostBehind)
	if err != nil {
		return err
	}
	mine := edit.Touched(e)
	for _, o := range since {
		if edit.Touched(o).Disturbs(mine) {
			return &MovedError{said}
		}
	}
	return nil
}

// MovedError says what has changed since an act was meant.
type MovedError struct{ Said string }

func (e *MovedError) Error() string {
	return "this was changed meanwhile (" + e.Said + "); it is shown as it is now"
}
func (e *MovedError) Unwrap() error { return store.ErrMoved }

// Post adds an edit to an assembly as it stands, whatever has changed; for imports, which nobody watches.
func (a *App) Post(ctx context.Context, id int64, who, said string, e edit.Edit) (*Posted, error) {
	done, err := a.turns.take(ctx, id, a.Limits.Wait)
	if err != nil {
		return nil, err
	}
	defer done()
	st, err := a.Store.State(ctx, id)
	if err != nil {
		return nil, err
	}
	before, err := a.gather(ctx, st, nil)
	if err != nil {
		return nil, err
	}
	return a.post(ctx, before, store.Line{Before: st, Kind: "do", Who: who, Said: said, Edit: e})
}

// post adds an edit and, with it, the poses that follow from it, as one line that is taken back as one. All is worked out before
// the store is asked.
func (a *App) post(ctx context.Context, before *gathered, l store.Line) (*Posted, error) {
	if l.Kind == "do" {
		ctx2, cancel := context.WithTimeout(ctx, a.Limits.Check)
		defer cancel()
		ctx = ctx2
	}
	var err error
	if l.After, l.Inverse, err = edit.Apply(l.Before.Asm, l.Edit); err != nil {
		return nil, userErr("%s", plainFault(err))
	}
	st := l.Before
	st.Asm = l.After
	g, err := a.gather(ctx, st, before)
	if err != nil {
		return nil, err
	}
	if gap := newGap(g.gaps, before.gaps); gap != nil {
		return nil, userErr("%s", gap.Why)
	}
	taken, err := a.check(ctx, g)
	if err != nil {
		var f *assembly.Fault
		if errors.As(err, &f) {
			return nil, userErr("%s", plainFault(err))
		}
		return nil, err
	}
	if more := follow(l.After, taken.Root); more != nil {
		moved, back, err := edit.Apply(l.After, more)
		if err != nil {
			return nil, err
		}
		l.After = moved
		l.Edit, l.Inverse = edit.Batch{Edits: []edit.Edit{l.Edit, more}}, edit.Batch{Edits: []edit.Edit{back, l.Inverse}}
	}
	l.Verdict = string(taken.Report.Verdict)
	if len(g.gaps) > 0 {
		l.Verdict = string(Incomplete)
	}
	now, err := a.append(ctx, l)
	if err != nil {
		return nil, err
	}
	if now.Asm != l.After || len(taken.Root.Odds) > 0 {
		// remedies are named by their places: what is shown is what will be found when one is chosen
		return a.posted(ctx, now, l.Said), nil
	}
	g.state, g.seqs[now.ID] = now, now.Seq
	return &Posted{now.Seq, l.Said, a.remember(g.at(now), taken)}, nil
}

// at is the same gathering after its poses were written into the state.
func (g *gathered) at(st store.State) *gathered {
	out := *g
	out.state = st
	if len(g.gaps) == 0 {
		doc := *g.doc
		doc.Assemblies = map[string]*assembly.Assembly{}
		for k, v := range g.doc.Assemblies {
			doc.Assemblies[k] = v
		}
		doc.Assemblies[doc.Root] = st.Asm
		out.doc = &doc
	}
	return &out
}

// posted tells of a line that is there, with the account where it can be taken.
func (a *App) posted(ctx context.Context, st store.State, said string) *Posted {
	j, err := a.judge(ctx, st)
	if err != nil {
		a.Log.Warn("the account of a new state could not be taken at once", "assembly", st.ID, "error", err)
		j = nil
	}
	return &Posted{st.Seq, said, j}
}

func (a *App) append(ctx context.Context, l store.Line) (store.State, error) {
	st, err := a.Store.Append(ctx, l)
	var te *store.TreeError
	if errors.As(err, &te) {
		return st, userErr("%s", te.Why)
	}
	return st, err
}

// Undo takes the latest line back.
func (a *App) Undo(ctx context.Context, id, base int64, who, token string) (*Posted, error) {
	return a.back(ctx, id, base, "undo", who, token)
}

// Redo does the line taken back last again.
func (a *App) Redo(ctx context.Context, id, base int64, who, token string) (*Posted, error) {
	return a.back(ctx, id, base, "redo", who, token)
}

// back adds the line that takes one back, or does it again. Its poses are in it; whatever has become of the parts meanwhile, it
// leads to the very state there was.
func (a *App) back(ctx context.Context, id, base int64, kind, who, token string) (*Posted, error) {
	if err := checkToken(token); err != nil {
		return nil, err
	}
	done, err := a.turns.take(ctx, id, a.Limits.Wait)
	if err != nil {
		return nil, err
	}
	defer done()
	st, again, err := a.begin(ctx, id, base, token)
	if err != nil || again != nil {
		return again, err
	}
	l := store.Line{Before: st, Kind: kind, Who: who, Token: token}
	if l.Edit, l.Said, err = a.Store.Back(ctx, st, kind == "undo"); err != nil {
		return nil, err
	}
	if l.After, l.Inverse, err = edit.Apply(st.Asm, l.Edit); err != nil {
		return nil, userErr("%s", plainFault(err))
	}
	now, err := a.append(ctx, l)
	if err != nil {
		return nil, err
	}
	return a.posted(ctx, now, l.Said), nil
}

// plainFault drops the path of a document that the user never saw.
func plainFault(err error) string {
	var f *assembly.Fault
	if errors.As(err, &f) {
		return f.Msg
	}
	return err.Error()
}

// follow is the move to the solved poses, or nil where all stand there already.
func follow(st *assembly.Assembly, r *report.Result) edit.Edit {
	e := edit.Move{Poses: map[string]geom.Pose{}}
	for _, c := range st.Components {
		p := r.At(c.Name)
		if c.Suppressed || c.Grounded || !p.Pose.Is() {
			continue
		}
		if g := p.Pose; g.O.Sub(c.Pose.O).Norm() > 1e-9 || g.Q.Mul(c.Pose.Q.Conj()).Log().Norm() > 1e-11 {
			e.Poses[c.Name] = p.Pose
		}
	}
	if len(e.Poses) == 0 {
		return nil
	}
	return e
}
