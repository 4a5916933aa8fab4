package account

import (
	"math"
	"slices"
	"sort"

	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/solve"
	"setfast/core/tol"
)

// settled is the outcome of solving: poses, the relations that stay in force, and what is at odds.
type settled struct {
	poses   []geom.Pose
	rels    []int // in force
	leftOut map[int]bool
	odds    []Odds
}

// settle solves the assembly; where relations cannot hold together it finds the smallest sets that conflict and the
// fewest relations to leave out (then those that ask least, then the latest), and solves the rest. Conflicts are sought
// within blocks: what hangs on a block by one body cannot be to blame.
func (m *model) settle() settled {
	sol := m.sys.Solve(m.options(false))
	m.asked = make([]int, len(m.sys.Rels))
	for i, r := range m.sys.Rels {
		m.asked[i] = r.Asks()
	}
	out := settled{poses: sol.Poses, rels: m.rels, leftOut: map[int]bool{}}
	if sol.Holds {
		out.poses = m.sharpened(sol)
		return out
	}
	active := append([]int(nil), m.rels...)
	poses := sol.Poses
	var sets []conflict
	for round := 0; round < mostRounds && !m.stopped(); round++ {
		worst := m.failing(poses, active)
		if worst < 0 {
			break
		}
		// one conflict in each block where something misses
		var drops []int
		for _, bl := range m.split(active, nil) {
			if m.stopped() || m.failing(poses, bl.rels) < 0 {
				continue
			}
			c := m.conflictIn(bl.rels, poses)
			if len(c.set) == 0 {
				continue // perhaps a start that would not come right
			}
			sets, drops = m.giveUp(c, bl.rels, poses, sets, drops)
		}
		if len(drops) == 0 {
			if s := m.atAllCosts(active, poses); s != nil {
				poses = s
				continue
			}
			local := m.sys.Connected(worst, active)
			c := m.conflictIn(local, poses)
			if len(c.set) == 0 {
				c.set = []int{worst}
			}
			sets, drops = m.giveUp(c, local, poses, sets, drops)
		}
		for _, i := range drops {
			out.leftOut[i] = true
		}
		active = slices.DeleteFunc(active, func(i int) bool { return out.leftOut[i] })
		poses = m.sys.SolveFrom(poses, active, m.options(false)).Poses
		if m.failing(poses, active) >= 0 {
			if s := m.consistent(active, poses); s != nil {
				poses = s
			}
		}
	}
	// a relation left out early may fit once others are gone
	var dropped []int
	for i := range out.leftOut {
		dropped = append(dropped, i)
	}
	sort.Ints(dropped)
	for _, i := range dropped {
		// a set proved to be at odds stays so, as long as no other of it is left out
		if slices.ContainsFunc(sets, func(c conflict) bool {
			return c.proved && slices.Contains(c.set, i) && !slices.ContainsFunc(c.set, func(k int) bool { return k != i && out.leftOut[k] })
		}) {
			continue
		}
		with := insert(active, i)
		if m.stopped() || m.atAllCosts(m.blockOf(i, with), poses) == nil {
			continue
		}
		if s := m.atAllCosts(with, poses); s != nil {
			active, poses = with, s
			delete(out.leftOut, i)
		}
	}
	out.poses, out.rels = poses, active
	for _, c := range sets {
		if !slices.ContainsFunc(c.set, func(i int) bool { return out.leftOut[i] }) {
			continue // all of it holds after all
		}
		if len(out.odds) == mostConflicts || m.stopped() {
			break
		}
		// each conflict is told as if the others were settled
		with := active
		for _, i := range c.set {
			with = insert(without(with, i), i)
		}
		out.odds = append(out.odds, m.describe(c, m.localTo(c.set, with), poses))
	}
	return out
}

// inexact is a miss in mm that imported geometry explains.
const inexact = 2e-5

