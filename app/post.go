package app

import (
	"context"
	"errors"
	"slices"
	"strings"

	"setfast/app/commands"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/geom"
	"setfast/core/report"
	"setfast/store"
)

// Posted is a line that was added.
type Posted struct {
	Seq     int64
	Said    string
	Parked  string // where what was moved by hand came to: parked there, or sprung back
	Follows string // screws that have another length now
	*Judged        // nil where the account of the new state could not be taken at once: the line is there all the same
}

// mostSaid is how many letters a line of the log keeps.
const mostSaid = 390

// Do carries a command out as one line of the log.
func (a *App) Do(ctx context.Context, id int64, who string, m commands.Meant) (*Posted, error) {
	if err := checkToken(m.Token); err != nil {
		return nil, err
	}
	done, err := a.turns.take(ctx, id, a.Limits.Wait)
	if err != nil {
		return nil, err
	}
	defer done()
	st, again, err := a.begin(ctx, id, m.Base, m.Token)
	moved := errors.Is(err, store.ErrMoved)
	if _, seen := m.Command.(commands.SeenOnly); moved && !seen {
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
		b := &commands.Bench{Doc: j.Doc, Asm: j.Asm, Account: j.account, Shelf: a.shelf(st.Project)}
		e, said, err = m.Command.Edit(ctx, b)
		return err
	})
	if moved {
		if e == nil {
			e = edit.Lists{} // what it means is gone: whatever changed touches it
		}
		if err := a.disturbed(ctx, st, m.Base, e); err != nil {
			return nil, err
		}
	}
	if err != nil {
		return nil, err
	}
	p, err := a.post(ctx, j.of, store.Line{Before: st, Kind: "do", Who: who, Said: said, Token: m.Token, Edit: e})
	if mv, moves := e.(edit.Move); moves && err == nil && p.Judged != nil {
		p.Parked = parked(mv, p.Judged.Asm)
	}
	return p, err
}

// parked tells whether what was moved stays where it was put.
func parked(e edit.Move, now *assembly.Assembly) string {
	var stay, back []string
	for name, p := range e.Poses {
		c := now.Component(name)
		if c == nil {
			continue
		}
		if c.Pose.O.Sub(p.O).Norm() < 1e-4 && c.Pose.Q.Mul(p.Q.Conj()).Log().Norm() < 1e-6 {
			stay = append(stay, name)
		} else {
			back = append(back, name)
		}
	}
	slices.Sort(stay)
	slices.Sort(back)
	switch {
	case len(back) == 0:
		return "Parked: " + some(stay)
	case len(stay) == 0:
		return "Sprung back: relations hold " + some(back)
	}
	return "Parked: " + some(stay) + ". Sprung back: relations hold " + some(back)
}

// some names the first few.
func some(names []string) string {
	if n := len(names); n > 3 {
		return strings.Join(names[:3], ", ") + " and " + words.Plural(n-3, "other", "others")
	}
	return strings.Join(names, ", ")
}

// meant is how an assembly stands on which something is done that takes long to work out; or what came of it, where it was done already.
func (a *App) meant(ctx context.Context, id, base int64, token string) (*Judged, *Posted, error) {
	_, again, err := a.begin(ctx, id, base, token)
	if err != nil || again != nil {
		return nil, again, err
	}
	j, err := a.Judge(ctx, id)
	return j, nil, err
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

func checkToken(token string) error {
	if len(token) > 40 || strings.ContainsFunc(token, func(r rune) bool { return r <= ' ' || r > '~' }) {
		return words.Refuse("a token is at most 40 plain letters and digits")
	}
	return nil
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
		return nil, words.Refuse("%s", words.Fault(err))
	}
	st := l.Before
	st.Asm = l.After
	g, err := a.gather(ctx, st, before)
	if err != nil {
		return nil, err
	}
	if gap := newGap(g.gaps, before.gaps); gap != nil {
		return nil, words.Refuse("%s", gap.Why)
	}
	if err := a.lay(ctx, g); err != nil {
		return nil, err
	}
	if gap := newGap(g.laid.gaps, before.unlaid()); gap != nil {
		return nil, words.Refuse("%s: %s", gap.Component, gap.Why)
	}
	follows := lengthened(before.laid, g.laid)
	if follows != "" && l.Kind == "do" {
		l.Said = clip(l.Said+"; "+follows, mostSaid)
	}
	taken, err := a.check(ctx, g)
	if err != nil {
		var f *assembly.Fault
		if errors.As(err, &f) {
			return nil, words.Refuse("%s", words.Fault(err))
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
	if len(g.gaps)+len(g.laid.gaps) > 0 {
		l.Verdict = string(Incomplete)
	}
	now, err := a.append(ctx, l)
	if err != nil {
		return nil, err
	}
	if now.Asm != l.After || len(taken.Root.Odds) > 0 {
		// remedies are named by their places: what is shown is what will be found when one is chosen
		p := a.posted(ctx, now, l.Said)
		p.Follows = follows
		return p, nil
	}
	g.state, g.seqs[now.ID] = now, now.Seq
	return &Posted{Seq: now.Seq, Said: l.Said, Follows: follows, Judged: a.remember(g.at(now), taken)}, nil
}

// at is the same gathering after its poses were written into the state.
func (g *gathered) at(st store.State) *gathered {
	out := *g
	out.state = st
	if len(g.gaps) == 0 {
		out.doc = g.doc.WithRoot(st.Asm)
		l := *g.laid
		l.doc = l.doc.WithRoot(g.whole(st.Asm))
		out.laid = &l
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
	return &Posted{Seq: st.Seq, Said: said, Judged: j}
}

func (a *App) append(ctx context.Context, l store.Line) (store.State, error) {
	st, err := a.Store.Append(ctx, l)
	var te *store.TreeError
	if errors.As(err, &te) {
		return st, words.Refuse("%s", te.Why)
	}
	return st, err
}

// Back takes a line back, or does it again.
type Back = func(ctx context.Context, id, base int64, who, token string) (*Posted, error)

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
		return nil, words.Refuse("%s", words.Fault(err))
	}
	now, err := a.append(ctx, l)
	if err != nil {
		return nil, err
	}
	return a.posted(ctx, now, l.Said), nil
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
