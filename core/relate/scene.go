package relate

import (
	"fmt"
	"strings"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/model"
	"setfast/core/part"
)

// surface is a surface of a body where it is placed.
type surface struct {
	*part.Surface
	ref       string // component/feature
	body      int
	part      *part.Part
	at        geom.Pose
	world     part.Feature
	low, high geom.Vec
}

// body is a rigid piece of the assembly.
type body struct {
	name      string
	unit      int // which component of the assembly it belongs to
	surfaces  []surface
	outline   bool // where its surfaces end is guessed
	fastener  bool
	low, high geom.Vec
	known     bool    // it has a box
	room      float64 // mm³, of the boxes of its parts, each in its own frame: the same however the whole is turned
}

// island is a component that nothing before it in the order holds, with what of that is nearest.
type island struct {
	unit int
	near []Neighbour
}

// shaped are the surfaces of a part, and whether it is known where they end.
type shaped struct {
	list  []part.Surface
	exact bool
}

// unit is a component of the assembly: one body, or those of a flexible use.
type unit struct {
	name     string
	bodies   []int
	grounded bool
	fastener bool
}

// scene is an assembly as it is placed.
type scene struct {
	doc     *assembly.Document
	asm     *assembly.Assembly
	model   *model.Model
	shapes  Shapes
	bodies  []body
	units   []unit
	pairs   [][2]int
	only    int       // the one component whose pairs are looked at, or -1
	found   []contact // that hold
	said    []contact // what relations of the component that is asked about say already
	islands []island  // components that nothing before them in the order holds
	near    []contact // that nearly do
	screws  map[string]bool
	shaped  map[string]shaped // per part
}

func newScene(doc *assembly.Document, name string, shapes Shapes) (*scene, error) {
	a := doc.Assemblies[name]
	if a == nil {
		return nil, assembly.Faultf("assemblies", "there is no assembly %q", name)
	}
	m, err := model.New(doc.Open(), name, placed(doc))
	if err != nil {
		return nil, err
	}
	s := &scene{doc: doc, asm: a, model: m, shapes: shapes, only: -1, screws: map[string]bool{}, shaped: map[string]shaped{}}
	at := map[string]int{}
	for _, c := range a.Components {
		if !c.Suppressed {
			at[c.Name] = len(s.units)
			s.units = append(s.units, unit{name: c.Name, grounded: c.Grounded})
		}
	}
	for b, c := range m.Comps {
		head, _, _ := strings.Cut(c.Name, "/")
		u := at[head]
		s.bodies = append(s.bodies, body{name: c.Name, unit: u})
		s.units[u].bodies = append(s.units[u].bodies, b)
	}
	for _, c := range a.Components {
		if !c.Suppressed {
			if err := s.gather(a, c, nil, geom.Home); err != nil {
				return nil, err
			}
		}
	}
	for i := range s.units {
		u := &s.units[i]
		u.fastener = len(u.bodies) > 0
		for _, b := range u.bodies {
			u.fastener = u.fastener && s.bodies[b].fastener
		}
	}
	return s, nil
}

// gather takes the surfaces of a component and what is in it.
func (s *scene) gather(in *assembly.Assembly, c *assembly.Component, path []string, at geom.Pose) error {
	path = append(path[:len(path):len(path)], c.Name)
	at = at.Mul(c.Pose)
	if c.Assembly != "" {
		sub := s.doc.Assemblies[c.Assembly]
		if sub == nil {
			return fmt.Errorf("component %q uses assembly %q, which is not in the document", c.Name, c.Assembly)
		}
		for _, k := range sub.Components {
			if !k.Suppressed {
				if err := s.gather(sub, k, path, at); err != nil {
					return err
				}
			}
		}
		return nil
	}
	b := s.bodyOf(path)
	if b < 0 {
		return fmt.Errorf("component %q is no body of the assembly", strings.Join(path, "/"))
	}
	p := s.doc.Parts[c.Part]
	if p == nil {
		return fmt.Errorf("component %q uses part %q, which is not in the document", c.Name, c.Part)
	}
	list, exact := s.surfacesOf(c.Part, p)
	x := &s.bodies[b]
	if low, high, ok := part.Box(list); ok {
		d := high.Sub(low)
		x.room += d.X * d.Y * d.Z
	}
	x.outline = x.outline || !exact
	x.fastener = len(path) == strings.Count(x.name, "/")+1 && (p.Fastener || s.screws[c.Part]) // one piece, not a subassembly
	for i := range list {
		f := surface{Surface: &list[i], body: b, part: p, at: at, ref: strings.Join(path, "/") + "/" + list[i].Name, world: list[i].Feature.At(at)}
		f.low, f.high = at.Box(list[i].Low, list[i].High)
		x.surfaces = append(x.surfaces, f)
		if !x.known {
			x.low, x.high, x.known = f.low, f.high, true
		}
		x.low, x.high = x.low.Least(f.low), x.high.Most(f.high)
	}
	return nil
}

// bodyOf is the body that a path of components leads to.
func (s *scene) bodyOf(path []string) int {
	for k := len(path); k > 0; k-- {
		if b, ok := s.model.Body[strings.Join(path[:k], "/")]; ok {
			return b
		}
	}
	return -1
}

// surfacesOf are a part's surfaces, and whether it is known where they end.
func (s *scene) surfacesOf(key string, p *part.Part) ([]part.Surface, bool) {
	if x, had := s.shaped[key]; had {
		return x.list, x.exact
	}
	x := shaped{exact: true}
	if s.shapes != nil {
		x.list = s.shapes(key)
	}
	if x.list == nil {
		x = shaped{list: p.Outline()}
	}
	s.shaped[key] = x
	s.screws[key] = x.exact && Fastener(p, x.list)
	return x.list, x.exact
}

// meet tells whether two boxes come within some distance of one another.
func meet(al, ah, bl, bh geom.Vec, by float64) bool {
	return al.X <= bh.X+by && bl.X <= ah.X+by && al.Y <= bh.Y+by && bl.Y <= ah.Y+by && al.Z <= bh.Z+by && bl.Z <= ah.Z+by
}
