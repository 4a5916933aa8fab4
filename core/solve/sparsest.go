package solve

import (
	"math"

	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/tol"
)

// Sparsest looks for poses at which as few of some relations as possible miss, and these wholly, where least squares would have all miss
// a little: least squares is weighted anew, again and again, by 1/(r² + δ²) of each relation's residual r, while δ falls (the sum of
// logarithms of Candès, Wakin and Boyd, Enhancing sparsity by reweighted ℓ1 minimization, 2008). Of relations that would do as well the
// one with the lesser price misses. It finds a few, not always the fewest.
func (s *System) Sparsest(rels []int, from []geom.Pose, price func(rel int) float64) []geom.Pose {
	p := s.Part(rels)
	poses := p.Take(from)
	var bodies []int
	for b := range p.System.Bodies {
		if !p.System.Bodies[b].Fixed {
			bodies = append(bodies, b)
		}
	}
	if len(bodies) == 0 {
		return from
	}
	var pat *pattern
	if len(bodies) > 1 {
		pat = newPattern(len(bodies), p.worker().neighbours(p.System, bodies, p.Rels))
	}
	weight := make([]float64, len(rels))
	miss := func() (worst float64) {
		for k, r := range p.Rels {
			m := p.Miss(r, poses)
			weight[k] = m.Length()
			worst = math.Max(worst, weight[k])
		}
		return worst
	}
	for small := miss(); small > tol.Sparse; small *= tol.Sparser {
		for k, i := range rels {
			weight[k] = math.Sqrt(price(i)) * small / math.Hypot(weight[k], small) // the square root of the weight
		}
		p.work.weight = weight
		p.newtonOn(pat, bodies, p.Rels, poses, effort{iterations: 2})
		p.work.weight = nil
		if p.Stopped() {
			break
		}
		miss()
	}
	return p.Give(from, poses)
}

// weigh scales the rows of a relation.
func weigh(rows []relation.Row, by float64) {
	for i := range rows {
		rows[i].R *= by
		for k := range rows[i].N {
			for q := range rows[i].G[k] {
				rows[i].G[k][q] *= by
			}
		}
	}
}
