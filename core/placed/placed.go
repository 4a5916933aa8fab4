// Package placed tells where every use of a part stands once an assembly is solved, all levels unfolded.
package placed

import (
	"strings"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/report"
)

// Use is one use of a part.
type Use struct {
	Component string    // of the assembly, that it is or lies in
	Path      string    // below the component, as in references: "child/part/"; empty where the component is the part
	Part      string    // key
	In        geom.Pose // in the component
	Pose      geom.Pose // in the assembly
}

// Name is the path of components that leads to the use.
func (u *Use) Name() string { return strings.TrimSuffix(u.Component+"/"+u.Path, "/") }

// Body names the component of the report that the use moves with.
func (u *Use) Body(r *report.Result) string { return r.Body(strings.Split(u.Name(), "/")) }

// Uses lists the uses of parts in an assembly of a report, in build order, and whether there are more than are wanted.
func Uses(doc *assembly.Document, rep *report.Report, name string, most int) (list []Use, more bool) {
	w := &walk{doc: doc, rep: rep, most: most}
	r := rep.Assemblies[name]
	if r == nil {
		return nil, false
	}
	for _, c := range doc.Assemblies[name].Components {
		if !c.Suppressed {
			w.component(r, c)
		}
	}
	return w.out, w.found > most
}

// Of lists the uses of parts of one component, which may be suppressed; found counts how many there are.
func Of(doc *assembly.Document, rep *report.Report, name string, c *assembly.Component, most int) (list []Use, found int) {
	w := &walk{doc: doc, rep: rep, most: most}
	if r := rep.Assemblies[name]; r != nil {
		w.component(r, c)
	}
	return w.out, w.found
}

type walk struct {
	doc   *assembly.Document
	rep   *report.Report
	out   []Use
	use   *assembly.Component
	stand geom.Pose // of it
	found int
	most  int
}

func (w *walk) component(r *report.Result, c *assembly.Component) {
	w.use, w.stand = c, r.At(c.Name).Pose
	if c.Flexible {
		w.moving(r, c.Name+"/", "", c.Assembly, w.stand.Inverse())
		return
	}
	w.rigid(c.Part, c.Assembly, "", geom.Home)
}

// rigid lists a part, or all parts of an assembly that stands in itself as it was solved.
func (w *walk) rigid(part, asm, path string, in geom.Pose) {
	if part != "" {
		if w.found++; w.found <= w.most {
			w.out = append(w.out, Use{w.use.Name, path, part, in, w.stand.Mul(in)})
		}
		return
	}
	if r := w.rep.Assemblies[asm]; r != nil {
		w.inside(r, "", path, asm, in, nil)
	}
}

// moving lists what is in a flexible use, whose components stand in the report r under names that begin with prefix; within brings poses
// of that report to those in the component.
func (w *walk) moving(r *report.Result, prefix, path, asm string, within geom.Pose) {
	own := w.rep.Assemblies[asm]
	if own == nil {
		return
	}
	use := within.Mul(r.At(strings.TrimSuffix(prefix, "/")).Pose)
	w.inside(r, prefix, path, asm, within, func(k *assembly.Component) (geom.Pose, bool) {
		return use.Mul(own.Components[k.Name].Pose), k.Grounded
	})
}

// inside lists an assembly's components where the report r says they are, under names that begin with prefix; fixed, where given, knows
// better of some.
func (w *walk) inside(r *report.Result, prefix, path, asm string, at geom.Pose, fixed func(*assembly.Component) (geom.Pose, bool)) {
	for _, k := range w.doc.Assemblies[asm].Components {
		if k.Suppressed || w.found > w.most {
			continue
		}
		p := at.Mul(r.At(prefix + k.Name).Pose)
		if fixed != nil {
			if q, ok := fixed(k); ok {
				p = q
			}
		}
		if k.Flexible {
			w.moving(r, prefix+k.Name+"/", path+k.Name+"/", k.Assembly, at)
			continue
		}
		w.rigid(k.Part, k.Assembly, path+k.Name+"/", p)
	}
}
