package motion

import (
	"fmt"
	"math"
	"slices"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/measure"
	"setfast/core/relation"
	"setfast/core/report"
	"setfast/core/solve"
	"setfast/core/tol"
)

// Drives takes each driven coordinate of the assembly through its range. Neither poses nor verdict change.
func (s *Study) Drives() (map[string]*report.DriveRun, error) {
	out := map[string]*report.DriveRun{}
	for _, d := range s.Asm.Drives {
		if s.Stopped() {
			break
		}
		run, err := s.drive(d)
		if err != nil {
			return nil, err
		}
		out[d.Name] = run
	}
	return out, nil
}

// driver follows one coordinate from the solved pose.
type driver struct {
	s       *Study
	sys     *solve.System
	joint   int
	of      string
	angular bool
	rels    []int
	group   *solve.Follower // what hangs on the joint
	poses   []geom.Pose
	last    [2]struct { // the steps before, the latest first
		poses []geom.Pose
		value float64
	}
	alone  bool    // nothing else is free: where things go next can be foretold
	value  float64 // of the coordinate, continuous
	allow  float64 // a miss in mm that still counts as reached
	limits []limited
	way    float64 // how far bodies went per unit in the last step
	hit    *Hit    // the limit that the last try went past
}

type limited struct {
	rel   int
	of    string
	r     relation.Range
	value float64
}

func (s *Study) newDriver(joint int, of string) *driver {
	k, _ := s.Sys.Rels[joint].Of.Coordinate(of)
	d := &driver{s: s, sys: s.Sys.Fork(), joint: joint, of: of, angular: k.Angular, rels: s.Rels, poses: append([]geom.Pose(nil), s.Poses...)}
	d.value = s.Read(s.Sys.Rels[joint], of, d.poses)
	worst := solve.Miss{}
	for _, i := range s.Rels {
		worst = worst.Worst(s.Sys.Miss(s.Sys.Rels[i], d.poses))
		for _, c := range s.Sys.Rels[i].Of.Coordinates {
			r, ok := s.Mates[i].Limits(c.Name)
			if !ok {
				continue
			}
			d.limits = append(d.limits, limited{i, c.Name, r, s.Read(s.Sys.Rels[i], c.Name, d.poses)})
		}
	}
	d.group = d.sys.Follow(joint, d.rels)
	columns := map[int32]bool{}
	for _, b := range d.group.Bodies() {
		for _, e := range s.Basis.Of(b) {
			columns[e.Col] = true
		}
	}
	d.alone = len(columns) == 1
	d.allow = math.Max(tol.Reached, tol.ReachedBeside*worst.Length())
	return d
}

func (s *Study) drive(dr assembly.Drive) (*report.DriveRun, error) {
	run := &report.DriveRun{At: []float64{}, Values: map[string][]any{}}
	for _, n := range dr.Record {
		run.Values[n] = []any{}
	}
	stop := func(v float64, why string) *report.DriveRun {
		run.StoppedAt, run.Reason = &v, &why
		return run
	}
	j, ok := s.RelOf[dr.Joint]
	inForce := false
	for _, i := range s.Rels {
		inForce = inForce || ok && i == j
	}
	if !inForce {
		why := fmt.Sprintf("joint %q is not in force", dr.Joint)
		run.Reason = &why
		return run, nil
	}
	d := s.newDriver(j, dr.Of)
	// the turn count of the start that lies nearest to "from"
	if turns := math.Round((dr.From - d.value) / 360); d.angular && d.sys.Turn(d.sys.Rels[j], d.of, turns, d.poses) {
		d.value += 360 * turns
	}
	if why := d.to(dr.From); why != "" {
		return stop(report.Significant(d.value, 12), why), nil
	}
	for k := 0; k <= dr.Steps && !s.Stopped(); k++ {
		v := dr.From
		if dr.Steps > 0 {
			v += (dr.To - dr.From) * float64(k) / float64(dr.Steps)
		}
		if why := d.to(v); why != "" {
			return stop(report.Significant(d.value, 12), why), nil
		}
		run.At = append(run.At, v)
		for _, n := range dr.Record {
			x, err := d.record(n)
			if err != nil {
				return nil, err
			}
			run.Values[n] = append(run.Values[n], x)
		}
	}
	return run, nil
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
	r := d.sys.Rels[d.joint]
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
	unit := "mm"
	if d.angular {
		unit = "°"
	}
	if to == nil {
		d.hit = nil
		return nil, 0, fmt.Sprintf("the relations cannot follow %s %s beyond this: a dead point, or a coordinate held elsewhere", d.s.Mates[d.joint].ID, d.of)
	}
	for i := range d.limits {
		l := &d.limits[i]
		if end, past := l.passed(d.read(l, to)); past {
			d.hit = &Hit{d.s.Mates[l.rel].ID, l.of, end}
			return nil, 0, fmt.Sprintf("limit of %s %s at %g %s", d.s.Mates[l.rel].ID, l.of, end, unit)
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

// held is the driven joint with its coordinate kept at a value.
func (d *driver) held(v float64) *solve.Relation {
	r := d.sys.Rels[d.joint]
	return r.With(r.Held(d.of, v))
}

// passed tells which limit a coordinate goes past, farther than it was.
func (l *limited) passed(x float64) (end float64, past bool) {
	switch {
	case l.r.Lo != nil && x < *l.r.Lo-tol.Past && x < l.value:
		return *l.r.Lo, true
	case l.r.Hi != nil && x > *l.r.Hi+tol.Past && x > l.value:
		return *l.r.Hi, true
	}
	return 0, false
}
