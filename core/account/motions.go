package account

import (
	"math"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/solve"
)

// modes is a set of freedoms that hang together: some bodies and an orthonormal basis of their motions.
type modes struct {
	bodies  []int
	at      map[int]int // body → place in bodies
	d       int
	alone   bool        // one body's idle spin
	n       []dense.Mat // per body, 6 × d
	thin    [][]entry   // of a large group instead: per body, where it moves; the columns are of length one, not square
	rels    []*solve.Relation
	parts   []dense.Mat // per relation, 6 × d: how its two bodies part from one another
	near    *near       // what a step along the group's freedoms may disturb, once it is wanted
	squares dense.Mat   // the sum of partsᵀ·parts, once it is wanted
}

// modeGroups splits the freedoms into groups that share no body and no relation between bodies that move.
// Columns that are apart by themselves make groups of their own, at the end.
func (n *nullspace) modeGroups(rels []*solve.Relation, apart func(c int) bool) []*modes {
	alone := make([]bool, n.alive)
	others := make([]int, len(n.sys.Bodies)) // per body: columns in common with others
	for c, bodies := range n.on {
		alone[c] = apart(c)
		for _, b := range bodies {
			if !alone[c] {
				others[b]++
			}
		}
	}
	sets := dense.NewSets(len(n.sys.Bodies))
	for _, bodies := range n.on {
		for _, b := range bodies {
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
	at := make([]int, n.alive) // column → its place in its group
	width := make([]int, len(sets))
	for c, bodies := range n.on {
		if alone[c] {
			continue
		}
		k := sets.Find(int(bodies[0]))
		at[c] = width[k]
		width[k]++
	}
	of := map[int]*modes{}
	var out []*modes
	for b := range n.sys.Bodies {
		if !moves(b) {
			continue
		}
		k := sets.Find(b)
		g := of[k]
		if g == nil {
			g = &modes{at: map[int]int{}, d: width[k]}
			of[k] = g
			out = append(out, g)
		}
		g.at[b] = len(g.bodies)
		g.bodies = append(g.bodies, b)
		if g.large() {
			var in []entry
			for _, e := range n.of[b] {
				if !alone[e.col] {
					in = append(in, entry{int32(at[e.col]), e.v})
				}
			}
			g.thin = append(g.thin, in)
			continue
		}
		m := dense.New(6, g.d)
		for i := range n.of[b] {
			if alone[n.of[b][i].col] {
				continue
			}
			for q, x := range n.of[b][i].v {
				m.A[q*g.d+at[n.of[b][i].col]] = x
			}
		}
		g.n = append(g.n, m)
	}
	for c, bodies := range n.on {
		if !alone[c] {
			continue
		}
		b := int(bodies[0])
		g := &modes{bodies: []int{b}, at: map[int]int{b: 0}, d: 1, alone: true}
		for i := range n.of[b] {
			if int(n.of[b][i].col) == c {
				g.n = []dense.Mat{{R: 6, C: 1, A: append([]float64(nil), n.of[b][i].v[:]...)}}
			}
		}
		out = append(out, g)
	}
	for _, g := range out {
		if g.large() {
			g.equalise()
		} else {
			g.orthonormal()
		}
	}
	return out
}

// orthonormal makes the basis of the group orthonormal, by Gram and Schmidt's method on the bodies' motions together.
func (g *modes) orthonormal() {
	d := g.d
	x := make([]float64, 6*len(g.bodies)*d) // by column
	rows := 6 * len(g.bodies)
	for i, m := range g.n {
		for q := 0; q < 6; q++ {
			for j, v := range m.Row(q) {
				x[j*rows+6*i+q] = v
			}
		}
	}
	for j := 0; j < d; j++ {
		a := x[j*rows : (j+1)*rows]
		for pass := 0; pass < 2; pass++ {
			was := dense.Norm(a)
			for k := 0; k < j; k++ {
				b := x[k*rows : (k+1)*rows]
				if s := dense.Dot(a, b); s != 0 {
					for z, y := range b {
						a[z] -= s * y
					}
				}
			}
			l := dense.Norm(a)
			if l == 0 {
				break
			}
			for z := range a {
				a[z] /= l
			}
			if l > 0.5*was {
				break
			}
		}
	}
	for i, m := range g.n {
		for q := 0; q < 6; q++ {
			for j := range d {
				m.A[q*d+j] = x[j*rows+6*i+q]
			}
		}
	}
}

// measureParting states, for each group of freedoms, how much each relation's bodies part from one another in a motion.
func (n *nullspace) measureParting(groups []*modes, rels []*solve.Relation) {
	of := map[int]*modes{}
	for _, g := range groups {
		for _, b := range g.bodies {
			if !g.alone && !g.large() {
				of[b] = g
			}
		}
	}
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
		ia, okA := g.at[r.A.Body]
		ib, okB := g.at[r.B.Body]
		g.rels = append(g.rels, r)
		p := r.B.Frame.O
		if r.B.Body >= 0 {
			p = n.poses[r.B.Body].Point(p)
		}
		m := dense.New(6, g.d)
		if okA {
			n.addMoved(m, r.A.Body, g.n[ia], p, -1)
		}
		if okB {
			n.addMoved(m, r.B.Body, g.n[ib], p, 1)
		}
		g.parts = append(g.parts, m)
	}
}

// addMoved brings a body's motion from its own measure to the place p (slide at p, turn times the body's size) and adds it to m,
// times k.
func (n *nullspace) addMoved(m dense.Mat, b int, own dense.Mat, p geom.Vec, k float64) {
	bd := &n.sys.Bodies[b]
	arm := p.Sub(n.poses[b].Point(bd.Centre)).Scale(1 / bd.Size)
	d := own.C
	var row [6][]float64
	for i := range row {
		row[i] = own.Row(i)
	}
	for j := 0; j < d; j++ {
		w := geom.V(row[3][j], row[4][j], row[5][j])
		s := geom.V(row[0][j], row[1][j], row[2][j]).Add(w.Cross(arm))
		m.A[j] += k * s.X
		m.A[d+j] += k * s.Y
		m.A[2*d+j] += k * s.Z
		m.A[3*d+j] += k * w.X
		m.A[4*d+j] += k * w.Y
		m.A[5*d+j] += k * w.Z
	}
}

// twist is a small rigid motion: slide of the point at the root origin, and turn (radians).
type twist struct{ v, w geom.Vec }

// twistOf reads a body's motion in z.
func (n *nullspace) twistOf(g *modes, b int, z []float64) twist {
	i, ok := g.at[b]
	if !ok {
		return twist{}
	}
	x := g.rate(i, z)
	bd := &n.sys.Bodies[b]
	c := n.poses[b].Point(bd.Centre)
	w := geom.V(x[3], x[4], x[5]).Scale(1 / bd.Size)
	return twist{geom.V(x[0], x[1], x[2]).Sub(w.Cross(c)), w}
}

// own gives the six numbers of a twist in a body's own measure.
func (n *nullspace) own(b int, t twist) []float64 {
	bd := &n.sys.Bodies[b]
	v := t.v.Add(t.w.Cross(n.poses[b].Point(bd.Centre)))
	return []float64{v.X, v.Y, v.Z, t.w.X * bd.Size, t.w.Y * bd.Size, t.w.Z * bd.Size}
}

func turnAt(p, d geom.Vec) twist    { return twist{p.Cross(d), d} }
func slideOn(d geom.Vec) twist      { return twist{v: d} }
func (t twist) minus(o twist) twist { return twist{t.v.Sub(o.v), t.w.Sub(o.w)} }

// lift completes a motion z of the group by whatever of the free columns makes the fewest bodies part: what can ride,
// rides. shy columns are used only where that saves a parting (a pin rather stays than turns with what hangs on it).
// The sum of partings, not of their squares, is made small, by weighting anew a few times.
func (g *modes) lift(z []float64, free, shy dense.Mat) []float64 {
	c := free.C + shy.C
	if c == 0 || len(g.parts) == 0 {
		return z
	}
	all := beside(free, shy)
	a := dense.New(c, c)
	b := make([]float64, c)
	if len(g.parts)*g.d*g.d > 3e5 { // plain least squares is enough, from squares summed once
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
		top := 1e-12
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
		if round == 8 {
			return out
		}
		// what does not part in the motion as it is, is loath to
		least := math.Inf(1)
		for k := range weight {
			weight[k] = 1 / (weight[k]/top + 1e-5)
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
					for j, v := range row {
						to[j] += x * v
					}
				}
			}
		}
		y = b
		out = g.completed(z, all, free.C, a, y, least)
		b = make([]float64, c)
	}
}

