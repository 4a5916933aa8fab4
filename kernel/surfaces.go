package kernel

import (
	"encoding/binary"
	"fmt"
	"maps"
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/part"
)

// Surfaces are the part's features with where they end: faces with their triangles, round faces of one hole or shank as one, edges that
// are circles. Corners and straight edges are left out: nothing rests on them.
func (d *Derived) Surfaces() []part.Surface {
	if d.Faces == 0 && len(d.Features) > 0 { // a sketch: where its features end is not known
		return nil
	}
	var out []part.Surface
	at := map[string]int{}
	m := &d.mesh
	var ends edgeEnds
	for _, x := range d.Features {
		first := x.Name
		if x.Same != "" {
			first = x.Same
		}
		s := part.Surface{Name: x.Name, Feature: x.feature()}
		switch {
		case x.Seam, x.Vertex >= 0:
			continue
		case x.Face >= 0:
			s.Triangles = m.face(x.Face)
			s.Spread(s.Triangles)
			if x.Kind == part.Plane {
				s.Border = m.border(s.Triangles, &ends)
			}
		case x.Kind == part.Circle:
			s.Spread(m.edge(x.Edge))
		default:
			continue
		}
		k, known := at[first]
		if !known {
			at[x.Name] = len(out)
			out = append(out, s)
			continue
		}
		have := &out[k]
		have.Triangles = append(have.Triangles, s.Triangles...)
		from, to := have.From, have.To
		if s.IsAxis() {
			shift := s.O.Sub(have.O).Dot(have.Z)
			ends := [2]float64{shift + s.From, shift + s.To}
			if s.Z.Dot(have.Z) < 0 {
				ends = [2]float64{shift - s.To, shift - s.From}
			}
			from, to = math.Min(from, ends[0]), math.Max(to, ends[1])
		}
		have.From, have.To = from, to
		have.Low, have.High = have.Low.Least(s.Low), have.High.Most(s.High)
	}
	return out
}

// feature is the derived feature as an assembly sees it.
func (x *DerivedFeature) feature() part.Feature {
	f := part.Feature{Kind: x.Kind, O: geom.FromArray(x.O), Radius: x.Radius, HalfAngle: x.Half, Side: x.Side}
	if x.Z != nil {
		f.Z = geom.FromArray(*x.Z)
	}
	if x.X != nil {
		f.X = geom.FromArray(*x.X)
	}
	return f
}

func (m *Mesh) point(k uint32) geom.Vec {
	return geom.V(float64(m.Positions[3*k]), float64(m.Positions[3*k+1]), float64(m.Positions[3*k+2]))
}

// face gives the triangles of a face, three corners each.
func (m *Mesh) face(i int) []geom.Vec {
	if i < 0 || i >= len(m.FaceEnds) {
		return nil
	}
	from := uint32(0)
	if i > 0 {
		from = m.FaceEnds[i-1]
	}
	to := min(m.FaceEnds[i], uint32(len(m.Indices)))
	out := make([]geom.Vec, 0, max(from, to)-from)
	for _, k := range m.Indices[min(from, to):to] {
		if 3*int(k)+2 >= len(m.Positions) {
			return nil
		}
		out = append(out, m.point(k))
	}
	return out
}

// edge gives the points of an edge as it is drawn.
func (m *Mesh) edge(i int) []geom.Vec {
	if i < 0 || i >= len(m.LineEnds) {
		return nil
	}
	from := uint32(0)
	if i > 0 {
		from = m.LineEnds[i-1]
	}
	var out []geom.Vec
	for k := from; k < m.LineEnds[i] && 3*int(k)+2 < len(m.Lines); k++ {
		out = append(out, geom.V(float64(m.Lines[3*k]), float64(m.Lines[3*k+1]), float64(m.Lines[3*k+2])))
	}
	return out
}

// corner is a place, to 1e-4 mm: where edges meet faces, points of both are there.
type corner [3]int64

func cornerAt(p geom.Vec) corner {
	return corner{int64(math.Round(p.X * 1e4)), int64(math.Round(p.Y * 1e4)), int64(math.Round(p.Z * 1e4))}
}

// edgeEnds finds edges by their first chord, either way.
type edgeEnds map[[2]corner][]int

// border gives the edges of a face: those that run along the border of its triangles.
func (m *Mesh) border(triangles []geom.Vec, ends *edgeEnds) (list [][]geom.Vec) {
	if *ends == nil {
		*ends = edgeEnds{}
		for i := range m.LineEnds {
			if e := m.edge(i); len(e) > 1 {
				a, b := cornerAt(e[0]), cornerAt(e[1])
				(*ends)[[2]corner{a, b}] = append((*ends)[[2]corner{a, b}], i)
				(*ends)[[2]corner{b, a}] = append((*ends)[[2]corner{b, a}], i)
			}
		}
	}
	lone := map[[2]corner]bool{}
	for i := 0; i+2 < len(triangles); i += 3 {
		for k := range 3 {
			a, b := cornerAt(triangles[i+k]), cornerAt(triangles[i+(k+1)%3])
			if lone[[2]corner{b, a}] {
				delete(lone, [2]corner{b, a})
			} else {
				lone[[2]corner{a, b}] = true
			}
		}
	}
	got := map[int]bool{}
	for chord := range lone {
		for _, i := range (*ends)[chord] {
			got[i] = true
		}
	}
	for _, i := range slices.Sorted(maps.Keys(got)) {
		list = append(list, m.edge(i))
	}
	return list
}

// DecodeMesh reads the mesh that follows the head, so that Surfaces can be told.
func (d *Derived) DecodeMesh(data []byte) error {
	cutShort := fmt.Errorf("derived data is cut short")
	if len(data) < 4 {
		return cutShort
	}
	at := 4 + int(binary.LittleEndian.Uint32(data))
	var err error
	floats := func(n int) []float32 {
		at += 4 * n
		return floatsAt(data, at-4*n, n, &err)
	}
	ints := func(n int) []uint32 {
		at += 4 * n
		return intsAt(data, at-4*n, n, &err)
	}
	c := d.Counts
	m := Mesh{Positions: floats(c.Positions), Normals: floats(c.Normals), Lines: floats(c.Lines), Indices: ints(c.Indices), FaceEnds: ints(c.FaceEnds), LineEnds: ints(c.LineEnds)}
	if err != nil {
		return cutShort
	}
	d.mesh = m
	return nil
}
