package account

import (
	"math"
	"sort"
)

// doubled finds the groups of relations that repeat each other: those tied together by combinations of their equations
// that cancel. Equations can only cancel around closed loops of bodies, so each two-connected block of the assembly is
// looked at by itself, if any of its relations removed less than it asked.
func (m *model) doubled(st settled) []DoubledGroup {
	var out []DoubledGroup
	var e *elimination
	for _, b := range m.blocks {
		if b.excess == 0 || m.stopped() {
			continue
		}
		if e == nil {
			e = newElimination(m, st.poses)
		}
		out = append(out, e.groups(b.rels, b.excess)...)
	}
	sort.SliceStable(out, func(i, j int) bool { return m.relOf[out[i].Mates[0]] < m.relOf[out[j].Mates[0]] })
	return out
}

// roundTo keeps n significant digits.
func roundTo(x float64, n int) float64 {
	if x == 0 {
		return 0
	}
	s := math.Pow(10, float64(n)-1-math.Floor(math.Log10(math.Abs(x))))
	return math.Round(x*s) / s
}
