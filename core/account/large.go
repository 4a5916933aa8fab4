package account

import (
	"cmp"
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/solve"
)

// mostDense is the size of a group of freedoms beyond which its motions are sought on the sparse basis. Hundreds of
// freedoms that hang together are for counting: none is completed by all that might ride along.
var mostDense = 120

func (g *modes) large() bool { return g.d > mostDense }

// rate is the motion of the i-th body of the group in z.
func (g *modes) rate(i int, z []float64) []float64 {
	if g.thin == nil {
		return g.n[i].Vec(z)
	}
	out := make([]float64, 6)
	for k := range g.thin[i] {
		e := &g.thin[i][k]
		if y := z[e.col]; y != 0 {
			for q, x := range e.v {
				out[q] += x * y
			}
		}
	}
	return out
}

// pull adds to rate what the i-th body's motion does to a quantity with gradient w.
func (g *modes) pull(i int, w, rate []float64) {
	if g.thin == nil {
		for j, x := range g.n[i].T().Vec(w) {
			rate[j] += x
		}
		return
	}
	for k := range g.thin[i] {
		e := &g.thin[i][k]
		rate[e.col] += dense.Dot(e.v[:], w)
	}
}

// equalise makes the columns of a large group as long as one another.
func (g *modes) equalise() {
	long := make([]float64, g.d)
	for _, in := range g.thin {
		for k := range in {
			long[in[k].col] += dense.Dot(in[k].v[:], in[k].v[:])
		}
	}
	for _, in := range g.thin {
		for k := range in {
			for q := range in[k].v {
				in[k].v[q] /= math.Sqrt(long[in[k].col])
			}
		}
	}
}

// gait is one motion of a large group: the bodies that move in it, by place ascending.
type gait []stride

// stride is the motion of the i-th body of the group, in its own measure.
type stride struct {
	i int
	v [6]float64
}

// gaits lists the motions of the group's basis.
func (g *modes) gaits() []gait {
	out := make([]gait, g.d)
	for i, in := range g.thin {
		for _, e := range in {
			out[e.col] = append(out[e.col], stride{i, e.v})
		}
	}
	return out
}

// plus is a + k·b, without bodies that stand still in it.
func (a gait) plus(k float64, b gait) gait {
	out := make(gait, 0, len(a)+len(b))
	for len(a) > 0 || len(b) > 0 {
		switch {
		case len(b) == 0 || len(a) > 0 && a[0].i < b[0].i:
			out, a = append(out, a[0]), a[1:]
		default:
			s := b[0]
			for q := range s.v {
				s.v[q] *= k
			}
			b = b[1:]
			if len(a) > 0 && a[0].i == s.i {
				was := dense.Norm(a[0].v[:])
				for q := range s.v {
					s.v[q] += a[0].v[q]
				}
				a = a[1:]
				if dense.Norm(s.v[:]) < 1e-12*was {
					continue
				}
			}
			if dense.Norm(s.v[:]) > 1e-13 {
				out = append(out, s)
			}
		}
	}
	return out
}

// sum adds up many motions: per body of the group.
type sum [][6]float64

func (s sum) add(k float64, a gait) {
	if k == 0 {
		return
	}
	for j := range a {
		to := &s[a[j].i]
		for q, x := range a[j].v {
			to[q] += k * x
		}
	}
}

// take gives what was added up, without the rounding, and begins anew.
func (s sum) take() gait {
	big, some := 0.0, 0
	for i := range s {
		if x := dense.Dot(s[i][:], s[i][:]); x > 0 {
			big, some = math.Max(big, x), some+1
		}
	}
	out := make(gait, 0, some)
	for i := range s {
		if dense.Dot(s[i][:], s[i][:]) > 1e-24*big {
			out = append(out, stride{i, s[i]})
		}
	}
	clear(s)
	return out
}

// one makes the motion of length one.
func (a gait) one() gait {
	l := 0.0
	for k := range a {
		l += dense.Dot(a[k].v[:], a[k].v[:])
	}
	l = math.Sqrt(l)
	for k := range a {
		for q := range a[k].v {
			a[k].v[q] /= l
		}
	}
	return a
}

