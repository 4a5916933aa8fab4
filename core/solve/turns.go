package solve

import (
	"cmp"
	"math"
	"slices"

	"setfast/core/geom"
)

// What bounds the search for other numbers of turns.
const (
	mostTurns = 400 // of a joint: beyond that a gear's ratio meets any angle by chance
	mostTried = 24  // numbers of turns tried for one coupling
	leadsOff  = 6   // a screw is started so many leads off its start, to each side
	camParts  = 90  // of a turn, in which a cam's profile is looked for the lift that is wanted
)

// otherTurns looks for numbers of turns with which a group holds that does not hold as it stands: it settles the group without its
// couplings and the threads of screws, then takes these up one by one, each with the fewest turns that let it hold. Screws are started some leads off, followers
// at other places of their cams where the lift is the one wanted. It tells whether all hold; poses are then those found.
func (s *System) otherTurns(g group, from, poses []geom.Pose, o Options) bool {
	if s.retied(g, from, poses, o) {
		return true
	}
	var screws []*Relation
	for _, r := range g.rels {
		if _, is := r.Loosened(); is {
			screws = append(screws, r)
		}
	}
	found := func(p []geom.Pose) bool {
		s.newton(g.bodies, g.rels, p, effort{iterations: 80})
		if !s.hold(g.rels, p, o) {
			return false
		}
		copy(poses, p)
		return true
	}
	for k := 1; k <= leadsOff && len(screws) <= mostTried; k++ {
		for _, r := range screws {
			for _, turns := range [2]float64{float64(k), -float64(k)} {
				p := slices.Clone(from)
				if s.Stopped() || s.turnOn(r, "angle", 2*math.Pi*turns, p) && found(p) {
					return !s.Stopped()
				}
			}
		}
	}
	return false
}

// retied settles a group without its couplings and the threads of screws and takes these up again.
func (s *System) retied(g group, from, poses []geom.Pose, o Options) bool {
	var ties, others []*Relation
	for _, r := range g.rels {
		if l, is := r.Loosened(); is {
			ties, others = append(ties, r), append(others, r.With(l))
		} else if r.couple == nil {
			others = append(others, r)
		}
	}
	for _, r := range g.rels {
		if r.couple != nil {
			ties = append(ties, r)
		}
	}
	if len(ties) == 0 {
		return false
	}
	p := slices.Clone(from)
	s.newton(g.bodies, others, p, effort{iterations: 80})
	if s.hold(others, p, o) && s.takeUp(g, others, ties, p, o) {
		copy(poses, p)
		return true
	}
	return false
}

// takeUp adds couplings and the threads of screws to relations that hold, one by one.
func (s *System) takeUp(g group, held, ties []*Relation, poses []geom.Pose, o Options) bool {
	with := slices.Clone(held)
	for _, r := range ties {
		if r.couple == nil { // in the place of what was loosened
			i := slices.IndexFunc(with, func(o *Relation) bool { return o.ID == r.ID })
			with = slices.Delete(with, i, i+1)
		}
		with = append(with, r)
		if s.Stopped() || !s.takeOne(g, r, with, poses, o) {
			return false
		}
	}
	return true
}

// takeOne adds the last of some relations, a coupling or a screw.
func (s *System) takeOne(g group, r *Relation, with []*Relation, poses []geom.Pose, o Options) bool {
	try := func(p []geom.Pose) bool {
		s.newton(g.bodies, with, p, effort{iterations: 80})
		if !s.hold(with, p, o) {
			return false
		}
		copy(poses, p)
		return true
	}
	if try(slices.Clone(poses)) {
		return true
	}
	k := r.couple
	if k == nil {
		for n := 1.0; n <= leadsOff; n++ {
			for _, turns := range [2]float64{n, -n} {
				p := slices.Clone(poses)
				if s.Stopped() || s.turnOn(r, "angle", 2*math.Pi*turns, p) && try(p) {
					return !s.Stopped()
				}
			}
		}
		return false
	}
	if k.rate == 0 {
		for _, by := range s.sameLift(k, poses) {
			p := slices.Clone(poses)
			if s.Stopped() || s.turnOn(k.a, k.ofA, by, p) && try(p) {
				return !s.Stopped()
			}
		}
		return false
	}
	enough := o.MM
	if k.angular {
		enough = o.Deg * math.Pi / 180
	}
	for _, n := range s.turnsFor(r, poses, enough) {
		p := slices.Clone(poses)
		s.Turn(k.a, k.ofA, n[0], p)
		s.Turn(k.b, k.ofB, n[1], p)
		if s.Stopped() || try(p) {
			return !s.Stopped()
		}
	}
	return false
}

