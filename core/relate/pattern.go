package relate

import (
	"cmp"
	"fmt"
	"math"
	"slices"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// What counts as holes of one pattern; common practice, no source.
const (
	patternOff  = 1.0  // mm: how far a hole may be off and still be meant
	patternSize = 0.6  // lesser over greater radius
	mostHoles   = 40   // of one direction that are looked at
	nextBest    = 0.01 // how much less the next pair of faces counts
)

// matched is one pattern laid on another.
type matched struct {
	pairs [][2]*surface // hole of the component, hole of the other
	apart float64       // the worst pair is off by this, mm
}

// patterns proposes to lay the component's holes on others' of equal pitch: face on face, and the two pairs that are farthest apart.
func (f *following) patterns() {
	mine := parallelHoles(f.surfaces(f.unit, part.Cylinder))
	for u := range f.s.units {
		if !f.on[u] {
			continue
		}
		open := slices.DeleteFunc(f.surfaces(u, part.Cylinder), func(x *surface) bool { return f.used(refTo(x), false) })
		for _, theirs := range parallelHoles(open) {
			for _, own := range mine {
				if m, ok := lay(own, theirs); ok {
					f.pattern(u, m)
				}
			}
		}
	}
}

// parallelHoles are the holes of a component by direction, of two and more.
func parallelHoles(all []*surface) (out [][]*surface) {
	for _, h := range all {
		if h.Side != "hole" {
			continue
		}
		k := -1
		for i, g := range out {
			if math.Abs(g[0].world.Z.Dot(h.world.Z)) > 1-tol.LooksAt {
				k = i
			}
		}
		if k < 0 {
			out = append(out, nil)
			k = len(out) - 1
		}
		if len(out[k]) < mostHoles {
			out[k] = append(out[k], h)
		}
	}
	kept := out[:0]
	for _, g := range out {
		if len(g) > 1 {
			kept = append(kept, g)
		}
	}
	return kept
}

// flatHoles are holes in the plane square to their direction.
func flatHoles(list []*surface, flip bool) []spot {
	z := list[0].world.Z
	if flip {
		z = z.Neg()
	}
	fr := part.Feature{Kind: part.Plane, Z: z}.AsFrame()
	out := make([]spot, len(list))
	for i, h := range list {
		out[i] = spot{h.world.O.Dot(fr.X), h.world.O.Dot(fr.Y)}
	}
	return out
}

// lay finds how most holes of one group come to lie on holes of the other, by trying each pair on each of nearly the same pitch.
func lay(own, theirs []*surface) (best matched, ok bool) {
	q := flatHoles(theirs, false)
	for _, flip := range []bool{false, true} {
		p := flatHoles(own, flip)
		for a := range p {
			for b := range p {
				for c := range q {
					for d := range q {
						if a == b || c == d || !alikeHoles(own[a], theirs[c]) || !alikeHoles(own[b], theirs[d]) {
							continue
						}
						if dp, dq := apartBy(p[a], p[b]), apartBy(q[c], q[d]); math.Abs(dp-dq) > patternOff || dp < patternOff {
							continue
						}
						m := laid(own, theirs, p, q, [2]int{a, b}, [2]int{c, d})
						if len(m.pairs) > len(best.pairs) || len(m.pairs) == len(best.pairs) && m.apart < best.apart-tol.FitPlace {
							best, ok = m, len(m.pairs) > 1
						}
					}
				}
			}
		}
	}
	return best, ok
}

func apartBy(p, q spot) float64 { return math.Hypot(p[0]-q[0], p[1]-q[1]) }

func alikeHoles(a, b *surface) bool {
	return math.Min(a.Radius, b.Radius) >= patternSize*math.Max(a.Radius, b.Radius)
}

// laid moves the holes so that one comes to lie on its partner and another in the direction of its own, and pairs what then lies together.
func laid(own, theirs []*surface, p, q []spot, ab, cd [2]int) (m matched) {
	at := func(list []spot, k [2]int) (spot, float64) {
		u, v := list[k[0]], list[k[1]]
		return u, math.Atan2(v[1]-u[1], v[0]-u[0])
	}
	po, pa := at(p, ab)
	qo, qa := at(q, cd)
	sin, cos := math.Sincos(qa - pa)
	for i, h := range p {
		x, y := h[0]-po[0], h[1]-po[1]
		to := spot{qo[0] + cos*x - sin*y, qo[1] + sin*x + cos*y}
		near, off := -1, patternOff
		for k := range q {
			if d := apartBy(to, q[k]); d < off && alikeHoles(own[i], theirs[k]) {
				near, off = k, d
			}
		}
		if near >= 0 {
			m.pairs = append(m.pairs, [2]*surface{own[i], theirs[near]})
			m.apart = math.Max(m.apart, off)
		}
	}
	return m
}

// pattern proposes the relations for one pattern on another.
func (f *following) pattern(u int, m matched) {
	first, second, far := m.pairs[0], m.pairs[1], 0.0
	for i, p := range m.pairs {
		for _, q := range m.pairs[i+1:] {
			if d := p[0].world.O.Sub(q[0].world.O).Norm(); d > far {
				first, second, far = p, q, d
			}
		}
	}
	n := Next{Kind: "pattern", On: f.s.units[u].name, Apart: m.apart, ranking: 1.5 + float64(len(m.pairs))/4,
		Says: fmt.Sprintf("%d holes on %d of %s", len(m.pairs), len(m.pairs), f.s.units[u].name)}
	if m.apart > tol.HoldsMM {
		n.Says += fmt.Sprintf(": the pitch differs by %s mm", part.Number(three(m.apart)))
	}
	var axes []*assembly.Mate
	for _, p := range [][2]*surface{first, second} {
		axes = append(axes, f.mate("concentric", refTo(p[1]), refTo(p[0]), ""))
	}
	faces := f.facing(first[0], first[1], u)
	for _, p := range faces {
		n.Mates = append([]*assembly.Mate{f.mate("coincident", refTo(p[1]), refTo(p[0]), "opposed")}, axes...)
		n.oneOf = fmt.Sprintf("pattern %d %s %s", u, refTo(first[0]), refTo(first[1]))
		f.out = append(f.out, n)
		n.ranking -= nextBest
	}
	if len(faces) == 0 {
		n.Mates = axes
		f.out = append(f.out, n)
	}
}

// facing are the pairs of faces in which two holes end: those first that look at one another as they stand, then those that are near.
func (f *following) facing(x, y *surface, u int) (list [][2]*surface) {
	for _, p := range f.mouths(f.unit, x) {
		for _, q := range f.mouths(u, y) {
			list = append(list, [2]*surface{p, q})
		}
	}
	far := func(p [2]*surface) float64 {
		return (1+p[0].world.Z.Dot(p[1].world.Z))*farAway + middleOf(p[0]).Sub(middleOf(p[1])).Norm()
	}
	slices.SortStableFunc(list, func(a, b [2]*surface) int { return cmp.Compare(far(a), far(b)) })
	return list
}

func middleOf(s *surface) geom.Vec { return s.low.Add(s.high).Scale(0.5) }
