package kernel

import (
	"bufio"
	"bytes"
	"encoding/binary"
	"fmt"
	"math"
	"os"
	"strings"

	"setfast/core/geom"
	"setfast/core/part"
)

// maxTriangles bounds a file of triangles.
const maxTriangles = 20_000_000

// ReadSTL reads a file of triangles, text or binary, in mm: a closed surface, of which the volume and its moments follow
// exactly. It has no faces or edges that relations could stand on, and no exact symmetry.
func ReadSTL(path string) (*part.Part, error) {
	tris, err := Triangles(path)
	if err != nil {
		return nil, err
	}
	return ofTriangles(tris)
}

// Triangles reads a file of triangles, text or binary, in mm.
func Triangles(path string) ([][3]geom.Vec, error) {
	data, err := os.ReadFile(path)
	if err != nil {
		return nil, err
	}
	var tris [][3]geom.Vec
	if n := len(data); n >= 84 && uint64(n) == 84+50*uint64(binary.LittleEndian.Uint32(data[80:])) {
		tris, err = binaryTriangles(data[84:])
	} else {
		tris, err = textTriangles(data)
	}
	if err != nil {
		return nil, err
	}
	if len(tris) < 4 {
		return nil, fmt.Errorf("it holds %d triangles; a closed surface has at least 4", len(tris))
	}
	return tris, nil
}

func binaryTriangles(data []byte) ([][3]geom.Vec, error) {
	if len(data)/50 > maxTriangles {
		return nil, fmt.Errorf("it holds more than %d triangles", maxTriangles)
	}
	out := make([][3]geom.Vec, 0, len(data)/50)
	f := func(at int) float64 { return float64(math.Float32frombits(binary.LittleEndian.Uint32(data[at:]))) }
	for at := 0; at+50 <= len(data); at += 50 {
		var t [3]geom.Vec
		for k := range t {
			p := at + 12 + 12*k
			t[k] = geom.V(f(p), f(p+4), f(p+8))
			if !t[k].Finite() {
				return nil, fmt.Errorf("triangle %d has a corner that is no place", at/50+1)
			}
		}
		out = append(out, t)
	}
	return out, nil
}

func textTriangles(data []byte) ([][3]geom.Vec, error) {
	if !bytes.HasPrefix(bytes.TrimSpace(data), []byte("solid")) {
		return nil, fmt.Errorf("it does not begin like a file of triangles")
	}
	var out [][3]geom.Vec
	var t [3]geom.Vec
	k := 0
	sc := bufio.NewScanner(bytes.NewReader(data))
	for line := 1; sc.Scan(); line++ {
		w := strings.Fields(sc.Text())
		if len(w) == 0 || w[0] != "vertex" {
			continue
		}
		var v geom.Vec
		if _, err := fmt.Sscan(strings.Join(w[1:], " "), &v.X, &v.Y, &v.Z); err != nil || !v.Finite() {
			return nil, fmt.Errorf("line %d: a vertex has three numbers", line)
		}
		t[k%3] = v
		if k++; k%3 == 0 {
			if len(out) == maxTriangles {
				return nil, fmt.Errorf("it holds more than %d triangles", maxTriangles)
			}
			out = append(out, t)
		}
	}
	return out, sc.Err()
}

// ofTriangles sums tetrahedra from the middle of all corners (the divergence theorem); the surface must be closed, which it is
// when its area vectors add up to nothing.
func ofTriangles(tris [][3]geom.Vec) (*part.Part, error) {
	var mid, open geom.Vec
	for _, t := range tris {
		mid = mid.Add(t[0]).Add(t[1]).Add(t[2])
	}
	mid = mid.Scale(1 / float64(3*len(tris)))
	volume, area := 0.0, 0.0
	var moment geom.Vec
	for _, t := range tris {
		a, b, c := t[0].Sub(mid), t[1].Sub(mid), t[2].Sub(mid)
		n := b.Sub(a).Cross(c.Sub(a))
		area += n.Norm() / 2
		open = open.Add(n.Scale(0.5))
		v := a.Dot(b.Cross(c)) / 6
		volume += v
		moment = moment.Add(a.Add(b).Add(c).Scale(v / 4))
	}
	if open.Norm() > 1e-4*area || volume <= 0 {
		return nil, fmt.Errorf("its triangles do not close a body")
	}
	p := &part.Part{Features: map[string]part.Feature{}, Irregular: true, Shape: []part.Feature{{Kind: part.Point}}}
	p.Volume = part.Volume{Known: true, MM3: volume, Centroid: mid.Add(moment.Scale(1 / volume))}
	return p, nil
}
