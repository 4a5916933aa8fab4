package kernel

import (
	"bytes"
	"encoding/binary"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"setfast/core/geom"
)

// boxTriangles are the twelve triangles of a box, outward.
func boxTriangles(o, s geom.Vec) [][3]geom.Vec {
	at := func(i int) geom.Vec {
		return o.Add(geom.V(s.X*float64(i&1), s.Y*float64(i>>1&1), s.Z*float64(i>>2&1)))
	}
	var out [][3]geom.Vec
	for _, q := range [][4]int{{0, 2, 3, 1}, {4, 5, 7, 6}, {0, 1, 5, 4}, {2, 6, 7, 3}, {0, 4, 6, 2}, {1, 3, 7, 5}} {
		out = append(out, [3]geom.Vec{at(q[0]), at(q[1]), at(q[2])}, [3]geom.Vec{at(q[0]), at(q[2]), at(q[3])})
	}
	return out
}

func asText(tris [][3]geom.Vec) []byte {
	var b strings.Builder
	b.WriteString("solid box\n")
	for _, t := range tris {
		b.WriteString("facet normal 0 0 0\nouter loop\n")
		for _, v := range t {
			fmt.Fprintf(&b, "vertex %g %g %g\n", v.X, v.Y, v.Z)
		}
		b.WriteString("endloop\nendfacet\n")
	}
	return []byte(b.String() + "endsolid box\n")
}

func asBinary(tris [][3]geom.Vec) []byte {
	var b bytes.Buffer
	b.Write(make([]byte, 80))
	_ = binary.Write(&b, binary.LittleEndian, uint32(len(tris)))
	for _, t := range tris {
		b.Write(make([]byte, 12))
		for _, v := range t {
			_ = binary.Write(&b, binary.LittleEndian, [3]float32{float32(v.X), float32(v.Y), float32(v.Z)})
		}
		b.Write(make([]byte, 2))
	}
	return b.Bytes()
}

// TestSTL reads a box, whose volume is the product of its sides and whose centroid is its middle.
func TestSTL(t *testing.T) {
	dir := t.TempDir()
	write := func(data []byte) string {
		p := filepath.Join(dir, "x.stl")
		if err := os.WriteFile(p, data, 0o644); err != nil {
			t.Fatal(err)
		}
		return p
	}
	o, s := geom.V(5, -3, 100), geom.V(20, 30, 40)
	box := boxTriangles(o, s)
	for name, data := range map[string][]byte{"text": asText(box), "binary": asBinary(box)} {
		p, err := ReadSTL(write(data))
		if err != nil {
			t.Fatal(name, err)
		}
		if math.Abs(p.Volume.MM3-24000) > 1e-6 || p.Volume.Centroid.Sub(o.Add(s.Scale(0.5))).Norm() > 1e-6 {
			t.Errorf("%s: volume %g, centroid %v", name, p.Volume.MM3, p.Volume.Centroid)
		}
		if p.RoundAbout(geom.Vec{}, geom.V(0, 0, 1)) {
			t.Error("a mesh has no exact symmetry")
		}
	}
	for says, data := range map[string][]byte{
		"do not close": asText(box[:11]), "at least 4": asText(box[:2]), "does not begin": []byte("hello"),
		"three numbers": []byte("solid x\nvertex 1 2\n"), "no place": asBinary([][3]geom.Vec{{geom.V(math.NaN(), 0, 0)}, {}, {}, {}}),
	} {
		if _, err := ReadSTL(write(data)); err == nil || !strings.Contains(err.Error(), says) {
			t.Errorf("%v, want %q", err, says)
		}
	}
}
