// Package measure reads values off a placed assembly: distances and angles between features, joint coordinates, places, masses
// and centres of mass. The centre of mass of bodies is Σ mᵢ rᵢ / Σ mᵢ; a mass is unknown as soon as one of its parts is. Cost is linear
// in what a measure names, of a mass in the components of all assemblies below, each weighed once.
package measure

import (
	"math"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/model"
	"setfast/core/solve"
	"setfast/core/tol"
)

// taken is an assembly whose measures can be taken at any poses.
type taken struct{ *model.Model }

// All takes every named measure at the given poses.
func All(m *model.Model, poses []geom.Pose) (map[string]any, error) {
	out := map[string]any{}
	for _, ms := range m.Asm.Measures {
		v, err := Of(m, ms, poses)
		if err != nil {
			return nil, err
		}
		out[ms.Name] = v
	}
	return out, nil
}

// Of takes one measure: a number, three numbers, or nil where something it needs is suppressed or unknown. Lengths are in mm,
// angles in degrees, masses in kg.
func Of(m *model.Model, ms assembly.Measure, poses []geom.Pose) (any, error) {
	return taken{m}.measure(ms, poses)
}

// placed is a feature where it stands now; absent ones are suppressed.
func (m taken) placed(r *assembly.Ref, poses []geom.Pose) (solve.Feat, geom.Frame, bool, error) {
	f, present, err := m.Feature(*r)
	if err != nil || !present {
		return f, geom.Frame{}, false, err
	}
	fr := f.Frame
	if f.Body >= 0 {
		fr = fr.At(poses[f.Body])
	}
	return f, fr, true, nil
}

func (m taken) measure(ms assembly.Measure, poses []geom.Pose) (any, error) {
	switch ms.Type {
	case "distance", "angle":
		fa, a, okA, err := m.placed(ms.A, poses)
		if err != nil {
			return nil, err
		}
		fb, b, okB, err := m.placed(ms.B, poses)
		if err != nil || !okA || !okB {
			return nil, err
		}
		if ms.Type == "angle" {
			return math.Atan2(a.Z.Cross(b.Z).Norm(), a.Z.Dot(b.Z)) * 180 / math.Pi, nil
		}
		return distanceBetween(fa, a, fb, b), nil
	case "clearance":
		return nil, nil // it wants the shapes: core/clash
	case "coordinate":
		i, ok := m.RelOf[ms.Joint]
		if !ok {
			return nil, nil
		}
		return m.Read(m.Sys.Rels[i], ms.Of, poses), nil
	case "position":
		_, p, okP, err := m.placed(ms.OfRef, poses)
		if err != nil {
			return nil, err
		}
		in, okIn, err := m.inFrame(ms.In, poses)
		if err != nil || !okP || !okIn {
			return nil, err
		}
		return in.Point(p.O).Array(), nil
	case "centre_of_mass":
		_, c, known := m.mass(poses)
		in, ok, err := m.inFrame(ms.In, poses)
		if err != nil || !known || !ok {
			return nil, err
		}
		return in.Point(c).Array(), nil
	case "mass":
		kg, _, known := m.mass(poses)
		if !known {
			return nil, nil
		}
		return kg, nil
	}
	return nil, nil
}

// inFrame is the change from the root frame to that of a reference; none means the assembly's own.
func (m taken) inFrame(r *assembly.Ref, poses []geom.Pose) (geom.Pose, bool, error) {
	if r == nil {
		return geom.Home, true, nil
	}
	_, f, ok, err := m.placed(r, poses)
	if err != nil || !ok {
		return geom.Home, false, err
	}
	return f.Pose().Inverse(), true, nil
}

// distanceBetween measures as the distance relation does: signed from planes, shortest elsewhere.
func distanceBetween(fa solve.Feat, a geom.Frame, fb solve.Feat, b geom.Frame) float64 {
	d := b.O.Sub(a.O)
	plane := func(f solve.Feat) bool { return f.F.Kind == "plane" }
	switch {
	case plane(fa):
		return d.Dot(a.Z)
	case plane(fb):
		return -d.Dot(b.Z)
	case fa.F.IsAxis() && fb.F.IsAxis():
		n := a.Z.Cross(b.Z)
		if n.Norm() < tol.ParallelAxes {
			return d.Reject(a.Z).Norm()
		}
		return math.Abs(d.Dot(n.Unit()))
	case fa.F.IsAxis():
		return d.Reject(a.Z).Norm()
	case fb.F.IsAxis():
		return d.Reject(b.Z).Norm()
	}
	return d.Norm()
}
