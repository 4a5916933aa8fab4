package sweep

import (
	"math"

	"setfast/core/motion"
)

// The least clearance of a leg. Pairs are measured where the walk looks at them; those that it spares, and those whose boxes never meet, are
// looked at again where they could come nearer than the least that was found. Places are no farther apart than a part of the leg; about the least
// of them the way is searched by thirds, so that a clearance that dips between two places is found if it falls towards one of them.

const (
	leastPlaces = 72 // of a leg at the least
	thirds      = 20 // searches about the least place
)

// nearest is what the search for the least clearance has found.
type nearest struct {
	l    *leg
	s    *scene
	best float64
	pair *pair
	at   float64 // of the coordinate that leads
}

// leastClearance finds the pair that comes nearest of those that move against each other and never touch, and where. The run stands where the leg begins.
func (l *leg) leastClearance(s *scene, walks []*walk, goal int) (*Least, error) {
	n := &nearest{l: l, s: s, best: math.Inf(1)}
	steps := l.r.Leg().Steps
	split := (leastPlaces + steps - 1) / max(steps, 1) // places to a step
	var more []*tracked
	for _, w := range walks {
		for _, t := range w.pairs {
			if p := t.pair; t.moved && !p.met && p.measured && p.least < n.best {
				n.best, n.pair, n.at = p.least, p, p.leastAt
			}
		}
	}
	for _, w := range walks {
		for _, t := range w.pairs {
			if t.moved && !t.met && (split > 1 || t.bound < n.best) {
				more = append(more, t)
			}
		}
	}
	for _, p := range s.beside(n.best) {
		more = append(more, &tracked{pair: p})
	}
	if err := n.along(more, goal, max(1, split)); err != nil || n.pair == nil {
		return nil, err
	}
	n.about(l.r.Leg().From, l.r.Leg().To, float64(steps*max(1, split)))
	p := n.pair
	return &Least{s.parts[p.a].Name, s.parts[p.b].Name, thousandth(n.best), thousandth(n.at), l.n}, stop(l.ctx, l.r)
}

// along looks at pairs along the way, each as often as it could be nearer than the least that is known.
func (n *nearest) along(pairs []*tracked, goal, split int) error {
	r := n.l.r
	for _, t := range pairs {
		t.spare, t.stood = 0, n.s.relative(t.pair, r.Poses())
		t.since = t.stood
	}
	for k := 0; k <= goal && len(pairs) > 0; k++ {
		for m := 1; m <= split; m++ {
			if k == 0 && m < split {
				continue
			}
			if k > 0 && r.To(r.Goal(k-1)+(r.Goal(k)-r.Goal(k-1))*float64(m)/float64(split)) != "" {
				return nil
			}
			for _, t := range pairs {
				n.look(t, r)
			}
			if err := stop(n.l.ctx, r); err != nil {
				return err
			}
		}
	}
	return nil
}

// look measures a pair if it could be nearer than the least that is known.
func (n *nearest) look(t *tracked, r *motion.Run) {
	s, p := n.s, t.pair
	is := s.relative(p, r.Poses())
	way := s.way(p, t.stood, is)
	t.stood = is
	if still(t.since, is) { // where it begins counts for what moves, and is looked at from the first place beyond
		return
	}
	if t.spare -= way; t.spare >= n.best {
		return
	}
	reach := n.best + reserves*way
	if math.IsInf(n.best, 0) {
		reach = n.far(p, r)
	}
	t.spare = n.measure(p, r, reach)
	if t.spare <= s.o.MM { // it touches: it is no clearance
		t.spare = math.Inf(1)
	}
	if t.spare < n.best {
		n.best, n.pair, n.at = t.spare, p, r.Value()
	}
}

// far is farther than a pair can be apart where a run stands.
func (n *nearest) far(p *pair, r *motion.Run) float64 {
	to := n.s.relative(p, r.Poses())
	return to.Point(n.s.middle[p.b]).Sub(n.s.middle[p.a]).Norm() + n.s.reach[p.a] + n.s.reach[p.b]
}

// measure is the distance of a pair where a run stands, as far as a reach.
func (n *nearest) measure(p *pair, r *motion.Run, reach float64) float64 {
	a, b := n.s.parts[p.a].Solid, n.s.parts[p.b].Solid
	got := n.s.eye.See(a, b, n.s.relative(p, r.Poses()), n.s.o.MM, reach, p.hint)
	if got.Crosses {
		return 0
	}
	if got.Distance < reach {
		p.hint = &got.Tris
	}
	return got.Distance
}

// about searches the way about the place that is known for where the pair comes nearest.
func (n *nearest) about(from, to, places float64) {
	if places == 0 || from == to {
		return
	}
	r := n.l.r
	step := (to - from) / places
	clamp := func(v float64) float64 { return math.Max(math.Min(from, to), math.Min(math.Max(from, to), v)) }
	u, v := clamp(n.at-step), clamp(n.at+step)
	look := func(x float64) float64 {
		if r.To(x) != "" {
			return math.Inf(1)
		}
		return n.measure(n.pair, r, n.far(n.pair, r))
	}
	for range thirds {
		p, q := u+(v-u)/3, v-(v-u)/3
		dp, dq := look(p), look(q)
		for _, x := range [2][2]float64{{p, dp}, {q, dq}} {
			if x[1] > 0 && x[1] < n.best-stillMM {
				n.at, n.best = x[0], x[1]
			}
		}
		if dp <= dq {
			v = q
		} else {
			u = p
		}
		if math.Abs(v-u) < ends {
			return
		}
	}
}

// beside lists the pairs whose boxes never meet but come nearer than a distance.
func (s *scene) beside(mm float64) (out []*pair) {
	if math.IsInf(mm, 0) {
		mm = s.size()
	}
	known := map[[2]int]bool{}
	for _, p := range s.pairs {
		known[[2]int{p.a, p.b}] = true
	}
	for i := range s.parts {
		for j := i + 1; j < len(s.parts); j++ {
			x, y := &s.parts[i], &s.parts[j]
			if x.Solid == nil || y.Solid == nil || x.Body == y.Body || known[[2]int{i, j}] || gap(s.low[i], s.high[i], s.low[j], s.high[j]) >= mm {
				continue
			}
			out = append(out, &pair{a: i, b: j})
		}
	}
	return out
}