// few gathers motions into a small group of their own.
func (g *modes) few(rels []*solve.Relation, of []gait) *modes {
	var places []int
	for _, a := range of {
		for k := range a {
			places = append(places, a[k].i)
		}
	}
	slices.Sort(places)
	places = slices.Compact(places)
	s := &modes{at: make(map[int]int, len(places)), d: len(of), rels: rels}
	for k, i := range places {
		s.bodies, s.at[g.bodies[i]] = append(s.bodies, g.bodies[i]), k
		s.n = append(s.n, dense.New(6, s.d))
	}
	for c, a := range of {
		for k := range a {
			for q, x := range a[k].v {
				s.n[s.at[g.bodies[a[k].i]]].Set(q, c, x)
			}
		}
	}
	return s
}

// rateLine is a rate under elimination.
type rateLine struct {
	x    []float64 // of each column
	by   []float64 // in terms of the rates as declared
	lead int       // the column it is solved for
}

// rid takes as much of o away as clears the column o is solved for.
func (l *rateLine) rid(o rateLine) {
	f := l.x[o.lead]
	if f == 0 {
		return
	}
	for j, y := range o.x {
		l.x[j] -= f * y
	}
	for j, y := range o.by {
		l.by[j] -= f * y
	}
}

// seen eliminates the rates that are declared: it gives a motion for each independent rate, in which the other rates rest,
// and the motions that no rate sees.
func seen(all []gait, rates [][]float64, bodies int) (planned, rest []gait) {
	d := len(all)
	total := make(sum, bodies)
	var lines []rateLine
	for _, r := range rates {
		l := rateLine{x: slices.Clone(r), by: make([]float64, len(rates))}
		l.by[len(lines)] = 1
		for _, o := range lines {
			l.rid(o)
		}
		for j, x := range l.x {
			if math.Abs(x) > math.Abs(l.x[l.lead]) {
				l.lead = j
			}
		}
		if dense.Norm(l.x) <= 1e-6*dense.Norm(r) {
			continue // others say as much
		}
		f := l.x[l.lead]
		for j := range l.x {
			l.x[j] /= f
		}
		for j := range l.by {
			l.by[j] /= f
		}
		for _, o := range lines {
			o.rid(l)
		}
		lines = append(lines, l)
	}
	leads := make([]bool, d)
	for _, l := range lines {
		leads[l.lead] = true
	}
	for k := range lines {
		for _, l := range lines {
			total.add(l.by[k], all[l.lead])
		}
		planned = append(planned, total.take().one())
	}
	for j, a := range all {
		if leads[j] {
			continue
		}
		total.add(1, a)
		for _, l := range lines {
			total.add(-l.x[j], all[l.lead])
		}
		rest = append(rest, total.take().one())
	}
	return planned, rest
}

// stagger recombines motions, bodies in build order: tell is called for each body with the few motions in which it is the
// first to move. No more than these are needed to move the body as all can, while those before it rest.
func stagger(all []gait, bodies int, stopped func() bool, tell func(i int, first []gait)) {
	from := make([][]gait, bodies) // by the first body that moves
	put := func(a gait) {
		if len(a) > 0 {
			a.one()
			from[a[0].i] = append(from[a[0].i], a)
		}
	}
	for _, a := range all {
		put(a)
	}
	for i := range from {
		if stopped() {
			return
		}
		cand := from[i]
		from[i] = nil
		slices.SortStableFunc(cand, func(a, b gait) int { return cmp.Compare(len(a), len(b)) })
		left := make([][6]float64, len(cand)) // what of each the chosen do not span
		for c := range cand {
			left[c] = cand[c][0].v
		}
		taken := make([]bool, len(cand))
		var first []gait
		for len(first) < 6 {
			most := 0.0
			for c := range cand {
				if !taken[c] {
					most = math.Max(most, dense.Norm(left[c][:]))
				}
			}
			if most < 1e-7 {
				break
			}
			// of those that will do, the one that disturbs the fewest
			best := slices.IndexFunc(left, func(v [6]float64) bool { return dense.Norm(v[:]) >= 0.3*most })
			for taken[best] {
				best++
				for dense.Norm(left[best][:]) < 0.3*most {
					best++
				}
			}
			taken[best] = true
			first = append(first, cand[best])
			u := left[best]
			uu := dense.Dot(u[:], u[:])
			for c := range cand {
				if !taken[c] {
					f := dense.Dot(left[c][:], u[:]) / uu
					for q := range u {
						left[c][q] -= f * u[q]
					}
				}
			}
		}
		here := dense.New(6, len(first))
		for c, a := range first {
			for q, x := range a[0].v {
				here.Set(q, c, x)
			}
		}
		for c, a := range cand {
			if taken[c] {
				continue
			}
			if len(first) > 0 {
				for k, y := range dense.LeastSquares(here, a[0].v[:], 1e-9) {
					if y != 0 {
						a = a.plus(-y, first[k])
					}
				}
			}
			if len(a) > 0 && a[0].i == i { // rounding is left of it
				a = a[1:]
			}
			put(a)
		}
		if len(first) > 0 {
			tell(i, first)
		}
	}
}

