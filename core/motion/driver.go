package motion

import (
	"fmt"
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/measure"
	"setfast/core/solve"
	"setfast/core/tol"
)

// driven is a coordinate that is held where it should be; from and to are one of a coordinate that is kept.
type driven struct {
	rel      int
	of       string
	from, to float64
}

// driver follows coordinates of joints from where bodies stand. The first leads: what is gone of its way is gone of that of the others.
type driver struct {
	s       *Study
	sys     *solve.System
	list    []driven // the first leads
	rels    []int    // of the list, each once
	angular bool
	group   *solve.Follower // what hangs on the joints
	poses   []geom.Pose
	last    [2]struct { // the steps before, the latest first
		poses []geom.Pose
		value float64
	}
	alone  bool    // nothing else is free: where things go next can be foretold
	value  float64 // of the coordinate that leads, continuous
	allow  float64 // a miss in mm that still counts as reached
	limits []limited
	way    float64 // how far bodies went per unit in the last step
	hit    *Hit    // the limit that the last try went past
}

// newDriver begins where bodies stand.
func (s *Study) newDriver(list []driven, poses []geom.Pose) *driver {
	lead := &list[0]
	k, _ := s.Sys.Rels[lead.rel].Of.Coordinate(lead.of)
	d := &driver{s: s, sys: s.Sys.Fork(), list: list, angular: k.Angular, poses: slices.Clone(poses)}
	for i := range list {
		if !slices.Contains(d.rels, list[i].rel) {
			d.rels = append(d.rels, list[i].rel)
		}
	}
	d.value = s.Read(s.Sys.Rels[lead.rel], lead.of, d.poses)
	worst := solve.Miss{}
	for _, i := range s.Rels {
		worst = worst.Worst(s.Sys.Miss(s.Sys.Rels[i], s.Poses))
		for _, c := range s.Sys.Rels[i].Of.Coordinates {
			if l, ok := s.bounds(i, c.Name); ok {
				l.rel, l.value = i, s.Read(s.Sys.Rels[i], c.Name, d.poses)
				d.limits = append(d.limits, l)
			}
		}
	}
	d.group = d.sys.Follow(d.rels, s.Rels)
	columns := map[int32]bool{}
	for _, b := range d.group.Bodies() {
		for _, e := range s.Basis.Of(b) {
			columns[e.Col] = true
		}
	}
	d.alone = len(columns) == len(list)
	d.allow = math.Max(tol.Reached, tol.ReachedBeside*worst.Length())
	return d
}

// record reads a measure where the drive stands; angles of joints go on over whole turns.
func (d *driver) record(name string) (any, error) {
	for _, ms := range d.s.Asm.Measures {
		if ms.Name != name {
			continue
		}
		return measure.Of(d.s.Model, ms, d.poses)
	}
	return nil, nil
}

// to goes to a value in steps small enough to stay on the branch; it says why it stopped short, or nothing.
func (d *driver) to(goal float64) string {
	most := d.longest()
	step := most
	for math.Abs(goal-d.value) > tol.NoDistance && !d.sys.Stopped() {
		next := d.value + math.Copysign(math.Min(step, math.Abs(goal-d.value)), goal-d.value)
		p, way, why := d.try(next)
		// a jump in how far things go for a step betrays a change of branch: look closer
		jump := why == "" && d.jumps(way)
		if why == "" && (!jump || closest(step, most)) {
			d.accept(p, next, way)
			step = math.Min(step*2, most)
			continue
		}
		if step > tol.StoppedAt && (why != "" || jump) {
			step = math.Min(step, math.Abs(goal-d.value)) / 2
			continue
		}
		if why == "" {
			d.accept(p, next, way)
			continue
		}
		return why
	}
	d.value = goal
	return ""
}

// longest is the longest step: degrees or mm.
func (d *driver) longest() float64 {
	if d.angular {
		return tol.DriveTurn
	}
	return math.Max(tol.DriveSlide*d.sys.Bodies[d.mover()].Size, tol.DriveLeast)
}

// jumps tells whether a step went so much farther, per unit, than the one before that it may have changed branch.
func (d *driver) jumps(way float64) bool { return d.way > 0 && way > tol.Jump*d.way+tol.JumpLeast }

