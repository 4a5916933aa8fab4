package measure

import (
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/model"
)

// mass adds up the components; it is unknown as soon as one of them is.
func (m taken) mass(poses []geom.Pose) (float64, geom.Vec, bool) {
	var all weights
	seen := map[massKey]weights{}
	for i, c := range m.Comps {
		w := massOf(m.Model, c, seen)
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
func massOf(m *model.Model, c *assembly.Component, seen map[massKey]weights) weights {
	if c.Part != "" {
		p := m.Doc.Parts[c.Part]
		kg, ok := p.MassKg()
		return weights{kg, p.Volume.Centroid.Scale(kg), !ok || !p.Volume.Known}
	}
	key := massKey{c.Assembly, c.GroundedOnly}
	if w, ok := seen[key]; ok {
		return w
	}
	var all weights
	flat, err := m.Doc.Flat(c.Assembly)
	if err != nil { // it was judged before
		return weights{unknown: true}
	}
	for _, k := range flat.Components {
		if k.Suppressed || c.GroundedOnly && !k.Grounded {
			continue
		}
		w := massOf(m, k, seen)
		if w.unknown {
			all.unknown = true
			break
		}
		all.add(w, m.Inner(c.Assembly, k.Name))
	}
	all.unknown = all.unknown || all.kg <= 0
	seen[key] = all
	return all
}
