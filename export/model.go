// Package export writes an assembly as it stands, or a part: STEP by the kernel, and triangles as STL, 3MF and GLB.
//
// STL: binary, mm. 3MF: core specification 1.x, mm, parts as objects that are used, colours as base materials. GLB: glTF 2.0, metres, y upward, a node for
// each component, a mesh for each part.
package export

import (
	"fmt"
	"strings"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/near"
	"setfast/core/placed"
	"setfast/core/report"
	"setfast/core/view"
)

// Model is what is written: parts, and products made of them and of earlier products; the last is all of it.
type Model struct {
	Parts    []Part
	Products []Product
}

// Part is a part with its shape.
type Part struct {
	Key, Name string
	Shape     *view.Shape
	Color     [3]float64 // red, green, blue, from 0 to 1
}

// Product is an assembly of uses.
type Product struct {
	Name string
	Uses []Use
}

// Use is a part or an earlier product where it stands.
type Use struct {
	Name    string
	Part    int // or
	Product int
	Whole   bool // it is a product
	Pose    geom.Pose
}

// mostUses is how many parts are written.
const mostUses = 100_000

// Of makes the model of an assembly that is laid out and solved, or of one component of it in that component's own frame. part tells the shape and the colour
// of a part; what has no shape is left out and told.
func Of(doc *assembly.Document, rep *report.Report, name, only string, part func(key string) (*view.Shape, []float64)) (m *Model, without []string, err error) {
	uses, more := placed.Uses(doc, rep, name, mostUses)
	if more {
		return nil, nil, fmt.Errorf("it places more than %d parts", mostUses)
	}
	b := &builder{m: &Model{}, doc: doc, part: part, parts: map[string]int{}, made: map[string]int{}}
	root := Product{Name: called(doc.Assemblies[name], name)}
	if only != "" {
		if root.Name = only; doc.Assemblies[name].Component(only) == nil {
			return nil, nil, fmt.Errorf("there is no component %q%s", only, near.Hint(only, componentNames(doc.Assemblies[name])))
		}
	}
	for _, c := range doc.Assemblies[name].Components {
		if only != "" && c.Name != only {
			continue
		}
		var in []placed.Use
		for _, u := range uses {
			if u.Component == c.Name {
				in = append(in, u)
			}
		}
		if len(in) == 0 {
			continue
		}
		if in[0].Path == "" {
			if k := b.of(in[0].Part); k >= 0 {
				root.Uses = append(root.Uses, Use{Name: c.Name, Part: k, Pose: in[0].Pose})
			}
			continue
		}
		k, ok := b.made[c.Assembly]
		if !ok || c.Flexible {
			k = b.group(called(doc.Assemblies[c.Assembly], c.Assembly), in, 0)
			if !c.Flexible {
				b.made[c.Assembly] = k
			}
		}
		if k >= 0 {
			root.Uses = append(root.Uses, Use{Name: c.Name, Product: k, Whole: true, Pose: in[0].Pose.Mul(in[0].In.Inverse())})
		}
	}
	if only != "" && len(root.Uses) == 1 {
		root.Uses[0].Pose = geom.Home
	}
	if len(root.Uses) == 0 {
		return nil, b.without, fmt.Errorf("nothing in it has a shape")
	}
	b.m.Products = append(b.m.Products, root)
	return b.m, b.without, nil
}

func componentNames(a *assembly.Assembly) (names []string) {
	for _, c := range a.Components {
		names = append(names, c.Name)
	}
	return names
}

func called(a *assembly.Assembly, key string) string {
	if a != nil && a.Name != "" {
		return a.Name
	}
	return key
}

type builder struct {
	m       *Model
	doc     *assembly.Document
	part    func(key string) (*view.Shape, []float64)
	parts   map[string]int
	made    map[string]int // products of assemblies
	without []string
}

// plainColor is that of a part that has none.
var plainColor = [3]float64{0.72, 0.74, 0.76}

