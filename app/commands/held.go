package commands

import (
	"slices"
	"strings"

	"setfast/core/assembly"
)

// HeldBy names a stack or copies that stand on any of some components; none, nothing does.
func HeldBy(a *assembly.Assembly, names []string) string {
	on := func(head string) bool { return slices.Contains(names, head) }
	for _, s := range a.Stacks {
		refs := append(slices.Clone(s.Holes), s.Into...)
		if slices.ContainsFunc(refs, func(r assembly.Ref) bool { return on(r.Head()) }) ||
			slices.ContainsFunc(append(slices.Clone(s.Through), s.HeadOn), func(p string) bool { head, _, _ := strings.Cut(p, "/"); return on(head) }) {
			return "the fastening " + s.Name
		}
	}
	for _, c := range a.Copies {
		heads := slices.Clone(c.Of)
		for _, l := range c.Linear {
			if l.Along != nil {
				heads = append(heads, l.Along.Head())
			}
		}
		if c.Circular != nil {
			heads = append(heads, c.Circular.Axis.Head())
		}
		if c.Places != nil {
			heads = append(heads, c.Places.From.Head())
			for _, r := range c.Places.To {
				heads = append(heads, r.Head())
			}
		}
		if slices.ContainsFunc(heads, on) {
			return "the copies " + c.Name
		}
	}
	return ""
}
