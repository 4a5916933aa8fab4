package format

import (
	"encoding/json"

	"setfast/core/assembly"
)

func (r *reader) settings(n *node, s *assembly.Settings) {
	if !r.object(n) {
		return
	}
	for _, t := range []struct {
		name string
		to   *float64
	}{{"tolerance_mm", &s.ToleranceMM}, {"tolerance_deg", &s.ToleranceDeg}} {
		if c := r.get(n, t.name); c != nil {
			*t.to = r.number(c)
			if *t.to <= 0 {
				r.fail(c, "a tolerance must be more than zero, not %g", *t.to)
			}
		}
	}
	if c := r.get(n, "fastener_spin"); c != nil && r.want(c, 's') {
		switch c.str {
		case "allowed":
			s.FastenersHeld = false
		case "held":
			s.FastenersHeld = true
		default:
			r.fail(c, "%q is not known here; expected \"allowed\" or \"held\"", c.str)
		}
	}
	r.done(n)
}

// SettingsObject are settings as they stand in a file.
func SettingsObject(s assembly.Settings) json.Marshaler {
	o := &object{}
	o.put("tolerance_mm", s.ToleranceMM)
	o.put("tolerance_deg", s.ToleranceDeg)
	spin := "allowed"
	if s.FastenersHeld {
		spin = "held"
	}
	o.put("fastener_spin", spin)
	return o
}

// ReadSettings reads the settings of an assembly; what is not said is as usual.
func ReadSettings(data []byte) (assembly.Settings, error) {
	return one(data, func(r *reader, n *node) assembly.Settings {
		s := assembly.DefaultSettings
		r.settings(n, &s)
		return s
	})
}
