package solve

import (
	"slices"

	"setfast/core/geom"
	"setfast/core/tol"
)

// scatter is how far the bodies are displaced for each other start, in twentieths of tol.Scatter; past the last it begins again with the eighth.
// Far ones find other branches, near ones, of which more are tried where it matters, a way round what the first start was caught by.
var scatter = []float64{0, 20, 40, 60, 80, 100, 120, 14, 26, 6, 40, 10, 20, 60, 240, 400}

// otherStarts tries to bring a group to rest from other starts, always the same ones: as given, then each turned and shaken in a fixed
// sequence. It leaves the poses that come nearest, and tells whether they hold.
func (s *System) otherStarts(g group, poses []geom.Pose, o Options) bool {
	best := slices.Clone(poses)
	bestMiss := s.total(g.rels, poses)
	numbers := shaking
	tries := 6
	if len(g.bodies) > 60 {
		tries = 2
	}
	tries = max(tries, o.Tries)
	for k := 0; k < tries && !s.Stopped(); k++ {
		p := slices.Clone(poses)
		s.scattered(g.bodies, p, k, &numbers)
		from := p
		if k%3 == 2 {
			from = slices.Clone(p)
		}
		s.newton(g.bodies, g.rels, p, effort{iterations: 80})
		if m := s.total(g.rels, p); m < bestMiss {
			bestMiss = m
			copy(best, p)
		}
		if s.hold(g.rels, p, o) {
			break
		}
		if k%3 == 2 && s.retied(g, from, p, o) {
			copy(poses, p)
			return true
		}
	}
	copy(poses, best)
	return s.hold(g.rels, poses, o)
}

// scattered puts bodies where they start, turned and shaken for the k-th try.
func (s *System) scattered(bodies []int, p []geom.Pose, k int, numbers *sequence) {
	at := k
	if at >= len(scatter) {
		at = 7 + (k-7)%(len(scatter)-7)
	}
	amount := tol.Scatter * scatter[at] / 20
	for _, b := range bodies {
		p[b] = s.Bodies[b].Start
		if k == 0 {
			continue
		}
		size := s.Bodies[b].Size
		p[b] = p[b].Turned(p[b].Point(s.Bodies[b].Centre),
			geom.V(numbers.next(), numbers.next(), numbers.next()).Scale(amount*size), geom.V(numbers.next(), numbers.next(), numbers.next()).Scale(amount))
	}
	for _, d := range s.dialsOn(bodies, nil) {
		s.show(p, d, s.dials[d].start)
	}
}

// sequence is xorshift64 (Marsaglia 2003, Journal of Statistical Software 8(14), shifts 13, 7, 17). It is written out, where the
// standard library has better ones, because which of several ways to assemble is found depends on it: the same document must give
// the same report in the next release of the language too, and in the one after.
type sequence uint64

const shaking sequence = 88172645463325252

// next is a number from −1 to 1.
func (s *sequence) next() float64 {
	*s ^= *s << 13
	*s ^= *s >> 7
	*s ^= *s << 17
	return float64(*s>>11)/(1<<53)*2 - 1
}
