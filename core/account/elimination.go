package account

import (
	"math"
	"sort"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/solve"
	"setfast/core/tol"
)

// elimination finds combinations of equations that cancel. Equations are taken in posted order; each is cleared of its
// newest body by those kept there before, then of the next, until something of it is left on a body, where it is kept, or
// nothing at all: then it repeats the others.
type elimination struct {
	m     *model
	poses []geom.Pose
	kept  [][]keptRow // per body
	used  []int       // bodies with kept rows
	rs    solve.Rows
	refs  []rowRef
	// of the equation at hand
	part  [][6]float64 // per body
	on    []int        // bodies it touches
	isOn  []bool
	coef  []float64 // per equation of the block: how it is made of them
	in    []int
	spent int
	most  int
	// of the block at hand, per relation
	sets dense.Sets
	tied []bool
}

type rowRef struct {
	rel     int
	miss    float64 // of the equation at length one
	angular bool
	length  float64
}

// keptRow is an equation of length one on its newest body, square there to the others kept.
type keptRow struct {
	lead [6]float64
	rest []bodyPart
	of   []weighted
}

type bodyPart struct {
	body int
	g    [6]float64
}

type weighted struct {
	row int
	x   float64
}

// mostSpent bounds the work on one block, in steps of one equation clearing another: enough for loops by the hundred.
// Beyond it a block is told as one group.
const mostSpent = 400_000

func newElimination(m *model, poses []geom.Pose) *elimination {
	n := len(m.sys.Bodies)
	return &elimination{m: m, poses: poses, kept: make([][]keptRow, n), part: make([][6]float64, n), isOn: make([]bool, n), most: mostSpent}
}

// groups tells a block's relations that repeat each other apart.
func (e *elimination) groups(block []int, excess int) []DoubledGroup {
	m := e.m
	cancel := e.cancelling(block)
	if e.spent > e.most || len(cancel) == 0 {
		g := DoubledGroup{Excess: excess, Tolerates: e.surely()}
		for _, i := range block {
			g.Mates = append(g.Mates, m.mate[i].ID)
		}
		return []DoubledGroup{g}
	}
	out := e.gather(block, cancel)
	if len(out) == 1 {
		out[0].Excess = excess
	}
	return out
}

// cancelling lists combinations of a block's equations that cancel; fewer than there are where the work grows too large.
func (e *elimination) cancelling(block []int) [][]weighted {
	m := e.m
	order := append([]int(nil), block...)
	sort.SliceStable(order, func(x, y int) bool {
		la, lb := m.line(m.sys.Rels[order[x]]), m.line(m.sys.Rels[order[y]])
		return la < lb || la == lb && order[x] < order[y]
	})
	e.refs, e.spent = e.refs[:0], 0
	var cancel [][]weighted
	for _, i := range order {
		if m.stopped() {
			break
		}
		rows := m.sys.Eval(m.sys.Rels[i], e.poses, &e.rs)
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
	return cancel
}

// take clears an equation; where nothing of it is left it returns the combination that cancels.
func (e *elimination) take(rel int, row *relation.Row) []weighted {
	at := len(e.refs)
	l := 0.0
	for k := 0; k < row.N; k++ {
		l += dense.Dot(row.G[k][:], row.G[k][:])
	}
	l = math.Sqrt(l)
	e.refs = append(e.refs, rowRef{rel, row.R / math.Max(l, 1e-12), row.Angular, l})
	for len(e.coef) <= at {
		e.coef = append(e.coef, 0)
	}
	if e.spent > e.most {
		return nil
	}
	e.coef[at] = 1
	e.in = append(e.in[:0], at)
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
		if n := dense.Norm(g[:]); n > tightTol {
			e.keep(b, g, n)
			return nil
		}
	}
	return e.combination()
}

func (e *elimination) touch(b int) *[6]float64 {
	if !e.isOn[b] {
		e.isOn[b] = true
		e.part[b] = [6]float64{}
		e.on = append(e.on, b)
	}
	return &e.part[b]
}

// clear takes out of the equation at hand, whose part on the body is g, what a kept one has in common with it there.
func (e *elimination) clear(g *[6]float64, k *keptRow) {
	d := dense.Dot(g[:], k.lead[:])
	if math.Abs(d) < 1e-12 {
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
		if e.coef[w.row] == 0 {
			e.in = append(e.in, w.row)
		}
		e.coef[w.row] -= d * w.x
	}
	e.spent += 1 + len(k.of)/8
}

