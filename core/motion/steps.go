package motion

import (
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/mobility"
	"setfast/core/redundancy"
	"setfast/core/solve"
	"setfast/core/tol"
)

// vicinity is what a step along a group's freedoms may disturb: the blocks with equations to spare in which something moves.
// All other blocks have independent equations or stand still, and stay as they are.
type vicinity struct {
	bodies []int // free in them; the body that a block hangs on stands
	rels   []*solve.Relation
	blocks []solve.Block
	here   int  // freedoms of the bodies at the solved pose
	spare  int  // steps that may still be tried
	done   bool // momentary has been decided
	shaky  int
	unsure bool // there were too many ways to try
}

// mostExact is how many bodies are brought to rest to the last digit after a step; more, only to what counts as followed.
const mostExact = 100

// vicinityOf finds what is near a group.
func (s *Study) vicinityOf(g *Group) *vicinity {
	if g.around != nil {
		return g.around
	}
	w := &vicinity{}
	g.around = w
	free := map[int]bool{}
	removed := 0
	var buf [4]int
	for _, bl := range s.Blocks {
		moves := false
		if bl.Excess > 0 {
			for _, i := range bl.Rels {
				for _, b := range s.Sys.FreeBodies(s.Sys.Rels[i], &buf) {
					_, ok := g.place(b)
					moves = moves || ok
				}
			}
		}
		if !moves {
			continue
		}
		w.blocks = append(w.blocks, bl)
		removed -= bl.Excess
		for _, i := range bl.Rels {
			removed += s.Sys.Rels[i].Asks()
			w.rels = append(w.rels, s.Sys.Rels[i])
			for _, b := range s.Sys.FreeBodies(s.Sys.Rels[i], &buf) {
				if b != bl.Root {
					free[b] = true
				}
			}
		}
	}
	for b := range free {
		w.bodies = append(w.bodies, b)
	}
	slices.Sort(w.bodies)
	slices.SortStableFunc(w.rels, func(a, b *solve.Relation) int { return a.Last() - b.Last() })
	w.here = 6*len(w.bodies) - removed
	// where hundreds of bodies must be solved anew at each step, a few steps have to do
	w.spare = max(16, 500000/(1+len(w.bodies)*len(w.bodies)))
	return w
}

// leftAt counts the freedoms of the bodies near at other poses, all others standing. Where as many equations repeat others there as
// here, as many freedoms are left, which is quickly seen; else they are counted relation by relation.
func (s *Study) leftAt(w *vicinity, poses []geom.Pose) int {
	if s.repeatAlike(w, poses) {
		return w.here
	}
	if s.counter == nil {
		s.counter = mobility.NewCounter(s.Sys)
	}
	return s.counter.Left(poses, w.bodies, w.rels)
}

// repeatAlike tells that as many equations of each block repeat others at some poses as do here; not, where that is not sure.
func (s *Study) repeatAlike(w *vicinity, poses []geom.Pose) bool {
	if s.repeats == nil {
		s.repeats = redundancy.NewElimination(s.Sys, poses)
	}
	for _, bl := range w.blocks {
		if n, sure := s.repeats.Repeats(bl.Rels, poses); !sure || n != bl.Excess {
			return false
		}
	}
	return true
}

// step goes a finite way along a freedom and re-solves what is near; it tells the poses, good until the next step, nil where the
// relations would not hold again, and whether most of the way was kept.
func (s *Study) step(g *Group, z []float64, sign float64) (poses []geom.Pose, most bool) {
	big := 0.0
	for i, b := range g.bodies {
		big = math.Max(big, dense.Norm(g.rate(i, z))/s.Sys.Bodies[b].Size)
	}
	if big == 0 {
		return nil, false
	}
	h := sign * tol.Step / big
	s.reached = math.Abs(h) * dense.Norm(z)
	if s.trial == nil {
		s.trial = append([]geom.Pose(nil), s.Poses...)
	}
	w := s.vicinityOf(g)
	for _, b := range s.moved { // by the last step
		s.trial[b] = s.Poses[b]
	}
	s.moved = append(append(s.moved[:0], g.bodies...), w.bodies...)
	for i, b := range g.bodies {
		d := g.rate(i, z)
		for k := range d {
			d[k] *= h
		}
		s.trial[b] = s.Sys.Move(s.Poses[b], b, d)
	}
	enough := 0.0
	if len(w.bodies) > mostExact {
		enough = tol.Followed / 2
	}
	if !s.Sys.Rest(w.bodies, w.rels, s.trial, solve.Options{MM: tol.Followed, Deg: tol.Followed}, enough) {
		return nil, false
	}
	kept, all := 0.0, 0.0
	for i, b := range g.bodies {
		if _, ok := slices.BinarySearch(w.bodies, b); !ok {
			continue // it went all the way
		}
		want := g.rate(i, z)
		got := displacement(s.Sys, b, s.Poses[b], s.trial[b])
		for k := range want {
			kept += want[k] * h * got[k]
			all += want[k] * h * want[k] * h
		}
	}
	return s.trial, all == 0 || kept > tol.Kept*all
}

