package edit

import (
	"slices"

	"setfast/core/assembly"
)

// recopy changes the names of components in copies; those of what is gone go, and so do copies along or around it.
func (d *draft) recopy(f func(string) string) (back []Edit) {
	was := NewSheet(&d.Assembly, "copies")
	var now []assembly.Copies
	changed := false
	ref := func(r assembly.Ref) (assembly.Ref, bool) {
		if len(r.Path) == 0 {
			return r, true
		}
		n := f(r.Head())
		changed = changed || n != r.Head()
		r.Path = append([]string{n}, r.Path[1:]...)
		return r, n != ""
	}
	for _, k := range d.Copies {
		kept := true
		see := func(r *assembly.Ref) {
			to, there := ref(*r)
			*r, kept = to, kept && there
		}
		var of []string
		for _, name := range k.Of {
			n := name
			if d.Stack(name) == nil {
				n = f(name)
			}
			if n != "" && d.Place(n) < 0 && d.Stack(n) == nil {
				n = "" // a stack that went with its holes
			}
			changed = changed || n != name
			if n != "" {
				of = append(of, n)
			}
		}
		k.Of, k.Linear = of, slices.Clone(k.Linear)
		for i := range k.Linear {
			if k.Linear[i].Along != nil {
				r := *k.Linear[i].Along
				see(&r)
				k.Linear[i].Along = &r
			}
		}
		if k.Circular != nil {
			c := *k.Circular
			see(&c.Axis)
			k.Circular = &c
		}
		if k.Places != nil {
			p := assembly.Places{From: k.Places.From}
			see(&p.From)
			for _, r := range k.Places.To {
				if to, there := ref(r); there {
					p.To = append(p.To, to)
				}
			}
			kept = kept && len(p.To) > 0
			k.Places = &p
		}
		if kept && len(k.Of) > 0 {
			now = append(now, k)
		}
	}
	if !changed {
		return nil
	}
	d.Copies = slices.Clip(now)
	return []Edit{was}
}
