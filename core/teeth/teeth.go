// Package teeth reads teeth off the shapes of wheels and racks, and makes their outlines.
// Proportions are those of the basic rack of ISO 53: a tooth reaches one module beyond the pitch line and at least as far below it, the pitch along it
// is π modules; modules are those of ISO 54. Values from memory.
package teeth

import (
	"math"
	"slices"

	"setfast/core/geom"
)

// Wheel is a wheel with teeth, about an axis.
type Wheel struct {
	Teeth  int     `json:"teeth"`
	Module float64 `json:"module"`
	Tip    float64 `json:"tip_radius_mm"`
	Inside bool    `json:"inside,omitempty"` // a ring, whose teeth look inward

	Phase float64 `json:"-"` // the angle of the middle of a tooth, in the frame that it was looked for in
}

// Rack is a straight row of teeth.
type Rack struct {
	Teeth  int     `json:"teeth"`
	Module float64 `json:"module"`

	Tip   float64 `json:"-"` // how far teeth reach
	Phase float64 `json:"-"` // where the middle of one is along the row
}

// What counts as teeth.
const (
	fewest   = 8
	most     = 1000
	evenly   = 0.06 // of a pitch: how far a tooth may be from its place
	tipBand  = 0.02 // of a tooth's module, below its tip
	deepest  = 3.0  // modules that a tooth is high at the most …
	shallow  = 1.7  // … and at the least
	likeISO  = 0.03 // how near a module is to one of ISO 54 to be that
	flatTip  = 0.02 // mm: how even the tips of a rack are
	rootNear = 0.3  // of a pitch: how near the middle of a gap there is a point of its ground
	mostGaps = 0.8  // of all gaps, that have such a point
)

// Deepest is how deep teeth of a module are: one module above the pitch line and one and a quarter below it (ISO 53).
func Deepest(module float64) float64 { return (above + below) * module }

// Near tells whether two modules are one.
func Near(a, b float64) bool { return math.Abs(a-b) < likeISO*a }

// modules are those of the first and second series of ISO 54, and the small ones in common use; hundredths of a mm.
var modules = []float64{30, 40, 50, 60, 70, 80, 100, 112.5, 125, 137.5, 150, 175, 200, 225, 250, 275, 300, 350, 400, 450, 500, 550, 600, 650, 700, 800, 900, 1000, 1100, 1200, 1400, 1600, 1800, 2000, 2200, 2500, 2800, 3200, 3600, 4000, 4500, 5000}

// standard is the module of ISO 54 that a measured one is, or the measured one.
func standard(m float64) float64 {
	for _, h := range modules {
		if s := h / 100; math.Abs(m-s) < likeISO*s {
			return s
		}
	}
	return m
}

// polar is a point about an axis.
type polar struct{ r, angle float64 }

// WheelOf finds the teeth of a wheel by points on its surface, corners of teeth among them, about the third axis of a frame.
func WheelOf(points []geom.Vec, fr geom.Frame) (Wheel, bool) {
	list := make([]polar, len(points))
	low, high := math.Inf(1), 0.0
	for i, p := range points {
		d := p.Sub(fr.O)
		x, y := d.Dot(fr.X), d.Dot(fr.Y)
		list[i] = polar{math.Hypot(x, y), math.Atan2(y, x)}
		low, high = min(low, list[i].r), max(high, list[i].r)
	}
	if w, ok := wheel(list, high, 1); ok {
		return w, true
	}
	return wheel(list, low, -1)
}

// wheel looks for teeth that reach to a radius, outward or inward.
func wheel(points []polar, tip, out float64) (w Wheel, ok bool) {
	if tip <= 0 {
		return w, false
	}
	// the module is not known yet: tips lie within a little of the outermost point
	var tips []float64
	for _, p := range points {
		if out*(tip-p.r) < tipBand*tip/fewest {
			tips = append(tips, p.angle)
		}
	}
	n, phase, ok := spaced(tips, 2*math.Pi)
	if !ok || float64(n)+2*out <= 0 {
		return w, false
	}
	m := 2 * tip / (float64(n) + 2*out)
	w = Wheel{Teeth: n, Module: standard(m), Tip: tip, Inside: out < 0, Phase: phase}
	pitch := 2 * math.Pi / float64(n)
	ground := map[int]bool{}
	for _, p := range points {
		if depth := out * (tip - p.r); depth < shallow*m || depth > deepest*m {
			continue
		}
		k := (p.angle-phase)/pitch - 0.5 // a whole number in the middle of a gap
		if math.Abs(k-math.Round(k)) < rootNear {
			ground[((int(math.Round(k))%n)+n)%n] = true
		}
	}
	return w, float64(len(ground)) >= mostGaps*float64(n)
}

// RackOf finds the teeth of a rack that run along a direction and look the way of another.
func RackOf(points []geom.Vec, o, along, toward geom.Vec) (r Rack, ok bool) {
	r.Tip = math.Inf(-1)
	for _, p := range points {
		r.Tip = max(r.Tip, p.Sub(o).Dot(toward))
	}
	var tips []float64
	for _, p := range points {
		if r.Tip-p.Sub(o).Dot(toward) < flatTip {
			tips = append(tips, p.Sub(o).Dot(along))
		}
	}
	starts, ends := groups(tips, 0)
	if len(starts) < fewest {
		return r, false
	}
	n := len(starts)
	mid := func(i int) float64 { return (starts[i] + ends[i]) / 2 }
	pitch := (mid(n-1) - mid(0)) / float64(n-1)
	for i := range starts {
		if math.Abs(mid(i)-mid(0)-float64(i)*pitch) > evenly*pitch {
			return r, false
		}
	}
	r.Teeth, r.Module, r.Phase = n, standard(pitch/math.Pi), mid(0)
	return r, true
}

// groups gathers values that lie together; of a circle, round is all of it.
func groups(list []float64, round float64) (starts, ends []float64) {
	slices.Sort(list)
	if len(list) < 2 {
		return nil, nil
	}
	widest := 0.0
	for i := 1; i < len(list); i++ {
		widest = max(widest, list[i]-list[i-1])
	}
	if round > 0 {
		widest = max(widest, list[0]+round-list[len(list)-1])
	}
	starts = append(starts, list[0])
	for i := 1; i < len(list); i++ {
		if list[i]-list[i-1] > widest/2 {
			starts, ends = append(starts, list[i]), append(ends, list[i-1])
		}
	}
	ends = append(ends, list[len(list)-1])
	if n := len(starts); round > 0 && n > 1 && list[0]+round-list[len(list)-1] <= widest/2 { // the first group goes on from the last
		starts[0] = starts[n-1] - round
		starts, ends = starts[:n-1], ends[:n-1]
	}
	return starts, ends
}

// spaced counts groups of angles that are evenly spaced round a circle, and tells where the middle of one is.
func spaced(angles []float64, round float64) (n int, phase float64, ok bool) {
	starts, ends := groups(angles, round)
	if n = len(starts); n < fewest || n > most {
		return 0, 0, false
	}
	pitch := round / float64(n)
	first := (starts[0] + ends[0]) / 2
	sum := 0.0
	for i := range starts {
		d := (starts[i]+ends[i])/2 - first - float64(i)*pitch
		if math.Abs(d) > evenly*pitch {
			return 0, 0, false
		}
		sum += d
	}
	return n, first + sum/float64(n), true
}
