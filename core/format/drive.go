package format

import (
	"encoding/json"
	"math"

	"setfast/core/assembly"
)

// maxSteps bounds a drive, maxLegs its legs, so that a slip of a digit does not run for hours.
const (
	maxSteps = 100000
	maxLegs  = 100
)

func (r *reader) drive(name string, n *node) assembly.Drive {
	d := assembly.Drive{Name: name}
	if !r.object(n) {
		return d
	}
	d.Leg = r.leg(n, true)
	if r.version > 1 {
		d.Clash, d.UntilContact = r.flag(n, "clash"), r.flag(n, "until_contact")
		for _, c := range r.items(n, "then") {
			if !r.object(c) {
				break
			}
			d.Then = append(d.Then, r.leg(c, false))
			r.done(c)
		}
		if len(d.Then) >= maxLegs {
			r.fail(n.find("then"), "a drive has at most %d legs", maxLegs)
		}
	}
	for _, c := range r.items(n, "record") {
		if r.want(c, 's') {
			d.Record = append(d.Record, c.str)
		}
	}
	r.done(n)
	return d
}

// leg reads a leg of a drive; the first says where it begins.
func (r *reader) leg(n *node, first bool) assembly.Leg {
	l := assembly.Leg{Along: r.along(n, first)}
	if c := r.need(n, "steps"); r.err == nil {
		v := r.number(c)
		if v < 1 || v > maxSteps || v != math.Trunc(v) {
			r.fail(c, "steps is a whole number from 1 to %d", maxSteps)
		}
		l.Steps = int(v)
	}
	if r.version > 1 {
		said := map[[2]string]bool{{l.Joint, l.Of}: true}
		for _, c := range r.items(n, "with") {
			if !r.object(c) {
				break
			}
			a := r.along(c, false)
			r.done(c)
			if said[[2]string{a.Joint, a.Of}] {
				r.fail(c, "%s of %q is driven twice in one leg; leave one out", a.Of, a.Joint)
			}
			said[[2]string{a.Joint, a.Of}] = true
			l.With = append(l.With, a)
		}
	}
	return l
}

// along reads a coordinate and its range.
func (r *reader) along(n *node, begins bool) assembly.Along {
	a := assembly.Along{Joint: r.needText(n, "joint"), Of: r.needText(n, "of")}
	var from *node
	if from = r.get(n, "from"); from == nil && begins {
		r.need(n, "from")
	}
	if a.Stands = from == nil; from != nil {
		a.From = r.number(from)
	}
	if c := r.need(n, "to"); r.err == nil {
		a.To = r.number(c)
	}
	return a
}

// DriveObject is a drive as it stands in a file, without its name.
func DriveObject(d assembly.Drive) json.Marshaler {
	o := legObject(d.Leg)
	if d.Clash {
		o.put("clash", true)
	}
	if d.UntilContact {
		o.put("until_contact", true)
	}
	if len(d.Then) > 0 {
		var legs []json.Marshaler
		for _, l := range d.Then {
			legs = append(legs, legObject(l))
		}
		o.put("then", legs)
	}
	if len(d.Record) > 0 {
		o.put("record", d.Record)
	}
	return o
}

func legObject(l assembly.Leg) *object {
	o := alongObject(l.Along)
	o.put("steps", l.Steps)
	if len(l.With) > 0 {
		var with []json.Marshaler
		for _, a := range l.With {
			with = append(with, alongObject(a))
		}
		o.put("with", with)
	}
	return o
}

func alongObject(a assembly.Along) *object {
	o := &object{}
	o.put("joint", a.Joint)
	o.put("of", a.Of)
	if !a.Stands {
		o.put("from", a.From)
	}
	o.put("to", a.To)
	return o
}

// ReadDrive reads one drive.
func ReadDrive(name string, data []byte) (assembly.Drive, error) {
	return one(data, func(r *reader, n *node) assembly.Drive { return r.drive(name, n) })
}
