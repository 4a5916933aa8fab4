package account

import (
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/solve"
)

// near is what a step along a group's freedoms may disturb: the blocks with equations to spare in which something moves.
// All other blocks have independent equations or stand still, and stay as they are.
type near struct {
	bodies []int // free in them; the body that a block hangs on stands
	rels   []*solve.Relation
	here   int  // freedoms of the bodies at the solved pose
	spare  int  // steps that may still be tried
	done   bool // momentary has been decided
	shaky  int
	unsure bool // there were too many ways to try
}

// nearOf finds what is near a group.
func (m *model) nearOf(g *modes, st settled) *near {
	if g.near != nil {
		return g.near
	}
	w := &near{}
	g.near = w
	free := map[int]bool{}
	removed := 0
	var buf [4]int
	for _, bl := range m.blocks {
		moves := false
		if bl.excess > 0 {
			for _, i := range bl.rels {
				for _, b := range m.sys.FreeBodies(m.sys.Rels[i], &buf) {
					_, ok := g.at[b]
					moves = moves || ok
				}
			}
		}
		if !moves {
			continue
		}
		removed -= bl.excess
		for _, i := range bl.rels {
			removed += m.asked[i]
			w.rels = append(w.rels, m.sys.Rels[i])
			for _, b := range m.sys.FreeBodies(m.sys.Rels[i], &buf) {
				if b != bl.root {
					free[b] = true
				}
			}
		}
	}
	for b := range free {
		w.bodies = append(w.bodies, b)
	}
	slices.Sort(w.bodies)
	slices.SortStableFunc(w.rels, func(a, b *solve.Relation) int { return m.line(a) - m.line(b) })
	w.here = 6*len(w.bodies) - removed
	// where hundreds of bodies must be solved anew at each step, a few steps have to do
	w.spare = max(16, 500000/(1+len(w.bodies)*len(w.bodies)))
	return w
}

// leftAt counts the freedoms of the bodies near at other poses, all others standing.
func (m *model) leftAt(w *near, poses []geom.Pose) int {
	if m.probe == nil {
		m.probe = newNullspace(m.sys, poses, nil)
		m.probe.count = true
	}
	n := m.probe
	n.again(poses, w.bodies, w.rels)
	for _, b := range w.bodies {
		n.open(b)
	}
	for _, r := range w.rels {
		n.post(r)
	}
	for _, b := range w.bodies {
		n.free[b], n.of[b] = false, nil
	}
	return n.left()
}

// stepSize is how far a body goes, as a part of its own size, when a freedom is tried.
const stepSize = 0.01

// step goes a finite way along a freedom and re-solves what is near; it tells the poses, good until the next step, and
// whether most of the way was kept.
func (m *model) step(g *modes, z []float64, st settled, sign float64) ([]geom.Pose, bool) {
	big := 0.0
	for i, b := range g.bodies {
		big = math.Max(big, dense.Norm(g.rate(i, z))/m.sys.Bodies[b].Size)
	}
	if big == 0 {
		return nil, false
	}
	h := sign * stepSize / big
	if m.trial == nil {
		m.trial = append([]geom.Pose(nil), st.poses...)
	}
	w := m.nearOf(g, st)
	for _, b := range m.moved { // by the last step
		m.trial[b] = st.poses[b]
	}
	m.moved = append(append(m.moved[:0], g.bodies...), w.bodies...)
	for i, b := range g.bodies {
		d := g.rate(i, z)
		for k := range d {
			d[k] *= h
		}
		m.trial[b] = m.sys.Move(st.poses[b], b, d)
	}
	if !m.sys.Rest(w.bodies, w.rels, m.trial, solve.Options{MM: 1e-8, Deg: 1e-8}) {
		return nil, false
	}
	kept, all := 0.0, 0.0
	for i, b := range g.bodies {
		if _, ok := slices.BinarySearch(w.bodies, b); !ok {
			continue // it went all the way
		}
		want := g.rate(i, z)
		got := displacement(m.sys, b, st.poses[b], m.trial[b])
		for k := range want {
			kept += want[k] * h * got[k]
			all += want[k] * h * want[k] * h
		}
	}
	return m.trial, all == 0 || kept > 0.5*all
}

// follows steps along a freedom and re-solves: a real motion gets somewhere, a momentary one falls back or breaks.
func (m *model) follows(g *modes, z []float64, st settled, sign float64) bool {
	_, ok := m.step(g, z, st, sign)
	return ok
}

// goes tries a freedom both ways, as long as there are steps to spare; past that it is not in doubt.
func (m *model) goes(g *modes, z []float64, st settled, w *near) bool {
	if w.spare <= 0 {
		return true
	}
	w.spare -= 2
	return m.follows(g, z, st, 1) || m.follows(g, z, st, -1)
}

// displacement measures a body's way between two poses in its own measure.
func displacement(sys *solve.System, b int, from, to geom.Pose) [6]float64 {
	bd := &sys.Bodies[b]
	v := to.Point(bd.Centre).Sub(from.Point(bd.Centre))
	w := to.Q.Mul(from.Q.Conj()).Log().Scale(bd.Size)
	return [6]float64{v.X, v.Y, v.Z, w.X, w.Y, w.Z}
}

// momentary counts the freedoms of a group that exist only at this very pose: the freedoms here less the most that are
// left at any pose nearby that can be reached. Where no equation is to spare the pose is a regular one, and none are.
func (m *model) momentary(g *modes, st settled) int {
	w := m.nearOf(g, st)
	if !w.done {
		w.done = true
		if len(w.rels) > 0 {
			w.shaky = m.lost(g, w, st)
		}
	}
	return w.shaky
}

// shakyOf is how many of the loose freedoms are told as momentary: none where that is not sure.
func (m *model) shakyOf(g *modes, loose int, st settled) int {
	if loose == 0 {
		return 0
	}
	k := m.momentary(g, st)
	if g.near.unsure {
		return 0
	}
	return min(loose, k)
}

// lost tries steps and counts the fewest freedoms lost by one.
func (m *model) lost(g *modes, w *near, st settled) int {
	most := max(0, w.here-g.d)
	try := func(z []float64) bool {
		for _, sign := range [2]float64{1, -1} {
			if w.spare--; w.spare < 0 || m.stopped() {
				w.unsure = true
				return false
			}
			if poses, ok := m.step(g, z, st, sign); ok {
				most = max(most, m.leftAt(w, poses))
				if most >= w.here {
					return true
				}
			}
		}
		return false
	}
	// a mixture of all freedoms is the likely case: if it can be followed with none lost, all are real
	mix := make([]float64, g.d)
	for i := range mix {
		mix[i] = 1 + 0.37*math.Sin(float64(7*i+1))
	}
	if try(mix) {
		return 0
	}
	for i := 0; i < g.d && !w.unsure; i++ {
		z := make([]float64, g.d)
		z[i] = 1
		if try(z) {
			return 0
		}
	}
	for i := 0; i < g.d && g.d <= 12; i++ {
		for j := 0; j < i && !w.unsure; j++ {
			for _, s := range [2]float64{1, -1} {
				z := make([]float64, g.d)
				z[i], z[j] = 1, s
				if try(z) {
					return 0
				}
			}
		}
	}
	return w.here - most
}
