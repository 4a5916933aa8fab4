package relate

import (
	"cmp"
	"fmt"
	"math"
	"slices"

	"setfast/core/assembly"
	"setfast/core/part"
	"setfast/core/tol"
)

// What counts as a face in reach; common practice, no source.
const (
	reachFaces  = 3   // that are proposed
	reachArea   = 0.2 // of the component's largest face: lesser ones are not proposed
	reachShared = 0.2 // of the lesser face: what two share, seen along their normals
	reachRank   = 0.5 // below all that tells by its size
)

// facesInReach proposes to lay faces of the component on faces of others that they look at across a gap no wider than the component is large,
// the nearest first.
func (f *following) facesInReach() {
	flat := f.surfaces(f.unit, part.Plane)
	largest := 0.0
	for _, x := range flat {
		largest = math.Max(largest, areaOf(x))
	}
	reach := 2 * f.reach()
	var out []Next
	for _, x := range flat {
		if areaOf(x) < reachArea*largest {
			continue
		}
		for u := range f.s.units {
			if !f.on[u] {
				continue
			}
			for _, y := range f.surfaces(u, part.Plane) {
				gap := x.world.O.Sub(y.world.O).Dot(y.world.Z)
				if x.world.Z.Dot(y.world.Z) > -1+tol.LooksAt || gap < tol.NearlyMeets || gap > reach || !overlooks(x, y) {
					continue
				}
				out = append(out, Next{Kind: "face", On: f.s.units[u].name, ranking: reachRank - gap/reach*reachRank, At: at(y.world),
					Says:  fmt.Sprintf("face on face, %s mm away · %s", part.Number(three(gap)), f.s.units[u].name),
					Mates: []*assembly.Mate{f.mate("coincident", refTo(y), refTo(x), "opposed")}})
			}
		}
	}
	slices.SortStableFunc(out, func(a, b Next) int { return cmp.Compare(b.ranking, a.ranking) })
	f.out = append(f.out, out[:min(len(out), reachFaces)]...)
}

// overlooks tells whether two faces that look at each other share enough, seen along their normals.
func overlooks(x, y *surface) bool {
	fr := y.world.AsFrame()
	tx, ty := flatten(x.Triangles, x.at, fr), flatten(y.Triangles, y.at, fr)
	area, _, _ := common(tx, ty)
	return area > reachShared*math.Min(areaOf(x), areaOf(y))
}