// sharpened looks for a better pose where relations hold within the tolerance, but no better than that: a start may have
// led into a corner beside it. Where the relations really differ by so much, nothing is found, and nothing changes.
func (m *model) sharpened(sol solve.Solution) []geom.Pose {
	poses := sol.Poses
	coarse := func(rels []int) bool {
		return slices.ContainsFunc(rels, func(i int) bool {
			ms := sol.Miss[i]
			return ms.MM+rad(ms.Deg)*tol.AngleWeight > inexact
		})
	}
	if !coarse(m.rels) {
		return poses
	}
	found := false
	for _, bl := range m.split(m.rels, nil) {
		if m.stopped() || len(bl.rels) > 60 || !coarse(bl.rels) {
			continue
		}
		if p := m.sys.Fit(bl.rels, poses, nil, solve.Options{MM: 1e-7, Deg: 1e-7, Retry: true}); p != nil {
			poses, found = p, true
		}
	}
	if !found {
		return poses
	}
	if s := m.sys.SolveFrom(poses, m.rels, m.options(false)); s.Holds {
		return s.Poses
	}
	return poses
}

// mostConflicts is how many conflicts are told, mostSets how many smallest sets of one conflict, mostRounds how often it is
// looked again whether all holds.
const (
	mostConflicts = 40
	mostSets      = 8
	mostRounds    = 60
	mostTurned    = 30 // in a longer set no alignment is tried the other way round
)

// giveUp notes a conflict and the member to go on without.
func (m *model) giveUp(c conflict, local []int, poses []geom.Pose, sets []conflict, drops []int) ([]conflict, []int) {
	drop := m.leaveOut(c.set, local, poses)
	if len(sets) < mostConflicts {
		c.others = m.otherSets(drop, c.set, local, poses)
	}
	return append(sets, c), append(drops, drop)
}

// conflict is a smallest set of relations that cannot hold together, and others like it that one relation causes.
type conflict struct {
	set    []int
	proved bool // from several starts
	others [][]int
}

// blockOf lists the relations of the block that a relation is in.
func (m *model) blockOf(rel int, rels []int) []int { return m.localTo([]int{rel}, rels) }

// localTo lists the relations of the blocks that any of the given relations is in.
func (m *model) localTo(set, rels []int) []int {
	var out []int
	for _, b := range m.split(rels, nil) {
		for _, i := range set {
			if slices.Contains(b.rels, i) {
				out = append(out, b.rels...)
				break
			}
		}
	}
	sort.Ints(out)
	return slices.Compact(out)
}

// conflictIn finds a smallest set of relations, among those of a block, that cannot hold together.
func (m *model) conflictIn(local []int, poses []geom.Pose) (c conflict) {
	for _, set := range m.cancelling(local, poses) {
		if m.stopped() {
			return c
		}
		if m.consistent(set, poses) != nil {
			continue // only in the first order
		}
		set = m.smallest(set, poses)
		if (len(c.set) == 0 || len(set) < len(c.set)) && m.anyhow(set, poses) == nil {
			c.set, c.proved = set, true
		}
		if len(c.set) <= 2 {
			return c
		}
	}
	if len(c.set) > 0 {
		return c
	}
	var tense []int
	for _, i := range local {
		if ms := m.sys.Miss(m.sys.Rels[i], poses); ms.MM > 1e-6 || ms.Deg > 1e-6 {
			tense = append(tense, i)
		}
	}
	for _, list := range [2][]int{tense, local} {
		if len(list) == 0 || m.consistent(list, poses) != nil {
			continue
		}
		if set := m.smallest(list, poses); m.anyhow(set, poses) == nil {
			c.set, c.proved = set, true
			return c
		}
	}
	return c
}

// mostCandidates is how many combinations of equations are looked into for a conflict.
const mostCandidates = 6

