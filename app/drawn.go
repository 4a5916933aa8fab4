package app

import (
	"strings"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/report"
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
	d := &drawing{j: j}
	for _, c := range j.Asm.Components {
		d.out = []Shape{}
		switch {
		case !shows(c):
		case c.Flexible:
			d.moving(j.Result, c.Name+"/", "", c.Assembly, j.Result.At(c.Name).Pose.Inverse())
		default:
			d.shapes(c.Part, c.Assembly, "", geom.Home)
		}
		shapes = append(shapes, d.out)
	}
	return shapes, d.drawn > MostDrawn
}

// drawing lists what is drawn of an assembly, all levels unfolded.
type drawing struct {
	j     *Judged
	out   []Shape
	drawn int
}

// shapes lists what is drawn for a component: one shape for a part, all of them for a subassembly.
func (d *drawing) shapes(partKey, asmKey, path string, at geom.Pose) {
	if partKey != "" {
		if d.drawn++; d.drawn <= MostDrawn {
			row := d.j.Parts[partKey]
			d.out = append(d.out, Shape{path, row.DerivedSHA256, Tint(row), at, drawnHelpers(row)})
		}
		return
	}
	if r := d.j.Report.Assemblies[asmKey]; r != nil {
		d.inside(r, "", path, asmKey, at, nil)
	}
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

// moving lists what is drawn of a flexible use, whose components stand in the report r under names that begin with prefix; within
// brings poses of that report to those of what is drawn.
func (d *drawing) moving(r *report.Result, prefix, path, asmKey string, within geom.Pose) {
	own := d.j.Report.Assemblies[asmKey]
	if own == nil {
		return
	}
	use := within.Mul(r.At(strings.TrimSuffix(prefix, "/")).Pose)
	d.inside(r, prefix, path, asmKey, within, func(k *assembly.Component) (geom.Pose, bool) {
		return use.Mul(own.Components[k.Name].Pose), k.Grounded
	})
}

// inside draws an assembly's components where the report r says they are, under names that begin with prefix; fixed, where given,
// knows better of some.
func (d *drawing) inside(r *report.Result, prefix, path, asmKey string, at geom.Pose, fixed func(*assembly.Component) (geom.Pose, bool)) {
	for _, k := range d.j.Doc.Assemblies[asmKey].Components {
		if k.Suppressed || d.drawn > MostDrawn {
			continue
		}
		p := at.Mul(r.At(prefix + k.Name).Pose)
		if fixed != nil {
			if q, ok := fixed(k); ok {
				p = q
			}
		}
		if k.Flexible {
			d.moving(r, prefix+k.Name+"/", path+k.Name+"/", k.Assembly, at)
			continue
		}
		d.shapes(k.Part, k.Assembly, path+k.Name+"/", p)
	}
}
