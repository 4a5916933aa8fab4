package solve

import (
	"math"
	"runtime"

	"setfast/core/geom"
	"setfast/core/par"
	"setfast/core/relation"
	"setfast/core/tol"
)

// effort is how hard to try.
type effort struct {
	iterations int
	// far: bodies have far to go. The least step spins the end of a long chain that must come round wildly while the rest stays;
	// with turns spared instead of ways, all turn a little.
	far       bool
	impatient bool    // give up where the residual hardly falls: another set of bodies will be tried
	brief     bool    // give up at the first step that does not lead well towards holding
	foresees  bool    // give up where the linear equations foretell that next to nothing can be gained
	rest      float64 // mm: enough, where it is more than rounding
	spread    bool    // by all processors, where there are many relations: for where nothing else is done meanwhile
	chords    bool    // a factor serves again as long as steps lead far: for where bodies are near their places
}

// newton brings the given relations to rest by moving the given bodies: damped Gauss–Newton steps. Poses are changed in
// place. It returns the largest residual left, in mm.
func (s *System) newton(bodies []int, rels []*Relation, poses []geom.Pose, e effort) float64 {
	var p *pattern
	if len(bodies) > 1 && len(rels) > 0 {
		p = newPattern(len(bodies), s.worker().neighbours(s, bodies, rels))
	}
	return s.newtonOn(p, bodies, rels, poses, e)
}

// newtonOn does the same with a pattern made before.
func (s *System) newtonOn(pat *pattern, bodies []int, rels []*Relation, poses []geom.Pose, e effort) float64 {
	if len(bodies) == 0 || len(rels) == 0 {
		return s.worst(rels, poses)
	}
	w := s.worker()
	w.begin(s, bodies, rels, pat)
	w.spread = e.spread && len(rels) >= manyRelations && runtime.GOMAXPROCS(0) > 1
	defer w.end()
	f, worst := w.linearise(poses)
	fresh := true // the equations are linearised at these poses
	held := false // they were at poses so near that the factor serves again
	lambda := damping(tol.DampStart)
	var p progress
	for iter := 0; iter < e.iterations && worst > math.Max(tol.AtRest, e.rest) && !s.Stopped(); iter++ {
		ok := false
		var fNew, worstNew float64
		for try := 0; try < 14; try++ {
			if !held {
				if !fresh {
					w.linearise(poses)
				}
				if k := float64(lambda); e.far {
					w.damp(tol.DampSlides*k, k)
				} else {
					w.damp(k, k)
				}
				fresh = false
				if !w.m.factor() {
					lambda = lambda.unfactored()
					continue
				}
			}
			for i, g := range w.g {
				w.d[i] = -g
			}
			w.m.solve(w.d, w.tmp)
			if e.foresees && hopeless(f, w.g, w.d) {
				return worst
			}
			stepMax := w.limit()
			for i, b := range bodies {
				w.was[i] = poses[b]
				poses[b] = s.Move(poses[b], b, w.d[i*6:i*6+6])
			}
			// linearised at once, where no factor is kept: most steps are taken
			w.lean = e.chords
			fNew, worstNew = w.linearise(poses)
			w.lean = false
			if fNew < f {
				ok, fresh, held = true, !e.chords, e.chords && leadsFar(f, fNew)
				break
			}
			for i, b := range bodies {
				poses[b] = w.was[i]
			}
			if held {
				held = false
				continue
			}
			if isRounding(stepMax, w.reach(poses)) {
				break
			}
			lambda = lambda.refused()
		}
		if !ok {
			break
		}
		s.follow(w.dials, poses)
		over := p.over(f, fNew, e)
		f, worst = fNew, worstNew
		if over {
			break
		}
		lambda = lambda.taken()
	}
	return worst
}

// worst is the largest residual of the relations, in mm.
func (s *System) worst(rels []*Relation, poses []geom.Pose) float64 {
	rs := &s.worker().rs
	worst := 0.0
	for _, r := range rels {
		rows := s.Eval(r, poses, rs)
		for i := range rows {
			worst = math.Max(worst, math.Abs(rows[i].R))
		}
	}
	return worst
}

