// Package conflict solves an assembly and says which relations cannot hold together: smallest sets, each with the misses of its
// compromise and with remedies that were tried. Suspects are combinations of equations that cancel though their misses do not; they are
// made smallest by the deletion filter for irreducible infeasible sets (Chinneck, Feasibility and Infeasibility in Optimization, 2008).
// docs/method.md works an example.
//
// Cost: a few solutions of a block for each set, more the larger the set. A set is proved at odds by several starts, not by algebra.
package conflict

import (
	"maps"
	"slices"

	"setfast/core/geom"
	"setfast/core/model"
	"setfast/core/redundancy"
	"setfast/core/report"
	"setfast/core/solve"
	"setfast/core/tol"
)

// Settled is the outcome of solving an assembly.
type Settled struct {
	Poses   []geom.Pose
	Rels    []int        // relations in force
	LeftOut map[int]bool // relations given up, because they are at odds
	Odds    []report.Odds
	More    int // conflicts that are not told
}

// What bounds the search.
const (
	mostConflicts  = 40  // that are told
	mostSets       = 8   // smallest sets of one conflict
	mostRounds     = 60  // how often it is looked again whether all holds
	mostCandidates = 6   // combinations of equations looked into for a conflict
	mostTried      = 60  // in a longer set fewer starts are tried before it is said to be at odds
	mostPatient    = 100 // a longer set is tried from where it stands alone
	few            = 10  // in a set so small as many starts are tried three times
	manyStarts     = 40
	manyMove       = 24  // of more bodies all are moved together first
	briefSteps     = 900 // for each body of them, and leastSteps at least
	leastSteps     = 4
	mostStarts     = 1500 // for all sets together; where there are many conflicts later ones are tried from fewer
)

// search is the search for sets at odds in one assembly.
type search struct {
	*model.Model
	clearing *redundancy.Elimination
	asked    map[int]bool // left out: whether it was seen that the rest leaves no room for them
	*spared
}

// spared is what may still be spent.
type spared struct {
	starts int // from which sets are tried before they are said to be at odds
	solved int // relations, for remedies
}

// on is the search on another system: a fork on which something is tried.
func (s *search) on(sys *solve.System) *search { return &search{Model: s.On(sys), spared: s.spared} }

func newSearch(m *model.Model) *search {
	return &search{Model: m, asked: map[int]bool{}, spared: &spared{starts: mostStarts, solved: plenty}}
}

// Settle solves the assembly; where relations cannot hold together it finds the smallest sets that conflict and the
// fewest relations to leave out (then those that ask least, then the latest), and solves the rest. Then coordinates are brought
// within their limits.
func Settle(m *model.Model) Settled {
	s := newSearch(m)
	st := s.settle()
	s.toLimits(&st)
	return st
}

// Outcome is what a trial came to.
type Outcome int

const (
	Odd       Outcome = iota // the relations cannot hold together
	Hold                     // they hold
	Undecided                // it would take longer than was allowed to tell
)

// Holds solves an assembly as Settle does, but only tells whether all its relations hold together; where they do not, the poses are
// those of a compromise and no set is looked for. put, where it is a body, is moved by itself if that will do. A brief trial of many
// bodies that all move is given up after a few steps, undecided; what it does find, a whole one finds alike.
func Holds(m *model.Model, put int, brief bool) (Settled, Outcome) {
	s := newSearch(m)
	st := Settled{Rels: m.Rels, LeftOut: map[int]bool{}}
	sol, tried := s.near(put, brief)
	if !tried {
		return st, Undecided
	}
	if sol.Holds {
		st.Poses = s.sharpened(sol)
	} else if p := s.consistent(m.Rels, sol.Poses); p != nil {
		st.Poses = p
	} else {
		st.Poses = sol.Poses
		return st, Odd
	}
	s.toLimits(&st)
	if len(st.Odds) > 0 {
		return st, Odd
	}
	return st, Hold
}

