package kernel

import (
	"encoding/binary"
	"encoding/json"
	"fmt"
	"math"

	"setfast/core/geom"
)

// What the child writes. Numbers of the mesh are offsets and counts into the block beside the text.
type (
	rawImport struct {
		Unit    string    `json:"unit"`
		Missing []string  `json:"missing"`
		Roots   []rawNode `json:"roots"`
		Parts   []rawPart `json:"parts"`
	}
	rawNode struct {
		Name       string     `json:"name"`
		Origin     [3]float64 `json:"origin"`
		Quaternion [4]float64 `json:"quaternion"`
		Scale      float64    `json:"scale"`
		Mirrored   bool       `json:"mirrored"`
		Product    string     `json:"product"`
		ID         string     `json:"id"`
		Part       *int       `json:"part"`
		Children   []rawNode  `json:"children"`
	}
	rawPart struct {
		Name     string         `json:"name"`
		Solids   int            `json:"solids"`
		Sewn     bool           `json:"sewn"`
		Color    []float64      `json:"color"`
		Faces    []rawFace      `json:"faces"`
		Called   map[int]string `json:"called"`
		Edges    []rawEdge      `json:"edges"`
		Vertices [][3]float64   `json:"vertices"`
		Area     float64        `json:"area"`
		Volume   float64        `json:"volume"`
		Centroid [3]float64     `json:"centroid"`
		Inertia  [3][3]float64  `json:"inertia"`
		Low      [3]float64     `json:"low"`
		High     [3]float64     `json:"high"`
		Mesh     *struct {
			Positions  int `json:"positions"`
			Vertices   int `json:"vertices"`
			Normals    int `json:"normals"`
			Indices    int `json:"indices"`
			Triangles  int `json:"triangles"`
			FaceEnds   int `json:"face_ends"`
			Faces      int `json:"faces"`
			Lines      int `json:"lines"`
			LinePoints int `json:"line_points"`
			LineEnds   int `json:"line_ends"`
			Edges      int `json:"edges"`
		} `json:"mesh"`
	}
	rawFace struct {
		Kind      string       `json:"kind"`
		At        [3]float64   `json:"at"`
		Normal    [3]float64   `json:"normal"`
		Origin    [3]float64   `json:"origin"`
		Direction [3]float64   `json:"direction"`
		Radius    float64      `json:"radius"`
		Minor     float64      `json:"minor"`
		HalfAngle float64      `json:"half_angle"`
		From      float64      `json:"from"`
		To        float64      `json:"to"`
		Samples   [][6]float64 `json:"samples"`
	}
	rawEdge struct {
		Kind      string       `json:"kind"`
		On        []int        `json:"on"` // faces, one twice where it closes
		From      [3]float64   `json:"from"`
		To        [3]float64   `json:"to"`
		Origin    [3]float64   `json:"origin"`
		Direction [3]float64   `json:"direction"`
		Radius    float64      `json:"radius"`
		Sweep     float64      `json:"sweep"`
		Samples   [][3]float64 `json:"samples"`
	}
)

var vec = geom.FromArray

// decode turns the child's output into an import.
func decode(text, blob []byte) (*Import, error) {
	var raw rawImport
	if err := json.Unmarshal(text, &raw); err != nil {
		return nil, fmt.Errorf("the kernel's answer cannot be read: %w", err)
	}
	im := &Import{Missing: raw.Missing, Unit: unitOf(raw.Unit)}
	for i := range raw.Parts {
		p, err := raw.Parts[i].part(blob)
		if err != nil {
			return nil, err
		}
		im.Parts = append(im.Parts, p)
	}
	for i := range raw.Roots {
		n, err := raw.Roots[i].node(len(im.Parts))
		if err != nil {
			return nil, err
		}
		im.Roots = append(im.Roots, n)
	}
	return im, nil
}

func (r *rawNode) node(parts int) (*Node, error) {
	q := r.Quaternion
	n := &Node{Name: r.Name, Product: r.Product, Part: -1, Key: r.ID,
		Pose:   geom.Pose{O: vec(r.Origin), Q: geom.Quat{W: q[0], X: q[1], Y: q[2], Z: q[3]}.Unit()},
		Scaled: r.Mirrored || math.Abs(r.Scale-1) > 1e-9}
	if r.Part != nil {
		if *r.Part < 0 || *r.Part >= parts {
			return nil, fmt.Errorf("the kernel's answer names part %d of %d", *r.Part, parts)
		}
		n.Part = *r.Part
		return n, nil
	}
	for i := range r.Children {
		c, err := r.Children[i].node(parts)
		if err != nil {
			return nil, err
		}
		n.Children = append(n.Children, c)
	}
	return n, nil
}

