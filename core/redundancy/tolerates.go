package redundancy

import (
	"math"

	"setfast/core/dense"
	"setfast/core/report"
	"setfast/core/tol"
)

// surely is the change that no group can be too sensitive to: a miss is never larger than the change that causes it.
func (g *Repeats) surely() report.Tolerance {
	mm, deg := g.allowed.MM, g.allowed.Deg
	return report.Tolerance{MM: &mm, Deg: &deg}
}

// mostProducts bounds the work on what a group tolerates.
const mostProducts = 4e6

// tolerates finds the smallest change of one equation that shows beyond the tolerance. What a change leaves as a miss is its
// part in the span of the cancelling combinations, each equation taken at its own size.
func (g *Repeats) tolerates(cancel [][]Term) report.Tolerance {
	at := map[int]int{}
	var rows []int
	for _, c := range cancel {
		for _, w := range c {
			if _, ok := at[w.Row]; !ok {
				at[w.Row] = len(rows)
				rows = append(rows, w.Row)
			}
		}
	}
	if float64(len(cancel)*len(cancel)*len(rows)) > mostProducts {
		return g.surely()
	}
	eqs := g.e.Equations
	y := dense.New(len(rows), len(cancel))
	for k, c := range cancel {
		for _, w := range c {
			if l := eqs[w.Row].Length; l > 0 {
				y.Set(at[w.Row], k, w.X/l)
			}
		}
	}
	q := dense.Orthonormal(y, tol.Independent)
	mm, degrees := math.Inf(1), math.Inf(1)
	for i := range rows {
		mine := q.Row(i)
		if dense.Norm(mine) < tol.Independent {
			continue
		}
		need := math.Inf(1)
		for j := range rows {
			if p := math.Abs(dense.Dot(mine, q.Row(j))); p > tol.NoPart {
				need = math.Min(need, g.bound(eqs[rows[j]].Angular)/p)
			}
		}
		if eqs[rows[i]].Angular {
			degrees = math.Min(degrees, need/tol.AngleWeight*180/math.Pi)
		} else {
			mm = math.Min(mm, need)
		}
	}
	return report.Tolerance{MM: finite(mm), Deg: finite(degrees)}
}

// bound is the tolerance of an equation, in its weighted mm.
func (g *Repeats) bound(angular bool) float64 {
	if angular {
		return g.allowed.Deg * math.Pi / 180 * tol.AngleWeight
	}
	return g.allowed.MM
}

// finite rounds a bound for people; none is nil.
func finite(x float64) *float64 {
	if math.IsInf(x, 1) {
		return nil
	}
	x = report.Significant(x, 6)
	return &x
}
