package conflict

import (
	"math"
	"sort"

	"setfast/core/geom"
	"setfast/core/solve"
	"setfast/core/tol"
)

// failing is the relation with the worst miss beyond tolerance, or -1.
func (s *search) failing(poses []geom.Pose, rels []int) int {
	worst, at := 0.0, -1
	for _, i := range rels {
		ms := s.Sys.Miss(s.Sys.Rels[i], poses)
		if s.Holds(ms) {
			continue
		}
		if w := ms.Length(); w > worst {
			worst, at = w, i
		}
	}
	return at
}

// consistent solves a set of relations, warm and then from the start; it returns poses where all hold, or nil.
func (s *search) consistent(rels []int, warm []geom.Pose) []geom.Pose {
	o := s.Options(len(rels) <= 40)
	if len(rels) > mostPatient { // another start tells little of so many
		o.Impatient = true
		return s.Sys.Fit(rels, warm, func(*solve.System, solve.Solution) bool { return true }, o)
	}
	return s.Sys.Fit(rels, warm, allButFits, o)
}

// anyhow tries harder: from many other starts too, however near a compromise comes. What does not hold then is at odds.
func (s *search) anyhow(rels []int, warm []geom.Pose) []geom.Pose {
	o := s.Options(len(rels) <= 400)
	switch n := len(rels); {
	case n <= few:
		o.Tries = 3 * manyStarts
	case n <= mostTried:
		o.Tries = manyStarts
	}
	o.Tries = min(o.Tries, s.starts/8)
	p := s.Sys.Fit(rels, warm, nil, o)
	if p == nil {
		s.starts -= o.Tries
	}
	return p
}

// allButFits tells whether a compromise comes so near to holding, beside the size of the parts, that it is no matter of another
// start: the relations just do not fit.
func allButFits(sys *solve.System, s solve.Solution) bool {
	return fitsBut(sys, s, tol.AllBut, tol.AllButDeg)
}

// mayBeTurned tells whether a compromise is so far from holding that an alignment may be the wrong way round.
func mayBeTurned(sys *solve.System, s solve.Solution) bool {
	return !fitsBut(sys, s, tol.MayBeTurned, tol.AllButDeg)
}

// fitsBut tells whether no relation misses by more than a part of the smaller body's size, or an angle.
func fitsBut(sys *solve.System, s solve.Solution, part, deg float64) bool {
	var buf [4]int
	for i, r := range sys.Rels {
		size := math.Inf(1)
		for _, b := range sys.FreeBodies(r, &buf) {
			size = math.Min(size, sys.Bodies[b].Size)
		}
		if s.Miss[i].MM > part*size || s.Miss[i].Deg > deg {
			return false
		}
	}
	return true
}

// fitting tries a few starts and, of few relations, many.
func (s *search) fitting(rels []int, warm []geom.Pose) []geom.Pose {
	if p := s.consistent(rels, warm); p != nil || len(rels) > mostTried {
		return p
	}
	return s.anyhow(rels, warm)
}

// test finds poses where relations hold, or nil.
type test func(rels []int, warm []geom.Pose) []geom.Pose

// smallest takes relations away, in several orders, until no more can go without the rest holding.
func (s *search) smallest(list []int, poses []geom.Pose) []int {
	if list = s.looped(list); s.ring(list) {
		return list
	}
	orders := []func(a, b int) bool{
		func(a, b int) bool { return a > b },
		func(a, b int) bool { return a < b },
		func(a, b int) bool {
			return s.Sys.Rels[a].Asks() < s.Sys.Rels[b].Asks() || s.Sys.Rels[a].Asks() == s.Sys.Rels[b].Asks() && a > b
		},
		func(a, b int) bool {
			return s.Sys.Rels[a].Asks() > s.Sys.Rels[b].Asks() || s.Sys.Rels[a].Asks() == s.Sys.Rels[b].Asks() && a > b
		},
	}
	if len(list) > 60 {
		orders = orders[:1]
	}
	var best []int
	for _, less := range orders {
		l := append([]int(nil), list...)
		sort.Slice(l, func(i, j int) bool { return less(l[i], l[j]) })
		set := s.reduce(l, poses, s.consistent)
		if best == nil || len(set) < len(best) {
			best = set
		}
		if len(best) <= 2 || s.Stopped() {
			break
		}
	}
	sort.Ints(best)
	return best
}

// reduce takes relations away in the given order, by halves and then singly, as long as the rest cannot hold.
func (s *search) reduce(list []int, poses []geom.Pose, holds test) []int {
	for chunk := (len(list) + 1) / 2; chunk >= 1; chunk /= 2 {
		for at := 0; at < len(list) && !s.Stopped(); {
			end := min(at+chunk, len(list))
			rest := append(append([]int(nil), list[:at]...), list[end:]...)
			if len(rest) > 0 && holds(rest, poses) == nil {
				list = rest
			} else {
				at = end
			}
		}
	}
	return list
}

// leaveOut picks the member of a conflicting set to go on without: one that lets all the rest of the block hold, or else
// leaves the fewest relations that do not.
func (s *search) leaveOut(set, local []int, poses []geom.Pose) int {
	order := append([]int(nil), set...)
	sort.Slice(order, func(i, j int) bool {
		a, b := order[i], order[j]
		if s.Sys.Rels[a].Asks() != s.Sys.Rels[b].Asks() {
			return s.Sys.Rels[a].Asks() < s.Sys.Rels[b].Asks()
		}
		return a > b
	})
	fewest, best := math.MaxInt, order[0]
	for _, i := range order {
		if s.Stopped() {
			break
		}
		rest := without(local, i)
		if s.consistent(rest, poses) != nil {
			return i
		}
		_, sol := s.compromise(rest, poses)
		n := 0
		for _, ms := range sol.Miss {
			if !s.Holds(ms) {
				n++
			}
		}
		if n < fewest {
			fewest, best = n, i
		}
	}
	return best
}

// compromise brings some relations as near to holding as they come by themselves.
func (s *search) compromise(set []int, poses []geom.Pose) (*solve.System, solve.Solution) {
	p := s.Sys.Part(set)
	o := s.Options(false)
	o.Far = false // it is tried before anything is said to be at odds
	return p.System, p.SolveFrom(p.Take(poses), p.All(), o)
}
