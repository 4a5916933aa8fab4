package motion

import (
	"math"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/par"
	"setfast/core/solve"
	"setfast/core/tol"
)

// measureParting states, for each group of freedoms, how much each relation's bodies part from one another in a motion.
func (s *Study) measureParting(groups []*Group, rels []*solve.Relation) {
	of := map[int]*Group{}
	for _, g := range groups {
		for _, b := range g.bodies {
			if !g.alone && !g.large() {
				of[b] = g
			}
		}
	}
	type parting struct {
		g *Group
		k int // the relation's place in it
	}
	var all []parting
	for _, r := range rels {
		if r.IsCoupling() {
			continue // its joints are there themselves
		}
		g := of[r.A.Body]
		if g == nil {
			g = of[r.B.Body]
		}
		if g == nil {
			continue
		}
		all = append(all, parting{g, len(g.rels)})
		g.rels = append(g.rels, r)
	}
	for _, g := range groups {
		if !g.alone && !g.large() {
			g.parts = make([]dense.Mat, len(g.rels))
		}
	}
	par.Runs(len(all), 64, func(_, from, to int) {
		for _, p := range all[from:to] {
			p.g.parts[p.k] = s.partingOf(p.g, p.g.rels[p.k])
		}
	})
}

// partingOf states how much a relation's bodies part in the motions of a group.
func (s *Study) partingOf(g *Group, r *solve.Relation) dense.Mat {
	p := r.B.Frame.O
	if r.B.Body >= 0 {
		p = s.Poses[r.B.Body].Point(p)
	}
	m := dense.New(6, g.d)
	if i, ok := g.place(r.A.Body); ok {
		s.addMoved(m, r.A.Body, g.basis[i], p, -1)
	}
	if i, ok := g.place(r.B.Body); ok {
		s.addMoved(m, r.B.Body, g.basis[i], p, 1)
	}
	return m
}

// addMoved brings a body's motion from its own measure to the place p (slide at p, turn times the body's size) and adds it to m,
// times k.
func (s *Study) addMoved(m dense.Mat, b int, own dense.Mat, p geom.Vec, k float64) {
	bd := &s.Sys.Bodies[b]
	arm := p.Sub(s.Poses[b].Point(bd.Centre)).Scale(1 / bd.Size)
	d := own.C
	var row, to [6][]float64
	for i := range row {
		row[i], to[i] = own.Row(i)[:d], m.Row(i)[:d]
	}
	for j := range d {
		w := geom.V(row[3][j], row[4][j], row[5][j])
		v := geom.V(row[0][j], row[1][j], row[2][j]).Add(w.Cross(arm))
		to[0][j] += k * v.X
		to[1][j] += k * v.Y
		to[2][j] += k * v.Z
		to[3][j] += k * w.X
		to[4][j] += k * w.Y
		to[5][j] += k * w.Z
	}
}

// complete completes a motion z of the group by whatever of the free columns makes the fewest bodies part: what can move
// along, does. shy columns are used only where that saves a parting (a pin rather stays than turns with what hangs on it).
// The sum of partings, not of their squares, is made small, by weighting anew a few times.
func (g *Group) complete(z []float64, free, shy dense.Mat) []float64 {
	c := free.C + shy.C
	if c == 0 || len(g.parts) == 0 {
		return z
	}
	all := beside(free, shy)
	a := dense.New(c, c)
	b := make([]float64, c)
	if len(g.parts)*g.d*g.d > mostSquares { // plain least squares is enough, from squares summed once
		g.sumSquares()
		ga := g.squares.Mul(all)
		a = all.T().Mul(ga)
		for i := range b {
			for k, x := range z {
				b[i] -= x * ga.At(k, i)
			}
		}
		return g.completed(z, all, free.C, a, b, 1)
	}
	// each relation's parting under the free columns, and under z
	pf := make([]float64, 6*c*len(g.parts))
	pz := make([]float64, 6*len(g.parts))
	for k, m := range g.parts {
		mulInto(pf[6*c*k:6*c*(k+1)], m, all)
		for q := 0; q < 6; q++ {
			pz[6*k+q] = dense.Dot(m.Row(q), z)
		}
	}
	weight := make([]float64, len(g.parts))
	y := make([]float64, c) // the completion so far
	out := z
	for round := 0; ; round++ {
		top := tol.NoPart
		for k := range g.parts {
			s := 0.0
			for q := 0; q < 6; q++ {
				x := pz[6*k+q]
				if round > 0 {
					x += dense.Dot(pf[c*(6*k+q):c*(6*k+q+1)], y)
				}
				s += x * x
			}
			weight[k] = math.Sqrt(s)
			top = math.Max(top, weight[k])
		}
		if round == reweighed {
			return g.locked(z, out, all, pf, pz, weight, top)
		}
		// what does not part in the motion as it is, is loath to
		least := math.Inf(1)
		for k := range weight {
			weight[k] = 1 / (weight[k]/top + tol.Loath)
			least = math.Min(least, weight[k])
		}
		clear(a.A)
		clear(b)
		for k, w := range weight {
			for q := 0; q < 6; q++ {
				row := pf[c*(6*k+q) : c*(6*k+q+1)]
				for i, x := range row {
					if x == 0 {
						continue
					}
					x *= w
					b[i] -= x * pz[6*k+q]
					to := a.A[i*c : i*c+c]
					dense.Add(to, x, row)
				}
			}
		}
		y = b
		out = g.completed(z, all, free.C, a, y, least)
		b = make([]float64, c)
	}
}

