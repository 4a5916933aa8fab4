// Package view tells what is seen of shapes from a direction: edges and outlines, which of them are hidden and where from, and what a plane cuts.
//
// Visibility is exact for the triangles that stand for the shapes: each line is laid against the triangles in front of it, seen along the direction, and what
// they cover is cut out between the very places where it begins and ends (Appel, The notion of quantitative invisibility, 1967, with triangles for faces). So
// a line is off by no more than its shape's triangles are. Outlines of bent faces are where the surface turns away, between the triangles' corners by their
// normals, set out by the bulge of the chord.
//
// Cost: lines times the triangles near them, found by a grid.
package view

import (
	"math"

	"setfast/core/geom"
)

// Shape is what is seen of a part, in its own frame. It is made once and may be shared.
type Shape struct {
	Points    []geom.Vec
	Normals   []geom.Vec // of points, out of the material; each face has points of its own
	Triangles [][3]int32
	FaceEnds  []uint32 // where the triangles of each face end
	Edges     []Edge
	Off       float64 // mm: how far triangles of a bent face may be off it
	Closed    bool    // it has an inside: what looks away is never seen

	faceOf  []int32 // of triangles
	pointOf []int32 // the face of each point
}

// Edge is an edge by points on it, which are corners of triangles too.
type Edge struct {
	Points []geom.Vec
	Circle *Circle // it runs on
	Smooth bool    // the faces beside it go over into one another
}

// Circle is a circle in space.
type Circle struct {
	O, Z   geom.Vec
	Radius float64
}

// smooth is the cosine above which two faces go over into one another at an edge: some 4 degrees.
const smooth = 0.9975

// Make works out what is not given: which edges are smooth, and, of a shape that is triangles alone, which edges there are.
func (s *Shape) Make() *Shape {
	s.faceOf = make([]int32, len(s.Triangles))
	from := uint32(0)
	for f, end := range s.FaceEnds {
		for k := from; k < min(end, uint32(len(s.Triangles))); k++ {
			s.faceOf[k] = int32(f)
		}
		from = end
	}
	if len(s.Normals) != len(s.Points) {
		s.flat()
	}
	if len(s.Edges) == 0 {
		s.creases()
		return s
	}
	s.pointOf = make([]int32, len(s.Points))
	for i, t := range s.Triangles {
		for _, k := range t {
			s.pointOf[k] = s.faceOf[i]
		}
	}
	beside := map[geom.Vec][]int32{} // the points of faces at each place
	for i, p := range s.Points {
		beside[p] = append(beside[p], int32(i))
	}
	s.even(beside)
	for i := range s.Edges {
		e := &s.Edges[i]
		if len(e.Points) < 2 {
			continue
		}
		e.Smooth = s.goesOver(beside, e.Points[0], e.Points[1])
		if k := len(e.Points) / 2; e.Smooth && k > 1 {
			e.Smooth = s.goesOver(beside, e.Points[k-1], e.Points[k])
		}
	}
	return s
}

// even gives points of one face at one place, where it closes, one normal.
func (s *Shape) even(beside map[geom.Vec][]int32) {
	for _, list := range beside {
		for i, a := range list {
			sum := s.Normals[a]
			var alike []int32
			for _, b := range list[i+1:] {
				if s.pointOf[a] == s.pointOf[b] && s.Normals[a].Dot(s.Normals[b]) > creased {
					sum, alike = sum.Add(s.Normals[b]), append(alike, b)
				}
			}
			for _, b := range alike {
				s.Normals[b] = sum.Unit()
			}
			s.Normals[a] = sum.Unit()
		}
	}
}

// goesOver tells whether the two faces that share a piece of an edge have one normal along it.
func (s *Shape) goesOver(beside map[geom.Vec][]int32, p, q geom.Vec) bool {
	for _, a := range beside[p] {
		for _, b := range beside[p] {
			if f, g := s.pointOf[a], s.pointOf[b]; f < g && s.on(beside[q], f) && s.on(beside[q], g) {
				return s.Normals[a].Dot(s.Normals[b]) > smooth
			}
		}
	}
	return false
}

// on tells whether one of some points is of a face.
func (s *Shape) on(points []int32, face int32) bool {
	for _, k := range points {
		if s.pointOf[k] == face {
			return true
		}
	}
	return false
}

// flat gives points the normals of their triangles, each triangle its own points.
func (s *Shape) flat() {
	var points, normals []geom.Vec
	for i, t := range s.Triangles {
		p, q, r := s.Points[t[0]], s.Points[t[1]], s.Points[t[2]]
		n := q.Sub(p).Cross(r.Sub(p)).Unit()
		k := int32(len(points))
		points, normals = append(points, p, q, r), append(normals, n, n, n)
		s.Triangles[i] = [3]int32{k, k + 1, k + 2}
	}
	s.Points, s.Normals = points, normals
}

// creased is the cosine below which two triangles meet in an edge: some 20 degrees.
const creased = 0.94

// creases finds edges where triangles meet at an angle, or where there is but one.
func (s *Shape) creases() {
	type side struct{ p, q geom.Vec }
	first := map[side]int{}
	count := map[side]int{}
	bent := map[side]bool{}
	normal := func(i int) geom.Vec { return s.Normals[s.Triangles[i][0]] }
	var order []side
	for i, t := range s.Triangles {
		for k := range t {
			e := side{s.Points[t[k]], s.Points[t[(k+1)%3]]}
			if less(e.q, e.p) {
				e.p, e.q = e.q, e.p
			}
			if j, ok := first[e]; ok {
				bent[e] = bent[e] || normal(i).Dot(normal(j)) < creased
			} else {
				first[e] = i
				order = append(order, e)
			}
			count[e]++
		}
	}
	for _, e := range order {
		if bent[e] || count[e] == 1 {
			s.Edges = append(s.Edges, Edge{Points: []geom.Vec{e.p, e.q}})
		}
	}
}

func less(p, q geom.Vec) bool {
	switch {
	case p.X != q.X:
		return p.X < q.X
	case p.Y != q.Y:
		return p.Y < q.Y
	}
	return p.Z < q.Z
}

// Box is the least box about the shape's points.
func (s *Shape) Box() (low, high geom.Vec) {
	low, high = geom.V(math.Inf(1), math.Inf(1), math.Inf(1)), geom.V(math.Inf(-1), math.Inf(-1), math.Inf(-1))
	for _, p := range s.Points {
		low, high = low.Least(p), high.Most(p)
	}
	return low, high
}
