package solve

import (
	"math"

	"setfast/core/geom"
)

// newton brings the given relations to rest by moving the given bodies: damped Gauss–Newton steps. The damping is so
// small that a step is, but for rounding, the least one that satisfies the linearised equations: bodies keep the
// freedoms that nothing asks about where they were. Poses are changed in place.
// It returns the largest residual left, in mm.
func (s *System) newton(bodies []int, rels []*Relation, poses []geom.Pose, maxIter int) float64 {
	if len(bodies) == 0 || len(rels) == 0 {
		var rs Rows
		worst := 0.0
		for _, r := range rels {
			for _, row := range s.Eval(r, poses, &rs) {
				worst = math.Max(worst, math.Abs(row.R))
			}
		}
		return worst
	}
	node := make(map[int]int, len(bodies))
	for i, b := range bodies {
		node[b] = i
	}
	var pairs [][2]int
	for _, r := range rels {
		var buf [4]int
		bs := s.FreeBodies(r, &buf)
		for i := range bs {
			for j := 0; j < i; j++ {
				a, okA := node[bs[i]]
				b, okB := node[bs[j]]
				if okA && okB {
					pairs = append(pairs, [2]int{a, b})
				}
			}
		}
	}
	w := newtonWork{s: s, bodies: bodies, rels: rels, node: node, m: newBlockMatrix(len(bodies), pairs)}
	w.g = make([]float64, 6*len(bodies))
	w.d = make([]float64, 6*len(bodies))
	start := make([]geom.Pose, len(bodies)) // of the step being tried
	f, worst := w.linearise(poses)
	fresh := true // the equations are linearised at these poses
	lambda := 1e-9
	small := 0
	for iter := 0; iter < maxIter && worst > 1e-11; iter++ {
		ok := false
		var fNew, worstNew float64
		for try := 0; try < 14; try++ {
			if !fresh {
				w.linearise(poses)
				fresh = true
			}
			w.damp(lambda)
			fresh = false
			if !w.m.factor() {
				lambda = math.Max(lambda*30, 1e-9)
				continue
			}
			for i, g := range w.g {
				w.d[i] = -g
			}
			w.m.solve(w.d)
			stepMax := w.limit()
			for i, b := range bodies {
				start[i] = poses[b]
				poses[b] = s.Move(poses[b], b, w.d[i*6:i*6+6])
			}
			// linearised at once: most steps are taken
			fNew, worstNew = w.linearise(poses)
			if fNew < f {
				ok, fresh = true, true
				break
			}
			for i, b := range bodies {
				poses[b] = start[i]
			}
			if stepMax < 1e-13*(1+w.reach(poses)) {
				break
			}
			lambda = math.Max(lambda*20, 1e-6)
		}
		if !ok {
			break
		}
		gain := (f - fNew) / f
		f, worst = fNew, worstNew
		lambda = math.Max(lambda/10, 1e-11)
		// at a compromise between relations at odds the residual stays: stop when it no longer falls
		if gain < 1e-9 {
			if small++; small >= 3 {
				break
			}
		} else {
			small = 0
		}
	}
	return worst
}

type newtonWork struct {
	s      *System
	bodies []int
	rels   []*Relation
	node   map[int]int
	m      *blockMatrix
	g, d   []float64
	rs     Rows
	top    float64 // largest diagonal entry
}

// linearise fills the normal equations and the gradient; it returns half the sum of squares and the largest residual.
func (w *newtonWork) linearise(poses []geom.Pose) (float64, float64) {
	w.m.clear()
	for i := range w.g {
		w.g[i] = 0
	}
	f, worst := 0.0, 0.0
	for _, r := range w.rels {
		rows := w.s.Eval(r, poses, &w.rs)
		for k := range rows {
			row := &rows[k]
			f += row.R * row.R / 2
			worst = math.Max(worst, math.Abs(row.R))
			for i := 0; i < row.N; i++ {
				a, ok := w.node[row.Body[i]]
				if !ok {
					continue
				}
				for c := 0; c < 6; c++ {
					w.g[a*6+c] += row.R * row.G[i][c]
				}
				w.m.addOuter(a, a, &row.G[i], &row.G[i])
				for j := 0; j < i; j++ {
					if b, ok := w.node[row.Body[j]]; ok {
						w.m.addOuter(a, b, &row.G[i], &row.G[j])
					}
				}
			}
		}
	}
	w.top = 0
	for i := range w.m.diag {
		for c := 0; c < 6; c++ {
			w.top = math.Max(w.top, w.m.diag[i][c*7])
		}
	}
	if math.IsNaN(f) {
		f = math.Inf(1)
	}
	return f, worst
}

// damp adds to the diagonal in proportion to the stiffest entry near, so that small parts are not frozen by large ones.
func (w *newtonWork) damp(lambda float64) {
	for i := range w.m.diag {
		m := 0.0
		for c := 0; c < 6; c++ {
			m = math.Max(m, w.m.diag[i][c*7])
		}
		if m == 0 {
			m = w.top
		}
		if m == 0 {
			m = 1
		}
		for c := 0; c < 6; c++ {
			w.m.diag[i][c*7] += lambda * m
		}
	}
}

// limit shortens the step where a body would turn by more than half a radian, and returns its largest part.
func (w *newtonWork) limit() float64 {
	turn, big := 0.0, 0.0
	for i, b := range w.bodies {
		d := w.d[i*6 : i*6+6]
		turn = math.Max(turn, geom.V(d[3], d[4], d[5]).Norm()/w.s.Bodies[b].Size)
		for _, x := range d {
			big = math.Max(big, math.Abs(x))
		}
	}
	if turn > 0.5 {
		k := 0.5 / turn
		for i := range w.d {
			w.d[i] *= k
		}
		big *= k
	}
	return big
}

// reach is the largest distance in play, for judging what is small.
func (w *newtonWork) reach(poses []geom.Pose) float64 {
	m := 0.0
	for _, b := range w.bodies {
		m = math.Max(m, math.Max(poses[b].O.Norm(), w.s.Bodies[b].Size))
	}
	return m
}
