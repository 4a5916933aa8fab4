package sweep

import (
	"cmp"
	"context"
	"math"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/geom"
	"setfast/core/motion"
	"setfast/core/report"
	"setfast/core/tol"
)

// Done is a drive with what was met on the way.
type Done struct {
	report.DriveRun
	Clash    []Met            `json:"clash"`
	Limits   []Limit          `json:"limits"`
	Dead     []Dead           `json:"dead_points"`
	Ranges   map[string]Range `json:"ranges"`
	Leaves   []Leaves         `json:"leaves"`
	Least    *Least           `json:"least_clearance"`
	Curves   []Curve          `json:"curves"`    // recorded measures and coordinates of joints that change
	LookedAt int              `json:"looked_at"` // pairs that may come near one another
}

// Limit is a limit that was come to, and where the driven coordinate was.
type Limit struct {
	motion.Hit
	At  float64 `json:"at"`
	Leg int     `json:"leg,omitempty"`
}

// Range is what a recorded measure went through, and where.
type Range struct {
	Min   float64 `json:"min"`
	Max   float64 `json:"max"`
	MinAt float64 `json:"min_at"`
	MaxAt float64 `json:"max_at"`
	MinIn int     `json:"min_in,omitempty"` // in which leg
	MaxIn int     `json:"max_in,omitempty"`
}

// Least is the least clearance between parts that did not touch.
type Least struct {
	A   string  `json:"a"`
	B   string  `json:"b"`
	MM  float64 `json:"mm"`
	At  float64 `json:"at"`
	Leg int     `json:"leg,omitempty"`
}

// Drive takes a drive of an assembly through its legs and looks at what is met.
func Drive(ctx context.Context, s *motion.Study, parts []Part, d assembly.Drive, o Options) (*Done, error) {
	out := &Done{DriveRun: *motion.NewDriveRun(&d), Clash: []Met{}, Limits: []Limit{}, Dead: []Dead{}, Ranges: map[string]Range{}, Leaves: []Leaves{}}
	o.Finer = once(o.Finer)
	legs := d.Legs()
	whole := o.Tell
	others := coordinates(s, &d)
	defer func() { out.curves(s, &d, others) }()
	var r *motion.Run
	for n := range legs {
		next, why, err := s.Leg(legs[n], r)
		if err != nil {
			motion.Halt(&out.DriveRun, &d, n, nil, err.Error())
			return out, nil
		}
		r = next
		if why != "" {
			out.halt(r, &d, n, why)
			return out, stop(ctx, r)
		}
		o.Tell = func(f float64) { tell(whole, (float64(n)+f)/float64(len(legs))) }
		l := &leg{ctx: ctx, s: s, r: r, d: &d, n: n, o: o, out: out, others: others}
		if done, err := l.through(parts); err != nil || !done {
			return out, err
		}
	}
	return out, nil
}

// halt says where a drive stopped, and why.
func (out *Done) halt(r *motion.Run, d *assembly.Drive, n int, why string) {
	at := report.Significant(r.Value(), 12)
	motion.Halt(&out.DriveRun, d, n, &at, why)
	if h := r.Hit(); h != nil {
		out.Limits = append(out.Limits, Limit{*h, thousandth(at), n})
	}
}

// leg is a leg of a drive that is gone through.
type leg struct {
	ctx context.Context
	s   *motion.Study
	r   *motion.Run // stands where it begins
	d   *assembly.Drive
	n   int
	o   Options
	out *Done

	others []Curve
	went   *went
}

// went is where a run stood at its steps, so that it need not go there again; nil where that would take too much memory.
type went struct {
	marks []motion.Mark
	why   string // why it stopped at the last of them, if it did
}

// mostMarked is how many poses are remembered.
const mostMarked = 2_000_000

// step takes a run to a step.
func (w *went) step(r *motion.Run, k int) string {
	if w == nil {
		return r.Step(k)
	}
	r.Back(w.marks[k-1])
	if k == len(w.marks) {
		return w.why
	}
	return ""
}

