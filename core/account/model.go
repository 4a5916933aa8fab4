package account

import (
	"fmt"
	"math"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
	"setfast/core/solve"
)

// model is one assembly made ready: its components as bodies, its relations as equations.
type model struct {
	doc      *assembly.Document
	name     string
	asm      *assembly.Assembly
	set      assembly.Settings
	sys      *solve.System
	body     map[string]int // component → body; suppressed ones have none
	comps    []*assembly.Component
	rels     []int // relations in force, by index in sys.Rels
	mate     []*assembly.Mate
	asked    []int
	relOf    map[string]int
	subs     map[string]*Result // by assembly name, for rigid uses
	axes     map[int][][2]geom.Vec
	blocks   []block      // of the relations in force
	probe    *nullspace   // for counting freedoms at poses nearby
	trial    []geom.Pose  // where a step went
	moved    []int        // by it
	rows     solve.Rows   // used again and again
	misses   []solve.Miss // of relations that were posted at the solved pose
	missed   []bool       // which of them are known
	clearing *elimination // for conflicts
}

// newModel builds the system of an assembly whose subassemblies are judged already.
func newModel(doc *assembly.Document, name string, subs map[string]*Result) (*model, error) {
	a := doc.Assemblies[name]
	m := &model{doc: doc, name: name, asm: a, set: doc.SettingsOf(a), sys: &solve.System{},
		body: make(map[string]int, len(a.Components)), subs: subs}
	for _, c := range a.Components {
		if c.Suppressed {
			continue
		}
		m.body[c.Name] = len(m.sys.Bodies)
		m.comps = append(m.comps, c)
		m.sys.Bodies = append(m.sys.Bodies, solve.Body{Name: c.Name, Start: c.Pose, Fixed: c.Grounded})
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
				built[i], err = m.sys.NewCoupling(sp)
			} else {
				built[i], err = m.sys.New(sp)
			}
			if err != nil {
				return nil, assembly.Faultf(m.path(i), "relation %q: %v", mt.ID, err)
			}
		}
	}
	m.relOf = make(map[string]int, len(built))
	for i, r := range built {
		if r == nil {
			continue
		}
		m.relOf[a.Mates[i].ID] = len(m.sys.Rels)
		m.rels = append(m.rels, len(m.sys.Rels))
		m.sys.Rels = append(m.sys.Rels, r)
		m.mate = append(m.mate, a.Mates[i])
	}
	m.sys.Measure()
	return m, nil
}

// on is the model on another system: a fork on which something is tried.
func (m *model) on(sys *solve.System) *model {
	c := *m
	c.sys = sys
	return &c
}

// stopped tells whether the check was called off. Every loop that may take long asks, and leaves whatever it has; what comes
// of it is thrown away.
func (m *model) stopped() bool { return m.sys.Stopped() }

// path names a relation in the document.
func (m *model) path(i int) string { return fmt.Sprintf("assemblies.%s.mates[%d]", m.name, i) }

// spec turns a relation as written into what the solver takes; it is out of force if it or a component it names is suppressed.
func (m *model) spec(mt *assembly.Mate, at int) (sp solve.Spec, inForce bool, err error) {
	sp = solve.Spec{ID: mt.ID, Type: mt.Type, Params: mt.Params}
	inForce = !mt.Suppressed
	if mt.IsCoupling() {
		return sp, inForce, nil
	}
	get := func(r assembly.Ref, what string) solve.Feat {
		f, present, e := m.feature(r)
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

// feature finds a feature and the body that carries it.
func (m *model) feature(r assembly.Ref) (solve.Feat, bool, error) {
	chain, f, err := m.doc.Lookup(m.asm, r)
	if err != nil {
		return solve.Feat{}, false, err
	}
	present := true
	for _, c := range chain {
		present = present && !c.Suppressed
	}
	for i := len(chain) - 1; i > 0 && present; i-- {
		// from the inner component's frame to that of the subassembly it lies in
		f = f.At(m.subs[chain[i-1].Assembly].poseOf(chain[i].Name))
	}
	b := -1
	if len(chain) > 0 && present {
		b = m.body[chain[0].Name]
	}
	return solve.Feat{Body: b, F: f, Frame: f.AsFrame()}, present, nil
}

func (r *Result) poseOf(component string) geom.Pose {
	p := r.Components[component].Pose
	q := p.Quaternion
	return geom.Pose{O: geom.FromArray(p.Origin), Q: geom.Quat{W: q[0], X: q[1], Y: q[2], Z: q[3]}}
}

func poseJSON(p geom.Pose) PoseJSON {
	z := func(x float64) float64 { // no negative zero in files
		if x == 0 {
			return 0
		}
		return x
	}
	return PoseJSON{[3]float64{z(p.O.X), z(p.O.Y), z(p.O.Z)}, [4]float64{z(p.Q.W), z(p.Q.X), z(p.Q.Y), z(p.Q.Z)}}
}

// line is the body a relation is posted with: the latest of its components in build order, or -1 for none.
func (m *model) line(r *solve.Relation) int {
	l := -1
	var buf [4]int
	for _, b := range r.Members(&buf) {
		l = max(l, b)
	}
	return l
}

// partOf is the part a body is a use of, nil for a subassembly.
func (m *model) partOf(b int) *part.Part {
	if c := m.comps[b]; c.Part != "" {
		return m.doc.Parts[c.Part]
	}
	return nil
}

func (m *model) options(retry bool) solve.Options {
	return solve.Options{MM: m.set.ToleranceMM, Deg: m.set.ToleranceDeg, Retry: retry, Far: true}
}

func deg(rad float64) float64 { return rad * 180 / math.Pi }
func rad(deg float64) float64 { return deg * math.Pi / 180 }
