package format

import (
	"encoding/json"

	"setfast/core/assembly"
)

func (r *reader) planned(n *node) assembly.Planned {
	p := assembly.Planned{}
	if !r.object(n) {
		return p
	}
	if r.get(n, "joint") != nil {
		p.Joint, p.Of = r.text(n, "joint"), r.text(n, "of")
	} else {
		p.Component, p.Motion = r.needText(n, "component"), r.needText(n, "motion")
		if r.err != nil {
			return p
		}
		switch p.Motion {
		case "turn":
			ref := r.needRef(n, "about")
			p.Ref = &ref
		case "slide":
			ref := r.needRef(n, "along")
			p.Ref = &ref
		default:
			r.fail(r.get(n, "motion"), "%q is not known here; expected \"turn\", with \"about\", or \"slide\", with \"along\"", p.Motion)
		}
	}
	r.done(n)
	return p
}

// PlannedObject is a planned motion as it stands in a file.
func PlannedObject(p assembly.Planned) json.Marshaler {
	k := &object{}
	if p.Joint != "" {
		k.put("joint", p.Joint)
		k.text("of", p.Of)
		return k
	}
	k.put("component", p.Component)
	k.put("motion", p.Motion)
	at := "about"
	if p.Motion == "slide" {
		at = "along"
	}
	k.put(at, p.Ref.String())
	return k
}

// ReadPlanned reads one planned motion.
func ReadPlanned(data []byte) (assembly.Planned, error) { return one(data, (*reader).planned) }
