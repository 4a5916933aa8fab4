// Package model makes an assembly ready for computation: components become rigid bodies, relations become equations, references
// become features of bodies. It says where a thing of the document is in the system, and the other way round.
package model

import (
	"fmt"
	"math"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
	"setfast/core/solve"
)

// Model is one assembly made ready: its components as bodies, its relations as equations. The rooms of the account read it and
// change nothing of it; what they try they try on another system (On). It belongs to one goroutine, since its system has scratch memory.
type Model struct {
	Doc   *assembly.Document
	Name  string
	Asm   *assembly.Assembly
	Set   assembly.Settings
	Sys   *solve.System
	Body  map[string]int // component → body; suppressed ones have none
	Comps []*assembly.Component
	Rels  []int            // relations in force, by index in Sys.Rels
	Mates []*assembly.Mate // as said, for each of Sys.Rels
	RelOf map[string]int   // id → index in Sys.Rels
	Inner Poses            // where components of subassemblies are
}

// Poses tells where a component of another assembly was solved to.
type Poses func(assembly, component string) geom.Pose

// New builds the system of an assembly; inner tells where components of its subassemblies are.
func New(doc *assembly.Document, name string, inner Poses) (*Model, error) {
	a := doc.Assemblies[name]
	m := &Model{Doc: doc, Name: name, Asm: a, Set: doc.SettingsOf(a), Sys: &solve.System{},
		Body: make(map[string]int, len(a.Components)), Inner: inner}
	for _, c := range a.Components {
		if c.Suppressed {
			continue
		}
		m.Body[c.Name] = len(m.Sys.Bodies)
		m.Comps = append(m.Comps, c)
		m.Sys.Bodies = append(m.Sys.Bodies, solve.Body{Name: c.Name, Start: c.Pose, Fixed: c.Grounded})
	}
	// joints come before the couplings between them; both keep their places in the list
	built := make([]*solve.Relation, len(a.Mates))
	var joints map[string]*solve.Relation
	for _, couplings := range [2]bool{false, true} {
		for i, mt := range a.Mates {
			if mt.IsCoupling() != couplings {
				continue
			}
			sp, inForce, err := m.spec(mt, i)
			if err != nil {
				return nil, err
			}
			if !inForce {
				continue
			}
			if couplings {
				if joints == nil {
					joints = map[string]*solve.Relation{}
					for k, r := range built {
						if r != nil {
							joints[a.Mates[k].ID] = r
						}
					}
				}
				sp.JA, sp.JB = joints[mt.JointA], joints[mt.JointB]
				if sp.JA == nil || sp.JB == nil {
					continue // a joint is out of force, and so is what hangs on it
				}
				built[i], err = m.Sys.NewCoupling(sp)
			} else {
				built[i], err = m.Sys.New(sp)
			}
			if err != nil {
				return nil, assembly.Faultf(m.path(i), "relation %q: %v", mt.ID, err)
			}
		}
	}
	m.RelOf = make(map[string]int, len(built))
	for i, r := range built {
		if r == nil {
			continue
		}
		m.RelOf[a.Mates[i].ID] = len(m.Sys.Rels)
		m.Rels = append(m.Rels, len(m.Sys.Rels))
		m.Sys.Rels = append(m.Sys.Rels, r)
		m.Mates = append(m.Mates, a.Mates[i])
	}
	m.Sys.Measure()
	return m, nil
}

// On is the model on another system: a fork on which something is tried.
func (m *Model) On(sys *solve.System) *Model {
	c := *m
	c.Sys = sys
	return &c
}

// Stopped tells whether the check was called off. Every loop that may take long asks, and leaves whatever it has; what comes
// of it is thrown away.
func (m *Model) Stopped() bool { return m.Sys.Stopped() }

// path names a relation in the document.
func (m *Model) path(i int) string { return fmt.Sprintf("assemblies.%s.mates[%d]", m.Name, i) }

// spec turns a relation as written into what the solver takes; it is out of force if it or a component it names is suppressed.
func (m *Model) spec(mt *assembly.Mate, at int) (sp solve.Spec, inForce bool, err error) {
	sp = solve.Spec{ID: mt.ID, Type: mt.Type, Params: mt.Params}
	inForce = !mt.Suppressed
	if mt.IsCoupling() {
		return sp, inForce, nil
	}
	get := func(r assembly.Ref, what string) solve.Feat {
		f, present, e := m.Feature(r)
		if e != nil && err == nil {
			err = assembly.Faultf(m.path(at)+"."+what, "%v", e)
		}
		inForce = inForce && present
		return f
	}
	pair := func(r assembly.Ref, second *assembly.Ref, what string) solve.Feat {
		f := get(r, what)
		if second == nil {
			return f
		}
		g := get(*second, what)
		if err != nil || !inForce {
			return f
		}
		mid, ok := relation.MidPlane(f.F, g.F)
		if !ok || f.Body != g.Body {
			err = assembly.Faultf(m.path(at)+"."+what, "a pair is two faces of one component")
		}
		return solve.Feat{Body: f.Body, F: mid}
	}
	sp.A, sp.B = pair(mt.A, mt.A2, "a"), pair(mt.B, mt.B2, "b")
	if mt.About != nil {
		f := get(*mt.About, "about")
		sp.About = &f
	}
	return sp, inForce, err
}

// Feature finds a feature and the body that carries it.
func (m *Model) Feature(r assembly.Ref) (solve.Feat, bool, error) {
	chain, f, err := m.Doc.Lookup(m.Asm, r)
	if err != nil {
		return solve.Feat{}, false, err
	}
	present := true
	for _, c := range chain {
		present = present && !c.Suppressed
	}
	for i := len(chain) - 1; i > 0 && present; i-- {
		// from the inner component's frame to that of the subassembly it lies in
		f = f.At(m.Inner(chain[i-1].Assembly, chain[i].Name))
	}
	b := -1
	if len(chain) > 0 && present {
		b = m.Body[chain[0].Name]
	}
	return solve.Feat{Body: b, F: f, Frame: f.AsFrame()}, present, nil
}

// PartOf is the part a body is a use of, nil for a subassembly.
func (m *Model) PartOf(b int) *part.Part {
	if c := m.Comps[b]; c.Part != "" {
		return m.Doc.Parts[c.Part]
	}
	return nil
}

func (m *Model) Options(retry bool) solve.Options {
	return solve.Options{MM: m.Set.ToleranceMM, Deg: m.Set.ToleranceDeg, Retry: retry, Far: true}
}

// Read gives a joint coordinate in file units (mm, degrees).
func (m *Model) Read(r *solve.Relation, of string, poses []geom.Pose) float64 {
	v, row := m.Sys.ReadCoordinate(r, of, poses)
	if row.Angular {
		return v * 180 / math.Pi
	}
	return v
}

// ByLine sorts relations by the line they are posted on; those among the assembly's own features come first.
func (m *Model) ByLine(rels []int) [][]int {
	from := make([]int, len(m.Sys.Bodies)+2)
	for _, i := range rels {
		from[m.Sys.Rels[i].Last()+2]++
	}
	for l := 1; l < len(from); l++ {
		from[l] += from[l-1]
	}
	all := make([]int, len(rels))
	at := append([]int(nil), from...)
	for _, i := range rels {
		l := m.Sys.Rels[i].Last() + 1
		all[at[l]] = i
		at[l]++
	}
	out := make([][]int, len(m.Sys.Bodies)+1)
	for l := range out {
		out[l] = all[from[l]:from[l+1]]
	}
	return out
}