// completed solves a·c = b, in place, and adds the columns so combined to z.
func (g *modes) completed(z []float64, all dense.Mat, free int, a dense.Mat, b []float64, least float64) []float64 {
	for i := 0; i < all.C; i++ {
		small := 1e-9
		if i >= free {
			small = 1e-2 * least
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
func (g *modes) sumSquares() {
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
				for j, v := range row[i:] {
					to[j] += x * v
				}
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
				for j, v := range b.Row(k) {
					to[j] += x * v
				}
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

// simple spans a subspace of the group's freedoms by simple motions. They are sought body by body in build order; free
// spans what may be added to any of them (idle spins).
func (n *nullspace) simple(g *modes, s, free dense.Mat) [][]float64 {
	var out [][]float64
	rest := s
	for _, b := range g.bodies {
		if rest.C == 0 || n.sys.Stopped() {
			break
		}
		nb := g.n[g.at[b]].Mul(rest) // 6 × r
		_, sv, v := dense.SVD(nb)
		k := 0
		for k < len(sv) && sv[k] > 1e-7 && sv[k] > stillTol*sv[0] {
			k++
		}
		if k == 0 {
			continue
		}
		here := rest.Mul(dense.LeftCols(v, k))
		rest = dense.Without(rest, v, k)
		for _, t := range n.simpleTwists(g, b, here) {
			want := n.own(b, t)
			y := dense.LeastSquares(g.n[g.at[b]].Mul(here), want, 1e-9)
			z := g.lift(here.Vec(y), rest, free)
			out = append(out, z)
		}
	}
	return out
}

func cols(m dense.Mat) [][]float64 {
	var c [][]float64
	for j := 0; j < m.C; j++ {
		c = append(c, m.Col(j))
	}
	return c
}

// places are points and directions of real features where a body is related, in the root frame.
func (n *nullspace) places(g *modes, b int) (points, dirs []geom.Vec) {
	addDir := func(d geom.Vec) {
		for _, e := range dirs {
			if math.Abs(e.Dot(d)) > 1-1e-10 {
				return
			}
		}
		dirs = append(dirs, d)
	}
	for _, r := range g.rels {
		for _, f := range [2]solve.Feat{r.A, r.B} {
			if r.A.Body != b && r.B.Body != b {
				continue
			}
			p, d := f.Frame.O, f.Frame.Z
			if f.Body >= 0 {
				p, d = n.poses[f.Body].Point(p), n.poses[f.Body].Dir(d)
			}
			points = append(points, p)
			if f.F.HasDirection() {
				addDir(d)
			}
		}
	}
	bd := &n.sys.Bodies[b]
	points = append(points, n.poses[b].Point(bd.Centre), n.poses[b].O)
	for _, d := range [3]geom.Vec{{X: 1}, {Y: 1}, {Z: 1}} {
		addDir(d)
	}
	return points, dirs
}

// simpleTwists finds pure turns and slides that span what body b can do in the columns of z, screws where nothing purer exists.
func (n *nullspace) simpleTwists(g *modes, b int, z dense.Mat) []twist {
	d := z.C
	size := n.sys.Bodies[b].Size
	ts := make([]twist, d)
	w := dense.New(3, d)
	for j := range ts {
		ts[j] = n.twistOf(g, b, z.Col(j))
		for i, x := range ts[j].w.Scale(size).Array() {
			w.Set(i, j, x)
		}
	}
	combine := func(c []float64) (t twist) {
		for j, x := range c {
			t.v = t.v.AddScaled(x, ts[j].v)
			t.w = t.w.AddScaled(x, ts[j].w)
		}
		return t
	}
	u, sv, wv := dense.SVD(w)
	r := 0
	for r < 3 && r < d && sv[r] > 1e-7 {
		r++
	}
	points, dirs := n.places(g, b)
	// slides: combinations that turn nothing
	var slides []geom.Vec
	still := dense.Complement(dense.LeftCols(wv, r))
	for j := 0; j < still.C; j++ {
		v := combine(still.Col(j)).v
		for _, s := range slides {
			v = v.Reject(s)
		}
		slides = append(slides, v.Unit())
	}
	slides = pickDirections(slides, dirs)
	var out []twist
	var turns []geom.Vec
	for j := 0; j < r; j++ {
		turns = append(turns, geom.V(u.At(0, j), u.At(1, j), u.At(2, j)))
	}
	turns = pickDirections(turns, dirs)
	var chosen []geom.Vec // centres used, tried again first
	for _, dir := range turns {
		c := dense.LeastSquares(w, dir.Scale(size).Slice(), 1e-9)
		base := combine(c)
		best, ok := twist{}, false
		for _, p := range append(append([]geom.Vec(nil), chosen...), points...) {
			t := turnAt(p, dir)
			if off := outside(t.v.Sub(base.v), slides); off.Norm() < 1e-6*(size+p.Norm()*1e-3) {
				best, ok = t, true
				chosen = append(chosen, p)
				break
			}
		}
		if !ok {
			// no feature lies on the axis: drop what slides can supply, then the pitch if a slide can take it
			best = base
			along := outside(dir, slides)
			if along.Norm() < 1e-9 {
				best.v = best.v.AddScaled(-best.v.Dot(dir), dir)
			}
		}
		out = append(out, best)
	}
	for _, s := range slides {
		out = append(out, slideOn(s))
	}
	return out
}

func outside(v geom.Vec, span []geom.Vec) geom.Vec {
	var basis []geom.Vec
	for _, s := range span {
		for _, b := range basis {
			s = s.Reject(b)
		}
		basis = append(basis, s.Unit())
	}
	for _, b := range basis {
		v = v.Reject(b)
	}
	return v
}

// pickDirections replaces the directions by known ones that lie in the same span, as far as they go.
func pickDirections(span, known []geom.Vec) []geom.Vec {
	if len(span) == 0 {
		return nil
	}
	var basis []geom.Vec
	for _, s := range span {
		for _, b := range basis {
			s = s.Reject(b)
		}
		basis = append(basis, s.Unit())
	}
	var out []geom.Vec
	take := func(d geom.Vec, square bool) {
		if len(out) == len(basis) {
			return
		}
		e := d
		for _, o := range out {
			if square && math.Abs(o.Dot(d)) > 1e-7 {
				return
			}
			e = e.Reject(o)
		}
		if e.Norm() > 0.3 {
			if square {
				out = append(out, d.Unit())
			} else {
				out = append(out, e.Unit())
			}
		}
	}
	for _, square := range [2]bool{true, false} {
		for _, k := range known {
			in := geom.Vec{}
			for _, b := range basis {
				in = in.AddScaled(k.Dot(b), b)
			}
			if in.Sub(k).Norm() < 1e-7 {
				take(k, square)
			}
		}
	}
	for _, b := range basis {
		take(b, false)
	}
	return out
}

// tell describes a motion of the group: what it is, of the first body that moves, and what rides along.
func (m *model) tell(n *nullspace, g *modes, z []float64, class string) Motion {
	mo := Motion{Class: class, Rides: []string{}}
	big := 0.0
	much := make([]float64, len(g.bodies)) // how far each body goes, squared
	for i := range g.bodies {
		x := g.rate(i, z)
		much[i] = dense.Dot(x, x)
		big = math.Max(big, much[i])
	}
	first := -1
	for i, b := range g.bodies {
		if much[i] > 1e-8*big {
			if first < 0 {
				first = b
			}
			mo.Rides = append(mo.Rides, m.comps[b].Name)
		}
	}
	if first < 0 {
		return mo
	}
	t := n.twistOf(g, first, z)
	size := n.sys.Bodies[first].Size
	own := n.own(first, t)
	amount := dense.Norm(own)
	if t.w.Norm()*size < 1e-5*amount {
		mo.Kind = "slide"
		mo.Direction = clean(lead(t.v.Unit())).Array()
		return mo // a slide has no place: its point is the origin
	}
	w2 := t.w.Dot(t.w)
	d := lead(t.w.Unit())
	pitch := t.v.Dot(t.w) / w2 * 2 * math.Pi // mm per turn
	p := t.w.Cross(t.v).Scale(1 / w2)
	mo.Kind = "turn"
	if math.Abs(pitch) > 1e-4*(1+size) {
		mo.Kind = "screw"
		mo.Pitch = round(pitch)
	}
	mo.Point = clean(p).Array()
	mo.Direction = clean(d).Array()
	return mo
}

// lead turns a direction so that its first number that counts is positive.
func lead(d geom.Vec) geom.Vec {
	for _, x := range d.Array() {
		if math.Abs(x) > 1e-9 {
			if x < 0 {
				return d.Neg()
			}
			break
		}
	}
	return d
}

// clean takes rounding noise off numbers that are shown.
func clean(v geom.Vec) geom.Vec { return geom.V(round(v.X), round(v.Y), round(v.Z)) }

func round(x float64) float64 {
	r := math.Round(x*1e9) / 1e9
	if r == 0 {
		return 0
	}
	return r
}
