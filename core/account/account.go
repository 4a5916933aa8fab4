// Package account keeps the account of freedom: what relations ask and remove, what is left and as which motions, what is doubled,
// what is at odds, and the verdict. It only puts together what the rooms find: model makes an assembly ready, conflict solves it
// and finds what cannot hold together, mobility counts what relations remove, redundancy finds what repeats, motion says what is
// left to move, measure reads values, verdict sums up. docs/method.md explains the methods with worked examples.
//
// Assemblies are judged from the lowest up, each once. An account takes about linear time in components and relations as long as
// loops stay small; docs/performance.md has the figures.
package account

import (
	"context"
	"fmt"
	"strings"
	"time"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/measure"
	"setfast/core/model"
	"setfast/core/motion"
	"setfast/core/report"
	"setfast/core/verdict"
)

// Clock is given by who wants timings; the core has none of its own.
type Clock func() time.Duration

// Account is a report with what is needed to go on from it: to show a motion, to pull at parts. It is made once and may be shared;
// Swing and Live each work on a system of their own.
type Account struct {
	Report *report.Report
	Root   *report.Result
	study  *motion.Study // of the root
}

// Swing shows the k-th motion of the root, as motion.Study.Swing does.
func (a *Account) Swing(k int) [][]geom.Pose { return a.study.Swing(k) }

// Study is a copy of the study of the root on a system of its own, for what is tried on it. A context that ends ends the work on it.
func (a *Account) Study(ctx context.Context) *motion.Study {
	s := a.study.Apart()
	s.Sys.Stop = func() bool { return ctx.Err() != nil }
	return s
}

// Coordinates are those of the root's joints in force where it was solved, by relation and name: mm and degrees.
func (a *Account) Coordinates() map[string]map[string]float64 {
	s := a.study.Apart()
	out := map[string]map[string]float64{}
	for id, i := range s.RelOf {
		r := s.Sys.Rels[i]
		if r.IsCoupling() {
			continue
		}
		for _, c := range r.Law.Of.Coordinates {
			if out[id] == nil {
				out[id] = map[string]float64{}
			}
			out[id][c.Name] = s.Read(r, c.Name, s.Poses)
		}
	}
	return out
}

// Measured reads one measure off the root where it was solved: a number, three, or nil where a component it needs is suppressed.
func (a *Account) Measured(ctx context.Context, m assembly.Measure) (any, error) {
	s := a.Study(ctx)
	asm := *s.Asm
	asm.Measures = []assembly.Measure{m}
	k := *s.Model
	k.Asm = &asm
	all, err := measure.All(&k, s.Poses)
	if err != nil {
		return nil, err
	}
	return all[m.Name], nil
}

// Live takes the root up for pulling at its parts.
func (a *Account) Live() *motion.Live { return motion.NewLive(a.study) }

// Check judges an assembly and everything below it. A context that ends ends the work too, wherever it is, and Check gives its
// error; the clock, where given, is for timings.
func Check(ctx context.Context, doc *assembly.Document, clock Clock) (*report.Report, error) {
	a, err := Take(ctx, doc, doc.Root, clock)
	if err != nil {
		return nil, err
	}
	return a.Report, nil
}

// Take judges one assembly of a document and everything below it, lowest first, each once.
func Take(ctx context.Context, doc *assembly.Document, root string, clock Clock) (*Account, error) {
	return (&taking{ctx: ctx, clock: clock}).of(doc, root)
}

// TakeAtRest does so without going through the drives, for where nobody asks for them.
func TakeAtRest(ctx context.Context, doc *assembly.Document, root string) (*Account, error) {
	return (&taking{ctx: ctx, rests: true}).of(doc, root)
}

func (t *taking) of(doc *assembly.Document, root string) (*Account, error) {
	if loop := doc.Loops(); loop != nil {
		return nil, assembly.Faultf("assemblies", "an assembly contains itself: %s", strings.Join(loop, " > "))
	}
	t.doc, t.rep = doc.Open(), &report.Report{Version: 1, Root: root, Assemblies: map[string]*report.Result{}}
	if err := t.walk(root); err != nil {
		return nil, err
	}
	t.rep.Verdict = verdict.Whole(t.rep)
	if t.clock != nil {
		t.rep.Timing = &t.spent
	}
	return &Account{Report: t.rep, Root: t.rep.Assemblies[root], study: t.last}, nil
}

// taking is an account in the making.
type taking struct {
	ctx   context.Context
	doc   *assembly.Opened
	rep   *report.Report
	clock Clock
	spent report.Timing
	rests bool          // no drives
	last  *motion.Study // of the assembly judged last: at the end, the root
}

func (t *taking) walk(name string) error {
	if t.rep.Assemblies[name] != nil {
		return nil
	}
	a := t.doc.Assemblies[name]
	if a == nil {
		return assembly.Faultf("root", "there is no assembly %q", name)
	}
	for _, c := range a.Components {
		if c.Assembly != "" && !c.Suppressed {
			if err := t.walk(c.Assembly); err != nil {
				return err
			}
		}
	}
	m, err := model.New(t.doc, name, t.solved)
	if err != nil {
		return err
	}
	m.Sys.Stop = func() bool { return t.ctx.Err() != nil }
	res, err := t.judge(m)
	m.Sys.Stop = nil // what is asked of the result later is no part of this check
	if t.ctx.Err() != nil {
		return context.Cause(t.ctx)
	}
	if err != nil {
		return fmt.Errorf("assembly %q: %w", name, err)
	}
	res.Aliases = m.Aliases
	t.rep.Assemblies[name] = res
	return nil
}

// solved is where a component of an assembly judged before was solved to; of one that was not judged, because all its uses are
// suppressed, nothing is asked.
func (t *taking) solved(asm, component string) geom.Pose {
	if r := t.rep.Assemblies[asm]; r != nil {
		return r.Components[component].Pose
	}
	return geom.Home
}
