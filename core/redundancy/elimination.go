// Package redundancy tells which relations repeat each other, and how exact they must be to hold all the same. Equations of a block
// are cleared body by body (Gauss's elimination with orthogonal rows within a body); those of which nothing is left are
// combinations that cancel. docs/method.md works an example.
//
// Cost: the product of equations and those that clear them, within a block; it is bounded, and beyond the bound a block is told as
// one group with a bound that is never too generous. Linearised: groups are those at the solved pose.
package redundancy

import (
	"math"
	"sort"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/slab"
	"setfast/core/solve"
	"setfast/core/tol"
)

// Elimination finds combinations of equations that cancel. Equations are taken in posted order; each is cleared of its
// newest body by those kept there before, then of the next, until something of it is left on a body, where it is kept, or
// nothing at all: then it repeats the others.
type Elimination struct {
	sys   *solve.System
	Poses []geom.Pose
	Most  int         // bounds the work on one block, in steps of one equation clearing another
	kept  [][]keptRow // per body
	used  []int       // bodies with kept rows
	rs    solve.Rows
	// Equations are those of the block last looked at, in the order in which they were taken.
	Equations []Equation
	// of the equation at hand
	part  [][6]float64 // per body
	on    []int        // bodies it touches
	isOn  []bool
	coef  []float64 // per equation of the block: how it is made of them
	in    []int
	spent int
	parts slab.Of[bodyPart] // of the rows kept of the block at hand
	terms slab.Of[Term]     // of combinations, which stay
	count bool              // how many combinations there are is enough
	doubt bool              // of some it was not sure
}

// Equation is one that was taken: whose it is, and how long it was before it was made one of length one.
type Equation struct {
	Relation int
	Miss     float64 // of the equation at length one
	Angular  bool
	Length   float64
}

// keptRow is an equation of length one on its newest body, square there to the others kept.
type keptRow struct {
	lead [6]float64
	rest []bodyPart
	of   []Term
}

type bodyPart struct {
	body int
	g    [6]float64
}

// Term is an equation's part in a combination.
type Term struct {
	Row int // among the equations
	X   float64
}

// MostSteps bounds the work on one block, in steps of one equation clearing another: enough for loops by the hundred.
// Beyond it a block is told as one group.
const MostSteps = 400_000

// NewElimination prepares to look at blocks of a system's relations, linearised at poses.
func NewElimination(sys *solve.System, poses []geom.Pose) *Elimination {
	n := len(sys.Bodies)
	return &Elimination{sys: sys, Poses: poses, kept: make([][]keptRow, n), part: make([][6]float64, n), isOn: make([]bool, n), Most: MostSteps}
}

// quick is how many steps for each equation a count may take: where more are needed, counting freedoms takes no longer.
const quick = 16

// Repeats counts the equations of a block that repeat others at poses; it is not sure where that is more work than quick, or where more
// than rounding is left of one.
func (e *Elimination) Repeats(block []int, poses []geom.Pose) (n int, sure bool) {
	most := e.Most
	defer func() { e.count, e.Most = false, most }()
	e.Poses, e.count, e.doubt, e.Most = poses, true, false, 0
	for _, i := range block {
		e.Most += quick * e.sys.Rels[i].Asks()
	}
	e.Most = min(e.Most, most)
	return len(e.Cancelling(block)), !e.doubt && !e.Exhausted() && !e.sys.Stopped()
}

// Cancelling lists combinations of a block's equations that cancel; fewer than there are where the work grows too large.
func (e *Elimination) Cancelling(block []int) [][]Term {
	order := append([]int(nil), block...)
	sort.SliceStable(order, func(x, y int) bool {
		la, lb := e.sys.Rels[order[x]].Last(), e.sys.Rels[order[y]].Last()
		return la < lb || la == lb && order[x] < order[y]
	})
	e.Equations, e.spent = e.Equations[:0], 0
	var cancel [][]Term
	for _, i := range order {
		if e.sys.Stopped() {
			break
		}
		rows := e.sys.Eval(e.sys.Rels[i], e.Poses, &e.rs)
		for k := range rows {
			if c := e.take(i, &rows[k]); c != nil {
				cancel = append(cancel, c)
			}
		}
	}
	for _, b := range e.used {
		e.kept[b] = nil
	}
	e.used = e.used[:0]
	e.parts.Empty()
	return cancel
}