// follows steps along a freedom and re-solves: a real motion gets somewhere, a momentary one falls back or breaks.
func (s *Study) follows(g *Group, z []float64, sign float64) bool {
	_, ok := s.step(g, z, sign)
	return ok
}

// canGo tries a freedom both ways, as long as there are steps to spare; past that it is not in doubt.
func (s *Study) canGo(g *Group, z []float64, w *vicinity) bool {
	if w.spare <= 0 {
		return true
	}
	w.spare -= 2
	return s.follows(g, z, 1) || s.follows(g, z, -1)
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
func (s *Study) momentary(g *Group) int {
	w := s.vicinityOf(g)
	if !w.done {
		w.done = true
		if len(w.rels) > 0 {
			w.shaky = s.missing(g, w)
		}
	}
	return w.shaky
}

// shakyOf is how many of the loose freedoms are told as momentary: none where that is not sure.
func (s *Study) shakyOf(g *Group, loose int) int {
	if loose == 0 {
		return 0
	}
	k := s.momentary(g)
	if g.around.unsure {
		return 0
	}
	return min(loose, k)
}

// went is where the last step led, in the freedoms of the group, beside z that was wanted: both of the length of z.
func (s *Study) went(g *Group, z []float64, sign float64) []float64 {
	y := make([]float64, g.d)
	for i, b := range g.bodies {
		got := displacement(s.Sys, b, s.Poses[b], s.trial[b])
		g.pull(i, got[:], y)
	}
	k := sign * dense.Norm(z) / math.Max(s.reached, tol.Dead)
	for j := range y {
		y[j] *= k
	}
	return y
}

// fellBack tells whether little is left of a step z that led to y.
func fellBack(y, z []float64) bool { return dense.Norm(y) < tol.FellBack*dense.Norm(z) }

// wentAside tells whether a step z led another way.
func wentAside(y, z []float64) bool {
	for j := range y {
		if math.Abs(y[j]-z[j]) >= tol.WentAside {
			return true
		}
	}
	return false
}

// mixture is a motion in which all freedoms take part, each by its own amount.
func mixture(d int) []float64 {
	mix := make([]float64, d)
	for i := range mix {
		mix[i] = 1 + tol.Mixed*math.Sin(float64(7*i+1))
	}
	return mix
}

// missing tries steps and counts the fewest freedoms lost by one. A freedom is lost at the pose it leads to if fewer are left there; and
// if no step goes its way, though others carry the singular pose along, with as many freedoms as here.
func (s *Study) missing(g *Group, w *vicinity) int {
	// too few to try each freedom after a mixture of all, without which nothing is sure: what is planned is looked at by itself
	if w.spare-2 < 2*g.d {
		w.unsure = true
		return 1
	}
	most := max(0, w.here-g.d)
	var ways [][]float64                      // of the steps after which the most are left
	try := func(z []float64, all bool) bool { // all: all freedoms take part in the step
		for _, sign := range [2]float64{1, -1} {
			if w.spare--; w.spare < 0 || s.Stopped() {
				w.unsure = true
				return false
			}
			poses, kept := s.step(g, z, sign)
			if poses == nil || !kept && g.large() {
				continue
			}
			y, aside := z, false
			if !g.large() {
				y = s.went(g, z, sign)
				if fellBack(y, z) {
					continue
				}
				aside = wentAside(y, z)
			}
			n := s.leftAt(w, poses)
			if n > most {
				most, ways = n, nil
			}
			if n >= w.here && (g.large() || all && !aside) {
				return true
			}
			if n == most && !g.large() {
				ways = append(ways, y)
			}
		}
		return false
	}
	// a mixture of all freedoms is the likely case: if it can be followed with none lost, all are real
	if try(mixture(g.d), true) {
		return 0
	}
	for i := 0; i < g.d && !w.unsure; i++ {
		z := make([]float64, g.d)
		z[i] = 1
		if try(z, g.d == 1) {
			return 0
		}
	}
	carried := most >= w.here // the singular pose is carried along: which ways go is told by single freedoms
	for i := 0; i < g.d && g.d <= 12 && !carried; i++ {
		for j := 0; j < i && !w.unsure; j++ {
			for _, s := range [2]float64{1, -1} {
				z := make([]float64, g.d)
				z[i], z[j] = 1, s
				if try(z, g.d == 2) {
					return 0
				}
			}
		}
	}
	if carried && len(ways) > 0 {
		gone := dense.Orthonormal(dense.Columns(g.d, ways), tol.FellBack).C
		return max(0, g.d-gone)
	}
	return w.here - most
}