// closest tells whether a step is so short that a jump is one of the linkage, not of the steps.
func closest(step, longest float64) bool { return step < longest/tol.JumpSteps }

func (d *driver) accept(p []geom.Pose, v, way float64) {
	d.last[1] = d.last[0]
	d.last[0].poses, d.last[0].value = d.poses, d.value
	d.poses, d.value, d.way = p, v, way
	for i := range d.limits {
		d.limits[i].value = d.read(&d.limits[i], p)
	}
}

// ahead foretells where things stand with the coordinate at v from the last two steps (Newton's interpolation). Where other freedoms are
// left, things stay where they are as far as they can.
func (d *driver) ahead(v float64) []geom.Pose {
	one, two := &d.last[0], &d.last[1]
	h, h1, h2 := v-d.value, d.value-one.value, one.value-two.value
	if !d.alone || two.poses == nil || h1*h2 <= 0 || math.Abs(h) > 2*math.Abs(h1) || math.Abs(h1) > 2*math.Abs(h2) {
		return d.poses
	}
	bend := h * (h + h1) / (h1 + h2)
	out := slices.Clone(d.poses)
	for _, b := range d.group.Bodies() {
		x1, x2 := displacement(d.sys, b, one.poses[b], d.poses[b]), displacement(d.sys, b, two.poses[b], one.poses[b])
		for q := range x1 {
			x1[q] = x1[q]/h1*(h+bend) - x2[q]/h2*bend
		}
		out[b] = d.sys.Move(d.poses[b], b, x1[:])
	}
	return out
}

func (d *driver) mover() int {
	r := d.sys.Rels[d.list[0].rel]
	if r.B.Body >= 0 {
		return r.B.Body
	}
	return max(r.A.Body, 0)
}

// read is a limited coordinate.
func (d *driver) read(l *limited, p []geom.Pose) float64 { return d.s.Read(d.sys.Rels[l.rel], l.of, p) }

// try solves with the coordinate at v from the last pose.
func (d *driver) try(v float64) (poses []geom.Pose, way float64, why string) {
	to := d.group.To(d.ahead(v), d.held(v), solve.Options{MM: d.allow, Deg: d.allow / tol.AngleWeight * 180 / math.Pi})
	if to == nil {
		d.hit = nil
		lead := &d.list[0]
		return nil, 0, fmt.Sprintf("the relations cannot follow %s %s beyond this: a dead point, or a coordinate held elsewhere", d.s.Mates[lead.rel].ID, lead.of)
	}
	for i := range d.limits {
		l := &d.limits[i]
		if why, hit := d.blocked(l, d.read(l, to)); why != "" {
			d.hit = hit
			return nil, 0, why
		}
	}
	far := 0.0
	for _, b := range d.group.Bodies() {
		for _, x := range displacement(d.sys, b, d.poses[b], to[b]) {
			far = math.Max(far, math.Abs(x)/d.sys.Bodies[b].Size)
		}
	}
	return to, far / math.Abs(v-d.value), ""
}

// drove tells where a coordinate that is driven was brought.
func (d *driver) drove(c driven) (float64, bool) {
	for i := range d.list {
		if o := &d.list[i]; o.rel == c.rel && o.of == c.of {
			return d.at(i, d.value), true
		}
	}
	return 0, false
}

// at is where a coordinate of the list is when the one that leads is at a value.
func (d *driver) at(i int, v float64) float64 {
	lead, c := &d.list[0], &d.list[i]
	switch {
	case i == 0:
		return v
	case lead.to == lead.from:
		return c.from
	}
	return c.from + (c.to-c.from)*(v-lead.from)/(lead.to-lead.from)
}

// held are the driven joints, each once, with their coordinates kept where they are when the one that leads is at a value.
func (d *driver) held(v float64) []*solve.Relation {
	out := make([]*solve.Relation, len(d.rels))
	for n, i := range d.rels {
		r := d.sys.Rels[i]
		for k := range d.list {
			if c := &d.list[k]; c.rel == i {
				r = r.With(r.Held(c.of, d.at(k, v)))
			}
		}
		out[n] = r
	}
	return out
}
