package kernel

import (
	"math"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/view"
)

// Drawn is the part as drawings show it; DecodeMesh comes before, where the part was kept. Parts without a shape give none.
func (d *Derived) Drawn() *view.Shape {
	if d.Counts.Indices == 0 {
		return nil
	}
	m := &d.mesh
	s := &view.Shape{Closed: d.Solids > 0, FaceEnds: inTriangles(m.FaceEnds), Off: part.Chord * geom.FromArray(d.High).Sub(geom.FromArray(d.Low)).Norm()}
	for k := range len(m.Positions) / 3 {
		s.Points = append(s.Points, m.point(uint32(k)))
	}
	for k := 0; k+2 < len(m.Normals); k += 3 {
		s.Normals = append(s.Normals, geom.V(float64(m.Normals[k]), float64(m.Normals[k+1]), float64(m.Normals[k+2])))
	}
	for k := 0; k+2 < len(m.Indices); k += 3 {
		t := [3]int32{int32(m.Indices[k]), int32(m.Indices[k+1]), int32(m.Indices[k+2])}
		if max(t[0], t[1], t[2]) < int32(len(s.Points)) {
			s.Triangles = append(s.Triangles, t)
		}
	}
	seam := map[int]bool{}
	circles := map[int]*view.Circle{}
	for i := range d.Features {
		x := &d.Features[i]
		if x.Edge < 0 {
			continue
		}
		seam[x.Edge] = seam[x.Edge] || x.Seam
		if x.Kind == part.Circle && x.Z != nil {
			circles[x.Edge] = &view.Circle{O: geom.FromArray(x.O), Z: geom.FromArray(*x.Z), Radius: x.Radius}
		}
	}
	for i := range m.LineEnds {
		if p := m.edge(i); len(p) > 1 && !seam[i] {
			s.Edges = append(s.Edges, view.Edge{Points: p, Circle: circles[i]})
		}
	}
	d.normals(s)
	return s.Make()
}

// normals puts those of the surfaces themselves in the place of those that triangles have, where surfaces are known.
func (d *Derived) normals(s *view.Shape) {
	if len(s.Normals) != len(s.Points) {
		return
	}
	known := map[int]part.Feature{}
	for i := range d.Features {
		if x := &d.Features[i]; x.Face >= 0 {
			known[x.Face] = x.feature()
		}
	}
	from := uint32(0)
	for face, end := range s.FaceEnds {
		f, ok := known[face]
		for ; from < end && int(from) < len(s.Triangles); from++ {
			for _, k := range s.Triangles[from] {
				if !ok {
					continue
				}
				n := surfaceNormal(&f, s.Points[k])
				if n.Dot(s.Normals[k]) < 0 {
					n = n.Neg()
				}
				if n.Norm() > 0 {
					s.Normals[k] = n
				}
			}
		}
	}
}

// surfaceNormal is the normal of a simple surface at a place on it, on one of its sides; nothing of others.
func surfaceNormal(f *part.Feature, p geom.Vec) geom.Vec {
	out := p.Sub(f.O)
	switch f.Kind {
	case part.Plane:
		return f.Z
	case part.Sphere:
		return out.Unit()
	case part.Cylinder:
		return out.Reject(f.Z).Unit()
	case part.Cone:
		sin, cos := math.Sincos(f.HalfAngle * math.Pi / 180)
		u := out.Reject(f.Z).Unit()
		if u.Norm() == 0 {
			return geom.Vec{}
		}
		along := out.Dot(f.Z) // from the apex, the surface opens to the side where it is wider
		if along < 0 {
			sin = -sin
		}
		return u.Scale(cos).AddScaled(-sin, f.Z)
	}
	return geom.Vec{}
}

// DrawnOf is what a file of triangles shows.
func DrawnOf(tris [][3]geom.Vec) *view.Shape {
	s := &view.Shape{Closed: true}
	for _, t := range tris {
		k := int32(len(s.Points))
		s.Points = append(s.Points, t[:]...)
		s.Triangles = append(s.Triangles, [3]int32{k, k + 1, k + 2})
	}
	s.FaceEnds = []uint32{uint32(len(s.Triangles))}
	return s.Make()
}
