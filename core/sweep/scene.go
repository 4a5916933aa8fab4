// Package sweep takes a mechanism through its motion and looks at what is met on the way: what passes through what, from where to where and how
// deep, how near parts come, where a coordinate can go no farther, which shanks leave their holes.
//
// Nothing passes through between two steps: two parts that are d and e apart at the ends of a step cannot have met in between if what either
// moves, seen from the other, is less than d + e (conservative advancement: Mirtich, Impulse-based Dynamic Simulation, 1996); else the step
// is halved. What touches all the while, a shaft in its bearing, is looked at twice a step; what all but touches, once in a mm. Parts are looked
// at by triangles that are off by some thousandths of a mm, and by their exact surfaces where those decide (core/clash).
package sweep

import (
	"context"
	"math"

	"setfast/core/clash"
	"setfast/core/geom"
	"setfast/core/motion"
)

// Part is a part with the body that it moves with.
type Part struct {
	Name  string
	Solid *clash.Solid // nil of a part without a shape
	Body  int          // of the study; -1 for what stands
	In    geom.Pose    // in the body, or in the assembly for what stands
}

// Options say how a run is looked at.
type Options struct {
	MM    float64             // what overlaps by no more only touches
	Exact clash.Exact         // asked how deep parts are in one another; nil for their triangles
	Finer clash.Finer         // nil where there is none
	Fits  []clash.Fit         // overlaps that are meant
	Least float64             // mm: how far a shank stays in its hole, else it leaves its guide; none to look for is less than nothing
	Tell  func(f float64)     // how far it is, from 0 to 1; may be nil
	Each  func(r *motion.Run) // shown each step that a drive reaches; may be nil
}

// pair is two parts that move against one another.
type pair struct {
	a, b  int
	last  geom.Pose // of b seen from a, when it was looked at last
	seen  state
	known bool
	hint  *[2]int32 // triangles that were nearest
	meant bool      // an overlap is declared

	measured bool
	least    float64 // how near they came, and where
	leastAt  float64
	met      bool // they touched somewhere
}

// state is how two parts stand to one another.
type state struct {
	level    int // 0 apart, 1 touching, 2 in one another
	distance float64
	faces    [2]int32 // that are nearest
}

// scene is the parts of a run.
type scene struct {
	parts  []Part
	middle []geom.Vec // of each in its own frame
	reach  []float64  // about it
	low    []geom.Vec // of the least box about all that it goes through …
	high   []geom.Vec
	pairs  []*pair
	eye    clash.Eye
	sights map[sight]clash.Sight
	o      Options
}

// boxes are the least boxes about all that parts go through.
type boxes struct {
	s         *scene
	low, high []geom.Vec
	last      []geom.Pose // of parts
}

// newScene begins a scene with what parts there are.
func newScene(parts []Part, o Options) (*scene, *boxes) {
	n := len(parts)
	s := &scene{parts: append([]Part(nil), parts...), o: o, middle: make([]geom.Vec, n), reach: make([]float64, n), sights: map[sight]clash.Sight{}}
	for i := range s.parts {
		p := &s.parts[i]
		if p.Solid != nil && p.Solid.Mesh.Empty() {
			p.Solid = nil
		}
		if p.Solid != nil {
			s.middle[i], s.reach[i] = p.Solid.Reach()
		}
	}
	return s, &boxes{s: s, low: make([]geom.Vec, n), high: make([]geom.Vec, n)}
}

// add takes in where parts stand; between two steps their boxes bulge.
func (b *boxes) add(poses []geom.Pose) {
	first := b.last == nil
	if first {
		b.last = make([]geom.Pose, len(b.s.parts))
	}
	for i := range b.s.parts {
		p := &b.s.parts[i]
		if p.Solid == nil || !first && p.Body < 0 {
			continue
		}
		at := p.at(poses)
		low, high := at.Box(p.Solid.Box())
		if first {
			b.low[i], b.high[i], b.last[i] = low, high, at
			continue
		}
		bulge := path(b.last[i].Inverse().Mul(at), b.s.middle[i], b.s.reach[i]) / 2
		wide := geom.V(bulge, bulge, bulge)
		b.low[i], b.high[i], b.last[i] = b.low[i].Least(low.Sub(wide)), b.high[i].Most(high.Add(wide)), at
	}
}

// pairs gathers what may come near one another, and has those parts by finer triangles.
func (b *boxes) pairs(ctx context.Context) error {
	s := b.s
	s.low, s.high = b.low, b.high
	wanted := map[int]bool{}
	for i := range s.parts {
		for j := i + 1; j < len(s.parts); j++ {
			x, y := &s.parts[i], &s.parts[j]
			if x.Solid == nil || y.Solid == nil || x.Body == y.Body || !meets(b.low[i], b.high[i], b.low[j], b.high[j]) {
				continue
			}
			s.pairs = append(s.pairs, &pair{a: i, b: j, meant: clash.Declared(s.o.Fits, x.Name, y.Name)})
			wanted[i], wanted[j] = true, true
		}
	}
	return s.finer(ctx, wanted)
}

// finer has the parts that come near others by finer triangles.
func (s *scene) finer(ctx context.Context, wanted map[int]bool) error {
	if s.o.Finer == nil {
		return nil
	}
	at := map[*clash.Solid]int{}
	var list []*clash.Solid
	for i := range s.parts {
		if p := s.parts[i].Solid; wanted[i] && p != nil {
			if _, ok := at[p]; !ok {
				at[p] = len(list)
				list = append(list, p)
			}
		}
	}
	got, err := s.o.Finer(ctx, list)
	if err != nil {
		return err
	}
	for i := range s.parts {
		if k, ok := at[s.parts[i].Solid]; ok && wanted[i] {
			s.parts[i].Solid = got[k]
		}
	}
	return nil
}