func (r *rawPart) part(blob []byte) (*Part, error) {
	p := &Part{Called: r.Called, Name: r.Name, Solids: r.Solids, Sewn: r.Sewn, Color: r.Color, Area: r.Area, Volume: r.Volume,
		Centroid: vec(r.Centroid), Inertia: r.Inertia, Low: vec(r.Low), High: vec(r.High)}
	size := p.High.Sub(p.Low).Norm()
	for i := range r.Faces {
		p.Faces = append(p.Faces, r.Faces[i].face(size))
	}
	for i := range r.Edges {
		p.Edges = append(p.Edges, r.Edges[i].edge(size))
	}
	for i := range p.Edges {
		p.Edges[i].Seam, p.Edges[i].On = p.seam(r.Edges[i].On), r.Edges[i].On
	}
	for _, v := range r.Vertices {
		p.Vertices = append(p.Vertices, vec(v))
	}
	if m := r.Mesh; m != nil {
		var err error
		floats := func(at, n int) []float32 { return floatsAt(blob, at, n, &err) }
		ints := func(at, n int) []uint32 { return intsAt(blob, at, n, &err) }
		p.Mesh = Mesh{floats(m.Positions, 3*m.Vertices), floats(m.Normals, 3*m.Vertices), ints(m.Indices, 3*m.Triangles),
			ints(m.FaceEnds, m.Faces), floats(m.Lines, 3*m.LinePoints), ints(m.LineEnds, m.Edges)}
		if err != nil {
			return nil, err
		}
	}
	return p, nil
}

func floatsAt(blob []byte, at, n int, err *error) []float32 {
	b := cut(blob, at, 4*n, err)
	out := make([]float32, len(b)/4)
	for i := range out {
		out[i] = math.Float32frombits(binary.LittleEndian.Uint32(b[4*i:]))
	}
	return out
}

func intsAt(blob []byte, at, n int, err *error) []uint32 {
	b := cut(blob, at, 4*n, err)
	out := make([]uint32, len(b)/4)
	for i := range out {
		out[i] = binary.LittleEndian.Uint32(b[4*i:])
	}
	return out
}

func cut(b []byte, at, n int, err *error) []byte {
	if at < 0 || n < 0 || at+n > len(b) {
		*err = fmt.Errorf("the kernel's answer is cut short")
		return nil
	}
	return b[at : at+n]
}

func (r *rawFace) face(size float64) Face {
	f := Face{Kind: r.Kind, At: vec(r.At), Normal: vec(r.Normal), Origin: vec(r.Origin), Axis: vec(r.Direction),
		Radius: r.Radius, Minor: r.Minor, HalfAngle: r.HalfAngle, From: r.From, To: r.To}
	if f.Kind == "other" && len(r.Samples) > 0 {
		recognise(&f, r.Samples, size)
	}
	if f.Kind == "plane" {
		f.Origin, f.Axis = f.At, f.Normal
	}
	if f.Kind == "cylinder" {
		f.Side = "shaft"
		if f.Normal.Dot(f.At.Sub(f.Origin).Reject(f.Axis)) < 0 {
			f.Side = "hole"
		}
	}
	return f
}

func (r *rawEdge) edge(size float64) Edge {
	e := Edge{Kind: r.Kind, Start: vec(r.From), End: vec(r.To), Origin: vec(r.Origin), Axis: vec(r.Direction), Radius: r.Radius}
	if e.Kind == "circle" {
		e.Full = math.Abs(r.Sweep) > 2*math.Pi-1e-6
	}
	if e.Kind == "other" && len(r.Samples) > 0 {
		recogniseEdge(&e, r.Samples, size)
	}
	if e.Kind == "line" {
		e.Origin, e.Axis = e.Start, e.End.Sub(e.Start).Unit()
		if e.Axis == (geom.Vec{}) {
			e.Kind = "none"
		}
	}
	return e
}