// turnsFor lists pairs of whole turns, of the two joints of a linear coupling, that bring it nearest to holding where things stand: those
// that leave no more than enough first, the fewest turns of them before others.
func (s *System) turnsFor(r *Relation, poses []geom.Pose, enough float64) [][2]float64 {
	k := r.couple
	a, _ := s.ReadCoordinate(k.a, k.ofA, poses)
	b, _ := s.ReadCoordinate(k.b, k.ofB, poses)
	want, _ := k.law(a - k.a0)
	miss := b - k.b0 - want // grows by 2π with a turn of b, falls by 2π·rate with one of a
	turnsA, turnsB := s.maySkip(k.a, k.ofA), s.maySkip(k.b, k.ofB)
	type pair struct {
		n        [2]float64
		off, way float64
		out      float64 // 1 beyond limits
	}
	var list []pair
	add := func(na, nb float64) {
		off := math.Abs(miss - 2*math.Pi*k.rate*na + 2*math.Pi*nb)
		if na != 0 || nb != 0 {
			p := pair{n: [2]float64{na, nb}, off: math.Max(off, enough), way: math.Abs(na) + math.Abs(nb)}
			if !s.within(k.a.dialOf(k.ofA), na, poses) || !s.within(k.b.dialOf(k.ofB), nb, poses) {
				p.out = 1
			}
			list = append(list, p)
		}
	}
	switch {
	case turnsA && turnsB:
		for na := -mostTurns; na <= mostTurns; na++ {
			add(float64(na), math.Round(k.rate*float64(na)-miss/(2*math.Pi)))
		}
	case turnsA:
		n := math.Round(miss / (2 * math.Pi * k.rate))
		for _, d := range [3]float64{0, 1, -1} {
			add(n+d, 0)
		}
	case turnsB:
		add(0, math.Round(-miss/(2*math.Pi)))
	}
	slices.SortStableFunc(list, func(x, y pair) int {
		return cmp.Or(cmp.Compare(x.off, y.off), cmp.Compare(x.out, y.out), cmp.Compare(x.way, y.way))
	})
	var out [][2]float64
	for _, p := range list[:min(len(list), mostTried)] {
		out = append(out, p.n)
	}
	return out
}

// maySkip tells whether an angle may as well be read with other turns: it has a dial and is not held.
func (s *System) maySkip(r *Relation, of string) bool { return r.dialOf(of) >= 0 && !r.Holds(of) }

// sameLift lists by how far (rad) a cam may be turned to places where its lift is the one its follower has, or all but, nearest first.
func (s *System) sameLift(k *coupling, poses []geom.Pose) []float64 {
	a, _ := s.ReadCoordinate(k.a, k.ofA, poses)
	b, _ := s.ReadCoordinate(k.b, k.ofB, poses)
	off := func(by float64) float64 {
		v, _ := k.law(a + by - k.a0)
		return b - k.b0 - v
	}
	step := 2 * math.Pi / camParts
	var out []float64
	for i := -camParts / 2; i < camParts/2; i++ {
		x, y, z := off(step*float64(i-1)), off(step*float64(i)), off(step*float64(i+1))
		if x*y <= 0 || math.Abs(y) < math.Abs(x) && math.Abs(y) < math.Abs(z) {
			out = append(out, step*float64(i))
		}
	}
	slices.SortStableFunc(out, func(x, y float64) int { return cmp.Compare(math.Abs(x), math.Abs(y)) })
	return out[:min(len(out), mostTried)]
}

// turnOn turns a joint by an angle (rad) about its axis, as far as one of its bodies is free; a screw goes along.
func (s *System) turnOn(r *Relation, of string, by float64, poses []geom.Pose) bool {
	if of != "angle" {
		return false
	}
	var a geom.Frame = r.A.Frame
	if r.A.Body >= 0 {
		a = a.At(poses[r.A.Body])
	}
	b := r.B.Body
	if b < 0 || s.Bodies[b].Fixed {
		if b, by = r.A.Body, -by; b < 0 || s.Bodies[b].Fixed {
			return false
		}
	}
	poses[b] = poses[b].Turned(a.O, a.Z.Scale(by*r.Lead/(2*math.Pi)), a.Z.Scale(by))
	if k := r.dialOf(of); k >= 0 {
		s.follow([]int{k}, poses)
	}
	return true
}