// classifyLarge tells a large group's freedoms apart, as classifyGroup does, on the sparse basis.
func (m *model) classifyLarge(n *nullspace, g *modes, rels []*solve.Relation, wants []*want, st settled, res *Result) {
	var rates [][]float64
	for _, w := range wants {
		if !w.blocked {
			rates = append(rates, w.rates...)
		}
	}
	watched := m.watched()
	of := map[int][]*solve.Relation{}
	var buf [4]int
	for _, r := range rels {
		for _, b := range m.sys.FreeBodies(r, &buf) {
			of[b] = append(of[b], r)
		}
	}
	planned, rest := seen(g.gaits(), rates, len(g.bodies))
	for _, a := range planned {
		s := g.few(nil, []gait{a})
		res.motion(m.tell(n, s, []float64{1}, "planned"), m.swing(n, s, []float64{1}, st))
	}
	res.Planned += len(planned)
	idle := 0
	shaky := m.shakyOf(g, len(rest), st) // still to be told
	momentary := shaky
	from := len(res.Motions)
	stagger(rest, len(g.bodies), m.stopped, func(i int, first []gait) {
		b := g.bodies[i]
		// a basis that is square and of length one on the body itself
		s := g.few(of[b], first)
		u, sv, v := dense.SVD(s.n[0])
		for c := 0; c < v.C; c++ {
			for k := 0; k < v.R; k++ {
				v.Set(k, c, v.At(k, c)/sv[c])
			}
		}
		v = dense.LeftCols(v, s.d)
		u = dense.LeftCols(u, s.d)
		for k := range s.n {
			s.n[k] = s.n[k].Mul(v)
		}
		var spins [][]float64
		if !watched[b] {
			for _, spin := range m.idleAxes(n, b) {
				y := u.T().Vec(spin)
				if dense.Norm(y) > 1-1e-8 && m.unresisted(of[b], b, spin, st.poses) {
					spins = append(spins, y)
				}
			}
		}
		own := dense.Orthonormal(dense.Columns(s.d, spins), 1e-6)
		for c := 0; c < own.C; c++ {
			alone := g.few(nil, []gait{{{i, [6]float64(u.Vec(own.Col(c)))}}})
			res.motion(m.tell(n, alone, []float64{1}, "idle"), m.swing(n, alone, []float64{1}, st))
		}
		idle += own.C
		loose := dense.Complement(own)
		if loose.C == 0 {
			return
		}
		for _, t := range n.simpleTwists(s, b, loose) {
			z := loose.Vec(dense.LeastSquares(s.n[0].Mul(loose), n.own(b, t), 1e-9))
			m.tellLoose(n, s, z, st, g.near, &shaky, res)
		}
	})
	res.markLast(from, shaky)
	res.Idle += idle
	res.Loose += len(rest) - idle
	res.Shaky += min(momentary, len(rest)-idle)
}

// unresisted tells whether none of the relations minds a motion of one body alone.
func (m *model) unresisted(rels []*solve.Relation, b int, v []float64, poses []geom.Pose) bool {
	for _, r := range rels {
		for _, row := range m.sys.Eval(r, poses, &m.rows) {
			for k := 0; k < row.N; k++ {
				if row.Body[k] == b && math.Abs(dense.Dot(row.G[k][:], v)) > tightTol*dense.Norm(row.G[k][:]) {
					return false
				}
			}
		}
	}
	return true
}
