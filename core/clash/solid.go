package clash

import (
	"context"
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/part"
)

// Solid is a part as it is looked at: its triangles, and what is known of its faces exactly. It is made once and may be shared.
type Solid struct {
	Key    string // of its content: pairs of the same keys at the same placement are looked at once
	Mesh   *Mesh
	Faces  []Face
	Closed bool    // it has an inside
	Off    float64 // mm: how far the triangles of a bent face may be off it
	Volume float64 // mm³

	of     []int32 // the face of each triangle, in the order of the tree
	starts []int32 // where the triangles of each face begin in byFace
	byFace []int32
	ends   []int32    // where the corners of each face end in on
	on     []geom.Vec // corners of faces, each once for a face
}

// Face is a face of a solid. A round one begins and ends along its axis, seen from its origin.
type Face struct {
	Name string
	part.Feature
	From, To float64
	whole    bool // a cylinder all the way round
	curved   bool // a plane whose border may be bent, by how many triangles it has
}

// NewSolid makes a solid of triangles in the order of its faces, each of which ends where ends says. Features of faces that are not known
// have no kind.
func NewSolid(points []geom.Vec, triangles [][3]int32, ends []uint32, faces []Face) *Solid {
	s := &Solid{Mesh: NewMesh(points, triangles), Faces: faces}
	face := make([]int32, len(triangles))
	from := uint32(0)
	for f, end := range ends {
		for k := from; k < min(end, uint32(len(triangles))); k++ {
			face[k] = int32(f)
		}
		from = end
	}
	s.of = make([]int32, len(triangles))
	count := make([]int32, len(faces)+1)
	for i, k := range s.Mesh.was {
		s.of[i] = face[k]
		count[face[k]+1]++
	}
	for f := range faces {
		count[f+1] += count[f]
	}
	for i := len(s.Mesh.nodes) - 1; i >= 0; i-- { // what is below a node comes after it
		n := &s.Mesh.nodes[i]
		if n.left != 0 {
			if n.face = s.Mesh.nodes[n.left].face; n.face != s.Mesh.nodes[n.left+1].face {
				n.face = -1
			}
			continue
		}
		n.face = s.of[n.from]
		for _, f := range s.of[n.from:n.to] {
			if f != n.face {
				n.face = -1
			}
		}
	}
	s.starts = append([]int32(nil), count...)
	s.byFace = make([]int32, len(triangles))
	for i, f := range s.of {
		s.byFace[count[f]] = int32(i)
		count[f]++
	}
	s.gather()
	for f := range faces {
		s.Faces[f].curved = s.Faces[f].Kind == part.Plane && s.starts[f+1]-s.starts[f] > plain
	}
	for f := range faces {
		if x := &s.Faces[f]; x.IsAxis() || x.Kind == part.Cone {
			x.From, x.To = math.Inf(1), math.Inf(-1)
			s.corners(int32(f), func(p geom.Vec) {
				along := p.Sub(x.O).Dot(x.Z)
				x.From, x.To = min(x.From, along), max(x.To, along)
			})
			x.whole = x.Kind == part.Cylinder && s.goesRound(int32(f))
		}
	}
	return s
}

// goesRound tells whether a cylinder's corners leave no sixth of a turn out.
func (s *Solid) goesRound(face int32) bool {
	x := &s.Faces[face]
	fr := x.AsFrame()
	var seen [sixths]bool
	s.corners(face, func(p geom.Vec) {
		d := p.Sub(x.O)
		k := int((math.Atan2(d.Dot(fr.Y), d.Dot(fr.X))/(2*math.Pi) + 0.5) * sixths)
		seen[min(max(k, 0), sixths-1)] = true
	})
	for _, ok := range seen {
		if !ok {
			return false
		}
	}
	return true
}

// plain is how many triangles a flat face with a straight border has at most; more are told from no bent one.
const plain = 6

// sixths of a turn.
const sixths = 6

// gather lists the corners of each face's triangles, which lie on it, once.
func (s *Solid) gather() {
	last := make([]int32, len(s.Mesh.points)) // the face that had each corner last, counted from 1
	s.ends = make([]int32, len(s.Faces)+1)
	for f := range s.Faces {
		for _, i := range s.byFace[s.starts[f]:s.starts[f+1]] {
			for _, k := range s.Mesh.triangles[i] {
				if last[k] != int32(f)+1 {
					last[k] = int32(f) + 1
					s.on = append(s.on, s.Mesh.points[k])
				}
			}
		}
		s.ends[f+1] = int32(len(s.on))
	}
}

// corners goes over the corners of a face's triangles, which lie on it.
func (s *Solid) corners(face int32, each func(p geom.Vec)) {
	for _, p := range s.on[s.ends[face]:s.ends[face+1]] {
		each(p)
	}
}

// bent is how far the triangles of a face may be off it.
func (s *Solid) bent(face int32) float64 {
	if s.drawn(face) {
		return 0
	}
	return s.Off
}

// fine is the solid by its own triangles.
func (s *Solid) fine() *Fine {
	f := &Fine{Mesh: s.Mesh, Face: make([]int32, len(s.of))}
	for i, k := range s.Mesh.was {
		f.Face[k] = s.of[i]
	}
	return f
}

// drawn tells whether a face's triangles are its surface: of a plane, and of a shape that is triangles alone.
func (s *Solid) drawn(face int32) bool {
	return s.Faces[face].Kind == part.Plane || s.Off == 0
}

// Finer is the solid by other triangles, which are off by less.
func (s *Solid) Finer(points []geom.Vec, triangles [][3]int32, ends []uint32, off float64) *Solid {
	out := NewSolid(points, triangles, ends, slices.Clone(s.Faces))
	out.Key, out.Closed, out.Volume, out.Off = s.Key, s.Closed, s.Volume, off
	return out
}

// Finer asks for solids by finer triangles.
type Finer func(ctx context.Context, list []*Solid) ([]*Solid, error)

// Reach is a ball about all of the solid: its middle and radius.
func (s *Solid) Reach() (geom.Vec, float64) {
	if s.Mesh.Empty() {
		return geom.Vec{}, 0
	}
	n := &s.Mesh.nodes[0]
	r := 0.0
	for _, p := range s.Mesh.points {
		r = max(r, p.Sub(n.mid).Norm())
	}
	return n.mid, r
}

// Box is the least box about the solid.
func (s *Solid) Box() (low, high geom.Vec) {
	n := &s.Mesh.nodes[0]
	return n.mid.Sub(n.half), n.mid.Add(n.half)
}
