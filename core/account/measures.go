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
	var all weights
	seen := map[massKey]weights{}
	for i, c := range m.comps {
		w := massOf(m.doc, c, m.subs, seen)
		if w.unknown {
			return 0, geom.Vec{}, false
		}
		all.add(w, poses[i])
	}
	return all.kg, all.centre(), all.kg > 0
}

// weights is a mass with its moment about the origin of its frame.
type weights struct {
	kg      float64
	moment  geom.Vec
	unknown bool
}

func (w *weights) add(o weights, at geom.Pose) {
	w.kg += o.kg
	w.moment = w.moment.AddScaled(o.kg, at.Point(o.centre()))
}

func (w *weights) centre() geom.Vec {
	if w.kg == 0 {
		return geom.Vec{}
	}
	return w.moment.Scale(1 / w.kg)
}

// massKey names an assembly, or of a flexible use of it what is grounded.
type massKey struct {
	assembly     string
	groundedOnly bool
}

// massOf is the mass of one component in its own frame. An assembly is weighed once, however often it is used.
func massOf(doc *assembly.Document, c *assembly.Component, subs map[string]*Result, seen map[massKey]weights) weights {
	if c.Part != "" {
		p := doc.Parts[c.Part]
		kg, ok := p.MassKg()
		return weights{kg, p.Volume.Centroid.Scale(kg), !ok || !p.Volume.Known}
	}
	key := massKey{c.Assembly, c.GroundedOnly}
	if w, ok := seen[key]; ok {
		return w
	}
	var all weights
	for _, k := range doc.Assemblies[c.Assembly].Components {
		if k.Suppressed || c.GroundedOnly && !k.Grounded {
			continue
		}
		w := massOf(doc, k, subs, seen)
		if w.unknown {
			all.unknown = true
			break
		}
		all.add(w, subs[c.Assembly].poseOf(k.Name))
	}
	all.unknown = all.unknown || all.kg <= 0
	seen[key] = all
	return all
}
