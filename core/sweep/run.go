package sweep

import (
	"cmp"
	"context"
	"math"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/motion"
	"setfast/core/report"
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
