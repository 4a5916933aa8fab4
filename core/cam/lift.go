// Package cam works out the law of a cam from its outline and its follower: what the follower is lifted at each turn.
package cam

import (
	"fmt"
	"math"
)

// Point is in the plane square to the cam's axis, which is its origin.
type Point [2]float64

// Segment is a piece of a cam's outline.
type Segment [2]Point

// Tip is how a follower meets the cam. It slides along a line that passes the axis at Offset, to the left of the direction in which it is
// lifted.
type Tip struct {
	Flat   bool    // a face square to the line
	Radius float64 // of a roller or a rounded end, mm; none of a point
	Offset float64
}

const (
	perTurn   = 1440  // places of a turn that are looked at
	straight  = 5e-4  // mm: how far the lifts told may be off those found
	sameAngle = 1e-12 // of a sine: a piece along the line of the follower
)

// Reach is how far from the axis the tip, or the centre of a roller, stands along a direction in the cam's plane, by angle in radians: as far
// out as it touches the outline. It is the cosine rule of any text on the theory of machines: a point stands where its line meets the
// outline, a flat at the farthest point, a roller's centre where its line meets the outline grown by its radius.
func Reach(outline []Segment, at float64, tip Tip) (reach float64, ok bool) {
	sin, cos := math.Sincos(at)
	reach = math.Inf(-1)
	r := math.Abs(tip.Radius)
	for _, s := range outline {
		// along the line, and to its left
		a := Point{s[0][0]*cos + s[0][1]*sin, s[0][1]*cos - s[0][0]*sin - tip.Offset}
		b := Point{s[1][0]*cos + s[1][1]*sin, s[1][1]*cos - s[1][0]*sin - tip.Offset}
		if tip.Flat {
			reach = math.Max(reach, math.Max(a[0], b[0]))
			continue
		}
		for _, p := range [2]Point{a, b} {
			if h := r*r - p[1]*p[1]; h >= 0 {
				reach = math.Max(reach, p[0]+math.Sqrt(h))
			}
		}
		d := Point{b[0] - a[0], b[1] - a[1]}
		long := math.Hypot(d[0], d[1])
		if long == 0 || math.Abs(d[1]) < sameAngle*long {
			continue
		}
		n := Point{math.Abs(d[1]) / long, -d[0] / long * math.Copysign(1, d[1])} // square to the piece, away from the axis
		if t := -(a[1] + r*n[1]) / d[1]; t >= 0 && t <= 1 {
			reach = math.Max(reach, a[0]+r*n[0]+t*d[0])
		}
	}
	return reach, !math.IsInf(reach, -1)
}

// Lifts are how far a tip stands out while the cam turns, counted right-handed about its axis, from where the tip stands along the x axis:
// degrees and mm, straight between the points to 0.0005 mm.
func Lifts(outline []Segment, tip Tip) ([][2]float64, error) {
	all := make([][2]float64, perTurn)
	for k := range all {
		at := float64(k) / perTurn
		reach, ok := Reach(outline, -2*math.Pi*at, tip)
		if !ok {
			return nil, fmt.Errorf("the follower misses the cam where that is turned by %g°", 360*at)
		}
		all[k] = [2]float64{360 * at, reach}
	}
	return thinned(all), nil
}

// thinned leaves out points between which the law is straight, never so many that a turn has less than eight.
func thinned(all [][2]float64) [][2]float64 {
	out := [][2]float64{all[0]}
	for from := 0; from < len(all)-1; {
		to := from + 1
		for next := to + 1; next < len(all) && next-from <= perTurn/8 && !turns(all, next-1) && within(all[from:next+1]); next++ {
			to = next
		}
		out = append(out, all[to])
		from = to
	}
	return out
}

// turns tells whether the law turns round at a point: the ends of the stroke are told as they are.
func turns(all [][2]float64, i int) bool {
	return (all[i][1]-all[i-1][1])*(all[i+1][1]-all[i][1]) < 0
}

// within tells whether the points between the ends lie on the line through them.
func within(p [][2]float64) bool {
	a, b := p[0], p[len(p)-1]
	slope := (b[1] - a[1]) / (b[0] - a[0])
	for _, q := range p[1 : len(p)-1] {
		if math.Abs(a[1]+slope*(q[0]-a[0])-q[1]) > straight {
			return false
		}
	}
	return true
}
