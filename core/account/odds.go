package account

import (
	"math"
	"sort"

	"setfast/core/geom"
	"setfast/core/solve"
)

// settled is the outcome of solving: poses, the relations that stay in force, and what is at odds.
type settled struct {
	poses   []geom.Pose
	rels    []int // in force
	leftOut map[int]bool
	odds    []Odds
}

// settle solves the assembly; where relations cannot hold together it finds the smallest sets that conflict and the
// fewest relations to leave out (then those that ask least, then the latest), and solves the rest.
func (m *model) settle() settled {
	sol := m.sys.Solve(m.options(true))
	out := settled{poses: sol.Poses, rels: m.rels, leftOut: map[int]bool{}}
	if sol.Holds {
		return out
	}
	active := append([]int(nil), m.rels...)
	poses := sol.Poses
	var sets [][]int
	for round := 0; round < 40; round++ {
		bad := m.failing(poses, active)
		if bad < 0 {
			break
		}
		set := m.smallest(bad, active, poses)
		if len(set) == 0 { // a start that would not come right, not a conflict: it is now solved
			s := m.consistent(active, poses)
			if s == nil {
				set = []int{bad}
			} else {
				poses = s
				continue
			}
		}
		sets = append(sets, set)
		drop, next := m.leaveOut(set, active, poses)
		out.leftOut[drop] = true
		active = without(active, drop)
		poses = next
	}
	// a relation left out early may fit once others are gone
	var dropped []int
	for i := range out.leftOut {
		dropped = append(dropped, i)
	}
	sort.Ints(dropped)
	if len(dropped) > 1 {
		for _, i := range dropped {
			if s := m.consistent(insert(active, i), poses); s != nil {
				active, poses = insert(active, i), s
				delete(out.leftOut, i)
			}
		}
	}
	out.poses, out.rels = poses, active
	for _, set := range sets {
		// each conflict is told as if the others were settled
		with := active
		for _, i := range set {
			with = insert(without(with, i), i)
		}
		out.odds = append(out.odds, m.describe(set, with, poses))
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

// failing is the relation with the worst miss beyond tolerance, or -1.
func (m *model) failing(poses []geom.Pose, rels []int) int {
	worst, at := 0.0, -1
	for _, i := range rels {
		ms := m.sys.Miss(m.sys.Rels[i], poses)
		if ms.Within(m.set.ToleranceMM, m.set.ToleranceDeg) {
			continue
		}
		if w := ms.MM + rad(ms.Deg)*solve.AngleWeight; w > worst {
			worst, at = w, i
		}
	}
	return at
}

// consistent solves a set of relations, warm and then from the start; it returns poses where all hold, or nil.
func (m *model) consistent(rels []int, warm []geom.Pose) []geom.Pose {
	if s := m.sys.SolveFrom(warm, rels, m.options(false)); s.Holds {
		return s.Poses
	}
	if s := m.sys.SolveSubset(rels, m.options(len(rels) <= 40)); s.Holds {
		return s.Poses
	}
	return nil
}

// smallest finds a smallest set of relations that cannot hold together, starting from those that miss at the compromise.
func (m *model) smallest(bad int, active []int, poses []geom.Pose) []int {
	group := m.sys.Connected(bad, active)
	var tense []int
	for _, i := range group {
		ms := m.sys.Miss(m.sys.Rels[i], poses)
		if ms.MM > 1e-6 || ms.Deg > 1e-6 {
			tense = append(tense, i)
		}
	}
	if len(tense) == 0 || m.consistent(tense, poses) != nil {
		tense = group
		if m.consistent(tense, poses) != nil {
			return nil
		}
	}
	orders := []func(a, b int) bool{
		func(a, b int) bool { return a > b },
		func(a, b int) bool { return a < b },
		func(a, b int) bool { return m.asked[a] < m.asked[b] || m.asked[a] == m.asked[b] && a > b },
		func(a, b int) bool { return m.asked[a] > m.asked[b] || m.asked[a] == m.asked[b] && a > b },
	}
	if len(tense) > 60 {
		orders = orders[:1]
	}
	var best []int
	for _, less := range orders {
		list := append([]int(nil), tense...)
		sort.Slice(list, func(i, j int) bool { return less(list[i], list[j]) })
		set := m.reduce(list, poses)
		if best == nil || len(set) < len(best) {
			best = set
		}
		if len(best) <= 2 {
			break
		}
	}
	sort.Ints(best)
	return best
}

// reduce takes relations away in the given order, by halves and then singly, as long as the rest cannot hold.
func (m *model) reduce(list []int, poses []geom.Pose) []int {
	for chunk := (len(list) + 1) / 2; chunk >= 1; chunk /= 2 {
		for at := 0; at < len(list); {
			end := min(at+chunk, len(list))
			rest := append(append([]int(nil), list[:at]...), list[end:]...)
			if len(rest) > 0 && m.consistent(rest, poses) == nil {
				list = rest
			} else {
				at = end
			}
		}
	}
	return list
}

// leaveOut picks the member of a conflicting set to go on without.
func (m *model) leaveOut(set, active []int, poses []geom.Pose) (int, []geom.Pose) {
	order := append([]int(nil), set...)
	sort.Slice(order, func(i, j int) bool {
		a, b := order[i], order[j]
		if m.asked[a] != m.asked[b] {
			return m.asked[a] < m.asked[b]
		}
		return a > b
	})
	bestLeft, best := math.MaxInt, order[0]
	var bestPoses []geom.Pose
	for _, i := range order {
		rest := without(active, i)
		p := m.consistent(rest, poses)
		if p != nil {
			return i, p
		}
		s := m.sys.SolveFrom(poses, rest, m.options(false))
		n := 0
		for _, k := range rest {
			if !s.Miss[k].Within(m.set.ToleranceMM, m.set.ToleranceDeg) {
				n++
			}
		}
		if n < bestLeft {
			bestLeft, best, bestPoses = n, i, s.Poses
		}
	}
	return best, bestPoses
}

// describe tells a conflicting set: each member's miss at the best compromise, and what would settle it.
func (m *model) describe(set, active []int, poses []geom.Pose) Odds {
	s := m.sys.SolveFrom(poses, set, m.options(false))
	var o Odds
	for _, i := range set {
		id := m.mate[i].ID
		o.Mates = append(o.Mates, id)
		o.Misses = append(o.Misses, OddsMiss{id, s.Miss[i].MM, s.Miss[i].Deg})
	}
	o.Remedies = m.remedies(set, active, poses)
	return o
}

// remedies tries single changes, each on the whole assembly, and keeps those that bring the set to rest with the rest.
// They come in the order a designer would weigh them: a value, an alignment, a ground, and last a relation given up.
func (m *model) remedies(set, active []int, poses []geom.Pose) []Remedy {
	var values, turns, grounds, drops []Remedy
	try := func(i int, r *solve.Relation) bool {
		old := m.sys.Rels[i]
		m.sys.Rels[i] = r
		ok := m.consistent(active, poses) != nil
		m.sys.Rels[i] = old
		return ok
	}
	for _, i := range set {
		r := m.sys.Rels[i]
		id := m.mate[i].ID
		rest := m.consistent(without(active, i), poses)
		if rest != nil {
			drops = append(drops, Remedy{Kind: "suppress", Mate: id})
			if m.mate[i].Value != nil || m.mate[i].Gap != nil {
				if v, ok := m.sys.ReadValue(r, rest); ok {
					v = math.Round(v*1e6) / 1e6
					if try(i, r.WithValue(v)) {
						values = append(values, Remedy{Kind: "set", Mate: id, Value: &v})
					}
				}
			}
		}
		if r.HasSense() && try(i, r.Turned()) {
			turns = append(turns, Remedy{Kind: "turn", Mate: id})
		}
	}
	seen := map[int]bool{}
	for _, i := range set {
		for _, b := range [2]int{m.sys.Rels[i].A.Body, m.sys.Rels[i].B.Body} {
			if b < 0 || seen[b] || !m.sys.Bodies[b].Fixed {
				continue
			}
			seen[b] = true
			m.sys.Bodies[b].Fixed = false
			if m.grounded() > 0 && m.consistent(active, poses) != nil {
				grounds = append(grounds, Remedy{Kind: "unground", Component: m.comps[b].Name})
			}
			m.sys.Bodies[b].Fixed = true
		}
	}
	out := []Remedy{}
	for _, l := range [][]Remedy{values, turns, grounds, drops} {
		out = append(out, l...)
	}
	return out
}

func (m *model) grounded() int {
	n := 0
	for i := range m.sys.Bodies {
		if m.sys.Bodies[i].Fixed {
			n++
		}
	}
	return n
}
