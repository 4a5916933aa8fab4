package conflict

import (
	"cmp"
	"slices"

	"setfast/core/geom"
	"setfast/core/mobility"
)

// What bounds the search where much is at odds at once.
const (
	mostFailing = 12     // misses in a block; with more, those to blame are sought all at once
	mostRetaken = 12     // left out, each of which is tried again with the rest
	sparseRound = 4      // how often it is looked for more to leave out
	plenty      = 20_000 // relations in all that may be solved for remedies: beyond it only what is known is offered
)

// allAtOnce finds what to leave out of a block in which much misses: the relations that miss at poses where as few as possible do. Each is
// told with the smallest set of others, near it, that it cannot hold with; the worst come first.
func (s *search) allAtOnce(block []int, poses []geom.Pose) (sets []irreducible, out []int, at []geom.Pose) {
	var drops []int
	price := func(i int) float64 { // of those that would do as well the one that asks least is left out, then the latest
		return 1 + float64(s.Sys.Rels[i].Asks())/64 + float64(len(s.Sys.Rels)-i)/float64(256*len(s.Sys.Rels))
	}
	active := block
	at = poses
	for round := 0; ; round++ {
		p := s.Sys.Sparsest(active, at, price)
		rest := slices.DeleteFunc(slices.Clone(active), func(i int) bool { return s.misses(i, p) })
		if len(rest) == len(active) || round == sparseRound || s.Stopped() {
			return nil, nil, poses
		}
		for _, i := range active {
			if s.misses(i, p) {
				drops = append(drops, i)
			}
		}
		active, at = rest, p
		if q := s.consistent(active, p); q != nil {
			at = q
			break
		}
	}
	active, drops, at = s.retaken(active, drops, at)
	slices.SortStableFunc(drops, func(a, b int) int { return cmp.Compare(s.miss(b, at), s.miss(a, at)) })
	for k, d := range drops {
		if len(sets) == mostConflicts || s.Stopped() {
			out = append(out, drops[k:]...)
			break
		}
		set := s.shortest(d, append(slices.Clone(active), drops[k:]...), at)
		if set == nil {
			set = s.around(d, active, at)
		}
		proved := set != nil
		if !proved { // perhaps it holds after all
			with := insert(active, d)
			if p := s.anyhow(with, at); p != nil {
				active, at = with, p
				continue
			}
			if set = s.looped(s.blockOf(d, with)); len(set) == 0 {
				set = []int{d}
			}
		}
		out = append(out, d)
		sets = append(sets, irreducible{set: set, drop: d, proved: proved})
	}
	return sets, out, at
}

func (s *search) miss(i int, poses []geom.Pose) float64 {
	return s.Sys.Miss(s.Sys.Rels[i], poses).Length()
}

func (s *search) misses(i int, poses []geom.Pose) bool {
	return !s.Holds(s.Sys.Miss(s.Sys.Rels[i], poses))
}

// retaken takes back what was left out and holds with the rest after all. A relation that asks nothing new where it misses cannot.
func (s *search) retaken(active, drops []int, at []geom.Pose) (in, out []int, poses []geom.Pose) {
	rels := append(slices.Clone(active), drops...)
	basis := mobility.New(s.Sys, at, rels)
	for b := range s.Sys.Bodies {
		if !s.Sys.Bodies[b].Fixed {
			basis.Open(b)
		}
	}
	for _, i := range active {
		basis.Post(s.Sys.Rels[i])
	}
	for _, d := range drops {
		fresh := basis.Post(s.Sys.Rels[d]) > 0
		if fresh || len(drops) <= mostRetaken {
			if p := s.consistent(insert(active, d), at); p != nil {
				active, at = insert(active, d), p
				continue
			}
		}
		s.asked[d] = !fresh
		out = append(out, d)
	}
	return active, out, at
}

