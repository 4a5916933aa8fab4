package kernel

import (
	"bytes"
	"encoding/binary"
	"encoding/json"
	"fmt"
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/part"
)

// Derived is what is kept of a part beside its source: a JSON head (its length first, four bytes, little-endian), padded to
// four bytes, and then the mesh as plain numbers in the order and counts that the head states. The browser reads the same.
type Derived struct {
	Version  int              `json:"version"`
	Name     string           `json:"name"`
	Solids   int              `json:"solids"`
	Note     string           `json:"note,omitempty"`
	Volume   float64          `json:"volume_mm3"`
	Area     float64          `json:"area_mm2"`
	Centroid [3]float64       `json:"centroid"`
	Inertia  [3][3]float64    `json:"inertia_mm5"`       // about the centroid, density one
	Mass     float64          `json:"mass_kg,omitempty"` // as stated
	Low      [3]float64       `json:"low"`
	High     [3]float64       `json:"high"`
	Unit     string           `json:"unit,omitempty"`  // as the file says
	Color    []float64        `json:"color,omitempty"` // of the file: red, green, blue from 0 to 1
	Holes    int              `json:"holes"`
	Shafts   int              `json:"shafts"`
	Handed   string           `json:"handed,omitempty"` // whether it is its own mirror image: own, or handed; empty where that was not looked at
	Faces    int              `json:"faces"`
	Features []DerivedFeature `json:"features"`
	Counts   Counts           `json:"counts"`
	mesh     Mesh
}

// DerivedFeature is a feature as the browser shows it.
type DerivedFeature struct {
	Name   string         `json:"n"`
	Kind   part.Kind      `json:"k"`
	Label  string         `json:"label"`
	Hint   string         `json:"hint,omitempty"`   // tells it from others like it
	Called string         `json:"called,omitempty"` // what the file calls it: a name for it too
	O      [3]float64     `json:"o"`
	Z      *[3]float64    `json:"z,omitempty"`
	Radius float64        `json:"r,omitempty"`
	Half   float64        `json:"half,omitempty"`
	Side   string         `json:"side,omitempty"`
	Ends   *[2][3]float64 `json:"ends,omitempty"` // of an axis: its near and far end on the part
	Face   int            `json:"face"`           // index, or -1
	Edge   int            `json:"edge"`
	Vertex int            `json:"vertex"`
	X      *[3]float64    `json:"x,omitempty"`    // of a frame
	Seam   bool           `json:"seam,omitempty"` // neither drawn nor picked
	Same   string         `json:"same,omitempty"` // the first of several names for one hole, shank, rim or ball: files split them
}

// Counts says how many numbers of each kind follow the head.
type Counts struct {
	Positions int `json:"positions"`
	Normals   int `json:"normals"`
	Lines     int `json:"lines"`
	Indices   int `json:"indices"`
	FaceEnds  int `json:"face_ends"`
	LineEnds  int `json:"line_ends"`
}

// Derive works out what is kept of a part.
func Derive(p *Part) *Derived {
	d := &Derived{Version: Version, Name: p.Name, Solids: p.Solids, Note: p.Note(), Volume: p.Volume, Area: p.Area,
		Centroid: p.Centroid.Array(), Inertia: p.Inertia, Low: p.Low.Array(), High: p.High.Array(), Color: p.Color, Faces: len(p.Faces), mesh: p.Mesh}
	for _, b := range p.Bores() {
		if b.Side == "hole" {
			d.Holes++
		} else {
			d.Shafts++
		}
	}
	m := &p.Mesh
	d.Counts = Counts{len(m.Positions), len(m.Normals), len(m.Lines), len(m.Indices), len(m.FaceEnds), len(m.LineEnds)}
	d.Mass = p.Mass
	if p.Sketched != nil {
		d.Note, d.Features = "features only: there is no shape", p.sketched()
		return d
	}
	fs, order := p.Features()
	same := p.twins(fs, order)
	hints, called := p.hints(fs, same), p.callings(fs, same)
	for _, n := range order {
		f := fs[n]
		x := DerivedFeature{Name: n, Kind: f.Kind, Label: f.Describe(), O: f.O.Array(), Radius: f.Radius, Half: f.HalfAngle, Side: f.Side, Face: -1, Edge: -1, Vertex: -1, Same: same[n], Hint: hints[n], Called: called[n]}
		if x.Called != "" {
			x.Hint = x.Called
		}
		if f.Z != (geom.Vec{}) {
			z := f.Z.Array()
			x.Z = &z
		}
		var i int
		fmt.Sscanf(n[1:], "%d", &i)
		switch n[0] {
		case 'f':
			x.Face = i - 1
			face := &p.Faces[i-1]
			if face.Kind == "cylinder" {
				x.Ends = &[2][3]float64{face.Origin.AddScaled(face.From, face.Axis).Array(), face.Origin.AddScaled(face.To, face.Axis).Array()}
			}
			if face.Kind == "torus" {
				x.Label = "ring"
			}
		case 'e':
			x.Edge = i - 1
			x.Seam = p.Edges[i-1].Seam
			if e := &p.Edges[i-1]; e.Kind == "line" {
				x.Ends = &[2][3]float64{e.Start.Array(), e.End.Array()}
			}
		case 'v':
			x.Vertex = i - 1
			x.Seam = p.loneCorner(p.Vertices[i-1])
		}
		d.Features = append(d.Features, x)
	}
	return d
}

