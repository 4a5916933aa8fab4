package sweep

import (
	"math"

	"setfast/core/clash"
	"setfast/core/geom"
)

// A pair need not be looked at in a step that is shorter than the parts are apart. Two that touch, or all but touch, do so mostly where a shank
// turns in its bore or a face slides along itself: such surfaces stay where they are, and what lies on one side of one stays there. So it is
// enough to know how far the parts are from meeting elsewhere.

// reserves are how many steps as long as this one a look beside surfaces that stay should last.
const reserves = 8

// spared tells whether a pair need not be looked at while the second part goes on, seen from the first, to where it stands now.
func (s *scene) spared(t *tracked, is geom.Pose) bool {
	p := t.pair
	a, b := s.parts[p.a].Solid, s.parts[p.b].Solid
	way := s.way(p, t.stood, is)
	t.spare -= way
	least := near(s, p)
	kept := t.kept == nil || t.kept.Still(a, b, t.since, is)
	if kept && t.spare > least {
		return true
	}
	if t.wait > 0 {
		t.wait--
		return false
	}
	if !kept || t.kept == nil {
		if t.last.level == 0 && t.last.distance > least {
			return false // it is looked at as a whole
		}
		k, any := clash.Keeps(a, b, t.stood, is)
		if f := t.last.faces; !any || f[0] >= 0 && !k.Aside(a, b, f, is, s.o.MM) { // where they are nearest they do not slide so
			t.kept, t.spare = nil, 0
			return false
		}
		t.kept, t.since, t.nearest = &k, t.stood, nil
	}
	reach := least + reserves*way
	got := s.eye.Free(a, b, is, t.kept, s.o.MM, least+way, reach, t.nearest)
	if t.spare = got.Distance; got.Crosses {
		t.spare = 0
	} else if got.Distance < reach {
		t.nearest = &got.Tris
	}
	if t.spare <= way+least {
		t.kept, t.spare, t.wait = nil, 0, reserves
		return false
	}
	return true
}

// spares is what a look at a pair as a whole leaves to spare.
func (s *scene) spares(t *tracked) {
	t.kept, t.spare = nil, 0
	if t.last.level == 0 {
		t.spare = math.Max(0, t.last.distance)
	}
}
