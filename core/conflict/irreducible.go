package conflict

import (
	"math"
	"slices"
	"sort"

	"setfast/core/geom"
	"setfast/core/redundancy"
	"setfast/core/tol"
)

// irreducible is a smallest set of relations that cannot hold together (an irreducible infeasible set), and others like it that one
// relation causes.
type irreducible struct {
	set    []int
	drop   int  // what is left out for it
	proved bool // from several starts
	others [][]int
	fits   []geom.Pose // where all that was looked at holds after all
}

// blockOf lists the relations of the block that a relation is in.
func (s *search) blockOf(rel int, rels []int) []int { return s.localTo([]int{rel}, rels) }

// localTo lists the relations of the blocks that any of the given relations is in.
func (s *search) localTo(set, rels []int) []int {
	var out []int
	for _, b := range s.Sys.Blocks(rels, nil) {
		for _, i := range set {
			if slices.Contains(b.Rels, i) {
				out = append(out, b.Rels...)
				break
			}
		}
	}
	sort.Ints(out)
	return slices.Compact(out)
}

// irreducibleIn finds a smallest set of relations, among those of a block, that cannot hold together; where it is hard to find, only if
// asked to.
func (s *search) irreducibleIn(local []int, poses []geom.Pose, hard bool) (c irreducible) {
	for _, set := range s.cancelling(local, poses) {
		if s.Stopped() {
			return c
		}
		if s.consistent(set, poses) != nil {
			continue // only in the first order
		}
		if set = s.proved(set, poses); set != nil && (len(c.set) == 0 || len(set) < len(c.set)) {
			c.set, c.proved = set, true
		}
		if n := len(c.set); n == 1 || n == 2 {
			return c
		}
	}
	if len(c.set) > 0 || !hard {
		return c
	}
	if c.fits = s.fitting(local, poses); c.fits != nil {
		return c // only the start would not come right
	}
	for _, list := range [2][]int{s.tense(local, poses), local} {
		if len(list) == 0 || s.fitting(list, poses) != nil {
			continue
		}
		if set := s.proved(list, poses); set != nil {
			c.set, c.proved = set, true
			return c
		}
	}
	return c
}

// tense lists the relations that take part in a compromise: those that it leaves off by more than rounding.
func (s *search) tense(rels []int, poses []geom.Pose) (out []int) {
	for _, i := range rels {
		if ms := s.Sys.Miss(s.Sys.Rels[i], poses); ms.MM > tol.Tense || ms.Deg > tol.Tense {
			out = append(out, i)
		}
	}
	return out
}

// proved finds a smallest set at odds among relations, or nil where they can hold. It is sought by few starts; where it turns out to
// hold from some other, it is sought again, each time from all.
func (s *search) proved(list []int, poses []geom.Pose) []int {
	set := s.smallest(list, poses)
	if s.anyhow(set, poses) == nil {
		return set
	}
	if len(list) > mostTried || s.fitting(list, poses) != nil {
		return nil
	}
	set = slices.Clone(list)
	slices.Reverse(set)
	set = s.reduce(set, poses, s.fitting)
	sort.Ints(set)
	return set
}

// cancelling lists sets of relations, the smallest first, of which a combination of equations cancels but not their misses:
// such a set cannot hold together, as far as the first order goes.
func (s *search) cancelling(local []int, poses []geom.Pose) [][]int {
	if s.clearing == nil {
		s.clearing = redundancy.NewElimination(s.Sys, poses)
		s.clearing.Most = 10 * redundancy.MostSteps
	}
	e := s.clearing
	e.Poses = poses
	var sets [][]int
	var amount []float64
	for _, c := range e.Cancelling(local) {
		miss, size := 0.0, 0.0
		var set []int
		for _, w := range c {
			if math.Abs(w.X) < tol.TakesPart {
				continue
			}
			miss += w.X * e.Equations[w.Row].Miss
			size += w.X * w.X
			set = append(set, e.Equations[w.Row].Relation)
		}
		if math.Abs(miss) < tol.MissCancels*math.Sqrt(size) {
			continue
		}
		sort.Ints(set)
		sets = append(sets, slices.Compact(set))
		amount = append(amount, math.Abs(miss)/math.Sqrt(size))
	}
	order := make([]int, len(sets))
	for i := range order {
		order[i] = i
	}
	sort.SliceStable(order, func(x, y int) bool {
		a, b := order[x], order[y]
		if len(sets[a]) != len(sets[b]) {
			return len(sets[a]) < len(sets[b])
		}
		return amount[a] > amount[b]
	})
	var out [][]int
	for _, i := range order {
		if len(out) < mostCandidates && !slices.ContainsFunc(out, func(o []int) bool { return slices.Equal(o, sets[i]) }) {
			out = append(out, sets[i])
		}
	}
	return out
}

// otherSets finds more sets, as small as the first, that the relation left out is in: without each other member in turn the
// relation may still be at odds with the rest.
func (s *search) otherSets(drop int, first, local []int, poses []geom.Pose) [][]int {
	var out [][]int
	if len(first) > 6 || len(local) > 400 {
		return nil
	}
	known := [][]int{first}
	rest := local
	for _, i := range first {
		if i != drop {
			rest = without(rest, i)
		}
	}
	for len(out)+1 < mostSets && !s.Stopped() {
		c := s.irreducibleIn(rest, poses, false)
		if len(c.set) == 0 || len(c.set) > len(first) || !slices.Contains(c.set, drop) ||
			slices.ContainsFunc(known, func(o []int) bool { return slices.Equal(o, c.set) }) {
			break
		}
		out, known = append(out, c.set), append(known, c.set)
		for _, i := range c.set {
			if i != drop {
				rest = without(rest, i)
			}
		}
	}
	return out
}

func without(list []int, x int) []int {
	out := make([]int, 0, len(list))
	for _, i := range list {
		if i != x {
			out = append(out, i)
		}
	}
	return out
}

func insert(list []int, x int) []int {
	out := append(append([]int(nil), list...), x)
	sort.Ints(out)
	return out
}
