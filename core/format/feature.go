package format

import (
	"encoding/json"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

func (r *reader) vec(n *node) geom.Vec {
	x := r.numbers(n, 3)
	return geom.V(x[0], x[1], x[2])
}

func (r *reader) dir(n *node, name string) geom.Vec {
	c := r.need(n, name)
	if r.err != nil {
		return geom.Vec{}
	}
	v := r.vec(c).Unit()
	if v == (geom.Vec{}) {
		r.fail(c, "a direction must not be zero; [0, 0, 1] points along z")
	}
	return v
}

func (r *reader) place(n *node, name string) geom.Vec {
	c := r.need(n, name)
	if r.err != nil {
		return geom.Vec{}
	}
	return r.vec(c)
}

func (r *reader) radius(n *node) float64 {
	c := r.need(n, "radius")
	if r.err != nil {
		return 0
	}
	x := r.number(c)
	if x <= 0 {
		r.fail(c, "a radius must be more than zero, not %g", x)
	}
	return x
}

var featureTypes = []string{"plane", "cylinder", "circle", "point", "axis", "cone", "sphere", "frame"}

// featureWords are what features are called besides.
var featureWords = map[string]string{"face": "plane", "flat": "plane", "hole": "cylinder", "shaft": "cylinder", "bore": "cylinder", "rim": "circle", "edge": "axis", "line": "axis",
	"vertex": "point", "ball": "sphere", "coordinate_system": "frame"}

func (r *reader) feature(n *node) part.Feature {
	f := part.Feature{}
	if !r.object(n) {
		return f
	}
	f.Kind = part.Kind(r.needText(n, "type"))
	if r.err != nil {
		return f
	}
	switch f.Kind {
	case part.Plane:
		f.O, f.Z = r.place(n, "origin"), r.dir(n, "normal")
	case part.Cylinder:
		f.O, f.Z, f.Radius = r.place(n, "origin"), r.dir(n, "direction"), r.radius(n)
		f.Side = r.text(n, "side")
		if f.Side != "" && f.Side != "hole" && f.Side != "shaft" {
			r.fail(r.get(n, "side"), "%q is not known here; expected \"hole\" or \"shaft\"", f.Side)
		}
	case part.Circle:
		f.O, f.Z, f.Radius = r.place(n, "center"), r.dir(n, "normal"), r.radius(n)
	case part.Point:
		f.O = r.place(n, "at")
	case part.Axis:
		f.O, f.Z = r.place(n, "origin"), r.dir(n, "direction")
	case part.Cone:
		f.O, f.Z = r.place(n, "apex"), r.dir(n, "direction")
		c := r.need(n, "half_angle")
		if r.err == nil {
			f.HalfAngle = r.number(c)
			if f.HalfAngle <= 0 || f.HalfAngle >= 90 {
				r.fail(c, "a cone's half angle lies between 0 and 90 degrees; %g does not", f.HalfAngle)
			}
		}
	case part.Sphere:
		f.O, f.Radius = r.place(n, "center"), r.radius(n)
	case part.Frame:
		f.O, f.Z, f.X = r.place(n, "origin"), r.dir(n, "z"), r.dir(n, "x")
		if r.err == nil && f.X.Cross(f.Z).Norm() < tol.FrameParallel {
			r.fail(n, "a frame's x must not be parallel to its z; [1, 0, 0] would do where z is [0, 0, 1]")
		}
		if r.err == nil {
			f.X = f.X.Reject(f.Z).Unit()
		}
	default:
		r.fail(r.get(n, "type"), "unknown feature type %q%s", string(f.Kind), meant(string(f.Kind), featureTypes, featureWords))
	}
	r.done(n)
	return f
}

func featureObject(f part.Feature) *object {
	o := &object{}
	o.put("type", string(f.Kind))
	switch f.Kind {
	case part.Plane:
		o.put("origin", f.O.Array())
		o.put("normal", f.Z.Array())
	case part.Cylinder:
		o.put("origin", f.O.Array())
		o.put("direction", f.Z.Array())
		o.put("radius", f.Radius)
		o.text("side", f.Side)
	case part.Circle:
		o.put("center", f.O.Array())
		o.put("normal", f.Z.Array())
		o.put("radius", f.Radius)
	case part.Point:
		o.put("at", f.O.Array())
	case part.Axis:
		o.put("origin", f.O.Array())
		o.put("direction", f.Z.Array())
	case part.Cone:
		o.put("apex", f.O.Array())
		o.put("direction", f.Z.Array())
		o.put("half_angle", f.HalfAngle)
	case part.Sphere:
		o.put("center", f.O.Array())
		o.put("radius", f.Radius)
	case part.Frame:
		o.put("origin", f.O.Array())
		o.put("z", f.Z.Array())
		o.put("x", f.X.Array())
	}
	return o
}

// NamedFeature is a feature with its name, where their order matters.
type NamedFeature struct {
	Name string
	part.Feature
}

// ReadFeatures reads features by name, as a part has them in a file.
func ReadFeatures(data []byte) ([]NamedFeature, error) {
	return one(data, func(r *reader, n *node) (out []NamedFeature) {
		if !r.object(n) {
			return nil
		}
		for name, c := range n.each() {
			r.name(c, name, "a feature's")
			out = append(out, NamedFeature{name, r.feature(c)})
		}
		return out
	})
}

// FeaturesObject are features as they stand in a file.
func FeaturesObject(list []NamedFeature) json.Marshaler {
	o := &object{}
	for _, f := range list {
		o.put(f.Name, featureObject(f.Feature))
	}
	return o
}
