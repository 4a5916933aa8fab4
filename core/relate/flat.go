package relate

import (
	"fmt"
	"math"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// facing are two flat faces that look at one another over a gap.
type facing struct {
	f, g *surface // of the first body, of the second
	gap  float64
	area float64
}

// slotGap bounds the gap at either side of a tab, mm; common practice, no source.
const slotGap = 1.0

// faces tells whether two flat faces rest on one another: they look at each other and have an area in common.
func (p *pairing) faces(f, g *surface) {
	n, m := f.world.Z, g.world.Z
	if n.Dot(m) > 1-tol.LooksAt {
		p.flush(f, g)
	}
	if n.Dot(m) > -1+tol.LooksAt {
		return
	}
	gap := g.world.O.Sub(f.world.O).Dot(n)
	if size := f.high.Sub(f.low).Norm() + g.high.Sub(g.low).Norm(); math.Abs(gap) > slotGap+size*math.Sqrt(2*tol.LooksAt) {
		return
	}
	fr := f.world.AsFrame()
	tf, tg := flatten(f.Triangles, f.at, fr), flatten(g.Triangles, g.at, fr)
	area, lo, hi := common(tf, tg)
	least := math.Min(extentArea(tf), extentArea(tg))
	if !(area > tol.SharedArea*least) {
		return
	}
	// how far g's plane is off f's, over where they meet
	height := func(x, y float64) float64 {
		q := fr.O.AddScaled(x, fr.X).AddScaled(y, fr.Y)
		return g.world.O.Sub(q).Dot(m) / n.Dot(m)
	}
	apart, mid := 0.0, height((lo[0]+hi[0])/2, (lo[1]+hi[1])/2)
	for _, c := range [4]spot{lo, {hi[0], lo[1]}, hi, {lo[0], hi[1]}} {
		apart = math.Max(apart, math.Abs(height(c[0], c[1])))
	}
	if apart <= tol.NearlyMeets {
		p.add(contact{fa: f, fb: g, class: face, kind: "coincident", apart: apart, size: area,
			why: fmt.Sprintf("faces meet on %s mm²", part.Number(three(area)))})
		return
	}
	if mid > 0 && mid <= slotGap && apart-mid <= tol.NearlyMeets {
		p.flat = append(p.flat, facing{f, g, mid, area})
	}
}

// flush tells whether two faces that look the same way end in one plane.
func (p *pairing) flush(f, g *surface) {
	n := f.world.Z
	apart := math.Abs(g.world.O.Sub(f.world.O).Dot(n)) + bySlope(n, g.world.Z, g.high.Sub(g.low).Norm()/2)
	size := math.Min(f.high.Sub(f.low).Norm(), g.high.Sub(g.low).Norm())
	p.add(contact{fa: f, fb: g, class: level, kind: "coincident", apart: apart, size: size, why: "flush: faces end in one plane"})
}

// extentArea is that of the box about triangles.
func extentArea(list []spot) float64 {
	lo, hi := extent(list)
	return math.Max(0, hi[0]-lo[0]) * math.Max(0, hi[1]-lo[1])
}

// slots states that a tab is centred between two faces: it has the same gap on both sides.
func (p *pairing) slots() {
	for i, u := range p.flat {
		for _, v := range p.flat[i+1:] {
			opposite := u.f.world.Z.Dot(v.f.world.Z) < -1+tol.LooksAt
			if !opposite || u.f.world.O.Sub(v.f.world.O).Dot(u.f.world.Z) == 0 {
				continue
			}
			p.add(contact{fa: u.f, fa2: v.f, fb: u.g, fb2: v.g, class: slot, kind: "centred", apart: math.Abs(u.gap-v.gap) / 2, size: u.area + v.area,
				why: fmt.Sprintf("%s mm of room on either side", part.Number(three((u.gap+v.gap)/2)))})
		}
	}
}

// rims puts a round edge on a round edge where a fastener rests with its face: one relation says axis and height. Of a part of which only
// features are known, rims that lie in one another are contact enough.
func (p *pairing) rims(ins, others []*surface) {
	x, y := &p.s.bodies[p.a], &p.s.bodies[p.b]
	sketch := x.outline || y.outline
	if !x.fastener && !y.fastener && !sketch {
		return
	}
	resting := []contact{}
	for _, c := range p.out {
		if c.class == face {
			resting = append(resting, c)
		}
	}
	var best *contact
	for _, f := range ins {
		for _, g := range others {
			if f.Kind != part.Circle || g.Kind != part.Circle {
				continue
			}
			c, ok := rim(f, g)
			if !ok || !sketch && !between(resting, f, g) {
				continue
			}
			if best == nil || c.size > best.size {
				best = &c
			}
		}
	}
	if best != nil {
		p.add(*best)
	}
}

// between tells whether a face of one body rests on one of the other in the plane of two rims.
func between(resting []contact, f, g *surface) bool {
	for _, c := range resting {
		n := c.fa.world.Z
		if math.Abs(n.Dot(f.world.Z)) > 1-tol.LooksAt && math.Abs(f.world.O.Sub(c.fa.world.O).Dot(n)) <= tol.NearlyMeets &&
			math.Abs(g.world.O.Sub(c.fa.world.O).Dot(n)) <= tol.NearlyMeets {
			return true
		}
	}
	return false
}

// rimsAlike bounds the radii of rims that are put on one another; common practice, no source.
const rimsAlike = 2.0

// rim tells how well two round edges lie on one another.
func rim(f, g *surface) (c contact, ok bool) {
	r, q := f.Radius, g.Radius
	if r > rimsAlike*q || q > rimsAlike*r {
		return c, false
	}
	off := f.world.O.Sub(g.world.O).Norm() + bySlope(f.world.Z, g.world.Z, math.Max(r, q))
	return contact{fa: f, fb: g, class: seat, kind: "rim", apart: off, size: -math.Abs(r - q),
		why: "it rests there"}, off <= tol.NearlyMeets
}

// three rounds to three decimals.
func three(x float64) float64 { return math.Round(x*1000) / 1000 }

// onAxis is how far a point is from an axis.
func onAxis(axis part.Feature, q geom.Vec) float64 { return q.Sub(axis.O).Reject(axis.Z).Norm() }
