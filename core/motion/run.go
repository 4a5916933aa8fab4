package motion

import (
	"fmt"
	"math"
	"slices"

	"setfast/core/assembly"
	"setfast/core/geom"
)

// Run follows coordinates step by step, as a drive does, for whoever looks at how things stand on the way. It belongs to one goroutine.
type Run struct {
	d   *driver
	leg assembly.Leg
}

// Run follows one coordinate from the solved pose.
func (s *Study) Run(joint, of string) (*Run, error) {
	c, err := s.driven(assembly.Along{Joint: joint, Of: of})
	if err != nil {
		return nil, err
	}
	return &Run{d: s.newDriver([]driven{c}, s.Poses)}, nil
}

// driven finds a coordinate of a joint in force.
func (s *Study) driven(a assembly.Along) (driven, error) {
	j, ok := s.RelOf[a.Joint]
	if !ok || !slices.Contains(s.Rels, j) {
		return driven{}, fmt.Errorf("joint %q is not in force", a.Joint)
	}
	if _, ok := s.Sys.Rels[j].Of.Coordinate(a.Of); !ok {
		return driven{}, fmt.Errorf("joint %q has no %s", a.Joint, a.Of)
	}
	return driven{j, a.Of, a.From, a.To}, nil
}

// Leg begins a leg of a drive, after the run of the leg before it; nil: at the solved pose. What was driven before and is not now stays
// where it is. It goes to where the leg begins, one coordinate after another, and says why it stopped short, or nothing.
func (s *Study) Leg(l assembly.Leg, after *Run) (*Run, string, error) {
	var list []driven
	for _, a := range append([]assembly.Along{l.Along}, l.With...) {
		c, err := s.driven(a)
		if err != nil {
			return nil, "", err
		}
		list = append(list, c)
	}
	poses := s.Poses
	brought := map[int]float64{}  // in this leg, by place in the list
	here := func(i int) float64 { // over as many turns as it was driven before
		if v, ok := brought[i]; ok {
			return v
		}
		if after != nil {
			if v, ok := after.d.drove(list[i]); ok {
				return v
			}
		}
		return s.Read(s.Sys.Rels[list[i].rel], list[i].of, poses)
	}
	if after != nil {
		poses = after.d.poses
		for _, c := range after.d.list {
			if !slices.ContainsFunc(list, func(o driven) bool { return o.rel == c.rel && o.of == c.of }) {
				list = append(list, c)
				i := len(list) - 1
				list[i].from = here(i)
				list[i].to = list[i].from
			}
		}
	}
	said := append([]assembly.Along{l.Along}, l.With...)
	var d *driver
	for k := range said {
		if k > 0 && said[k].Stands {
			continue
		}
		order := make([]driven, 0, len(list)) // the one that goes leads, the others stand where they are
		for i, c := range list {
			if i != k {
				c.from = here(i)
				c.to = c.from
				order = append(order, c)
			}
		}
		d = s.newDriver(append([]driven{list[k]}, order...), poses)
		d.value = here(k)
		if said[k].Stands {
			continue
		}
		why := d.begin(said[k].From)
		poses, brought[k] = d.poses, d.value
		if why != "" {
			return &Run{d: d, leg: l}, why, nil
		}
	}
	for k := range said {
		if said[k].Stands {
			said[k].From = here(k)
			list[k].from = said[k].From
		}
	}
	l.Along, l.With = said[0], said[1:]
	if len(l.With) > 0 {
		lead := d.value
		if d.list[0].rel != list[0].rel || d.list[0].of != list[0].of {
			lead = said[0].From
		}
		d = s.newDriver(list, poses)
		d.value = lead
	}
	d.list = list
	return &Run{d: d, leg: l}, "", nil
}

// begin takes the turn of the coordinate that is nearest to a value, and goes there.
func (d *driver) begin(from float64) string {
	lead := &d.list[0]
	if turns := math.Round((from - d.value) / 360); d.angular && d.sys.Turn(d.sys.Rels[lead.rel], lead.of, turns, d.poses) {
		d.value += 360 * turns
	}
	return d.to(from)
}

// Apart is a run that stands at the same place, for another goroutine.
func (r *Run) Apart() *Run {
	d := r.d.s.Apart().newDriver(r.d.list, r.d.poses)
	o := &Run{d: d, leg: r.leg}
	o.Back(r.Mark())
	return o
}

// Step goes to a step of the leg; it says why it stopped short, or nothing.
func (r *Run) Step(k int) string { return r.To(r.Goal(k)) }

// Goal is where a step of the leg ends.
func (r *Run) Goal(k int) float64 {
	return r.leg.At(float64(k) / float64(max(r.leg.Steps, 1)))
}

// Leg is the leg that is run, with where it begins.
func (r *Run) Leg() assembly.Leg { return r.leg }

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
	own := r.d
	d := m.d
	d.s, d.sys, d.group, d.limits = own.s, own.sys, own.group, slices.Clone(m.limits)
	*own = d
}
