package kernel

import (
	"fmt"
	"math"

	"setfast/core/geom"
)

// Inspection is what a file holds, for people and scripts.
type Inspection struct {
	Units     string             `json:"units"`
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
	out := &Inspection{Units: "mm", Parts: []InspectedPart{}, Instances: []InspectedPlacing{}, Missing: im.Missing}
	counts := make([]int, len(im.Parts))
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
	for i, p := range im.Parts {
		ip := InspectedPart{Name: im.PartName(i), Instances: counts[i], Volume: p.Volume, Area: p.Area, Centroid: p.Centroid.Array(),
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
