package motion

import (
	"fmt"
	"math"
	"slices"

	"setfast/core/geom"
)

// Run follows one coordinate step by step, as a drive does, for whoever looks at how things stand on the way. It belongs to one goroutine.
type Run struct{ d *driver }

// Run begins at the solved pose.
func (s *Study) Run(joint, of string) (*Run, error) {
	j, ok := s.RelOf[joint]
	if !ok || !slices.Contains(s.Rels, j) {
		return nil, fmt.Errorf("joint %q is not in force", joint)
	}
	if _, ok := s.Sys.Rels[j].Of.Coordinate(of); !ok {
		return nil, fmt.Errorf("joint %q has no %s", joint, of)
	}
	return &Run{s.newDriver(j, of)}, nil
}

// Begin takes the turn of the coordinate that is nearest to a value, and goes there; it says why it stopped short, or nothing.
func (r *Run) Begin(from float64) string {
	d := r.d
	if turns := math.Round((from - d.value) / 360); d.angular && d.sys.Turn(d.sys.Rels[d.joint], d.of, turns, d.poses) {
		d.value += 360 * turns
	}
	return d.to(from)
}

// To goes to a value; it says why it stopped short, or nothing.
func (r *Run) To(v float64) string { return r.d.to(v) }

// Value is where the coordinate is: mm or degrees.
func (r *Run) Value() float64 { return r.d.value }

// Angular tells whether it is an angle.
func (r *Run) Angular() bool { return r.d.angular }

// Poses are where bodies stand; they are not changed afterwards.
func (r *Run) Poses() []geom.Pose { return r.d.poses }

// Record reads a measure.
func (r *Run) Record(name string) (any, error) { return r.d.record(name) }

// Stopped tells whether the work was called off.
func (r *Run) Stopped() bool { return r.d.sys.Stopped() }

// Hit is a limit that a coordinate comes to.
type Hit struct {
	Joint string  `json:"joint"`
	Of    string  `json:"of"`
	End   float64 `json:"end"`
}

// Hit is the limit that the run stopped at; nil where something else stopped it.
func (r *Run) Hit() *Hit { return r.d.hit }

// Coordinate reads a coordinate of any joint in force: mm or degrees.
func (r *Run) Coordinate(joint, of string) (float64, bool) {
	i, ok := r.d.s.RelOf[joint]
	if !ok {
		return 0, false
	}
	return r.d.s.Read(r.d.sys.Rels[i], of, r.d.poses), true
}

// Mark is a place to come back to.
type Mark struct {
	d      driver
	limits []limited
}

// Mark remembers where the run is.
func (r *Run) Mark() Mark { return Mark{*r.d, slices.Clone(r.d.limits)} }

// Back goes there at once.
func (r *Run) Back(m Mark) {
	group := r.d.group
	*r.d = m.d
	r.d.group, r.d.limits = group, slices.Clone(m.limits)
}
