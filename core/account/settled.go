package account

import (
	"setfast/core/assembly"
	"setfast/core/report"
)

// Settled is a document with the solved poses of a report written in; the one it was made of stays as it is.
func Settled(doc *assembly.Document, rep *report.Report) *assembly.Document {
	out := *doc
	out.Assemblies = make(map[string]*assembly.Assembly, len(doc.Assemblies))
	for name, a := range doc.Assemblies {
		out.Assemblies[name] = a
		if r := rep.Assemblies[name]; r != nil {
			out.Assemblies[name] = settled(r, a)
		}
	}
	return &out
}

func settled(r *report.Result, a *assembly.Assembly) *assembly.Assembly {
	out := *a
	out.Components = nil
	for _, c := range a.Components {
		k := *c
		if _, ok := r.Components[c.Name]; ok && !c.Grounded {
			k.Pose = r.Components[c.Name].Pose
		}
		if c.Flexible && !c.Grounded { // where its grounded components were brought to
			if base, ok := r.Components[r.Aliases[c.Name]]; ok {
				k.Pose = base.Pose
			}
		}
		out.Components = append(out.Components, &k)
	}
	return out.Seal()
}
