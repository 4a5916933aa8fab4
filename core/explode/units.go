package explode

import (
	"cmp"
	"fmt"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/near"
	"setfast/core/placed"
	"setfast/core/report"
)

// Units are the components of an assembly that is laid out and solved, and what stays: the first that is grounded.
func Units(doc *assembly.Document, rep *report.Report, name string, solids func(part string) *clash.Solid) (units []Unit, base string) {
	a := doc.Assemblies[name]
	at := map[string]int{}
	for _, c := range a.Components {
		if c.Suppressed {
			continue
		}
		uses, _ := placed.Of(doc, rep, name, c, mostParts)
		items := make([]clash.Item, len(uses))
		for i := range uses {
			items[i] = clash.Item{Name: uses[i].Name(), Solid: solids(uses[i].Part), Pose: uses[i].Pose}
		}
		at[c.Name] = len(units)
		units = append(units, unitOf(doc, c, c.Name, items))
		if c.Grounded && base == "" {
			base = c.Name
		}
	}
	for _, m := range a.Mates {
		if m.Suppressed || m.IsCoupling() {
			continue
		}
		i, one := at[m.A.Head()]
		j, two := at[m.B.Head()]
		if one && two && !slices.Contains(units[i].On, units[j].Name) {
			units[i].On = append(units[i].On, units[j].Name)
		}
	}
	return units, base
}

// unitOf is a component, with what it is opened into; items are the parts in it.
func unitOf(doc *assembly.Document, c *assembly.Component, path string, items []clash.Item) Unit {
	u := Unit{Name: path, Alike: cmp.Or(c.Part, c.Assembly), Items: items, Grounded: c.Grounded}
	if p := doc.Parts[c.Part]; p != nil {
		u.Fastener = p.Fastener
	}
	if c.Flexible {
		u.Alike = ""
	}
	if sub := doc.Assemblies[c.Assembly]; c.Assembly != "" && sub != nil {
		for _, k := range sub.Components {
			if k.Suppressed {
				continue
			}
			own := path + "/" + k.Name
			var in []clash.Item
			for _, x := range items {
				if x.Name == own || strings.HasPrefix(x.Name, own+"/") {
					in = append(in, x)
				}
			}
			u.Sub = append(u.Sub, unitOf(doc, k, own, in))
		}
	}
	return u
}

// mostParts is how many parts of one component are looked at.
const mostParts = 100_000

// Say puts what an assembly says of coming apart into the options: of all of it, or only of what leaves in the way that is named.
func (o *Options) Say(a *assembly.Assembly, name string) error {
	steps := a.Explode
	if name != "" {
		k := slices.IndexFunc(a.Explosions, func(x assembly.Explosion) bool { return x.Name == name })
		if k < 0 {
			var names []string
			for _, x := range a.Explosions {
				names = append(names, x.Name)
			}
			return fmt.Errorf("there is no explosion %q%s", name, near.Hint(name, names))
		}
		steps, o.Only = a.Explosions[k].Steps, true
	}
	for _, s := range steps {
		o.Said = append(o.Said, Step{Parts: s.Parts, Along: s.Along.Array(), By: s.By})
	}
	return nil
}