// through goes through a leg, and tells whether it came to its end.
func (l *leg) through(parts []Part) (bool, error) {
	r, out := l.r, l.out
	begin := r.Mark()
	scene, goal, err := l.wholeWay(parts) // first where all goes, then what is met there
	if err != nil {
		return false, err
	}
	out.LookedAt = max(out.LookedAt, len(scene.pairs))
	r.Back(begin)
	walks, err := scene.walks(l.ctx, r, l.d.UntilContact, goal, l.went)
	if err != nil {
		return false, err
	}
	first := ended(walks)
	if first != nil {
		goal = min(goal, l.stepOf(*first)) // what comes later does not count
	}
	whole, err := l.follow(scene, goal)
	if err != nil {
		return false, err
	}
	end := r.Mark()
	if first != nil {
		at := thousandth(*first)
		motion.Halt(&out.DriveRun, l.d, l.n, &at, "the first contact")
		whole = false
	}
	var all []overlap
	for _, w := range walks {
		all = append(all, w.met...)
	}
	met, err := exactly(l.ctx, all, l.o)
	if err != nil {
		return false, err
	}
	r.Back(begin)
	least, err := l.leastClearance(scene, walks, goal)
	if err != nil {
		return false, err
	}
	if least != nil && (out.Least == nil || least.MM < out.Least.MM) {
		out.Least = least
	}
	r.Back(end)
	for i := range met {
		met[i].Leg = l.n
	}
	slices.SortStableFunc(met, func(a, b Met) int {
		return cmp.Or(strings.Compare(a.A, b.A), strings.Compare(a.B, b.B), cmp.Compare(a.From, b.From))
	})
	out.Clash = append(out.Clash, met...)
	return whole, nil
}

// stepOf is the last step of a leg that ends no later than at a value.
func (l *leg) stepOf(v float64) int {
	g := l.r.Leg()
	return int(math.Floor((v - g.From) / (g.To - g.From) * float64(g.Steps)))
}

// follow goes the steps of a leg once more, for measures, dead points and guides.
func (l *leg) follow(scene *scene, goal int) (whole bool, err error) {
	r, out := l.r, l.out
	turns := newTurns(l.s, r.Leg())
	guides := newGuides(scene, r.Poses(), l.o.Least)
	for k := 0; k <= goal; k++ {
		why := ""
		if k > 0 {
			why = l.went.step(r, k)
		}
		v := r.Value()
		turns.add(r)
		guides.add(r)
		if why != "" {
			out.halt(r, l.d, l.n, why)
			break
		}
		if err := r.Take(&out.DriveRun, l.d, l.n); err != nil {
			return false, err
		}
		for _, n := range l.d.Record {
			list := out.Values[n]
			out.take(n, list[len(list)-1], v, l.n)
		}
		look(l.others, r)
		if l.o.Each != nil {
			l.o.Each(r)
		}
		if err := stop(l.ctx, r); err != nil {
			return false, err
		}
		whole = k == r.Leg().Steps
	}
	for _, d := range turns.found {
		d.Leg = l.n
		out.Dead = append(out.Dead, d)
	}
	for _, x := range guides.done(r.Value()) {
		x.Leg = l.n
		out.Leaves = append(out.Leaves, x)
	}
	return whole, nil
}

// wholeWay goes through a leg for where parts go, and tells at which step that ends.
func (l *leg) wholeWay(parts []Part) (scene *scene, goal int, err error) {
	scene, box := newScene(parts, l.o)
	box.add(l.r.Poses())
	steps := l.r.Leg().Steps
	if steps*len(l.r.Poses()) <= mostMarked {
		l.went = &went{}
	}
	for k := 1; k <= steps; k++ {
		why := l.r.Step(k)
		if l.went != nil {
			l.went.marks, l.went.why = append(l.went.marks, l.r.Mark()), why
		}
		box.add(l.r.Poses())
		if err := stop(l.ctx, l.r); err != nil {
			return nil, 0, err
		}
		if goal = k; why != "" {
			break
		}
		tell(l.o.Tell, ahead*float64(k)/float64(steps))
	}
	return scene, goal, box.pairs(l.ctx)
}

