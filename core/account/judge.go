package account

import (
	"errors"
	"slices"
	"time"

	"setfast/core/conflict"
	"setfast/core/measure"
	"setfast/core/model"
	"setfast/core/motion"
	"setfast/core/par"
	"setfast/core/redundancy"
	"setfast/core/report"
	"setfast/core/solve"
	"setfast/core/verdict"
)

// errStopped is what a judge says when it was called off; the context's own reason is given in its place.
var errStopped = errors.New("stopped")

// judge solves one assembly and takes its account.
func (t *taking) judge(m *model.Model) (*report.Result, error) {
	sw := t.stopwatch()
	res := &report.Result{
		Components: make(map[string]report.Placed, len(m.Comps)),
		Lines:      []report.Line{}, Motions: []report.Motion{}, Groups: []report.DoubledGroup{}, Odds: []report.Odds{}, BlockedBy: []report.BlockedEntry{},
		Mates: make(map[string]report.MateNote, len(m.Sys.Rels)),
	}
	st := conflict.Settle(m)
	if m.Stopped() {
		return nil, errStopped
	}
	sw.to(&t.spent.Solve)
	res.Odds, res.MoreOdds = append(res.Odds, st.Odds...), st.More
	p, study := t.look(m, st, res)
	if m.Stopped() {
		return nil, errStopped
	}
	p.notes(st, res)
	t.last = study
	res.Verdict = verdict.Of(res)
	sw.to(&t.spent.Account)
	var err error
	if res.Measures, err = measure.All(m, st.Poses); err != nil {
		return nil, err
	}
	sw.to(&t.spent.Measures)
	if t.rests {
		return res, nil
	}
	if res.Drives, err = study.Drives(); err != nil {
		return nil, err
	}
	sw.to(&t.spent.Drives)
	return res, nil
}

// look counts what the relations remove and tells what is left; what repeats is sought beside both, where it surely does from the
// beginning, elsewhere once it is known to.
func (t *taking) look(m *model.Model, st conflict.Settled, res *report.Result) (p *posted, study *motion.Study) {
	blocks := m.Sys.Blocks(st.Rels, nil)
	repeats := redundancy.New(m.Sys.Apart(), st.Poses, solve.Miss{MM: m.Set.ToleranceMM, Deg: m.Set.ToleranceDeg})
	counted := make(chan []solve.Block, 1)
	par.Do(func() {
		defer close(counted)
		if p = post(m, st, blocks, res); m.Stopped() {
			return
		}
		known := slices.Clone(blocks)
		m.Sys.CountExcess(known, p.Removed)
		counted <- known
		study = &motion.Study{Model: m, Basis: p.Basis, Poses: st.Poses, Rels: st.Rels, Blocks: known}
		study.Classify(res)
	}, func() {
		repeats.Ahead(blocks)
		res.Groups = append(res.Groups, repeats.Groups(<-counted)...)
	})
	return p, study
}

type stopwatch struct {
	clock Clock
	last  time.Duration
}

func (t *taking) stopwatch() *stopwatch {
	s := &stopwatch{clock: t.clock}
	if t.clock != nil {
		s.last = t.clock()
	}
	return s
}

// to books the time since the last call, in ms.
func (s *stopwatch) to(f *float64) {
	if s.clock == nil {
		return
	}
	now := s.clock()
	*f += (now - s.last).Seconds() * 1e3
	s.last = now
}