// keep files the equation at hand under a body.
func (e *elimination) keep(b int, g [6]float64, n float64) {
	k := keptRow{lead: g, of: e.combination()}
	for q := range k.lead {
		k.lead[q] /= n
	}
	for i := range k.of {
		k.of[i].x /= n
	}
	for _, o := range e.on {
		e.isOn[o] = false
		p := e.part[o]
		if dense.Norm(p[:]) < 1e-12 {
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

// combination takes the coefficients of the equation at hand.
func (e *elimination) combination() []weighted {
	out := make([]weighted, 0, len(e.in))
	for _, r := range e.in {
		if x := e.coef[r]; math.Abs(x) > 1e-10 {
			out = append(out, weighted{r, x})
		}
		e.coef[r] = 0
	}
	return out
}

// gather joins relations that share a cancelling combination.
func (e *elimination) gather(block []int, cancel [][]weighted) []DoubledGroup {
	m := e.m
	if e.sets == nil {
		e.sets, e.tied = dense.NewSets(len(m.sys.Rels)), make([]bool, len(m.sys.Rels))
	}
	for _, i := range block {
		e.sets[i], e.tied[i] = i, false
	}
	for _, c := range cancel {
		first := -1
		for _, w := range c {
			if math.Abs(w.x) < 1e-6 {
				continue
			}
			r := e.refs[w.row].rel
			e.tied[r] = true
			if first < 0 {
				first = r
			}
			e.sets.Join(first, r)
		}
	}
	at := map[int]int{}
	var out []DoubledGroup
	var of [][][]weighted
	for _, i := range block {
		if !e.tied[i] {
			continue
		}
		k := e.sets.Find(i)
		if _, ok := at[k]; !ok {
			at[k] = len(out)
			out = append(out, DoubledGroup{})
			of = append(of, nil)
		}
		out[at[k]].Mates = append(out[at[k]].Mates, m.mate[i].ID)
	}
	for _, c := range cancel {
		for _, w := range c {
			if math.Abs(w.x) >= 1e-6 {
				k := at[e.sets.Find(e.refs[w.row].rel)]
				out[k].Excess++
				of[k] = append(of[k], c)
				break
			}
		}
	}
	for k := range out {
		out[k].Tolerates = e.tolerates(of[k])
	}
	return out
}

// surely is the change that no group can be too sensitive to: a miss is never larger than the change that causes it.
func (e *elimination) surely() Tolerance {
	mm, dg := e.m.set.ToleranceMM, e.m.set.ToleranceDeg
	return Tolerance{&mm, &dg}
}

// tolerates finds the smallest change of one equation that shows beyond the tolerance. What a change leaves as a miss is its
// part in the span of the cancelling combinations, each equation taken at its own size.
func (e *elimination) tolerates(cancel [][]weighted) Tolerance {
	at := map[int]int{}
	var rows []int
	for _, c := range cancel {
		for _, w := range c {
			if _, ok := at[w.row]; !ok {
				at[w.row] = len(rows)
				rows = append(rows, w.row)
			}
		}
	}
	if len(cancel)*len(cancel)*len(rows) > 4e6 {
		return e.surely()
	}
	y := dense.New(len(rows), len(cancel))
	for k, c := range cancel {
		for _, w := range c {
			if l := e.refs[w.row].length; l > 0 {
				y.Set(at[w.row], k, w.x/l)
			}
		}
	}
	q := dense.Orthonormal(y, 1e-9)
	allowed := func(i int) float64 {
		if e.refs[rows[i]].angular {
			return rad(e.m.set.ToleranceDeg) * tol.AngleWeight
		}
		return e.m.set.ToleranceMM
	}
	mm, dg := math.Inf(1), math.Inf(1)
	for i := range rows {
		mine := q.Row(i)
		if dense.Norm(mine) < 1e-9 {
			continue
		}
		need := math.Inf(1)
		for j := range rows {
			if p := math.Abs(dense.Dot(mine, q.Row(j))); p > 1e-12 {
				need = math.Min(need, allowed(j)/p)
			}
		}
		if e.refs[rows[i]].angular {
			dg = math.Min(dg, deg(need/tol.AngleWeight))
		} else {
			mm = math.Min(mm, need)
		}
	}
	var t Tolerance
	if !math.IsInf(mm, 1) {
		mm = roundTo(mm, 6)
		t.MM = &mm
	}
	if !math.IsInf(dg, 1) {
		dg = roundTo(dg, 6)
		t.Deg = &dg
	}
	return t
}
