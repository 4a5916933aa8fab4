package account

import (
	"math"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/solve"
)

// measures evaluates every named measure at the solved pose.
func (m *model) measures(st settled, res *Result) error {
	for _, ms := range m.asm.Measures {
		v, err := m.measure(ms, st.poses)
		if err != nil {
			return err
		}
		res.Measures[ms.Name] = v
	}
	return nil
}

// placed is a feature where it stands now; absent ones are suppressed.
func (m *model) placed(r *assembly.Ref, poses []geom.Pose) (solve.Feat, geom.Frame, bool, error) {
	f, present, err := m.feature(*r)
	if err != nil || !present {
		return f, geom.Frame{}, false, err
	}
	fr := f.Frame
	if f.Body >= 0 {
		fr = fr.At(poses[f.Body])
	}
	return f, fr, true, nil
}

// measure gives a number, three numbers, or nil where something it needs is suppressed or unknown.
func (m *model) measure(ms assembly.Measure, poses []geom.Pose) (any, error) {
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
			return deg(math.Atan2(a.Z.Cross(b.Z).Norm(), a.Z.Dot(b.Z))), nil
		}
		return distanceBetween(fa, a, fb, b), nil
	case "coordinate":
		i, ok := m.relOf[ms.Joint]
		if !ok {
			return nil, nil
		}
		return m.read(m.sys.Rels[i], ms.Of, poses), nil
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
func (m *model) inFrame(r *assembly.Ref, poses []geom.Pose) (geom.Pose, bool, error) {
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
		if n.Norm() < 1e-6 {
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

// mass adds up the components; it is unknown as soon as one of them is.
func (m *model) mass(poses []geom.Pose) (float64, geom.Vec, bool) {
	total, moment := 0.0, geom.Vec{}
	for i, c := range m.comps {
		kg, centre, ok := massOf(m.doc, c, m.subs)
		if !ok {
			return 0, geom.Vec{}, false
		}
		total += kg
		moment = moment.AddScaled(kg, poses[i].Point(centre))
	}
	if total <= 0 {
		return 0, geom.Vec{}, false
	}
	return total, moment.Scale(1 / total), true
}

// massOf is the mass and centroid of one component in its own frame.
func massOf(doc *assembly.Document, c *assembly.Component, subs map[string]*Result) (float64, geom.Vec, bool) {
	if c.Part != "" {
		p := doc.Parts[c.Part]
		kg, ok := p.MassKg()
		return kg, p.Volume.Centroid, ok && p.Volume.Known
	}
	total, moment := 0.0, geom.Vec{}
	for _, k := range doc.Assemblies[c.Assembly].Components {
		if k.Suppressed || c.GroundedOnly && !k.Grounded {
			continue
		}
		kg, centre, ok := massOf(doc, k, subs)
		if !ok {
			return 0, geom.Vec{}, false
		}
		total += kg
		moment = moment.AddScaled(kg, subs[c.Assembly].poseOf(k.Name).Point(centre))
	}
	if total <= 0 {
		return 0, geom.Vec{}, false
	}
	return total, moment.Scale(1 / total), true
}
