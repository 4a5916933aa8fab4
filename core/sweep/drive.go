package sweep

import (
	"context"
	"errors"
	"math"
	"runtime"
	"sync"

	"setfast/core/clash"
	"setfast/core/geom"
	"setfast/core/motion"
)

// Met is an overlap on the way: between which values of the driven coordinate, and how deep at most.
type Met struct {
	A     string   `json:"a"`
	B     string   `json:"b"`
	From  float64  `json:"from"`
	To    float64  `json:"to"`
	Depth *float64 `json:"depth_mm"`
	At    float64  `json:"deepest_at"`
	Fit   bool     `json:"fit,omitempty"` // it is declared
	Leg   int      `json:"leg,omitempty"` // of the drive, from 0
}

// ends is how exactly the ends of overlaps are found, of the coordinate's unit: half of what the contract asks for.
const ends = 0.005

// tracked is a pair on its way through a run.
type tracked struct {
	*pair
	last  state
	v     float64
	open  *open
	stood geom.Pose // of the second part, seen from the first, at v

	moved   bool
	bound   float64     // how near they may have come where they were spared
	spare   float64     // how far parts are at least from meeting where they do not slide along surfaces that stay
	kept    *clash.Kept // these surfaces, …
	since   geom.Pose   // … as long as they stay where they were then
	nearest *[2]int32   // triangles elsewhere
	wait    int         // so many steps are gone before this is tried again
}

// open is an overlap that has begun and not ended.
type open struct {
	from    float64
	start   bool // it was there where the run began
	crossed bool
	seen    []sample // while it lasts
	every   int      // of how many samples one is kept
	count   int
}

// sample is a place of a run.
type sample struct {
	v    float64
	mark motion.Mark
}

// mostSeen is how many places of an overlap are kept at least half of.
const mostSeen = 64

func (o *open) see(s sample) {
	if o.every == 0 {
		o.every = 1
	}
	if o.count++; o.count%o.every != 0 {
		return
	}
	if len(o.seen) >= mostSeen {
		kept := o.seen[:0]
		for i := 0; i < len(o.seen); i += 2 {
			kept = append(kept, o.seen[i])
		}
		o.seen, o.every = kept, 2*o.every
	}
	o.seen = append(o.seen, s)
}

// walk takes pairs through the steps of a run.
type walk struct {
	ctx   context.Context
	s     *scene
	r     *motion.Run
	pairs []*tracked
	met   []overlap
	until bool                    // it ends with the first overlap
	mids  map[float64]motion.Mark // places between two steps …
	known map[float64]state       // … and how the pair that is followed stands there
	ended bool
	at    float64   // where the step began
	first float64   // where the first overlap began …
	by    [2]string // … and of what
	begun float64
	went  *went
}

// walks takes the pairs of a scene through a leg, on all processors: each follows some of them along the whole way.
func (s *scene) walks(ctx context.Context, at *motion.Run, until bool, goal int, went *went) ([]*walk, error) {
	n := max(1, min(runtime.GOMAXPROCS(0), len(s.pairs)/8))
	out := make([]*walk, n)
	errs := make([]error, n)
	var wait sync.WaitGroup
	for i := range out {
		own := *s
		own.eye, own.sights, own.pairs = clash.Eye{}, map[sight]clash.Sight{}, nil
		for k := i; k < len(s.pairs); k += n {
			own.pairs = append(own.pairs, s.pairs[k])
		}
		out[i] = &walk{ctx: ctx, s: &own, r: at.Apart(), until: until, begun: at.Value(), went: went}
		wait.Go(func() { errs[i] = out[i].all(goal, i == 0) })
	}
	wait.Wait()
	return out, errors.Join(errs...)
}

// all goes the whole way.
func (w *walk) all(goal int, tells bool) error {
	w.begin()
	for k := 1; k <= goal && !w.ended; k++ {
		from := w.r.Mark()
		why := w.went.step(w.r, k)
		if err := w.step(from, w.r.Value()); err != nil {
			return err
		}
		if why != "" {
			break
		}
		if tells {
			tell(w.s.o.Tell, ahead+(1-ahead)*float64(k)/float64(w.r.Leg().Steps))
		}
	}
	w.finish()
	return nil
}

// begin looks at all pairs where the run stands.
func (w *walk) begin() {
	v, poses := w.r.Value(), w.r.Poses()
	for _, p := range w.s.pairs {
		t := &tracked{pair: p, v: v, stood: w.s.relative(p, poses), bound: math.Inf(1)}
		t.last = w.s.look(p, poses, near(w.s, p), v)
		if t.last.level == 2 {
			t.open = &open{from: v, crossed: true, start: true}
			t.open.see(sample{v, w.r.Mark()})
		}
		w.s.spares(t)
		w.pairs = append(w.pairs, t)
	}
}

// near is how near a pair is measured in any case: a fiftieth of the lesser part.
func near(s *scene, p *pair) float64 { return math.Min(s.reach[p.a], s.reach[p.b]) / 25 }

// step looks at what happens while the run goes on to a value; it has been at the one before.
func (w *walk) step(from motion.Mark, v float64) error {
	to := w.r.Mark()
	w.mids = map[float64]motion.Mark{}
	w.r.Back(from)
	w.at = w.r.Value()
	w.r.Back(to)
	is := w.r.Poses()
	for _, t := range w.pairs {
		rel := w.s.relative(t.pair, is)
		moved := !still(t.stood, rel)
		t.moved = t.moved || moved
		if !moved || t.open == nil && w.s.spared(t, rel) {
			t.v, t.stood = v, rel
			if moved && t.open == nil {
				t.bound = math.Min(t.bound, t.spare)
			}
			if t.open != nil {
				t.open.see(sample{v, to})
			}
			continue
		}
		w.known = map[float64]state{}
		if err := w.between(t, from, to, t.v, v, 0); err != nil {
			return err
		}
		t.stood = rel
		w.s.spares(t)
		w.r.Back(to)
	}
	return stop(w.ctx, w.r)
}

