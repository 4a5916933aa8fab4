package solve

import (
	"math"
	"sort"

	"setfast/core/geom"
)

// Options steer a solve.
type Options struct {
	MM, Deg float64 // what counts as holding
	Retry   bool    // try other starts before giving up
}

// Solution is a set of poses and what they leave unsatisfied.
type Solution struct {
	Poses []geom.Pose
	Holds bool
	Miss  []Miss // per relation
}

// Solve seats the bodies from their start poses: one after another where that suffices, loops together.
func (s *System) Solve(o Options) Solution {
	poses := s.NewPoses()
	all := make([]int, len(s.Rels))
	for i := range all {
		all[i] = i
	}
	s.seatInTurn(poses, all)
	return s.settle(poses, all, o)
}

// SolveFrom brings a subset of the relations to rest from the given poses, which are left as they were.
func (s *System) SolveFrom(from []geom.Pose, rels []int, o Options) Solution {
	return s.settle(append([]geom.Pose(nil), from...), rels, o)
}

// settle solves each group of connected bodies together, where it is not at rest already.
func (s *System) settle(poses []geom.Pose, rels []int, o Options) Solution {
	sol := Solution{Poses: poses, Holds: true, Miss: make([]Miss, len(s.Rels))}
	for _, g := range s.groups(rels) {
		ok := s.settleGroup(g, poses, o)
		sol.Holds = sol.Holds && ok
	}
	var rs Rows
	for _, i := range rels {
		sol.Miss[i] = MissOf(s.Eval(s.Rels[i], poses, &rs))
		if !sol.Miss[i].Within(o.MM, o.Deg) {
			sol.Holds = false
		}
	}
	return sol
}

func (s *System) settleGroup(g group, poses []geom.Pose, o Options) bool {
	s.newton(g.bodies, g.rels, poses, 80)
	if s.hold(g.rels, poses, o) || !o.Retry || len(g.bodies) == 0 {
		return true
	}
	best := append([]geom.Pose(nil), poses...)
	bestMiss := s.total(g.rels, poses)
	try := func(p []geom.Pose) bool {
		s.newton(g.bodies, g.rels, p, 80)
		if m := s.total(g.rels, p); m < bestMiss {
			bestMiss = m
			copy(best, p)
		}
		return s.hold(g.rels, p, o)
	}
	// other starts, always the same ones: as given, then each turned and shaken in a fixed sequence
	seed := uint64(88172645463325252)
	rnd := func() float64 {
		seed ^= seed << 13
		seed ^= seed >> 7
		seed ^= seed << 17
		return float64(seed>>11)/(1<<53)*2 - 1
	}
	tries := 6
	if len(g.bodies) > 60 {
		tries = 2
	}
	for k := 0; k < tries; k++ {
		p := append([]geom.Pose(nil), poses...)
		for _, b := range g.bodies {
			p[b] = s.Bodies[b].Start
			if k == 0 {
				continue
			}
			size := s.Bodies[b].Size
			amount := 0.15 * float64(k)
			p[b] = p[b].Turned(p[b].Point(s.Bodies[b].Centre),
				geom.V(rnd(), rnd(), rnd()).Scale(amount*size), geom.V(rnd(), rnd(), rnd()).Scale(amount))
		}
		if try(p) {
			break
		}
	}
	copy(poses, best)
	return s.hold(g.rels, poses, o)
}

func (s *System) hold(rels []*Relation, poses []geom.Pose, o Options) bool {
	var rs Rows
	for _, r := range rels {
		if !MissOf(s.Eval(r, poses, &rs)).Within(o.MM, o.Deg) {
			return false
		}
	}
	return true
}

func (s *System) total(rels []*Relation, poses []geom.Pose) float64 {
	var rs Rows
	f := 0.0
	for _, r := range rels {
		for _, row := range s.Eval(r, poses, &rs) {
			f += row.R * row.R
		}
	}
	return f
}

// group is a set of free bodies held together by relations.
type group struct {
	bodies []int
	rels   []*Relation
	index  []int
}

