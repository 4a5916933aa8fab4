// Package revise puts a newer revision of a part in the place of the old one: which feature of the new shape is which of the old, what moved, and what
// of the relations on it holds on.
//
// Features are matched by geometry, never by name: first those that lie where they lay, then, among what is left on both sides, those that are each
// other's nearest, alike in kind, side and direction. A feature that is nearest to none of its kind, or only to one too far away, is gone.
// The cost is quadratic in what did not stay.
package revise

import (
	"cmp"
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// Match is what became of a feature.
type Match struct {
	To       string  // its name now; none where it is gone
	MM, Deg  float64 // how far the surface or the axis moved, and turned
	Proposal string  // where it is gone: what comes nearest
}

// How far a feature may have gone to be the same still (common practice, no source).
const (
	goneFace  = 0.25 // of the part's size: a flat face
	goneAxis  = 0.1  // of the part's size: an axis or a point; a round one at least its diameter
	leansMost = 15.0 // degrees
)

// Features matches the features of a part with those of its newer revision.
func Features(old, now *part.Part) map[string]Match {
	out := map[string]Match{}
	size := extent(old)
	taken := map[string]bool{}
	for _, n := range old.Order { // what lies where it lay, by its own name if that will do
		f := old.Features[n]
		if g, ok := now.Features[n]; ok && lies(f, g) {
			out[n] = Match{To: n}
			taken[n] = true
		}
	}
	for _, n := range old.Order {
		if _, done := out[n]; done {
			continue
		}
		f := old.Features[n]
		best, off := "", math.Inf(1)
		for _, k := range now.Order {
			g := now.Features[k]
			if !lies(f, g) {
				continue
			}
			d := g.O.Sub(f.O).Norm()
			if taken[k] { // halves of one hole are one: better one that nobody has
				d += size
			}
			if d < off {
				best, off = k, d
			}
		}
		if best != "" {
			out[n] = Match{To: best}
			taken[best] = true
		}
	}
	moved(old, now, size, out, taken)
	return out
}

// pair is an old feature and a new one that it may be.
type pair struct {
	from, to string
	mm, deg  float64
	apart    float64 // by which the nearest come first
}

// moved matches what is left on both sides, the nearest first.
func moved(old, now *part.Part, size float64, out map[string]Match, taken map[string]bool) {
	var pairs []pair
	for _, n := range old.Order {
		if _, done := out[n]; done {
			continue
		}
		f := old.Features[n]
		for _, k := range now.Order {
			g := now.Features[k]
			if g.Kind != f.Kind || g.Side != f.Side {
				continue
			}
			mm, deg := shift(f, g)
			pairs = append(pairs, pair{n, k, mm, deg, mm + math.Abs(f.Radius-g.Radius) + g.O.Sub(f.O).Norm()*near + deg/leansMost*size*near})
		}
	}
	slices.SortStableFunc(pairs, func(a, b pair) int { return cmp.Compare(a.apart, b.apart) })
	for _, p := range pairs {
		m, done := out[p.from]
		if done && m.To != "" {
			continue
		}
		f := old.Features[p.from]
		most := goneAxis * size
		if f.Kind == part.Plane {
			most = goneFace * size
		}
		if !taken[p.to] && p.mm <= max(most, 2*f.Radius) && p.deg <= leansMost && sameSize(f, now.Features[p.to]) {
			out[p.from] = Match{To: p.to, MM: p.mm, Deg: p.deg}
			taken[p.to] = true
		} else if m.Proposal == "" {
			out[p.from] = Match{Proposal: p.to}
		}
	}
	for _, n := range old.Order {
		if _, done := out[n]; !done {
			out[n] = Match{}
		}
	}
}

// near is how much the place along a surface counts against the distance from it.
const near = 0.05

// sameSize tells whether two features are of sizes that one may have been changed into: by no more than half.
func sameSize(f, g part.Feature) bool {
	return math.Abs(f.Radius-g.Radius) <= max(f.Radius, g.Radius)/2
}

// lies tells whether a feature lies where another lay: the same surface, axis or point; a flat face looks the same way.
func lies(f, g part.Feature) bool {
	same, turned := part.SamePlace(f, g)
	return same && !(turned && f.Kind == part.Plane)
}

// shift is how far a surface, axis or point moved, and by how many degrees it turned.
func shift(f, g part.Feature) (mm, deg float64) {
	d := g.O.Sub(f.O)
	if f.HasDirection() {
		c := f.Z.Dot(g.Z)
		if f.Kind != part.Plane {
			c = math.Abs(c)
		}
		deg = math.Acos(min(1, max(-1, c))) * 180 / math.Pi
		if deg < tol.HandTurn {
			deg = 0
		}
	}
	switch f.Kind {
	case part.Plane:
		return math.Abs(d.Dot(f.Z)), deg
	case part.Cylinder, part.Axis:
		return d.Reject(f.Z).Norm(), deg
	}
	return d.Norm(), deg
}

// extent is how large a part is, by its features.
func extent(p *part.Part) float64 {
	low, high := geom.V(math.Inf(1), math.Inf(1), math.Inf(1)), geom.V(math.Inf(-1), math.Inf(-1), math.Inf(-1))
	for _, n := range p.Order {
		o := p.Features[n].O
		low, high = low.Least(o), high.Most(o)
	}
	if d := high.Sub(low).Norm(); d > 0 && !math.IsInf(d, 0) {
		return d
	}
	return 1
}
