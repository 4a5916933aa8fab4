package motion

import (
	"slices"

	"setfast/core/dense"
	"setfast/core/par"
	"setfast/core/report"
	"setfast/core/solve"
	"setfast/core/tol"
)

// Classify tells the freedoms left apart: planned, idle, loose, and those only momentary.
func (s *Study) Classify(res *report.Result) {
	var rels []*solve.Relation
	for _, i := range s.Rels {
		rels = append(rels, s.Sys.Rels[i])
	}
	groups := s.groups(rels, s.aloneSpin())
	wants := s.wanted(groups)
	s.measureParting(groups, rels)
	alone := slices.IndexFunc(groups, func(g *Group) bool { return g.alone }) // they come last
	if alone < 0 {
		alone = len(groups)
	}
	spins := s.saidSpins(groups[alone:])
	for _, g := range groups[:alone] {
		if s.Stopped() {
			return
		}
		var mine []*wanted
		for _, w := range wants {
			if w.group == g {
				mine = append(mine, w)
			}
		}
		if g.large() {
			s.classifyLarge(g, mine, res)
		} else {
			s.classifyGroup(g, mine, res)
		}
	}
	res.Idle += len(spins)
	for i, m := range spins {
		g := groups[alone+i]
		s.note(res, told{g, ofLengthOne(g)}, m)
	}
	for _, w := range wants {
		if w.blocked {
			res.BlockedBy = append(res.BlockedBy, report.BlockedEntry{Planned: w.said})
		}
	}
}

// saidSpins describes idle spins of single bodies.
func (s *Study) saidSpins(groups []*Group) []report.Motion {
	out := make([]report.Motion, len(groups))
	par.Runs(len(groups), 128, func(_, from, to int) {
		for i := from; i < to && !s.Stopped(); i++ {
			out[i] = s.describe(groups[i], ofLengthOne(groups[i]), report.Idle)
		}
	})
	return out
}

// ofLengthOne is the motion of length one of a group of one freedom of one body.
func ofLengthOne(g *Group) []float64 { return []float64{1 / dense.Norm(g.basis[0].A)} }

// classifyGroup splits one group's freedoms. The planned ones are those the declared rates see; of the rest, idle spins
// are set aside, and what then remains is loose.
func (s *Study) classifyGroup(g *Group, wants []*wanted, res *report.Result) {
	var rows [][]float64
	for _, w := range wants {
		if !w.blocked {
			rows = append(rows, w.rates...)
		}
	}
	p := dense.New(len(rows), g.d)
	for i, r := range rows {
		copy(p.Row(i), r)
	}
	seenRates := dense.Orthonormal(p.T(), tol.SeesMore) // directions of freedom that the rates see
	idle := s.idleSpins(g, seenRates)
	idleBasis := dense.Orthonormal(dense.Columns(g.d, idle), tol.SeesMore)
	// loose: unseen by the rates and square to idle
	both := dense.Orthonormal(dense.Columns(g.d, append(cols(seenRates), cols(idleBasis)...)), tol.Independent)
	loose := dense.Complement(both)

	for _, z := range s.plannedMotions(g, p, loose, idleBasis) {
		s.tell(res, g, z, report.Planned)
	}
	res.Planned += seenRates.C
	res.Idle += idleBasis.C
	res.Loose += loose.C
	for k, z := range idle {
		if k < idleBasis.C {
			s.tell(res, g, z, report.Idle)
		}
	}
	var looseZ [][]float64
	var said []report.Motion
	var shaky int
	simple := func() {
		looseZ = s.simple(g, loose, idleBasis)
		for _, z := range looseZ {
			if s.Stopped() {
				return
			}
			said = append(said, s.describe(g, z, report.Stray))
		}
	}
	if loose.C == 0 || len(s.vicinityOf(g).rels) == 0 {
		simple()
	} else { // steps are solved meanwhile
		aside := s.beside()
		par.Do(simple, func() { shaky = aside.shakyOf(g, loose.C) })
	}
	res.Shaky += shaky
	from := len(res.Motions)
	for k, m := range said {
		if s.Stopped() {
			return
		}
		s.tellLoose(g, looseZ[k], m, g.around, &shaky, res)
	}
	markLast(res, from, shaky)
}

// tellLoose tells a loose motion; it is a momentary one if some are still to be told, and it cannot be followed.
func (s *Study) tellLoose(g *Group, z []float64, m report.Motion, w *vicinity, shaky *int, res *report.Result) {
	if *shaky > 0 && !s.canGo(g, z, w) {
		m.Class = report.Momentary
		*shaky--
	}
	s.note(res, told{g, z}, m)
}

// markLast marks loose motions told since from as momentary, the last first: as many are, though each by itself seemed to go.
func markLast(r *report.Result, from, shaky int) {
	for i := len(r.Motions) - 1; i >= from && shaky > 0; i-- {
		if r.Motions[i].Class == report.Stray {
			r.Motions[i].Class = report.Momentary
			shaky--
		}
	}
}

// plannedMotions spans what the declared rates see: one motion per independent rate, the other rates at rest.
func (s *Study) plannedMotions(g *Group, p, loose, idle dense.Mat) [][]float64 {
	var out [][]float64
	var taken [][]float64
	for i := 0; i < p.R; i++ {
		rows := append(append([][]float64(nil), taken...), p.Row(i))
		if dense.Orthonormal(dense.Columns(g.d, rows), tol.SeesMore).C < len(rows) {
			continue
		}
		taken = rows
	}
	a := dense.New(len(taken), g.d)
	for i, r := range taken {
		copy(a.Row(i), r)
	}
	for i := range taken {
		e := make([]float64, len(taken))
		e[i] = 1
		out = append(out, g.complete(dense.LeastSquares(a, e, tol.Independent), loose, idle))
	}
	return out
}
