package format

import (
	"encoding/json"
	"math"

	"setfast/core/assembly"
)

// maxSteps bounds a drive, so that a slip of a digit does not run for hours.
const maxSteps = 100000

func (r *reader) drive(name string, n *node) assembly.Drive {
	d := assembly.Drive{Name: name}
	if !r.object(n) {
		return d
	}
	d.Joint, d.Of = r.needText(n, "joint"), r.needText(n, "of")
	for _, x := range []struct {
		name string
		to   *float64
	}{{"from", &d.From}, {"to", &d.To}} {
		if c := r.need(n, x.name); r.err == nil {
			*x.to = r.number(c)
		}
	}
	if c := r.need(n, "steps"); r.err == nil {
		v := r.number(c)
		if v < 1 || v > maxSteps || v != math.Trunc(v) {
			r.fail(c, "steps is a whole number from 1 to %d", maxSteps)
		}
		d.Steps = int(v)
	}
	if r.version > 1 {
		d.Clash, d.UntilContact = r.flag(n, "clash"), r.flag(n, "until_contact")
	}
	for _, c := range r.items(n, "record") {
		if r.want(c, 's') {
			d.Record = append(d.Record, c.str)
		}
	}
	r.done(n)
	return d
}

// DriveObject is a drive as it stands in a file, without its name.
func DriveObject(d assembly.Drive) json.Marshaler {
	o := &object{}
	o.put("joint", d.Joint)
	o.put("of", d.Of)
	o.put("from", d.From)
	o.put("to", d.To)
	o.put("steps", d.Steps)
	if d.Clash {
		o.put("clash", true)
	}
	if d.UntilContact {
		o.put("until_contact", true)
	}
	if len(d.Record) > 0 {
		o.put("record", d.Record)
	}
	return o
}

// ReadDrive reads one drive.
func ReadDrive(name string, data []byte) (assembly.Drive, error) {
	return one(data, func(r *reader, n *node) assembly.Drive { return r.drive(name, n) })
}
