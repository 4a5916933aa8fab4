package kernel

import (
	"fmt"

	"setfast/core/assembly"
	"setfast/core/part"
)

// Placed is an import as a document: its products as parts and assemblies, placed as in the file, with no relations yet.
type Placed struct {
	Document *assembly.Document
	Surfaces map[string][]part.Surface // per part
	Derived  map[string]*Derived
	Left     []string // uses that are no rigid placement, being mirrored or scaled
}

// Document makes a document of an import. path is how its parts name the file, sha its SHA-256. A file without a product tree gives one
// assembly of all its parts.
func (im *Import) Document(path, sha string) (*Placed, error) {
	d := &placing{im: im, names: map[string]bool{}, made: map[string]string{}, out: &Placed{Surfaces: map[string][]part.Surface{}, Derived: map[string]*Derived{},
		Document: &assembly.Document{Settings: assembly.DefaultSettings, Parts: map[string]*part.Part{}, Assemblies: map[string]*assembly.Assembly{}}}}
	doc := d.out.Document
	for i := range im.Parts {
		derived := Derive(im.Parts[i])
		p := derived.Part()
		p.Source = part.Source{Format: Format(path), Path: path, SHA256: sha}
		if len(im.Parts) > 1 {
			p.Source.Product = i + 1
		}
		key := free(d.names, im.PartName(i))
		doc.Parts[key] = p
		doc.PartOrder = append(doc.PartOrder, key)
		d.keys = append(d.keys, key)
		d.out.Surfaces[key], d.out.Derived[key] = derived.Surfaces(), derived
	}
	if len(im.Roots) == 1 && len(im.Roots[0].Children) > 0 {
		doc.Root = d.assembly(im.Roots[0])
		return d.out, nil
	}
	if len(im.Roots) == 0 {
		return nil, fmt.Errorf("it places nothing")
	}
	doc.Root = d.assembly(&Node{Product: "assembly", Children: im.Roots, Part: -1, Key: "\x00"})
	return d.out, nil
}

// placing is a document in the making.
type placing struct {
	im    *Import
	out   *Placed
	keys  []string // of parts
	names map[string]bool
	made  map[string]string // node → assembly
}

func (d *placing) assembly(n *Node) string {
	if key, ok := d.made[n.Key]; ok {
		return key
	}
	want := n.Product
	if want == "" {
		want = n.Name
	}
	if want == "" {
		want = "assembly"
	}
	key := free(d.names, want)
	d.made[n.Key] = key
	a := &assembly.Assembly{}
	taken := map[string]bool{}
	for _, c := range n.Children {
		k := &assembly.Component{Pose: c.Pose}
		want := c.Name
		switch {
		case c.Scaled:
			d.out.Left = append(d.out.Left, want)
			continue
		case c.Part >= 0:
			k.Part = d.keys[c.Part]
			if want == "" {
				want = k.Part
			}
		case len(c.Children) > 0:
			k.Assembly = d.assembly(c)
			if want == "" {
				want = k.Assembly
			}
		default:
			continue
		}
		k.Name = free(taken, want)
		a.Components = append(a.Components, k)
	}
	d.out.Document.Assemblies[key] = a.Seal()
	d.out.Document.Order = append(d.out.Document.Order, key)
	return key
}

// free makes a name that is not taken, and takes it.
func free(taken map[string]bool, want string) string {
	name := assembly.FreeName(want, func(n string) bool { return taken[n] })
	taken[name] = true
	return name
}
