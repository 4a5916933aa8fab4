package motion

import (
	"math"

	"setfast/core/dense"
	"setfast/core/par"
	"setfast/core/report"
	"setfast/core/solve"
	"setfast/core/tol"
)

// classifyLarge tells a large group's freedoms apart, as classifyGroup does, on the sparse basis.
func (s *Study) classifyLarge(g *Group, wants []*wanted, res *report.Result) {
	var rates [][]float64
	for _, w := range wants {
		if !w.blocked {
			rates = append(rates, w.rates...)
		}
	}
	planned, rest := solveRates(g.vectors(), rates, len(g.bodies))
	for _, a := range planned {
		s.tell(res, g.subgroup(nil, []vector{a}), []float64{1}, report.Planned)
	}
	res.Planned += len(planned)
	l := &largeGroup{Study: s, g: g, watched: s.watched(), of: s.relationsOf()}
	var shaky int
	recombine := func() { echelon(rest, len(g.bodies), s.Stopped, l.tellBody) }
	if len(s.vicinityOf(g).rels) == 0 {
		recombine()
	} else { // a step is solved meanwhile
		aside := s.beside()
		par.Do(recombine, func() { shaky = aside.shakyOf(g, len(rest)) })
	}
	momentary := shaky
	from := len(res.Motions)
	for _, m := range l.found {
		if s.Stopped() {
			return
		}
		if m.said.Class == report.Stray {
			s.tellLoose(m.group, m.z, m.said, g.around, &shaky, res)
			continue
		}
		s.note(res, m.told, m.said)
	}
	markLast(res, from, shaky)
	res.Idle += l.idle
	res.Loose += len(rest) - l.idle
	res.Shaky += min(momentary, len(rest)-l.idle)
}

// largeGroup is a large group whose motions are being told, body by body.
type largeGroup struct {
	*Study
	g       *Group
	watched map[int]bool
	of      map[int][]*solve.Relation // per body
	idle    int                       // found so far
	found   []foundMotion
}

// foundMotion is one that is to be told.
type foundMotion struct {
	told
	said report.Motion
}

// add notes a motion.
func (l *largeGroup) add(g *Group, z []float64, class report.Class) {
	l.found = append(l.found, foundMotion{told{g, z}, l.describe(g, z, class)})
}

// tellBody tells the motions in which the i-th body of the group is the first to move.
func (l *largeGroup) tellBody(i int, first []vector) {
	b := l.g.bodies[i]
	// a basis that is square and of length one on the body itself
	sub := l.g.subgroup(l.of[b], first)
	u, sv, v := dense.SVD(sub.basis[0])
	for c := 0; c < v.C; c++ {
		for k := 0; k < v.R; k++ {
			v.Set(k, c, v.At(k, c)/sv[c])
		}
	}
	v = dense.LeftCols(v, sub.d)
	u = dense.LeftCols(u, sub.d)
	recombined(sub.basis, v)
	var spins [][]float64
	if !l.watched[b] {
		for _, spin := range l.idleAxes(b) {
			y := u.T().Vec(spin)
			if dense.Norm(y) > 1-tol.WholeSpin && l.unresisted(l.of[b], b, spin) {
				spins = append(spins, y)
			}
		}
	}
	own := dense.Orthonormal(dense.Columns(sub.d, spins), tol.SeesMore)
	for c := 0; c < own.C; c++ {
		alone := l.g.subgroup(nil, []vector{{{i, [6]float64(u.Vec(own.Col(c)))}}})
		l.add(alone, []float64{1}, report.Idle)
	}
	l.idle += own.C
	loose := dense.Complement(own)
	if loose.C == 0 {
		return
	}
	for _, t := range l.simpleTwists(sub, b, loose) {
		z := loose.Vec(dense.LeastSquares(sub.basis[0].Mul(loose), l.own(b, t), tol.Independent))
		l.add(sub, z, report.Stray)
	}
}

// recombined recombines the columns of matrices by a square one, in place.
func recombined(all []dense.Mat, by dense.Mat) {
	was := make([]float64, by.R)
	for _, m := range all {
		for q := range m.R {
			row := m.Row(q)
			copy(was, row)
			clear(row)
			for k, x := range was {
				dense.Add(row, x, by.Row(k))
			}
		}
	}
}

// unresisted tells whether none of the relations minds a motion of one body alone.
func (s *Study) unresisted(rels []*solve.Relation, b int, v []float64) bool {
	for _, r := range rels {
		for _, row := range s.Sys.Eval(r, s.Poses, &s.rows) {
			for k := 0; k < row.N; k++ {
				if row.Body[k] == b && math.Abs(dense.Dot(row.G[k][:], v)) > tol.Resists*dense.Norm(row.G[k][:]) {
					return false
				}
			}
		}
	}
	return true
}