// worker is the memory of a solve, used again by the next.
type worker struct {
	s      *System
	bodies []int
	rels   []*Relation
	node   []int32 // per body: its place in the set, or −1
	slots  []slots
	m      matrix
	g, d   []float64
	tmp    []float64
	was    []geom.Pose // before the step being tried
	dials  []int       // of joints of the bodies
	rs     Rows
	lean   bool   // only the gradient is wanted, not the matrix
	spread bool   // the equations are stated by all processors
	each   []Rows // then per relation
	pairs  [][2]int32
	weight []float64 // per relation, where they do not weigh the same
}

// slots says where the blocks of a relation go.
type slots struct {
	n    int
	body [4]int32
	node [4]int32
	off  [6]int32 // of the pair (i, j), j < i, at i(i−1)/2 + j
	flip [6]bool  // the block is stored the other way round
}

func (s *System) worker() *worker {
	if s.work == nil {
		s.work = &worker{}
	}
	if len(s.work.node) != len(s.Bodies) {
		s.work.node = make([]int32, len(s.Bodies))
		for i := range s.work.node {
			s.work.node[i] = -1
		}
	}
	return s.work
}

// number gives the set's bodies their places and finds which a relation touches.
func (w *worker) number(s *System, bodies []int, rels []*Relation) {
	for i, b := range bodies {
		w.node[b] = int32(i)
	}
	w.slots = w.slots[:0]
	var buf [4]int
	for _, r := range rels {
		var t slots
		for _, b := range s.FreeBodies(r, &buf) {
			if w.node[b] >= 0 {
				t.body[t.n], t.node[t.n] = int32(b), w.node[b]
				t.n++
			}
		}
		w.slots = append(w.slots, t)
	}
}

func (w *worker) neighbours(s *System, bodies []int, rels []*Relation) [][2]int32 {
	w.number(s, bodies, rels)
	w.pairs = w.pairs[:0]
	for k := range w.slots {
		t := &w.slots[k]
		for i := 0; i < t.n; i++ {
			for j := 0; j < i; j++ {
				w.pairs = append(w.pairs, [2]int32{t.node[i], t.node[j]})
			}
		}
	}
	w.unnumber(bodies)
	return w.pairs
}

func (w *worker) unnumber(bodies []int) {
	for _, b := range bodies {
		w.node[b] = -1
	}
}

func (w *worker) begin(s *System, bodies []int, rels []*Relation, p *pattern) {
	w.s, w.bodies, w.rels = s, bodies, rels
	w.number(s, bodies, rels)
	n := len(bodies)
	w.m.reset(n, p)
	if p != nil {
		for k := range w.slots {
			t := &w.slots[k]
			for i := 0; i < t.n; i++ {
				for j := 0; j < i; j++ {
					t.off[i*(i-1)/2+j], t.flip[i*(i-1)/2+j] = p.slot(t.node[i], t.node[j])
				}
			}
		}
	}
	w.g = resize(w.g, 6*n)
	w.d = resize(w.d, 6*n)
	w.tmp = resize(w.tmp, 6*n)
	if cap(w.was) < n {
		w.was = make([]geom.Pose, n)
	}
	w.was = w.was[:n]
	w.dials = s.dialsOn(bodies, w.dials)
	w.rs.only = -1
	if n == 1 {
		w.rs.only = bodies[0]
	}
}

func (w *worker) end() {
	w.unnumber(w.bodies)
	w.rs.only, w.spread = -1, false
}

func resize[T any](x []T, n int) []T {
	if cap(x) < n {
		return make([]T, n)
	}
	return x[:n]
}

