package solve

import (
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/slab"
	"setfast/core/tol"
)

// seated is the state of seating bodies one after another.
type seated struct {
	s      *System
	poses  []geom.Pose
	root   int        // one more body that stands, or less than none
	places [][4]int32 // per relation in play: the bodies it is between, each once; all that stands is one, numbered after the last
	count  []int8
	rel    []int     // the relations in play
	bodies []int     // those they are about
	of     [][]int32 // per body: its relations, as places in rel
	done   []bool
	rank   []int // in which order bodies were seated
	next   int
	grad   []float64
	perm   []int
	diag   []float64
	mine   []*Relation
	in     []bool
	slab   slab.Of[int32]
	failed int // loops in a row that would not close
}

// mostFailed is how many loops in a row may fail to close before no more are tried: much is at odds, and what can hold is found for all
// bodies together.
const mostFailed = 12

func newSeated(s *System, poses []geom.Pose) *seated {
	n := len(s.Bodies)
	return &seated{s: s, poses: poses, root: -1, of: make([][]int32, n+1), done: make([]bool, n+1), rank: make([]int, n+1), in: make([]bool, n+1)}
}

// begin takes up relations between bodies that none before was about.
func (t *seated) begin(rels []int, root int) {
	n := len(t.s.Bodies)
	t.rel, t.root, t.failed = rels, root, 0
	t.places, t.count, t.bodies = resize(t.places, len(rels)), resize(t.count, len(rels)), t.bodies[:0]
	clear(t.count)
	t.done[n], t.of[n] = true, nil
	t.slab.Empty()
	for k, i := range rels {
		t.place(k, t.s.Rels[i])
		for _, b := range t.at(k) {
			if t.rank[b]--; t.rank[b] == -1 && int(b) != n { // counted downwards until it is seated
				t.bodies = append(t.bodies, int(b))
			}
		}
	}
	slices.Sort(t.bodies)
	for _, b := range append(t.bodies, n) {
		t.of[b] = t.slab.Room(-t.rank[b])
		t.rank[b] = 0
	}
	for k := range rels {
		for _, b := range t.at(k) {
			t.of[b] = append(t.of[b], int32(k))
		}
	}
}

// stands tells of a body whether it stands for good.
func (t *seated) stands(b int) bool { return b < 0 || b == t.root || t.s.Bodies[b].Fixed }

// inTurn brings bodies to their seats one after another: a body whose relations lead to bodies already seated is solved alone against
// them. The put thing (b of a relation) moves first where there is a choice. It is false where too many loops would not close.
func (t *seated) inTurn() bool {
	s, n, rels := t.s, len(t.s.Bodies), t.rel
	// two queues in build order: bodies put on something seated, and bodies something seated is put on
	var put, under queue
	spot := func(b int) int {
		if t.stands(b) {
			return n
		}
		return b
	}
	open := func(b int) {
		for _, k := range t.of[b] {
			r := s.Rels[rels[k]]
			if r.couple != nil {
				continue // it leads nowhere by itself
			}
			x, y := spot(r.A.Body), spot(r.B.Body)
			if !t.done[y] && t.done[x] {
				put.push(y)
			} else if !t.done[x] && t.done[y] {
				under.push(x)
			}
		}
	}
	take := func(q *queue) int {
		for len(*q) > 0 {
			if c := q.pop(); !t.done[c] {
				return c
			}
		}
		return -1
	}
	open(n)
	for !s.Stopped() {
		k := take(&put)
		if k < 0 {
			k = take(&under)
		}
		if k < 0 {
			if k = t.first(); k < 0 {
				break
			}
			t.seat(k)
			open(k)
			continue
		}
		t.bring(k)
		t.seat(k)
		open(k)
	}
	return t.failed < mostFailed
}

// place notes which bodies relation k is between.
func (t *seated) place(k int, r *Relation) {
	var buf [4]int
	for _, b := range r.Members(&buf) {
		if t.stands(b) {
			b = len(t.s.Bodies)
		}
		dup := false
		for _, o := range t.at(k) {
			dup = dup || int(o) == b
		}
		if !dup {
			t.places[k][t.count[k]] = int32(b)
			t.count[k]++
		}
	}
}

func (t *seated) at(k int) []int32 { return t.places[k][:t.count[k]] }

func (t *seated) seat(k int) {
	t.done[k] = true
	t.rank[k] = t.next
	t.next++
}

// first picks a body to stay where it is when nothing leads on: the first that is not put on another one.
func (t *seated) first() int {
	pick := -1
	for _, i := range t.bodies {
		if t.done[i] {
			continue
		}
		if pick < 0 {
			pick = i
		}
		isPut := false
		for _, k := range t.of[i] {
			r := t.s.Rels[t.rel[k]]
			isPut = isPut || r.B.Body == i && r.A.Body != i
		}
		if !isPut {
			return i
		}
	}
	return pick
}

// ready gathers the relations of a body that lead to seated bodies only.
func (t *seated) ready(b int, also func(int32) bool) []*Relation {
	t.mine = t.mine[:0]
	for _, k := range t.of[b] {
		ok := true
		for _, x := range t.at(int(k)) {
			ok = ok && (int(x) == b || t.done[x])
		}
		if ok && also(k) {
			t.mine = append(t.mine, t.s.Rels[t.rel[k]])
		}
	}
	return t.mine
}

func always(int32) bool { return true }

