package format

import (
	"encoding/json"

	"setfast/core/assembly"
	"setfast/core/geom"
)

func (r *reader) component(name string, n *node) *assembly.Component {
	c := &assembly.Component{Name: name, Pose: geom.Home}
	if !r.object(n) {
		return c
	}
	c.Part, c.Assembly = r.text(n, "part"), r.text(n, "assembly")
	if (c.Part == "") == (c.Assembly == "") {
		r.fail(n, "a component is a use of one part or of one assembly%s", like(n))
	}
	c.Grounded, c.Suppressed = r.flag(n, "grounded"), r.flag(n, "suppressed")
	if c.Flexible = r.flag(n, "flexible"); c.Flexible && c.Assembly == "" {
		r.fail(r.get(n, "flexible"), "only a use of an assembly can be flexible; %q is a part", c.Part)
	}
	if p := r.get(n, "pose"); p != nil {
		c.Pose = r.pose(p)
	}
	r.done(n)
	return c
}

func (r *reader) pose(n *node) geom.Pose {
	p := geom.Home
	if !r.object(n) {
		return p
	}
	if o := r.get(n, "origin"); o != nil {
		p.O = r.vec(o)
	}
	if q := r.get(n, "quaternion"); q != nil {
		x := r.numbers(q, 4)
		turn, ok := geom.QuatOf([4]float64(x))
		if !ok {
			r.fail(q, "a quaternion must not be zero; [1, 0, 0, 0] turns nothing")
		}
		p.Q = turn
	}
	r.done(n)
	return p
}

// ComponentObject is a component as it stands in a file.
func ComponentObject(c *assembly.Component) json.Marshaler { return componentObject(c) }

func componentObject(c *assembly.Component) *object {
	o := &object{}
	o.text("part", c.Part)
	o.text("assembly", c.Assembly)
	o.flag("grounded", c.Grounded)
	o.flag("suppressed", c.Suppressed)
	o.flag("flexible", c.Flexible)
	if c.Pose != geom.Home {
		o.put("pose", c.Pose)
	}
	return o
}