// groups splits the relations into sets that share no free body; those that touch none come last, one by one.
func (s *System) groups(rels []int) []group {
	root := make([]int, len(s.Bodies))
	for i := range root {
		root[i] = i
	}
	var find func(int) int
	find = func(i int) int {
		for root[i] != i {
			root[i] = root[root[i]]
			i = root[i]
		}
		return i
	}
	bodies := make([][]int, len(rels))
	for k, i := range rels {
		bodies[k] = s.FreeBodies(s.Rels[i], new([4]int))
		for _, b := range bodies[k] {
			x, y := find(b), find(bodies[k][0])
			if x < y {
				root[y] = x
			} else {
				root[x] = y
			}
		}
	}
	at := map[int]int{}
	var out, loose []group
	for k, i := range rels {
		if len(bodies[k]) == 0 {
			loose = append(loose, group{rels: []*Relation{s.Rels[i]}, index: []int{i}})
			continue
		}
		r := find(bodies[k][0])
		j, ok := at[r]
		if !ok {
			j = len(out)
			at[r] = j
			out = append(out, group{})
		}
		out[j].rels = append(out[j].rels, s.Rels[i])
		out[j].index = append(out[j].index, i)
	}
	for b := range s.Bodies {
		if j, ok := at[find(b)]; ok && !s.Bodies[b].Fixed {
			out[j].bodies = append(out[j].bodies, b)
		}
	}
	return append(out, loose...)
}

// seatInTurn brings bodies to their seats one after another: a body whose relations lead to bodies already seated is
// solved alone against them. The put thing (b of a relation) moves first where there is a choice.
func (s *System) seatInTurn(poses []geom.Pose, rels []int) {
	n := len(s.Bodies)
	seated := make([]bool, n+1) // the last is the assembly itself
	seated[n] = true
	at := func(b int) int {
		if b < 0 || s.Bodies[b].Fixed {
			return n
		}
		return b
	}
	of := make([][]int, n+1)
	for _, i := range rels {
		for _, b := range s.places(s.Rels[i]) {
			of[b] = append(of[b], i)
		}
	}
	ready := func(i, me int) bool { // every other body of relation i is seated
		for _, x := range s.places(s.Rels[i]) {
			if x != me && !seated[x] {
				return false
			}
		}
		return true
	}
	// two queues in build order: bodies put on something seated, and bodies something seated is put on
	var put, under intHeap
	open := func(k int) {
		for _, i := range of[k] {
			r := s.Rels[i]
			if r.couple != nil {
				continue // it leads nowhere by itself
			}
			a, b := at(r.A.Body), at(r.B.Body)
			if !seated[b] && seated[a] {
				put.push(b)
			} else if !seated[a] && seated[b] {
				under.push(a)
			}
		}
	}
	open(n)
	next := 0
	rank := map[int]int{} // in which order bodies were seated
	for {
		k := -1
		for k < 0 && len(put) > 0 {
			if c := put.pop(); !seated[c] {
				k = c
			}
		}
		for k < 0 && len(under) > 0 {
			if c := under.pop(); !seated[c] {
				k = c
			}
		}
		if k < 0 {
			// nothing leads on: the next body that is not put on another one stays where it is
			pick := -1
			for i := next; i < n; i++ {
				if seated[i] || s.Bodies[i].Fixed {
					continue
				}
				if pick < 0 {
					pick = i
				}
				if !s.isPut(i, of[i]) {
					pick = i
					break
				}
			}
			if pick < 0 {
				return
			}
			seated[pick] = true
			rank[pick] = len(rank)
			open(pick)
			for next < n && (seated[next] || s.Bodies[next].Fixed) {
				next++
			}
			continue
		}
		var mine []*Relation
		for _, i := range of[k] {
			if ready(i, k) {
				mine = append(mine, s.Rels[i])
			}
		}
		s.seatOne(k, mine, poses)
		seated[k] = true
		s.closeLoop(k, mine, of, seated, rank, poses)
		rank[k] = len(rank)
		open(k)
	}
}