// cancelling lists sets of relations, the smallest first, of which a combination of equations cancels but not their misses:
// such a set cannot hold together, as far as the first order goes.
func (m *model) cancelling(local []int, poses []geom.Pose) [][]int {
	if m.clearing == nil {
		m.clearing = newElimination(m, poses)
		m.clearing.most = 10 * mostSpent
	}
	e := m.clearing
	e.poses = poses
	var sets [][]int
	var amount []float64
	for _, c := range e.cancelling(local) {
		miss, size := 0.0, 0.0
		var set []int
		for _, w := range c {
			if math.Abs(w.x) < 1e-6 {
				continue
			}
			miss += w.x * e.refs[w.row].miss
			size += w.x * w.x
			set = append(set, e.refs[w.row].rel)
		}
		if math.Abs(miss) < 1e-5*math.Sqrt(size) {
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
func (m *model) otherSets(drop int, first, local []int, poses []geom.Pose) [][]int {
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
	for len(out)+1 < mostSets && !m.stopped() {
		c := m.conflictIn(rest, poses)
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

// failing is the relation with the worst miss beyond tolerance, or -1.
func (m *model) failing(poses []geom.Pose, rels []int) int {
	worst, at := 0.0, -1
	for _, i := range rels {
		ms := m.sys.Miss(m.sys.Rels[i], poses)
		if ms.Within(m.set.ToleranceMM, m.set.ToleranceDeg) {
			continue
		}
		if w := ms.MM + rad(ms.Deg)*tol.AngleWeight; w > worst {
			worst, at = w, i
		}
	}
	return at
}

// consistent solves a set of relations, warm and then from the start; it returns poses where all hold, or nil.
func (m *model) consistent(rels []int, warm []geom.Pose) []geom.Pose {
	o := m.options(len(rels) <= 40)
	o.Impatient = len(rels) > 100
	return m.sys.Fit(rels, warm, allButFits, o)
}

// anyhow tries harder: from other starts too, however near a compromise comes.
func (m *model) anyhow(rels []int, warm []geom.Pose) []geom.Pose {
	return m.sys.Fit(rels, warm, nil, m.options(len(rels) <= 100))
}

// atAllCosts tries from many starts, where no conflict can be found and yet the relations do not come to hold.
func (m *model) atAllCosts(rels []int, warm []geom.Pose) []geom.Pose {
	o := m.options(true)
	if len(rels) <= 60 {
		o.Tries = 40
	}
	return m.sys.Fit(rels, warm, nil, o)
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
		if s.Miss[i].MM > 0.02*size || s.Miss[i].Deg > 1 {
			return false
		}
	}
	return true
}

// smallest takes relations away, in several orders, until no more can go without the rest holding.
func (m *model) smallest(list []int, poses []geom.Pose) []int {
	orders := []func(a, b int) bool{
		func(a, b int) bool { return a > b },
		func(a, b int) bool { return a < b },
		func(a, b int) bool { return m.asked[a] < m.asked[b] || m.asked[a] == m.asked[b] && a > b },
		func(a, b int) bool { return m.asked[a] > m.asked[b] || m.asked[a] == m.asked[b] && a > b },
	}
	if len(list) > 60 {
		orders = orders[:1]
	}
	var best []int
	for _, less := range orders {
		l := append([]int(nil), list...)
		sort.Slice(l, func(i, j int) bool { return less(l[i], l[j]) })
		set := m.reduce(l, poses)
		if best == nil || len(set) < len(best) {
			best = set
		}
		if len(best) <= 2 || m.stopped() {
			break
		}
	}
	sort.Ints(best)
	return best
}

// reduce takes relations away in the given order, by halves and then singly, as long as the rest cannot hold.
func (m *model) reduce(list []int, poses []geom.Pose) []int {
	for chunk := (len(list) + 1) / 2; chunk >= 1; chunk /= 2 {
		for at := 0; at < len(list) && !m.stopped(); {
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

// leaveOut picks the member of a conflicting set to go on without: one that lets all the rest of the block hold, or else
// leaves the fewest relations that do not.
func (m *model) leaveOut(set, local []int, poses []geom.Pose) int {
	order := append([]int(nil), set...)
	sort.Slice(order, func(i, j int) bool {
		a, b := order[i], order[j]
		if m.asked[a] != m.asked[b] {
			return m.asked[a] < m.asked[b]
		}
		return a > b
	})
	fewest, best := math.MaxInt, order[0]
	for _, i := range order {
		if m.stopped() {
			break
		}
		rest := without(local, i)
		if m.consistent(rest, poses) != nil {
			return i
		}
		_, s := m.compromise(rest, poses)
		n := 0
		for _, ms := range s.Miss {
			if !ms.Within(m.set.ToleranceMM, m.set.ToleranceDeg) {
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
func (m *model) compromise(set []int, poses []geom.Pose) (*solve.System, solve.Solution) {
	p, bodies := m.sys.Part(set)
	from := make([]geom.Pose, len(bodies))
	for k, b := range bodies {
		from[k] = poses[b]
	}
	all := make([]int, len(set))
	for k := range all {
		all[k] = k
	}
	o := m.options(false)
	o.Far = false // it is tried before anything is said to be at odds
	return p, p.SolveFrom(from, all, o)
}

// describe tells a conflicting set: each member's miss at the best compromise, and what would settle it.
func (m *model) describe(c conflict, active []int, poses []geom.Pose) Odds {
	set := c.set
	p, s := m.compromise(set, poses)
	var o Odds
	for k, i := range set {
		id := m.mate[i].ID
		o.Mates = append(o.Mates, id)
		o.Misses = append(o.Misses, OddsMiss{id, s.Miss[k].MM, s.Miss[k].Deg})
	}
	for _, other := range c.others {
		var ids []string
		for _, i := range other {
			ids = append(ids, m.mate[i].ID)
		}
		o.Also = append(o.Also, ids)
	}
	o.Remedies = m.remedies(set, active, poses, !allButFits(p, s))
	return o
}

// remedies tries single changes, each on the whole assembly, and keeps those that bring the set to rest with the rest.
// An alignment is worth turning only where the set is far from holding. They come in the order a designer would weigh them: a value, a held coordinate, an alignment, a ground, and last a relation given up.
func (m *model) remedies(set, active []int, poses []geom.Pose, far bool) []Remedy {
	var values, frees, turns, grounds, drops []Remedy
	try := func(i int, l relation.Law) bool {
		return m.on(m.sys.Swapped(i, m.sys.Rels[i].With(l))).consistent(active, poses) != nil
	}
	for _, i := range set {
		if m.stopped() {
			break
		}
		r := m.sys.Rels[i]
		id := m.mate[i].ID
		rest := m.consistent(without(active, i), poses)
		if rest != nil {
			drops = append(drops, Remedy{Kind: "suppress", Mate: id})
			if m.mate[i].Has(r.Of.Main) {
				if v, ok := m.sys.ReadValue(r, rest); ok {
					v = math.Round(v*1e6) / 1e6
					if try(i, r.Law.With(v)) {
						values = append(values, Remedy{Kind: "set", Mate: id, Value: &v})
					}
				}
			}
		}
		for _, h := range r.Hold {
			if try(i, r.Released(h.Of)) {
				frees = append(frees, Remedy{Kind: "free", Mate: id, Coordinate: h.Of})
			}
		}
		if far && len(set) <= mostTurned && r.HasSense() && try(i, r.Turned()) {
			turns = append(turns, Remedy{Kind: "turn", Mate: id})
		}
	}
	seen := map[int]bool{}
	for _, i := range set {
		for _, b := range [2]int{m.sys.Rels[i].A.Body, m.sys.Rels[i].B.Body} {
			if b < 0 || seen[b] || m.stopped() || !m.sys.Bodies[b].Fixed {
				continue
			}
			seen[b] = true
			if with := m.on(m.sys.Ungrounded(b)); with.grounded() > 0 && with.consistent(active, poses) != nil {
				grounds = append(grounds, Remedy{Kind: "unground", Component: m.comps[b].Name})
			}
		}
	}
	out := []Remedy{}
	for _, l := range [][]Remedy{values, frees, turns, grounds, drops} {
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