func meets(l1, h1, l2, h2 geom.Vec) bool {
	return l1.X <= h2.X && l2.X <= h1.X && l1.Y <= h2.Y && l2.Y <= h1.Y && l1.Z <= h2.Z && l2.Z <= h1.Z
}

// gap is how far two boxes are apart along the axis along which they are farthest apart.
func gap(l1, h1, l2, h2 geom.Vec) float64 {
	d := l1.Sub(h2).Most(l2.Sub(h1))
	return max(d.X, d.Y, d.Z)
}

// size is how large all that is gone through is.
func (s *scene) size() float64 {
	low, high := geom.V(math.Inf(1), math.Inf(1), math.Inf(1)), geom.V(math.Inf(-1), math.Inf(-1), math.Inf(-1))
	for i := range s.parts {
		if s.parts[i].Solid != nil {
			low, high = low.Least(s.low[i]), high.Most(s.high[i])
		}
	}
	return math.Max(0, high.Sub(low).Norm())
}

// at is where a part stands.
func (p *Part) at(poses []geom.Pose) geom.Pose {
	if p.Body < 0 {
		return p.In
	}
	return poses[p.Body].Mul(p.In)
}

// path bounds how far any point of a ball goes in a motion that turns and shifts evenly: its middle along an arc, the rest about it.
func path(d geom.Pose, middle geom.Vec, reach float64) float64 {
	turn := d.Q.Log().Norm()
	chord := d.Point(middle).Sub(middle).Norm()
	if half := turn / 2; half > stillTurn && half < math.Pi/2 {
		chord *= half / math.Sin(half)
	} else if half >= math.Pi/2 {
		chord *= math.Pi / 2
	}
	return chord + turn*reach
}

// way bounds how far any point of a part of a pair goes, seen from the other part, while the second goes from one placement to another, both seen
// from the first. Which of the two is seen from the other does not matter: the lesser of both is taken.
func (s *scene) way(p *pair, was, is geom.Pose) float64 {
	return math.Min(path(was.Inverse().Mul(is), s.middle[p.b], s.reach[p.b]), path(was.Mul(is.Inverse()), s.middle[p.a], s.reach[p.a]))
}

// relative is where the second part of a pair stands, seen from the first.
func (s *scene) relative(p *pair, poses []geom.Pose) geom.Pose {
	return s.parts[p.a].at(poses).Inverse().Mul(s.parts[p.b].at(poses))
}

// Placements that differ by less than solving does are one: mm, and the sine of half an angle.
const (
	stillMM   = 1e-5
	stillTurn = 1e-7
)

func still(p, q geom.Pose) bool {
	if p.O.Sub(q.O).Norm() > stillMM {
		return false
	}
	d := p.Q.Conj().Mul(q.Q)
	return math.Abs(d.X) < stillTurn && math.Abs(d.Y) < stillTurn && math.Abs(d.Z) < stillTurn
}

// look looks at a pair as it stands; what is nearer than within is measured.
func (s *scene) look(p *pair, poses []geom.Pose, within, at float64) state {
	to := s.relative(p, poses)
	if p.known && still(p.last, to) {
		return p.seen
	}
	a, b := &s.parts[p.a], &s.parts[p.b]
	var got clash.Sight
	for seen := p.known && p.seen.level > 0; ; seen = false { // what touched before is first looked at for whether it does still: that is short
		reach := within
		if seen {
			reach = s.o.MM
		}
		got = s.see(a.Solid, b.Solid, to, reach, p.hint)
		if !seen || got.Crosses || got.Distance < s.o.MM {
			break
		}
	}
	st := state{distance: math.Max(0, got.Distance-a.Solid.Off-b.Solid.Off), faces: got.Faces}
	switch {
	case got.Crosses:
		st.level, st.distance = 2, 0
	case got.Distance <= s.o.MM:
		st.level, st.distance = 1, 0
	case got.Distance < within && (!p.measured || got.Distance < p.least):
		p.least, p.leastAt, p.measured = got.Distance, at, true
	}
	if got.Distance < within && !got.Crosses {
		tris := got.Tris
		p.hint = &tris
	}
	p.met = p.met || st.level > 0
	p.last, p.seen, p.known = to, st, true
	return st
}

// sight is two solids at a placement, looked at as far as a reach.
type sight struct {
	a, b  *clash.Solid
	at    [7]int64
	reach float64
}

// mostSights is how many sights of one step are kept: mechanisms repeat the same parts in the same motion.
const mostSights = 4096

// see looks at two solids, and remembers it for others that stand alike.
func (s *scene) see(a, b *clash.Solid, to geom.Pose, reach float64, hint *[2]int32) clash.Sight {
	up := math.Pow(10, math.Floor(math.Log10(reach))-1) // looked at a little farther, so that nearly equal reaches are one
	k := sight{a: a, b: b, reach: math.Ceil(reach/up) * up}
	for i, x := range [3]float64{to.O.X, to.O.Y, to.O.Z} {
		k.at[i] = int64(math.Round(x / stillMM))
	}
	for i, x := range [4]float64{to.Q.W, to.Q.X, to.Q.Y, to.Q.Z} {
		k.at[3+i] = int64(math.Round(x * math.Copysign(1, to.Q.W) / stillTurn))
	}
	got, ok := s.sights[k]
	if !ok {
		if len(s.sights) >= mostSights {
			clear(s.sights)
		}
		got = s.eye.See(a, b, to, s.o.MM, k.reach, hint)
		s.sights[k] = got
	}
	return got
}

// stop tells whether the work was called off.
func stop(ctx context.Context, r *motion.Run) error {
	if ctx.Err() != nil {
		return context.Cause(ctx)
	}
	if r.Stopped() {
		return context.Canceled
	}
	return nil
}