// ended is where the first overlap began of all walks that end with it.
func ended(walks []*walk) (first *float64) {
	for _, w := range walks {
		if w.ended && (first == nil || math.Abs(w.first-w.begun) < math.Abs(*first-w.begun)) {
			first = &w.first
		}
	}
	return first
}

// ahead is how much of a run is gone when it is known where all goes.
const ahead = 0.2

func tell(to func(f float64), f float64) {
	if to != nil {
		to(f)
	}
}

// once is a way to finer triangles that remembers what it gave.
func once(ask clash.Finer) clash.Finer {
	if ask == nil {
		return nil
	}
	had := map[*clash.Solid]*clash.Solid{}
	return func(ctx context.Context, list []*clash.Solid) ([]*clash.Solid, error) {
		var wanted []*clash.Solid
		for _, s := range list {
			if had[s] == nil {
				wanted = append(wanted, s)
			}
		}
		if len(wanted) > 0 {
			got, err := ask(ctx, wanted)
			if err != nil {
				return nil, err
			}
			for i, s := range wanted {
				had[s] = got[i]
			}
		}
		out := make([]*clash.Solid, len(list))
		for i, s := range list {
			out[i] = had[s]
		}
		return out, nil
	}
}

// take takes a value of a measure in; those of more than one number have no range.
func (out *Done) take(name string, x any, at float64, leg int) {
	v, ok := x.(float64)
	if !ok {
		return
	}
	r, had := out.Ranges[name]
	if !had {
		r = Range{Min: math.Inf(1), Max: math.Inf(-1)}
	}
	if v < r.Min {
		r.Min, r.MinAt, r.MinIn = v, at, leg
	}
	if v > r.Max {
		r.Max, r.MaxAt, r.MaxIn = v, at, leg
	}
	out.Ranges[name] = r
}

// Dead is a place where a coordinate turns round while the driven one goes on: a dead point.
type Dead struct {
	Joint string  `json:"joint"`
	Of    string  `json:"of"`
	At    float64 `json:"at"` // of the driven coordinate
	Value float64 `json:"value"`
	Leg   int     `json:"leg,omitempty"`
}

// turns watches coordinates for where they turn round.
type turns struct {
	of    []watched
	found []Dead
}

type watched struct {
	joint, of string
	v, x      [3]float64 // the latest last
	n         int
}

func newTurns(s *motion.Study, l assembly.Leg) *turns {
	t := &turns{}
	for _, i := range s.Rels {
		m := s.Mates[i]
		for _, c := range s.Sys.Rels[i].Of.Coordinates {
			if m.ID != l.Joint || c.Name != l.Of {
				t.of = append(t.of, watched{joint: m.ID, of: c.Name})
			}
		}
	}
	return t
}

// turned is how far a coordinate goes at least before it counts as having gone: mm or degrees.
const turnedLeast = 1e-6

// add looks at coordinates where a run stands; between three places a parabola tells where one turned round.
func (t *turns) add(r *motion.Run) {
	for k := range t.of {
		w := &t.of[k]
		x, ok := r.Coordinate(w.joint, w.of)
		if !ok {
			continue
		}
		w.v, w.x = [3]float64{w.v[1], w.v[2], r.Value()}, [3]float64{w.x[1], w.x[2], x}
		if w.n++; w.n < 3 {
			continue
		}
		a, b := w.x[1]-w.x[0], w.x[2]-w.x[1]
		if a*b >= 0 || math.Abs(a) < turnedLeast || math.Abs(b) < turnedLeast || math.Abs(a) > 180 || math.Abs(b) > 180 {
			continue
		}
		h, g := w.v[1]-w.v[0], w.v[2]-w.v[1]
		p, q := a/h, b/g
		bend := (q - p) / (h + g)
		at := w.v[0] + h/2 - p/(2*bend)
		value := w.x[0] + p*(at-w.v[0]) + bend*(at-w.v[0])*(at-w.v[1])
		t.found = append(t.found, Dead{Joint: w.joint, Of: w.of, At: thousandth(at), Value: thousandth(value)})
	}
}

