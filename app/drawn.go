package app

import (
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/placed"
	"setfast/kernel"
	"setfast/store"
)

// Shape is one use of a part as it is drawn.
type Shape struct {
	Path string    `json:"path"` // of the reference, below the component
	SHA  string    `json:"sha"`  // of the part's derived data
	Tint [3]uint8  `json:"tint"`
	Pose geom.Pose `json:"pose"` // in the component

	Helpers []kernel.DerivedFeature `json:"helpers,omitempty"` // features made by hand
}

// MostDrawn is how many uses of parts are drawn on one stage.
const MostDrawn = 50_000

// Drawn lists what is drawn of each component of an assembly that shows, in the order of its components, and whether there was more.
func (j *Judged) Drawn(shows func(*assembly.Component) bool) (shapes [][]Shape, more bool) {
	left := MostDrawn
	for _, c := range j.Asm.Components {
		out := []Shape{}
		if shows(c) {
			uses, found := placed.Of(j.Doc, j.Report, j.Doc.Root, c, left)
			for i := range uses {
				row := j.Parts[uses[i].Part]
				out = append(out, Shape{uses[i].Path, row.DerivedSHA256, Tint(row), uses[i].In, drawnHelpers(row)})
			}
			more = more || found > left
			left -= len(uses)
		}
		shapes = append(shapes, out)
	}
	return shapes, more
}

// drawnHelpers are a part's helpers as the stage takes features.
func drawnHelpers(row store.Part) (out []kernel.DerivedFeature) {
	for _, f := range helpersOf(row) {
		x := kernel.DerivedFeature{Name: f.Name, Kind: f.Kind, Label: "helper " + string(f.Kind), O: f.O.Array(), Face: -1, Edge: -1, Vertex: -1}
		if f.Z != (geom.Vec{}) {
			z := f.Z.Array()
			x.Z = &z
		}
		out = append(out, x)
	}
	return out
}
