package export

import (
	"bytes"
	"encoding/binary"
	"encoding/json"
	"io"
	"math"

	"setfast/core/geom"
)

// metre is a mm in metres.
const metre = 1e-3

// WriteGLB writes the model as binary glTF 2.0: metres, y upward.
func (m *Model) WriteGLB(w io.Writer) error {
	type object = map[string]any
	var bin bytes.Buffer
	var views, accessors, meshes, materials, nodes []object
	put := func(data any, count, kind int, shape string, target int, more object) int {
		for bin.Len()%4 != 0 {
			bin.WriteByte(0)
		}
		from := bin.Len()
		_ = binary.Write(&bin, binary.LittleEndian, data)
		views = append(views, object{"buffer": 0, "byteOffset": from, "byteLength": bin.Len() - from, "target": target})
		a := object{"bufferView": len(views) - 1, "componentType": kind, "count": count, "type": shape}
		for k, v := range more {
			a[k] = v
		}
		accessors = append(accessors, a)
		return len(accessors) - 1
	}
	const floats, ints, vertices, elements, triangles = 5126, 5125, 34962, 34963, 4
	for i, p := range m.Parts {
		var points, normals []float32
		low, high := [3]float32{math.MaxFloat32, math.MaxFloat32, math.MaxFloat32}, [3]float32{-math.MaxFloat32, -math.MaxFloat32, -math.MaxFloat32}
		for k, v := range p.Shape.Points {
			n := p.Shape.Normals[k].Unit()
			if n.Norm() == 0 {
				n = geom.V(0, 0, 1)
			}
			for j, x := range v.Scale(metre).Array() {
				points = append(points, float32(x))
				low[j], high[j] = min(low[j], float32(x)), max(high[j], float32(x))
			}
			for _, x := range n.Array() {
				normals = append(normals, float32(x))
			}
		}
		var corners []uint32
		for _, t := range p.Shape.Triangles {
			corners = append(corners, uint32(t[0]), uint32(t[1]), uint32(t[2]))
		}
		at := put(points, len(points)/3, floats, "VEC3", vertices, object{"min": low, "max": high})
		of := put(normals, len(normals)/3, floats, "VEC3", vertices, nil)
		by := put(corners, len(corners), ints, "SCALAR", elements, nil)
		meshes = append(meshes, object{"name": p.Name, "primitives": []object{{"attributes": object{"POSITION": at, "NORMAL": of}, "indices": by, "material": i, "mode": triangles}}})
		materials = append(materials, object{"name": p.Name, "pbrMetallicRoughness": object{"baseColorFactor": [4]float64{linear(p.Color[0]), linear(p.Color[1]), linear(p.Color[2]), 1}, "metallicFactor": 0.1, "roughnessFactor": 0.7}})
	}
	var add func(name string, k int, pose geom.Pose) int
	add = func(name string, k int, pose geom.Pose) int {
		var children []int
		for _, u := range m.Products[k].Uses {
			if u.Whole {
				children = append(children, add(u.Name, u.Product, u.Pose))
				continue
			}
			n := placedNode(u.Name, u.Pose)
			n["mesh"] = u.Part
			nodes = append(nodes, n)
			children = append(children, len(nodes)-1)
		}
		n := placedNode(name, pose)
		n["children"] = children
		nodes = append(nodes, n)
		return len(nodes) - 1
	}
	last := len(m.Products) - 1
	upright := geom.Pose{Q: geom.Exp(geom.V(-math.Pi/2, 0, 0))} // z becomes y
	root := add(m.Products[last].Name, last, upright)
	for bin.Len()%4 != 0 {
		bin.WriteByte(0)
	}
	head, err := json.Marshal(object{"asset": object{"version": "2.0", "generator": "Setfast"}, "scene": 0, "scenes": []object{{"nodes": []int{root}}}, "nodes": nodes, "meshes": meshes, "materials": materials,
		"accessors": accessors, "bufferViews": views, "buffers": []object{{"byteLength": bin.Len()}}})
	if err != nil {
		return err
	}
	for len(head)%4 != 0 {
		head = append(head, ' ')
	}
	const magic, jsonChunk, binChunk = 0x46546C67, 0x4E4F534A, 0x004E4942
	words := []uint32{magic, 2, uint32(12 + 8 + len(head) + 8 + bin.Len()), uint32(len(head)), jsonChunk}
	for _, part := range []any{words, head, []uint32{uint32(bin.Len()), binChunk}, bin.Bytes()} {
		if err := binary.Write(w, binary.LittleEndian, part); err != nil {
			return err
		}
	}
	return nil
}

func placedNode(name string, p geom.Pose) map[string]any {
	o := p.O.Scale(metre)
	return map[string]any{"name": name, "translation": o.Array(), "rotation": [4]float64{p.Q.X, p.Q.Y, p.Q.Z, p.Q.W}}
}

// linear is a part of a colour as light, of one as screens have it (IEC 61966-2-1).
func linear(v float64) float64 {
	if v <= 0.04045 {
		return v / 12.92
	}
	return math.Pow((v+0.055)/1.055, 2.4)
}
