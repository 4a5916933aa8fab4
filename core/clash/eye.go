package clash

import "setfast/core/geom"

// Sight is how two solids stand to one another, by fine triangles.
type Sight struct {
	Crosses  bool    // by more than a length
	Distance float64 // none where they touch; at least clearance where they are farther apart than that
	At       geom.Vec
	Faces    [2]int32
	Tris     [2]int32 // that are nearest, by their numbers in the trees
}

// Eye looks at pairs of solids by their triangles. It belongs to one goroutine.
type Eye struct{ p pairing }

// See looks at two solids, the second standing at a pose in the frame of the first: what overlaps by more than mm crosses, what is nearer than
// clearance is measured. hint is where they were nearest when they were looked at before, or nil.
func (e *Eye) See(a, b *Solid, to geom.Pose, mm, clearance float64, hint *[2]int32) Sight {
	e.p.fine, e.p.hint = true, hint
	m := e.p.look(a, b, to, mm, clearance)
	e.p.hint = nil
	s := Sight{m.crosses || m.doubtful, min(m.distance, clearance), m.at, m.faces, m.tris}
	if s.Crosses {
		s.Distance = 0
	}
	return s
}

// Deep is how deep two solids are in one another by their triangles, roughly: some hundredths of it may be missed.
func Deep(a, b *Solid, to geom.Pose) float64 {
	_, common, ok := commonOf(a, b, to, raySide/4)
	if !ok {
		return 0
	}
	common.side, common.moved, common.halvings = gridSide/2, 2, 5
	return deepest(common, a.fine(), b.fine(), to).mm
}

// Passes tells whether two solids go through one another by more than mm, the second standing at a pose in the frame of the first: whether they
// surely do, and whether only their exact shapes can tell.
func (e *Eye) Passes(a, b *Solid, to geom.Pose, mm float64) (surely, doubtful bool) {
	e.p.fine, e.p.hint, e.p.surely = false, nil, true
	m := e.p.look(a, b, to, mm, 0)
	e.p.surely = false
	return m.sure, m.crosses || m.doubtful
}