// take clears an equation; where nothing of it is left it returns the combination that cancels.
func (e *Elimination) take(rel int, row *relation.Row) []Term {
	at := len(e.Equations)
	l := 0.0
	for k := 0; k < row.N; k++ {
		l += dense.Dot6(&row.G[k], &row.G[k])
	}
	l = math.Sqrt(l)
	if e.spent > e.Most {
		return nil
	}
	e.in = e.in[:0]
	if !e.count {
		e.Equations = append(e.Equations, Equation{rel, row.R / math.Max(l, tol.NoLength), row.Angular, l})
		for len(e.coef) <= at {
			e.coef = append(e.coef, 0)
		}
		e.coef[at] = 1
		e.in = append(e.in, at)
	}
	if l == 0 {
		return e.combination()
	}
	e.on = e.on[:0]
	for k := 0; k < row.N; k++ {
		p := e.touch(row.Body[k])
		for q := range p {
			p[q] = row.G[k][q] / l
		}
	}
	for len(e.on) > 0 {
		// the newest body it is on
		best := 0
		for i, b := range e.on {
			if b > e.on[best] {
				best = i
			}
		}
		b := e.on[best]
		e.on[best] = e.on[len(e.on)-1]
		e.on = e.on[:len(e.on)-1]
		e.isOn[b] = false
		g := e.part[b]
		for k := range e.kept[b] {
			e.clear(&g, &e.kept[b][k])
		}
		n := dense.Norm6(&g)
		if n > tol.Resists {
			e.keep(b, g, n)
			return nil
		}
		e.doubt = e.doubt || n > tol.SurelyNothing
	}
	return e.combination()
}

func (e *Elimination) touch(b int) *[6]float64 {
	if !e.isOn[b] {
		e.isOn[b] = true
		e.part[b] = [6]float64{}
		e.on = append(e.on, b)
	}
	return &e.part[b]
}

// clear takes out of the equation at hand, whose part on the body is g, what a kept one has in common with it there.
func (e *Elimination) clear(g *[6]float64, k *keptRow) {
	d := dense.Dot6(g, &k.lead)
	if math.Abs(d) < tol.NoPart {
		return
	}
	for q := range g {
		g[q] -= d * k.lead[q]
	}
	for i := range k.rest {
		p := e.touch(k.rest[i].body)
		for q, x := range k.rest[i].g {
			p[q] -= d * x
		}
	}
	for _, w := range k.of {
		if e.coef[w.Row] == 0 {
			e.in = append(e.in, w.Row)
		}
		e.coef[w.Row] -= d * w.X
	}
	e.spent += 1 + len(k.of)/8
}

// keep files the equation at hand under a body.
func (e *Elimination) keep(b int, g [6]float64, n float64) {
	k := keptRow{lead: g, rest: e.parts.Room(len(e.on)), of: e.combination()}
	for q := range k.lead {
		k.lead[q] /= n
	}
	for i := range k.of {
		k.of[i].X /= n
	}
	for _, o := range e.on {
		e.isOn[o] = false
		p := e.part[o]
		if dense.Norm6(&p) < tol.NoPart {
			continue
		}
		for q := range p {
			p[q] /= n
		}
		k.rest = append(k.rest, bodyPart{o, p})
	}
	e.on = e.on[:0]
	if len(e.kept[b]) == 0 {
		e.used = append(e.used, b)
	}
	e.kept[b] = append(e.kept[b], k)
}

// combination takes the coefficients of the equation at hand, where they are wanted.
func (e *Elimination) combination() []Term {
	if e.count {
		return []Term{}
	}
	out := e.terms.Room(len(e.in))
	for _, r := range e.in {
		if x := e.coef[r]; math.Abs(x) > tol.NoTerm {
			out = append(out, Term{r, x})
		}
		e.coef[r] = 0
	}
	return out
}

// Exhausted tells whether the block last looked at took more work than is allowed, so that combinations may be missing.
func (e *Elimination) Exhausted() bool { return e.spent > e.Most }
