package account

import (
	"context"
	"fmt"
	"maps"
	"strings"
	"time"

	"setfast/core/assembly"
	"setfast/core/geom"
)

// Clock is given by who wants timings; the core has none of its own.
type Clock func() time.Duration

// Check judges an assembly and everything below it. A context that ends ends the work too, wherever it is, and Check gives its
// error; the clock, where given, is for timings.
func Check(ctx context.Context, doc *assembly.Document, clock Clock) (*Report, error) {
	return CheckRoot(ctx, doc, doc.Root, clock)
}

// CheckRoot judges one assembly of a document and everything below it, lowest first, each once.
func CheckRoot(ctx context.Context, doc *assembly.Document, root string, clock Clock) (*Report, error) {
	return checkWith(ctx, doc, root, clock, nil)
}

// checkWith shows each model, when it is judged, to whoever wants to go on with it.
func checkWith(ctx context.Context, doc *assembly.Document, root string, clock Clock, show func(string, *model, settled, *nullspace)) (*Report, error) {
	if loop := doc.Loops(); loop != nil {
		return nil, assembly.Faultf("assemblies", "an assembly contains itself: %s", strings.Join(loop, " > "))
	}
	// flexible uses are laid open in a copy
	whole := *doc
	whole.Assemblies = maps.Clone(doc.Assemblies)
	doc = &whole
	rep := &Report{Version: 1, Root: root, Assemblies: map[string]*Result{}}
	tm := &Timing{}
	var walk func(name string) error
	walk = func(name string) error {
		if rep.Assemblies[name] != nil {
			return nil
		}
		a := doc.Assemblies[name]
		if a == nil {
			return assembly.Faultf("root", "there is no assembly %q", name)
		}
		for _, c := range a.Components {
			if c.Assembly != "" && !c.Suppressed {
				if err := walk(c.Assembly); err != nil {
					return err
				}
			}
		}
		flat, err := doc.Flatten(name, func(asm, c string) geom.Pose { return rep.Assemblies[asm].poseOf(c) })
		if err != nil {
			return err
		}
		doc.Assemblies[name] = flat
		m, err := newModel(doc, name, rep.Assemblies)
		if err != nil {
			return err
		}
		m.sys.Stop = func() bool { return ctx.Err() != nil }
		res, err := m.judge(lap(clock, tm), func(st settled, n *nullspace) {
			if show != nil {
				show(name, m, st, n)
			}
		})
		m.sys.Stop = nil // what is asked of the result later is no part of this check
		if ctx.Err() != nil {
			return context.Cause(ctx)
		}
		if err != nil {
			return fmt.Errorf("assembly %q: %w", name, err)
		}
		res.alias = flat.Aliases()
		rep.Assemblies[name] = res
		return nil
	}
	if err := walk(root); err != nil {
		return nil, err
	}
	// a verdict rolls up: an assembly passes only if all below it pass
	rep.Verdict = rep.Assemblies[root].Verdict
	for _, r := range rep.Assemblies {
		if !Passes(r.Verdict) {
			rep.Verdict = Worse(rep.Verdict, r.Verdict)
		}
	}
	if clock != nil {
		rep.Timing = tm
	}
	return rep, nil
}

type stopwatch struct {
	clock Clock
	t     *Timing
	last  time.Duration
}

func lap(c Clock, t *Timing) *stopwatch {
	s := &stopwatch{clock: c, t: t}
	if c != nil {
		s.last = c()
	}
	return s
}

// to books the time since the last call.
func (s *stopwatch) to(f *float64) {
	if s.clock == nil {
		return
	}
	now := s.clock()
	*f += (now - s.last).Seconds() * 1e3
	s.last = now
}