// bring seats body k against those that stand; where that cannot be, together with some of them. Where it starts on the
// wrong side of a stated alignment, it is turned about its own middle, so that no turn is mistaken for a long way round.
func (t *seated) bring(k int) {
	s := t.s
	mine := t.ready(k, always)
	one := [1]int{k}
	start, turns := t.poses[k], s.turnsOf(t.poses)
	alone := effort{iterations: 60, impatient: true}
	w := s.newton(one[:], mine, t.poses, t.foreseeing(alone, mine))
	if w < tol.Seated {
		return
	}
	if t.closeLoop(k) {
		return
	}
	if mine = t.ready(k, always); len(mine) > 0 { // as near as it comes
		w = s.newton(one[:], mine, t.poses, alone)
	}
	best, bestTurns, bestW := t.poses[k], s.turnsOf(t.poses), w
	if w < tol.NearlySeated*s.Bodies[k].Size { // all but there: no matter of the side it came from
		return
	}
	for _, ax := range [3]geom.Vec{{X: 1}, {Y: 1}, {Z: 1}} {
		t.poses[k] = start.Turned(start.Point(s.Bodies[k].Centre), geom.Vec{}, start.Dir(ax).Scale(math.Pi))
		s.takeBack(t.poses, turns)
		mine = t.ready(k, always)
		w := s.newton(one[:], mine, t.poses, effort{iterations: 60})
		if w < tol.Seated {
			return
		}
		if t.closeLoop(k) {
			return
		}
		if clearlyBetter(w, bestW) {
			best, bestTurns, bestW = t.poses[k], s.turnsOf(t.poses), w
		}
	}
	t.poses[k] = best
	s.takeBack(t.poses, bestTurns)
}

// foreseeing is an effort that ends where it is foretold to fail. Angles that are counted over whole turns, cams and limits bend too much
// for that.
func (t *seated) foreseeing(e effort, rels []*Relation) effort {
	e.foresees = !t.s.minding
	for _, r := range rels {
		e.foresees = e.foresees && r.couple == nil && r.turns == nil
	}
	return e
}

// clearlyBetter tells whether another way round leaves so much less that it is kept.
func clearlyBetter(w, best float64) bool { return w < best*tol.ClearlyBetter }

// slack tells whether a seated body has freedom left, given that all others stand; relations to the set at hand do not count.
func (t *seated) slack(b int) bool {
	rels := t.ready(b, func(i int32) bool {
		for _, x := range t.at(int(i)) {
			if t.in[x] {
				return false
			}
		}
		return true
	})
	rs := &t.s.worker().rs
	rs.only = b
	defer func() { rs.only = -1 }()
	t.grad = t.grad[:0]
	for _, r := range rels {
		rows := t.s.evalFor(r, t.poses, rs)
		for i := range rows {
			if rows[i].N > 0 {
				t.grad = append(t.grad, rows[i].G[0][:]...)
			}
		}
	}
	m := len(t.grad) / 6
	if m < 6 {
		return true
	}
	if len(t.perm) < m {
		t.perm, t.diag = make([]int, 2*m), make([]float64, 2*m)
	}
	dense.LowerPivoted(t.grad, m, 6, t.perm, t.diag)
	return t.diag[5] < tol.Slack*t.diag[0]
}

// closeLoop brings a body to rest that cannot be seated alone, together with bodies seated before it: those with freedom
// left first, then the later ones, as few as will do, so that what stands longest (a crank set to an angle) stays where it is.
func (t *seated) closeLoop(k int) bool {
	s := t.s
	n := len(s.Bodies)
	if t.failed >= mostFailed {
		return false
	}
	t.done[k] = true
	defer func() { t.done[k] = false }()
	set := []int{k}
	saved, turns := []geom.Pose{t.poses[k]}, s.turnsOf(t.poses)
	t.in[k] = true
	defer func() {
		for _, b := range set {
			t.in[b] = false
		}
	}()
	tried := 1 // bodies in the set last tried
	for len(set) < 16 && !s.Stopped() {
		best, free := -1, false
		for _, b := range set {
			for _, i := range t.of[b] {
				for _, x := range t.at(int(i)) {
					x := int(x)
					if x == n || t.in[x] || !t.done[x] || x == best {
						continue
					}
					if f := t.slack(x); best < 0 || f && !free || f == free && t.rank[x] > t.rank[best] {
						best, free = x, f
					}
				}
			}
		}
		if best < 0 {
			break
		}
		set = append(set, best)
		saved = append(saved, t.poses[best])
		t.in[best] = true
		if len(set) < tried+1+tried/3 {
			continue // sets grow faster the larger they are
		}
		tried = len(set)
		var rels []*Relation
		for _, b := range set {
			// each relation once: with the first of the set that it touches
			rels = append(rels, t.ready(b, func(i int32) bool {
				for _, c := range set {
					for _, x := range t.at(int(i)) {
						if int(x) == c {
							return c == b
						}
					}
				}
				return false
			})...)
		}
		if s.newton(set, rels, t.poses, t.foreseeing(effort{iterations: 40, impatient: true}, rels)) < tol.SeatedLoop {
			t.failed = 0
			return true
		}
		for i, b := range set {
			t.poses[b] = saved[i]
		}
		s.takeBack(t.poses, turns)
	}
	t.failed++
	return false
}

// queue gives the least number first, each once.
type queue []int

func (q *queue) push(x int) {
	if i, there := slices.BinarySearch(*q, x); !there {
		*q = slices.Insert(*q, i, x)
	}
}

func (q *queue) pop() int {
	x := (*q)[0]
	*q = (*q)[1:]
	return x
}
