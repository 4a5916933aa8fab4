package relation

import (
	"setfast/core/geom"
	"setfast/core/part"
)

// symmetric: b is a's image in the plane about.
var symmetric = register(Type{
	Name:       "symmetric",
	Takes:      "two points or two planes, about a plane",
	Fields:     []Field{{Name: "about", Kind: Third, Need: true}, fieldSense},
	NeedsAbout: true,
	Stem:       "symmetric",
	Say:        Saying{"Put", "as the mirror image of", "mirrors"},
	Leaves:     [2]int{2, 1},
	Also:       []string{"mirror", "symmetry"},
	Doc:        Doc{"two points or two planes, with `about` a plane", "", "3"},
	state: func(s *Said, l *Law) bool {
		faces := isPlane(s.A) && isPlane(s.B)
		if !isPlane(*s.About) || !faces && (!s.A.IsPoint() || !s.B.IsPoint()) {
			return false
		}
		l.rows = func(l *Law, o *Rows, a, b, c *View) {
			m := mirrored(a, c)
			if faces {
				o.align(&m, b, l.Sense)
				o.along(&m, b, m.Z, 0)
				return
			}
			pointOnPoint(o, &m, b, geom.Vec{})
		}
		return true
	},
	turns: planes,
	offerAbout: func(put, on part.Feature) (string, string, int) {
		switch {
		case both(put, on, isPlane):
			return "mirrored", "the face or plane between them", 48
		case both(put, on, part.Feature.IsPoint):
			return "mirrored", "the face or plane between them", 95
		}
		return "", "", 0
	},
})

// mirrored is a view's image in a plane, which may move itself.
func mirrored(v, plane *View) View {
	m := *v
	m.across = plane
	n := plane.Z
	flip := func(d geom.Vec) geom.Vec { return d.AddScaled(-2*d.Dot(n), n) }
	m.O = v.O.AddScaled(-2*v.O.Sub(plane.O).Dot(n), n)
	m.X, m.Y, m.Z = flip(v.X), flip(v.Y), flip(v.Z)
	return m
}
