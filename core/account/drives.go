package account

import (
	"fmt"
	"math"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/solve"
	"setfast/core/tol"
)

// drives takes each driven coordinate through its range. Neither poses nor verdict change.
func (m *model) drives(st settled, res *Result) error {
	for _, d := range m.asm.Drives {
		if m.stopped() {
			return errStopped
		}
		run, err := m.drive(st, d)
		if err != nil {
			return err
		}
		res.Drives[d.Name] = run
	}
	return nil
}

// driver follows one coordinate from the solved pose.
type driver struct {
	m       *model
	joint   int
	of      string
	angular bool
	rels    []int
	poses   []geom.Pose
	value   float64 // of the coordinate, continuous
	allow   float64 // a miss in mm that still counts as reached
	track   map[string]float64
	limits  []limited
	way     float64 // how far bodies went per unit in the last step
}

type limited struct {
	rel     int
	of      string
	angular bool
	r       relation.Range
	value   float64 // continuous
}

func (m *model) newDriver(st settled, joint int, of string) *driver {
	k, _ := m.sys.Rels[joint].Of.Coordinate(of)
	d := &driver{m: m, joint: joint, of: of, angular: k.Angular, rels: st.rels, poses: append([]geom.Pose(nil), st.poses...), track: map[string]float64{}}
	d.value = m.read(m.sys.Rels[joint], of, d.poses)
	worst := solve.Miss{}
	for _, i := range st.rels {
		worst = worst.Worst(m.sys.Miss(m.sys.Rels[i], d.poses))
		for _, c := range m.sys.Rels[i].Of.Coordinates {
			r, ok := m.mate[i].Limits(c.Name)
			if !ok {
				continue
			}
			v := m.read(m.sys.Rels[i], c.Name, d.poses)
			if c.Angular {
				v = nearestTurn(v, r)
			}
			d.limits = append(d.limits, limited{i, c.Name, c.Angular, r, v})
			if i == joint && c.Name == of {
				d.value = v
			}
		}
	}
	d.allow = math.Max(1e-7, 3*(worst.MM+rad(worst.Deg)*tol.AngleWeight))
	return d
}

func (m *model) drive(st settled, dr assembly.Drive) (*DriveRun, error) {
	run := &DriveRun{At: []float64{}, Values: map[string][]any{}}
	for _, n := range dr.Record {
		run.Values[n] = []any{}
	}
	stop := func(v float64, why string) *DriveRun {
		run.StoppedAt, run.Reason = &v, &why
		return run
	}
	j, ok := m.relOf[dr.Joint]
	inForce := false
	for _, i := range st.rels {
		inForce = inForce || ok && i == j
	}
	if !inForce {
		why := fmt.Sprintf("joint %q is not in force", dr.Joint)
		run.Reason = &why
		return run, nil
	}
	m = m.on(m.sys.Fork())
	d := m.newDriver(st, j, dr.Of)
	// the turn count of the start that lies nearest to "from"
	if d.angular && len(d.limits) == 0 {
		d.value += 360 * math.Round((dr.From-d.value)/360)
	}
	if why := d.to(dr.From); why != "" {
		return stop(roundTo(d.value, 12), why), nil
	}
	for k := 0; k <= dr.Steps && !m.stopped(); k++ {
		v := dr.From
		if dr.Steps > 0 {
			v += (dr.To - dr.From) * float64(k) / float64(dr.Steps)
		}
		if why := d.to(v); why != "" {
			return stop(roundTo(d.value, 12), why), nil
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

// record reads a measure where the drive stands; coordinates run on over full turns.
func (d *driver) record(name string) (any, error) {
	for _, ms := range d.m.asm.Measures {
		if ms.Name != name {
			continue
		}
		v, err := d.m.measure(ms, d.poses)
		if x, ok := v.(float64); ok && ms.Type == "coordinate" {
			if c, _ := d.m.sys.Rels[d.m.relOf[ms.Joint]].Of.Coordinate(ms.Of); c.Angular {
				if last, seen := d.track[name]; seen {
					x += 360 * math.Round((last-x)/360)
				}
				d.track[name] = x
				return x, err
			}
		}
		return v, err
	}
	return nil, nil
}

// to goes to a value in steps small enough to stay on the branch; it says why it stopped short, or nothing.
func (d *driver) to(goal float64) string {
	most := 5.0
	if !d.angular {
		most = math.Max(0.05*d.m.sys.Bodies[d.mover()].Size, 0.1)
	}
	step := most
	for math.Abs(goal-d.value) > 1e-12 && !d.m.stopped() {
		next := d.value + math.Copysign(math.Min(step, math.Abs(goal-d.value)), goal-d.value)
		p, way, why := d.try(next)
		// a jump in how far things go for a step betrays a change of branch: look closer
		jump := why == "" && d.way > 0 && way > 6*d.way+1e-6
		if why == "" && (!jump || step < most/200) {
			d.accept(p, next, way)
			step = math.Min(step*2, most)
			continue
		}
		if step > 0.009 && (why != "" || jump) {
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

func (d *driver) accept(p []geom.Pose, v, way float64) {
	d.poses, d.value, d.way = p, v, way
	d.m.sys.Track(p)
	for i := range d.limits {
		d.limits[i].value = d.follow(&d.limits[i], p)
	}
	for _, ms := range d.m.asm.Measures { // keep count of turns between recorded steps too
		if _, seen := d.track[ms.Name]; seen {
			_, _ = d.record(ms.Name)
		}
	}
}

func (d *driver) mover() int {
	r := d.m.sys.Rels[d.joint]
	if r.B.Body >= 0 {
		return r.B.Body
	}
	return max(r.A.Body, 0)
}

// follow reads a limited coordinate on from its last value.
func (d *driver) follow(l *limited, p []geom.Pose) float64 {
	v := d.m.read(d.m.sys.Rels[l.rel], l.of, p)
	if l.angular {
		v += 360 * math.Round((l.value-v)/360)
	}
	return v
}

// try solves with the coordinate at v from the last pose.
func (d *driver) try(v float64) (poses []geom.Pose, way float64, why string) {
	sol := d.m.sys.Swapped(d.joint, held(d.m.sys.Rels[d.joint], d.of, v)).SolveFrom(d.poses, d.rels, solve.Options{MM: d.allow, Deg: deg(d.allow / tol.AngleWeight)})
	unit := "mm"
	if d.angular {
		unit = "°"
	}
	if !sol.Holds {
		return nil, 0, fmt.Sprintf("the relations cannot follow %s %s beyond this: a dead point, or a coordinate held elsewhere", d.m.mate[d.joint].ID, d.of)
	}
	for i := range d.limits {
		l := &d.limits[i]
		x := d.follow(l, sol.Poses)
		const eps = 1e-9
		if l.r.Lo != nil && x < *l.r.Lo-eps && x < l.value {
			return nil, 0, fmt.Sprintf("limit of %s %s at %g %s", d.m.mate[l.rel].ID, l.of, *l.r.Lo, unit)
		}
		if l.r.Hi != nil && x > *l.r.Hi+eps && x > l.value {
			return nil, 0, fmt.Sprintf("limit of %s %s at %g %s", d.m.mate[l.rel].ID, l.of, *l.r.Hi, unit)
		}
	}
	far := 0.0
	for b := range d.m.sys.Bodies {
		if d.m.sys.Bodies[b].Fixed {
			continue
		}
		for _, x := range displacement(d.m.sys, b, d.poses[b], sol.Poses[b]) {
			far = math.Max(far, math.Abs(x)/d.m.sys.Bodies[b].Size)
		}
	}
	return sol.Poses, far / math.Abs(v-d.value), ""
}