// halves are how often an interval is halved for what touches all the while.
const halves = 1

// between follows a pair from one value to another; t.last is its state at the first.
func (w *walk) between(t *tracked, from, to motion.Mark, u, v float64, halved int) error {
	w.r.Back(from)
	was := w.s.relative(t.pair, w.r.Poses())
	w.r.Back(to)
	poses := w.r.Poses()
	is := w.s.relative(t.pair, poses)
	way := w.s.way(t.pair, was, is)
	a := t.last
	b, ok := w.known[v]
	if !ok {
		b = w.s.look(t.pair, poses, 2*way+near(w.s, t.pair), v)
		w.known[v] = b
	}
	safe := a.level == 0 && b.level == 0 && a.distance+b.distance > way
	off := w.s.parts[t.a].Solid.Off + w.s.parts[t.b].Solid.Off
	slides := a.level == 1 && b.level == 1 || steady(a, b)
	inside := a.level == 2 && b.level == 2
	if safe || inside || along(a, b, off, way) || slides && halved >= halves || math.Abs(v-u) <= ends {
		return w.reached(t, from, to, u, v, b)
	}
	if a.level != b.level && a.level > 0 && b.level > 0 && halved >= halves {
		return w.reached(t, from, to, u, v, b)
	}
	mid := (u + v) / 2
	m, ok := w.mids[mid]
	if !ok {
		w.r.Back(from)
		if why := w.r.To(mid); why != "" {
			return w.reached(t, from, to, u, v, b)
		}
		m = w.r.Mark()
		w.mids[mid] = m
	}
	if err := stop(w.ctx, w.r); err != nil {
		return err
	}
	if err := w.between(t, from, m, u, mid, halved+1); err != nil {
		return err
	}
	return w.between(t, m, to, mid, v, halved+1)
}

// along tells whether two parts are so near to each other all the while, a shank in a wider hole, that they slide along, and go on by so little
// that nothing is met on the way. off is how far triangles may be off.
func along(a, b state, off, way float64) bool {
	return a.level == 0 && b.level == 0 && math.Max(a.distance, b.distance) < slidesMM && way < slidesWay &&
		math.Abs(a.distance-b.distance) < steadyMM+off // whichever faces are the nearest
}

// steady tells whether two parts slide along each other's faces at a distance that stays.
func steady(a, b state) bool {
	return a.level == 0 && b.level == 0 && a.faces == b.faces && math.Abs(a.distance-b.distance) < steadyMM+steadyPart*a.distance
}

const (
	steadyMM   = 1e-4
	steadyPart = 0.01
	slidesMM   = 0.1 // what is so near to each other all the while slides along, …
	slidesWay  = 1.0 // … if it moves by less between looks, mm: nothing that could be met on the way is narrower
)

// reached takes a pair to its state at a value.
func (w *walk) reached(t *tracked, from, to motion.Mark, u, v float64, b state) error {
	a := t.last
	t.last, t.v = b, v
	switch {
	case t.open == nil && b.level > a.level:
		level := 1
		if a.level == 1 {
			level = 2
		}
		at, err := w.boundary(t, from, to, u, v, level)
		if err != nil {
			return err
		}
		t.open = &open{from: at, crossed: b.level == 2}
	case t.open != nil && b.level == 2:
		t.open.crossed = true
	case t.open != nil && b.level < a.level:
		level := 2
		if b.level == 0 {
			level = 1
		}
		if !t.open.crossed {
			t.open = nil // it only touched
			break
		}
		at, err := w.boundary(t, from, to, u, v, level)
		if err != nil {
			return err
		}
		w.close(t, at)
	}
	if t.open != nil && b.level == 2 {
		t.open.see(sample{v, to})
		// of all that meet in this step the first counts
		if w.until && !t.meant && !t.open.start && (!w.ended || math.Abs(t.open.from-w.at) < math.Abs(w.first-w.at)) {
			w.ended, w.first, w.by = true, t.open.from, [2]string{w.s.parts[t.a].Name, w.s.parts[t.b].Name}
		}
	}
	return nil
}

// boundary finds between two values where a pair comes to a level, or leaves it.
func (w *walk) boundary(t *tracked, from, to motion.Mark, u, v float64, level int) (float64, error) {
	w.r.Back(from)
	in := func() bool { return w.s.look(t.pair, w.r.Poses(), near(w.s, t.pair), w.r.Value()).level >= level }
	first := in()
	for math.Abs(v-u) > ends {
		mid := (u + v) / 2
		w.r.Back(from)
		if why := w.r.To(mid); why != "" {
			break
		}
		if in() == first {
			u, from = mid, w.r.Mark()
		} else {
			v = mid
		}
		if err := stop(w.ctx, w.r); err != nil {
			return 0, err
		}
	}
	w.r.Back(to)
	return (u + v) / 2, nil
}

// finish ends what is open where the run ends.
func (w *walk) finish() {
	for _, t := range w.pairs {
		if t.open != nil {
			w.close(t, w.r.Value())
		}
	}
}