// Leaves is a shank that leaves its hole, or stays in it by less than is asked for.
type Leaves struct {
	Part string  `json:"part"`
	In   string  `json:"in"`
	From float64 `json:"from"`
	To   float64 `json:"to"`
	MM   float64 `json:"least_mm"` // how far it stays in it at the least
	Leg  int     `json:"leg,omitempty"`
}

// guide is a shank in a hole.
type guide struct {
	pair   *pair
	shank  int // of the two, 0 or 1
	faces  [2]int
	from   float64
	out    bool
	least  float64
	closed []Leaves
}

type guides struct {
	s    *scene
	all  []*guide
	most float64
	last float64
}

// A shank that is guided by a hole fills so much of it (common practice, no source), and stays as near to its axis as it has room, and
// inGuide, mm.
const (
	inHole  = 0.8
	inGuide = 0.01
)

// newGuides finds the shanks that stand in holes where a run begins.
func newGuides(s *scene, poses []geom.Pose, least float64) *guides {
	g := &guides{s: s, most: least}
	if least < 0 {
		return g
	}
	for _, p := range s.pairs {
		for k, ends := range [2][2]int{{p.a, p.b}, {p.b, p.a}} {
			in, of := s.parts[ends[0]].Solid, s.parts[ends[1]].Solid
			for i := range in.Faces {
				for j := range of.Faces {
					x, y := &in.Faces[i], &of.Faces[j]
					if x.Side != "shaft" || y.Side != "hole" || x.Radius > y.Radius*(1+tol.SameRadius) || x.Radius < inHole*y.Radius {
						continue
					}
					c := &guide{pair: p, shank: k, faces: [2]int{i, j}, least: math.Inf(1)}
					if long, ok := g.engaged(c, poses); ok && long > math.Max(least, 0) {
						g.all = append(g.all, c)
					}
				}
			}
		}
	}
	return g
}

// engaged is how far a shank stands in its hole; none where they do not share an axis.
func (g *guides) engaged(c *guide, poses []geom.Pose) (float64, bool) {
	ends := [2]int{c.pair.a, c.pair.b}
	if c.shank == 1 {
		ends = [2]int{c.pair.b, c.pair.a}
	}
	a, b := &g.s.parts[ends[0]], &g.s.parts[ends[1]]
	x, y := &a.Solid.Faces[c.faces[0]], &b.Solid.Faces[c.faces[1]]
	p, q := x.Feature.At(a.at(poses)), y.Feature.At(b.at(poses))
	d := p.O.Sub(q.O)
	if p.Z.Cross(q.Z).Norm() > tol.FitPlace || d.Reject(q.Z).Norm() > y.Radius-x.Radius+inGuide {
		return 0, false
	}
	shift := d.Dot(q.Z)
	low, high := shift+x.From, shift+x.To
	if p.Z.Dot(q.Z) < 0 {
		low, high = shift-x.To, shift-x.From
	}
	return math.Min(high, y.To) - math.Max(low, y.From), true
}

// add looks at the guides where a run stands.
func (g *guides) add(r *motion.Run) {
	v := r.Value()
	for _, c := range g.all {
		long, ok := g.engaged(c, r.Poses())
		switch out := !ok || long <= g.most; {
		case out && !c.out:
			c.out, c.from, c.least = true, v, math.Inf(1)
			fallthrough
		case out:
			c.least = math.Min(c.least, math.Max(0, long))
		case c.out:
			g.leave(c, g.last)
		}
	}
	g.last = v
}

func (g *guides) leave(c *guide, at float64) {
	c.out = false
	a, b := g.s.parts[c.pair.a].Name, g.s.parts[c.pair.b].Name
	if c.shank == 1 {
		a, b = b, a
	}
	c.closed = append(c.closed, Leaves{Part: a, In: b, From: thousandth(c.from), To: thousandth(at), MM: thousandth(c.least)})
}

// done tells of all that left, also of what is out still.
func (g *guides) done(at float64) (out []Leaves) {
	said := map[[2]string]bool{}
	for _, c := range g.all {
		if c.out {
			g.leave(c, at)
		}
		for _, l := range c.closed {
			if k := [2]string{l.Part, l.In}; !said[k] { // a hole of several pieces is left once
				said[k] = true
				out = append(out, l)
			}
		}
	}
	return out
}
