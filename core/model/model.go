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
	"setfast/core/tol"
)

// Model is one assembly made ready: its components as bodies, its relations as equations. The rooms of the account read it and
// change nothing of it; what they try they try on another system (On). It belongs to one goroutine, since its system has scratch memory.
type Model struct {
	Doc     *assembly.Opened
	Name    string
	Asm     *assembly.Assembly // with its flexible uses laid open
	Set     assembly.Settings
	Sys     *solve.System
	Body    map[string]int // component → body; suppressed ones have none
	Comps   []*assembly.Component
	Rels    []int             // relations in force, by index in Sys.Rels
	Mates   []*assembly.Mate  // as said, for each of Sys.Rels
	RelOf   map[string]int    // id → index in Sys.Rels
	Inner   assembly.Poses    // where components of subassemblies are
	Aliases map[string]string // see assembly.Flat
}

// New builds the system of an assembly; inner tells where components of its subassemblies are.
func New(doc *assembly.Opened, name string, inner assembly.Poses) (*Model, error) {
	flat, err := doc.Flat(name)
	if err != nil {
		return nil, err
	}
	a := flat.Started(inner)
	m := &Model{Doc: doc, Name: name, Asm: a, Set: doc.SettingsOf(a), Sys: &solve.System{},
		Body: make(map[string]int, len(a.Components)), Inner: inner, Aliases: flat.Aliases}
	for _, c := range a.Components {
		if c.Suppressed {
			continue
		}
		m.Body[c.Name] = len(m.Sys.Bodies)
		m.Comps = append(m.Comps, c)
		m.Sys.Bodies = append(m.Sys.Bodies, solve.Body{Name: c.Name, Start: c.Pose, Fixed: c.Grounded})
	}
	for alias, name := range flat.Aliases {
		if b, ok := m.Body[name]; ok {
			m.Body[alias] = b
		}
	}
	// joints come before the couplings between them; both keep their places in the list
	built := make([]*solve.Relation, len(a.Mates))
	var joints map[string]*solve.Relation
	for _, couplings := range [2]bool{false, true} {
		for i, mt := range a.Mates {
			if mt.IsCoupling() != couplings {
				continue
			}
			sp, inForce, err := m.Spec(mt, i)
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
			if !couplings {
				m.bound(built[i], mt)
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
	m.Sys.BeginTurns(m.Sys.Rels)
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

// Spec turns a relation as written into what the solver takes; it is out of force if it or a component it names is suppressed.
func (m *Model) Spec(mt *assembly.Mate, at int) (sp solve.Spec, inForce bool, err error) {
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
			err = assembly.Faultf(m.path(at)+"."+what, "a pair is two parallel faces of one component")
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
	p, err := m.Doc.Find(m.Name, r, m.Inner)
	if err != nil {
		return solve.Feat{}, false, err
	}
	b, f := -1, p.Feature
	if p.Component != "" && !p.Absent {
		b = m.Body[p.Component]
	}
	return solve.Feat{Body: b, F: f, Frame: f.AsFrame()}, !p.Absent, nil
}

// PartOf is the part a body is a use of, nil for a subassembly.
func (m *Model) PartOf(b int) *part.Part {
	if c := m.Comps[b]; c.Part != "" {
		return m.Doc.Parts[c.Part]
	}
	return nil
}

// Options are those of a solve to the tolerance of the assembly. What moving features by 1e-5 mm would remove is no miss, however
// narrow a tolerance is asked for.
func (m *Model) Options(retry bool) solve.Options {
	return solve.Options{MM: math.Max(m.Set.ToleranceMM, tol.MissCancels),
		Deg: math.Max(m.Set.ToleranceDeg, tol.MissCancels/tol.AngleWeight*180/math.Pi), Retry: retry, Far: true}
}

// Holds tells whether a miss stays within the tolerance.
func (m *Model) Holds(miss solve.Miss) bool {
	o := m.Options(false)
	return miss.Within(o.MM, o.Deg)
}

// Read gives a joint coordinate in file units (mm, degrees).
func (m *Model) Read(r *solve.Relation, of string, poses []geom.Pose) float64 {
	v, row := m.Sys.ReadCoordinate(r, of, poses)
	if row.Angular {
		return v * 180 / math.Pi
	}
	return v
}