// linearise fills the normal equations and the gradient; it returns half the sum of squares and the largest residual.
func (w *worker) linearise(poses []geom.Pose) (float64, float64) {
	if !w.lean {
		w.m.clear()
	}
	clear(w.g)
	f, worst := 0.0, 0.0
	if w.spread {
		w.evaluate(poses)
	}
	for k, r := range w.rels {
		var rows []relation.Row
		if w.spread {
			rows = w.each[k].List
		} else {
			rows = w.s.evalFor(r, poses, &w.rs)
		}
		if w.weight != nil {
			weigh(rows, w.weight[k])
		}
		t := &w.slots[k]
		for q := range rows {
			row := &rows[q]
			f += row.R * row.R / 2
			worst = math.Max(worst, math.Abs(row.R))
			var at [4]int // of the row's bodies among the relation's
			for i := 0; i < row.N; i++ {
				at[i] = -1
				for j := 0; j < t.n; j++ {
					if int(t.body[j]) == row.Body[i] {
						at[i] = j
					}
				}
				a := at[i]
				if a < 0 {
					continue
				}
				na := int(t.node[a])
				gi := &row.G[i]
				g := (*[6]float64)(w.g[na*6:])
				for c := range g {
					g[c] += row.R * gi[c]
				}
				if w.lean {
					continue
				}
				w.m.square(na, gi)
				for j := 0; j < i; j++ {
					b := at[j]
					if b < 0 {
						continue
					}
					hi, lo, u, v := a, b, gi, &row.G[j]
					if a < b {
						hi, lo, u, v = b, a, v, u
					}
					z := hi*(hi-1)/2 + lo
					if t.flip[z] {
						u, v = v, u
					}
					outer6(&w.m.off[t.off[z]], u, v)
				}
			}
		}
	}
	if math.IsNaN(f) {
		f = math.Inf(1)
	}
	return f, worst
}

// manyRelations are worth stating by all processors: each takes a microsecond.
const manyRelations = 256

// evaluate states the equations of all relations, each in memory of its own.
func (w *worker) evaluate(poses []geom.Pose) {
	if n := len(w.rels) - len(w.each); n > 0 {
		w.each = append(w.each, make([]Rows, n)...)
	}
	par.Runs(len(w.rels), manyRelations/4, func(_, from, to int) {
		for k := from; k < to; k++ {
			w.each[k].only = w.rs.only
			w.s.evalFor(w.rels[k], poses, &w.each[k])
		}
	})
}

// damp adds to the diagonal, of slides and of turns, in proportion to the stiffest entry near, so that small parts are not
// frozen by large ones.
func (w *worker) damp(slides, turns float64) {
	top := 0.0
	for i := range w.m.diag {
		for c := 0; c < 6; c++ {
			top = math.Max(top, w.m.diag[i][c*7])
		}
	}
	if top == 0 {
		top = 1
	}
	for i := range w.m.diag {
		m := 0.0
		for c := 0; c < 6; c++ {
			m = math.Max(m, w.m.diag[i][c*7])
		}
		if m == 0 {
			m = top
		}
		for c := 0; c < 3; c++ {
			w.m.diag[i][c*7] += slides * m
			w.m.diag[i][c*7+21] += turns * m
		}
	}
}

// limit shortens the step where a body would turn by more than it may, and returns its largest part.
func (w *worker) limit() float64 {
	turn, big := 0.0, 0.0
	for i, b := range w.bodies {
		d := w.d[i*6 : i*6+6]
		turn = math.Max(turn, geom.V(d[3], d[4], d[5]).Norm()/w.s.Bodies[b].Size)
		for _, x := range d {
			big = math.Max(big, math.Abs(x))
		}
	}
	if turn > tol.LongestTurn {
		k := tol.LongestTurn / turn
		for i := range w.d {
			w.d[i] *= k
		}
		big *= k
	}
	return big
}

// reach is the largest distance in play, for judging what is small.
func (w *worker) reach(poses []geom.Pose) float64 {
	m := 0.0
	for _, b := range w.bodies {
		m = math.Max(m, math.Max(poses[b].O.Norm(), w.s.Bodies[b].Size))
	}
	return m
}
