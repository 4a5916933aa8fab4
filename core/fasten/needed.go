package fasten

import (
	"cmp"
	"slices"

	"setfast/core/standard"
)

// Need is what is to be bought of one fastener.
type Need struct {
	Designation, Material, Finish string
	Quantity                      int
	Mass                          float64 // kg each
	Stock                         bool    // its length is one that is made
}

// Needed sums up what joints are made of.
func Needed(joints []Joint) (out []Need) {
	count := map[string]int{}
	for _, j := range joints {
		for _, p := range j.Parts {
			count[p] += j.Screws
		}
	}
	for name, n := range count {
		f, err := standard.Read(name)
		if err != nil {
			continue // joints name what was read
		}
		out = append(out, Need{name, f.Material, f.Finish, n, f.Mass(), f.InStock()})
	}
	slices.SortFunc(out, func(a, b Need) int { return cmp.Compare(a.Designation, b.Designation) })
	return out
}
