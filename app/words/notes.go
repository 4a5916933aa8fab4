package words

import (
	"fmt"

	"setfast/core/assembly"
)

// Notes explain what is allowed and yet most likely a slip: nothing grounded, and relations within one component.
func Notes(a *assembly.Assembly) (notes []string) {
	placed, held := false, false
	flexible := map[string]bool{}
	for _, c := range a.Components {
		if c.Suppressed {
			continue
		}
		placed, held = true, held || c.Grounded
		flexible[c.Name] = c.Flexible
	}
	for _, m := range a.Mates {
		if m.IsCoupling() || m.Suppressed {
			continue
		}
		one, other := m.A.Head(), m.B.Head()
		held = held || one == "" || other == ""
		if one != other || flexible[one] {
			continue
		}
		if one == "" {
			notes = append(notes, fmt.Sprintf("%s stands between two of the assembly's own features, so it removes nothing; put one of them on a part", m.ID))
		} else {
			notes = append(notes, fmt.Sprintf("%s stands within one component, %s, so it removes nothing; put one of its features on another", m.ID, one))
		}
	}
	if placed && !held {
		notes = append([]string{"nothing is grounded, so six of the freedoms left are those of the whole; ground the base, or relate it to the assembly's own planes"}, notes...)
	}
	return notes
}

// samePlace, mm and a sine: copies this near to one another stand at one place.
const samePlace = 1e-4

// Twice tells of copies that stand in one another, where all stand at their solved poses.
func Twice(a *assembly.Assembly) (notes []string) {
	first := map[string][]*assembly.Component{}
	for _, c := range a.Components {
		if c.Suppressed {
			continue
		}
		key := c.Part + "/" + c.Assembly
		for _, o := range first[key] {
			if c.Pose.O.Sub(o.Pose.O).Norm() < samePlace && c.Pose.Q.Mul(o.Pose.Q.Conj()).Log().Norm() < samePlace {
				notes = append(notes, fmt.Sprintf("%s stands in %s, at the very same place; remove one, or put it where it belongs", c.Name, o.Name))
				break
			}
		}
		first[key] = append(first[key], c)
	}
	return notes
}
