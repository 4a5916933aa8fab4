package kernel

import (
	"fmt"
	"math"

	"setfast/core/geom"
)

// Inspection is what a file holds, for people and scripts.
type Inspection struct {
	Units     string             `json:"units"`     // of every length here
	FileUnit  string             `json:"file_unit"` // as the file says, empty where it does not
	Size      [3]float64         `json:"size_mm"`   // of all instances as they are placed
	Parts     []InspectedPart    `json:"parts"`
	Instances []InspectedPlacing `json:"instances"`
	Missing   []string           `json:"missing,omitempty"`
}

// InspectedPart is one product.
type InspectedPart struct {
	Name      string         `json:"name"`
	Instances int            `json:"instances"`
	Volume    float64        `json:"volume_mm3"`
	Area      float64        `json:"area_mm2"`
	Centroid  [3]float64     `json:"centroid"`
	Size      [3]float64     `json:"size_mm"`
	Doubt     string         `json:"doubt,omitempty"` // a size few parts have
	Color     []float64      `json:"color,omitempty"`
	Faces     map[string]int `json:"faces"`
	Holes     int            `json:"holes"`
	Shafts    int            `json:"shafts"`
	Note      string         `json:"note,omitempty"`
}

// InspectedPlacing is one use of a product.
type InspectedPlacing struct {
	Path string `json:"path"`
	Part string `json:"part"`
	Pose struct {
		Origin     [3]float64 `json:"origin"`
		Quaternion [4]float64 `json:"quaternion"`
	} `json:"pose"`
}

// Inspect sums up an import.
func (im *Import) Inspect() *Inspection {
	out := &Inspection{Units: "mm", FileUnit: im.Unit, Parts: []InspectedPart{}, Instances: []InspectedPlacing{}, Missing: im.Missing}
	counts := make([]int, len(im.Parts))
	low, high := geom.V(math.Inf(1), math.Inf(1), math.Inf(1)), geom.V(math.Inf(-1), math.Inf(-1), math.Inf(-1))
	var walk func(n *Node, path string, at geom.Pose)
	walk = func(n *Node, path string, at geom.Pose) {
		p := at.Mul(n.Pose)
		name := n.Name
		if name == "" {
			name = n.Product
		}
		if name == "" && n.Part >= 0 {
			name = im.Parts[n.Part].Name
		}
		if name == "" {
			name = "unnamed"
		}
		if path != "" {
			path += "/"
		}
		path += name
		if n.Part >= 0 {
			counts[n.Part]++
			im.Parts[n.Part].extent(p, &low, &high)
			x := InspectedPlacing{Path: path, Part: im.PartName(n.Part)}
			x.Pose.Origin = p.O.Array()
			x.Pose.Quaternion = [4]float64{p.Q.W, p.Q.X, p.Q.Y, p.Q.Z}
			out.Instances = append(out.Instances, x)
		}
		for _, c := range n.Children {
			walk(c, path, p)
		}
	}
	for _, r := range im.Roots {
		walk(r, "", geom.Home)
	}
	if low.X <= high.X {
		out.Size = high.Sub(low).Array()
	}
	for i, p := range im.Parts {
		ip := InspectedPart{Size: p.High.Sub(p.Low).Array(), Doubt: Doubt(p.Low.Array(), p.High.Array(), im.Unit), Color: p.Color, Name: im.PartName(i), Instances: counts[i], Volume: p.Volume, Area: p.Area, Centroid: p.Centroid.Array(),
			Faces: map[string]int{"plane": 0, "cylinder": 0, "cone": 0, "sphere": 0, "torus": 0, "other": 0}, Note: p.Note()}
		for _, f := range p.Faces {
			ip.Faces[f.Kind]++
		}
		for _, b := range p.Bores() {
			if b.Side == "hole" {
				ip.Holes++
			} else {
				ip.Shafts++
			}
		}
		out.Parts = append(out.Parts, ip)
	}
	return out
}

// extent widens bounds so that they hold a part where it is placed.
func (p *Part) extent(at geom.Pose, low, high *geom.Vec) {
	hold := func(v geom.Vec) {
		v = at.Point(v)
		*low = geom.V(math.Min(low.X, v.X), math.Min(low.Y, v.Y), math.Min(low.Z, v.Z))
		*high = geom.V(math.Max(high.X, v.X), math.Max(high.Y, v.Y), math.Max(high.Z, v.Z))
	}
	for i := 0; i+2 < len(p.Mesh.Positions); i += 3 {
		hold(geom.V(float64(p.Mesh.Positions[i]), float64(p.Mesh.Positions[i+1]), float64(p.Mesh.Positions[i+2])))
	}
	for _, v := range p.Vertices {
		hold(v)
	}
}

// PartName is a part's name, or one made up from its place.
func (im *Import) PartName(i int) string {
	if n := im.Parts[i].Name; n != "" {
		return n
	}
	return fmt.Sprintf("part %d", i+1)
}

// Note says what cannot be computed for a part, or how it was mended.
func (p *Part) Note() string {
	switch {
	case p.Solids == 0:
		return "surfaces only: they do not close to a solid, so there is no volume or mass"
	case p.Sewn:
		return "loose surfaces were sewn into a solid"
	case p.Solids > 1:
		return fmt.Sprintf("%d solids taken as one rigid part", p.Solids)
	case math.Abs(p.Volume) < 1e-12:
		return "the solid has no volume"
	}
	return ""
}