// near solves from where all stand: by moving one body, or else as few as will do. Where those are many, all are moved together first,
// a few steps far; false: a brief trial ends there.
func (s *search) near(put int, brief bool) (solve.Solution, bool) {
	o := s.Options(false)
	if put >= 0 {
		poses := s.Sys.NewPoses()
		var mine []*solve.Relation
		for _, i := range s.Rels {
			if s.Sys.Touches(s.Sys.Rels[i], put) {
				mine = append(mine, s.Sys.Rels[i])
			}
		}
		if s.Sys.Rest([]int{put}, mine, poses, o, 0) {
			if sol := s.Sys.SolveFrom(poses, s.Rels, o); sol.Holds {
				return sol, true
			}
		}
	}
	if n := s.free(); n > manyMove {
		o := o
		o.Retry, o.Steps = false, max(leastSteps, briefSteps/n)
		if sol := s.Sys.SolveFrom(s.Sys.NewPoses(), s.Rels, o); sol.Holds || brief {
			return sol, sol.Holds
		}
	}
	return s.Sys.Solve(o), true
}

// free is how many bodies can move.
func (s *search) free() (n int) {
	for i := range s.Sys.Bodies {
		if !s.Sys.Bodies[i].Fixed {
			n++
		}
	}
	return n
}

// settle seeks conflicts within blocks: what hangs on a block by one body cannot be to blame.
func (s *search) settle() Settled {
	sol := s.Sys.Solve(s.Options(false))
	out := Settled{Poses: sol.Poses, Rels: s.Rels, LeftOut: map[int]bool{}}
	if sol.Holds {
		out.Poses = s.sharpened(sol)
		return out
	}
	active := append([]int(nil), s.Rels...)
	poses := sol.Poses
	var sets []irreducible
	for round := 0; round < mostRounds && !s.Stopped(); round++ {
		worst := s.failing(poses, active)
		if worst < 0 {
			break
		}
		var drops []int
		sets, drops, poses = s.inBlocks(active, poses, sets)
		if len(drops) == 0 {
			if s.failing(poses, active) < 0 {
				break
			}
			if p := s.anyhow(active, poses); p != nil {
				poses = p
				continue
			}
			local := s.Sys.Connected(worst, active)
			c := s.irreducibleIn(local, poses, true)
			if c.fits != nil {
				poses = c.fits
				continue
			}
			if len(c.set) == 0 {
				c.set = []int{worst}
			}
			sets, drops = s.giveUp(c, local, poses, sets, drops)
		}
		for _, i := range drops {
			out.LeftOut[i] = true
		}
		active = slices.DeleteFunc(active, func(i int) bool { return out.LeftOut[i] })
		poses = s.Sys.SolveFrom(poses, active, s.Options(false)).Poses
		if s.failing(poses, active) >= 0 {
			if p := s.consistent(active, poses); p != nil {
				poses = p
			}
		}
	}
	out.Rels, out.Poses = s.takeBack(active, poses, sets, out.LeftOut)
	s.tellAll(sets, &out)
	return out
}

// inBlocks finds one conflict in each block where something misses, and what to leave out for it; or poses where the block holds.
func (s *search) inBlocks(active []int, poses []geom.Pose, sets []irreducible) ([]irreducible, []int, []geom.Pose) {
	var drops []int
	for _, bl := range s.Sys.Blocks(active, nil) {
		if s.Stopped() || s.failing(poses, bl.Rels) < 0 {
			continue
		}
		if s.count(poses, bl.Rels) > mostFailing {
			if more, out, at := s.allAtOnce(bl.Rels, poses); len(out) > 0 {
				sets, drops, poses = append(sets, more...), append(drops, out...), at
				continue
			}
		}
		c := s.irreducibleIn(bl.Rels, poses, true)
		switch {
		case c.fits != nil:
			poses = c.fits
		case len(c.set) > 0:
			sets, drops = s.giveUp(c, bl.Rels, poses, sets, drops)
		}
	}
	return sets, drops, poses
}

// count is how many relations miss.
func (s *search) count(poses []geom.Pose, rels []int) (n int) {
	for _, i := range rels {
		if s.misses(i, poses) {
			n++
		}
	}
	return n
}