// of is the number of a part, -1 of one without a shape.
func (b *builder) of(key string) int {
	if k, ok := b.parts[key]; ok {
		return k
	}
	shape, color := b.part(key)
	if shape == nil {
		b.parts[key] = -1
		b.without = append(b.without, key)
		return -1
	}
	p := Part{Key: key, Name: key, Shape: shape, Color: plainColor}
	if d := b.doc.Parts[key]; d != nil && d.Name != "" {
		p.Name = d.Name
	}
	if len(color) == 3 {
		p.Color = [3]float64(color)
	}
	b.m.Parts = append(b.m.Parts, p)
	b.parts[key] = len(b.m.Parts) - 1
	return len(b.m.Parts) - 1
}

// group makes a product of uses whose paths go on alike: each name on the way is a product of its own, where that has a level below.
func (b *builder) group(name string, uses []placed.Use, depth int) int {
	out := Product{Name: name}
	for i := 0; i < len(uses); {
		words := strings.Split(strings.TrimSuffix(uses[i].Path, "/"), "/")
		if depth >= len(words) {
			i++
			continue
		}
		j := i + 1
		for j < len(uses) {
			next := strings.Split(strings.TrimSuffix(uses[j].Path, "/"), "/")
			if depth >= len(next) || next[depth] != words[depth] {
				break
			}
			j++
		}
		if depth == len(words)-1 {
			if k := b.of(uses[i].Part); k >= 0 {
				out.Uses = append(out.Uses, Use{Name: words[depth], Part: k, Pose: uses[i].In})
			}
		} else if k := b.group(words[depth], uses[i:j], depth+1); k >= 0 {
			out.Uses = append(out.Uses, Use{Name: words[depth], Product: k, Whole: true, Pose: geom.Home})
		}
		i = j
	}
	if len(out.Uses) == 0 {
		return -1
	}
	b.m.Products = append(b.m.Products, out)
	return len(b.m.Products) - 1
}

// each visits every use of a part with where it stands.
func (m *Model) each(visit func(p *Part, at geom.Pose)) {
	var walk func(k int, at geom.Pose)
	walk = func(k int, at geom.Pose) {
		for _, u := range m.Products[k].Uses {
			if u.Whole {
				walk(u.Product, at.Mul(u.Pose))
			} else {
				visit(&m.Parts[u.Part], at.Mul(u.Pose))
			}
		}
	}
	walk(len(m.Products)-1, geom.Home)
}

// Recipe is what the kernel is told to write the model as STEP AP242: load names the file and the product in it that a part comes from.
func (m *Model) Recipe(out string, load func(key string) (file string, product int, ok bool)) (recipe string, without []string) {
	var b strings.Builder
	number := make([]int, len(m.Parts))
	products := make([]int, len(m.Products))
	count := 0
	for i, p := range m.Parts {
		file, product, ok := load(p.Key)
		if number[i] = -1; !ok {
			without = append(without, p.Key)
			continue
		}
		fmt.Fprintf(&b, "load %d %s\ncolor %g %g %g\nproduct %s\n", product, file, p.Color[0], p.Color[1], p.Color[2], oneLine(p.Name))
		number[i], count = count, count+1
	}
	for i, p := range m.Products {
		fmt.Fprintf(&b, "assembly %s\n", oneLine(p.Name))
		for _, u := range p.Uses {
			k := -1
			if u.Whole {
				k = products[u.Product]
			} else {
				k = number[u.Part]
			}
			if k >= 0 {
				o, q := u.Pose.O, u.Pose.Q
				fmt.Fprintf(&b, "use %d %.17g %.17g %.17g %.17g %.17g %.17g %.17g %s\n", k, o.X, o.Y, o.Z, q.W, q.X, q.Y, q.Z, oneLine(u.Name))
			}
		}
		products[i], count = count, count+1
	}
	b.WriteString("step242 " + out + "\n")
	return b.String(), without
}

// oneLine is a name as a recipe takes it.
func oneLine(s string) string {
	s = strings.Join(strings.Fields(s), " ")
	if s == "" {
		return "unnamed"
	}
	return s
}
