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
		if ms.Within(s.Set.ToleranceMM, s.Set.ToleranceDeg) {
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
	o.Impatient = len(rels) > 100
	return s.Sys.Fit(rels, warm, allButFits, o)
}

// anyhow tries harder: from other starts too, however near a compromise comes.
func (s *search) anyhow(rels []int, warm []geom.Pose) []geom.Pose {
	return s.Sys.Fit(rels, warm, nil, s.Options(len(rels) <= 100))
}

// atAllCosts tries from many starts, where no conflict can be found and yet the relations do not come to hold.
func (s *search) atAllCosts(rels []int, warm []geom.Pose) []geom.Pose {
	o := s.Options(true)
	if len(rels) <= 60 {
		o.Tries = 40
	}
	return s.Sys.Fit(rels, warm, nil, o)
}

// allButFits tells whether a compromise comes so near to holding, beside the size of the parts, that it is no matter of another
// start: the relations just do not fit.
func allButFits(sys *solve.System, s solve.Solution) bool {
	var buf [4]int
	for i, r := range sys.Rels {
		size := math.Inf(1)
		for _, b := range sys.FreeBodies(r, &buf) {
			size = math.Min(size, sys.Bodies[b].Size)
		}
		if s.Miss[i].MM > tol.AllBut*size || s.Miss[i].Deg > tol.AllButDeg {
			return false
		}
	}
	return true
}

// smallest takes relations away, in several orders, until no more can go without the rest holding.
func (s *search) smallest(list []int, poses []geom.Pose) []int {
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
		set := s.reduce(l, poses)
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
func (s *search) reduce(list []int, poses []geom.Pose) []int {
	for chunk := (len(list) + 1) / 2; chunk >= 1; chunk /= 2 {
		for at := 0; at < len(list) && !s.Stopped(); {
			end := min(at+chunk, len(list))
			rest := append(append([]int(nil), list[:at]...), list[end:]...)
			if len(rest) > 0 && s.consistent(rest, poses) == nil {
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
			if !ms.Within(s.Set.ToleranceMM, s.Set.ToleranceDeg) {
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
	p, bodies := s.Sys.Part(set)
	from := make([]geom.Pose, len(bodies))
	for k, b := range bodies {
		from[k] = poses[b]
	}
	all := make([]int, len(set))
	for k := range all {
		all[k] = k
	}
	o := s.Options(false)
	o.Far = false // it is tried before anything is said to be at odds
	return p, p.SolveFrom(from, all, o)
}