// takeBack takes relations back that were left out early and fit once others are gone.
func (s *search) takeBack(active []int, poses []geom.Pose, sets []irreducible, leftOut map[int]bool) ([]int, []geom.Pose) {
	for _, i := range slices.Sorted(maps.Keys(leftOut)) {
		if s.asked[i] {
			continue
		}
		// a set proved to be at odds stays so, as long as no other of it is left out
		if slices.ContainsFunc(sets, func(c irreducible) bool {
			return c.proved && slices.Contains(c.set, i) && !slices.ContainsFunc(c.set, func(k int) bool { return k != i && leftOut[k] })
		}) {
			continue
		}
		with := insert(active, i)
		if s.Stopped() || s.anyhow(s.blockOf(i, with), poses) == nil {
			continue
		}
		if p := s.anyhow(with, poses); p != nil {
			active, poses = with, p
			delete(leftOut, i)
		}
	}
	return active, poses
}

// tellAll describes the conflicts of which something is still left out.
func (s *search) tellAll(sets []irreducible, out *Settled) {
	for _, c := range sets {
		if !slices.ContainsFunc(c.set, func(i int) bool { return out.LeftOut[i] }) {
			continue // all of it holds after all
		}
		if len(out.Odds) == mostConflicts || s.Stopped() {
			break
		}
		// each conflict is told as if the others were settled
		c = s.alone(c, out)
		with := out.Rels
		for _, i := range c.set {
			with = insert(without(with, i), i)
		}
		out.Odds = append(out.Odds, s.describe(c, s.localTo(c.set, with), out.Poses))
	}
	out.More = max(0, len(out.LeftOut)-len(out.Odds)) // one is left out for each
}

// alone is the conflict that what is left out has with all that is in force, where the one by which it was found has more in it that is left out: no single
// change would settle that.
func (s *search) alone(c irreducible, out *Settled) irreducible {
	entangled := slices.ContainsFunc(c.set, func(i int) bool { return i != c.drop && out.LeftOut[i] })
	if !entangled || !out.LeftOut[c.drop] || len(out.LeftOut) > mostFailing {
		return c
	}
	local := s.blockOf(c.drop, insert(out.Rels, c.drop))
	own := s.irreducibleIn(local, out.Poses, true)
	if !slices.Contains(own.set, c.drop) {
		return c
	}
	own.drop, own.others = c.drop, s.otherSets(c.drop, own.set, local, out.Poses)
	return own
}

// sharpened looks for a better pose where relations hold within the tolerance, but no better than that: a start may have
// led into a corner beside it. Where the relations really differ by so much, nothing is found, and nothing changes.
func (s *search) sharpened(sol solve.Solution) []geom.Pose {
	poses := sol.Poses
	coarse := func(rels []int) bool {
		return slices.ContainsFunc(rels, func(i int) bool {
			ms := sol.Miss[i]
			return ms.Length() > tol.Inexact
		})
	}
	if !coarse(s.Rels) {
		return poses
	}
	found := false
	for _, bl := range s.Sys.Blocks(s.Rels, nil) {
		if s.Stopped() || len(bl.Rels) > 60 || !coarse(bl.Rels) {
			continue
		}
		if p := s.Sys.Fit(bl.Rels, poses, nil, solve.Options{MM: tol.Sharp, Deg: tol.Sharp, Retry: true}); p != nil {
			poses, found = p, true
		}
	}
	if !found {
		return poses
	}
	if sol := s.Sys.SolveFrom(poses, s.Rels, s.Options(false)); sol.Holds {
		return sol.Poses
	}
	return poses
}

// giveUp notes a conflict and the member to go on without.
func (s *search) giveUp(c irreducible, local []int, poses []geom.Pose, sets []irreducible, drops []int) ([]irreducible, []int) {
	c.drop = s.leaveOut(c.set, local, poses)
	s.asked[c.drop] = false
	if len(sets) < mostConflicts {
		c.others = s.otherSets(c.drop, c.set, local, poses)
	}
	return append(sets, c), append(drops, c.drop)
}
