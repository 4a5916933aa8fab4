package export

import (
	"bufio"
	"encoding/binary"
	"io"

	"setfast/core/geom"
)

// WriteSTL writes all triangles as binary STL, in mm.
func (m *Model) WriteSTL(w io.Writer) error {
	out := bufio.NewWriter(w)
	var head [84]byte
	copy(head[:], "Setfast, mm")
	count := uint32(0)
	m.each(func(p *Part, _ geom.Pose) { count += uint32(len(p.Shape.Triangles)) })
	binary.LittleEndian.PutUint32(head[80:], count)
	if _, err := out.Write(head[:]); err != nil {
		return err
	}
	var err error
	m.each(func(p *Part, at geom.Pose) {
		for _, t := range p.Shape.Triangles {
			a, b, c := at.Point(p.Shape.Points[t[0]]), at.Point(p.Shape.Points[t[1]]), at.Point(p.Shape.Points[t[2]])
			var row [12]float32
			for i, v := range [4]geom.Vec{b.Sub(a).Cross(c.Sub(a)).Unit(), a, b, c} {
				row[3*i], row[3*i+1], row[3*i+2] = float32(v.X), float32(v.Y), float32(v.Z)
			}
			if err == nil {
				err = binary.Write(out, binary.LittleEndian, row)
			}
			if err == nil {
				_, err = out.Write([]byte{0, 0})
			}
		}
	})
	if err != nil {
		return err
	}
	return out.Flush()
}