// closeLoop brings a body to rest that cannot be seated alone, together with bodies seated shortly before it: the fewer
// and the later ones first, so that what stands longest (a crank set to an angle) stays where it is.
func (s *System) closeLoop(k int, mine []*Relation, of [][]int, seated []bool, rank map[int]int, poses []geom.Pose) {
	var rs Rows
	open := func() bool {
		for _, r := range mine {
			for _, row := range s.Eval(r, poses, &rs) {
				if math.Abs(row.R) > 1e-6 {
					return true
				}
			}
		}
		return false
	}
	if !open() {
		return
	}
	set := []int{k}
	saved := []geom.Pose{poses[k]}
	in := map[int]bool{k: true}
	for len(set) < 16 {
		// the latest seated body that is related to the set
		best := -1
		for _, b := range set {
			for _, i := range of[b] {
				for _, x := range s.places(s.Rels[i]) {
					if x < len(s.Bodies) && !in[x] && seated[x] && (best < 0 || rank[x] > rank[best]) {
						best = x
					}
				}
			}
		}
		if best < 0 {
			break
		}
		set = append(set, best)
		saved = append(saved, poses[best])
		in[best] = true
		var rels []*Relation
		taken := map[int]bool{}
		for _, b := range set {
			for _, i := range of[b] {
				ready := !taken[i]
				for _, x := range s.places(s.Rels[i]) {
					ready = ready && seated[x]
				}
				if ready {
					taken[i] = true
					rels = append(rels, s.Rels[i])
				}
			}
		}
		if s.newton(set, rels, poses, 40) < 1e-9 {
			return
		}
		for i, b := range set {
			poses[b] = saved[i]
		}
	}
}

// places lists the bodies of a relation, each once; all that stands counts as one, numbered after the last body.
func (s *System) places(r *Relation) []int {
	var out []int
	var buf [4]int
	for _, b := range r.Members(&buf) {
		if b < 0 || s.Bodies[b].Fixed {
			b = len(s.Bodies)
		}
		dup := false
		for _, o := range out {
			dup = dup || o == b
		}
		if !dup {
			out = append(out, b)
		}
	}
	return out
}

func (s *System) isPut(k int, rels []int) bool {
	for _, i := range rels {
		if s.Rels[i].B.Body == k && s.Rels[i].A.Body != k {
			return true
		}
	}
	return false
}

// seatOne solves one body against bodies that stand. Where it starts on the wrong side of a stated alignment, it is
// first turned about its own middle, so that no turn is mistaken for a long way round.
func (s *System) seatOne(k int, rels []*Relation, poses []geom.Pose) {
	one := []int{k}
	start := poses[k]
	w := s.newton(one, rels, poses, 60)
	if w < 1e-6 {
		return
	}
	best, bestW := poses[k], w
	for _, ax := range [3]geom.Vec{{X: 1}, {Y: 1}, {Z: 1}} {
		poses[k] = start.Turned(start.Point(s.Bodies[k].Centre), geom.Vec{}, start.Dir(ax).Scale(math.Pi))
		if w := s.newton(one, rels, poses, 60); w < bestW*0.5 {
			best, bestW = poses[k], w
			if w < 1e-6 {
				break
			}
		}
	}
	poses[k] = best
}

// intHeap is a queue that gives the least number first.
type intHeap []int

func (h *intHeap) push(x int) {
	i := sort.SearchInts(*h, x)
	if i < len(*h) && (*h)[i] == x {
		return
	}
	*h = append(*h, 0)
	copy((*h)[i+1:], (*h)[i:])
	(*h)[i] = x
}

func (h *intHeap) pop() int {
	x := (*h)[0]
	*h = (*h)[1:]
	return x
}

// SolveSubset solves some of the relations from the start poses.
func (s *System) SolveSubset(rels []int, o Options) Solution {
	poses := s.NewPoses()
	s.seatInTurn(poses, rels)
	return s.settle(poses, rels, o)
}

// Connected lists the relations tied to relation k through free bodies, among those given.
func (s *System) Connected(k int, rels []int) []int {
	for _, g := range s.groups(rels) {
		for _, i := range g.index {
			if i == k {
				return g.index
			}
		}
	}
	return []int{k}
}

// Cluster is a set of free bodies tied together by relations.
type Cluster struct{ Bodies, Rels []int }

// Clusters splits relations by the free bodies they share.
func (s *System) Clusters(rels []int) []Cluster {
	var out []Cluster
	for _, g := range s.groups(rels) {
		out = append(out, Cluster{g.bodies, g.index})
	}
	return out
}
