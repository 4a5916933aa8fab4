package main

import (
	"archive/zip"
	"bytes"
	"encoding/binary"
	"encoding/json"
	"encoding/xml"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"setfast/core/geom"
	"setfast/kernel"
)

// TestExport writes a frame with a foot used twice, turned and shifted, and reads it back: STEP by the kernel (names, places, products once each), triangles by
// their volume in each format, which is that of the boxes; glTF by its accessors, in metres and with z as y.
func TestExport(t *testing.T) {
	dir := t.TempDir()
	parts := shapesOf(t, dir, map[string]string{"plate": "color 0.8 0.2 0.1\nbox 0 0 0 100 60 10", "foot": "box 0 0 0 10 20 30", "cap": "box 0 0 0 10 20 2"})
	file, at := filepath.Join(dir, "frame.setfast.json"), func(name string) string { return filepath.Join(dir, name) }
	text := fmt.Sprintf(`{"setfast": 2, "root": "frame", "parts": {%s, %s, %s}, "assemblies": {"frame": {"name": "Frame & \"stand\"", "components": {"plate": {"part": "plate", "grounded": true},
		"left": {"assembly": "leg", "grounded": true, "pose": {"origin": [0, 0, -30]}}, "right": {"assembly": "leg", "grounded": true, "pose": {"origin": [100, 60, -30], "quaternion": [0, 0, 0, 1]}}}},
		"leg": {"name": "Leg", "components": {"foot": {"part": "foot", "grounded": true}, "cap": {"part": "cap", "grounded": true, "pose": {"origin": [0, 0, 32]}}}}}}`, parts["plate"], parts["foot"], parts["cap"])
	if err := os.WriteFile(file, []byte(text), 0o600); err != nil {
		t.Fatal(err)
	}
	var out, errs bytes.Buffer
	if code := run([]string{"export", file, "--step", at("o.step"), "--stl", at("o.stl"), "--3mf", at("o.3mf"), "--glb", at("o.glb")}, nil, &out, &errs); code != 0 {
		t.Fatalf("exit %d: %s%s", code, out.String(), errs.String())
	}
	const volume = 100*60*10 + 2*(10*20*30+10*20*2)
	got, err := readTree(at("o.step"), "", false)
	if err != nil {
		t.Fatal(err)
	}
	var said bytes.Buffer
	if code := run([]string{"inspect", at("o.step")}, nil, &said, &errs); code != 0 {
		t.Fatal(code)
	}
	for _, want := range []string{`Frame & "stand"/right/foot`, "3 parts in 5 instances", "at (100, 60, -30)", "at (100, 60, 2)"} {
		if !strings.Contains(strings.Join(strings.Fields(said.String()), " "), want) {
			t.Errorf("STEP says nothing of %s: %s", want, said.String())
		}
	}
	if n := len(got.Document.Assemblies); n != 2 {
		t.Errorf("the leg is there %d times", n-1)
	}
	if d := got.Derived; len(d) != 3 {
		t.Errorf("%d parts", len(d))
	}
	tris, err := kernel.Triangles(at("o.stl"))
	if err != nil {
		t.Fatal(err)
	}
	six := 0.0
	for _, x := range tris {
		six += x[0].Dot(x[1].Cross(x[2]))
	}
	if math.Abs(six/6-volume) > 1e-2 {
		t.Errorf("STL encloses %g, not %d", six/6, volume)
	}
	if v := volumeOf3MF(t, at("o.3mf")); math.Abs(v-volume) > 1e-2 {
		t.Errorf("3MF encloses %g, not %d", v, volume)
	}
	low, high := boxOfGLB(t, at("o.glb"))
	if low.Sub(geom.V(0, -0.03, -0.06)).Norm() > 1e-6 || high.Sub(geom.V(0.1, 0.01, 0)).Norm() > 1e-6 {
		t.Errorf("glTF reaches from %v to %v", low, high)
	}
	if code := run([]string{"export", file, "--only", "right", "--3mf", at("leg.3mf"), "--step", at("leg.step"), "--glb", at("leg.glb")}, nil, &out, &errs); code != 0 {
		t.Errorf("one component: exit %d: %s", code, errs.String())
	}
	if v := volumeOf3MF(t, at("leg.3mf")); math.Abs(v-6400) > 1e-2 {
		t.Errorf("a leg alone encloses %g, not 6400", v)
	}
	if low, high := boxOfGLB(t, at("leg.glb")); low.Norm() > 1e-6 && low.Sub(geom.V(0, 0, -0.02)).Norm() > 1e-6 || math.Abs(high.Y-0.034) > 1e-6 {
		t.Errorf("a leg alone reaches from %v to %v, not in its own frame", low, high)
	}
	if code := run([]string{"export", file, "--only", "rigt", "--stl", at("none.stl")}, nil, &out, &errs); code != 2 || !strings.Contains(errs.String(), "right") {
		t.Errorf("a component that is not there: exit %d: %s", code, errs.String())
	}
	if code := run([]string{"export", file}, nil, &out, &errs); code != 2 {
		t.Errorf("nothing asked for: exit %d", code)
	}
	if code := run([]string{"export", file, "--stl", at("o.stl")}, nil, &out, &errs); code != 2 {
		t.Errorf("a file is there: exit %d", code)
	}
}