// twins finds the features that are one to the hand, though the file splits them: for each but the first the first one's name.
func (p *Part) twins(fs map[string]part.Feature, order []string) map[string]string {
	same := map[string]string{}
	for _, b := range p.Bores() {
		first := fmt.Sprintf("f%d", b.Faces[0]+1)
		for _, i := range b.Faces[1:] {
			same[fmt.Sprintf("f%d", i+1)] = first
		}
	}
	tol := p.exactly()
	var firsts []string
	for _, n := range order {
		f := fs[n]
		switch f.Kind {
		case part.Circle, part.Sphere, part.Cone:
		default:
			continue
		}
		k := slices.IndexFunc(firsts, func(k string) bool {
			g := fs[k]
			return g.Kind == f.Kind && math.Abs(g.O.X-f.O.X) < tol && g.O.Sub(f.O).Norm() < tol && math.Abs(g.Radius-f.Radius) < tol &&
				math.Abs(g.HalfAngle-f.HalfAngle) < 1e-7 && (f.Kind == part.Sphere || alongside(f.Z, g.Z))
		})
		if k < 0 {
			firsts = append(firsts, n)
		} else {
			same[n] = firsts[k]
		}
	}
	return same
}

// Encode writes the head and the mesh.
func (d *Derived) Encode() ([]byte, error) {
	head, err := json.Marshal(d)
	if err != nil {
		return nil, err
	}
	for len(head)%4 != 0 {
		head = append(head, ' ')
	}
	var b bytes.Buffer
	le := binary.LittleEndian
	_ = binary.Write(&b, le, uint32(len(head)))
	b.Write(head)
	for _, v := range []any{d.mesh.Positions, d.mesh.Normals, d.mesh.Lines, d.mesh.Indices, d.mesh.FaceEnds, d.mesh.LineEnds} {
		if err := binary.Write(&b, le, v); err != nil {
			return nil, err
		}
	}
	return b.Bytes(), nil
}

// DecodeDerived reads the head; the mesh is left to the browser.
func DecodeDerived(data []byte) (*Derived, error) {
	if len(data) < 4 {
		return nil, fmt.Errorf("derived data is cut short")
	}
	n := int(binary.LittleEndian.Uint32(data))
	if n < 0 || 4+n > len(data) {
		return nil, fmt.Errorf("derived data is cut short")
	}
	d := &Derived{}
	return d, json.Unmarshal(data[4:4+n], d)
}

// Part is the derived data as an assembly sees it.
func (d *Derived) Part() *part.Part {
	p := &part.Part{Name: d.Name, Mass: d.Mass, Features: map[string]part.Feature{}}
	for _, x := range d.Features {
		f := x.feature()
		p.Features[x.Name] = f
		p.Order = append(p.Order, x.Name)
		if x.Called != "" {
			p.Features[x.Called] = f
		}
		if x.Face >= 0 {
			p.Shape = append(p.Shape, f)
		}
	}
	p.Irregular = len(p.Shape) < d.Faces
	if d.Volume > 0 {
		p.Volume = part.Volume{Known: true, MM3: d.Volume, Centroid: geom.FromArray(d.Centroid)}
	}
	return p
}

// InertiaKg is the inertia about the centroid in kg mm² for a density in kg/m³.
func (d *Derived) InertiaKg(density float64) (m [3][3]float64) {
	for i := range m {
		for j := range m[i] {
			m[i][j] = d.Inertia[i][j] * density * 1e-9
		}
	}
	return m
}

// Extent is the part's box; a part without shape has none.
func (d *Derived) Extent() (low, high geom.Vec, ok bool) {
	low, high = geom.FromArray(d.Low), geom.FromArray(d.High)
	return low, high, high.Sub(low).Norm() > 0 && !math.IsInf(low.X, 0)
}