// locked keeps together exactly the bodies that hardly part in a completion, if that goes: else it stays as it is. What is left of
// their parting would be told as a motion that the relations do not allow.
func (g *Group) locked(z, out []float64, all dense.Mat, pf, pz, part []float64, top float64) []float64 {
	c := all.C
	var rows, miss []float64
	loose := 0.0
	for k, x := range part {
		if x > tol.Locked*top {
			continue
		}
		loose = math.Max(loose, x)
		rows = append(rows, pf[6*c*k:6*c*(k+1)]...)
		for _, m := range pz[6*k : 6*k+6] {
			miss = append(miss, -m)
		}
	}
	if loose < tol.Exactly*top {
		return out
	}
	m := dense.Mat{R: len(miss), C: c, A: rows}
	y := dense.LeastSquares(m, miss, tol.Independent)
	for i, x := range m.Vec(y) {
		if math.Abs(x-miss[i]) > tol.Exactly*top {
			return out
		}
	}
	exact := all.Vec(y)
	for i := range exact {
		exact[i] += z[i]
	}
	return exact
}

// completed solves a·c = b, in place, and adds the columns so combined to z.
func (g *Group) completed(z []float64, all dense.Mat, free int, a dense.Mat, b []float64, least float64) []float64 {
	for i := 0; i < all.C; i++ {
		small := tol.Ridge
		if i >= free {
			small = tol.Shy * least
		}
		a.A[i*all.C+i] += small
	}
	copy(b, dense.SolvePositive(a, b))
	out := all.Vec(b)
	for i := range z {
		out[i] += z[i]
	}
	return out
}

// sumSquares adds up the squares of all partings.
func (g *Group) sumSquares() {
	if g.squares.R > 0 {
		return
	}
	g.squares = dense.New(g.d, g.d)
	for _, m := range g.parts {
		for q := 0; q < 6; q++ {
			row := m.Row(q)
			for i, x := range row {
				if x == 0 {
					continue
				}
				to := g.squares.Row(i)[i:]
				dense.Add(to, x, row[i:])
			}
		}
	}
	for i := 0; i < g.d; i++ {
		for j := 0; j < i; j++ {
			g.squares.Set(i, j, g.squares.At(j, i))
		}
	}
}

// mulInto is a·b, written to out.
func mulInto(out []float64, a, b dense.Mat) {
	for i := 0; i < a.R; i++ {
		to := out[i*b.C : i*b.C+b.C]
		for k, x := range a.Row(i) {
			if x != 0 {
				dense.Add(to, x, b.Row(k))
			}
		}
	}
}

// beside joins two matrices of the same height.
func beside(a, b dense.Mat) dense.Mat {
	if b.C == 0 {
		return a
	}
	if a.C == 0 {
		return b
	}
	o := dense.New(a.R, a.C+b.C)
	for i := 0; i < a.R; i++ {
		copy(o.Row(i), a.Row(i))
		copy(o.Row(i)[a.C:], b.Row(i))
	}
	return o
}

// mostSquares bounds the work of weighting anew; reweighed is how often that is done, which is enough for the weights to settle.
const (
	mostSquares = 3e5
	reweighed   = 8
)
