// Package mirror is about left and right: whether a shape is its own mirror image, and which motion proves it.
//
// A shape is the same as its mirror image if some isometry that turns hands round (a reflection, or one with a turn or a shift) carries it onto
// itself. Such an isometry keeps the centroid and the moments of inertia. Where the three principal moments differ only four are left, along the
// principal axes; else corners and centres that few others are like are taken onto those that are as far from the centroid and from one another. Each candidate
// is tried on all of the shape: corners and centres, faces by their exact surfaces, and all points of its triangles against its triangles. The cost
// is that of a few candidates for most shapes, times points.
package mirror

import (
	"cmp"
	"math"
	"slices"

	"setfast/core/carry"
	"setfast/core/clash"
	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// Mark is a point of a shape that is known exactly: a corner, the centre of a circle or of a ball.
type Mark struct {
	At     geom.Vec
	Kind   part.Kind
	Radius float64
}

// Shape is what is looked at. Triangles may be missing: then marks and faces decide.
type Shape struct {
	Marks    []Mark
	Faces    []part.Feature // of the simple kinds
	Mesh     *clash.Mesh
	Points   []geom.Vec // of the mesh
	Off      float64    // mm: how far its triangles may be off the surface
	Centroid geom.Vec
	Inertia  [3][3]float64 // about the centroid, in any unit; nothing where it is not known
	Features bool          // no more than features is known
}

// Image proves that a shape is its own mirror image.
type Image struct {
	Plane geom.Vec  `json:"plane"` // the normal of a plane through the origin
	Turn  geom.Pose `json:"turn"`  // carries the shape mirrored there onto the shape
}

// point carries a point of the shape onto the shape, hands turned round.
func (i Image) point(v geom.Vec) geom.Vec { return i.Turn.Point(Plane{N: i.Plane}.point(v)) }

func (i Image) dir(v geom.Vec) geom.Vec { return i.Turn.Dir(Plane{N: i.Plane}.dir(v)) }

// back is where what comes to lie somewhere came from.
func (i Image) back(f part.Feature) part.Feature {
	from := i.Turn.Inverse()
	p := Plane{N: i.Plane}
	return carry.Motion{
		Point: func(v geom.Vec) geom.Vec { return p.point(from.Point(v)) },
		Dir:   func(v geom.Vec) geom.Vec { return p.dir(from.Dir(v)) },
		Flips: true,
	}.Feature(f)
}

// isometry turns hands round about the centroid: its matrix by rows.
type isometry struct {
	r [3]geom.Vec
	c geom.Vec
}

func (m *isometry) dir(v geom.Vec) geom.Vec {
	return geom.V(m.r[0].Dot(v), m.r[1].Dot(v), m.r[2].Dot(v))
}
func (m *isometry) point(p geom.Vec) geom.Vec { return m.c.Add(m.dir(p.Sub(m.c))) }

// reflection is that across a plane through the centroid.
func reflection(n, c geom.Vec) isometry {
	m := isometry{c: c}
	for i, e := range axes {
		m.r[i] = e.Sub(n.Scale(2 * e.Dot(n)))
	}
	return m
}

var axes = [3]geom.Vec{geom.V(1, 0, 0), geom.V(0, 1, 0), geom.V(0, 0, 1)}

// normal is that of the plane, where the isometry is a plain reflection.
func (m *isometry) normal() (geom.Vec, bool) {
	if math.Abs(m.r[0].X+m.r[1].Y+m.r[2].Z-1) > tol.HandTurn {
		return geom.Vec{}, false
	}
	best := geom.Vec{}
	for i, e := range axes { // half of e less its image points along the normal
		if d := e.Sub(geom.V(m.r[0].Array()[i], m.r[1].Array()[i], m.r[2].Array()[i])); d.Norm() > best.Norm() {
			best = d
		}
	}
	return best.Unit(), true
}

// Hand tells whether a shape is its own mirror image; a plain reflection is preferred, whose plane lies next to the origin.
func (s *Shape) Hand() (Image, bool) {
	all := s.candidates()
	rank := func(m isometry) float64 { // plain reflections first, those through the origin before others
		n, ok := m.normal()
		if !ok {
			return math.Inf(1)
		}
		return math.Abs(n.Dot(s.Centroid))
	}
	slices.SortStableFunc(all, func(a, b isometry) int { return cmp.Compare(rank(a), rank(b)) })
	t := s.trial()
	for i := range all {
		if t.holds(&all[i]) {
			return all[i].image(), true
		}
	}
	return Image{}, false
}

// image splits the isometry into a reflection across a plane through the origin and a motion.
func (m *isometry) image() Image {
	n, ok := m.normal()
	if !ok {
		n = axes[0]
	}
	// the motion is the isometry after the reflection, which is its own inverse
	first := reflection(n, geom.Vec{})
	column := func(i int) geom.Vec { return m.dir(first.dir(axes[i])) }
	x, y, z := column(0), column(1), column(2)
	return Image{Plane: carry.Tidy(n), Turn: geom.Pose{O: carry.Tidy(m.point(geom.Vec{})), Q: geom.FromAxes(x, y, z)}}
}

// candidates are the isometries that may carry the shape onto itself.
func (s *Shape) candidates() (out []isometry) {
	e, moments, known := s.principal()
	gap := func(i, j int) bool { return math.Abs(moments[i]-moments[j]) > tol.SameMoment*moments[0] }
	if known && gap(0, 1) && gap(1, 2) {
		for _, sign := range [4][3]float64{{-1, 1, 1}, {1, -1, 1}, {1, 1, -1}, {-1, -1, -1}} {
			m := isometry{c: s.Centroid}
			for k := range 3 {
				for i, x := range axes {
					m.r[i] = m.r[i].AddScaled(sign[k]*x.Dot(e[k]), e[k])
				}
			}
			out = append(out, m)
		}
		return out
	}
	out = s.byMarks()
	if s.Features { // few marks may not tell: the planes of the part's own frame are tried too
		for _, e := range axes {
			out = append(out, reflection(e, s.Centroid))
		}
	}
	return out
}

// principal are the axes and moments of inertia, the greatest first.
func (s *Shape) principal() (e [3]geom.Vec, moments [3]float64, known bool) {
	m := dense.New(3, 3)
	for i := range 3 {
		for j := range 3 {
			m.Set(i, j, s.Inertia[i][j])
		}
	}
	u, values, _ := dense.SVD(m)
	if len(values) < 3 || !(values[0] > 0) {
		return e, moments, false
	}
	for k := range 3 {
		e[k], moments[k] = geom.V(u.At(0, k), u.At(1, k), u.At(2, k)), values[k]
	}
	return e, moments, true
}

// byMarks takes two marks that few are like onto others that are as far from the centroid and from one another.
func (s *Shape) byMarks() (out []isometry) {
	type group struct {
		like Mark
		far  float64
		list []geom.Vec
	}
	var groups []group
	for _, m := range s.Marks {
		d := m.At.Sub(s.Centroid)
		far := d.Norm()
		if far < tol.HandMM {
			continue
		}
		k := slices.IndexFunc(groups, func(g group) bool {
			return g.like.Kind == m.Kind && math.Abs(g.like.Radius-m.Radius) < tol.HandMM && math.Abs(g.far-far) < tol.HandMM
		})
		if k < 0 {
			k = len(groups)
			groups = append(groups, group{like: m, far: far})
		}
		groups[k].list = append(groups[k].list, d)
	}
	slices.SortStableFunc(groups, func(a, b group) int { return cmp.Compare(len(a.list), len(b.list)) })
	if len(groups) == 0 {
		return s.round(s.axis())
	}
	p := groups[0].list[0]
	for _, g := range groups {
		for _, q := range g.list {
			if p.Cross(q).Norm() < tol.HandMM*p.Norm() {
				continue
			}
			for _, p2 := range groups[0].list {
				for _, q2 := range g.list {
					if math.Abs(p2.Sub(q2).Norm()-p.Sub(q).Norm()) > tol.HandMM {
						continue
					}
					if m, ok := between(p, q, p2, q2); ok {
						m.c = s.Centroid
						out = append(out, m)
					}
					if len(out) >= mostTried {
						return out
					}
				}
			}
			return out
		}
	}
	return s.round(p.Unit())
}

// mostTried bounds the candidates: beyond it a shape counts as having no mirror image of its own.
const mostTried = 20_000

// between takes two directions onto two others and turns hands round.
func between(p, q, p2, q2 geom.Vec) (isometry, bool) {
	frame := func(a, b geom.Vec) (x, y, z geom.Vec, ok bool) {
		x = a.Unit()
		y = b.Reject(x)
		if y.Norm() < tol.HandMM {
			return x, y, z, false
		}
		y = y.Unit()
		return x, y, x.Cross(y), true
	}
	x, y, z, ok := frame(p, q)
	x2, y2, z2, ok2 := frame(p2, q2)
	if !ok || !ok2 {
		return isometry{}, false
	}
	var m isometry
	for i := range 3 {
		m.r[i] = x.Scale(x2.Array()[i]).AddScaled(y2.Array()[i], y).AddScaled(-z2.Array()[i], z)
	}
	return m, true
}

// round are the reflections of a shape that has nothing beside an axis: across planes through it, and square to it.
func (s *Shape) round(d geom.Vec) []isometry {
	side := d.Cross(geom.V(0, 0, 1))
	if side.Norm() < 0.5 {
		side = d.Cross(geom.V(1, 0, 0))
	}
	return []isometry{reflection(side.Unit(), s.Centroid), reflection(d, s.Centroid)}
}

// axis is that of the first round face, or any.
func (s *Shape) axis() geom.Vec {
	for _, f := range s.Faces {
		if f.Kind != part.Sphere && f.Z != (geom.Vec{}) {
			return f.Z
		}
	}
	return axes[2]
}

// trial is a shape made ready for trying candidates.
type trial struct {
	s     *Shape
	cells map[[3]int64][]int
}

// cell is how wide a cell of the grid of marks is, in parts of what counts as the same place.
const cell = 4 * tol.HandMM

func (s *Shape) trial() *trial {
	t := &trial{s: s, cells: map[[3]int64][]int{}}
	for i, m := range s.Marks {
		k := cellOf(m.At)
		t.cells[k] = append(t.cells[k], i)
	}
	return t
}

func cellOf(p geom.Vec) [3]int64 {
	return [3]int64{int64(math.Floor(p.X / cell)), int64(math.Floor(p.Y / cell)), int64(math.Floor(p.Z / cell))}
}

func (t *trial) holds(m *isometry) bool {
	s := t.s
	for _, k := range s.Marks {
		if !t.marked(m.point(k.At), &k) {
			return false
		}
	}
	for i := range s.Faces {
		if !slices.ContainsFunc(s.Faces, func(g part.Feature) bool { return alike(&s.Faces[i], &g, m) }) {
			return false
		}
	}
	if s.Mesh == nil {
		return true
	}
	for _, p := range s.Points {
		if d, _ := s.Mesh.Nearest(m.point(p)); d > 2*s.Off+tol.HandMM {
			return false
		}
	}
	return true
}

// marked tells whether there is such a mark at a place.
func (t *trial) marked(p geom.Vec, like *Mark) bool {
	c := cellOf(p)
	for dx := int64(-1); dx <= 1; dx++ {
		for dy := int64(-1); dy <= 1; dy++ {
			for dz := int64(-1); dz <= 1; dz++ {
				for _, i := range t.cells[[3]int64{c[0] + dx, c[1] + dy, c[2] + dz}] {
					k := &t.s.Marks[i]
					if k.Kind == like.Kind && math.Abs(k.Radius-like.Radius) < tol.HandMM && k.At.Sub(p).Norm() < tol.HandMM {
						return true
					}
				}
			}
		}
	}
	return false
}

// alike tells whether a face carried over lies on the surface of another: a flat one looks the same way, of a round one either way will do.
func alike(f, g *part.Feature, m *isometry) bool {
	moved := *f
	moved.O, moved.Z = m.point(f.O), m.dir(f.Z)
	same, turned := part.SamePlace(moved, *g)
	return same && !(turned && f.Kind == part.Plane)
}