// volumeOf3MF adds up what the build encloses, by the standard library's readers of zip and XML.
func volumeOf3MF(t *testing.T, file string) float64 {
	z, err := zip.OpenReader(file)
	if err != nil {
		t.Fatal(err)
	}
	defer z.Close()
	f, err := z.Open("3D/3dmodel.model")
	if err != nil {
		t.Fatal(err)
	}
	type object struct {
		ID       int `xml:"id,attr"`
		Vertices []struct {
			X float64 `xml:"x,attr"`
			Y float64 `xml:"y,attr"`
			Z float64 `xml:"z,attr"`
		} `xml:"mesh>vertices>vertex"`
		Triangles []struct {
			A int `xml:"v1,attr"`
			B int `xml:"v2,attr"`
			C int `xml:"v3,attr"`
		} `xml:"mesh>triangles>triangle"`
		Components []struct {
			ID int    `xml:"objectid,attr"`
			To string `xml:"transform,attr"`
		} `xml:"components>component"`
	}
	var m struct {
		Unit    string   `xml:"unit,attr"`
		Objects []object `xml:"resources>object"`
		Items   []struct {
			ID int `xml:"objectid,attr"`
		} `xml:"build>item"`
	}
	if err := xml.NewDecoder(f).Decode(&m); err != nil || m.Unit != "millimeter" || len(m.Items) != 1 {
		t.Fatalf("%v %q, %d items", err, m.Unit, len(m.Items))
	}
	var volume func(id int) float64
	volume = func(id int) (sum float64) {
		for _, o := range m.Objects {
			if o.ID != id {
				continue
			}
			for _, x := range o.Triangles {
				p := func(k int) geom.Vec { return geom.V(o.Vertices[k].X, o.Vertices[k].Y, o.Vertices[k].Z) }
				sum += p(x.A).Dot(p(x.B).Cross(p(x.C))) / 6
			}
			for _, c := range o.Components {
				if len(strings.Fields(c.To)) != 12 {
					t.Errorf("transform %q", c.To)
				}
				sum += volume(c.ID)
			}
		}
		return sum
	}
	return volume(m.Items[0].ID)
}

// boxOfGLB is the box about all nodes' meshes, by the bounds of their accessors.
func boxOfGLB(t *testing.T, file string) (low, high geom.Vec) {
	data, err := os.ReadFile(file)
	if err != nil {
		t.Fatal(err)
	}
	le := binary.LittleEndian
	if string(data[:4]) != "glTF" || le.Uint32(data[4:]) != 2 || int(le.Uint32(data[8:])) != len(data) {
		t.Fatal("no binary glTF 2.0")
	}
	n := int(le.Uint32(data[12:]))
	var m struct {
		Scenes []struct{ Nodes []int }
		Nodes  []struct {
			Mesh        *int
			Children    []int
			Translation [3]float64
			Rotation    [4]float64
		}
		Meshes []struct {
			Primitives []struct{ Attributes map[string]int }
		}
		Accessors []struct{ Min, Max [3]float64 }
		Buffers   []struct{ ByteLength int }
	}
	if err := json.Unmarshal(data[20:20+n], &m); err != nil || m.Buffers[0].ByteLength != len(data)-28-n {
		t.Fatalf("%v: the buffer has %d bytes of %d", err, m.Buffers[0].ByteLength, len(data)-28-n)
	}
	low, high = geom.V(math.Inf(1), math.Inf(1), math.Inf(1)), geom.V(math.Inf(-1), math.Inf(-1), math.Inf(-1))
	var walk func(k int, at geom.Pose)
	walk = func(k int, at geom.Pose) {
		x := m.Nodes[k]
		at = at.Mul(geom.Pose{O: geom.FromArray(x.Translation), Q: geom.Quat{W: x.Rotation[3], X: x.Rotation[0], Y: x.Rotation[1], Z: x.Rotation[2]}})
		if x.Mesh != nil {
			a := m.Accessors[m.Meshes[*x.Mesh].Primitives[0].Attributes["POSITION"]]
			l, h := at.Box(geom.FromArray(a.Min), geom.FromArray(a.Max))
			low, high = low.Least(l), high.Most(h)
		}
		for _, c := range x.Children {
			walk(c, at)
		}
	}
	walk(m.Scenes[0].Nodes[0], geom.Home)
	return low, high
}
