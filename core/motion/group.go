package motion

import (
	"setfast/core/dense"
	"setfast/core/mobility"
	"setfast/core/par"
	"setfast/core/solve"
)

// Group is a set of freedoms that hang together: some bodies and an orthonormal basis of their motions.
type Group struct {
	bodies  []int
	at      map[int]int // body → place in bodies, where there are several
	d       int
	alone   bool               // one body's idle spin
	basis   []dense.Mat        // per body, 6 × d
	sparse  [][]mobility.Entry // of a large group instead: per body, where it moves; the columns are of length one, not square
	rels    []*solve.Relation
	parts   []dense.Mat // per relation, 6 × d: how its two bodies part from one another
	around  *vicinity   // what a step along the group's freedoms may disturb, once it is wanted
	squares dense.Mat   // the sum of partsᵀ·parts, once it is wanted
}

// groups splits the freedoms into groups that share no body and no relation between bodies that move.
// Columns that are apart by themselves make groups of their own, at the end.
func (s *Study) groups(rels []*solve.Relation, apart func(c int) bool) []*Group {
	n := s.Basis.Left()
	alone := make([]bool, n)
	others := make([]int, len(s.Sys.Bodies)) // per body: columns in common with others
	sets := dense.NewSets(len(s.Sys.Bodies))
	par.Runs(n, 256, func(_, from, to int) {
		for c := from; c < to; c++ {
			alone[c] = apart(c)
		}
	})
	for c := range n {
		bodies := s.Basis.On(c)
		for _, b := range bodies {
			if !alone[c] {
				others[b]++
			}
			sets.Join(int(bodies[0]), int(b))
		}
	}
	moves := func(b int) bool { return b >= 0 && others[b] > 0 }
	for _, r := range rels {
		first := -1
		var buf [4]int
		for _, b := range r.Members(&buf) {
			if !moves(b) {
				continue
			}
			if first < 0 {
				first = b
			}
			sets.Join(first, b)
		}
	}
	at := make([]int, n) // column → its place in its group
	width := make([]int, len(sets))
	for c := range n {
		if !alone[c] {
			k := sets.Find(int(s.Basis.On(c)[0]))
			at[c] = width[k]
			width[k]++
		}
	}
	of := map[int]*Group{}
	var out []*Group
	for b := range s.Sys.Bodies {
		if !moves(b) {
			continue
		}
		k := sets.Find(b)
		g := of[k]
		if g == nil {
			g = &Group{at: map[int]int{}, d: width[k]}
			of[k] = g
			out = append(out, g)
		}
		g.take(b, s.Basis.Of(b), alone, at)
	}
	out = append(out, s.spins(alone)...)
	for _, g := range out {
		if g.large() {
			g.equalise()
		} else {
			g.orthonormal()
		}
	}
	return out
}

// take adds a body with its motion in the columns that are not alone.
func (g *Group) take(b int, es []mobility.Entry, alone []bool, at []int) {
	g.at[b] = len(g.bodies)
	g.bodies = append(g.bodies, b)
	if g.large() {
		var in []mobility.Entry
		for _, e := range es {
			if !alone[e.Col] {
				in = append(in, mobility.Entry{Col: int32(at[e.Col]), V: e.V})
			}
		}
		g.sparse = append(g.sparse, in)
		return
	}
	m := dense.New(6, g.d)
	for i := range es {
		if alone[es[i].Col] {
			continue
		}
		for q, x := range es[i].V {
			m.A[q*g.d+at[es[i].Col]] = x
		}
	}
	g.basis = append(g.basis, m)
}

// spins are the groups of columns that are the idle spin of one body each.
func (s *Study) spins(alone []bool) []*Group {
	n := 0
	for _, is := range alone {
		if is {
			n++
		}
	}
	out, groups, bodies, bases, values := make([]*Group, 0, n), make([]Group, n), make([]int, n), make([]dense.Mat, n), make([]float64, 6*n)
	for c, is := range alone {
		if !is {
			continue
		}
		k := len(out)
		g := &groups[k]
		bodies[k] = int(s.Basis.On(c)[0])
		for _, e := range s.Basis.Of(bodies[k]) {
			if int(e.Col) == c {
				copy(values[6*k:], e.V[:])
			}
		}
		bases[k] = dense.Mat{R: 6, C: 1, A: values[6*k : 6*k+6 : 6*k+6]}
		*g = Group{bodies: bodies[k : k+1 : k+1], d: 1, alone: true, basis: bases[k : k+1 : k+1]}
		out = append(out, g)
	}
	return out
}

// orthonormal makes the basis of the group orthonormal, by Gram and Schmidt's method on the bodies' motions together, twice over where
// little is left of a column the first time, which is enough (Daniel, Gragg, Kaufman, Stewart 1976; Giraud, Langou, Rozložník 2005).
func (g *Group) orthonormal() {
	d := g.d
	x := make([]float64, 6*len(g.bodies)*d) // by column
	rows := 6 * len(g.bodies)
	for i, m := range g.basis {
		for q := 0; q < 6; q++ {
			for j, v := range m.Row(q) {
				x[j*rows+6*i+q] = v
			}
		}
	}
	for j := 0; j < d; j++ {
		a := x[j*rows : (j+1)*rows]
		for range 2 {
			was := dense.Dot(a, a)
			for k := 0; k < j; k++ {
				b := x[k*rows : (k+1)*rows]
				if s := dense.Dot(a, b); s != 0 {
					dense.Add(a, -s, b)
				}
			}
			l := dense.Norm(a)
			if l == 0 {
				break
			}
			for z := range a {
				a[z] /= l
			}
			if 2*l*l > was {
				break
			}
		}
	}
	for i, m := range g.basis {
		for q := 0; q < 6; q++ {
			for j := range d {
				m.A[q*d+j] = x[j*rows+6*i+q]
			}
		}
	}
}

// place is where a body is in the group's list.
func (g *Group) place(b int) (int, bool) {
	if g.alone {
		return 0, b == g.bodies[0]
	}
	i, ok := g.at[b]
	return i, ok
}

// rate is the motion of the i-th body of the group in z.
func (g *Group) rate(i int, z []float64) []float64 {
	if g.sparse == nil {
		return g.basis[i].Vec(z)
	}
	out := make([]float64, 6)
	for k := range g.sparse[i] {
		e := &g.sparse[i][k]
		if y := z[e.Col]; y != 0 {
			for q, x := range e.V {
				out[q] += x * y
			}
		}
	}
	return out
}

// pull adds to rate what the i-th body's motion does to a quantity with gradient w.
func (g *Group) pull(i int, w, rate []float64) {
	if g.sparse == nil {
		for j, x := range g.basis[i].T().Vec(w) {
			rate[j] += x
		}
		return
	}
	for k := range g.sparse[i] {
		e := &g.sparse[i][k]
		rate[e.Col] += dense.Dot(e.V[:], w)
	}
}

func (g *Group) large() bool { return g.d > mostDense }

// mostDense is the size of a group of freedoms beyond which its motions are sought on the sparse basis. Hundreds of
// freedoms that hang together are for counting: none is completed by all that might move along.
var mostDense = 120
