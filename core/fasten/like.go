package fasten

import (
	"fmt"
	"math"
	"slices"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/core/standard"
	"setfast/core/tol"
)

// Like finds how wide a hole is at its narrowest, and the holes of its part that are like it: as wide, along it, one name for each; the hole itself
// comes first.
func Like(doc *assembly.Document, rep *report.Report, name string, ref assembly.Ref) (wide float64, like []assembly.Ref, err error) {
	s := &stacking{doc: doc, name: name}
	s.gather(rep)
	u := s.use(pathOf(ref))
	if u == nil {
		return 0, nil, fmt.Errorf("there is no part %q", pathOf(ref))
	}
	f, ok := u.part.Feature(ref.Feature)
	if !ok || !f.HasAxis() {
		return 0, nil, fmt.Errorf("%s is no hole: it has no axis", ref)
	}
	g := f.At(u.pose)
	a := axis{g.O, g.Z}
	own := boreOf(u, a)
	if own == nil {
		return 0, nil, fmt.Errorf("%s is no hole that begins and ends", ref)
	}
	like = []assembly.Ref{u.ref(own.hole)}
	at := []geom.Vec{a.o}
	for _, n := range u.part.Order {
		k := u.part.Features[n]
		if k.Kind != part.Cylinder || k.Side == "shaft" || math.Abs(k.Radius-own.radius) > tol.SameRadius {
			continue
		}
		k = k.At(u.pose)
		if !a.runs(k.Z) || slices.ContainsFunc(at, func(o geom.Vec) bool { return k.O.Sub(o).Reject(a.z).Norm() < tol.BoreMeets }) {
			continue
		}
		if b := boreOf(u, axis{k.O, a.z}); b != nil && math.Abs(b.radius-own.radius) < tol.SameRadius && math.Abs((b.top()-b.bottom())-(own.top()-own.bottom())) < tol.BoreMeets {
			like, at = append(like, u.ref(n)), append(at, k.O)
		}
	}
	return 2 * own.radius, like, nil
}

// ThreadFor names the metric thread whose clearance holes a hole is nearest to; empty where it is for none.
func ThreadFor(hole float64) string {
	best, off := "", math.Inf(1)
	for _, h := range standard.Holes() {
		if d := math.Abs(hole - h.Medium); !h.Inch && hole > h.D && hole < h.Coarse+h.D/10 && d < off {
			best, off = h.Thread, d
		}
	}
	return best
}
