package clash

import (
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/part"
	"setfast/core/standard"
	"setfast/core/teeth"
	"setfast/core/tol"
)

// Fit is an overlap that is meant, between two parts or two features of them.
type Fit struct {
	A, B string // component, or component/feature
	Kind string // press, thread, mesh or ignore
	Note string
}

// Meant are the fits that an assembly declares, and those that are declared in what it uses.
func Meant(doc *assembly.Document, a *assembly.Assembly) (out []Fit) {
	for _, f := range a.Fits {
		out = append(out, Fit{A: end(f.A), B: end(f.B), Kind: f.Kind, Note: f.Note})
	}
	for _, c := range a.Components {
		if sub := doc.Assemblies[c.Assembly]; c.Assembly != "" && sub != nil && len(out) < mostFits {
			for _, f := range Meant(doc, sub) {
				f.A, f.B = c.Name+"/"+f.A, c.Name+"/"+f.B
				out = append(out, f)
			}
		}
	}
	return out
}

// mostFits is how many fits are gathered from what an assembly uses: uses of uses double quickly.
const mostFits = 10_000

// end is how an end of a fit is written.
func end(r assembly.Ref) string {
	if r.Feature == "" {
		return strings.Join(r.Path, "/")
	}
	return r.String()
}

// threadDepth is how deep a thread of a diameter is, of the coarse series (ISO 68-1, ISO 261); beyond its sizes a tenth of the diameter
// (common practice, no source).
func threadDepth(d float64) float64 {
	if pitch, ok := standard.PitchOf(d - tol.FitPlace); ok {
		return standard.Thread{D: d, Pitch: pitch}.Deep()
	}
	return d / 10
}

// meant is the fit that an overlap is declared as, if it stays within it.
func (o *Options) meant(a, b *Item, f *found) *Fit {
	for i := range o.Fits {
		fit := &o.Fits[i]
		for _, ends := range [2][2]string{{fit.A, fit.B}, {fit.B, fit.A}} {
			if !names(ends[0], a, f.faces[0]) || !names(ends[1], b, f.faces[1]) {
				continue
			}
			if fit.Kind == "thread" && f.depth > threadDepth(diameter(a, b, f))+o.MM {
				continue
			}
			if m := max(module(a.Solid), module(b.Solid)); fit.Kind == "mesh" && m > 0 && f.depth > teeth.Deepest(m)+o.MM {
				continue
			}
			return fit
		}
	}
	return nil
}

// module is that of a wheel's teeth, about one of its own axes; none of what has no teeth that can be counted.
func module(s *Solid) float64 {
	for i := range s.Faces {
		if s.Faces[i].Kind != part.Cylinder {
			continue
		}
		if w, ok := teeth.WheelOf(s.Mesh.points, s.Faces[i].AsFrame()); ok {
			return w.Module
		}
	}
	return 0
}

// names tells whether an end of a fit is a part, what it lies in, or one of its features, which is then the one that overlaps.
func names(end string, x *Item, face int32) bool {
	if end == x.Name || strings.HasPrefix(x.Name, end+"/") {
		return true
	}
	feature, ok := strings.CutPrefix(end, x.Name+"/")
	if !ok || strings.Contains(feature, "/") {
		return false
	}
	at := slices.IndexFunc(x.Solid.Faces, func(k Face) bool { return k.Name == feature })
	if at < 0 || face < 0 || int(face) >= len(x.Solid.Faces) {
		return at < 0 // a feature that is no face, such as an axis of the document's own: the part is meant
	}
	p, q := &x.Solid.Faces[at], &x.Solid.Faces[face]
	same := p.Kind == q.Kind && p.Radius == q.Radius && p.O.Sub(q.O).Reject(q.Z).Norm() < tol.SameRadius // the halves of a hole are one
	return at == int(face) || same && p.HasAxis()
}

// diameter is that of the round face of the two that overlap deepest; the larger, which is the thread's own.
func diameter(a, b *Item, f *found) float64 {
	d := 0.0
	for k, x := range [2]*Item{a, b} {
		if i := f.faces[k]; i >= 0 && int(i) < len(x.Solid.Faces) {
			d = max(d, 2*x.Solid.Faces[i].Radius)
		}
	}
	return d
}

// Declared tells whether an overlap of two parts, or of features of theirs, is meant.
func Declared(fits []Fit, a, b string) bool {
	of := func(end, name string) bool {
		return end == name || strings.HasPrefix(name+"/", end+"/") || strings.HasPrefix(end, name+"/")
	}
	return slices.ContainsFunc(fits, func(f Fit) bool { return of(f.A, a) && of(f.B, b) || of(f.A, b) && of(f.B, a) })
}
