package kernel

import (
	"setfast/core/geom"
	"setfast/core/mirror"
	"setfast/core/part"
)

// Hand is the part's shape as it is looked at for whether it is its own mirror image.
func (d *Derived) Hand() *mirror.Shape {
	s := &mirror.Shape{Centroid: geom.FromArray(d.Centroid), Inertia: d.Inertia}
	for i := range d.Features {
		x := &d.Features[i]
		f := x.feature()
		switch {
		case x.Seam || x.Same != "" && x.Face < 0:
		case x.Vertex >= 0:
			s.Marks = append(s.Marks, mirror.Mark{At: f.O, Kind: part.Point})
		case x.Face >= 0:
			s.Faces = append(s.Faces, f)
		case f.Kind == part.Circle:
			s.Marks = append(s.Marks, mirror.Mark{At: f.O, Kind: part.Circle, Radius: f.Radius})
		}
	}
	if solid := d.Solid("hand"); solid != nil {
		s.Mesh, s.Off = solid.Mesh, solid.Off
		m := &d.mesh
		for k := range len(m.Positions) / 3 {
			s.Points = append(s.Points, m.point(uint32(k)))
		}
	}
	return s
}

// mostHanded is how many features a part may have to be looked at for which hand it is when it is brought in; ten times as many points of its mesh.
const mostHanded = 4000

// TellHand notes whether the part is its own mirror image, unless it is too large for that to be short.
func (d *Derived) TellHand() {
	n := len(d.Features)
	if n == 0 || n >= mostHanded || len(d.mesh.Positions) >= mostHanded*10 {
		return
	}
	d.Handed = "handed"
	if _, same := d.Hand().Hand(); same {
		d.Handed = "own"
	}
}