// ends are the two bodies a relation is between, all that stands counting as -1; false where they are others.
func (s *search) ends(i int) (a, b int, two bool) {
	r := s.Sys.Rels[i]
	if r.IsCoupling() || r.HasAbout {
		return 0, 0, false
	}
	a, b = r.A.Body, r.B.Body
	if a < 0 || s.Sys.Bodies[a].Fixed {
		a = -1
	}
	if b < 0 || s.Sys.Bodies[b].Fixed {
		b = -1
	}
	return a, b, a != b
}

// shortest is the shortest loop that a relation closes with others, if it cannot hold.
func (s *search) shortest(d int, among []int, at []geom.Pose) []int {
	from, to, two := s.ends(d)
	if !two {
		return nil
	}
	type edge struct{ rel, to int }
	edges := map[int][]edge{}
	for _, i := range among {
		if a, b, two := s.ends(i); two && i != d {
			edges[a], edges[b] = append(edges[a], edge{i, b}), append(edges[b], edge{i, a})
		}
	}
	came := map[int]edge{from: {-1, from}}
	for next := []int{from}; len(next) > 0; {
		b := next[0]
		next = next[1:]
		if b == to {
			break
		}
		for _, e := range edges[b] {
			if _, been := came[e.to]; !been {
				came[e.to] = edge{e.rel, b}
				next = append(next, e.to)
			}
		}
	}
	if _, reached := came[to]; !reached {
		return nil
	}
	loop := []int{d}
	for b := to; b != from; b = came[b].to {
		loop = append(loop, came[b].rel)
	}
	slices.Sort(loop)
	rigid := !slices.ContainsFunc(loop, func(i int) bool { return s.Sys.Rels[i].Asks() < 6 })
	if s.consistent(loop, at) != nil || !rigid && s.anyhow(loop, at) != nil {
		return nil
	}
	return loop
}

// around finds a smallest set at odds that a relation is in, among those in force near it, as far as that takes.
func (s *search) around(d int, active []int, at []geom.Pose) []int {
	of := s.Sys.ByBody(active)
	var buf [4]int
	in := map[int]bool{}
	near := slices.Clone(s.Sys.FreeBodies(s.Sys.Rels[d], &buf))
	taken := map[int]bool{d: true}
	list := []int{d}
	tried := 0
	for len(near) > 0 && !s.Stopped() {
		var next []int
		for _, b := range near {
			in[b] = true
		}
		for _, b := range near {
			for _, i := range of[b] {
				if !taken[i] {
					taken[i] = true
					list = append(list, i)
				}
				for _, o := range s.Sys.FreeBodies(s.Sys.Rels[i], &buf) {
					if !in[o] {
						in[o] = true
						next = append(next, o)
					}
				}
			}
		}
		near = next
		if len(list) < tried+tried/2 && len(near) > 0 {
			continue // they grow faster the more there are
		}
		tried = len(list)
		slices.Sort(list)
		if core := s.looped(list); len(core) > 0 && s.consistent(core, at) == nil {
			return s.proved(core, at)
		}
	}
	return nil
}

// ring tells whether relations make one loop, each between two bodies. Where they cannot hold together they are a smallest set: without
// any of them the others lead from body to body, and each can be seated in turn.
func (s *search) ring(list []int) bool {
	count := map[int]int{}
	for _, i := range list {
		a, b, two := s.ends(i)
		if !two {
			return false
		}
		count[a]++
		count[b]++
	}
	for _, n := range count {
		if n != 2 {
			return false
		}
	}
	return len(list) > 1 && len(s.Sys.Blocks(list, nil)) == 1
}

// looped drops the relations that close no loop: by themselves they can always hold.
func (s *search) looped(list []int) []int {
	var out []int
	for _, b := range s.Sys.Blocks(list, nil) {
		if len(b.Rels) > 1 || b.Excess > 0 {
			out = append(out, b.Rels...)
		}
	}
	slices.Sort(out)
	return out
}
