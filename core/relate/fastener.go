package relate

import (
	"maps"
	"math"
	"slices"
	"strings"

	"setfast/core/part"
	"setfast/core/tol"
)

// What tells a fastener from a turned part. Common practice, no source: heads are wider than shanks, but not much, and short.
const (
	headLeast   = 1.15 // head over shank, radii
	headMost    = 2.8
	headLong    = 1.6 // length of a head over the diameter of the shank
	shankMost   = 40  // mm, diameter
	washerThick = 0.25
	nutHigh     = 1.3 // height of a nut over the diameter of its hole
	hexagon     = 6
)

// called are words by which parts are called that hold others together; a name alone is not enough, it only helps.
var called = []string{"screw", "bolt", "nut", "washer", "rivet", "circlip", "retaining ring", "stud"}

// Fastener tells by its shape whether a part is a screw, a nut, a washer or the like: all round faces on one axis, all flat ones square
// to it or along it, and the proportions of a head on a shank, of a nut or of a washer.
func Fastener(p *part.Part, list []part.Surface) bool {
	axis, ok := oneAxis(list)
	if !ok {
		return false
	}
	t := turned{axis: axis}
	for i := range list {
		t.take(&list[i])
	}
	named := slices.ContainsFunc(called, func(w string) bool { return strings.Contains(strings.ToLower(p.Name), w) })
	switch {
	case t.hole > 0 && t.shank == 0 && t.sides >= hexagon: // a nut
		return t.length() <= nutHigh*2*t.hole*headMost/2
	case t.hole > 0 && t.sides == 0: // a washer
		return t.length() <= washerThick*2*t.widest || named
	case t.hole == 0 && t.shank > 0: // a screw, a headed pin
		return 2*t.shank <= shankMost && (t.headed() || named)
	}
	return named && t.hole > 0
}

// turned is what there is about one axis.
type turned struct {
	axis     part.Feature
	from, to float64
	any      bool
	hole     float64 // the narrowest, radius
	shank    float64 // the narrowest outside, radius
	widest   float64
	sides    int        // flat faces along the axis
	shaft    [2]float64 // where the shank begins and ends
}

func (t *turned) length() float64 { return t.to - t.from }

func (t *turned) take(s *part.Surface) {
	lo, hi := math.Inf(1), math.Inf(-1)
	for _, v := range s.Triangles {
		along := v.Sub(t.axis.O).Dot(t.axis.Z)
		lo, hi = math.Min(lo, along), math.Max(hi, along)
		t.widest = math.Max(t.widest, v.Sub(t.axis.O).Reject(t.axis.Z).Norm())
	}
	if lo > hi {
		return
	}
	if !t.any {
		t.from, t.to, t.any = lo, hi, true
	}
	t.from, t.to = math.Min(t.from, lo), math.Max(t.to, hi)
	switch {
	case s.Kind == part.Plane && math.Abs(s.Z.Dot(t.axis.Z)) < tol.SquareFaces:
		t.sides++
	case s.Kind == part.Cylinder && s.Side == "hole":
		if t.hole == 0 || s.Radius < t.hole {
			t.hole = s.Radius
		}
	case s.Kind == part.Cylinder && (t.shank == 0 || s.Radius < t.shank-tol.SameRadius):
		t.shank, t.shaft = s.Radius, [2]float64{lo, hi}
	case s.Kind == part.Cylinder && s.Radius < t.shank+tol.SameRadius: // it goes on behind a collar
		t.shaft = [2]float64{math.Min(t.shaft[0], lo), math.Max(t.shaft[1], hi)}
	}
}

// headed tells whether what is wider than the shank is a head: at one end only, short, and not too wide.
func (t *turned) headed() bool {
	below, above := t.shaft[0]-t.from, t.to-t.shaft[1]
	head, tip := math.Max(below, above), math.Min(below, above)
	return t.widest > headLeast*t.shank && t.widest < headMost*t.shank && head > 0 && head <= headLong*2*t.shank && tip <= t.shank
}

// oneAxis is the axis that all round faces of a part share.
func oneAxis(list []part.Surface) (axis part.Feature, ok bool) {
	for i := range list {
		s := &list[i]
		if s.Kind != part.Cylinder && s.Kind != part.Cone && s.Kind != part.Axis {
			continue
		}
		if !ok {
			axis, ok = s.Feature, true
			continue
		}
		if math.Abs(s.Z.Dot(axis.Z)) < 1-tol.SameAxis || s.O.Sub(axis.O).Reject(axis.Z).Norm() > tol.FitPlace {
			return axis, false
		}
	}
	if !ok {
		return axis, false
	}
	for i := range list {
		s := &list[i]
		if along := math.Abs(s.Z.Dot(axis.Z)); s.Kind == part.Plane && along > tol.SquareFaces && along < 1-tol.SameAxis {
			return axis, false
		}
	}
	return axis, true
}

// fasteners are the parts, by key, that are fasteners by their shape.
func (s *scene) fasteners() []string {
	out := []string{}
	for _, k := range slices.Sorted(maps.Keys(s.screws)) {
		if s.screws[k] {
			out = append(out, k)
		}
	}
	return out
}
