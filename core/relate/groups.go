package relate

import (
	"fmt"
	"math"
	"strings"

	"setfast/core/geom"
)

// Group is what is accepted or refused together: a stack of fasteners, a pattern of alike ones, or what seats one component.
type Group struct {
	Kind       string   `json:"kind"` // pattern, stack, or seat
	Name       string   `json:"name"`
	Components []string `json:"components"`
	Relations  []string `json:"relations"` // ids
	Removes    int      `json:"removes"`
}

// groups puts relations together that are looked at together: fasteners on one axis are a stack, stacks of the same parts a pattern; every
// other component is a group of its own.
func (s *scene) groups(f *Found) []Group {
	of := map[string][]*Relation{} // by component that is put
	for i := range f.Relations {
		r := &f.Relations[i]
		head, _, _ := strings.Cut(r.B, "/")
		of[head] = append(of[head], r)
	}
	unitOf := map[string]int{}
	for u := range s.units {
		unitOf[s.units[u].name] = u
	}
	stacks := map[string]int{} // axis → group
	var out []Group
	var parts []string // what each group is made of
	for _, name := range f.Order {
		list := of[name]
		if len(list) == 0 {
			continue
		}
		u := unitOf[name]
		g := Group{Kind: "seat", Name: name}
		k := -1
		if s.units[u].fastener {
			g.Kind = "stack"
			if axis, ok := s.axisOf(list); ok {
				if at, had := stacks[axis]; had {
					k = at
				} else {
					stacks[axis] = len(out)
				}
			}
		}
		if k < 0 {
			k = len(out)
			out, parts = append(out, g), append(parts, "")
		}
		t := &out[k]
		t.Components = append(t.Components, name)
		parts[k] += s.asm.Component(name).Part + s.asm.Component(name).Assembly + "\x00"
		for _, r := range list {
			t.Relations = append(t.Relations, r.ID)
			t.Removes += r.Removes
		}
	}
	return patterns(out, parts)
}

// patterns makes one group of stacks of the same parts.
func patterns(list []Group, parts []string) []Group {
	out := []Group{}
	at := map[string]int{}
	many := map[string]int{}
	for i, g := range list {
		k, had := at[parts[i]]
		if g.Kind != "stack" || !had {
			at[parts[i]] = len(out)
			out = append(out, g)
			continue
		}
		t := &out[k]
		t.Kind = "pattern"
		t.Components, t.Relations, t.Removes = append(t.Components, g.Components...), append(t.Relations, g.Relations...), t.Removes+g.Removes
		many[parts[i]]++
		t.Name = fmt.Sprintf("%d × %s", many[parts[i]]+1, t.Components[0])
	}
	return out
}

// axisOf is the line that a component's first axis lies on, as a word that is the same for the same line.
func (s *scene) axisOf(list []*Relation) (string, bool) {
	for _, r := range list {
		if r.Type != "rim" && r.Type != "concentric" {
			continue
		}
		f, err := s.doc.Feature(s.asm, r.Mate.A)
		if err != nil {
			continue
		}
		at := geom.Home
		a := s.asm
		for _, n := range r.Mate.A.Path {
			c := a.Component(n)
			at = at.Mul(c.Pose)
			a = s.doc.Assemblies[c.Assembly]
			if a == nil {
				break
			}
		}
		f = f.At(at)
		z := up(f.Z)
		o := f.O.Reject(z)
		r := func(x float64) float64 { return math.Round(x*1000)/1000 + 0 }
		return fmt.Sprint(r(z.X), r(z.Y), r(z.Z), r(o.X), r(o.Y), r(o.Z)), true
	}
	return "", false
}
